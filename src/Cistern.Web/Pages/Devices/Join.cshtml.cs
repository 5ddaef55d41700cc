using Microsoft.AspNetCore.RateLimiting;

namespace Cistern.Web.Pages.Devices;

/// <summary>The only page for a device that is not connected: it asks for the code.</summary>
[EnableRateLimiting(Limits.Joining)]
public sealed class JoinModel(DeviceJoin deviceJoin, DeviceStore devices, ActiveRequests presence, TimeProvider time) : PageModel
{
    /// <summary>The code as typed, or from the QR code.</summary>
    public string Code { get; private set; } = "";

    /// <summary>What the device is to be called.</summary>
    public string Name { get; private set; } = "";

    /// <summary>What is wrong; null before anything was tried.</summary>
    public string? Problem { get; private set; }

    /// <summary>Shows the page, with a QR code's code in its field.</summary>
    public IActionResult OnGet(string? code)
    {
        if (HttpContext.Origin() != RequestOrigin.LocalNetwork || HttpContext.Device() is not null)
        {
            // A connected device needs no code.
            return Redirect("/");
        }

        Code = code is { Length: <= 12 } ? code : "";
        return Page();
    }

    /// <summary>Disconnects the device itself, so that it can be lent or sold without the owner.</summary>
    public async Task<IActionResult> OnPostLeaveAsync(CancellationToken ct)
    {
        if (HttpContext.Device() is { } device && await devices.RevokeAsync(device.Id, device.Name, time.GetUtcNow().ToUnixTimeMilliseconds(), ct))
        {
            NetworkGuard.RemoveToken(HttpContext);
            // After this response, which still has to tell the device to delete its token.
            HttpContext.Response.OnCompleted(() =>
            {
                presence.Revoke(device.Id);
                return Task.CompletedTask;
            });
        }

        return Redirect(NetworkGuard.JoinPath);
    }

    /// <summary>Tries a code.</summary>
    public async Task<IActionResult> OnPostAsync(CancellationToken ct)
    {
        if (HttpContext.Origin() != RequestOrigin.LocalNetwork || HttpContext.Device() is not null)
        {
            return Redirect("/");
        }

        (Code, Name) = (Request.Form.Value("code") ?? "", (Request.Form.Value("name") ?? "").Trim());
        if (DeviceStore.NameProblem(Name) is { } problem)
        {
            // Checked first: a code can be used once, and an invalid name must not use it up.
            Problem = Name.Length == 0 ? "Give this device a name; the owner sees it in the list." : problem;
            return this.Unprocessable();
        }

        var nowMs = time.GetUtcNow().ToUnixTimeMilliseconds();
        switch (deviceJoin.Try(Code, HttpContext.From(), out var role))
        {
            case TryResult.Right:
                var (_, token) = await devices.JoinAsync(Name, role, "the code", nowMs, ct);
                NetworkGuard.SetToken(HttpContext, token);
                return Redirect("/");
            case TryResult.JustBlocked:
                // Once per block, so that a script cannot push other entries out of the record.
                await devices.RecordAsync("Too many wrong codes: connecting was blocked for five minutes.", HttpContext.From(), nowMs, ct);
                goto case TryResult.Blocked;
            case TryResult.Blocked:
                Problem = "Too many wrong codes. Wait five minutes, then ask for a new code.";
                Response.StatusCode = StatusCodes.Status429TooManyRequests;
                return Page();
            default:
                Problem = "That is not the current code. A code works once, within five minutes.";
                return this.Unprocessable();
        }
    }
}
