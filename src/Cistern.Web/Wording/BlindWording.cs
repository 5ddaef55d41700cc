namespace Cistern.Web.Wording;

/// <summary>Blind tastings in words.</summary>
public static class BlindWording
{
    /// <summary>Its name.</summary>
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
        BlindKind.TwoOutOfFive => "Two of your five cups are the same, and so are the other three. Which two?",
        _ => "Which of your two cups is better? Choose one.",
    };

    /// <summary>What is counted.</summary>
    public static string Counts(BlindKind kind) => kind == BlindKind.Preference ? "Preferred A" : "Found it";

    /// <summary>The result in plain words, and how often guessing would give the same.</summary>
    public static string Of(BlindResult result)
    {
        var by = result.Kind == BlindKind.Preference
            ? $"If nobody could tell them apart, so uneven a choice would happen in {Often(result.Chance)} such tastings."
            : $"By guessing, this many or more would be right in {Often(result.Chance)} such tastings.";
        var says = (result.Kind, result.Tells) switch
        {
            (BlindKind.Preference, true) => $"{(2 * result.Right > result.Tasters ? "A" : "B")} is preferred.",
            (BlindKind.Preference, false) => "This shows no preference. There may still be one.",
            (_, true) => "They can be told apart.",
            _ => "This does not show that they can be told apart. They may still differ.",
        };
        var least = result.LeastRight is { } count
            ? result.Kind == BlindKind.Preference ? $" It takes {count} of {result.Tasters} for one of them." : $" It takes {count} of {result.Tasters}."
            : $" {result.Tasters} {(result.Tasters == 1 ? "taster is" : "tasters are")} too few to say anything.";
        return $"{says} {by}{least}";
    }

    /// <summary>How the chances are reckoned.</summary>
    public const string Chances = "Exact binomial chances; at most 5 of 100 counts as more than guessing.";

    /// <summary>What was counted.</summary>
    public static string Count(BlindResult result) => result.Kind == BlindKind.Preference ? $"{result.Right} of {result.Tasters} preferred A." : $"{result.Right} of {result.Tasters} found it.";

    /// <summary>What one answered.</summary>
    public static string Right(BlindKind kind, bool right) => (kind, right) switch
    {
        (BlindKind.Preference, true) => "A",
        (BlindKind.Preference, false) => "B",
        (_, true) => "yes",
        _ => "no",
    };

    /// <summary>When the cups can be tasted at the same temperature.</summary>
    /// <param name="cups">The two brews, where both are known.</param>
    /// <param name="nowMs">Now, UTC milliseconds.</param>
    /// <param name="clock">Formats a time of day.</param>
    /// <param name="format">Formats figures.</param>
    public static string Warmth(IReadOnlyList<CoolingCup> cups, long nowMs, Func<long, string> clock, FigureFormat format)
    {
        var same = $"Let both cool to the same temperature, {format.Temperature(Drinking.ComfortableC)} or below.";
        if (cups.Count < 2 || cups.Any(cup => nowMs - cup.DoneAtMs > FreshMs))
        {
            return same;
        }

        var readyMs = cups.Max(cup => cup.DoneAtMs + (long)(1000 * cup.DrinkableAfterS));
        var apartC = Math.Abs(cups[0].AtC(Math.Max(nowMs, readyMs)) - cups[1].AtC(Math.Max(nowMs, readyMs)));
        return readyMs <= nowMs
            ? $"{same} By the forecast they are {format.Kelvin(apartC)} apart now."
            : $"{same} By the forecast that is from {clock(readyMs)} on, {format.Kelvin(apartC)} apart then.";
    }

    /// <summary>Cups poured longer ago are cold, ms.</summary>
    private const long FreshMs = 2 * 3_600_000;

    private static string Often(double chance) => chance >= 0.0095 ? $"{FigureFormat.Number(100 * chance, chance < 0.095 ? 1 : 0)} of 100"
        : chance >= 0.0000095 ? $"{FigureFormat.Number(100_000 * chance, 0)} of 100,000" : "less than 1 of 100,000";
}

/// <summary>A drink in its cup since it was done.</summary>
/// <param name="DoneAtMs">When it was done, UTC milliseconds.</param>
/// <param name="DrinkG">The drink, g.</param>
/// <param name="DrinkC">Its temperature then, °C.</param>
/// <param name="AmbientC">Room temperature, °C.</param>
/// <param name="DrinkableAfterS">Time until it is at 60 °C, s.</param>
public sealed record CoolingCup(long DoneAtMs, double DrinkG, double DrinkC, double AmbientC, double DrinkableAfterS)
{
    /// <summary>How warm it is at a moment, °C.</summary>
    public double AtC(long atMs) => Drinking.AtC(DrinkG, DrinkC, AmbientC, (atMs - DoneAtMs) / 1000.0);
}
