using Microsoft.Data.Sqlite;

namespace Cistern.Data;

/// <summary>
/// Checks that a file has this version's tables and columns and no triggers or views, which neither an integrity check nor the
/// migration history shows.
/// </summary>
public static class SchemaCheck
{
    private const string Columns =
        "SELECT tables.name || '.' || columns.name || ' ' || columns.type FROM sqlite_master AS tables, pragma_table_info(tables.name) AS columns WHERE tables.type = 'table' AND tables.name NOT LIKE 'sqlite_%' AND tables.name <> '__EFMigrationsLock'";

    /// <summary>Triggers and views; Cistern has none.</summary>
    private const string Runs = "SELECT type || ' ' || name FROM sqlite_master WHERE type IN ('trigger', 'view')";

    private static readonly Lazy<HashSet<string>> Expected = new(() =>
    {
        using var connection = new SqliteConnection("Data Source=:memory:");
        connection.Open();
        using var db = new CisternDb(new DbContextOptionsBuilder<CisternDb>().UseSqlite(connection).Options);
        db.Database.Migrate();
        return Read(connection, Columns);
    });

    /// <summary>What is wrong with a file of this version; null where nothing is.</summary>
    /// <param name="connection">An open connection to it.</param>
    public static string? Problem(SqliteConnection connection)
    {
        var has = Read(connection, Columns);
        return Expected.Value.FirstOrDefault(column => !has.Contains(column)) is { } missing ? $"it lacks {missing.Split(' ')[0]}"
            : Read(connection, Runs).FirstOrDefault() is { } foreign ? $"the {foreign} in it is not Cistern's"
            : null;
    }

    private static HashSet<string> Read(SqliteConnection connection, string sql)
    {
        var found = new HashSet<string>(StringComparer.Ordinal);
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        using var rows = command.ExecuteReader();
        while (rows.Read())
        {
            found.Add(rows.GetString(0));
        }

        return found;
    }
}
