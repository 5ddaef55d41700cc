using System.Text.Json;
using Cistern.Web.Pages.Brewing;

namespace Cistern.Web.Tests;

/// <summary>What a barista is told, in words.</summary>
public sealed class WordingTests
{
    private static readonly FigureFormat Metric = new(Units.Metric);

    [Fact]
    public void Every_verb_has_its_words()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            for (var i = 0; i < recipe.Steps.Length; i++)
            {
                var words = StepWording.Of(recipe, i, Metric);
                Assert.All(new[] { words.Verb, words.GoingOn, words.Says, words.Begins }, word => Assert.NotEqual("", word));
            }
        }
    }

    [Theory]
    [InlineData("vd-coffee-first", 7, "Set it on the server", "Let it draw down", "Set it on the server now", "It is dry")]
    [InlineData("ld-closed", 6, "Open the valve", "Open the valve", "Open now", "It is open")]
    [InlineData("ld-split", 6, "Let it draw down", "Let it draw down", "It draws down now", "It is there")]
    [InlineData("si-whirl", 3, "Wait", "Wait", "Waiting", "Fine and even")]
    [InlineData("si-whirl", 6, "Take the flame away", "Take the flame away", "Take the flame away now", "Flame is away")]
    [InlineData("tp-upright-short", 6, "Press", "Press", "Press now", "It hisses")]
    public void Buttons_are_named_for_what_they_say(string recipeId, int step, string verb, string goingOn, string begins, string says)
    {
        var words = StepWording.Of(RecipeLibrary.Find(recipeId)!, step, Metric);
        Assert.Equal((verb, goingOn, begins, says), (words.Verb, words.GoingOn, words.Begins, words.Says));
    }

    [Fact]
    public void A_step_shows_its_tool_its_path_and_its_note()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var told = recipe with { Steps = [.. recipe.Steps.Select(step => step is Step.Stir stir ? stir with { Tool = "a paddle", Path = "along the wall", Note = "slowly" } : step)] };
        Assert.Equal("with a paddle, along the wall. slowly", StepWording.Of(told, 6, Metric).How);
        Assert.Equal("", StepWording.Of(recipe, 6, Metric).How);
    }

    [Fact]
    public void The_signs_of_a_step_begin_with_how_it_goes_well()
    {
        string First(string id, int step) => StepWording.Of(RecipeLibrary.Find(id)!, step, Metric).Signs is [var sign, ..] ? sign.Sign : "";
        Assert.Equal("Fine bubbles, all over", First("si-whirl", 3));
        Assert.Equal("A steady stream, the level falls evenly", First("vd-coffee-first", 7));
        Assert.Equal("The cup below fills, and bubbles at the end", First("si-whirl", 8));
        Assert.Equal("A crust has risen, and smells sweet", First("fp-bloomed", 6));
        Assert.Equal("", First("fp-bloomed", 0));
    }

    [Theory]
    [InlineData(FlowOf.Drain, 130, 80, 105, true, "Drawdown 2:10, 25 s slower than its window, 1:20 to 1:45: a fine grind, much stirring, or very fresh coffee.")]
    [InlineData(FlowOf.Drain, 60, 80, 105, false, "Drawdown 1:00, 20 s faster than the expected 1:20 to 1:45: a coarse grind, or the filter has folded.")]
    [InlineData(FlowOf.Press, 60, 20, 40, true, "Pressed in 1:00, 20 s slower than its window, 0:20 to 0:40: the bed was tight.")]
    [InlineData(FlowOf.Press, 10, 20, 40, true, "Pressed in 0:10, 10 s faster than its window, 0:20 to 0:40: the bed was loose.")]
    [InlineData(FlowOf.Press, 40.4, 20, 40, true, "Pressed in 0:40, within its window, 0:20 to 0:40.")]
    [InlineData(FlowOf.Release, 500, 200, 300, true, "The steep ended at 8:20, 3:20 after its window, 3:20 to 5:00: it extracted more.")]
    [InlineData(FlowOf.Release, 190, 200, 300, true, "The steep ended at 3:10, 10 s before its window, 3:20 to 5:00: it extracted less.")]
    [InlineData(FlowOf.Release, 250, 200, 300, true, "The steep ended at 4:10, within its window, 3:20 to 5:00.")]
    [InlineData(FlowOf.Finish, 199, 200, 300, false, "Done at 3:19, 1 s before the expected 3:20 to 5:00.")]
    [InlineData(FlowOf.Finish, 301, 200, 300, true, "Done at 5:01, 1 s after its window, 3:20 to 5:00.")]
    public void Times_are_compared_with_their_windows_in_words(FlowOf of, double actualS, double lowS, double highS, bool set, string words) =>
        Assert.Equal(words, FlowWording.Of(new FlowVerdict(of, actualS, lowS, highS, set)));

    /// <summary>The stage at moments of one brew: its words, its state, and what a press would say.</summary>
    [Theory]
    [InlineData(5, "Pour", "13", "on", "Poured")]
    [InlineData(20, "Pour", "+2", "grace", "Poured")]
    [InlineData(28, "Lid on", "+10", "grace", "Lid is on")]
    [InlineData(100, "Steep", "2:50", "hold", "Break it now, 2:50 early")]
    [InlineData(271, "Break the crust", "2", "on", "Broken")]
    [InlineData(400, "Wait", "2:38", "hold", "Plunge now, 2:38 early")]
    [InlineData(500, "Wait", "58", "hold", "Plunge now, in its window")]
    [InlineData(560, "Plunge", "2:28", "window", "Plunge now")]
    [InlineData(700, "Plunge", "8", "closing", "Plunge now")]
    [InlineData(720, "Plunge", "+12", "call", "Plunge now")]
    public void The_stage_says_what_to_do_how_far_and_what_a_press_would_say(double atS, string verb, string countdown, string mood, string button)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-long-settle")!);
        var plan = ConductPlan.Of(forecast);
        var run = BrewRun.Replay(plan, [new BrewEntry(Guid.NewGuid(), EntryKind.Start, plan.Anchor, 1_000_000)], 1_000_000 + (1000 * atS));
        var stage = Stage.Of(forecast, run, atS, Metric);
        Assert.Equal((verb, countdown, mood, button), (stage.Verb, stage.Countdown, stage.Mood, stage.Action!.Word));
    }

    /// <summary>A wait that is over before the next step's time: how early it is relates to that time.</summary>
    [Fact]
    public void What_follows_a_wait_at_its_own_time_is_early_by_that_time()
    {
        var written = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var forecast = written.Again(Cistern.Core.Planning.Gesture.Find("break-skim-and-settle")!.Put(written, 120)!.Value.Recipe);
        var plan = ConductPlan.Of(forecast);
        var wait = forecast.Recipe.Steps.ToList().FindIndex(step => step is Step.Wait);
        var atS = forecast.Timings[wait].StartS + 10;
        var plungeS = forecast.Timings[wait + 1].StartS;
        var run = BrewRun.Replay(plan, [new BrewEntry(Guid.NewGuid(), EntryKind.Start, plan.Anchor, 1_000_000)], 1_000_000 + (1000 * atS));
        Assert.Equal($"Plunge now, {FigureFormat.Clock(Math.Ceiling(plungeS - atS - 0.01))} early", Stage.Of(forecast, run, atS, Metric).Action!.Word);
    }

    /// <summary>Nothing steeps while the valve is open.</summary>
    [Theory]
    [InlineData(20, "Wait")]
    [InlineData(60, "Wait")]
    [InlineData(140, "Steep")]
    public void Water_through_an_open_valve_is_not_called_a_steep(double atS, string verb)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("ld-open-closed-iced")!);
        var plan = ConductPlan.Of(forecast);
        var run = BrewRun.Replay(plan, [new BrewEntry(Guid.NewGuid(), EntryKind.Start, plan.Anchor, 1_000_000)], 1_000_000 + (1000 * atS));
        Assert.Equal((verb, "hold"), (Stage.Of(forecast, run, atS, Metric).Verb, Stage.Of(forecast, run, atS, Metric).Mood));
    }

    public static TheoryData<int> Told => [0, 1, 2];

    /// <summary>
    /// The cases of tests/browser/brew-run.test.mjs: what the page says by itself, the server says too, for the plan that it sends to
    /// the page.
    /// </summary>
    [Theory]
    [MemberData(nameof(Told))]
    public void The_server_says_at_every_moment_what_the_screen_says(int which)
    {
        const double Zero = 1_700_000_000_000;
        using var file = JsonDocument.Parse(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "cases", "stage.json")));
        var told = file.RootElement[which];
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(told.GetProperty("recipe").GetString()!)!);
        var plan = ConductPlan.Of(forecast);
        var given = JsonSerializer.SerializeToElement(PagePlan.Of(forecast, Metric), PageBrew.Json).GetProperty("steps");
        foreach (var (step, page) in told.GetProperty("plan").GetProperty("steps").EnumerateArray().Zip(given.EnumerateArray()))
        {
            // How long it drains is chosen by the case; everything else is the recipe's.
            Assert.All(step.EnumerateObject().Where(member => member.Value.ValueKind != JsonValueKind.Number), member => Assert.True(JsonElement.DeepEquals(member.Value, page.GetProperty(member.Name)), $"{member.Name}: {member.Value} and {page.GetProperty(member.Name)}"));
        }

        foreach (var moment in told.GetProperty("moments").EnumerateArray())
        {
            var entries = moment.GetProperty("entries").EnumerateArray().Select(entry => new BrewEntry(Guid.NewGuid(), Words<EntryKind>.Find(entry[0].GetString())!.Value, entry[1].GetInt32(), Zero + (1000 * entry[2].GetDouble())));
            var atS = moment.GetProperty("at").GetDouble();
            var stage = Stage.Of(forecast, BrewRun.Replay(plan, entries, Zero + (1000 * atS)), atS, Metric);
            string[] says = [stage.Verb, stage.Target, stage.Countdown, stage.Mood, stage.About, stage.Then, stage.Action is { } action ? $"{Words<EntryKind>.Of(action.Kind)} {action.Step} {action.Word}" : "", stage.Beforehand, string.Join("; ", stage.Also.Select(one => $"{one.Step} {one.Word}"))];
            Assert.Equal(moment.GetProperty("says").EnumerateArray().Select(text => text.GetString()), says);
        }
    }

    /// <summary>Before the stir that the drain follows at once, not between the two; after the wait that comes before a plunge.</summary>
    [Theory]
    [InlineData("vd-coffee-first", 6, "Empty the server and put it beside the dripper")]
    [InlineData("fp-slow-eight", 5, "Off the scale, on a firm surface")]
    [InlineData("fp-long-settle", 9, "Off the scale, on a firm surface")]
    [InlineData("tp-turned", 5, "Empty the server and put it to hand, all off the scale")]
    [InlineData("ld-open-closed-iced", 10, "Put the server with its ice under the dripper")]
    [InlineData("si-layers", 6, "Have the stand for the top chamber and a damp cloth to hand")]
    [InlineData("jar-spoons", 6, "Have a server and a dry cloth to hand")]
    public void Preparation_for_the_end_of_the_steep_stands_where_the_hands_are_free(string id, int index, string text) =>
        Assert.Equal((index, text), StepWording.BeforehandIn(ForecastModel.Published.Run(RecipeLibrary.Find(id)!), new FigureFormat(Units.Metric)));

    [Fact]
    public void Over_cold_water_no_caution_speaks_of_heat()
    {
        foreach (var recipe in RecipeLibrary.All.Where(recipe => recipe.Brewer.Family != BrewerFamily.Siphon))
        {
            string[] Cautions(Recipe of) => [.. of.Steps.Select((step, i) => step is Step.Preheat or Step.RinseFilter or Step.HeatWater ? null : StepWording.Of(of, i, Metric).Caution).OfType<string>()];
            Assert.Contains(Cautions(recipe), SpeaksOfHeat);
            var cold = recipe with { Water = recipe.Water with { TemperatureC = 8 }, Steps = [.. recipe.Steps.Select(step => step is Step.Pour pour ? pour with { TemperatureC = null } : step)] };
            Assert.DoesNotContain(Cautions(cold), SpeaksOfHeat);
        }
    }

    private static bool SpeaksOfHeat(string caution) => new[] { "hot", "boil", "scald", "steam" }.Any(word => caution.Contains(word, StringComparison.OrdinalIgnoreCase));

    /// <summary>Words alone show no difference of a few grams of water: the direction is said instead.</summary>
    [Fact]
    public void Taste_first_a_correction_says_which_way_the_cup_is_off()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-slow-eight")!);
        var byTaste = new FigureFormat(Units.Metric, Equipment.Everything with { ByTaste = true });
        var weaker = forecast.Again(forecast.Recipe with { Water = forecast.Recipe.Water with { TemperatureC = forecast.Recipe.Water.TemperatureC - 1 } });
        var told = DeviationWording.Of(new Deviation(DeviationKind.ReleasedLate, 5, 104), new Core.Planning.Correction(null, 12, weaker, 2, 0.4), forecast.Recipe, forecast, 100, byTaste);
        Assert.EndsWith(", a little strong.", told.Effect, StringComparison.Ordinal);
        Assert.Equal("Dilute with 12 g of water: nearer to the plan.", told.Offer);
    }

    [Fact]
    public void Who_has_no_scale_takes_nothing_off_it()
    {
        var bare = new FigureFormat(Units.Metric, Equipment.Everything with { Scale = false });
        foreach (var recipe in RecipeLibrary.All)
        {
            Assert.DoesNotContain(recipe.Steps.Select((_, i) => StepWording.Of(recipe, i, bare)), words => words.Caution?.Contains("scale", StringComparison.OrdinalIgnoreCase) == true || words.Beforehand.Contains("scale", StringComparison.OrdinalIgnoreCase));
        }
    }

    [Theory]
    [InlineData(DeviationKind.ReleaseDue, 39, null, 15, "Late, 39 s. Plunge now, then dilute with 15 g of water")]
    [InlineData(DeviationKind.ReleasedLate, 104, null, 20, "The steep ended 1:44 late. Dilute with 20 g of water")]
    [InlineData(DeviationKind.ReleasedEarly, 20, null, 0, "The steep ended 20 s early.")]
    [InlineData(DeviationKind.PouredOver, 14, 450.0, 0, "Poured 14 g over. Plunge at 7:30")]
    [InlineData(DeviationKind.PouredUnder, 14, 102.0, 0, "Poured 14 g short. Plunge now")]
    [InlineData(DeviationKind.DoseOver, 1.2, null, 30, "1.2 g of coffee over. Dilute with 30 g of water")]
    [InlineData(DeviationKind.DrainSlow, 25, null, null, "A slow drawdown, 25 s over.")]
    [InlineData(DeviationKind.DrainStalled, 100, null, null, "The drawdown has taken over four minutes and may have stalled.")]
    [InlineData(DeviationKind.PressSlow, 12, null, null, "It presses hard, 12 s over.")]
    public void A_deviation_is_said_in_one_line_with_what_is_best_done(DeviationKind kind, double amount, double? steepEndAtS, int? dilutionG, string says)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-slow-eight")!);
        var correction = dilutionG is { } waterG ? new Core.Planning.Correction(steepEndAtS, waterG, forecast, 2, 0.4) : null;
        var one = new Deviation(kind, kind == DeviationKind.PouredUnder ? 3 : 5, amount);
        var told = DeviationWording.Of(one, correction, forecast.Recipe, forecast, 100, Metric);
        // Seconds that still count up are shown by the stage alone; the log has them.
        Assert.Equal(kind is not (DeviationKind.ReleaseDue or DeviationKind.DrainSlow or DeviationKind.PressSlow), told.Line.StartsWith(told.What, StringComparison.Ordinal));
        Assert.Equal(says, $"{told.Line[..told.Line.IndexOf(told.Effect, StringComparison.Ordinal)]}{told.Offer.Split(':')[0]}{(told.Offer.Contains(":30", StringComparison.Ordinal) ? ":30" : "")}".Trim());
        Assert.Equal(correction is not null, told.Effect.Contains("As it is going: 1.11 % TDS, balanced.", StringComparison.Ordinal));
        // While the water is with the coffee the missing amount can be poured; once it has drained it cannot.
        Assert.Equal(kind == DeviationKind.PouredUnder, told.Effect.StartsWith("Pour the rest now", StringComparison.Ordinal));
        Assert.DoesNotContain("the rest", DeviationWording.Of(one, correction, forecast.Recipe, forecast, 500, Metric).Effect, StringComparison.Ordinal);
        Assert.Equal(correction is { DilutionG: > 0 } or { SteepEndAtS: not null }, told.Offer.EndsWith(": 1.11 % TDS, balanced.", StringComparison.Ordinal));
        Assert.StartsWith("Leave it on the grounds and pour off at 5:00: ", DeviationWording.Of(one, new Core.Planning.Correction(null, 0, forecast, 2, 0.4) { PourOffAtS = 300 }, forecast.Recipe, forecast, 100, Metric).Offer, StringComparison.Ordinal);
        // A correction that hardly improves the cup is not offered; a steep that is late still has to end.
        Assert.Equal(kind == DeviationKind.ReleaseDue, DeviationWording.Of(one, new Core.Planning.Correction(null, 0, forecast, 2, 2), forecast.Recipe, forecast, 100, Metric).Effect.EndsWith(". Plunge now; nothing else would help.", StringComparison.Ordinal));
        Assert.Equal("", correction is null ? "" : DeviationWording.Of(one, correction with { MissAfter = 1.8 }, forecast.Recipe, forecast, 100, Metric).Offer);
    }
}
