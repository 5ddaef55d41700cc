namespace Cistern.Drawing;

/// <summary>What kind of point lies on the map.</summary>
public enum MapPoint
{
    /// <summary>The plan.</summary>
    Plan,

    /// <summary>What it is held against.</summary>
    Parent,

    /// <summary>A brew of the same coffee, as computed.</summary>
    Brew,
}

/// <summary>A point of the map.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="ExtractionYieldPercent">Horizontal position: extraction, %.</param>
/// <param name="TdsPercent">Vertical position: strength, %.</param>
/// <param name="Label">In a few words.</param>
public sealed record MapMark(MapPoint Kind, double ExtractionYieldPercent, double TdsPercent, string Label);

/// <summary>Where a change of one setting would move the plan.</summary>
/// <param name="ExtractionYieldPercent">Horizontal position of its end.</param>
/// <param name="TdsPercent">Vertical position: strength, %.</param>
/// <param name="Label">The change, in a few words.</param>
public sealed record MapArrow(double ExtractionYieldPercent, double TdsPercent, string Label);

/// <summary>The map of strength against extraction: the plan, the plan it came from, the last brews, and the effect of each setting.</summary>
public static class StrengthMap
{
    /// <summary>Width of the vertical axis's title with a ratio beside it, px.</summary>
    private const double TitlePx = 215;

    /// <summary>Draws the map to scale, with axes that include everything.</summary>
    /// <param name="marks">The points, including the plan.</param>
    /// <param name="arrows">The effects of the settings.</param>
    /// <param name="target">The target strength and extraction, or null.</param>
    /// <param name="widthPx">Its width, px.</param>
    /// <param name="heightPx">Its height, px.</param>
    /// <param name="keptGPerG">Water that does not end in the drink, g per g of coffee, less what is added to it: it determines the lines of equal ratio. Null for none.</param>
    public static string Draw(IReadOnlyList<MapMark> marks, IReadOnlyList<MapArrow> arrows, (double LowTds, double HighTds)? target, double widthPx, double heightPx, double? keptGPerG = null)
    {
        var plan = marks.First(mark => mark.Kind == MapPoint.Plan);
        var axes = new MapAxes(
            marks.Select(mark => mark.ExtractionYieldPercent).Concat(arrows.Select(arrow => arrow.ExtractionYieldPercent)),
            marks.Select(mark => mark.TdsPercent).Concat(arrows.Select(arrow => arrow.TdsPercent)),
            widthPx,
            heightPx);
        double X(double yield) => axes.X(yield);
        double Y(double tds) => axes.Y(tds);

        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {widthPx} {heightPx}\" class=\"chart map\" role=\"img\" aria-labelledby=\"map-title\">");
        svg.Add($"<title id=\"map-title\">Strength against extraction: the plan at {MapAxes.Text(plan.TdsPercent, 2)} % TDS and {MapAxes.Text(plan.ExtractionYieldPercent, 1)} % extraction.</title>");
        axes.Draw(svg, target);
        DrawRatios(svg, axes, keptGPerG);
        foreach (var mark in marks.Where(mark => mark.Kind == MapPoint.Brew))
        {
            svg.Add($"<rect class=\"map-brew\" x=\"{X(mark.ExtractionYieldPercent) - 4}\" y=\"{Y(mark.TdsPercent) - 4}\" width=\"8\" height=\"8\"><title>{Svg.Encode(mark.Label)}</title></rect>");
        }

        DrawArrows(svg, arrows, X, Y, plan);
        foreach (var mark in marks.Where(mark => mark.Kind == MapPoint.Parent))
        {
            svg.Add($"<circle class=\"map-parent\" cx=\"{X(mark.ExtractionYieldPercent)}\" cy=\"{Y(mark.TdsPercent)}\" r=\"6\"><title>{Svg.Encode(mark.Label)}</title></circle>");
        }

