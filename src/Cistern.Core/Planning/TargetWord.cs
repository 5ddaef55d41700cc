namespace Cistern.Core.Planning;

/// <summary>Words with which a barista describes the next cup.</summary>
public enum TargetWord
{
    /// <summary>More % TDS.</summary>
    Stronger,

    /// <summary>Less % TDS.</summary>
    Lighter,

    /// <summary>Towards sour.</summary>
    LessBitter,

    /// <summary>Towards bitter.</summary>
    LessSour,
}

/// <summary>Converts such words to targets, relative to what the plan is expected to give.</summary>
public static class TargetWords
{
    /// <summary>Limits of how much stronger or weaker a word means, as a share. Judged: less cannot be tasted, more is a different drink.</summary>
    private const double MinShare = 0.05, MostShare = 0.15;

    /// <summary>The same of a balance. Judged.</summary>
    private const double MinBalance = 0.2, MostBalance = 0.7;

    /// <summary>The word in a text; null where there is none.</summary>
    public static TargetWord? Find(string text) => text.Trim().ToLowerInvariant() switch
    {
        "weaker" => TargetWord.Lighter,
        "more bitter" => TargetWord.LessSour,
        "more sour" => TargetWord.LessBitter,
        var said => Words<TargetWord>.Find(said.Replace(' ', '-')),
    };

    /// <summary>The target that a word means.</summary>
    /// <param name="word">The word.</param>
    /// <param name="expected">The figures that the plan is expected to give.</param>
    public static PlanChange.Mean Of(TargetWord word, Totals expected) => word switch
    {
        TargetWord.Stronger => new("tdsPercent", Rounded(expected.FinalTdsPercent * (1 + MinShare), expected.FinalTdsPercent * (1 + MostShare))),
        TargetWord.Lighter => new("tdsPercent", Rounded(expected.FinalTdsPercent * (1 - MostShare), expected.FinalTdsPercent * (1 - MinShare))),
        TargetWord.LessBitter => new("tilt", Rounded(expected.FlavourBalance - MostBalance, expected.FlavourBalance - MinBalance)),
        TargetWord.LessSour => new("tilt", Rounded(expected.FlavourBalance + MinBalance, expected.FlavourBalance + MostBalance)),
    };

    private static Span Rounded(double low, double high) => new(Math.Round(low, 2), Math.Round(high, 2));
}
