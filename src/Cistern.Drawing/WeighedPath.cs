using Cistern.Core.Readings;

namespace Cistern.Drawing;

/// <summary>What a scale told, as a path: broken where it bears something else, or told nothing for long.</summary>
internal static class WeighedPath
{
    /// <summary>A scale that told nothing for so long told nothing in between, s.</summary>
    private const double LongestGapS = 4;

    /// <summary>So near to the last point the eye sees none between, px.</summary>
    private const double NearPx = 0.5;

    /// <summary>The path's data; empty where nothing was told between two moments.</summary>
    /// <param name="points">What was told.</param>
    /// <param name="fromS">From, s.</param>
    /// <param name="toS">To, s.</param>
    /// <param name="place">Where a point lies, px.</param>
    public static string Of(IReadOnlyList<WeighedPoint> points, double fromS, double toS, Func<WeighedPoint, (double X, double Y)> place)
    {
        var path = new Svg();
        WeighedPoint? before = null;
        var drawnX = double.NegativeInfinity;
        foreach (var point in points.Where(point => point.AtS >= fromS && point.AtS <= toS))
        {
            var goesOn = before is { } last && last.InCup == point.InCup && point.AtS - last.AtS < LongestGapS;
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
