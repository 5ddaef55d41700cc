using System.Text.RegularExpressions;

namespace Cistern.Core.Reckoning;

/// <summary>A date and time as people say it: 7:30, half past seven tomorrow, Saturday at eight, in 40 minutes.</summary>
/// <param name="At">The local time; null where the text is not understood.</param>
/// <param name="Problem">What is wrong and what would be accepted, or null.</param>
public sealed partial record WantedTime(DateTime? At, string? Problem)
{
    /// <summary>How far ahead a brew can be planned, days.</summary>
    public const int MaxDays = 366;

    private const string Remedy = "Give a time of day, like 7:30, half past seven, Saturday 8:00 or in 40 min.";

    // Adding a word is adding a line.
    private static readonly Dictionary<string, TimeOnly> NamedTimes = new(StringComparer.Ordinal)
    {
        ["noon"] = new(12, 0),
        ["midday"] = new(12, 0),
        ["midnight"] = new(0, 0),
    };

    private static readonly Dictionary<string, int> PastOrTo = new(StringComparer.Ordinal)
    {
        ["half past"] = 30,
        ["quarter past"] = 15,
        ["quarter to"] = -15,
        ["ten past"] = 10,
        ["ten to"] = -10,
        ["twenty past"] = 20,
        ["twenty to"] = -20,
        ["five past"] = 5,
        ["five to"] = -5,
    };

    private static readonly Dictionary<string, int> DaysAhead = new(StringComparer.Ordinal)
    {
        ["today"] = 0,
        ["tonight"] = 0,
        ["tomorrow"] = 1,
    };

    /// <summary>Reads one.</summary>
    /// <param name="text">As said.</param>
    /// <param name="now">Now, where the speaker is.</param>
    public static WantedTime Read(string? text, DateTime now)
    {
        if (text is { Length: > PatternLimits.MaxLength })
        {
            return Wrong();
        }

        var said = Words().Replace((text ?? "").Trim().ToLowerInvariant(), " ");
        said = $" {said} ".Replace(" at ", " ", StringComparison.Ordinal).Replace(" on ", " ", StringComparison.Ordinal).Replace(" o'clock ", " ", StringComparison.Ordinal).Trim();
        if (Ahead().Match(said) is { Success: true } ahead)
        {
            var minutes = double.Parse(ahead.Groups["count"].Value.Replace(',', '.'), CultureInfo.InvariantCulture) * (ahead.Groups["unit"].Value.StartsWith('h') ? 60 : 1);
            return minutes <= MaxDays * 1_440.0 ? new WantedTime(Whole(now.AddMinutes(minutes)), null) : Wrong();
        }

        var (day, rest, next) = DayOf(said, now);
        if (TimeOf(rest) is not { } time)
        {
            return Wrong();
        }

        if (day is null)
        {
            // A time of day that is past is tomorrow's.
            day = now.Date + time.ToTimeSpan() >= Whole(now) ? DateOnly.FromDateTime(now) : DateOnly.FromDateTime(now).AddDays(1);
        }

        var at = day.Value.ToDateTime(time);
        // A weekday or a date in the past means the next one.
        at = at < Whole(now) && next is not null ? next(day.Value).ToDateTime(time) : at;
        return at < Whole(now) ? new WantedTime(null, "That is in the past. Give a future time.")
            : at > now.AddDays(MaxDays) ? new WantedTime(null, "That is more than a year away. Give one that is nearer.")
            : new WantedTime(at, null);
    }

    /// <summary>Formats a time so that it can be read again: Fri 27 Nov 7:30.</summary>
    public static string Text(DateTime at) => at.ToString("ddd d MMM H:mm", CultureInfo.InvariantCulture);

    private static WantedTime Wrong() => new(null, $"That is not a time of day. {Remedy}");

    private static DateTime Whole(DateTime at) => at.AddTicks(-(at.Ticks % TimeSpan.TicksPerMinute));

