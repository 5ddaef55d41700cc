using System.Collections;
using Microsoft.Data.Sqlite;

namespace Cistern.Application.Log;

/// <summary>Finds, deletes and restores brews of the log, and saves searches.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="index">The log in memory.</param>
/// <param name="time">The clock.</param>
public sealed class LogStore(CisternDb db, LogIndex index, TimeProvider time)
{
    // Compiled once: every plan that is opened asks for it.
    private static readonly Func<CisternDb, string, string, CancellationToken, Task<LastGear?>> Gear = EF.CompileAsyncQuery((CisternDb db, string barista, string family, CancellationToken _) =>
        db.LogRows.Where(row => row.Barista == barista && row.Family == family && row.Stands).OrderByDescending(row => row.OpenedAtMs)
            .Select(row => new LastGear(row.Coffee, row.Grinder, row.Vessel)).FirstOrDefault());

    /// <summary>The most saved searches.</summary>
    public const int MaxSaved = 50;

    /// <summary>Finds what is asked for.</summary>
    /// <param name="query">What is asked for.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<LogFound> FindAsync(LogQuery query, CancellationToken ct)
    {
        await db.Database.OpenConnectionAsync(ct);
        try
        {
            return (await index.NowAsync(db.LogRows.AsNoTracking(), ct)).Find(query, await MatchingAsync((SqliteConnection)db.Database.GetDbConnection(), query, ct));
        }
        finally
        {
            await db.Database.CloseConnectionAsync();
        }
    }

    /// <summary>Reads the log, so that the first visitor does not wait for it.</summary>
    public Task LoadIndexAsync(CancellationToken ct) => FindAsync(new LogQuery(), ct);

    /// <summary>What a barista last brewed a family with.</summary>
    /// <param name="barista">Their name.</param>
    /// <param name="family">The family.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<LastGear> LastGearAsync(string barista, BrewerFamily family, CancellationToken ct)
    {
        var word = Words<BrewerFamily>.Of(family);
        return await Gear(db, barista, word, ct) ?? LastGear.None;
    }

    /// <summary>Deletes a brew from the log, or restores it.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="away">Whether to delete it.</param>
    /// <returns>Its name; null where there is no such brew, or it is running.</returns>
    public async Task<string?> SetDeletedAsync(int brewId, bool away)
    {
        if (await db.Brews.FirstOrDefaultAsync(row => row.Id == brewId) is not { State: not BrewState.Running } brew)
        {
            return null;
        }

        brew.DeletedAtMs = away ? brew.DeletedAtMs ?? time.GetUtcNow().ToUnixTimeMilliseconds() : null;
        await db.SaveChangesAsync();
        return brew.Name;
    }

    /// <summary>Saves a search under a name, replacing one with the same name.</summary>
    /// <param name="name">Its name.</param>
    /// <param name="query">The query.</param>
    /// <returns>Whether there was room for it.</returns>
    public async Task<bool> SaveAsync(string name, LogQuery query)
    {
        if (await db.SavedSearches.FirstOrDefaultAsync(search => search.Name == name) is { } kept)
        {
            kept.Query = query.ToString();
        }
        else if (await db.SavedSearches.CountAsync() >= MaxSaved)
        {
            return false;
        }
        else
        {
            db.SavedSearches.Add(new SavedSearch { Name = name, Query = query.ToString() });
        }

        await db.SaveChangesAsync();
        return true;
    }

    /// <summary>The saved searches, by name.</summary>
    public Task<List<SavedSearch>> SavedAsync(CancellationToken ct) => db.SavedSearches.AsNoTracking().OrderBy(search => search.Name).ToListAsync(ct);

    /// <summary>Deletes a saved search.</summary>
    public Task DeleteSavedAsync(int id) => db.SavedSearches.Where(search => search.Id == id).ExecuteDeleteAsync();

    /// <summary>The brews that contain words; null where the query has none.</summary>
    private static async Task<BitArray?> MatchingAsync(SqliteConnection connection, LogQuery query, CancellationToken ct)
    {
        if (query.Words.Length == 0)
        {
            return null;
        }

        var matching = new BitArray(1024);
        if (query.Match is not { } match)
        {
            return matching;
        }

        await using var command = connection.CreateCommand();
        command.CommandText = "SELECT rowid FROM BrewWords WHERE BrewWords MATCH $match";
        command.Parameters.AddWithValue("$match", match);
        await using var rows = await command.ExecuteReaderAsync(ct);
        while (await rows.ReadAsync(ct))
        {
            var brewId = rows.GetInt32(0);
            if (brewId >= matching.Length)
            {
                matching.Length = Math.Max(brewId + 1, 2 * matching.Length);
            }

            matching[brewId] = true;
        }

        return matching;
    }
}
