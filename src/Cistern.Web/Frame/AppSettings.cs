namespace Cistern.Web.Frame;

/// <summary>How this Cistern was started.</summary>
public sealed class AppSettings
{
    /// <summary>The data file.</summary>
    public string DataFile { get; init; } = "cistern.db";

    /// <summary>Starts with the demo bench in an empty file.</summary>
    public bool Demo { get; init; }

    /// <summary>Throws the demo's file away first.</summary>
    public bool Fresh { get; init; }

    /// <summary>Learns from brews as they come in; off, forecasts are the published model's.</summary>
    public bool Learns { get; init; } = true;

    /// <summary>Makes a copy of the data file each day and keeps it for two weeks.</summary>
    public bool DailyCopy { get; init; } = true;

    /// <summary>Open to the house's network: encrypted, to paired devices.</summary>
    public bool House { get; init; }

    /// <summary>The port for paired devices, encrypted.</summary>
    public int HousePort { get; init; } = 5443;

    /// <summary>The port of the page that says how to trust this bench, plain.</summary>
    public int TrustPort { get; init; } = 5081;

    /// <summary>The address of a proxy in front, which encrypts; empty without one.</summary>
    public string Proxy { get; init; } = "";

    /// <summary>The address of the bench that this one, a demo bench to look round in, was opened from; empty for every other.</summary>
    public string Home { get; init; } = "";

    /// <summary>For tests only: a clock that can be set forward over HTTP.</summary>
    public bool TestClock { get; init; }

    /// <summary>For tests only: what the time is when the server starts; the real time if null.</summary>
    public DateTimeOffset? TestClockBeginsAt { get; init; }
}
