using System.Globalization;
using System.Text.RegularExpressions;

namespace Cistern.Core.Reckoning;

/// <summary>Amounts as they are said where there is no scale: 4 heaped tablespoons, to the 300 mark.</summary>
public static partial class SpokenAmounts
{
    /// <summary>A dose said in spoons; null where it is none.</summary>
    /// <param name="text">As typed.</param>
    public static (double Count, bool Heaped)? Spoons(string text)
    {
        var plain = Plain(text);
        return plain.Length <= Patience.MostLetters && SpoonsSaid().Match(plain) is { Success: true } said && TypedNumber.Read(said.Groups["count"].Value, 0.25, 200, "").Value is { } count
            ? (count, said.Groups["heaped"].Success)
            : null;
    }

    /// <summary>A height said by a vessel's mark, ml; null where it is none.</summary>
    /// <param name="text">As typed.</param>
    public static double? MarkMl(string text)
    {
        var plain = Plain(text);
        return plain.Length <= Patience.MostLetters && MarkSaid().Match(plain) is { Success: true } said
            ? TypedNumber.Read(said.Groups["before"].Success ? said.Groups["before"].Value : said.Groups["after"].Value, 1, 6_000, "ml").Value
            : null;
    }

    private static string Plain(string text)
    {
        var plain = text.Trim().ToLowerInvariant();
        var first = plain.Split(' ', 2)[0];
        return NumberWords.All.TryGetValue(first, out var number) ? number.ToString(CultureInfo.InvariantCulture) + plain[first.Length..] : plain;
    }

    [GeneratedRegex(@"^(?<count>\d[\d.,]*)\s*(?:(?<heaped>heaped|heaping)\s+|(?:level)\s+)?(?:table)?(?:spoons?|spoonfuls?|tbsps?)(?:\s*,?\s*(?:(?<heaped>heaped|heaping)|level))?$", RegexOptions.CultureInvariant, Patience.Ms)]
    private static partial Regex SpoonsSaid();

    [GeneratedRegex(@"^(?:to|up to)?\s*(?:the)?\s*(?:(?<before>\d[\d.,]*)\s*(?:ml\s*)?mark|mark\s*(?<after>\d[\d.,]*))$", RegexOptions.CultureInvariant, Patience.Ms)]
    private static partial Regex MarkSaid();
}
