using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Plans;

/// <summary>Keeps plans under a name, and renames and removes those that are kept.</summary>
/// <param name="db">The data.</param>
/// <param name="rows">How a plan is written.</param>
public sealed class PlanKeeping(CisternDb db, PlanRows rows)
{
    /// <summary>Keeps a plan under a name, with what is different from what it came from, and why.</summary>
    /// <param name="plan">The plan as it was read.</param>
    /// <param name="state">How it stands.</param>
    /// <param name="name">Its name.</param>
    /// <param name="what">What is different, in words.</param>
    /// <param name="why">Why, in the barista's.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>The kept plan; null where somebody else has changed it meanwhile.</returns>
    public Task<OpenPlan?> KeepAsync(OpenPlan plan, PlanState state, string name, string what, string why, PlanWish wish, CancellationToken ct) => rows.AtomicallyAsync(plan, async () =>
    {
        var stored = await rows.KeptNowAsync(plan, state, name, wish, ct);
        (stored.What, stored.Why) = (what, why);
        return stored.Id;
    }, wish, ct);

    /// <summary>Keeps the next plan of a line of brews, once.</summary>
    /// <param name="state">How it stands.</param>
    /// <param name="from">The brew before it.</param>
    /// <param name="what">What is changed, in words.</param>
    /// <param name="why">Why.</param>
    /// <param name="changedJson">The change, as <see cref="SeriesChange"/> writes it.</param>
    /// <param name="wish">Whose, and its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>Its address; that of the one that was kept before, where it was asked for twice.</returns>
    public async Task<string> NextAsync(PlanState state, Brew from, string what, string why, string changedJson, PlanWish wish, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await rows.DoneAsync(wish.Key, ct) is { } done)
        {
            return done;
        }

        var stored = await rows.AddAsync(new OpenPlan(from.RecipeId, null, state, state, null, null), from.RecipeId, from.Name, ct);
        (stored.FromBrewId, stored.ChangedJson, stored.ParentName) = (from.Id, changedJson, from.Name);
        (stored.What, stored.Why, stored.KeptAtMs) = (PlanRows.Short(what), why, rows.NowMs);
        rows.Touch(stored, wish);
        var address = $"/plan/{PlanRows.Text(stored.Id)}";
        await rows.FinishAsync(wish, address, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return address;
    }

    /// <summary>Adds recipes that came in a file, each as a kept plan. All or none.</summary>
    /// <param name="recipes">The recipes.</param>
    /// <param name="from">Where they came from, in words.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    public async Task<IReadOnlyList<int>> ImportAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        var ids = await AddAllAsync(recipes, from, ct);
        await transaction.CommitAsync(CancellationToken.None);
        return ids;
    }

    /// <summary>Keeps recipes as plans, in a transaction of whoever asks.</summary>
    /// <param name="recipes">The recipes.</param>
    /// <param name="from">Where they came from, in words.</param>
    /// <param name="ct">Stops it.</param>
    /// <returns>The numbers of the plans.</returns>
    internal async Task<IReadOnlyList<int>> AddAllAsync(IEnumerable<Recipe> recipes, string from, CancellationToken ct)
    {
        var ids = new List<int>();
        foreach (var recipe in recipes)
        {
            var state = PlanState.Opened(recipe);
            var stored = await rows.AddAsync(new OpenPlan(recipe.Id, null, state, state, null, null), recipe.Id, recipe.Name, ct);
            stored.ParentName = from;
            stored.KeptAtMs = rows.NowMs;
            ids.Add(stored.Id);
        }

        await db.SaveChangesAsync(ct);
        return ids;
    }

    /// <summary>Renames a kept plan.</summary>
    public Task RenameAsync(int id, string name, CancellationToken ct) =>
        db.Plans.Where(stored => stored.Id == id).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.Name, name), ct);

    /// <summary>Takes a kept plan away, or brings it back.</summary>
    public Task RemoveAsync(int id, bool removed, CancellationToken ct)
    {
        long? atMs = removed ? rows.NowMs : null;
        return db.Plans.Where(stored => stored.Id == id).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.RemovedAtMs, atMs), ct);
    }
}
