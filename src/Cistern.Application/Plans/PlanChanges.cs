using Cistern.Data;
using Cistern.Data.Plans;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Plans;

/// <summary>Changes plans: each change is a revision. Nothing is computed in here and nothing is held while a page computes: a change is worked out on what was read, and taken only if that still stands; otherwise it is worked out anew on what does.</summary>
/// <param name="db">The data.</param>
/// <param name="rows">How a plan is written.</param>
public sealed class PlanChanges(CisternDb db, PlanRows rows)
{
    /// <summary>The most revisions that can be undone.</summary>
    public const int MostRevisions = 100;

    /// <summary>Keeps a change. A recipe, a brew or a kept plan that is changed gets a stored plan of its own.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">What came of the change.</param>
    /// <param name="what">What was changed, in a few words.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile, so that it has to be worked out anew.</returns>
    public Task<OpenPlan?> ChangeAsync(OpenPlan plan, PlanState state, string what, PlanWish wish, CancellationToken ct) => rows.AtomicallyAsync(plan, async () =>
    {
        var stored = await rows.StoredToChangeAsync(plan, ct);
        var position = stored.Position + 1;
        await db.Revisions.Where(revision => revision.StoredPlanId == stored.Id && (revision.Position >= position || revision.Position < position - MostRevisions)).ExecuteDeleteAsync(ct);
        db.Revisions.Add(new PlanRevision { StoredPlanId = stored.Id, Position = position, StateJson = PlanRows.Detached(plan, state).ToJson(), What = PlanRows.Short(what), AtMs = rows.NowMs });
        stored.Position = position;
        rows.Touch(stored, wish);
        return stored.Id;
    }, wish, ct);

    /// <summary>Keeps when the cup of a plan is wanted. A recipe or a brew gets a stored plan of its own; a kept plan stays as it is.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="wantedAtMs">When, UTC milliseconds; null for no more.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public Task<OpenPlan?> WantAsync(OpenPlan plan, long? wantedAtMs, PlanWish wish, CancellationToken ct) => rows.AtomicallyAsync(plan, async () =>
    {
        var stored = plan.Stored is { } own ? await db.Plans.FirstAsync(row => row.Id == own.Id, ct) : await rows.StoredToChangeAsync(plan, ct);
        stored.WantedAtMs = wantedAtMs;
        rows.Touch(stored, wish);
        return stored.Id;
    }, wish, ct);

    /// <summary>Goes back a revision (−1) or forth (+1).</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="by">Which way.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> StepAsync(OpenPlan plan, int by, PlanWish wish, CancellationToken ct)
    {
        if (plan.Stored is null || plan.Kept || (by < 0 ? plan.Undo : plan.Redo) is null)
        {
            return plan;
        }

        return await rows.AtomicallyAsync(plan, async () =>
        {
            var stored = await rows.StoredToChangeAsync(plan, ct);
            stored.Position += by;
            rows.Touch(stored, wish);
            return stored.Id;
        }, wish, ct);
    }

    /// <summary>Takes the plan as it stands for what it is held against from now on.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The plan after it; null where somebody else has changed it meanwhile.</returns>
    public async Task<OpenPlan?> AcceptAsync(OpenPlan plan, PlanWish wish, CancellationToken ct)
    {
        if (plan.Stored is null || plan.Kept)
        {
            return plan;
        }

        return await rows.AtomicallyAsync(plan, async () =>
        {
            var stored = await rows.StoredToChangeAsync(plan, ct);
            stored.AcceptedJson = plan.State.ToJson();
            return stored.Id;
        }, wish, ct);
    }
}
