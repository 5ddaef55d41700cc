namespace Cistern.Core.Forecasts;

/// <summary>A figure that a barista weighs a plan by.</summary>
public enum Outcome
{
    /// <summary>Strength of the drink as it is drunk, % TDS.</summary>
    TdsPercent,

    /// <summary>Solids in the cup per dose, %.</summary>
    ExtractionYieldPercent,

    /// <summary>Sharp to harsh; a judgement.</summary>
    Tilt,

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
        Outcome.Tilt => totals.Tilt,
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
public readonly record struct Band(double Value, double Low, double High);

/// <summary>How far the unfitted model may be off.</summary>
public static class Confidence
{
    /// <summary>Standard normal quantile that leaves a tenth on either side.</summary>
    private const double Eighty = 1.28;

    /// <summary>The model's spread, one σ each way: log-normal factors, and shifts of K and of the bed's hold. Judged from published scatter.</summary>
    private static readonly (Func<ModelParameters, ModelParameters> Up, Func<ModelParameters, ModelParameters> Down)[] Spreads =
    [
        (to => to with { Diffusivity = to.Diffusivity * 1.25 }, to => to with { Diffusivity = to.Diffusivity / 1.25 }),
        (to => to with { CakeResistance = to.CakeResistance * 1.5 }, to => to with { CakeResistance = to.CakeResistance / 1.5 }),
        (to => to with { EquilibriumShift = to.EquilibriumShift + 0.02 }, to => to with { EquilibriumShift = to.EquilibriumShift - 0.02 }),
        (to => to with { HoldShiftGPerG = to.HoldShiftGPerG + 0.15 }, to => to with { HoldShiftGPerG = to.HoldShiftGPerG - 0.15 }),
        (to => to with { Gas = to.Gas * 1.4 }, to => to with { Gas = to.Gas / 1.4 }),
    ];

    /// <summary>The 80 % band of every outcome the brew has: central differences, added in quadrature.</summary>
    /// <param name="forecast">The forecast; its recipe is run ten times more, in coarse steps.</param>
    public static IReadOnlyDictionary<Outcome, Band> Of(Forecast forecast) => forecast.Once(() => new Worked(Reckon(forecast))).Bands;

    private static Dictionary<Outcome, Band> Reckon(Forecast forecast)
    {
        Span<double> variance = stackalloc double[Outcomes.All.Count];
        variance.Clear();
        foreach (var (up, down) in Spreads)
        {
            var high = Run(forecast, up);
            var low = Run(forecast, down);
            foreach (var outcome in Outcomes.All)
            {
                if (high.Of(outcome) is { } above && low.Of(outcome) is { } below)
                {
                    var sigma = (above - below) / 2;
                    variance[(int)outcome] += sigma * sigma;
                }
            }
        }

        var bands = new Dictionary<Outcome, Band>();
        foreach (var outcome in Outcomes.All)
        {
            if (forecast.Totals.Of(outcome) is { } value)
            {
                var half = Eighty * Math.Sqrt(variance[(int)outcome]);
                // No strength, force or time is ever under nothing; only the tilt has two sides.
                bands[outcome] = new Band(value, outcome == Outcome.Tilt ? value - half : Math.Max(0, value - half), value + half);
            }
        }

        return bands;
    }

    private static Totals Run(Forecast forecast, Func<ModelParameters, ModelParameters> shift)
    {
        var model = forecast.Model.ForDifferences();
        return (model with { Parameters = shift(model.Parameters) }).Figures(forecast.Recipe).Totals;
    }

    private sealed record Worked(IReadOnlyDictionary<Outcome, Band> Bands);
}
