using Cistern.Core.Forecasts;

namespace Cistern.Web.Wording;

/// <summary>How a cup should taste, in words. Judgements, all of them.</summary>
public static class CupWording
{
    /// <summary>What a barista would call it: "hollow, sharp".</summary>
    public static string Of(Totals totals) => string.Join(", ", CupJudgement.Of(totals).Words);

    /// <summary>How much was drawn.</summary>
    public static string Drawn(Totals totals) => CupJudgement.Of(totals).Drawn switch
    {
        Core.Forecasts.Drawn.Under => "under-drawn",
        Core.Forecasts.Drawn.ToTheEnd => "drawn to the end",
        _ => "well drawn",
    };

    /// <summary>How much was drawn, with its figure.</summary>
    public static string DrawnOf(Totals totals) => $"{Drawn(totals)}, {FigureFormat.Number(100 * totals.Drawn, 0)} of 100";
}
