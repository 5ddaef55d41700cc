using System.Text.RegularExpressions;

namespace Cistern.Core.Reckoning;

/// <summary>Units as people say them after a number: 22 grams in a field of ounces, 200 F in one of °C, 2 min in one of seconds.</summary>
public static partial class SpokenUnits
{
    private enum Dimension
    {
        Mass,
        Volume,
        Time,
        Temperature,
    }

    // To add a word, add a line: its dimension, its size in the base unit (g, ml, s, °C), and its zero point there.
    private static readonly Dictionary<string, (Dimension Of, double Each, double Zero)> Words = new(StringComparer.Ordinal)
    {
        ["g"] = (Dimension.Mass, 1, 0),
        ["gr"] = (Dimension.Mass, 1, 0),
        ["gram"] = (Dimension.Mass, 1, 0),
        ["grams"] = (Dimension.Mass, 1, 0),
        ["gramme"] = (Dimension.Mass, 1, 0),
        ["grammes"] = (Dimension.Mass, 1, 0),
        ["kg"] = (Dimension.Mass, 1_000, 0),
        ["oz"] = (Dimension.Mass, Units.GPerOz, 0),
        ["ounce"] = (Dimension.Mass, Units.GPerOz, 0),
        ["ounces"] = (Dimension.Mass, Units.GPerOz, 0),
        ["ml"] = (Dimension.Volume, 1, 0),
        ["millilitre"] = (Dimension.Volume, 1, 0),
        ["millilitres"] = (Dimension.Volume, 1, 0),
        ["milliliters"] = (Dimension.Volume, 1, 0),
        ["cc"] = (Dimension.Volume, 1, 0),
        ["cl"] = (Dimension.Volume, 10, 0),
        ["dl"] = (Dimension.Volume, 100, 0),
        ["l"] = (Dimension.Volume, 1_000, 0),
        ["litre"] = (Dimension.Volume, 1_000, 0),
        ["litres"] = (Dimension.Volume, 1_000, 0),
        ["liter"] = (Dimension.Volume, 1_000, 0),
        ["liters"] = (Dimension.Volume, 1_000, 0),
        ["fl oz"] = (Dimension.Volume, Units.MlPerFlOz, 0),
        ["floz"] = (Dimension.Volume, Units.MlPerFlOz, 0),
        ["fluid ounce"] = (Dimension.Volume, Units.MlPerFlOz, 0),
        ["fluid ounces"] = (Dimension.Volume, Units.MlPerFlOz, 0),
        ["s"] = (Dimension.Time, 1, 0),
        ["sec"] = (Dimension.Time, 1, 0),
        ["secs"] = (Dimension.Time, 1, 0),
        ["second"] = (Dimension.Time, 1, 0),
        ["seconds"] = (Dimension.Time, 1, 0),
        ["m"] = (Dimension.Time, 60, 0),
        ["min"] = (Dimension.Time, 60, 0),
        ["mins"] = (Dimension.Time, 60, 0),
        ["minute"] = (Dimension.Time, 60, 0),
        ["minutes"] = (Dimension.Time, 60, 0),
        ["h"] = (Dimension.Time, 3_600, 0),
        ["hour"] = (Dimension.Time, 3_600, 0),
        ["hours"] = (Dimension.Time, 3_600, 0),
        ["c"] = (Dimension.Temperature, 1, 0),
        ["°c"] = (Dimension.Temperature, 1, 0),
        ["celsius"] = (Dimension.Temperature, 1, 0),
        ["degrees c"] = (Dimension.Temperature, 1, 0),
        ["degrees celsius"] = (Dimension.Temperature, 1, 0),
        ["f"] = (Dimension.Temperature, 5.0 / 9, -160.0 / 9),
        ["°f"] = (Dimension.Temperature, 5.0 / 9, -160.0 / 9),
        ["fahrenheit"] = (Dimension.Temperature, 5.0 / 9, -160.0 / 9),
        ["degrees f"] = (Dimension.Temperature, 5.0 / 9, -160.0 / 9),
        ["degrees fahrenheit"] = (Dimension.Temperature, 5.0 / 9, -160.0 / 9),
    };

    // What says nothing of the unit: the field's own is meant.
    private static readonly HashSet<string> WithoutUnit = new(StringComparer.Ordinal) { "°", "degrees", "degree", "deg" };

    /// <summary>Converts a text with a unit to a number in the field's unit. A text that is not understood is returned unchanged.</summary>
    /// <param name="text">As typed.</param>
    /// <param name="unit">The field's unit, as shown beside it.</param>
    public static string In(string text, string unit)
    {
        if (text.Length > PatternLimits.MaxLength || NumberAndWord().Match(text.Trim().ToLowerInvariant()) is not { Success: true } said)
        {
            return text;
        }

        var (number, word) = (said.Groups["number"].Value, Blanks().Replace(said.Groups["word"].Value.TrimEnd('.'), " "));
        // The field's own unit may be missing from the table: %, µm, clicks.
        if (string.Equals(word, unit, StringComparison.OrdinalIgnoreCase) || (WithoutUnit.Contains(word) && unit.StartsWith('°')))
        {
            return number;
        }

        if (!Words.TryGetValue(word, out var spoken) || !Words.TryGetValue(unit.ToLowerInvariant(), out var wanted) || spoken.Of != wanted.Of)
        {
            return text;
        }

        if (spoken.Each == wanted.Each)
        {
            return number;
        }

        // Read as if it had no unit, in a range that no brew exceeds.
        var value = TypedNumber.Read(number, -1e6, 1e6, "").Value;
        return value is { } read ? ((((read * spoken.Each) + spoken.Zero) - wanted.Zero) / wanted.Each).ToString("0.######", CultureInfo.InvariantCulture) : text;
    }

    /// <summary>Reads a duration such as "2 min 30 s" or "1 h 5 min", s; null where the text is something else.</summary>
    public static double? Seconds(string text)
    {
        if (text.Length > PatternLimits.MaxLength)
        {
            return null;
        }

        var parts = TimePart().Matches(text.Trim().ToLowerInvariant());
        if (parts.Count == 0 || parts.Sum(part => part.Length) != text.Trim().Length)
        {
            return null;
        }

        var totalS = 0.0;
        var last = double.PositiveInfinity;
        foreach (Match part in parts)
        {
            // Each unit must be smaller than the one before: "30 s 2 min" is refused.
            if (!Words.TryGetValue(part.Groups["word"].Value, out var unit) || unit.Of != Dimension.Time || unit.Each >= last || TypedNumber.Read(part.Groups["number"].Value, 0, 1e6, "").Value is not { } number)
            {
                return null;
            }

            totalS += number * unit.Each;
            last = unit.Each;
        }

        return totalS;
    }

    [GeneratedRegex(@"^(?<number>[-−]?\d[\d.,'’\s]*?)\s*(?<word>[a-zµ°%][a-zµ°%. ]*)$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex NumberAndWord();

    [GeneratedRegex(@"(?<number>\d+(?:[.,]\d+)?)\s*(?<word>[a-z]+)(?:\s*(?:,|and)?\s*)", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex TimePart();

    [GeneratedRegex(@"\s+", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex Blanks();
}
