using System.Text.Json;

namespace Cistern.Data.Brews;

/// <summary>JSON of our own that stands in a row: one that another hand has changed, or a later version wrote, is taken for nothing.</summary>
public static class KeptJson
{
    /// <summary>What was kept; null where it cannot be read.</summary>
    public static T? Read<T>(string json)
        where T : class
    {
        try
        {
            return JsonSerializer.Deserialize<T>(json);
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
