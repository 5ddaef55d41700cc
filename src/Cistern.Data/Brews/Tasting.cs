using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Brews;

/// <summary>How it tasted.</summary>
public sealed class Tasting
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>Who tasted it; null where that is not known.</summary>
    public int? BaristaId { get; set; }

    /// <summary>Who tasted it, where that was loaded.</summary>
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

    /// <summary>What a refractometer read, % TDS, where there was one.</summary>
    public double? ReadTdsPercent { get; set; }

    /// <summary>How it smelt at the crust, in the taster's words.</summary>
    public string Crust { get; set; } = "";

    /// <summary>What was complained of, in the words of the brew file, with blanks between.</summary>
    public string Complaints { get; set; } = "";

    /// <summary>What the taster knows went otherwise, in the words of the brew file, with blanks between.</summary>
    public string WentWrong { get; set; } = "";

    /// <summary>Which of the bag's notes were there, with commas between.</summary>
    public string NotesFound { get; set; } = "";

    /// <summary>What the spent bed showed; null where nobody said it.</summary>
    public Core.Records.BedLook? Bed { get; set; }

    /// <summary>Sediment in the cup, 0 to 5; null where nobody said it.</summary>
    public int? Sediment { get; set; }

    /// <summary>Each sip; what is said of them all together is in <see cref="SourBitter"/> and <see cref="ThinHeavy"/>.</summary>
    public List<TastingSip> Sips { get; } = [];

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}

/// <summary>One sip of a tasting.</summary>
public sealed class TastingSip
{
    /// <summary>Its number in the data file.</summary>
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
