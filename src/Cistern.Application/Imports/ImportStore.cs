using System.Globalization;
using System.Text;

namespace Cistern.Application.Imports;

/// <summary>What an import does with an item.</summary>
public enum ImportAction
{
    /// <summary>It is not here yet.</summary>
    New,

    /// <summary>It is here already, and the same.</summary>
    Known,

    /// <summary>It exists here and differs.</summary>
    Changed,
}

/// <summary>An item of an import.</summary>
/// <param name="Kind">What it is: brew, recipe, or a kind of thing on the shelf.</param>
/// <param name="Name">Its name.</param>
/// <param name="When">When it was brewed; null for anything else.</param>
/// <param name="Action">What the import does with it.</param>
public sealed record ImportItem(string Kind, string Name, DateTimeOffset? When, ImportAction Action);

/// <summary>Brews and recipes to be imported, sorted by what the import does with them.</summary>
/// <param name="Items">All items, in the order of their files.</param>
/// <param name="NewBrews">Brews that do not exist here.</param>
/// <param name="ChangedBrews">Brews that exist here and differ.</param>
/// <param name="NewRecipes">Recipes that do not exist here.</param>
public sealed record BrewImportPreview(IReadOnlyList<ImportItem> Items, IReadOnlyList<BrewRecord> NewBrews, IReadOnlyList<BrewRecord> ChangedBrews, IReadOnlyList<Recipe> NewRecipes);

/// <summary>Imports brews and recipes: shown first, then written in batches as one import, and undone as one.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="finder">The saved plans.</param>
/// <param name="saving">The plans.</param>
/// <param name="export">Converts brews to files.</param>
/// <param name="model">The published model, with its cancellation.</param>
/// <param name="pictures">Re-encodes the pictures in a file.</param>
/// <param name="time">The clock.</param>
public sealed class ImportStore(CisternDb db, PlanFinder finder, PlanSaving saving, BrewExport export, ForecastModel model, IPictureMaker pictures, TimeProvider time)
{
    /// <summary>So many brews are asked for at once.</summary>
    private const int ReadBatchSize = 500;

    /// <summary>Brews written in one transaction: some tenths of a second in which no press can be saved.</summary>
    private const int WriteBatchSize = 50;

    /// <summary>Pause between two batches, in which waiting writers get their turn: SQLite's driver retries every 150 ms.</summary>
    private static readonly TimeSpan BetweenBatches = TimeSpan.FromMilliseconds(200);

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>What an import would do with each brew and recipe; nothing is changed.</summary>
    /// <param name="files">The files, all without errors.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<BrewImportPreview> PreviewAsync(IReadOnlyList<IncomingFile> files, CancellationToken ct)
    {
        var items = new List<ImportItem>();
        var (fresh, changed, recipes) = (new List<BrewRecord>(), new List<BrewRecord>(), new List<Recipe>());
        // Where a brew occurs more than once, the last one counts.
        var brews = files.SelectMany(file => file.Brews).Reverse().DistinctBy(brew => brew.Id).Reverse().ToList();
        foreach (var batch in brews.Chunk(ReadBatchSize))
        {
            var actions = await ActionsAsync(batch, ct);
            foreach (var brew in batch)
            {
                var action = actions[brew.Id];
                items.Add(new ImportItem("brew", brew.Planned.Name, brew.OpenedAt ?? brew.StartedAt, action));
                (action == ImportAction.New ? fresh : action == ImportAction.Changed ? changed : []).Add(brew);
            }
        }

        var kept = (await finder.RecipesAsync(ct)).Select(RecipeWriter.Write).ToHashSet(StringComparer.Ordinal);
        kept.UnionWith(RecipeLibrary.All.Select(RecipeWriter.Write));
        foreach (var recipe in files.SelectMany(file => file.Recipes))
        {
            var known = !kept.Add(RecipeWriter.Write(recipe));
            items.Add(new ImportItem("recipe", recipe.Name, null, known ? ImportAction.Known : ImportAction.New));
            if (!known)
            {
                recipes.Add(recipe);
            }
        }

        return new BrewImportPreview(items, fresh, changed, recipes);
    }

