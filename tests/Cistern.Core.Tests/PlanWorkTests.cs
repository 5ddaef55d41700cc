namespace Cistern.Core.Tests;

/// <summary>A plan and changes to it, without any page.</summary>
public sealed class PlanWorkTests
{
    private static readonly Recipe Press = RecipeLibrary.Find("fp-bloomed")!;
    private readonly Shelf shelf = new();

    [Fact]
    public void The_two_quantities_set_last_are_held_and_the_others_follow()
    {
        var work = Do(Of(Press), new PlanChange.Hold(Quantity.Dose, 30));
        Assert.Equal(new Batch(30, 450), work.Batch);
        work = Do(work, new PlanChange.Hold(Quantity.Water, 500));
        Assert.Equal(new Batch(30, 500), work.Batch);
        Assert.True(work.Plan.Locks.Holds(Quantity.Dose) && work.Plan.Locks.Holds(Quantity.Water));
        work = Do(work, new PlanChange.Hold(Quantity.Ratio, 16));
        // The water was set after the dose, so it stays.
        Assert.Equal(new Batch(31.3, 500), work.Batch);
        work = Do(work, new PlanChange.Hold(Quantity.Drink, 300));
        Assert.Equal(300, work.DrinkG, 1.5);
        Assert.Equal(16, work.Batch.Ratio, 0.03);
    }

    [Fact]
    public void A_target_is_set_shown_and_cleared()
    {
        var tube = RecipeLibrary.Find("tp-upright-short")!;
        var work = Do(Of(tube), new PlanChange.Mean("finishS", new Span(200, 300)));
        Assert.Equal(new Span(200, 300), work.Recipe.Target!.FinishS);
        Assert.Equal(tube.Target!.TdsPercent, work.Recipe.Target.TdsPercent);
        Assert.Contains(work.Forecast.Events, one => one is { Kind: BrewEventKind.TargetMissed, Member: "finishS" });
        work = Do(Do(work, new PlanChange.Mean("finishS", null)), new PlanChange.Mean("tilt", new Span(-9, 9)));
        Assert.Null(work.Recipe.Target!.FinishS);
        Assert.DoesNotContain(work.Forecast.Events, one => one is { Kind: BrewEventKind.TargetMissed, Member: "finishS" });
        Assert.Equal(PlanRefusal.NoSuchThing, work.Apply(new PlanChange.Mean("finishS", new Span(300, 200))).Refusal);
        Assert.Equal(PlanRefusal.NoSuchThing, work.Apply(new PlanChange.Mean("tdsPercent", new Span(1, 500))).Refusal);
        Assert.Equal(PlanRefusal.NoSuchThing, work.Apply(new PlanChange.Mean("tdsPercent", new Span(double.NaN, 2))).Refusal);
    }

    [Theory]
    [InlineData("stronger", "tdsPercent", 1.05, 1.15)]
    [InlineData("lighter", "tdsPercent", 0.85, 0.95)]
    [InlineData(" Weaker", "tdsPercent", 0.85, 0.95)]
    [InlineData("less bitter", "tilt", -0.7, -0.2)]
    [InlineData("more sour", "tilt", -0.7, -0.2)]
    [InlineData("less-sour", "tilt", 0.2, 0.7)]
    [InlineData("more bitter", "tilt", 0.2, 0.7)]
    public void A_word_sets_a_target_relative_to_the_plan(string said, string member, double low, double high)
    {
        var work = Of(RecipeLibrary.Find("tp-upright-short")! with { Target = null });
        var word = TargetWords.Find(said)!.Value;
        var (stands, strength) = (work.Forecast.Totals, member == "tdsPercent");
        var target = Do(work, new PlanChange.MeanWord(word)).Recipe.Target!;
        var range = (strength ? target.TdsPercent : target.FlavourBalance)!.Value;
        Assert.Equal((strength ? stands.FinalTdsPercent * low : stands.FlavourBalance + low, strength ? stands.FinalTdsPercent * high : stands.FlavourBalance + high), (range.Low, range.High), (one, other) => Math.Abs(one.Item1 - other.Item1) < 0.006 && Math.Abs(one.Item2 - other.Item2) < 0.006);
        Assert.Null(strength ? target.FlavourBalance : target.TdsPercent);
        Assert.Null(TargetWords.Find("nicer"));
    }

