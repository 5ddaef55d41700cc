namespace Cistern.Core.Reckoning;

/// <summary>How masses are shown.</summary>
public enum MassUnit
{
    /// <summary>Grams.</summary>
    Gram,

    /// <summary>Avoirdupois ounces.</summary>
    Ounce,
}

/// <summary>How temperatures are shown.</summary>
public enum TemperatureUnit
{
    /// <summary>Degrees Celsius.</summary>
    Celsius,

    /// <summary>Degrees Fahrenheit.</summary>
    Fahrenheit,
}

/// <summary>How volumes are shown.</summary>
public enum VolumeUnit
{
    /// <summary>Millilitres.</summary>
    Millilitre,

    /// <summary>US fluid ounces.</summary>
    FluidOunce,

    /// <summary>Cups of a size.</summary>
    Cup,
}

/// <summary>The units that a barista has chosen.</summary>
/// <param name="Dose">For coffee.</param>
/// <param name="Mass">For water, ice and everything else that is weighed, except the dose.</param>
/// <param name="Temperature">For temperatures.</param>
/// <param name="Volume">For drinks.</param>
/// <param name="CupMl">The size of a cup, ml.</param>
public sealed record Units(MassUnit Dose, MassUnit Mass, TemperatureUnit Temperature, VolumeUnit Volume, double CupMl)
{
    /// <summary>g, °C, ml and a cup of 180 ml.</summary>
    public static Units Metric { get; } = new(MassUnit.Gram, MassUnit.Gram, TemperatureUnit.Celsius, VolumeUnit.Millilitre, 180);

    /// <summary>Grams in an avoirdupois ounce, exact by definition.</summary>
    public const double GPerOz = 28.349523125;

    /// <summary>Millilitres in a US fluid ounce, exact by definition.</summary>
    public const double MlPerFlOz = 29.5735295625;

    /// <summary>A mass in g, in the barista's unit.</summary>
    public double MassFromG(double g) => Mass == MassUnit.Gram ? g : g / GPerOz;

    /// <summary>A mass in the barista's unit, in g.</summary>
    public double MassToG(double value) => Mass == MassUnit.Gram ? value : value * GPerOz;

    /// <summary>A temperature in °C, in the barista's unit.</summary>
    public double TemperatureFromC(double c) => Temperature == TemperatureUnit.Celsius ? c : (c * 9 / 5) + 32;

    /// <summary>A temperature in the barista's unit, in °C.</summary>
    public double TemperatureToC(double value) => Temperature == TemperatureUnit.Celsius ? value : (value - 32) * 5 / 9;

    /// <summary>A temperature difference in K, in the barista's unit.</summary>
    public double DifferenceFromK(double k) => Temperature == TemperatureUnit.Celsius ? k : k * 9 / 5;

    /// <summary>A volume in ml, in the barista's unit.</summary>
    public double VolumeFromMl(double ml) => ml / MlPerUnit;

    /// <summary>A volume in the barista's unit, in ml.</summary>
    public double VolumeToMl(double value) => value * MlPerUnit;

    private double MlPerUnit => Volume switch
    {
        VolumeUnit.Millilitre => 1,
        VolumeUnit.FluidOunce => MlPerFlOz,
        VolumeUnit.Cup => CupMl,
    };
}