    /// <summary>Imports: everything is computed first, then written in batches, and counts when the last one is saved.</summary>
    /// <param name="preview">The items.</param>
    /// <param name="what">The files, in words.</param>
    /// <param name="by">Who imports.</param>
    /// <param name="withChanged">Whether brews that exist here and differ are replaced.</param>
    /// <param name="addOthers">Adds the other items to the context, with the last batch; returns each with the word of its kind.</param>
    /// <param name="progress">Receives how many of how many brews are computed.</param>
    /// <param name="ct">Cancels it; what was written by then is undone.</param>
    /// <returns>Its number.</returns>
    public async Task<int> ImportAsync(BrewImportPreview preview, string what, string by, bool withChanged, Func<IReadOnlyList<(string Kind, IShelved Thing)>>? addOthers, Action<int, int>? progress, CancellationToken ct)
    {
        var wanted = withChanged ? [.. preview.NewBrews, .. preview.ChangedBrews] : preview.NewBrews;
        // Everything slow is done before the transaction begins, since no press can be saved during it.
        var incoming = new List<IncomingBrew>(wanted.Count);
        foreach (var record in wanted)
        {
            ct.ThrowIfCancellationRequested();
            incoming.Add(BrewFiles.FromRecord(record, model, NowMs));
            await pictures.ReencodeAsync(incoming[^1].Brew.Pictures, ct);
            progress?.Invoke(incoming.Count, wanted.Count);
        }

        db.ChangeTracker.Clear();
        var import = new Import { AtMs = NowMs, By = by, What = what };
        db.Imports.Add(import);
        await db.SaveChangesAsync(ct);
        try
        {
            foreach (var batch in incoming.Chunk(WriteBatchSize))
            {
                await using var transaction = await db.Database.BeginTransactionAsync(ct);
                await SavePreviousAsync(import.Id, [.. batch.Select(one => one.Brew.FileId)], ct);
                await SaveAsync(batch, import.Id, ct);
                await transaction.CommitAsync(CancellationToken.None);
                await Task.Delay(BetweenBatches, ct);
            }

            await using var last = await db.Database.BeginTransactionAsync(ct);
            await LinkAsync(incoming, ct);
            var added = new List<string>();
            foreach (var id in await saving.AddAllAsync(preview.NewRecipes, "imported from a file", ct))
            {
                added.Add(string.Create(CultureInfo.InvariantCulture, $"plan.{id}"));
            }

            if (addOthers?.Invoke() is { } others)
            {
                await db.SaveChangesAsync(ct);
                added.AddRange(others.Select(one => string.Create(CultureInfo.InvariantCulture, $"{one.Kind}.{one.Thing.Id}")));
            }

            db.ChangeTracker.Clear();
            db.Attach(import);
            (import.Brought, import.SavedAtMs) = (string.Join(' ', added), NowMs);
            await db.SaveChangesAsync(ct);
            await last.CommitAsync(CancellationToken.None);
        }
        catch
        {
            await RemoveAsync(import.Id);
            throw;
        }

        db.ChangeTracker.Clear();
        return import.Id;
    }

    /// <summary>Undoes imports that were interrupted by the end of a server: they were never acknowledged.</summary>
    /// <returns>How many there were.</returns>
    public async Task<int> UndoInterruptedAsync(CancellationToken ct)
    {
        var cut = await db.Imports.Where(row => row.SavedAtMs == null && row.UndoneAtMs == null).OrderByDescending(row => row.Id).Select(row => row.Id).ToListAsync(ct);
        foreach (var id in cut)
        {
            await RemoveAsync(id);
        }

        return cut.Count;
    }

