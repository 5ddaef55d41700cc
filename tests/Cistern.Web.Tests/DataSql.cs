using Microsoft.Data.Sqlite;

namespace Cistern.Web.Tests;

/// <summary>SQL on a data file, without the application.</summary>
internal static class DataSql
{
    /// <summary>Runs it on a connection of its own that closes the file.</summary>
    /// <returns>The first value it gives, or null.</returns>
    public static object? Run(string path, string sql)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar();
    }
}
