namespace Cistern.Drawing;

/// <summary>One of several brews that are compared.</summary>
/// <param name="Letter">The letter on its lines.</param>
/// <param name="Forecast">The forecast as brewed or as planned, with its series.</param>
/// <param name="Weighed">The scale's readings of vessel and cup; empty where there are none.</param>
public sealed record ComparedChart(string Letter, Forecast Forecast, IReadOnlyList<WeighedPoint> Weighed);

/// <summary>One of several brews on the map.</summary>
/// <param name="Letter">Its letter.</param>
/// <param name="ExtractionYieldPercent">Horizontal position: extraction, %.</param>
/// <param name="TdsPercent">Vertical position: strength, %.</param>
/// <param name="Label">In a few words.</param>
public sealed record ComparedMark(string Letter, double ExtractionYieldPercent, double TdsPercent, string Label);

/// <summary>Compared brews: their brew charts on the same axes, and their positions on the map.</summary>
public static class ComparisonCharts
{
    /// <summary>The most that can be told apart by line and letter.</summary>
    public const int Most = 4;

    private const double TopPx = 18;
    private const double BetweenPx = 30;
    private const double LettersApartPx = 26;

    /// <summary>Draws the brew charts: the vessel above, the cup below, readings as a thin line beside the forecast.</summary>
    /// <param name="charts">The brews, at most <see cref="Most"/>.</param>
    /// <param name="labels">Words and units.</param>
    /// <param name="widthPx">Its width, px.</param>
    /// <param name="lanesPx">Height of both lanes together, px.</param>
    public static string BrewCharts(IReadOnlyList<ComparedChart> charts, BrewChartLabels labels, double widthPx, double lanesPx)
    {
        var scales = charts.Select(chart => BrewChart.MostOf(chart.Forecast)).ToList();
        var (vesselG, cupG) = (scales.Max(most => most.VesselG), scales.Max(most => most.CupG));
        var pxPerG = lanesPx / Math.Max(1, vesselG + cupG);
        var (left, right) = (widthPx < 480 ? 40.0 : 54.0, widthPx - 22);
        var fromS = Math.Min(0, charts.Min(chart => Acts.Of(chart.Forecast) is [var first, ..] ? first.StartS : 0));
        var toS = Math.Max(fromS + 1, charts.Max(chart => chart.Forecast.Totals.FinishS));
        var vesselBottom = TopPx + (vesselG * pxPerG);
        var cupBottom = vesselBottom + BetweenPx + (cupG * pxPerG);
        double X(double timeS) => left + ((Math.Clamp(timeS, fromS, toS) - fromS) / (toS - fromS) * (right - left));

        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {widthPx} {cupBottom + 24}\" class=\"chart beside\" role=\"img\" aria-label=\"{Svg.Encode($"The brew charts of {charts.Count} brews over each other: {string.Join("; ", charts.Select(chart => $"{chart.Letter} fills to {labels.Mass(chart.Forecast.Recipe.WaterG)} and is done at {ClockTime.Text(chart.Forecast.Totals.FinishS)}"))}.")}\">");
        foreach (var timeS in Ticks.OfTime(fromS, toS, right - left))
        {
            svg.Add($"<line class=\"chart-grid\" x1=\"{X(timeS)}\" x2=\"{X(timeS)}\" y1=\"{TopPx}\" y2=\"{cupBottom}\"/>");
            svg.Text(X(timeS), cupBottom + 17, "chart-tick", ClockTime.Text(timeS), "middle");
        }

        foreach (var (most, bottom) in new[] { (vesselG, vesselBottom), (cupG, cupBottom) })
        {
            foreach (var grams in Ticks.OfMass(most, most * pxPerG, labels.GPerUnit))
            {
                var y = bottom - (grams * pxPerG);
                svg.Add($"<line class=\"chart-grid\" x1=\"{left}\" x2=\"{right}\" y1=\"{y}\" y2=\"{y}\"/>");
                svg.Text(left - 6, y + 4, "chart-tick", labels.MassTick(grams), "end");
            }
        }

        svg.Add($"<path class=\"chart-axis\" d=\"M{left} {vesselBottom}H{right}M{left} {cupBottom}H{right}\"/>");
        for (var i = 0; i < charts.Count; i++)
        {
            var (chart, series) = (charts[i], charts[i].Forecast.Series);
            var css = FormattableString.Invariant($"beside-line beside-{i}");
            Line(svg, css, series.Where(sample => sample.TimeS >= fromS - 0.01).Select(sample => (X(sample.TimeS), vesselBottom - ((sample.ContactWaterG + sample.AnnulusG) * pxPerG))));
            Line(svg, css, series.Where(sample => sample.TimeS >= fromS - 0.01).Select(sample => (X(sample.TimeS), cupBottom - ((sample.CupWaterG + sample.CupSolidsG) * pxPerG))));
            Path(svg, css + " beside-weighed", WeighedPath.Of(chart.Weighed, fromS, toS, point => (X(point.AtS), (point.InCup ? cupBottom : vesselBottom) - (point.G * pxPerG))));
        }

