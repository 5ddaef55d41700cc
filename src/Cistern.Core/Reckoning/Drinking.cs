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
        var (startC, paceS) = Poured(drinkG, drinkC, ambientC);
        return startC <= ComfortableC || ambientC >= ComfortableC ? 0 : paceS * Math.Log((startC - ambientC) / (ComfortableC - ambientC));
    }

    /// <summary>How warm a drink is some time after it was poured into a cup, °C: Newton's law, cup and drink as one body.</summary>
    /// <param name="drinkG">The drink there is, g; 200 g of it are poured, or all if less.</param>
    /// <param name="drinkC">Its temperature as it is poured, °C.</param>
    /// <param name="ambientC">The room and the cup, °C.</param>
    /// <param name="afterS">How long after, s.</param>
    public static double AtC(double drinkG, double drinkC, double ambientC, double afterS)
    {
        var (startC, paceS) = Poured(drinkG, drinkC, ambientC);
        return ambientC + ((startC - ambientC) * Math.Exp(-Math.Max(0, afterS) / paceS));
    }

    /// <summary>The cup just after it was poured, °C, and the time in which it comes to 1/e of what it is above the room, s.</summary>
    private static (double StartC, double PaceS) Poured(double drinkG, double drinkC, double ambientC)
    {
        var waterJPerK = Math.Min(drinkG, PouredG) * WaterPhysics.SpecificHeat;
        var heatJPerK = waterJPerK + CupJPerK;
        return (((waterJPerK * drinkC) + (CupJPerK * ambientC)) / heatJPerK, heatJPerK / CupWPerK);
    }
}
