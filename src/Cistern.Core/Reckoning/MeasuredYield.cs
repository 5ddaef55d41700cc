namespace Cistern.Core.Reckoning;

/// <summary>The extraction that a refractometer reading and a weight imply, by both definitions.</summary>
/// <param name="InTheCupPercent">Dissolved coffee in the cup per dose, %.</param>
/// <param name="DissolvedPercent">All dissolved coffee per dose, including that in the liquid kept by the bed, %.</param>
public readonly record struct MeasuredYield(double InTheCupPercent, double DissolvedPercent)
{
    /// <summary>Reckons both.</summary>
    /// <param name="tdsPercent">Strength of the finished drink, %.</param>
    /// <param name="drinkG">Weight of the finished drink, dilution and melted ice included, g.</param>
    /// <param name="addedG">Part of it that is water added after brewing, g.</param>
    /// <param name="keptG">Liquid kept by bed and vessel, g.</param>
    /// <param name="doseG">Coffee, g.</param>
    /// <remarks>Mass balance. The liquid kept back has the strength of the brew before anything was added.</remarks>
    public static MeasuredYield Of(double tdsPercent, double drinkG, double addedG, double keptG, double doseG)
    {
        var solidsG = tdsPercent / 100 * drinkG;
        var brewG = Math.Max(1, drinkG - addedG);
        return new MeasuredYield(100 * solidsG / doseG, 100 * (solidsG + (solidsG / brewG * keptG)) / doseG);
    }
}
