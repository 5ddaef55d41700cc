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
    /// <summary>What a proxy adds, whichever it is: a request that carries one of these was sent by somebody else than whoever connects.</summary>
    private static readonly string[] Forwarding = ["Forwarded", "Via", "X-Forwarded-For", "X-Forwarded-Host", "X-Forwarded-Proto", "X-Forwarded-Server", "X-Real-IP"];

    private readonly IPAddress? proxy = settings.Proxy.Length > 0 ? IPAddress.Parse(settings.Proxy) : null;

    /// <inheritdoc/>
    public Door Of(HttpContext context)
    {
        var from = context.Address();
        var port = context.Connection.LocalPort;
        return settings.House && port == settings.HousePort ? Door.House
            : settings.House && port == settings.TrustPort ? Door.Trust
            // Asked before loopback: a proxy on this machine connects from there for everybody.
            : IsProxy(from) ? Door.House
            // No address: no network, a server within a test.
            : from is null || IPAddress.IsLoopback(from) ? (IsForwarded(context.Request) ? Door.Shut : Door.Bench)
            : Door.Shut;
    }

    /// <summary>Whether a request was sent on by a proxy, by its headers.</summary>
    public static bool IsForwarded(HttpRequest request) => Forwarding.Any(request.Headers.ContainsKey);

    /// <summary>Whether the named proxy connects; one on this machine may use any of its loopback addresses.</summary>
    private bool IsProxy(IPAddress? from) => proxy is not null && from is not null && (from.Equals(proxy) || (IPAddress.IsLoopback(proxy) && IPAddress.IsLoopback(from)));
}