    [Fact]
    public void A_target_is_cleared_as_a_whole()
    {
        var work = Do(Do(Of(RecipeLibrary.Find("tp-upright-short")!), new PlanChange.Mean("finishS", new Span(200, 300))), new PlanChange.NoTarget());
        Assert.Null(work.Recipe.Target);
        Assert.Null(PlanWords.Apply(RecipeLibrary.Find("tp-upright-short")!, ["target=stronger", "target=none"], ForecastModel.Published).Recipe.Target);
        Assert.NotNull(PlanWords.Apply(RecipeLibrary.Find("tp-upright-short")!, ["target=none", "target=less-bitter"], ForecastModel.Published).Recipe.Target?.FlavourBalance);
    }

    /// <summary>Done at 1:10 is not before 1:10, whatever the tenths of a second.</summary>
    [Fact]
    public void A_finish_is_compared_in_whole_seconds_as_it_is_shown()
    {
        var tube = RecipeLibrary.Find("tp-upright-short")!;
        var finishS = ForecastModel.Published.Figures(tube).Totals.FinishS;
        Recipe Meant(double lowS) => tube with { Target = new Target { FinishS = new Span(lowS, 600) } };
        Assert.DoesNotContain(ForecastModel.Published.Figures(Meant(Math.Round(finishS))).Events, one => one.Kind == BrewEventKind.TargetMissed);
        Assert.Contains(ForecastModel.Published.Figures(Meant(Math.Round(finishS) + 1)).Events, one => one.Kind == BrewEventKind.TargetMissed);
    }

    [Fact]
    public void A_target_can_be_said_in_words()
    {
        var tube = RecipeLibrary.Find("tp-upright-short")!;
        var planned = PlanWords.Apply(tube, ["target=finishS:60:120", "target=tdsPercent"], ForecastModel.Published);
        Assert.Equal((new Span(60, 120), null), (planned.Recipe.Target!.FinishS!.Value, planned.Recipe.Target.TdsPercent));
        foreach (var word in (string[])["target=finishS:60", "target=finishS:120:60", "target=finishS:a:b", "target=colour:1:2", "target=finishS:1:2:3"])
        {
            Assert.NotEmpty(PlanWords.Apply(tube, [word], ForecastModel.Published).Findings);
        }
    }

    [Fact]
    public void Conflicting_locks_change_nothing()
    {
        var work = Do(Of(Press), new PlanChange.Hold(Quantity.Dose, 30));
        var refused = work.Apply(new PlanChange.Hold(Quantity.Drink, 4_900));
        Assert.Equal(PlanRefusal.NoBatch, refused.Refusal);
        Assert.Same(work.Plan, refused.Plan);
    }

    [Fact]
    public void A_batch_is_stored_with_the_plan_so_that_opening_it_solves_nothing()
    {
        var work = Do(Do(Of(Press), new PlanChange.Hold(Quantity.Ratio, 15)), new PlanChange.Hold(Quantity.Drink, 321));
        var counted = new ForecastMemory();
        var opened = new PlanWork(work.Plan, shelf, ForecastModel.Published with { Memory = counted });
        Assert.Equal(work.Batch, opened.Batch);
        Assert.Equal(work.DrinkG, opened.DrinkG, 1e-9);
        Assert.Equal(1, counted.Runs);
        _ = new PlanWork(work.Plan, shelf, ForecastModel.Published with { Memory = counted }).Forecast;
        Assert.Equal(1, counted.Runs);
    }

    [Fact]
    public void A_grinder_starts_at_its_step_nearest_to_what_was_asked_for_and_gives_it_back()
    {
        var work = Do(Of(Press), new PlanChange.FromShelf(PlanPick.Grinder, 1));
        Assert.Equal(35, work.Plan.Picks.GrinderSetting);
        Assert.Equal(60 + (26 * 35), work.Recipe.Grind.MedianUm);
        Assert.Equal(Press.Grind.MedianUm, work.Plan.Picks.AskedUm);
        work = Do(work, new PlanChange.GrindTo(20));
        Assert.Equal((580, 0.42), (work.Recipe.Grind.MedianUm, work.Recipe.Grind.Spread));
        work = Do(work, new PlanChange.FromShelf(PlanPick.Grinder, null));
        Assert.Equal(Press.Grind, work.Recipe.Grind);
        Assert.Equal(PlanRefusal.NoSuchThing, work.Apply(new PlanChange.FromShelf(PlanPick.Grinder, 99)).Refusal);
    }

