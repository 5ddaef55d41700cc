using System.Net;
using Cistern.Web.Frame;

namespace Cistern.Web.House;

/// <summary>Where a request came in.</summary>
public enum Door
{
    /// <summary>From this machine itself: the bench's own screen.</summary>
    Bench,

    /// <summary>From the house's network, encrypted: paired devices.</summary>
    House,

    /// <summary>From the house's network, plain: the page that says how to trust this bench, and nothing else.</summary>
    Trust,

    /// <summary>From where nobody is answered.</summary>
    Shut,
}

/// <summary>Tells where a request came in.</summary>
public interface IDoors
{
    /// <summary>Where a request came in.</summary>
    Door Of(HttpContext context);
}

/// <summary>By the port that the request came in at, or by the proxy that it came through.</summary>
public sealed class PortDoors(AppSettings settings) : IDoors
{
    private readonly IPAddress? proxy = settings.Proxy.Length > 0 ? IPAddress.Parse(settings.Proxy) : null;

    /// <inheritdoc/>
    public Door Of(HttpContext context)
    {
        var from = context.Address();
        var port = context.Connection.LocalPort;
        return settings.House && port == settings.HousePort ? Door.House
            : settings.House && port == settings.TrustPort ? Door.Trust
            // No address: no network, a server within a test.
            : from is null || IPAddress.IsLoopback(from) ? Door.Bench
            : from.Equals(proxy) ? Door.House
            : Door.Shut;
    }
}
