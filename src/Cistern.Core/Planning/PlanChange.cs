using System.Text.Json.Nodes;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>One change of a plan. A closed set: everything that can be done to a plan is one of these.</summary>
public abstract record PlanChange
{
    private PlanChange()
    {
    }

    /// <summary>Something of the shelf is taken for what the recipe names, or given back for the recipe's own.</summary>
    /// <param name="Pick">Which.</param>
    /// <param name="Id">Its number; null for the recipe's own.</param>
    public sealed record Choose(PlanPick Pick, int? Id) : PlanChange;

    /// <summary>So much to drink means something else.</summary>
    public sealed record Count(DrinkCounting Counting) : PlanChange;

    /// <summary>A quantity is set, and held from now on with the one set before it.</summary>
    /// <param name="Quantity">Which.</param>
    /// <param name="Value">g, or g/g for the ratio.</param>
    public sealed record Hold(Quantity Quantity, double Value) : PlanChange;

    /// <summary>The kettle, or what a siphon's flame holds, °C.</summary>
    public sealed record Heat(double TemperatureC) : PlanChange;

    /// <summary>The grinder's setting, or the median in µm where no grinder is chosen.</summary>
    public sealed record GrindTo(double Setting) : PlanChange;

    /// <summary>When the release begins, s on the clock; what leads to it and comes after goes with it.</summary>
    /// <param name="AtS">When.</param>
    /// <param name="Shorten">Whether what stands in the way of it may be made shorter.</param>
    public sealed record Release(double AtS, bool Shorten = false) : PlanChange;

    /// <summary>What the brew is meant to come to.</summary>
    /// <param name="Member">The target's member, by the file's name: <c>tdsPercent</c>, <c>tilt</c>, <c>extractionYieldPercent</c>, <c>finishS</c>.</param>
    /// <param name="Span">From and to; null where it is meant for nothing in particular.</param>
    public sealed record Mean(string Member, Span? Span) : PlanChange;

    /// <summary>What the brew is meant to come to, in a word: told from what it is expected to come to now.</summary>
    public sealed record MeanWord(TargetWord Word) : PlanChange;

    /// <summary>The target is let go of: the brew is meant for nothing in particular.</summary>
    public sealed record NoTarget : PlanChange;

    /// <summary>Scaled down so that it fits the vessel, and the server that is chosen; its ratio stays, whatever was held.</summary>
    public sealed record Fit : PlanChange;

    /// <summary>The vessel is filled, grounds, raft and foam counted; the ratio stays, and dose and water follow.</summary>
    /// <param name="ToMl">Up to where, ml: a mark; null for as full as it may be.</param>
    public sealed record Fill(double? ToMl) : PlanChange;

    /// <summary>The ratio as it is drunk, after dilution and ice: the dose stays, and the water poured is found.</summary>
    /// <param name="Ratio">Water poured, added and melted per coffee, g/g.</param>
    public sealed record EndsAt(double Ratio) : PlanChange;

    /// <summary>A brewer of another size, filled as far as the recipe fills its own; the ratio stays.</summary>
    /// <param name="CapacityMl">What it holds, ml.</param>
    public sealed record Size(double CapacityMl) : PlanChange;

    /// <summary>The recipe's own dose and water stand again.</summary>
    public sealed record OwnBatch : PlanChange;

    /// <summary>All that is left in the bag.</summary>
    public sealed record WholeBag : PlanChange;

    /// <summary>What it uses of the shelf is taken as it stands there now.</summary>
    public sealed record AsOnShelf : PlanChange;

    /// <summary>A step is taken out.</summary>
    public sealed record Remove(int Index) : PlanChange;

    /// <summary>A step goes earlier (−1) or later (1).</summary>
    public sealed record Move(int Index, int By) : PlanChange;

    /// <summary>A step is put in after another.</summary>
    public sealed record Add(int After, Verb Verb) : PlanChange;

    /// <summary>A step or a gesture is put in at a time.</summary>
    /// <param name="What">The verb's or the <see cref="Gesture"/>'s word.</param>
    /// <param name="AtS">When, s on the clock; null for a gesture that knows its place.</param>
    public sealed record Put(string What, double? AtS) : PlanChange;

