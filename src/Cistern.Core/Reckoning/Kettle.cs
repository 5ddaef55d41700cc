namespace Cistern.Core.Reckoning;

/// <summary>A kettle cooling after it boiled, with its lid open: it approaches room temperature exponentially.</summary>
/// <param name="DecayPerS">Its rate of cooling, 1/s; 1.7e-3 where it was not measured.</param>
public readonly record struct Kettle(double DecayPerS)
{
    /// <summary>A kettle nobody has timed. Fitted.</summary>
    public static Kettle Usual { get; } = new(1.7e-3);

    /// <summary>The temperature some seconds after boiling, °C.</summary>
    /// <param name="seconds">Time since it boiled, s.</param>
    /// <param name="altitudeM">Altitude of the place, m.</param>
    /// <param name="ambientC">Room temperature, °C.</param>
    public double TemperatureC(double seconds, double altitudeM, double ambientC) =>
        ambientC + ((WaterPhysics.BoilingPointC(altitudeM) - ambientC) * Math.Exp(-DecayPerS * seconds));

    /// <summary>
    /// Seconds from boiling until the water has a temperature; 0 where it boils at or below it, infinity where the room is not cooler.
    /// </summary>
    /// <param name="wantedC">The temperature wanted, °C.</param>
    /// <param name="altitudeM">Altitude of the place, m.</param>
    /// <param name="ambientC">Room temperature, °C.</param>
    public double Seconds(double wantedC, double altitudeM, double ambientC)
    {
        var boilsC = WaterPhysics.BoilingPointC(altitudeM);
        return wantedC >= boilsC ? 0
            : wantedC <= ambientC ? double.PositiveInfinity
            : Math.Log((boilsC - ambientC) / (wantedC - ambientC)) / DecayPerS;
    }

    /// <summary>The rate of a kettle from one reading of a thermometer.</summary>
    /// <param name="seconds">Time since it boiled, s; over 0.</param>
    /// <param name="readC">The temperature then, °C, between the room's and the boiling point.</param>
    /// <param name="altitudeM">Altitude of the place, m.</param>
    /// <param name="ambientC">Room temperature, °C.</param>
    /// <exception cref="ArgumentOutOfRangeException">No cooling kettle can give this reading.</exception>
    public static Kettle Timed(double seconds, double readC, double altitudeM, double ambientC)
    {
        var boilsC = WaterPhysics.BoilingPointC(altitudeM);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(seconds);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(readC, boilsC);
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(readC, ambientC);
        return new Kettle(Math.Log((boilsC - ambientC) / (readC - ambientC)) / seconds);
    }
}
