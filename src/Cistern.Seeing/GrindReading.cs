namespace Cistern.Seeing;

/// <summary>What came of looking at a picture of grains.</summary>
public abstract record GrindReading
{
    /// <summary>The grind was measured.</summary>
    /// <param name="Sizes">How large the grains are.</param>
    /// <param name="Touching">The share of the grains' area that lay in grains touching one another.</param>
    /// <param name="PixelUm">How much of the card one pixel of the picture shows, µm.</param>
    /// <param name="Grains">Every grain that was measured.</param>
    public sealed record Measured(GrainSizes Sizes, double Touching, double PixelUm, IReadOnlyList<Grain> Grains) : GrindReading;

    /// <summary>The picture cannot give a figure.</summary>
    /// <param name="Reason">Why.</param>
    /// <param name="Share">Where a share says how far it was off (grains that touch, paper that is burnt out), 0 to 1; else null.</param>
    /// <param name="Count">How many grains were found, where that is the reason; else null.</param>
    /// <param name="NoLibrary">Whether what reads pictures is missing on this machine.</param>
    public sealed record Refused(GrindRefusal Reason, double? Share = null, int? Count = null, bool NoLibrary = false) : GrindReading;
}

/// <summary>A grain on the card.</summary>
/// <param name="XMm">Where its middle lies, mm from the left of the field.</param>
/// <param name="YMm">Where, mm from its top.</param>
/// <param name="DiameterUm">The diameter of the circle of its area as seen from above, µm.</param>
/// <param name="Outline">Its outline, mm of the field: x and y in turn.</param>
public sealed record Grain(double XMm, double YMm, double DiameterUm, IReadOnlyList<float> Outline);

/// <summary>Why a picture gives no figure; in the file by its name in lower case with hyphens.</summary>
public enum GrindRefusal
{
    /// <summary>None of the card's markers is in it.</summary>
    NoCard,

    /// <summary>A part of the card is out of the picture or under something.</summary>
    Covered,

    /// <summary>It is too blurred for grains of this size.</summary>
    Blurred,

    /// <summary>Too little light.</summary>
    Dark,

    /// <summary>So much light that the paper is burnt out.</summary>
    Burnt,

    /// <summary>Taken from too far aside.</summary>
    Aslant,

    /// <summary>The paper is not white.</summary>
    Grey,

    /// <summary>Too many grains lie on one another.</summary>
    Heaped,

    /// <summary>Too few grains to say anything.</summary>
    Few,

    /// <summary>No picture that can be read, or nothing here to read it with.</summary>
    Unreadable,
}
