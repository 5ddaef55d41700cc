using System.Text.Json.Nodes;
using CsCheck;

namespace Cistern.Core.Tests;

public sealed class StepEditingTests
{
    private static readonly Recipe Dripper = RecipeLibrary.Find("vd-coffee-first")!;

    /// <summary>Whoever removes the breaking of the crust does not mean to remove the four minutes before it.</summary>
    [Fact]
    public void Removing_a_timed_step_keeps_the_steep_before_it()
    {
        var press = ForecastModel.Published.Figures(RecipeLibrary.Find("fp-bloomed")!);
        var without = ForecastModel.Published.Figures(StepEditing.Remove(press, 6));
        Assert.DoesNotContain(without.Recipe.Steps, step => step is Step.BreakCrust);
        Assert.Equal(Settings.Get(press, Setting.SteepEndS)!.Value, Settings.Get(without, Setting.SteepEndS)!.Value, 0.06);
        // A step without a time of its own leaves no gap behind, and a wait that is removed is meant to go.
        var dripper = ForecastModel.Published.Figures(RecipeLibrary.Find("fp-long-settle")!);
        Assert.Equal(dripper.Totals.FinishS - 270, ForecastModel.Published.Figures(StepEditing.Remove(dripper, 8)).Totals.FinishS, 0.1);
        var swirled = ForecastModel.Published.Figures(StepEditing.Remove(press, 3));
        Assert.Equal(press.Totals.FinishS, swirled.Totals.FinishS, 0.1);
        Assert.Equal(40, swirled.Recipe.Steps[3].AtS);
    }

    [Fact]
    public void A_window_of_a_beginning_goes_where_its_step_goes()
    {
        var soak = ForecastModel.Published.Figures(RecipeLibrary.Find("ld-long-soak-iced")!);
        Assert.Equal(new Span(190, 460), Settings.With(soak, Setting.SteepEndS, 250).Steps[5].Window);
        Assert.Equal(new Span(140, 410), StepEditing.Start(soak, 5, 200).Steps[5].Window);
        var water = ForecastModel.Published.Figures(RecipeLibrary.Find("fp-water-first")!);
        var told = StepEditing.Clock(water, ClockStart.FirstWater)!;
        Assert.Equal(new Span(225, 270), told.Steps.OfType<Step.Plunge>().Single().Window);
        var tube = RecipeLibrary.Find("tp-upright-short")!;
        var press = ForecastModel.Published.Figures(tube with { Steps = [.. tube.Steps.Select(step => step is Step.Press ? step with { StartWindow = new Span(50, 60) } : step)] });
        var moved = Settings.With(press, Setting.SteepEndS, 65).Steps.OfType<Step.Press>().Single();
        // The window of its length is not a time on the clock.
        Assert.Equal((new Span(60, 70), new Span(20, 35)), (moved.StartWindow!.Value, moved.Window!.Value));
    }

