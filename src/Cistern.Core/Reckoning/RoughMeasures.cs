namespace Cistern.Core.Reckoning;

/// <summary>A target told without a scale, and how rough that is.</summary>
/// <param name="Count">How many spoons, or the height at the marks in ml.</param>
/// <param name="LowG">What it may really come to, at least, g.</param>
/// <param name="HighG">What it may really come to, at most, g.</param>
public readonly record struct RoughMeasure(double Count, double LowG, double HighG);

/// <summary>Spoons and marks for those who have no scale.</summary>
public static class RoughMeasures
{
    /// <summary>Spoons differ this much from one to the next when levelled by eye: a share of a spoon. Judged.</summary>
    private const double SpoonScatter = 0.10;

    /// <summary>Heaped ones differ by twice that: nothing strikes them off. Judged.</summary>
    private const double HeapedScatter = 0.20;

    /// <summary>A level is read off a mark to about this, ml. Judged.</summary>
    private const double MarkMl = 10;

    /// <summary>Room that grounds take under water, ml/g.</summary>
    private const double GroundsMlPerG = 0.80;

    /// <summary>Dry grounds, levelled, g/ml: a tablespoon of 15 ml holds 6 g. Judged.</summary>
    private const double GroundsGPerMl = 0.4;

    /// <summary>A dose by how high it stands, dry and level, in a brewer with straight walls, g.</summary>
    /// <param name="depthM">How high, m.</param>
    /// <param name="areaM2">The brewer's inside across, m².</param>
    public static double DoseOfDepthG(double depthM, double areaM2) => depthM * areaM2 * 1e6 * GroundsGPerMl;

    /// <summary>A heaped spoon holds this much of what it holds level. Judged.</summary>
    public const double HeapedShare = 1.5;

    /// <summary>A dose in spoons, to the half spoon.</summary>
    /// <param name="doseG">The dose wanted, g.</param>
    /// <param name="gPerSpoon">The barista's own spoon, weighed once, g; over 0.</param>
    /// <param name="heaped">Weighed, and used, heaped.</param>
    /// <exception cref="ArgumentOutOfRangeException">The spoon holds nothing.</exception>
    public static RoughMeasure Spoons(double doseG, double gPerSpoon, bool heaped = false)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(gPerSpoon);
        var count = Math.Max(0.5, Math.Round(2 * doseG / gPerSpoon) / 2);
        // Errors of single spoons partly cancel.
        var scatterG = (heaped ? HeapedScatter : SpoonScatter) * gPerSpoon * Math.Sqrt(count);
        return new RoughMeasure(count, (count * gPerSpoon) - scatterG, (count * gPerSpoon) + scatterG);
    }

    /// <summary>Water as a height at a vessel's marks, which count what is in it: grounds take room too.</summary>
    /// <param name="waterG">Water wanted in the vessel, g.</param>
    /// <param name="doseG">Coffee in the vessel already, g.</param>
    /// <param name="waterC">The water's temperature, °C.</param>
    public static RoughMeasure Mark(double waterG, double doseG, double waterC)
    {
        var density = Physics.WaterPhysics.DensityGPerMl(waterC);
        return new RoughMeasure(Math.Round(((waterG / density) + (GroundsMlPerG * doseG)) / 5) * 5, waterG - (MarkMl * density), waterG + (MarkMl * density));
    }

    /// <summary>Water that stands at a vessel's mark: the inverse of <see cref="Mark"/>, g; 0 where the grounds alone reach it.</summary>
    /// <param name="markMl">The mark, ml.</param>
    /// <param name="doseG">Coffee in the vessel, g.</param>
    /// <param name="waterC">The water's temperature, °C.</param>
    public static double WaterToMarkG(double markMl, double doseG, double waterC) => Math.Max(0, markMl - (GroundsMlPerG * doseG)) * Physics.WaterPhysics.DensityGPerMl(waterC);

    /// <summary>A drink in cups of a size.</summary>
    public static double Cups(double drinkG, double cupMl) => drinkG / Physics.WaterPhysics.DensityGPerMl(60) / cupMl;
}