    /// <summary>
    /// Undoes an import as a whole: what it added is deleted, and what it changed becomes what it was before, with tastings, notes and
    /// measurements made since. Changes by a later import stay; undoing that one then restores what was before this one.
    /// </summary>
    /// <param name="importId">Its number.</param>
    /// <param name="takeOff">Removes a plan or a thing on the shelf by its name in <see cref="Import.Brought"/>.</param>
    /// <returns>Whether there was such an import that had not been undone.</returns>
    public async Task<bool> UndoAsync(int importId, Func<CisternDb, string, Task> takeOff)
    {
        db.ChangeTracker.Clear();
        if (await db.Imports.AsNoTracking().FirstOrDefaultAsync(row => row.Id == importId) is not { UndoneAtMs: null } import)
        {
            return false;
        }

        await SplitIntoRowsAsync(import);
        foreach (var batch in (await RowsAsync(importId)).Chunk(WriteBatchSize))
        {
            await UndoBatchAsync(import, batch, delete: false);
            await Task.Delay(BetweenBatches);
        }

        await using var transaction = await db.Database.BeginTransactionAsync();
        foreach (var name in import.Brought.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            await takeOff(db, name);
        }

        await db.SaveChangesAsync();
        db.ChangeTracker.Clear();
        var undone = await db.Imports.Where(row => row.Id == importId && row.UndoneAtMs == null).ExecuteUpdateAsync(set => set.SetProperty(row => row.UndoneAtMs, NowMs)) == 1;
        await transaction.CommitAsync();
        return undone;
    }

    /// <summary>Removes what was written of an interrupted import, and the import itself.</summary>
    private async Task RemoveAsync(int importId)
    {
        db.ChangeTracker.Clear();
        var import = await db.Imports.AsNoTracking().FirstAsync(row => row.Id == importId);
        foreach (var batch in (await RowsAsync(importId)).Chunk(WriteBatchSize))
        {
            await UndoBatchAsync(import, batch, delete: true);
            await Task.Delay(BetweenBatches);
        }

        await db.Imports.Where(row => row.Id == importId).ExecuteDeleteAsync();
    }

    private Task<List<ImportedBrew>> RowsAsync(int importId) => db.ImportedBrews.AsNoTracking().Where(row => row.ImportId == importId).OrderBy(row => row.Id).ToListAsync();

    /// <summary>An import of an earlier version stores all its brews in one text; this gives each a row.</summary>
    private async Task SplitIntoRowsAsync(Import import)
    {
        if (await db.ImportedBrews.AnyAsync(row => row.ImportId == import.Id))
        {
            return;
        }

        var before = import.BeforeJson is { } json ? BrewReader.Read(Encoding.UTF8.GetBytes(json), int.MaxValue).Brews : [];
        var changed = before.ToDictionary(brew => brew.Id, brew => BrewWriter.Write([brew]));
        var added = await db.Brews.Where(row => row.ImportId == import.Id).Select(row => row.FileId).ToListAsync();
        db.ImportedBrews.AddRange(added.Union(changed.Keys).Select(id => new ImportedBrew { ImportId = import.Id, FileId = id, BeforeJson = changed.GetValueOrDefault(id) }));
        await db.SaveChangesAsync();
        db.ChangeTracker.Clear();
    }

