namespace Cistern.Core.Readings;

/// <summary>The quality of simulated instruments.</summary>
public sealed record InstrumentQuality
{
    /// <summary>As a café's instruments usually are.</summary>
    public static InstrumentQuality Usual { get; } = new();

    /// <summary>Noise of the scale, g (1 σ).</summary>
    public double NoiseG { get; init; } = 0.06;

    /// <summary>What its display goes by, g.</summary>
    public double ResolutionG { get; init; } = 0.1;

    /// <summary>How far it drifts, g a minute.</summary>
    public double DriftGPerMin { get; init; } = 0.15;

    /// <summary>The delay of its display, s.</summary>
    public double DelayS { get; init; } = 0.2;

    /// <summary>How fast it settles, s to 63 of 100.</summary>
    public double SettlesS { get; init; } = 0.2;

    /// <summary>How often somebody bumps the table, per minute.</summary>
    public double BumpsPerMin { get; init; } = 1;

    /// <summary>How hard, g (1 σ).</summary>
    public double BumpG { get; init; } = 30;

    /// <summary>The highest value of its display, g.</summary>
    public double MostG { get; init; } = 3_000;

    /// <summary>Readings a second.</summary>
    public int PerSecond { get; init; } = 5;
}

/// <summary>
/// Simulated instruments: the same forecast as everywhere, seen with noise, drift, delay and settling. The same moment always gives
/// the same reading.
/// </summary>
public sealed class SimulatedInstruments
{
    /// <summary>The scale's own sampling interval, s.</summary>
    private const double FineS = 0.1;

    private readonly double[] displayG;
    private readonly int seed;
    private readonly InstrumentQuality quality;

    /// <summary>Instruments for one brew.</summary>
    /// <param name="performance">What is done in the brew.</param>
    /// <param name="seed">The same seed gives the same readings.</param>
    /// <param name="quality">The instruments' quality; null for the default.</param>
    public SimulatedInstruments(SimulatedBrew performance, int seed, InstrumentQuality? quality = null)
    {
        SimulatedBrew = performance;
        this.seed = seed;
        this.quality = quality ?? InstrumentQuality.Usual;
        displayG = Weigh();
    }

    /// <summary>What is done on it.</summary>
    public SimulatedBrew SimulatedBrew { get; }

    /// <summary>The first moment with readings, s on the brew clock.</summary>
    public double BeginS => SimulatedBrew.BeginS;

    /// <summary>The last, s on the brew clock.</summary>
    public double EndS => SimulatedBrew.EndS;

    private bool IsSiphon => SimulatedBrew.Real.Recipe.Brewer.Family == BrewerFamily.Siphon;

    /// <summary>The scale's display, g since the last tare.</summary>
    public double DisplayG(double atS) => displayG[Math.Clamp((int)Math.Round((atS - BeginS) / FineS), 0, displayG.Length - 1)];

    /// <summary>In the vessel, °C.</summary>
    public double SlurryC(double atS)
    {
        var real = SimulatedBrew.Real;
        var ambientC = real.Recipe.Place.AmbientC;
        var lastDrainS = real.Timings.Where(timing => real.Recipe.Steps[timing.Index] is Step.Drain).Select(timing => timing.EndS).DefaultIfEmpty(double.PositiveInfinity).Max();
        // After the coffee has left, the probe is in warm, moist air.
        var airC = ambientC + 22;
        var inCoffeeC = atS < 0 && !IsSiphon ? ambientC : real.At(Math.Min(atS, Math.Min(lastDrainS, real.Totals.FinishS))).TemperatureC;
        var trueC = atS > lastDrainS ? airC + ((inCoffeeC - airC) * Math.Exp(-(atS - lastDrainS) / 6)) : inCoffeeC;
        return Math.Round(trueC + (0.15 * Noise(atS, 1)), 1);
    }

    /// <summary>In the kettle, °C.</summary>
    public double KettleC(double atS)
    {
        var recipe = SimulatedBrew.Real.Recipe;
        var offC = recipe.Water.TemperatureC;
        var cooled = recipe.Place.AmbientC + ((offC - recipe.Place.AmbientC) * Math.Exp(-Math.Max(0, atS) / 1_500));
        return Math.Round(cooled + (0.2 * Noise(atS, 2)), 1);
    }

