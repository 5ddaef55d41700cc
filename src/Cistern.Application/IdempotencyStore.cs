using Cistern.Data;
using Cistern.Data.Plans;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application;

/// <summary>Remembers what was done under which key, in the same commit as the thing itself, so that a wish sent twice is done once.</summary>
/// <param name="db">The data.</param>
/// <param name="time">The clock.</param>
public sealed class IdempotencyStore(CisternDb db, TimeProvider time)
{
    /// <summary>SQLite's word for a row that breaks a rule of its table: here, a key that is there already.</summary>
    private const int Constraint = 19;

    /// <summary>Where what was done under a key is to be seen; null where nothing was.</summary>
    public Task<string?> DoneAsync(Guid key, CancellationToken ct) => db.IdempotentRequests.AsNoTracking().Where(row => row.Key == key).Select(row => row.Address).FirstOrDefaultAsync(ct);

    /// <summary>Adds to what is about to be saved that it was done.</summary>
    public void Remember(Guid key, string address) => db.IdempotentRequests.Add(new IdempotentRequest { Key = key, Address = address, AtMs = time.GetUtcNow().ToUnixTimeMilliseconds() });

    /// <summary>
    /// Saves; where another request put in the same first row meanwhile, nothing is saved and what was read is forgotten,
    /// so that it can be read again.
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
