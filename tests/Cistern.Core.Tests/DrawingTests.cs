using System.Globalization;
using System.Xml.Linq;
using Cistern.Drawing;

namespace Cistern.Core.Tests;

/// <summary>The drawings, tested by the coordinates that matter: they are true to scale.</summary>
public sealed class DrawingTests
{
    /// <summary>The tolerance of two positions that are each rounded to a tenth of a pixel.</summary>
    private const double Near = 0.11;

    [Fact]
    public void On_the_map_stronger_is_higher_and_more_extracted_is_further_right_both_to_scale()
    {
        MapMark[] marks = [new(MapPoint.Plan, 18, 1.30, "this"), new(MapPoint.Parent, 20, 1.30, "that"), new(MapPoint.Brew, 18, 1.40, "brewed")];
        var map = Parse(StrengthMap.Draw(marks, [new MapArrow(19, 1.35, "finer")], (1.25, 1.35), 440, 300));
        var (planX, planY) = (Number(One(map, "map-plan"), "cx"), Number(One(map, "map-plan"), "cy"));
        var (parentX, parentY) = (Number(One(map, "map-parent"), "cx"), Number(One(map, "map-parent"), "cy"));
        var (brewX, brewY) = (Number(One(map, "map-brew"), "x") + 4, Number(One(map, "map-brew"), "y") + 4);
        Assert.True(parentX > planX + 50);
        Assert.Equal(planY, parentY, Near);
        Assert.True(brewY < planY - 50);
        Assert.Equal(planX, brewX, Near);
        var arrow = One(map, "map-arrow");
        Assert.Equal((planX, planY), (Number(arrow, "x1"), Number(arrow, "y1")));
        // Halfway between the two, as its figure lies halfway between theirs.
        Assert.Equal((planX + parentX) / 2, Number(arrow, "x2"), Near);
        Assert.Equal((planY + brewY) / 2, Number(arrow, "y2"), Near);
        var meant = One(map, "map-meant");
        Assert.Equal((planY + brewY) / 2, Number(meant, "y"), Near);
        // From 1.35 down to 1.27, where the map ends: 1.25 lies below it.
        Assert.Equal(0.8 * (planY - brewY), Number(meant, "height"), Near);
        var tick = map.Descendants().First(node => node.Value == "1.30");
        Assert.Equal(planY + 4, Number(tick, "y"), Near);
    }

    [Fact]
    public void A_strength_that_was_meant_beyond_the_map_is_cut_at_its_edge()
    {
        var map = Parse(StrengthMap.Draw([new(MapPoint.Plan, 18, 1.30, "this")], [], (0.1, 9), 440, 300));
        Assert.Equal((12, 248), (Math.Round(Number(One(map, "map-meant"), "y")), Math.Round(Number(One(map, "map-meant"), "height"))));
    }

    [Fact]
    public void A_line_of_one_ratio_on_the_map_is_extraction_times_coffee_per_drink()
    {
        var map = Parse(StrengthMap.Draw([new(MapPoint.Plan, 18, 1.30, "this"), new(MapPoint.Brew, 22, 1.1, "that")], [], null, 440, 300, 2));
        var plain = Parse(StrengthMap.Draw([new(MapPoint.Plan, 18, 1.30, "this"), new(MapPoint.Brew, 22, 1.1, "that")], [], null, 440, 300));
        Assert.DoesNotContain(plain.Descendants(), one => (string?)one.Attribute("class") == "map-ratio");
        var at = map.Descendants().Where(one => (string?)one.Attribute("class") is "map-plan" or "map-brew").Select(one => (X: one.Attribute("cx") is { } cx ? (double)cx : (double)one.Attribute("x")! + 4, Y: one.Attribute("cy") is { } cy ? (double)cy : (double)one.Attribute("y")! + 4)).OrderBy(one => one.X).ToList();
        double Yield(double x) => 18 + ((x - at[0].X) / (at[1].X - at[0].X) * 4);
        double Tds(double y) => 1.30 - ((y - at[0].Y) / (at[1].Y - at[0].Y) * 0.2);
        var lines = map.Descendants().Where(one => (string?)one.Attribute("class") == "map-ratio").ToList();
        Assert.True(lines.Count > 2);
        var ratios = lines.Select(line => 2 + (Yield((double)line.Attribute("x2")!) / Tds((double)line.Attribute("y2")!))).ToList();
        Assert.All(ratios, ratio => Assert.Equal(Math.Round(ratio), ratio, 0.05));
        Assert.All(lines.Zip(ratios), pair => Assert.Equal(pair.Second, 2 + (Yield((double)pair.First.Attribute("x1")!) / Tds((double)pair.First.Attribute("y1")!)), 0.05));
    }

