using Cistern.Data.Shelf;

namespace Cistern.Data.Plans;

/// <summary>
/// A plan somebody is working on, or has kept. Every change of it is a revision, so that it can be undone and done again; a
/// kept plan knows which it came from, what was changed, and why.
/// </summary>
public sealed class StoredPlan : IShelved
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>What it is called.</summary>
    public required string Name { get; set; }

    /// <summary>The recipe of the library it goes back to, or its own name as a slug where it was imported.</summary>
    public required string RecipeId { get; set; }

    /// <summary>The stored plan it was made from, or null.</summary>
    public int? ParentId { get; set; }

    /// <summary>What it was made from was called so.</summary>
    public string ParentName { get; set; } = "";

    /// <summary>What is different from what it came from, in words, when it was kept.</summary>
    public string What { get; set; } = "";

    /// <summary>Why, in the barista's words.</summary>
    public string Why { get; set; } = "";

    /// <summary>The brew it was made from as the next of its line, or null.</summary>
    public int? FromBrewId { get; set; }

    /// <summary>What was changed from that one, as <see cref="Brews.SeriesChange"/> writes it; else empty.</summary>
    public string ChangedJson { get; set; } = "";

    /// <summary>Who changed it last, or null.</summary>
    public int? BaristaId { get; set; }

    /// <summary>When it was kept under its name; null for one that is only being worked on.</summary>
    public long? KeptAtMs { get; set; }

    /// <summary>When it was changed last, UTC milliseconds.</summary>
    public long ChangedAtMs { get; set; }

    /// <summary>When it was taken away, UTC milliseconds; null while it is there.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>When its cup is wanted, UTC milliseconds; null where that is not planned.</summary>
    public long? WantedAtMs { get; set; }

    /// <summary>The revision it stands at.</summary>
    public int Position { get; set; }

    /// <summary>The state it is held against: the dotted brew chart.</summary>
    public required string AcceptedJson { get; set; }

    /// <summary>Its changes, as far back as they can be undone.</summary>
    public List<PlanRevision> Revisions { get; } = [];
}

/// <summary>The members of a stored plan's recipe that this version does not know, kept once beside all its revisions.</summary>
public sealed class PlanExtra
{
    /// <summary>The plan it belongs to.</summary>
    public int StoredPlanId { get; set; }

    /// <summary>As <see cref="Core.Recipes.ExtraMembers"/> writes them.</summary>
    public required string Json { get; set; }
}

/// <summary>Something that was asked for and done: asked again under the same key, because the answer was lost, it is not done again.</summary>
public sealed class IdempotentRequest
{
    /// <summary>Made by the page that asked.</summary>
    public Guid Key { get; set; }

    /// <summary>Where what came of it is to be seen.</summary>
    public required string Address { get; set; }

    /// <summary>When it was done, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}

/// <summary>One change of a plan.</summary>
public sealed class PlanRevision
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The plan it belongs to.</summary>
    public int StoredPlanId { get; set; }

    /// <summary>Its place among them, counted from 0.</summary>
    public int Position { get; set; }

    /// <summary>The plan after the change.</summary>
    public required string StateJson { get; set; }

    /// <summary>What was changed, in a few words.</summary>
    public required string What { get; set; }

    /// <summary>When it was changed, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}
