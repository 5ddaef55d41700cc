using System.Globalization;

namespace Cistern.Core.Reckoning;

/// <summary>A number as somebody typed it: the text is kept, and what is wrong with it is said.</summary>
/// <param name="Text">As typed.</param>
/// <param name="Value">The number, when it will do.</param>
/// <param name="Problem">What will not do and what would, or null.</param>
public sealed record TypedNumber(string Text, double? Value, string? Problem)
{
    /// <summary>Reads a number: comma or point, finite, in range. Grouping is not guessed at.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="min">Least value that will do.</param>
    /// <param name="max">Greatest value that will do.</param>
    /// <param name="unit">The unit, for the message.</param>
    public static TypedNumber Read(string? text, double min, double max, string unit)
    {
        var typed = text ?? "";
        var plain = typed.Trim().Replace(',', '.').Replace('−', '-');
        var wanted = string.Create(CultureInfo.InvariantCulture, $"a number from {min:0.##} to {max:0.##}{(unit.Length == 0 ? "" : " " + unit)}");
        if (plain.Length == 0)
        {
            return new TypedNumber(typed, null, $"Nothing is typed here. Give {wanted}.");
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

        // What is shown is rounded, so a limit typed as it is shown must do.
        var slack = 0.005 * Math.Max(1, Math.Abs(max) / 1000);
        return value < min - slack || value > max + slack
            ? new TypedNumber(typed, null, $"That is {(value < min ? "too little" : "too much")}. Give {wanted}.")
            : new TypedNumber(typed, Math.Clamp(value, min, max), null);
    }

    /// <summary>Reads a time: 4:15, 1:05:00, or plain seconds.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="minS">The least that will do, s.</param>
    /// <param name="maxS">The most that will do, s.</param>
    public static TypedNumber ReadClock(string? text, double minS, double maxS)
    {
        var typed = text ?? "";
        var (hours, minutes, seconds) = typed.Trim().Split(':') switch
        {
            [var h, var m, var s] => (Whole(h, 48), Whole(m, 59), Part(s)),
            [var m, var s] => (0, Whole(m, 2_880), Part(s)),
            _ => (double.NaN, double.NaN, double.NaN),
        };
        if (!typed.Contains(':', StringComparison.Ordinal))
        {
            return Read(typed, minS, maxS, "s");
        }

        var totalS = (3_600 * hours) + (60 * minutes) + seconds;
        return double.IsNaN(totalS)
            ? new TypedNumber(typed, null, "That is not a time. Give minutes and seconds, like 4:15, hours too, like 1:05:00, or seconds.")
            : Read(totalS.ToString("R", CultureInfo.InvariantCulture), minS, maxS, "s") with { Text = typed };

        static double Part(string text) => Read(text, 0, 60, "").Value is { } value && value < 60 ? value : double.NaN;

        static double Whole(string text, double most) => Read(text, 0, most, "").Value is { } value && value == Math.Floor(value) ? value : double.NaN;
    }
}
