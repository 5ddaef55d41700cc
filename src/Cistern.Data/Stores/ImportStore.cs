using System.Globalization;
using System.Text;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Records;
using Cistern.Data.Brews;
using Cistern.Data.Files;
using Cistern.Data.Log;
using Cistern.Data.Shelf;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data.Stores;

/// <summary>What becomes of something that is to be taken in.</summary>
public enum ImportFate
{
    /// <summary>It is not here yet.</summary>
    New,

    /// <summary>It is here already, and the same.</summary>
    Known,

    /// <summary>It is here already, and otherwise.</summary>
    Changed,
}

/// <summary>One thing that is to be taken in.</summary>
/// <param name="Kind">What it is: brew, recipe, or a kind of the shelf.</param>
/// <param name="Name">Its name.</param>
/// <param name="When">When it was brewed; null of all else.</param>
/// <param name="Fate">What becomes of it.</param>
public sealed record ImportItem(string Kind, string Name, DateTimeOffset? When, ImportFate Fate);

/// <summary>Brews and recipes that are to be taken in, sorted by what becomes of them.</summary>
/// <param name="Items">All of them, in the order of their files.</param>
/// <param name="NewBrews">Brews that are not here.</param>
/// <param name="ChangedBrews">Brews that are here otherwise.</param>
/// <param name="NewRecipes">Recipes that are not here.</param>
public sealed record ImportLook(IReadOnlyList<ImportItem> Items, IReadOnlyList<BrewRecord> NewBrews, IReadOnlyList<BrewRecord> ChangedBrews, IReadOnlyList<Recipe> NewRecipes);

/// <summary>Takes brews and recipes in: looked at first, then taken in one commit, and undone as one.</summary>
/// <param name="db">The data.</param>
/// <param name="plans">The plans.</param>
/// <param name="outgoing">Brews as files.</param>
/// <param name="model">The model as published, and what stops it.</param>
/// <param name="time">The clock.</param>
public sealed class ImportStore(CisternDb db, PlanStore plans, BrewOut outgoing, ForecastModel model, TimeProvider time)
{
    /// <summary>So many brews are asked for at once.</summary>
    private const int Lot = 500;

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>What would become of each brew and recipe; nothing is changed.</summary>
    /// <param name="files">The files, all of them good.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<ImportLook> LookAsync(IReadOnlyList<Incoming> files, CancellationToken ct)
    {
        var items = new List<ImportItem>();
        var (fresh, changed, recipes) = (new List<BrewRecord>(), new List<BrewRecord>(), new List<Recipe>());
        // A brew that stands in two files, or twice in one, is one: the last is what it is.
        var brews = files.SelectMany(file => file.Brews).Reverse().DistinctBy(brew => brew.Id).Reverse().ToList();
        foreach (var lot in brews.Chunk(Lot))
        {
            var fates = await FatesAsync(lot, ct);
            foreach (var brew in lot)
            {
                var fate = fates[brew.Id];
                items.Add(new ImportItem("brew", brew.Planned.Name, brew.OpenedAt ?? brew.StartedAt, fate));
                (fate == ImportFate.New ? fresh : fate == ImportFate.Changed ? changed : []).Add(brew);
            }
        }

        var kept = (await plans.RecipesAsync(ct)).Select(RecipeWriter.Write).ToHashSet(StringComparer.Ordinal);
        kept.UnionWith(RecipeLibrary.All.Select(RecipeWriter.Write));
        foreach (var recipe in files.SelectMany(file => file.Recipes))
        {
            var known = !kept.Add(RecipeWriter.Write(recipe));
            items.Add(new ImportItem("recipe", recipe.Name, null, known ? ImportFate.Known : ImportFate.New));
            if (!known)
            {
                recipes.Add(recipe);
            }
        }

        return new ImportLook(items, fresh, changed, recipes);
    }

