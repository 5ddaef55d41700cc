using Cistern.Data.Plans;

namespace Cistern.Application.Plans;

/// <summary>A plan as it lies open: a recipe of the library, a brew of the log, a plan that was kept, or a stored plan being worked on.</summary>
/// <param name="Id">As the address names it.</param>
/// <param name="Stored">Its stored plan; null for a recipe or a brew nobody has changed yet.</param>
/// <param name="State">How it stands.</param>
/// <param name="Accepted">What it is held against.</param>
/// <param name="Undo">What an undo takes back, or null.</param>
/// <param name="Redo">What a redo does again, or null.</param>
public sealed record OpenPlan(string Id, StoredPlan? Stored, PlanState State, PlanState Accepted, string? Undo, string? Redo)
{
    /// <summary>The stored plan it came from, where that was a kept plan.</summary>
    public StoredPlan? Parent { get; init; }

    /// <summary>The row of the change it stands at: another one there, and what was seen is not what is changed.</summary>
    public int RevisionId { get; init; }

    /// <summary>Kept under its name: a change of it begins a stored plan of its own.</summary>
    public bool Kept => Stored?.KeptAtMs is not null;
}

/// <summary>A plan whose present state cannot be read: shown as such, with what there is to go back to.</summary>
/// <param name="Stored">Its stored plan.</param>
/// <param name="Why">What is wrong with it.</param>
/// <param name="Back">What was changed by the last revision that can be read; null where there is none.</param>
/// <param name="Raw">What stands there.</param>
public sealed record BrokenPlan(StoredPlan Stored, string Why, string? Back, string Raw);

/// <summary>Somebody's wish to change a plan: who, when, and the key that makes it count once.</summary>
/// <param name="Key">Made by the page; the same again is the same wish, sent because its answer was lost.</param>
/// <param name="BaristaId">Who asks, or null.</param>
public readonly record struct PlanWish(Guid Key, int? BaristaId);
