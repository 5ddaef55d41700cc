using System.Text.Json;
using Cistern.Bench;

namespace Cistern.Core.Tests;

/// <summary>What to change for the next brew, and why.</summary>
public sealed class AdviceTests
{
    private static readonly ForecastModel Model = ForecastModel.Published;

    [Theory]
    [InlineData("fp-long-settle")]
    [InlineData("tp-upright-short")]
    [InlineData("vd-coffee-first")]
    [InlineData("ld-closed")]
    [InlineData("si-layers")]
    [InlineData("jar-spoons")]
    public void A_barista_who_follows_the_first_advice_reaches_the_target(string id)
    {
        var home = 0;
        for (var seed = 0; seed < 4; seed++)
        {
            var barista = new SimulatedBarista(500 + seed);
            var meant = RecipeLibrary.Find(id)!;
            var wanted = Model.Figures(meant).Totals;
            var target = new Target { TdsPercent = new Span(wanted.FinalTdsPercent - 0.1, wanted.FinalTdsPercent + 0.1), FlavourBalance = new Span(wanted.FlavourBalance - 0.4, wanted.FlavourBalance + 0.4) };
            var plan = meant with { Target = target, Grind = meant.Grind with { MedianUm = meant.Grind.MedianUm * (seed % 2 == 0 ? 1.4 : 0.72) } };
            var line = new List<BrewRecord>();
            for (var brew = 0; brew < 5; brew++)
            {
                var truth = barista.Truth.Figures(plan).Totals;
                Assert.True(truth.PeakVolumeMl <= plan.Brewer.CapacityMl);
                if (target.TdsPercent.Value.Holds(truth.FinalTdsPercent) && target.FlavourBalance.Value.Holds(truth.FlavourBalance))
                {
                    home++;
                    break;
                }

                line.Add(barista.Brew(plan));
                var learned = Fitter.Of(line.Select(one => one.ForFitting()), Model);
                var advice = Advisor.Of(line, learned.Model(Model, line[^1].Keys()), new AdviceGear());
                if (advice.Changes.IsEmpty)
                {
                    break;
                }

                Assert.DoesNotContain(Advisor.KeyOf(advice.Changes[0].Recipe), line.Select(one => Advisor.KeyOf(one.Planned)));
                plan = advice.Changes[0].Recipe;
            }
        }

        Assert.True(home >= 3, $"{home} of 4");
    }

    [Fact]
    public void A_target_that_is_met_is_left_alone()
    {
        var plan = Wanting(RecipeLibrary.Find("ld-closed")!);
        var advice = Advise(Brewed(plan) with { Tasting = Tasted(0, 0) });
        Assert.True(advice.Met);
        Assert.Empty(advice.Changes);
        Assert.Equal(["balanced"], advice.Verdict.Cup.Words);
        // A taster who still calls it very bitter is answered, and told that the forecast disagrees.
        var bitter = Advise(Brewed(plan) with { Tasting = Tasted(4, 0) });
        Assert.Contains(Complaint.Bitter, bitter.Changes[0].Answers);
        Assert.Equal("tasted bitter; expected balanced", bitter.Verdict.BalanceText);
    }

