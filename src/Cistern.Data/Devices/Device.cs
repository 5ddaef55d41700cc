using System.ComponentModel.DataAnnotations.Schema;

namespace Cistern.Data.Devices;

/// <summary>What a connected device may do.</summary>
public enum DeviceRole
{
    /// <summary>Look, and taste blind.</summary>
    Guest,

    /// <summary>May plan, brew, taste, search the log and change their own things.</summary>
    Barista,

    /// <summary>Everything.</summary>
    Owner,

    /// <summary>Send readings, and nothing else.</summary>
    Instrument,
}

/// <summary>A phone or tablet that was connected.</summary>
public sealed class Device
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>Its name.</summary>
    public required string Name { get; set; }

    /// <summary>What it may do.</summary>
    public DeviceRole Role { get; set; }

    /// <summary>SHA-256 of its token, in hexadecimal; the token itself is stored only on the device.</summary>
    public required string TokenHash { get; set; }

    /// <summary>When that token was issued, UTC milliseconds.</summary>
    public long TokenAtMs { get; set; }

    /// <summary>The previous token's hash, valid until the new token was used. Empty where there is none.</summary>
    public string BeforeHash { get; set; } = "";

    /// <summary>When the token was first used, UTC milliseconds; null until then.</summary>
    public long? TokenUsedAtMs { get; set; }

    /// <summary>When it was connected, UTC milliseconds.</summary>
    [Column("PairedAtMs")]
    public long JoinedAtMs { get; set; }

    /// <summary>When it was last seen, UTC milliseconds, to the minute.</summary>
    public long SeenAtMs { get; set; }

    /// <summary>When it was removed, UTC milliseconds; null while it is connected.</summary>
    [Column("PutOutAtMs")]
    public long? RevokedAtMs { get; set; }

    /// <summary>A role with its article: "a barista", "an owner".</summary>
    public static string Called(DeviceRole role) => $"{(role is DeviceRole.Owner or DeviceRole.Instrument ? "an" : "a")} {Words<DeviceRole>.Of(role)}";
}

/// <summary>An action on the installation or its data, for the owner to read.</summary>
public sealed class ActionRecord
{
    /// <summary>Its id in the data file.</summary>
    public int Id { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>What, as a sentence.</summary>
    public required string What { get; set; }

    /// <summary>Who did it: a device's name, or "this machine".</summary>
    public required string Who { get; set; }
}
