namespace Cistern.Core.Planning;

/// <summary>A thing on the shelf.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Name">Its name. What a brew used is recorded by name, so a new bag of the same coffee counts as that coffee.</param>
/// <param name="Thing">What a plan needs of it.</param>
public sealed record OnShelf<T>(int Id, string Name, T Thing);

/// <summary>The names of what a barista last brewed a family with; empty where the recipe's own was used.</summary>
public sealed record LastGear(string Coffee, string Grinder, string Vessel)
{
    /// <summary>Nothing has been brewed yet.</summary>
    public static LastGear None { get; } = new("", "", "");
}

/// <summary>
/// What a plan takes from the shelf when a recipe is opened: what was last brewed with in its family, or the only one there is. Where
/// there are several and none was used, the recipe's own is kept, since a guess would be recorded as a fact.
/// </summary>
public static class OwnGear
{
    /// <summary>Chooses the bag, the grinder and the vessel.</summary>
    /// <param name="written">The forecast of the recipe as written.</param>
    /// <param name="bags">The bags that are not used up.</param>
    /// <param name="grinders">The grinders whose scale can be used.</param>
    /// <param name="vessels">The vessels.</param>
    /// <param name="last">What was last brewed with in this family.</param>
    public static PlanPicks Of(Forecast written, IReadOnlyList<OnShelf<BagInUse>> bags, IReadOnlyList<OnShelf<GrinderScale>> grinders, IReadOnlyList<OnShelf<Brewer>> vessels, LastGear last)
    {
        var bag = One(bags, last.Coffee);
        // What is bought ground passes no grinder.
        var grinder = bag?.Thing.Ground is null ? One(grinders, last.Grinder) : null;
        List<OnShelf<Brewer>> own = [.. vessels.Where(vessel => Brews(vessel.Thing, written.Recipe.Brewer))];
        List<OnShelf<Brewer>> fitting = [.. own.Where(vessel => Holds(vessel.Thing, written))];
        // A vessel that is too small is taken where there is no other; the recipe is then scaled to it.
        return new PlanPicks { BagId = bag?.Id, GrinderId = grinder?.Id, VesselId = One(fitting.Count > 0 ? fitting : own, last.Vessel)?.Id };
    }

    /// <summary>Whether a vessel holds a recipe as written, foam included.</summary>
    public static bool Holds(Brewer vessel, Forecast written) => vessel.CapacityMl >= written.Totals.PeakVolumeMl;

    /// <summary>Whether a recipe can be brewed in a vessel: the same family, filter and cone.</summary>
    private static bool Brews(Brewer vessel, Brewer asked) =>
        vessel.Family == asked.Family && Vessel.FilterOf(vessel) == Vessel.FilterOf(asked) && (vessel.Cone is null || asked.Cone is null || vessel.Cone == asked.Cone);

    private static OnShelf<T>? One<T>(IReadOnlyList<OnShelf<T>> things, string last) =>
        (last.Length > 0 ? things.FirstOrDefault(thing => thing.Name == last) : null) ?? (things is [var only] ? only : null);
}
