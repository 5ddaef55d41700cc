using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Readings;
using Cistern.Core.Recipes;
using static System.FormattableString;

namespace Cistern.Core.Tests;

/// <summary>
/// What hands do on the simulated bench, what its instruments show of it, and what is seen in that, line by line in
/// <c>seen.txt</c>: no limit of seeing drifts unseen. Whether it is seen rightly is held by <see cref="WeightAnalyzerTests"/>
/// and <see cref="StepDetectorTests"/>.
/// </summary>
public sealed class SeenTableTests
{
    private static readonly Hands Clumsy = new()
    {
        SteepEndLateS = 25,
        PouredOverG = 14,
        DoseOverG = 1.4,
        ForgetsStir = true,
        FlameShare = 0.7,
        PressTimeShare = 0.6,
        WaterCoolerK = 5,
        CupLifted = true,
        TareInPour = true,
        PressesOnScale = true,
        Unsteady = 1.2,
    };

    private readonly Told told = new();

    [Fact]
    public void What_is_done_shown_and_seen_is_as_it_was()
    {
        foreach (var id in (string[])["fp-bloomed", "fp-slow-eight", "tp-turned", "tp-short-bypass", "vd-coffee-first", "vd-water-first", "ld-split", "ld-open-closed-iced", "ld-float", "ld-long-soak-iced", "si-layers", "si-whirl", "jar-spoons", "hut-press"])
        {
            var plan = Simulated.Plan(id);
            Brew($"{id}, steady", plan, Hands.Steady, 5);
            Brew($"{id}, clumsy", plan, Clumsy, 6);
            Brew($"{id}, the server left off", plan, new Hands { ServerLeftOff = true }, 7);
            Brew($"{id}, late and forgetful", plan, new Hands { SteepEndLateS = 60, ForgetsStir = true, PouredOverG = -25, CupLifted = true }, 9);
            if (StepEditing.Clock(plan, ClockStart.CoffeeIn) is { } moved)
            {
                Brew($"{id}, by the coffee", ForecastModel.Published.Run(moved), Hands.Steady, 8);
            }
        }

        told.Holds("seen.txt");
    }

    private void Tell(FormattableString line) => told.Tell(line);

    private static string Of(IEnumerable<Sighting> sightings) => string.Join(", ", sightings.Select(one => Invariant($"{one.Kind} {one.AtS:0.000} {one.G:0.00}")));

    private void Brew(string name, Forecast plan, Hands hands, int seed)
    {
        var performance = Performance.Of(plan, hands, seed);
        var bench = new SimulatedInstruments(performance, seed);
        Tell($"== {name}, from {bench.BeginS:0.0} to {bench.EndS:0.0} s");
        Tell($"done: {Of(performance.Truth)}");
        var everyS = (bench.EndS - bench.BeginS) / 16;
        var moments = Enumerable.Range(0, 17).Select(i => bench.BeginS + (everyS * i)).ToList();
        Tell($"on the scale: {string.Join(' ', moments.Select(atS => Invariant($"{performance.LoadG(atS):0.0}{(performance.LeansG(atS) is > 0 and var leansG ? $"+{leansG:0.0}" : "")}{(performance.Stirs(atS) ? "~" : "")}")))}");
        Tell($"shown: {string.Join(' ', moments.Select(atS => Invariant($"{bench.DisplayG(atS):0.0}/{bench.SlurryC(atS):0.0}/{bench.KettleC(atS):0.0}/{bench.BurnerW(atS):0}")))}, {bench.TdsPercent():0.00} %");
        var weight = Simulated.Weight(bench);
        Tell($"seen: {Of(WeightAnalyzer.Of(performance.Real.Recipe, weight, bench.EndS))}");
        Tell($"half way: {Of(WeightAnalyzer.Of(performance.Real.Recipe, [.. weight.Where(point => point.AtS < moments[8])], moments[8]))}");
        var weighed = WeightAnalyzer.Weighed(performance.Real.Recipe, weight);
        Tell($"weighed: {string.Join(' ', weighed.Where((_, i) => i % Math.Max(1, weighed.Length / 16) == 0).Select(point => Invariant($"{point.AtS:0.0}{(point.InCup ? "c" : "v")}{point.G:0.0}")))}");
        const double Zero = 1_700_000_000_000;
        foreach (var itself in (bool[])[false, true])
        {
            var witnessed = StepDetector.Of(plan, Simulated.Curves(bench, Zero), itself ? null : Zero, itself, Zero + (1000 * bench.EndS) + 20_000);
            Tell($"said{(itself ? " where it starts itself" : "")}: {string.Join(", ", witnessed.Said.Select(one => Invariant($"{one.Kind} {one.Step} {(one.AtMs - Zero) / 1000:0.000}")))}; poured {string.Join(' ', witnessed.PouredG.OrderBy(one => one.Key).Select(one => Invariant($"{one.Key}:{one.Value:0}")))}, dose {witnessed.DoseG:0.0}, water {witnessed.WaterC:0.0}, flame {witnessed.FlameW:0}, unstirred {string.Join(' ', witnessed.Unstirred.Order())}");
        }
    }
}
