namespace Cistern.Core.Planning;

/// <summary>Caffeine in a drink: an estimate, not advice.</summary>
/// <param name="LowMg">Likely lower limit, mg.</param>
/// <param name="HighMg">Likely upper limit, mg.</param>
public readonly record struct Caffeine(double LowMg, double HighMg)
{
    /// <summary>
    /// Usual published content of roasted arabica by mass: 0.9 to 1.5 %. A blend with robusta can have twice as much; decaffeinated
    /// coffee has at most about a tenth.
    /// </summary>
    private static readonly (double Low, double High) Share = (0.009, 0.015);

    private static readonly (double Low, double High) DecaffeinatedShare = (0.0002, 0.0012);

    /// <summary>Estimates the caffeine of a whole brew.</summary>
    /// <param name="forecast">Its forecast. Caffeine dissolves fast, so it is extracted like the bright group.</param>
    /// <param name="decaffeinated">Whether the coffee is decaffeinated.</param>
    public static Caffeine Of(Forecast forecast, bool decaffeinated)
    {
        var doseG = forecast.Recipe.Coffee.DoseG;
        var brightG = doseG * Grounds.SolubleOf(forecast.Recipe.Coffee.Roast).Bright;
        var drawn = Math.Clamp(forecast.Totals.SolidsG.Bright / brightG, 0, 1);
        var (low, high) = decaffeinated ? DecaffeinatedShare : Share;
        return new Caffeine(1000 * doseG * low * drawn, 1000 * doseG * high * drawn);
    }
}
