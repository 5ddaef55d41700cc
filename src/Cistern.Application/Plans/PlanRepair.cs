namespace Cistern.Application.Plans;

/// <summary>Finds plans that can no longer be read, and returns them to the last readable revision.</summary>
/// <param name="db">The context of the data file.</param>
public sealed class PlanRepair(CisternDb db)
{
    /// <summary>A stored plan that cannot be read, with what can be restored; null where there is none, or it can be read.</summary>
    public async Task<BrokenPlan?> FindBrokenAsync(string id, CancellationToken ct)
    {
        if (PlanRows.StoredPlanId(id) is not { } number || await db.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.Id == number, ct) is not { } stored)
        {
            return null;
        }

        var raw = await db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == number && revision.Position == stored.Position).Select(revision => revision.StateJson).FirstOrDefaultAsync(ct);
        return (raw is null ? "Its current change is missing." : PlanRows.ProblemOf(raw) ?? PlanRows.ProblemOf(stored.AcceptedJson)) is { } why
            ? new BrokenPlan(stored, why, (await LastReadableAsync(stored, ct))?.What, raw ?? "")
            : null;
    }

    /// <summary>Returns an unreadable plan to its last readable revision.</summary>
    /// <returns>Whether there was one.</returns>
    public async Task<bool> RepairAsync(int storedId, CancellationToken ct)
    {
        var stored = await db.Plans.FirstAsync(row => row.Id == storedId, ct);
        if (await LastReadableAsync(stored, ct) is not { } revision)
        {
            return false;
        }

        stored.Position = revision.Position;
        stored.AcceptedJson = PlanRows.ProblemOf(stored.AcceptedJson) is null ? stored.AcceptedJson : revision.StateJson;
        await db.SaveChangesAsync(ct);
        return true;
    }

    private async Task<PlanRevision?> LastReadableAsync(StoredPlan stored, CancellationToken ct)
    {
        await foreach (var revision in db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == stored.Id && revision.Position <= stored.Position).OrderByDescending(revision => revision.Position).AsAsyncEnumerable().WithCancellation(ct))
        {
            if (PlanRows.ProblemOf(revision.StateJson) is null)
            {
                return revision;
            }
        }

        return null;
    }
}
