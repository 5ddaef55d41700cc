using Cistern.Core.Forecasts;
using Cistern.Core.Physics;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>A thing that stands on the shelf.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Name">Its name: what was brewed with is remembered by names, so a new bag of the same coffee is that coffee.</param>
/// <param name="Thing">What a plan takes of it.</param>
public sealed record OnShelf<T>(int Id, string Name, T Thing);

/// <summary>What a barista last brewed a family of vessel with, by name; empty where that was left as written.</summary>
public sealed record LastGear(string Coffee, string Grinder, string Vessel)
{
    /// <summary>Nothing has been brewed yet.</summary>
    public static LastGear None { get; } = new("", "", "");
}

/// <summary>
/// What of the shelf a plan takes by itself when a recipe is opened: what was last brewed with in its family, or the only
/// one there is. Where several would do and none was used, the recipe's own stays: a guess would be logged as if it were known.
/// </summary>
public static class OwnGear
{
    /// <summary>Picks the bag, the grinder and the vessel.</summary>
    /// <param name="written">The forecast of the recipe as it is written.</param>
    /// <param name="bags">What is on the shelf and not used up.</param>
    /// <param name="grinders">The grinders that can grind.</param>
    /// <param name="vessels">The vessels.</param>
    /// <param name="last">What was last brewed with in this family.</param>
    public static PlanPicks Of(Forecast written, IReadOnlyList<OnShelf<BagInUse>> bags, IReadOnlyList<OnShelf<GrinderScale>> grinders, IReadOnlyList<OnShelf<Brewer>> vessels, LastGear last)
    {
        var bag = One(bags, last.Coffee);
        // What is bought ground passes no grinder.
        var grinder = bag?.Thing.Ground is null ? One(grinders, last.Grinder) : null;
        return new PlanPicks { BagId = bag?.Id, GrinderId = grinder?.Id, VesselId = One([.. vessels.Where(vessel => Fits(vessel.Thing, written))], last.Vessel)?.Id };
    }

    /// <summary>Whether a recipe can be brewed in a vessel as it is written: of its family, with its filter and cone, and large enough, foam counted.</summary>
    private static bool Fits(Brewer vessel, Forecast written)
    {
        var asked = written.Recipe.Brewer;
        return vessel.Family == asked.Family && Vessel.FilterOf(vessel) == Vessel.FilterOf(asked) && (vessel.Cone is null || asked.Cone is null || vessel.Cone == asked.Cone)
            && vessel.CapacityMl >= written.Totals.PeakVolumeMl;
    }

    private static OnShelf<T>? One<T>(IReadOnlyList<OnShelf<T>> things, string last) =>
        (last.Length > 0 ? things.FirstOrDefault(thing => thing.Name == last) : null) ?? (things is [var only] ? only : null);
}
