using Microsoft.Data.Sqlite;

namespace Cistern.Data;

/// <summary>Copies of a data file: made while it is in use, checked before they count, and put in place by the next start.</summary>
public static class Backups
{
    /// <summary>So long daily copies are kept.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(14);

    /// <summary>How long files from before an update or a restore are kept.</summary>
    public static readonly TimeSpan KeptBeforeFor = TimeSpan.FromDays(30);

    /// <summary>One page of the smallest size, bytes.</summary>
    private const long MinDatabaseBytes = 512;

    private const string DayFormat = "yyyy-MM-dd";

    /// <summary>The path of a verified copy that will replace a data file at the next start.</summary>
    public static string RestorePath(string dataFile) => dataFile + ".restore";

    /// <summary>The folder of a data file's daily copies.</summary>
    public static string Daily(string dataFile) => dataFile + ".copies";

    /// <summary>Copies a data file as it is at this moment, without blocking writers.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="to">The copy; an existing one is replaced when the new one is complete.</param>
    /// <exception cref="DataFileRefusedException">It could not be made; an existing copy is unchanged.</exception>
    public static void Make(string dataFile, string to)
    {
        if (!File.Exists(dataFile))
        {
            throw new DataFileRefusedException($"There is no data file {dataFile}.");
        }

        var real = to;
        string? building = null;
        try
        {
            Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(to))!);
            real = Disk.ResolvedPath(to);
            if (real == Disk.ResolvedPath(dataFile))
            {
                throw new DataFileRefusedException($"{to} is the data file itself: choose another file for its copy.");
            }

            building = real + ".new";
            File.Delete(building);
            Disk.OpenOwned(building, FileShare.ReadWrite).Dispose();
            using (var from = Open(dataFile, SqliteOpenMode.ReadWrite))
            using (var copy = Open(building, SqliteOpenMode.ReadWrite))
            {
                from.BackupDatabase(copy);
                // One file, with no journal beside it.
                Scalar(copy, "PRAGMA journal_mode=DELETE");
            }

            if (Problem(building) is { } problem)
            {
                throw new DataFileRefusedException($"The copy of {dataFile} is not sound: {problem}. {to} is unchanged.");
            }

