namespace Cistern.Drawing;

/// <summary>The axes of a map of strength against extraction, chosen to include everything.</summary>
internal sealed class MapAxes
{
    private const double Left = 46;
    private const double Top = 12;
    private const double Bottom = 40;
    private const double Right = 14;

    private readonly double widthPx;
    private readonly double heightPx;
    private readonly (double From, double To) yields;
    private readonly (double From, double To) strengths;

    public MapAxes(IEnumerable<double> yieldsPercent, IEnumerable<double> tdsPercent, double widthPx, double heightPx)
    {
        (this.widthPx, this.heightPx) = (widthPx, heightPx);
        yields = Reach(yieldsPercent, 0.3);
        strengths = Reach(tdsPercent, 0.03);
    }

    public double FromYield => yields.From;

    public double ToYield => yields.To;

    public double FromStrength => strengths.From;

    public double ToStrength => strengths.To;

    public double X(double yield) => Left + ((yield - yields.From) / (yields.To - yields.From) * (widthPx - Left - Right));

    public double Y(double tds) => heightPx - Bottom - ((tds - strengths.From) / (strengths.To - strengths.From) * (heightPx - Bottom - Top));

    /// <summary>Draws the target, the grid and the axes.</summary>
    public void Draw(Svg svg, (double LowTds, double HighTds)? target)
    {
        if (target is { } meant)
        {
            var (high, low) = (Y(Math.Min(strengths.To, meant.HighTds)), Y(Math.Max(strengths.From, meant.LowTds)));
            svg.Add($"<rect class=\"map-meant\" x=\"{Left}\" y=\"{high}\" width=\"{widthPx - Left - Right}\" height=\"{Math.Max(0, low - high)}\"/>");
        }

        var stepE = Step(yields.To - yields.From, [0.2, 0.5, 1, 2, 5]);
        for (var value = Math.Ceiling(yields.From / stepE) * stepE; value <= yields.To + 1e-9; value += stepE)
        {
            svg.Add($"<line class=\"chart-grid\" x1=\"{X(value)}\" x2=\"{X(value)}\" y1=\"{Top}\" y2=\"{heightPx - Bottom}\"/>");
            svg.Text(X(value), heightPx - Bottom + 16, "chart-tick", Text(value, stepE < 1 ? 1 : 0), "middle");
        }

        var stepT = Step(strengths.To - strengths.From, [0.02, 0.05, 0.1, 0.2, 0.5, 1]);
        for (var value = Math.Ceiling(strengths.From / stepT) * stepT; value <= strengths.To + 1e-9; value += stepT)
        {
            svg.Add($"<line class=\"chart-grid\" x1=\"{Left}\" x2=\"{widthPx - Right}\" y1=\"{Y(value)}\" y2=\"{Y(value)}\"/>");
            svg.Text(Left - 6, Y(value) + 4, "chart-tick", Text(value, 2), "end");
        }

        svg.Add($"<path class=\"chart-axis\" d=\"M{Left} {Top}V{heightPx - Bottom}H{widthPx - Right}\"/>");
        svg.Text(widthPx - Right, heightPx - 6, "chart-label", "extraction, %: sour to bitter", "end");
        svg.Text(Left + 6, Top + 12, "chart-label", "strength, % TDS: thin to heavy");
    }

    public static string Text(double value, int decimals) => value.ToString("F" + decimals.ToString(CultureInfo.InvariantCulture), CultureInfo.InvariantCulture);

    /// <summary>A range that includes everything with a margin, and is not too small.</summary>
    private static (double From, double To) Reach(IEnumerable<double> values, double least)
    {
        var all = values.ToList();
        var (low, high) = (all.Min(), all.Max());
        var room = Math.Max(0.2 * (high - low), least);
        return (Math.Max(0, low - room), high + room);
    }

    private static double Step(double span, double[] steps) => steps.FirstOrDefault(step => span / step <= 7, steps[^1]);
}
