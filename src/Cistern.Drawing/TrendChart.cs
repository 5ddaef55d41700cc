using System.Buffers;

namespace Cistern.Drawing;

/// <summary>A brew on a trend.</summary>
/// <param name="X">Horizontal position in the axis's unit; for time, UTC milliseconds.</param>
/// <param name="Y">Up.</param>
/// <param name="Band">The 80 % band expected of its plan; null where there was none.</param>
public readonly record struct TrendPoint(double X, double Y, (double Low, double High)? Band);

/// <summary>A part of a trend, summarised.</summary>
/// <param name="From">Across, from.</param>
/// <param name="To">Across, to.</param>
/// <param name="Count">How many brews.</param>
/// <param name="Low">The lower quartile.</param>
/// <param name="Middle">The median.</param>
/// <param name="High">The upper quartile.</param>
/// <param name="Band">The median of the expected bands; null where there was none.</param>
public readonly record struct TrendPart(double From, double To, int Count, double Low, double Middle, double High, (double Low, double High)? Band);

/// <summary>The marks of a trend's axis.</summary>
/// <param name="Title">Its title, with the unit.</param>
/// <param name="Decimals">Decimals of its marks.</param>
/// <param name="Days">Whether it is days, as UTC milliseconds.</param>
public sealed record TrendAxis(string Title, int Decimals, bool Days = false);

/// <summary>A figure of many brews over time or over a setting: brews as points, their median as a line, the expected band behind.</summary>
public static class TrendChart
{
    /// <summary>With more points each is drawn fainter, and only this many are drawn.</summary>
    public const int MaxPoints = 1_500;

    /// <summary>Up to this many brews each have their own band.</summary>
    public const int MaxOwnBands = 60;

    private const double Left = 58;
    private const double Top = 30;
    private const double Bottom = 44;
    private const double Right = 16;
    private const double DayMs = 86_400_000;

    /// <summary>Divides points into parts with the same number of brews, along the axis.</summary>
    /// <param name="points">The points.</param>
    /// <param name="most">The most parts.</param>
    public static IReadOnlyList<TrendPart> Parts(IReadOnlyList<TrendPoint> points, int most)
    {
        const int Least = 5;
        var all = Segment(points);
        var count = Math.Clamp(all.Count / Least, 1, most);
        var parts = new TrendPart[count];
        var order = ArrayPool<int>.Shared.Rent(all.Count);
        try
        {
            SetInOrder(all, order);
            // The parts are sorted in parallel: with a hundred thousand brews, sorting takes most of the time.
            Parallel.For(0, count, i => parts[i] = PartOf(all, order.AsSpan((int)((long)i * all.Count / count)..(int)((long)(i + 1) * all.Count / count))));
        }
        finally
        {
            ArrayPool<int>.Shared.Return(order);
        }

        return [.. parts.Where(part => part.Count > 0)];
    }

    /// <summary>The points in one array: copied only where they are not in one already.</summary>
    private static ArraySegment<TrendPoint> Segment(IReadOnlyList<TrendPoint> points) => points is ArraySegment<TrendPoint> segment ? segment : points as TrendPoint[] ?? [.. points];

    /// <summary>
    /// Computes the order of points along the axis. Points already in order, in either direction, are not sorted; the log is in order
    /// of time.
    /// </summary>
    private static void SetInOrder(ArraySegment<TrendPoint> all, int[] order)
    {
        var points = all.AsSpan();
        var (up, down) = (true, true);
        for (var i = 1; i < points.Length && (up || down); i++)
        {
            up &= points[i - 1].X <= points[i].X;
            down &= points[i - 1].X >= points[i].X;
        }

        for (var i = 0; i < points.Length; i++)
        {
            order[i] = up || !down ? i : points.Length - 1 - i;
        }

        if (up || down)
        {
            return;
        }

        // Rented for long logs, to avoid large allocations.
        var keys = ArrayPool<double>.Shared.Rent(points.Length);
        for (var i = 0; i < points.Length; i++)
        {
            keys[i] = points[i].X;
        }

        Array.Sort(keys, order, 0, points.Length);
        ArrayPool<double>.Shared.Return(keys);
    }