    [Fact]
    public void Every_verb_of_every_family_can_be_added_edited_and_removed()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            foreach (var verb in StepEditing.VerbsFor(recipe.Brewer.Family))
            {
                var longer = StepEditing.Add(recipe, recipe.Steps.Length - 1, verb);
                Assert.Equal(verb, Verb.Of(longer.Steps[^1]));
                foreach (var name in verb.Takes)
                {
                    var member = Member.Named(verb.Word == "stir" && name == "path" ? "stir.path" : name);
                    JsonNode value = member.Kind switch
                    {
                        MemberKind.Number or MemberKind.Whole => Math.Max(member.Min, Math.Min(member.Max, 7)),
                        MemberKind.Flag => false,
                        MemberKind.Word => member.Words[^1],
                        _ => "so",
                    };
                    var edit = StepEditing.Change(longer, longer.Steps.Length - 1, new Dictionary<string, JsonNode?> { [name] = value });
                    Assert.True(edit.Recipe is not null, $"{verb.Word}.{name}: {string.Join(" ", edit.Findings)}");
                    // A member at its default is not written.
                    Assert.Equal(value.ToJsonString(), StepEditing.Members(edit.Recipe.Steps[^1])[name]?.ToJsonString() ?? value.ToJsonString());
                }

                Assert.Equal(recipe.Steps.AsEnumerable(), StepEditing.Remove(ForecastModel.Published.Figures(longer), longer.Steps.Length - 1).Steps);
            }
        }
    }

    [Fact]
    public void A_value_out_of_range_is_refused_at_its_member()
    {
        var edit = StepEditing.Change(Dripper, 3, new Dictionary<string, JsonNode?> { ["toG"] = 9_000 });
        Assert.Null(edit.Recipe);
        Assert.Equal("toG", Assert.Single(edit.Findings).Place);
    }

    [Fact]
    public void However_a_plan_is_edited_it_can_be_forecast_and_saved()
    {
        var edits = Gen.Select(Gen.Int[0, 20], Gen.Int[0, 4], Gen.Int[0, 40], Gen.Double[-100, 900]).Array[1, 25];
        edits.Sample(script =>
        {
            var recipe = RecipeLibrary.All[script[0].Item1];
            foreach (var (_, what, where, atS) in script)
            {
                var index = where % recipe.Steps.Length;
                var verbs = StepEditing.VerbsFor(recipe.Brewer.Family);
                recipe = what switch
                {
                    0 when recipe.Steps.Length > 1 => StepEditing.Remove(ForecastModel.Published.Figures(recipe), index),
                    1 => StepEditing.Move(recipe, index, where % 2 == 0 ? -1 : 1),
                    2 => StepEditing.Add(recipe, index, verbs[where % verbs.Count]),
                    3 => StepEditing.Start(ForecastModel.Published.Figures(recipe), index, atS),
                    _ => StepEditing.End(ForecastModel.Published.Figures(recipe), index, atS),
                };
            }

            var forecast = ForecastModel.Published.Run(recipe);
            Assert.NotEmpty(forecast.Series);
            Assert.All(forecast.Timings, timing => Assert.True(double.IsFinite(timing.StartS) && timing.EndS >= timing.StartS));
            Assert.True(double.IsFinite(forecast.Totals.FinalTdsPercent) && double.IsFinite(forecast.Totals.FlavourBalance) && double.IsFinite(forecast.Totals.PeakVolumeMl));
            Assert.Equal(RecipeWriter.Write(recipe), RecipeWriter.Write(Assert.Single(RecipeReader.ReadDraft(RecipeWriter.Write(recipe)).Recipes)));
            Assert.All(Confidence.Of(forecast).Values, band => Assert.True(double.IsFinite(band.Low) && double.IsFinite(band.High)));
            Assert.NotNull(Tolerances.Of(forecast));
            Assert.All(Sensitivities.Of(forecast), sensitivity => Assert.True(double.IsFinite(sensitivity.TdsPercent)));
            Assert.True(double.IsFinite(Preparation.Of(forecast, new PreparationGear(null, 1)).LeadS));
        }, iter: 400);
    }

    [Fact]
    public void Two_pours_that_change_places_keep_their_totals_in_order()
    {
        var recipe = RecipeLibrary.Find("fp-slow-eight")!;
        var second = recipe.Steps.IndexOf(recipe.Steps.OfType<Step.Pour>().Last());
        var moved = StepEditing.Move(recipe, second, -1);
        Assert.DoesNotContain(RecipeChecker.Check(moved), finding => finding.Severity == Severity.Error);
        Assert.Equal(recipe.Steps.OfType<Step.Pour>().Select(pour => pour.ToG), moved.Steps.OfType<Step.Pour>().Select(pour => pour.ToG));
    }

    [Fact]
    public void A_steep_ends_where_its_end_is_dragged_to_and_the_rest_follows()
    {
        var forecast = ForecastModel.Published.Run(Dripper);
        var stir = Dripper.Steps.IndexOf(Dripper.Steps.OfType<Step.Stir>().Last());
        var moved = ForecastModel.Published.Run(StepEditing.Start(forecast, stir, 240));
        Assert.Equal(240, moved.Timings[stir].StartS, 0.1);
        Assert.Equal(forecast.Timings[stir + 1].StartS + 60, moved.Timings[stir + 1].StartS, 1.0);
        Assert.True(moved.Totals.ExtractionYieldPercent > forecast.Totals.ExtractionYieldPercent);
    }

    [Fact]
    public void A_longer_pour_delays_only_the_steps_it_would_overlap()
    {
        var forecast = ForecastModel.Published.Run(Dripper);
        var pour = Dripper.Steps.IndexOf(Dripper.Steps.OfType<Step.Pour>().First());
        var stir = Dripper.Steps.IndexOf(Dripper.Steps.OfType<Step.Stir>().Last());
        var little = ForecastModel.Published.Run(StepEditing.End(forecast, pour, forecast.Timings[pour].EndS + 5));
        Assert.Equal(forecast.Timings[stir].StartS, little.Timings[stir].StartS, 0.1);
        var much = ForecastModel.Published.Run(StepEditing.End(forecast, pour, 120));
        Assert.DoesNotContain(much.Events, happening => happening.Kind == BrewEventKind.StepLate);
        Assert.Equal(120, much.Timings[pour].EndS, 0.1);
    }

    [Fact]
    public void Removing_the_end_of_the_steep_is_reported_with_its_alternatives()
    {
        var drain = Dripper.Steps.IndexOf(Dripper.Steps.OfType<Step.Drain>().Single());
        var finding = Assert.Single(RecipeChecker.Check(StepEditing.Remove(ForecastModel.Published.Figures(Dripper), drain)));
        Assert.Equal((Severity.Error, "Add a drain."), (finding.Severity, finding.Remedy));
    }

    [Fact]
    public void The_clock_can_start_at_another_moment_and_the_brew_stays_the_same()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var forecast = ForecastModel.Published.Run(recipe);
            foreach (var start in Enum.GetValues<ClockStart>())
            {
                if (StepEditing.Clock(forecast, start) is not { } told)
                {
                    Assert.True(RecipeChecker.AnchorIndex(recipe with { ClockStarts = start }) < 0);
                    continue;
                }

                Assert.DoesNotContain(RecipeChecker.Check(told), finding => finding.Severity == Severity.Error);
                var totals = ForecastModel.Published.Run(told).Totals;
                Assert.Equal(forecast.Totals.FinalTdsPercent, totals.FinalTdsPercent, 0.01);
                Assert.Equal(forecast.Totals.FinalG, totals.FinalG, 0.5);
                Assert.Equal(forecast.Timings[^1].EndS - forecast.Timings[0].StartS, ForecastModel.Published.Run(told).Timings[^1].EndS - ForecastModel.Published.Run(told).Timings[0].StartS, 0.5);
            }
        }
    }
}
