using System.Collections.Immutable;

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

    /// <summary>What a siphon's burner gave before the coffee went in, W.</summary>
    public double? FlameW { get; init; }

    /// <summary>Stirs that were not done, by step.</summary>
    public ImmutableHashSet<int> Unstirred { get; init; } = [];

    /// <summary>Water the drink was let down with at the end, g.</summary>
    public double? DilutionG { get; init; }

    /// <summary>Ice it was chilled on, g.</summary>
    public double? IceG { get; init; }
}
