using System.Globalization;
using System.Xml.Linq;
using Cistern.Drawing;

namespace Cistern.Core.Tests;

/// <summary>
/// Every drawing, in every kind of case, is sound: well-formed, nothing outside its frame, no invalid number. What each of them must
/// show is tested by <see cref="DrawingTests"/> and <see cref="TrendTests"/>.
/// </summary>
public sealed class DrawnTests
{
    private static readonly BrewChartLabels Imperial = BrewChartLabels.Plain with
    {
        Mass = g => string.Create(CultureInfo.InvariantCulture, $"{g / 28.3495:0.0} oz"),
        MassTick = g => string.Create(CultureInfo.InvariantCulture, $"{g / 28.3495:0.#}"),
        GPerUnit = 28.3495,
        Degrees = (-160 / 9.0, 5 / 9.0, 20),
        Temperature = c => string.Create(CultureInfo.InvariantCulture, $"{(c * 9 / 5) + 32:0}°"),
    };

    private readonly List<string> wrong = [];
    private int drawn;

    [Fact]
    public void Every_drawing_keeps_to_its_frame()
    {
        BrewCharts();
        Vessels();
        Maps();
        Trends();
        Pairs();
        foreach (var medianUm in (double[])[250, 1_000, 1_900])
        {
            Draws($"grains of {medianUm} µm", GrainPicture.Draw(medianUm, 3.78, 24, 12));
        }

        Assert.Empty(wrong);
        Assert.True(drawn > 150);
    }

    private static Forecast Run(string id) => ForecastModel.Published.Run(RecipeLibrary.Find(id)!);

    /// <summary>A scale that is bumped, is empty for a while, and reports too often to draw every reading.</summary>
    private static IReadOnlyList<WeighedPoint> Weighed(Forecast forecast) =>
        [.. Enumerable.Range(-10, 900).Select(i => 0.5 * i).Where(atS => atS is < 60 or > 75).SelectMany(atS => (WeighedPoint[])[
            new(atS, false, atS > 200 ? double.NaN : forecast.At(Math.Max(0, atS)).ContactWaterG + 3), new(atS, true, forecast.At(Math.Max(0, atS)).CupWaterG - 2)]).Where(point => !double.IsNaN(point.G))];

    private void BrewCharts()
    {
        foreach (var id in (string[])["fp-long-settle", "fp-slow-eight", "tp-turned", "tp-short-bypass", "vd-coffee-first", "ld-split", "ld-open-closed-iced", "si-layers", "jar-spoons", "hut-press"])
        {
            var forecast = Run(id);
            Draws($"{id}, its brew chart", BrewChart.Draw(forecast, new BrewChartOptions(620)));
            foreach (var row in BrewChart.Rows(forecast, new BrewChartOptions(620)))
            {
                Draws($"{id}, step {row.Index}", row.Svg);
            }
        }

        var valve = Run("vd-coffee-first");
        var changed = ForecastModel.Published.Run(valve.Recipe with { Coffee = valve.Recipe.Coffee with { DoseG = valve.Recipe.Coffee.DoseG * 1.5 } });
        Draws("narrow, in ounces and Fahrenheit", BrewChart.Draw(valve, new BrewChartOptions(340) { LanesPx = 300, WithSteps = false, Labels = Imperial }));
        Draws("alone, over what it was, with what a scale told", BrewChart.Draw(changed, new BrewChartOptions(620) { StandsAlone = true, Ghost = valve, Weighed = Weighed(changed), IdPrefix = "own" }));
        Draws("further than it goes, and higher", BrewChart.Draw(valve, new BrewChartOptions(900) { ToS = 700, ToG = (900, 700) }));
        Draws("three beside each other", ComparisonCharts.BrewCharts([new("A", valve, Weighed(valve)), new("B", Run("fp-bloomed"), []), new("C", changed, [])], BrewChartLabels.Plain, 700, 320));
        Draws("two beside each other, narrow", ComparisonCharts.BrewCharts([new("A", Run("si-whirl"), []), new("B", Run("tp-upright-held"), [])], Imperial, 360, 260));
    }

    private void Vessels()
    {
        foreach (var id in (string[])["fp-slow-eight", "fp-water-first", "tp-turned", "tp-upright-held", "vd-coffee-first", "ld-split", "ld-float", "si-layers", "si-whirl", "jar-spoons"])
        {
            var forecast = Run(id);
            foreach (var share in (double[])[0.02, 0.3, 0.75, 0.97])
            {
                var atS = Math.Round(forecast.Series[0].TimeS + (share * (forecast.Series[^1].TimeS - forecast.Series[0].TimeS)));
                Draws(string.Create(CultureInfo.InvariantCulture, $"{id} at {atS} s"), BrewerSection.Draw(forecast, atS, share > 0.5 ? Imperial : BrewChartLabels.Plain));
            }

            for (var made = 0; made < Math.Min(4, forecast.Timings.Length); made++)
            {
                Draws($"{id} with {made} made ready", BrewerSection.DrawMadeReady(forecast, made, BrewChartLabels.Plain));
            }
        }
    }

