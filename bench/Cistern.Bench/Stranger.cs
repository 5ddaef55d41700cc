using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Records;

namespace Cistern.Bench;

/// <summary>
/// A barista nobody knows: their coffee, grinder and vessel are what the model takes them for only to its spread, and their
/// palate has an offset and a noise of half a point. What they measure has the noise of instruments.
/// </summary>
internal sealed class Stranger
{
    private readonly Random chance;
    private readonly double leanOffset;
    private readonly double bodyOffset;

    /// <summary>A stranger.</summary>
    /// <param name="seed">The same seed is the same stranger.</param>
    public Stranger(int seed)
    {
        chance = new Random(seed);
        var by = ModelSpread.PriorSigma.Select(sigma => sigma * Normal()).ToArray();
        Truth = ForecastModel.Published with { Parameters = ModelParameters.Published.Moved(by) };
        leanOffset = Normal();
        bodyOffset = Normal();
        BalanceScale = 2.5 * Math.Exp(0.3 * Normal());
        BodyScale = 8 * Math.Exp(0.3 * Normal());
    }

    /// <summary>What their brews really do.</summary>
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

    /// <summary>A number of a standard normal distribution.</summary>
    public double Normal() => Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble());

    /// <summary>A number from 0 to 1.</summary>
    public double Share() => chance.NextDouble();

    private double Said(double points) => Math.Clamp(Math.Round(points + (0.5 * Normal())), -5, 5);
}
