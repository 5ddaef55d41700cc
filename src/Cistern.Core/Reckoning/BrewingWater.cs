namespace Cistern.Core.Reckoning;

/// <summary>How well a water suits coffee, for one of its two figures.</summary>
public enum Suits
{
    /// <summary>Less than the usual range.</summary>
    Low,

    /// <summary>Within it.</summary>
    Well,

    /// <summary>More than the usual range.</summary>
    High,
}

/// <summary>A water described by the two figures that matter for brewing, each in mg/L as CaCO₃.</summary>
/// <param name="HardnessMgL">Calcium and magnesium, which help extraction.</param>
/// <param name="AlkalinityMgL">What neutralises the acids.</param>
public readonly record struct BrewingWater(double HardnessMgL, double AlkalinityMgL)
{
    /// <summary>The range of most published advice on brewing water, mg/L as CaCO₃. A matter of taste, not of safety.</summary>
    private static readonly (double Low, double High) UsualHardness = (50, 175);

    private static readonly (double Low, double High) UsualAlkalinity = (40, 75);

    /// <summary>The middle of the usual ranges: the target when a concentrate is diluted.</summary>
    public static BrewingWater Usual { get; } = new((UsualHardness.Low + UsualHardness.High) / 2, (UsualAlkalinity.Low + UsualAlkalinity.High) / 2);

    /// <summary>How its hardness suits.</summary>
    public Suits HardnessSuits => Judge(HardnessMgL, UsualHardness);

    /// <summary>How its alkalinity suits coffee: with low alkalinity the cup is sour, with high alkalinity flat.</summary>
    public Suits AlkalinitySuits => Judge(AlkalinityMgL, UsualAlkalinity);

    /// <summary>The mix of two waters.</summary>
    /// <param name="other">The other.</param>
    /// <param name="share">The other water's share of the mix by volume, 0 to 1.</param>
    /// <remarks>Both figures are amounts per litre, so they add by volume.</remarks>
    public BrewingWater Mixed(BrewingWater other, double share) => new(
        ((1 - share) * HardnessMgL) + (share * other.HardnessMgL),
        ((1 - share) * AlkalinityMgL) + (share * other.AlkalinityMgL));

    /// <summary>
    /// The share of another water that brings this one to a hardness. Diluting a concentrate into soft water is the same
    /// sum. Null where no mix of the two has it.
    /// </summary>
    /// <param name="other">The other water, or the concentrate.</param>
    /// <param name="hardnessMgL">The hardness wanted, mg/L.</param>
    public double? ShareFor(BrewingWater other, double hardnessMgL)
    {
        var span = other.HardnessMgL - HardnessMgL;
        var share = Math.Abs(span) < 1e-9 ? double.NaN : (hardnessMgL - HardnessMgL) / span;
        return share is >= 0 and <= 1 ? share : null;
    }

    private static Suits Judge(double value, (double Low, double High) range) =>
        value < range.Low ? Suits.Low : value > range.High ? Suits.High : Suits.Well;
}
