namespace Cistern.Application.Plans;

/// <summary>Saves plans under a name, and renames and deletes saved plans.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="rows">Writes plans.</param>
public sealed class PlanSaving(CisternDb db, PlanRows rows)
{
    /// <summary>Saves a plan under a name, with how it differs from the plan it came from, and why.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">Its current state.</param>
    /// <param name="name">Its name.</param>
    /// <param name="what">How it differs, in words.</param>
    /// <param name="why">Why, in the barista's words.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>The saved plan; null where somebody else has changed it meanwhile.</returns>
    public Task<OpenPlan?> SaveAsync(OpenPlan plan, PlanState state, string name, string what, string why, PlanRequest request, CancellationToken ct) => rows.AtomicallyAsync(plan, async () =>
    {
        var stored = await rows.WithNameAsync(plan, state, name, request, ct);
        (stored.What, stored.Why) = (what, why);
        return stored.Id;
    }, request, ct);

    /// <summary>Saves the next plan of a series, once.</summary>
    /// <param name="state">Its current state.</param>
    /// <param name="from">The brew before it.</param>
    /// <param name="what">What changes, in words.</param>
    /// <param name="why">Why.</param>
    /// <param name="changedJson">The change, as written by <see cref="SeriesChange"/>.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>Its address; where the same request was carried out before, the address of its result.</returns>
    public async Task<string> NextAsync(PlanState state, Brew from, string what, string why, string changedJson, PlanRequest request, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await rows.ResultOfAsync(request.Key, ct) is { } done)
        {
            return done;
        }

        var stored = await rows.AddAsync(new OpenPlan(from.RecipeId, null, state, state, null, null), from.RecipeId, from.Name, ct);
        (stored.FromBrewId, stored.ChangedJson, stored.ParentName) = (from.Id, changedJson, from.Name);
        (stored.What, stored.Why, stored.SavedAtMs) = (PlanRows.Truncated(what), why, rows.NowMs);
        rows.Touch(stored, request);
        var address = $"/plan/{PlanRows.Text(stored.Id)}";
        await rows.SaveRequestAsync(request, address, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return address;
    }

    /// <summary>Imports recipes from a file as saved plans, all of them or none.</summary>
    /// <param name="recipes">The recipes.</param>
    /// <param name="from">The file, in words.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    public async Task<IReadOnlyList<int>> ImportAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        var ids = await AddAllAsync(recipes, from, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return ids;
    }

    /// <summary>Saves recipes as plans, in the caller's transaction.</summary>
    /// <param name="recipes">The recipes.</param>
    /// <param name="from">The file, in words.</param>
    /// <param name="ct">Cancels it.</param>
    /// <returns>The ids of the plans.</returns>
    internal async Task<IReadOnlyList<int>> AddAllAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        var ids = new List<int>();
        foreach (var recipe in recipes)
        {
            var state = PlanState.Opened(recipe);
            var stored = await rows.AddAsync(new OpenPlan(recipe.Id, null, state, state, null, null), recipe.Id, recipe.Name, ct);
            stored.ParentName = from;
            stored.SavedAtMs = rows.NowMs;
            ids.Add(stored.Id);
        }

        await db.SaveChangesAsync(ct);
        return ids;
    }

    /// <summary>Renames a kept plan.</summary>
    public Task RenameAsync(int id, string name, CancellationToken ct) =>
        db.Plans.Where(stored => stored.Id == id).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.Name, name), ct);

    /// <summary>Deletes a saved plan, or restores it.</summary>
    public Task RemoveAsync(int id, bool removed, CancellationToken ct)
    {
        long? atMs = removed ? rows.NowMs : null;
        return db.Plans.Where(stored => stored.Id == id).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.RemovedAtMs, atMs), ct);
    }
}
