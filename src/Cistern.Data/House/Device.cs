using System.ComponentModel.DataAnnotations.Schema;
using Cistern.Core.Recipes;

namespace Cistern.Data.House;

/// <summary>What a device of the house may do.</summary>
public enum DeviceRole
{
    /// <summary>Look, and taste blind.</summary>
    Guest,

    /// <summary>Plan, brew, taste, look through the log, keep own things.</summary>
    Barista,

    /// <summary>Everything.</summary>
    Owner,

    /// <summary>Send readings, and nothing else.</summary>
    Instrument,
}

/// <summary>A device that was paired with this bench.</summary>
public sealed class Device
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>What it is called.</summary>
    public required string Name { get; set; }

    /// <summary>What it may do.</summary>
    public DeviceRole Role { get; set; }

    /// <summary>SHA-256 of its token, in hexadecimal: the token itself is kept nowhere but on the device.</summary>
    public required string TokenHash { get; set; }

    /// <summary>When that token was given out, UTC milliseconds.</summary>
    public long TokenAtMs { get; set; }

    /// <summary>The token before: good until the one that replaced it has been used. Empty where there is none.</summary>
    public string BeforeHash { get; set; } = "";

    /// <summary>When the token was first used since it replaced the one before, UTC milliseconds; null until then.</summary>
    public long? TokenUsedAtMs { get; set; }

    /// <summary>When it was paired, UTC milliseconds.</summary>
    public long PairedAtMs { get; set; }

    /// <summary>When it was last heard of, UTC milliseconds, to the minute.</summary>
    public long SeenAtMs { get; set; }

    /// <summary>When it was put out, UTC milliseconds; null while it is in.</summary>
    [Column("PutOutAtMs")]
    public long? RevokedAtMs { get; set; }

    /// <summary>A role as somebody is called by it: "a barista", "an owner".</summary>
    public static string Called(DeviceRole role) => $"{(role is DeviceRole.Owner or DeviceRole.Instrument ? "an" : "a")} {Words<DeviceRole>.Of(role)}";
}

/// <summary>Something that was done about the house and its data, for the owner to read.</summary>
public sealed class HouseRecord
{
    /// <summary>Its number in the data file.</summary>
    public int Id { get; set; }

    /// <summary>When, UTC milliseconds.</summary>
    public long AtMs { get; set; }

    /// <summary>What, as a sentence.</summary>
    public required string What { get; set; }

    /// <summary>By whom: a device's name, or "this bench".</summary>
    public required string Who { get; set; }
}
