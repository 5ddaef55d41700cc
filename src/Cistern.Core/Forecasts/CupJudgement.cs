namespace Cistern.Core.Forecasts;

/// <summary>How much of what the coffee can give was drawn.</summary>
public enum ExtractionLevel
{
    /// <summary>Too little: hollow, whatever it leans to.</summary>
    Under,

    /// <summary>As much as it should be.</summary>
    Well,

    /// <summary>All that rest would have given, and more: dry.</summary>
    ToTheEnd,
}

/// <summary>Which way what was drawn leans.</summary>
public enum FlavourSide
{
    /// <summary>To what is fast, acids, as a fault.</summary>
    Sour,

    /// <summary>To acids, and no fault.</summary>
    SourSide,

    /// <summary>To neither.</summary>
    Balanced,

    /// <summary>To what is slow, bitter, and no fault.</summary>
    BitterSide,

    /// <summary>To what is bitter, as a fault.</summary>
    Bitter,
}

/// <summary>
/// How a cup should taste by its figures: how much was drawn and which way it leans, told apart, since a lean is a ratio and
/// says nothing of how much there is. A judgement throughout.
/// </summary>
/// <param name="ExtractionLevel">How much was drawn.</param>
/// <param name="FlavourSide">Which way it leans.</param>
/// <param name="Words">What a barista would call it, those that count most first; one word at least.</param>
public sealed record CupJudgement(ExtractionLevel ExtractionLevel, FlavourSide FlavourSide, IReadOnlyList<string> Words)
{
    /// <summary>Under this share of what rest would give it is under-extracted. Judged.</summary>
    public const double UnderExtracted = 0.70;

    /// <summary>Over this share it is over-extracted. Judged.</summary>
    public const double OverExtracted = 0.98;

    /// <summary>Balanced from here, by flavour balance: what practitioners make and like runs from −1.3 to +0.5. Judged.</summary>
    public const double BalancedFrom = -0.6;

    /// <summary>To here. Judged.</summary>
    public const double BalancedTo = 0.4;

    /// <summary>Sour below this. Judged.</summary>
    public const double SourBelow = -1.2;

    /// <summary>Bitter above this. Judged.</summary>
    public const double BitterAbove = 0.9;

    /// <summary>So near an edge it is only just on its side.</summary>
    private const double Just = 0.1;

    /// <summary>A drink weaker than this is thin, % TDS. Judged.</summary>
    public const double ThinTdsPercent = 1.05;

    /// <summary>How much was drawn, in words.</summary>
    public string ExtractionWords => ExtractionLevel switch
    {
        ExtractionLevel.Under => "under-extracted",
        ExtractionLevel.ToTheEnd => "over-extracted",
        _ => "well extracted",
    };

    /// <summary>Which way a flavour balance leans.</summary>
    public static FlavourSide FlavourSideOf(double balance) => balance < SourBelow ? FlavourSide.Sour : balance < BalancedFrom ? FlavourSide.SourSide : balance <= BalancedTo ? FlavourSide.Balanced : balance <= BitterAbove ? FlavourSide.BitterSide : FlavourSide.Bitter;

    /// <summary>Which way it leans, in words.</summary>
    public static string WordOf(FlavourSide lean) => lean switch
    {
        FlavourSide.Sour => "sour",
        FlavourSide.SourSide => "on the sour side",
        FlavourSide.Balanced => "balanced",
        FlavourSide.BitterSide => "on the bitter side",
        _ => "bitter",
    };

    /// <summary>Which way a flavour balance leans, in words, and whether only just.</summary>
    public static string BalanceOf(double balance)
    {
        var lean = FlavourSideOf(balance);
        var just = lean != FlavourSide.Balanced && new[] { BalancedFrom, BalancedTo, SourBelow, BitterAbove }.Any(edge => Math.Abs(balance - edge) <= Just && Math.Abs(balance) >= Math.Abs(edge));
        return just ? "just " + WordOf(lean) : WordOf(lean);
    }

    /// <summary>What was said on a scale of −5 (sour) to 5 (bitter), in words.</summary>
    public static string SaidOf(double points) => points switch
    {
        <= -2 => "sour",
        < 0 => "a little sour",
        0 => "balanced",
        < 2 => "a little bitter",
        _ => "bitter",
    };

    /// <summary>The judgement of a forecast's figures.</summary>
    public static CupJudgement Of(Totals totals) => Of(totals.ExtractionLevel, totals.FlavourBalance, totals.FinalTdsPercent);

    /// <summary>The judgement of single figures.</summary>
    /// <param name="drawn">Dissolved yield over what rest would give.</param>
    /// <param name="balance">Sour (negative) to bitter (positive).</param>
    /// <param name="finalTdsPercent">Strength of the drink as it is drunk, %.</param>
    public static CupJudgement Of(double drawn, double balance, double finalTdsPercent)
    {
        var much = drawn < UnderExtracted ? ExtractionLevel.Under : drawn > OverExtracted ? ExtractionLevel.ToTheEnd : ExtractionLevel.Well;
        var lean = FlavourSideOf(balance);
        var thin = finalTdsPercent < ThinTdsPercent;
        List<string> words = [];
        if (much == ExtractionLevel.Under)
        {
            words.Add("hollow");
        }

        // A side is a plain description, and no fault: it comes after one.
        if (lean != FlavourSide.Balanced)
        {
            words.Add(BalanceOf(balance));
        }

        if (much == ExtractionLevel.ToTheEnd)
        {
            words.Insert(lean == FlavourSide.Bitter ? 1 : 0, "astringent");
        }

        if (thin)
        {
            words.Add("thin");
        }

        if (words.Count == 0)
        {
            words.Add("balanced");
        }

        return new CupJudgement(much, lean, words);
    }
}
