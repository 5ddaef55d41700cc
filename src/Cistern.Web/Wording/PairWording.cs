namespace Cistern.Web.Wording;

/// <summary>Pairs in words.</summary>
public static class PairWording
{
    /// <summary>What it is called when it is changed.</summary>
    public static string Of(ChangedThing thing) => thing switch
    {
        ChangedThing.Vessel => "the brewer",
        ChangedThing.Coffee => "the coffee",
        ChangedThing.Dose => "the dose",
        ChangedThing.Ratio => "the ratio",
        ChangedThing.Grind => "the grind",
        ChangedThing.Temperature => "the temperature",
        ChangedThing.Place => "the place",
        ChangedThing.Times => "the times",
        ChangedThing.Step => "a step",
    };

    /// <summary>How many things were changed, and what that means.</summary>
    public static string OneThing(IReadOnlyList<ChangedThing> things) => things.Count switch
    {
        0 => "Nothing differs yet. Change one thing in B.",
        1 => $"One thing differs: {Of(things[0])}.",
        _ => $"{things.Count} things differ: {string.Join(", ", things.Select(Of))}. So you cannot tell which of them made the difference.",
    };

    /// <summary>Why B is brewed as it is.</summary>
    public static string Why(string what) => what.Length > 0 ? $"B of a pair: {what}" : "B of a pair, brewed alike.";

    /// <summary>When B starts, and whether one person can do both.</summary>
    public static string When(Forecast first, Forecast second, double staggerS)
    {
        var starts = staggerS == 0 ? "B starts together with A." : $"B starts {FigureFormat.Clock(staggerS)} after A.";
        return PairPlanning.Clashes(first, second, staggerS) is [var clash, ..] clashes
            ? $"{starts} Both want hands {(clashes.Count == 1 ? "once" : $"{clashes.Count} times")}, first at {FigureFormat.Clock(clash.FromS)}: it takes two people, or {FigureFormat.Clock(PairPlanning.MinStaggerS(first, second))} between the starts."
            : $"{starts} One person can do both.";
    }

    /// <summary>When the two cups can be compared.</summary>
    public static string Tasted(Forecast first, Forecast second, double staggerS, FigureFormat format)
    {
        var time = PairPlanning.Tasted(first, second, staggerS);
        var apartC = Math.Abs(time.FirstC - time.SecondC);
        var from = $"From {FigureFormat.Clock(time.AtS)} on A's clock both can be tasted: A at {format.Temperature(time.FirstC)}, B at {format.Temperature(time.SecondC)}.";
        return apartC <= PairPlanning.AlikeC ? $"{from} That is equally warm."
            : time.AlikeAtS is { } alikeS ? $"{from} They are equally warm from {FigureFormat.Clock(alikeS)} on, at {format.Temperature(time.AlikeC)}; or keep the cooler one in a warmed cup."
            : $"{from} They do not reach the same temperature by themselves.";
    }
}
