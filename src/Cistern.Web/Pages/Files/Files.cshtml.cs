using Cistern.Web.Pages.Log;
using Microsoft.AspNetCore.RateLimiting;

namespace Cistern.Web.Pages.Files;

/// <summary>Exports and imports of open files.</summary>
[RequestSizeLimit(MaxUploadBytes)]
[EnableRateLimiting(Limits.Imports)]
public sealed class FilesModel(LogStore log, ImportStore imports, DeviceStore devices, ImportStaging staging, BaristaContext baristaContext) : PageModel
{
    /// <summary>The largest upload, bytes.</summary>
    public const int MaxUploadBytes = 32 * 1024 * 1024;

    /// <summary>The most files at once.</summary>
    public const int MaxFiles = 200;

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>What of the log goes out.</summary>
    public LogQuery Query { get; private set; } = new();

    /// <summary>How many brews that are.</summary>
    public int Found { get; private set; }

    /// <summary>More brews than this make a file too large to import: a brew is some 20 kB.</summary>
    public const int MaxReimports = 1_500;

    /// <summary>Earlier imports, newest first.</summary>
    public IReadOnlyList<Import> Imports { get; private set; } = [];

    /// <summary>The id of the import just made.</summary>
    public int? Taken { get; private set; }

    /// <summary>A code, as it was read or pasted.</summary>
    public Field Code { get; private set; } = new("code", "Its text", "") { Kind = "area", MaxLength = CodeText.MaxLength, Hint = $"begins with {CodeText.Mark}" };

    /// <summary>What is wrong with what was sent.</summary>
    public string? Problem { get; private set; }

    /// <summary>Shows the page.</summary>
    public Task OnGetAsync(int? taken, CancellationToken ct)
    {
        Taken = taken;
        return LoadAsync(ct);
    }

    /// <summary>Takes files to be looked at.</summary>
    public async Task<IActionResult> OnPostLookAsync(List<IFormFile> files, CancellationToken ct)
    {
        var sent = files.Where(file => file.Length > 0).ToList();
        if (sent.Count is 0 or > MaxFiles)
        {
            Problem = sent.Count == 0 ? "Choose a file first: one with something in it." : $"{MaxFiles} files at once are the most.";
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            await LoadAsync(ct);
            return Page();
        }

        return Redirect($"/files/in/{await staging.StoreAsync(sent, ct):N}");
    }

    /// <summary>Takes a code to be looked at.</summary>
    public async Task<IActionResult> OnPostCodeAsync(string? code, CancellationToken ct)
    {
        var (json, problem) = CodeText.Read(code ?? "");
        if (json is null)
        {
            Code = Code with { Text = code is { Length: > CodeText.MaxLength } ? "" : Core.Recipes.PlainText.Seen(code ?? ""), Problem = problem };
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            await LoadAsync(ct);
            return Page();
        }

        return Redirect($"/files/in/{await staging.StoreAsync("a code", json, ct):N}");
    }

    /// <summary>Takes an import back.</summary>
    public async Task<IActionResult> OnPostUndoAsync(int import, CancellationToken ct)
    {
        if (!await imports.UndoAsync(import, (db, name) => ShelfTransfer.DeleteAsync(db, name, baristaContext.NowMs)))
        {
            return NotFound();
        }

        await devices.RecordAsync(string.Create(CultureInfo.InvariantCulture, $"What was imported as number {import} was undone."), HttpContext.Asker(), baristaContext.NowMs, ct);
        return Redirect("/files#taken-in");
    }

    private async Task LoadAsync(CancellationToken ct)
    {
        Query = LogQueries.Of(Request.Query);
        Found = (await log.FindAsync(Query, ct)).Rows.Count;
        Imports = await imports.AllAsync(ct);
    }
}
