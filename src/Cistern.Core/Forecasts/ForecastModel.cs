namespace Cistern.Core.Forecasts;

/// <summary>How a forecast is run.</summary>
public sealed record ForecastOptions
{
    /// <summary>Totals and series.</summary>
    public static ForecastOptions Full { get; } = new();

    /// <summary>Totals only: for bands, tolerances and solving, which run the model many times.</summary>
    public static ForecastOptions TotalsOnly { get; } = new() { WithSeries = false };

    /// <summary>Whether to keep the series.</summary>
    public bool WithSeries { get; init; } = true;

    /// <summary>The server's volume, ml, where it is known; the forecast then checks it for overflow.</summary>
    public double? ServerMl { get; init; }
}

/// <summary>
/// A model of the brew with its parameters. It is immutable: the same recipe always gives the same forecast. It is passed to all
/// planning code, so that a model fitted to a barista, a grinder or a vessel can replace the published one.
/// </summary>
public sealed record ForecastModel
{
    /// <summary>Temperature of a siphon where the recipe sets none, °C; at most 2 K under the boiling point of the place.</summary>
    public const double UsualHoldC = 93;

    /// <summary>Power of a siphon's burner where the recipe sets none, W.</summary>
    public const double UsualFlameW = 220;

    /// <summary>A drawdown longer than this may stall, s. Judged.</summary>
    public const double StallsAfterS = 240;

    /// <summary>The model as published, unfitted.</summary>
    public static ForecastModel Published { get; } = new();

    /// <summary>How it differs from the published model.</summary>
    public ModelParameters Parameters { get; init; } = ModelParameters.Published;

    /// <summary>How far those may be off.</summary>
    public ModelSpread Spread { get; init; } = ModelSpread.Published;

    /// <summary>
    /// Factor on the time step. 1 for figures. Where only differences matter, coarser steps are a percent less exact and cost a
    /// fraction of the time; both runs must use the same factor.
    /// </summary>
    public double StepFactor { get; init; } = 1;

    /// <summary>The cache of forecasts, or null for none.</summary>
    public ForecastMemory? Memory { get; init; }

    /// <summary>
    /// Cancels every run of this model, and all that is computed with it. A cancelled run throws
    /// <see cref="OperationCanceledException"/>.
    /// </summary>
    public CancellationToken Stops { get; init; }

    /// <summary>This model, cancelled by the given token.</summary>
    public ForecastModel StoppedBy(CancellationToken ct) => this with { Stops = ct };

    /// <summary>This model with coarse time steps, for computing differences.</summary>
    public ForecastModel ForDifferences() => this with { StepFactor = 2.5 };

    /// <summary>Runs a recipe.</summary>
    /// <param name="recipe">A recipe without errors by the checker. Any other also terminates, but its figures may be meaningless.</param>
    /// <param name="options">Options; null for totals and series.</param>
    /// <exception cref="OperationCanceledException">The model was cancelled.</exception>
    public Forecast Run(Recipe recipe, ForecastOptions? options = null)
    {
        options ??= ForecastOptions.Full;
        return Memory is not null && options.WithSeries ? Memory.Run(recipe, this, options) : RunAnew(recipe, options);
    }

    /// <summary>Computes the figures of a recipe without the series.</summary>
    /// <param name="recipe">A recipe, as for <see cref="Run"/>.</param>
    /// <exception cref="OperationCanceledException">The model was cancelled.</exception>
    public Forecast Figures(Recipe recipe) => Run(recipe, ForecastOptions.TotalsOnly);

    internal Forecast RunAnew(Recipe recipe, ForecastOptions options) => new ForecastRun(recipe, this, options).Run();
}
