namespace Cistern.Core.Advising;

/// <summary>What can be changed for the next brew.</summary>
public enum Adjustment
{
    /// <summary>The grind's median, µm.</summary>
    Grind,

    /// <summary>The kettle's temperature, or that of a siphon's flame, °C.</summary>
    Temperature,

    /// <summary>Coffee, g; the water stays.</summary>
    Dose,

    /// <summary>Water, g; the coffee stays.</summary>
    Water,

    /// <summary>Dose and water together, g of coffee; the ratio stays.</summary>
    Batch,

    /// <summary>When the steep ends, s on the brew clock.</summary>
    Release,

    /// <summary>Turns of the first stirring.</summary>
    Turns,

    /// <summary>Seconds of the press or the plunge.</summary>
    PressTime,

    /// <summary>Water the drink is diluted with, g.</summary>
    Dilution,

    /// <summary>What a siphon's burner gives, W.</summary>
    Flame,

    /// <summary>A swirl after the water is in, turns: it brings grounds down from the wall.</summary>
    Swirl,

    /// <summary>Seconds before it is poured off, in which sediment settles.</summary>
    Settle,

    /// <summary>Rinsing the filter with hot water before the coffee goes in.</summary>
    Rinse,

    /// <summary>The vessel warmed first.</summary>
    Preheat,

    /// <summary>Drawing the plunger back a little after it is seated, so that nothing drips.</summary>
    DrawBack,

    /// <summary>A denser paper instead of the present filter.</summary>
    Filter,

    /// <summary>A cloth wrapped round the vessel.</summary>
    Wrap,

    /// <summary>Seconds in the cup or server before it is drunk, with the last of it left behind.</summary>
    Stand,

    /// <summary>The same plan, carried out as intended.</summary>
    AsPlanned,
}

/// <summary>What one change costs.</summary>
/// <param name="TimeS">Additional seconds in all; negative for less.</param>
/// <param name="HandsS">Additional seconds that need hands.</param>
/// <param name="CoffeeG">Additional coffee, g.</param>
/// <param name="Stalls">Probability that the drawdown then takes over four minutes, 0 to 1.</param>
public readonly record struct ChangeCosts(double TimeS, double HandsS, double CoffeeG, double Stalls);

/// <summary>A second setting changed with the first, where no single one is enough without doing harm.</summary>
/// <param name="Adjustment">What is changed.</param>
/// <param name="From">Its present value, in the adjustment's unit.</param>
/// <param name="To">To.</param>
/// <param name="Recipe">A recipe with the change.</param>
public sealed record SecondChange(Adjustment Adjustment, double From, double To, Recipe Recipe)
{
    /// <summary>The adjustment's name in the open files.</summary>
    public string Setting => Adjustments.Word(Adjustment, Recipe);

    /// <summary>Its unit.</summary>
    public string Unit => Adjustments.Unit(Adjustment);
}

/// <summary>A change for the next brew.</summary>
/// <param name="Adjustment">What is changed.</param>
/// <param name="From">Its present value, in the adjustment's unit.</param>
/// <param name="To">To.</param>
/// <param name="Recipe">The complete recipe with the change.</param>
/// <param name="Now">The figures of the brew as it was made, by the model that computes <paramref name="Then"/>, so that the two can be compared.</param>
/// <param name="Then">The figures after the change.</param>
/// <param name="Chance">Probability that those are what was wanted, 0 to 1.</param>
/// <param name="Why">The reason, as a sentence.</param>
/// <param name="Costs">What it costs.</param>
public sealed record AdvisedChange(Adjustment Adjustment, double From, double To, Recipe Recipe, Forecast Now, Forecast Then, double Chance, string Why, ChangeCosts Costs)
{
    /// <summary>The complaints it answers, most important first.</summary>
    public ImmutableArray<Complaint> Answers { get; init; } = [];

    /// <summary>A second setting that changes with it; null where one is enough.</summary>
    public SecondChange? And { get; init; }

