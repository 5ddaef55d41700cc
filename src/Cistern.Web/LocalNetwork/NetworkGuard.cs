using System.Net;
using Microsoft.Data.Sqlite;

namespace Cistern.Web.LocalNetwork;

/// <summary>
/// Authorisation for all requests: the local network is served only to connected devices, within their role. Requests that change
/// something must come from the application's own pages.
/// </summary>
public static class NetworkGuard
{
    /// <summary>The cookie with a device's token. Its prefix binds it to this host, encryption and the root path.</summary>
    public const string Cookie = "__Host-cistern-device";

    /// <summary>The header with an instrument's token; the token of the brew is sent as usual.</summary>
    public const string Header = "X-Cistern-Device";

    /// <summary>Where a device asks to be let in.</summary>
    public const string JoinPath = "/devices/join";

    /// <summary>What that was called in earlier versions: a form may still be open there, or a code's address be on a screen.</summary>
    public const string EarlierJoinPath = "/pair";

    /// <summary>The page that explains how to trust this installation.</summary>
    public const string TrustPath = "/trust";

    private const string DeviceItem = "cistern-device";
    private const string OriginItem = "cistern-origin";

    /// <summary>Static files that the two public pages need.</summary>
    private static readonly string[] PublicFiles = ["/css/", "/lib/bulma-parts", "/lib/fonts/", "/icon"];

    /// <summary>The device of a request; null for the server's own screen.</summary>
    public static Device? Device(this HttpContext context) => context.Items[DeviceItem] as Device;

    /// <summary>The role of a request; the server's own screen may do everything.</summary>
    public static DeviceRole Role(this HttpContext context) => context.Device()?.Role ?? (context.Origin() == RequestOrigin.ThisMachine ? DeviceRole.Owner : DeviceRole.Guest);

    /// <summary>Who asks, as the record calls them.</summary>
    public static string Asker(this HttpContext context) => context.Device()?.Name ?? "this machine";

    /// <summary>The address of a request, with IPv4 addresses in their own form; null in tests without a network.</summary>
    public static IPAddress? Address(this HttpContext context) => context.Connection.RemoteIpAddress is { IsIPv4MappedToIPv6: true } mapped ? mapped.MapToIPv4() : context.Connection.RemoteIpAddress;

    /// <summary>That address as text.</summary>
    public static string From(this HttpContext context) => context.Address()?.ToString() ?? "somewhere";

    /// <summary>Where a request came in.</summary>
    public static RequestOrigin Origin(this HttpContext context) => context.Items[OriginItem] is RequestOrigin origin ? origin : RequestOrigin.Unknown;

    /// <summary>Records where a request arrived, by its connection, before any proxy headers are trusted.</summary>
    public static void UseRequestOrigin(this IApplicationBuilder app, IRequestOriginResolver resolver) => app.Use((context, next) =>
    {
        context.Items[OriginItem] = resolver.Of(context);
        return next(context);
    });

    /// <summary>Adds it to the pipeline.</summary>
    public static void UseNetworkGuard(this IApplicationBuilder app, ActiveRequests presence, TimeProvider time)
    {
        app.Use((context, next) => context.Origin() switch
        {
            RequestOrigin.ThisMachine => SameOrigin(context, next),
            RequestOrigin.LocalNetwork => JoinedAsync(context, next, presence, time.GetUtcNow().ToUnixTimeMilliseconds()),
            RequestOrigin.TrustPage => TrustAsync(context, next),
            RequestOrigin.Unknown => ErrorPage.WriteAsync(context, StatusCodes.Status403Forbidden, RequestOriginResolver.IsForwarded(context.Request) ? "It came through a proxy that is not configured. Start the server with Cistern__Proxy=ADDRESS of the proxy; nothing was changed." : null),
        });
    }

    /// <summary>
    /// A browser's headers show whether a request crosses sites. Programs send no such headers, and have no cookies that another site
    /// could misuse.
    /// </summary>
    private static Task SameOrigin(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
        {
            return next(context);
        }

        var site = request.Headers["Sec-Fetch-Site"].ToString();
        var origin = request.Headers.Origin.ToString();
        var own = $"{request.Scheme}://{request.Host.Value}";
        return site is "" or "same-origin" or "none" && (origin.Length == 0 || string.Equals(origin, own, StringComparison.OrdinalIgnoreCase))
            ? next(context)
            : ErrorPage.WriteAsync(context, StatusCodes.Status403Forbidden, "It was sent by another site. Nothing was changed.");
    }

