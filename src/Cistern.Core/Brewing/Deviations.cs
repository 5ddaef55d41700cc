namespace Cistern.Core.Brewing;

/// <summary>Kinds of deviations from the plan that the clock and the weights show, stored as words.</summary>
public enum DeviationKind
{
    /// <summary>The end of the steep is due and has not begun; s late.</summary>
    ReleaseDue,

    /// <summary>It began before its window; s early.</summary>
    ReleasedEarly,

    /// <summary>It began after its window; s late.</summary>
    ReleasedLate,

    /// <summary>The drawdown takes longer than it should; s over.</summary>
    DrainSlow,

    /// <summary>The drawdown has run for so long that it may have stalled; s over.</summary>
    DrainStalled,

    /// <summary>The press takes too long, so it is hard; s over.</summary>
    PressSlow,

    /// <summary>The press was too quick, so it is easy; s under.</summary>
    PressEasy,

    /// <summary>The water is cooler than planned; K below.</summary>
    WaterCool,

    /// <summary>The water is hotter than planned; K above.</summary>
    WaterHot,

    /// <summary>A stir was not done; turns short.</summary>
    StirForgotten,

    /// <summary>The flame is too weak to hold the water up; W short.</summary>
    FlameWeak,

    /// <summary>More water than planned; g over.</summary>
    PouredOver,

    /// <summary>Less water than planned; g short.</summary>
    PouredUnder,

    /// <summary>More coffee than planned; g over.</summary>
    DoseOver,

    /// <summary>Less coffee than planned; g short.</summary>
    DoseUnder,

    /// <summary>Another step was not done: a lid, a raft, a valve left open; 1.</summary>
    StepForgotten,
}

/// <summary>A deviation from the plan.</summary>
/// <param name="Kind">What.</param>
/// <param name="Step">The index of its step.</param>
/// <param name="Amount">How much, in the unit of its kind; over 0.</param>
public readonly record struct Deviation(DeviationKind Kind, int Step, double Amount)
{
    /// <summary>
    /// Large enough to be mentioned although the cup stays within its tolerances, so that nobody has to wonder whether it mattered.
    /// Judged: 20 s, 8 g of water, 0.8 g of coffee, 4 K.
    /// </summary>
    public bool IsWorthMentioning => Kind switch
    {
        DeviationKind.ReleaseDue or DeviationKind.ReleasedEarly or DeviationKind.ReleasedLate => Amount >= 20,
        DeviationKind.PouredOver or DeviationKind.PouredUnder => Amount >= 8,
        DeviationKind.DoseOver or DeviationKind.DoseUnder => Amount >= 0.8,
        DeviationKind.WaterCool or DeviationKind.WaterHot => Amount >= 4,
        _ => true,
    };

    /// <summary>Only the barista's hands can answer it; no remaining setting improves it.</summary>
    public bool OfFlow => Kind is DeviationKind.DrainSlow or DeviationKind.DrainStalled or DeviationKind.PressSlow or DeviationKind.PressEasy or DeviationKind.FlameWeak;
}

/// <summary>Finds deviations from times and weights.</summary>
public static class Deviations
{
    /// <summary>Uncertainty of a pour with a scale, g; smaller differences are no deviation. Judged.</summary>
    public const double MinPouredG = 3;

    /// <summary>Uncertainty of a dose, g. Judged.</summary>
    public const double MinDoseG = 0.3;

    /// <summary>Uncertainty of a thermometer and a kettle, K. Judged.</summary>
    public const double MinWaterK = 2;

    /// <summary>Power that a flame needs to spare when the coffee goes in, W: with less the water may fall back. Judged.</summary>
    public const double MinSpareW = 30;

    /// <summary>The deviations: that of the current step first, then the latest first.</summary>
    /// <param name="plan">The forecast of the plan.</param>
    /// <param name="run">The state of the brew.</param>
    /// <param name="actuals">What was weighed.</param>
    /// <param name="nowS">Now, s on the brew clock.</param>
    public static ImmutableArray<Deviation> Of(Forecast plan, BrewRun run, Actuals actuals, double nowS)
    {
        if (!run.ClockRuns)
        {
            return [];
        }

        var found = ImmutableArray.CreateBuilder<Deviation>();
        OfFlow(plan, run, nowS, found);
        OfSteepEnd(plan, run, nowS, found);
        var steps = plan.Recipe.Steps;
        for (var i = steps.Length - 1; i >= 0; i--)
        {
            if (steps[i] is Step.Pour pour && actuals.PouredG.TryGetValue(i, out var totalG) && Math.Abs(totalG - pour.ToG) >= MinPouredG)
            {
                found.Add(new Deviation(totalG > pour.ToG ? DeviationKind.PouredOver : DeviationKind.PouredUnder, i, Math.Abs(totalG - pour.ToG)));
            }
            else if (steps[i] is Step.AddCoffee && actuals.DoseG is { } doseG && Math.Abs(doseG - plan.Recipe.Coffee.DoseG) >= MinDoseG)
            {
                found.Add(new Deviation(doseG > plan.Recipe.Coffee.DoseG ? DeviationKind.DoseOver : DeviationKind.DoseUnder, i, Math.Abs(doseG - plan.Recipe.Coffee.DoseG)));
            }
        }

        OfInstruments(plan, run, actuals, found);
        return found.ToImmutable();
    }

