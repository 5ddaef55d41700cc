namespace Cistern.Core.Physics;

/// <summary>Properties of water that the model needs, each with its source.</summary>
public static class WaterPhysics
{
    /// <summary>Specific heat of water and of the drink, J/g K.</summary>
    public const double SpecificHeat = 4.19;

    /// <summary>Specific heat of roasted coffee, J/g K.</summary>
    public const double CoffeeSpecificHeat = 1.60;

    /// <summary>Specific heat of ice, J/g K.</summary>
    public const double IceSpecificHeat = 2.09;

    /// <summary>Heat of fusion of ice, J/g.</summary>
    public const double Fusion = 334;

    /// <summary>Density of ice at 0 °C, g/ml.</summary>
    public const double IceDensityGPerMl = 0.917;

    /// <summary>Gas constant, J/mol K.</summary>
    public const double GasConstant = 8.314;

    /// <summary>Gravity, m/s².</summary>
    public const double Gravity = 9.81;

    /// <summary>0 °C in kelvin.</summary>
    public const double Kelvin = 273.15;

    private const double VaporizationJPerMol = 40_660;

    // The standard atmosphere: pressure falls as (1 − lapse · h) to this power.
    private const double LapsePerM = 2.25577e-5;
    private const double PressurePower = 5.25588;

    /// <summary>Where water boils, °C.</summary>
    /// <param name="altitudeM">Above sea level, m.</param>
    /// <remarks>Standard atmosphere, then Clausius–Clapeyron from 100 °C at one atmosphere.</remarks>
    public static double BoilingPointC(double altitudeM)
    {
        var atmospheres = Math.Pow(1 - (LapsePerM * altitudeM), PressurePower);
        var inverseK = (1 / (100 + Kelvin)) - (GasConstant / VaporizationJPerMol * Math.Log(atmospheres));
        return (1 / inverseK) - Kelvin;
    }

    /// <summary>How high a place lies, m, by where its water boils: the inverse of <see cref="BoilingPointC"/>.</summary>
    /// <param name="boilsC">Where its water boils, °C.</param>
    public static double AltitudeM(double boilsC)
    {
        var atmospheres = Math.Exp(VaporizationJPerMol / GasConstant * ((1 / (100 + Kelvin)) - (1 / (boilsC + Kelvin))));
        return (1 - Math.Pow(atmospheres, 1 / PressurePower)) / LapsePerM;
    }

    /// <summary>Dynamic viscosity of water, Pa·s.</summary>
    /// <param name="temperatureC">Its temperature, °C.</param>
    /// <remarks>Vogel's form with the constants usual for water, good to 2.5 % from 0 to 370 °C.</remarks>
    public static double ViscosityPaS(double temperatureC) =>
        2.414e-5 * Math.Exp(247.8 * Math.Log(10) / (temperatureC + Kelvin - 140));

    /// <summary>Density of water, g/ml.</summary>
    /// <param name="temperatureC">Its temperature, °C.</param>
    /// <remarks>Kell (1975), the five-term fit at one atmosphere, 0 to 100 °C.</remarks>
    public static double DensityGPerMl(double temperatureC)
    {
        var t = temperatureC;
        var numerator = 999.83952 + (t * (16.945176 + (t * (-7.9870401e-3 + (t * (-46.170461e-6 + (t * (105.56302e-9 - (280.54253e-12 * t)))))))));
        return numerator / (1 + (16.879850e-3 * t)) / 1000;
    }
}
