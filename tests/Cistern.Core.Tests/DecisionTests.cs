namespace Cistern.Core.Tests;

/// <summary>Bands, tolerances, solving backwards, and the best correction that is left.</summary>
public sealed class DecisionTests
{
    private static readonly Forecast Press = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
    private static readonly Forecast Dripper = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);

    [Fact]
    public void Bands_hold_the_forecast_and_a_finer_bed_widens_only_flow_figures()
    {
        var bands = Confidence.Of(Dripper);
        foreach (var (outcome, band) in bands)
        {
            Assert.True(band.Low < band.Value && band.Value < band.High, outcome.ToString());
            Assert.Equal(Dripper.Totals.Of(outcome), band.Value);
        }

        // One σ of α alone changes the drawdown by a factor of about 1.5; the band is at least 1.28 times that.
        Assert.InRange((bands[Outcome.DrawdownS].High - bands[Outcome.DrawdownS].Value) / bands[Outcome.DrawdownS].Value, 0.3, 0.8);
        Assert.InRange(bands[Outcome.TdsPercent].High - bands[Outcome.TdsPercent].Low, 0.05, 0.4);
        Assert.DoesNotContain(Outcome.PressForceN, bands);
    }

    [Fact]
    public void At_its_tolerance_a_setting_moves_the_cup_just_enough_to_matter()
    {
        foreach (var forecast in (Forecast[])[Press, Dripper])
        {
            var tolerances = Tolerances.Of(forecast);
            Assert.Contains(Setting.DoseG, tolerances);
            foreach (var (setting, width) in tolerances.Where(pair => double.IsFinite(pair.Value) && pair.Key != Setting.Turns))
            {
                var value = Settings.Get(forecast, setting)!.Value;
                var moves = ((double[])[value - width, value + width]).Select(other =>
                {
                    var totals = ForecastModel.Published.Run(Settings.With(forecast, setting, other)).Totals;
                    return Math.Max(Math.Abs(totals.FinalTdsPercent - forecast.Totals.FinalTdsPercent) / 0.05, Math.Abs(totals.FlavourBalance - forecast.Totals.FlavourBalance) / 0.15);
                }).ToList();
                Assert.True(moves.Max() is > 0.9 and < 1.15, FormattableString.Invariant($"{setting} ± {width} moves {moves[0]} and {moves[1]}"));
            }
        }
    }

    [Theory]
    [InlineData(Setting.MedianUm, Outcome.TdsPercent, 1.25)]
    [InlineData(Setting.TemperatureC, Outcome.FlavourBalance, -0.5)]
    [InlineData(Setting.SteepEndS, Outcome.TdsPercent, 1.25)]
    [InlineData(Setting.DoseG, Outcome.TdsPercent, 1.4)]
    public void A_setting_can_be_asked_for(Setting setting, Outcome outcome, double wanted)
    {
        var solution = Solving.For(Press, Dial.Usual(Press, setting), outcome, wanted);
        Assert.True(solution.Reached, solution.Why);
        Assert.Equal(wanted, solution.Forecast.Totals.Of(outcome)!.Value, 0.06);
        Assert.Equal(solution.Forecast.Totals.Of(outcome), ForecastModel.Published.Run(Settings.With(Press, setting, solution.Values[setting])).Totals.Of(outcome));
    }

    [Fact]
    public void The_grind_is_found_on_the_grinders_own_steps()
    {
        var clicks = new Dial(Setting.MedianUm, new Span(60, 60 + (26 * 60)), 26, 60);
        var solution = Solving.For(Press, clicks, Outcome.TdsPercent, 1.27);
        var setting = (solution.Values[Setting.MedianUm] - 60) / 26;
        Assert.Equal(Math.Round(setting), setting, 1e-9);
        var miss = Math.Abs(solution.Forecast.Totals.FinalTdsPercent - 1.27);
        foreach (var other in (double[])[-26, 26])
        {
            Assert.True(miss <= Math.Abs(ForecastModel.Published.Run(Settings.With(Press, Setting.MedianUm, solution.Values[Setting.MedianUm] + other)).Totals.FinalTdsPercent - 1.27) + 1e-9);
        }
    }

    [Fact]
    public void What_cannot_be_reached_is_said_with_the_nearest()
    {
        var solution = Solving.For(Press, Dial.Usual(Press, Setting.TemperatureC), Outcome.TdsPercent, 2.5);
        Assert.False(solution.Reached);
        Assert.Contains("temperature", solution.Why, StringComparison.Ordinal);
        Assert.Equal(99, solution.Values[Setting.TemperatureC], 1.0);
    }

    [Fact]
    public void Strength_and_balance_are_met_together_even_with_the_grind_fixed()
    {
        var ground = Solving.ForBoth(Press, Dial.Usual(Press, Setting.MedianUm), Dial.Usual(Press, Setting.DoseG), 1.35, 0);
        Assert.True(ground.Reached, ground.Why);
        var boughtGround = Solving.ForBoth(Press, Dial.Usual(Press, Setting.SteepEndS), Dial.Usual(Press, Setting.DoseG), 1.35, -0.2);
        Assert.True(boughtGround.Reached, boughtGround.Why);
        Assert.Equal(Press.Recipe.Grind, boughtGround.Forecast.Recipe.Grind);
        Assert.Equal(1.35, boughtGround.Forecast.Totals.FinalTdsPercent, 0.05);
    }

    [Fact]
    public void Moving_the_end_of_the_steep_keeps_the_stir_just_before_it()
    {
        var later = ForecastModel.Published.Run(Settings.With(Dripper, Setting.SteepEndS, 243));
        var steepEnd = Settings.SteepEndIndex(later.Recipe);
        Assert.Equal(243, later.Timings[steepEnd].StartS, 0.01);
        Assert.Equal(240, later.Timings[steepEnd - 1].StartS, 0.01);
    }

    [Fact]
    public void Poured_over_it_steeps_longer_and_ended_late_it_is_diluted()
    {
        var over = ForecastModel.Published.Run(Press.Recipe with { Steps = [.. Press.Recipe.Steps.Select(step => step is Step.Pour { ToG: 405 } pour ? pour with { ToG = 445 } : step)] });
        var correction = Correction.After(over, Press.Totals, nowS: 70);
        Assert.True(correction.SteepEndAtS > Settings.Get(Press, Setting.SteepEndS));
        Assert.True(correction.MissAfter < correction.MissBefore);

        var late = ForecastModel.Published.Run(Settings.With(Press, Setting.SteepEndS, 900));
        var released = Correction.After(late, Press.Totals, nowS: 950);
        Assert.Null(released.SteepEndAtS);
        Assert.True(released.DilutionG > 5);
        Assert.Equal(Press.Totals.FinalTdsPercent, released.Forecast.Totals.FinalTdsPercent, 0.01);
    }

    [Fact]
    public void Cooler_water_is_compensated_by_a_longer_steep()
    {
        var cool = ForecastModel.Published.Run(Settings.With(Press, Setting.TemperatureC, 86));
        var correction = Correction.After(cool, Press.Totals, nowS: 60);
        Assert.True(correction.SteepEndAtS > Settings.Get(Press, Setting.SteepEndS) + 20);
        Assert.True(correction.MissAfter < correction.MissBefore);
    }

    [Fact]
    public void Least_ice_is_just_enough()
    {
        var leastG = On(400).LeastIceG;
        Assert.Equal(5, On(leastG).TemperatureC, 1e-9);
        Assert.Equal(leastG, On(leastG + 50).MeltG, 1e-6);
        Assert.True(On(0.8 * leastG).TemperatureC > 8);
        Assert.Equal(leastG, On(0.8 * leastG).LeastIceG, 1e-6);

        static ServedDrink On(double iceG)
        {
            var drink = new ServedDrink(200, 80);
            drink.Chill(iceG, -6, 5);
            return drink;
        }
    }

    /// <summary>200 g at 80 °C diluted with 150 g at 20 °C need less ice than with 150 g at the boil.</summary>
    [Fact]
    public void The_least_ice_counts_the_dilution_waters_temperature()
    {
        var cool = new ServedDrink(200, 80);
        cool.Dilution(150, 20);
        cool.Chill(500, -6, 5);
        // The heat above 0 °C less a tenth, less what remains in the drink at 5 °C, divided by the heat one gram takes: the formula of
        // model.md.
        var heatJ = 0.9 * 4.19 * ((200 * 80) + (150 * 20));
        Assert.Equal((heatJ - (350 * 4.19 * 5)) / ((2.09 * 6) + 334 + (4.19 * 5)), cool.LeastIceG, 1e-6);
        Assert.Equal(cool.LeastIceG, cool.MeltG, 1e-9);
    }

    [Fact]
    public void Dilution_and_ice_act_in_their_order()
    {
        var dilutionFirst = new ServedDrink(200, 80);
        dilutionFirst.Dilution(100, 90);
        dilutionFirst.Chill(400, -6, 5);
        Assert.Equal(5, dilutionFirst.TemperatureC, 1e-9);

        // Strained off the ice, then diluted with hot water: it ends warm.
        var icedFirst = new ServedDrink(200, 80);
        icedFirst.Chill(400, -6, 5);
        var chilledG = icedFirst.MassG;
        icedFirst.Dilution(100, 90);
        Assert.Equal(((chilledG * 5) + (100 * 90)) / (chilledG + 100), icedFirst.TemperatureC, 1e-9);

        // Left on the ice, the ice goes on melting.
        var leftOn = new ServedDrink(200, 80);
        leftOn.Chill(600, -6, null);
        var before = leftOn.MeltG;
        leftOn.Dilution(100, 90);
        Assert.Equal(0, leftOn.TemperatureC, 1e-9);
        Assert.True(leftOn.MeltG > before + 50);
    }

    /// <summary>The first lot at −18 °C is not warmed to the −2 °C of the second.</summary>
    [Fact]
    public void Two_additions_of_ice_act_as_one_at_their_mean_temperature()
    {
        var twice = new ServedDrink(200, 80);
        twice.Chill(60, -18, null);
        twice.Chill(60, -2, null);
        var once = new ServedDrink(200, 80);
        once.Chill(120, -10, null);
        Assert.Equal(once.TemperatureC, twice.TemperatureC, 1e-9);
        Assert.Equal(once.MeltG, twice.MeltG, 1e-9);
    }

    [Fact]
    public void Conversions_and_mixtures_are_computed()
    {
        Assert.Equal(100, WaterPhysics.BoilingPointC(0), 1e-9);
        Assert.Equal(92, WaterPhysics.BoilingPointC(2_340), 0.6);
        Assert.Equal(30, Kettle.Usual.Seconds(Kettle.Usual.TemperatureC(30, 12, 21), 12, 21), 1e-6);
        Assert.InRange(Kettle.Usual.TemperatureC(30, 12, 21), 95.5, 96.5);
        Assert.Equal(Kettle.Usual.DecayPerS, Kettle.Timed(60, Kettle.Usual.TemperatureC(60, 0, 20), 0, 20).DecayPerS, 1e-9);
        Assert.Equal(100, Dilution.WaterG(100, 2.6, 1.3), 1e-9);
        Assert.Equal(1.3, Dilution.TdsPercent(100, 2.6, 100), 1e-9);
        var spoons = RoughMeasures.Spoons(31, 6.2);
        Assert.Equal(5, spoons.Count);
        Assert.True(spoons.LowG < 31 && spoons.HighG > 31);
        Assert.Equal(1.25, new Units(MassUnit.Ounce, MassUnit.Ounce, TemperatureUnit.Fahrenheit, VolumeUnit.FluidOunce, 180).MassFromG(35.436904), 1e-6);
        Assert.Equal(205, new Units(MassUnit.Ounce, MassUnit.Ounce, TemperatureUnit.Fahrenheit, VolumeUnit.FluidOunce, 180).TemperatureFromC(96.1111), 0.01);
        Assert.NotNull(GrainWords.All.Single(word => word.Word == "table salt").Dispute);
        Assert.Contains(GrainWords.For(900), word => word.Word == "coarse");
        var ratios = Ratios.Of(Press);
        Assert.Equal(15, ratios.Poured);
        Assert.True(ratios.InTheCup < ratios.Poured - 2);
        var caffeine = Caffeine.Of(Press, decaffeinated: false);
        Assert.InRange(caffeine.LowMg, 130, 270);
        Assert.True(caffeine.HighMg > caffeine.LowMg && Caffeine.Of(Press, decaffeinated: true).HighMg < 35);
    }

    /// <summary>The dose does not change the finish: the slope is zero and there is no solution.</summary>
    [Fact]
    public void A_figure_that_a_setting_does_not_move_is_said_not_to_be_reached()
    {
        var settle = ForecastModel.Published.Run(RecipeLibrary.Find("fp-long-settle")!);
        var stands = settle.Totals.FinishS;
        var same = Solving.For(settle, Dial.Usual(settle, Setting.DoseG), Outcome.FinishS, stands);
        Assert.True(same.Reached);
        Assert.Equal(settle.Recipe.Coffee.DoseG, same.Values[Setting.DoseG], 1e-9);
        foreach (var wanted in (double[])[stands - 60, stands + 0.5, stands + 60])
        {
            var solution = Solving.For(settle, Dial.Usual(settle, Setting.DoseG), Outcome.FinishS, wanted);
            Assert.False(solution.Reached);
            Assert.True(double.IsFinite(solution.Values[Setting.DoseG]));
        }
    }

    /// <summary>More water extracts more and also dilutes more, so both ends of its range can lie on one side of the target.</summary>
    [Fact]
    public void A_crossing_inside_the_range_is_found_though_both_ends_miss_on_one_side()
    {
        var shortBrew = ForecastModel.Published.Run(RecipeLibrary.Find("tp-short-bypass")!);
        var dial = Dial.Usual(shortBrew, Setting.WaterG);
        double At(double waterG) => shortBrew.Again(Settings.With(shortBrew, Setting.WaterG, waterG)).Totals.FinalTdsPercent;
        var solution = Solving.For(shortBrew, dial, Outcome.TdsPercent, 1.40);
        Assert.True(solution.Reached, $"{solution.Why} ends {At(dial.Range.Low):0.000} and {At(dial.Range.High):0.000}");
        Assert.Equal(1.40, solution.Forecast.Totals.FinalTdsPercent, 0.02);
    }

    /// <summary>A figure that is below the target only between 1 and 2, with equal values at the ends.</summary>
    [Theory]
    [InlineData(0.5, 1)]
    [InlineData(1.2, 1)]
    [InlineData(1.9, 2)]
    [InlineData(2.6, 2)]
    public void Of_several_crossings_the_one_nearest_to_what_stands_is_taken(double stands, double crossing)
    {
        static double Miss(double x) => (x - 1) * (x - 2);
        var (low, high, crosses) = Crossing.Look(Miss, 0, 3, stands);
        Assert.True(crosses);
        Assert.Equal(crossing, Crossing.Close(Miss, low, high, 1e-6, 1e-9), 1e-4);
    }

    [Theory]
    [InlineData(2_340, 4, 96, "steps[4].temperatureC")]
    [InlineData(2_340, 4, 90, null)]
    [InlineData(0, 4, 100, null)]
    [InlineData(0, 4, 101, "steps[4].temperatureC")]
    public void A_pour_hotter_than_water_boils_there_is_found_at_its_step(double altitudeM, int step, double temperatureC, string? place)
    {
        var recipe = Press.Recipe with { Place = new Place(altitudeM, 20), Water = new KettleWater(85) };
        recipe = recipe with { Steps = recipe.Steps.SetItem(step, (Step.Pour)recipe.Steps[step] with { TemperatureC = temperatureC }) };
        var forecast = ForecastModel.Published.Run(recipe);
        Assert.Equal(place, ForecastFindings.Of(forecast).FirstOrDefault(finding => finding.Place.EndsWith("temperatureC", StringComparison.Ordinal))?.Place);
        // The forecast uses the value that can really be had.
        var most = WaterPhysics.BoilingPointC(altitudeM);
        var had = ForecastModel.Published.Run(recipe with { Steps = recipe.Steps.SetItem(step, (Step.Pour)recipe.Steps[step] with { TemperatureC = Math.Min(temperatureC, most) }) });
        Assert.Equal(had.Totals.TdsPercent, forecast.Totals.TdsPercent, 1e-9);
    }

    [Fact]
    public void Too_little_ice_is_reported_with_the_temperature_it_should_reach()
    {
        var iced = RecipeLibrary.Find("ld-long-soak-iced")!;
        var at = iced.Steps.ToList().FindIndex(step => step is Step.Ice);
        var little = ForecastModel.Published.Run(iced with { Steps = iced.Steps.SetItem(at, (Step.Ice)iced.Steps[at] with { IceG = 20, UntilC = 4 }) });
        var found = Assert.Single(little.Events, one => one.Kind == BrewEventKind.IceTooLittle);
        Assert.Equal((4, little.Totals.ChilledC!.Value), (found.Limit, found.Value));
        Assert.True(little.Totals.LeastIceG > 20);
        var enough = ForecastModel.Published.Run(iced with { Steps = iced.Steps.SetItem(at, (Step.Ice)iced.Steps[at] with { IceG = little.Totals.LeastIceG.Value + 0.1, UntilC = 4 }) });
        Assert.DoesNotContain(enough.Events, one => one.Kind == BrewEventKind.IceTooLittle);
        Assert.Equal(4, enough.Totals.ChilledC!.Value, 1e-6);
    }

    [Fact]
    public void A_fitted_model_is_used_by_all_that_is_worked_out_with_it()
    {
        var finer = ForecastModel.Published with { Parameters = ModelParameters.Published with { GrindOffsetUm = -60, HeatLoss = 1.3, Diffusivity = 1.2 } };
        var fitted = finer.Run(Dripper.Recipe);
        Assert.True(fitted.Totals.TdsPercent > Dripper.Totals.TdsPercent + 0.02);
        Assert.True(fitted.Totals.SlurryEndC < Dripper.Totals.SlurryEndC - 1);
        Assert.True(fitted.Totals.DrawdownS > Dripper.Totals.DrawdownS);
        Assert.Same(finer, fitted.Again(Dripper.Recipe).Model);
        Assert.Equal(fitted.Totals.TdsPercent, fitted.Again(Dripper.Recipe).Totals.TdsPercent, 1e-12);
        Assert.Equal(fitted.Totals.FinalTdsPercent, Confidence.Of(fitted)[Outcome.TdsPercent].Value);
        var (own, published) = (Confidence.Of(fitted)[Outcome.TdsPercent], Confidence.Of(Dripper)[Outcome.TdsPercent]);
        Assert.True(own.Low > published.Low && own.High > published.High);
        // 1.25 % is solved with the fitted model, not the published one.
        var solution = Solving.For(fitted, Dial.Usual(fitted, Setting.MedianUm), Outcome.TdsPercent, 1.25);
        Assert.Equal(1.25, finer.Figures(solution.Forecast.Recipe).Totals.FinalTdsPercent, 0.01);
    }
}
