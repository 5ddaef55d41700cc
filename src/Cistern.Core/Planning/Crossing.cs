namespace Cistern.Core.Planning;

/// <summary>Where a figure of the forecast crosses a wanted value, found by asking the forecast for as few values as will do.</summary>
internal static class Crossing
{
    /// <summary>How far apart a whole range is looked at where its ends say nothing: narrower dips are not found.</summary>
    private const int Looks = 24;

    /// <summary>Closes in on a crossing between two values.</summary>
    /// <param name="miss">The figure less what is wanted, at a value.</param>
    /// <param name="low">A value on one side.</param>
    /// <param name="high">A value on the other.</param>
    /// <param name="width">How near is near enough, in the value's unit.</param>
    /// <param name="enough">How small a miss is none.</param>
    /// <returns>A value on or beside the crossing.</returns>
    /// <remarks>Regula falsi with the Illinois correction, kept off the ends so that a curve with a knee still closes.</remarks>
    public static double Close(Func<double, double> miss, Point low, Point high, double width, double enough)
    {
        var side = 0;
        for (var i = 0; i < 40 && high.At - low.At > width; i++)
        {
            var span = high.At - low.At;
            var slope = high.Miss - low.Miss;
            // Both ends the same is a figure that does not move: halve, rather than divide by nothing.
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
    /// Looks for a crossing in a range: first between what stands and either end, then along the whole range, since
    /// neither strength nor leaning is monotone in every setting. Of several the one nearest to what stands is taken.
    /// </summary>
    /// <param name="miss">The figure less what is wanted, at a value.</param>
    /// <param name="low">The least value.</param>
    /// <param name="high">The most.</param>
    /// <param name="stands">The value that stands; within the range.</param>
    /// <returns>The bracket, or the nearest that was seen where nothing crosses.</returns>
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

    /// <summary>A value, and by how much the figure misses there.</summary>
    /// <param name="At">The value.</param>
    /// <param name="Miss">The figure there, less what is wanted; NaN where the brew has no such figure.</param>
    public readonly record struct Point(double At, double Miss);
}
