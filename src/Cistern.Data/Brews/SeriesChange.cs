using System.Text.Json;

namespace Cistern.Data.Brews;

/// <summary>What was changed from one brew of a series to the next. The expected effect is the forecast of its plan.</summary>
/// <param name="Setting">The adjustment's name in the open files.</param>
/// <param name="From">From.</param>
/// <param name="To">To.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="What">In a few words, in the units of the barista who accepted it.</param>
public sealed record SeriesChange(string Setting, double From, double To, string Unit, string What)
{
    /// <summary>The stored change; null where there is none, or it cannot be read.</summary>
    public static SeriesChange? Read(string json) => json.Length > 0 && StoredJson.Read<SeriesChange>(json) is { What: not null } change ? change : null;

    /// <summary>As stored.</summary>
    public string ToJson() => JsonSerializer.Serialize(this);
}
