using System.Text.RegularExpressions;

namespace Cistern.Core.Reckoning;

/// <summary>A number that somebody typed: the text is kept, with what is wrong with it.</summary>
/// <param name="Text">As typed.</param>
/// <param name="Value">The number, when it is valid.</param>
/// <param name="Problem">What is wrong and what would be accepted, or null.</param>
public sealed partial record TypedNumber(string Text, double? Value, string? Problem)
{
    /// <summary>
    /// Reads a number: comma or point, finite, in range. Three digits after one mark may be thousands, as a page writes
    /// 2,340, or a part: it is read as what lies in the range, and asked about where both do and neither is how it is written.
    /// </summary>
    /// <param name="text">As typed.</param>
    /// <param name="min">The smallest value accepted.</param>
    /// <param name="max">The largest value accepted.</param>
    /// <param name="unit">The unit, for the message.</param>
    public static TypedNumber Read(string? text, double min, double max, string unit)
    {
        var typed = text ?? "";
        var wanted = string.Create(CultureInfo.InvariantCulture, $"a number from {min:0.##} to {max:0.##}{(unit.Length == 0 ? "" : " " + unit)}");
        var plain = Fractions(Ungrouped(SpokenUnits.In(typed.Trim(), unit).Replace('−', '-'), min, max));
        if (plain.Length == 0)
        {
            return new TypedNumber(typed, null, $"Nothing is typed here. Give {wanted}.");
        }

        if (OneMark().Match(plain) is { Success: true } twice && double.Parse(twice.Groups["whole"].Value + twice.Groups["part"].Value, CultureInfo.InvariantCulture) is var whole && Within(whole, min, max))
        {
            var part = double.Parse(plain, CultureInfo.InvariantCulture);
            return Within(part, min, max)
                ? new TypedNumber(typed, null, string.Create(CultureInfo.InvariantCulture, $"That could be {whole:0} or {part:0.###}. Type {whole:0}, or {plain}0 for the smaller one."))
                : new TypedNumber(typed, Math.Clamp(whole, min, max), null);
        }

        if (plain.Count(letter => letter == '.') > 1)
        {
            return new TypedNumber(typed, null, $"There are two decimal marks in it. Give {wanted}, like 15.5 or 15,5.");
        }

        const NumberStyles Styles = NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint;
        if (plain.Length > 30 || !double.TryParse(plain, Styles, CultureInfo.InvariantCulture, out var value) || !double.IsFinite(value))
        {
            return new TypedNumber(typed, null, $"That is not a number. Give {wanted}.");
        }

        return !Within(value, min, max)
            ? new TypedNumber(typed, null, $"That is {(value < min ? "too little" : "too much")}. Give {wanted}.")
            : new TypedNumber(typed, Math.Clamp(value, min, max), null);
    }

    /// <summary>Converts "4 1/3", "4⅓" and "1/2" to decimals; any other text is returned unchanged.</summary>
    private static string Fractions(string typed)
    {
        foreach (var (sign, part) in ((string, string)[])[("½", " 1/2"), ("⅓", " 1/3"), ("⅔", " 2/3"), ("¼", " 1/4"), ("¾", " 3/4")])
        {
            typed = typed.Replace(sign, part, StringComparison.Ordinal);
        }

        return Fraction().Match(typed.Trim()) is { Success: true } match && match.Groups["under"].Value is not "0" and var under
            ? ((match.Groups["whole"].Success ? double.Parse(match.Groups["whole"].Value, CultureInfo.InvariantCulture) : 0) + (double.Parse(match.Groups["over"].Value, CultureInfo.InvariantCulture) / double.Parse(under, CultureInfo.InvariantCulture))).ToString("0.####", CultureInfo.InvariantCulture)
            : typed;
    }

    [GeneratedRegex(@"^((?<whole>\d{1,4})\s+)?(?<over>\d{1,2})/(?<under>\d{1,2})$", RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture, PatternLimits.Ms)]
    private static partial Regex Fraction();

