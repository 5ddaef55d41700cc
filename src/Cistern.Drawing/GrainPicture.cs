namespace Cistern.Drawing;

/// <summary>A pinch of grains at true size.</summary>
public static class GrainPicture
{
    /// <summary>Draws grains with a given median, at a given size on the screen.</summary>
    /// <param name="medianUm">Their median, µm.</param>
    /// <param name="pxPerMm">The screen's scale, CSS px per mm.</param>
    /// <param name="widthMm">The box's width, mm.</param>
    /// <param name="heightMm">Its height, mm.</param>
    /// <remarks>Always the same grains for a median: a golden-angle spiral places them, with six sizes of a log-normal distribution of 0.3 in turn.</remarks>
    public static string Draw(double medianUm, double pxPerMm, double widthMm, double heightMm)
    {
        double[] quantiles = [-1.383, 0.2104, -0.6745, 1.383, -0.2104, 0.6745];
        var svg = new Svg();
        var spacingMm = 1.25 * medianUm / 1000;
        var count = (int)Math.Clamp(0.35 * widthMm * heightMm / (spacingMm * spacingMm), 12, 130);
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"pinch\" width=\"{widthMm * pxPerMm}\" height=\"{heightMm * pxPerMm}\" viewBox=\"0 0 {1000 * widthMm} {1000 * heightMm}\" role=\"img\" aria-label=\"Grains of {medianUm:0} µm\">");
        for (var i = 0; i < count; i++)
        {
            // A golden-angle spiral is evenly filled; it is stretched to the box's shape.
            var radius = Math.Sqrt((i + 0.5) / count);
            var angle = i * 2.399963;
            var x = 500 * widthMm * (1 + (0.9 * radius * Math.Cos(angle)));
            var y = 500 * heightMm * (1 + (0.85 * radius * Math.Sin(angle)));
            svg.Add($"<circle cx=\"{x}\" cy=\"{y}\" r=\"{medianUm / 2 * Math.Exp(0.3 * quantiles[i % quantiles.Length])}\"/>");
        }

        return svg.Add("</svg>").ToString();
    }
}
