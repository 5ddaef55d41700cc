namespace Cistern.Core.Planning;

/// <summary>Things to do before the clock starts.</summary>
public enum Chore
{
    /// <summary>Weigh the dose.</summary>
    Weigh,

    /// <summary>Grind it.</summary>
    Grind,

    /// <summary>Rinse the filter, and empty the rinse water.</summary>
    RinseFilter,

    /// <summary>Warm the vessel, and empty it.</summary>
    WarmVessel,

    /// <summary>Weigh the ice.</summary>
    WeighIce,

    /// <summary>Batch the siphon's bulb.</summary>
    ChargeBulb,

    /// <summary>Heat the bulb over the flame until the water rises.</summary>
    HeatBulb,

    /// <summary>Put the vessel, server, scale and tools within reach.</summary>
    LayOut,
}

/// <summary>One preparation.</summary>
/// <param name="Chore">What is done.</param>
/// <param name="TakesS">About how long it takes, s; judged.</param>
public readonly record struct Preparing(Chore Chore, double TakesS);

/// <summary>The equipment for preparing.</summary>
/// <param name="Kettle">How the water is heated; null where unknown.</param>
/// <param name="GrindingSPerG">Seconds per gram of the grinder; 0 for a bag bought ground.</param>
public sealed record PreparationGear(Heating? Kettle, double GrindingSPerG);

/// <summary>What must be prepared for a plan, and when to begin so that the drink is ready on time.</summary>
/// <param name="Things">The preparations, in a good order.</param>
/// <param name="WaterG">Water to heat in the kettle, g: for pouring, diluting, rinsing and warming; 0 where a flame heats all of it.</param>
/// <param name="HeatS">How long the kettle takes, s; null where its power is unknown.</param>
/// <param name="LeadS">From first water to the finish, s.</param>
public sealed record Preparation(IReadOnlyList<Preparing> Things, double WaterG, double? HeatS, double LeadS)
{
    /// <summary>Water to rinse the filter and warm the vessel, g. Judged.</summary>
    private const double RinseG = 150;

    /// <summary>Share of a flame's power that reaches the water in the bulb. Judged: glass, a naked flame, and losses around it.</summary>
    private const double FlameEfficiency = 0.55;

    /// <summary>Temperature of the water filled into the bulb, °C, where it is not heated before. Judged.</summary>
    private const double TapC = 18;

    /// <summary>Duration of all preparations one after the other, s.</summary>
    public double TakesS => Things.Sum(thing => thing.TakesS);

    /// <summary>
    /// How long before the finish the kettle must be switched on, s; null where its power is unknown. Other preparations are done
    /// while it heats.
    /// </summary>
    public double? KettleBeforeFinishS => HeatS is { } heatS ? LeadS + Math.Max(heatS, TakesS) : null;

    /// <summary>How long before the finish somebody must be there, s.</summary>
    public double HandsNeededBeforeFinishS => LeadS + TakesS;

    /// <summary>What a plan needs got ready.</summary>
    /// <param name="forecast">Its forecast.</param>
    /// <param name="gear">The equipment.</param>
    public static Preparation Of(Forecast forecast, PreparationGear gear)
    {
        var recipe = forecast.Recipe;
        var steps = recipe.Steps;
        var siphon = recipe.Brewer.Family == BrewerFamily.Siphon;
        var things = new List<Preparing> { new(Chore.LayOut, 30), new(Chore.Weigh, 20) };
        if (gear.GrindingSPerG > 0)
        {
            things.Add(new Preparing(Chore.Grind, Math.Ceiling((10 + (gear.GrindingSPerG * recipe.Coffee.DoseG)) / 5) * 5));
        }

        var rinses = steps.Any(step => step is Step.RinseFilter);
        var warms = steps.Any(step => step is Step.Preheat);
        if (steps.Any(step => step is Step.Ice))
        {
            things.Add(new Preparing(Chore.WeighIce, 20));
        }

        if (siphon)
        {
            things.Add(new Preparing(Chore.ChargeBulb, 20));
        }

        // These two want hot water, so they come last.
        if (rinses)
        {
            things.Add(new Preparing(Chore.RinseFilter, 20));
        }

        if (warms)
        {
            things.Add(new Preparing(Chore.WarmVessel, 30));
        }

        // A siphon's water is heated in its bulb by the flame.
        if (siphon)
        {
            var boilsC = WaterPhysics.BoilingPointC(recipe.Place.AltitudeM);
            var flameW = steps.OfType<Step.LightBurner>().FirstOrDefault()?.FlameW ?? ForecastModel.UsualFlameW;
            things.Add(new Preparing(Chore.HeatBulb, Math.Ceiling(recipe.WaterG * WaterPhysics.SpecificHeat * (boilsC - TapC) / (FlameEfficiency * flameW) / 10) * 10));
        }

        var waterG = (siphon || forecast.IsCold ? 0 : recipe.WaterG) + steps.OfType<Step.Dilute>().Where(step => step.TemperatureC is null or > 40).Sum(step => step.WaterG) + (rinses || warms ? RinseG : 0);
        var firstS = FirstWaterS(forecast);
        return new Preparation(things, waterG, waterG <= 0 ? 0 : gear.Kettle?.Seconds(waterG, recipe.Place.AmbientC, recipe.Water.TemperatureC, recipe.Place.AltitudeM), forecast.Totals.FinishS - firstS);
    }

    private static double FirstWaterS(Forecast forecast)
    {
        for (var i = 0; i < forecast.Timings.Length; i++)
        {
            if (Verb.TraitsOf(forecast.Recipe.Steps[i]).BringsWater)
            {
                return forecast.Timings[i].StartS;
            }
        }

        return 0;
    }
}
