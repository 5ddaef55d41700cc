using System.Collections.Immutable;
using System.Text.Json;
using Cistern.Core.Forecasts;

namespace Cistern.Data.Brews;

/// <summary>A model other than the published one, as it is kept beside a brew.</summary>
/// <param name="Parameters">Its parameters.</param>
/// <param name="Spread">How far they may be off.</param>
public sealed record ModelUsed(ModelParameters Parameters, double[][] Spread)
{
    /// <summary>What is to be kept of a model; null of the published one.</summary>
    public static ModelUsed? Of(ForecastModel model) => model.Parameters == ModelParameters.Published ? null
        : new ModelUsed(model.Parameters, [.. model.Spread.Directions.Select(direction => direction.ToArray())]);

    /// <summary>What was kept; null where it cannot be read, and then it is the published one.</summary>
    public static ModelUsed? Read(string json) =>
        KeptJson.Read<ModelUsed>(json) is { Spread: { } spread } used && Array.TrueForAll(spread, direction => direction?.Length == ModelParameters.Count) ? used : null;

    /// <summary>As it is kept.</summary>
    public string ToJson() => JsonSerializer.Serialize(this);

    /// <summary>The model, with what stops another one.</summary>
    public ForecastModel On(ForecastModel model) => model with { Parameters = Parameters, Spread = new ModelSpread([.. Spread.Select(direction => direction.ToImmutableArray())]) };
}
