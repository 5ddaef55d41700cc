using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Tests;

/// <summary>The cases of tests/browser/brew-run.test.mjs: the core and the screen must agree.</summary>
public sealed class BrewRunTests
{
    private static readonly Forecast Plan = ForecastModel.Published.Run(RecipeLibrary.Find("fp-long-settle")! with
    {
        Steps =
        [
            new Step.AddCoffee(),
            new Step.Pour(480) { AtS = 0, OverS = 18 },
            new Step.Lid(),
            new Step.BreakCrust { AtS = 60, OverS = 3 },
            new Step.Wait(30),
            new Step.Decant { OverS = 20 },
        ],
    });

    [Fact]
    public void Before_the_clock_nothing_runs()
    {
        var run = BrewRun.Replay(Plan, [], 100);
        Assert.False(run.ClockRuns);
        Assert.Empty(run.Done);
    }

    [Fact]
    public void A_wait_ends_at_its_time_and_a_hand_is_waited_for()
    {
        Press[] presses = [Done(1, 0), Done(1, 20), Done(2, 22), Done(3, 64)];
        Assert.Equal(new DueStep(4, 64, 30), Rounded(BrewRun.Replay(Plan, presses, 80).Present));
        Assert.Equal(new DueStep(5, 94, 20), Rounded(BrewRun.Replay(Plan, presses, 95).Present));
        Assert.Equal(new DueStep(5, 94, 20), Rounded(BrewRun.Replay(Plan, presses, 500).Present));
    }

    [Fact]
    public void A_step_with_a_time_is_due_then_or_when_the_one_before_is_done()
    {
        Assert.Equal(60, BrewRun.Replay(Plan, [Done(1, 0), Done(1, 20), Done(2, 22)], 30).Present!.Value.StartS);
        Assert.Equal(70, BrewRun.Replay(Plan, [Done(1, 0), Done(1, 20), Done(2, 70)], 71).Present!.Value.StartS);
    }

    [Fact]
    public void Undo_takes_the_last_press_back()
    {
        Assert.Equal(1, BrewRun.Replay(Plan, [Done(1, 0), Done(1, 20), Undo(1)], 30).Present!.Value.Index);
        Assert.False(BrewRun.Replay(Plan, [Done(1, 0), Undo(1)], 30).ClockRuns);
        Assert.False(BrewRun.Replay(Plan, [Undo(1)], 30).ClockRuns);
    }

    [Fact]
    public void A_late_release_extracts_more_than_was_planned()
    {
        var plan = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var run = BrewRun.Replay(plan, [Done(2, 0), Done(2, 6), Done(3, 9), Done(4, 56), Done(5, 57), Done(6, 258), Done(7, 460), Done(8, 475)], 475);
        Assert.True(run.Finished);
        var real = ForecastModel.Published.Run(AsBrewed.Of(plan.Recipe, run, new Dictionary<int, double> { [4] = 420 }));
        Assert.Equal(420, real.Recipe.WaterG);
        Assert.Equal(475, real.Totals.FinishS, 0.5);
        Assert.True(real.Totals.ExtractionYieldPercent > plan.Totals.ExtractionYieldPercent + 0.3);
    }

    [Fact]
    public void Brewed_to_the_second_it_is_the_plan()
    {
        foreach (var recipe in RecipeLibrary.All.Where(one => one.Brewer.Family == VesselFamily.FrenchPress))
        {
            var plan = ForecastModel.Published.Run(recipe);
            var anchor = RecipeChecker.AnchorIndex(recipe);
            var presses = new List<Press> { Done(anchor, 0) };
            foreach (var timing in plan.Timings.Skip(anchor))
            {
                if (!BrewRun.EndsByItself(recipe.Steps[timing.Index]) && !(timing.Index == anchor && timing.LengthS <= 0))
                {
                    presses.Add(Done(timing.Index, timing.EndS));
                }
            }

            var run = BrewRun.Replay(plan, presses, plan.Totals.FinishS);
            var real = ForecastModel.Published.Run(AsBrewed.Of(recipe, run, new Dictionary<int, double>()));
            Assert.Equal(plan.Totals.TdsPercent, real.Totals.TdsPercent, 0.003);
            Assert.Equal(plan.Totals.FinishS, real.Totals.FinishS, 0.05);
        }
    }

    private static DueStep? Rounded(DueStep? due) => due is { } one ? new DueStep(one.Index, Math.Round(one.StartS, 6), Math.Round(one.LengthS, 6)) : null;

    private static Press Done(int step, double atS) => new(PressKind.Done, step, atS);

    private static Press Undo(int step) => new(PressKind.Undo, step, 0);

    /// <summary>Planned for about two minutes, it took four: what the clock saw is told, not what was foretold.</summary>
    [Fact]
    public void A_slow_drain_is_told_as_long_as_it_took()
    {
        var plan = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);
        var run = BrewedWith(plan, (step, timing) => step is Step.Drain ? timing.EndS + 124 : timing.EndS);
        Assert.Equal(plan.Totals.DrawdownS!.Value + 124, Measured.Of(plan.Recipe, run).DrawdownS!.Value, 0.5);
        Assert.Null(Measured.Of(plan.Recipe, run).PressS);
    }

    [Fact]
    public void A_hard_press_is_told_as_long_as_it_took()
    {
        var plan = ForecastModel.Published.Run(RecipeLibrary.Find("tp-upright-short")!);
        var late = 0.0;
        var run = BrewedWith(plan, (step, timing) => timing.EndS + (late += step is Step.Press ? 20 : 0));
        var press = plan.Recipe.Steps.OfType<Step.Press>().Single();
        Assert.Equal(press.OverS + 20, Measured.Of(plan.Recipe, run).PressS!.Value, 0.5);
        Assert.Equal(default, Measured.Of(plan.Recipe, BrewRun.Replay(plan, [], 0)));
    }

    private static BrewRun BrewedWith(Forecast plan, Func<Step, StepTiming, double> endS)
    {
        var anchor = RecipeChecker.AnchorIndex(plan.Recipe);
        var presses = new List<Press> { Done(anchor, 0) };
        foreach (var timing in plan.Timings.Skip(anchor))
        {
            var step = plan.Recipe.Steps[timing.Index];
            var begun = timing.Index == anchor && (timing.LengthS <= 0 || BrewRun.StartsAtItsEnd(plan.Recipe));
            if (!begun && !BrewRun.EndsByItself(step))
            {
                presses.Add(Done(timing.Index, endS(step, timing)));
            }
        }

        return BrewRun.Replay(plan, presses, plan.Totals.FinishS + 600);
    }
}
