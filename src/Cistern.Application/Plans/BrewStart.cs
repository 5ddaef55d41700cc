namespace Cistern.Application.Plans;

/// <summary>Opens a brew of a plan, or both brews of a pair, once.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="rows">Writes plans.</param>
public sealed class BrewStart(CisternDb db, PlanRows rows)
{
    /// <summary>A brew this close to the time its plan was scheduled for is the scheduled one, ms.</summary>
    private const long NearMs = 12L * 3_600_000;

    /// <summary>Adds a brew of a plan.</summary>
    /// <param name="brew">The brew, complete.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>Its id; null where the same request was carried out meanwhile.</returns>
    public async Task<int?> BrewAsync(Brew brew, PlanRequest request, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await rows.ResultOfAsync(request.Key, ct) is not null)
        {
            return null;
        }

        db.Brews.Add(brew);
        await IsBeingBrewedAsync([brew.StoredPlanId], ct);
        await db.SaveChangesAsync(ct);
        await rows.SaveRequestAsync(request, $"/brew/{PlanRows.Text(brew.Id)}", ct);
        await transaction.CommitAsync(CancellationToken.None);
        return brew.Id;
    }

    /// <summary>Opens both brews of a pair, once; the plan of B is saved as it is.</summary>
    /// <param name="pairId">The pair.</param>
    /// <param name="brews">A and B, complete.</param>
    /// <param name="what">What differs, in words.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>Whether they were opened: not where the same request was carried out before, or another device was first.</returns>
    public async Task<bool> BrewPairAsync(int pairId, (Brew First, Brew Second) brews, string what, PlanRequest request, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await rows.ResultOfAsync(request.Key, ct) is not null)
        {
            return false;
        }

        var pair = await db.Pairs.FirstAsync(row => row.Id == pairId, ct);
        if (pair.FirstBrewId is not null)
        {
            // Another device was quicker.
            return false;
        }

        db.Brews.AddRange(brews.First, brews.Second);
        await IsBeingBrewedAsync([pair.FirstPlanId, pair.SecondPlanId], ct);
        await db.Plans.Where(row => row.Id == pair.SecondPlanId && row.SavedAtMs == null).ExecuteUpdateAsync(set => set.SetProperty(row => row.SavedAtMs, rows.NowMs).SetProperty(row => row.What, PlanRows.Truncated(what)), ct);
        await db.SaveChangesAsync(ct);
        (pair.FirstBrewId, pair.SecondBrewId) = (brews.First.Id, brews.Second.Id);
        await rows.SaveRequestAsync(request, $"/pair/{PlanRows.Text(pairId)}", ct);
        await transaction.CommitAsync(CancellationToken.None);
        return true;
    }

    /// <summary>Removes the schedule of plans that are being brewed now.</summary>
    private Task IsBeingBrewedAsync(IReadOnlyList<int?> plans, CancellationToken ct) =>
        db.Plans.Where(stored => plans.Contains(stored.Id) && stored.WantedAtMs < rows.NowMs + NearMs).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.WantedAtMs, (long?)null), ct);
}
