namespace Cistern.Core.Reckoning;

/// <summary>An amount measured without a scale, with its uncertainty.</summary>
/// <param name="Count">How many spoons, or the level at the vessel's marks, ml.</param>
/// <param name="LowG">The least it may be, g.</param>
/// <param name="HighG">The most it may be, g.</param>
public readonly record struct RoughMeasure(double Count, double LowG, double HighG);

/// <summary>Amounts in spoons and at marks, for baristas without a scale.</summary>
public static class RoughMeasures
{
    /// <summary>How much one spoon levelled by eye differs from the next, as a share of a spoon. Judged.</summary>
    private const double SpoonScatter = 0.10;

    /// <summary>Heaped spoons differ by twice that. Judged.</summary>
    private const double HeapedScatter = 0.20;

    /// <summary>Uncertainty of reading a level at a mark, ml. Judged.</summary>
    private const double MarkMl = 10;

    /// <summary>Volume that grounds take up in water, ml/g.</summary>
    private const double GroundsMlPerG = 0.80;

    /// <summary>Density of dry, levelled grounds, g/ml: a tablespoon of 15 ml holds 6 g. Judged.</summary>
    private const double GroundsGPerMl = 0.4;

    /// <summary>A dose from its depth, dry and level, in a brewer with straight walls, g.</summary>
    /// <param name="depthM">The depth, m.</param>
    /// <param name="areaM2">Inside cross-section of the brewer, m².</param>
    public static double DoseOfDepthG(double depthM, double areaM2) => depthM * areaM2 * 1e6 * GroundsGPerMl;

    /// <summary>A heaped spoon relative to a level one. Judged.</summary>
    public const double HeapedShare = 1.5;

    /// <summary>A dose in spoons, rounded to half a spoon.</summary>
    /// <param name="doseG">The dose wanted, g.</param>
    /// <param name="gPerSpoon">What the barista's own spoon holds, weighed once, g; over 0.</param>
    /// <param name="heaped">Whether it is weighed and used heaped.</param>
    /// <exception cref="ArgumentOutOfRangeException">The spoon holds nothing.</exception>
    public static RoughMeasure Spoons(double doseG, double gPerSpoon, bool heaped = false)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(gPerSpoon);
        var count = Math.Max(0.5, Math.Round(2 * doseG / gPerSpoon) / 2);
        // Errors of single spoons partly cancel.
        var scatterG = (heaped ? HeapedScatter : SpoonScatter) * gPerSpoon * Math.Sqrt(count);
        return new RoughMeasure(count, (count * gPerSpoon) - scatterG, (count * gPerSpoon) + scatterG);
    }

    /// <summary>Water as a level at a vessel's marks; the marks include the volume of the grounds.</summary>
    /// <param name="waterG">Water wanted in the vessel, g.</param>
    /// <param name="doseG">Coffee in the vessel already, g.</param>
    /// <param name="waterC">The water's temperature, °C.</param>
    public static RoughMeasure Mark(double waterG, double doseG, double waterC)
    {
        var density = Physics.WaterPhysics.DensityGPerMl(waterC);
        return new RoughMeasure(Math.Round(((waterG / density) + (GroundsMlPerG * doseG)) / 5) * 5, waterG - (MarkMl * density), waterG + (MarkMl * density));
    }

    /// <summary>The water in a vessel filled to a mark, g: the inverse of <see cref="Mark"/>; 0 where the grounds alone reach it.</summary>
    /// <param name="markMl">The mark, ml.</param>
    /// <param name="doseG">Coffee in the vessel, g.</param>
    /// <param name="waterC">The water's temperature, °C.</param>
    public static double WaterToMarkG(double markMl, double doseG, double waterC) => Math.Max(0, markMl - (GroundsMlPerG * doseG)) * Physics.WaterPhysics.DensityGPerMl(waterC);

    /// <summary>A drink in cups of a size.</summary>
    public static double Cups(double drinkG, double cupMl) => drinkG / Physics.WaterPhysics.DensityGPerMl(60) / cupMl;
}
