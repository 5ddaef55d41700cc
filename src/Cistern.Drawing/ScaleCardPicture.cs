namespace Cistern.Drawing;

/// <summary>The card for photographing grains, to be printed: A5 landscape, at true size, black on white in either theme.</summary>
public static class ScaleCardPicture
{
    /// <summary>The sheet, mm.</summary>
    public const double WidthMm = 210, HeightMm = 148;

    // The field's upper left corner on the sheet, mm.
    private const double Left = (WidthMm - ScaleCard.FieldWidthMm) / 2, Top = 30;

    /// <summary>Draws it.</summary>
    public static string Draw()
    {
        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"scale-card\" width=\"{WidthMm}mm\" height=\"{HeightMm}mm\" viewBox=\"0 0 {WidthMm} {HeightMm}\" role=\"img\" aria-label=\"The scale card: four square markers around an empty white field, and a line of {ScaleCard.RulerMm} mm\">");
        svg.Add($"<rect width=\"{WidthMm}\" height=\"{HeightMm}\" fill=\"#fff\"/>");
        const double Module = ScaleCard.MarkerSideMm / ScaleCard.MarkerModules;
        for (var id = 0; id < ScaleCard.Markers.Count; id++)
        {
            var (x, y) = ScaleCard.Centres[id];
            double left = Left + x - ScaleCard.MarkerSideMm / 2, top = Top + y - ScaleCard.MarkerSideMm / 2;
            svg.Add($"<rect x=\"{left}\" y=\"{top}\" width=\"{ScaleCard.MarkerSideMm}\" height=\"{ScaleCard.MarkerSideMm}\" fill=\"#000\"/><path fill=\"#fff\" d=\"");
            for (var row = 0; row < ScaleCard.Markers[id].Count; row++)
                for (var column = 0; column < ScaleCard.Markers[id][row].Length; column++)
                    if (ScaleCard.Markers[id][row][column] == 'x')
                        svg.Add($"M{left + ((column + 1) * Module)} {top + ((row + 1) * Module)}h{Module}v{Module}h-{Module}z");
            svg.Add("\"/>");
        }

        // The field's corners, from outside it.
        svg.Add("<path fill=\"none\" stroke=\"#000\" stroke-width=\"0.3\" d=\"");
        foreach (var (x, outX) in new[] { (Left, -1), (Left + ScaleCard.FieldWidthMm, 1) })
            foreach (var (y, outY) in new[] { (Top, -1), (Top + ScaleCard.FieldHeightMm, 1) })
                svg.Add($"M{x + (3 * outX)} {y + (0.2 * outY)}h{2 * outX}M{x + (0.2 * outX)} {y + (3 * outY)}v{2 * outY}");
        svg.Add("\"/>");

        double line = (WidthMm - ScaleCard.RulerMm) / 2, at = Top + ScaleCard.FieldHeightMm + 22;
        svg.Add($"<path fill=\"none\" stroke=\"#000\" stroke-width=\"0.4\" d=\"M{line} {at}h{ScaleCard.RulerMm}M{line} {at - 2}v4M{line + ScaleCard.RulerMm} {at - 2}v4\"/>");
        foreach (var (y, size, text) in new[]
        {
            (Top - 20, 4.2, "Coffee on the white field, a third of a teaspoon, in single grains"),
            (at + 6, 3.6, $"This line is {ScaleCard.RulerMm} mm long. If your ruler says otherwise, type what it says."),
            (at + 13, 3.6, "Tap the sheet until hardly two grains touch. Take the whole card, from straight above, in even light,"),
            (at + 18, 3.6, "without flash, and nothing of it in a hard shadow."),
        })
            svg.Add($"<text x=\"{WidthMm / 2}\" y=\"{y}\" font-size=\"{size}\" text-anchor=\"middle\" fill=\"#000\">{text}</text>");
        return svg.Add("</svg>").ToString();
    }
}
