using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Brews;

/// <summary>How it tasted.</summary>
public sealed class Tasting
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>Who tasted it; null where that is not known.</summary>
    public int? BaristaId { get; set; }

    /// <summary>Who tasted it, where loaded.</summary>
    public Shelf.Barista? Barista { get; set; }

    /// <summary>−5 (sour) to 5 (bitter).</summary>
    [Column("SharpHarsh")]
    public int? SourBitter { get; set; }

    /// <summary>−5 (thin) to 5 (heavy).</summary>
    public int? ThinHeavy { get; set; }

    /// <summary>0 to 10, in halves.</summary>
    public double? Score { get; set; }

    /// <summary>In the taster's words.</summary>
    public string Note { get; set; } = "";

    /// <summary>The refractometer's reading, % TDS, where there is one.</summary>
    public double? ReadTdsPercent { get; set; }

    /// <summary>The smell at the crust, in the taster's words.</summary>
    public string Crust { get; set; } = "";

    /// <summary>The complaints, in the words of the brew file, separated by blanks.</summary>
    public string Complaints { get; set; } = "";

    /// <summary>What the taster knows went differently, in the words of the brew file, separated by blanks.</summary>
    public string WentWrong { get; set; } = "";

    /// <summary>Which of the flavour notes on the bag were found, separated by commas.</summary>
    public string NotesFound { get; set; } = "";

    /// <summary>The look of the spent bed; null where unknown.</summary>
    public Core.Records.BedLook? Bed { get; set; }

    /// <summary>Sediment in the cup, 0 to 5; null where unknown.</summary>
    public int? Sediment { get; set; }

    /// <summary>The sips; their means are <see cref="SourBitter"/> and <see cref="ThinHeavy"/>.</summary>
    public List<TastingSip> Sips { get; } = [];

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}

/// <summary>One sip of a tasting.</summary>
public sealed class TastingSip
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The tasting it belongs to.</summary>
    public int TastingId { get; set; }

    /// <summary>How warm it was; kept as a word.</summary>
    public Core.Records.SipWhen When { get; set; }

    /// <summary>−5 (sour) to 5 (bitter).</summary>
    [Column("SharpHarsh")]
    public int? SourBitter { get; set; }

    /// <summary>−5 (thin) to 5 (heavy).</summary>
    public int? ThinHeavy { get; set; }

    /// <summary>Sweetness, 0 to 5.</summary>
    public int? Sweet { get; set; }

    /// <summary>Clarity, 0 to 5.</summary>
    public int? Clear { get; set; }

    /// <summary>How long the finish is, 0 to 5.</summary>
    public int? Finish { get; set; }

    /// <summary>Dryness, 0 to 5.</summary>
    public int? Dry { get; set; }
}