    /// <summary>The burner's power, W; 0 when it is off or removed.</summary>
    public double BurnerW(double atS)
    {
        var real = SimulatedBrew.Real;
        var state = VesselState.At(real, atS);
        var setW = real.Recipe.Steps.OfType<Step.LightBurner>().Select(burner => burner.FlameW).FirstOrDefault() ?? ForecastModel.UsualFlameW;
        return state.Flame ? Math.Round(Math.Max(0, setW + (4 * Noise(atS, 3)))) : 0;
    }

    /// <summary>A refractometer's reading of the finished drink, % TDS.</summary>
    public double TdsPercent() => Math.Round(SimulatedBrew.Real.Totals.FinalTdsPercent + (0.02 * Noise(0, 4)), 2);

    /// <summary>All readings of this vessel's instruments within a span of time, in order.</summary>
    /// <param name="fromS">Start, s on the brew clock; excluded.</param>
    /// <param name="toS">End, s on the brew clock; included.</param>
    /// <param name="toMs">Converts a time on the brew clock to UTC milliseconds.</param>
    public IEnumerable<Reading> Read(double fromS, double toS, Func<double, double> toMs)
    {
        var first = (int)Math.Floor((Math.Max(fromS, BeginS) - BeginS) * quality.PerSecond) + 1;
        var last = (int)Math.Floor((Math.Min(toS, EndS) - BeginS) * quality.PerSecond);
        for (var i = first; i <= last; i++)
        {
            var atS = BeginS + ((double)i / quality.PerSecond);
            var atMs = toMs(atS);
            if (!IsSiphon)
            {
                yield return new Reading(ReadingOf.ScaleG, atMs, DisplayG(atS));
            }

            if (i % quality.PerSecond == 0)
            {
                yield return new Reading(ReadingOf.SlurryC, atMs, SlurryC(atS));
                yield return new Reading(ReadingOf.KettleC, atMs, KettleC(atS));
            }

            if (IsSiphon && i % 2 == 0)
            {
                yield return new Reading(ReadingOf.BurnerW, atMs, BurnerW(atS));
            }
        }
    }

    private double[] Weigh()
    {
        var chance = new Random(seed);
        var count = (int)Math.Ceiling((EndS - BeginS) / FineS) + 1;
        var shown = new double[count];
        var tares = SimulatedBrew.TaresS.Order().ToList();
        var driftGPerS = quality.DriftGPerMin / 60 * ((2 * chance.NextDouble()) - 1);
        double settledG = 0, tareG = 0, bumpG = 0, bumpUntilS = double.NegativeInfinity, swing = chance.NextDouble() * 6;
        var taken = 0;
        for (var i = 0; i < count; i++)
        {
            var atS = BeginS + (i * FineS);
            // Nobody sets a scale to zero while it shakes.
            if (chance.NextDouble() < quality.BumpsPerMin * FineS / 60 && !(taken < tares.Count && tares[taken] - atS < 1.5))
            {
                (bumpG, bumpUntilS) = (quality.BumpG * Hands.Gauss(chance), atS + 0.2);
            }

            var onItG = SimulatedBrew.LoadG(atS - quality.DelayS) + SimulatedBrew.LeansG(atS - quality.DelayS)
                + (atS < bumpUntilS ? bumpG : 0)
                + (SimulatedBrew.Stirs(atS) ? 3 * Math.Sin(swing += 1.1) : 0);
            settledG += (onItG - settledG) * (1 - Math.Exp(-FineS / quality.SettlesS));
            if (taken < tares.Count && atS >= tares[taken])
            {
                taken++;
                tareG = settledG;
            }

            var showsG = Math.Clamp(settledG - tareG + (driftGPerS * (atS - BeginS)) + (quality.NoiseG * Hands.Gauss(chance)), -quality.MostG, quality.MostG);
            shown[i] = Math.Round(Math.Round(showsG / quality.ResolutionG) * quality.ResolutionG, 2);
        }

        return shown;
    }

    /// <summary>Noise that is the same each time it is asked for.</summary>
    private double Noise(double atS, int of) => Hands.Gauss(new Random(unchecked((((seed * 31) + of) * 1_000_003) + (int)Math.Round(atS * 10))));
}
