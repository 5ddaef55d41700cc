using System.Net;
using Cistern.Application.House;
using Cistern.Data.House;
using Cistern.Web.Frame;
using Microsoft.Data.Sqlite;

namespace Cistern.Web.House;

/// <summary>
/// Stands before every page, file and interface: what comes from the house's network is answered only to devices that were
/// paired, and only what their role may ask for. What is written has to come from these pages themselves.
/// </summary>
public static class HouseGuard
{
    /// <summary>The cookie that holds a device's token. Its name binds it to this host, encrypted, and to all of its paths.</summary>
    public const string Cookie = "__Host-cistern-device";

    /// <summary>The header that holds an instrument's token; the token of the brew it reads goes where it always goes.</summary>
    public const string Header = "X-Cistern-Device";

    /// <summary>Where a device asks to be let in.</summary>
    public const string PairPath = "/pair";

    /// <summary>Where it is said how to trust this bench.</summary>
    public const string TrustPath = "/trust";

    private const string DeviceItem = "cistern-device";
    private const string DoorItem = "cistern-door";

    /// <summary>What the two pages for strangers need to look like pages.</summary>
    private static readonly string[] Dress = ["/css/", "/lib/bulma-parts", "/lib/fonts/", "/icon"];

    /// <summary>The device a request came from; null for the bench's own screen.</summary>
    public static Device? Device(this HttpContext context) => context.Items[DeviceItem] as Device;

    /// <summary>What whoever asks may do: on the bench's own screen, everything.</summary>
    public static DeviceRole Role(this HttpContext context) => context.Device()?.Role ?? (context.Door() == House.Door.Bench ? DeviceRole.Owner : DeviceRole.Guest);

    /// <summary>Who asks, as the record calls them.</summary>
    public static string Asker(this HttpContext context) => context.Device()?.Name ?? "this bench";

    /// <summary>The address a request came from, an IPv4 one as itself also where both kinds come in at one port; null within a test, where there is no network.</summary>
    public static IPAddress? Address(this HttpContext context) => context.Connection.RemoteIpAddress is { IsIPv4MappedToIPv6: true } mapped ? mapped.MapToIPv4() : context.Connection.RemoteIpAddress;

    /// <summary>That address as it is told.</summary>
    public static string From(this HttpContext context) => context.Address()?.ToString() ?? "somewhere";

    /// <summary>Where a request came in.</summary>
    public static Door Door(this HttpContext context) => context.Items[DoorItem] is Door door ? door : House.Door.Shut;

    /// <summary>Notes where a request came in, by its connection: before anything is believed of what a proxy says.</summary>
    public static void UseDoors(this IApplicationBuilder app, IDoors doors) => app.Use((context, next) =>
    {
        context.Items[DoorItem] = doors.Of(context);
        return next(context);
    });

    /// <summary>Lays it before what comes after.</summary>
    public static void UseHouseGuard(this IApplicationBuilder app, Presence presence, TimeProvider time)
    {
        app.Use((context, next) => context.Door() switch
        {
            House.Door.Bench => SameOrigin(context, next),
            House.Door.House => PairedAsync(context, next, presence, time.GetUtcNow().ToUnixTimeMilliseconds()),
            House.Door.Trust => TrustAsync(context, next),
            _ => ErrorPage.WriteAsync(context, StatusCodes.Status403Forbidden, PortDoors.IsForwarded(context.Request) ? "It came through a proxy that is not named. Start the server with Cistern__Proxy=ADDRESS of the proxy; nothing was changed." : null),
        });
    }

    /// <summary>
    /// What another site's page sends in a browser is told by the browser: where it comes from, and that it crosses sites. A
    /// program says neither, and has nothing of a browser's to be misused.
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

