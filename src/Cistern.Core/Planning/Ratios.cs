namespace Cistern.Core.Planning;

/// <summary>The four meanings of a ratio, each as the n of 1:n.</summary>
/// <param name="Poured">Water poured per dose.</param>
/// <param name="InTheCup">Drink in the cup per dose, before dilution and ice.</param>
/// <param name="Final">The finished drink per dose, after dilution and ice.</param>
/// <param name="PouredAndMelted">Water poured and ice melted per dose: how some count an iced brew.</param>
public readonly record struct Ratios(double Poured, double InTheCup, double Final, double PouredAndMelted)
{
    /// <summary>The ratios of a forecast.</summary>
    public static Ratios Of(Forecast forecast)
    {
        var doseG = forecast.Recipe.Coffee.DoseG;
        return new Ratios(forecast.Recipe.WaterG / doseG, forecast.Totals.BeverageG / doseG, forecast.Totals.FinalG / doseG, (forecast.Recipe.WaterG + (forecast.Totals.MeltG ?? 0)) / doseG);
    }

    /// <summary>A ratio as grams of coffee per litre of water.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The ratio is not over 0.</exception>
    public static double GPerL(double ratio)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(ratio);
        return 1000 / ratio;
    }
}
