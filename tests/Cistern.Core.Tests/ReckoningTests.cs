using System.Globalization;

namespace Cistern.Core.Tests;

/// <summary>What is calculated without a forecast, compared with figures worked out by hand.</summary>
public sealed class ReckoningTests
{
    [Fact]
    public void A_reading_gives_the_yield_by_both_accountings()
    {
        // 1.4 % of 200 g is 2.8 g of 15 g; 30 g of the same strength stay in the bed.
        var plain = MeasuredYield.Of(1.4, 200, 0, 30, 15);
        Assert.Equal(100 * 2.8 / 15, plain.InTheCupPercent, 6);
        Assert.Equal(100 * (2.8 + 0.42) / 15, plain.DissolvedPercent, 6);
        // Diluted with 100 g, the liquid in the bed keeps the strength the brew had before.
        var dilution = MeasuredYield.Of(1.4, 200, 100, 30, 15);
        Assert.Equal(plain.InTheCupPercent, dilution.InTheCupPercent, 6);
        Assert.Equal(100 * (2.8 + 0.84) / 15, dilution.DissolvedPercent, 6);
    }

    [Fact]
    public void Units_convert_and_convert_back_by_their_definitions()
    {
        var imperial = new Units(MassUnit.Ounce, MassUnit.Ounce, TemperatureUnit.Fahrenheit, VolumeUnit.FluidOunce, 180);
        Assert.Equal(1, imperial.MassFromG(28.349523125), 1e-12);
        Assert.Equal(56.69904625, imperial.MassToG(2), 1e-9);
        Assert.Equal(203, imperial.TemperatureFromC(95), 1e-9);
        Assert.Equal(95, imperial.TemperatureToC(203), 1e-9);
        Assert.Equal(9, imperial.DifferenceFromK(5), 1e-12);
        Assert.Equal(1, imperial.VolumeFromMl(29.5735295625), 1e-12);
        Assert.Equal(59.147059125, imperial.VolumeToMl(2), 1e-9);
        Assert.Equal((20, 20, 95, 95, 5, 250, 250), (Units.Metric.MassFromG(20), Units.Metric.MassToG(20), Units.Metric.TemperatureFromC(95), Units.Metric.TemperatureToC(95), Units.Metric.DifferenceFromK(5), Units.Metric.VolumeFromMl(250), Units.Metric.VolumeToMl(250)));
        Assert.Equal((2, 360), ((Units.Metric with { Volume = VolumeUnit.Cup }).VolumeFromMl(360), (Units.Metric with { Volume = VolumeUnit.Cup }).VolumeToMl(2)));
    }

    [Fact]
    public void Words_for_grain_are_the_ranges_that_people_mean()
    {
        Assert.Equal(
            "flour 50-200, very fine 150-320, fine 250-480, fine sand 300-500, caster sugar 300-600, table salt 300-650, medium-fine 420-620, sand 450-800, medium 550-850, medium-coarse 700-1000, kosher or sea salt 800-1200, coarse 850-1300, breadcrumbs 900-1400, very coarse 1200-1700",
            string.Join(", ", GrainWords.All.Select(one => string.Create(CultureInfo.InvariantCulture, $"{one.Word} {one.LowUm}-{one.HighUm}"))));
        Assert.Equal(["very fine", "fine", "fine sand", "caster sugar", "table salt"], GrainWords.For(320).Select(one => one.Word));
        Assert.Equal(["fine", "fine sand", "caster sugar", "table salt"], GrainWords.For(321).Select(one => one.Word));
        Assert.Equal(["fine sand", "caster sugar", "table salt"], GrainWords.For(300).Where(one => one.LowUm == 300).Select(one => one.Word));
        Assert.NotNull(GrainWords.All.Single(one => one.Word == "table salt").Dispute);
    }

    [Theory]
    [InlineData(20, 7, 3, 19.788, 22.212)]
    [InlineData(0.5, 7, 0.5, 3.005, 3.995)]
    [InlineData(30, 10, 3, 28.268, 31.732)]
    public void A_dose_is_shown_in_half_spoons_and_how_rough_that_is(double doseG, double spoonG, double count, double lowG, double highG)
    {
        var spoons = RoughMeasures.Spoons(doseG, spoonG);
        Assert.Equal((count, lowG, highG), (spoons.Count, Math.Round(spoons.LowG, 3), Math.Round(spoons.HighG, 3)));
        Assert.Throws<ArgumentOutOfRangeException>(() => RoughMeasures.Spoons(doseG, 0));
    }

    [Fact]
    public void Water_is_shown_at_a_mark_with_the_room_the_grounds_take()
    {
        // 400 g of water just off the boil are 417 ml, and 24 g of grounds take 19.
        var mark = RoughMeasures.Mark(400, 24, 96);
        var density = WaterPhysics.DensityGPerMl(96);
        Assert.Equal(435, mark.Count);
        Assert.Equal((400 - (10 * density), 400 + (10 * density)), (mark.LowG, mark.HighG));
        Assert.InRange(density, 0.955, 0.965);
        Assert.Equal(2, RoughMeasures.Cups(2 * 180 * WaterPhysics.DensityGPerMl(60), 180), 1e-9);
    }

