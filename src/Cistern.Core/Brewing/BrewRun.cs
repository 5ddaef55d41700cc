using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Brewing;

/// <summary>What a press says.</summary>
public enum PressKind
{
    /// <summary>The step at hand is done; before the clock runs, everything is ready and it starts.</summary>
    Done,

    /// <summary>The press before this one was a mistake.</summary>
    Undo,
}

/// <summary>One press of a hand.</summary>
/// <param name="Kind">What it says.</param>
/// <param name="StepIndex">The step it was meant for.</param>
/// <param name="ElapsedS">On the brew clock, s; 0 or less before the clock runs.</param>
public readonly record struct Press(PressKind Kind, int StepIndex, double ElapsedS);

/// <summary>A step that has been done.</summary>
/// <param name="Index">Its place in the recipe.</param>
/// <param name="StartS">When it really began, s; null before the clock ran.</param>
/// <param name="EndS">When it was really done, s; null before the clock ran.</param>
/// <param name="ByItself">Ended by the clock, with no press.</param>
public readonly record struct DoneStep(int Index, double? StartS, double? EndS, bool ByItself);

/// <summary>A step still to come, or at hand.</summary>
/// <param name="Index">Its place in the recipe.</param>
/// <param name="StartS">When it is due, s on the clock.</param>
/// <param name="LengthS">How long it should take, s.</param>
public readonly record struct DueStep(int Index, double StartS, double LengthS)
{
    /// <summary>When it should end, s.</summary>
    public double EndS => StartS + LengthS;
}

/// <summary>Where a brew stands: worked out anew from its plan and its presses, so there is nothing to lose.</summary>
/// <param name="Done">What has been done, in order.</param>
/// <param name="Present">The step at hand, or null when all are done.</param>
/// <param name="Next">The one after it, or null.</param>
/// <param name="ClockRuns">Whether 0:00 has been.</param>
public sealed record BrewRun(ImmutableArray<DoneStep> Done, DueStep? Present, DueStep? Next, bool ClockRuns)
{
    /// <summary>Whether every step has been done.</summary>
    public bool Finished => Present is null;

    /// <summary>When the last step was done, s.</summary>
    public double EndS => Done.IsEmpty ? 0 : Done[^1].EndS ?? 0;

    /// <summary>Whether a step ends by itself at its time, with no hand on it.</summary>
    public static bool EndsByItself(Step step) => Verb.TraitsOf(step).Ends == StepEnding.Clock;

    /// <summary>
    /// Whether the clock starts when the step is <em>done</em>: every moment that is 0:00 is the beginning of something
    /// but <c>water-in</c>, which is its end.
    /// </summary>
    public static bool StartsAtItsEnd(Recipe recipe) => recipe.ClockStarts == ClockStart.WaterIn;

    /// <summary>Works out where a brew stands.</summary>
    /// <param name="plan">The forecast it is brewed by.</param>
    /// <param name="presses">Every press so far, in the order they were taken.</param>
    /// <param name="nowS">The time on the brew clock, s; ignored until the clock runs.</param>
    public static BrewRun Replay(Forecast plan, IEnumerable<Press> presses, double nowS)
    {
        var walk = new Walk(plan);
        foreach (var press in Standing(presses))
        {
            walk.Until(press.ElapsedS);
            walk.Press(press.ElapsedS);
        }

        walk.Until(nowS);
        return walk.Stand();
    }

    /// <summary>The presses that count: each undo takes the one before it back.</summary>
    public static IReadOnlyList<Press> Standing(IEnumerable<Press> presses)
    {
        var kept = new List<Press>();
        foreach (var press in presses)
        {
            if (press.Kind == PressKind.Done)
            {
                kept.Add(press);
            }
            else if (kept.Count > 0)
            {
                kept.RemoveAt(kept.Count - 1);
            }
        }

        return kept;
    }

    private sealed class Walk(Forecast plan)
    {
        private readonly Recipe recipe = plan.Recipe;
        private readonly int anchor = RecipeChecker.AnchorIndex(plan.Recipe);
        private readonly ImmutableArray<DoneStep>.Builder done = ImmutableArray.CreateBuilder<DoneStep>();
        private int index;
        private bool clockRuns;
        private double lastEndS;

        /// <summary>The step that starts the clock has begun but takes time: another press ends it.</summary>
        private bool anchorBegun;

        public void Until(double nowS)
        {
            while (clockRuns && index < recipe.Steps.Length && EndsByItself(recipe.Steps[index]))
            {
                var due = Due(index, lastEndS);
                if (due.EndS > nowS)
                {
                    return;
                }

                End(due.StartS, due.EndS, byItself: true);
            }
        }

        public void Press(double elapsedS)
        {
            if (index >= recipe.Steps.Length)
            {
                return;
            }

            if (!clockRuns)
            {
                Start();
                return;
            }

            var startS = Math.Min(elapsedS, Due(index, lastEndS).StartS);
            End(startS, Math.Max(elapsedS, lastEndS), byItself: false);
        }

        /// <summary>The press that starts the clock also says that everything before it has been done.</summary>
        private void Start()
        {
            while (index < anchor)
            {
                done.Add(new DoneStep(index++, null, null, ByItself: false));
            }

            clockRuns = true;
            if (StartsAtItsEnd(recipe))
            {
                End(-Length(index), 0, byItself: false);
            }
            else if (Length(index) <= 0)
            {
                // Something done at once, like tipping the coffee in, is done by the press that starts the clock.
                End(0, 0, byItself: false);
            }
            else
            {
                anchorBegun = true;
            }
        }

        public BrewRun Stand()
        {
            DueStep? present = index < recipe.Steps.Length ? Due(index, lastEndS) : null;
            DueStep? next = present is { } at && index + 1 < recipe.Steps.Length ? Due(index + 1, at.EndS) : null;
            return new BrewRun(done.ToImmutable(), present, next, clockRuns);
        }

        private void End(double startS, double endS, bool byItself)
        {
            done.Add(new DoneStep(index++, startS, endS, byItself));
            lastEndS = endS;
        }

        private DueStep Due(int at, double afterS)
        {
            if (!clockRuns)
            {
                return new DueStep(at, plan.Timings[at].StartS, Length(at));
            }

            var startS = anchorBegun && at == anchor ? 0 : Math.Max(recipe.Steps[at].AtS ?? afterS, afterS);
            return new DueStep(at, startS, Length(at));
        }

        private double Length(int at) => plan.Timings[at].LengthS;
    }
}
