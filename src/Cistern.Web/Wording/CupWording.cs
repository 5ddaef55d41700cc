namespace Cistern.Web.Wording;

/// <summary>How a cup should taste, in words. All of these are judgements.</summary>
public static class CupWording
{
    /// <summary>A barista's words: "hollow, sour".</summary>
    public static string Of(Totals totals) => string.Join(", ", CupJudgement.Of(totals).Words);

    /// <summary>Strength and taste: "1.25 % TDS, balanced"; only the words for a barista who goes by taste.</summary>
    /// <param name="totals">The figures of the brew.</param>
    /// <param name="format">How figures are shown.</param>
    public static string Strength(Totals totals, FigureFormat format) => $"{Tds(totals, format)}{Of(totals)}";

    /// <summary>The strength followed by a separator; empty for a barista who goes by taste.</summary>
    public static string Tds(Totals totals, FigureFormat format) => format.Equipment.ByTaste ? "" : $"{FigureFormat.Percent(totals.FinalTdsPercent, 2)} TDS, ";

    /// <summary>The sediment in the cup. Judged: limits at 0.02, 0.08 and 0.16 g per 100 g.</summary>
    public static string Sediment(Totals totals) => totals.SedimentGPer100G switch { < 0.02 => "clear", < 0.08 => "hardly any", < 0.16 => "a little", < 0.26 => "some", _ => "muddy" };

    /// <summary>How far the extraction went, with its figure.</summary>
    public static string ExtractionLevelOf(Totals totals) => $"{CupJudgement.Of(totals).ExtractionWords}, {FigureFormat.Number(100 * totals.ExtractionLevel, 0)} of 100";
}
