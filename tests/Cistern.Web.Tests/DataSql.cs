using Microsoft.Data.Sqlite;

namespace Cistern.Web.Tests;

/// <summary>SQL behind everybody's back, on a file of data that need not be the application's.</summary>
internal static class DataSql
{
    /// <summary>Runs it, on a connection of its own that lets go of the file.</summary>
    /// <returns>The first value it gives, or null.</returns>
    public static object? Run(string path, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar();
    }

    /// <summary>A file that is empty but for its schema, as the SQL that makes it: what stands in it, and the record of its migrations.</summary>
    public static string AsSql(string path)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        connection.Open();
        var rows = All("SELECT name, sql FROM sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite!_%' ESCAPE '!' ORDER BY rowid", reader => (Name: reader.GetString(0), Sql: reader.GetString(1)));
        // A virtual table makes its own tables, and keeps its words in them.
        var inside = rows.Where(row => row.Sql.StartsWith("CREATE VIRTUAL TABLE", StringComparison.Ordinal)).Select(row => row.Name + "_").ToList();
        var objects = rows.Where(row => !inside.Exists(name => row.Name.StartsWith(name, StringComparison.Ordinal))).ToList();
        foreach (var (name, _) in objects.Where(row => row.Sql.StartsWith("CREATE TABLE", StringComparison.Ordinal) && row.Name != "__EFMigrationsHistory"))
        {
            Assert.Equal([0L], All($"SELECT count(*) FROM \"{name}\"", reader => reader.GetInt64(0)));
        }

        var history = All("SELECT MigrationId, ProductVersion FROM __EFMigrationsHistory ORDER BY MigrationId", reader => $"INSERT INTO \"__EFMigrationsHistory\" VALUES('{reader.GetString(0)}','{reader.GetString(1)}')");
        return "BEGIN;\n" + string.Concat(objects.Select(row => row.Sql).Concat(history).Select(sql => sql.ReplaceLineEndings("\n") + ";\n")) + "COMMIT;\n";

        List<T> All<T>(string sql, Func<SqliteDataReader, T> read)
        {
            using var command = connection.CreateCommand();
            command.CommandText = sql;
            using var reader = command.ExecuteReader();
            var all = new List<T>();
            while (reader.Read())
            {
                all.Add(read(reader));
            }

            return all;
        }
    }
}
