using System.Collections.Immutable;
using Cistern.Core.Recipes;

namespace Cistern.Core.Fitting;

/// <summary>Whose a parameter is.</summary>
public enum FitScope
{
    /// <summary>A grinder's.</summary>
    Mill,

    /// <summary>A vessel's.</summary>
    Vessel,

    /// <summary>A coffee's.</summary>
    Coffee,

    /// <summary>A barista's.</summary>
    Barista,
}

/// <summary>With what a brew was brewed: what is learned is learned of these. An empty name is one too.</summary>
/// <param name="Grinder">The grinder.</param>
/// <param name="Vessel">The vessel.</param>
/// <param name="Coffee">The coffee.</param>
/// <param name="Barista">Who tasted it.</param>
public sealed record FitKeys(string Grinder, string Vessel, string Coffee, string Barista)
{
    /// <summary>What nobody chose: nothing is called so, and nothing is known of it.</summary>
    public const string NotChosen = "\n";

    /// <summary>The name that a scope has here.</summary>
    public string Of(FitScope scope) => scope switch
    {
        FitScope.Mill => Grinder,
        FitScope.Vessel => Vessel,
        FitScope.Coffee => Coffee,
        _ => Barista,
    };
}

/// <summary>What can be measured of a brew and held against its forecast.</summary>
public enum FitFigure
{
    /// <summary>Strength of the drink as it is drunk, %.</summary>
    TdsPercent,

    /// <summary>The drink as it is drunk, g.</summary>
    DrinkG,

    /// <summary>From the opening to the dry bed, s.</summary>
    DrawdownS,

    /// <summary>Force of the press, in thirds: easy 0, firm 1, hard 2.</summary>
    PressFelt,

    /// <summary>In the vessel at a moment, °C.</summary>
    SlurryC,
}

/// <summary>One thing measured.</summary>
/// <param name="Figure">What.</param>
/// <param name="Value">What it came to, in the unit of its name.</param>
/// <param name="AtS">When, s on the brew clock; of a temperature.</param>
public readonly record struct FitReading(FitFigure Figure, double Value, double AtS = 0);

/// <summary>How it tasted to one person.</summary>
/// <param name="Barista">Who.</param>
/// <param name="SourBitter">−5 to 5, or null.</param>
/// <param name="ThinHeavy">−5 to 5, or null.</param>
public sealed record FitTaste(string Barista, double? SourBitter, double? ThinHeavy);

/// <summary>A brew as fitting takes it.</summary>
/// <param name="Name">What it is called where it is told of.</param>
/// <param name="Brewed">How it really went.</param>
/// <param name="Keys">With what.</param>
public sealed record FitBrew(string Name, Recipe Brewed, FitKeys Keys)
{
    /// <summary>What was measured.</summary>
    public ImmutableArray<FitReading> Readings { get; init; } = [];

    /// <summary>What was tasted.</summary>
    public ImmutableArray<FitTaste> Tastes { get; init; } = [];

    /// <summary>The median of what was ground for it as it was measured in a picture, µm; <see cref="Brewed"/> then has what the grinder's table says. Null where nobody measured.</summary>
    public double? MeasuredUm { get; init; }

    /// <summary>Whether there is anything to learn from it.</summary>
    public bool Tells => !Readings.IsEmpty || MeasuredUm is not null || Tastes.Any(taste => taste is not { SourBitter: null, ThinHeavy: null });
}
