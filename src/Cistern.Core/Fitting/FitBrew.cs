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

/// <summary>What a brew was brewed with: parameters are learned for each of these. An empty name is a valid one.</summary>
/// <param name="Grinder">The grinder.</param>
/// <param name="Vessel">The vessel.</param>
/// <param name="Coffee">The coffee.</param>
/// <param name="Barista">Who tasted it.</param>
public sealed record FitKeys(string Grinder, string Vessel, string Coffee, string Barista)
{
    /// <summary>Stands for something that was not chosen; nothing has this name, and nothing is learned of it.</summary>
    public const string NotChosen = "\n";

    /// <summary>The name that a scope has here.</summary>
    public string Of(FitScope scope) => scope switch
    {
        FitScope.Mill => Grinder,
        FitScope.Vessel => Vessel,
        FitScope.Coffee => Coffee,
        FitScope.Barista => Barista,
    };
}

/// <summary>Measurements of a brew that are compared with its forecast.</summary>
public enum FitFigure
{
    /// <summary>Strength of the finished drink, %.</summary>
    TdsPercent,

    /// <summary>The finished drink, g.</summary>
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
/// <param name="Value">The value, in the unit of the figure.</param>
/// <param name="AtS">When, s on the brew clock; only for a temperature.</param>
public readonly record struct FitReading(FitFigure Figure, double Value, double AtS = 0);

/// <summary>How it tasted to one person.</summary>
/// <param name="Barista">Who.</param>
/// <param name="SourBitter">−5 to 5, or null.</param>
/// <param name="ThinHeavy">−5 to 5, or null.</param>
public sealed record FitTaste(string Barista, double? SourBitter, double? ThinHeavy);

/// <summary>A brew as input of the fit.</summary>
/// <param name="Name">Its name in reports.</param>
/// <param name="Brewed">The recipe as it was brewed.</param>
/// <param name="Keys">With what.</param>
public sealed record FitBrew(string Name, Recipe Brewed, FitKeys Keys)
{
    /// <summary>What was measured.</summary>
    public ImmutableArray<FitReading> Readings { get; init; } = [];

    /// <summary>What was tasted.</summary>
    public ImmutableArray<FitTaste> Tastes { get; init; } = [];

    /// <summary>
    /// The median measured in a picture of its grounds, µm; <see cref="Brewed"/> then has the median of the grinder's scale. Null
    /// where it was not measured.
    /// </summary>
    public double? MeasuredUm { get; init; }

    /// <summary>Whether anything can be learned from it.</summary>
    public bool Tells => !Readings.IsEmpty || MeasuredUm is not null || Tastes.Any(taste => taste is not { SourBitter: null, ThinHeavy: null });
}
