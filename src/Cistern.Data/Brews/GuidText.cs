namespace Cistern.Data.Brews;

/// <summary>
/// Converts GUIDs to the text in the data file, in capitals. A text damaged outside Cistern is read as an empty GUID, so that its row
/// stays readable.
/// </summary>
public static class GuidText
{
    /// <summary>As stored.</summary>
    public static string Write(Guid id) => id.ToString().ToUpperInvariant();

    /// <summary>The stored value; <see cref="Guid.Empty"/> where it cannot be read.</summary>
    public static Guid Read(string text) => Guid.TryParse(text, out var id) ? id : Guid.Empty;
}
