namespace Cistern.Application.Plans;

/// <summary>What is needed to compute a plan.</summary>
/// <param name="Shelf">The shelf.</param>
/// <param name="Today">The day, in the server's time zone.</param>
/// <param name="Model">The published model.</param>
/// <param name="Learned">What was learned from brews, where that is used.</param>
public sealed record PlanContext(PlanShelf Shelf, DateOnly Today, ForecastModel Model, Learned Learned)
{
    /// <summary>The shelf as the core takes it.</summary>
    public PlanGear Gear => new(Shelf, Today);

    /// <summary>What a plan is brewed with, as keys for learning.</summary>
    public FitKeys KeysOf(Plan plan)
    {
        var ground = plan.Picks.BagId is { } bagId && Gear.Bag(bagId)?.Ground is not null;
        return new FitKeys(
            (ground ? null : Name(Shelf.Grinders, plan.Picks.GrinderId)) ?? FitKeys.NotChosen,
            RecordFitting.Vessel(Name(Shelf.Vessels, plan.Picks.VesselId) ?? "", plan.Base.Brewer),
            Name(Shelf.Bags, plan.Picks.BagId) ?? FitKeys.NotChosen,
            "");
    }

    /// <summary>The model for a plan's forecast, with what was learned and with the uncertainty of a grinder that was never measured.</summary>
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
