using System.Globalization;

namespace Cistern.Core.Reckoning;

/// <summary>A time on the brew clock, as it is told; <see cref="TypedNumber.ReadClock"/> reads it again.</summary>
public static class ClockTime
{
    /// <summary>A time in minutes and seconds, or in hours too: 4:15, 1:05:00, −0:30.</summary>
    /// <param name="seconds">On the clock, s.</param>
    public static string Text(double seconds)
    {
        // Half a second goes up, as it does in the page's script: one moment must not be told in two ways.
        var whole = (long)Math.Round(Math.Abs(seconds), MidpointRounding.AwayFromZero);
        var sign = seconds <= -0.5 ? "−" : "";
        return whole >= 3600
            ? string.Create(CultureInfo.InvariantCulture, $"{sign}{whole / 3600}:{whole / 60 % 60:00}:{whole % 60:00}")
            : string.Create(CultureInfo.InvariantCulture, $"{sign}{whole / 60}:{whole % 60:00}");
    }
}
