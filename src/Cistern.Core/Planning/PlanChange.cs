using System.Text.Json.Nodes;

namespace Cistern.Core.Planning;

/// <summary>A change of a plan. A closed set: everything that can be done to a plan is one of these.</summary>
public abstract record PlanChange
{
    private PlanChange()
    {
    }

    /// <summary>Uses a thing on the shelf instead of the recipe's own, or the recipe's own again.</summary>
    /// <param name="Pick">The kind of thing.</param>
    /// <param name="Id">Its number; null for the recipe's own.</param>
    public sealed record FromShelf(PlanPick Pick, int? Id) : PlanChange;

    /// <summary>Changes what an amount of drink means.</summary>
    public sealed record Count(DrinkCounting Counting) : PlanChange;

    /// <summary>Sets a quantity. It is held from now on, with the one set before it.</summary>
    /// <param name="Quantity">Which quantity.</param>
    /// <param name="Value">g, or g/g for the ratio.</param>
    public sealed record Hold(Quantity Quantity, double Value) : PlanChange;

    /// <summary>Sets the temperature of the kettle, or that of a siphon's flame, °C.</summary>
    public sealed record Heat(double TemperatureC) : PlanChange;

    /// <summary>Sets the grinder's setting, or the median in µm where no grinder is chosen.</summary>
    public sealed record GrindTo(double Setting) : PlanChange;

    /// <summary>Sets the end of the steep, s on the brew clock; the steps before and after move with it.</summary>
    /// <param name="AtS">When.</param>
    /// <param name="Shorten">Whether a step that is in the way may be made shorter.</param>
    public sealed record Release(double AtS, bool Shorten = false) : PlanChange;

    /// <summary>Sets a target.</summary>
    /// <param name="Member">The target's member, by the file's name: <c>tdsPercent</c>, <c>tilt</c>, <c>extractionYieldPercent</c>, <c>finishS</c>.</param>
    /// <param name="Span">The range; null for no target.</param>
    public sealed record Mean(string Member, Span? Span) : PlanChange;

    /// <summary>Sets a target by a word, relative to what the plan is expected to give.</summary>
    public sealed record MeanWord(TargetWord Word) : PlanChange;

    /// <summary>Removes all targets.</summary>
    public sealed record NoTarget : PlanChange;

    /// <summary>Scales down to fit the vessel and the server; the ratio stays, whatever was held.</summary>
    public sealed record Fit : PlanChange;

    /// <summary>Fills the vessel, with grounds, raft and foam; the ratio stays, and dose and water follow.</summary>
    /// <param name="ToMl">The mark to fill to, ml; null for as full as the vessel may be.</param>
    public sealed record Fill(double? ToMl) : PlanChange;

    /// <summary>Sets the ratio of the finished drink, after dilution and ice: the dose stays, and the water poured is computed.</summary>
    /// <param name="Ratio">Water poured, added and melted per coffee, g/g.</param>
    public sealed record EndsAt(double Ratio) : PlanChange;

    /// <summary>Uses a brewer of another size, filled to the same share; the ratio stays.</summary>
    /// <param name="CapacityMl">Its capacity, ml.</param>
    public sealed record Size(double CapacityMl) : PlanChange;

    /// <summary>Restores the recipe's own dose and water.</summary>
    public sealed record OwnBatch : PlanChange;

    /// <summary>All that is left in the bag.</summary>
    public sealed record WholeBag : PlanChange;

    /// <summary>Updates what it uses of the shelf to the shelf's current state.</summary>
    public sealed record AsOnShelf : PlanChange;

    /// <summary>A step is taken out.</summary>
    public sealed record Remove(int Index) : PlanChange;

    /// <summary>Moves a step up (−1) or down (1).</summary>
    public sealed record Move(int Index, int By) : PlanChange;

    /// <summary>A step is put in after another.</summary>
    public sealed record Add(int After, Verb Verb) : PlanChange;

    /// <summary>Inserts a step or a gesture at a time.</summary>
    /// <param name="What">The word of the verb or of the <see cref="Gesture"/>.</param>
    /// <param name="AtS">When, s on the brew clock; null where it has a fixed place.</param>
    public sealed record Put(string What, double? AtS) : PlanChange;

