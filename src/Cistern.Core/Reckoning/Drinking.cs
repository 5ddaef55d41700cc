namespace Cistern.Core.Reckoning;

/// <summary>When a drink can be drunk.</summary>
public static class Drinking
{
    /// <summary>The temperature at which coffee can be tasted without scalding, °C.</summary>
    public const double ComfortableC = 60;

    private const double CupJPerK = 150;
    private const double CupWPerK = 1.1;
    private const double PouredG = 200;

    /// <summary>Seconds until a drink poured into a cup has cooled to 60 °C.</summary>
    /// <param name="drinkG">Amount of drink, g; at most 200 g of it are poured into the cup.</param>
    /// <param name="drinkC">Its temperature when it is poured, °C.</param>
    /// <param name="ambientC">Temperature of the room and the cup, °C.</param>
    /// <returns>Seconds; 0 when it is that cool already.</returns>
    public static double WaitS(double drinkG, double drinkC, double ambientC)
    {
        var (startC, paceS) = Poured(drinkG, drinkC, ambientC);
        return startC <= ComfortableC || ambientC >= ComfortableC ? 0 : paceS * Math.Log((startC - ambientC) / (ComfortableC - ambientC));
    }

    /// <summary>
    /// The temperature of a drink some time after it was poured into a cup, °C: Newton's law of cooling, cup and drink as one body.
    /// </summary>
    /// <param name="drinkG">Amount of drink, g; at most 200 g of it are poured into the cup.</param>
    /// <param name="drinkC">Its temperature when it is poured, °C.</param>
    /// <param name="ambientC">Temperature of the room and the cup, °C.</param>
    /// <param name="afterS">Time since it was poured, s.</param>
    public static double AtC(double drinkG, double drinkC, double ambientC, double afterS)
    {
        var (startC, paceS) = Poured(drinkG, drinkC, ambientC);
        return ambientC + ((startC - ambientC) * Math.Exp(-Math.Max(0, afterS) / paceS));
    }

    /// <summary>The temperature just after pouring, °C, and the time constant of cooling towards the room, s.</summary>
    private static (double StartC, double PaceS) Poured(double drinkG, double drinkC, double ambientC)
    {
        var waterJPerK = Math.Min(drinkG, PouredG) * WaterPhysics.SpecificHeat;
        var heatJPerK = waterJPerK + CupJPerK;
        return (((waterJPerK * drinkC) + (CupJPerK * ambientC)) / heatJPerK, heatJPerK / CupWPerK);
    }
}
