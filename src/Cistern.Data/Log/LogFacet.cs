namespace Cistern.Data.Log;

/// <summary>A property by which the log is filtered: every brew has one value, empty where it is unknown.</summary>
/// <param name="Word">Its name in the address.</param>
/// <param name="Of">Its value for a brew, in a time zone.</param>
public sealed record LogFacet(string Word, Func<LogRow, TimeZoneInfo, string> Of)
{
    private LogFacet(string word, Func<LogRow, string> of)
        : this(word, (row, _) => of(row))
    {
    }

    /// <summary>Limits between ranges of strength, % TDS: thin as <see cref="CupJudgement"/> judges it, then steps that can be tasted. Judged.</summary>
    public static IReadOnlyList<double> StrengthParts { get; } = [CupJudgement.ThinTdsPercent, 1.2, 1.35, 1.5, 2];

    /// <summary>Where scores are parted.</summary>
    public static IReadOnlyList<double> ScoreParts { get; } = [4, 6, 7, 8, 9];

    /// <summary>From this many points off the middle a cup was tasted as sour or bitter, the same limit as for the words.</summary>
    public const double TastedLeaning = 1;

    /// <summary>All facets, in the order shown.</summary>
    public static IReadOnlyList<LogFacet> All { get; } =
    [
        new("coffee", row => row.Coffee),
        new("recipe", row => row.RecipeId),
        new("family", row => row.Family),
        new("vessel", row => row.Vessel),
        new("mill", row => row.Grinder),
        new("barista", row => row.Barista),
        new("place", row => row.Place),
        new("state", row => row.State switch { Brews.BrewState.Running => "under-way", Brews.BrewState.Abandoned => "given-up", _ => row.Tastings > 0 ? "tasted" : "untasted" }),
        new("score", row => row.Score is { } score ? Part(score, ScoreParts) : ""),
        new("tasted", row => row.SourBitter is { } lean ? CupJudgement.WordOf(lean < -TastedLeaning ? FlavourSide.Sour : lean > TastedLeaning ? FlavourSide.Bitter : FlavourSide.Balanced) : ""),
        new("strength", row => row.TdsPercent is { } tds ? Part(tds, StrengthParts) : ""),
        new("drawn", row => row.ExtractionLevel is { } drawn ? CupJudgement.Of(drawn, 0, 1).ExtractionLevel switch { Core.Forecasts.ExtractionLevel.Under => "under", Core.Forecasts.ExtractionLevel.ToTheEnd => "to-the-end", _ => "well" } : ""),
        new("leans", row => row.FlavourBalance is { } balance ? CupJudgement.WordOf(CupJudgement.FlavourSideOf(balance)) : ""),
        new("flow", row => row.Flow ?? ""),
        new("month", (row, zone) => LocalTime.At(row.OpenedAtMs, zone).ToString("yyyy-MM", CultureInfo.InvariantCulture)),
    ];

    /// <summary>The facet of a word, or null.</summary>
    public static LogFacet? Find(string word) => All.FirstOrDefault(facet => facet.Word == word);

    /// <summary>The range that contains a value, as "1.2-1.35", "-1.05" or "2-".</summary>
    private static string Part(double value, IReadOnlyList<double> parts)
    {
        var above = parts.Count(bound => value >= bound);
        return (above == 0 ? "" : Text(parts[above - 1])) + "-" + (above == parts.Count ? "" : Text(parts[above]));
    }

    private static string Text(double value) => value.ToString("0.##", CultureInfo.InvariantCulture);
}
