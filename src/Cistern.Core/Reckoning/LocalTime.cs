namespace Cistern.Core.Reckoning;

/// <summary>
/// Moments are UTC milliseconds; what a clock on the wall shows of one is worked out here, of the zone that is handed in, and
/// only to be shown or typed. Nothing is added to or taken from a local time: over a night in which clocks change it is an hour
/// off.
/// </summary>
public static class LocalTime
{
    /// <summary>The local time at a moment.</summary>
    /// <param name="ms">The moment, UTC ms.</param>
    /// <param name="zone">The time zone.</param>
    public static DateTime At(long ms, TimeZoneInfo zone) => TimeZoneInfo.ConvertTime(DateTimeOffset.FromUnixTimeMilliseconds(ms), zone).DateTime;

    /// <summary>
    /// The moment of a local time, UTC ms. A time skipped when clocks go forward is taken an hour later. Moments before the year 1 are
    /// negative.
    /// </summary>
    /// <param name="local">The local time.</param>
    /// <param name="zone">The time zone.</param>
    public static long UtcMs(DateTime local, TimeZoneInfo zone)
    {
        var there = DateTime.SpecifyKind(local, DateTimeKind.Unspecified);
        there = zone.IsInvalidTime(there) ? there.AddHours(1) : there;
        return (there.Ticks - zone.GetUtcOffset(there).Ticks - DateTime.UnixEpoch.Ticks) / TimeSpan.TicksPerMillisecond;
    }

    /// <summary>The moment at which a day begins, UTC ms.</summary>
    /// <param name="day">The day.</param>
    /// <param name="zone">The time zone.</param>
    public static long UtcMs(DateOnly day, TimeZoneInfo zone) => UtcMs(day.ToDateTime(TimeOnly.MinValue), zone);
}
