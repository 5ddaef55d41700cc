namespace Cistern.Core.Tests;

/// <summary>Readings as they are sent, stored and packed.</summary>
public sealed class ReadingTests
{
    private const double NowMs = 1_764_142_800_000;

    [Fact]
    public void A_curve_of_ten_minutes_is_read_back_equal_and_takes_at_most_fifteen_kilobytes()
    {
        var bench = new SimulatedInstruments(SimulatedBrew.Of(Simulated.Plan("fp-slow-eight"), Hands.Steady, 3), 3);
        var shown = Enumerable.Range(0, 3_000).Select(i => new CurvePoint((long)NowMs + (i * 200) + (i % 7), bench.DisplayG(bench.BeginS + (i * 0.2))));
        var curve = new Curve(ReadingOf.ScaleG, []).With(shown);
        Assert.Equal(3_000, curve.Points.Length);
        var packed = curve.Pack();
        Assert.InRange(packed.Length, 500, 15_000);
        Assert.Equal(curve.Points, Curve.Unpack(ReadingOf.ScaleG, packed).Points);
    }

    [Theory]
    [InlineData(ReadingOf.ScaleG, -1512.3)]
    [InlineData(ReadingOf.SlurryC, 93.4)]
    [InlineData(ReadingOf.BurnerW, 221)]
    [InlineData(ReadingOf.TdsPercent, 1.37)]
    public void Every_kind_is_kept_as_finely_as_an_instrument_shows_it(ReadingOf of, double value)
    {
        var curve = new Curve(of, [new CurvePoint(5, value), new CurvePoint(905, -value)]);
        Assert.Equal(curve.Points, Curve.Unpack(of, curve.Pack()).Points);
    }

    [Fact]
    public void What_comes_late_takes_its_place_and_what_comes_twice_or_too_often_is_dropped()
    {
        var curve = new Curve(ReadingOf.ScaleG, []).With([new(1_000, 10), new(2_000, 20), new(2_000, 20), new(2_170, 21), new(1_500, 15), new(1_400, 14)]);
        Assert.Equal([(1_000, 10.0), (1_500, 15.0), (2_000, 20.0)], curve.Points.Select(point => ((int)point.AtMs, point.Value)));
        Assert.Equal(4, curve.With([new(2_180, 22), new(1_000, 99)]).Points.Length);
    }

    [Fact]
    public void A_curve_ends_where_it_would_grow_without_end()
    {
        var full = new Curve(ReadingOf.ScaleG, [.. Enumerable.Range(0, Curve.MaxPoints).Select(i => new CurvePoint(i * 200L, i))]);
        Assert.Equal(Curve.MaxPoints, full.With([new(long.MaxValue / 2, 1)]).Points.Length);
    }

    [Theory]
    [InlineData(10)]
    [InlineData(1)]
    public void A_curve_that_is_cut_off_says_so(int bytes)
    {
        var packed = new Curve(ReadingOf.ScaleG, [.. Enumerable.Range(0, 300).Select(i => new CurvePoint(i * 200L, i * 1.7))]).Pack();
        Assert.Throws<InvalidDataException>(() => Curve.Unpack(ReadingOf.ScaleG, packed[..bytes]));
    }

    [Fact]
    public void Lines_of_json_and_of_csv_are_read_alike_and_without_a_moment_are_of_now()
    {
        var (json, none) = ReadingLines.Read("{\"of\":\"scaleG\",\"atMs\":1764142799000,\"value\":231.4}\n\n{\"of\":\"slurryC\",\"value\":91}", NowMs, NowMs - 60_000);
        Assert.Empty(none);
        Assert.Equal([new Reading(ReadingOf.ScaleG, 1_764_142_799_000, 231.4), new Reading(ReadingOf.SlurryC, NowMs, 91)], json);
        Assert.Equal(json, ReadingLines.Read("of,atMs,value\r\nscaleG,1764142799000,231.4\r\nslurryC,,91\r\n", NowMs, NowMs - 60_000).Readings);
    }

    [Theory]
    [InlineData("""{"of":"scaleG","value":1e309}""", "No such instrument")]
    [InlineData("""{"of":"scaleG","value":1000000}""", "from -20000 to 20000 g")]
    [InlineData("""{"of":"burnerW","value":-1}""", "from 0 to 10000 W")]
    [InlineData("""{"of":"scaleG","value":"12"}""", "no number")]
    [InlineData("""{"of":"scaleG","value":NaN}""", "cannot be read")]
    [InlineData("""{"of":"spoons","value":1}""", "scaleG, slurryC, kettleC, burnerW, tdsPercent")]
    [InlineData("""{"of":"scaleG","atMs":1,"value":1}""", "outside this brew")]
    [InlineData("""{"of":"scaleG","atMs":1764142806000,"value":1}""", "outside this brew")]
    [InlineData("[1,2]", "cannot be read")]
    [InlineData("nonsense", "cannot be read")]
    [InlineData("of,atMs,value\nscaleG,1764142799000,NaN", "cannot be read")]
    [InlineData("of,atMs,value\nscaleG,1764142799000", "cannot be read")]
    [InlineData("of,atMs,value", "no reading in it")]
    [InlineData("", "no reading in it")]
    public void An_invalid_reading_is_refused_with_its_line_and_nothing_of_its_piece_is_stored(string odd, string told)
    {
        var good = odd.StartsWith("of,", StringComparison.Ordinal) || odd.Length == 0 ? "" : "{\"of\":\"scaleG\",\"value\":1}\n";
        var (readings, findings) = ReadingLines.Read(good + odd, NowMs, NowMs - 60_000);
        Assert.Empty(readings);
        var finding = Assert.Single(findings);
        Assert.Contains(told, finding.ToString(), StringComparison.Ordinal);
        if (!told.StartsWith("no reading", StringComparison.Ordinal))
        {
            Assert.Equal("line 2", finding.Place);
        }
    }

    [Fact]
    public void A_piece_of_too_many_lines_is_refused_and_so_many_findings_are_enough()
    {
        Assert.Contains("at most 2000", ReadingLines.Read(string.Concat(Enumerable.Repeat("{\"of\":\"scaleG\",\"value\":1}\n", 2_001)), NowMs, 0).Findings.Single().Rule, StringComparison.Ordinal);
        Assert.Equal(20, ReadingLines.Read(string.Concat(Enumerable.Repeat("x\n", 500)), NowMs, 0).Findings.Length);
    }

    [Fact]
    public void Every_kind_has_a_word_a_unit_and_a_range()
    {
        foreach (var of in Enum.GetValues<ReadingOf>())
        {
            var range = ReadingRange.For(of);
            Assert.Same(range, ReadingRange.Find(range.Word));
            Assert.True(range.Holds(range.Low) && range.Holds(range.High) && !range.Holds(range.High + 1) && !range.Holds(range.Low - 1) && !range.Holds(double.NaN));
        }

        Assert.Null(ReadingRange.Find("grams"));
    }
}
