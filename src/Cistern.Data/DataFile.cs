using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Cistern.Data;

/// <summary>Opens the data file so that what has been said to be saved is on the disk.</summary>
public static class DataFile
{
    /// <summary>Options for a data file.</summary>
    /// <param name="builder">Takes the options.</param>
    /// <param name="path">The file; made when it is not there.</param>
    public static void Configure(DbContextOptionsBuilder builder, string path)
    {
        var connection = new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, Pooling = true, DefaultTimeout = 10 };
        builder.UseSqlite(connection.ToString()).AddInterceptors(new Durable());
    }

    /// <summary>Brings a data file up to this version's tables.</summary>
    public static async Task PrepareAsync(CisternDb db, CancellationToken ct = default)
    {
        await db.Database.MigrateAsync(ct);
        // Kept in the file's header, so once is enough.
        await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=WAL", ct);
    }

    /// <summary>Lets go of plans that nobody has kept, brewed or touched since a moment; they were only tried.</summary>
    /// <param name="db">The data.</param>
    /// <param name="beforeMs">The moment, UTC ms.</param>
    /// <param name="ct">Stops it.</param>
    public static Task<int> TidyAsync(CisternDb db, long beforeMs, CancellationToken ct = default) => db.Sheets
        .Where(sheet => sheet.KeptAtMs == null && sheet.ChangedAtMs < beforeMs && !db.Brews.Any(brew => brew.SheetId == sheet.Id))
        .ExecuteDeleteAsync(ct);

    /// <summary>A commit returns only when it is on the disk: FULL is per connection, so it is set on each.</summary>
    private sealed class Durable : DbConnectionInterceptor
    {
        public override void ConnectionOpened(DbConnection connection, ConnectionEndEventData eventData)
        {
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA synchronous=FULL";
            command.ExecuteNonQuery();
        }

        public override async Task ConnectionOpenedAsync(DbConnection connection, ConnectionEndEventData eventData, CancellationToken cancellationToken = default)
        {
            await using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA synchronous=FULL";
            await command.ExecuteNonQueryAsync(cancellationToken);
        }
    }
}

/// <summary>Lets the migrations tool make a context without the web application.</summary>
public sealed class DesignTimeDb : IDesignTimeDbContextFactory<CisternDb>
{
    /// <inheritdoc/>
    public CisternDb CreateDbContext(string[] args)
    {
        var builder = new DbContextOptionsBuilder<CisternDb>();
        DataFile.Configure(builder, "design-time.db");
        return new CisternDb(builder.Options);
    }
}
