using Cistern.Core.Physics;

namespace Cistern.Core.Reckoning;

/// <summary>How a kettle heats.</summary>
/// <param name="PowerW">What it takes from the wall or the flame, W; over 0.</param>
/// <param name="KeepsTemperature">Whether it stops at a temperature set; one that does not is boiled and left to cool.</param>
/// <param name="Cools">How it cools off the boil.</param>
public sealed record Heating(double PowerW, bool KeepsTemperature, Kettle Cools)
{
    /// <summary>Share of the power that ends in the water: what a kettle with an element loses to its body and the air. Judged.</summary>
    private const double Efficiency = 0.85;

    /// <summary>Seconds until the water is ready: to the temperature, or to the boil and then down to it.</summary>
    /// <param name="waterG">Water, g.</param>
    /// <param name="fromC">As it comes from the tap, °C.</param>
    /// <param name="toC">The temperature wanted, °C; at most the boiling point is reached.</param>
    /// <param name="altitudeM">Of the place, m.</param>
    /// <remarks>Q = m c ΔT over the power that reaches the water.</remarks>
    public double Seconds(double waterG, double fromC, double toC, double altitudeM)
    {
        var boilsC = WaterPhysics.BoilingPointC(altitudeM);
        var goesTo = KeepsTemperature ? Math.Min(toC, boilsC) : boilsC;
        var heatS = waterG * WaterPhysics.SpecificHeat * Math.Max(0, goesTo - fromC) / (Efficiency * PowerW);
        return KeepsTemperature ? heatS : heatS + OffTheBoilS(toC, altitudeM, fromC);
    }

    /// <summary>Seconds it stands off the boil until it has cooled to a temperature; 0 for one that is set, or wanted boiling.</summary>
    public double OffTheBoilS(double toC, double altitudeM, double ambientC) =>
        KeepsTemperature || toC <= ambientC ? 0 : Cools.Seconds(toC, altitudeM, ambientC);

    /// <summary>A kettle's power from how long it takes to boil a litre from the tap, W.</summary>
    /// <param name="seconds">To boil 1 kg, s; over 0.</param>
    /// <param name="fromC">As it comes from the tap, °C.</param>
    /// <param name="altitudeM">Of the place, m.</param>
    public static double PowerOf(double seconds, double fromC, double altitudeM)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(seconds);
        return 1_000 * WaterPhysics.SpecificHeat * (WaterPhysics.BoilingPointC(altitudeM) - fromC) / (Efficiency * seconds);
    }
}
