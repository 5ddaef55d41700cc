namespace Cistern.Data.Brews;

/// <summary>A weight at the end of a pour: typed in, or detected.</summary>
public sealed class Weighing
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>The index of the pour.</summary>
    public int StepIndex { get; set; }

    /// <summary>Water in the brewer so far, g.</summary>
    public double TotalG { get; set; }

    /// <summary>Whether it comes from an instrument rather than a person.</summary>
    public bool Seen { get; set; }
}