            Disk.Replace(building, real);
        }
        catch (Exception error) when (error is not DataFileRefusedException && Disk.ProblemOf(error) is { } trouble)
        {
            throw new DataFileRefusedException($"The copy {to} cannot be made: {trouble}.", error);
        }
        finally
        {
            Discard(building);
        }
    }

    /// <summary>Puts a verified copy beside a data file, for the next start to put in place.</summary>
    /// <param name="copy">The copy.</param>
    /// <param name="dataFile">The data file.</param>
    /// <exception cref="DataFileRefusedException">It is not a sound data file, or is from a newer Cistern.</exception>
    public static void PrepareRestore(string copy, string dataFile)
    {
        if (!File.Exists(copy))
        {
            throw new DataFileRefusedException($"There is no file {copy}.");
        }

        if (Problem(copy) is { } problem)
        {
            throw new DataFileRefusedException($"{copy} cannot be restored: {problem}. The data file is unchanged.");
        }

        Make(copy, RestorePath(Disk.ResolvedPath(dataFile)));
    }

    /// <summary>Cancels a restore, unless the start has begun to put the copy in place.</summary>
    public static void CancelRestore(string dataFile) => File.Delete(RestorePath(Disk.ResolvedPath(dataFile)));

    /// <summary>What is wrong with a data file; null where it is sound and of this version or an earlier one.</summary>
    public static string? Problem(string file)
    {
        try
        {
            // Checked before opening: opening a pipe would block, and a pipe has no length.
            if (new FileInfo(Disk.ResolvedPath(file)).Length < MinDatabaseBytes)
            {
                return "it is not a database";
            }

            using var connection = Open(file, SqliteOpenMode.ReadOnly);
            if (Scalar(connection, "PRAGMA integrity_check(1)") is not "ok" and var said)
            {
                return $"it is damaged: {said}";
            }

            if (Scalar(connection, "SELECT count(*) FROM sqlite_master WHERE name IN ('__EFMigrationsHistory', 'Brews', 'Baristas')") is not 3L)
            {
                return "it is not a data file of Cistern";
            }

            if (Scalar(connection, "SELECT count(*) FROM pragma_foreign_key_check") is not 0L and var broken)
            {
                return string.Create(CultureInfo.InvariantCulture, $"{broken} of its rows belong to rows that are not there");
            }

            var applied = DataFile.AppliedMigrationsAsync(connection).GetAwaiter().GetResult();
            return applied.Except(DataFile.Schema, StringComparer.Ordinal).FirstOrDefault() is { } unknown ? $"it was written by a newer Cistern (its tables are of {unknown})"
                : applied.Count == DataFile.Schema.Count ? SchemaCheck.Problem(connection)
                // Triggers of an earlier version are replaced by its migration; any others would keep running.
                : Scalar(connection, "SELECT name FROM sqlite_master WHERE type IN ('trigger', 'view') AND name NOT LIKE 'Log^_%' ESCAPE '^' LIMIT 1") is string foreign ? $"{foreign} in it is not Cistern's"
                : null;
        }
        catch (Exception error) when (error is SqliteException or IOException or UnauthorizedAccessException)
        {
            return Disk.ProblemOf(error) ?? error.Message.TrimEnd('.');
        }
    }

    /// <summary>Renames a copy that cannot be restored.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <returns>Its new path.</returns>
    public static string SetAside(string dataFile)
    {
        var refused = RestorePath(dataFile) + "-refused";
        File.Move(RestorePath(dataFile), refused, overwrite: true);
        return refused;
    }

    /// <summary>Deletes old files from before an update or a restore; the newest is kept.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="now">Now.</param>
    public static void TidyBefore(string dataFile, DateTimeOffset now)
    {
        var all = new DirectoryInfo(Path.GetDirectoryName(dataFile)!).GetFiles(Path.GetFileName(dataFile) + ".before-*").OrderByDescending(file => file.LastWriteTimeUtc).ToList();
        if (all.Count > 0)
        {
            var newest = all[0].Name;
            foreach (var file in all.Where(file => !newest.StartsWith(file.Name, StringComparison.Ordinal) && !file.Name.StartsWith(newest, StringComparison.Ordinal) && file.LastWriteTimeUtc < now.UtcDateTime - KeptBeforeFor))
            {
                file.Delete();
            }
        }
    }

    /// <summary>Makes today's copy if there is none yet, and deletes old ones.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="today">The day.</param>
    /// <returns>Whether one was made.</returns>
    /// <exception cref="DataFileRefusedException">It could not be made.</exception>
    public static bool MakeDaily(string dataFile, DateOnly today)
    {
        var to = Path.Combine(Daily(dataFile), $"cistern-{today.ToString(DayFormat, CultureInfo.InvariantCulture)}.db");
        var made = !File.Exists(to);
        if (made)
        {
            Make(dataFile, to);
        }

        foreach (var (file, day) in All(dataFile))
        {
            if (day.AddDays((int)KeptFor.TotalDays) <= today)
            {
                File.Delete(file);
            }
        }

        return made;
    }

    /// <summary>When the newest daily copy was made, or null where there is none.</summary>
    public static DateTimeOffset? NewestDaily(string dataFile) =>
        All(dataFile).OrderByDescending(copy => copy.Day).Select(copy => (DateTimeOffset?)File.GetLastWriteTimeUtc(copy.File)).FirstOrDefault();

    private static IEnumerable<(string File, DateOnly Day)> All(string dataFile)
    {
        const string Begins = "cistern-";
        var folder = Daily(dataFile);
        return !Directory.Exists(folder) ? [] : from file in Directory.GetFiles(folder, Begins + "*.db")
                                                let name = Path.GetFileNameWithoutExtension(file)
                                                let day = DateOnly.TryParseExact(name[Begins.Length..], DayFormat, CultureInfo.InvariantCulture, DateTimeStyles.None, out var read) ? read : (DateOnly?)null
                                                where day is not null
                                                select (file, day.Value);
    }

    /// <summary>Deletes an incomplete copy; where that fails, the next one replaces it.</summary>
    private static void Discard(string? building)
    {
        try
        {
            if (building is not null)
            {
                File.Delete(building);
            }
        }
        catch (Exception error) when (error is IOException or UnauthorizedAccessException)
        {
            // The reason for the failure was reported already.
        }
    }

    private static SqliteConnection Open(string path, SqliteOpenMode mode)
    {
        var connection = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = path, Mode = mode, Pooling = false, DefaultTimeout = 30 }.ToString());
        connection.Open();
        return connection;
    }

    private static object? Scalar(SqliteConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return command.ExecuteScalar();
    }
}
