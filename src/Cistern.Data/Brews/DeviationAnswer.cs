using System.ComponentModel.DataAnnotations.Schema;
using Cistern.Core.Brewing;

namespace Cistern.Data.Brews;

/// <summary>What somebody answered where something went otherwise than planned: what was offered was taken, or left.</summary>
public sealed class DeviationAnswer
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>What went otherwise; kept as a word.</summary>
    public DeviationKind Kind { get; set; }

    /// <summary>The step it was at.</summary>
    public int Step { get; set; }

    /// <summary>Whether what was offered was taken; otherwise it was left as it was.</summary>
    public bool Taken { get; set; }

    /// <summary>What was said of it and offered, as it was read.</summary>
    public required string Said { get; set; }

    /// <summary>When to begin the release, s on the clock; null as planned.</summary>
    [Column("ReleaseAtS")]
    public double? SteepEndAtS { get; set; }

    /// <summary>When to pour off what was plunged, s on the clock; null as planned.</summary>
    public double? PourOffAtS { get; set; }

    /// <summary>Water to let the drink down by at the end, g; 0 for none.</summary>
    [Column("LetDownG")]
    public double DilutionG { get; set; }

    /// <summary>When it was answered, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>When it was taken back, or null.</summary>
    public long? UndoneAtMs { get; set; }

    /// <summary>Who answered: the barista of the device.</summary>
    public string By { get; set; } = "";
}
