using Cistern.Core.Forecasts;

namespace Cistern.Core.Reckoning;

/// <summary>What ice does to a drink.</summary>
/// <param name="MeltG">Ice that melts, g.</param>
/// <param name="TemperatureC">Where it ends, °C.</param>
public readonly record struct Chill(double MeltG, double TemperatureC);

/// <summary>Chilling a hot drink on ice: energy balances.</summary>
public static class Chilling
{
    /// <summary>Share of the drink's heat above 0 °C that the ice must take; the vessel and the air take the rest.</summary>
    private const double HeatToIce = 0.9;

    /// <summary>Chills a drink on ice.</summary>
    /// <param name="drinkG">The drink, let-down included, g.</param>
    /// <param name="drinkC">Its temperature, °C.</param>
    /// <param name="iceG">The ice there is, g.</param>
    /// <param name="iceC">Its temperature, °C, not above 0.</param>
    /// <param name="untilC">Taken off the ice at this temperature, °C; null leaves it on until it is at 0.</param>
    public static Chill On(double drinkG, double drinkC, double iceG, double iceC, double? untilC)
    {
        var endC = Math.Min(untilC ?? 0, Math.Max(0, drinkC));
        var heatJ = HeatToIce * drinkG * WaterPhysics.SpecificHeat * Math.Max(0, drinkC);
        var meltG = Math.Max(0, (heatJ - (drinkG * WaterPhysics.SpecificHeat * endC)) / (PerGramJ(iceC) + (WaterPhysics.SpecificHeat * endC)));
        if (meltG <= iceG)
        {
            return new Chill(meltG, endC);
        }

        return new Chill(iceG, (heatJ - (iceG * PerGramJ(iceC))) / (WaterPhysics.SpecificHeat * (drinkG + iceG)));
    }

    /// <summary>The least ice that brings a drink to a temperature, g: all of it melts.</summary>
    public static double LeastIceG(double drinkG, double drinkC, double iceC, double wantedC) =>
        Math.Max(0, ((HeatToIce * drinkG * WaterPhysics.SpecificHeat * drinkC) - (drinkG * WaterPhysics.SpecificHeat * wantedC))
            / (PerGramJ(iceC) + (WaterPhysics.SpecificHeat * wantedC)));

    private static double PerGramJ(double iceC) => (WaterPhysics.IceSpecificHeat * Math.Abs(iceC)) + WaterPhysics.Fusion;
}
