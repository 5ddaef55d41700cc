using Cistern.Application.House;
using Cistern.Web.Frame;
using Cistern.Web.House;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.RateLimiting;

namespace Cistern.Web.Pages.Devices;

/// <summary>The one page a device sees that is not paired: it asks for the code.</summary>
[EnableRateLimiting(Limits.Joining)]
public sealed class PairModel(DeviceJoin desk, DeviceStore devices, Presence presence, TimeProvider time) : PageModel
{
    /// <summary>The code as it was typed, or came with the picture.</summary>
    public string Code { get; private set; } = "";

    /// <summary>What the device is to be called.</summary>
    public string Name { get; private set; } = "";

    /// <summary>What will not do; null while nothing was tried.</summary>
    public string? Problem { get; private set; }

    /// <summary>Shows the page, with the code of a picture in its field.</summary>
    public IActionResult OnGet(string? code)
    {
        if (HttpContext.Door() != Door.House || HttpContext.Device() is not null)
        {
            // Whoever is in needs no code.
            return Redirect("/");
        }

        Code = code is { Length: <= 12 } ? code : "";
        return Page();
    }

    /// <summary>A paired device goes of its own accord: whoever lends it or sells it need not find the owner.</summary>
    public async Task<IActionResult> OnPostLeaveAsync(CancellationToken ct)
    {
        if (HttpContext.Device() is { } device && await devices.RevokeAsync(device.Id, device.Name, time.GetUtcNow().ToUnixTimeMilliseconds(), ct))
        {
            HouseGuard.Take(HttpContext);
            // Not this answer: it has still to tell the device to let its token go.
            HttpContext.Response.OnCompleted(() =>
            {
                presence.Revoke(device.Id);
                return Task.CompletedTask;
            });
        }

        return Redirect("/pair");
    }

    /// <summary>Tries a code.</summary>
    public async Task<IActionResult> OnPostAsync(CancellationToken ct)
    {
        if (HttpContext.Door() != Door.House || HttpContext.Device() is not null)
        {
            return Redirect("/");
        }

        (Code, Name) = (Request.Form.Value("code") ?? "", (Request.Form.Value("name") ?? "").Trim());
        if (DeviceStore.NameProblem(Name) is { } problem)
        {
            // Looked at first: a code is good once, and a name that will not do must not cost it.
            Problem = Name.Length == 0 ? "Say what this device is called; the owner sees it in the list." : problem;
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        var nowMs = time.GetUtcNow().ToUnixTimeMilliseconds();
        switch (desk.Try(Code, HttpContext.From(), out var role))
        {
            case Tried.Good:
                var (_, token) = await devices.PairAsync(Name, role, "the code", nowMs, ct);
                HouseGuard.Give(HttpContext, token);
                return Redirect("/");
            case Tried.JustShut:
                // Once a shutting: a script that goes on must not fill the record until what matters has gone from it.
                await devices.RecordAsync("Too many wrong codes: pairing was shut for five minutes.", HttpContext.From(), nowMs, ct);
                goto case Tried.Shut;
            case Tried.Shut:
                Problem = "Too many wrong codes. None is looked at for five minutes; then ask for a new one on the bench.";
                Response.StatusCode = StatusCodes.Status429TooManyRequests;
                return Page();
            default:
                Problem = "That is not the code that is good now. A code is good once, and for five minutes.";
                Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
                return Page();
        }
    }
}
