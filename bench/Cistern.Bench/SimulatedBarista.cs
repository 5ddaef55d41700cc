namespace Cistern.Bench;

/// <summary>
/// A simulated barista: their coffee, grinder and brewer differ from the model's by random amounts within its spread, and their palate
/// has an offset and a noise of half a point. Their measurements have the noise of instruments.
/// </summary>
internal sealed class SimulatedBarista
{
    private readonly Random chance;
    private readonly double leanOffset;
    private readonly double bodyOffset;

    /// <summary>Creates one.</summary>
    /// <param name="seed">The same seed gives the same barista.</param>
    public SimulatedBarista(int seed)
    {
        chance = new Random(seed);
        var by = ModelSpread.PriorSigma.Select(sigma => sigma * Normal()).ToArray();
        Truth = ForecastModel.Published with { Parameters = ModelParameters.Published.Moved(by) };
        leanOffset = Normal();
        bodyOffset = Normal();
        BalanceScale = 2.5 * Math.Exp(0.3 * Normal());
        BodyScale = 8 * Math.Exp(0.3 * Normal());
    }

    /// <summary>The model of what their brews really do.</summary>
    public ForecastModel Truth { get; }

    /// <summary>Points for 1 of flavour balance.</summary>
    public double BalanceScale { get; }

    /// <summary>Points for 1 % TDS.</summary>
    public double BodyScale { get; }

    /// <summary>Brews a plan, and measures and tastes it.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="reads">Whether there is a refractometer.</param>
    public BrewRecord Brew(Recipe plan, bool reads = true)
    {
        var real = Truth.Run(plan);
        var totals = real.Totals;
        var felt = totals.PressForceN switch { null => (PressFelt?)null, <= 60 => PressFelt.Easy, <= 120 => PressFelt.Firm, _ => PressFelt.Hard };
        var atS = Math.Round(0.5 * totals.FinishS);
        return new BrewRecord(Guid.NewGuid(), plan, plan)
        {
            Measured = new MeasuredFigures
            {
                TdsPercent = reads ? Math.Round(totals.FinalTdsPercent + (0.02 * Normal()), 2) : null,
                BeverageG = Math.Round(totals.FinalG + Normal(), 1),
                DrawdownS = totals.DrawdownS is { } drainS ? Math.Round(drainS + (2 * Normal())) : null,
                PressFelt = felt,
                SlurryC = Math.Round(real.At(atS).TemperatureC + (0.5 * Normal()), 1),
                SlurryAtS = atS,
            },
            Tasting = new TastingRecord
            {
                Sips = [new Sip { When = SipWhen.Warm, SourBitter = Said(leanOffset + (BalanceScale * totals.FlavourBalance)), ThinHeavy = Said(bodyOffset + (BodyScale * (totals.FinalTdsPercent - 1.3))) }],
            },
        };
    }

    /// <summary>A random number with a standard normal distribution.</summary>
    public double Normal() => Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());

    /// <summary>A random number from 0 to 1.</summary>
    public double Share() => chance.NextDouble();

    private double Said(double points) => Math.Clamp(Math.Round(points + (0.5 * Normal())), -5, 5);
}
