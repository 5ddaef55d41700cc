using System.Collections.Concurrent;
using System.Text.Json.Serialization;
using MathNet.Numerics.LinearAlgebra;

namespace Cistern.Core.Fitting;

/// <summary>A learned parameter of one thing.</summary>
/// <param name="Parameter">Which.</param>
/// <param name="Whose">The name of the grinder, vessel, coffee or barista.</param>
/// <param name="Sigmas">Its distance from the prior, in σ of the prior.</param>
/// <param name="Spread">Its remaining uncertainty, in σ of the prior: 1 where nothing was learned.</param>
public readonly record struct LearnedParameter(FitParameter Parameter, string Whose, double Sigmas, double Spread)
{
    /// <summary>What is known of it before any brew.</summary>
    public FitPrior Prior => FitPrior.Of(Parameter);

    /// <summary>Its value, in its unit.</summary>
    public double Value => Prior.At(Sigmas);

    /// <summary>One in ten lies under this.</summary>
    public double Low => Prior.At(Sigmas - (Confidence.Eighty * Spread));

    /// <summary>One in ten lies over this.</summary>
    public double High => Prior.At(Sigmas + (Confidence.Eighty * Spread));

    /// <summary>Whether it is known better than before: its uncertainty has decreased by a fifth or more. Judged.</summary>
    public bool IsKnown => Spread < 0.8;
}

/// <summary>A leave-one-out prediction of a measurement.</summary>
/// <param name="Name">The brew.</param>
/// <param name="Figure">What was measured.</param>
/// <param name="Expected">The prediction from the other brews, in the figure's unit.</param>
/// <param name="Unfitted">The prediction of the unfitted model.</param>
/// <param name="Measured">The measured value.</param>
/// <param name="Odd">Whether it is so far off that it had little weight in the fit.</param>
public readonly record struct LeftOut(string Name, FitFigure Figure, [property: JsonPropertyName("Foretold")] double Expected, double Unfitted, double Measured, bool Odd);

/// <summary>How a taster's answers relate to the figures.</summary>
/// <param name="FlavourSide">Their answer for a flavour balance of 0.</param>
/// <param name="BalanceScale">Points on their scale per 1 of flavour balance.</param>
/// <param name="Body">Their answer for a drink of usual strength.</param>
/// <param name="BodyScale">Points on their scale per 1 % TDS.</param>
public readonly record struct Palate(double FlavourSide, double BalanceScale, double Body, double BodyScale)
{
    /// <summary>Their expected answer for a flavour balance, −5 (sour) to 5 (bitter).</summary>
    public double SourBitter(double balance) => Math.Clamp(FlavourSide + (BalanceScale * balance), -5, 5);

    /// <summary>Their expected answer for a strength, −5 (thin) to 5 (heavy).</summary>
    public double ThinHeavy(double tdsPercent) => Math.Clamp(Body + (BodyScale * (tdsPercent - FitPrior.UsualTdsPercent)), -5, 5);
}

/// <summary>What was learned from brews: the parameters of each grinder, vessel, coffee and taster, with their joint uncertainty.</summary>
public sealed class Learned
{
    /// <summary>Directions with a smaller uncertainty, in σ of the prior, are omitted from bands.</summary>
    private const double NoSpread = 1e-3;

    private readonly Dictionary<(FitParameter, string), int> places;
    private readonly ConcurrentDictionary<string, ModelSpread> spreads = new(StringComparer.Ordinal);

    /// <summary>What was learned.</summary>
    /// <param name="parameters">The parameters.</param>
    /// <param name="covariance">Their joint uncertainty, in σ of the priors; row by row.</param>
    /// <param name="brews">How many brews had measurements.</param>
    public Learned(ImmutableArray<LearnedParameter> parameters, ImmutableArray<double> covariance, int brews)
    {
        Parameters = parameters;
        Covariance = covariance;
        Brews = brews;
        places = parameters.Select((parameter, at) => (parameter, at)).ToDictionary(pair => (pair.parameter.Parameter, pair.parameter.Whose), pair => pair.at);
    }

    /// <summary>Nothing yet.</summary>
    public static Learned Nothing { get; } = new([], [], 0);

    /// <summary>The parameters.</summary>
    public ImmutableArray<LearnedParameter> Parameters { get; }

    /// <summary>The joint uncertainty of the parameters, in σ of the priors; row by row.</summary>
    public ImmutableArray<double> Covariance { get; }

    /// <summary>How many brews had measurements.</summary>
    public int Brews { get; }

    /// <summary>Leave-one-out predictions of the brews.</summary>
    public ImmutableArray<LeftOut> LeftOut { get; init; } = [];

