using Cistern.Data.Shelf;

namespace Cistern.Data.Plans;

/// <summary>
/// A plan somebody is working on, or has kept. Every change of it is a revision, so that it can be undone and done again; a
/// kept plan knows which it came from, what was changed, and why.
/// </summary>
public sealed class StoredPlan : IShelved
{
    public int Id { get; set; }

    public required string Name { get; set; }

    /// <summary>The recipe of the library it goes back to, or its own name as a slug where it was imported.</summary>
    public required string RecipeId { get; set; }

    /// <summary>The stored plan it was made from, or null.</summary>
    public int? ParentId { get; set; }

    public string ParentName { get; set; } = "";

    /// <summary>What is different from what it came from, in words, when it was kept.</summary>
    public string What { get; set; } = "";

    /// <summary>Why, in the barista's words.</summary>
    public string Why { get; set; } = "";

    public int? BaristaId { get; set; }

    /// <summary>When it was kept under its name; null for one that is only being worked on.</summary>
    public long? KeptAtMs { get; set; }

    public long ChangedAtMs { get; set; }

    public long? RemovedAtMs { get; set; }

    /// <summary>The revision it stands at.</summary>
    public int Position { get; set; }

    /// <summary>The state it is held against: the dotted tide.</summary>
    public required string AcceptedJson { get; set; }

    public List<PlanRevision> Revisions { get; } = [];
}

/// <summary>The members of a stored plan's recipe that this version does not know, kept once beside all its revisions.</summary>
public sealed class PlanExtra
{
    public int StoredPlanId { get; set; }

    /// <summary>As <see cref="Core.Recipes.ExtraMembers"/> writes them.</summary>
    public required string Json { get; set; }
}

/// <summary>Something that was asked for and done: asked again under the same key, because the answer was lost, it is not done again.</summary>
public sealed class DoneJob
{
    /// <summary>Made by the page that asked.</summary>
    public Guid Key { get; set; }

    /// <summary>Where what came of it is to be seen.</summary>
    public required string Address { get; set; }

    public long AtMs { get; set; }
}

/// <summary>One change of a plan.</summary>
public sealed class PlanRevision
{
    public int Id { get; set; }

    public int StoredPlanId { get; set; }

    public int Position { get; set; }

    /// <summary>The plan after the change.</summary>
    public required string StateJson { get; set; }

    /// <summary>What was changed, in a few words.</summary>
    public required string What { get; set; }

    public long AtMs { get; set; }
}
