namespace Cistern.Application.Log;

/// <summary>A plan in its lineage.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Brewed">How often it was brewed to the end.</param>
/// <param name="Last">The last of these brews, with its facts and tastings; null where there is none.</param>
/// <param name="Children">The plans made from it, oldest first.</param>
public sealed record LineageNode(StoredPlan Plan, int Brewed, Brew? Last, IReadOnlyList<LineageNode> Children);

/// <summary>Finds the plans a plan was made from, and those made from it.</summary>
/// <param name="db">The context of the data file.</param>
public sealed class LineageStore(CisternDb db)
{
    /// <summary>Of a larger lineage, the first plans are shown.</summary>
    public const int MaxPlans = 100;

    /// <summary>The first plan of a lineage, with all saved plans made from it; null where there is no such plan.</summary>
    /// <param name="id">A plan of it, which is included even if it was not saved.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<LineageNode?> OfAsync(int id, CancellationToken ct)
    {
        if (await FindAsync(id, ct) is not { } first)
        {
            return null;
        }

        var seen = new HashSet<int> { first.Id };
        while (await ParentAsync(first, ct) is { } parent && seen.Add(parent.Id))
        {
            first = parent;
        }

        var plans = new List<StoredPlan> { first };
        var parents = new Dictionary<int, int>();
        for (var at = 0; at < plans.Count && plans.Count < MaxPlans; at++)
        {
            var of = plans[at].Id;
            var children = await db.Plans.AsNoTracking()
                .Where(row => row.RemovedAtMs == null && (row.SavedAtMs != null || row.Id == id) && (row.ParentId == of || (row.ParentId == null && db.Brews.Any(brew => brew.Id == row.FromBrewId && brew.StoredPlanId == of))))
                .OrderBy(row => row.Id).Take(MaxPlans - plans.Count).ToListAsync(ct);
            foreach (var child in children.Where(child => !plans.Exists(known => known.Id == child.Id)))
            {
                parents.Add(child.Id, of);
                plans.Add(child);
            }
        }

        var ids = plans.ConvertAll(plan => (int?)plan.Id);
        var finished = db.Logged.Where(brew => ids.Contains(brew.StoredPlanId) && brew.State == BrewState.Finished && brew.StartedAtMs != null);
        var counts = await finished.GroupBy(brew => brew.StoredPlanId!.Value).Select(group => new { group.Key, Count = group.Count(), Last = group.Max(brew => brew.Id) }).ToDictionaryAsync(one => one.Key, ct);
        var last = counts.Values.Select(one => one.Last).ToList();
        var brews = await db.Brews.AsNoTracking().Where(brew => last.Contains(brew.Id)).Include(brew => brew.Facts).Include(brew => brew.Tastings).AsSplitQuery().ToDictionaryAsync(brew => brew.Id, ct);
        return Node(first);

        LineageNode Node(StoredPlan plan) => new(
            plan,
            counts.TryGetValue(plan.Id, out var count) ? count.Count : 0,
            counts.TryGetValue(plan.Id, out var known) ? brews.GetValueOrDefault(known.Last) : null,
            [.. plans.Where(child => parents.TryGetValue(child.Id, out var of) && of == plan.Id).Select(Node)]);
    }

    private Task<StoredPlan?> FindAsync(int id, CancellationToken ct) => db.Plans.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct);

    /// <summary>The plan that a plan was made from, directly or through the brew it follows.</summary>
    private async Task<StoredPlan?> ParentAsync(StoredPlan plan, CancellationToken ct)
    {
        var parent = plan.ParentId ?? await db.Brews.Where(brew => brew.Id == plan.FromBrewId).Select(brew => brew.StoredPlanId).FirstOrDefaultAsync(ct);
        return parent is { } id ? await FindAsync(id, ct) : null;
    }
}
