using System.Text.RegularExpressions;

namespace Cistern.Core.Reckoning;

/// <summary>Amounts as people say them without a scale: 4 heaped tablespoons, an inch of coffee, to the 300 mark.</summary>
public static partial class SpokenAmounts
{
    /// <summary>A coffee scoop holds two level tablespoons.</summary>
    private const double SpoonsInScoop = 2;

    /// <summary>A finger is so wide, m. Judged.</summary>
    private const double FingerM = 0.018;

    /// <summary>Reads a dose in spoons or scoops; null where the text is something else.</summary>
    /// <param name="text">As typed.</param>
    public static (double Count, bool Heaped)? Spoons(string text)
    {
        var plain = InFigures(text);
        return plain.Length <= PatternLimits.MaxLength && SpoonsSaid().Match(plain) is { Success: true } said && TypedNumber.Read(said.Groups["count"].Value, 0.25, 200, "").Value is { } count
            ? (count * (said.Groups["scoop"].Success ? SpoonsInScoop : 1), said.Groups["heaped"].Success)
            : null;
    }

    /// <summary>Reads a dose as its depth in the brewer, m; null where the text is something else.</summary>
    /// <param name="text">As typed.</param>
    public static double? DepthM(string text)
    {
        var plain = InFigures(text);
        return plain.Length <= PatternLimits.MaxLength && DepthSaid().Match(plain) is { Success: true } said && TypedNumber.Read(said.Groups["count"].Value, 0.1, 30, "").Value is { } count
            ? count * (said.Groups["cm"].Success ? 0.01 : said.Groups["finger"].Success ? FingerM : 0.0254)
            : null;
    }

    /// <summary>
    /// Reads an amount of ice, g: cubes of an ordinary tray, a glass of 300 ml full of cubes, a handful, a block from a 5 cm mould.
    /// Null where the text is something else. Judged.
    /// </summary>
    /// <param name="text">As typed.</param>
    public static double? IceG(string text)
    {
        var plain = InFigures(text);
        return plain.Length <= PatternLimits.MaxLength && IceSaid().Match(plain) is { Success: true } said && TypedNumber.Read(said.Groups["count"].Value, 0.25, 200, "").Value is { } count
            ? count * (said.Groups["cube"].Success ? 20 : said.Groups["glass"].Success ? 160 : said.Groups["hand"].Success ? 80 : 110)
            : null;
    }

    /// <summary>Reads a level as a vessel's mark, ml; null where the text is something else.</summary>
    /// <param name="text">As typed.</param>
    public static double? MarkMl(string text)
    {
        var plain = InFigures(text);
        return plain.Length <= PatternLimits.MaxLength && MarkSaid().Match(plain) is { Success: true } said
            ? TypedNumber.Read(said.Groups["before"].Success ? said.Groups["before"].Value : said.Groups["after"].Value, 1, 6_000, "ml").Value
            : null;
    }

    /// <summary>Replaces a number in words by figures: "two mugs" becomes "2 mugs", "half a cup" "0.5 cup".</summary>
    /// <param name="text">As typed.</param>
    public static string InFigures(string text)
    {
        var plain = text.Trim().ToLowerInvariant();
        plain = plain.StartsWith("half a", StringComparison.Ordinal) ? $"0.5 {plain.Split(' ', 3)[^1]}" : plain;
        var first = plain.Split(' ', 2)[0];
        return first is "a" or "an" ? "1" + plain[first.Length..] : NumberWords.All.TryGetValue(first, out var number) ? number.ToString(CultureInfo.InvariantCulture) + plain[first.Length..] : plain;
    }

    [GeneratedRegex(@"^(?<count>\d[\d.,]*)\s*(?:(?<heaped>heaped|heaping)\s+|(?:level)\s+)?(?:(?:table)?(?:spoons?|spoonfuls?|tbsps?)|(?<scoop>(?:coffee )?scoops?))(?:\s+of\s+coffee)?(?:\s*,?\s*(?:(?<heaped>heaped|heaping)|level))?$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex SpoonsSaid();

    [GeneratedRegex(@"^(?<count>\d[\d.,]*)\s*(?:inch(?:es)?|in|""|(?<cm>cm|centimet(?:re|er)s?)|(?<finger>fingers?))(?:\s+(?:deep|of\s+(?:coffee|grounds)))?$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex DepthSaid();

    [GeneratedRegex(@"^(?<count>\d[\d.,]*)\s*(?:(?<cube>(?:ice )?cubes?)|(?<glass>glass(?:es)?(?: full)?|glassfuls?)|(?<hand>handfuls?)|(?:large |big )?blocks?)(?:\s+of\s+ice)?$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex IceSaid();

    [GeneratedRegex(@"^(?:to|up to)?\s*(?:the)?\s*(?:(?<before>\d[\d.,]*)\s*(?:ml\s*)?mark|mark\s*(?<after>\d[\d.,]*))$", RegexOptions.CultureInvariant, PatternLimits.Ms)]
    private static partial Regex MarkSaid();
}
