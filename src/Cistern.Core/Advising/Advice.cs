using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Records;

namespace Cistern.Core.Advising;

/// <summary>What can be changed for the next brew.</summary>
public enum Adjustment
{
    /// <summary>The grind's median, µm.</summary>
    Grind,

    /// <summary>The kettle, or what a siphon's flame holds, °C.</summary>
    Temperature,

    /// <summary>Coffee, g; the water stays.</summary>
    Dose,

    /// <summary>Water, g; the coffee stays.</summary>
    Water,

    /// <summary>Coffee and water together, g of coffee; the ratio stays.</summary>
    Batch,

    /// <summary>When the release begins, s on the clock.</summary>
    Release,

    /// <summary>Turns of the first stirring.</summary>
    Turns,

    /// <summary>Seconds of the press or the plunge.</summary>
    PressTime,

    /// <summary>Water the drink is diluted with, g.</summary>
    Dilution,

    /// <summary>What a siphon's burner gives, W.</summary>
    Flame,

    /// <summary>A swirl once the water is in, turns: grounds on the wall come down.</summary>
    Swirl,

    /// <summary>Seconds of standing before it is poured off: mud settles.</summary>
    Settle,

    /// <summary>The filter rinsed with hot water before the coffee goes in.</summary>
    Rinse,

    /// <summary>The vessel warmed first.</summary>
    Preheat,

    /// <summary>The plunger drawn back a little once it is seated, so that nothing drips.</summary>
    DrawBack,

    /// <summary>A denser paper in place of what filters now.</summary>
    Filter,

    /// <summary>A cloth wrapped round the vessel.</summary>
    Wrap,

    /// <summary>Seconds of standing in the cup or the server before it is drunk, the last of it left.</summary>
    Stand,

    /// <summary>The plan as it is, done as it was meant.</summary>
    AsPlanned,
}

/// <summary>What one change costs.</summary>
/// <param name="TimeS">Seconds more until it is done; negative is less.</param>
/// <param name="HandsS">Seconds more that need hands.</param>
/// <param name="CoffeeG">Coffee more, g.</param>
/// <param name="Stalls">How likely the drain then takes over four minutes, 0 to 1.</param>
public readonly record struct ChangeCosts(double TimeS, double HandsS, double CoffeeG, double Stalls);

/// <summary>A second setting, changed together with the first: only where no single one answers without harm.</summary>
/// <param name="Adjustment">What is changed.</param>
/// <param name="From">From, in the adjustment's unit.</param>
/// <param name="To">To.</param>
/// <param name="Recipe">A recipe it is changed in.</param>
public sealed record SecondChange(Adjustment Adjustment, double From, double To, Recipe Recipe)
{
    /// <summary>The adjustment as the open files name it.</summary>
    public string Setting => Adjustments.Word(Adjustment, Recipe);

    /// <summary>Its unit.</summary>
    public string Unit => Adjustments.Unit(Adjustment);
}

/// <summary>One change for the next brew.</summary>
/// <param name="Adjustment">What is changed.</param>
/// <param name="From">From, in the adjustment's unit.</param>
/// <param name="To">To.</param>
/// <param name="Recipe">The whole recipe with that one change made.</param>
/// <param name="Now">What the brew came to as it was brewed, by the model that tells <paramref name="Then"/>, so that the two can be compared.</param>
/// <param name="Then">What it then comes to.</param>
/// <param name="Chance">How likely that is what was wanted, 0 to 1.</param>
/// <param name="Why">Why, in a sentence.</param>
/// <param name="Costs">What it costs.</param>
public sealed record AdvisedChange(Adjustment Adjustment, double From, double To, Recipe Recipe, Forecast Now, Forecast Then, double Chance, string Why, ChangeCosts Costs)
{
    /// <summary>What it answers, what counts most first.</summary>
    public ImmutableArray<Complaint> Answers { get; init; } = [];

    /// <summary>A second setting that is changed with it; null where one is enough.</summary>
    public SecondChange? And { get; init; }

