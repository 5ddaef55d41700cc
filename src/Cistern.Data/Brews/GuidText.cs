namespace Cistern.Data.Brews;

/// <summary>Names as the file keeps them, in capitals. One that another hand has damaged is read as no name: its row stays, and every page goes on.</summary>
public static class GuidText
{
    /// <summary>As it is kept.</summary>
    public static string Write(Guid id) => id.ToString().ToUpperInvariant();

    /// <summary>What was kept; <see cref="Guid.Empty"/> where it cannot be read.</summary>
    public static Guid Read(string text) => Guid.TryParse(text, out var id) ? id : Guid.Empty;
}
