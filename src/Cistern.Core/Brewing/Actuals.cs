using System.Collections.Immutable;
using Cistern.Core.Recipes;

namespace Cistern.Core.Brewing;

/// <summary>What was weighed or read of a brew; what is not known is as planned.</summary>
public sealed record Actuals
{
    /// <summary>Nothing is known.</summary>
    public static Actuals None { get; } = new();

    /// <summary>What stood in the brewer at the end of a pour, by step, g of water.</summary>
    public ImmutableDictionary<int, double> PouredG { get; init; } = ImmutableDictionary<int, double>.Empty;

    /// <summary>The dose that really went in, g.</summary>
    public double? DoseG { get; init; }

    /// <summary>The water's temperature in the kettle, °C.</summary>
    public double? WaterC { get; init; }

    /// <summary>The median of what was ground for it, as it was measured, µm.</summary>
    public double? MedianUm { get; init; }

    /// <summary>What a siphon's burner gave before the coffee went in, W.</summary>
    public double? FlameW { get; init; }

    /// <summary>Steps that were not done: a stir, a lid, a valve left open.</summary>
    public ImmutableHashSet<int> Omitted { get; init; } = [];

    /// <summary>Water the drink was diluted with at the end, g.</summary>
    public double? DilutionG { get; init; }

    /// <summary>Ice it was chilled on, g.</summary>
    public double? IceG { get; init; }

    /// <summary>Whether a step can be left out and the brew still be one: what hands do in passing. Coffee and water have to go in, and what parts them has to come.</summary>
    public static bool CanBeOmitted(Step step) => step is Step.Preheat or Step.RinseFilter
        || (Verb.TraitsOf(step) is { Ends: StepEnding.Hands, MakesReady: false, BringsWater: false, Parts: false, Needs: StepNeeds.Nothing or StepNeeds.DryCoffee } && step is not (Step.AddCoffee or Step.Ice or Step.Tare or Step.LightBurner));
}
