namespace Cistern.Core.Forecasts;

/// <summary>Figures by which a barista judges a plan.</summary>
public enum Outcome
{
    /// <summary>Strength of the finished drink, % TDS.</summary>
    TdsPercent,

    /// <summary>Solids in the cup per dose, %.</summary>
    ExtractionYieldPercent,

    /// <summary>Sour to bitter; a judgement.</summary>
    FlavourBalance,

    /// <summary>The finished drink, g.</summary>
    DrinkG,

    /// <summary>End of the last step, s on the brew clock.</summary>
    FinishS,

    /// <summary>Drawdown, s.</summary>
    DrawdownS,

    /// <summary>Hand force, N.</summary>
    PressForceN,

    /// <summary>When the drink is cool enough to drink, s on the brew clock.</summary>
    DrinkableAtS,
}

/// <summary>Reads outcomes off totals.</summary>
public static class Outcomes
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Outcome> All { get; } = Enum.GetValues<Outcome>();

    /// <summary>The value of an outcome, or null where it does not apply to the brew.</summary>
    public static double? Of(this Totals totals, Outcome outcome) => outcome switch
    {
        Outcome.TdsPercent => totals.FinalTdsPercent,
        Outcome.ExtractionYieldPercent => totals.ExtractionYieldPercent,
        Outcome.FlavourBalance => totals.FlavourBalance,
        Outcome.DrinkG => totals.FinalG,
        Outcome.FinishS => totals.FinishS,
        Outcome.DrawdownS => totals.DrawdownS,
        Outcome.PressForceN => totals.PressForceN,
        Outcome.DrinkableAtS => totals.FinishS + totals.DrinkableAfterS,
    };
}

/// <summary>The 80 % band of a forecast figure.</summary>
/// <param name="Value">The forecast.</param>
/// <param name="Low">The 10th percentile.</param>
/// <param name="High">The 90th percentile.</param>
public readonly record struct Band(double Value, double Low, double High)
{
    /// <summary>One σ.</summary>
    public double Sigma => (High - Value) / Confidence.Eighty;
}

/// <summary>The uncertainty of a forecast, from the spread of the model's parameters.</summary>
public static class Confidence
{
    /// <summary>Standard normal quantile of the 90th percentile.</summary>
    public const double Eighty = 1.28;

    /// <summary>Factor on the spread for cold water, of which less is known. Judged.</summary>
    private const double ColdDoubt = 2;

    /// <summary>The 80 % band of every outcome: central differences along the model's spread, added in quadrature.</summary>
    /// <param name="forecast">The forecast. Its recipe is run twice for each direction of the spread, with coarse time steps.</param>
    public static IReadOnlyDictionary<Outcome, Band> Of(Forecast forecast) => forecast.Once(() => new Cached(
        Reckon(forecast, totals => Outcomes.All.ToDictionary(outcome => outcome, totals.Of), outcome => outcome == Outcome.FlavourBalance))).Bands;

    /// <summary>The 80 % bands of all figures, by their public names; figures that do not apply have none.</summary>
    /// <param name="forecast">The forecast, as for <see cref="Of"/>.</param>
    public static IReadOnlyDictionary<string, Band> OfFigures(Forecast forecast) => Reckon(forecast, ForecastFigures.Of, name => name is "tilt" or "chilledC");

    private static Dictionary<TFigure, Band> Reckon<TFigure>(Forecast forecast, Func<Totals, IReadOnlyDictionary<TFigure, double?>> read, Func<TFigure, bool> twoSided)
        where TFigure : notnull
    {
        var values = read(forecast.Totals);
        var variance = values.Keys.ToDictionary(figure => figure, _ => 0.0);
        foreach (var (high, low) in Runs(forecast))
        {
            var (above, below) = (read(high), read(low));
            foreach (var figure in values.Keys)
            {
                if (above[figure] is { } up && below[figure] is { } down)
                {
                    variance[figure] += Math.Pow((up - down) / 2, 2);
                }
            }
        }

        return values.Where(pair => pair.Value is not null).ToDictionary(pair => pair.Key, pair =>
        {
            var (value, half) = (pair.Value!.Value, Eighty * Math.Sqrt(variance[pair.Key]));
            // Strength, force and time cannot be negative; flavour balance can.
            return new Band(value, twoSided(pair.Key) ? value - half : Math.Max(0, value - half), value + half);
        });
    }

    private static IEnumerable<(Totals High, Totals Low)> Runs(Forecast forecast)
    {
        var model = forecast.Model.ForDifferences();
        var times = forecast.IsCold ? ColdDoubt : 1;
        foreach (var direction in forecast.Model.Spread.Directions)
        {
            yield return (Run(model, forecast, direction, times), Run(model, forecast, direction, -times));
        }
    }

    private static Totals Run(ForecastModel model, Forecast forecast, ImmutableArray<double> direction, double times) =>
        (model with { Parameters = model.Parameters.Moved(direction.AsSpan(), times) }).Figures(forecast.Recipe).Totals;

    private sealed record Cached(IReadOnlyDictionary<Outcome, Band> Bands);
}
