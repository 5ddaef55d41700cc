namespace Cistern.Web.Tests;

/// <summary>The log, its trends and blind tastings in words.</summary>
public sealed class LogWordingTests
{
    private static readonly FigureFormat Metric = new(Units.Metric);
    private static readonly FigureFormat Imperial = new(new Units(MassUnit.Ounce, MassUnit.Ounce, TemperatureUnit.Fahrenheit, VolumeUnit.FluidOunce, 180));

    /// <summary>A remark begins at its limit, in both directions, and not slightly before.</summary>
    [Theory]
    [InlineData(4.9, 0, 0, 0, "")]
    [InlineData(5, 0, 0, 0, "the steep ended 5 s late")]
    [InlineData(-99, 0, 0, 0, "the steep ended 99 s early")]
    [InlineData(-100, 0, 0, 0, "the steep ended 1:40 early")]
    [InlineData(0, 0.14, 1.9, 0.9, "")]
    [InlineData(0, 0.151, 0, 0, "0.2 g more coffee")]
    [InlineData(0, -1, 0, 0, "1.0 g less coffee")]
    [InlineData(0, 0, 2, 0, "2 g more water")]
    [InlineData(0, 0, -30, 0, "30 g less water")]
    [InlineData(0, 0, 0, 1, "water 1 °C hotter")]
    [InlineData(0, 0, 0, -4, "water 4 °C cooler")]
    [InlineData(180, 0.5, 12, -3, "the steep ended 3:00 late, 0.5 g more coffee, 12 g more water, water 3 °C cooler")]
    public void What_differed_is_shown_from_where_it_matters(double steepEndS, double doseG, double waterG, double temperatureC, string told)
    {
        var row = Off(steepEndS, doseG, waterG, temperatureC);
        Assert.Equal(told, LogWording.Differed(row, Metric));
    }

    [Fact]
    public void What_differed_is_shown_in_the_baristas_units_and_not_at_all_where_it_is_not_known()
    {
        Assert.Equal("0.04 oz more coffee, 1.06 oz more water, water 5 °F hotter", LogWording.Differed(Off(0, 1, 30, 3), Imperial));
        Assert.Equal("", LogWording.Differed(Row(_ => { }), Metric));
    }

    [Theory]
    [InlineData("score", "-4", "under 4 of 10")]
    [InlineData("score", "9-", "9 of 10 and over")]
    [InlineData("strength", "1.2-1.35", "1.2 to 1.35 % TDS")]
    [InlineData("month", "2026-03", "Mar 2026")]
    [InlineData("month", "never", "never")]
    [InlineData("family", "jar", "open jar")]
    [InlineData("family", "boat", "boat")]
    [InlineData("recipe", "vd-water-first", "Water below")]
    [InlineData("recipe", "mine", "mine")]
    [InlineData("state", "given-up", "abandoned")]
    [InlineData("state", "untasted", "not tasted")]
    [InlineData("drawn", "to-the-end", "over-extracted")]
    [InlineData("flow", "within", "in its windows")]
    [InlineData("flow", "late", "steep ended or done late")]
    [InlineData("coffee", "Blue Ferry", "Blue Ferry")]
    public void Each_value_is_shown_as_it_is_spoken(string facet, string value, string told) => Assert.Equal(told, LogWording.Of(LogFacet.Find(facet)!, value));

    /// <summary>Every facet has a name of its own, and every value a row can have is offered in some order.</summary>
    [Fact]
    public void Every_facet_has_a_name_and_an_order()
    {
        Assert.Equal(LogFacet.All.Count, LogFacet.All.Select(LogWording.Of).Distinct().Count());
        FacetCount[] scores = [new("8-9", 9, false), new("-4", 1, false), new("9-", 2, false), new("4-6", 3, false)];
        Assert.Equal(["-4", "4-6", "8-9", "9-"], LogWording.Sorted(LogFacet.Find("score")!, scores).Select(one => one.Value));
        FacetCount[] months = [new("2025-12", 1, false), new("2026-02", 1, false), new("2026-01", 9, false)];
        Assert.Equal(["2026-02", "2026-01", "2025-12"], LogWording.Sorted(LogFacet.Find("month")!, months).Select(one => one.Value));
        FacetCount[] coffees = [new("Tidewrack", 2, false), new("Blue Ferry", 2, false), new("Night Barge", 5, false)];
        Assert.Equal(["Night Barge", "Blue Ferry", "Tidewrack"], LogWording.Sorted(LogFacet.Find("coffee")!, coffees).Select(one => one.Value));
    }

    /// <summary>A value belongs to the part that begins with it.</summary>
    [Theory]
    [InlineData("score", 3.99, "-4")]
    [InlineData("score", 4, "4-6")]
    [InlineData("score", 8.5, "8-9")]
    [InlineData("score", 9, "9-")]
    [InlineData("strength", 1.049, "-1.05")]
    [InlineData("strength", 1.05, "1.05-1.2")]
    [InlineData("strength", 1.2, "1.2-1.35")]
    [InlineData("strength", 2, "2-")]
    [InlineData("tasted", -1, "balanced")]
    [InlineData("tasted", 1, "balanced")]
    [InlineData("tasted", -1.5, "sour")]
    [InlineData("tasted", 2, "bitter")]
    [InlineData("drawn", 0.69, "under")]
    [InlineData("drawn", 0.70, "well")]
    [InlineData("drawn", 0.99, "to-the-end")]
    [InlineData("leans", -0.61, "on the sour side")]
    [InlineData("leans", 0.91, "bitter")]
    [InlineData("leans", 0.4, "balanced")]
    public void A_brew_is_found_under_the_part_it_lies_in(string facet, double value, string part)
    {
        Assert.Equal(part, LogFacet.Find(facet)!.Of(Row(row => (row.Score, row.FinalTdsPercent, row.SourBitter, row.ExtractionLevel, row.FlavourBalance) = (value, value, value, value, value)), TimeZoneInfo.Utc));
    }

