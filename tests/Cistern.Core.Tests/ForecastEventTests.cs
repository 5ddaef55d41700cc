namespace Cistern.Core.Tests;

/// <summary>Every event a forecast can report is provoked by a recipe, and is absent just short of it.</summary>
public sealed class ForecastEventTests
{
    /// <summary>One of each kind: a new kind needs a line here.</summary>
    [Fact]
    public void Every_kind_of_event_is_provoked_by_some_recipe()
    {
        var provoked = new HashSet<BrewEventKind>(All().SelectMany(forecast => forecast.Events).Select(one => one.Kind));
        Assert.Equal(Enum.GetValues<BrewEventKind>().Order(), provoked.Order());

        static IEnumerable<Forecast> All()
        {
            yield return Of("fp-bloomed", recipe => recipe with { Brewer = recipe.Brewer with { CapacityMl = 300 } });
            yield return Filled(1.01);
            yield return Filled(0.97);
            yield return ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!, new ForecastOptions { ServerMl = 100 });
            yield return Split(900);
            yield return Of("vd-coffee-first", recipe => recipe with { Grind = new Grind(330, 0.5, 0.3) });
            yield return Of("si-layers", recipe => Flame(recipe, 120));
            yield return Of("si-layers", recipe => Flame(recipe, 600));
            yield return Of("tp-upright-short", recipe => recipe with { Grind = new Grind(180, 0.5, 0.3) });
            yield return Of("fp-bloomed", recipe => Windowed(recipe, new Span(1, 2)));
            yield return Of("fp-bloomed", recipe => recipe with { Target = new Target { TdsPercent = new Span(3, 4) } });
            yield return Of("fp-bloomed", recipe => recipe with { Place = new Place(3_000, 20) });
            yield return Of("fp-bloomed", recipe => recipe with { Steps = recipe.Steps.SetItem(0, new Step.Wait(5) { Note = "x" }).Insert(4, new Step.Wait(500)) });
            yield return Of("fp-long-settle", recipe => recipe with { Steps = [.. recipe.Steps.Select(step => step is Step.Plunge ? step with { AtS = 600 } : step)] });
            yield return Of("ld-long-soak-iced", recipe => recipe with { Steps = [.. recipe.Steps.Select(step => step is Step.Ice ice ? ice with { IceG = 5, UntilC = 3 } : step)] });
        }
    }

    [Fact]
    public void Over_95_of_100_it_is_nearly_full_and_over_100_it_comes_to_the_brim()
    {
        Assert.DoesNotContain(Filled(0.949).Events, one => one.Kind is BrewEventKind.NearlyFull or BrewEventKind.Overflow);
        Assert.Contains(Filled(0.951).Events, one => one.Kind == BrewEventKind.NearlyFull);
        Assert.Contains(Filled(0.999).Events, one => one.Kind == BrewEventKind.NearlyFull);
        var over = Assert.Single(Filled(1.001).Events, one => one.Kind is BrewEventKind.ToTheBrim or BrewEventKind.Overflow or BrewEventKind.NearlyFull);
        Assert.Equal(BrewEventKind.ToTheBrim, over.Kind);
        Assert.Equal(Filled(1.001).Totals.PeakVolumeMl, over.Value);
        Assert.Equal(Filled(1.001).Recipe.Brewer.CapacityMl, over.Limit);
    }

    /// <summary>
    /// 32 g and 490 g in a dripper of 500 ml: a careful pour fills it. When the water alone exceeds the capacity, and in a closed
    /// vessel, it runs over.
    /// </summary>
    [Theory]
    [InlineData("vd-coffee-first", 500, 490, BrewEventKind.ToTheBrim)]
    [InlineData("vd-coffee-first", 500, 510, BrewEventKind.Overflow)]
    [InlineData("fp-bloomed", 350, 345, BrewEventKind.ToTheBrim)]
    [InlineData("tp-turned", 280, 275, BrewEventKind.Overflow)]
    public void The_fill_level_is_reported_apart_from_the_overflow(string id, double capacityMl, double waterG, BrewEventKind kind)
    {
        var written = RecipeLibrary.Find(id)!;
        var recipe = Scaling.To(written with { Brewer = written.Brewer with { CapacityMl = capacityMl } }, new Batch(waterG / 15.3, waterG));
        Assert.Equal(kind, Assert.Single(ForecastModel.Published.Run(recipe).Events, one => one.Kind is BrewEventKind.ToTheBrim or BrewEventKind.Overflow).Kind);
    }

    /// <summary>The foam lifts it later, during another step; what can be reduced is the water that went in.</summary>
    [Fact]
    public void An_overflow_is_reported_at_the_last_addition_before_it()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var forecast = ForecastModel.Published.Run(Scaling.To(recipe, new Batch(3 * recipe.Coffee.DoseG, 3 * recipe.WaterG)));
            var over = Assert.Single(forecast.Events, one => one.Kind == BrewEventKind.Overflow);
            Assert.True(forecast.Recipe.Steps[over.StepIndex] is Step.Pour or Step.AddCoffee or Step.SeatChamber, $"{recipe.Id}, step {over.StepIndex}");
            Assert.InRange(over.AtS, forecast.Timings[over.StepIndex].StartS, double.PositiveInfinity);
            Assert.DoesNotContain(Enumerable.Range(0, forecast.Recipe.Steps.Length), i => forecast.Recipe.Steps[i] is Step.Pour && i > over.StepIndex && forecast.Timings[i].StartS < over.AtS);
        }
    }

    [Theory]
    [InlineData(0.96, true)]
    [InlineData(0.94, false)]
    public void A_server_is_found_too_small_at_95_of_100(double share, bool found)
    {
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var totals = ForecastModel.Published.Figures(recipe).Totals;
        var drinkMl = totals.FinalG / Physics.WaterPhysics.DensityGPerMl(totals.FinalC);
        var forecast = ForecastModel.Published.Run(recipe, new ForecastOptions { ServerMl = drinkMl / share });
        Assert.Equal(found, forecast.Events.Any(one => one.Kind == BrewEventKind.ServerOverflow));
    }

    [Fact]
    public void Ice_that_has_not_melted_takes_room_in_the_server_too()
    {
        var recipe = RecipeLibrary.Find("ld-long-soak-iced")!;
        var totals = ForecastModel.Published.Figures(recipe).Totals;
        var waterMl = totals.FinalG / Physics.WaterPhysics.DensityGPerMl(totals.FinalC);
        var found = Assert.Single(ForecastModel.Published.Run(recipe, new ForecastOptions { ServerMl = 10 }).Events, one => one.Kind == BrewEventKind.ServerOverflow);
        Assert.Equal(waterMl + ((totals.IceG!.Value - totals.MeltG!.Value) / 0.917), found.Value, 1e-6);
    }

    [Theory]
    [InlineData(241, true)]
    [InlineData(239, false)]
    public void A_drawdown_of_over_four_minutes_may_stall(double drainS, bool found)
    {
        // The grind that drains in that time.
        var dripper = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);
        var dial = new Dial(Setting.MedianUm, new Span(250, 1_500), 0, 0);
        var solved = Solving.For(dripper, dial, Outcome.DrawdownS, drainS);
        Assert.True(solved.Reached);
        Assert.Equal(found, solved.Forecast.Events.Any(one => one.Kind == BrewEventKind.Stall));
    }

    [Fact]
    public void A_stall_is_reported_at_the_drawdown_whenever_the_clock_starts()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var usual = ForecastModel.Published.Run(recipe with { Grind = recipe.Grind with { MedianUm = 320 } });
        var moved = ForecastModel.Published.Run(StepEditing.Clock(usual, ClockStart.WaterIn)!);
        Assert.True(moved.Timings[0].StartS < -10);
        foreach (var forecast in (Forecast[])[usual, moved])
        {
            var stall = Assert.Single(forecast.Events, one => one.Kind == BrewEventKind.Stall);
            var drain = Enumerable.Range(0, forecast.Recipe.Steps.Length).Last(i => forecast.Recipe.Steps[i] is Step.Drain);
            Assert.Equal(drain, stall.StepIndex);
            Assert.InRange(stall.AtS, forecast.Timings[drain].StartS - 15, forecast.Timings[drain].StartS + 15);
            Assert.Equal(forecast.Totals.DrawdownS!.Value, stall.Value);
        }
    }

    [Theory]
    [InlineData(121, true)]
    [InlineData(119, false)]
    public void A_press_of_over_120_newtons_is_too_hard(double forceN, bool found)
    {
        var tube = ForecastModel.Published.Run(RecipeLibrary.Find("tp-upright-short")!);
        var solved = Solving.For(tube, new Dial(Setting.MedianUm, new Span(120, 1_500), 0, 0), Outcome.PressForceN, forceN);
        Assert.True(solved.Reached, solved.Why);
        Assert.Equal(found, solved.Forecast.Events.Any(one => one.Kind == BrewEventKind.PressTooHard));
    }

    /// <summary>A judgement: 30 to 160 W to spare when the coffee has gone in.</summary>
    [Theory]
    [InlineData(29, BrewEventKind.WaterFallsBack)]
    [InlineData(31, null)]
    [InlineData(159, null)]
    [InlineData(161, BrewEventKind.BoilsOver)]
    public void A_flame_is_judged_by_what_it_has_to_spare(double marginW, BrewEventKind? kind)
    {
        var siphon = RecipeLibrary.Find("si-layers")!;
        var usual = ForecastModel.Published.Figures(Flame(siphon, 220)).Totals.FlameMarginW!.Value;
        var forecast = ForecastModel.Published.Figures(Flame(siphon, 220 + marginW - usual));
        Assert.Equal(marginW, forecast.Totals.FlameMarginW!.Value, 1e-6);
        Assert.Equal(kind, forecast.Events.Where(one => one.Kind is BrewEventKind.WaterFallsBack or BrewEventKind.BoilsOver).Select(one => (BrewEventKind?)one.Kind).SingleOrDefault());
    }

    [Fact]
    public void A_bed_that_runs_dry_before_the_cup_is_full_is_reported_with_the_grams_that_came()
    {
        var dry = Split(900);
        var found = Assert.Single(dry.Events, one => one.Kind == BrewEventKind.DryBed);
        Assert.Equal(900, found.Limit);
        Assert.InRange(found.Value, 50, 899);
        Assert.DoesNotContain(Split(60).Events, one => one.Kind == BrewEventKind.DryBed);
    }

    [Theory]
    [InlineData(-1, true)]
    [InlineData(0, false)]
    [InlineData(1, false)]
    [InlineData(40, true)]
    public void A_window_holds_from_its_first_second_to_its_last(double afterLowS, bool missed)
    {
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var plunge = recipe.Steps.ToList().FindIndex(step => step is Step.Plunge);
        var startS = ForecastModel.Published.Figures(recipe).Timings[plunge].StartS;
        var forecast = ForecastModel.Published.Figures(Windowed(recipe, new Span(startS - afterLowS, startS - afterLowS + 30)));
        Assert.Equal(missed, forecast.Events.Any(one => one.Kind == BrewEventKind.WindowMissed && one.StepIndex == plunge));
    }

    [Theory]
    [InlineData("tdsPercent")]
    [InlineData("tilt")]
    [InlineData("extractionYieldPercent")]
    [InlineData("finishS")]
    public void A_target_is_missed_under_and_over_and_met_between(string member)
    {
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var totals = ForecastModel.Published.Figures(recipe).Totals;
        var value = member switch { "tdsPercent" => totals.FinalTdsPercent, "tilt" => totals.FlavourBalance, "extractionYieldPercent" => totals.ExtractionYieldPercent, _ => totals.FinishS };
        BrewEvent? Found(double low, double high)
        {
            var span = new Span(low, high);
            var target = member switch
            {
                "tdsPercent" => new Target { TdsPercent = span },
                "tilt" => new Target { FlavourBalance = span },
                "extractionYieldPercent" => new Target { ExtractionYieldPercent = span },
                _ => new Target { FinishS = span },
            };
            return ForecastModel.Published.Figures(recipe with { Target = target }).Events.SingleOrDefault(one => one.Kind == BrewEventKind.TargetMissed);
        }

        Assert.Null(Found(value - 0.01, value + 0.01));
        Assert.Equal((member, value + 0.01), (Found(value + 0.01, value + 1)!.Member, Found(value + 0.01, value + 1)!.Limit));
        Assert.Equal(value - 0.01, Found(value - 1, value - 0.01)!.Limit);
    }

    [Fact]
    public void A_step_that_starts_after_its_time_is_late_by_as_much_as_the_one_before_runs_over()
    {
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var timed = recipe.Steps.ToList().FindIndex(4, step => step.AtS is > 0);
        var atS = recipe.Steps[timed].AtS!.Value;
        var late = ForecastModel.Published.Figures(recipe with { Steps = recipe.Steps.Insert(timed, new Step.Wait(atS + 10)) });
        var found = late.Events.First(one => one.Kind == BrewEventKind.StepLate);
        Assert.Equal((timed + 1, atS), (found.StepIndex, found.Limit));
        Assert.True(found.Value >= atS + 10);
    }

    private static Forecast Of(string id, Func<Recipe, Recipe> change) => ForecastModel.Published.Run(change(RecipeLibrary.Find(id)!));

    /// <summary>A press filled to a share of its capacity.</summary>
    private static Forecast Filled(double share)
    {
        var recipe = RecipeLibrary.Find("fp-long-settle")!;
        // Its size changes its heat and so, slightly, its peak: a few iterations approach it.
        for (var i = 0; i < 6; i++)
        {
            recipe = recipe with { Brewer = recipe.Brewer with { CapacityMl = ForecastModel.Published.Figures(recipe).Totals.PeakVolumeMl / share } };
        }

        return ForecastModel.Published.Run(recipe);
    }

    private static Forecast Split(double untilG) =>
        Of("vd-coffee-first", recipe => recipe with { Steps = [.. recipe.Steps.Select(step => step is Step.Drain ? new Step.Drain(untilG) { AtS = step.AtS } : step)] });

    private static Recipe Flame(Recipe recipe, double flameW) => recipe with { Steps = [.. recipe.Steps.Select(step => step is Step.LightBurner burner ? burner with { FlameW = flameW } : step)] };

    private static Recipe Windowed(Recipe recipe, Span window) => recipe with { Steps = [.. recipe.Steps.Select(step => step is Step.Plunge ? step with { Window = window } : step)] };
}
