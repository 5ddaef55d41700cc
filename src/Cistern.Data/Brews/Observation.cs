namespace Cistern.Data.Brews;

/// <summary>Something weighed or read of a brew, beside what was poured.</summary>
public sealed class Observation
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What it is of, with its unit: one of <see cref="ObservationNames"/>.</summary>
    public required string Name { get; set; }

    /// <summary>The value, in the unit of its name.</summary>
    public double Value { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>Whether an instrument told it, and nobody typed it.</summary>
    public bool Seen { get; set; }
}

/// <summary>What can be weighed or read of a brew.</summary>
public static class ObservationNames
{
    /// <summary>The dose that really went in, g.</summary>
    public const string Dose = "doseG";

    /// <summary>The median of what was ground for it, as it was measured, µm.</summary>
    public const string Grind = "grindUm";

    /// <summary>The water in the kettle at the first pour, °C.</summary>
    public const string Water = "waterC";

    /// <summary>The drink in the cup as it is drunk, g.</summary>
    public const string Beverage = "beverageG";

    /// <summary>Water it was diluted with, g.</summary>
    public const string Dilution = "letDownG";

    /// <summary>Ice it was put on, g.</summary>
    public const string Ice = "iceG";

    /// <summary>What a siphon's burner gave before the coffee went in, W.</summary>
    public const string Flame = "flameW";

    /// <summary>Begins the name of a step that was not done, with its number after it; its value is 1. At first only a scale said so, of stirs: hence the word in files.</summary>
    public const string Omitted = "unstirred";

    /// <summary>Begins the name of a sign that was seen, with its code, @ and the step after it; its value is the step.</summary>
    public const string Sign = "sign-";

    /// <summary>From the opening to the dry bed, s, where a file tells it and no entry does.</summary>
    public const string Drawdown = "drawdownS";

    /// <summary>Of the press or the plunge, s, where a file tells it and no entry does.</summary>
    public const string Press = "pressS";

    /// <summary>How the press or the plunge felt: 0 easy, 1 firm, 2 hard.</summary>
    public const string PressFelt = "pressFelt";
}
