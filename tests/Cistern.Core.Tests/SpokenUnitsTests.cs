namespace Cistern.Core.Tests;

/// <summary>Units and words as they are said after a number.</summary>
public sealed class SpokenUnitsTests
{
    [Theory]
    [InlineData("22 g", "g", 22)]
    [InlineData("22g", "g", 22)]
    [InlineData("22 Grams", "g", 22)]
    [InlineData("0.8 oz", "g", 22.68)]
    [InlineData("1 kg", "g", 1_000)]
    [InlineData("28.35 g", "oz", 1)]
    [InlineData("1,5 l", "ml", 1_500)]
    [InlineData("10 fl oz", "ml", 295.74)]
    [InlineData("200 F", "°C", 93.33)]
    [InlineData("200 °F", "°C", 93.33)]
    [InlineData("93 degrees", "°C", 93)]
    [InlineData("93°", "°C", 93)]
    [InlineData("100 c", "°F", 212)]
    [InlineData("-40 C", "°F", -40)]
    [InlineData("2 min", "s", 120)]
    [InlineData("90 s", "s", 90)]
    [InlineData("1.35 %", "%", 1.35)]
    [InlineData("560 µm", "µm", 560)]
    [InlineData("2,340 g", "g", 2_340)]
    public void A_number_with_its_unit_is_read_in_the_fields(string typed, string unit, double value) => Assert.Equal(value, TypedNumber.Read(typed, -1e5, 1e5, unit).Value!.Value, 0.01);

    [Theory]
    [InlineData("3 cubes", 60.0)]
    [InlineData("A glass full of ice", 160.0)]
    [InlineData("two blocks", 220.0)]
    [InlineData("half a handful", 40.0)]
    [InlineData("a bucket", null)]
    [InlineData("cubes", null)]
    public void Ice_is_said_as_it_comes(string typed, double? iceG) => Assert.Equal(iceG, SpokenAmounts.IceG(typed));

    [Theory]
    [InlineData("22 g", "°C")]
    [InlineData("90 s", "g")]
    [InlineData("22 ml", "g")]
    [InlineData("22 stones", "g")]
    [InlineData("g", "g")]
    [InlineData("22 g 3", "g")]
    public void A_number_with_a_unit_of_another_kind_is_refused(string typed, string unit) => Assert.NotNull(TypedNumber.Read(typed, 0, 1e5, unit).Problem);

    [Fact]
    public void Invalid_text_stays_with_its_finding()
    {
        var read = TypedNumber.Read("500 kg", 1, 400, "g");
        Assert.Equal(("500 kg", true), (read.Text, read.Problem!.StartsWith("That is too much.", StringComparison.Ordinal)));
    }

    [Theory]
    [InlineData("2 min", 120)]
    [InlineData("90 s", 90)]
    [InlineData("2 min 30 s", 150)]
    [InlineData("2 minutes and 30 seconds", 150)]
    [InlineData("2m30s", 150)]
    [InlineData("1.5 min", 90)]
    [InlineData("1 h 5 min", 3_900)]
    [InlineData("4:30", 270)]
    [InlineData("Overnight", 43_200)]
    [InlineData("two minutes", 120)]
    [InlineData("half an hour", 1_800)]
    [InlineData("45", 45)]
    public void A_time_is_read_as_it_is_said(string typed, double seconds) => Assert.Equal(seconds, TypedNumber.ReadClock(typed, 0, 1e5).Value);

    [Theory]
    [InlineData("-0:05")]
    [InlineData("−0:05")]
    public void A_negative_time_is_before_the_clock_and_not_ignored(string typed)
    {
        Assert.Equal(-5, TypedNumber.ReadClock(typed, -60, 1e5).Value);
        Assert.NotNull(TypedNumber.ReadClock(typed, 0, 1e5).Problem);
    }

    [Theory]
    [InlineData("30 s 2 min")]
    [InlineData("2 min 3 min")]
    [InlineData("2 cups")]
    [InlineData("min")]
    [InlineData("some minutes")]
    public void Text_without_a_time_gives_none(string typed) => Assert.NotNull(TypedNumber.ReadClock(typed, 0, 1e5).Problem);

    [Theory]
    [InlineData("slightly coarse", 837)]
    [InlineData("Extra coarse", 1428)]
    [InlineData("between sea salt and table salt", 658)]
    [InlineData("like sea salt", 980)]
    [InlineData("finer than table salt", 373)]
    [InlineData("a bit Coarser than sea salt", 1161)]
    [InlineData("much finer than medium", 419)]
    public void A_grind_is_said_as_baristas_say_it(string typed, double um) => Assert.InRange(GrainWords.Find(typed)!.MiddleUm, um - 1, um + 1);

    [Theory]
    [InlineData("Table salt", "table salt", 442)]
    [InlineData("sea salt", "kosher or sea salt", 980)]
    [InlineData("caster sugar", "caster sugar", 424)]
    public void A_grain_word_is_found_and_means_its_middle(string typed, string word, double um)
    {
        var found = GrainWords.Find(typed)!;
        Assert.Equal(word, found.Word);
        Assert.Equal(um, found.MiddleUm, 0.5);
        Assert.NotNull(found.Dispute);
        Assert.Null(GrainWords.Find("sugar cubes"));
    }
}
