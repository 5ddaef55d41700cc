namespace Cistern.Core.Reckoning;

/// <summary>Names of roasts, from 0 (lightest) to 1 (darkest). Judged: roasters agree on the order, not on the degree.</summary>
public static class RoastWords
{
    // Adding a word is adding a line.
    private static readonly Dictionary<string, double> Words = new(StringComparer.Ordinal)
    {
        ["very light"] = 0.1,
        ["light"] = 0.2,
        ["filter"] = 0.25,
        ["medium light"] = 0.3,
        ["light medium"] = 0.3,
        ["medium"] = 0.45,
        ["medium dark"] = 0.6,
        ["espresso"] = 0.65,
        ["dark"] = 0.75,
        ["very dark"] = 0.9,
    };

    /// <summary>The number for a word; any other text is returned unchanged.</summary>
    public static string Number(string said) =>
        Words.TryGetValue(said.Trim().ToLowerInvariant().Replace('-', ' ').Replace(" roast", "", StringComparison.Ordinal), out var roast) ? roast.ToString("0.##", CultureInfo.InvariantCulture) : said;
}
