namespace Cistern.Web.Frame;

/// <summary>Names of the rate limits per device.</summary>
public static class Limits
{
    /// <summary>Codes to be let in.</summary>
    public const string Joining = "pairing";

    /// <summary>Files that come in.</summary>
    public const string Imports = "imports";

    /// <summary>Forecasts and plans for other programs.</summary>
    public const string Api = "api";

    /// <summary>Readings of instruments.</summary>
    public const string Readings = "readings";
}
