namespace Cistern.Core.Tests;

/// <summary>Blind tastings: chances against published tables, and how the cups are dealt.</summary>
public sealed class BlindTastingTests
{
    /// <summary>The smallest number of right answers significant at 5 %, as in published tables of the triangle test.</summary>
    [Theory]
    [InlineData(3, 3)]
    [InlineData(6, 5)]
    [InlineData(7, 5)]
    [InlineData(8, 6)]
    [InlineData(9, 6)]
    [InlineData(10, 7)]
    [InlineData(11, 7)]
    [InlineData(12, 8)]
    [InlineData(14, 9)]
    [InlineData(15, 9)]
    [InlineData(16, 9)]
    [InlineData(18, 10)]
    [InlineData(20, 11)]
    [InlineData(24, 13)]
    [InlineData(30, 15)]
    [InlineData(36, 18)]
    [InlineData(48, 22)]
    public void A_triangle_takes_as_many_as_the_tables_say(int tasters, int least) => Assert.Equal(least, BlindTasting.Of(BlindKind.Triangle, tasters, 0).LeastRight);

    [Theory]
    [InlineData(2, 2)]
    [InlineData(3, 2)]
    [InlineData(4, 3)]
    [InlineData(8, 3)]
    [InlineData(9, 4)]
    [InlineData(14, 4)]
    [InlineData(15, 5)]
    public void Two_out_of_five_take_as_many_as_the_tables_say(int tasters, int least) => Assert.Equal(least, BlindTasting.Of(BlindKind.TwoOutOfFive, tasters, 0).LeastRight);

    [Theory]
    [InlineData(6, 6)]
    [InlineData(8, 8)]
    [InlineData(10, 9)]
    [InlineData(12, 10)]
    [InlineData(15, 12)]
    [InlineData(20, 15)]
    [InlineData(30, 21)]
    public void A_preference_takes_as_many_as_the_tables_say_either_way(int tasters, int least)
    {
        Assert.Equal(least, BlindTasting.Of(BlindKind.Preference, tasters, 0).LeastRight);
        Assert.True(BlindTasting.Of(BlindKind.Preference, tasters, least).Tells);
        Assert.True(BlindTasting.Of(BlindKind.Preference, tasters, tasters - least).Tells);
        Assert.False(BlindTasting.Of(BlindKind.Preference, tasters, least - 1).Tells);
    }

    [Fact]
    public void Too_few_tasters_can_say_nothing()
    {
        Assert.Null(BlindTasting.Of(BlindKind.Triangle, 2, 2).LeastRight);
        Assert.Null(BlindTasting.Of(BlindKind.Preference, 5, 5).LeastRight);
        Assert.Equal(1.0 / 9, BlindTasting.Of(BlindKind.Triangle, 2, 2).Chance, 1e-12);
    }

    [Fact]
    public void Chances_are_exact()
    {
        Assert.Equal(1, BlindTasting.AtLeast(12, 0, 1.0 / 3), 1e-12);
        Assert.Equal(1 - Math.Pow(2.0 / 3, 12), BlindTasting.AtLeast(12, 1, 1.0 / 3), 1e-12);
        Assert.Equal(Math.Pow(1.0 / 3, 12), BlindTasting.AtLeast(12, 12, 1.0 / 3), 1e-18);
        // Eight of twelve in a triangle test: 0.0188 in published tables.
        Assert.Equal(0.0188, BlindTasting.Of(BlindKind.Triangle, 12, 8).Chance, 5e-5);
        Assert.Equal(1, BlindTasting.Of(BlindKind.Preference, 10, 5).Chance);
        Assert.InRange(BlindTasting.AtLeast(100, 50, 0.5), 0.5, 0.55);
    }

    [Theory]
    [InlineData(BlindKind.Triangle, 3, 6)]
    [InlineData(BlindKind.TwoOutOfFive, 5, 20)]
    [InlineData(BlindKind.Preference, 2, 2)]
    public void Every_order_is_dealt_as_often_as_every_other(BlindKind kind, int cups, int orders)
    {
        var served = BlindTasting.Serve(kind, 3 * orders, 7);
        var dealt = served.GroupBy(taster => string.Concat(taster.Select(cup => cup.First ? 'A' : 'B')), StringComparer.Ordinal).ToList();
        Assert.Equal(orders, dealt.Count);
        Assert.All(dealt, order => Assert.Equal(3, order.Count()));
        Assert.All(served, taster =>
        {
            Assert.Equal(cups, taster.Length);
            Assert.Equal(cups, taster.Select(cup => cup.Code).Distinct().Count());
            Assert.All(taster, cup => Assert.InRange(cup.Code, 100, 999));
        });
        // The same seed deals the cups the same way, another seed differently.
        Assert.Equal(served.SelectMany(taster => taster), BlindTasting.Serve(kind, 3 * orders, 7).SelectMany(taster => taster));
        Assert.NotEqual(served.SelectMany(taster => taster), BlindTasting.Serve(kind, 3 * orders, 8).SelectMany(taster => taster));
    }
}