    /// <summary>Undoes one batch of an import. Repeating it has no further effect, since finished rows are deleted.</summary>
    private async Task UndoBatchAsync(Import import, ImportedBrew[] batch, bool delete)
    {
        var restored = new List<IncomingBrew>();
        var gone = new List<int>();
        await using var transaction = await db.Database.BeginTransactionAsync();
        foreach (var row in batch)
        {
            var stands = db.ImportedBrews.Where(other => other.FileId == row.FileId && db.Imports.Any(one => one.Id == other.ImportId && one.UndoneAtMs == null));
            if (await stands.Where(other => other.ImportId > import.Id).OrderBy(other => other.ImportId).FirstOrDefaultAsync() is { } later)
            {
                later.BeforeJson = row.BeforeJson;
            }
            else if (row.BeforeJson is { } json && BrewReader.Read(Encoding.UTF8.GetBytes(json), int.MaxValue).Brews is [var record])
            {
                var before = await stands.Where(other => other.ImportId < import.Id).MaxAsync(other => (int?)other.ImportId);
                var one = BrewFiles.FromRecord(record, model, NowMs);
                one.Brew.ImportId = before;
                restored.Add(one);
            }
            else if (delete)
            {
                var added = db.Brews.Where(brew => brew.FileId == row.FileId && brew.ImportId == import.Id);
                gone.AddRange(await added.Select(brew => brew.Id).ToListAsync());
                await added.ExecuteDeleteAsync();
            }
            else
            {
                var standing = db.Brews.Where(brew => brew.FileId == row.FileId && brew.DeletedAtMs == null);
                gone.AddRange(await standing.Select(brew => brew.Id).ToListAsync());
                await standing.ExecuteUpdateAsync(set => set.SetProperty(brew => brew.DeletedAtMs, NowMs));
            }

            await db.ImportedBrews.Where(one => one.Id == row.Id).ExecuteDeleteAsync();
        }

        await db.SaveChangesAsync();
        db.ChangeTracker.Clear();
        await db.RenewLogAsync(gone, CancellationToken.None);
        await SaveAsync(restored, null, CancellationToken.None, since: import.AtMs);
        await LinkAsync(restored, CancellationToken.None);
        await transaction.CommitAsync();
    }

    /// <summary>The imports, newest first.</summary>
    public Task<List<Import>> AllAsync(CancellationToken ct) => db.Imports.AsNoTracking().Where(row => row.SavedAtMs != null).OrderByDescending(row => row.Id).Take(ReadBatchSize).ToListAsync(ct);

    private async Task<Dictionary<Guid, ImportAction>> ActionsAsync(BrewRecord[] batch, CancellationToken ct)
    {
        var ids = batch.Select(brew => brew.Id).ToList();
        var here = await db.Brews.AsNoTracking().Where(brew => ids.Contains(brew.FileId)).Select(brew => new { brew.Id, brew.FileId, brew.DeletedAtMs, brew.FileJson, brew.State }).ToListAsync(ct);
        var actions = ids.ToDictionary(id => id, _ => ImportAction.New);
        // A deleted brew counts as missing; a running brew is never changed by an import.
        var standing = here.Where(brew => brew.DeletedAtMs is null).ToDictionary(brew => brew.FileId);
        foreach (var running in standing.Values.Where(brew => brew.State == BrewState.Running))
        {
            actions[running.FileId] = ImportAction.Known;
        }

        var incoming = batch.ToDictionary(brew => brew.Id);
        var rows = here.Select(brew => brew.Id).ToList();
        var pictured = (await db.Pictures.Where(picture => rows.Contains(picture.BrewId)).Select(picture => picture.BrewId).Distinct().ToListAsync(ct)).ToHashSet();
        await foreach (var own in export.OfAsync([.. standing.Values.Select(brew => brew.Id)], withReadings: true, ct))
        {
            var record = incoming[own.Id];
            var told = standing[own.Id].FileJson;
            // A brew with pictures that are missing here counts as different.
            var brings = record.Pictures.Length > 0 && !pictured.Contains(standing[own.Id].Id);
            actions[own.Id] = !brings && (BrewFiles.AreEqual(own, record) || (told is not null && BrewFiles.IsUnchanged(record, told))) ? ImportAction.Known : ImportAction.Changed;
        }

        return actions;
    }

