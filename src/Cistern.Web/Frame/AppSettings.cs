namespace Cistern.Web.Frame;

/// <summary>How this Cistern was started.</summary>
public sealed class AppSettings
{
    /// <summary>The name in the configuration of <see cref="LocalNetwork"/>, as in `Cistern__House`.</summary>
    public const string LocalNetworkKey = "House";

    /// <summary>The data file.</summary>
    public string DataFile { get; init; } = "cistern.db";

    /// <summary>Fills an empty data file with the demo's data.</summary>
    public bool Demo { get; init; }

    /// <summary>Throws the demo's file away first.</summary>
    public bool Fresh { get; init; }

    /// <summary>Learns from new brews; otherwise forecasts use the published model.</summary>
    public bool Learns { get; init; } = true;

    /// <summary>Copies the data file daily and keeps the copies for two weeks.</summary>
    public bool DailyCopy { get; init; } = true;

    /// <summary>Serves connected devices on the local network, encrypted.</summary>
    [ConfigurationKeyName(LocalNetworkKey)]
    public bool LocalNetwork { get; init; }

    /// <summary>The encrypted port for connected devices.</summary>
    [ConfigurationKeyName("HousePort")]
    public int LocalNetworkPort { get; init; } = 5443;

    /// <summary>The unencrypted port of the page that explains how to trust this installation.</summary>
    public int TrustPort { get; init; } = 5081;

    /// <summary>The address of a reverse proxy that does the encryption; empty without one.</summary>
    public string Proxy { get; init; } = "";

    /// <summary>For a demo opened from another installation, the address of that one; otherwise empty.</summary>
    public string Home { get; init; } = "";

    /// <summary>For tests only: a clock that can be set forward over HTTP.</summary>
    public bool TestClock { get; init; }

    /// <summary>For tests only: the time when the server starts; the real time if null.</summary>
    public DateTimeOffset? TestClockBeginsAt { get; init; }
}
