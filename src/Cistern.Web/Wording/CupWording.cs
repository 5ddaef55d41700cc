using Cistern.Core.Forecasts;

namespace Cistern.Web.Wording;

/// <summary>How a cup should taste, in words. Judgements, all of them.</summary>
public static class CupWording
{
    /// <summary>What a barista would call it: "hollow, sharp".</summary>
    public static string Of(Totals totals) => string.Join(", ", CupJudgement.Of(totals).Words);

    /// <summary>What of the grounds comes along into the cup. Judged: under 0.02, 0.08 and 0.16 g in 100 g.</summary>
    public static string Sediment(Totals totals) => totals.SedimentGPer100G switch { < 0.02 => "clear", < 0.08 => "hardly any", < 0.16 => "a little", < 0.26 => "some", _ => "muddy" };

    /// <summary>How much was drawn, with its figure.</summary>
    public static string ExtractionLevelOf(Totals totals) => $"{CupJudgement.Of(totals).ExtractionWords}, {FigureFormat.Number(100 * totals.ExtractionLevel, 0)} of 100";
}
