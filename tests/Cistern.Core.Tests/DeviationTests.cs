using System.Collections.Immutable;

namespace Cistern.Core.Tests;

/// <summary>Deviations seen in time and weight, and the correction offered for each.</summary>
public sealed class DeviationTests
{
    private const double Zero = 1_700_000_000_000;

    [Fact]
    public void A_steep_end_that_is_due_is_a_deviation_once_its_window_is_over_and_shown_from_when_it_was_due()
    {
        var closed = Of("ld-closed");
        Assert.Empty(Deviations.Of(closed, RunOf(closed, 143), Actuals.None, 143));
        Assert.Equal([new Deviation(DeviationKind.ReleaseDue, 6, 39)], Rounded(Deviations.Of(closed, RunOf(closed, 174), Actuals.None, 174)));
        // With a window from 2:30 to 7:00 only the end of the window counts.
        var soak = Of("ld-long-soak-iced");
        Assert.Empty(Deviations.Of(soak, RunOf(soak, 415), Actuals.None, 415));
        Assert.Equal([new Deviation(DeviationKind.ReleaseDue, 5, 30)], Rounded(Deviations.Of(soak, RunOf(soak, 450), Actuals.None, 450)));
    }

    [Fact]
    public void With_a_window_however_narrow_it_is_late_from_the_windows_end()
    {
        var written = RecipeLibrary.Find("ld-closed")!;
        var narrow = ForecastModel.Published.Run(written with { Steps = [.. written.Steps.Select(step => step is Step.OpenValve ? step with { Window = new Span(130, 138) } : step)] });
        Assert.Equal([new Deviation(DeviationKind.ReleaseDue, 6, 36)], Rounded(Deviations.Of(narrow, RunOf(narrow, 174), Actuals.None, 174)));
        Assert.Equal([new Deviation(DeviationKind.ReleasedEarly, 6, 10)], Rounded(Deviations.Of(narrow, RunOf(narrow, 125, (EntryKind.Done, 6, 120)), Actuals.None, 125)));
        // Less than a second is no deviation.
        Assert.Empty(Deviations.Of(narrow, RunOf(narrow, 138.9), Actuals.None, 138.9));
        Assert.Single(Deviations.Of(narrow, RunOf(narrow, 139), Actuals.None, 139));
    }

    [Theory]
    [InlineData(174, DeviationKind.ReleasedLate, 39)]
    [InlineData(100, DeviationKind.ReleasedEarly, 27)]
    public void A_steep_end_that_was_begun_outside_its_window_stays_a_deviation(double beganS, DeviationKind kind, double amount)
    {
        var closed = Of("ld-closed");
        var run = RunOf(closed, beganS + 20, (EntryKind.Done, 6, beganS));
        Assert.Contains(new Deviation(kind, 6, amount), Rounded(Deviations.Of(closed, run, Actuals.None, beganS + 20)));
        var good = RunOf(closed, 150, (EntryKind.Done, 6, 137));
        Assert.Empty(Deviations.Of(closed, good, Actuals.None, 150));
    }

    [Fact]
    public void A_slow_drawdown_is_a_deviation_over_its_length_and_may_have_stalled_after_four_minutes()
    {
        var valve = Of("vd-coffee-first");
        var lengthS = valve.Timings[7].LengthS;
        Deviation? At(double afterS) => Deviations.Of(valve, RunOf(valve, 183 + afterS, (EntryKind.Begun, 7, 183)), Actuals.None, 183 + afterS) is [var deviation, ..] ? deviation : null;
        Assert.Null(At(lengthS * 1.15));
        Assert.Equal((DeviationKind.DrainSlow, 7), (At((lengthS * 1.2) + 10)!.Value.Kind, At((lengthS * 1.2) + 10)!.Value.Step));
        Assert.Equal(10, At((lengthS * 1.2) + 10)!.Value.Amount, 0.5);
        Assert.Equal(DeviationKind.DrainStalled, At(ForecastModel.StallsAfterS + 30)!.Value.Kind);
        Assert.True(At(ForecastModel.StallsAfterS + 30)!.Value.OfFlow);
    }