    [Fact]
    public void A_bag_bought_ground_fixes_the_grind_and_leaves_the_recipes_behind()
    {
        var work = Do(Of(Press), new PlanChange.FromShelf(PlanPick.Bag, 2));
        Assert.Equal((800, 0.6, 24), (work.Recipe.Grind.MedianUm, work.Recipe.Coffee.Roast, work.Recipe.Coffee.RestDays));
        Assert.False(work.CanGrind);
        Assert.Equal(PlanRefusal.CannotGrind, work.Apply(new PlanChange.GrindTo(600)).Refusal);
        Assert.Equal(PlanRefusal.CannotGrind, work.Apply(new PlanChange.Ask(Setting.MedianUm, Outcome.TdsPercent, 1.3)).Refusal);
        work = Do(work, new PlanChange.FromShelf(PlanPick.Bag, 1));
        Assert.Equal(Press.Grind, work.Recipe.Grind);
        work = Do(Do(work, new PlanChange.FromShelf(PlanPick.Bag, null)), new PlanChange.FromShelf(PlanPick.Place, 1));
        Assert.Equal(Press.Coffee with { DoseG = work.Batch.DoseG }, work.Recipe.Coffee);
        Assert.Equal(2_340, work.Recipe.Place.AltitudeM);
    }

    [Fact]
    public void All_of_the_bag_is_what_is_left_in_it()
    {
        var work = Do(Do(Of(Press), new PlanChange.FromShelf(PlanPick.Bag, 1)), new PlanChange.WholeBag());
        Assert.Equal(31, work.Batch.DoseG);
        Assert.Equal(PlanRefusal.NoSuchThing, Of(Press).Apply(new PlanChange.WholeBag()).Refusal);
    }

    [Fact]
    public void A_plan_made_with_a_grinder_stays_when_the_grinder_is_calibrated_again_until_it_is_asked_to_follow()
    {
        var work = Do(Do(Of(Press), new PlanChange.FromShelf(PlanPick.Grinder, 1)), new PlanChange.FromShelf(PlanPick.Bag, 1));
        shelf.GrinderZeroUm = 160;
        shelf.RestDays = 30;
        var later = new PlanWork(work.Plan, shelf, ForecastModel.Published);
        Assert.Equal(work.Recipe.Grind, later.Recipe.Grind);
        Assert.Equal(30, later.Recipe.Coffee.RestDays);
        Assert.Equal([PlanPick.Grinder], later.ChangedOnShelf);
        var followed = Do(later, new PlanChange.AsOnShelf());
        Assert.Equal(work.Recipe.Grind.MedianUm + 100, followed.Recipe.Grind.MedianUm);
        Assert.Empty(followed.ChangedOnShelf);
    }

    [Fact]
    public void A_vessel_of_another_family_is_not_taken()
    {
        Assert.Equal(350, Do(Of(Press), new PlanChange.FromShelf(PlanPick.Vessel, 1)).Recipe.Brewer.CapacityMl);
        Assert.Equal(RecipeLibrary.Find("jar-spoons")!.Brewer, Do(Of(RecipeLibrary.Find("jar-spoons")!), new PlanChange.FromShelf(PlanPick.Vessel, 1)).Recipe.Brewer);
    }

    [Fact]
    public void Locked_figures_are_solved_again_for_another_brewer_and_unlocked_where_they_cannot_be_met()
    {
        var work = Do(Do(Of(Press), new PlanChange.Hold(Quantity.Dose, 25)), new PlanChange.Hold(Quantity.Drink, 330));
        var poured = Do(work, new PlanChange.Count(DrinkCounting.WaterPoured));
        Assert.Equal(330, poured.Batch.WaterG, 1);
        // Twenty-five grams poured off from water and drink, both locked: no batch size gives that.
        var both = new PlanWork(work.Plan with { Batch = null, Counting = DrinkCounting.InTheCup, Held = new HeldValues(4_990, 0.6), Locks = new Locks(Quantity.Drink, Quantity.Dose) }, shelf, ForecastModel.Published);
        Assert.True(both.BatchReleased);
        Assert.Equal(Locks.Written, both.Plan.Locks);
        Assert.Null(both.Plan.Held);
    }

