namespace Cistern.Core.Readings;

/// <summary>A step that instruments detected, in the form of a press.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Step">The index of the step.</param>
/// <param name="AtMs">When it was, UTC milliseconds.</param>
public readonly record struct DetectedStep(EntryKind Kind, int Step, double AtMs);

/// <summary>What instruments show of a brew.</summary>
/// <param name="Steps">What they show of its steps, in order of time.</param>
/// <param name="PouredG">The weight at the end of each pour, g of water in the brewer.</param>
/// <param name="DoseG">The coffee that was seen to go in, g; null where it was not seen.</param>
/// <param name="WaterC">The kettle's temperature when the water went in, °C; null where unknown.</param>
/// <param name="FlameW">The burner's power before the coffee went in, W; null where unknown.</param>
/// <param name="Unstirred">Stirs that did not show on the scale, by step.</param>
/// <param name="DetectedEvents">Everything seen in the weight; times in s from <paramref name="FromMs"/>.</param>
/// <param name="FromMs">The origin of those times, UTC milliseconds.</param>
public sealed record Detected(ImmutableArray<DetectedStep> Steps, ImmutableDictionary<int, double> PouredG, double? DoseG, double? WaterC, double? FlameW, ImmutableHashSet<int> Unstirred, ImmutableArray<DetectedEvent> DetectedEvents, double FromMs);

/// <summary>Derives a barista's actions from readings. A pure function of the plan and the curves.</summary>
public static class StepDetector
{
    /// <summary>A flame below this share of its earlier power has been removed.</summary>
    private const double FlameShare = 0.2;

    /// <summary>A probe cooling faster than this is in the air, K/s; coffee cools fifty times slower.</summary>
    private const double InAirKPerS = 1.2;

    /// <summary>Drink flowing up to this long before its time still counts as the end of the steep, s.</summary>
    private const double EarlyS = 45;

    /// <summary>Evaluates the instruments of a brew.</summary>
    /// <param name="plan">The forecast of its plan.</param>
    /// <param name="curves">The readings so far.</param>
    /// <param name="startedAtMs">0:00, UTC milliseconds; null before it.</param>
    /// <param name="startsItself">Whether what is detected may start the clock.</param>
    /// <param name="nowMs">Now, UTC milliseconds.</param>
    public static Detected Of(Forecast plan, IReadOnlyDictionary<ReadingOf, Curve> curves, double? startedAtMs, bool startsItself, double nowMs)
    {
        var weight = curves.TryGetValue(ReadingOf.ScaleG, out var shown) ? shown.Points : [];
        var fromMs = weight.Length > 0 ? weight[0].AtMs : 0.0;
        var sightings = WeightAnalyzer.Of(plan.Recipe, [.. weight.Select(point => new WeightPoint((point.AtMs - fromMs) / 1000, point.Value))], (Math.Max(nowMs, fromMs) - fromMs) / 1000);
        var hearing = new Evaluation(plan, startedAtMs, startsItself);
        foreach (var sighting in sightings)
        {
            hearing.Process(sighting, fromMs + (1000 * sighting.AtS));
        }

        if (plan.Recipe.Brewer.Family == BrewerFamily.Siphon)
        {
            hearing.Siphon(curves);
        }

        return new Detected(
            [.. hearing.Found.OrderBy(said => said.AtMs)],
            hearing.PouredG.ToImmutable(),
            hearing.DoseG,
            startedAtMs is { } zeroMs ? At(curves, ReadingOf.KettleC, zeroMs) : null,
            startedAtMs is { } from ? At(curves, ReadingOf.BurnerW, from) : null,
            startedAtMs is { } started ? Unstirred(plan, weight, started, nowMs) : [],
            sightings,
            fromMs);
    }

    /// <summary>The last reading shortly before a moment.</summary>
    private static double? At(IReadOnlyDictionary<ReadingOf, Curve> curves, ReadingOf of, double atMs)
    {
        const double LongBeforeMs = 30_000;
        return curves.TryGetValue(of, out var curve) && curve.Points.LastOrDefault(point => point.AtMs <= atMs + 1_000) is { AtMs: > 0 } point && point.AtMs > atMs - LongBeforeMs ? point.Value : null;
    }