    /// <summary>The day that is named, the rest of the text, and the next day with that name; null where none is named.</summary>
    private static (DateOnly? Day, string Left, Func<DateOnly, DateOnly>? Next) DayOf(string said, DateTime now)
    {
        var today = DateOnly.FromDateTime(now);
        foreach (var (word, days) in DaysAhead)
        {
            if (Without(said, word) is { } rest)
            {
                return (today.AddDays(days), rest, null);
            }
        }

        if (Iso().Match(said) is { Success: true } iso && DateOnly.TryParseExact(iso.Value, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date))
        {
            return (date, said.Replace(iso.Value, "", StringComparison.Ordinal).Trim(), null);
        }

        if (DayAndMonth().Match(said) is { Success: true } named
            && DateTime.TryParseExact($"{named.Groups["day"].Value} {named.Groups["month"].Value} {today.Year}", "d MMM yyyy", CultureInfo.InvariantCulture, DateTimeStyles.None, out var inYear))
        {
            var on = DateOnly.FromDateTime(inYear);
            return (on < today ? on.AddYears(1) : on, said.Replace(named.Value, "", StringComparison.Ordinal).Trim(), day => day.AddYears(1));
        }

        foreach (var weekday in Enum.GetValues<DayOfWeek>())
        {
            var name = weekday.ToString().ToLowerInvariant();
            if ((Without(said, name) ?? Without(said, name[..3])) is { } rest)
            {
                return (today.AddDays(((int)weekday - (int)today.DayOfWeek + 7) % 7), rest, day => day.AddDays(7));
            }
        }

        return (null, said, null);
    }

    private static TimeOnly? TimeOf(string said)
    {
        if (NamedTimes.TryGetValue(said, out var named))
        {
            return named;
        }

        var half = (said.Contains("pm", StringComparison.Ordinal) || said.Contains("evening", StringComparison.Ordinal) || said.Contains("afternoon", StringComparison.Ordinal)) ? 12
            : said.Contains("am", StringComparison.Ordinal) || said.Contains("morning", StringComparison.Ordinal) ? 0 : (int?)null;
        said = HalfOfDay().Replace(said, "").Trim();
        var minutes = 0;
        foreach (var (word, by) in PastOrTo)
        {
            if (said.StartsWith(word + " ", StringComparison.Ordinal))
            {
                minutes = by;
                said = said[(word.Length + 1)..];
                break;
            }
        }

        if (Clock().Match(said) is not { Success: true } clock)
        {
            return NumberWords.All.TryGetValue(said, out var spoken) ? Of(spoken, minutes, half) : null;
        }

        var hour = int.Parse(clock.Groups["hour"].Value, CultureInfo.InvariantCulture);
        return clock.Groups["minute"].Success && minutes != 0 ? null : Of(hour, clock.Groups["minute"].Success ? int.Parse(clock.Groups["minute"].Value, CultureInfo.InvariantCulture) : minutes, half);
    }

    private static TimeOnly? Of(int hour, int minutes, int? half)
    {
        if (hour > 23 || (half is not null && hour is 0 or > 12) || minutes > 59)
        {
            return null;
        }

        var on = half is { } from ? (hour % 12) + from : hour;
        return new TimeOnly(on, 0).AddMinutes(minutes);
    }

    /// <summary>The text without a word; null where the word is not in it.</summary>
    private static string? Without(string said, string word) =>
        $" {said} ".Contains($" {word} ", StringComparison.Ordinal) ? $" {said} ".Replace($" {word} ", " ", StringComparison.Ordinal).Trim() : null;

    [GeneratedRegex(@"[\s,]+", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex Words();

    [GeneratedRegex(@"^in (?<count>\d{1,4}(?:[.,]\d)?) ?(?<unit>min|mins|minutes|minute|h|hours|hour)$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex Ahead();

    [GeneratedRegex(@"\d{4}-\d{2}-\d{2}", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex Iso();

    [GeneratedRegex(@"(?:(?:mon|tue|wed|thu|fri|sat|sun)[a-z]* )?\b(?<day>\d{1,2}) (?<month>jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\b", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex DayAndMonth();

    [GeneratedRegex(@"\b(?:in the )?(?:morning|afternoon|evening)\b|(?<=\d|\b)(?:am|pm)\b", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex HalfOfDay();

    [GeneratedRegex(@"^(?<hour>\d{1,2})(?:[:.]?(?<minute>\d{2}))?$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex Clock();
}