    private static async Task JoinedAsync(HttpContext context, RequestDelegate next, ActiveRequests presence, long nowMs)
    {
        // No Strict-Transport-Security: it would apply to every port of this host, including the unencrypted page.
        var store = context.RequestServices.GetRequiredService<DeviceStore>();
        var (token, byHeader) = TokenOf(context.Request);
        var known = token.Length is > 0 and <= 100 ? await store.FindAsync(token, context.RequestAborted) : null;
        if (known is not null && known.WasCopied(nowMs))
        {
            await store.RevokeCopiedAsync(known.Device.Id, context.From(), nowMs, CancellationToken.None);
            presence.Revoke(known.Device.Id);
            presence.Copied = known.Device.Name;
            known = null;
        }

        // A program's token opens no pages, and a page's cookie is not valid for programs.
        if (known is not { Device: var device } || byHeader != (device.Role == DeviceRole.Instrument))
        {
            await StrangerAsync(context, next, shown: token.Length > 0 && !byHeader);
            return;
        }

        context.Items[DeviceItem] = device;
        if (!RoleRules.Allow(device.Role, context.Request.Method, context.Request.Path))
        {
            await ErrorPage.WriteAsync(context, StatusCodes.Status403Forbidden, $"This device is {Data.Devices.Device.Called(device.Role)} here, and may not do that. The owner of the bench can change it under Devices.");
            return;
        }

        await UpdateDeviceAsync(context, store, known, presence, nowMs);
        if (!await presence.RunAsync(device.Id, context, answered => SameOrigin(answered, next)))
        {
            await StrangerAsync(context, next, shown: !byHeader);
        }
    }

    /// <summary>Updates when a device was last seen and replaces an old token. A full disk does not prevent reading.</summary>
    private static async Task UpdateDeviceAsync(HttpContext context, DeviceStore store, KnownToken known, ActiveRequests presence, long nowMs)
    {
        var device = known.Device;
        try
        {
            if (presence.IsSeenUpdateDue(device.Id, nowMs))
            {
                await store.SeenAsync(device.Id, nowMs, context.RequestAborted);
            }

            if (device.Role != DeviceRole.Instrument && await store.RotateTokenAsync(known, mayGive: HttpMethods.IsGet(context.Request.Method), nowMs, context.RequestAborted) is { } newer)
            {
                SetToken(context, newer);
            }
        }
        catch (Exception error) when (error is SqliteException or IOException)
        {
            context.RequestServices.GetService<ILoggerFactory>()?.CreateLogger(nameof(NetworkGuard)).LogWarning(error, "Could not save when device {Device} was last seen.", device.Name);
        }
    }

    /// <summary>Gives a device its token.</summary>
    public static void SetToken(HttpContext context, string token) => context.Response.Cookies.Append(Cookie, token, new CookieOptions
    {
        HttpOnly = true,
        Secure = true,
        SameSite = SameSiteMode.Strict,
        IsEssential = true,
        Path = "/",
        MaxAge = TimeSpan.FromDays(400),
    });

    /// <summary>Removes a device's token and everything its browser stored of this application.</summary>
    public static void RemoveToken(HttpContext context)
    {
        context.Response.Cookies.Delete(Cookie, new CookieOptions { Secure = true, Path = "/" });
        context.Response.Headers["Clear-Site-Data"] = "\"cache\", \"storage\"";
    }

    /// <summary>
    /// Shows the page that asks for a code at every address, so that a stranger learns nothing. A device with an invalid token is told
    /// to delete what it stored.
    /// </summary>
    private static Task StrangerAsync(HttpContext context, RequestDelegate next, bool shown)
    {
        var request = context.Request;
        if (IsJoining(request.Path) || IsPublicFile(request))
        {
            return SameOrigin(context, next);
        }

        if (shown)
        {
            RemoveToken(context);
        }

        if (HttpMethods.IsGet(request.Method) && request.Headers.Accept.ToString().Contains("text/html", StringComparison.Ordinal))
        {
            context.Response.Redirect(JoinPath);
            return Task.CompletedTask;
        }

        return ErrorPage.WriteAsync(context, StatusCodes.Status401Unauthorized, "This device is not connected. Open Cistern's first page here, and it asks for the code.");
    }

    /// <summary>Whether this is the page that asks for the code, under either of its addresses.</summary>
    public static bool IsJoining(PathString path) => path.Equals(JoinPath, StringComparison.OrdinalIgnoreCase) || path.Equals(EarlierJoinPath, StringComparison.OrdinalIgnoreCase);

    private static Task TrustAsync(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        if (HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method))
        {
            if (request.Path == "/" || request.Path.Equals(TrustPath, StringComparison.OrdinalIgnoreCase))
            {
                request.Path = TrustPath;
                return next(context);
            }

            if (request.Path == "/authority.crt")
            {
                context.Response.ContentType = "application/x-x509-ca-cert";
                return context.Response.Body.WriteAsync(context.RequestServices.GetRequiredService<MachineCertificates>().AuthorityDer, context.RequestAborted).AsTask();
            }

            if (IsPublicFile(request))
            {
                return next(context);
            }
        }

        return ErrorPage.WriteAsync(context, StatusCodes.Status404NotFound);
    }

    private static bool IsPublicFile(HttpRequest request) => HttpMethods.IsGet(request.Method) && PublicFiles.Any(one => (request.Path.Value ?? "").StartsWith(one, StringComparison.Ordinal));

    private static (string Token, bool ByHeader) TokenOf(HttpRequest request)
    {
        var header = request.Headers[Header].ToString();
        return header.Length > 0 ? (header.Trim(), true) : (request.Cookies[Cookie] ?? "", false);
    }
}
