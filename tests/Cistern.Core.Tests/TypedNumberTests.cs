namespace Cistern.Core.Tests;

/// <summary>Numbers as they are typed, and as the pages write them.</summary>
public sealed class TypedNumberTests
{
    [Theory]
    // As the page writes it.
    [InlineData("2,340", 0, 5_000, 2_340)]
    [InlineData("1,150", 1, 5_000, 1_150)]
    [InlineData("12,345,678", 0, 1e9, 12_345_678)]
    [InlineData("1,150.5", 0, 5_000, 1_150.5)]
    [InlineData("-1,150", -5_000, 5_000, -1_150)]
    [InlineData("2 340", 0, 5_000, 2_340)]
    [InlineData("2\u202F340", 0, 5_000, 2_340)]
    [InlineData("2'340,5", 0, 5_000, 2_340.5)]
    // A value within the range is taken as meant.
    [InlineData("15,500", 1, 400, 15.5)]
    [InlineData("1.250", 0, 30, 1.25)]
    [InlineData("1.150", 100, 5_000, 1_150)]
    // Fewer or more than three digits after the mark are decimals.
    [InlineData("15,5", 1, 400, 15.5)]
    [InlineData("1,15", 0, 5_000, 1.15)]
    [InlineData("1.1500", 0, 5_000, 1.15)]
    [InlineData("0,560", 0, 5_000, 0.56)]
    [InlineData("0.560", 0, 5_000, 0.56)]
    [InlineData("1234.5", 0, 5_000, 1_234.5)]
    // Fractions, as on collars and spoons.
    [InlineData("4 1/3", 0, 20, 4.3333)]
    [InlineData("4½", 0, 20, 4.5)]
    [InlineData("3/4", 0, 20, 0.75)]
    public void A_number_is_read_as_it_is_meant(string typed, double min, double max, double value) => Assert.Equal(value, TypedNumber.Read(typed, min, max, "g").Value);

    [Theory]
    [InlineData("medium", "0.45")]
    [InlineData("Medium-dark roast", "0.6")]
    [InlineData("0.3", "0.3")]
    [InlineData("purple", "purple")]
    public void A_roast_is_read_as_bags_call_it(string said, string number) => Assert.Equal(number, RoastWords.Number(said));

    [Fact]
    public void An_ambiguous_number_is_asked_about()
    {
        var asked = TypedNumber.Read("1.150", 1, 5_000, "g");
        Assert.Equal("That could be 1150 or 1.15. Type 1150, or 1.1500 for the smaller one.", asked.Problem);
        // What the question suggests to type is understood.
        Assert.Equal(1_150, TypedNumber.Read("1150", 1, 5_000, "g").Value);
        Assert.Equal(1.15, TypedNumber.Read("1.1500", 1, 5_000, "g").Value);
    }

    [Theory]
    [InlineData("1,2,3")]
    [InlineData("12,34,567")]
    [InlineData("1,1500.2.3")]
    [InlineData("1 15")]
    [InlineData("01,150 gx")]
    [InlineData("1,,150")]
    public void Text_without_a_number_gives_none(string typed) => Assert.NotNull(TypedNumber.Read(typed, 0, 5_000, "g").Problem);

    /// <summary>With a search that starts anew at every letter each of these would take minutes.</summary>
    [Fact]
    public void Far_too_long_text_is_refused_at_once()
    {
        var blanks = string.Concat(Enumerable.Repeat("1 ", 100_000)) + "!";
        Assert.Contains("not a number", TypedNumber.Read(blanks, 0, 100, "g").Problem, StringComparison.Ordinal);
        Assert.Contains("not a time", TypedNumber.ReadClock(string.Concat(Enumerable.Repeat("1 s ", 100_000)), 0, 100).Problem, StringComparison.Ordinal);
        Assert.NotNull(WantedTime.Read(new string('1', 100_000) + " 7:30", new DateTime(2026, 11, 26)).Problem);
    }
}
