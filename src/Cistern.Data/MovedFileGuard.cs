using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Cistern.Data;

/// <summary>Thrown instead of confirming a change that would be lost at the next start.</summary>
/// <param name="path">The file that is gone.</param>
public sealed class DataFileGoneException(string path) : IOException($"The data file {path} was moved or deleted: nothing more is saved until it is back and Cistern has been restarted.");

/// <summary>
/// Refuses to write into a file that was deleted or moved while the server runs: SQLite would keep writing into a file that nobody can
/// find. Checked before and after each commit.
/// </summary>
/// <param name="file">The data file.</param>
public sealed class MovedFileGuard(DataFile file) : DbTransactionInterceptor
{
    /// <inheritdoc/>
    public override InterceptionResult TransactionCommitting(DbTransaction transaction, TransactionEventData eventData, InterceptionResult result)
    {
        Check();
        return result;
    }

    /// <inheritdoc/>
    public override ValueTask<InterceptionResult> TransactionCommittingAsync(DbTransaction transaction, TransactionEventData eventData, InterceptionResult result, CancellationToken cancellationToken = default)
    {
        Check();
        return ValueTask.FromResult(result);
    }

    /// <inheritdoc/>
    public override void TransactionCommitted(DbTransaction transaction, TransactionEndEventData eventData) => Check();

    /// <inheritdoc/>
    public override Task TransactionCommittedAsync(DbTransaction transaction, TransactionEndEventData eventData, CancellationToken cancellationToken = default)
    {
        Check();
        return Task.CompletedTask;
    }

    private void Check()
    {
        if (!file.IsInPlace)
        {
            throw new DataFileGoneException(file.Path);
        }
    }
}

/// <summary>Also checks after a save that needed no transaction, and after commands.</summary>
/// <param name="file">The data file.</param>
public sealed class MovedFileSaveGuard(DataFile file) : SaveChangesInterceptor
{
    /// <inheritdoc/>
    public override int SavedChanges(SaveChangesCompletedEventData eventData, int result) => Checked(result);

    /// <inheritdoc/>
    public override ValueTask<int> SavedChangesAsync(SaveChangesCompletedEventData eventData, int result, CancellationToken cancellationToken = default) => ValueTask.FromResult(Checked(result));

    private int Checked(int result) => file.IsInPlace ? result : throw new DataFileGoneException(file.Path);
}
