namespace Cistern.Application.Plans;

/// <summary>A shelf in the core's form, on a day.</summary>
/// <param name="shelf">The shelf.</param>
/// <param name="today">The day, in the server's time zone.</param>
public sealed class PlanGear(PlanShelf shelf, DateOnly today) : IGear
{
    /// <inheritdoc/>
    public BagInUse? Bag(int id) => Find(shelf.Bags, id)?.InUse(today);

    /// <inheritdoc/>
    public GrinderScale? Grinder(int id) => Find(shelf.Grinders, id)?.Scale;

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

/// <summary>What the shelf offers to a plan: the things on it, and those the plan already uses although they were removed.</summary>
public sealed record PlanShelf(
    IReadOnlyList<Bag> Bags,
    IReadOnlyList<Grinder> Grinders,
    IReadOnlyList<BrewPlace> Places,
    IReadOnlyList<OwnedBrewer> Vessels,
    IReadOnlyList<Server> Servers,
    IReadOnlyList<OwnedKettle> Kettles,
    IReadOnlyList<Spoon> Spoons,
    IReadOnlyList<FilterStock> Filters)
{
    /// <summary>What can be chosen.</summary>
    public IReadOnlyList<IShelved> Things(PlanPick pick) => pick switch
    {
        PlanPick.Bag => Bags,
        PlanPick.Grinder => Grinders,
        PlanPick.Place => Places,
        PlanPick.Vessel => Vessels,
        PlanPick.Server => Servers,
        PlanPick.Kettle => Kettles,
        PlanPick.Spoon => Spoons,
    };

    /// <summary>What a recipe takes from it when it is opened.</summary>
    /// <param name="written">The recipe as written.</param>
    /// <param name="last">What its family was last brewed with.</param>
    /// <param name="today">The day, in the server's time zone.</param>
    public PlanPicks PicksFor(Forecast written, LastGear last, DateOnly today) => OwnGear.Of(
        written,
        // The newest bag of a coffee first: it is the one in use.
        [.. Bags.OrderByDescending(bag => bag.RoastedOn).Select(bag => new OnShelf<BagInUse>(bag.Id, bag.Name, bag.InUse(today)))],
        [.. Grinders.Where(grinder => grinder.Scale.Grinds).Select(grinder => new OnShelf<GrinderScale>(grinder.Id, grinder.Name, grinder.Scale))],
        [.. Vessels.Select(vessel => new OnShelf<Brewer>(vessel.Id, vessel.Name, vessel.AsBrewer))],
        last);

    /// <summary>The number of the place with the altitude nearest to a recipe's, so that water boils alike; null where there is none.</summary>
    public int? Nearest(Recipe written) => Places.MinBy(place => Math.Abs(place.AltitudeM - written.Place.AltitudeM))?.Id;

    /// <summary>The brewer families on the shelf.</summary>
    public static ValueTask<List<BrewerFamily>> FamiliesAsync(CisternDb db, CancellationToken ct) => Families(db).ToListAsync(ct);

    /// <summary>Loads it.</summary>
    public static async Task<PlanShelf> LoadAsync(CisternDb db, PlanState state, CancellationToken ct)
    {
        var family = state.BaseRecipe().Brewer.Family;
        return new PlanShelf(
            await Open(db, state.BagId).ToListAsync(ct),
            await Rows<Grinder>.OfAsync(db, state.GrinderId, ct),
            [.. (await Rows<BrewPlace>.OfAsync(db, state.PlaceId, ct)).OrderBy(place => place.Id)],
            [.. (await Rows<OwnedBrewer>.OfAsync(db, state.VesselId, ct)).Where(vessel => vessel.Family == family)],
            await Rows<Server>.OfAsync(db, state.ServerId, ct),
            await Rows<OwnedKettle>.OfAsync(db, state.KettleId, ct),
            await Rows<Spoon>.OfAsync(db, state.SpoonId, ct),
            await Rows<FilterStock>.OfAsync(db, null, ct));
    }

    /// <summary>Bags with coffee in them, by name, and the one in use.</summary>
    private static readonly Func<CisternDb, IAsyncEnumerable<BrewerFamily>> Families = EF.CompileAsyncQuery((CisternDb db) => db.Vessels.Where(vessel => vessel.RemovedAtMs == null).Select(vessel => vessel.Family).Distinct());

    private static readonly Func<CisternDb, int?, IAsyncEnumerable<Bag>> Open = EF.CompileAsyncQuery((CisternDb db, int? used) =>
        db.Bags.AsNoTracking().OrderBy(bag => bag.Name).Where(bag => (bag.RemovedAtMs == null && bag.UsedUpOn == null) || bag.Id == used));

    /// <summary>The things of a kind on the shelf, by name, and the one in use even if it was removed.</summary>
    private static class Rows<T>
        where T : class, IShelved
    {
        // Compiled once: every plan asks for eight kinds.
        private static readonly Func<CisternDb, int?, IAsyncEnumerable<T>> Query = EF.CompileAsyncQuery((CisternDb db, int? used) =>
            db.Set<T>().AsNoTracking().OrderBy(row => row.Name).Where(row => row.RemovedAtMs == null || row.Id == used));

        public static ValueTask<List<T>> OfAsync(CisternDb db, int? used, CancellationToken ct) => Query(db, used).ToListAsync(ct);
    }
}