    private static TrendPart PartOf(ArraySegment<TrendPoint> all, ReadOnlySpan<int> order)
    {
        if (order.IsEmpty)
        {
            return default;
        }

        var (values, lows, highs) = (new double[order.Length], new double[order.Length], new double[order.Length]);
        var banded = 0;
        for (var i = 0; i < order.Length; i++)
        {
            ref readonly var point = ref all.Array![all.Offset + order[i]];
            values[i] = point.Y;
            if (point.Band is { } band)
            {
                (lows[banded], highs[banded]) = (band.Low, band.High);
                banded++;
            }
        }

        Array.Sort(values);
        Array.Sort(lows, 0, banded);
        Array.Sort(highs, 0, banded);
        return new TrendPart(all[order[0]].X, all[order[^1]].X, order.Length, Quantile(values, 0.25), Quantile(values, 0.5), Quantile(values, 0.75),
            banded == 0 ? null : (Quantile(lows.AsSpan(0, banded), 0.5), Quantile(highs.AsSpan(0, banded), 0.5)));
    }

    /// <summary>Draws the trend to scale, with axes that include everything.</summary>
    /// <param name="points">The points; at least one.</param>
    /// <param name="parts">Its parts.</param>
    /// <param name="x">The axis across.</param>
    /// <param name="y">The axis up.</param>
    /// <param name="label">A point in a few words, by its index; called only for points that are drawn.</param>
    /// <param name="widthPx">Its width, px.</param>
    /// <param name="heightPx">Its height, px.</param>
    public static string Draw(IReadOnlyList<TrendPoint> points, IReadOnlyList<TrendPart> parts, TrendAxis x, TrendAxis y, Func<int, string> label, double widthPx, double heightPx)
    {
        var all = Segment(points);
        var (first, last, lowest, highest) = (double.MaxValue, double.MinValue, double.MaxValue, double.MinValue);
        foreach (ref readonly var point in all.AsSpan())
        {
            (first, last, lowest, highest) = (Math.Min(first, point.X), Math.Max(last, point.X), Math.Min(lowest, point.Y), Math.Max(highest, point.Y));
        }

        foreach (var (low, high) in all.Count <= MaxOwnBands ? all.Select(point => point.Band).OfType<(double, double)>() : parts.Select(part => part.Band).OfType<(double, double)>())
        {
            (lowest, highest) = (Math.Min(lowest, low), Math.Max(highest, high));
        }

        var (fromX, toX) = Room(first, last, x.Days ? DayMs : 1e-6, 0.02);
        var (fromY, toY) = Room(lowest, highest, 1e-6, 0.06);
        double X(double value) => Left + ((value - fromX) / (toX - fromX) * (widthPx - Left - Right));
        double Y(double value) => heightPx - Bottom - ((value - fromY) / (toY - fromY) * (heightPx - Bottom - Top));
        var svg = new Svg();
        svg.Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {widthPx} {heightPx}\" class=\"chart trend\" role=\"img\" aria-label=\"{Svg.Encode($"{y.Title} of {points.Count} brews over {x.Title}; the table beneath has the figures.")}\">");
        foreach (var value in Ticks.Of(fromY, toY, (heightPx - Bottom - Top) / 44, Steps))
        {
            svg.Add($"<line class=\"chart-grid\" x1=\"{Left}\" x2=\"{widthPx - Right}\" y1=\"{Y(value)}\" y2=\"{Y(value)}\"/>");
            svg.Text(Left - 6, Y(value) + 4, "chart-tick", Text(value, y.Decimals), "end");
        }

        foreach (var (value, told) in x.Days ? Days(fromX, toX, (widthPx - Left - Right) / 92) : Ticks.Of(fromX, toX, (widthPx - Left - Right) / 70, Steps).Select(value => (value, Text(value, x.Decimals))))
        {
            svg.Add($"<line class=\"chart-grid\" x1=\"{X(value)}\" x2=\"{X(value)}\" y1=\"{Top}\" y2=\"{heightPx - Bottom}\"/>");
            svg.Text(X(value), heightPx - Bottom + 17, "chart-tick", told, "middle");
        }

        // Few brews have their own bands; many have the median band of each part.
        if (points.Count <= MaxOwnBands)
        {
            foreach (var point in points.Where(point => point.Band is not null))
            {
                var (low, high) = point.Band!.Value;
                svg.Add($"<rect class=\"trend-band\" x=\"{X(point.X) - 5}\" y=\"{Y(high)}\" width=\"10\" height=\"{Math.Max(1, Y(low) - Y(high))}\"/>");
            }
        }

