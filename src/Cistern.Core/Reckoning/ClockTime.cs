namespace Cistern.Core.Reckoning;

/// <summary>Formats a time on the brew clock; <see cref="TypedNumber.ReadClock"/> reads it.</summary>
public static class ClockTime
{
    /// <summary>A time in minutes and seconds, or in hours too: 4:15, 1:05:00, −0:30.</summary>
    /// <param name="seconds">On the clock, s.</param>
    public static string Text(double seconds)
    {
        // Half a second rounds up, as in the page's script, so that both show the same.
        var whole = (long)Math.Round(Math.Abs(seconds), MidpointRounding.AwayFromZero);
        var sign = seconds <= -0.5 ? "−" : "";
        return whole >= 3600
            ? string.Create(CultureInfo.InvariantCulture, $"{sign}{whole / 3600}:{whole / 60 % 60:00}:{whole % 60:00}")
            : string.Create(CultureInfo.InvariantCulture, $"{sign}{whole / 60}:{whole % 60:00}");
    }
}
