using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Cistern.Data.Shelf;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Brews;

/// <summary>What of the shelf a brew used, where it still stands there; where its bag is used up, another one of the same coffee.</summary>
/// <param name="Bag">The bag: one in use where there is one.</param>
/// <param name="Grinder">The grinder.</param>
/// <param name="Place">The place.</param>
/// <param name="Vessel">The vessel of one's own.</param>
public sealed record BrewGear(Bag? Bag, Grinder? Grinder, BrewPlace? Place, OwnedBrewer? Vessel)
{
    /// <summary>A grind this near to a setting of the grinder stands at it, µm: a table that was set anew since may grind so at none.</summary>
    private const double SameUm = 1;

    /// <summary>Finds it.</summary>
    public static async Task<BrewGear> OfAsync(CisternDb db, Brew brew, CancellationToken ct)
    {
        var bags = await db.Bags.AsNoTracking().Where(row => row.Id == brew.BagId || (row.Name == brew.CoffeeName && row.RemovedAtMs == null && row.UsedUpOn == null)).ToListAsync(ct);
        return new BrewGear(
            bags.Find(row => row.Id == brew.BagId && IsOpen(row)) ?? bags.Find(IsOpen) ?? bags.FirstOrDefault(),
            brew.GrinderName.Length > 0 ? await db.Grinders.AsNoTracking().FirstOrDefaultAsync(row => row.Name == brew.GrinderName && row.RemovedAtMs == null, ct) : null,
            await db.Places.AsNoTracking().FirstOrDefaultAsync(row => row.Name == brew.PlaceName && row.RemovedAtMs == null, ct),
            brew.VesselName.Length > 0 ? await db.Vessels.AsNoTracking().FirstOrDefaultAsync(row => row.Name == brew.VesselName && row.RemovedAtMs == null, ct) : null);
    }

    /// <summary>A recipe as a plan with all of it.</summary>
    /// <param name="recipe">The recipe, as it is to be brewed.</param>
    /// <param name="written">What "as written" goes back to.</param>
    public PlanState StateOf(Recipe recipe, Recipe written)
    {
        // What is set again is the grinder: what it then ground was measured, and is learned from.
        if (recipe.Grind.Measured && SettingOf(written.Grind) is not null)
        {
            recipe = recipe with { Grind = written.Grind };
        }

        var setting = SettingOf(recipe.Grind);
        return PlanState.Of(recipe) with
        {
            // Another paper or a cloth is part of what was written from then on.
            Origin = RecipeWriter.Write(written with { Brewer = recipe.Brewer }),
            Settled = true,
            BagId = Bag is not null && IsOpen(Bag) ? Bag.Id : null,
            GrinderId = setting is null ? null : Grinder!.Id,
            GrinderSetting = setting,
            PlaceId = Place?.Id,
            VesselId = Vessel is { Filter: { } filter } && filter != recipe.Brewer.Filter ? null : Vessel?.Id,
        };
    }

    /// <summary>The grinder's setting that a grind stands at; null where it stands at none.</summary>
    private double? SettingOf(Grind grind) =>
        Grinder?.Scale.SettingFor(grind.MedianUm) is { } at && Math.Abs(Grinder.Scale.MedianUm(at) - grind.MedianUm) < SameUm ? at : null;

    private static bool IsOpen(Bag bag) => bag is { RemovedAtMs: null, UsedUpOn: null };
}
