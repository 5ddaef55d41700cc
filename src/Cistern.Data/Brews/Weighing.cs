namespace Cistern.Data.Brews;

/// <summary>A weight read off the scale: typed in, or seen.</summary>
public sealed class Weighing
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>The pour it was read after, counted from 0.</summary>
    public int StepIndex { get; set; }

    /// <summary>Water in the brewer so far, g.</summary>
    public double TotalG { get; set; }

    /// <summary>Whether an instrument told it, and nobody typed it.</summary>
    public bool Seen { get; set; }
}
