namespace Cistern.Core.Brewing;

/// <summary>A step as needed for conducting.</summary>
/// <param name="Ends">What ends it.</param>
/// <param name="Length">Its planned length, s; the expected length for a step that must be observed, 0 where unknown.</param>
/// <param name="At">Its own time on the brew clock, s, where it has one.</param>
/// <param name="Low">Start of its window, s on the brew clock.</param>
/// <param name="High">End of its window, s on the brew clock.</param>
/// <param name="WaitLow">For a wait: its shortest length, s; the next step may begin from then.</param>
/// <param name="WaitHigh">For a wait: its longest length, s.</param>
/// <param name="Release">Whether it ends the steep.</param>
/// <param name="Weighed">Whether the brewer must be on the scale.</param>
public sealed record ConductStep(StepEnding Ends, double Length, double? At = null, double? Low = null, double? High = null, double? WaitLow = null, double? WaitHigh = null, bool Release = false, bool Weighed = false)
{
    /// <summary>The shortest time for which a step is shown before another replaces it, s.</summary>
    public const double MinShownS = 5;

    /// <summary>How long after its planned end it is assumed done, s: 5, or half its length where that is more.</summary>
    public double GraceS => Math.Max(MinShownS, Length / 2);
}

/// <summary>What conducting needs of a plan. The page's script receives the same object.</summary>
/// <param name="Anchor">The index of the step that starts the clock.</param>
/// <param name="StartsAtItsEnd">Whether 0:00 is the end of that step rather than its start.</param>
/// <param name="Steps">The steps, in order.</param>
public sealed record ConductPlan(int Anchor, bool StartsAtItsEnd, ImmutableArray<ConductStep> Steps)
{
    /// <summary>The conducting plan of a forecast.</summary>
    /// <param name="plan">A forecast of the recipe.</param>
    public static ConductPlan Of(Forecast plan)
    {
        var recipe = plan.Recipe;
        var steepEnd = Acts.SteepEndIndex(recipe);
        return new ConductPlan(RecipeChecker.AnchorIndex(recipe), recipe.ClockStarts == ClockStart.WaterIn, [.. recipe.Steps.Select((step, i) =>
        {
            var traits = Verb.TraitsOf(step);
            var ofStart = step.WindowOfStart;
            var ofWait = step is Step.Wait ? step.Window : null;
            var lengthS = step is Step.WaitFor { ExpectS: 0 } ? 0 : plan.Timings[i].LengthS;
            return new ConductStep(traits.Ends, lengthS, step.AtS, ofStart?.Low, ofStart?.High, ofWait?.Low, ofWait?.High, i == steepEnd, traits.Weighed);
        })]);
    }

    /// <summary>
    /// The first of the steps that lead to another one without a pause and without a pour on the scale; before it the barista's hands
    /// are free.
    /// </summary>
    /// <param name="step">The index of the step they lead to.</param>
    public int FirstWithoutPause(int step)
    {
        while (step > Anchor + 1 && (Steps[step].At ?? Steps[step].Low) is null && Steps[step - 1] is { Ends: not StepEnding.Clock, Weighed: false })
        {
            step--;
        }

        return step;
    }

    /// <summary>The window of a step, s on the brew clock: its own, or the remainder of the wait before it.</summary>
    /// <param name="at">The step.</param>
    /// <param name="dueS">When it is due, s.</param>
    /// <param name="beforeS">When the step before it actually began, s.</param>
    public (double? LowS, double? HighS) WindowOf(int at, double dueS, double? beforeS)
    {
        var step = Steps[at];
        return step.WaitHigh is not null ? (dueS + step.WaitLow, dueS + step.WaitHigh)
            : step.High is null && at > Anchor + 1 && Steps[at - 1] is { WaitHigh: { } highS } wait ? (beforeS + wait.WaitLow, beforeS + highS)
            : (step.Low, step.High);
    }

    /// <summary>
    /// From when a step needs an answer, s on the brew clock: the end of the steep from when it is due or its window is over, others
    /// from the end of their window; null where never.
    /// </summary>
    /// <param name="present">The current step, while the clock runs.</param>
    public double? InsistsFromS(PresentStep present)
    {
        var step = Steps[present.Index];
        return present.BegunS is not null ? null
            : step.Release ? Math.Max(present.DueS, present.HighS ?? 0)
            : step.Ends == StepEnding.Hands && present.HighS is { } highS ? Math.Max(present.DueS, highS)
            : null;
    }
}
