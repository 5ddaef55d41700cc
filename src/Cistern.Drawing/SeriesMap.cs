namespace Cistern.Drawing;

/// <summary>A brew of a series on the map.</summary>
/// <param name="ExtractionYieldPercent">Horizontal position: extraction, %.</param>
/// <param name="TdsPercent">Vertical position: strength, %.</param>
/// <param name="Expected">The expected position when its change was made; null where there was none.</param>
/// <param name="Label">In a few words.</param>
/// <param name="After">The index of the brew it was made from; null for the one before it.</param>
public sealed record SeriesMark(double ExtractionYieldPercent, double TdsPercent, (double ExtractionYieldPercent, double TdsPercent)? Expected, string Label, int? After = null);

/// <summary>A series of brews as a path on the map of strength against extraction: the expected and the actual effect of each change.</summary>
public static class SeriesMap
{
    /// <summary>Draws the map to scale, with axes that include everything.</summary>
    /// <param name="line">The brews, oldest first; at least one.</param>
    /// <param name="target">The target strength, or null.</param>
    /// <param name="widthPx">Its width, px.</param>
    /// <param name="heightPx">Its height, px.</param>
    public static string Draw(IReadOnlyList<SeriesMark> line, (double LowTds, double HighTds)? target, double widthPx, double heightPx)
    {
        var expected = line.Select(mark => mark.Expected).OfType<(double ExtractionYieldPercent, double TdsPercent)>().ToList();
        var axes = new MapAxes(
            line.Select(mark => mark.ExtractionYieldPercent).Concat(expected.Select(point => point.ExtractionYieldPercent)),
            line.Select(mark => mark.TdsPercent).Concat(expected.Select(point => point.TdsPercent)).Concat(target is { } span ? [span.LowTds, span.HighTds] : []),
            widthPx,
            heightPx);
        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {widthPx} {heightPx}\" class=\"chart map\" role=\"img\" aria-labelledby=\"line-title\">");
        svg.Add($"<title id=\"line-title\">Strength against extraction, {line.Count} {(line.Count == 1 ? "brew" : "brews")}: from {MapAxes.Text(line[0].TdsPercent, 2)} to {MapAxes.Text(line[^1].TdsPercent, 2)} % TDS.</title>");
        axes.Draw(svg, target);
        for (var i = 1; i < line.Count; i++)
        {
            var (from, to) = (line[line[i].After is { } after && after < i ? after : i - 1], line[i]);
            if (to.Expected is { } meant)
            {
                svg.Add($"<line class=\"series-expected\" x1=\"{axes.X(from.ExtractionYieldPercent)}\" y1=\"{axes.Y(from.TdsPercent)}\" x2=\"{axes.X(meant.ExtractionYieldPercent)}\" y2=\"{axes.Y(meant.TdsPercent)}\"/>");
                svg.Add($"<circle class=\"map-parent\" cx=\"{axes.X(meant.ExtractionYieldPercent)}\" cy=\"{axes.Y(meant.TdsPercent)}\" r=\"6\"><title>expected of {i + 1}</title></circle>");
            }

            svg.Add($"<line class=\"map-arrow\" x1=\"{axes.X(from.ExtractionYieldPercent)}\" y1=\"{axes.Y(from.TdsPercent)}\" x2=\"{axes.X(to.ExtractionYieldPercent)}\" y2=\"{axes.Y(to.TdsPercent)}\"/>");
        }

        for (var i = 0; i < line.Count; i++)
        {
            var (x, y) = (axes.X(line[i].ExtractionYieldPercent), axes.Y(line[i].TdsPercent));
            svg.Add($"<circle class=\"{(i == line.Count - 1 ? "map-plan" : "line-brew")}\" cx=\"{x}\" cy=\"{y}\" r=\"10\"><title>{Svg.Encode(line[i].Label)}</title></circle>");
            svg.Text(x, y + 4.5, "line-number", MapAxes.Text(i + 1, 0), "middle");
        }

        return svg.Add("</svg>").ToString();
    }
}