    /// <summary>Takes them in, in one commit.</summary>
    /// <param name="look">What was looked at.</param>
    /// <param name="what">The files, in words.</param>
    /// <param name="by">Who takes them in.</param>
    /// <param name="withChanged">Whether brews that are here otherwise become what their files say.</param>
    /// <param name="beside">Adds what else is taken in with the same commit; gives its names as <see cref="Import.Brought"/> has them.</param>
    /// <param name="progress">Told how many brews of how many are worked out.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>Its number.</returns>
    public async Task<int> TakeAsync(ImportLook look, string what, string by, bool withChanged, Func<CancellationToken, Task<string>>? beside, IProgress<(int Done, int Of)>? progress, CancellationToken ct)
    {
        var wanted = withChanged ? [.. look.NewBrews, .. look.ChangedBrews] : look.NewBrews;
        // All that takes time is done before the file is held: while it is, no press is kept.
        var incoming = new List<BrewIn>(wanted.Count);
        foreach (var record in wanted)
        {
            ct.ThrowIfCancellationRequested();
            incoming.Add(BrewFiles.In(record, model, NowMs));
            progress?.Report((incoming.Count, wanted.Count));
        }

        db.ChangeTracker.Clear();
        var before = await BeforeAsync(wanted, ct);
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        var import = new Import { AtMs = NowMs, By = by, What = what, BeforeJson = before };
        db.Imports.Add(import);
        await db.SaveChangesAsync(ct);
        await KeepAsync(incoming, import.Id, ct);
        var brought = new List<string>();
        foreach (var id in await plans.AddAllAsync(look.NewRecipes, "taken in from a file", ct))
        {
            brought.Add(string.Create(CultureInfo.InvariantCulture, $"plan.{id}"));
        }

        if (beside is not null)
        {
            brought.Add(await beside(ct));
        }

        db.Attach(import);
        import.Brought = string.Join(' ', brought.Where(one => one.Length > 0));
        await db.SaveChangesAsync(ct);
        await transaction.CommitAsync(CancellationToken.None);
        db.ChangeTracker.Clear();
        return import.Id;
    }

    /// <summary>Takes an import back as one: what it brought is taken away, what it changed is as it was.</summary>
    /// <param name="importId">Its number.</param>
    /// <param name="takeOff">Takes a plan or a thing of the shelf off by its name in <see cref="Import.Brought"/>.</param>
    /// <returns>Whether there was such an import, and it stood.</returns>
    public async Task<bool> UndoAsync(int importId, Func<CisternDb, string, Task> takeOff)
    {
        db.ChangeTracker.Clear();
        await using var transaction = await db.Database.BeginTransactionAsync();
        if (await db.Imports.FirstOrDefaultAsync(row => row.Id == importId) is not { UndoneAtMs: null } import)
        {
            return false;
        }

        import.UndoneAtMs = NowMs;
        await db.SaveChangesAsync();
        var before = import.BeforeJson is { } json ? BrewReader.Read(Encoding.UTF8.GetBytes(json), int.MaxValue).Brews : [];
        var changed = before.Select(brew => brew.Id).ToHashSet();
        foreach (var brew in await db.Brews.Where(row => row.ImportId == importId).ToListAsync())
        {
            brew.TakenAwayAtMs = changed.Contains(brew.FileId) ? brew.TakenAwayAtMs : brew.TakenAwayAtMs ?? NowMs;
        }

        foreach (var name in import.Brought.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            await takeOff(db, name);
        }

        await db.SaveChangesAsync();
        db.ChangeTracker.Clear();
        await KeepAsync([.. before.Select(record => BrewFiles.In(record, model, NowMs))], null, CancellationToken.None);
        await transaction.CommitAsync();
        db.ChangeTracker.Clear();
        return true;
    }

    /// <summary>What was taken in, the newest first.</summary>
    public Task<List<Import>> AllAsync(CancellationToken ct) => db.Imports.AsNoTracking().OrderByDescending(row => row.Id).Take(Lot).ToListAsync(ct);

    private async Task<Dictionary<Guid, ImportFate>> FatesAsync(BrewRecord[] lot, CancellationToken ct)
    {
        var ids = lot.Select(brew => brew.Id).ToList();
        var here = await db.Brews.AsNoTracking().Where(brew => ids.Contains(brew.FileId)).Select(brew => new { brew.Id, brew.FileId, brew.TakenAwayAtMs, brew.FileJson, brew.State }).ToListAsync(ct);
        var fates = ids.ToDictionary(id => id, _ => ImportFate.New);
        // What was taken away is as good as not here; what is under way is never changed by a file.
        var standing = here.Where(brew => brew.TakenAwayAtMs is null).ToDictionary(brew => brew.FileId);
        foreach (var running in standing.Values.Where(brew => brew.State == BrewState.Running))
        {
            fates[running.FileId] = ImportFate.Known;
        }

        var incoming = lot.ToDictionary(brew => brew.Id);
        await foreach (var own in outgoing.OfAsync([.. standing.Values.Select(brew => brew.Id)], withReadings: true, ct))
        {
            var record = incoming[own.Id];
            var told = standing[own.Id].FileJson;
            fates[own.Id] = BrewFiles.Same(own, record) || (told is not null && BrewFiles.IsTold(record, told)) ? ImportFate.Known : ImportFate.Changed;
        }

        return fates;
    }

    /// <summary>The brews that are about to be changed, as a file: what undoing puts back.</summary>
    private async Task<string?> BeforeAsync(IReadOnlyList<BrewRecord> wanted, CancellationToken ct)
    {
        var before = new List<BrewRecord>();
        foreach (var lot in wanted.Chunk(Lot))
        {
            var ids = lot.Select(brew => brew.Id).ToList();
            var here = await db.Brews.AsNoTracking().Where(brew => ids.Contains(brew.FileId) && brew.TakenAwayAtMs == null).Select(brew => brew.Id).ToListAsync(ct);
            await foreach (var own in outgoing.OfAsync(here, withReadings: true, ct))
            {
                before.Add(own);
            }
        }

        return before.Count > 0 ? BrewWriter.Write(before) : null;
    }

