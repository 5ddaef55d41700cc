namespace Cistern.Seeing;

/// <summary>The result of evaluating a picture of grains.</summary>
public abstract record GrindReading
{
    /// <summary>The grind was measured.</summary>
    /// <param name="Sizes">The sizes of the grains.</param>
    /// <param name="Touching">Share of the grains' area in grains that touch.</param>
    /// <param name="PixelUm">Size of one pixel on the card, µm.</param>
    /// <param name="Grains">All measured grains.</param>
    public sealed record Measured(GrainSizes Sizes, double Touching, double PixelUm, IReadOnlyList<Grain> Grains) : GrindReading;

    /// <summary>The picture cannot be measured.</summary>
    /// <param name="Reason">Why.</param>
    /// <param name="Share">A share that shows by how much (touching grains, overexposed paper), 0 to 1; else null.</param>
    /// <param name="Count">How many grains were found, where that is the reason; else null.</param>
    /// <param name="NoLibrary">Whether the library that reads pictures is missing on this machine.</param>
    public sealed record Refused(GrindRefusal Reason, double? Share = null, int? Count = null, bool NoLibrary = false) : GrindReading;
}

/// <summary>A grain on the card.</summary>
/// <param name="XMm">Its centre, mm from the left of the field.</param>
/// <param name="YMm">Its centre, mm from the top of the field.</param>
/// <param name="DiameterUm">The diameter of the circle with its area, µm.</param>
/// <param name="Outline">Its outline, mm of the field: x and y in turn.</param>
public sealed record Grain(double XMm, double YMm, double DiameterUm, IReadOnlyList<float> Outline);

/// <summary>Why a picture cannot be measured; in files by its name in lower case with hyphens.</summary>
public enum GrindRefusal
{
    /// <summary>None of the card's markers is in it.</summary>
    NoCard,

    /// <summary>Part of the card is outside the picture or covered.</summary>
    Covered,

    /// <summary>It is too blurred for grains of this size.</summary>
    Blurred,

    /// <summary>Too little light.</summary>
    Dark,

    /// <summary>The paper is overexposed.</summary>
    Burnt,

    /// <summary>Taken from too far aside.</summary>
    Aslant,

    /// <summary>The paper is not white.</summary>
    Grey,

    /// <summary>Too many grains lie on one another.</summary>
    Heaped,

    /// <summary>Too few grains to say anything.</summary>
    Few,

    /// <summary>Not a readable picture, or the library that reads pictures is missing.</summary>
    Unreadable,
}