    [Fact]
    public void A_ratio_is_given_three_ways_and_calculated_back_from_the_cup()
    {
        var batch = new Batch(30, 450);
        Assert.Equal((15, 1000.0 / 15), (batch.Ratio, batch.GPerL));
        var press = Vessel.Of(new Brewer(BrewerFamily.FrenchPress, 1000));
        var wanted = Batch.ForBeverage(500, 16, press);
        Assert.Equal(500, wanted.WaterG - (press.HoldGPerG * wanted.DoseG) - press.ResidueG, 1e-9);
        Assert.Equal(16, wanted.Ratio, 1e-12);
        Assert.Throws<ArgumentOutOfRangeException>(() => Batch.ForBeverage(500, press.HoldGPerG, press));
    }

    [Fact]
    public void A_kettle_takes_longer_by_its_losses()
    {
        var kettle = new Heating(1700, KeepsTemperature: true, Kettle.Usual);
        Assert.Equal(1000 * 4.19 * 70 / (0.85 * 1700), kettle.Seconds(1000, 20, 90, 0), 1e-6);
        // At a high place no hotter than it boils; no heating time for what is warm enough already.
        Assert.Equal(kettle.Seconds(1000, 20, WaterPhysics.BoilingPointC(2400), 2400), kettle.Seconds(1000, 20, 98, 2400), 1e-9);
        Assert.Equal(0, kettle.Seconds(1000, 95, 90, 0));
        Assert.Equal(0, kettle.OffTheBoilS(90, 0, 20));
        var plain = kettle with { KeepsTemperature = false };
        Assert.Equal(0, plain.OffTheBoilS(20, 0, 20));
        Assert.Equal(Math.Log((100.0 - 20) / 70) / 1.7e-3, plain.OffTheBoilS(90, 0, 20), 1.0);
    }

    [Fact]
    public void A_cooling_kettle_is_known_from_one_reading()
    {
        var boilsC = WaterPhysics.BoilingPointC(0);
        var timed = Kettle.Timed(60, 90, 0, 20);
        Assert.Equal(90, timed.TemperatureC(60, 0, 20), 1e-9);
        Assert.Equal(60, timed.Seconds(90, 0, 20), 1e-6);
        Assert.Equal((0, 0, double.PositiveInfinity), (timed.Seconds(boilsC, 0, 20), timed.Seconds(boilsC + 1, 0, 20), timed.Seconds(20, 0, 20)));
        Assert.Throws<ArgumentOutOfRangeException>(() => Kettle.Timed(0, 90, 0, 20));
        Assert.Throws<ArgumentOutOfRangeException>(() => Kettle.Timed(60, boilsC, 0, 20));
        Assert.Throws<ArgumentOutOfRangeException>(() => Kettle.Timed(60, 20, 0, 20));
    }

    [Theory]
    [InlineData("15,5", 15.5)]
    [InlineData(" 15.5 ", 15.5)]
    [InlineData("−3", -3.0)]
    [InlineData("20.005", 20.0)]
    [InlineData("-5.004", -5.0)]
    public void A_number_is_read_as_it_is_typed(string text, double value) =>
        Assert.Equal(new TypedNumber(text, value, null), TypedNumber.Read(text, -5, 20, "g"));

    [Theory]
    [InlineData(null, "Nothing is typed here. Give a number from -5 to 20 g.")]
    [InlineData("1.5.2", "There are two decimal marks in it. Give a number from -5 to 20 g, like 15.5 or 15,5.")]
    [InlineData("1e3", "That is not a number. Give a number from -5 to 20 g.")]
    [InlineData("0000000000000000000000000000001", "That is not a number. Give a number from -5 to 20 g.")]
    [InlineData("20.0051", "That is too much. Give a number from -5 to 20 g.")]
    [InlineData("-5.0051", "That is too little. Give a number from -5 to 20 g.")]
    public void An_invalid_number_is_refused_with_its_range(string? text, string problem)
    {
        var read = TypedNumber.Read(text, -5, 20, "g");
        Assert.Equal((null, problem, text ?? ""), (read.Value, read.Problem, read.Text));
    }

    [Fact]
    public void A_limit_is_valid_as_large_numbers_are_shown()
    {
        // Thousands are shown in whole units: 0.005 for each thousand.
        Assert.Equal(4000, TypedNumber.Read("4000.019", 0, 4000, "").Value);
        Assert.Null(TypedNumber.Read("4000.021", 0, 4000, "").Value);
    }