    private void Maps()
    {
        MapMark[] marks = [new(MapPoint.Plan, 18, 1.30, "this"), new(MapPoint.Parent, 20, 1.32, "that"), new(MapPoint.Brew, 18.4, 1.41, "brewed & <kept>"), new(MapPoint.Brew, 16.9, 1.22, "older")];
        MapArrow[] arrows = [new(19, 1.35, "finer"), new(18.1, 1.48, "more coffee"), new(18, 1.30, "nothing at all"), new(17.2, 1.25, "coarser"), new(18.9, 1.35, "longer")];
        Draws("the map, all on it", StrengthMap.Draw(marks, arrows, (1.25, 1.35), 440, 300));
        Draws("the map, a plan alone", StrengthMap.Draw([marks[0]], [], null, 440, 300));
        Draws("the map, far apart", StrengthMap.Draw([marks[0], marks[1] with { ExtractionYieldPercent = 31, TdsPercent = 4.6 }], [new(24, 2.2, "much")], (0.1, 9), 600, 360));
        SeriesMark[] line = [new(15, 1.00, null, "one"), new(17, 1.20, (17.5, 1.25), "two & more"), new(16, 1.30, (16, 1.28), "three", After: 0), new(16.4, 1.31, (16.9, 1.33), "four")];
        Draws("a line of brews", SeriesMap.Draw(line, (1.2, 1.4), 600, 400));
        Draws("a line of one", SeriesMap.Draw([line[0]], null, 390, 300));
        ComparedMark[] beside = [new("A", 18, 1.3, "one"), new("B", 18.02, 1.3, "close by"), new("C", 21, 1.1, "far off"), new("P", 17.5, 1.5, "a plan")];
        Draws("brews beside each other on the map", ComparisonCharts.Map(beside, 440, 300));
        Draws("two of the same place", ComparisonCharts.Map([beside[0], beside[0] with { Letter = "B" }], 440, 300));
    }

    private void Trends()
    {
        static IReadOnlyList<TrendPoint> Points(int count) => [.. Enumerable.Range(0, count).Select(i => new TrendPoint(300 + (7 * (i * 37 % count)), 1.1 + (0.001 * (i * 53 % 331)), i % 3 == 0 ? (1.12 + (0.0005 * i), 1.3) : null))];
        var (grind, strength) = (new TrendAxis("grind, µm", 0), new TrendAxis("strength, % TDS", 2));
        foreach (var count in (int[])[1, 4, TrendChart.MaxOwnBands, TrendChart.MaxOwnBands + 1])
        {
            Draws($"a trend of {count}", TrendChart.Draw(Points(count), TrendChart.Parts(Points(count), 8), grind, strength, i => $"brew <{i}>", 900, 400));
        }

        foreach (var count in (int[])[TrendChart.MaxPoints, TrendChart.MaxPoints + 1, 4_000])
        {
            Draws($"a trend of {count}", TrendChart.Draw(Points(count), TrendChart.Parts(Points(count), 24), grind, strength, i => $"{i}", 900, 400));
        }

        foreach (var days in (int[])[1, 20, 200, 2_000])
        {
            var from = new DateTimeOffset(2026, 2, 3, 0, 0, 0, TimeSpan.Zero);
            var points = Enumerable.Range(0, 12).Select(i => new TrendPoint(from.AddDays(days * i / 11.0).ToUnixTimeMilliseconds(), 20 + i, (19, 30.5))).ToList();
            Draws($"a trend over {days} days", TrendChart.Draw(points, TrendChart.Parts(points, 2), new TrendAxis("day", 0, Days: true), new TrendAxis("drawdown, s", 0), i => $"{i}", 640, 300));
        }
    }

    private void Pairs()
    {
        foreach (var (first, second, staggerS) in ((string, string, double)[])[("fp-long-settle", "vd-coffee-first", 120), ("jar-spoons", "si-whirl", 0), ("ld-closed", "ld-closed", 75)])
        {
            Draws($"the hands of {first} and {second}", HandsStrip.Draw(Run(first), Run(second), staggerS, 620));
        }
    }

    private void Draws(string what, string svg)
    {
        drawn++;
        var root = XElement.Parse(svg);
        var frame = Numbers(root.Attribute("viewBox")!.Value);
        foreach (var element in root.Descendants().Where(element => !element.Ancestors().Any(above => above.Name.LocalName is "defs" or "style")))
        {
            var moved = element.AncestorsAndSelf().Any(above => above.Attribute("transform") is not null);
            foreach (var (name, value) in element.Attributes().Select(one => (one.Name.LocalName, one.Value)))
            {
                var (least, most) = name switch
                {
                    "x" or "x1" or "x2" or "cx" => (frame[0], frame[0] + frame[2]),
                    "y" or "y1" or "y2" or "cy" => (frame[1], frame[1] + frame[3]),
                    _ => (double.NegativeInfinity, double.PositiveInfinity),
                };
                if (value.Contains("NaN", StringComparison.Ordinal) || value.Contains('∞', StringComparison.Ordinal)
                    || (!moved && double.IsFinite(least) && double.TryParse(value, CultureInfo.InvariantCulture, out var at) && (at < least - 1 || at > most + 1)))
                {
                    wrong.Add($"{what}: {name}={value} of {element.Name.LocalName} in {string.Join(' ', frame)}");
                }
            }
        }
    }

    private static double[] Numbers(string text) => [.. text.Split(' ').Select(part => double.Parse(part, CultureInfo.InvariantCulture))];
}
