using System.Collections.Concurrent;
using System.Globalization;
using Cistern.Application.House;
using Cistern.Application.Imports;
using Cistern.Core.Recipes;
using Cistern.Data.Files;

namespace Cistern.Web.Pages.Files;

/// <summary>How far a lot of files is taken in.</summary>
/// <param name="Done">Brews worked out.</param>
/// <param name="Of">Of how many.</param>
/// <param name="ImportId">Its number, once it is kept.</param>
/// <param name="Problem">Why it was not, in words.</param>
public sealed record ImportRun(int Done, int Of, int? ImportId, string? Problem)
{
    /// <summary>Whether it is still going on.</summary>
    public bool Runs => ImportId is null && Problem is null;
}

/// <summary>What a lot of files would bring.</summary>
/// <param name="Files">The files.</param>
/// <param name="Items">Everything in them, and what becomes of it.</param>
/// <param name="Findings">What was found, each with its file; where one is an error nothing is taken.</param>
/// <param name="Brews">Its brews and recipes.</param>
/// <param name="Shelf">Its things of the shelf.</param>
public sealed record ImportPreview(IReadOnlyList<IncomingFile> Files, IReadOnlyList<ImportItem> Items, IReadOnlyList<(string File, Finding Finding)> Findings, ImportLook Brews, ShelfLook Shelf)
{
    /// <summary>Whether all of it can be taken.</summary>
    public bool Good => Findings.All(one => one.Finding.Severity != Severity.Error);

    /// <summary>How many are new, known, or here otherwise.</summary>
    public int Count(ImportFate fate) => Items.Count(item => item.Fate == fate);
}

/// <summary>Takes lots of files in beside the pages: one at a time, told how far it is.</summary>
/// <param name="scopes">Makes what one needs.</param>
/// <param name="time">What time it is.</param>
/// <param name="log">Where it is told what was taken in, and what broke.</param>
public sealed class ImportRuns(IServiceScopeFactory scopes, TimeProvider time, ILogger<ImportRuns> log) : IDisposable
{
    private readonly ConcurrentDictionary<Guid, ImportRun> runs = [];
    private readonly SemaphoreSlim one = new(1);

    /// <summary>How far a lot is; null where it was not begun.</summary>
    public ImportRun? Of(Guid lot) => runs.GetValueOrDefault(lot);

    /// <summary>Looks at a lot; null where there is none.</summary>
    public static async Task<ImportPreview?> LookAsync(IServiceProvider services, Guid lot, CancellationToken ct)
    {
        if (await services.GetRequiredService<ImportStaging>().ReadAsync(lot, ct) is not { } files)
        {
            return null;
        }

        var brews = await services.GetRequiredService<ImportStore>().LookAsync(files, ct);
        var shelf = await services.GetRequiredService<ShelfCarrier>().LookAsync(files, ct);
        var findings = files.SelectMany(file => file.Findings.Select(finding => (file.Name, finding))).Concat(shelf.Findings.Select(finding => (files.First(file => file.Things.Count > 0).Name, finding))).ToList();
        return new ImportPreview(files, [.. brews.Items, .. shelf.Items], findings, brews, shelf);
    }

    /// <summary>Begins to take a lot in; one that was begun goes on.</summary>
    /// <param name="lot">The lot.</param>
    /// <param name="by">Who takes it in.</param>
    /// <param name="withChanged">Whether brews that are here otherwise become what their files say.</param>
    /// <returns>It, to be waited for if it is soon over.</returns>
    public Task BeginAsync(Guid lot, string by, bool withChanged) =>
        runs.TryAdd(lot, new ImportRun(0, 0, null, null)) ? Task.Run(() => RunAsync(lot, by, withChanged)) : Task.CompletedTask;

    /// <inheritdoc/>
    public void Dispose() => one.Dispose();

    private async Task RunAsync(Guid lot, string by, bool withChanged)
    {
        await one.WaitAsync();
        try
        {
            await using var scope = scopes.CreateAsyncScope();
            var services = scope.ServiceProvider;
            if (await LookAsync(services, lot, CancellationToken.None) is not { Good: true } look)
            {
                runs[lot] = new ImportRun(0, 0, null, "Its files are not there any more, or are not as they were: choose them again.");
                return;
            }

            var carrier = services.GetRequiredService<ShelfCarrier>();
            var progress = new Told(far => runs[lot] = new ImportRun(far.Done, far.Of, null, null));
            var what = string.Join(", ", look.Files.Select(file => file.Name));
            what = what.Length > 200 ? what[..199] + "…" : what;
            var id = await services.GetRequiredService<ImportStore>().TakeAsync(look.Brews, what, by, withChanged, ct => carrier.TakeAsync(look.Shelf.Fresh, ct), progress, CancellationToken.None);
            // It is kept: whatever breaks from here on does not unsay it.
            runs[lot] = new ImportRun(look.Brews.NewBrews.Count, look.Brews.NewBrews.Count, id, null);
            services.GetRequiredService<ImportStaging>().Remove(lot);
            await services.GetRequiredService<DeviceStore>().RecordAsync($"Imported: {what}.", by, time.GetUtcNow().ToUnixTimeMilliseconds(), CancellationToken.None);
            log.LogInformation("Imported by {By}: {What}, import {Import}.", by, what, id.ToString(CultureInfo.InvariantCulture));
        }
        catch (Exception error) when (error is not OutOfMemoryException)
        {
            log.LogError(error, "Unhandled exception in an import.");
            // What had been written of it was taken back, or is at the next start.
            runs[lot] = runs[lot] is { ImportId: not null } kept ? kept : new ImportRun(0, 0, null, "It broke off, and nothing of it was kept. The log says why; try it again, or with fewer files.");
        }
        finally
        {
            one.Release();
        }
    }

    /// <summary>Tells at once, on whatever thread: .NET's own would tell later and out of order.</summary>
    private sealed class Told(Action<(int Done, int Of)> tell) : IProgress<(int Done, int Of)>
    {
        public void Report((int Done, int Of) value) => tell(value);
    }
}
