using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Brews;

/// <summary>A barista's answer to a deviation: the correction was accepted or declined.</summary>
public sealed class DeviationAnswer
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>The kind of deviation, stored as a word.</summary>
    public DeviationKind Kind { get; set; }

    /// <summary>The step it was at.</summary>
    public int Step { get; set; }

    /// <summary>Whether the correction was accepted.</summary>
    public bool Taken { get; set; }

    /// <summary>The text that was shown.</summary>
    public required string Said { get; set; }

    /// <summary>When to end the steep, s on the brew clock; null as planned.</summary>
    [Column("ReleaseAtS")]
    public double? SteepEndAtS { get; set; }

    /// <summary>When to pour off after the plunge, s on the brew clock; null as planned.</summary>
    public double? PourOffAtS { get; set; }

    /// <summary>Water to dilute the drink with at the end, g; 0 for none.</summary>
    [Column("LetDownG")]
    public double DilutionG { get; set; }

    /// <summary>When it was answered, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>When it was taken back, or null.</summary>
    public long? UndoneAtMs { get; set; }

    /// <summary>Who answered: the barista of the device.</summary>
    public string By { get; set; } = "";
}
