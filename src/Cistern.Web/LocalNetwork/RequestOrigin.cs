using System.Net;

namespace Cistern.Web.LocalNetwork;

/// <summary>Where a request came in.</summary>
public enum RequestOrigin
{
    /// <summary>From this machine: the server's own screen.</summary>
    ThisMachine,

    /// <summary>From the local network, encrypted: connected devices.</summary>
    LocalNetwork,

    /// <summary>From the local network, unencrypted: only the page that explains how to trust this installation.</summary>
    TrustPage,

    /// <summary>From where nobody is answered.</summary>
    Unknown,
}

/// <summary>Determines where a request arrived.</summary>
public interface IRequestOriginResolver
{
    /// <summary>Where a request came in.</summary>
    RequestOrigin Of(HttpContext context);
}

/// <summary>Determined by the port of the connection, or by the proxy.</summary>
public sealed class RequestOriginResolver(AppSettings settings) : IRequestOriginResolver
{
    /// <summary>Headers that any proxy adds: a request with one of them was sent by somebody other than the connecting host.</summary>
    private static readonly string[] Forwarding = ["Forwarded", "Via", "X-Forwarded-For", "X-Forwarded-Host", "X-Forwarded-Proto", "X-Forwarded-Server", "X-Real-IP"];

    private readonly IPAddress? proxy = settings.Proxy.Length > 0 ? IPAddress.Parse(settings.Proxy) : null;

    /// <inheritdoc/>
    public RequestOrigin Of(HttpContext context)
    {
        var from = context.Address();
        var port = context.Connection.LocalPort;
        return settings.LocalNetwork && port == settings.LocalNetworkPort ? RequestOrigin.LocalNetwork
            : settings.LocalNetwork && port == settings.TrustPort ? RequestOrigin.TrustPage
            // Checked before loopback, since a proxy on this machine connects from there for everybody.
            : IsProxy(from) ? RequestOrigin.LocalNetwork
            // No address: no network, a server within a test.
            : from is null || IPAddress.IsLoopback(from) ? (IsForwarded(context.Request) ? RequestOrigin.Unknown : RequestOrigin.ThisMachine)
            : RequestOrigin.Unknown;
    }

    /// <summary>Whether a request was forwarded by a proxy, by its headers.</summary>
    public static bool IsForwarded(HttpRequest request) => Forwarding.Any(request.Headers.ContainsKey);

    /// <summary>Whether the connection is from the configured proxy; one on this machine may use any loopback address.</summary>
    private bool IsProxy(IPAddress? from) => proxy is not null && from is not null && (from.Equals(proxy) || (IPAddress.IsLoopback(proxy) && IPAddress.IsLoopback(from)));
}
