using System.ComponentModel.DataAnnotations;

namespace Cistern.Data.Brews;

/// <summary>A picture of a brew, in a table of its own that no list reads.</summary>
public sealed class BrewPicture
{
    /// <summary>The most pictures per brew, deleted ones not counted.</summary>
    public const int MaxPerBrew = RecordedPicture.MaxPerBrew;

    /// <summary>The most letters of what it shows.</summary>
    public const int MaxCaptionLength = RecordedPicture.MaxCaptionLength;

    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it is of.</summary>
    public int BrewId { get; set; }

    /// <summary>The key it was sent with, so that it is saved only once.</summary>
    public Guid Key { get; set; }

    /// <summary>What is seen.</summary>
    public PictureOf Of { get; set; }

    /// <summary>A description, for those who cannot see it; empty where there is none.</summary>
    [MaxLength(MaxCaptionLength)]
    public string Said { get; set; } = "";

    /// <summary>When it was taken, UTC milliseconds, as the device says.</summary>
    public long AtMs { get; set; }

    /// <summary>When it was deleted, UTC milliseconds; null while it is shown.</summary>
    public long? DeletedAtMs { get; set; }

    /// <summary>Its width, px.</summary>
    public int Width { get; set; }

    /// <summary>Its height, px.</summary>
    public int Height { get; set; }

    /// <summary>The picture, a JPEG made here.</summary>
    public required byte[] Jpeg { get; set; }

    /// <summary>The same for a list.</summary>
    public required byte[] Small { get; set; }
}
