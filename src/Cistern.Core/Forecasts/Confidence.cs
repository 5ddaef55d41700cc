using System.Collections.Immutable;

namespace Cistern.Core.Forecasts;

/// <summary>A figure that a barista weighs a plan by.</summary>
public enum Outcome
{
    /// <summary>Strength of the drink as it is drunk, % TDS.</summary>
    TdsPercent,

    /// <summary>Solids in the cup per dose, %.</summary>
    ExtractionYieldPercent,

    /// <summary>Sour to bitter; a judgement.</summary>
    FlavourBalance,

    /// <summary>The drink as it is drunk, g.</summary>
    DrinkG,

    /// <summary>End of the last step, s on the clock.</summary>
    FinishS,

    /// <summary>Drawdown, s.</summary>
    DrawdownS,

    /// <summary>Hand force, N.</summary>
    PressForceN,

    /// <summary>When it can be drunk, s on the clock.</summary>
    DrinkableAtS,
}

/// <summary>Reads outcomes off totals.</summary>
public static class Outcomes
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<Outcome> All { get; } = Enum.GetValues<Outcome>();

    /// <summary>One outcome, or null where the brew has no such thing.</summary>
    public static double? Of(this Totals totals, Outcome outcome) => outcome switch
    {
        Outcome.TdsPercent => totals.FinalTdsPercent,
        Outcome.ExtractionYieldPercent => totals.ExtractionYieldPercent,
        Outcome.FlavourBalance => totals.FlavourBalance,
        Outcome.DrinkG => totals.FinalG,
        Outcome.FinishS => totals.FinishS,
        Outcome.DrawdownS => totals.DrawdownS,
        Outcome.PressForceN => totals.PressForceN,
        _ => totals.FinishS + totals.DrinkableAfterS,
    };
}

/// <summary>An 80 % band round a forecast figure.</summary>
/// <param name="Value">The forecast.</param>
/// <param name="Low">One brew in ten falls under it.</param>
/// <param name="High">One brew in ten falls over it.</param>
public readonly record struct Band(double Value, double Low, double High)
{
    /// <summary>One σ.</summary>
    public double Sigma => (High - Value) / Confidence.Eighty;
}

/// <summary>How far a forecast may be off, by the spread of its model.</summary>
public static class Confidence
{
    /// <summary>Standard normal quantile that leaves a tenth on either side.</summary>
    public const double Eighty = 1.28;

    /// <summary>By so much less is known of cold water than of hot. Judged.</summary>
    private const double ColdDoubt = 2;

    /// <summary>The 80 % band of every outcome the brew has: central differences along the model's spread, added in quadrature.</summary>
    /// <param name="forecast">The forecast; its recipe is run twice more for each direction of the spread, in coarse steps.</param>
    public static IReadOnlyDictionary<Outcome, Band> Of(Forecast forecast) => forecast.Once(() => new Worked(
        Reckon(forecast, totals => Outcomes.All.ToDictionary(outcome => outcome, totals.Of), outcome => outcome == Outcome.FlavourBalance))).Bands;

    /// <summary>The 80 % bands of all figures by their open names; of a figure the brew has not there is none.</summary>
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
            // No strength, force or time is ever under nothing; only what has two sides is.
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

    private sealed record Worked(IReadOnlyDictionary<Outcome, Band> Bands);
}
