using Cistern.Core.Forecasts;

namespace Cistern.Web.Wording;

/// <summary>How a cup should taste, in words. Judgements, all of them.</summary>
public static class CupWording
{
    /// <summary>What a barista would call it: "hollow, sharp".</summary>
    public static string Of(Totals totals) => string.Join(", ", CupJudgement.Of(totals).Words);

    /// <summary>How much was drawn, with its figure.</summary>
    public static string ExtractionLevelOf(Totals totals) => $"{CupJudgement.Of(totals).ExtractionWords}, {FigureFormat.Number(100 * totals.ExtractionLevel, 0)} of 100";
}