    [Fact]
    public void Coarse_and_sour_is_ground_finer_in_the_grinders_steps_and_no_further_than_needed()
    {
        var grinder = new GrinderScale(0, 60, 1, 60, 26, 0.42);
        var right = Wanting(RecipeLibrary.Find("ld-closed")!);
        var coarse = right with { Grind = grinder.At(26) };
        var advice = Advise(Brewed(coarse) with { Tasting = Tasted(-3, -2) }, new AdviceGear { Grinder = grinder });
        var grind = advice.Changes.First(change => change.Adjustment == Adjustment.Grind);
        Assert.Equal(grinder.MedianUm(26), grind.From, 6);
        Assert.Equal(Math.Round((grind.To - 60) / 26), (grind.To - 60) / 26, 6);
        Assert.True(grind.To < grind.From && grind.Chance > 0.5);
        Assert.True(advice.Aims.All(aim => !aim.Set || aim.Range.Holds(grind.Then.Totals.Of(aim.Outcome)!.Value)));
        // The smallest change that should be enough: it stops short of the recipe's own value.
        Assert.True(grind.To > right.Grind.MedianUm);
        Assert.Equal("medianUm", grind.Setting);
        Assert.Contains("Finer", grind.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void Bought_ground_is_never_ground_otherwise()
    {
        var coarse = Wanting(RecipeLibrary.Find("ld-closed")!) is var right ? right with { Grind = right.Grind with { MedianUm = 800 } } : null!;
        Assert.Contains(Advise(Brewed(coarse)).Changes, change => change.Adjustment == Adjustment.Grind);
        var ground = Advise(Brewed(coarse) with { Coffee = new CoffeeUsed("Night Barge", BoughtGround: true) });
        Assert.DoesNotContain(ground.Changes, change => change.Adjustment == Adjustment.Grind);
        Assert.NotEmpty(ground.Changes);
    }

    [Fact]
    public void A_change_tried_in_the_series_is_not_offered_again()
    {
        var right = Wanting(RecipeLibrary.Find("ld-closed")!);
        var coarse = right with { Grind = right.Grind with { MedianUm = 800 } };
        var first = Advise(Brewed(coarse)).Changes[0];
        // Brewed as advised, then the old plan again: the same advice would repeat a brew.
        var line = (BrewRecord[])[Brewed(first.Recipe), Brewed(coarse)];
        var second = Advisor.Of(line, Model, new AdviceGear());
        Assert.All(second.Changes, change => Assert.NotEqual(Advisor.KeyOf(first.Recipe), Advisor.KeyOf(change.Recipe)));
        Assert.NotEmpty(second.Changes);
    }

    [Fact]
    public void Nothing_runs_over_presses_too_hard_or_boils_away()
    {
        // A full vessel cannot take more water.
        var full = Wanting(RecipeLibrary.Find("fp-bloomed")!) is var right ? right with { Brewer = right.Brewer with { CapacityMl = 470 }, Coffee = right.Coffee with { DoseG = 36 } } : null!;
        Assert.All(Advise(Brewed(full)).Changes, change => Assert.True(change.Then.Totals.PeakVolumeMl <= 0.95 * 470 || change.Then.Totals.PeakVolumeMl < change.Now.Totals.PeakVolumeMl));
        var high = Wanting(RecipeLibrary.Find("hut-press")!) is var hut ? hut with { Grind = hut.Grind with { MedianUm = 1200 }, Water = hut.Water with { TemperatureC = 91 } } : null!;
        Assert.All(Advise(Brewed(high)).Changes, change => Assert.True(change.Recipe.Water.TemperatureC <= 92.5));
        var tube = Wanting(RecipeLibrary.Find("tp-upright-short")!) is var press ? press with { Grind = press.Grind with { MedianUm = 520 } } : null!;
        Assert.All(Advise(Brewed(tube)).Changes, change => Assert.True(change.Then.Totals.PressForceN <= 120));
        // The bag limits the dose.
        var weak = right with { Coffee = right.Coffee with { DoseG = 20 } };
        Assert.All(Advise(Brewed(weak), new AdviceGear { LeftG = 21 }).Changes, change => Assert.True(change.Recipe.Coffee.DoseG <= 21));
    }

    [Fact]
    public void A_stalled_drawdown_speaks_before_the_taste()
    {
        var recipe = Wanting(RecipeLibrary.Find("vd-coffee-first")!) with { };
        var stalled = recipe with { Target = recipe.Target! with { FinishS = null }, Grind = recipe.Grind with { MedianUm = 330 } };
        Assert.True(Model.Figures(stalled).Totals.DrawdownS > 240);
        Advice Drunk(int sourBitter, int thinHeavy) => Advise(Brewed(stalled) with { Measured = new MeasuredFigures { DrawdownS = 300 }, Tasting = Tasted(sourBitter, thinHeavy) });
        var advice = Drunk(3, 1);
        Assert.False(advice.Verdict.Flowed);
        Assert.Equal(Complaint.Stalled, advice.Verdict.Complaints[0]);
        Assert.Contains(Complaint.Stalled, advice.Changes[0].Answers);
        Assert.True(advice.Changes[0].Then.Totals.DrawdownS < 240);
        Assert.Contains("drawdown", advice.Changes[0].Why, StringComparison.Ordinal);
        // For a sour, thin cup it goes no further than the taste allows.
        var sour = Drunk(-2, -2).Changes[0];
        Assert.Contains(Complaint.Stalled, sour.Answers);
        Assert.True(sour.Then.Totals.DrawdownS < sour.Now.Totals.DrawdownS);
    }

    [Fact]
    public void A_press_that_took_longer_than_its_window_wants_a_looser_bed()
    {
        var recipe = RecipeLibrary.Find("tp-upright-short")!;
        var brew = Brewed(recipe) with { Measured = new MeasuredFigures { PressS = 60, PressFelt = PressFelt.Hard }, Tasting = Tasted(0, 0) };
        var advice = Advise(brew);
        Assert.Equal(Complaint.PressHard, advice.Verdict.Complaints[0]);
        Assert.True(advice.Changes[0] is { Adjustment: Adjustment.Grind, To: > 440 } or { Adjustment: Adjustment.PressTime or Adjustment.Dose });
        Assert.True(advice.Changes[0].Then.Totals.PressForceN < advice.Changes[0].Now.Totals.PressForceN);
    }

    [Theory]
    [InlineData("si-layers", null, "fell back", Complaint.FellBack, Adjustment.Flame)]
    [InlineData("fp-bloomed", BedLook.HighAndDry, "", Complaint.HighAndDry, Adjustment.Swirl)]
    [InlineData("fp-bloomed", BedLook.Mud, "", Complaint.Muddy, Adjustment.Settle)]
    [InlineData("jar-spoons", null, "rather muddy", Complaint.Muddy, Adjustment.Settle)]
    [InlineData("ld-closed", null, "tastes of paper", Complaint.Papery, Adjustment.Rinse)]
    [InlineData("vd-water-first", null, "it came too cool", Complaint.TooCool, Adjustment.Preheat)]
    [InlineData("tp-upright-short", null, "weak first runoff", Complaint.WeakRunoff, Adjustment.DrawBack)]
    [InlineData("hut-press", null, "it came too cool", Complaint.TooCool, Adjustment.Wrap)]
    [InlineData("si-layers", BedLook.PastyWalls, "", Complaint.PastyWalls, Adjustment.Swirl)]
    [InlineData("tp-upright-short", null, "rather muddy", Complaint.Muddy, Adjustment.Filter)]
    [InlineData("si-whirl", null, "rather muddy", Complaint.Muddy, Adjustment.Stand)]
    [InlineData("fp-bloomed", null, "flat and dull", Complaint.Flat, Adjustment.Grind)]
    [InlineData("fp-bloomed", null, "astringent", Complaint.Astringent, Adjustment.Grind)]
    public void Each_complaint_has_its_advice(string id, BedLook? bed, string words, Complaint complaint, Adjustment adjustment)
    {
        var recipe = RecipeLibrary.Find(id)!;
        // No change that would answer it has been made already.
        recipe = recipe with { Steps = [.. recipe.Steps.Where(step => step is not (Step.RinseFilter or Step.Preheat))] };
        if (complaint == Complaint.FellBack)
        {
            recipe = recipe with { Steps = [.. recipe.Steps.Select(step => step is Step.LightBurner ? new Step.LightBurner(170) : step)] };
        }

        var advice = Advise(Brewed(Wanting(recipe)) with { Tasting = Tasted(0, 0) with { Bed = bed, Words = words } });
        Assert.Contains(complaint, advice.Verdict.Complaints);
        var change = advice.Changes.First(one => one.Adjustment == adjustment);
        Assert.Contains(complaint, change.Answers);
        Assert.NotEqual(Advisor.KeyOf(recipe), Advisor.KeyOf(change.Recipe));
        Assert.EndsWith(".", change.Why, StringComparison.Ordinal);
        Assert.DoesNotContain(RecipeChecker.Check(change.Recipe), finding => finding.Severity == Severity.Error);
    }

    [Fact]
    public void Too_little_drink_is_answered_by_a_larger_batch_at_the_same_ratio()
    {
        var plan = Wanting(RecipeLibrary.Find("fp-bloomed")!);
        var drunkG = Model.Figures(plan).Totals.FinalG;
        var advice = Advise(Brewed(plan) with { Measured = new MeasuredFigures { BeverageG = drunkG } }, new AdviceGear { CupG = 1.1 * drunkG });
        var more = advice.Changes.First(change => change.Adjustment == Adjustment.Batch);
        Assert.Equal(plan.WaterG / plan.Coffee.DoseG, more.Recipe.WaterG / more.Recipe.Coffee.DoseG, 0.05);
        Assert.InRange(more.Then.Totals.FinalG, 1.04 * drunkG, 1.16 * drunkG);
        Assert.True(more.Costs.CoffeeG > 2);
    }

    [Fact]
    public void Negated_words_are_no_complaint()
    {
        var brew = Brewed(Wanting(RecipeLibrary.Find("fp-bloomed")!));
        Assert.DoesNotContain(Complaint.Muddy, Advise(brew with { Tasting = Tasted(0, 0) with { Words = "clear, not muddy" } }).Verdict.Complaints);
        Assert.Contains(Complaint.Muddy, Advise(brew with { Tasting = Tasted(0, 0) with { Words = "Muddy" } }).Verdict.Complaints);
    }

    [Fact]
    public void A_siphons_temperature_is_what_its_flame_holds()
    {
        var hot = Wanting(RecipeLibrary.Find("si-layers")!) is var right ? Settings.WithTemperature(right, 86) : null!;
        var advice = Advise(Brewed(hot) with { Tasting = Tasted(-3, 0) });
        var change = advice.Changes.First(one => one.Adjustment == Adjustment.Temperature);
        Assert.Equal("holdC", change.Setting);
        Assert.Equal(hot.Water.TemperatureC, change.Recipe.Water.TemperatureC);
        Assert.True(Settings.TemperatureC(change.Recipe) > 86);
    }

    [Fact]
    public void A_brew_that_deviated_is_first_to_be_brewed_as_planned()
    {
        var plan = Wanting(RecipeLibrary.Find("ld-closed")!);
        var planned = Model.Run(plan);
        var late = Settings.With(planned, Setting.SteepEndS, Settings.Get(planned, Setting.SteepEndS)!.Value + 240);
        var advice = Advise(new BrewRecord(Guid.NewGuid(), plan, late with { Water = late.Water with { TemperatureC = 99 } }) { Tasting = Tasted(3, 1) });
        Assert.Equal(Adjustment.AsPlanned, advice.Changes[0].Adjustment);
        Assert.Equal(Advisor.KeyOf(plan), Advisor.KeyOf(advice.Changes[0].Recipe));
    }

    [Fact]
    public void An_under_extracted_cup_is_hollow_whatever_its_balance()
    {
        var siphon = RecipeLibrary.Find("si-layers")!;
        var plan = Model.Run(siphon);
        var pulled = Settings.With(plan, Setting.SteepEndS, 3);
        var quick = Model.Figures(pulled with { Grind = siphon.Grind with { MedianUm = 1_300 } }).Totals;
        Assert.True(quick.ExtractionLevel < 0.70, $"{quick.ExtractionLevel}");
        Assert.Equal("hollow", CupJudgement.Of(quick).Words[0]);
        Assert.Equal(["balanced"], CupJudgement.Of(plan.Totals).Words);
        Assert.Equal(plan.Totals.DissolvedYieldPercent / 100 / Grounds.AtRest(0.4, 0), plan.Totals.ExtractionLevel, 6);
    }

    [Theory]
    [InlineData(0.69, 0, 1.3, "hollow")]
    [InlineData(0.69, -1.21, 1.3, "hollow, just sour")]
    [InlineData(0.69, 0.91, 1.3, "hollow, just bitter")]
    [InlineData(0.71, -1.21, 1.3, "just sour")]
    [InlineData(0.71, -1.19, 1.3, "on the sour side")]
    [InlineData(0.9, -0.59, 1.3, "balanced")]
    [InlineData(0.9, 0.39, 1.3, "balanced")]
    [InlineData(0.9, 0.41, 1.3, "just on the bitter side")]
    [InlineData(0.9, 0.91, 1.3, "just bitter")]
    [InlineData(0.9, 0, 1.04, "thin")]
    [InlineData(0.69, 0, 1.04, "hollow, thin")]
    [InlineData(0.99, 0.91, 1.3, "just bitter, astringent")]
    [InlineData(0.99, 0, 1.3, "astringent")]
    [InlineData(0.99, -1.41, 1.3, "astringent, sour")]
    public void A_cup_is_described_by_its_extraction_and_its_balance(double drawn, double balance, double tds, string words) =>
        Assert.Equal(words, string.Join(", ", CupJudgement.Of(drawn, balance, tds).Words));

    [Fact]
    public void Printed_advice_has_every_member_and_a_recipe_that_can_be_read()
    {
        var grinder = new GrinderScale(0, 60, 1, 60, 26, 0.42);
        var right = Wanting(RecipeLibrary.Find("vd-coffee-first")!);
        // Its plan came from another brew, by another change.
        right = right with { Extra = right.Extra.Add("parent", JsonSerializer.SerializeToElement("before")).Add("changed", JsonSerializer.SerializeToElement(new { setting = "doseG" })) };
        var last = Guid.NewGuid();
        var advice = Advise(Brewed(right with { Grind = grinder.At(34) }) with { Tasting = Tasted(-3, -2) }, new AdviceGear { Grinder = grinder });
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream))
        {
            AdviceJson.Write(json, advice, grinder, last);
        }

        // Every figure of it, to the digits it is printed with.
        Golden.Holds("advice-json.txt", System.Text.Encoding.UTF8.GetString(stream.ToArray()).Replace(last.ToString(), "LAST", StringComparison.Ordinal).Replace("{", "{\n", StringComparison.Ordinal) + "\n");
        using var printed = JsonDocument.Parse(stream.ToArray());
        var verdict = printed.RootElement.GetProperty("verdict");
        Assert.Equal(advice.Verdict.BalanceText, verdict.GetProperty("lean").GetProperty("words").GetString());
        Assert.Equal(advice.AsBrewed.ExtractionLevel, verdict.GetProperty("drawn").GetProperty("drawn").GetDouble(), 3);
        Assert.Equal(advice.Changes.Length, printed.RootElement.GetProperty("changes").GetArrayLength());
        var grind = printed.RootElement.GetProperty("changes").EnumerateArray().First(change => change.GetProperty("setting").GetString() == "medianUm");
        Assert.Equal(34, grind.GetProperty("fromSetting").GetDouble());
        Assert.Equal(grinder.MedianUm(grind.GetProperty("toSetting").GetDouble()), grind.GetProperty("to").GetDouble(), 3);
        Assert.Equal("µm", grind.GetProperty("unit").GetString());
        Assert.Equal(JsonValueKind.Number, grind.GetProperty("costs").GetProperty("timeS").ValueKind);
        var recipe = RecipeReader.Read(grind.GetProperty("recipe").GetRawText());
        Assert.Empty(recipe.Findings);
        Assert.Equal(last.ToString(), recipe.Recipes[0].Extra["parent"].GetString());
        Assert.Equal("medianUm", recipe.Recipes[0].Extra["changed"].GetProperty("setting").GetString());
        var figures = grind.GetProperty("forecast");
        Assert.Equal(Model.Figures(recipe.Recipes[0]).Totals.TdsPercent, figures.GetProperty("tdsPercent").GetProperty("then").GetDouble(), 3);
        Assert.True(figures.GetProperty("drawdownS").GetProperty("then").GetDouble() > figures.GetProperty("drawdownS").GetProperty("now").GetDouble());
        Assert.Equal(right.Target!.TdsPercent, recipe.Recipes[0].Target!.TdsPercent);
    }

