namespace Cistern.Core.Reckoning;

/// <summary>Diluting a drink with water: masses and heat add.</summary>
public static class Dilution
{
    /// <summary>Water that dilutes a drink to a strength, g; 0 where the drink is not stronger than that.</summary>
    /// <param name="drinkG">The drink, g.</param>
    /// <param name="tdsPercent">Its strength, %.</param>
    /// <param name="wantedTdsPercent">The strength wanted, %; over 0.</param>
    /// <exception cref="ArgumentOutOfRangeException">The strength wanted is not over 0.</exception>
    public static double WaterG(double drinkG, double tdsPercent, double wantedTdsPercent)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(wantedTdsPercent);
        return Math.Max(0, drinkG * ((tdsPercent / wantedTdsPercent) - 1));
    }

    /// <summary>The strength after water or melted ice was added, %.</summary>
    public static double TdsPercent(double drinkG, double tdsPercent, double addedG) => drinkG + addedG > 0 ? drinkG * tdsPercent / (drinkG + addedG) : 0;
}
