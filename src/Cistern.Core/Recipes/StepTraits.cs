namespace Cistern.Core.Recipes;

/// <summary>Who or what ends a step while it is brewed.</summary>
public enum StepEnding
{
    /// <summary>The clock, at its time.</summary>
    Clock,

    /// <summary>The hands that do it.</summary>
    Hands,

    /// <summary>What only an eye, an ear or the scale can tell: a dry bed, a hiss.</summary>
    Sight,
}

/// <summary>What a step's window is of.</summary>
public enum WindowOf
{
    /// <summary>Its beginning, on the clock.</summary>
    Start,

    /// <summary>How long it takes.</summary>
    Length,
}

/// <summary>What has to be in the brewer, or to have come out of it, before a step.</summary>
public enum StepNeeds
{
    /// <summary>Nothing.</summary>
    Nothing,

    /// <summary>Coffee, and no water yet.</summary>
    DryCoffee,

    /// <summary>Something to part: coffee and water.</summary>
    WaterAndCoffee,

    /// <summary>Something in the cup, so water at the least.</summary>
    Drink,
}

/// <summary>How the time that a step really took is told of it.</summary>
public enum TimeTaken
{
    /// <summary>By hands in a moment: no longer than it takes, however late its end was said.</summary>
    AtMost,

    /// <summary>By hands, and slower where they were slower; far over its length, it was begun late.</summary>
    Stretched,

    /// <summary>It is a wait: as long as it was.</summary>
    AsLong,

    /// <summary>It runs by itself: how long it took is an outcome, not something done.</summary>
    Outcome,
}

/// <summary>Instruments that can see or do a step.</summary>
[Flags]
public enum Instruments
{
    /// <summary>None.</summary>
    None = 0,

    /// <summary>A scale under the vessel or the server.</summary>
    Scale = 1,

    /// <summary>A kettle that tells its temperature.</summary>
    Kettle = 2,

    /// <summary>A burner.</summary>
    Burner = 4,
}

/// <summary>What is true of every step of a verb, whatever its members say.</summary>
/// <param name="Ends">Who or what ends it.</param>
public sealed record StepTraits(StepEnding Ends)
{
    /// <summary>Done to make ready, with no time of its own in the brew.</summary>
    public bool MakesReady { get; init; }

    /// <summary>Whether it keeps a pair of hands busy.</summary>
    public bool Hands { get; init; } = true;

    /// <summary>Brings water into the brewer.</summary>
    public bool BringsWater { get; init; }

    /// <summary>Where nothing is poured after it, the first such step begins the release.</summary>
    public bool Parts { get; init; }

    /// <summary>What its window is of.</summary>
    public WindowOf WindowOf { get; init; }

    /// <summary>Whether it can have a window of its start beside the one of its length.</summary>
    public bool TwoWindows { get; init; }

    /// <summary>Whether a weight is read off the scale at its end.</summary>
    public bool Weighed { get; init; }

    /// <summary>What it needs before it.</summary>
    public StepNeeds Needs { get; init; }

    /// <summary>How the time that it really took is told.</summary>
    public required TimeTaken Takes { get; init; }

    /// <summary>What can see it or do it.</summary>
    public Instruments Instruments { get; init; }
}
