using System.Text.Json;

namespace Cistern.Data.Brews;

/// <summary>What was changed from one brew of a line to the next. What it was expected to do is what its plan was.</summary>
/// <param name="Setting">The adjustment, as the open files name it.</param>
/// <param name="From">From.</param>
/// <param name="To">To.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="What">In a few words, in the units of whoever took it.</param>
public sealed record SeriesChange(string Setting, double From, double To, string Unit, string What)
{
    /// <summary>What was kept; null where there is nothing, or it cannot be read.</summary>
    public static SeriesChange? Read(string json) => json.Length > 0 && KeptJson.Read<SeriesChange>(json) is { What: not null } change ? change : null;

    /// <summary>As it is kept.</summary>
    public string ToJson() => JsonSerializer.Serialize(this);
}
