namespace Cistern.Drawing;

/// <summary>A pair of brews on one time axis: when each needs hands, when each is done, and when its cup can be tasted.</summary>
public static class HandsStrip
{
    private const double LanePx = 34;
    private const double TopPx = 26;
    private const double BarPx = 20;

    /// <summary>Draws it.</summary>
    /// <param name="first">A.</param>
    /// <param name="second">B.</param>
    /// <param name="staggerS">How long after A's clock that of B starts, s.</param>
    /// <param name="widthPx">Its width, px.</param>
    public static string Draw(Forecast first, Forecast second, double staggerS, double widthPx)
    {
        var tasted = PairPlanning.Tasted(first, second, staggerS);
        var lanes = new[] { ("A", first, 0.0), ("B", second, staggerS) };
        var (left, right) = (30.0, widthPx - 16);
        var fromS = Math.Min(0, lanes.Min(lane => PairPlanning.HandsOf(lane.Item2) is [var hands, ..] ? hands.FromS + lane.Item3 : 0));
        var toS = Math.Max(fromS + 1, tasted.AtS);
        double X(double timeS) => left + ((timeS - fromS) / (toS - fromS) * (right - left));
        var bottom = TopPx + (2 * LanePx);

        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {widthPx} {bottom + 24}\" class=\"chart hands-strip\" role=\"img\" aria-label=\"{Svg.Encode($"When each needs hands. {string.Join(" ", lanes.Select(lane => $"{lane.Item1}: {string.Join(", ", PairPlanning.HandsOf(lane.Item2).Select(span => $"{ClockTime.Text(span.FromS + lane.Item3)} to {ClockTime.Text(span.ToS + lane.Item3)}"))}; done at {ClockTime.Text(lane.Item2.Totals.FinishS + lane.Item3)}."))} On the clock of A.")}\">");
        foreach (var timeS in Ticks.OfTime(fromS, toS, right - left))
        {
            svg.Add($"<line class=\"chart-grid\" x1=\"{X(timeS)}\" x2=\"{X(timeS)}\" y1=\"{TopPx - 6}\" y2=\"{bottom}\"/>");
            svg.Text(X(timeS), bottom + 17, "chart-tick", ClockTime.Text(timeS), "middle");
        }

        for (var i = 0; i < lanes.Length; i++)
        {
            var (letter, forecast, afterS) = lanes[i];
            var y = TopPx + (i * LanePx);
            svg.Text(left - 12, y + 15, "chart-strong chart-label", letter, "middle");
            svg.Add($"<line class=\"chart-axis\" x1=\"{X(afterS)}\" x2=\"{X(forecast.Totals.FinishS + afterS)}\" y1=\"{y + (BarPx / 2)}\" y2=\"{y + (BarPx / 2)}\"/>");
            foreach (var span in PairPlanning.HandsOf(forecast))
            {
                svg.Add($"<rect class=\"hands-span\" x=\"{X(span.FromS + afterS)}\" y=\"{y}\" width=\"{Math.Max(2, X(span.ToS + afterS) - X(span.FromS + afterS))}\" height=\"{BarPx}\"/>");
            }

            svg.Add($"<circle class=\"map-plan\" cx=\"{X(forecast.Totals.FinishS + afterS)}\" cy=\"{y + (BarPx / 2)}\" r=\"4\"/>");
        }

        foreach (var clash in PairPlanning.Clashes(first, second, staggerS))
        {
            svg.Add($"<rect class=\"hands-clash\" x=\"{X(clash.FromS) - 2}\" y=\"{TopPx - 3}\" width=\"{Math.Max(6, X(clash.ToS) - X(clash.FromS) + 4)}\" height=\"{LanePx + BarPx + 6}\"/>");
        }

        svg.Add($"<line class=\"hands-taste\" x1=\"{X(tasted.AtS)}\" x2=\"{X(tasted.AtS)}\" y1=\"{TopPx - 6}\" y2=\"{bottom}\"/>");
        svg.Text(X(tasted.AtS) - 4, TopPx - 10, "chart-label", "taste them", "end");
        return svg.Add("</svg>").ToString();
    }
}
