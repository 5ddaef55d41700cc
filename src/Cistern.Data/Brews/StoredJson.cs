using System.Text.Json;

namespace Cistern.Data.Brews;

/// <summary>Reads JSON stored in a row; JSON that was edited outside Cistern or written by a later version is ignored.</summary>
public static class StoredJson
{
    /// <summary>The stored value; null where it cannot be read.</summary>
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
