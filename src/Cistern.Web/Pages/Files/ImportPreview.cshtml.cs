using Microsoft.AspNetCore.RateLimiting;

namespace Cistern.Web.Pages.Files;

/// <summary>Shows what an import would do (new, known, changed, refused), and then its progress.</summary>
[EnableRateLimiting(Limits.Imports)]
public sealed class ImportPreviewModel(ImportRuns runs, ImportStaging staging, BaristaContext baristaContext) : PageModel
{
    /// <summary>The most items that are listed.</summary>
    public const int MaxListed = 200;

    /// <summary>Within this time an import is usually complete, so that no progress needs to be shown.</summary>
    private static readonly TimeSpan UsuallyDoneWithin = TimeSpan.FromSeconds(1.5);

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The uploaded files, by their key.</summary>
    public Guid ImportKey { get; private set; }

    /// <summary>What it would do; null while it is running.</summary>
    public ImportPreview? Preview { get; private set; }

    /// <summary>How far it is; null before.</summary>
    public ImportRun? Run { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(Guid importKey, CancellationToken ct)
    {
        ImportKey = importKey;
        Run = runs.Of(importKey);
        if (Run is { ImportId: { } id })
        {
            return Redirect(FormattableString.Invariant($"/files?taken={id}#taken-in"));
        }

        if (Run is { Runs: true })
        {
            Response.Headers["Refresh"] = "1";
            return Page();
        }

        Preview = await ImportRuns.LookAsync(HttpContext.RequestServices, importKey, ct);
        if (Preview is null)
        {
            return NotFound();
        }

        Response.StatusCode = Preview.Good ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    /// <summary>Takes it in.</summary>
    public async Task<IActionResult> OnPostAsync(Guid importKey, CancellationToken ct)
    {
        var by = (await baristaContext.BaristaAsync(ct))?.Name ?? "";
        await Task.WhenAny(runs.BeginAsync(importKey, by, Request.Form.Value("with-changed") == "yes"), Task.Delay(UsuallyDoneWithin, ct));
        return Redirect(FormattableString.Invariant($"/files/in/{importKey:N}"));
    }

    /// <summary>Deletes the upload.</summary>
    public IActionResult OnPostLeave(Guid importKey)
    {
        staging.Remove(importKey);
        return Redirect("/files");
    }
}