    /// <summary>What only instruments can tell.</summary>
    private static void OfInstruments(Forecast plan, BrewRun run, Actuals actuals, ImmutableArray<Deviation>.Builder found)
    {
        var steps = plan.Recipe.Steps;
        var offK = (actuals.WaterC ?? plan.Recipe.Water.TemperatureC) - plan.Recipe.Water.TemperatureC;
        if (Math.Abs(offK) >= MinWaterK)
        {
            found.Add(new Deviation(offK < 0 ? DeviationKind.WaterCool : DeviationKind.WaterHot, RecipeChecker.AnchorIndex(plan.Recipe), Math.Abs(offK)));
        }

        foreach (var step in actuals.Omitted.Where(step => step < steps.Length && Actuals.CanBeOmitted(steps[step])).Order())
        {
            found.Add(steps[step] is Step.Stirring stirring ? new Deviation(DeviationKind.StirForgotten, step, stirring.Turns) : new Deviation(DeviationKind.StepForgotten, step, 1));
        }

        if (actuals.FlameW is { } flameW && plan.Totals.FlameMarginW is { } spareW && steps.OfType<Step.LightBurner>().FirstOrDefault() is { } burner)
        {
            var shortW = MinSpareW - (spareW + flameW - (burner.FlameW ?? ForecastModel.UsualFlameW));
            if (shortW > 0 && run.Done.All(done => steps.Length <= done.Index || steps[done.Index] is not Step.RemoveBurner))
            {
                found.Add(new Deviation(DeviationKind.FlameWeak, steps.IndexOf(burner), shortW));
            }
        }

        foreach (var done in run.Done.Where(done => done is { IsKnown: true, StartS: not null, EndS: not null } && done.Index < steps.Length && steps[done.Index] is Step.Press))
        {
            var underS = FlowVerdicts.Band(steps[done.Index].Window, plan.Timings[done.Index].LengthS).Low - (done.EndS!.Value - done.StartS!.Value);
            if (underS >= 1 && done.By == EndedBy.Seen)
            {
                found.Add(new Deviation(DeviationKind.PressEasy, done.Index, underS));
            }
        }
    }

    /// <summary>A flow that is over by less is not called slow: a few grams run in seconds, and pressing the button takes one or two. Judged.</summary>
    private const double MinOverS = 5;

    private static void OfFlow(Forecast plan, BrewRun run, double nowS, ImmutableArray<Deviation>.Builder found)
    {
        if (run.Present is not { } present || present.Index >= plan.Recipe.Steps.Length || (present.BegunS is null && present.Index == Acts.SteepEndIndex(plan.Recipe)))
        {
            return;
        }

        var lastsS = nowS - present.StartS;
        DeviationKind? kind = plan.Recipe.Steps[present.Index] switch
        {
            Step.Press => DeviationKind.PressSlow,
            Step.Drain => lastsS > ForecastModel.StallsAfterS ? DeviationKind.DrainStalled : DeviationKind.DrainSlow,
            _ => null,
        };
        // Of both a window is of how long they take.
        var longestS = FlowVerdicts.Band(plan.Recipe.Steps[present.Index].Window, present.LengthS).High;
        if (kind is { } slow && lastsS - longestS >= MinOverS)
        {
            found.Add(new Deviation(slow, present.Index, lastsS - longestS));
        }
    }

    private static void OfSteepEnd(Forecast plan, BrewRun run, double nowS, ImmutableArray<Deviation>.Builder found)
    {
        var steepEnd = Acts.SteepEndIndex(plan.Recipe);
        if (steepEnd < 0)
        {
            return;
        }

        var beganS = run.Present is { } present && present.Index == steepEnd ? present.BegunS : run.Done.FirstOrDefault(done => done.Index == steepEnd) is { StartS: { } startS, IsKnown: true } ? startS : null;
        if (beganS is null && run.Present?.Index != steepEnd)
        {
            return;
        }

        var verdict = FlowVerdicts.OfSteepEnd(plan, run, steepEnd, beganS ?? nowS);
        if (beganS is not null && verdict.LowS - verdict.ActualS >= 1)
        {
            found.Add(new Deviation(DeviationKind.ReleasedEarly, steepEnd, verdict.LowS - verdict.ActualS));
        }
        else if (verdict.ActualS - verdict.HighS >= 1)
        {
            // Without a window of its own, it counts from when it was due.
            var sinceS = verdict.Set ? verdict.HighS : plan.Timings[steepEnd].StartS;
            found.Add(new Deviation(beganS is null ? DeviationKind.ReleaseDue : DeviationKind.ReleasedLate, steepEnd, verdict.ActualS - sinceS));
        }
    }
}