    private static async Task PairedAsync(HttpContext context, RequestDelegate next, Presence presence, long nowMs)
    {
        // No Strict-Transport-Security: it would reach every port of this host, the plain page that says how to trust it too.
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

        // A program's token opens no pages, and a page's cookie is no program's.
        if (known is not { Device: var device } || byHeader != (device.Role == DeviceRole.Instrument))
        {
            await StrangerAsync(context, next, shown: token.Length > 0 && !byHeader);
            return;
        }

        context.Items[DeviceItem] = device;
        if (!HouseRules.Allow(device.Role, context.Request.Method, context.Request.Path))
        {
            await ErrorPage.WriteAsync(context, StatusCodes.Status403Forbidden, $"This device is {Data.House.Device.Called(device.Role)} here, and that is not for it. The owner of the bench can change it under Devices.");
            return;
        }

        await NoteAsync(context, store, known, presence, nowMs);
        if (!await presence.AnswerAsync(device.Id, context, answered => SameOrigin(answered, next)))
        {
            await StrangerAsync(context, next, shown: !byHeader);
        }
    }

    /// <summary>Writes down that a device was heard of, and gives it a new token where its own is old. A disk that takes nothing keeps nobody from reading.</summary>
    private static async Task NoteAsync(HttpContext context, DeviceStore store, KnownToken known, Presence presence, long nowMs)
    {
        var device = known.Device;
        try
        {
            if (presence.WorthNoting(device.Id, nowMs))
            {
                await store.SeenAsync(device.Id, nowMs, context.RequestAborted);
            }

            if (device.Role != DeviceRole.Instrument && await store.KeepUpAsync(known, mayGive: HttpMethods.IsGet(context.Request.Method), nowMs, context.RequestAborted) is { } newer)
            {
                Give(context, newer);
            }
        }
        catch (Exception error) when (error is SqliteException or IOException)
        {
            context.RequestServices.GetService<ILoggerFactory>()?.CreateLogger(nameof(HouseGuard)).LogWarning(error, "Could not save when device {Device} was last seen.", device.Name);
        }
    }

    /// <summary>Gives a device its token.</summary>
    public static void Give(HttpContext context, string token) => context.Response.Cookies.Append(Cookie, token, new CookieOptions
    {
        HttpOnly = true,
        Secure = true,
        SameSite = SameSiteMode.Strict,
        IsEssential = true,
        Path = "/",
        MaxAge = TimeSpan.FromDays(400),
    });

    /// <summary>Takes a device's token back from it, and whatever its browser kept of the bench.</summary>
    public static void Take(HttpContext context)
    {
        context.Response.Cookies.Delete(Cookie, new CookieOptions { Secure = true, Path = "/" });
        context.Response.Headers["Clear-Site-Data"] = "\"cache\", \"storage\"";
    }

    /// <summary>Nobody is told what there is: every address leads to the page that asks for a code. Whoever shows a token that is good no more is told to let go of what was kept with it.</summary>
    private static Task StrangerAsync(HttpContext context, RequestDelegate next, bool shown)
    {
        var request = context.Request;
        if (request.Path.Equals(PairPath, StringComparison.OrdinalIgnoreCase) || IsDress(request))
        {
            return SameOrigin(context, next);
        }

        if (shown)
        {
            Take(context);
        }

        if (HttpMethods.IsGet(request.Method) && request.Headers.Accept.ToString().Contains("text/html", StringComparison.Ordinal))
        {
            context.Response.Redirect(PairPath);
            return Task.CompletedTask;
        }

        return ErrorPage.WriteAsync(context, StatusCodes.Status401Unauthorized, "This device is not paired with this bench. Open its first page, and it asks for the code.");
    }

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
                return context.Response.Body.WriteAsync(context.RequestServices.GetRequiredService<HouseCertificates>().AuthorityDer, context.RequestAborted).AsTask();
            }

            if (IsDress(request))
            {
                return next(context);
            }
        }

        return ErrorPage.WriteAsync(context, StatusCodes.Status404NotFound);
    }

    private static bool IsDress(HttpRequest request) => HttpMethods.IsGet(request.Method) && Dress.Any(one => (request.Path.Value ?? "").StartsWith(one, StringComparison.Ordinal));

    private static (string Token, bool ByHeader) TokenOf(HttpRequest request)
    {
        var header = request.Headers[Header].ToString();
        return header.Length > 0 ? (header.Trim(), true) : (request.Cookies[Cookie] ?? "", false);
    }
}
