namespace Cistern.Data.Brews;

/// <summary>Readings of one kind that were received together, packed as a curve (<see cref="Core.Readings.Curve.Pack"/>).</summary>
public sealed class ReadingChunk
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What was read; kept as a word.</summary>
    public Core.Readings.ReadingOf Of { get; set; }

    /// <summary>The readings.</summary>
    public required byte[] Packed { get; set; }
}
