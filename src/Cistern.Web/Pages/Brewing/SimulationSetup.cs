using System.Text.Json;
using System.Text.Json.Serialization;
using Cistern.Core.Readings;

namespace Cistern.Web.Pages.Brewing;

/// <summary>A simulated bench as it is kept with its brew.</summary>
/// <param name="Hands">Whose hands brew on it, by the word of <see cref="HandsChoice"/>.</param>
/// <param name="Seed">The same seed brews the same.</param>
/// <param name="OnMs">Since when, UTC milliseconds of the brew's clock.</param>
public sealed record SimulationSetup(string Hands, int Seed, long OnMs)
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web) { DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull };

    /// <summary>As it is kept.</summary>
    public string ToJson() => JsonSerializer.Serialize(this, Json);

    /// <summary>Reads it; null where it is none.</summary>
    public static SimulationSetup? Read(string? json)
    {
        try
        {
            return json is null ? null : JsonSerializer.Deserialize<SimulationSetup>(json, Json);
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
