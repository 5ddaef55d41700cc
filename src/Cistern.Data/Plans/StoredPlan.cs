using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Plans;

/// <summary>
/// A plan in progress, or saved. Every change is a revision, so that it can be undone and redone; a saved plan records which one it
/// came from, what was changed, and why.
/// </summary>
public sealed class StoredPlan : IShelved
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>The id of the library recipe it derives from, or a slug of its own name where it was imported.</summary>
    public required string RecipeId { get; set; }

    /// <summary>The stored plan it was made from, or null.</summary>
    public int? ParentId { get; set; }

    /// <summary>What it was made from was called so.</summary>
    public string ParentName { get; set; } = "";

    /// <summary>How it differs from the plan it came from, in words, when it was saved.</summary>
    public string What { get; set; } = "";

    /// <summary>Why, in the barista's words.</summary>
    public string Why { get; set; } = "";

    /// <summary>The brew it was made from as the next of its series, or null.</summary>
    public int? FromBrewId { get; set; }

    /// <summary>What was changed from that one, as written by <see cref="Brews.SeriesChange"/>; else empty.</summary>
    public string ChangedJson { get; set; } = "";

    /// <summary>Who changed it last, or null.</summary>
    public int? BaristaId { get; set; }

    /// <summary>When it was saved under its name; null for a plan in progress.</summary>
    [Column("KeptAtMs")]
    public long? SavedAtMs { get; set; }

    /// <summary>When it was changed last, UTC milliseconds.</summary>
    public long ChangedAtMs { get; set; }

    /// <summary>When it was deleted, UTC milliseconds; null otherwise.</summary>
    public long? RemovedAtMs { get; set; }

    /// <summary>When its cup is wanted, UTC milliseconds; null where that is not planned.</summary>
    public long? WantedAtMs { get; set; }

    /// <summary>The revision it stands at.</summary>
    public int Position { get; set; }

    /// <summary>The state that the plan is compared with: the dotted brew chart.</summary>
    public required string AcceptedJson { get; set; }

    /// <summary>Its changes, as far as they can be undone.</summary>
    public List<PlanRevision> Revisions { get; } = [];
}

/// <summary>Unknown members of a stored plan's recipe, kept once for all its revisions.</summary>
public sealed class PlanExtra
{
    /// <summary>The plan it belongs to.</summary>
    public int StoredPlanId { get; set; }

    /// <summary>As written by <see cref="Core.Recipes.ExtraMembers"/>.</summary>
    public required string Json { get; set; }
}

/// <summary>A request that was carried out. Sent again with the same key, because the answer was lost, it is not repeated.</summary>
public sealed class IdempotentRequest
{
    /// <summary>Made by the page that asked.</summary>
    public Guid Key { get; set; }

    /// <summary>The address of the result.</summary>
    public required string Address { get; set; }

    /// <summary>When it was done, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}

/// <summary>One change of a plan.</summary>
public sealed class PlanRevision
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The plan it belongs to.</summary>
    public int StoredPlanId { get; set; }

    /// <summary>Its index among the revisions.</summary>
    public int Position { get; set; }

    /// <summary>The plan after the change.</summary>
    public required string StateJson { get; set; }

    /// <summary>What was changed, in a few words.</summary>
    public required string What { get; set; }

    /// <summary>When it was changed, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}
