using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using Cistern.Drawing;

namespace Cistern.Bench;

/// <summary>What a barista waits for. Limits: a forecast 1 ms and 100 kB; bands and tolerances together 30 ms; a solve 30 ms.</summary>
[MemoryDiagnoser]
[SimpleJob(RuntimeMoniker.Net10_0, launchCount: 1, warmupCount: 3, iterationCount: 8)]
public class ForecastBenchmarks
{
    private readonly Recipe nineMinutes = RecipeLibrary.Find("fp-long-settle")!;
    private readonly Forecast press = ForecastModel.Published.Run(RecipeLibrary.Find("fp-long-settle")!);
    private readonly Forecast dripper = ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")!);
    private readonly BrewChartOptions options = new(560);

    [Benchmark(Description = "forecast, nine-minute French press")]
    public Forecast Forecast() => ForecastModel.Published.Run(nineMinutes);

    [Benchmark(Description = "totals only")]
    public Forecast Totals() => ForecastModel.Published.Figures(nineMinutes);

    [Benchmark(Description = "bands and slack, French press")]
    public object PressBandsAndSlack() => (Confidence.Of(press), Tolerances.Of(press));

    [Benchmark(Description = "bands and slack, valve dripper")]
    public object DripperBandsAndSlack() => (Confidence.Of(dripper), Tolerances.Of(dripper));

    [Benchmark(Description = "solve the grind for a strength")]
    public Solution Solve() => Solving.For(press, Dial.Usual(press, Setting.MedianUm), Outcome.TdsPercent, 1.3);

    [Benchmark(Description = "solve grind and dose for strength and tilt")]
    public Solution SolveBoth() => Solving.ForBoth(press, Dial.Usual(press, Setting.MedianUm), Dial.Usual(press, Setting.DoseG), 1.35, 0);

    /// <summary>What the plan page shows before its bands: limit 20 ms.</summary>
    [Benchmark(Description = "a change on the plan: forecast, tide, strips, vessel, map")]
    public object Change()
    {
        var forecast = ForecastModel.Published.Run(Scaling.To(nineMinutes, new Batch(30, 450)));
        var sensitivities = Sensitivities.Of(forecast);
        return (
            Drawing.BrewChart.Draw(forecast, options with { Ghost = press }),
            Drawing.BrewChart.Rows(forecast, options with { Ghost = press }),
            BrewerSection.Draw(forecast, 200, BrewChartLabels.Plain),
            StrengthMap.Draw(
                [new MapMark(MapPoint.Plan, forecast.Totals.ExtractionYieldPercent, forecast.Totals.FinalTdsPercent, "")],
                [.. sensitivities.Select(sensitivity => new MapArrow(sensitivity.ExtractionYieldPercent, sensitivity.TdsPercent, ""))], null, 440, 300));
    }

    /// <summary>Limit 50 ms; the page computes the two in parallel.</summary>
    [Benchmark(Description = "bands beside slack, valve dripper, on two cores")]
    public object BandsBesideSlack()
    {
        var bands = Task.Run(() => Confidence.Of(dripper));
        var tolerances = Tolerances.Of(dripper);
        return (bands.Result, tolerances);
    }

    [Benchmark(Description = "choose among all recipes, each scaled to a drink")]
    public object Choose() => Choosing.Of(RecipeLibrary.All, new Wish { DrinkMl = 360, WithinS = 300 }, ForecastModel.Published);

    [Benchmark(Description = "draw the tide")]
    public string BrewChart() => Drawing.BrewChart.Draw(press, options);
}
