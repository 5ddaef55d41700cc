namespace Cistern.Core.Reckoning;

/// <summary>A word for grain size and the range of sizes that people mean by it.</summary>
/// <param name="Word">The word.</param>
/// <param name="LowUm">The finest median called by this word, µm.</param>
/// <param name="HighUm">The coarsest, µm.</param>
/// <param name="Dispute">Where practitioners disagree about the word, how; otherwise null.</param>
public sealed record GrainWord(string Word, double LowUm, double HighUm, string? Dispute)
{
    /// <summary>The size used for the word where one number is needed, µm: the geometric mean of its range.</summary>
    public double MiddleUm => Math.Sqrt(LowUm * HighUm);
}

/// <summary>Words for grain size and their ranges. Judged from how practitioners use them; they disagree.</summary>
public static class GrainWords
{
    /// <summary>Every word, from fine to coarse.</summary>
    public static IReadOnlyList<GrainWord> All { get; } =
    [
        new("flour", 50, 200, null),
        new("very fine", 150, 320, null),
        new("fine", 250, 480, "For paper cones some call it fine only below 400."),
        new("fine sand", 300, 500, null),
        new("caster sugar", 300, 600, "Finer than table salt to one and the same to another."),
        new("table salt", 300, 650, "Coarse to one and medium to another: the same salt is named for both."),
        new("medium-fine", 420, 620, null),
        new("sand", 450, 800, "Beaches differ, and so do people."),
        new("medium", 550, 850, "Mesh brewers call 800 medium, paper brewers call it coarse."),
        new("medium-coarse", 700, 1000, null),
        new("kosher or sea salt", 800, 1200, "Named for medium-coarse as well as for coarse."),
        new("coarse", 850, 1300, "Long-settling styles call 900 medium."),
        new("breadcrumbs", 900, 1400, null),
        new("very coarse", 1200, 1700, null),
    ];

    // The same by another name; adding one is adding a line.
    private static readonly Dictionary<string, string> Also = new(StringComparer.OrdinalIgnoreCase)
    {
        ["sea salt"] = "kosher or sea salt",
        ["kosher salt"] = "kosher or sea salt",
        ["castor sugar"] = "caster sugar",
        ["superfine sugar"] = "caster sugar",
        ["medium fine"] = "medium-fine",
        ["medium coarse"] = "medium-coarse",
        ["coarse-medium"] = "medium-coarse",
        ["slightly coarse"] = "medium-coarse",
        ["fairly coarse"] = "medium-coarse",
        ["slightly fine"] = "medium-fine",
        ["fairly fine"] = "medium-fine",
        ["extra coarse"] = "very coarse",
        ["extra-coarse"] = "very coarse",
        ["extra fine"] = "very fine",
        ["extra-fine"] = "very fine",
    };

    // Said before a word and changing nothing.
    private static readonly string[] Leading = ["like ", "as coarse as ", "as fine as ", "about ", "roughly "];

    /// <summary>Examples of words that are understood, for error messages.</summary>
    public const string Examples = "fine, medium-fine, medium, medium-coarse, coarse, caster sugar, table salt, sea salt, breadcrumbs";

    /// <summary>A size in the two words that fit best: "medium-coarse or kosher or sea salt".</summary>
    /// <param name="medianUm">The median, µm.</param>
    public static string Describe(double medianUm) => string.Join(" or ", For(medianUm).Take(2).Select(word => word.Word));

    /// <summary>A word by its name or by a synonym; null where there is none.</summary>
    public static GrainWord? Find(string text)
    {
        var plain = text.Trim();
        if (Leading.FirstOrDefault(words => plain.StartsWith(words, StringComparison.OrdinalIgnoreCase)) is { } leading)
        {
            return Find(plain[leading.Length..]);
        }

        if (plain.StartsWith("between ", StringComparison.OrdinalIgnoreCase) && plain["between ".Length..].Split(" and ", 2) is [var one, var other])
        {
            // From the middle of the one to the middle of the other.
            return Find(one) is { } a && Find(other) is { } b ? new GrainWord($"between {a.Word} and {b.Word}", Math.Min(a.MiddleUm, b.MiddleUm), Math.Max(a.MiddleUm, b.MiddleUm), null) : null;
        }

        if (Relative(plain.ToLowerInvariant()) is { } beside)
        {
            return beside;
        }

        var word = Also.GetValueOrDefault(plain, plain);
        return All.FirstOrDefault(known => string.Equals(known.Word, word, StringComparison.OrdinalIgnoreCase));
    }

    /// <summary>
    /// "A bit finer than table salt": up to a quarter from the middle of the word's range, with "much" up to a half. Judged.
    /// </summary>
    private static GrainWord? Relative(string plain)
    {
        foreach (var way in new[] { "finer", "coarser" })
        {
            if (plain.Split($"{way} than ", 2, StringSplitOptions.TrimEntries) is not [var much, var named] || !(much.Length == 0 || Degrees.Contains(much)) || Find(named) is not { } word)
            {
                continue;
            }

            var (near, far) = much is "much" or "a lot" or "far" ? (0.75, 0.5) : (0.95, 0.75);
            return way == "finer"
                ? new GrainWord($"finer than {word.Word}", word.MiddleUm * far, word.MiddleUm * near, word.Dispute)
                : new GrainWord($"coarser than {word.Word}", word.MiddleUm / near, word.MiddleUm / far, word.Dispute);
        }

        return null;
    }

    private static readonly string[] Degrees = ["a little", "a bit", "a touch", "slightly", "somewhat", "just", "much", "a lot", "far"];

    /// <summary>Every word that can describe a median.</summary>
    /// <param name="medianUm">The median, µm.</param>
    public static IEnumerable<GrainWord> For(double medianUm) => All.Where(one => medianUm >= one.LowUm && medianUm <= one.HighUm);
}
