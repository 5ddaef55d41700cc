namespace Cistern.Core.Fitting;

/// <summary>What can be learned.</summary>
public enum FitParameter
{
    /// <summary>Factor on D: how fast this coffee is extracted.</summary>
    Diffusion,

    /// <summary>Factor on α: resistance of this grinder's bed.</summary>
    BedResistance,

    /// <summary>Added to K: how much of this coffee dissolves at equilibrium.</summary>
    Equilibrium,

    /// <summary>Added to the water that the bed keeps in this vessel, g/g.</summary>
    HoldGPerG,

    /// <summary>Factor on the gas in this coffee.</summary>
    Gas,

    /// <summary>Factor on the heat loss of this vessel.</summary>
    HeatLoss,

    /// <summary>How much coarser this grinder is than its scale says, µm.</summary>
    GrinderOffsetUm,

    /// <summary>Where a balanced cup is on this taster's scale of sour to bitter.</summary>
    PalateBalance,

    /// <summary>Where a drink of usual strength is on this taster's scale of thin to heavy.</summary>
    PalateBody,

    /// <summary>Points on this taster's scale of sour to bitter per 1 of flavour balance.</summary>
    PalateBalanceScale,

    /// <summary>Points on this taster's scale of thin to heavy per 1 % TDS.</summary>
    PalateBodyScale,
}

/// <summary>What is known of a parameter before any brew.</summary>
/// <param name="Parameter">Which.</param>
/// <param name="Name">Its open name.</param>
/// <param name="Scope">Whose it is.</param>
/// <param name="Unit">Its unit, as shown.</param>
/// <param name="Prior">Its value before fitting.</param>
/// <param name="Sigma">Its standard deviation; for a factor, that of its logarithm.</param>
/// <param name="IsFactor">Whether it is a factor, with a log-normal prior.</param>
public sealed record FitPrior(FitParameter Parameter, string Name, FitScope Scope, string Unit, double Prior, double Sigma, bool IsFactor)
{
    /// <summary>A strength that is neither thin nor heavy to an unknown taster, % TDS. Judged.</summary>
    public const double UsualTdsPercent = 1.3;

    /// <summary>All parameters; those of the model first, in the order of <see cref="ModelParameters"/>.</summary>
    public static ImmutableArray<FitPrior> All { get; } =
    [
        new(FitParameter.Diffusion, "diffusion", FitScope.Coffee, "×", 1, ModelSpread.PriorSigma[0], IsFactor: true),
        new(FitParameter.BedResistance, "bedResistance", FitScope.Mill, "×", 1, ModelSpread.PriorSigma[1], IsFactor: true),
        new(FitParameter.Equilibrium, "equilibrium", FitScope.Coffee, "g/g", 0, ModelSpread.PriorSigma[2], IsFactor: false),
        new(FitParameter.HoldGPerG, "holdGPerG", FitScope.Vessel, "g/g", 0, ModelSpread.PriorSigma[3], IsFactor: false),
        new(FitParameter.Gas, "gas", FitScope.Coffee, "×", 1, ModelSpread.PriorSigma[4], IsFactor: true),
        new(FitParameter.HeatLoss, "heatLoss", FitScope.Vessel, "×", 1, ModelSpread.PriorSigma[5], IsFactor: true),
        new(FitParameter.GrinderOffsetUm, "millOffsetUm", FitScope.Mill, "µm", 0, ModelSpread.PriorSigma[6], IsFactor: false),
        // Judged: half a unit of flavour balance is noticeably sour or bitter, a tenth of a percent noticeably thinner or heavier.
        new(FitParameter.PalateBalance, "palateLean", FitScope.Barista, "points", 0, 1, IsFactor: false),
        new(FitParameter.PalateBody, "palateBody", FitScope.Barista, "points", 0, 1.5, IsFactor: false),
        new(FitParameter.PalateBalanceScale, "palateLeanScale", FitScope.Barista, "points per unit of tilt", 2.5, 0.5, IsFactor: true),
        new(FitParameter.PalateBodyScale, "palateBodyScale", FitScope.Barista, "points per % TDS", 8, 0.5, IsFactor: true),
    ];

    /// <summary>The prior of a parameter.</summary>
    public static FitPrior Of(FitParameter parameter) => All[(int)parameter];

    /// <summary>The value at a number of σ from the prior.</summary>
    public double At(double sigmas) => IsFactor ? Prior * Math.Exp(Sigma * sigmas) : Prior + (Sigma * sigmas);
}
