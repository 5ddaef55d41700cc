namespace Cistern.Data.Brews;

/// <summary>A value weighed or read during a brew, other than a pour.</summary>
public sealed class Observation
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What it is, including the unit: one of <see cref="ObservationNames"/>.</summary>
    public required string Name { get; set; }

    /// <summary>The value, in the unit of its name.</summary>
    public double Value { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>Whether it comes from an instrument rather than a person.</summary>
    public bool Seen { get; set; }
}

/// <summary>Names of observations.</summary>
public static class ObservationNames
{
    /// <summary>The dose that really went in, g.</summary>
    public const string Dose = "doseG";

    /// <summary>The measured median of the grind, µm.</summary>
    public const string Grind = "grindUm";

    /// <summary>The water in the kettle at the first pour, °C.</summary>
    public const string Water = "waterC";

    /// <summary>The finished drink in the cup, g.</summary>
    public const string Beverage = "beverageG";

    /// <summary>Water it was diluted with, g.</summary>
    public const string Dilution = "letDownG";

    /// <summary>Ice it was put on, g.</summary>
    public const string Ice = "iceG";

    /// <summary>Power of a siphon's burner before the coffee went in, W.</summary>
    public const string Flame = "flameW";

    /// <summary>
    /// Prefix for a step that was not done, followed by its index; its value is 1. The word is from when only a scale reported it, for
    /// stirs.
    /// </summary>
    public const string Omitted = "unstirred";

    /// <summary>Prefix for a sign that was seen, followed by its code, @ and the index of the step; its value is the step.</summary>
    public const string Sign = "sign-";

    /// <summary>From the opening to the dry bed, s, where a file gives it and no entry does.</summary>
    public const string Drawdown = "drawdownS";

    /// <summary>Length of the press or the plunge, s, where a file gives it and no entry does.</summary>
    public const string Press = "pressS";

    /// <summary>How the press or the plunge felt: 0 easy, 1 firm, 2 hard.</summary>
    public const string PressFelt = "pressFelt";
}