        // Letters last, so that no line crosses them.
        foreach (var (bottom, grams) in ((double, Func<Sample, double>)[])[(vesselBottom, sample => sample.ContactWaterG + sample.AnnulusG), (cupBottom, sample => sample.CupWaterG + sample.CupSolidsG)])
        {
            // A letter must not be on the end of a line that stops a little earlier.
            var curves = charts.Select(chart => (Func<double, double?>)(timeS => timeS <= chart.Forecast.Totals.FinishS + (0.1 * (toS - fromS)) ? bottom - (grams(chart.Forecast.At(Math.Min(timeS, chart.Forecast.Totals.FinishS))) * pxPerG) : null)).ToList();
            for (var i = 0; i < charts.Count; i++)
            {
                var timeS = WhereAlone(curves, i, charts[i].Forecast.Totals.FinishS);
                svg.Text(X(timeS), (curves[i](timeS) ?? bottom) - 5, "chart-strong chart-label", charts[i].Letter, "middle");
            }
        }

        svg.Text(left + 8, vesselBottom - 8, "chart-label", "in the brewer");
        svg.Text(left + 8, cupBottom - 8, "chart-label", "in the cup");
        return svg.Add("</svg>").ToString();
    }

    /// <summary>Draws the map of strength against extraction with all of them.</summary>
    public static string Map(IReadOnlyList<ComparedMark> marks, double widthPx, double heightPx)
    {
        var axes = new MapAxes(marks.Select(mark => mark.ExtractionYieldPercent), marks.Select(mark => mark.TdsPercent), widthPx, heightPx);
        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {widthPx} {heightPx}\" class=\"chart map\" role=\"img\" aria-label=\"{Svg.Encode($"Strength against extraction: {string.Join("; ", marks.Select(mark => $"{mark.Letter} at {MapAxes.Text(mark.TdsPercent, 2)} % TDS and {MapAxes.Text(mark.ExtractionYieldPercent, 1)} % extraction"))}.")}\">");
        axes.Draw(svg, null);
        // Marks at the same place are drawn side by side, each with a line to its position.
        var placed = new List<(double X, double Y)>();
        foreach (var mark in marks)
        {
            var (x, y) = (axes.X(mark.ExtractionYieldPercent), axes.Y(mark.TdsPercent));
            var atX = x;
            while (placed.Exists(other => Math.Abs(other.X - atX) < 22 && Math.Abs(other.Y - y) < 22))
            {
                atX += 22;
            }

            placed.Add((atX, y));
            if (atX > x)
            {
                svg.Add($"<line class=\"chart-axis\" x1=\"{x}\" y1=\"{y}\" x2=\"{atX}\" y2=\"{y}\"/><circle class=\"map-plan\" cx=\"{x}\" cy=\"{y}\" r=\"3\"/>");
            }

            svg.Add($"<circle class=\"line-brew\" cx=\"{atX}\" cy=\"{y}\" r=\"10\"><title>{Svg.Encode(mark.Label)}</title></circle>");
            svg.Text(atX, y + 4.5, "line-number", mark.Letter, "middle");
        }

        return svg.Add("</svg>").ToString();
    }

    /// <summary>The time at which a curve is furthest from all others, s; its middle where there is no such time.</summary>
    private static double WhereAlone(List<Func<double, double?>> curves, int one, double finishS)
    {
        const int Looks = 60;
        var (bestS, bestPx) = (0.5 * finishS, -1.0);
        for (var look = 0.12 * Looks; look < 0.96 * Looks; look++)
        {
            var timeS = finishS * look / Looks;
            var y = curves[one](timeS) ?? 0;
            var apartPx = curves.Where((_, other) => other != one).Select(other => other(timeS)).OfType<double>().Select(other => Math.Abs(other - y)).DefaultIfEmpty(LettersApartPx).Min();
            // Beyond a sufficient distance, nearer to the middle is preferred.
            var worth = Math.Min(apartPx, LettersApartPx) - (0.02 * Math.Abs(look - (0.6 * Looks)));
            if (worth > bestPx)
            {
                (bestS, bestPx) = (timeS, worth);
            }
        }

        return bestS;
    }

    /// <summary>A line through points, at most one per pixel.</summary>
    private static void Line(Svg svg, string css, IEnumerable<(double X, double Y)> points)
    {
        var path = new Svg();
        (double X, double Y)? last = null;
        foreach (var (x, y) in points)
        {
            if (last is not { } near || Math.Abs(x - near.X) >= 1 || Math.Abs(y - near.Y) >= 1)
            {
                path.Add($"{(last is null ? 'M' : 'L')}{x} {y}");
                last = (x, y);
            }
        }

        Path(svg, css, path.ToString());
    }

    private static void Path(Svg svg, string css, string data)
    {
        if (data.Length > 0)
        {
            svg.Add($"<path class=\"{css}\" d=\"{data}\"/>");
        }
    }
}