    /// <summary>Stirs during which the scale was steady. Stirs without readings, and those that may still come, are excluded.</summary>
    private static ImmutableHashSet<int> Unstirred(Forecast plan, ImmutableArray<CurvePoint> weight, double zeroMs, double nowMs)
    {
        const double AroundS = 8;
        const double ShakesG = 0.45;
        const int LeastPoints = 20;
        var missed = ImmutableHashSet.CreateBuilder<int>();
        var steepEnd = Acts.SteepEndIndex(plan.Recipe);
        if (plan.Recipe.Brewer.Family == BrewerFamily.Siphon || SimulatedBrew.IsOverServer(plan.Recipe))
        {
            return [];
        }

        for (var i = 0; i < steepEnd; i++)
        {
            var timing = plan.Timings[i];
            // A step of a second or two may fall between two readings.
            if (plan.Recipe.Steps[i] is not Step.Stirring || timing.LengthS < 2 || timing.EndS < 0)
            {
                continue;
            }

            var (fromMs, toMs) = (zeroMs + (1000 * (timing.StartS - AroundS)), zeroMs + (1000 * (timing.EndS + AroundS)));
            var around = weight.Where(point => point.AtMs >= fromMs && point.AtMs <= toMs).ToList();
            if (nowMs > toMs && around.Count >= LeastPoints && !Shakes(around, ShakesG))
            {
                missed.Add(i);
            }
        }

        return missed.ToImmutable();
    }

    /// <summary>Whether half of ten readings lie off the line through their neighbours. A bump, or coffee going in, does not last that long.</summary>
    private static bool Shakes(List<CurvePoint> points, double leastG)
    {
        const int Window = 10;
        const int Most = 5; // an omitted stir that goes unnoticed is better than a false alarm
        const double HeavyG = 15; // something put down or taken off is no stirring
        var off = new bool[points.Count];
        var shaken = 0;
        for (var i = 1; i + 1 < points.Count; i++)
        {
            off[i] = Math.Abs(points[i].Value - ((points[i - 1].Value + points[i + 1].Value) / 2)) is var offG && offG > leastG && offG < HeavyG;
            shaken += (off[i] ? 1 : 0) - (i >= Window && off[i - Window] ? 1 : 0);
            if (shaken >= Most)
            {
                return true;
            }
        }

        return false;
    }

    private sealed class Evaluation(Forecast plan, double? startedAtMs, bool startsItself)
    {
        private readonly ImmutableArray<Step> steps = plan.Recipe.Steps;
        private readonly int anchor = RecipeChecker.AnchorIndex(plan.Recipe);
        private readonly int steepEnd = Acts.SteepEndIndex(plan.Recipe);
        private double? startMs = startedAtMs;
        private int next;
        private bool opened;

        public List<DetectedStep> Found { get; } = [];

        public ImmutableDictionary<int, double>.Builder PouredG { get; } = ImmutableDictionary.CreateBuilder<int, double>();

        public double? DoseG { get; private set; }

        public void Process(DetectedEvent sighting, double atMs)
        {
            switch (sighting.Kind)
            {
                case DetectedEventKind.PourBegun when Find<Step.Pour>() is >= 0 and var pour:
                    if (!TryStart(pour, atMs, ClockStart.FirstWater))
                    {
                        Report(EntryKind.Begun, pour, atMs);
                    }

                    next = pour;
                    break;
                case DetectedEventKind.PourEnded when Find<Step.Pour>() is >= 0 and var pour:
                    TryStart(pour, atMs, ClockStart.WaterIn);
                    Done(pour, atMs);
                    PouredG[pour] = sighting.G;
                    break;
                case DetectedEventKind.CoffeeIn when Find<Step.AddCoffee>() is >= 0 and var coffee:
                    DoseG = sighting.G;
                    TryStart(coffee, atMs, ClockStart.CoffeeIn);
                    Done(coffee, atMs);
                    break;
                case DetectedEventKind.Tare when next < steps.Length && steps[next] is Step.Tare:
                    Done(next, atMs);
                    break;
                // A dripper is taken off to be set over its server; the steep ends when liquid flows.
                case DetectedEventKind.VesselOff when steepEnd >= next && steps[steepEnd] is Step.Plunge or Step.Press or Step.Flip or Step.Decant:
                    Report(EntryKind.Begun, steepEnd, atMs);
                    next = steepEnd;
                    break;
                case DetectedEventKind.VesselOff when opened && SwapAt() is >= 0 and var swap:
                    Done(swap - 1, atMs);
                    break;
                case DetectedEventKind.PressBegun when Find<Step.Press>() is >= 0 and var press:
                    Report(EntryKind.Begun, press, atMs);
                    next = press;
                    break;
                case DetectedEventKind.PressEnded when Find<Step.Press>() is >= 0 and var press:
                    Done(press, atMs);
                    break;
                case DetectedEventKind.CupOn when opened && next < steps.Length && steps[next] is Step.SwapCup:
                    Done(next, atMs);
                    break;
                case DetectedEventKind.CupOn when steepEnd >= 0 && next >= steepEnd && LastParting() is >= 0 and var parting:
                    Done(parting, atMs);
                    break;
                case DetectedEventKind.DrainBegun when EndsSteep(atMs):
                    Open(atMs);
                    break;
                case DetectedEventKind.DrainEnded when opened && Find<Step.Drain>() is >= 0 and var drain:
                    Done(drain, atMs);
                    break;
                case DetectedEventKind.Dilution when Find<Step.Dilute>() is >= 0 and var dilute:
                    Done(dilute, atMs);
                    break;
                default:
                    break;
            }
        }

