namespace Cistern.Application.Plans;

/// <summary>An open plan: a library recipe, a brew of the log, a saved plan, or a plan in progress.</summary>
/// <param name="Id">The id in its address.</param>
/// <param name="Stored">Its stored plan; null for a recipe or a brew that was not changed yet.</param>
/// <param name="State">Its current state.</param>
/// <param name="Accepted">The state it is compared with.</param>
/// <param name="Undo">What an undo takes back, or null.</param>
/// <param name="Redo">What a redo does again, or null.</param>
public sealed record OpenPlan(string Id, StoredPlan? Stored, PlanState State, PlanState Accepted, string? Undo, string? Redo)
{
    /// <summary>The saved plan it came from, where there is one.</summary>
    public StoredPlan? Parent { get; init; }

    /// <summary>The id of its current revision: if another one is current, the plan was changed meanwhile.</summary>
    public int RevisionId { get; init; }

    /// <summary>Whether it is saved under its name, so that a change starts a stored plan of its own.</summary>
    public bool IsSaved => Stored?.SavedAtMs is not null;
}

/// <summary>A plan whose current state cannot be read, with what can be restored.</summary>
/// <param name="Stored">Its stored plan.</param>
/// <param name="Why">What is wrong.</param>
/// <param name="Back">What the last readable revision changed; null where there is none.</param>
/// <param name="Raw">The stored text.</param>
public sealed record BrokenPlan(StoredPlan Stored, string Why, string? Back, string Raw);

/// <summary>A request to change a plan: who asks, and the key that makes it count once.</summary>
/// <param name="Key">Created by the page; the same key again is the same request, sent because its answer was lost.</param>
/// <param name="BaristaId">Who asks, or null.</param>
public readonly record struct PlanRequest(Guid Key, int? BaristaId);