    /// <summary>The names of the brews it was learned from.</summary>
    public ImmutableHashSet<string> Names { get; init; } = [];

    /// <summary>How many brews had measurements for each thing.</summary>
    public ImmutableDictionary<(FitScope Scope, string Whose), int> BrewsOf { get; init; } = ImmutableDictionary<(FitScope Scope, string Whose), int>.Empty;

    /// <summary>A model with what was learned of the things a brew uses; where nothing was learned it is unchanged.</summary>
    /// <param name="model">The unfitted model.</param>
    /// <param name="keys">What the brew uses.</param>
    public ForecastModel Model(ForecastModel model, FitKeys keys)
    {
        Span<int> at = stackalloc int[ModelParameters.Count];
        var any = false;
        for (var i = 0; i < at.Length; i++)
        {
            at[i] = Place((FitParameter)i, keys);
            any |= at[i] >= 0;
        }

        if (!any)
        {
            return model;
        }

        Span<double> by = stackalloc double[ModelParameters.Count];
        for (var i = 0; i < at.Length; i++)
        {
            by[i] = at[i] < 0 ? 0 : Parameters[at[i]].Sigmas * ModelSpread.PriorSigma[i];
        }

        // Pages ask for the same few things again and again.
        var found = at.ToArray();
        return model with { Parameters = model.Parameters.Moved(by), Spread = spreads.GetOrAdd(string.Join(' ', found), _ => SpreadOf(found)) };
    }

    /// <summary>How a barista tastes.</summary>
    public Palate PalateOf(string barista)
    {
        return new Palate(Of(FitParameter.PalateBalance), Of(FitParameter.PalateBalanceScale), Of(FitParameter.PalateBody), Of(FitParameter.PalateBodyScale));

        double Of(FitParameter parameter) => places.TryGetValue((parameter, barista), out var at) ? Parameters[at].Value : FitPrior.Of(parameter).Prior;
    }

    /// <summary>How many brews taught something about what a brew uses: the largest count of its coffee, grinder and vessel.</summary>
    public int BrewsFor(FitKeys keys) =>
        ((FitScope[])[FitScope.Coffee, FitScope.Mill, FitScope.Vessel]).Select(scope => BrewsOf.GetValueOrDefault((scope, keys.Of(scope)))).Max();

    /// <summary>The joint distribution of some parameters; those of which nothing was learned have their prior.</summary>
    internal (Vector<double> Sigmas, Matrix<double> Covariance) Of(IReadOnlyList<(FitParameter Parameter, string Whose)> unknowns)
    {
        var found = unknowns.Select(one => places.TryGetValue(one, out var at) ? at : -1).ToArray();
        return (
            Vector<double>.Build.Dense(found.Length, i => found[i] < 0 ? 0 : Parameters[found[i]].Sigmas),
            Matrix<double>.Build.Dense(found.Length, found.Length, (row, column) => found[row] >= 0 && found[column] >= 0 ? Together(found[row], found[column]) : row == column ? 1 : 0));
    }

    private double Together(int one, int other) => Covariance[(one * Parameters.Length) + other];

    private int Place(FitParameter parameter, FitKeys keys) =>
        places.TryGetValue((parameter, keys.Of(FitPrior.Of(parameter).Scope)), out var at) ? at : -1;

    /// <summary>The square root of the covariance of a model's parameters; those that were not learned keep their prior.</summary>
    private ModelSpread SpreadOf(int[] found)
    {
        var joint = Matrix<double>.Build.Dense(found.Length, found.Length, (row, column) =>
            found[row] >= 0 && found[column] >= 0 ? Together(found[row], found[column]) : row == column && found[row] < 0 ? 1 : 0);
        // As in the unfitted model, an unknown grinder or vessel is excluded from the bands.
        for (var i = ModelSpread.OfTheModel; i < found.Length; i++)
        {
            joint[i, i] = found[i] < 0 ? 0 : joint[i, i];
        }

        var eigen = joint.Evd(Symmetricity.Symmetric);
        var directions = ImmutableArray.CreateBuilder<ImmutableArray<double>>();
        for (var i = 0; i < found.Length; i++)
        {
            var length = Math.Sqrt(Math.Max(0, eigen.EigenValues[i].Real));
            if (length > NoSpread)
            {
                var column = eigen.EigenVectors.Column(i);
                directions.Add([.. column.Select((value, row) => value * length * ModelSpread.PriorSigma[row])]);
            }
        }

        return new ModelSpread(directions.ToImmutable());
    }
}
