using System.Globalization;
using System.Xml.Linq;
using Cistern.Drawing;

namespace Cistern.Core.Tests;

/// <summary>Trends and brews drawn over one another, tested by positions.</summary>
public sealed class TrendTests
{
    private static readonly TrendAxis Grind = new("grind, µm", 0);
    private static readonly TrendAxis Strength = new("strength, % TDS", 2);

    [Fact]
    public void Parts_hold_as_many_brews_each_and_all_of_them()
    {
        var points = Enumerable.Range(0, 103).Select(i => new TrendPoint((i * 37) % 103, i, i % 2 == 0 ? (i - 1, i + 1) : null)).ToList();
        var parts = TrendChart.Parts(points, 10);
        Assert.Equal(10, parts.Count);
        Assert.Equal(103, parts.Sum(part => part.Count));
        Assert.All(parts, part => Assert.InRange(part.Count, 10, 11));
        Assert.Equal(parts.OrderBy(part => part.From), parts);
        Assert.All(parts.Zip(parts.Skip(1)), pair => Assert.True(pair.First.To <= pair.Second.From));
        Assert.All(parts, part => Assert.True(part.Low <= part.Middle && part.Middle <= part.High));
        // Fewer brews make fewer parts, none with less than five; a single brew is a part of its own.
        Assert.Equal(3, TrendChart.Parts([.. points.Take(17)], 10).Count);
        Assert.Single(TrendChart.Parts([.. points.Take(1)], 10));
    }

    [Fact]
    public void The_quarters_of_a_part_are_those_of_its_brews()
    {
        var part = Assert.Single(TrendChart.Parts([.. new[] { 5.0, 1, 4, 2, 3 }.Select((value, i) => new TrendPoint(i, value, (value - 0.5, value + 1)))], 1));
        Assert.Equal((2, 3, 4), (part.Low, part.Middle, part.High));
        Assert.Equal((2.5, 4.0), part.Band);
        Assert.Equal((0.0, 4.0, 5), (part.From, part.To, part.Count));
    }

