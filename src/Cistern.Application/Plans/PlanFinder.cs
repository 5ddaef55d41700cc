namespace Cistern.Application.Plans;

/// <summary>Opens plans and finds saved ones. Changes nothing.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="rows">Reads plans.</param>
public sealed class PlanFinder(CisternDb db, PlanRows rows)
{
    /// <summary>Prefix of the id of a brew that is opened as a plan.</summary>
    public const string BrewPrefix = "brew-";

    /// <summary>So many plans stand on a page.</summary>
    public const int PlansPerPage = 30;

    private const int MaxUnsaved = 10;
    private const long RecentMs = 14L * 86_400_000;
    private const int MaxWanted = 100;

    /// <summary>Opens a plan; null where there is none.</summary>
    /// <exception cref="UnreadableException">It exists and cannot be read; <see cref="PlanRepair"/> tells more.</exception>
    public async Task<OpenPlan?> FindAsync(string id, CancellationToken ct)
    {
        if (PlanRows.StoredPlanId(id) is { } number)
        {
            return await rows.StoredAsync(number, ct);
        }

        if (id.StartsWith(BrewPrefix, StringComparison.Ordinal) && PlanRows.StoredPlanId(id[BrewPrefix.Length..]) is { } brewId)
        {
            return await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == brewId, ct) is { } brew ? await FromBrewAsync(id, brew, ct) : null;
        }

        if (RecipeLibrary.Find(id) is not { } recipe)
        {
            return null;
        }

        var state = PlanState.Opened(recipe);
        return new OpenPlan(id, null, state, state, null, null);
    }

    /// <summary>The baristas' saved plans, newest first, limited to what the first page shows.</summary>
    public Task<List<StoredPlan>> SavedAsync(CancellationToken ct) => Saved("").Take(60).ToListAsync(ct);

    /// <summary>The baristas' saved plans that match, a page at a time, newest first.</summary>
    /// <param name="words">Words in their names, in what was changed, or why; empty for all.</param>
    /// <param name="page">The index of the page.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The plans of the page, and how many match in all.</returns>
    public async Task<(IReadOnlyList<StoredPlan> Plans, int Of)> FindSavedAsync(string words, int page, CancellationToken ct)
    {
        var found = Saved(words);
        return (await found.Skip(page * PlansPerPage).Take(PlansPerPage).ToListAsync(ct), await found.CountAsync(ct));
    }

    /// <summary>Recently changed plans that were neither saved nor brewed, newest first.</summary>
    public Task<List<StoredPlan>> UnsavedAsync(CancellationToken ct) =>
        db.Plans.AsNoTracking().Where(stored => stored.SavedAtMs == null && stored.RemovedAtMs == null && stored.ChangedAtMs > rows.NowMs - RecentMs
                && !db.Brews.Any(brew => brew.StoredPlanId == stored.Id) && !db.Pairs.Any(pair => pair.SecondPlanId == stored.Id))
            .OrderByDescending(stored => stored.ChangedAtMs).Take(MaxUnsaved).ToListAsync(ct);

    /// <summary>The current state of a saved plan; null where it cannot be read.</summary>
    public async Task<PlanState?> StateAsync(int storedId, CancellationToken ct) =>
        await db.Revisions.AsNoTracking().Where(revision => revision.StoredPlanId == storedId && db.Plans.Any(stored => stored.Id == storedId && stored.Position == revision.Position))
            .Select(revision => revision.StateJson).FirstOrDefaultAsync(ct) is { } json ? PlanRows.TryRead(json).State : null;

    /// <summary>A recipe of a plan with its unknown members restored, as in a file.</summary>
    public async Task<Recipe> WithExtraMembersAsync(OpenPlan plan, Recipe recipe, CancellationToken ct) =>
        plan.Stored is { } stored && await rows.ExtraAsync(stored.Id, ct) is { } json ? ExtraMembers.Read(json).Attach(recipe) : recipe;

    /// <summary>The recipes of all saved plans as in files, without those that cannot be read.</summary>
    public async Task<IReadOnlyList<Recipe>> RecipesAsync(CancellationToken ct)
    {
        var saved = await db.Plans.AsNoTracking().Where(stored => stored.SavedAtMs != null && stored.RemovedAtMs == null).OrderBy(stored => stored.Id).ToListAsync(ct);
        var recipes = new List<Recipe>();
        foreach (var stored in saved)
        {
            if (await StateAsync(stored.Id, ct) is { } state)
            {
                var recipe = (state.Batch is { } batch ? Scaling.To(state.BaseRecipe(), batch) : state.BaseRecipe()) with { Name = stored.Name };
                recipes.Add(await rows.ExtraAsync(stored.Id, ct) is { } json ? ExtraMembers.Read(json).Attach(recipe) : recipe);
            }
        }

        return recipes;
    }

    /// <summary>Plans scheduled from a time on, earliest first.</summary>
    public Task<List<StoredPlan>> ScheduledAsync(long fromMs, CancellationToken ct) =>
        db.Plans.AsNoTracking().Where(stored => stored.WantedAtMs >= fromMs && stored.RemovedAtMs == null).OrderBy(stored => stored.WantedAtMs).Take(MaxWanted).ToListAsync(ct);

    /// <summary>Of some plans those that were made as the next of a series and not brewed yet.</summary>
    public async Task<IReadOnlyList<StoredPlan>> UnbrewedAsync(IReadOnlyList<StoredPlan> saved, CancellationToken ct)
    {
        var next = saved.Where(stored => stored.FromBrewId is not null).ToList();
        if (next.Count == 0)
        {
            return next;
        }

        var from = next.ConvertAll(stored => stored.FromBrewId);
        var brewed = await db.Brews.Where(brew => from.Contains(brew.ParentBrewId)).Select(brew => new { brew.ParentBrewId, brew.OpenedAtMs }).ToListAsync(ct);
        // A later brew of the series, changed or not, makes the plan obsolete.
        return next.FindAll(stored => !brewed.Exists(brew => brew.ParentBrewId == stored.FromBrewId && brew.OpenedAtMs >= stored.SavedAtMs));
    }

    private IQueryable<StoredPlan> Saved(string words)
    {
        var saved = db.Plans.AsNoTracking().Where(stored => stored.SavedAtMs != null && stored.RemovedAtMs == null);
        foreach (var word in words.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            var like = $"%{word.Replace("\\", "\\\\", StringComparison.Ordinal).Replace("%", "\\%", StringComparison.Ordinal).Replace("_", "\\_", StringComparison.Ordinal)}%";
            saved = saved.Where(stored => EF.Functions.Like(stored.Name + " " + stored.ParentName + " " + stored.What + " " + stored.Why, like, "\\"));
        }

        return saved.OrderByDescending(stored => stored.SavedAtMs).ThenByDescending(stored => stored.Id);
    }

    private async Task<OpenPlan> FromBrewAsync(string id, Brew brew, CancellationToken ct)
    {
        var state = (await BrewGear.OfAsync(db, brew, ct)).StateOf(brew.Planned(), brew.Planned());
        return new OpenPlan(id, null, state, state, null, null);
    }
}
