namespace Cistern.Core.Readings;

/// <summary>What an instrument measures; each kind has one unit. Stored and sent as a word.</summary>
public enum ReadingOf
{
    /// <summary>The scale's display, g since the last tare.</summary>
    ScaleG,

    /// <summary>A thermometer in the vessel, °C.</summary>
    SlurryC,

    /// <summary>The kettle, °C.</summary>
    KettleC,

    /// <summary>What the burner gives, W.</summary>
    BurnerW,

    /// <summary>A refractometer, % TDS.</summary>
    TdsPercent,
}

/// <summary>One reading.</summary>
/// <param name="Of">What was measured, which implies the unit.</param>
/// <param name="AtMs">When, UTC milliseconds of the server's clock.</param>
/// <param name="Value">The reading.</param>
public readonly record struct Reading(ReadingOf Of, double AtMs, double Value);

/// <summary>The possible values of a kind of reading.</summary>
/// <param name="Of">What is read.</param>
/// <param name="Word">The word by which it is sent and exported.</param>
/// <param name="Unit">Its unit, as shown.</param>
/// <param name="Low">The lowest value that an instrument can show.</param>
/// <param name="High">The most.</param>
/// <param name="Step">The resolution at which it is stored, finer than that of any instrument used here.</param>
public sealed record ReadingRange(ReadingOf Of, string Word, string Unit, double Low, double High, double Step)
{
    /// <summary>Every kind of reading.</summary>
    public static ImmutableArray<ReadingRange> All { get; } =
    [
        new(ReadingOf.ScaleG, "scaleG", "g", -20_000, 20_000, 0.1),
        new(ReadingOf.SlurryC, "slurryC", "°C", -30, 150, 0.1),
        new(ReadingOf.KettleC, "kettleC", "°C", -30, 150, 0.1),
        new(ReadingOf.BurnerW, "burnerW", "W", 0, 10_000, 1),
        new(ReadingOf.TdsPercent, "tdsPercent", "%", 0, 50, 0.01),
    ];

    /// <summary>The range of a kind.</summary>
    public static ReadingRange For(ReadingOf of) => All.First(range => range.Of == of);

    /// <summary>The range for a word, or null.</summary>
    public static ReadingRange? Find(string? word) => All.FirstOrDefault(range => range.Word == word);

    /// <summary>The kind for a stored word; <see cref="Words{T}.Unknown"/> where this version does not know it.</summary>
    public static ReadingOf OfWord(string word) => Find(word)?.Of ?? Words<ReadingOf>.Unknown;

    /// <summary>Whether an instrument can show this value.</summary>
    public bool Holds(double value) => double.IsFinite(value) && value >= Low && value <= High;
}
