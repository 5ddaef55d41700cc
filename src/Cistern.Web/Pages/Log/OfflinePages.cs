namespace Cistern.Web.Pages.Log;

/// <summary>A page that a device stores for use without the network.</summary>
/// <param name="Path">Its address.</param>
/// <param name="Stamp">Changes when the page changes; null where it must be loaded each time.</param>
internal sealed record OfflinePage(string Path, long? Stamp);

/// <summary>Lists the pages that a device stores: the frame, the running brews and the latest of the log.</summary>
internal static class OfflinePages
{
    /// <summary>So many of the log's last.</summary>
    public const int OfTheLog = 50;

    private static readonly string[] Frame = ["/", "/plan", "/brew", "/log", "/shelf", "/help"];

    /// <summary>Maps the list of these pages.</summary>
    public static void MapOfflinePages(this WebApplication app) => app.MapGet("/api/keep", AllAsync)
        .WithName("keep")
        .WithSummary("The pages that a device stores for use without network, each with a stamp that changes with its content.");

    private static async Task<IResult> AllAsync(CisternDb db, CancellationToken ct)
    {
        var running = await BaristaContext.RunningOf(db).Select(brew => brew.Id).ToListAsync(ct);
        var log = await db.LogRows.AsNoTracking().Where(row => row.Stands).OrderByDescending(row => row.OpenedAtMs).ThenByDescending(row => row.BrewId).Take(OfTheLog)
            .Select(row => new { row.BrewId, row.Seq }).ToListAsync(ct);
        return Results.Json(new
        {
            pages = Frame.Select(path => new OfflinePage(path, null))
                .Concat(running.Select(id => new OfflinePage(string.Create(CultureInfo.InvariantCulture, $"/brew/{id}"), null)))
                .Concat(log.Select(row => new OfflinePage(string.Create(CultureInfo.InvariantCulture, $"/log/{row.BrewId}"), row.Seq))),
        });
    }
}