    [Fact]
    public void A_steep_ends_when_it_is_set_to_but_not_before_the_steps_leading_to_it()
    {
        var work = Of(Press);
        var steepEndS = Settings.Get(work.Forecast, Setting.SteepEndS)!.Value;
        var later = Do(work, new PlanChange.Release(steepEndS + 60));
        Assert.Equal(steepEndS + 60, Settings.Get(later.Forecast, Setting.SteepEndS)!.Value, 0.6);
        var refused = work.Apply(new PlanChange.Release(3));
        Assert.Equal(PlanRefusal.ReleaseTooEarly, refused.Refusal);
        Assert.InRange(refused.Value!.Value, 4, steepEndS);
    }

    [Fact]
    public void Steps_are_edited_in_the_batch_shown_and_locked_figures_keep_their_value()
    {
        var work = Do(Do(Of(Press), new PlanChange.Hold(Quantity.Dose, 40)), new PlanChange.Hold(Quantity.Ratio, 15));
        var stir = work.Recipe.Steps.ToList().FindIndex(step => step is Step.Swirl);
        var without = Do(work, new PlanChange.Remove(stir));
        Assert.Equal(new Batch(40, 600), without.Batch);
        Assert.Equal(work.Recipe.Steps.Length - 1, without.Recipe.Steps.Length);
        Assert.Equal(600, without.Plan.Base.WaterG);
        Assert.True(without.Plan.Locks.Holds(Quantity.Ratio));
        foreach (var change in (PlanChange[])[new PlanChange.Remove(99), new PlanChange.Move(0, -1), new PlanChange.Begin(-1, 5), new PlanChange.End(99, 5), new PlanChange.Add(99, Verb.All[0]), new PlanChange.Add(0, Verb.Find("flip")!), new PlanChange.Set(Setting.PressS, double.NaN), new PlanChange.Hold(Quantity.Dose, double.NaN), new PlanChange.Release(double.PositiveInfinity)])
        {
            var applied = work.Apply(change);
            Assert.True(applied.Refusal is not null, change.ToString());
            Assert.Single(RecipeReader.ReadDraft(RecipeWriter.Write(new PlanWork(applied.Plan, shelf, ForecastModel.Published).Recipe)).Recipes);
        }
    }

    [Fact]
    public void A_drink_is_diluted_before_its_ice_and_only_where_it_is_too_strong()
    {
        var iced = Of(RecipeLibrary.Find("ld-long-soak-iced")!);
        var strength = iced.Forecast.Totals.TdsPercent;
        var down = Do(iced, new PlanChange.DilutedTo(strength / 2));
        var steps = down.Recipe.Steps.ToList();
        Assert.True(steps.FindIndex(step => step is Step.Dilute) < steps.FindLastIndex(step => step is Step.Ice) || steps.FindIndex(step => step is Step.Ice) < steps.FindIndex(step => step is Step.Drain));
        Assert.Equal(iced.Forecast.Totals.BeverageG, steps.OfType<Step.Dilute>().Single().WaterG, 1.0);
        Assert.Equal(PlanRefusal.NothingToDilute, Of(Press).Apply(new PlanChange.DilutedTo(9)).Refusal);
        Assert.DoesNotContain(Do(down, new PlanChange.DilutedTo(9)).Recipe.Steps, step => step is Step.Dilute);
    }

    [Theory]
    [InlineData("dose=30", 30, 450)]
    [InlineData("dose=30 water=480", 30, 480)]
    [InlineData("ratio=16 dose=25", 25, 400)]
    [InlineData("counting=poured drink=500", 33.3, 500)]
    public void Words_do_what_the_page_does(string words, double doseG, double waterG)
    {
        var planned = PlanWords.Apply(Press, words.Split(' '), ForecastModel.Published);
        Assert.DoesNotContain(planned.Findings, finding => finding.Severity == Severity.Error);
        Assert.Equal((doseG, waterG), (planned.Recipe.Coffee.DoseG, planned.Recipe.WaterG));
    }