    /// <summary>Saves how the brews of a batch were before, for undoing.</summary>
    private async Task SavePreviousAsync(int importId, IReadOnlyList<Guid> names, CancellationToken ct)
    {
        var here = await db.Brews.AsNoTracking().Where(brew => names.Contains(brew.FileId) && brew.DeletedAtMs == null).Select(brew => brew.Id).ToListAsync(ct);
        var before = new Dictionary<Guid, string>();
        await foreach (var own in export.OfAsync(here, withReadings: true, ct))
        {
            before[own.Id] = BrewWriter.Write([own]);
        }

        db.ChangeTracker.Clear();
        db.ImportedBrews.AddRange(names.Select(name => new ImportedBrew { ImportId = importId, FileId = name, BeforeJson = before.GetValueOrDefault(name) }));
        await db.SaveChangesAsync(ct);
        db.ChangeTracker.Clear();
    }

    /// <summary>Writes a batch of brews, each replacing the one with its id.</summary>
    /// <param name="batch">The brews.</param>
    /// <param name="importId">The import; null to keep each brew's own.</param>
    /// <param name="ct">Cancels it.</param>
    /// <param name="since">Tastings, notes and measurements of a replaced brew from this time on are kept, UTC ms; null for none.</param>
    private async Task SaveAsync(IReadOnlyList<IncomingBrew> batch, int? importId, CancellationToken ct, long? since = null)
    {
        var baristas = await BaristasAsync(batch, ct);
        var bags = (await db.Bags.AsNoTracking().OrderBy(bag => bag.RemovedAtMs != null).ToListAsync(ct)).DistinctBy(bag => bag.Name).ToDictionary(bag => bag.Name, bag => bag.Id, StringComparer.Ordinal);
        var names = batch.Select(one => one.Brew.FileId).ToList();
        var here = await db.Brews.AsNoTracking().Where(brew => names.Contains(brew.FileId)).ToDictionaryAsync(brew => brew.FileId, ct);
        var replaced = here.Values.Select(brew => brew.Id).ToList();
        var written = await WrittenSinceAsync(since is null ? [] : replaced, since ?? 0, ct);
        await BrewParts.DeleteAsync(db, replaced, ct);
        var withPictures = batch.Where(one => one.Brew.Pictures.Count > 0).Select(one => one.Brew.FileId).ToHashSet();
        var renewed = here.Values.Where(brew => withPictures.Contains(brew.FileId)).Select(brew => brew.Id).ToList();
        await db.Pictures.Where(picture => renewed.Contains(picture.BrewId)).ExecuteDeleteAsync(ct);
        await RenewTakenEntryIdsAsync(batch, ct);
        foreach (var one in batch)
        {
            var brew = one.Brew;
            brew.BaristaId = one.Barista.Length > 0 ? baristas[one.Barista] : null;
            foreach (var (tasting, taster) in brew.Tastings.Zip(one.Tasters))
            {
                tasting.BaristaId = taster is { Length: > 0 } ? baristas[taster] : null;
            }

            brew.BagId = bags.TryGetValue(one.Bag, out var bag) ? bag : null;
            brew.ImportId = importId ?? brew.ImportId;
            if (here.TryGetValue(brew.FileId, out var old))
            {
                (brew.Id, brew.TakenG, brew.StoredPlanId, brew.FilterStockId) = (old.Id, old.TakenG, old.StoredPlanId, old.FilterStockId);
                AddWritten(brew, written.Where(row => row.BrewId == old.Id));
                db.Update(brew);
                foreach (var child in BrewParts.Of(brew))
                {
                    db.Entry(child).State = EntityState.Added;
                }
            }
            else
            {
                db.Brews.Add(brew);
            }
        }

        await db.SaveChangesAsync(ct);
        db.ChangeTracker.Clear();
    }

