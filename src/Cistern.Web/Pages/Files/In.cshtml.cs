using Cistern.Web.Frame;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.RateLimiting;

namespace Cistern.Web.Pages.Files;

/// <summary>Files that are to be taken in, looked at: what is new, known, changed or refused; then how far they are taken.</summary>
[EnableRateLimiting(Limits.Imports)]
public sealed class InModel(ImportRuns runs, ImportStaging staging, BaristaContext bench) : PageModel
{
    /// <summary>The most things that are listed one by one.</summary>
    public const int MostListed = 200;

    /// <summary>So soon a lot is mostly taken that nobody need be shown how far it is.</summary>
    private static readonly TimeSpan Soon = TimeSpan.FromSeconds(1.5);

    /// <summary>Who is here, and what is brewing.</summary>
    public BaristaContext Bench => bench;

    /// <summary>The lot.</summary>
    public Guid Lot { get; private set; }

    /// <summary>What it would bring; null while it is taken.</summary>
    public ImportPreview? Look { get; private set; }

    /// <summary>How far it is; null before.</summary>
    public ImportRun? Run { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(Guid lot, CancellationToken ct)
    {
        Lot = lot;
        Run = runs.Of(lot);
        if (Run is { ImportId: { } id })
        {
            return Redirect(FormattableString.Invariant($"/files?taken={id}#taken-in"));
        }

        if (Run is { Runs: true })
        {
            Response.Headers["Refresh"] = "1";
            return Page();
        }

        Look = await ImportRuns.LookAsync(HttpContext.RequestServices, lot, ct);
        if (Look is null)
        {
            return NotFound();
        }

        Response.StatusCode = Look.Good ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    /// <summary>Takes it in.</summary>
    public async Task<IActionResult> OnPostAsync(Guid lot, CancellationToken ct)
    {
        var by = (await bench.BaristaAsync(ct))?.Name ?? "";
        await Task.WhenAny(runs.BeginAsync(lot, by, Request.Form.Value("with-changed") == "yes"), Task.Delay(Soon, ct));
        return Redirect(FormattableString.Invariant($"/files/in/{lot:N}"));
    }

    /// <summary>Lets go of it.</summary>
    public IActionResult OnPostLeave(Guid lot)
    {
        staging.Remove(lot);
        return Redirect("/files");
    }
}