    /// <summary>
    /// The value for which the forecast would expect no complaint at all, in the adjustment's unit; null where this step is enough, or
    /// where nothing shows how far that is.
    /// </summary>
    public double? WholeWay { get; init; }

    /// <summary>The adjustment's name in the open files.</summary>
    public string Setting => Adjustments.Word(Adjustment, Recipe);

    /// <summary>Its unit.</summary>
    public string Unit => Adjustments.Unit(Adjustment);
}

/// <summary>The judgement of the last brew of a series.</summary>
public sealed record AdviceVerdict
{
    /// <summary>How the flow compares with the plan.</summary>
    public required string Flow { get; init; }

    /// <summary>Whether the flow was as planned.</summary>
    public required bool Flowed { get; init; }

    /// <summary>How far the extraction went.</summary>
    public required string ExtractionText { get; init; }

    /// <summary>Sour, balanced or bitter.</summary>
    public required string BalanceText { get; init; }

    /// <summary>How strong it is.</summary>
    public required string BodyText { get; init; }

    /// <summary>The cup by its figures.</summary>
    public required CupJudgement Cup { get; init; }

    /// <summary>Where taste and forecast disagree, as a sentence; else null.</summary>
    public string? Disagreement { get; init; }

    /// <summary>A deviation that explains the complaint, as a sentence; null where there is none.</summary>
    public string? Cause { get; init; }

    /// <summary>Whether it was tasted; otherwise there is no verdict, and a tasting is asked for.</summary>
    public bool Tasted { get; init; }

    /// <summary>Whether it was liked well enough to become the target.</summary>
    public bool Liked { get; init; }

    /// <summary>The verdict in a few words: what to do.</summary>
    public string InShort { get; init; } = "";

    /// <summary>The complaints, most important first.</summary>
    public ImmutableArray<Complaint> Complaints { get; init; } = [];
}

/// <summary>The figures of a brew as shown on every page, by the model it was planned with.</summary>
/// <param name="Planned">Of the plan.</param>
/// <param name="AsBrewed">Of what was actually done.</param>
public sealed record BrewFigures(Totals Planned, Totals AsBrewed);

/// <summary>What to do next time.</summary>
/// <param name="Verdict">The judgement of the last brew.</param>
/// <param name="Changes">Single changes, best first; empty where the target is met and there are no complaints.</param>
/// <param name="Met">Whether the target is met.</param>
/// <param name="AsBrewed">The figures of the last brew as it was made, as shown on every page.</param>
/// <param name="Aims">What was wanted.</param>
public sealed record Advice(AdviceVerdict Verdict, ImmutableArray<AdvisedChange> Changes, bool Met, Totals AsBrewed, ImmutableArray<Aim> Aims)
{
    /// <summary>A change with the figures of the plan made of it, on its day and with its shelf.</summary>
    /// <param name="change">One of the changes.</param>
    /// <param name="then">The forecast of that plan.</param>
    public AdvisedChange Planned(AdvisedChange change, Forecast then)
    {
        var planned = change with { Then = then };
        return planned with { Why = AdviceWords.Why(planned, Verdict.Complaints, Aims) };
    }
}

/// <summary>The equipment available for a change.</summary>
public sealed record AdviceGear
{
    /// <summary>Step of an unknown grinder, µm.</summary>
    public const double UsualGrindStepUm = 25;

    /// <summary>The grinder; null where it is unknown.</summary>
    public GrinderScale? Grinder { get; init; }

    /// <summary>Whether the grind can be changed: not for a coffee bought ground, nor with a grinder that has no usable scale.</summary>
    internal bool CanGrind(CoffeeUsed coffee) => !coffee.BoughtGround && Grinder is not { Grinds: false };

    /// <summary>Coffee left, g; null where unknown.</summary>
    public double? LeftG { get; init; }

    /// <summary>The drink wanted in the cup, g; null where unknown.</summary>
    public double? CupG { get; init; }
}
