namespace Cistern.Core.Tests;

/// <summary>Kettles, waters, high places, preparation, choosing.</summary>
public sealed class ShelfReckoningTests
{
    [Fact]
    public void A_litre_boils_in_the_time_its_power_was_taken_from()
    {
        var heating = new Heating(Heating.PowerOf(240, 21, 0), KeepsTemperature: true, Kettle.Usual);
        Assert.Equal(240, heating.Seconds(1_000, 21, 100, 0), 1e-6);
        Assert.Equal(240 * 0.5 * (93.0 - 21) / (100 - 21), heating.Seconds(500, 21, 93, 0), 0.5);
        var boils = heating with { KeepsTemperature = false };
        Assert.Equal(Kettle.Usual.Seconds(93, 0, 21), boils.Seconds(500, 21, 93, 0) - boils.Seconds(500, 21, 100, 0), 1e-6);
        // At a high place there is less to heat, and no waiting for a temperature that is never reached.
        Assert.True(boils.Seconds(500, 17, 96, 2_340) < boils.Seconds(500, 17, 96, 0));
    }

    [Fact]
    public void Waters_mix_by_volume_and_a_concentrate_is_diluted()
    {
        var spring = new BrewingWater(22, 18);
        var drops = new BrewingWater(9_000, 3_200);
        var share = spring.ShareFor(drops, 100)!.Value;
        Assert.Equal(78.0 / 8_978, share, 1e-9);
        var mixed = spring.Mixed(drops, share);
        Assert.Equal(100, mixed.HardnessMgL, 1e-9);
        Assert.Equal(18 + (share * 3_182), mixed.AlkalinityMgL, 1e-9);
        Assert.Equal((Suits.Well, Suits.Well), (mixed.HardnessSuits, mixed.AlkalinitySuits));
        Assert.Equal(Suits.High, new BrewingWater(190, 140).AlkalinitySuits);
        Assert.Null(spring.ShareFor(new BrewingWater(30, 30), 100));
    }

    [Fact]
    public void A_low_boiling_point_can_be_compensated()
    {
        var recipe = RecipeLibrary.Find("fp-long-settle")! with { Place = new Place(2_340, 17) };
        var forecast = ForecastModel.Published.Run(recipe);
        var high = HighPlace.Of(forecast)!;
        Assert.Equal(92, high.BoilsC, 0.5);
        Assert.True(high.AsWanted.FinalTdsPercent > forecast.Totals.FinalTdsPercent);
        Assert.Contains(high.Ways, way => way.Setting == Setting.MedianUm && way.Solution.Values[Setting.MedianUm] < recipe.Grind.MedianUm);
        Assert.All(high.Ways, way => Assert.Equal(high.AsWanted.FinalTdsPercent, way.Solution.Forecast.Totals.FinalTdsPercent, 0.02));
        Assert.DoesNotContain(HighPlace.Of(forecast, canGrind: false)!.Ways, way => way.Setting == Setting.MedianUm);
        Assert.Null(HighPlace.Of(ForecastModel.Published.Run(RecipeLibrary.Find("fp-long-settle")!)));
    }

