using Cistern.Core.Physics;

namespace Cistern.Core.Reckoning;

/// <summary>A kettle taken off the boil, its lid open: it cools towards the room at its own rate.</summary>
/// <param name="DecayPerS">Its rate, 1/s; 1.7e-3 for one nobody has timed.</param>
public readonly record struct Kettle(double DecayPerS)
{
    /// <summary>A kettle nobody has timed. Fitted.</summary>
    public static Kettle Usual { get; } = new(1.7e-3);

    /// <summary>What "n seconds off the boil" really gives, °C.</summary>
    /// <param name="seconds">Since it boiled.</param>
    /// <param name="altitudeM">Of the place, m.</param>
    /// <param name="ambientC">Of the room, °C.</param>
    public double TemperatureC(double seconds, double altitudeM, double ambientC) =>
        ambientC + ((WaterPhysics.BoilingPointC(altitudeM) - ambientC) * Math.Exp(-DecayPerS * seconds));

    /// <summary>Seconds off the boil to a temperature; 0 where it boils at or under it, infinity where the room is not cooler.</summary>
    /// <param name="wantedC">The temperature wanted, °C.</param>
    /// <param name="altitudeM">Of the place, m.</param>
    /// <param name="ambientC">Of the room, °C.</param>
    public double Seconds(double wantedC, double altitudeM, double ambientC)
    {
        var boilsC = WaterPhysics.BoilingPointC(altitudeM);
        return wantedC >= boilsC ? 0
            : wantedC <= ambientC ? double.PositiveInfinity
            : Math.Log((boilsC - ambientC) / (wantedC - ambientC)) / DecayPerS;
    }

    /// <summary>This kettle's rate from one reading of a thermometer.</summary>
    /// <param name="seconds">Since it boiled; over 0.</param>
    /// <param name="readC">The temperature then, between the room's and the boiling point, °C.</param>
    /// <param name="altitudeM">Of the place, m.</param>
    /// <param name="ambientC">Of the room, °C.</param>
    /// <exception cref="ArgumentOutOfRangeException">The reading cannot be of a kettle that cools.</exception>
    public static Kettle Timed(double seconds, double readC, double altitudeM, double ambientC)
    {
        var boilsC = WaterPhysics.BoilingPointC(altitudeM);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(seconds);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(readC, boilsC);
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(readC, ambientC);
        return new Kettle(Math.Log((boilsC - ambientC) / (readC - ambientC)) / seconds);
    }
}
