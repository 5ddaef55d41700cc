using System.Collections.Concurrent;
using System.Collections.Immutable;
using System.Text.Json.Serialization;
using Cistern.Core.Forecasts;
using MathNet.Numerics.LinearAlgebra;

namespace Cistern.Core.Fitting;

/// <summary>A parameter of one thing, as it was learned.</summary>
/// <param name="Parameter">Which.</param>
/// <param name="Whose">The name of the grinder, vessel, coffee or barista.</param>
/// <param name="Sigmas">Where it lies, σ of the prior from the prior.</param>
/// <param name="Spread">One σ of what is still not known, in σ of the prior: 1 where nothing was learned.</param>
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

    /// <summary>Whether more is known of it than before: its spread has come down by a fifth at least. Judged.</summary>
    public bool IsKnown => Spread < 0.8;
}

/// <summary>What a fit would have expected of a brew left out of it, and what was measured.</summary>
/// <param name="Name">The brew.</param>
/// <param name="Figure">What was measured.</param>
/// <param name="Expected">What the other brews predict, in the figure's unit.</param>
/// <param name="Unfitted">What the unfitted model predicts.</param>
/// <param name="Measured">What was measured.</param>
/// <param name="Odd">Whether it lies so far off that the fit hardly listened to it.</param>
public readonly record struct LeftOut(string Name, FitFigure Figure, [property: JsonPropertyName("Foretold")] double Expected, double Unfitted, double Measured, bool Odd);

/// <summary>How a barista tastes: where their words lie against the figures.</summary>
/// <param name="FlavourSide">What they call a cup of flavour balance 0.</param>
/// <param name="BalanceScale">How much of their scale 1 of flavour balance is.</param>
/// <param name="Body">What they call a drink of usual strength.</param>
/// <param name="BodyScale">How much of their scale 1 % TDS is.</param>
public readonly record struct Palate(double FlavourSide, double BalanceScale, double Body, double BodyScale)
{
    /// <summary>How sour to bitter they would call a flavour balance, −5 to 5.</summary>
    public double SourBitter(double balance) => Math.Clamp(FlavourSide + (BalanceScale * balance), -5, 5);

    /// <summary>How thin to heavy they would call a strength, −5 to 5.</summary>
    public double ThinHeavy(double tdsPercent) => Math.Clamp(Body + (BodyScale * (tdsPercent - FitPrior.UsualTdsPercent)), -5, 5);
}

/// <summary>What was learned from brews: a parameter for each grinder, vessel, coffee and barista, and what is known of them together.</summary>
public sealed class Learned
{
    /// <summary>A direction known so well, σ of its prior, adds nothing: a drain is measured to a few hundredths of it.</summary>
    private const double NoSpread = 1e-3;

    private readonly Dictionary<(FitParameter, string), int> places;
    private readonly ConcurrentDictionary<string, ModelSpread> spreads = new(StringComparer.Ordinal);

    /// <summary>What was learned.</summary>
    /// <param name="parameters">The parameters.</param>
    /// <param name="covariance">What is not known of them together, in σ of their priors; row by row.</param>
    /// <param name="brews">How many brews told something.</param>
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

    /// <summary>What is not known of them together, in σ of their priors; row by row.</summary>
    public ImmutableArray<double> Covariance { get; }

    /// <summary>How many brews told something.</summary>
    public int Brews { get; }

    /// <summary>How each brew would have been expected without it.</summary>
    public ImmutableArray<LeftOut> LeftOut { get; init; } = [];

    /// <summary>The names of the brews it was learned from.</summary>
    public ImmutableHashSet<string> Names { get; init; } = [];

    /// <summary>How many brews told something of each thing.</summary>
    public ImmutableDictionary<(FitScope Scope, string Whose), int> BrewsOf { get; init; } = ImmutableDictionary<(FitScope Scope, string Whose), int>.Empty;

    /// <summary>A model with what was learned of the things a brew is brewed with; of what nothing was learned it stays as it was.</summary>
    /// <param name="model">The model unfitted.</param>
    /// <param name="keys">With what.</param>
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

    /// <summary>From how many brews something is known of what a brew is brewed with: of its coffee, its grinder or its vessel, whichever told most.</summary>
    public int BrewsFor(FitKeys keys) =>
        ((FitScope[])[FitScope.Coffee, FitScope.Mill, FitScope.Vessel]).Select(scope => BrewsOf.GetValueOrDefault((scope, keys.Of(scope)))).Max();

    /// <summary>What is known of some parameters together: where they lie, and what is not known; one that nothing was learned of as before any brew.</summary>
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

    /// <summary>The root of what is not known of a model's parameters: what was not learned keeps its prior.</summary>
    private ModelSpread SpreadOf(int[] found)
    {
        var joint = Matrix<double>.Build.Dense(found.Length, found.Length, (row, column) =>
            found[row] >= 0 && found[column] >= 0 ? Together(found[row], found[column]) : row == column && found[row] < 0 ? 1 : 0);
        // A grinder and a vessel that nobody has learned of are no part of the bands, as unfitted.
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
