namespace Cistern.Application.Brews;

/// <summary>The things on the shelf that a brew used; for a bag that is used up, another one of the same coffee.</summary>
/// <param name="Bag">The bag, preferably one in use.</param>
/// <param name="Grinder">The grinder.</param>
/// <param name="Place">The place.</param>
/// <param name="Vessel">The barista's own vessel.</param>
public sealed record BrewGear(Bag? Bag, Grinder? Grinder, BrewPlace? Place, OwnedBrewer? Vessel)
{
    /// <summary>Tolerance for matching a grind to a setting, µm; after the scale was changed there may be none.</summary>
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

    /// <summary>The state of a plan with a recipe and these things.</summary>
    /// <param name="recipe">The recipe to be brewed.</param>
    /// <param name="written">The recipe to which "as written" returns.</param>
    public PlanState StateOf(Recipe recipe, Recipe written)
    {
        // The plan sets the grinder again; the measured grind is used for learning only.
        if (recipe.Grind.Measured && SettingOf(written.Grind) is not null)
        {
            recipe = recipe with { Grind = written.Grind };
        }

        var setting = SettingOf(recipe.Grind);
        return PlanState.Of(recipe) with
        {
            // A changed filter is part of the recipe as written from then on.
            Origin = RecipeWriter.Write(written with { Brewer = recipe.Brewer }),
            Settled = true,
            BagId = Bag is not null && IsOpen(Bag) ? Bag.Id : null,
            GrinderId = setting is null ? null : Grinder!.Id,
            GrinderSetting = setting,
            PlaceId = Place?.Id,
            VesselId = Vessel is { Filter: { } filter } && filter != recipe.Brewer.Filter ? null : Vessel?.Id,
        };
    }

    /// <summary>The grinder's setting with this grind; null where there is none.</summary>
    private double? SettingOf(Grind grind) =>
        Grinder?.Scale.SettingFor(grind.MedianUm) is { } at && Math.Abs(Grinder.Scale.MedianUm(at) - grind.MedianUm) < SameUm ? at : null;

    private static bool IsOpen(Bag bag) => bag is { RemovedAtMs: null, UsedUpOn: null };
}