    /// <summary>Whether a number lies in a range. Limits are shown rounded, so a limit typed as shown is accepted.</summary>
    private static bool Within(double value, double min, double max)
    {
        var tolerances = 0.005 * Math.Max(1, Math.Abs(max) / 1000);
        return value >= min - tolerances && value <= max + tolerances;
    }

    /// <summary>The number without group separators, and with a decimal point.</summary>
    private static string Ungrouped(string typed, double min, double max)
    {
        // A blank or an apostrophe between groups of three can only be a separator; so can a repeated comma, and a comma before a
        // point.
        if (Spaced().IsMatch(typed))
        {
            return Separators().Replace(typed, "").Replace(',', '.');
        }

        var grouped = typed.Replace(",", "", StringComparison.Ordinal);
        return Commas().IsMatch(typed) && (typed.Count(letter => letter == ',') > 1 || typed.Contains('.', StringComparison.Ordinal) || Within(double.Parse(grouped, CultureInfo.InvariantCulture), min, max))
            ? grouped
            : typed.Replace(',', '.');
    }

    [GeneratedRegex(@"^-?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$", RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture, PatternLimits.Ms)]
    private static partial Regex Commas();

    [GeneratedRegex(@"^-?[1-9]\d{0,2}([\u0020\u00A0\u2009\u202F'’]\d{3})+([.,]\d+)?$", RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture, PatternLimits.Ms)]
    private static partial Regex Spaced();

    [GeneratedRegex(@"[\u0020\u00A0\u2009\u202F'’]", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex Separators();

    [GeneratedRegex(@"^(?<whole>-?[1-9]\d{0,2})\.(?<part>\d{3})$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex OneMark();

    /// <summary>Whether there are letters in it.</summary>
    private bool InWords => Text.Any(char.IsLetter);

    /// <summary>Adds examples of what is understood to the problem, where words were typed.</summary>
    /// <param name="words">The examples, as a sentence.</param>
    public TypedNumber Naming(string words) => Value is null && InWords ? this with { Problem = $"{Problem} {words}" } : this;

    private const string NoTime = "That is not a time. Give minutes and seconds, like 4:15, hours too, like 1:05:00, or seconds.";

    /// <summary>The duration of <c>overnight</c>, s. Judged.</summary>
    public const double OvernightS = 12 * 3_600;

    /// <summary>Reads a time: 4:15, 1:05:00, 2 min 30 s, overnight, or plain seconds.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="minS">The shortest time accepted, s.</param>
    /// <param name="maxS">The longest time accepted, s.</param>
    public static TypedNumber ReadClock(string? text, double minS, double maxS)
    {
        var typed = text ?? "";
        // Before 0:00 on the clock.
        var before = typed.Trim() is ['-' or '−', ..];
        var (hours, minutes, seconds) = typed.Trim().TrimStart('-', '−').Split(':') switch
        {
            [var h, var m, var s] => (Whole(h, 48), Whole(m, 59), Part(s)),
            [var m, var s] => (0, Whole(m, 2_880), Part(s)),
            _ => (double.NaN, double.NaN, double.NaN),
        };
        if (!typed.Contains(':', StringComparison.Ordinal))
        {
            var spokenS = typed.Trim().ToLowerInvariant() is "overnight" or "over night" ? OvernightS : SpokenUnits.Seconds(SpokenAmounts.InFigures(typed));
            var plain = Read(spokenS?.ToString("R", CultureInfo.InvariantCulture) ?? typed, minS, maxS, "s") with { Text = typed };
            return plain is { Value: null, InWords: true } && spokenS is null ? new TypedNumber(typed, null, NoTime) : plain;
        }

        var totalS = (before ? -1 : 1) * ((3_600 * hours) + (60 * minutes) + seconds);
        return double.IsNaN(totalS)
            ? new TypedNumber(typed, null, NoTime)
            : Read(totalS.ToString("R", CultureInfo.InvariantCulture), minS, maxS, "s") with { Text = typed };

        static double Part(string text) => Read(text, 0, 60, "").Value is { } value && value < 60 ? value : double.NaN;

        static double Whole(string text, double most) => Read(text, 0, most, "").Value is { } value && value == Math.Floor(value) ? value : double.NaN;
    }
}