        /// <summary>A siphon's flame is removed, and later its probe is in the air.</summary>
        public void Siphon(IReadOnlyDictionary<ReadingOf, Curve> curves)
        {
            var away = Array.FindIndex([.. steps], step => step is Step.RemoveBurner);
            if (startMs is not { } zeroMs || away < 0 || !curves.TryGetValue(ReadingOf.BurnerW, out var flame) || AwayAtMs(flame, zeroMs) is not { } awayMs)
            {
                return;
            }

            Done(away, awayMs);
            if (curves.TryGetValue(ReadingOf.SlurryC, out var probe) && InAirAtMs(probe, awayMs) is { } dryMs && Find<Step.Drain>() is >= 0 and var drain)
            {
                Done(drain, dryMs);
            }
        }

        private static double? AwayAtMs(Curve flame, double zeroMs)
        {
            var mostW = 0.0;
            for (var i = 0; i < flame.Points.Length; i++)
            {
                var point = flame.Points[i];
                mostW = Math.Max(mostW, point.Value);
                // A draught may make it flicker: twice is away.
                if (mostW > 20 && point.AtMs > zeroMs && point.Value < FlameShare * mostW && i + 1 < flame.Points.Length && flame.Points[i + 1].Value < FlameShare * mostW)
                {
                    return point.AtMs;
                }
            }

            return null;
        }

        private static double? InAirAtMs(Curve probe, double awayMs)
        {
            for (var i = 0; i + 2 < probe.Points.Length; i++)
            {
                var (from, to) = (probe.Points[i], probe.Points[i + 2]);
                if (from.AtMs > awayMs && from.Value - to.Value > InAirKPerS * (to.AtMs - from.AtMs) / 1000)
                {
                    return from.AtMs;
                }
            }

            return null;
        }

        /// <summary>The next step of a kind that has not been detected yet.</summary>
        private int Find<T>()
            where T : Step
        {
            for (var i = next; i < steps.Length; i++)
            {
                if (steps[i] is T)
                {
                    return i;
                }
            }

            return -1;
        }

        private bool TryStart(int step, double atMs, ClockStart by)
        {
            if (startMs is null && startsItself && step == anchor && plan.Recipe.ClockStarts == by)
            {
                startMs = atMs;
                Found.Add(new DetectedStep(EntryKind.Start, step, atMs));
                return true;
            }

            // The press that starts the clock confirmed that it began.
            return step == anchor && by == ClockStart.FirstWater;
        }

        private void Report(EntryKind kind, int step, double atMs)
        {
            // Of what is made ready the start says that it is done.
            if (startMs is { } zeroMs && step >= anchor && atMs > zeroMs - 2_000)
            {
                Found.Add(new DetectedStep(kind, step, atMs));
            }
        }

        private void Done(int step, double atMs)
        {
            if (step != anchor || steps[step].OverS > 0)
            {
                Report(EntryKind.Done, step, atMs);
            }

            next = Math.Max(next, step + 1);
        }

        private bool EndsSteep(double atMs) => steepEnd >= 0 && !opened && startMs is { } zeroMs && (atMs - zeroMs) / 1000 > Math.Max(plan.Timings[steepEnd].StartS - EarlyS, Acts.LastWater(plan.Recipe) is >= 0 and var water ? plan.Timings[water].EndS : 0);

        private void Open(double atMs)
        {
            opened = true;
            if (steps[steepEnd] is Step.OpenValve)
            {
                Done(steepEnd, atMs);
            }
            else
            {
                Report(EntryKind.Begun, steepEnd, atMs);
                next = Math.Max(next, steepEnd);
            }
        }

        private int SwapAt() => Find<Step.SwapCup>() is > 0 and var swap && steps[swap - 1] is Step.Drain && swap - 1 >= next ? swap : -1;

        /// <summary>The last step that separates coffee and water, where there is no drawdown: a cup put down afterwards shows that it is done.</summary>
        private int LastParting()
        {
            if (steps.Any(step => step is Step.Drain))
            {
                return -1;
            }

            for (var i = steps.Length - 1; i >= next; i--)
            {
                if (steps[i] is Step.Press or Step.Plunge or Step.Decant)
                {
                    return i;
                }
            }

            return -1;
        }
    }
}