        svg.Add($"<circle class=\"map-plan\" cx=\"{X(plan.ExtractionYieldPercent)}\" cy=\"{Y(plan.TdsPercent)}\" r=\"7\"/>");
        return svg.Add("</svg>").ToString();
    }

    /// <summary>Along a line of equal ratio only extraction changes: strength is extraction times coffee per drink.</summary>
    private static void DrawRatios(Svg svg, MapAxes axes, double? keptGPerG)
    {
        if (keptGPerG is not { } keptG)
        {
            return;
        }

        foreach (var ratio in (double[])[5, 6, 8, 10, 12, 13, 14, 15, 16, 17, 18, 20])
        {
            var slope = 1 / (ratio - keptG);
            var fromE = Math.Max(axes.FromYield, axes.FromStrength / slope);
            var toE = Math.Min(axes.ToYield, axes.ToStrength / slope);
            if (slope > 0 && toE - fromE > 0.15 * (axes.ToYield - axes.FromYield))
            {
                svg.Add($"<line class=\"map-ratio\" x1=\"{axes.X(fromE)}\" y1=\"{axes.Y(fromE * slope)}\" x2=\"{axes.X(toE)}\" y2=\"{axes.Y(toE * slope)}\"/>");
                // Where the axis has its title, the line has no label.
                if (axes.Y(toE * slope) > axes.Y(axes.ToStrength) + 4 || axes.X(toE) > axes.X(axes.FromYield) + TitlePx)
                {
                    svg.Text(axes.X(toE) - 4, axes.Y(toE * slope) + 14, "chart-tick", $"1:{ratio}", "end");
                }
            }
        }
    }

    /// <summary>Arrows to scale, with a letter near the tip that overlaps no other letter or arrow.</summary>
    private static void DrawArrows(Svg svg, IReadOnlyList<MapArrow> arrows, Func<double, double> x, Func<double, double> y, MapMark plan)
    {
        var (fromX, fromY) = (x(plan.ExtractionYieldPercent), y(plan.TdsPercent));
        var taken = new List<(double X, double Y)> { (fromX, fromY) };
        var tips = arrows.Select(arrow => (X: x(arrow.ExtractionYieldPercent), Y: y(arrow.TdsPercent))).ToList();
        for (var i = 0; i < arrows.Count; i++)
        {
            var (toX, toY) = tips[i];
            var length = Math.Sqrt(Math.Pow(toX - fromX, 2) + Math.Pow(toY - fromY, 2));
            // A very short arrow has no readable direction.
            if (length < 3)
            {
                continue;
            }

            var (unitX, unitY) = ((toX - fromX) / length, (toY - fromY) / length);
            svg.Add($"<line class=\"map-arrow\" x1=\"{fromX}\" y1=\"{fromY}\" x2=\"{toX}\" y2=\"{toY}\"/>");
            svg.Add($"<path class=\"map-tip\" d=\"M{toX} {toY}L{toX - (9 * unitX) - (4 * unitY)} {toY - (9 * unitY) + (4 * unitX)}L{toX - (9 * unitX) + (4 * unitY)} {toY - (9 * unitY) - (4 * unitX)}Z\"/>");
            (double Along, double Aside)[] places = [(11, 0), (2, 14), (2, -14), (-8, 16), (-8, -16), (24, 0), (14, 16), (14, -16), (30, 10)];
            (double X, double Y) near = (toX + (11 * unitX), toY + (11 * unitY));
            var (wordX, wordY) = places.Select(place => (X: toX + (place.Along * unitX) - (place.Aside * unitY), Y: toY + (place.Along * unitY) + (place.Aside * unitX)))
                .FirstOrDefault(
                    place => taken.TrueForAll(one => Math.Abs(one.X - place.X) > 12 || Math.Abs(one.Y - place.Y) > 15) && tips.TrueForAll(tip => Distance(place, (fromX, fromY), tip) > 8),
                    near);
            taken.Add((wordX, wordY));
            svg.Text(wordX, wordY + 5, "chart-label chart-strong", Letter(i), "middle");
        }
    }

    /// <summary>From a point to a line that ends.</summary>
    private static double Distance((double X, double Y) point, (double X, double Y) from, (double X, double Y) to)
    {
        var (dx, dy) = (to.X - from.X, to.Y - from.Y);
        var share = Math.Clamp((((point.X - from.X) * dx) + ((point.Y - from.Y) * dy)) / Math.Max(1e-9, (dx * dx) + (dy * dy)), 0, 1);
        return Math.Sqrt(Math.Pow(point.X - from.X - (share * dx), 2) + Math.Pow(point.Y - from.Y - (share * dy), 2));
    }

    /// <summary>The letter of an arrow, for the list beside the map.</summary>
    public static string Letter(int arrow) => ((char)('a' + arrow)).ToString();
}