    [Theory]
    [InlineData("temperature=90")]
    [InlineData("temperature=5")]
    [InlineData("grindUm=700")]
    [InlineData("release=6:00")]
    [InlineData("clock=coffee-in")]
    [InlineData("turns=9")]
    [InlineData("press=33")]
    [InlineData("letDown=0.9")]
    [InlineData("find=grindUm:tdsPercent:1.3")]
    [InlineData("find=releaseS:finishS:7:00")]
    public void Every_word_changes_the_recipe(string word)
    {
        var planned = PlanWords.Apply(Press, [word], ForecastModel.Published);
        Assert.DoesNotContain(planned.Findings, finding => finding.Severity == Severity.Error);
        Assert.NotEqual(RecipeWriter.Write(Press), RecipeWriter.Write(planned.Recipe));
    }

    [Theory]
    [InlineData("dose=NaN")]
    [InlineData("dose=1e309")]
    [InlineData("dose")]
    [InlineData("teapot=3")]
    [InlineData("clock=never")]
    [InlineData("letDown=9")]
    [InlineData("find=grindUm:tdsPercent:9")]
    [InlineData("find=grindUm:drawdownS:60")]
    [InlineData("find=x:y:z")]
    [InlineData("release=0:03")]
    public void An_invalid_word_is_a_finding_and_nothing_is_changed(string word)
    {
        var planned = PlanWords.Apply(Press, ["dose=30", word], ForecastModel.Published);
        Assert.Equal(word, Assert.Single(planned.Findings, finding => finding.Severity == Severity.Error).Place);
        Assert.Same(Press, planned.Recipe);
    }

    [Fact]
    public void A_steep_that_cannot_end_so_early_shows_what_could_be_shorter_and_then_does()
    {
        var work = Of(RecipeLibrary.Find("si-whirl")!);
        var refused = work.Apply(new PlanChange.Release(55));
        Assert.Equal((PlanRefusal.ReleaseTooEarly, work.Plan), (refused.Refusal, refused.Plan));
        Assert.IsType<Step.Stir>(work.Recipe.Steps[refused.Step!.Value]);
        var shorter = Do(work, new PlanChange.Release(55, Shorten: true));
        Assert.Equal(55, Settings.Get(shorter.Forecast, Setting.SteepEndS)!.Value, 0.6);
        Assert.Equal(refused.LengthS, shorter.Recipe.Steps[refused.Step.Value].OverS);
        // No step has that many seconds to spare.
        Assert.Equal((PlanRefusal.ReleaseTooEarly, null), (work.Apply(new PlanChange.Release(1, Shorten: true)).Refusal, work.Apply(new PlanChange.Release(1)).LengthS));
    }

    [Theory]
    [InlineData("tp-upright-short", "stir", 60)]
    [InlineData("ld-float", "stir", 150)]
    [InlineData("vd-coffee-first", "make-well", 20)]
    public void A_gesture_too_late_to_matter_is_refused_and_added_where_it_matters(string id, string verb, double atS)
    {
        var work = Of(RecipeLibrary.Find(id)!);
        var refused = work.Apply(new PlanChange.Put(verb, atS));
        Assert.Equal((PlanRefusal.NothingLeft, work.Plan), (refused.Refusal, refused.Plan));
        var put = Do(work, new PlanChange.Put(verb, refused.Value));
        Assert.Equal(work.Recipe.Steps.Length + 1, put.Recipe.Steps.Length);
        Assert.Empty(RecipeChecker.Senseless(put.Recipe));
        // Before the clock runs a well is made before the water.
        Assert.True(verb != "make-well" || put.Recipe.Steps.IndexOf(put.Recipe.Steps.OfType<Step.MakeWell>().Single()) < put.Recipe.Steps.IndexOf(put.Recipe.Steps.OfType<Step.Pour>().First()));
    }

