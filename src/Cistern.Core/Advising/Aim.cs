namespace Cistern.Core.Advising;

/// <summary>What an aim is of.</summary>
public enum AimOf
{
    /// <summary>Strength of the finished drink, % TDS.</summary>
    Strength,

    /// <summary>Sour to bitter, as a number.</summary>
    FlavourSide,

    /// <summary>Solids in the cup per dose, %.</summary>
    Yield,

    /// <summary>When it is done, s on the clock.</summary>
    Finish,

    /// <summary>From the opening to the dry bed, s.</summary>
    Drain,

    /// <summary>Force of the press or the plunge, N.</summary>
    Press,
}

/// <summary>What a figure should be.</summary>
/// <param name="Of">Which.</param>
/// <param name="Range">The wanted range, in its unit.</param>
/// <param name="Set">Whether a barista set it; otherwise it is the present value, to be kept.</param>
public sealed record Aim(AimOf Of, Span Range, bool Set)
{
    /// <summary>How much the strength may differ and still count as unchanged, % TDS. Judged.</summary>
    public const double AroundTdsPercent = 0.1;

    /// <summary>The same for flavour balance. Judged.</summary>
    public const double AroundBalance = 0.4;

    /// <summary>Over this a press is too hard, N.</summary>
    public const double HardN = 120;

    /// <summary>The clock shows whole seconds, so a time that is shown as met is met.</summary>
    private const double HalfS = 0.5;

    /// <summary>Weight of an aim that nobody set. Judged.</summary>
    private const double UnsetWeight = 0.4;

    /// <summary>Whether it concerns the flow, which comes before the taste.</summary>
    public bool OfFlow => Of is AimOf.Finish or AimOf.Drain or AimOf.Press;

    /// <summary>The range as it was set: a time without the half second for rounding.</summary>
    public Span AsSet => Of == AimOf.Finish ? new Span(Range.Low + HalfS, Range.High - HalfS) : Range;

    /// <summary>How much it counts.</summary>
    public double Weight => Set ? 1 : UnsetWeight;

    /// <summary>The outcome it is of.</summary>
    public Outcome Outcome => Of switch
    {
        AimOf.Strength => Outcome.TdsPercent,
        AimOf.FlavourSide => Outcome.FlavourBalance,
        AimOf.Yield => Outcome.ExtractionYieldPercent,
        AimOf.Finish => Outcome.FinishS,
        AimOf.Drain => Outcome.DrawdownS,
        AimOf.Press => Outcome.PressForceN,
    };

    /// <summary>The least uncertainty of a figure, in its unit: the variation of hands, water and coffee from brew to brew. Judged.</summary>
    public double LeastSigma => Of switch
    {
        AimOf.Strength => 0.012,
        AimOf.FlavourSide => 0.06,
        AimOf.Yield => 0.15,
        AimOf.Press => 4,
        AimOf.Finish or AimOf.Drain => 2,
    };

    /// <summary>The probability that a figure is within its range.</summary>
    /// <param name="value">The expected value.</param>
    /// <param name="sigma">Its standard deviation.</param>
    public double Chance(double value, double sigma)
    {
        var width = Math.Max(LeastSigma, sigma);
        return Normal((Range.High - value) / width) - Normal((Range.Low - value) / width);
    }

    /// <summary>A cup as a target: the same strength, as read where there is a reading, and the same balance.</summary>
    /// <param name="cup">The figures of the brew as it was made.</param>
    /// <param name="readTdsPercent">The refractometer's reading, % TDS; null where there is none.</param>
    public static Target AsItWas(Totals cup, double? readTdsPercent) => new()
    {
        TdsPercent = Rounded(Around(readTdsPercent ?? cup.FinalTdsPercent, AroundTdsPercent)),
        FlavourBalance = Rounded(Around(cup.FlavourBalance, AroundBalance)),
    };

    /// <summary>Whether a barista set a target for the cup or its time.</summary>
    public static bool IsSet(Recipe planned) => planned.Target is { } target && (target.TdsPercent ?? target.FlavourBalance ?? target.ExtractionYieldPercent ?? target.FinishS) is not null;

    /// <summary>The aims of a plan with a target: what was set, and everything else of the cup unchanged.</summary>
    /// <param name="brew">The brew.</param>
    /// <param name="now">The forecast of its plan.</param>
    public static ImmutableArray<Aim> For(BrewRecord brew, Forecast now)
    {
        var planned = brew.Planned;
        var aims = ImmutableArray.CreateBuilder<Aim>();
        if (!IsSet(planned))
        {
            return [];
        }

        var target = planned.Target!;
        aims.Add(target.TdsPercent is { } strength ? new Aim(AimOf.Strength, strength, Set: true) : new Aim(AimOf.Strength, Around(now.Totals.FinalTdsPercent, AroundTdsPercent), Set: false));
        aims.Add(target.FlavourBalance is { } lean ? new Aim(AimOf.FlavourSide, lean, Set: true) : new Aim(AimOf.FlavourSide, Around(now.Totals.FlavourBalance, AroundBalance), Set: false));
        if (target.ExtractionYieldPercent is { } yield)
        {
            aims.Add(new Aim(AimOf.Yield, yield, Set: true));
        }

        if (target.FinishS is { } finish)
        {
            aims.Add(new Aim(AimOf.Finish, new Span(finish.Low - HalfS, finish.High + HalfS), Set: true));
        }

        if (now.Totals.DrawdownS is not null)
        {
            var window = planned.Steps.OfType<Step.Drain>().LastOrDefault()?.Window;
            aims.Add(new Aim(AimOf.Drain, window ?? new Span(0, ForecastModel.StallsAfterS), Set: true));
        }

        if (now.Totals.PressForceN is { } forceN)
        {
            aims.Add(new Aim(AimOf.Press, Pressed(brew, forceN), Set: true));
        }

        return aims.ToImmutable();
    }

    /// <summary>
    /// A press may need as much force as a hand should apply. One that took longer or shorter than its window met a bed that is too
    /// tight or too loose by that factor, from which the force allowed at the planned speed follows.
    /// </summary>
    private static Span Pressed(BrewRecord brew, double forceN)
    {
        var step = brew.Planned.Steps.LastOrDefault(step => step is Step.Press or Step.Plunge { Depth: PlungeDepth.Bottom });
        if (brew.Measured.PressS is not { } pressS || step is not Step.Press { Window: { } window })
        {
            return new Span(0, HardN);
        }

        return pressS > window.High + 0.5 ? new Span(0, Math.Min(HardN, forceN * window.High / pressS))
            : pressS < window.Low - 0.5 ? new Span(Math.Min(0.9 * HardN, forceN * window.Low / Math.Max(1, pressS)), HardN)
            : new Span(0, HardN);
    }

    private static Span Rounded(Span range) => new(Math.Round(range.Low, 2), Math.Round(range.High, 2));

    private static Span Around(double middle, double by) => new(middle - by, middle + by);

    private static double Normal(double z) => MathNet.Numerics.Distributions.Normal.CDF(0, 1, z);
}
