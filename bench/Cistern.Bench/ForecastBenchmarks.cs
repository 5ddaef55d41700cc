using BenchmarkDotNet.Attributes;
using BenchmarkDotNet.Jobs;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Drawing;

namespace Cistern.Bench;

/// <summary>What a barista waits for. Bounds: a forecast 1 ms and 100 kB; bands and slack together 30 ms; a solve 30 ms.</summary>
[MemoryDiagnoser]
[SimpleJob(RuntimeMoniker.Net10_0, launchCount: 1, warmupCount: 3, iterationCount: 8)]
public class ForecastBenchmarks
{
    private readonly Recipe nineMinutes = RecipeLibrary.Find("fp-long-settle")!;
    private readonly Forecast press = Forecaster.Run(RecipeLibrary.Find("fp-long-settle")!);
    private readonly Forecast dripper = Forecaster.Run(RecipeLibrary.Find("vd-coffee-first")!);
    private readonly TideOptions options = new(560);

    [Benchmark(Description = "forecast, nine-minute French press")]
    public Forecast Forecast() => Forecaster.Run(nineMinutes);

    [Benchmark(Description = "totals only")]
    public Forecast Totals() => Forecaster.Run(nineMinutes, ForecastOptions.TotalsOnly);

    [Benchmark(Description = "bands and slack, French press")]
    public object PressBandsAndSlack() => (Confidence.Of(press), Slack.Of(press));

    [Benchmark(Description = "bands and slack, valve dripper")]
    public object DripperBandsAndSlack() => (Confidence.Of(dripper), Slack.Of(dripper));

    [Benchmark(Description = "solve the grind for a strength")]
    public Solution Solve() => Solving.For(press, Dial.Usual(press, Setting.MedianUm), Outcome.TdsPercent, 1.3);

    [Benchmark(Description = "solve grind and dose for strength and tilt")]
    public Solution SolveBoth() => Solving.ForBoth(press, Dial.Usual(press, Setting.MedianUm), Dial.Usual(press, Setting.DoseG), 1.35, 0);

    [Benchmark(Description = "draw the tide")]
    public string Tide() => Drawing.Tide.Draw(press, options);
}
