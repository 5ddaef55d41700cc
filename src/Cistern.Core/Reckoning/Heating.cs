namespace Cistern.Core.Reckoning;

/// <summary>How a kettle heats.</summary>
/// <param name="PowerW">Its power, electric or flame, W; over 0.</param>
/// <param name="KeepsTemperature">Whether it holds a set temperature; otherwise it is boiled and left to cool.</param>
/// <param name="Cools">How it cools after boiling.</param>
public sealed record Heating(double PowerW, bool KeepsTemperature, Kettle Cools)
{
    /// <summary>Share of the power that heats the water; the rest is lost to the kettle's body and the air. Judged.</summary>
    private const double Efficiency = 0.85;

    /// <summary>Seconds until the water is ready: heated to the temperature, or boiled and cooled to it.</summary>
    /// <param name="waterG">Water, g.</param>
    /// <param name="fromC">Temperature of the tap water, °C.</param>
    /// <param name="toC">The temperature wanted, °C; no more than the boiling point is reached.</param>
    /// <param name="altitudeM">Altitude of the place, m.</param>
    /// <remarks>Q = m c ΔT over the power that reaches the water.</remarks>
    public double Seconds(double waterG, double fromC, double toC, double altitudeM)
    {
        var boilsC = WaterPhysics.BoilingPointC(altitudeM);
        var goesTo = KeepsTemperature ? Math.Min(toC, boilsC) : boilsC;
        var heatS = waterG * WaterPhysics.SpecificHeat * Math.Max(0, goesTo - fromC) / (Efficiency * PowerW);
        return KeepsTemperature ? heatS : heatS + OffTheBoilS(toC, altitudeM, fromC);
    }

    /// <summary>
    /// Seconds of cooling after boiling until the water has a temperature; 0 for a kettle that holds a set temperature, or where
    /// boiling water is wanted.
    /// </summary>
    public double OffTheBoilS(double toC, double altitudeM, double ambientC) =>
        KeepsTemperature || toC <= ambientC ? 0 : Cools.Seconds(toC, altitudeM, ambientC);

    /// <summary>A kettle's power from the time it takes to boil a litre of tap water, W.</summary>
    /// <param name="seconds">Time to boil 1 kg, s; over 0.</param>
    /// <param name="fromC">Temperature of the tap water, °C.</param>
    /// <param name="altitudeM">Altitude of the place, m.</param>
    public static double PowerOf(double seconds, double fromC, double altitudeM)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(seconds);
        return 1_000 * WaterPhysics.SpecificHeat * (WaterPhysics.BoilingPointC(altitudeM) - fromC) / (Efficiency * seconds);
    }
}
