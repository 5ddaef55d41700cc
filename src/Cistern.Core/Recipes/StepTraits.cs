namespace Cistern.Core.Recipes;

/// <summary>What ends a step during a brew.</summary>
public enum StepEnding
{
    /// <summary>The clock, at its time.</summary>
    Clock,

    /// <summary>The barista, who confirms it.</summary>
    Hands,

    /// <summary>Seen or heard by the barista, or shown by the scale: a dry bed, a hiss.</summary>
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

/// <summary>What must be in the brewer or the cup before a step makes sense.</summary>
public enum StepNeeds
{
    /// <summary>Nothing.</summary>
    Nothing,

    /// <summary>Coffee, and no water yet.</summary>
    DryCoffee,

    /// <summary>Something to part: coffee and water.</summary>
    WaterAndCoffee,

    /// <summary>Liquid in the cup, at least water.</summary>
    Drink,
}

/// <summary>How the time that a step took is reported.</summary>
public enum TimeTaken
{
    /// <summary>Done by hand in a moment: never longer than its length, however late its end was confirmed.</summary>
    AtMost,

    /// <summary>Done by hand and possibly slower than planned; far over its length, it is taken to have begun late.</summary>
    Stretched,

    /// <summary>It is a wait: as long as it was.</summary>
    AsLong,

    /// <summary>Runs by itself: its time is a result of the brew, not something the barista did.</summary>
    Outcome,
}

/// <summary>Instruments that can detect or do a step.</summary>
[Flags]
public enum Instruments
{
    /// <summary>None.</summary>
    None = 0,

    /// <summary>A scale under the vessel or the server.</summary>
    Scale = 1,

    /// <summary>A kettle that reports its temperature.</summary>
    Kettle = 2,

    /// <summary>A burner.</summary>
    Burner = 4,
}

/// <summary>Properties of a verb that hold for each of its steps, whatever its members.</summary>
/// <param name="Ends">What ends it.</param>
public sealed record StepTraits(StepEnding Ends)
{
    /// <summary>A preparation, without a time on the brew clock.</summary>
    public bool MakesReady { get; init; }

    /// <summary>Whether it occupies the barista's hands.</summary>
    public bool Hands { get; init; } = true;

    /// <summary>Brings water into the brewer.</summary>
    public bool BringsWater { get; init; }

    /// <summary>Where no water is poured after it, the first such step ends the steep.</summary>
    public bool Parts { get; init; }

    /// <summary>What its window is of.</summary>
    public WindowOf WindowOf { get; init; }

    /// <summary>Whether it can have a window of its start as well as one of its length.</summary>
    public bool TwoWindows { get; init; }

    /// <summary>Whether the weight is recorded at its end.</summary>
    public bool Weighed { get; init; }

    /// <summary>What it needs before it.</summary>
    public StepNeeds Needs { get; init; }

    /// <summary>How the time that it took is reported.</summary>
    public required TimeTaken Takes { get; init; }

    /// <summary>What can see it or do it.</summary>
    public Instruments Instruments { get; init; }
}
