namespace Cistern.Core.Forecasts;

/// <summary>
/// The uncertainty of a model's parameters: independent moves of one σ each, as <see cref="ModelParameters.Moved"/> takes them.
/// Unfitted, there is one per parameter; after fitting they are the columns of the posterior's square root, which keeps the
/// correlations between parameters.
/// </summary>
public sealed class ModelSpread : IEquatable<ModelSpread>
{
    /// <summary>The first parameters are uncertainties of the model itself; the others belong to a vessel and a grinder.</summary>
    public const int OfTheModel = 5;

    /// <summary>Index of the grinder's offset among the parameters.</summary>
    private const int GrinderOffset = ModelParameters.Count - 1;

    private readonly int hash;

    /// <summary>A spread with the given moves.</summary>
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

    /// <summary>One σ of each parameter of the published model: log-normal factors, and shifts. Judged from published scatter.</summary>
    /// <remarks>In the order of the parameters: D, α, K, hold, gas, heat loss, grinder offset in µm.</remarks>
    public static ImmutableArray<double> PriorSigma { get; } = [Math.Log(1.25), Math.Log(1.5), 0.02, 0.15, Math.Log(1.4), Math.Log(1.15), 40];

    /// <summary>
    /// The unfitted model's spread: D, α, K, hold and gas. A grinder's offset and a vessel's heat loss are not uncertainties of the
    /// model and are excluded from its bands.
    /// </summary>
    public static ModelSpread Published { get; } = new([.. Enumerable.Range(0, OfTheModel).Select(Along)]);

    /// <summary>
    /// The same with the uncertainty of a grinder that was never measured: its grind may differ from its scale, independently of the
    /// rest. Where brews have taught the offset, the spread is unchanged.
    /// </summary>
    /// <param name="sigmaUm">One σ of the grind, µm; over 0.</param>
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
