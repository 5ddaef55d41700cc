namespace Cistern.Data.Brews;

/// <summary>Some readings of one kind, packed as a curve is (<see cref="Core.Readings.Curve.Pack"/>): those that came together.</summary>
public sealed class ReadingChunk
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What was read; kept as a word.</summary>
    public Core.Readings.ReadingOf Of { get; set; }

    /// <summary>The readings.</summary>
    public required byte[] Packed { get; set; }
}
