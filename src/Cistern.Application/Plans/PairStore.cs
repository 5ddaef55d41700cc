namespace Cistern.Application.Plans;

/// <summary>Makes and finds pairs: two plans that are brewed together.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="rows">Writes plans.</param>
public sealed class PairStore(CisternDb db, PlanRows rows)
{
    private const int MaxPairs = 30;

    /// <summary>Makes a pair from a plan, once: the plan becomes A and is saved, and B is a copy to be changed in one thing.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">Its current state.</param>
    /// <param name="name">A's name where it has none yet.</param>
    /// <param name="staggerS">How long after A's clock that of B starts, s.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>The pair's address; null where somebody else has changed the plan meanwhile.</returns>
    public async Task<string?> PairAsync(OpenPlan plan, PlanState state, string name, double staggerS, PlanRequest request, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await rows.ResultOfAsync(request.Key, ct) is { } done)
        {
            return done;
        }

        if (!await rows.IsCurrentAsync(plan, ct))
        {
            return null;
        }

        if (!plan.IsSaved)
        {
            var first = await rows.WithNameAsync(plan, state, name, request, ct);
            await db.SaveChangesAsync(ct);
            plan = (await rows.StoredAsync(first.Id, ct))!;
        }

        var second = await rows.StoredToChangeAsync(plan, ct);
        second.Name = plan.Stored!.Name + ", B";
        rows.Touch(second, request);
        var pair = new BrewPair { FirstPlanId = plan.Stored.Id, SecondPlanId = second.Id, StaggerS = staggerS, MadeAtMs = rows.NowMs, BaristaId = request.BaristaId };
        db.Pairs.Add(pair);
        await db.SaveChangesAsync(ct);
        var address = $"/pair/{PlanRows.Text(pair.Id)}";
        await rows.SaveRequestAsync(request, address, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return address;
    }

    /// <summary>A pair; null where there is none.</summary>
    public Task<BrewPair?> PairAsync(int id, CancellationToken ct) => db.Pairs.AsNoTracking().FirstOrDefaultAsync(pair => pair.Id == id, ct);

    /// <summary>The last pairs, the newest first.</summary>
    public Task<List<BrewPair>> PairsAsync(CancellationToken ct) => db.Pairs.AsNoTracking().OrderByDescending(pair => pair.MadeAtMs).Take(MaxPairs).ToListAsync(ct);

    /// <summary>Sets how long after A's clock that of B starts, s; not once the pair is brewed.</summary>
    public Task StaggerAsync(int id, double staggerS, CancellationToken ct) =>
        db.Pairs.Where(pair => pair.Id == id && pair.SecondBrewId == null).ExecuteUpdateAsync(set => set.SetProperty(pair => pair.StaggerS, staggerS), ct);
}
