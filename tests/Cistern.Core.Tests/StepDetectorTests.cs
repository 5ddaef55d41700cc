namespace Cistern.Core.Tests;

/// <summary>What instruments report of a brew, and what simulated baristas do to it.</summary>
public sealed class StepDetectorTests
{
    private const double Zero = 1_700_000_000_000;

    /// <summary>Every family advances by what is detected: steps that would otherwise have to be pressed are reported in time.</summary>
    [Theory]
    [InlineData("fp-bloomed", "Done 2, Begun 4, Done 4, Begun 7, Done 8")]
    [InlineData("tp-upright-short", "Done 3, Begun 6, Done 6")]
    [InlineData("tp-turned", "Done 2, Begun 5, Done 6")]
    [InlineData("vd-coffee-first", "Done 3, Begun 7, Done 7")]
    [InlineData("ld-closed", "Done 3, Done 6, Done 7")]
    [InlineData("si-layers", "Done 6, Done 8")]
    [InlineData("jar-spoons", "Done 1, Begun 6, Done 6")]
    public void Every_family_is_detected_on_its_instruments(string id, string said)
    {
        var plan = Simulated.Plan(id);
        var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, Hands.Steady, 5), 5);
        var detected = StepDetector.Of(plan, Simulated.Curves(bench, Zero), Zero, startsItself: false, Zero + (1000 * bench.EndS) + 20_000);
        Assert.Equal(said, string.Join(", ", detected.Steps.Select(one => $"{one.Kind} {one.Step}")));
        foreach (var one in detected.Steps)
        {
            var timing = bench.SimulatedBrew.Real.Timings[one.Step];
            Assert.Equal(one.Kind == EntryKind.Begun ? timing.StartS : timing.EndS, (one.AtMs - Zero) / 1000, 2.0);
        }
    }

    [Fact]
    public void Detected_steps_take_a_brew_to_its_end_with_one_press_of_start()
    {
        var plan = Simulated.Plan("ld-closed");
        var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, Hands.Steady, 7), 7);
        var nowMs = Zero + (1000 * bench.EndS) + 60_000;
        var said = StepDetector.Of(plan, Simulated.Curves(bench, Zero), Zero, startsItself: false, nowMs).Steps;
        var conduct = ConductPlan.Of(plan);
        var run = BrewRun.Replay(conduct, [new BrewEntry(Guid.NewGuid(), EntryKind.Start, conduct.Anchor, Zero), .. said.Select(one => new BrewEntry(Guid.NewGuid(), one.Kind, one.Step, one.AtMs, Seen: true))], nowMs);
        Assert.True(run.Finished);
        Assert.Equal(EndedBy.Seen, run.Done.Single(done => done.Index == 7).By);
        Assert.Equal(bench.SimulatedBrew.Real.Totals.FinishS, run.EndS, 2.5);
    }

    [Fact]
    public void The_clock_starts_with_the_first_gram_only_where_it_may()
    {
        var plan = Simulated.Plan("fp-bloomed");
        var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, Hands.Steady, 5), 5);
        var curves = Simulated.Curves(bench, Zero, toS: 20);
        Assert.Empty(StepDetector.Of(plan, curves, null, startsItself: false, Zero + 20_000).Steps);
        var started = StepDetector.Of(plan, curves, null, startsItself: true, Zero + 20_000).Steps[0];
        Assert.Equal((EntryKind.Start, 2), (started.Kind, started.Step));
        Assert.Equal(Zero, started.AtMs, 700.0);
    }

    [Fact]
    public void Weights_water_and_flame_are_detected_as_displayed()
    {
        var plan = Simulated.Plan("fp-bloomed");
        var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, Hands.Steady with { PouredOverG = 30, DoseOverG = 2, WaterCoolerK = 6 }, 5), 5);
        var detected = StepDetector.Of(plan, Simulated.Curves(bench, Zero), Zero, startsItself: false, Zero + 400_000);
        Assert.Equal(((Step.Pour)bench.SimulatedBrew.Real.Recipe.Steps[4]).ToG, detected.PouredG[4], 2.0);
        Assert.Equal(29, detected.DoseG!.Value, 0.6);
        Assert.Equal(89, detected.WaterC!.Value, 1.0);
        Assert.Null(detected.FlameW);
        var siphon = Simulated.Plan("si-layers");
        var burner = new SimulatedInstruments(SimulatedBrew.Of(siphon, Hands.Steady with { FlameShare = 0.6 }, 5), 5);
        Assert.Equal(0.6 * ForecastModel.UsualFlameW, StepDetector.Of(siphon, Simulated.Curves(burner, Zero), Zero, startsItself: false, Zero + 100_000).FlameW!.Value, 15.0);
    }

    [Fact]
    public void A_stir_that_never_shook_the_scale_was_not_done_and_a_pending_one_is_not_reported()
    {
        var plan = Simulated.Plan("vd-coffee-first");
        Detected Of(Hands hands, double toS)
        {
            var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, hands, 5), 5);
            return StepDetector.Of(plan, Simulated.Curves(bench, Zero, toS), Zero, startsItself: false, Zero + (1000 * toS));
        }

        Assert.Empty(Of(Hands.Steady, 300).Unstirred);
        Assert.Contains(5, Of(Hands.Steady with { ForgetsStir = true }, 300).Unstirred);
        Assert.Empty(Of(Hands.Steady with { ForgetsStir = true }, 36).Unstirred);
    }

    /// <summary>Coffee added just before it and the vessel lifted just after it are not mistaken for stirring, and neither is missed.</summary>
    [Theory]
    [InlineData("vd-water-first", 5)]
    [InlineData("vd-coffee-first", 5)]
    [InlineData("vd-two-pours", 0)]
    [InlineData("tp-short-bypass", 0)]
    [InlineData("fp-water-first", 0)]
    public void Stirs_are_told_apart_from_the_actions_around_them(string id, int leastNoticed)
    {
        var plan = Simulated.Plan(id);
        var noticed = 0;
        for (var seed = 1; seed <= 12; seed++)
        {
            foreach (var forgets in (bool[])[false, true])
            {
                var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, Hands.Steady with { ForgetsStir = forgets }, seed), seed);
                var unstirred = StepDetector.Of(plan, Simulated.Curves(bench, Zero), Zero, startsItself: false, Zero + (1000 * bench.EndS) + 20_000).Unstirred;
                Assert.False(!forgets && !unstirred.IsEmpty, $"seed {seed}: stirred, and told not to be");
                noticed += unstirred.IsEmpty ? 0 : 1;
            }
        }

        Assert.InRange(noticed, leastNoticed, 12);
    }

    [Fact]
    public void The_same_seed_brews_and_reads_the_same_and_another_does_not()
    {
        List<WeightPoint> Curve(int seed) => Simulated.Weight(new SimulatedInstruments(SimulatedBrew.Of(Simulated.Plan("vd-coffee-first"), Hands.Steady, seed), seed));
        Assert.Equal(Curve(4), Curve(4));
        Assert.NotEqual(Curve(4), Curve(5));
    }

    [Theory]
    [InlineData("late")]
    [InlineData("early")]
    [InlineData("over")]
    [InlineData("under")]
    [InlineData("dose")]
    [InlineData("no-stir")]
    [InlineData("cool")]
    [InlineData("hard")]
    public void Simulated_hands_make_the_mistake_chosen(string word)
    {
        var plan = Simulated.Plan(word == "hard" ? "tp-upright-short" : "vd-coffee-first");
        var good = SimulatedBrew.Of(plan, Hands.Steady, 9).Real;
        var bad = SimulatedBrew.Of(plan, SimulatedHands.Find(word)!.Hands, 9).Real;
        var steepEnd = Acts.SteepEndIndex(plan.Recipe);
        var (what, wanted) = word switch
        {
            "late" => (bad.Timings[steepEnd].StartS - good.Timings[steepEnd].StartS, 40.0),
            "early" => (bad.Timings[steepEnd].StartS - good.Timings[steepEnd].StartS, -25.0),
            "over" => (bad.Recipe.WaterG - good.Recipe.WaterG, 30.0),
            "under" => (bad.Recipe.WaterG - good.Recipe.WaterG, -30.0),
            "dose" => (bad.Recipe.Coffee.DoseG - good.Recipe.Coffee.DoseG, 3.0),
            "no-stir" => (bad.Recipe.Steps.Count(step => step is Step.Stirring), 0.0),
            "cool" => (bad.Recipe.Water.TemperatureC - good.Recipe.Water.TemperatureC, -8.0),
            _ => (bad.Timings[steepEnd].LengthS / good.Timings[steepEnd].LengthS, 0.5),
        };
        // One person: the acts before it take their time, whatever is guessed.
        Assert.Equal(wanted, what, word == "early" ? 6 : 0.01);
        Assert.Equal(good.Timings.Length, bad.Timings.Length);
    }

    /// <summary>Preparation is reported from when it is switched on; the rest waits for the start, and nothing is reported twice once it was taken.</summary>
    [Fact]
    public void Instruments_are_simulated_in_the_time_of_their_brew()
    {
        var bench = new SimulatedInstruments(SimulatedBrew.Of(Simulated.Plan("fp-bloomed"), Hands.Steady, 5), 5);
        var player = new SimulationPlayer(bench, Zero);
        var (ready, toS) = player.ReadingsSince(Zero + 60_000, null, startsItself: false);
        Assert.Equal(SimulationPlayer.ReadyS, toS);
        Assert.All(ready, reading => Assert.InRange(reading.AtMs, Zero + (1000 * (bench.BeginS - SimulationPlayer.ReadyS)), Zero));
        Assert.Equal(ready, player.ReadingsSince(Zero + 60_000, null, startsItself: false).Readings);
        player.Confirm(toS);
        Assert.Empty(player.ReadingsSince(Zero + 60_000, null, startsItself: false).Readings);
        var (poured, untilS) = player.ReadingsSince(Zero + 70_000, Zero + 60_000, startsItself: false);
        Assert.Equal(10, untilS);
        Assert.InRange(poured[0].AtMs, Zero + 58_500, Zero + 58_900);
        Assert.Equal(Zero + 70_000, poured[^1].AtMs, 250.0);
        // A step whose clock starts with what is detected advances by itself.
        Assert.Equal(5 + SimulationPlayer.ReadyS, new SimulationPlayer(bench, Zero).ReadingsSince(Zero + 5_000, null, startsItself: true).ToS);
        Assert.False(player.IsOver);
        player.Confirm(bench.EndS);
        Assert.True(player.IsOver);
    }

    [Fact]
    public void Every_pair_of_hands_can_be_chosen_by_a_word_of_its_own()
    {
        Assert.Equal(SimulatedHands.All.Length, SimulatedHands.All.Select(choice => choice.Word).Distinct().Count());
        Assert.All(SimulatedHands.All, choice => Assert.Same(choice, SimulatedHands.Find(choice.Word)));
        Assert.Null(SimulatedHands.Find("three"));
    }

    [Fact]
    public void A_scale_shows_the_load_with_its_tares_and_no_more_than_it_can()
    {
        var performance = SimulatedBrew.Of(Simulated.Plan("tp-upright-short"), Hands.Steady with { PressesOnScale = true }, 3);
        var bench = new SimulatedInstruments(performance, 3, new InstrumentQuality { NoiseG = 0, DriftGPerMin = 0, BumpsPerMin = 0 });
        // After the first pour, since the tare before it: the water.
        Assert.Equal(((Step.Pour)performance.Real.Recipe.Steps[3]).ToG, bench.DisplayG(16), 4.0);
        Assert.Equal(new InstrumentQuality().MostG, Simulated.Weight(bench).Max(point => point.G));
        Assert.Equal(DetectedEventKind.PressEnded, WeightAnalyzer.Of(performance.Plan.Recipe, Simulated.Weight(bench), double.PositiveInfinity).Last(one => one.Kind is DetectedEventKind.PressBegun or DetectedEventKind.PressEnded).Kind);
    }

    [Fact]
    public void Instruments_detect_deviations_that_a_clock_cannot()
    {
        var plan = Simulated.Plan("vd-coffee-first");
        var run = BrewRun.Replay(ConductPlan.Of(plan), [new BrewEntry(Guid.NewGuid(), EntryKind.Start, 3, Zero)], Zero + 100_000);
        Deviation? Of(Actuals actuals) => Deviations.Of(plan, run, actuals, 100).Select(deviation => (Deviation?)deviation).SingleOrDefault();
        Assert.Null(Of(new Actuals { WaterC = 94.1 }));
        Assert.Equal(new Deviation(DeviationKind.WaterCool, 3, 6), Of(new Actuals { WaterC = 90 }));
        Assert.Equal(new Deviation(DeviationKind.WaterHot, 3, 2), Of(new Actuals { WaterC = 98 }));
        Assert.Equal(new Deviation(DeviationKind.StirForgotten, 6, 2), Of(new Actuals { Omitted = [6] }));
    }

    [Fact]
    public void A_weak_flame_is_reported_before_the_coffee_goes_in_and_not_once_it_is_away()
    {
        var plan = Simulated.Plan("si-layers");
        var start = new BrewEntry(Guid.NewGuid(), EntryKind.Start, 4, Zero);
        Deviation[] Of(double flameW, params BrewEntry[] more) => [.. Deviations.Of(plan, BrewRun.Replay(ConductPlan.Of(plan), [start, .. more], Zero + 40_000), new Actuals { FlameW = flameW }, 40).Where(deviation => deviation.Kind == DeviationKind.FlameWeak)];
        var sparesW = plan.Totals.FlameMarginW!.Value;
        Assert.Empty(Of(ForecastModel.UsualFlameW - sparesW + Deviations.MinSpareW + 1));
        Assert.Equal(9, Of(ForecastModel.UsualFlameW - sparesW + Deviations.MinSpareW - 9).Single().Amount, 6);
        Assert.Empty(Of(60, new BrewEntry(Guid.NewGuid(), EntryKind.Done, 6, Zero + 30_000)));
    }

    [Fact]
    public void Detected_times_are_those_of_the_brew_as_brewed()
    {
        var plan = Simulated.Plan("si-layers");
        var run = BrewRun.Replay(ConductPlan.Of(plan), [], Zero);
        var done = AsBrewed.Of(plan.Recipe, run, new Actuals { FlameW = 140, Omitted = [5] });
        Assert.Equal(140, done.Steps.OfType<Step.LightBurner>().Single().FlameW);
        Assert.Equal(plan.Recipe.Steps[5].OverS, Assert.IsType<Step.Wait>(done.Steps[5]).ForS);
        Assert.Contains(plan.Again(done).Events, one => one.Kind == BrewEventKind.WaterFallsBack);
    }

    [Fact]
    public void A_cup_as_planned_is_off_by_nothing()
    {
        var plan = Simulated.Plan("vd-coffee-first");
        Assert.Equal(0, Correction.DistanceOf(plan.Totals, plan.Totals));
        Assert.True(Correction.DistanceOf(SimulatedBrew.Of(plan, Hands.Steady with { DoseOverG = 4 }, 2).Real.Totals, plan.Totals) > 1);
    }
}
