using System.Collections.Immutable;
using System.Globalization;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Cistern.Core.Tests;

/// <summary>The progress of a brew, by the cases that also drive the page's script (tests/browser/brew-run.test.mjs).</summary>
public sealed class BrewRunTests
{
    /// <summary>0:00 of the cases, ms: far from 0, so that seconds and absolute times cannot be confused.</summary>
    private const double Zero = 1_700_000_000_000;

    private static readonly JsonSerializerOptions Web = new(JsonSerializerDefaults.Web) { Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) } };
    private static readonly JsonElement Cases = Read("conduct.json");

    public static TheoryData<string> Names => [.. Cases.GetProperty("cases").EnumerateArray().Select(one => one.GetProperty("name").GetString()!)];

    [Fact]
    public void A_brew_without_any_one_act_that_can_be_forgotten_is_still_a_brew_and_one_left_open_runs_through()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            foreach (var step in Enumerable.Range(0, recipe.Steps.Length).Where(step => Actuals.CanBeOmitted(recipe.Steps[step])))
            {
                var brewed = AsBrewed.Of(recipe, BrewRun.Replay(ConductPlan.Of(ForecastModel.Published.Run(recipe)), [], Zero), Actuals.None with { Omitted = [step] });
                Assert.IsType<Step.Wait>(brewed.Steps[step]);
                Assert.InRange(ForecastModel.Published.Run(brewed).Totals.FinalTdsPercent, 0.05, 12);
            }

            Assert.DoesNotContain(recipe.Steps, step => step is Step.Pour or Step.AddCoffee or Step.Press or Step.Drain or Step.Decant or Step.SeatChamber or Step.RemoveBurner && Actuals.CanBeOmitted(step));
        }

        var split = RecipeLibrary.Find("ld-open-closed-iced")!;
        var closes = split.Steps.IndexOf(split.Steps.OfType<Step.CloseValve>().Last());
        var open = AsBrewed.Of(split, BrewRun.Replay(ConductPlan.Of(ForecastModel.Published.Run(split)), [], Zero), Actuals.None with { Omitted = [closes] });
        Assert.True(ForecastModel.Published.Run(open).Totals.FinishS < ForecastModel.Published.Run(split).Totals.FinishS - 30);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Case(string name)
    {
        var one = Cases.GetProperty("cases").EnumerateArray().Single(row => row.GetProperty("name").GetString() == name);
        var plan = PlanOf(Cases.GetProperty("plans").GetProperty(one.GetProperty("plan").GetString()!));
        var run = BrewRun.Replay(plan, EntriesOf(one.GetProperty("entries")), Zero + (one.GetProperty("now").GetDouble() * 1000));
        Assert.Equal(one.GetProperty("done").ToString().Replace(" ", "", StringComparison.Ordinal), DoneText(run));
        var expected = one.GetProperty("present");
        if (expected.ValueKind == JsonValueKind.Null)
        {
            Assert.True(run.Finished);
        }
        else
        {
            Assert.Equal((expected[0].GetInt32(), expected[1].GetDouble(), expected[2].GetDouble()), (run.Present!.Index, Near(run.Present.DueS), run.Present.LengthS));
            if (expected.GetArrayLength() > 3)
            {
                var present = JsonSerializer.SerializeToElement(Shown(run.Present));
                Assert.All(expected[3].EnumerateObject(), member => Assert.Equal(member.Value.ToString(), present.GetProperty(member.Name).ToString()));
            }
        }

        if (one.TryGetProperty("started", out var started))
        {
            Assert.Equal(started.GetDouble(), (run.StartedAtMs!.Value - Zero) / 1000);
        }

        if (one.TryGetProperty("last", out var last))
        {
            Assert.Equal((last[0].GetString() is { } place ? IdOf(int.Parse(place[1..], System.Globalization.CultureInfo.InvariantCulture)) : (Guid?)null, last[1].GetInt32()), (run.Last!.Entry, run.Last.Step));
        }

        if (one.TryGetProperty("unheard", out var unheard))
        {
            Assert.Equal(unheard.EnumerateArray().Select(place => IdOf(place.GetInt32())), run.Ineffective);
        }
    }

    [Fact]
    public void Every_recipe_pressed_only_at_the_start_reaches_its_steep_end_in_time_and_waits()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var forecast = ForecastModel.Published.Run(recipe);
            var plan = ConductPlan.Of(forecast);
            var steepEnd = Acts.SteepEndIndex(recipe);
            BrewEntry[] entries = [Entry(EntryKind.Start, plan.Anchor, 0)];
            var dueS = forecast.Timings[steepEnd].StartS;
            var early = BrewRun.Replay(plan, entries, Zero + ((dueS - 0.5) * 1000)).Present!;
            Assert.True(early.Index < steepEnd || early.DueS >= dueS - 0.01, recipe.Id);
            foreach (var atS in new[] { dueS + 0.5, 90_000 })
            {
                var present = BrewRun.Replay(plan, entries, Zero + (atS * 1000)).Present!;
                Assert.Equal((recipe.Id, steepEnd, Math.Round(dueS, 3)), (recipe.Id, present.Index, Math.Round(present.DueS, 3)));
            }
        }
    }

    [Fact]
    public void Every_recipe_pressed_only_where_needed_goes_as_planned()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var forecast = ForecastModel.Published.Run(recipe);
            var run = Brewed(forecast, step => step.EndS);
            Assert.True(run.Finished, recipe.Id);
            var real = ForecastModel.Published.Run(AsBrewed.Of(recipe, run, Actuals.None));
            Assert.Equal(forecast.Totals.TdsPercent, real.Totals.TdsPercent, 0.004);
            Assert.Equal(forecast.Totals.FinishS, real.Totals.FinishS, 0.5);
        }
    }

    [Fact]
    public void A_late_end_of_the_steep_extracts_more_than_was_planned()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var plan = ConductPlan.Of(forecast);
        BrewEntry[] entries = [Entry(EntryKind.Start, 2, 0), Entry(EntryKind.Begun, 7, 440), Entry(EntryKind.Done, 7, 460), Entry(EntryKind.Done, 8, 475)];
        var run = BrewRun.Replay(plan, entries, Zero + 475_000);
        Assert.True(run.Finished);
        var real = ForecastModel.Published.Run(AsBrewed.Of(forecast.Recipe, run, Actuals.None with { PouredG = Poured((4, 420)) }));
        Assert.Equal(420, real.Recipe.WaterG);
        Assert.Equal(475, real.Totals.FinishS, 0.5);
        Assert.True(real.Totals.ExtractionYieldPercent > forecast.Totals.ExtractionYieldPercent + 0.3);
    }

    public static TheoryData<string> Library => [.. RecipeLibrary.All.Select(recipe => recipe.Id)];

    /// <summary>Each recipe brewed badly, later at every step: the brew as it was is forecast from the times its steps really had.</summary>
    [Theory]
    [MemberData(nameof(Library))]
    public void Brewed_badly_it_is_forecast_with_every_step_where_it_really_was(string id)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var plan = ConductPlan.Of(forecast);
        var entries = new List<BrewEntry> { Entry(EntryKind.Start, plan.Anchor, 0) };
        var lateS = 0.0;
        foreach (var timing in forecast.Timings.Skip(plan.Anchor))
        {
            var step = plan.Steps[timing.Index];
            var begun = timing.Index == plan.Anchor && (timing.LengthS <= 0 || plan.StartsAtItsEnd);
            if (begun || step.Ends == StepEnding.Clock)
            {
                continue;
            }

            lateS += 1.5;
            if (timing.Index > plan.Anchor && timing.LengthS > 0)
            {
                entries.Add(Entry(EntryKind.Begun, timing.Index, timing.StartS + lateS));
            }

            entries.Add(Entry(EntryKind.Done, timing.Index, timing.EndS + lateS));
        }

        var run = BrewRun.Replay(plan, entries, Zero + ((forecast.Totals.FinishS + 300) * 1000));
        Assert.True(run.Finished);
        Assert.DoesNotContain(run.Done, step => step.By is EndedBy.Assumed or EndedBy.NotSeen);
        var brewed = AsBrewed.Of(forecast.Recipe, run, Actuals.None);
        Assert.DoesNotContain(RecipeChecker.Check(brewed), finding => finding.Severity == Severity.Error);
        var real = ForecastModel.Published.Run(brewed);
        foreach (var done in run.Done.Where(done => done.By == EndedBy.Press && done.Index > plan.Anchor))
        {
            var timing = real.Timings[done.Index];
            if (plan.Steps[done.Index].Release)
            {
                Assert.Equal(done.StartS!.Value, timing.StartS, 1.0);
            }

            // A drain ends by itself, whatever was pressed.
            if (brewed.Steps[done.Index] is not Step.Drain)
            {
                Assert.Equal(done.EndS!.Value, timing.EndS, 0.6);
            }
        }

        // With everything a little later it extracts a little more, and the strength hardly falls.
        Assert.True(real.Totals.ExtractionYieldPercent > forecast.Totals.ExtractionYieldPercent - 0.02, $"{real.Totals.ExtractionYieldPercent} after {forecast.Totals.ExtractionYieldPercent}");
    }

    [Fact]
    public void While_it_runs_what_is_late_comes_no_sooner_than_now_and_the_cup_gets_stronger()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);
        var plan = ConductPlan.Of(forecast);
        BrewEntry[] entries = [Entry(EntryKind.Start, plan.Anchor, 0)];
        double TdsAt(double nowS, params BrewEntry[] more)
        {
            var run = BrewRun.Replay(plan, [.. entries, .. more], Zero + (nowS * 1000));
            return ForecastModel.Published.Run(AsBrewed.Of(forecast.Recipe, run, Actuals.None, nowS)).Totals.FinalTdsPercent;
        }

        var steepEnd = Acts.SteepEndIndex(forecast.Recipe);
        Assert.Equal(forecast.Totals.FinalTdsPercent, TdsAt(100), 0.003);
        Assert.True(TdsAt(400) > TdsAt(250) + 0.01 && TdsAt(250) > forecast.Totals.FinalTdsPercent + 0.005);
        Assert.Equal(TdsAt(250), TdsAt(400, Entry(EntryKind.Begun, steepEnd, 250)), 0.001);
    }

    [Fact]
    public void Measured_figures_replace_planned_ones()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("tp-short-bypass")!);
        var run = Brewed(forecast, step => step.EndS);
        var real = AsBrewed.Of(forecast.Recipe, run, Actuals.None with { DoseG = 17.2, WaterC = 88, DilutionG = 90 });
        Assert.Equal((17.2, 88, 90), (real.Coffee.DoseG, real.Water.TemperatureC, real.Steps.OfType<Step.Dilute>().Single().WaterG));
        var plain = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        Assert.Equal(25, AsBrewed.Of(plain.Recipe, Brewed(plain, step => step.EndS), Actuals.None with { DilutionG = 25 }).Steps.OfType<Step.Dilute>().Single().WaterG);
        Assert.Empty(AsBrewed.Of(plain.Recipe, Brewed(plain, step => step.EndS), Actuals.None with { DilutionG = 0 }).Steps.OfType<Step.Dilute>());
        var iced = ForecastModel.Published.Run(RecipeLibrary.Find("ld-long-soak-iced")!);
        Assert.Equal(180, AsBrewed.Of(iced.Recipe, Brewed(iced, step => step.EndS), Actuals.None with { IceG = 180 }).Steps.OfType<Step.Ice>().Single().IceG);
    }

    /// <summary>A pour that took a little longer was slower; one that ended far too late was started late.</summary>
    [Fact]
    public void A_pour_a_little_late_was_stretched_and_one_far_too_late_was_begun_late()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var plan = ConductPlan.Of(forecast);
        Step.Pour PouredBy(double endS)
        {
            // It goes on until it is said to be done: a pour of 16 s from 0:40.
            BrewEntry[] entries = [Entry(EntryKind.Start, plan.Anchor, 0), Entry(EntryKind.Still, 4, 57), Entry(EntryKind.Done, 4, endS)];
            return (Step.Pour)AsBrewed.Of(forecast.Recipe, BrewRun.Replay(plan, entries, Zero + 120_000), Actuals.None).Steps[4];
        }

        Assert.Equal((40, 23), (PouredBy(63).AtS, PouredBy(63).OverS));
        Assert.Equal((40, 24), (PouredBy(64).AtS, PouredBy(64).OverS));
        Assert.Equal((49, 16), (PouredBy(65).AtS, PouredBy(65).OverS));
    }

    [Fact]
    public void A_later_total_is_never_under_one_already_poured()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var run = Brewed(forecast, step => step.EndS);
        var pours = AsBrewed.Of(forecast.Recipe, run, Actuals.None with { PouredG = Poured((2, 60), (4, 50)) }).Steps.OfType<Step.Pour>().Select(pour => Math.Round(pour.ToG, 3));
        Assert.Equal([60, 60.1], pours);
        // Ice in the server may be the very first step.
        var iced = RecipeLibrary.Find("ld-open-closed-iced")!;
        var first = iced with { Steps = [iced.Steps[2], .. iced.Steps[..2], .. iced.Steps[3..]] };
        Assert.Equal(99, AsBrewed.Of(first, Brewed(ForecastModel.Published.Run(first), step => step.EndS), Actuals.None with { IceG = 99 }).Steps.OfType<Step.Ice>().Single().IceG);
    }

    [Fact]
    public void A_window_that_closed_before_its_step_came_due_insists_only_from_when_it_is_due()
    {
        var plan = new ConductPlan(0, false, [new ConductStep(StepEnding.Hands, 10, 0), new ConductStep(StepEnding.Hands, 4, 20, 15, 30), new ConductStep(StepEnding.Sight, 30), new ConductStep(StepEnding.Hands, 5, Release: true)]);
        BrewEntry[] late = [Entry(EntryKind.Start, 0, 0), Entry(EntryKind.Still, 0, 25), Entry(EntryKind.Done, 0, 26), Entry(EntryKind.Still, 1, 27)];
        Assert.Equal((26, 30), (BrewRun.Replay(plan, late, Zero + 27_000).Present!.DueS, plan.InsistsFromS(BrewRun.Replay(plan, late, Zero + 27_000).Present!)));
        Assert.Equal(35, plan.InsistsFromS(BrewRun.Replay(plan, late, Zero + 27_000).Present! with { DueS = 35 }));
        // A step that has begun, and one that only the eye can end, never insists.
        Assert.Null(plan.InsistsFromS(new PresentStep(1, 20, 4, 21, 15, 30, null, false)));
        Assert.Null(plan.InsistsFromS(new PresentStep(2, 30, 30, null, 1, 2, null, false)));
    }

    /// <summary>Planned for about two minutes, it took four: the measured time is shown, not the expected one.</summary>
    [Fact]
    public void A_slow_drawdown_is_shown_as_long_as_it_took()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);
        var run = Brewed(forecast, timing => forecast.Recipe.Steps[timing.Index] is Step.Drain ? timing.EndS + 124 : timing.EndS);
        Assert.Equal(forecast.Totals.DrawdownS!.Value + 124, Measured.Of(forecast.Recipe, run).DrawdownS!.Value, 0.5);
        Assert.Null(Measured.Of(forecast.Recipe, run).PressS);
    }

    [Fact]
    public void A_hard_press_is_shown_as_long_as_it_took_and_an_assumed_one_is_not_shown()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("tp-upright-short")!);
        var run = Brewed(forecast, timing => timing.EndS + (forecast.Recipe.Steps[timing.Index] is Step.Press ? 20 : 0));
        var press = forecast.Recipe.Steps.OfType<Step.Press>().Single();
        Assert.Equal(press.OverS + 20, Measured.Of(forecast.Recipe, run).PressS!.Value, 0.5);
        Assert.Equal(default, Measured.Of(forecast.Recipe, BrewRun.Replay(ConductPlan.Of(forecast), [], Zero)));
        var plunged = ForecastModel.Published.Run(RecipeLibrary.Find("fp-slow-eight")!);
        Assert.Null(Measured.Of(plunged.Recipe, Brewed(plunged, timing => timing.EndS)).PressS);
    }

    [Fact]
    public void Times_are_compared_with_their_windows_or_the_forecast()
    {
        ImmutableArray<FlowVerdict> Of(Recipe recipe, Func<StepTiming, double> endS, double steepEndLateS = 0)
        {
            var forecast = ForecastModel.Published.Run(recipe);
            return FlowVerdicts.Of(forecast, Brewed(forecast, endS, steepEndLateS));
        }

        var valve = RecipeLibrary.Find("ld-closed")!;
        var late = Of(valve, timing => timing.EndS + 40, steepEndLateS: 9).Single(one => one.Of == FlowOf.Release);
        Assert.Equal((144, 127, 143, false, FlowPlace.Over, 1), (late.ActualS, Math.Round(late.LowS, 3), Math.Round(late.HighS, 3), late.Set, late.Place, Math.Round(late.OffS, 3)));
        var drain = Of(valve, timing => timing.EndS + 40).Single(one => one.Of == FlowOf.Drain);
        Assert.Equal((FlowPlace.Over, false), (drain.Place, drain.Set));
        Assert.Equal(0.4, (drain.HighS - drain.LowS) / ((drain.HighS + drain.LowS) / 2), 0.001);
        var tube = RecipeLibrary.Find("tp-upright-short")!;
        var pressed = Of(tube, timing => timing.EndS - 8);
        Assert.Equal(-3, pressed.Single(one => one.Of == FlowOf.Press).OffS, 0.01);
        Assert.Equal((FlowPlace.Under, 20, 35, true), pressed.Where(one => one.Of == FlowOf.Press).Select(one => (one.Place, one.LowS, one.HighS, one.Set)).Single());
        Assert.Equal((70, 95, true), pressed.Where(one => one.Of == FlowOf.Finish).Select(one => (one.LowS, one.HighS, one.Set)).Single());
        var soak = Of(RecipeLibrary.Find("ld-long-soak-iced")!, timing => timing.EndS).Single(one => one.Of == FlowOf.Release);
        Assert.Equal((150, 420, true, FlowPlace.Within, 0), (soak.LowS, soak.HighS, soak.Set, soak.Place, soak.OffS));
        var settled = Of(RecipeLibrary.Find("fp-long-settle")!, timing => timing.EndS).Single(one => one.Of == FlowOf.Release);
        // A wait of 200 to 420 s lets the plunge begin then.
        Assert.Equal((288 + 200, 288 + 420, true), (Math.Round(settled.LowS), Math.Round(settled.HighS), settled.Set));
        // Nothing is expected to end before its steep may end, or after the result of its latest end.
        foreach (var recipe in RecipeLibrary.All.Select(one => one with { Target = null }))
        {
            var times = Of(recipe, timing => timing.EndS);
            var (end, finish) = (times.Single(one => one.Of == FlowOf.Release), times.Single(one => one.Of == FlowOf.Finish));
            Assert.True(finish.LowS >= end.LowS && finish.HighS >= end.HighS && finish.Place == FlowPlace.Within, $"{recipe.Id}: {finish}, {end}");
        }
    }

    [Theory]
    [InlineData("vd-coffee-first")]
    [InlineData("si-whirl")]
    public void A_sparkline_is_the_vessels_lane_in_a_hundred_columns(string id)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var points = Sparkline.Points(forecast).Split(' ').Select(point => point.Split(',')).Select(point => (X: double.Parse(point[0], CultureInfo.InvariantCulture), Y: double.Parse(point[1], CultureInfo.InvariantCulture))).ToList();
        Assert.Equal([(100, 24), (0, 24)], points[^2..]);
        Assert.Equal((0, 100), (points[0].X, points[^3].X));
        double Held(Sample sample) => sample.ContactWaterG + sample.AnnulusG;
        var (fromS, toS) = (forecast.Series[0].TimeS, forecast.Series[^1].TimeS);
        var mostG = forecast.Series.Max(Held);
        Assert.Equal(1, points.Min(point => point.Y), 0.001);
        foreach (var (x, y) in points[..^2].Where((_, i) => i % 7 == 3))
        {
            // A column is a hundredth of the brew wide: within it the level may be anything it was in that time.
            var within = forecast.Series.Where(sample => Math.Abs(sample.TimeS - (fromS + (x / 100 * (toS - fromS)))) <= (toS - fromS) / 190).Select(Held).ToList();
            Assert.InRange((24 - y) / 23 * mostG, within.Min() - (0.06 * mostG / 23) - 0.01, within.Max() + (0.06 * mostG / 23) + 0.01);
        }
    }

    [Fact]
    public void A_steep_end_insists_when_due_or_over_and_not_once_begun()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("ld-long-soak-iced")!);
        var plan = ConductPlan.Of(forecast);
        BrewEntry[] entries = [Entry(EntryKind.Start, plan.Anchor, 0)];
        var present = BrewRun.Replay(plan, entries, Zero + 300_000).Present!;
        Assert.Equal((210, 420), (present.DueS, plan.InsistsFromS(present)));
        var plain = ConductPlan.Of(ForecastModel.Published.Run(RecipeLibrary.Find("fp-slow-eight")!));
        BrewEntry[] begun = [Entry(EntryKind.Start, plain.Anchor, 0), Entry(EntryKind.Begun, 5, 480)];
        Assert.Equal(475, plain.InsistsFromS(BrewRun.Replay(plain, begun[..1], Zero + 476_000).Present!));
        Assert.Null(plain.InsistsFromS(BrewRun.Replay(plain, begun, Zero + 481_000).Present!));
    }

    /// <summary>A brew in which only what must be pressed is pressed; a step that was pressed ends when it is said to end.</summary>
    private static BrewRun Brewed(Forecast forecast, Func<StepTiming, double> endS, double steepEndLateS = 0)
    {
        var plan = ConductPlan.Of(forecast);
        var entries = new List<BrewEntry> { Entry(EntryKind.Start, plan.Anchor, 0) };
        foreach (var timing in forecast.Timings.Skip(plan.Anchor + 1))
        {
            var step = plan.Steps[timing.Index];
            if (step.Release)
            {
                entries.Add(Entry(step.Length > 0 ? EntryKind.Begun : EntryKind.Done, timing.Index, timing.StartS + steepEndLateS));
            }

            if (step.Ends == StepEnding.Sight)
            {
                entries.Add(Entry(EntryKind.Done, timing.Index, endS(timing)));
            }
        }

        return BrewRun.Replay(plan, entries, Zero + ((forecast.Totals.FinishS + 3000) * 1000));
    }

    private static ImmutableDictionary<int, double> Poured(params (int Step, double ToG)[] all) => all.ToImmutableDictionary(one => one.Step, one => one.ToG);

    private static BrewEntry Entry(EntryKind kind, int step, double atS) => new(Guid.NewGuid(), kind, step, Zero + (atS * 1000));

    private static JsonElement Read(string name) => JsonDocument.Parse(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "cases", name))).RootElement;

    private static ConductPlan PlanOf(JsonElement plan) => plan.Deserialize<ConductPlan>(Web)!;

    private static IEnumerable<BrewEntry> EntriesOf(JsonElement entries) => entries.EnumerateArray().Select((entry, i) => new BrewEntry(
        IdOf(i),
        Enum.Parse<EntryKind>(entry[0].GetString()!, ignoreCase: true),
        entry[1].GetInt32(),
        Zero + (entry[2].GetDouble() * 1000),
        entry.GetArrayLength() > 3 && entry[3].ValueKind == JsonValueKind.Number ? IdOf(entry[3].GetInt32()) : null,
        entry.GetArrayLength() > 4 && entry[4].GetBoolean()));

    private static Guid IdOf(int place) => new(place + 1, 0, 0, new byte[8]);

    private static double Near(double value) => Math.Round(value, 3);

    private static double? Near(double? value) => value is { } one ? Near(one) : null;

    private static string DoneText(BrewRun run) => JsonSerializer.Serialize(run.Done.Select(one => new object?[] { one.Index, Near(one.StartS), Near(one.EndS), one.By }));

    private static object Shown(PresentStep present) => new
    {
        index = present.Index,
        due = Near(present.DueS),
        length = present.LengthS,
        begun = Near(present.BegunS),
        low = Near(present.LowS),
        high = Near(present.HighS),
        assumedAt = Near(present.AssumedAtS),
        still = present.Still,
    };
}
