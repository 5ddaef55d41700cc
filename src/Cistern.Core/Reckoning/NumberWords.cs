namespace Cistern.Core.Reckoning;

/// <summary>Small numbers as they are said.</summary>
public static class NumberWords
{
    /// <summary>The words, as far as a clock goes.</summary>
    public static IReadOnlyDictionary<string, int> All { get; } = new Dictionary<string, int>(StringComparer.Ordinal)
    {
        ["one"] = 1,
        ["two"] = 2,
        ["three"] = 3,
        ["four"] = 4,
        ["five"] = 5,
        ["six"] = 6,
        ["seven"] = 7,
        ["eight"] = 8,
        ["nine"] = 9,
        ["ten"] = 10,
        ["eleven"] = 11,
        ["twelve"] = 12,
    };
}
