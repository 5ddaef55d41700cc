namespace Cistern.Drawing;

/// <summary>Marks of an axis: at round values, and no more than there is room for.</summary>
internal static class Ticks
{
    private const double TimePx = 80;
    private const double MassPx = 34;
    private const int Most = 60;

    /// <summary>The marks of an axis of time, s.</summary>
    /// <param name="fromS">From.</param>
    /// <param name="toS">To.</param>
    /// <param name="lengthPx">How long it is, px.</param>
    public static List<double> OfTime(double fromS, double toS, double lengthPx) => Of(fromS, toS, lengthPx / TimePx, [5, 10, 15, 30, 60, 120, 180, 300, 600, 1800, 3600, 7200, 14400, 28800]);

    /// <summary>The marks of an axis of masses from 0, g: round in the unit shown.</summary>
    /// <param name="mostG">To, g.</param>
    /// <param name="lengthPx">How long it is, px.</param>
    /// <param name="gPerUnit">The unit, g.</param>
    public static IEnumerable<double> OfMass(double mostG, double lengthPx, double gPerUnit) =>
        Of(0, mostG / gPerUnit, lengthPx / MassPx, gPerUnit == 1 ? [20, 50, 100, 200, 500, 1000] : [0.5, 1, 2, 5, 10, 20, 50]).Where(value => value > 0).Select(value => value * gPerUnit);

    /// <summary>The marks of an axis, at multiples of the smallest of some steps that leaves enough room.</summary>
    public static List<double> Of(double from, double to, double most, ReadOnlySpan<double> steps)
    {
        var step = steps[^1];
        foreach (var candidate in steps)
        {
            if ((to - from) / candidate <= Math.Max(1, most))
            {
                step = candidate;
                break;
            }
        }

        var ticks = new List<double>();
        for (var value = Math.Ceiling(from / step) * step; value <= to + 1e-9 && ticks.Count < Most; value += step)
        {
            ticks.Add(value);
        }

        return ticks;
    }
}