    [Fact]
    public void Advice_keeps_every_step_in_its_window()
    {
        var right = Wanting(RecipeLibrary.Find("fp-long-settle")!);
        var window = right.Steps.OfType<Step.Wait>().Single(wait => wait.Window is not null).Window!.Value;
        foreach (var fineness in (double[])[0.6, 1.5])
        {
            var advice = Advise(Brewed(right with { Grind = right.Grind with { MedianUm = fineness * right.Grind.MedianUm } }));
            Assert.NotEmpty(advice.Changes);
            Assert.All(advice.Changes, change => Assert.All(change.Recipe.Steps.OfType<Step.Wait>().Where(wait => wait.Window is not null), wait => Assert.True(window.Holds(wait.ForS), change.Why)));
        }
    }

    private static Advice Advise(BrewRecord brew, AdviceGear? gear = null) => Advisor.Of([brew], Model, gear ?? new AdviceGear());

    private static BrewRecord Brewed(Recipe plan) => new(Guid.NewGuid(), plan, plan);

    private static TastingRecord Tasted(int sourBitter, int thinHeavy) => new() { Sips = [new Sip { SourBitter = sourBitter, ThinHeavy = thinHeavy }] };

    /// <summary>A recipe whose target is what the library's recipe comes to.</summary>
    private static Recipe Wanting(Recipe recipe)
    {
        var totals = Model.Figures(recipe).Totals;
        return recipe with { Target = new Target { TdsPercent = new Span(totals.FinalTdsPercent - 0.08, totals.FinalTdsPercent + 0.08), FlavourBalance = new Span(totals.FlavourBalance - 0.35, totals.FlavourBalance + 0.35) } };
    }
}
