namespace Cistern.Drawing;

/// <summary>A grinder's line from settings to µm, with its band and the measurements.</summary>
public static class GrinderLinePicture
{
    private const double Wide = 480, High = 270, Left = 92, Right = 12, Top = 12, Foot = 48;

    /// <summary>Draws it.</summary>
    /// <param name="scale">The grinder's scale, fitted to the measurements.</param>
    /// <param name="halfWidthUm">Half of the band at a setting, µm; null where unknown.</param>
    /// <param name="measured">What was measured.</param>
    /// <param name="settings">The name of its settings.</param>
    public static string Draw(GrinderScale scale, Func<double, double?> halfWidthUm, IReadOnlyList<MeasuredGrind> measured, string settings)
    {
        double low = scale.Usable.Low, high = scale.Usable.High;
        var most = Math.Max(scale.MedianUm(high), measured.Select(one => one.MedianUm + one.HalfUm).DefaultIfEmpty().Max());
        var step = most > 1_600 ? 400 : 200;
        var top = Math.Ceiling(most / step) * step;
        double X(double setting) => Left + ((setting - low) / Math.Max(1e-9, high - low) * (Wide - Left - Right));
        double Y(double um) => High - Foot - (Math.Clamp(um, 0, top) / top * (High - Foot - Top));
        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"grinder-line\" viewBox=\"0 0 {Wide} {High}\" role=\"img\" aria-label=\"The grinder’s settings in µm, with {measured.Count} measured\">");
        for (double um = 0; um <= top; um += step)
        {
            svg.Add($"<path class=\"line-rule\" d=\"M{Left} {Y(um)}H{Wide - Right}\"/>");
            svg.Text(Left - 6, Y(um) + 5, "line-words", um.ToString("0", CultureInfo.InvariantCulture) + (um >= top ? " µm" : ""), "end");
        }

        // The band, there and back.
        const int Parts = 24;
        double At(int part) => low + ((high - low) * part / Parts);
        if (halfWidthUm(low) is not null)
        {
            svg.Add($"<path class=\"line-band\" d=\"");
            for (var i = 0; i <= Parts; i++)
                svg.Add($"{(i == 0 ? "M" : "L")}{X(At(i))} {Y(scale.MedianUm(At(i)) + halfWidthUm(At(i)) ?? 0)}");
            for (var i = Parts; i >= 0; i--)
                svg.Add($"L{X(At(i))} {Y(scale.MedianUm(At(i)) - halfWidthUm(At(i)) ?? 0)}");
            svg.Add("Z\"/>");
        }

        svg.Add($"<path class=\"line-line\" d=\"M{X(low)} {Y(scale.MedianUm(low))}L{X(high)} {Y(scale.MedianUm(high))}\"/>");
        foreach (var one in measured)
            svg.Add($"<path class=\"line-reach\" d=\"M{X(one.Setting)} {Y(one.MedianUm - one.HalfUm)}V{Y(one.MedianUm + one.HalfUm)}\"/><circle class=\"line-point\" cx=\"{X(one.Setting)}\" cy=\"{Y(one.MedianUm)}\" r=\"5\"/>");
        svg.Text(X(low), High - 26, "line-words", low.ToString("0.##", CultureInfo.InvariantCulture), "middle");
        svg.Text(X(high), High - 26, "line-words", high.ToString("0.##", CultureInfo.InvariantCulture), "end");
        svg.Text((Left + Wide - Right) / 2, High - 5, "line-words", settings, "middle");
        return svg.Add("</svg>").ToString();
    }
}
