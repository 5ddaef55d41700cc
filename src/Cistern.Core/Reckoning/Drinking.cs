using Cistern.Core.Physics;

namespace Cistern.Core.Reckoning;

/// <summary>When a drink can be drunk.</summary>
public static class Drinking
{
    /// <summary>Cool enough to be tasted and not to scald, °C.</summary>
    public const double ComfortableC = 60;

    private const double CupJPerK = 150;
    private const double CupWPerK = 1.1;
    private const double PouredG = 200;

    /// <summary>Seconds until a drink poured into a cup is at 60 °C.</summary>
    /// <param name="drinkG">The drink there is, g; 200 g of it are poured, or all if less.</param>
    /// <param name="drinkC">Its temperature as it is poured, °C.</param>
    /// <param name="ambientC">The room and the cup, °C.</param>
    /// <returns>0 when it is that cool at once.</returns>
    public static double WaitS(double drinkG, double drinkC, double ambientC)
    {
        var waterJPerK = Math.Min(drinkG, PouredG) * WaterPhysics.SpecificHeat;
        var heatJPerK = waterJPerK + CupJPerK;
        var startC = ((waterJPerK * drinkC) + (CupJPerK * ambientC)) / heatJPerK;
        return startC <= ComfortableC || ambientC >= ComfortableC ? 0 : heatJPerK / CupWPerK * Math.Log((startC - ambientC) / (ComfortableC - ambientC));
    }
}