    [Theory]
    [InlineData(1.15, null, 0.55, 0.9, null, "within", "1.15 % TDS · expected on the bitter side")]
    [InlineData(1.15, null, 0.45, 0.9, null, "within", "1.15 % TDS · expected just on the bitter side")]
    [InlineData(1.15, null, 0.55, 0.9, -2.0, "within", "1.15 % TDS · tasted sour")]
    [InlineData(1.15, 1.31, 0.0, 0.9, null, "slow", "1.31 % TDS read · expected balanced · flowed too slowly")]
    [InlineData(1.0, null, -1.35, 0.6, null, "early", "1.00 % TDS · expected hollow, sour, thin · steep ended or done early")]
    [InlineData(1.3, null, 0.0, 0.9, null, null, "1.30 % TDS · expected balanced")]
    public void A_verdict_says_strength_cup_and_what_flowed_otherwise(double tds, double? read, double balance, double drawn, double? tasted, string? flow, string told) =>
        Assert.Equal(told, LogWording.Verdict(Row(row => (row.FinalTdsPercent, row.ReadTdsPercent, row.FlavourBalance, row.ExtractionLevel, row.SourBitter, row.Flow) = (tds, read, balance, drawn, tasted, flow))));

    [Theory]
    [InlineData(0.29, "Strength is hardly related to grind.")]
    [InlineData(-0.29, "Strength is hardly related to grind.")]
    [InlineData(0.3, "Strength somewhat goes up as grind goes up.")]
    [InlineData(-0.6, "Strength clearly goes down as grind goes up.")]
    public void A_correlation_is_described_in_words(double along, string told) => Assert.StartsWith(told, TrendWording.Along(along, "Strength, read", "Grind"), StringComparison.Ordinal);

    [Theory]
    [InlineData(BlindKind.Preference, 10, 5, "so uneven a choice would happen in 100 of 100 such tastings")]
    [InlineData(BlindKind.Triangle, 4, 1, "in 80 of 100 such tastings")]
    [InlineData(BlindKind.Triangle, 12, 11, "in 5 of 100,000 such tastings")]
    [InlineData(BlindKind.Preference, 10, 9, "A is preferred.")]
    [InlineData(BlindKind.Preference, 10, 1, "B is preferred.")]
    [InlineData(BlindKind.Triangle, 1, 1, "1 taster is too few to say anything.")]
    public void A_blind_tasting_is_shown_in_plain_words(BlindKind kind, int tasters, int right, string says) => Assert.Contains(says, BlindWording.Of(BlindTasting.Of(kind, tasters, right)), StringComparison.Ordinal);

    [Fact]
    public void A_query_reads_back_as_it_was_written()
    {
        var query = LogQuery.Read([KeyValuePair.Create("q", (string?)" plum & nib "), KeyValuePair.Create("coffee", (string?)"A=B&C"), KeyValuePair.Create("coffee", (string?)"Ä"), KeyValuePair.Create("from", (string?)"2026-02-03"), KeyValuePair.Create("nonsense", (string?)"x"), KeyValuePair.Create("mill", (string?)"")]);
        Assert.Equal("q=plum%20%26%20nib&from=2026-02-03&coffee=A%3DB%26C&coffee=%C3%84", query.ToString());
        Assert.Equal("\"plum\"* \"nib\"*", query.Match);
        var coffee = LogFacet.Find("coffee")!;
        Assert.Equal("q=plum%20%26%20nib&from=2026-02-03&coffee=%C3%84", query.Without(coffee, "A=B&C").ToString());
        Assert.Equal(query, query.Without(coffee, "Ä").With(coffee, "Ä"));
        Assert.False(query.IsEmpty);
        Assert.True(new LogQuery().IsEmpty);
        Assert.Null((new LogQuery { Words = "!?" }).Match);
    }

    [Fact]
    public void Every_flow_has_words_of_its_own() => Assert.Equal(Enum.GetValues<FlowWord>().Length, Enum.GetValues<FlowWord>().Select(LogWording.Flow).Distinct().Count());

    private static LogRow Off(double steepEndS, double doseG, double waterG, double temperatureC) =>
        Row(row => (row.SteepEndOffS, row.DoseOffG, row.WaterOffG, row.TemperatureOffC) = (steepEndS, doseG, waterG, temperatureC));

    private static LogRow Row(Action<LogRow> set)
    {
        var row = new LogRow { Name = "", RecipeId = "", Coffee = "", Family = "", Vessel = "", Grinder = "", Barista = "", Place = "" };
        set(row);
        return row;
    }
}
