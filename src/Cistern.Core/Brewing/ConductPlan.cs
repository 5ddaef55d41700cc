using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Brewing;

/// <summary>A step as the conductor needs it.</summary>
/// <param name="Ends">Who or what ends it.</param>
/// <param name="Length">How long it is planned to take, s; of one that only an eye can end, what is expected, 0 where nobody knows.</param>
/// <param name="At">Its own time on the brew clock, s, where it has one.</param>
/// <param name="Low">From when it will do, s on the clock.</param>
/// <param name="High">Until when it will do, s on the clock.</param>
/// <param name="WaitLow">Of a wait: the shortest that will do, s; what follows may begin from then.</param>
/// <param name="WaitHigh">Of a wait: the longest that will do, s.</param>
/// <param name="Release">Whether the parting begins with it.</param>
/// <param name="Weighed">Whether the brewer has to stand on the scale for it.</param>
public sealed record ConductStep(StepEnding Ends, double Length, double? At = null, double? Low = null, double? High = null, double? WaitLow = null, double? WaitHigh = null, bool Release = false, bool Weighed = false)
{
    /// <summary>So long at the least an act is told before another takes the stage, s.</summary>
    public const double LeastToldS = 5;

    /// <summary>How long after its planned end it is taken as done, s: 5, or half its length where that is more.</summary>
    public double GraceS => Math.Max(LeastToldS, Length / 2);
}

/// <summary>All that the walk through a brew needs of its plan. The page's script gets the same object.</summary>
/// <param name="Anchor">The step that starts the clock.</param>
/// <param name="StartsAtItsEnd">Whether 0:00 is that step's end rather than its beginning.</param>
/// <param name="Steps">The steps, in order.</param>
public sealed record ConductPlan(int Anchor, bool StartsAtItsEnd, ImmutableArray<ConductStep> Steps)
{
    /// <summary>The conductor's plan of a forecast.</summary>
    /// <param name="plan">A forecast of the recipe that is brewed.</param>
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

    /// <summary>The first of the steps that lead to one without a pause, and without a pour that needs the scale: before it the hands are free.</summary>
    /// <param name="step">The step they lead to.</param>
    public int AfterPauseBefore(int step)
    {
        while (step > Anchor + 1 && (Steps[step].At ?? Steps[step].Low) is null && Steps[step - 1] is { Ends: not StepEnding.Clock, Weighed: false })
        {
            step--;
        }

        return step;
    }

    /// <summary>From when until when a step will do, s on the clock: its own window, or what is left of the wait before it.</summary>
    /// <param name="at">The step.</param>
    /// <param name="dueS">When it is due, s.</param>
    /// <param name="beforeS">When the step before it really began, s.</param>
    public (double? LowS, double? HighS) WindowOf(int at, double dueS, double? beforeS)
    {
        var step = Steps[at];
        return step.WaitHigh is not null ? (dueS + step.WaitLow, dueS + step.WaitHigh)
            : step.High is null && at > Anchor + 1 && Steps[at - 1] is { WaitHigh: { } highS } wait ? (beforeS + wait.WaitLow, beforeS + highS)
            : (step.Low, step.High);
    }

    /// <summary>From when a step must be answered, s on the clock: a release when it is due or its window is over, any other when its window is over; null where it never must.</summary>
    /// <param name="present">The step at hand, while the clock runs.</param>
    public double? InsistsFromS(PresentStep present)
    {
        var step = Steps[present.Index];
        return present.BegunS is not null ? null
            : step.Release ? Math.Max(present.DueS, present.HighS ?? 0)
            : step.Ends == StepEnding.Hands && present.HighS is { } highS ? Math.Max(present.DueS, highS)
            : null;
    }
}