    [Fact]
    public void The_brew_chart_stands_at_its_grams_and_its_moments()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);
        var chart = Parse(BrewChart.Draw(forecast, new BrewChartOptions(620) { LanesPx = 300, WithSteps = false }));
        double Of(string name) => double.Parse(chart.Attribute(name)!.Value, CultureInfo.InvariantCulture);
        double X(double atS) => Of("data-left") + ((atS - Of("data-from")) / (Of("data-to") - Of("data-from")) * (Of("data-right") - Of("data-left")));
        var lines = chart.Elements().Where(node => (string?)node.Attribute("class") == "chart-line").Select(Points).ToList();
        var (vessel, cup) = (lines[0], lines[1]);
        var axis = One(chart, "chart-axis").Attribute("d")!.Value.Split(['M', 'H', ' '], StringSplitOptions.RemoveEmptyEntries).Select(text => double.Parse(text, CultureInfo.InvariantCulture)).ToList();
        var (vesselBottom, cupBottom) = (axis[1], axis[4]);
        // Vessel and cup share one scale: the gridline of 200 g gives it.
        var pxPerG = (vesselBottom - (Number(chart.Descendants().First(node => node.Value == "200"), "y") - 4)) / 200;
        var pour = forecast.Timings[3];
        var full = vessel.MinBy(point => point.Y);
        Assert.Equal(384, (vesselBottom - vessel.Where(point => point.X >= X(pour.EndS) - 0.1 && point.X <= X(forecast.Timings[7].StartS) + 0.1).Min(point => point.Y)) / pxPerG, 1.5);
        Assert.True(full.X >= X(pour.EndS) - 1);
        Assert.Equal(vesselBottom, vessel[0].Y, 1.0);
        Assert.Equal(cupBottom, cup[0].Y, Near);
        Assert.Equal(forecast.Totals.BeverageG, (cupBottom - cup[^1].Y) / pxPerG, 1.0);
        Assert.Equal(X(forecast.Series[^1].TimeS), cup[^1].X, Near);
        // The acts are drawn over the times they take.
        foreach (var span in Acts.Of(forecast))
        {
            var act = One(chart, $"chart-act-{span.Act.ToString().ToLowerInvariant()}");
            Assert.Equal(X(span.StartS), Number(act, "x"), Near);
            Assert.Equal(X(span.EndS) - X(span.StartS) - 2, Number(act, "width"), Near);
        }

        // Warmer is higher.
        var warm = Points(One(chart, "chart-temp"));
        var (hot, cool) = (forecast.At(40).TemperatureC, forecast.At(170).TemperatureC);
        Assert.True(hot > cool && At(warm, X(40)) < At(warm, X(170)));
    }

    /// <summary>A decimal comma would make two numbers of one; more than a tenth of a pixel is not visible.</summary>
    [Fact]
    public void Numbers_are_tenths_with_a_point_wherever_it_is_drawn()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("si-layers")!);
        string Drawings() => BrewChart.Draw(forecast, new BrewChartOptions(620)) + BrewerSection.Draw(forecast, 100, BrewChartLabels.Plain) + StrengthMap.Draw([new(MapPoint.Plan, 18.123, 1.3017, "this")], [], null, 440, 300);
        var here = CultureInfo.CurrentCulture;
        var before = Drawings();
        CultureInfo.CurrentCulture = new CultureInfo("de-DE");
        try
        {
            Assert.Equal(before, Drawings());
        }
        finally
        {
            CultureInfo.CurrentCulture = here;
        }

        Assert.DoesNotMatch(" (x|y|x1|x2|y1|y2|cx|cy|r|width|height|d|points)=\"[^\"]*[0-9]\\.[0-9]{2,}", before);
    }

    [Fact]
    public void A_ghost_lies_on_the_same_axes_and_the_higher_of_the_two_still_fits()
    {
        var small = ForecastModel.Published.Run(RecipeLibrary.Find("fp-bloomed")!);
        var large = ForecastModel.Published.Run(RecipeLibrary.Find("fp-slow-eight")!);
        var chart = Parse(BrewChart.Draw(small, new BrewChartOptions(620) { Ghost = large, WithSteps = false }));
        var ghost = chart.Elements().Where(node => (string?)node.Attribute("class") == "chart-ghost").Select(Points).First();
        var own = chart.Elements().Where(node => (string?)node.Attribute("class") == "chart-line").Select(Points).First();
        var bottom = own.Max(point => point.Y);
        Assert.Equal(820.0 / 405, (bottom - ghost.Min(point => point.Y)) / (bottom - own.Min(point => point.Y)), 0.05);
        Assert.Equal(44, ghost.Min(point => point.Y), 1.0);
    }

    [Fact]
    public void A_steps_strip_lies_under_its_time_and_its_windows_are_drawn_where_they_are()
    {
        var soak = ForecastModel.Published.Run(RecipeLibrary.Find("ld-long-soak-iced")!);
        var strip = Parse(BrewChart.Rows(soak, new BrewChartOptions(620) { ToS = 500 })[5].Svg);
        double X(double atS) => StripX(strip, atS);
        Assert.Equal(X(210), Number(One(strip, "chart-bar"), "x"), Near);
        Assert.Equal([X(150), X(420)], Bracket(strip));
        var tube = RecipeLibrary.Find("tp-upright-short")!;
        var press = ForecastModel.Published.Run(tube with { Steps = [.. tube.Steps.Select(step => step is Step.Press ? step with { StartWindow = new Span(50, 60) } : step)] });
        var pressed = Parse(BrewChart.Rows(press, new BrewChartOptions(620) { ToS = 500 })[6].Svg);
        Assert.Equal(StripX(pressed, 80) - StripX(pressed, 55), Number(One(pressed, "chart-bar"), "width"), Near);
        // Where it begins on the clock; how long it takes from there.
        Assert.Equal([StripX(pressed, 50), StripX(pressed, 60), StripX(pressed, 55 + 20), StripX(pressed, 55 + 35)], Bracket(pressed));
    }

    [Theory]
    [InlineData("fp-bloomed", 120)]
    [InlineData("vd-coffee-first", 120)]
    [InlineData("jar-spoons", 60)]
    public void The_cut_vessel_is_filled_to_its_volume_by_its_own_staff(string id, double atS)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var cut = Parse(BrewerSection.Draw(forecast, atS, BrewChartLabels.Plain));
        var level = Points(One(cut, "chart-line"))[0].Y;
        var staff = cut.Descendants().Where(node => (string?)node.Attribute("class") == "chart-tick" && (string?)node.Attribute("text-anchor") == "end" && double.TryParse(node.Value, NumberStyles.Float, CultureInfo.InvariantCulture, out _))
            .Select(node => (Ml: double.Parse(node.Value, CultureInfo.InvariantCulture), Y: Number(node, "y") - 4)).OrderBy(mark => mark.Ml).ToList();
        var volumeMl = forecast.At(atS).VolumeMl;
        var over = staff.Where(mark => mark.Ml > volumeMl).Select(mark => mark.Y).DefaultIfEmpty(double.NegativeInfinity).Max();
        var under = staff.Where(mark => mark.Ml <= volumeMl).Select(mark => mark.Y).DefaultIfEmpty(double.PositiveInfinity).Min();
        Assert.InRange(level, over, under);
        // More is higher on the whole staff.
        Assert.DoesNotContain(staff.Zip(staff.Skip(1)), pair => pair.First.Y <= pair.Second.Y);
    }

    [Theory]
    [InlineData("si-whirl", 0, "390 g", false, false)]
    [InlineData("si-whirl", 2, "390 g", true, false)]
    [InlineData("si-whirl", 3, "12 g", true, true)]
    public void A_siphons_water_stands_below_until_its_chamber_is_seated_and_the_flame_burns_once_it_is_lit(string id, int made, string below, bool flame, bool risen)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var cut = Parse(BrewerSection.DrawMadeReady(forecast, made, BrewChartLabels.Plain));
        var told = cut.Descendants().Where(node => (string?)node.Attribute("class") == "chart-strong").Select(node => node.Value).ToList();
        Assert.Equal(flame, cut.Descendants().Any(node => (string?)node.Attribute("class") == "cut-flame"));
        Assert.Equal(risen, cut.Descendants().Any(node => (string?)node.Attribute("class") == "chart-line"));
        Assert.Contains(below, told);
    }

    [Fact]
    public void What_has_not_been_made_ready_yet_is_not_in_the_vessel()
    {
        static int Layers(string id, int made, string layer) => Parse(BrewerSection.DrawMadeReady(ForecastModel.Published.Run(RecipeLibrary.Find(id)!), made, BrewChartLabels.Plain)).Descendants().Count(node => (string?)node.Attribute("class") == layer);
        Assert.Equal((0, 1), (Layers("fp-bloomed", 1, "cut-grounds"), Layers("fp-bloomed", 2, "cut-grounds")));
        // Water before coffee: poured, with nothing in it yet.
        Assert.Equal((0, 1), (Layers("vd-water-first", 2, "chart-line"), Layers("vd-water-first", 3, "chart-line")));
        Assert.Equal(0, Layers("vd-water-first", 3, "cut-grounds"));
    }

    [Fact]
    public void The_plunger_goes_down_with_the_plunge_and_the_drink_into_the_server_with_the_drawdown()
    {
        var press = ForecastModel.Published.Run(RecipeLibrary.Find("fp-slow-eight")!);
        var plunge = press.Timings[5];
        double PlungerAt(double share) => Parse(BrewerSection.Draw(press, plunge.StartS + (share * plunge.LengthS), BrewChartLabels.Plain)).Descendants().Where(node => (string?)node.Attribute("class") == "cut-solid" && Number(node, "height") == 4).Select(node => Number(node, "y")).Single();
        Assert.True(PlungerAt(0.9) > PlungerAt(0.5) + 20 && PlungerAt(0.5) > PlungerAt(0.1) + 20);
        var drip = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);
        double DrunkAt(double atS) => Parse(BrewerSection.Draw(drip, atS, BrewChartLabels.Plain)).Elements().Where(node => (string?)node.Attribute("class") == "chart-cup").Select(node => Number(node, "height")).DefaultIfEmpty(0).First();
        Assert.Equal(0, DrunkAt(100));
        Assert.Equal(drip.At(240).CupWaterG / drip.At(300).CupWaterG, DrunkAt(240) / DrunkAt(300), 0.02);
    }

    [Fact]
    public void A_series_is_drawn_as_a_path_with_each_forecast_beside_it()
    {
        var map = Parse(SeriesMap.Draw([new(15, 1.00, null, "one"), new(17, 1.20, (17.5, 1.25), "two & more"), new(16, 1.30, (16, 1.28), "three", After: 0)], (1.2, 1.4), 600, 400));
        var brews = map.Descendants().Where(node => (string?)node.Attribute("class") is "line-brew" or "map-plan").ToList();
        Assert.Equal(["line-brew", "line-brew", "map-plan"], brews.Select(node => node.Attribute("class")!.Value));
        Assert.Equal(["1", "2", "3"], map.Descendants().Where(node => (string?)node.Attribute("class") == "line-number").Select(node => node.Value));
        // More is further right and further up.
        Assert.True(Number(brews[1], "cx") > Number(brews[2], "cx") && Number(brews[2], "cx") > Number(brews[0], "cx"));
        Assert.True(Number(brews[2], "cy") < Number(brews[1], "cy") && Number(brews[1], "cy") < Number(brews[0], "cy"));
        var paths = map.Descendants().Where(node => (string?)node.Attribute("class") == "map-arrow").ToList();
        Assert.Equal((Number(brews[0], "cx"), Number(brews[1], "cx")), (Number(paths[0], "x1"), Number(paths[0], "x2")));
        // The third was made from the first.
        Assert.Equal((Number(brews[0], "cy"), Number(brews[2], "cy")), (Number(paths[1], "y1"), Number(paths[1], "y2")));
        var expected = map.Descendants().Where(node => (string?)node.Attribute("class") == "series-expected").ToList();
        Assert.Equal(2, expected.Count);
        Assert.True(Number(expected[0], "x2") > Number(brews[1], "cx") && Number(expected[1], "y2") > Number(brews[2], "cy"));
        // The whole wanted band lies on it.
        var meant = One(map, "map-meant");
        Assert.True(Number(meant, "y") > 0 && Number(meant, "height") > 0.3 * 400);
    }

    private static double StripX(XElement strip, double atS)
    {
        double Of(string name) => double.Parse(strip.Attribute(name)!.Value, CultureInfo.InvariantCulture);
        return Math.Round(Of("data-left") + ((atS - Of("data-from")) / (Of("data-to") - Of("data-from")) * (Of("data-right") - Of("data-left"))), 1);
    }

    /// <summary>The positions of the brackets of a strip.</summary>
    private static IEnumerable<double> Bracket(XElement strip) => strip.Elements().Where(node => (string?)node.Attribute("class") == "chart-window")
        .SelectMany(node => node.Attribute("d")!.Value.Split('M', StringSplitOptions.RemoveEmptyEntries).Take(2)).Select(part => Math.Round(double.Parse(part.Split(' ')[0], CultureInfo.InvariantCulture), 1));

    private static XElement Parse(string svg) => XDocument.Parse(svg).Root!;

    private static XElement One(XElement svg, string css) => svg.DescendantsAndSelf().First(node => ((string?)node.Attribute("class"))?.Split(' ').Contains(css) == true);

    private static double Number(XElement node, string name) => double.Parse(node.Attribute(name)!.Value, CultureInfo.InvariantCulture);

    private static List<(double X, double Y)> Points(XElement path)
    {
        var numbers = path.Attribute("d")!.Value.Split(['M', 'L', 'H', 'Z', ' '], StringSplitOptions.RemoveEmptyEntries).Select(text => double.Parse(text, CultureInfo.InvariantCulture)).ToList();
        return [.. numbers.Chunk(2).Where(pair => pair.Length == 2).Select(pair => (pair[0], pair[1]))];
    }

    /// <summary>The height of a line at a place.</summary>
    private static double At(List<(double X, double Y)> line, double x)
    {
        var after = line.FindIndex(point => point.X >= x);
        var ((x0, y0), (x1, y1)) = (line[after - 1], line[after]);
        return y0 + ((y1 - y0) * (x - x0) / (x1 - x0));
    }
}
