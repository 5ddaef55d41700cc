using System.Collections.Immutable;
using System.Text.Json;

namespace Cistern.Data.Brews;

/// <summary>A model other than the published one, as stored with a brew.</summary>
/// <param name="Parameters">Its parameters.</param>
/// <param name="Spread">Their uncertainty.</param>
public sealed record ModelUsed(ModelParameters Parameters, double[][] Spread)
{
    /// <summary>What to store of a model; null for the published one.</summary>
    public static ModelUsed? Of(ForecastModel model) => model.Parameters == ModelParameters.Published ? null
        : new ModelUsed(model.Parameters, [.. model.Spread.Directions.Select(direction => direction.ToArray())]);

    /// <summary>The stored model; null where it cannot be read, which stands for the published one.</summary>
    public static ModelUsed? Read(string json) =>
        StoredJson.Read<ModelUsed>(json) is { Spread: { } spread } used && Array.TrueForAll(spread, direction => direction?.Length == ModelParameters.Count) ? used : null;

    /// <summary>As stored.</summary>
    public string ToJson() => JsonSerializer.Serialize(this);

    /// <summary>The model, with the cancellation of another.</summary>
    public ForecastModel On(ForecastModel model) => model with { Parameters = Parameters, Spread = new ModelSpread([.. Spread.Select(direction => direction.ToImmutableArray())]) };
}
