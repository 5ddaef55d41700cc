namespace Cistern.Core.Forecasts;

/// <summary>How much of what the coffee can give was drawn.</summary>
public enum Drawn
{
    /// <summary>Too little: hollow, whatever it leans to.</summary>
    Under,

    /// <summary>As much as it should be.</summary>
    Well,

    /// <summary>All that rest would have given, and more: dry.</summary>
    ToTheEnd,
}

/// <summary>Which way what was drawn leans.</summary>
public enum Lean
{
    /// <summary>To what is fast: acids.</summary>
    Sharp,

    /// <summary>To neither.</summary>
    Balanced,

    /// <summary>To what is slow: bitter.</summary>
    Harsh,
}

/// <summary>
/// How a cup should taste by its figures: how much was drawn and which way it leans, told apart, since a lean is a ratio and
/// says nothing of how much there is. A judgement throughout.
/// </summary>
/// <param name="Drawn">How much was drawn.</param>
/// <param name="Lean">Which way it leans.</param>
/// <param name="Words">What a barista would call it, those that count most first; one word at least.</param>
public sealed record CupJudgement(Drawn Drawn, Lean Lean, IReadOnlyList<string> Words)
{
    /// <summary>Under this share of what rest would give it is under-drawn. Judged.</summary>
    public const double UnderDrawn = 0.70;

    /// <summary>Over this share it is drawn to the end. Judged.</summary>
    public const double DrawnToTheEnd = 0.98;

    /// <summary>A tilt beyond this, either way, leans. Judged.</summary>
    public const double Leans = 0.4;

    /// <summary>A drink weaker than this is thin, % TDS. Judged.</summary>
    public const double ThinTdsPercent = 1.05;

    /// <summary>How much was drawn, in words.</summary>
    public string DrawnWords => Drawn switch
    {
        Drawn.Under => "under-drawn",
        Drawn.ToTheEnd => "drawn to the end",
        _ => "well drawn",
    };

    /// <summary>Which way a tilt leans.</summary>
    public static Lean LeanOf(double tilt) => tilt < -Leans ? Lean.Sharp : tilt > Leans ? Lean.Harsh : Lean.Balanced;

    /// <summary>Which way it leans, in a word.</summary>
    public static string WordOf(Lean lean) => lean switch
    {
        Lean.Sharp => "sharp",
        Lean.Harsh => "harsh",
        _ => "balanced",
    };

    /// <summary>The judgement of a forecast's figures.</summary>
    public static CupJudgement Of(Totals totals) => Of(totals.Drawn, totals.Tilt, totals.FinalTdsPercent);

    /// <summary>The judgement of single figures.</summary>
    /// <param name="drawn">Dissolved yield over what rest would give.</param>
    /// <param name="tilt">Sharp (negative) to harsh (positive).</param>
    /// <param name="finalTdsPercent">Strength of the drink as it is drunk, %.</param>
    public static CupJudgement Of(double drawn, double tilt, double finalTdsPercent)
    {
        var much = drawn < UnderDrawn ? Drawn.Under : drawn > DrawnToTheEnd ? Drawn.ToTheEnd : Drawn.Well;
        var lean = LeanOf(tilt);
        var thin = finalTdsPercent < ThinTdsPercent;
        string[] words = (much, lean) switch
        {
            (Drawn.Under, Lean.Sharp) => ["hollow", "sharp"],
            (Drawn.Under, Lean.Harsh) => ["hollow", "harsh"],
            (Drawn.Under, _) => ["hollow"],
            (Drawn.ToTheEnd, Lean.Harsh) => ["harsh", "dry"],
            (Drawn.ToTheEnd, Lean.Sharp) => ["dry", "sharp"],
            (Drawn.ToTheEnd, _) => ["dry"],
            (_, Lean.Sharp) => ["sharp"],
            (_, Lean.Harsh) => ["harsh"],
            _ => thin ? [] : ["balanced"],
        };
        return new CupJudgement(much, lean, thin ? [.. words, "thin"] : words);
    }
}
