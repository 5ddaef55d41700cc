namespace Cistern.Web.Pages.Brewing;

/// <summary>
/// For every brew with readings, does what no further reading would trigger: detects steps in the last readings, and merges the pieces
/// of a finished brew.
/// </summary>
/// <param name="services">The application's services.</param>
/// <param name="readers">The live readings.</param>
/// <param name="time">The clock.</param>
/// <param name="log">The log for exceptions.</param>
internal sealed class LiveReadingsCleanup(IServiceProvider services, LiveReadings readers, TimeProvider time, ILogger<LiveReadingsCleanup> log) : BackgroundTask(TimeSpan.FromMilliseconds(500), time, log)
{
    /// <inheritdoc/>
    protected override async Task RunOnceAsync(CancellationToken ct)
    {
        var heard = readers.Brews;
        if (heard.Count == 0)
        {
            return;
        }

        await using var scope = services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<CisternDb>();
        var readings = scope.ServiceProvider.GetRequiredService<ReadingStore>();
        var under = await db.Brews.Where(brew => heard.Contains(brew.Id) && brew.State == BrewState.Running).Select(brew => brew.Id).ToListAsync(ct);
        foreach (var id in heard)
        {
            await (under.Contains(id) ? readings.DetectDueAsync(id) : readings.MergeAsync(id));
        }
    }
}
