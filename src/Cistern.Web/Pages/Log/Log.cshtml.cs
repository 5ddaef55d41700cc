namespace Cistern.Web.Pages.Log;

/// <summary>A brew in the log: its row there, with details from the brew's own row.</summary>
/// <param name="Row">The row.</param>
/// <param name="Sparkline">Its small brew chart.</param>
/// <param name="GrindText">How it was ground.</param>
/// <param name="Note">A taster's words.</param>
public sealed record LogLine(LogRow Row, string Sparkline, string GrindText, string Note);

/// <summary>The log: all brews, newest first, with search and filters.</summary>
public sealed class LogModel(CisternDb db, LogStore log, DeviceStore record, BaristaContext baristaContext) : PageModel
{
    private const int PageSize = 25;
    private const int MaxLength = 60;

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>What is asked for.</summary>
    public LogQuery Query { get; private set; } = new();

    /// <summary>What was found.</summary>
    public LogFound Found { get; private set; } = new([], []);

    /// <summary>The brews of this page, newest first.</summary>
    public IReadOnlyList<LogLine> Lines { get; private set; } = [];

    /// <summary>The start of the next page, or null on the last.</summary>
    public string? Older { get; private set; }

    /// <summary>The searches that were kept.</summary>
    public IReadOnlyList<SavedSearch> Saved { get; private set; } = [];

    /// <summary>The brew just deleted, which can be restored.</summary>
    public (int Id, string Name)? Deleted { get; private set; }

    /// <summary>The name of a search that could not be saved, as it was typed.</summary>
    public Field Name { get; private set; } = new("name", "Save this search as", "") { MaxLength = MaxLength };

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(string? before, string? away, CancellationToken ct)
    {
        await LoadAsync(LogQueries.Of(Request.Query), before, ct);
        if (int.TryParse(away, NumberStyles.None, CultureInfo.InvariantCulture, out var id)
            && await db.Brews.AsNoTracking().Where(row => row.Id == id && row.DeletedAtMs != null).Select(row => row.Name).FirstOrDefaultAsync(ct) is { } name)
        {
            Deleted = (id, name);
        }
    }

    /// <summary>Saves the current search under a name.</summary>
    public async Task<IActionResult> OnPostKeepAsync(CancellationToken ct)
    {
        var query = LogQueries.Of(Request.Form.Value("query") ?? "");
        var name = (Request.Form.Value("name") ?? "").Trim();
        var problem = name.Length == 0 ? "Give it a name." : PlainText.Problem(name, MaxLength, lines: false) ?? (query.IsEmpty ? "Choose or type something first." : null);
        if (problem is null && !await log.SaveAsync(name, query))
        {
            problem = $"{LogStore.MaxSaved} searches are saved already: delete one first.";
        }

        if (problem is null)
        {
            return Redirect($"/log?{query}");
        }

        await LoadAsync(query, null, ct);
        Name = Name with { Text = name, Problem = problem };
        return this.Unprocessable();
    }

    /// <summary>Deletes a saved search.</summary>
    public async Task<IActionResult> OnPostForgetAsync(int search)
    {
        await log.DeleteSavedAsync(search);
        return Redirect($"/log?{LogQueries.Of(Request.Form.Value("query") ?? "")}");
    }

    /// <summary>Restores a deleted brew.</summary>
    public async Task<IActionResult> OnPostBringBackAsync(int id, CancellationToken ct) => await SetDeletedAsync(id, away: false, ct) ? Redirect($"/log/{id}") : NotFound();

    /// <summary>Takes a brew away from the log.</summary>
    public async Task<IActionResult> OnPostTakeAwayAsync(int id, CancellationToken ct) => await SetDeletedAsync(id, away: true, ct) ? Redirect($"/log?away={id}") : NotFound();

    private async Task<bool> SetDeletedAsync(int id, bool away, CancellationToken ct)
    {
        if (await log.SetDeletedAsync(id, away) is not { } name)
        {
            return false;
        }

        await record.RecordAsync($"Brew {id}, {name}, {(away ? "was deleted" : "is in the log again")}.", HttpContext.Asker(), baristaContext.NowMs, ct);
        return true;
    }

    private async Task LoadAsync(LogQuery query, string? before, CancellationToken ct)
    {
        Format = await baristaContext.FormatAsync(ct);
        Query = query;
        Found = await log.FindAsync(query, ct);
        Saved = await log.SavedAsync(ct);
        var (ms, id) = ReadPlace(before);
        var page = Found.Rows.SkipWhile(row => row.OpenedAtMs > ms || (row.OpenedAtMs == ms && row.BrewId >= id)).Take(PageSize + 1).ToList();
        Older = page.Count > PageSize ? string.Create(CultureInfo.InvariantCulture, $"{page[PageSize - 1].OpenedAtMs}.{page[PageSize - 1].BrewId}") : null;
        var rows = page.Take(PageSize).ToList();
        var ids = rows.ConvertAll(row => row.BrewId);
        var told = await db.Brews.AsNoTracking().Where(brew => ids.Contains(brew.Id))
            .Select(brew => new { brew.Id, brew.Sparkline, brew.GrindText, Note = brew.Tastings.OrderBy(tasting => tasting.Id).Select(tasting => tasting.Note).FirstOrDefault() ?? "" })
            .ToDictionaryAsync(brew => brew.Id, ct);
        Lines = [.. rows.Where(row => told.ContainsKey(row.BrewId)).Select(row => new LogLine(row, told[row.BrewId].Sparkline, told[row.BrewId].GrindText, told[row.BrewId].Note))];
    }

    private static (long Ms, int Id) ReadPlace(string? before) =>
        before?.Split('.') is [var ms, var id]
        && long.TryParse(ms, NumberStyles.None, CultureInfo.InvariantCulture, out var atMs)
        && int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out var row)
            ? (atMs, row)
            : (long.MaxValue, int.MaxValue);
}
