namespace Cistern.Data.Brews;

/// <summary>Something that came to mind later.</summary>
public sealed class LaterNote
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>In the barista's words.</summary>
    public required string Text { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }
}
