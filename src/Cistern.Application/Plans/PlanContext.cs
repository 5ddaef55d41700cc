using Cistern.Core.Fitting;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Records;
using Cistern.Data.Shelf;

namespace Cistern.Application.Plans;

/// <summary>What a plan is worked out with.</summary>
/// <param name="Shelf">What the shelf offers.</param>
/// <param name="Today">The day, where the server stands.</param>
/// <param name="Model">The model as published.</param>
/// <param name="Learned">What was learned from brews, where that is to be used.</param>
public sealed record PlanContext(PlanShelf Shelf, DateOnly Today, ForecastModel Model, Learned Learned)
{
    /// <summary>The shelf as the core takes it.</summary>
    public PlanGear Gear => new(Shelf, Today);

    /// <summary>With what a plan is brewed, as it is learned of.</summary>
    public FitKeys KeysOf(Plan plan)
    {
        var ground = plan.Picks.BagId is { } bagId && Gear.Bag(bagId)?.Ground is not null;
        return new FitKeys(
            (ground ? null : Name(Shelf.Grinders, plan.Picks.GrinderId)) ?? FitKeys.NotChosen,
            RecordFitting.Vessel(Name(Shelf.Vessels, plan.Picks.VesselId) ?? "", plan.Base.Brewer),
            Name(Shelf.Bags, plan.Picks.BagId) ?? FitKeys.NotChosen,
            "");
    }

    /// <summary>The model a plan is forecast by: what was learned is in it, and how little is known of a grinder nobody has measured.</summary>
    public ForecastModel ModelOf(Plan plan)
    {
        var keys = KeysOf(plan);
        var model = Learned.Model(Model, keys);
        return keys.Grinder != FitKeys.NotChosen && plan.Picks is { GrinderId: { } id, GrinderSetting: { } setting } && Shelf.Grinders.FirstOrDefault(grinder => grinder.Id == id)?.HalfWidthUm(setting) is { } half
            ? model with { Spread = model.Spread.WithGrinderOffBy(half / Confidence.Eighty) }
            : model;
    }

    private static string? Name(IEnumerable<IShelved> things, int? id) => id is { } number ? things.FirstOrDefault(thing => thing.Id == number)?.Name : null;
}