        foreach (var part in parts.Where(part => part.Band is not null && points.Count > MaxOwnBands))
        {
            var (low, high) = part.Band!.Value;
            svg.Add($"<rect class=\"trend-band\" x=\"{X(part.From) - 2}\" y=\"{Y(high)}\" width=\"{Math.Max(4, X(part.To) - X(part.From) + 4)}\" height=\"{Math.Max(1, Y(low) - Y(high))}\"/>");
        }

        // Every n-th point: a hundred thousand would be a blot of three megabytes.
        var every = Math.Max(1, points.Count / MaxPoints);
        for (var i = 0; i < points.Count; i += every)
        {
            svg.Add($"<circle class=\"trend-point{(points.Count > 300 ? " is-faint" : "")}\" cx=\"{X(points[i].X)}\" cy=\"{Y(points[i].Y)}\" r=\"{(points.Count > 300 ? 2.5 : 4)}\"><title>{Svg.Encode(label(i))}</title></circle>");
        }

        if (parts.Count > 1)
        {
            var line = new Svg();
            foreach (var part in parts)
            {
                line.Add($"{X((part.From + part.To) / 2)} {Y(part.Middle)} ");
            }

            svg.Add($"<polyline class=\"trend-middle-halo\" points=\"{line.ToString().TrimEnd()}\"/><polyline class=\"trend-middle\" points=\"{line.ToString().TrimEnd()}\"/>");
        }

        svg.Add($"<path class=\"chart-axis\" d=\"M{Left} {Top}V{heightPx - Bottom}H{widthPx - Right}\"/>");
        svg.Text(widthPx - Right, heightPx - 8, "chart-label", x.Title, "end");
        svg.Text(Left, 16, "chart-label", y.Title);
        return svg.Add("</svg>").ToString();
    }

    private static double[] Steps { get; } = [0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1_000, 2_000, 5_000, 10_000];

    private static string Text(double value, int decimals) => value.ToString("F" + decimals.ToString(CultureInfo.InvariantCulture), CultureInfo.InvariantCulture).Replace('-', '−');

    /// <summary>Days at which a day, a week, a month or a year begins, whichever there is room for.</summary>
    private static IEnumerable<(double AtMs, string Told)> Days(double fromMs, double toMs, double most)
    {
        var from = DateTimeOffset.FromUnixTimeMilliseconds((long)fromMs).UtcDateTime.Date;
        var days = (toMs - fromMs) / DayMs;
        int[] steps = [1, 2, 7, 14];
        if (steps.FirstOrDefault(step => days / step <= most) is var step and > 0)
        {
            for (var day = from; Ms(day) <= toMs; day = day.AddDays(step))
            {
                if (Ms(day) >= fromMs)
                {
                    yield return (Ms(day), day.ToString("d MMM", CultureInfo.InvariantCulture));
                }
            }

            yield break;
        }

        int[] months = [1, 2, 3, 6, 12, 24, 60];
        var every = months.FirstOrDefault(step => days / 30.4 / step <= most, 120);
        for (var month = new DateTime(from.Year, 1, 1, 0, 0, 0, DateTimeKind.Utc); Ms(month) <= toMs; month = month.AddMonths(every))
        {
            if (Ms(month) >= fromMs)
            {
                yield return (Ms(month), month.ToString(every < 12 ? "MMM yy" : "yyyy", CultureInfo.InvariantCulture));
            }
        }
    }

    private static double Ms(DateTime day) => new DateTimeOffset(DateTime.SpecifyKind(day, DateTimeKind.Unspecified), TimeSpan.Zero).ToUnixTimeMilliseconds();

    /// <summary>An axis a little longer than the range of its values.</summary>
    private static (double From, double To) Room(double low, double high, double least, double share)
    {
        var room = Math.Max(least, share * (high - low));
        room = high - low < least ? Math.Max(room, 0.05 * Math.Abs(high)) : room;
        return (low - room, high + room);
    }

    private static double Quantile(ReadOnlySpan<double> sorted, double share)
    {
        var at = share * (sorted.Length - 1);
        var below = (int)at;
        return below + 1 < sorted.Length ? double.Lerp(sorted[below], sorted[below + 1], at - below) : sorted[below];
    }
}