    /// <summary>Five seconds before the water, however the preparation is set: after the coffee, not before it.</summary>
    [Fact]
    public void Gestures_with_dry_coffee_are_added_between_coffee_and_water()
    {
        foreach (var recipe in RecipeLibrary.All.Where(recipe => recipe.Brewer.Family != BrewerFamily.Siphon))
        {
            var work = Of(recipe);
            var applied = work.Apply(new PlanChange.Put("make-well", -5));
            var coffeeFirst = recipe.Steps.First(step => step is Step.AddCoffee or Step.Pour) is Step.AddCoffee;
            Assert.Equal(coffeeFirst ? null : PlanRefusal.NoPlace, applied.Refusal);
            if (coffeeFirst)
            {
                var steps = Do(work, new PlanChange.Put("make-well", -5)).Recipe.Steps.ToList();
                var (coffee, well, pour) = (steps.FindIndex(step => step is Step.AddCoffee), steps.FindIndex(step => step is Step.MakeWell), steps.FindIndex(step => step is Step.Pour));
                Assert.True(coffee < well && well < pour, recipe.Id);
            }
        }

        var early = RecipeLibrary.Find("fp-bloomed")!;
        Assert.Contains(RecipeChecker.Check(early with { Steps = early.Steps.Insert(0, new Step.LevelBed()) }), finding => finding.Rule == "There is no coffee in the brewer yet.");
    }

    [Fact]
    public void A_step_given_another_time_moves_no_other_step()
    {
        var work = Of(RecipeLibrary.Find("vd-two-pours")!);
        var end = Settings.SteepEndIndex(work.Recipe);
        var stir = end - 1;
        Assert.True(work.Recipe.Steps[stir] is Step.Stir { AtS: { } } && work.Recipe.Steps[end].AtS is null);
        PlanChange At(double atS) => new PlanChange.Edit(stir, new Dictionary<string, System.Text.Json.Nodes.JsonNode?> { ["at"] = atS });
        var earlier = Do(work, At(work.Forecast.Timings[stir].StartS - 20));
        Assert.Equal(work.Forecast.Timings[end].StartS, earlier.Forecast.Timings[end].StartS, 0.6);
        Assert.Equal(work.Forecast.Timings[stir].StartS - 20, earlier.Forecast.Timings[stir].StartS, 0.6);
        var later = work.Apply(At(work.Forecast.Timings[stir].StartS + 20));
        Assert.Equal((PlanRefusal.PushesOthers, end, work.Plan), (later.Refusal, later.Step, later.Plan));
    }

    [Fact]
    public void A_shorter_wait_moves_its_window_along()
    {
        var work = Of(RecipeLibrary.Find("fp-long-settle")!);
        var wait = work.Recipe.Steps.OfType<Step.Wait>().Single(step => step.Window is not null);
        Step.Wait After(double byS) => Do(work, new PlanChange.Release(Settings.Get(work.Forecast, Setting.SteepEndS)!.Value + byS)).Recipe.Steps.OfType<Step.Wait>().Single(step => step.Window is not null);
        Assert.Equal((wait.ForS - 30, new Span(wait.Window!.Value.Low - 30, wait.Window.Value.High - 30)), (After(-30).ForS, After(-30).Window));
        Assert.Equal((wait.ForS - 200, new Span(Math.Max(0, wait.Window.Value.Low - 200), wait.Window.Value.High - 200)), (After(-200).ForS, After(-200).Window));
    }

    [Fact]
    public void A_time_inside_an_open_window_is_a_finding_with_two_remedies()
    {
        var written = RecipeLibrary.Find("fp-long-settle")!;
        var wait = written.Steps.IndexOf(written.Steps.First(step => step is Step.Wait { Window: not null }));
        var startS = ForecastModel.Published.Run(written).Timings[wait + 1].StartS;
        var work = Of(written with { Steps = written.Steps.SetItem(wait + 1, written.Steps[wait + 1] with { AtS = startS }) });
        var told = Assert.Single(work.Forecast.Events, one => one.Kind == BrewEventKind.TimeInWindow);
        Assert.Equal((wait + 1, startS), (told.StepIndex, told.Value));
        var over = WindowEnds.Over(work.Forecast, wait + 1)!.Value;
        Assert.Equal((wait, "window"), (over.Index, over.Member));
        PlanChange[] remedies =
        [
            new PlanChange.Edit(wait + 1, new Dictionary<string, System.Text.Json.Nodes.JsonNode?> { ["at"] = null }),
            new PlanChange.Edit(over.Index, new Dictionary<string, System.Text.Json.Nodes.JsonNode?> { [over.Member] = new System.Text.Json.Nodes.JsonArray(over.Window.Low, over.Window.High) }),
        ];
        Assert.All(remedies, remedy =>
        {
            var mended = Do(work, remedy);
            Assert.DoesNotContain(mended.Forecast.Events, one => one.Kind is BrewEventKind.TimeInWindow or BrewEventKind.WindowMissed);
            Assert.Equal(startS, mended.Forecast.Timings[wait + 1].StartS, 0.1);
        });
    }