    [Fact]
    public void A_trend_lies_where_its_figures_say()
    {
        var points = Enumerable.Range(0, 30).Select(i => new TrendPoint(300 + (20 * i), 1.1 + (0.01 * i), (1.2, 1.3))).ToList();
        var svg = XElement.Parse(TrendChart.Draw(points, TrendChart.Parts(points, 6), Grind, Strength, i => $"brew <{i}>", 900, 400));
        var circles = svg.Descendants().Where(one => one.Name.LocalName == "circle").ToList();
        Assert.Equal(30, circles.Count);
        // Further right with the grind, further up with the strength, evenly.
        for (var i = 1; i < 30; i++)
        {
            Assert.Equal(Number(circles[1], "cx") - Number(circles[0], "cx"), Number(circles[i], "cx") - Number(circles[i - 1], "cx"), 0.25);
            Assert.Equal(Number(circles[0], "cy") - Number(circles[1], "cy"), Number(circles[i - 1], "cy") - Number(circles[i], "cy"), 0.25);
            Assert.True(Number(circles[i], "cy") < Number(circles[i - 1], "cy"));
        }

        Assert.Equal("brew <7>", circles[7].Value);
        // The band lies between its two strengths: its top at 1.3, its bottom at 1.2.
        var band = svg.Descendants().First(one => (string?)one.Attribute("class") == "trend-band");
        Assert.Equal(Number(circles[20], "cy"), Number(band, "y"), 0.2);
        Assert.Equal(Number(circles[10], "cy"), Number(band, "y") + Number(band, "height"), 0.2);
        Assert.Equal(Number(circles[0], "cx"), Number(band, "x") + 5, 0.2);
        Assert.Equal(30, svg.Descendants().Count(one => (string?)one.Attribute("class") == "trend-band"));
        // The line goes through the centre of each part.
        var line = ((string)svg.Descendants().Last(one => one.Name.LocalName == "polyline").Attribute("points")!).Split(' ').Select(one => double.Parse(one, CultureInfo.InvariantCulture)).ToList();
        Assert.Equal(12, line.Count);
        Assert.Equal(Number(circles[2], "cx"), line[0], 0.3);
        Assert.Equal(Number(circles[2], "cy"), line[1], 0.3);
        Assert.Contains("30 brews", (string)svg.Attribute("aria-label")!, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(1, "d MMM")]
    [InlineData(30, "d MMM")]
    [InlineData(300, "MMM yy")]
    [InlineData(5_000, "yyyy")]
    public void Time_is_marked_by_days_months_or_years(int days, string format)
    {
        var from = new DateTimeOffset(2026, 1, 15, 8, 0, 0, TimeSpan.Zero);
        var points = new[] { from, from.AddDays(days) }.Select((at, i) => new TrendPoint(at.ToUnixTimeMilliseconds(), i, null)).ToList();
        var svg = XElement.Parse(TrendChart.Draw(points, [], new TrendAxis("time", 0, Days: true), Strength, _ => "", 900, 400));
        var marks = svg.Descendants().Where(one => one.Name.LocalName == "text" && (string?)one.Attribute("text-anchor") == "middle").Select(one => one.Value).ToList();
        Assert.InRange(marks.Count, 1, 12);
        Assert.All(marks, mark => Assert.True(DateTime.TryParseExact(mark, format, CultureInfo.InvariantCulture, DateTimeStyles.None, out _), mark));
    }

    [Fact]
    public void A_hundred_thousand_brews_are_drawn_by_some_of_them()
    {
        var points = Enumerable.Range(0, 100_000).Select(i => new TrendPoint(i, i % 7, (2, 4))).ToList();
        var svg = TrendChart.Draw(points, TrendChart.Parts(points, 24), Grind, Strength, i => $"brew <{i}>", 900, 400);
        Assert.InRange(XElement.Parse(svg).Descendants().Count(one => one.Name.LocalName == "circle"), 1_000, 2 * TrendChart.MaxPoints);
        Assert.Equal(24, XElement.Parse(svg).Descendants().Count(one => (string?)one.Attribute("class") == "trend-band"));
        Assert.True(svg.Length < 500_000);
    }

    [Fact]
    public void Brew_charts_over_each_other_share_one_scale()
    {
        var model = ForecastModel.Published;
        var (small, large) = (model.Run(RecipeLibrary.Find("vd-water-first")!), model.Run(RecipeLibrary.Find("fp-slow-eight")!));
        var svg = XElement.Parse(ComparisonCharts.BrewCharts([new ComparedChart("A", small, []), new ComparedChart("B", large, [new WeighedPoint(10, false, 100), new WeighedPoint(11, false, 110), new WeighedPoint(30, false, 200)])], BrewChartLabels.Plain, 760, 300));
        var paths = svg.Descendants().Where(one => ((string?)one.Attribute("class"))?.StartsWith("beside-line", StringComparison.Ordinal) == true).ToList();
        // Vessel and cup of both, and the weighed curve of one.
        Assert.Equal(["beside-line beside-0", "beside-line beside-0", "beside-line beside-1", "beside-line beside-1", "beside-line beside-1 beside-weighed"], paths.Select(path => (string)path.Attribute("class")!));
        var axes = ((string)svg.Descendants().Single(one => (string?)one.Attribute("class") == "chart-axis").Attribute("d")!).Split('M', 'H').Where(one => one.Contains(' ', StringComparison.Ordinal)).Select(one => double.Parse(one.Split(' ')[1], CultureInfo.InvariantCulture)).ToList();
        double Height(int path, double bottom) => bottom - Points(paths[path]).Min(point => point.Y);
        var (smallG, largeG) = (BrewChart.MostOf(small), BrewChart.MostOf(large));
        Assert.Equal(smallG.VesselG / largeG.VesselG, Height(0, axes[0]) / Height(2, axes[0]), 0.01);
        Assert.Equal(smallG.CupG / largeG.CupG, Height(1, axes[1]) / Height(3, axes[1]), 0.01);
        Assert.Equal(largeG.CupG / largeG.VesselG, Height(3, axes[1]) / Height(2, axes[0]), 0.01);
        // The longer one reaches further right.
        Assert.True(Points(paths[2]).Max(point => point.X) > Points(paths[0]).Max(point => point.X) + 50);
        // A scale that was silent for long has no curve in between.
        Assert.Equal(2, ((string)paths[4].Attribute("d")!).Count(letter => letter == 'M'));
        Assert.Equal(4, svg.Descendants().Count(one => one.Name.LocalName == "text" && one.Value is "A" or "B"));
    }

    [Fact]
    public void Brews_in_one_place_of_the_map_stand_side_by_side_on_stalks()
    {
        var svg = XElement.Parse(ComparisonCharts.Map([new ComparedMark("A", 19, 1.3, "one"), new ComparedMark("B", 19, 1.3, "other"), new ComparedMark("C", 21, 1.5, "third")], 420, 300));
        var circles = svg.Descendants().Where(one => (string?)one.Attribute("class") == "line-brew").ToList();
        Assert.Equal(3, circles.Count);
        Assert.Equal(22, Number(circles[1], "cx") - Number(circles[0], "cx"), 0.2);
        Assert.True(Number(circles[2], "cx") > Number(circles[1], "cx") && Number(circles[2], "cy") < Number(circles[0], "cy"));
        Assert.Single(svg.Descendants(), one => (string?)one.Attribute("class") == "map-plan");
    }

    private static double Number(XElement element, string name) => double.Parse((string)element.Attribute(name)!, CultureInfo.InvariantCulture);

    private static List<(double X, double Y)> Points(XElement path) =>
        [.. ((string)path.Attribute("d")!).Split('M', 'L').Where(one => one.Length > 0).Select(one => one.Split(' ')).Select(one => (double.Parse(one[0], CultureInfo.InvariantCulture), double.Parse(one[1], CultureInfo.InvariantCulture)))];
}