    [Theory]
    [InlineData("4:15", 255.0)]
    [InlineData("1:05:00", 3900.0)]
    [InlineData("90", 90.0)]
    [InlineData("0:59.5", 59.5)]
    [InlineData("4:60", null)]
    [InlineData("4.5:10", null)]
    [InlineData("1:60:00", null)]
    [InlineData("49:00:00", null)]
    [InlineData("1:2:3:4", null)]
    [InlineData("2880:00", 172_800.0)]
    [InlineData("2881:00", null)]
    public void A_time_is_read_in_minutes_and_hours(string text, double? seconds)
    {
        var read = TypedNumber.ReadClock(text, 0, 172_800);
        Assert.Equal((seconds, text, seconds is null), (read.Value, read.Text, read.Problem is not null));
    }

    [Fact]
    public void Ice_melts_by_the_heat_that_meets_it()
    {
        // 100 g at 60 °C bring 0.9 × 25,140 J; a gram of ice at −10 °C takes 20.9 + 334 J.
        var iced = new ServedDrink(100, 60);
        iced.Chill(100, -10, null);
        Assert.Equal(0.9 * 100 * 60 * 4.19 / 354.9, iced.MeltG, 1e-6);
        Assert.Equal((0, 100), (iced.TemperatureC, iced.IceG));
        Assert.Equal(100 + iced.MeltG, iced.MassG, 1e-9);
        Assert.Equal(iced.MeltG, iced.LeastIceG, 1e-9);
        Assert.Null(iced.Short);

        var little = new ServedDrink(100, 60);
        little.Chill(30, -10, 4);
        Assert.Equal(((0.9 * 100 * 60 * 4.19) - (30 * 354.9)) / (4.19 * 130), little.TemperatureC, 1e-6);
        Assert.Equal((30, (little.TemperatureC, 4)), (little.MeltG, little.Short!.Value));
        Assert.True(little.LeastIceG > 30);

        // Strained off the ice nothing goes on melting; left on it, warm water melts more.
        var strained = new ServedDrink(100, 60);
        strained.Chill(200, -6, 10);
        Assert.Equal(10, strained.TemperatureC, 1e-9);
        var (melt, mass) = (strained.MeltG, strained.MassG);
        strained.Dilution(50, 80);
        Assert.Equal((melt, mass + 50), (strained.MeltG, strained.MassG));
        Assert.Equal(((mass * 10) + (50 * 80)) / (mass + 50), strained.TemperatureC, 1e-6);
        iced.Dilution(20, 50);
        Assert.Equal((0.9 * 6000 * 4.19 / 354.9) + (0.9 * 20 * 50 * 4.19 / 354.9), iced.MeltG, 1e-6);
    }

    [Fact]
    public void An_undiluted_drink_keeps_its_temperature()
    {
        var nothing = new ServedDrink(0, 70);
        nothing.Dilution(0, 20);
        Assert.Equal((0, 70), (nothing.MassG, nothing.TemperatureC));
        var warm = new ServedDrink(100, 70);
        warm.Dilution(100, 20);
        Assert.Equal((200, 45), (warm.MassG, Math.Round(warm.TemperatureC, 9)));
    }

    [Theory]
    [InlineData(49.9, 39.9, Suits.Low, Suits.Low)]
    [InlineData(50, 40, Suits.Well, Suits.Well)]
    [InlineData(175, 75, Suits.Well, Suits.Well)]
    [InlineData(175.1, 75.1, Suits.High, Suits.High)]
    public void Water_suits_within_its_ranges(double hardness, double alkalinity, Suits hard, Suits alkaline) =>
        Assert.Equal((hard, alkaline), (new BrewingWater(hardness, alkalinity).HardnessSuits, new BrewingWater(hardness, alkalinity).AlkalinitySuits));

    [Fact]
    public void A_drink_is_waited_for_until_the_cup_and_it_are_at_sixty()
    {
        // 200 g at 85 °C in a cup of 150 J/K at 21 °C come to 75.3 °C, and lose 1.1 W for each degree over the room.
        var startC = ((838.0 * 85) + (150 * 21)) / 988;
        Assert.Equal(988 / 1.1 * Math.Log((startC - 21) / 39), Drinking.WaitS(250, 85, 21), 1e-6);
        Assert.Equal(Drinking.WaitS(200, 85, 21), Drinking.WaitS(400, 85, 21));
        Assert.True(Drinking.WaitS(100, 85, 21) < Drinking.WaitS(200, 85, 21));
        Assert.Equal((0, 0), (Drinking.WaitS(200, 60, 21), Drinking.WaitS(200, 90, 60)));
    }

    [Fact]
    public void Dilution_to_a_strength_is_computed()
    {
        Assert.Equal(50, Dilution.WaterG(100, 1.5, 1.0), 1e-9);
        Assert.Equal(0, Dilution.WaterG(100, 1.0, 1.5));
        Assert.Equal(1.0, Dilution.TdsPercent(100, 1.5, 50), 1e-9);
        Assert.Equal(0, Dilution.TdsPercent(0, 1.5, 0));
        Assert.Throws<ArgumentOutOfRangeException>(() => Dilution.WaterG(100, 1.5, 0));
    }
}
