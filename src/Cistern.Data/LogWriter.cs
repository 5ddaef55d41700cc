using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace Cistern.Data;

/// <summary>
/// Keeps the log's rows and words up to date: when a brew, its facts, tastings or notes, or a barista's name are saved, its row is
/// written in the same transaction. Commands that bypass the change tracker call <see cref="CisternDb.RenewLogAsync"/>.
/// </summary>
internal static class LogWriter
{
    private const int BatchSize = 500;

    /// <summary>The entities about to be saved that affect the log.</summary>
    public static List<object> ChangedIn(ChangeTracker tracker) =>
        [.. tracker.Entries().Where(entry => entry.State is EntityState.Added or EntityState.Modified or EntityState.Deleted && AffectsLog(entry)).Select(entry => entry.Entity)];

    /// <summary>The brews they belong to, after saving, when they have ids.</summary>
    public static async Task<IReadOnlyCollection<int>> BrewsOfAsync(CisternDb db, IEnumerable<object> touched, CancellationToken ct)
    {
        var ids = new HashSet<int>();
        foreach (var one in touched)
        {
            ids.UnionWith(BrewOf(one) is { } brewId ? [brewId] : one is Barista barista ? await db.Brews.Where(brew => brew.BaristaId == barista.Id).Select(brew => brew.Id).ToListAsync(ct) : []);
        }

        return ids;
    }

    /// <summary>Rewrites the rows and words of brews; rows of deleted ones are marked.</summary>
    /// <param name="db">The context, in a transaction.</param>
    /// <param name="brewIds">The brews.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task RenewAsync(CisternDb db, IReadOnlyCollection<int> brewIds, CancellationToken ct)
    {
        var seq = await db.LogRows.MaxAsync(row => (long?)row.Seq, ct) ?? 0;
        foreach (var batch in brewIds.Order().Chunk(BatchSize))
        {
            var brews = await db.Brews.AsNoTracking().Where(brew => batch.Contains(brew.Id))
                .Include(brew => brew.Facts).Include(brew => brew.Barista).Include(brew => brew.Tastings).Include(brew => brew.Notes).AsSplitQuery().ToDictionaryAsync(brew => brew.Id, ct);
            var stood = await db.LogRows.AsTracking().Where(row => batch.Contains(row.BrewId)).ToDictionaryAsync(row => row.BrewId, ct);
            foreach (var id in batch)
            {
                var row = stood.GetValueOrDefault(id);
                if (brews.TryGetValue(id, out var brew))
                {
                    var fresh = LogRow.Of(brew, ++seq);
                    if (row is null)
                    {
                        db.LogRows.Add(fresh);
                    }
                    else
                    {
                        db.Entry(row).CurrentValues.SetValues(fresh);
                    }
                }
                else if (row is not null)
                {
                    (row.Stands, row.Seq) = (false, ++seq);
                }

                // A contentless full-text table is updated by a command of its own.
                if (row is not null)
                {
                    await db.Database.ExecuteSqlAsync($"DELETE FROM BrewWords WHERE rowid = {id}", ct);
                }

                if (brew is not null && LogRow.WordsOf(brew) is { Length: > 0 } words)
                {
                    await db.Database.ExecuteSqlAsync($"INSERT INTO BrewWords (rowid, Words) VALUES ({id}, {words})", ct);
                }
            }

            await db.SaveLogAsync(ct);
            foreach (var entry in db.ChangeTracker.Entries<LogRow>().ToList())
            {
                entry.State = EntityState.Detached;
            }
        }
    }

    /// <summary>The id of the brew that an entity belongs to; null where there is none.</summary>
    private static int? BrewOf(object entity) => entity switch
    {
        Brew brew => brew.Id,
        BrewFacts facts => facts.BrewId,
        Tasting tasting => tasting.BrewId,
        LaterNote note => note.BrewId,
        _ => null,
    };

    private static bool AffectsLog(EntityEntry entry) => BrewOf(entry.Entity) is not null
        || (entry is { Entity: Barista, State: EntityState.Modified } && entry.Property(nameof(Barista.Name)).IsModified);
}
