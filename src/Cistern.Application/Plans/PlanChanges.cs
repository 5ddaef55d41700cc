namespace Cistern.Application.Plans;

/// <summary>
/// Changes plans: each change is a revision. A page computes a change from what it read, without a lock; the change is saved only if
/// that is still current, and otherwise computed again.
/// </summary>
/// <param name="db">The context of the data file.</param>
/// <param name="rows">Writes plans.</param>
public sealed class PlanChanges(CisternDb db, PlanRows rows)
{
    /// <summary>The most revisions that can be undone.</summary>
    public const int MaxRevisions = 100;

    /// <summary>Saves a change. A recipe, a brew or a saved plan that is changed gets a stored plan of its own.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">The changed state.</param>
    /// <param name="what">What was changed, in a few words.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>The changed plan; null where somebody else has changed it meanwhile, so that the change must be computed again.</returns>
    public Task<OpenPlan?> ChangeAsync(OpenPlan plan, PlanState state, string what, PlanRequest request, CancellationToken ct) => rows.AtomicallyAsync(plan, async () =>
    {
        var stored = await rows.StoredToChangeAsync(plan, ct);
        var position = stored.Position + 1;
        await db.Revisions.Where(revision => revision.StoredPlanId == stored.Id && (revision.Position >= position || revision.Position < position - MaxRevisions)).ExecuteDeleteAsync(ct);
        db.Revisions.Add(new PlanRevision { StoredPlanId = stored.Id, Position = position, StateJson = PlanRows.Detached(plan, state).ToJson(), What = PlanRows.Truncated(what), AtMs = rows.NowMs });
        stored.Position = position;
        rows.Touch(stored, request);
        return stored.Id;
    }, request, ct);

    /// <summary>Saves when the drink of a plan is wanted. A recipe or a brew gets a stored plan of its own; a saved plan is unchanged.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="wantedAtMs">When, UTC milliseconds; null for no schedule.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>The changed plan; null where somebody else has changed it meanwhile.</returns>
    public Task<OpenPlan?> ScheduleAsync(OpenPlan plan, long? wantedAtMs, PlanRequest request, CancellationToken ct) => rows.AtomicallyAsync(plan, async () =>
    {
        var stored = plan.Stored is { } own ? await db.Plans.FirstAsync(row => row.Id == own.Id, ct) : await rows.StoredToChangeAsync(plan, ct);
        stored.WantedAtMs = wantedAtMs;
        rows.Touch(stored, request);
        return stored.Id;
    }, request, ct);

    /// <summary>Undoes (−1) or redoes (+1) a revision.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="by">Which way.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>The changed plan; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> StepAsync(OpenPlan plan, int by, PlanRequest request, CancellationToken ct)
    {
        if (plan.Stored is null || plan.IsSaved || (by < 0 ? plan.Undo : plan.Redo) is null)
        {
            return plan;
        }

        return await rows.AtomicallyAsync(plan, async () =>
        {
            var stored = await rows.StoredToChangeAsync(plan, ct);
            stored.Position += by;
            rows.Touch(stored, request);
            return stored.Id;
        }, request, ct);
    }

    /// <summary>Makes the current state the one that the plan is compared with.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>The changed plan; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> AcceptAsync(OpenPlan plan, PlanRequest request, CancellationToken ct)
    {
        if (plan.Stored is null || plan.IsSaved)
        {
            return plan;
        }

        return await rows.AtomicallyAsync(plan, async () =>
        {
            var stored = await rows.StoredToChangeAsync(plan, ct);
            stored.AcceptedJson = plan.State.ToJson();
            return stored.Id;
        }, request, ct);
    }
}
