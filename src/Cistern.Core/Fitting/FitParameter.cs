using System.Collections.Immutable;
using Cistern.Core.Forecasts;

namespace Cistern.Core.Fitting;

/// <summary>What can be learned.</summary>
public enum FitParameter
{
    /// <summary>Factor on D: how quickly this coffee gives.</summary>
    Diffusion,

    /// <summary>Factor on α: how tight this grinder's bed is.</summary>
    BedResistance,

    /// <summary>Added to K: how much this coffee gives in the end.</summary>
    Equilibrium,

    /// <summary>Added to what the bed keeps in this vessel, g/g.</summary>
    HoldGPerG,

    /// <summary>Factor on the gas in this coffee.</summary>
    Gas,

    /// <summary>Factor on the heat this vessel loses.</summary>
    HeatLoss,

    /// <summary>By how much this grinder is coarser than its table, µm.</summary>
    GrinderOffsetUm,

    /// <summary>What this palate calls a balanced cup, on its scale of sour to bitter.</summary>
    PalateBalance,

    /// <summary>What this palate calls a drink of usual strength, on its scale of thin to heavy.</summary>
    PalateBody,

    /// <summary>How much of its scale of sour to bitter this palate uses for 1 of flavour balance.</summary>
    PalateBalanceScale,

    /// <summary>How much of its scale of thin to heavy this palate uses for 1 % TDS.</summary>
    PalateBodyScale,
}

/// <summary>What is known of a parameter before any brew.</summary>
/// <param name="Parameter">Which.</param>
/// <param name="Name">Its open name.</param>
/// <param name="Scope">Whose it is.</param>
/// <param name="Unit">Its unit, as it is told.</param>
/// <param name="Prior">Its value unfitted.</param>
/// <param name="Sigma">One σ; of a factor, of its logarithm.</param>
/// <param name="IsFactor">Whether it is a factor, spread log-normally.</param>
public sealed record FitPrior(FitParameter Parameter, string Name, FitScope Scope, string Unit, double Prior, double Sigma, bool IsFactor)
{
    /// <summary>A drink of this strength is neither thin nor heavy to a palate that has not been learned, % TDS. Judged.</summary>
    public const double UsualTdsPercent = 1.3;

    /// <summary>Every parameter; those of the model first, in the order of <see cref="ModelParameters"/> but for their scope.</summary>
    public static ImmutableArray<FitPrior> All { get; } =
    [
        new(FitParameter.Diffusion, "diffusion", FitScope.Coffee, "×", 1, ModelSpread.PriorSigma[0], IsFactor: true),
        new(FitParameter.BedResistance, "bedResistance", FitScope.Mill, "×", 1, ModelSpread.PriorSigma[1], IsFactor: true),
        new(FitParameter.Equilibrium, "equilibrium", FitScope.Coffee, "g/g", 0, ModelSpread.PriorSigma[2], IsFactor: false),
        new(FitParameter.HoldGPerG, "holdGPerG", FitScope.Vessel, "g/g", 0, ModelSpread.PriorSigma[3], IsFactor: false),
        new(FitParameter.Gas, "gas", FitScope.Coffee, "×", 1, ModelSpread.PriorSigma[4], IsFactor: true),
        new(FitParameter.HeatLoss, "heatLoss", FitScope.Vessel, "×", 1, ModelSpread.PriorSigma[5], IsFactor: true),
        new(FitParameter.GrinderOffsetUm, "millOffsetUm", FitScope.Mill, "µm", 0, ModelSpread.PriorSigma[6], IsFactor: false),
        // Palates are judged: half a unit of flavour balance is just called sour or bitter, a tenth of a percent just thinner or heavier.
        new(FitParameter.PalateBalance, "palateLean", FitScope.Barista, "points", 0, 1, IsFactor: false),
        new(FitParameter.PalateBody, "palateBody", FitScope.Barista, "points", 0, 1.5, IsFactor: false),
        new(FitParameter.PalateBalanceScale, "palateLeanScale", FitScope.Barista, "points per unit of tilt", 2.5, 0.5, IsFactor: true),
        new(FitParameter.PalateBodyScale, "palateBodyScale", FitScope.Barista, "points per % TDS", 8, 0.5, IsFactor: true),
    ];

    /// <summary>The prior of a parameter.</summary>
    public static FitPrior Of(FitParameter parameter) => All[(int)parameter];

    /// <summary>The value at so many σ from the prior.</summary>
    public double At(double sigmas) => IsFactor ? Prior * Math.Exp(Sigma * sigmas) : Prior + (Sigma * sigmas);
}
