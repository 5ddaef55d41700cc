namespace Cistern.Web.Wording;

/// <summary>How something tasted, as it was said.</summary>
public static class TastedWording
{
    /// <summary>What a spent bed showed.</summary>
    public static string Of(BedLook bed) => Words<BedLook>.Of(bed).Replace('-', ' ');

    /// <summary>A tasting in a few words: its place on the scales, and its score.</summary>
    public static string Of(Tasting tasting) =>
        (tasting.SourBitter is null && tasting.ThinHeavy is null
            ? "not placed on the pad"
            : (tasting.SourBitter switch { < -1 => "sour", > 1 => "bitter", _ => "balanced" }) + ", " + (tasting.ThinHeavy switch { < -1 => "thin", > 1 => "heavy", _ => "of middling body" }))
        + (tasting.Score is { } score ? $", {FigureFormat.Number(score, score % 1 == 0 ? 0 : 1)} of 10" : "");
}
