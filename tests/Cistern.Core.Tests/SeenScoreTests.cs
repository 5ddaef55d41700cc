namespace Cistern.Core.Tests;

/// <summary>
/// How well the analyzer recognizes what simulated baristas do, for every family, precise ones and error-prone ones: a limit of the
/// analyzer that drifts changes a score. Single acts are tested by <see cref="WeightAnalyzerTests"/> and <see
/// cref="StepDetectorTests"/>.
/// </summary>
public sealed class SeenScoreTests
{
    private const double Zero = 1_700_000_000_000;

    private static readonly string[] Ids = ["fp-bloomed", "fp-slow-eight", "tp-turned", "tp-short-bypass", "vd-coffee-first", "vd-water-first", "ld-split", "ld-open-closed-iced", "ld-float", "ld-long-soak-iced", "si-layers", "si-whirl", "jar-spoons", "hut-press"];

    private static readonly Dictionary<string, Hands> ByName = new()
    {
        ["steady"] = Hands.Steady,
        ["clumsy"] = new Hands
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
        },
        ["the server left off"] = new Hands { ServerLeftOff = true },
        ["late and forgetful"] = new Hands { SteepEndLateS = 60, ForgetsStir = true, PouredOverG = -25, CupLifted = true },
    };

    /// <summary>
    /// The measured scores: acts recognized within a second, acts recognized that did not happen, their time error, and the same for
    /// the steps reported.
    /// </summary>
    [Theory]
    [InlineData("steady", 98.2, 0.9, 0.113, 321, 0.55)]
    [InlineData("clumsy", 99.4, 0.6, 0.108, 309, 0.33)]
    [InlineData("the server left off", 99.1, 0.9, 0.101, 201, 0.21)]
    [InlineData("late and forgetful", 97.2, 2.9, 0.110, 321, 0.58)]
    public void Actions_are_detected_as_well_as_before(string hands, double seenPercent, double wrongPercent, double offS, int said, double saidOffS)
    {
        int there = 0, found = 0, wrong = 0, words = 0;
        double off = 0, wordsOff = 0;
        foreach (var plan in Ids.Select(Simulated.Plan).SelectMany(plan => StepEditing.Clock(plan, ClockStart.CoffeeIn) is { } moved ? new[] { plan, ForecastModel.Published.Run(moved) } : [plan]))
        {
            for (var seed = 5; seed <= 7; seed++)
            {
                var performance = SimulatedBrew.Of(plan, ByName[hands], seed);
                var bench = new SimulatedInstruments(performance, seed);
                var seen = WeightAnalyzer.Of(performance.Real.Recipe, Simulated.Weight(bench), bench.EndS).ToList();
                foreach (var truth in performance.Truth)
                {
                    there++;
                    if (seen.FindIndex(one => one.Kind == truth.Kind && Math.Abs(one.AtS - truth.AtS) <= 1) is >= 0 and var at)
                    {
                        found++;
                        off += Math.Abs(seen[at].AtS - truth.AtS);
                        seen.RemoveAt(at);
                    }
                }

                wrong += seen.Count;
                foreach (var one in StepDetector.Of(plan, Simulated.Curves(bench, Zero), Zero, startsItself: false, Zero + (1000 * bench.EndS) + 20_000).Steps)
                {
                    var timing = performance.Real.Timings[one.Step];
                    words++;
                    wordsOff += Math.Min(5, Math.Abs(((one.AtMs - Zero) / 1000) - (one.Kind == Core.Brewing.EntryKind.Done ? timing.EndS : timing.StartS)));
                }
            }
        }

        var score = FormattableString.Invariant($"{100.0 * found / there:0.0}, {100.0 * wrong / there:0.0}, {off / found:0.000}, {words}, {wordsOff / words:0.00}");
        Assert.True(Near(100.0 * found / there, seenPercent, 0.3) && Near(100.0 * wrong / there, wrongPercent, 0.3) && Near(off / found, offS, 0.005) && Near(words, said, 2) && Near(wordsOff / words, saidOffS, 0.03), $"{hands}: {score}");

        static bool Near(double now, double was, double within) => Math.Abs(now - was) <= within;
    }
}