    [Fact]
    public void A_drawdown_not_begun_is_due_and_not_slow_and_one_that_began_by_itself_can_be_slow()
    {
        // The drain of a valve dripper is its release; the drain of a lever dripper follows the opening and nobody says when it
        // begins.
        var valve = Of("vd-coffee-first");
        Assert.Equal([DeviationKind.ReleaseDue], Deviations.Of(valve, RunOf(valve, 600), Actuals.None, 600).Select(deviation => deviation.Kind));
        var adjustment = Of("ld-closed");
        var lateS = 135 + (adjustment.Timings[7].LengthS * 1.2) + 12;
        Assert.Equal([new Deviation(DeviationKind.DrainSlow, 7, 12)], Deviations.Of(adjustment, RunOf(adjustment, lateS, (EntryKind.Done, 6, 135)), Actuals.None, lateS).Select(deviation => deviation with { Amount = Math.Round(deviation.Amount) }));
    }

    [Theory]
    [InlineData(27.29, null)]
    [InlineData(27.31, DeviationKind.DoseOver)]
    [InlineData(26.71, null)]
    [InlineData(26.69, DeviationKind.DoseUnder)]
    public void A_dose_is_right_to_three_tenths_of_a_gram(double doseG, DeviationKind? kind)
    {
        var bloomed = Of("fp-bloomed");
        Assert.Equal(27, bloomed.Recipe.Coffee.DoseG);
        Assert.Equal(kind, Deviations.Of(bloomed, RunOf(bloomed, 100), new Actuals { DoseG = doseG }, 100).Select(deviation => (DeviationKind?)deviation.Kind).SingleOrDefault());
    }

    [Fact]
    public void A_press_over_its_window_is_a_hard_one()
    {
        var tube = Of("tp-upright-short");
        IEnumerable<Deviation> At(double afterS) => Deviations.Of(tube, RunOf(tube, 55 + afterS, (EntryKind.Begun, 6, 55)), Actuals.None, 55 + afterS);
        Assert.Empty(At(34));
        // The press of the button comes a few seconds after the act itself.
        Assert.Empty(At(39.9));
        Assert.Equal([new Deviation(DeviationKind.PressSlow, 6, 5)], Rounded(At(40)));
    }

    [Fact]
    public void Weights_are_compared_with_the_plan_and_the_latest_comes_first()
    {
        var bloomed = Of("fp-bloomed");
        var actuals = new Actuals { PouredG = ImmutableDictionary<int, double>.Empty.Add(2, 58).Add(4, 391), DoseG = 29 };
        Assert.Equal([new Deviation(DeviationKind.PouredUnder, 4, 14), new Deviation(DeviationKind.PouredOver, 2, 3), new Deviation(DeviationKind.DoseOver, 1, 2)], Rounded(Deviations.Of(bloomed, RunOf(bloomed, 100), actuals, 100)));
        Assert.Empty(Deviations.Of(bloomed, RunOf(bloomed, 100), new Actuals { PouredG = ImmutableDictionary<int, double>.Empty.Add(2, 57.9), DoseG = 27.2 }, 100));
        // Before the clock runs there is no deviation.
        Assert.Empty(Deviations.Of(bloomed, BrewRun.Replay(ConductPlan.Of(bloomed), [], Zero), actuals, 0));
    }