    [Fact]
    public void Sensitivities_have_the_sign_every_barista_knows()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var sensitivities = Sensitivities.Of(forecast).ToDictionary(sensitivity => sensitivity.Setting);
        Assert.True(sensitivities[Setting.MedianUm].ExtractionYieldPercent > forecast.Totals.ExtractionYieldPercent);
        Assert.True(sensitivities[Setting.SteepEndS].ExtractionYieldPercent > forecast.Totals.ExtractionYieldPercent);
        Assert.True(sensitivities[Setting.DoseG].TdsPercent > forecast.Totals.FinalTdsPercent && sensitivities[Setting.DoseG].ExtractionYieldPercent < forecast.Totals.ExtractionYieldPercent);
        Assert.True(sensitivities[Setting.WaterG].TdsPercent < forecast.Totals.FinalTdsPercent && sensitivities[Setting.WaterG].ExtractionYieldPercent > forecast.Totals.ExtractionYieldPercent);
    }

    [Fact]
    public void Preparation_is_scheduled_backwards_from_the_cup()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var kettle = new Heating(Heating.PowerOf(240, 21, 0), KeepsTemperature: true, Kettle.Usual);
        var preparation = Preparation.Of(forecast, new PreparationGear(kettle, 2));
        Assert.Equal(forecast.Recipe.WaterG + 150, preparation.WaterG);
        Assert.Contains(preparation.Things, thing => thing is { Chore: Chore.Grind, TakesS: 65 });
        Assert.Equal(forecast.Totals.FinishS - forecast.Timings[2].StartS, preparation.LeadS, 0.1);
        Assert.Equal(preparation.LeadS + Math.Max(preparation.HeatS!.Value, preparation.TakesS), preparation.KettleBeforeFinishS!.Value, 1e-6);
        Assert.DoesNotContain(Preparation.Of(forecast, new PreparationGear(null, 0)).Things, thing => thing.Chore == Chore.Grind);
    }

    [Fact]
    public void Choosing_puts_what_fits_first_and_says_where_the_rest_falls_short()
    {
        var choices = Choosing.Of(RecipeLibrary.All, new Wish { DrinkMl = 200, Iced = false, WithinS = 180, Washing = WashingUp.Little }, ForecastModel.Published);
        var fit = choices.TakeWhile(choice => choice.Misfits.Count == 0).ToList();
        Assert.NotEmpty(fit);
        Assert.All(fit, choice =>
        {
            Assert.True(choice.Forecast.Totals.FinishS <= 180 && choice.Forecast.Totals.ChilledC is null);
            Assert.Equal(200, choice.Forecast.Totals.FinalG / WaterPhysics.DensityGPerMl(60), 4.0);
        });
        Assert.All(choices.Skip(fit.Count), choice => Assert.NotEmpty(choice.Misfits));
        Assert.Contains(choices, choice => choice.Recipe.Id == "fp-long-settle" && choice.Misfits.Contains(Misfit.TooLong) && choice.Misfits.Contains(Misfit.MoreWashing));

        var milk = Choosing.Of(RecipeLibrary.All, new Wish { Milk = true, LeftG = 20 }, ForecastModel.Published);
        Assert.Contains(milk, choice => choice.Recipe.Id == "tp-short-bypass" && !choice.Misfits.Contains(Misfit.TooWeakForMilk) && choice.Misfits.Contains(Misfit.BagTooSmall));
    }

    /// <summary>A limit is met to the second, the gram and the number of people; slightly less and it is not met.</summary>
    [Fact]
    public void A_wish_that_is_met_exactly_is_met()
    {
        foreach (var recipe in (Recipe[])[RecipeLibrary.Find("vd-two-pours")!, RecipeLibrary.Find("fp-long-settle")!])
        {
            var choice = Assert.Single(Choosing.Of([recipe], new Wish(), ForecastModel.Published));
            Assert.Empty(choice.Misfits);
            var (finishS, handsS, doseG) = (choice.Forecast.Totals.FinishS, choice.HandsS, choice.Recipe.Coffee.DoseG);
            var exact = new Wish { WithinS = finishS, HandsS = handsS, LeftG = doseG, Washing = choice.Washing, Style = recipe.Style, Family = recipe.Brewer.Family, Iced = false };
            Assert.Empty(Misfits(exact));
            Assert.Equal([Misfit.TooLong], Misfits(exact with { WithinS = finishS - 0.001 }));
            Assert.Equal([Misfit.TooBusy], Misfits(exact with { HandsS = handsS - 0.001 }));
            Assert.Equal([Misfit.BagTooSmall], Misfits(exact with { LeftG = doseG - 0.001 }));
            Assert.Equal([Misfit.Hot], Misfits(exact with { Iced = true }));
            Assert.Equal([Misfit.Style], Misfits(exact with { Style = "another" }));
            Assert.Equal([Misfit.Vessel], Misfits(exact with { Family = BrewerFamily.Siphon }));

            IEnumerable<Misfit> Misfits(Wish wish) => Assert.Single(Choosing.Of([recipe], wish, ForecastModel.Published)).Misfits;
        }
    }

    /// <summary>A siphon's water is heated in its bulb: minutes over the flame, and no kettle except for the rinse.</summary>
    [Fact]
    public void A_siphon_asks_for_its_flames_minutes_and_not_for_the_kettle()
    {
        var siphon = ForecastModel.Published.Run(RecipeLibrary.Find("si-whirl")!);
        var preparation = Preparation.Of(siphon, new PreparationGear(new Heating(2_000, KeepsTemperature: true, Kettle.Usual), 1));
        Assert.Equal(150, preparation.WaterG);
        Assert.InRange(preparation.Things.Single(thing => thing.Chore == Chore.HeatBulb).TakesS, 600, 1_400);
        var stronger = siphon.Recipe with { Steps = [.. siphon.Recipe.Steps.Select(step => step is Step.LightBurner ? new Step.LightBurner(440) : step)] };
        Assert.Equal(preparation.Things.Single(thing => thing.Chore == Chore.HeatBulb).TakesS / 2, Preparation.Of(ForecastModel.Published.Run(stronger), new PreparationGear(null, 1)).Things.Single(thing => thing.Chore == Chore.HeatBulb).TakesS, 10.0);
        Assert.DoesNotContain(Preparation.Of(ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!), new PreparationGear(null, 1)).Things, thing => thing.Chore == Chore.HeatBulb);
    }
}
