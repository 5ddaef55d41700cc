namespace Cistern.Core.Planning;

/// <summary>Finds where a figure of the forecast reaches a wanted value, with few evaluations.</summary>
internal static class Crossing
{
    /// <summary>Number of samples when the whole range is searched; narrower dips can be missed.</summary>
    private const int Looks = 24;

    /// <summary>Narrows a bracket down to a crossing.</summary>
    /// <param name="miss">The figure minus the wanted value, at a setting.</param>
    /// <param name="low">The bracket's lower end.</param>
    /// <param name="high">The bracket's upper end.</param>
    /// <param name="width">Width at which to stop, in the setting's unit.</param>
    /// <param name="enough">Miss at which to stop.</param>
    /// <returns>A value at the crossing, or one end of the final bracket.</returns>
    /// <remarks>Regula falsi with the Illinois correction, kept off the ends so that it converges on curves with a knee.</remarks>
    public static double Close(Func<double, double> miss, Point low, Point high, double width, double enough)
    {
        var side = 0;
        for (var i = 0; i < 40 && high.At - low.At > width; i++)
        {
            var span = high.At - low.At;
            var slope = high.Miss - low.Miss;
            // Where both ends have the same miss, bisect instead of dividing by zero.
            var next = slope == 0 ? low.At + (0.5 * span) : Math.Clamp(((low.At * high.Miss) - (high.At * low.Miss)) / slope, low.At + (0.02 * span), high.At - (0.02 * span));
            var at = new Point(next, miss(next));
            if (Math.Abs(at.Miss) <= enough)
            {
                return at.At;
            }

            if (at.Miss * high.Miss > 0)
            {
                high = at;
                low = side < 0 ? low with { Miss = low.Miss / 2 } : low;
                side = -1;
            }
            else
            {
                low = at;
                high = side > 0 ? high with { Miss = high.Miss / 2 } : high;
                side = 1;
            }
        }

        return 0.5 * (low.At + high.At);
    }

    /// <summary>
    /// Looks for a bracket: first between the current value and each end of the range, then along the whole range, since strength and
    /// flavour balance are not monotone in every setting. Of several crossings, the one nearest to the current value is taken.
    /// </summary>
    /// <param name="miss">The figure minus the wanted value, at a setting.</param>
    /// <param name="low">The least value.</param>
    /// <param name="high">The most.</param>
    /// <param name="stands">The current value, within the range.</param>
    /// <returns>The bracket; where there is no crossing, the sample with the smallest miss.</returns>
    public static (Point Low, Point High, bool Crosses) Look(Func<double, double> miss, double low, double high, double stands)
    {
        var present = new Point(stands, miss(stands));
        var ends = (Low: new Point(low, miss(low)), High: new Point(high, miss(high)));
        var below = Crosses(ends.Low, present);
        var above = Crosses(present, ends.High);
        if (below || above)
        {
            return below && (!above || stands - low <= high - stands) ? (ends.Low, present, true) : (present, ends.High, true);
        }

        List<Point> seen = [ends.Low, present, ends.High];
        for (var i = 1; i < Looks; i++)
        {
            var at = low + (i * (high - low) / Looks);
            seen.Add(new Point(at, miss(at)));
        }

        seen.Sort((one, other) => one.At.CompareTo(other.At));
        var brackets = seen.Zip(seen.Skip(1)).Where(pair => Crosses(pair.First, pair.Second)).ToList();
        if (brackets.Count > 0)
        {
            var (from, to) = brackets.MinBy(pair => Math.Min(Math.Abs(pair.First.At - stands), Math.Abs(pair.Second.At - stands)));
            return (from, to, true);
        }

        var nearest = seen.Where(point => !double.IsNaN(point.Miss)).DefaultIfEmpty(present).MinBy(point => (Math.Abs(point.Miss), Math.Abs(point.At - stands)));
        return (nearest, nearest, false);
    }

    private static bool Crosses(Point from, Point to) => from.Miss * to.Miss <= 0;

    /// <summary>A value of the setting and the miss there.</summary>
    /// <param name="At">The setting's value.</param>
    /// <param name="Miss">The figure minus the wanted value; NaN where the brew has no such figure.</param>
    public readonly record struct Point(double At, double Miss);
}
