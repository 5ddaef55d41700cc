namespace Cistern.Core.Brewing;

/// <summary>What was weighed or read during a brew; whatever is unknown is taken to be as planned.</summary>
public sealed record Actuals
{
    /// <summary>Nothing is known.</summary>
    public static Actuals None { get; } = new();

    /// <summary>Water in the brewer at the end of each pour, g, by step.</summary>
    public ImmutableDictionary<int, double> PouredG { get; init; } = ImmutableDictionary<int, double>.Empty;

    /// <summary>The dose that really went in, g.</summary>
    public double? DoseG { get; init; }

    /// <summary>The water's temperature in the kettle, °C.</summary>
    public double? WaterC { get; init; }

    /// <summary>The measured median of the grind, µm.</summary>
    public double? MedianUm { get; init; }

    /// <summary>Power of a siphon's burner before the coffee went in, W.</summary>
    public double? FlameW { get; init; }

    /// <summary>Steps that were not done: a stir, a lid, a valve left open.</summary>
    public ImmutableHashSet<int> Omitted { get; init; } = [];

    /// <summary>Water the finished drink was diluted with, g.</summary>
    public double? DilutionG { get; init; }

    /// <summary>Ice it was chilled on, g.</summary>
    public double? IceG { get; init; }

    /// <summary>Whether a brew can be complete without this step. Coffee, water and the end of the steep are always needed.</summary>
    public static bool CanBeOmitted(Step step) => step is Step.Preheat or Step.RinseFilter
        || (Verb.TraitsOf(step) is { Ends: StepEnding.Hands, MakesReady: false, BringsWater: false, Parts: false, Needs: StepNeeds.Nothing or StepNeeds.DryCoffee } && step is not (Step.AddCoffee or Step.Ice or Step.Tare or Step.LightBurner));
}
