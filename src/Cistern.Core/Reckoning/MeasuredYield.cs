namespace Cistern.Core.Reckoning;

/// <summary>What a refractometer and a scale say was drawn, by both accountings.</summary>
/// <param name="InTheCupPercent">Solids in the cup per dose, %.</param>
/// <param name="DissolvedPercent">All that dissolved per dose, what the bed keeps in its liquid included, %.</param>
public readonly record struct MeasuredYield(double InTheCupPercent, double DissolvedPercent)
{
    /// <summary>Reckons both.</summary>
    /// <param name="tdsPercent">Strength of the drink as it is drunk, %.</param>
    /// <param name="drinkG">The drink as it is drunk, dilution and melted ice included, g.</param>
    /// <param name="addedG">Of that, water that never met the coffee, g.</param>
    /// <param name="keptG">Liquid that bed and vessel keep, g.</param>
    /// <param name="doseG">Coffee, g.</param>
    /// <remarks>Mass balance; the liquid kept back is as strong as the brew was before anything was added to it.</remarks>
    public static MeasuredYield Of(double tdsPercent, double drinkG, double addedG, double keptG, double doseG)
    {
        var solidsG = tdsPercent / 100 * drinkG;
        var brewG = Math.Max(1, drinkG - addedG);
        return new MeasuredYield(100 * solidsG / doseG, 100 * (solidsG + (solidsG / brewG * keptG)) / doseG);
    }
}
