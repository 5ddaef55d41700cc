namespace Cistern.Core.Brewing;

/// <summary>Times that are compared with their windows when a brew is over.</summary>
public enum FlowOf
{
    /// <summary>When it was over, on the brew clock.</summary>
    Finish,

    /// <summary>From the opening to the dry bed.</summary>
    Drain,

    /// <summary>The press or the plunge.</summary>
    Press,

    /// <summary>When the steep ended, on the brew clock.</summary>
    Release,
}

/// <summary>Where a time lies.</summary>
public enum FlowPlace
{
    /// <summary>Before its window, or quicker.</summary>
    Under,

    /// <summary>In it.</summary>
    Within,

    /// <summary>After it, or slower.</summary>
    Over,
}

/// <summary>One time of a brew, compared with its window.</summary>
/// <param name="Of">What it is of.</param>
/// <param name="ActualS">The measured time, s.</param>
/// <param name="LowS">From, s.</param>
/// <param name="HighS">To, s.</param>
/// <param name="Set">Whether the plan sets the window; otherwise it is derived from the forecast.</param>
public readonly record struct FlowVerdict(FlowOf Of, double ActualS, double LowS, double HighS, bool Set)
{
    /// <summary>Whether it is below, within or above the window, in whole seconds, as shown.</summary>
    public FlowPlace Place => Math.Round(ActualS) < Math.Round(LowS) ? FlowPlace.Under : Math.Round(ActualS) > Math.Round(HighS) ? FlowPlace.Over : FlowPlace.Within;

    /// <summary>How far it is outside, s; 0 within.</summary>
    public double OffS => Place switch { FlowPlace.Under => ActualS - LowS, FlowPlace.Over => ActualS - HighS, _ => 0 };
}

/// <summary>Compares measured times with the plan. Where something ran too fast or too slow, that is reported before any taste.</summary>
public static class FlowVerdicts
{
    /// <summary>Half-width of a window the plan does not set, as a share of the expected time. Judged: about what one step of a grinder changes.</summary>
    public const double Share = 0.2;

    /// <summary>The smallest half-width, s. Judged: about how exact a person is.</summary>
    public const double MinS = 8;

    /// <summary>The verdicts of a brew, those outside their window first; times that were not measured have none.</summary>
    /// <param name="plan">The forecast it was brewed by.</param>
    /// <param name="run">Its state at the end.</param>
    public static ImmutableArray<FlowVerdict> Of(Forecast plan, BrewRun run) => Of(plan, run, Measured.Of(plan.Recipe, run));

    /// <summary>The verdicts of a brew with times measured by other means.</summary>
    /// <param name="plan">The forecast it was brewed by.</param>
    /// <param name="run">Its state at the end.</param>
    /// <param name="measured">The measured times.</param>
    public static ImmutableArray<FlowVerdict> Of(Forecast plan, BrewRun run, Measured measured)
    {
        var recipe = plan.Recipe;
        var verdicts = ImmutableArray.CreateBuilder<FlowVerdict>(4);
        var steepEnd = Acts.SteepEndIndex(recipe);
        if (steepEnd >= 0 && run.Done.FirstOrDefault(done => done.Index == steepEnd) is { StartS: { } beganS, By: EndedBy.Press or EndedBy.Seen or EndedBy.Assumed })
        {
            verdicts.Add(OfSteepEnd(plan, run, steepEnd, beganS));
        }

        if (measured.DrawdownS is { } drawdownS && plan.Totals.DrawdownS is { } expectedS)
        {
            verdicts.Add(Compare(FlowOf.Drain, drawdownS, Window<Step.Drain>(recipe), expectedS));
        }

        if (measured.PressS is { } pressS && recipe.Steps.LastOrDefault(step => step is Step.Press or Step.Plunge { Depth: PlungeDepth.Bottom }) is { } press)
        {
            // A plunge's window is of its start, a press's of its length.
            verdicts.Add(Compare(FlowOf.Press, pressS, press is Step.Press ? press.Window : null, press.OverS));
        }

        if (run is { Finished: true, ClockRuns: true })
        {
            verdicts.Add(OfFinish(plan, run, steepEnd));
        }

        return [.. verdicts.OrderBy(verdict => verdict.Place == FlowPlace.Within)];
    }

    /// <summary>The end of the steep compared with the window on the screen (for a wait, from when it actually began), or with when it was due.</summary>
    /// <param name="plan">The forecast it is brewed by.</param>
    /// <param name="run">Its state.</param>
    /// <param name="steepEnd">The step.</param>
    /// <param name="atS">When it began, or now, s on the brew clock.</param>
    internal static FlowVerdict OfSteepEnd(Forecast plan, BrewRun run, int steepEnd, double atS)
    {
        var dueS = plan.Timings[steepEnd].StartS;
        var before = run.Done.FirstOrDefault(done => done.Index == steepEnd - 1);
        return ConductPlan.Of(plan).WindowOf(steepEnd, dueS, before.StartS) is ({ } lowS, { } highS)
            ? new FlowVerdict(FlowOf.Release, atS, lowS, highS, Set: true)
            : new FlowVerdict(FlowOf.Release, atS, dueS - HandToleranceS(dueS), dueS + HandToleranceS(dueS), Set: false);
    }

    /// <summary>
    /// How exactly a steep can be ended, s: as a person can, and no closer than 1 % of its length, since nobody stands beside a steep
    /// of hours. Judged.
    /// </summary>
    private static double HandToleranceS(double dueS) => Math.Max(MinS, 0.01 * dueS);

    /// <summary>
    /// The finish compared with its target; without one, with the end of the steep plus what comes after it, so that no brew counts as
    /// finished before its steep may end.
    /// </summary>
    private static FlowVerdict OfFinish(Forecast plan, BrewRun run, int steepEnd)
    {
        if (plan.Recipe.Target?.FinishS is not null || steepEnd < 0)
        {
            return Compare(FlowOf.Finish, run.EndS, plan.Recipe.Target?.FinishS, plan.Totals.FinishS);
        }

        var end = OfSteepEnd(plan, run, steepEnd, plan.Timings[steepEnd].StartS);
        var after = Band(null, plan.Totals.FinishS - plan.Timings[steepEnd].StartS);
        return new FlowVerdict(FlowOf.Finish, run.EndS, end.LowS + after.Low, end.HighS + after.High, Set: false);
    }

    private static Span? Window<T>(Recipe recipe)
        where T : Step => recipe.Steps.LastOrDefault(step => step is T)?.Window;

    /// <summary>How long something may take, s: its window, or the expected time with its margin.</summary>
    internal static Span Band(Span? window, double expectedS)
    {
        var byS = Math.Max(MinS, Share * expectedS);
        return window ?? new Span(Math.Max(0, expectedS - byS), expectedS + byS);
    }

    private static FlowVerdict Compare(FlowOf of, double actualS, Span? window, double expectedS)
    {
        var band = Band(window, expectedS);
        return new FlowVerdict(of, actualS, band.Low, band.High, Set: window is not null);
    }
}