    /// <summary>Where the adjustment would stand for the whole way, by the forecast, in its unit; null where this step is all of it, or nothing tells how far it is.</summary>
    public double? WholeWay { get; init; }

    /// <summary>The adjustment as the open files name it.</summary>
    public string Setting => Adjustments.Word(Adjustment, Recipe);

    /// <summary>Its unit.</summary>
    public string Unit => Adjustments.Unit(Adjustment);
}

/// <summary>What was made of the last brew of a line.</summary>
public sealed record AdviceVerdict
{
    /// <summary>What flowed, against what was meant.</summary>
    public required string Flow { get; init; }

    /// <summary>Whether it flowed as it was meant to.</summary>
    public required bool Flowed { get; init; }

    /// <summary>How much was drawn.</summary>
    public required string ExtractionText { get; init; }

    /// <summary>Which way it leans.</summary>
    public required string BalanceText { get; init; }

    /// <summary>How strong it is.</summary>
    public required string BodyText { get; init; }

    /// <summary>The cup by its figures.</summary>
    public required CupJudgement Cup { get; init; }

    /// <summary>Where the palate and the forecast disagree, in a sentence; else null.</summary>
    public string? Disagreement { get; init; }

    /// <summary>What went otherwise and explains the complaint, in a sentence; null where nothing does.</summary>
    public string? Cause { get; init; }

    /// <summary>Whether somebody tasted it: without that there is no verdict, and it is asked for.</summary>
    public bool Tasted { get; init; }

    /// <summary>Whether it was liked so well that it could be the target.</summary>
    public bool Liked { get; init; }

    /// <summary>The verdict in a few words: what to do.</summary>
    public string InShort { get; init; } = "";

    /// <summary>What was complained of, what counts most first.</summary>
    public ImmutableArray<Complaint> Complaints { get; init; } = [];
}

/// <summary>What a brew is told to have come to, by the model it was planned with: the same wherever it is told.</summary>
/// <param name="Planned">As it was planned.</param>
/// <param name="AsBrewed">As it was brewed.</param>
public sealed record ToldFigures(Totals Planned, Totals AsBrewed);

/// <summary>What to do next time.</summary>
/// <param name="Verdict">What was made of the last brew.</param>
/// <param name="Changes">Single changes, the best first; empty where the target is met and nobody complains.</param>
/// <param name="Met">Whether the target is met.</param>
/// <param name="AsBrewed">What the last brew is told to have come to as it was brewed: the same as on every page.</param>
/// <param name="Aims">What was wanted.</param>
public sealed record Advice(AdviceVerdict Verdict, ImmutableArray<AdvisedChange> Changes, bool Met, Totals AsBrewed, ImmutableArray<Aim> Aims)
{
    /// <summary>A change with what the plan that is made of it comes to: on its day and its shelf.</summary>
    /// <param name="change">One of the changes.</param>
    /// <param name="then">The forecast of that plan.</param>
    public AdvisedChange Planned(AdvisedChange change, Forecast then)
    {
        var planned = change with { Then = then };
        return planned with { Why = AdviceWords.Why(planned, Verdict.Complaints, Aims) };
    }
}

/// <summary>What a barista has to change things with.</summary>
public sealed record AdviceGear
{
    /// <summary>A grinder that nothing is known of, by steps of this, µm.</summary>
    public const double UsualGrindStepUm = 25;

    /// <summary>The grinder; null where none is known.</summary>
    public GrinderScale? Grinder { get; init; }

    /// <summary>Whether the grind of a coffee can be changed: not of one that was bought ground, nor with a grinder that does not grind.</summary>
    internal bool CanGrind(CoffeeUsed coffee) => !coffee.BoughtGround && Grinder is not { Grinds: false };

    /// <summary>Coffee there is left, g; null where that is not known.</summary>
    public double? LeftG { get; init; }

    /// <summary>The drink that was wanted in the cup, g; null where nobody said.</summary>
    public double? CupG { get; init; }
}
