namespace Cistern.Web.Tests;

/// <summary>What is shown to a barista without a scale, thermometer or grinder.</summary>
public sealed class EquipmentTests
{
    private static readonly FigureFormat Metric = new(Units.Metric);
    private static readonly Equipment Nothing = new(false, false, false);
    private static readonly Place Sea = RecipeLibrary.Find("jar-spoons")!.Place with { AltitudeM = 0, AmbientC = 21 };

    [Fact]
    public void With_a_scale_and_thermometer_targets_are_weights_and_degrees()
    {
        Assert.Equal("28.0 g", Equipment.Everything.Dose(28, Metric));
        Assert.Equal("to 350 g", Equipment.Everything.To(350, 28, Metric));
        Assert.Equal("350 g", Equipment.Everything.Water(350, Metric));
        Assert.Equal("96 °C", Equipment.Everything.Heat(96, Sea, Metric));
    }

    [Fact]
    public void A_spoon_that_was_weighed_is_better_than_any_spoon()
    {
        Assert.Equal("4½ level house tablespoons", (Nothing with { Spoon = new("house tablespoon", 6.2, Heaped: false) }).Dose(28, Metric));
        Assert.Equal("about 4½ level tablespoons", Nothing.Dose(28, Metric));
        Assert.Equal("½ heaped ladle", (Nothing with { Spoon = new("ladle", 40, Heaped: true) }).Dose(20, Metric));
    }

    [Theory]
    [InlineData(0, "until some 365 ml are in it")]
    [InlineData(28, "until some 385 ml are in it")]
    public void Without_marks_a_level_is_shown_in_ml_and_the_coffee_takes_room(double coffeeG, string told) => Assert.Equal(told, Nothing.To(350, coffeeG, Metric));

    [Theory]
    [InlineData(193, "to the 200 mark")]
    [InlineData(240, "half way up from the 200 to the 300 mark")]
    [InlineData(300, "10 ml over the 300 mark")]
    [InlineData(48, "half way up from the bottom to the 100 mark")]
    [InlineData(110, "just over the 100 to the 200 mark")]
    public void At_marks_it_is_shown_by_the_nearest(double waterG, string told) => Assert.Equal(told, (Nothing with { MarksMl = [100, 200, 300] }).To(waterG, 0, Metric));

    [Theory]
    [InlineData(100, "the boil")]
    [InlineData(99.6, "the boil")]
    [InlineData(96, "the boil, then wait 0:30 with the lid open")]
    [InlineData(85, "the boil, then wait 2:05 with the lid open")]
    [InlineData(15, "cold from the tap, or left to stand")]
    [InlineData(4, "cold from the fridge")]
    public void A_temperature_is_seconds_off_the_boil(double c, string told) => Assert.Equal(told, Nothing.Heat(c, Sea, Metric));

    [Fact]
    public void A_kettle_that_was_timed_and_a_high_place_count()
    {
        Assert.Equal("the boil, then wait 0:15 with the lid open", (Nothing with { Kettle = new Kettle(3.4e-3) }).Heat(96, Sea, Metric));
        Assert.Equal("the boil", Nothing.Heat(96, Sea with { AltitudeM = 2_340 }, Metric));
    }
}