    /// <summary>Sets when a step begins, s on the brew clock.</summary>
    public sealed record Begin(int Index, double AtS) : PlanChange;

    /// <summary>Sets when a step ends, s on the brew clock.</summary>
    public sealed record End(int Index, double AtS) : PlanChange;

    /// <summary>Changes members of a step, by their names in the file.</summary>
    public sealed record Edit(int Index, IReadOnlyDictionary<string, JsonNode?> Members) : PlanChange;

    /// <summary>Starts the clock at another moment; the brew itself stays the same.</summary>
    public sealed record StartClock(ClockStart Start) : PlanChange;

    /// <summary>Finds the value of a setting that brings a figure to a wanted value.</summary>
    public sealed record Ask(Setting Setting, Outcome Outcome, double Wanted) : PlanChange;

    /// <summary>Brings strength and flavour balance to wanted values, with one setting and the dose.</summary>
    public sealed record AskBoth(Setting By, double TdsPercent, double FlavourBalance) : PlanChange;

    /// <summary>Sets a setting, rounded to its steps.</summary>
    public sealed record Set(Setting Setting, double Value) : PlanChange;

    /// <summary>Dilutes the drink to a strength with water at the kettle's temperature.</summary>
    public sealed record DilutedTo(double TdsPercent) : PlanChange;
}

/// <summary>Why a change was not made.</summary>
public enum PlanRefusal
{
    /// <summary>No dose and water give this together with what is held.</summary>
    NoBatch,

    /// <summary>The steep cannot end so early.</summary>
    ReleaseTooEarly,

    /// <summary>The moment that should start the clock does not occur.</summary>
    NoSuchMoment,

    /// <summary>There is no such step, setting, figure or thing.</summary>
    NoSuchThing,

    /// <summary>A recipe has at least one step and no more than the limit.</summary>
    TooManySteps,

    /// <summary>The step's members are inconsistent; the findings say how.</summary>
    StepRefused,

    /// <summary>
    /// The step would delay later ones: the value is the latest time at which it would not, s on the brew clock; the step is the one
    /// delayed.
    /// </summary>
    PushesOthers,

    /// <summary>The plan has no place for the gesture, or already contains it.</summary>
    NoPlace,

    /// <summary>The step could be anywhere, and no time was given.</summary>
    NoTime,

    /// <summary>The brewer is empty by then: the value is the last possible time, s on the brew clock; the step is the one that empties it.</summary>
    NothingLeft,

    /// <summary>The grind cannot be set: the bag was bought ground, or the grinder has no usable scale.</summary>
    CannotGrind,

    /// <summary>The wanted value cannot be reached; the solution holds the nearest.</summary>
    NotReached,

    /// <summary>The drink is no stronger than that, so it needs no dilution.</summary>
    NothingToDilute,

    /// <summary>The result could not be read back; the findings say why.</summary>
    Unreadable,
}

/// <summary>The result of a change.</summary>
/// <param name="Plan">The changed plan, or the plan as it was where the change was refused.</param>
public sealed record PlanApplied(Plan Plan)
{
    /// <summary>Why it was refused; null where it was made.</summary>
    public PlanRefusal? Refusal { get; init; }

    /// <summary>
    /// What would be possible instead: the earliest end of the steep or the last time for the step, s; or the water that dilutes the
    /// drink, g.
    /// </summary>
    public double? Value { get; init; }

    /// <summary>The answer, where the change asked for a value to be found.</summary>
    public Solution? Solution { get; init; }

    /// <summary>The index of the step concerned; for an end of the steep that is too early, the step that could be shorter.</summary>
    public int? Step { get; init; }

    /// <summary>The length that this step would need, s.</summary>
    public double? LengthS { get; init; }

    /// <summary>What is wrong with a step.</summary>
    public IReadOnlyList<Finding> Findings { get; init; } = [];

    /// <summary>Whether the quantities held became inconsistent, so that the recipe's own dose and water were restored.</summary>
    public bool BatchReleased { get; init; }
}
