using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Tests;

/// <summary>Bands, slack, solving backwards, and the best of what is left.</summary>
public sealed class DecisionTests
{
    private static readonly Forecast Press = Forecaster.Run(RecipeLibrary.Find("fp-bloomed")!);
    private static readonly Forecast Dripper = Forecaster.Run(RecipeLibrary.Find("vd-coffee-first")!);

    [Fact]
    public void Bands_hold_the_forecast_and_a_finer_cake_widens_only_what_flows()
    {
        var bands = Confidence.Of(Dripper);
        foreach (var (outcome, band) in bands)
        {
            Assert.True(band.Low < band.Value && band.Value < band.High, outcome.ToString());
            Assert.Equal(Dripper.Totals.Of(outcome), band.Value);
        }

        // α alone makes a factor of about 1.5 in the drawdown, one σ; the band is 1.28 of it or more.
        Assert.InRange((bands[Outcome.DrawdownS].High - bands[Outcome.DrawdownS].Value) / bands[Outcome.DrawdownS].Value, 0.3, 0.8);
        Assert.InRange(bands[Outcome.TdsPercent].High - bands[Outcome.TdsPercent].Low, 0.05, 0.4);
        Assert.DoesNotContain(Outcome.PressForceN, bands);
    }

    [Fact]
    public void At_the_slack_the_cup_has_moved_just_as_far_as_counts()
    {
        foreach (var forecast in (Forecast[])[Press, Dripper])
        {
            var slack = Slack.Of(forecast);
            Assert.Contains(Setting.DoseG, slack);
            foreach (var (setting, width) in slack.Where(pair => double.IsFinite(pair.Value) && pair.Key != Setting.Turns))
            {
                var value = Settings.Get(forecast, setting)!.Value;
                var moves = ((double[])[value - width, value + width]).Select(other =>
                {
                    var totals = Forecaster.Run(Settings.With(forecast, setting, other)).Totals;
                    return Math.Max(Math.Abs(totals.FinalTdsPercent - forecast.Totals.FinalTdsPercent) / 0.05, Math.Abs(totals.Tilt - forecast.Totals.Tilt) / 0.15);
                }).ToList();
                Assert.True(moves.Max() is > 0.9 and < 1.15, FormattableString.Invariant($"{setting} ± {width} moves {moves[0]} and {moves[1]}"));
            }
        }
    }

    [Theory]
    [InlineData(Setting.MedianUm, Outcome.TdsPercent, 1.25)]
    [InlineData(Setting.TemperatureC, Outcome.Tilt, -0.5)]
    [InlineData(Setting.ReleaseS, Outcome.TdsPercent, 1.25)]
    [InlineData(Setting.DoseG, Outcome.TdsPercent, 1.4)]
    public void A_setting_can_be_asked_for(Setting setting, Outcome outcome, double wanted)
    {
        var solution = Solving.For(Press, Dial.Usual(Press, setting), outcome, wanted);
        Assert.True(solution.Reached, solution.Why);
        Assert.Equal(wanted, solution.Forecast.Totals.Of(outcome)!.Value, 0.06);
        Assert.Equal(solution.Forecast.Totals.Of(outcome), Forecaster.Run(Settings.With(Press, setting, solution.Values[setting])).Totals.Of(outcome));
    }

