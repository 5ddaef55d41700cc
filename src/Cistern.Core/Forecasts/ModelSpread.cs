using System.Collections.Immutable;

namespace Cistern.Core.Forecasts;

/// <summary>
/// How far a model's parameters may be off: independent moves of one σ each, as <see cref="ModelParameters.Moved"/> takes
/// them. Unfitted there is one for each parameter; once fitted they are the columns of the posterior's root, so that what is
/// known of several parameters together is kept.
/// </summary>
public sealed class ModelSpread : IEquatable<ModelSpread>
{
    /// <summary>As many of the parameters, the first, are the model's own doubt; the others are a vessel's and a grinder's.</summary>
    public const int OfTheModel = 5;

    /// <summary>Where the grinder's offset stands among the parameters.</summary>
    private const int GrinderOffset = ModelParameters.Count - 1;

    private readonly int hash;

    /// <summary>A spread of given moves.</summary>
    /// <param name="directions">Moves of one σ, each with a value for every parameter.</param>
    public ModelSpread(ImmutableArray<ImmutableArray<double>> directions)
    {
        Directions = directions;
        var mix = default(HashCode);
        foreach (var value in directions.SelectMany(direction => direction))
        {
            mix.Add(value);
        }

        hash = mix.ToHashCode();
    }

    /// <summary>One σ of each parameter of the model as published: log-normal factors, and shifts. Judged from published scatter.</summary>
    /// <remarks>In the order of the parameters: D, α, K, hold, gas, heat loss, grinder offset in µm.</remarks>
    public static ImmutableArray<double> PriorSigma { get; } = [Math.Log(1.25), Math.Log(1.5), 0.02, 0.15, Math.Log(1.4), Math.Log(1.15), 40];

    /// <summary>
    /// The unfitted model's: D, α, K, hold and gas. A grinder that is off its table and a vessel that loses heat otherwise
    /// are not the model's doing, and their spread is no part of its bands.
    /// </summary>
    public static ModelSpread Published { get; } = new([.. Enumerable.Range(0, OfTheModel).Select(Along)]);

    /// <summary>
    /// The same for a grinder nobody has measured: its grind may be off its table by so much, independent of the rest. Where brews
    /// have taught the grinder's offset it stays as it is, for they know better.
    /// </summary>
    /// <param name="sigmaUm">One σ of what it grinds, µm; over 0.</param>
    public ModelSpread WithGrinderOffBy(double sigmaUm) => Directions.Any(direction => direction[GrinderOffset] != 0)
        ? this
        : new([.. Directions, [.. Enumerable.Range(0, ModelParameters.Count).Select(one => one == GrinderOffset ? sigmaUm : 0)]]);

    /// <summary>The moves.</summary>
    public ImmutableArray<ImmutableArray<double>> Directions { get; }

    /// <inheritdoc/>
    public bool Equals(ModelSpread? other) => ReferenceEquals(this, other)
        || (other is not null && hash == other.hash && Directions.Length == other.Directions.Length
            && Directions.Zip(other.Directions).All(pair => pair.First.AsSpan().SequenceEqual(pair.Second.AsSpan())));

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as ModelSpread);

    /// <inheritdoc/>
    public override int GetHashCode() => hash;

    private static ImmutableArray<double> Along(int parameter) =>
        [.. Enumerable.Range(0, ModelParameters.Count).Select(one => one == parameter ? PriorSigma[one] : 0)];
}
