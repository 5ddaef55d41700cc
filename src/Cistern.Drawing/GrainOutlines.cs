namespace Cistern.Drawing;

/// <summary>The grains detected on the scale card: their outlines, and the distribution of their volume by size.</summary>
public static class GrainOutlines
{
    // The drawing's unit is 1/50 mm, so that whole numbers suffice.
    private const int PerMm = 50;

    /// <summary>Draws the grains at their places on the field, to scale.</summary>
    /// <param name="outlines">The outline of each, mm of the field, x and y in turn.</param>
    public static string Draw(IReadOnlyList<IReadOnlyList<float>> outlines)
    {
        double width = ScaleCard.FieldWidthMm * PerMm, height = ScaleCard.FieldHeightMm * PerMm;
        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"grain-field\" viewBox=\"0 0 {width} {height}\" role=\"img\" aria-label=\"{outlines.Count} grains on a field of {ScaleCard.FieldWidthMm} by {ScaleCard.FieldHeightMm} mm\"><rect class=\"grain-paper\" width=\"{width}\" height=\"{height}\"/><path class=\"grain-shapes\" d=\"");
        foreach (var outline in outlines)
        {
            // Every other point: grains are small, and there are thousands.
            int x = 0, y = 0;
            for (var i = 0; i + 1 < outline.Count; i += 4)
            {
                int toX = (int)MathF.Round(outline[i] * PerMm), toY = (int)MathF.Round(outline[i + 1] * PerMm);
                svg.Add($"{(i == 0 ? "M" : i == 4 ? "l" : " ")}{toX - x} {toY - y}");
                (x, y) = (toX, toY);
            }

            svg.Add("z");
        }

        return svg.Add($"\"/><path class=\"grain-scale\" d=\"M{width - (7 * PerMm)} {height - (2 * PerMm)}h{5 * PerMm}\"/><text class=\"grain-words\" x=\"{width - (4.5 * PerMm)}\" y=\"{height - (2.6 * PerMm)}\" text-anchor=\"middle\">5 mm</text></svg>").ToString();
    }

    /// <summary>Draws the distribution of volume by size, in eighths of an octave.</summary>
    /// <param name="diametersUm">The diameter of each grain, µm.</param>
    public static string Shares(IEnumerable<double> diametersUm)
    {
        const double Finest = 100, Steps = 8, Wide = 480, High = 180, Foot = 34;
        const int Bars = 40;
        var shares = new double[Bars];
        double all = 0;
        foreach (var diameter in diametersUm)
        {
            var volume = diameter * diameter * diameter;
            all += volume;
            shares[(int)Math.Clamp(Math.Floor(Steps * Math.Log2(diameter / Finest)), 0, Bars - 1)] += volume;
        }

        var most = Math.Max(1e-9, shares.Max() / Math.Max(1e-9, all));
        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"grain-shares\" viewBox=\"0 0 {Wide} {High + Foot}\" role=\"img\" aria-label=\"Shares of the volume by grain size\">");
        for (var i = 0; i < Bars; i++)
        {
            var height = shares[i] / Math.Max(1e-9, all) / most * (High - 12);
            svg.Add($"<rect class=\"grain-bar\" x=\"{i * Wide / Bars}\" y=\"{High - height}\" width=\"{(Wide / Bars) - 1.5}\" height=\"{height}\"/>");
        }

        svg.Add($"<path class=\"grain-axis\" d=\"M0 {High}H{Wide}\"/>");
        foreach (var um in new[] { 100, 200, 400, 800, 1600, 3200 })
        {
            var x = Steps * Math.Log2(um / Finest) * Wide / Bars;
            svg.Text(Math.Clamp(x, 14, Wide - 20), High + 22, "grain-words", um == 3200 ? "µm" : um.ToString(CultureInfo.InvariantCulture), "middle");
        }

        return svg.Add("</svg>").ToString();
    }
}