    [Fact]
    public void The_grind_is_found_on_the_mills_own_steps()
    {
        var clicks = new Dial(Setting.MedianUm, new Span(60, 60 + (26 * 60)), 26, 60);
        var solution = Solving.For(Press, clicks, Outcome.TdsPercent, 1.27);
        var setting = (solution.Values[Setting.MedianUm] - 60) / 26;
        Assert.Equal(Math.Round(setting), setting, 1e-9);
        var miss = Math.Abs(solution.Forecast.Totals.FinalTdsPercent - 1.27);
        foreach (var other in (double[])[-26, 26])
        {
            Assert.True(miss <= Math.Abs(Forecaster.Run(Settings.With(Press, Setting.MedianUm, solution.Values[Setting.MedianUm] + other)).Totals.FinalTdsPercent - 1.27) + 1e-9);
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
    public void Strength_and_tilt_are_met_together_even_with_the_grind_fixed()
    {
        var ground = Solving.ForBoth(Press, Dial.Usual(Press, Setting.MedianUm), Dial.Usual(Press, Setting.DoseG), 1.35, 0);
        Assert.True(ground.Reached, ground.Why);
        var boughtGround = Solving.ForBoth(Press, Dial.Usual(Press, Setting.ReleaseS), Dial.Usual(Press, Setting.DoseG), 1.35, -0.2);
        Assert.True(boughtGround.Reached, boughtGround.Why);
        Assert.Equal(Press.Recipe.Grind, boughtGround.Forecast.Recipe.Grind);
        Assert.Equal(1.35, boughtGround.Forecast.Totals.FinalTdsPercent, 0.05);
    }

    [Fact]
    public void Moving_the_release_keeps_the_stir_just_before_it()
    {
        var later = Forecaster.Run(Settings.With(Dripper, Setting.ReleaseS, 243));
        var release = Settings.ReleaseIndex(later.Recipe);
        Assert.Equal(243, later.Timings[release].StartS, 0.01);
        Assert.Equal(240, later.Timings[release - 1].StartS, 0.01);
    }

    [Fact]
    public void Poured_over_it_is_held_longer_and_released_late_it_is_let_down()
    {
        var over = Forecaster.Run(Press.Recipe with { Steps = [.. Press.Recipe.Steps.Select(step => step is Step.Pour { ToG: 405 } pour ? pour with { ToG = 445 } : step)] });
        var rescue = Rescue.After(over, Press.Totals, nowS: 70);
        Assert.True(rescue.ReleaseAtS > Settings.Get(Press, Setting.ReleaseS));
        Assert.True(rescue.MissAfter < rescue.MissBefore);

        var late = Forecaster.Run(Settings.With(Press, Setting.ReleaseS, 900));
        var released = Rescue.After(late, Press.Totals, nowS: 950);
        Assert.Null(released.ReleaseAtS);
        Assert.True(released.LetDownG > 5);
        Assert.Equal(Press.Totals.FinalTdsPercent, released.Forecast.Totals.FinalTdsPercent, 0.01);
    }

    [Fact]
    public void Water_too_cool_is_made_up_by_a_longer_hold()
    {
        var cool = Forecaster.Run(Settings.With(Press, Setting.TemperatureC, 86));
        var rescue = Rescue.After(cool, Press.Totals, nowS: 60);
        Assert.True(rescue.ReleaseAtS > Settings.Get(Press, Setting.ReleaseS) + 20);
        Assert.True(rescue.MissAfter < rescue.MissBefore);
    }

    [Fact]
    public void Least_ice_is_just_enough()
    {
        var leastG = Chilling.LeastIceG(200, 80, -6, 5);
        Assert.Equal(5, Chilling.On(200, 80, leastG, -6, 5).TemperatureC, 1e-9);
        Assert.Equal(leastG, Chilling.On(200, 80, leastG + 50, -6, 5).MeltG, 1e-6);
        Assert.True(Chilling.On(200, 80, 0.8 * leastG, -6, 5).TemperatureC > 8);
    }

    [Fact]
    public void The_arithmetic_of_the_bench()
    {
        Assert.Equal(100, WaterPhysics.BoilingPointC(0), 1e-9);
        Assert.Equal(92, WaterPhysics.BoilingPointC(2_340), 0.6);
        Assert.Equal(30, Kettle.Usual.Seconds(Kettle.Usual.TemperatureC(30, 12, 21), 12, 21), 1e-6);
        Assert.InRange(Kettle.Usual.TemperatureC(30, 12, 21), 95.5, 96.5);
        Assert.Equal(Kettle.Usual.DecayPerS, Kettle.Timed(60, Kettle.Usual.TemperatureC(60, 0, 20), 0, 20).DecayPerS, 1e-9);
        Assert.Equal(100, LetDown.WaterG(100, 2.6, 1.3), 1e-9);
        Assert.Equal(1.3, LetDown.TdsPercent(100, 2.6, 100), 1e-9);
        var spoons = RoughMeasures.Spoons(31, 6.2);
        Assert.Equal(5, spoons.Count);
        Assert.True(spoons.LowG < 31 && spoons.HighG > 31);
        Assert.Equal(1.25, new Units(MassUnit.Ounce, TemperatureUnit.Fahrenheit, VolumeUnit.FluidOunce, 180).MassFromG(35.436904), 1e-6);
        Assert.Equal(205, new Units(MassUnit.Ounce, TemperatureUnit.Fahrenheit, VolumeUnit.FluidOunce, 180).TemperatureFromC(96.1111), 0.01);
        Assert.NotNull(GrainWords.Find("Table salt")!.Dispute);
        Assert.Contains(GrainWords.For(900), word => word.Word == "coarse");
        var ratios = Ratios.Of(Press);
        Assert.Equal(15, ratios.Poured);
        Assert.True(ratios.InTheCup < ratios.Poured - 2);
        var caffeine = Caffeine.Of(Press, decaffeinated: false);
        Assert.InRange(caffeine.LowMg, 130, 270);
        Assert.True(caffeine.HighMg > caffeine.LowMg && Caffeine.Of(Press, decaffeinated: true).HighMg < 35);
    }
}
