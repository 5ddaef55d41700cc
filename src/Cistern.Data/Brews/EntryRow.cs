using Cistern.Core.Brewing;

namespace Cistern.Data.Brews;

/// <summary>One thing said of a running brew, kept as it came. Its id counts it once however often it is sent.</summary>
public sealed class EntryRow
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>Made by the device that said it.</summary>
    public Guid EntryId { get; set; }

    /// <summary>What it says; kept as a word.</summary>
    public EntryKind Kind { get; set; }

    /// <summary>The step it is of, counted from 0.</summary>
    public int Step { get; set; }

    /// <summary>When it was said, by the server's clock.</summary>
    public long AtMs { get; set; }

    /// <summary>The entry taken back, of an undo.</summary>
    public Guid? Undoes { get; set; }

    /// <summary>Who saw it: the barista of the device, or the instruments.</summary>
    public string By { get; set; } = "";

    /// <summary>Whether an instrument saw it, and nobody said it.</summary>
    public bool Seen { get; set; }

    /// <summary>When the server took it, UTC milliseconds.</summary>
    public long ReceivedAtMs { get; set; }
}
