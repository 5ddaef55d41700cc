using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Brewing;

/// <summary>What went otherwise than planned, as far as the clock and what was weighed can tell. Kept by its word.</summary>
public enum SlipKind
{
    /// <summary>The release is due and has not begun; s over.</summary>
    ReleaseDue,

    /// <summary>It began before its window; s early.</summary>
    ReleasedEarly,

    /// <summary>It began after its window; s late.</summary>
    ReleasedLate,

    /// <summary>The drain takes longer than it should; s over.</summary>
    DrainSlow,

    /// <summary>The drain has gone on for so long that it may not end; s over.</summary>
    DrainStalled,

    /// <summary>The press takes longer than it should: it is hard; s over.</summary>
    PressSlow,

    /// <summary>More water is in than planned; g over.</summary>
    PouredOver,

    /// <summary>Less water is in than planned; g short.</summary>
    PouredUnder,

    /// <summary>More coffee went in than planned; g over.</summary>
    DoseOver,

    /// <summary>Less coffee went in than planned; g short.</summary>
    DoseUnder,
}

/// <summary>Something that went otherwise.</summary>
/// <param name="Kind">What.</param>
/// <param name="Step">The step it was at, counted from 0.</param>
/// <param name="Amount">By how much, in the unit of its kind; over 0.</param>
public readonly record struct Slip(SlipKind Kind, int Step, double Amount)
{
    /// <summary>It is answered by the hand alone: no setting that is left makes it better.</summary>
    public bool OfFlow => Kind is SlipKind.DrainSlow or SlipKind.DrainStalled or SlipKind.PressSlow;
}

/// <summary>Finds what went otherwise, from time and weight.</summary>
public static class Slips
{
    /// <summary>A scale and a hand are good to this, g; under it nothing was poured wrongly. Judged.</summary>
    public const double LeastPouredG = 3;

    /// <summary>A dose is weighed to this, g. Judged.</summary>
    public const double LeastDoseG = 0.3;

    /// <summary>What went otherwise, what is at hand first, then the latest first.</summary>
    /// <param name="plan">The forecast of what was planned.</param>
    /// <param name="run">Where the brew stands.</param>
    /// <param name="actuals">What was weighed.</param>
    /// <param name="nowS">Now, s on the clock.</param>
    public static ImmutableArray<Slip> Of(Forecast plan, BrewRun run, Actuals actuals, double nowS)
    {
        if (!run.ClockRuns)
        {
            return [];
        }

        var found = ImmutableArray.CreateBuilder<Slip>();
        OfFlow(plan, run, nowS, found);
        OfRelease(plan, run, nowS, found);
        var steps = plan.Recipe.Steps;
        for (var i = steps.Length - 1; i >= 0; i--)
        {
            if (steps[i] is Step.Pour pour && actuals.PouredG.TryGetValue(i, out var totalG) && Math.Abs(totalG - pour.ToG) >= LeastPouredG)
            {
                found.Add(new Slip(totalG > pour.ToG ? SlipKind.PouredOver : SlipKind.PouredUnder, i, Math.Abs(totalG - pour.ToG)));
            }
            else if (steps[i] is Step.AddCoffee && actuals.DoseG is { } doseG && Math.Abs(doseG - plan.Recipe.Coffee.DoseG) >= LeastDoseG)
            {
                found.Add(new Slip(doseG > plan.Recipe.Coffee.DoseG ? SlipKind.DoseOver : SlipKind.DoseUnder, i, Math.Abs(doseG - plan.Recipe.Coffee.DoseG)));
            }
        }

        return found.ToImmutable();
    }

    private static void OfFlow(Forecast plan, BrewRun run, double nowS, ImmutableArray<Slip>.Builder found)
    {
        if (run.Present is not { } present || present.Index >= plan.Recipe.Steps.Length || (present.BegunS is null && present.Index == Acts.ReleaseIndex(plan.Recipe)))
        {
            return;
        }

        var lastsS = nowS - present.StartS;
        SlipKind? kind = plan.Recipe.Steps[present.Index] switch
        {
            Step.Press => SlipKind.PressSlow,
            Step.Drain => lastsS > ForecastModel.StallsAfterS ? SlipKind.DrainStalled : SlipKind.DrainSlow,
            _ => null,
        };
        // Of both a window is of how long they take.
        var longestS = FlowVerdicts.Band(plan.Recipe.Steps[present.Index].Window, present.LengthS).High;
        if (kind is { } slow && lastsS > longestS)
        {
            found.Add(new Slip(slow, present.Index, lastsS - longestS));
        }
    }

    private static void OfRelease(Forecast plan, BrewRun run, double nowS, ImmutableArray<Slip>.Builder found)
    {
        var release = Acts.ReleaseIndex(plan.Recipe);
        if (release < 0)
        {
            return;
        }

        var beganS = run.Present is { } present && present.Index == release ? present.BegunS : run.Done.FirstOrDefault(done => done.Index == release) is { StartS: { } startS, IsKnown: true } ? startS : null;
        if (beganS is null && run.Present?.Index != release)
        {
            return;
        }

        var verdict = FlowVerdicts.OfRelease(plan, run, release, beganS ?? nowS);
        if (beganS is not null && verdict.LowS - verdict.ActualS >= 1)
        {
            found.Add(new Slip(SlipKind.ReleasedEarly, release, verdict.LowS - verdict.ActualS));
        }
        else if (verdict.ActualS - verdict.HighS >= 1)
        {
            // Without a window of its own it is told from when it was due, not from when it began to matter.
            var sinceS = verdict.Set ? verdict.HighS : plan.Timings[release].StartS;
            found.Add(new Slip(beganS is null ? SlipKind.ReleaseDue : SlipKind.ReleasedLate, release, verdict.ActualS - sinceS));
        }
    }
}
