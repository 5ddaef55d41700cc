using Cistern.Core.Forecasts;

namespace Cistern.Web.Wording;

/// <summary>How a cup should taste, in words. Judgements, all of them.</summary>
public static class CupWording
{
    /// <summary>What a barista would call it: "hollow, sharp".</summary>
    public static string Of(Totals totals) => string.Join(", ", CupJudgement.Of(totals).Words);

    /// <summary>How strong and how it should taste: "1.25 % TDS, balanced"; the words alone to whoever goes by taste.</summary>
    /// <param name="totals">What the brew comes to.</param>
    /// <param name="format">How it is told.</param>
    public static string Strength(Totals totals, FigureFormat format) => $"{Tds(totals, format)}{Of(totals)}";

    /// <summary>How strong, with what parts it from what follows; nothing to whoever goes by taste.</summary>
    public static string Tds(Totals totals, FigureFormat format) => format.Hand.ByTaste ? "" : $"{FigureFormat.Percent(totals.FinalTdsPercent, 2)} TDS, ";

    /// <summary>What of the grounds comes along into the cup. Judged: under 0.02, 0.08 and 0.16 g in 100 g.</summary>
    public static string Sediment(Totals totals) => totals.SedimentGPer100G switch { < 0.02 => "clear", < 0.08 => "hardly any", < 0.16 => "a little", < 0.26 => "some", _ => "muddy" };

    /// <summary>How much was drawn, with its figure.</summary>
    public static string ExtractionLevelOf(Totals totals) => $"{CupJudgement.Of(totals).ExtractionWords}, {FigureFormat.Number(100 * totals.ExtractionLevel, 0)} of 100";
}
