namespace Cistern.Drawing;

/// <summary>A scale's readings as a path, interrupted where the scale carries something else or has no readings for long.</summary>
internal static class WeighedPath
{
    /// <summary>A longer gap between readings interrupts the path, s.</summary>
    private const double MaxGapS = 4;

    /// <summary>Closer points cannot be distinguished and are omitted, px.</summary>
    private const double NearPx = 0.5;

    /// <summary>The path's data; empty where there are no readings between two times.</summary>
    /// <param name="points">The readings.</param>
    /// <param name="fromS">From, s.</param>
    /// <param name="toS">To, s.</param>
    /// <param name="place">The position of a point, px.</param>
    public static string Of(IReadOnlyList<WeighedPoint> points, double fromS, double toS, Func<WeighedPoint, (double X, double Y)> place)
    {
        var path = new Svg();
        WeighedPoint? before = null;
        var drawnX = double.NegativeInfinity;
        foreach (var point in points.Where(point => point.AtS >= fromS && point.AtS <= toS))
        {
            var goesOn = before is { } last && last.InCup == point.InCup && point.AtS - last.AtS < MaxGapS;
            before = point;
            var (x, y) = place(point);
            if (!goesOn || x - drawnX >= NearPx)
            {
                path.Add($"{(goesOn ? 'L' : 'M')}{x} {y}");
                drawnX = x;
            }
        }

        return path.ToString();
    }
}
