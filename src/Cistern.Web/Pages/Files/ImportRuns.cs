using System.Collections.Concurrent;

namespace Cistern.Web.Pages.Files;

/// <summary>The progress of an import.</summary>
/// <param name="Done">Number of brews computed.</param>
/// <param name="Of">Of how many.</param>
/// <param name="ImportId">Its id, once it is saved.</param>
/// <param name="Problem">Why it failed, in words.</param>
public sealed record ImportRun(int Done, int Of, int? ImportId, string? Problem)
{
    /// <summary>Whether it is still going on.</summary>
    public bool Runs => ImportId is null && Problem is null;
}

/// <summary>What an import would do.</summary>
/// <param name="Files">The files.</param>
/// <param name="Items">Everything in the files, and what the import does with it.</param>
/// <param name="Findings">The findings, with their files; where one is an error nothing is imported.</param>
/// <param name="Brews">Its brews and recipes.</param>
/// <param name="Shelf">Its things for the shelf.</param>
public sealed record ImportPreview(IReadOnlyList<IncomingFile> Files, IReadOnlyList<ImportItem> Items, IReadOnlyList<(string File, Finding Finding)> Findings, BrewImportPreview Brews, ShelfImportPreview Shelf)
{
    /// <summary>Whether all of it can be taken.</summary>
    public bool Good => Findings.All(one => one.Finding.Severity != Severity.Error);

    /// <summary>How many items are new, known, or different.</summary>
    public int Count(ImportAction action) => Items.Count(item => item.Action == action);
}

/// <summary>Runs imports in the background, one at a time, with their progress.</summary>
/// <param name="scopes">Creates services.</param>
/// <param name="time">What time it is.</param>
/// <param name="log">Records what was imported, and exceptions.</param>
public sealed class ImportRuns(IServiceScopeFactory scopes, TimeProvider time, ILogger<ImportRuns> log) : IDisposable
{
    private readonly ConcurrentDictionary<Guid, ImportRun> runs = [];
    private readonly SemaphoreSlim one = new(1);

    /// <summary>The progress of an import; null where it was not started.</summary>
    public ImportRun? Of(Guid importKey) => runs.GetValueOrDefault(importKey);

    /// <summary>What an import would do; null where its files do not exist.</summary>
    public static async Task<ImportPreview?> LookAsync(IServiceProvider services, Guid importKey, CancellationToken ct)
    {
        if (await services.GetRequiredService<ImportStaging>().ReadAsync(importKey, ct) is not { } files)
        {
            return null;
        }

        var brews = await services.GetRequiredService<ImportStore>().PreviewAsync(files, ct);
        var shelf = await services.GetRequiredService<ShelfTransfer>().PreviewAsync(files, ct);
        var findings = files.SelectMany(file => file.Findings.Select(finding => (file.Name, finding))).Concat(shelf.Findings.Select(finding => (files.First(file => file.Things.Count > 0).Name, finding))).ToList();
        return new ImportPreview(files, [.. brews.Items, .. shelf.Items], findings, brews, shelf);
    }

    /// <summary>Starts an import, or continues to run it.</summary>
    /// <param name="importKey">The key of the uploaded files.</param>
    /// <param name="by">Who takes it in.</param>
    /// <param name="withChanged">Whether brews that exist here and differ are replaced.</param>
    /// <returns>A task to wait for a short import.</returns>
    public Task BeginAsync(Guid importKey, string by, bool withChanged) =>
        runs.TryAdd(importKey, new ImportRun(0, 0, null, null)) ? Task.Run(() => RunAsync(importKey, by, withChanged)) : Task.CompletedTask;

    /// <inheritdoc/>
    public void Dispose() => one.Dispose();

    private async Task RunAsync(Guid importKey, string by, bool withChanged)
    {
        await one.WaitAsync();
        try
        {
            await using var scope = scopes.CreateAsyncScope();
            var services = scope.ServiceProvider;
            if (await LookAsync(services, importKey, CancellationToken.None) is not { Good: true } look)
            {
                runs[importKey] = new ImportRun(0, 0, null, "Its files were deleted or changed: choose them again.");
                return;
            }

            var carrier = services.GetRequiredService<ShelfTransfer>();
            var what = string.Join(", ", look.Files.Select(file => file.Name));
            what = what.Length > 200 ? what[..199] + "…" : what;
            var id = await services.GetRequiredService<ImportStore>().ImportAsync(look.Brews, what, by, withChanged, () => carrier.Add(look.Shelf.Fresh), (done, of) => runs[importKey] = new ImportRun(done, of, null, null), CancellationToken.None);
            // The import is saved; a later exception does not change that.
            runs[importKey] = new ImportRun(look.Brews.NewBrews.Count, look.Brews.NewBrews.Count, id, null);
            services.GetRequiredService<ImportStaging>().Remove(importKey);
            await services.GetRequiredService<DeviceStore>().RecordAsync($"Imported: {what}.", by, time.GetUtcNow().ToUnixTimeMilliseconds(), CancellationToken.None);
            log.LogInformation("Imported by {By}: {What}, import {Import}.", by, what, id.ToString(CultureInfo.InvariantCulture));
        }
        catch (Exception error) when (error is not OutOfMemoryException)
        {
            log.LogError(error, "Unhandled exception in an import.");
            // What had been written was undone, or will be at the next start.
            runs[importKey] = runs[importKey] is { ImportId: not null } kept ? kept : new ImportRun(0, 0, null, "It failed, and nothing of it was saved. The server's log says why; try again, or with fewer files.");
        }
        finally
        {
            one.Release();
        }
    }
}
