namespace Cistern.Data.Brews;

/// <summary>A report about a running brew, stored as received. Its id makes it count once however often it is sent.</summary>
public sealed class EntryRow
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>The brew it belongs to.</summary>
    public int BrewId { get; set; }

    /// <summary>Made by the device that said it.</summary>
    public Guid EntryId { get; set; }

    /// <summary>What it says; kept as a word.</summary>
    public EntryKind Kind { get; set; }

    /// <summary>The step it is of, counted from 0.</summary>
    public int Step { get; set; }

    /// <summary>When it was made, by the server's clock.</summary>
    public long AtMs { get; set; }

    /// <summary>The entry taken back, of an undo.</summary>
    public Guid? Undoes { get; set; }

    /// <summary>Who made it: the barista of the device, or the instruments.</summary>
    public string By { get; set; } = "";

    /// <summary>Whether it comes from an instrument rather than a person.</summary>
    public bool Seen { get; set; }

    /// <summary>When the server received it, UTC milliseconds.</summary>
    public long ReceivedAtMs { get; set; }
}
