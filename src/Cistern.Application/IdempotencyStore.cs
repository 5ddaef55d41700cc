using Microsoft.Data.Sqlite;

namespace Cistern.Application;

/// <summary>Remembers which requests were carried out, in the same transaction as their effect, so that a request sent twice is carried out once.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="time">The clock.</param>
public sealed class IdempotencyStore(CisternDb db, TimeProvider time)
{
    /// <summary>SQLite's error code for a violated constraint: here, an existing key.</summary>
    private const int Constraint = 19;

    /// <summary>The address of a request's result; null where it was not carried out.</summary>
    public Task<string?> ResultOfAsync(Guid key, CancellationToken ct) => db.IdempotentRequests.AsNoTracking().Where(row => row.Key == key).Select(row => row.Address).FirstOrDefaultAsync(ct);

    /// <summary>Adds to the pending changes that a request was carried out.</summary>
    public void Remember(Guid key, string address) => db.IdempotentRequests.Add(new IdempotentRequest { Key = key, Address = address, AtMs = time.GetUtcNow().ToUnixTimeMilliseconds() });

    /// <summary>
    /// Saves. Where another request wrote the same first row meanwhile, nothing is saved and the context is cleared, so that the data
    /// can be read again.
    /// </summary>
    /// <returns>Whether it was saved.</returns>
    public async Task<bool> SaveAsync(CancellationToken ct)
    {
        try
        {
            await db.SaveChangesAsync(ct);
            return true;
        }
        catch (DbUpdateException error) when (error.InnerException is SqliteException { SqliteErrorCode: Constraint })
        {
            db.ChangeTracker.Clear();
            return false;
        }
    }
}