    /// <summary>Puts brews into the file, each in the place of the one of its name where there is one.</summary>
    private async Task KeepAsync(IReadOnlyList<BrewIn> incoming, int? importId, CancellationToken ct)
    {
        var baristas = await BaristasAsync(incoming, ct);
        var bags = (await db.Bags.AsNoTracking().OrderBy(bag => bag.RemovedAtMs != null).ToListAsync(ct)).DistinctBy(bag => bag.Name).ToDictionary(bag => bag.Name, bag => bag.Id, StringComparer.Ordinal);
        foreach (var lot in incoming.Chunk(Lot))
        {
            var names = lot.Select(one => one.Brew.FileId).ToList();
            var here = await db.Brews.AsNoTracking().Where(brew => names.Contains(brew.FileId)).ToDictionaryAsync(brew => brew.FileId, ct);
            var replaced = here.Values.Select(brew => brew.Id).ToList();
            await RemoveWhatBelongsAsync(replaced, ct);
            await NameAnewAsync(lot, ct);
            foreach (var one in lot)
            {
                var brew = one.Brew;
                brew.BaristaId = one.Barista.Length > 0 ? baristas[one.Barista] : null;
                foreach (var (tasting, taster) in brew.Tastings.Zip(one.Tasters))
                {
                    tasting.BaristaId = taster is { Length: > 0 } ? baristas[taster] : null;
                }

                brew.BagId = bags.TryGetValue(one.Bag, out var bag) ? bag : null;
                brew.ImportId = importId;
                if (here.TryGetValue(brew.FileId, out var old))
                {
                    (brew.Id, brew.TakenG, brew.StoredPlanId, brew.FilterStockId, brew.ImportId) = (old.Id, old.TakenG, old.StoredPlanId, old.FilterStockId, importId ?? old.ImportId);
                    db.Update(brew);
                    foreach (var child in Belonging(brew))
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

        await TieAsync(incoming, ct);
    }

    /// <summary>Ties brews to those they were made from, which may stand later in the same file.</summary>
    private async Task TieAsync(IReadOnlyList<BrewIn> incoming, CancellationToken ct)
    {
        foreach (var lot in incoming.Where(one => one.Parent is not null).Chunk(Lot))
        {
            var names = lot.Select(one => one.Parent!.Value).ToList();
            var parents = await db.Brews.AsNoTracking().Where(brew => names.Contains(brew.FileId)).ToDictionaryAsync(brew => brew.FileId, brew => brew.Id, ct);
            foreach (var one in lot)
            {
                if (parents.TryGetValue(one.Parent!.Value, out var parent) && parent != one.Brew.Id)
                {
                    var id = one.Brew.Id;
                    await db.Brews.Where(brew => brew.Id == id).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.ParentBrewId, parent), ct);
                }
            }
        }
    }

    /// <summary>Of two entries of one name the one that is here keeps it.</summary>
    private async Task NameAnewAsync(BrewIn[] lot, CancellationToken ct)
    {
        var entries = lot.SelectMany(one => one.Brew.Entries).ToList();
        var names = entries.ConvertAll(entry => entry.EntryId);
        var taken = (await db.Entries.AsNoTracking().Where(entry => names.Contains(entry.EntryId)).Select(entry => entry.EntryId).ToListAsync(ct)).ToHashSet();
        foreach (var entry in entries.Where(entry => !taken.Add(entry.EntryId)))
        {
            entry.EntryId = Guid.NewGuid();
        }
    }

    private static IEnumerable<object> Belonging(Brew brew) =>
    [
        .. brew.Entries, .. brew.Weighings, .. brew.Observations, .. brew.Notes, .. brew.Readings, .. brew.SlipAnswers, .. brew.Tastings, .. brew.Tastings.SelectMany(tasting => tasting.Sips),
        .. brew.Facts is { } facts ? (object[])[facts] : [],
    ];

    private async Task RemoveWhatBelongsAsync(List<int> ids, CancellationToken ct)
    {
        if (ids.Count == 0)
        {
            return;
        }

        await db.Entries.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
        await db.Weighings.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
        await db.Observations.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
        await db.Notes.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
        await db.Readings.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
        await db.SlipAnswers.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
        await db.Tastings.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
        await db.Facts.Where(row => ids.Contains(row.BrewId)).ExecuteDeleteAsync(ct);
    }

    /// <summary>The baristas by name; those who are not known here become known.</summary>
    private async Task<Dictionary<string, int>> BaristasAsync(IReadOnlyList<BrewIn> incoming, CancellationToken ct)
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