    /// <summary>Tastings, notes and measurements of brews since a time.</summary>
    private async Task<List<(int BrewId, object Row)>> WrittenSinceAsync(List<int> ids, long since, CancellationToken ct)
    {
        if (ids.Count == 0)
        {
            return [];
        }

        var tastings = await db.Tastings.AsNoTracking().Include(row => row.Sips).Where(row => ids.Contains(row.BrewId) && row.AtMs >= since).ToListAsync(ct);
        var notes = await db.Notes.AsNoTracking().Where(row => ids.Contains(row.BrewId) && row.AtMs >= since).ToListAsync(ct);
        var measured = await db.Observations.AsNoTracking().Where(row => ids.Contains(row.BrewId) && row.AtMs >= since).ToListAsync(ct);
        return [.. tastings.Select(row => (row.BrewId, (object)row)), .. notes.Select(row => (row.BrewId, (object)row)), .. measured.Select(row => (row.BrewId, (object)row))];
    }

    /// <summary>Adds them to a brew; each taster and each measurement has one place.</summary>
    private static void AddWritten(Brew brew, IEnumerable<(int BrewId, object Row)> written)
    {
        foreach (var (_, row) in written)
        {
            switch (row)
            {
                case Tasting tasting:
                    brew.Tastings.RemoveAll(other => other.BaristaId == tasting.BaristaId);
                    tasting.Id = 0;
                    tasting.Sips.ForEach(sip => (sip.Id, sip.TastingId) = (0, 0));
                    brew.Tastings.Add(tasting);
                    break;
                case LaterNote note:
                    note.Id = 0;
                    brew.Notes.Add(note);
                    break;
                case Observation measured:
                    brew.Observations.RemoveAll(other => other.Name == measured.Name);
                    measured.Id = 0;
                    brew.Observations.Add(measured);
                    break;
            }
        }
    }

    /// <summary>Links brews to those they were made from, which may come later in the same file.</summary>
    private async Task LinkAsync(IReadOnlyList<IncomingBrew> incoming, CancellationToken ct)
    {
        foreach (var batch in incoming.Where(one => one.Parent is not null).Chunk(ReadBatchSize))
        {
            var names = batch.Select(one => one.Parent!.Value).ToList();
            var parents = await db.Brews.AsNoTracking().Where(brew => names.Contains(brew.FileId)).ToDictionaryAsync(brew => brew.FileId, brew => brew.Id, ct);
            foreach (var one in batch)
            {
                if (parents.TryGetValue(one.Parent!.Value, out var parent) && parent != one.Brew.Id)
                {
                    var id = one.Brew.Id;
                    await db.Brews.Where(brew => brew.Id == id).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.ParentBrewId, parent), ct);
                }
            }
        }
    }

    /// <summary>Where two entries have one id, the existing one keeps it.</summary>
    private async Task RenewTakenEntryIdsAsync(IReadOnlyList<IncomingBrew> batch, CancellationToken ct)
    {
        var entries = batch.SelectMany(one => one.Brew.Entries).ToList();
        var names = entries.ConvertAll(entry => entry.EntryId);
        var taken = (await db.Entries.AsNoTracking().Where(entry => names.Contains(entry.EntryId)).Select(entry => entry.EntryId).ToListAsync(ct)).ToHashSet();
        foreach (var entry in entries.Where(entry => !taken.Add(entry.EntryId)))
        {
            entry.EntryId = Guid.NewGuid();
        }
    }

    /// <summary>The baristas by name; unknown ones are added.</summary>
    private async Task<Dictionary<string, int>> BaristasAsync(IReadOnlyList<IncomingBrew> incoming, CancellationToken ct)
    {
        var baristas = await db.Baristas.AsNoTracking().ToDictionaryAsync(barista => barista.Name, barista => barista.Id, StringComparer.Ordinal, ct);
        foreach (var name in incoming.SelectMany(one => one.Tasters.OfType<string>().Append(one.Barista)).Where(name => name.Length > 0).Distinct(StringComparer.Ordinal).Where(name => !baristas.ContainsKey(name)).ToList())
        {
            var barista = new Barista { Name = name };
            db.Baristas.Add(barista);
            await db.SaveChangesAsync(ct);
            baristas[name] = barista.Id;
        }

        return baristas;
    }
}
