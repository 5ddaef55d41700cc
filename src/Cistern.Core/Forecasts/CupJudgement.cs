namespace Cistern.Core.Forecasts;

/// <summary>How far the extraction went.</summary>
public enum ExtractionLevel
{
    /// <summary>Too little: hollow, whether sour or bitter.</summary>
    Under,

    /// <summary>As much as it should be.</summary>
    Well,

    /// <summary>Everything that equilibrium would give, or more: dry.</summary>
    ToTheEnd,
}

/// <summary>The side of the flavour.</summary>
public enum FlavourSide
{
    /// <summary>To what is fast, acids, as a fault.</summary>
    Sour,

    /// <summary>To acids, and no fault.</summary>
    SourSide,

    /// <summary>To neither.</summary>
    Balanced,

    /// <summary>Slightly to the bitter side, which is not a fault.</summary>
    BitterSide,

    /// <summary>To what is bitter, as a fault.</summary>
    Bitter,
}

/// <summary>
/// How a cup should taste, from its figures. Extraction and flavour balance are reported separately: the balance is a ratio and says
/// nothing of the amount. All of it is a judgement.
/// </summary>
/// <param name="ExtractionLevel">How far the extraction went.</param>
/// <param name="FlavourSide">Sour, balanced or bitter.</param>
/// <param name="Words">A barista's words for it, most important first; at least one.</param>
public sealed record CupJudgement(ExtractionLevel ExtractionLevel, FlavourSide FlavourSide, IReadOnlyList<string> Words)
{
    /// <summary>Below this share of the equilibrium yield the cup is under-extracted. Judged.</summary>
    public const double UnderExtracted = 0.70;

    /// <summary>Above this share it is over-extracted. Judged.</summary>
    public const double OverExtracted = 0.98;

    /// <summary>Lower limit of balanced. What practitioners make and like runs from −1.3 to +0.5. Judged.</summary>
    public const double BalancedFrom = -0.6;

    /// <summary>To here. Judged.</summary>
    public const double BalancedTo = 0.4;

    /// <summary>Sour below this. Judged.</summary>
    public const double SourBelow = -1.2;

    /// <summary>Bitter above this. Judged.</summary>
    public const double BitterAbove = 0.9;

    /// <summary>This close to a limit, a cup is described as only slightly to one side.</summary>
    private const double Just = 0.1;

    /// <summary>A drink weaker than this is thin, % TDS. Judged.</summary>
    public const double ThinTdsPercent = 1.05;

    /// <summary>How far the extraction went, in words.</summary>
    public string ExtractionWords => ExtractionLevel switch
    {
        ExtractionLevel.Under => "under-extracted",
        ExtractionLevel.ToTheEnd => "over-extracted",
        ExtractionLevel.Well => "well extracted",
    };

    /// <summary>The side of a flavour balance.</summary>
    public static FlavourSide FlavourSideOf(double balance) => balance < SourBelow ? FlavourSide.Sour : balance < BalancedFrom ? FlavourSide.SourSide : balance <= BalancedTo ? FlavourSide.Balanced : balance <= BitterAbove ? FlavourSide.BitterSide : FlavourSide.Bitter;

    /// <summary>The side in words.</summary>
    public static string WordOf(FlavourSide lean) => lean switch
    {
        FlavourSide.Sour => "sour",
        FlavourSide.SourSide => "on the sour side",
        FlavourSide.Balanced => "balanced",
        FlavourSide.BitterSide => "on the bitter side",
        FlavourSide.Bitter => "bitter",
    };

    /// <summary>A flavour balance in words, including whether it is only slightly to one side.</summary>
    public static string BalanceOf(double balance)
    {
        var lean = FlavourSideOf(balance);
        var just = lean != FlavourSide.Balanced && new[] { BalancedFrom, BalancedTo, SourBelow, BitterAbove }.Any(edge => Math.Abs(balance - edge) <= Just && Math.Abs(balance) >= Math.Abs(edge));
        return just ? "just " + WordOf(lean) : WordOf(lean);
    }

    /// <summary>A taster's answer on the scale from −5 (sour) to 5 (bitter), in words.</summary>
    public static string WordsOf(double points) => points switch
    {
        <= -2 => "sour",
        < 0 => "a little sour",
        0 => "balanced",
        < 2 => "a little bitter",
        _ => "bitter",
    };

    /// <summary>The judgement of a forecast.</summary>
    public static CupJudgement Of(Totals totals) => Of(totals.ExtractionLevel, totals.FlavourBalance, totals.FinalTdsPercent);

    /// <summary>The judgement of individual figures.</summary>
    /// <param name="drawn">Dissolved yield divided by the equilibrium yield.</param>
    /// <param name="balance">Sour (negative) to bitter (positive).</param>
    /// <param name="finalTdsPercent">Strength of the finished drink, %.</param>
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

        // A side only describes the cup; faults come first.
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
