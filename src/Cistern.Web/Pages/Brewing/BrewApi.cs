using System.Text.Json;

namespace Cistern.Web.Pages.Brewing;

/// <summary>The API for running brews, used by any open page, also by one that was loaded without the network.</summary>
internal static class BrewApi
{
    /// <summary>The largest request body: some two hundred entries.</summary>
    private const int MaxBodyBytes = 64 * 1024;

    /// <summary>The most entries in one request.</summary>
    private const int MaxBatch = 200;

    /// <summary>Draws it.</summary>
    public static void MapBrews(this WebApplication app)
    {
        app.MapGet("/api/under-way", UnderWayAsync)
            .WithName("under-way")
            .WithSummary("The running brews with their entries.")
            .WithDescription("?known=1.89ABCDEF,2.01234567 omits the plans of brews whose version is known.");
        app.MapPost("/api/brews/{id:int}/entries", EntriesAsync)
            .WithName("entries")
            .WithSummary("Receives entries of a brew, in any order; each is stored once.")
            .WithDescription($"An array of entries: id (a UUID made by the device), kind ({string.Join(", ", Words<EntryKind>.All)}), step (from 0), atMs (UTC milliseconds by the server's clock; null for now), undoes (the id an undo takes back). From Cistern's own pages only.")
            .Accepts<PageEntry[]>("application/json")
            .DisableAntiforgery();
    }

    private static async Task<IResult> UnderWayAsync(string? known, CisternDb db, BaristaContext baristaContext, ForecastModel model, BrewStore store, CancellationToken ct)
    {
        var have = (known ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries).ToHashSet(StringComparer.Ordinal);
        var brews = await BaristaContext.RunningOf(db).Include(brew => brew.Entries).ToListAsync(ct);
        var starts = await store.StartTimesAsync([.. brews.Where(brew => brew.StartedAtMs is null).Select(brew => brew.Id)], ct);
        var told = new List<PageBrew>();
        foreach (var brew in brews.Where(brew => brew.IsReadable()))
        {
            var plan = brew.ModelOf(model).Figures(brew.Recipe());
            // A brew that needs no more presses ends when it is looked at.
            if (!brew.Run(plan, baristaContext.NowMs).Finished || !await store.EndIfOverAsync(brew.Id))
            {
                told.Add(PageBrew.Of(brew, have.Contains(FormattableString.Invariant($"{brew.Id}.{PageBrew.VersionOf(brew)}")) ? null : PagePlan.Of(plan, await baristaContext.FormatOfAsync(brew.VesselName, ct)), starts.TryGetValue(brew.Id, out var atMs) ? atMs : null));
            }
        }

        return Answer(baristaContext, told, null);
    }

    private static async Task<IResult> EntriesAsync(int id, HttpContext context, CisternDb db, BaristaContext baristaContext, BrewStore store, CancellationToken ct)
    {
        if (!FromHere(context.Request))
        {
            return Refuse(StatusCodes.Status403Forbidden, "Entries are taken from Cistern's own pages only, as JSON.");
        }

        if (await ReadAsync(context.Request, ct) is not var (sent, unread))
        {
            return Refuse(StatusCodes.Status422UnprocessableEntity, $"Send an array of at most {MaxBatch} entries, as described at /openapi/v1.json.");
        }

        IReadOnlyList<EntryOutcome>? outcomes;
        try
        {
            outcomes = await store.ReceiveAsync(id, sent, (await baristaContext.BaristaAsync(ct))?.Name ?? "", ct);
        }
        catch (UnreadableException error)
        {
            return Refuse(StatusCodes.Status409Conflict, error.Message);
        }

        if (outcomes is null)
        {
            return Refuse(StatusCodes.Status404NotFound, $"There is no brew {id}.");
        }

        var brew = await db.Brews.AsNoTracking().Include(row => row.Entries).FirstAsync(row => row.Id == id, ct);
        return Answer(baristaContext, [PageBrew.Of(brew, null, (await store.StartTimesAsync(brew.StartedAtMs is null ? [id] : [], ct)).TryGetValue(id, out var atMs) ? atMs : null)], WordOf(brew, unread ? [.. outcomes, EntryOutcome.Refused] : outcomes));
    }

    /// <summary>A message about entries that were sent, or null.</summary>
    public static string? WordOf(Brew brew, IEnumerable<EntryOutcome> outcomes) =>
        brew.State == BrewState.Abandoned ? "This brew was abandoned. Your press is saved as a note and changes nothing."
        : outcomes.Contains(EntryOutcome.Refused) ? "That press could not be read. Nothing was changed."
        : outcomes.Contains(EntryOutcome.WithoutEffect) ? "That was already pressed on another screen. This is the current state."
        : null;

    private static IResult Refuse(int status, string remedy) =>
        Results.Json(new { findings = new[] { FindingKinds.EntriesRefused.At("", remedy) } }, PageBrew.Json, statusCode: status);

    private static IResult Answer(BaristaContext baristaContext, IReadOnlyList<PageBrew> brews, string? message) =>
        Results.Json(new { nowMs = baristaContext.NowMs, brews, message }, PageBrew.Json);

    /// <summary>
    /// Only this application's pages can send JSON: another site's page would need a CORS preflight, which is never allowed. The
    /// browser's origin headers are checked as well.
    /// </summary>
    private static bool FromHere(HttpRequest request) =>
        request.HasJsonContentType() && OwnPages.IsSameOrigin(request);

    /// <summary>Reads the entries that are valid, and whether any were not: a device must be able to drop an invalid entry without losing the others.</summary>
    private static async Task<(IReadOnlyList<SentEntry> Sent, bool Unread)?> ReadAsync(HttpRequest request, CancellationToken ct)
    {
        var buffer = new byte[MaxBodyBytes + 1];
        var length = await request.Body.ReadAtLeastAsync(buffer, buffer.Length, throwOnEndOfStream: false, ct);
        if (length > MaxBodyBytes)
        {
            return null;
        }

        try
        {
            using var body = JsonDocument.Parse(buffer.AsMemory(0, length));
            if (body.RootElement.ValueKind != JsonValueKind.Array || body.RootElement.GetArrayLength() > MaxBatch)
            {
                return null;
            }

            var read = body.RootElement.EnumerateArray().Select(Read).ToList();
            return ([.. read.OfType<SentEntry>()], read.Contains(null));
        }
        catch (JsonException)
        {
            return null;
        }
    }

    private static SentEntry? Read(JsonElement element)
    {
        try
        {
            return element.Deserialize<PageEntry>(PageBrew.Json) is { } entry && entry.Id != Guid.Empty && Words<EntryKind>.Find(entry.Kind) is { } kind
                ? new SentEntry(entry.Id, kind, entry.Step, entry.AtMs, entry.Undoes)
                : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
