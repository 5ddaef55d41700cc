using System.Text.Json;
using System.Text.Json.Serialization;

namespace Cistern.Data.Brews;

/// <summary>Simulated instruments as stored with their brew.</summary>
/// <param name="Hands">The simulated barista, by the word of <see cref="SimulatedHands"/>.</param>
/// <param name="Seed">The same seed gives the same brew.</param>
/// <param name="OnMs">When they were switched on, UTC milliseconds of the brew's clock.</param>
public sealed record SimulationSetup(string Hands, int Seed, long OnMs)
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web) { DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull };

    /// <summary>As stored.</summary>
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
