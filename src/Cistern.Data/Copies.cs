using System.Globalization;
using Microsoft.Data.Sqlite;

namespace Cistern.Data;

/// <summary>Copies of a data file: made while it is used, looked over before they count, and put back by the next start.</summary>
public static class Copies
{
    /// <summary>So long daily copies are kept.</summary>
    public static readonly TimeSpan KeptFor = TimeSpan.FromDays(14);

    /// <summary>So long files as they were before an update or a restore are kept.</summary>
    public static readonly TimeSpan KeptBeforeFor = TimeSpan.FromDays(30);

    /// <summary>One page of the smallest size, bytes.</summary>
    private const long SmallestDatabase = 512;

    private const string DayFormat = "yyyy-MM-dd";

    /// <summary>Where a whole copy lies that is to take a data file's place at the next start.</summary>
    public static string Waiting(string dataFile) => dataFile + ".restore";

    /// <summary>Where the daily copies of a data file lie.</summary>
    public static string Daily(string dataFile) => dataFile + ".copies";

    /// <summary>Makes a copy of a data file as it stands at this moment; whoever writes it meanwhile is not held up.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="to">The copy; one that is there is replaced when the new one is whole.</param>
    /// <exception cref="DataFileRefusedException">It could not be made, and why; what was there is as it was.</exception>
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
            real = Disk.Real(to);
            if (real == Disk.Real(dataFile))
            {
                throw new DataFileRefusedException($"{to} is the data file itself: name another file for its copy.");
            }

            building = real + ".new";
            File.Delete(building);
            Disk.Own(building, FileShare.ReadWrite).Dispose();
            using (var from = Open(dataFile, SqliteOpenMode.ReadWrite))
            using (var copy = Open(building, SqliteOpenMode.ReadWrite))
            {
                from.BackupDatabase(copy);
                // One file, with no journal beside it.
                Scalar(copy, "PRAGMA journal_mode=DELETE");
            }

            if (Problem(building) is { } problem)
            {
                throw new DataFileRefusedException($"The copy of {dataFile} is not sound: {problem}. What was at {to} is as it was.");
            }

            Disk.Replace(building, real);
        }
        catch (Exception error) when (error is not DataFileRefusedException && Disk.Trouble(error) is { } trouble)
        {
            throw new DataFileRefusedException($"The copy {to} cannot be made: {trouble}.", error);
        }
        finally
        {
            Discard(building);
        }
    }

    /// <summary>Lays a copy beside a data file, whole and looked over, for the next start to put in its place.</summary>
    /// <param name="copy">The copy.</param>
    /// <param name="dataFile">The data file.</param>
    /// <exception cref="DataFileRefusedException">It is no sound copy of a bench, or one of a newer Cistern.</exception>
    public static void Lay(string copy, string dataFile)
    {
        if (!File.Exists(copy))
        {
            throw new DataFileRefusedException($"There is no file {copy}.");
        }

        if (Problem(copy) is { } problem)
        {
            throw new DataFileRefusedException($"{copy} cannot be put back: {problem}. The data file is as it was.");
        }

        Make(copy, Waiting(Disk.Real(dataFile)));
    }

    /// <summary>Takes what a copy is about back, unless the start has begun to put it in place.</summary>
    public static void TakeBack(string dataFile) => File.Delete(Waiting(Disk.Real(dataFile)));

    /// <summary>What is wrong with a data file; null where it is a sound one of this version or an earlier.</summary>
    public static string? Problem(string file)
    {
        try
        {
            // Asked before it is opened: whoever opens a pipe waits for what will never come, and none has a length.
            if (new FileInfo(Disk.Real(file)).Length < SmallestDatabase)
            {
                return "it is no database";
            }

            using var connection = Open(file, SqliteOpenMode.ReadOnly);
            if (Scalar(connection, "PRAGMA integrity_check(1)") is not "ok" and var said)
            {
                return $"it is damaged: {said}";
            }

            if (Scalar(connection, "SELECT count(*) FROM sqlite_master WHERE name IN ('__EFMigrationsHistory', 'Brews', 'Baristas')") is not 3L)
            {
                return "it is no data file of Cistern";
            }

            if (Scalar(connection, "SELECT count(*) FROM pragma_foreign_key_check") is not 0L and var broken)
            {
                return string.Create(CultureInfo.InvariantCulture, $"{broken} of its rows belong to rows that are not there");
            }

            var applied = DataFile.AppliedAsync(connection).GetAwaiter().GetResult();
            return applied.Except(DataFile.Schema, StringComparer.Ordinal).FirstOrDefault() is { } unknown ? $"it was written by a newer Cistern (its tables are of {unknown})"
                : applied.Count == DataFile.Schema.Count ? SchemaCheck.Problem(connection)
                // The triggers of an earlier version are made anew when it is brought up; another's would go on running.
                : Scalar(connection, "SELECT name FROM sqlite_master WHERE type IN ('trigger', 'view') AND name NOT LIKE 'Log^_%' ESCAPE '^' LIMIT 1") is string foreign ? $"{foreign} in it is not Cistern's"
                : null;
        }
        catch (Exception error) when (error is SqliteException or IOException or UnauthorizedAccessException)
        {
            return Disk.Trouble(error) ?? error.Message.TrimEnd('.');
        }
    }

    /// <summary>Puts a file that was laid down to be put back and cannot be out of the way.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <returns>Where it lies now.</returns>
    public static string SetAside(string dataFile)
    {
        var refused = Waiting(dataFile) + "-refused";
        File.Move(Waiting(dataFile), refused, overwrite: true);
        return refused;
    }

    /// <summary>Lets go of files as they were before an update or a restore, once they are old; the newest stays.</summary>
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

    /// <summary>Makes the copy of a day, where there is none of it yet, and lets those go that are too old.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="today">The day.</param>
    /// <returns>Whether one was made.</returns>
    /// <exception cref="DataFileRefusedException">It could not be made, and why.</exception>
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

    /// <summary>Lets go of a copy that did not become one; where even that cannot be done, the next one replaces it.</summary>
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
            // Why the copy failed is told already.
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
