using Cistern.Core.Recipes;

namespace Cistern.Core.Forecasts;

/// <summary>How a forecast is run.</summary>
public sealed record ForecastOptions
{
    /// <summary>Totals and series.</summary>
    public static ForecastOptions Full { get; } = new();

    /// <summary>Totals only: for bands, tolerances and solving, which run it many times.</summary>
    public static ForecastOptions TotalsOnly { get; } = new() { WithSeries = false };

    /// <summary>Whether to keep the series.</summary>
    public bool WithSeries { get; init; } = true;

    /// <summary>The server's volume, ml, where one is known; it is then checked for overflow.</summary>
    public double? ServerMl { get; init; }
}

/// <summary>
/// A model of the brew with its parameters. It holds no state: the same recipe gives the same forecast. Whoever plans is
/// handed one, so that a model fitted to a barista, a grinder or a vessel takes the published one's place.
/// </summary>
public sealed record ForecastModel
{
    /// <summary>What a siphon's flame holds where nothing is said, °C; 2 K under the place's boiling point where that is less.</summary>
    public const double UsualHoldC = 93;

    /// <summary>A siphon burner's power where nothing is said, W.</summary>
    public const double UsualFlameW = 220;

    /// <summary>A drain that takes longer may stall, s. Judged.</summary>
    public const double StallsAfterS = 240;

    /// <summary>The model as published, unfitted.</summary>
    public static ForecastModel Published { get; } = new();

    /// <summary>Where it differs from the published model.</summary>
    public ModelParameters Parameters { get; init; } = ModelParameters.Published;

    /// <summary>How far those may be off.</summary>
    public ModelSpread Spread { get; init; } = ModelSpread.Published;

    /// <summary>
    /// Factor on the time step. 1 for figures; where only differences count, coarser steps give them as well to a percent
    /// for a fraction of the work, held against a run of the same steps.
    /// </summary>
    public double StepFactor { get; init; } = 1;

    /// <summary>Remembers what was run, so that it is not run again; null remembers nothing.</summary>
    public ForecastMemory? Memory { get; init; }

    /// <summary>
    /// Stops every run of this model, and of what is worked out with it. A run that is stopped throws
    /// <see cref="OperationCanceledException"/>.
    /// </summary>
    public CancellationToken Stops { get; init; }

    /// <summary>This model, stopped with whoever asked for it.</summary>
    public ForecastModel StoppedBy(CancellationToken ct) => this with { Stops = ct };

    /// <summary>This model for differences: in steps as coarse as those bear.</summary>
    public ForecastModel ForDifferences() => this with { StepFactor = 2.5 };

    /// <summary>Runs a recipe.</summary>
    /// <param name="recipe">A recipe that the checker has passed; one it has refused may give figures without meaning, but ends.</param>
    /// <param name="options">How; null for totals and series.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public Forecast Run(Recipe recipe, ForecastOptions? options = null)
    {
        options ??= ForecastOptions.Full;
        return Memory is not null && options.WithSeries ? Memory.Run(recipe, this, options) : RunAnew(recipe, options);
    }

    /// <summary>Runs a recipe for its figures alone.</summary>
    /// <param name="recipe">A recipe, as for <see cref="Run"/>.</param>
    /// <exception cref="OperationCanceledException">It was stopped.</exception>
    public Forecast Figures(Recipe recipe) => Run(recipe, ForecastOptions.TotalsOnly);

    internal Forecast RunAnew(Recipe recipe, ForecastOptions options) => new ForecastRun(recipe, this, options).Run();
}
