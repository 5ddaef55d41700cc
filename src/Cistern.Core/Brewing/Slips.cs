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

    /// <summary>A drain that has gone on for four minutes may stall: the forecast's own limit, s.</summary>
    public const double StallsS = 240;

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

        var step = plan.Recipe.Steps[present.Index];
        var longestS = step.Window is { } window && Verb.TraitsOf(step).WindowOf == WindowOf.Length ? window.High : present.LengthS + Math.Max(FlowVerdicts.LeastS, FlowVerdicts.Share * present.LengthS);
        var overS = nowS - present.StartS - longestS;
        if (overS > 0 && step is Step.Drain or Step.Press)
        {
            var stalls = step is Step.Drain && nowS - present.StartS > StallsS;
            found.Add(new Slip(step is Step.Press ? SlipKind.PressSlow : stalls ? SlipKind.DrainStalled : SlipKind.DrainSlow, present.Index, overS));
        }
    }

    private static void OfRelease(Forecast plan, BrewRun run, double nowS, ImmutableArray<Slip>.Builder found)
    {
        var release = Acts.ReleaseIndex(plan.Recipe);
        if (release < 0)
        {
            return;
        }

        var dueS = plan.Timings[release].StartS;
        var beforeS = run.Done.FirstOrDefault(done => done.Index == release - 1).StartS;
        var (lowS, highS) = ConductPlan.Of(plan).WindowOf(release, dueS, beforeS) is ({ } low, { } high) ? (low, high) : (dueS - FlowVerdicts.LeastS, dueS + FlowVerdicts.LeastS);
        var beganS = run.Present is { } present && present.Index == release ? present.BegunS : run.Done.FirstOrDefault(done => done.Index == release) is { StartS: { } startS, By: EndedBy.Press } ? startS : null;
        if (beganS is { } atS)
        {
            Add(atS < lowS ? SlipKind.ReleasedEarly : SlipKind.ReleasedLate, atS < lowS ? lowS - atS : atS - highS);
        }
        else if (run.Present?.Index == release)
        {
            Add(SlipKind.ReleaseDue, nowS - highS);
        }

        void Add(SlipKind kind, double offS)
        {
            if (offS >= 1)
            {
                // Told from when it was due, not from when it began to matter.
                found.Add(new Slip(kind, release, kind == SlipKind.ReleasedEarly || highS > dueS + FlowVerdicts.LeastS ? offS : offS + FlowVerdicts.LeastS));
            }
        }
    }
}