    [Fact]
    public void A_recipe_for_a_brewer_of_another_size_keeps_its_ratio_fits_and_tastes_much_the_same()
    {
        foreach (var written in RecipeLibrary.All)
        {
            var was = Of(written);
            foreach (var sizeMl in CommonSizes.Of(written.Brewer.Family))
            {
                var work = Do(was, new PlanChange.Size(sizeMl));
                Assert.Equal(sizeMl, work.Recipe.Brewer.CapacityMl);
                Assert.Equal(was.Batch.Ratio, work.Batch.Ratio, 0.15);
                Assert.InRange(work.Forecast.Totals.PeakVolumeMl, 0.3 * sizeMl, 0.951 * sizeMl);
                Assert.True(Math.Abs(work.Forecast.Totals.FinalTdsPercent - was.Forecast.Totals.FinalTdsPercent) < 0.12 * was.Forecast.Totals.FinalTdsPercent, $"{written.Id} in {sizeMl}: {work.Forecast.Totals.FinalTdsPercent:0.00} for {was.Forecast.Totals.FinalTdsPercent:0.00}");
            }

            Assert.Equal(PlanRefusal.NoSuchThing, was.Apply(new PlanChange.Size(1)).Refusal);
            Assert.Equal(was.Batch, Do(Do(was, new PlanChange.Size(CommonSizes.Of(written.Brewer.Family)[0])), new PlanChange.OwnBatch()).Batch);
        }
    }

    [Theory]
    [InlineData("ld-long-soak-iced", 15.5)]
    [InlineData("ld-open-closed-iced", 14)]
    [InlineData("tp-short-bypass", 16)]
    [InlineData("fp-bloomed", 15.5)]
    public void A_ratio_may_be_asked_of_the_drink_after_ice_and_dilution(string id, double ratio)
    {
        var work = Do(Of(RecipeLibrary.Find(id)!), new PlanChange.EndsAt(ratio));
        var totals = work.Forecast.Totals;
        Assert.Equal(ratio, (work.Batch.WaterG + totals.FinalG - totals.BeverageG) / work.Batch.DoseG, 0.06);
        Assert.Equal(RecipeLibrary.Find(id)!.Coffee.DoseG, work.Batch.DoseG);
        Assert.Equal(PlanRefusal.NoBatch, work.Apply(new PlanChange.EndsAt(1)).Refusal);
    }

    [Fact]
    public void Water_off_the_boil_stays_off_the_boil_wherever_it_is_brewed_and_no_other_temperature_moves()
    {
        var written = RecipeLibrary.Find("fp-bloomed")!;
        var work = Do(Of(written), new PlanChange.Heat(100));
        var high = Do(work, new PlanChange.FromShelf(PlanPick.Place, 1));
        Assert.True(high.Recipe.Place.AltitudeM > 1_000);
        Assert.Equal(Physics.WaterPhysics.BoilingPointC(high.Recipe.Place.AltitudeM), high.Recipe.Water.TemperatureC, 0.06);
        Assert.Equal(100, Do(high, new PlanChange.FromShelf(PlanPick.Place, null)).Recipe.Water.TemperatureC, 0.4);
        Assert.Equal(90, Do(Do(Of(written), new PlanChange.Heat(90)), new PlanChange.FromShelf(PlanPick.Place, 1)).Recipe.Water.TemperatureC);
    }

