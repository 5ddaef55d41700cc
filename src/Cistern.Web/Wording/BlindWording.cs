using Cistern.Core.Reckoning;

namespace Cistern.Web.Wording;

/// <summary>Blind tastings in words.</summary>
public static class BlindWording
{
    /// <summary>What it is called.</summary>
    public static string Of(BlindKind kind) => kind switch
    {
        BlindKind.Triangle => "Triangle: which of three is the odd one",
        BlindKind.TwoOutOfFive => "Two out of five: which two belong together",
        _ => "Preference: which of two is better",
    };

    /// <summary>What each taster is asked.</summary>
    public static string Asks(BlindKind kind) => kind switch
    {
        BlindKind.Triangle => "Two of your three cups are the same. Which is the odd one?",
        BlindKind.TwoOutOfFive => "Two of your five cups are the same, and the other three are. Which two?",
        _ => "Which of your two cups is better? One has to be named.",
    };

    /// <summary>What is counted.</summary>
    public static string Counts(BlindKind kind) => kind == BlindKind.Preference ? "Preferred A" : "Found it";

    /// <summary>What came of it, in plain words: what it says, and how often guessing would do as much.</summary>
    public static string Of(BlindResult result)
    {
        var by = result.Kind == BlindKind.Preference
            ? $"If nobody could tell them apart, so uneven a choice, either way, would come of {Often(result.Chance)} such tastings."
            : $"By guessing alone so many or more would find it in {Often(result.Chance)} such tastings.";
        var says = (result.Kind, result.Tells) switch
        {
            (BlindKind.Preference, true) => $"{(2 * result.Right > result.Tasters ? "A" : "B")} is preferred.",
            (BlindKind.Preference, false) => "No preference is shown. That does not say that there is none.",
            (_, true) => "They can be told apart.",
            _ => "It is not shown that they can be told apart. That does not say that they are the same.",
        };
        var least = result.LeastRight is { } count
            ? result.Kind == BlindKind.Preference ? $" It takes {count} of {result.Tasters} for one of them." : $" It takes {count} of {result.Tasters}."
            : $" {result.Tasters} {(result.Tasters == 1 ? "taster is" : "tasters are")} too few to say anything.";
        return $"{says} {by}{least}";
    }

    private static string Often(double chance) => chance >= 0.0095 ? $"{FigureFormat.Number(100 * chance, chance < 0.095 ? 1 : 0)} of 100"
        : chance >= 0.0000095 ? $"{FigureFormat.Number(100_000 * chance, 0)} of 100,000" : "less than 1 of 100,000";
}
