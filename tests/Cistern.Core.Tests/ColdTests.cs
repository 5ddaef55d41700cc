namespace Cistern.Core.Tests;

/// <summary>Cold water over hours: the same physics, dissolving more slowly and less in the end.</summary>
public sealed class ColdTests
{
    private static readonly double[] Hours = [4, 8, 12, 16, 24];

    private static readonly double[] Cold = [2, 5, 10, 15, 20, 25];

    private static Recipe Jar(double waterC, double hours, double medianUm = 800, double? roomC = null) => RecipeLibrary.Find("jar-spoons")! with
    {
        Coffee = new Coffee(30, 0.5, 14),
        Grind = new Grind(medianUm, 0.4, null),
        Water = RecipeLibrary.Find("jar-spoons")!.Water with { TemperatureC = waterC },
        Place = new Place(100, roomC ?? Math.Min(waterC, 20)),
        Steps = [new Step.AddCoffee(), new Step.Pour(350) { OverS = 30 }, new Step.Lid(), new Step.Wait((hours * 3_600) - 30), new Step.Decant { OverS = 30 }],
    };

    private static Totals Of(double waterC, double hours, double medianUm = 800) => ForecastModel.Published.Run(Jar(waterC, hours, medianUm)).Totals;

    [Fact]
    public void A_cold_steep_extracts_more_the_longer_and_the_warmer()
    {
        foreach (var um in new[] { 600.0, 800, 1_100 })
        {
            Assert.All(Cold, c => Assert.True(Hours.Zip(Hours.Skip(1)).All(pair => Of(c, pair.Second, um).ExtractionYieldPercent > Of(c, pair.First, um).ExtractionYieldPercent), $"{c} °C, {um} µm"));
            Assert.All(Hours, hours => Assert.True(Cold.Zip(Cold.Skip(1)).All(pair => Of(pair.Second, hours, um).ExtractionYieldPercent > Of(pair.First, hours, um).ExtractionYieldPercent), $"{hours} h, {um} µm"));
        }
    }

    [Fact]
    public void After_a_day_at_20_degrees_a_cold_steep_is_within_a_tenth_of_its_rest()
    {
        var rest = Of(20, 24, 400).DissolvedYieldPercent;
        Assert.InRange(Of(20, 24).DissolvedYieldPercent, 0.9 * rest, rest);
        // In four hours a coarse grind has hardly extracted that much.
        Assert.True(Of(20, 4, 1_300).DissolvedYieldPercent < 0.95 * rest);
        Assert.InRange(Of(20, 24).ExtractionLevel, 0.85, 0.97);
    }

    [Fact]
    public void A_cold_steep_is_weaker_and_less_bitter_than_hot_at_the_same_ratio()
    {
        foreach (var c in Cold)
        {
            foreach (var hours in Hours)
            {
                Assert.True(Of(c, hours).FinalTdsPercent < Of(93, hours).FinalTdsPercent && Of(c, hours).FlavourBalance < Of(93, hours).FlavourBalance, $"{c} °C, {hours} h");
            }
        }
    }

    [Fact]
    public void Dissolved_coffee_stays_dissolved_as_water_cools()
    {
        var hours = new[] { 0.5, 1, 2, 4, 8, 16 }.Select(hours => Of(58, hours).DissolvedYieldPercent).ToList();
        Assert.Equal(hours.Order(), hours);
        Assert.True(hours[^1] > hours[0]);
    }

    [Fact]
    public void A_cold_steep_reaches_the_temperature_of_the_room()
    {
        Assert.InRange(ForecastModel.Published.Run(Jar(5, 12, roomC: 22)).Totals.SlurryEndC, 20, 22);
        Assert.InRange(ForecastModel.Published.Run(Jar(5, 1, roomC: 22)).Totals.SlurryEndC, 6, 21);
    }

    [Fact]
    public void Cold_steeps_have_wider_bands_than_hot_ones()
    {
        double Width(Recipe recipe) => Confidence.Of(ForecastModel.Published.Run(recipe))[Outcome.TdsPercent] is var band ? (band.High - band.Low) / band.Value : 0;
        var cold = Jar(20, 0.1);
        Assert.True(ForecastModel.Published.Run(cold).IsCold);
        Assert.False(ForecastModel.Published.Run(cold with { Water = cold.Water with { TemperatureC = 60 } }).IsCold);
        Assert.True(Width(cold) > 1.5 * Width(cold with { Water = cold.Water with { TemperatureC = 61 }, Place = new Place(100, 50) }));
    }

    [Fact]
    public void The_cold_model_begins_without_a_jump() => Assert.Equal(Of(60.01, 4).ExtractionYieldPercent, Of(59.9, 4).ExtractionYieldPercent, 0.1);
}