    /// <summary>
    /// Over the whole library, late and with too much water: each correction offered brings the cup nearer than following the plan,
    /// and taking it has the result that was shown.
    /// </summary>
    [Fact]
    public void A_correction_brings_the_cup_nearer_by_as_much_as_it_says()
    {
        var offered = 0;
        foreach (var recipe in RecipeLibrary.All)
        {
            var plan = ForecastModel.Published.Run(recipe);
            var steepEnd = Acts.SteepEndIndex(recipe);
            var nowS = plan.Timings[steepEnd].StartS + 90;
            var run = RunOf(plan, nowS);
            if (run.Present?.Index != steepEnd)
            {
                continue;
            }

            var asItGoes = ForecastModel.Published.Run(AsBrewed.Of(recipe, run, Actuals.None, nowS));
            var correction = Correction.After(asItGoes, plan.Totals, nowS);
            Assert.True(correction.MissAfter <= correction.MissBefore + 0.05, $"{recipe.Id}: {correction.MissBefore:0.00} then {correction.MissAfter:0.00}");
            if (correction.MissBefore <= 1 || correction.DilutionG <= 0)
            {
                continue;
            }

            offered++;
            var changed = ForecastModel.Published.Run(Correction.Changed(plan, correction.SteepEndAtS, correction.PourOffAtS, correction.DilutionG));
            Assert.Equal(new Step.Dilute(correction.DilutionG), changed.Recipe.Steps[^1]);
            Assert.Equal(recipe.Steps.Length + 1, changed.Recipe.Steps.Length);
            // Brewed to its end, with the dilution, it has the expected result.
            var brewed = ForecastModel.Published.Figures(AsBrewed.Of(changed.Recipe, RunOf(changed, nowS), Actuals.None, nowS));
            Assert.Equal(correction.Forecast.Totals.FinalTdsPercent, brewed.Totals.FinalTdsPercent, 0.005);
        }

        Assert.InRange(offered, 5, RecipeLibrary.All.Count);
    }

    /// <summary>Plunged two minutes early, the coffee goes on extracting under the plunger: poured off later it reaches the target.</summary>
    [Fact]
    public void A_steep_plunged_early_is_poured_off_later()
    {
        var plan = Of("fp-bloomed");
        var (plunge, decant) = (7, 8);
        Assert.True(plan.Recipe.Steps[plunge] is Step.Plunge && plan.Recipe.Steps[decant] is Step.Decant);
        (EntryKind, int, double)[] said = [(EntryKind.Begun, plunge, 120), (EntryKind.Done, plunge, 140)];
        var asItGoes = ForecastModel.Published.Run(AsBrewed.Of(plan.Recipe, RunOf(plan, 150, said), Actuals.None, 150));
        Assert.Null(Correction.After(asItGoes, plan.Totals, 200).PourOffAtS);
        var correction = Correction.After(asItGoes, plan.Totals, 150);
        Assert.Null(correction.SteepEndAtS);
        Assert.InRange(correction.PourOffAtS!.Value, 200, 420);
        Assert.True(correction.MissAfter < correction.MissBefore / 3, $"{correction.MissBefore:0.00} then {correction.MissAfter:0.00}");
        var changed = Correction.Changed(plan, null, correction.PourOffAtS, 0);
        Assert.Equal((correction.PourOffAtS, null), (changed.Steps[decant].AtS, changed.Steps[decant].Window));
        var brewed = ForecastModel.Published.Figures(AsBrewed.Of(changed, RunOf(ForecastModel.Published.Run(changed), 150, said), Actuals.None, 150));
        Assert.Equal(correction.Forecast.Totals.FlavourBalance, brewed.Totals.FlavourBalance, 0.01);
        // While the plunge is still ahead, the plunge is moved.
        Assert.Null(Correction.After(plan, Of("fp-slow-eight").Totals, 100).PourOffAtS);
    }

    private static Forecast Of(string id) => ForecastModel.Published.Run(RecipeLibrary.Find(id)!);

    private static BrewRun RunOf(Forecast forecast, double nowS, params (EntryKind Kind, int Step, double AtS)[] said)
    {
        var plan = ConductPlan.Of(forecast);
        return BrewRun.Replay(plan, [new BrewEntry(Guid.NewGuid(), EntryKind.Start, plan.Anchor, Zero), .. said.Select(one => new BrewEntry(Guid.NewGuid(), one.Kind, one.Step, Zero + (1000 * one.AtS)))], Zero + (1000 * nowS));
    }

    private static IEnumerable<Deviation> Rounded(IEnumerable<Deviation> deviations) => deviations.Select(deviation => deviation with { Amount = Math.Round(deviation.Amount, 1) });
}