    [Theory]
    [InlineData("fp-long-settle")]
    [InlineData("jar-spoons")]
    public void Coffee_left_on_its_grounds_goes_on_extracting_and_clears_and_a_plunger_held_aslant_clears_it_too(string id)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var left = OnTheGrounds.Of(forecast);
        Assert.Equal([60, 300], left.Select(one => one.LeftS));
        Assert.True(forecast.Totals.ExtractionYieldPercent < left[0].Totals.ExtractionYieldPercent && left[0].Totals.ExtractionYieldPercent < left[1].Totals.ExtractionYieldPercent);
        Assert.True(forecast.Totals.SedimentGPer100G > left[1].Totals.SedimentGPer100G);
        var aslant = ForecastModel.Published.Run(forecast.Recipe with { Steps = [.. forecast.Recipe.Steps.Select(step => step is Step.Decant decant ? decant with { HeldBack = true } : step)] });
        Assert.Equal(0.7 * forecast.Totals.SedimentGPer100G, aslant.Totals.SedimentGPer100G, 6);
        Assert.Equal(forecast.Totals.TdsPercent, aslant.Totals.TdsPercent);
        Assert.Equal(aslant.Recipe.Steps.AsEnumerable(), RecipeReader.Read(System.Text.Encoding.UTF8.GetBytes(RecipeWriter.Write(aslant.Recipe))).Recipes[0].Steps);
        Assert.Empty(OnTheGrounds.Of(ForecastModel.Published.Run(RecipeLibrary.Find("vd-two-pours")!)));
    }

    [Fact]
    public void A_lifted_lid_lets_heat_out_and_is_put_back()
    {
        var work = Of(RecipeLibrary.Find("fp-slow-eight")!);
        var lifted = Do(work, new PlanChange.Put("lift-the-lid", 200));
        Assert.Equal(work.Recipe.Steps.Length + 4, lifted.Recipe.Steps.Length);
        Assert.Equal([true, false, true], lifted.Recipe.Steps.OfType<Step.Lid>().Select(lid => lid.On));
        Assert.True(lifted.Forecast.Totals.SlurryEndC < work.Forecast.Totals.SlurryEndC);
        // Where none is on, none stays on.
        Assert.Equal(PlanRefusal.NoPlace, work.Apply(new PlanChange.Put("lift-the-lid", 20)).Refusal);
        Assert.Equal(PlanRefusal.NoPlace, Of(RecipeLibrary.Find("tp-upright-short")!).Apply(new PlanChange.Put("lift-the-lid", 20)).Refusal);
    }

    [Fact]
    public void An_impossible_order_of_steps_is_a_finding()
    {
        var recipe = RecipeLibrary.Find("tp-upright-short")!;
        var after = recipe with { Steps = recipe.Steps.Add(new Step.Stir()).Add(new Step.LevelBed()) };
        var found = RecipeChecker.Check(after).Where(finding => finding.Severity == Severity.Warning).Select(finding => (finding.Place, finding.Found));
        Assert.Equal([($"steps[{recipe.Steps.Length}]", "stir"), ($"steps[{recipe.Steps.Length + 1}]", "level-bed")], found);
        Assert.All(RecipeLibrary.All, one => Assert.Empty(RecipeChecker.Senseless(one)));
    }

    private PlanWork Of(Recipe recipe) => new(Plan.Of(recipe), shelf, ForecastModel.Published);

    private static PlanWork Do(PlanWork work, PlanChange change)
    {
        var applied = work.Apply(change);
        Assert.Null(applied.Refusal);
        return new PlanWork(applied.Plan, work.Gear, ForecastModel.Published);
    }

    private sealed class Shelf : IGear
    {
        public double GrinderZeroUm { get; set; } = 60;

        public double RestDays { get; set; } = 14;

        public BagInUse? Bag(int id) => id == 1 ? new BagInUse(0.4, RestDays, 31, null) : new BagInUse(0.6, 24, 250, new Grind(800, 0.75));

        public GrinderScale? Grinder(int id) => new(0, 60, 1, GrinderZeroUm, 26, 0.42);

        public Place? Place(int id) => new(2_340, 17);

        public Brewer? Vessel(int id) => new(BrewerFamily.FrenchPress, 350);

        public double? ServerMl(int id) => 400;

        public bool Has(PlanPick pick, int id) => id < 10;
    }
}