    /// <summary>A step begins at another time, s on the clock.</summary>
    public sealed record Begin(int Index, double AtS) : PlanChange;

    /// <summary>A step ends at another time, s on the clock.</summary>
    public sealed record End(int Index, double AtS) : PlanChange;

    /// <summary>Members of a step are changed, by the file's names.</summary>
    public sealed record Edit(int Index, IReadOnlyDictionary<string, JsonNode?> Members) : PlanChange;

    /// <summary>The clock starts at another moment; the same brew, told otherwise.</summary>
    public sealed record StartClock(ClockStart Start) : PlanChange;

    /// <summary>A setting is found that brings a figure to a value.</summary>
    public sealed record Ask(Setting Setting, Outcome Outcome, double Wanted) : PlanChange;

    /// <summary>Strength and leaning are brought where they are wanted by one setting and the dose.</summary>
    public sealed record AskBoth(Setting By, double TdsPercent, double FlavourBalance) : PlanChange;

    /// <summary>A setting is set, on the steps that it has.</summary>
    public sealed record Set(Setting Setting, double Value) : PlanChange;

    /// <summary>The drink is diluted to a strength with water at the kettle's temperature.</summary>
    public sealed record DilutedTo(double TdsPercent) : PlanChange;
}

/// <summary>Why a change was not made.</summary>
public enum PlanRefusal
{
    /// <summary>No dose and water give that with what is held.</summary>
    NoBatch,

    /// <summary>The release cannot come so early.</summary>
    ReleaseTooEarly,

    /// <summary>The moment that is to start the clock never comes.</summary>
    NoSuchMoment,

    /// <summary>There is no such step, setting, figure or thing here.</summary>
    NoSuchThing,

    /// <summary>A recipe has no more steps than it may, and no fewer than one.</summary>
    TooManySteps,

    /// <summary>The step's members do not go together; the findings say how.</summary>
    StepRefused,

    /// <summary>The step would push what comes after it: the value tells up to when it would not, s on the clock; the step, what it would push.</summary>
    PushesOthers,

    /// <summary>There is no place for the gesture in this plan, or it has it already.</summary>
    NoPlace,

    /// <summary>It may stand anywhere, and nobody said when.</summary>
    NoTime,

    /// <summary>There is nothing left to do it to by then: the value tells until when there is, s on the clock; the step, what empties the brewer.</summary>
    NothingLeft,

    /// <summary>The grind cannot be set: the bag was bought ground, or the grinder has no setting that can be computed.</summary>
    CannotGrind,

    /// <summary>What was asked for is not reached; the solution tells the nearest.</summary>
    NotReached,

    /// <summary>It is no stronger than that, so there is nothing to dilute.</summary>
    NothingToDilute,

    /// <summary>What came of it could not be read again; the findings say why.</summary>
    Unreadable,
}

/// <summary>What came of a change.</summary>
/// <param name="Plan">The plan after it; the plan as it was where it was refused.</param>
public sealed record PlanApplied(Plan Plan)
{
    /// <summary>Why it was refused; null where it was done.</summary>
    public PlanRefusal? Refusal { get; init; }

    /// <summary>What could be had instead: the earliest end of the steep, or the latest moment at which it would do something, s; or the water that dilutes it, g.</summary>
    public double? Value { get; init; }

    /// <summary>The answer to a question asked backwards.</summary>
    public Solution? Solution { get; init; }

    /// <summary>The step that it concerns afterwards; of a release that cannot come so early, the one that could be shorter.</summary>
    public int? Step { get; init; }

    /// <summary>How long that step would have to be, s.</summary>
    public double? LengthS { get; init; }

    /// <summary>What is wrong with a step.</summary>
    public IReadOnlyList<Finding> Findings { get; init; } = [];

    /// <summary>Whether what was held no longer goes together, so that the recipe's own dose and water stand again.</summary>
    public bool LetGo { get; init; }
}
