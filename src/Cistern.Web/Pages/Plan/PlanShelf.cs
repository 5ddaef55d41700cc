using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Plans;
using Cistern.Data.Shelf;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Plan;

/// <summary>A shelf as the core takes it, on a day.</summary>
/// <param name="shelf">The shelf.</param>
/// <param name="today">The day, where the server stands.</param>
public sealed class PlanGear(PlanShelf shelf, DateOnly today) : IGear
{
    /// <inheritdoc/>
    public BagInUse? Bag(int id) => Find(shelf.Bags, id)?.InUse(today);

    /// <inheritdoc/>
    public MillScale? Mill(int id) => Find(shelf.Mills, id)?.Scale;

    /// <inheritdoc/>
    public Place? Place(int id) => Find(shelf.Places, id)?.AsPlace;

    /// <inheritdoc/>
    public Brewer? Vessel(int id) => Find(shelf.Vessels, id)?.AsBrewer;

    /// <inheritdoc/>
    public double? ServerMl(int id) => Find(shelf.Servers, id)?.CapacityMl;

    /// <inheritdoc/>
    public bool Has(PlanPick pick, int id) => shelf.Things(pick).Any(thing => thing.Id == id);

    private static T? Find<T>(IReadOnlyList<T> things, int id)
        where T : class, IShelved => things.FirstOrDefault(thing => thing.Id == id);
}

/// <summary>What the shelf offers to a plan: what stands there, and what the plan already uses though it was taken off.</summary>
public sealed record PlanShelf(
    IReadOnlyList<Bag> Bags,
    IReadOnlyList<Mill> Mills,
    IReadOnlyList<BrewPlace> Places,
    IReadOnlyList<OwnedVessel> Vessels,
    IReadOnlyList<Server> Servers,
    IReadOnlyList<OwnedKettle> Kettles,
    IReadOnlyList<Spoon> Spoons,
    IReadOnlyList<FilterStock> Filters)
{
    /// <summary>What can be chosen.</summary>
    public IReadOnlyList<IShelved> Things(PlanPick pick) => pick switch
    {
        PlanPick.Bag => Bags,
        PlanPick.Mill => Mills,
        PlanPick.Place => Places,
        PlanPick.Vessel => Vessels,
        PlanPick.Server => Servers,
        PlanPick.Kettle => Kettles,
        PlanPick.Spoon => Spoons,
        _ => throw new ArgumentOutOfRangeException(nameof(pick)),
    };

    /// <summary>What a recipe takes of it by itself when it is opened.</summary>
    /// <param name="written">The recipe as it is written.</param>
    /// <param name="last">What its family was last brewed with.</param>
    /// <param name="today">The day, where the server stands.</param>
    public PlanPicks PicksFor(Forecast written, LastGear last, DateOnly today) => OwnGear.Of(
        written,
        // The newest bag of a coffee first: it is the one that is being used.
        [.. Bags.OrderByDescending(bag => bag.RoastedOn).Select(bag => new OnShelf<BagInUse>(bag.Id, bag.Name, bag.InUse(today)))],
        [.. Mills.Where(mill => mill.Scale.Grinds).Select(mill => new OnShelf<MillScale>(mill.Id, mill.Name, mill.Scale))],
        [.. Vessels.Select(vessel => new OnShelf<Brewer>(vessel.Id, vessel.Name, vessel.AsBrewer))],
        last);

    /// <summary>Loads it.</summary>
    public static async Task<PlanShelf> LoadAsync(CisternDb db, PlanState state, CancellationToken ct)
    {
        var family = state.BaseRecipe().Brewer.Family;
        return new PlanShelf(
            await db.Bags.AsNoTracking().Where(bag => (bag.RemovedAtMs == null && bag.UsedUpOn == null) || bag.Id == state.BagId).OrderBy(bag => bag.Name).ToListAsync(ct),
            await Rows(db.Mills, state.MillId).ToListAsync(ct),
            await Rows(db.Places, state.PlaceId).OrderBy(place => place.Id).ToListAsync(ct),
            await Rows(db.Vessels, state.VesselId).Where(vessel => vessel.Family == family).ToListAsync(ct),
            await Rows(db.Servers, state.ServerId).ToListAsync(ct),
            await Rows(db.Kettles, state.KettleId).ToListAsync(ct),
            await Rows(db.Spoons, state.SpoonId).ToListAsync(ct),
            await Rows(db.Filters, null).ToListAsync(ct));
    }

    private static IQueryable<T> Rows<T>(DbSet<T> rows, int? used)
        where T : class, IShelved =>
        rows.AsNoTracking().Where(row => row.RemovedAtMs == null || row.Id == used).OrderBy(row => row.Name);
}
