using System.Buffers.Binary;
using System.Data.Common;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Cistern.Data;

/// <summary>
/// The data file, owned by one process: while this object lives, an operating system lock keeps other processes out. The lock ends
/// with the process, however that ends.
/// </summary>
public sealed class DataFile : IDisposable
{
    /// <summary>Application id in the file's header: a user's own data.</summary>
    private const int UserApplicationId = 0x43495354; // CIST

    /// <summary>Application id in the file's header: made by the demo, which may delete it.</summary>
    private const int DemoApplicationId = 0x43495344; // CISD

    private readonly FileStream lockFile;
    private readonly List<string> startMessages = [];

    /// <summary>The open file, so that a second path to it cannot be locked separately. SQLite's own locks are of another kind and unaffected.</summary>
    private FileStream? dataStream;

    private DataFile(string path, FileStream owned)
    {
        Path = path;
        this.lockFile = owned;
    }

    /// <summary>The schema of this version: every migration, oldest first.</summary>
    public static IReadOnlyList<string> Schema { get; } = Migrations();

    /// <summary>Where it lies, every link followed.</summary>
    public string Path { get; }

    /// <summary>What happened during the start that the user should know, as sentences.</summary>
    public IReadOnlyList<string> StartMessages => startMessages;

    /// <summary>Called between any two changes a start makes to the disk, so that tests can check what a kill would leave.</summary>
    internal Action? BeforeEachChange { get; set; }

    /// <summary>The path at which a new file is built before it is complete.</summary>
    private string BuildPath => Path + ".new";

    /// <summary>Takes a data file for this process.</summary>
    /// <param name="path">The file, which need not exist.</param>
    /// <exception cref="DataFileRefusedException">Another process has it, or it cannot be written.</exception>
    public static DataFile Take(string path)
    {
        var real = path;
        try
        {
            Directory.CreateDirectory(System.IO.Path.GetDirectoryName(System.IO.Path.GetFullPath(path))!);
            real = Disk.ResolvedPath(path);
            return new DataFile(real, Disk.OpenOwned(real + ".lock", FileShare.None));
        }
        catch (IOException error) when (Disk.IsLocked(error))
        {
            throw new DataFileRefusedException($"Another Cistern is using {real}: stop it first, or choose another file with CISTERN_DATA.", error);
        }
        catch (Exception error) when (Disk.ProblemOf(error) is { } trouble)
        {
            throw new DataFileRefusedException($"The data file {real} cannot be used: {trouble}.", error);
        }
    }

    /// <summary>Configures a context for an existing data file.</summary>
    /// <param name="builder">The builder to configure.</param>
    /// <param name="path">The file.</param>
    /// <param name="interceptors">Further interceptors.</param>
    public static void Configure(DbContextOptionsBuilder builder, string path, params IInterceptor[] interceptors)
    {
        builder.UseSqlite(Connection(path)).AddInterceptors([new Durable(), .. interceptors]);
    }

    /// <summary>A context for an existing data file, for use outside the web application.</summary>
    /// <param name="path">The file.</param>
    /// <param name="interceptors">Further interceptors.</param>
    public static CisternDb ContextOn(string path, params IInterceptor[] interceptors)
    {
        var builder = new DbContextOptionsBuilder<CisternDb>();
        Configure(builder, path, interceptors);
        return new CisternDb(builder.Options);
    }

    /// <summary>Prepares the file: builds a new one, or migrates an older one.</summary>
    /// <param name="demo">Whether a new file is filled with the demo's data.</param>
    /// <param name="fill">Fills a new or empty file.</param>
    /// <param name="ct">Cancels it; the file is then unchanged.</param>
    /// <exception cref="DataFileRefusedException">The file cannot be used.</exception>
    public async Task PrepareAsync(bool demo, Func<CisternDb, CancellationToken, Task>? fill = null, CancellationToken ct = default)
    {
        try
        {
            // Nobody else has the file open under any name.
            if (File.Exists(Path))
            {
                await Disk.OpenOwned(Path, FileShare.None).DisposeAsync();
            }

            CompleteRestore();
            Clear(BuildPath);
            if (AppliedMigrations() is not { } applied)
            {
                await BuildAsync(demo ? DemoApplicationId : UserApplicationId, fill, ct);
            }
            else if (applied.Except(Schema, StringComparer.Ordinal).FirstOrDefault() is { } unknown)
            {
                throw new DataFileRefusedException($"The data file {Path} was written by a newer Cistern (its tables are of {unknown}): update Cistern, or choose another file with CISTERN_DATA.");
            }
            else if (applied.Count < Schema.Count)
            {
                await MigrateAsync(applied[^1], ct);
            }
            else
            {
                RemoveMigrationLock(Path);
            }

            foreach (var suffix in (string[])["", "-wal", "-shm"])
            {
                Disk.RestrictToOwner(Path + suffix);
            }

            BeforeEachChange?.Invoke();
            await RecordRestoreAsync(ct);
            var empty = SetJournalMode();
            if (fill is not null && empty)
            {
                await using var db = Context(Path);
                await FillAsync(db, fill, ct);
            }

            dataStream ??= Disk.OpenOwned(Path, FileShare.None);
        }
        catch (IOException error) when (Disk.IsLocked(error))
        {
            throw new DataFileRefusedException($"Another Cistern is using {Path} under another name of the same file: stop it first, or choose another file with CISTERN_DATA.", error);
        }
        catch (Exception error) when (error is not DataFileRefusedException and not OperationCanceledException && Disk.ProblemOf(error) is { } trouble)
        {
            throw new DataFileRefusedException($"The data file {Path} cannot be used: {trouble}.", error);
        }
    }

    /// <summary>Deletes the demo's own data file, so that it starts anew; never another one.</summary>
    /// <param name="isOldDemo">Recognises a demo file of an earlier version, which has no mark.</param>
    /// <exception cref="DataFileRefusedException">The file is not the demo's.</exception>
    public void RemoveDemo(Func<string, bool> isOldDemo)
    {
        if (IsNothing)
        {
            return;
        }

        if (ApplicationId() != DemoApplicationId && !(ApplicationId() == 0 && IsDatabase() && isOldDemo(Connection(Path, pooled: false))))
        {
            throw new DataFileRefusedException($"{Path} was not made by the demo, so --fresh does not delete it: choose another file with CISTERN_DATA, or move this one yourself.");
        }

        Clear(Path);
    }

    /// <summary>Whether the file is still where it was opened, so that data written now will be found after a start.</summary>
    public bool IsInPlace
    {
        get
        {
            if (dataStream is null)
            {
                return false;
            }

            if (!OperatingSystem.IsLinux())
            {
                return File.Exists(Path);
            }

            // The kernel reports an open file's current name, with "(deleted)" appended when it has none.
            var name = new FileInfo(string.Create(CultureInfo.InvariantCulture, $"/proc/self/fd/{dataStream.SafeFileHandle.DangerousGetHandle()}")).LinkTarget;
            return name is null ? File.Exists(Path) : name == Path;
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        // A pooled connection would keep the file open.
        using (var connection = new SqliteConnection(Connection(Path)))
        {
            SqliteConnection.ClearPool(connection);
        }

        dataStream?.Dispose();
        lockFile.Dispose();
    }

    /// <summary>
    /// Deletes plans that were only tried (not saved, brewed, paired or scheduled, and not touched since a time), and old idempotency
    /// records.
    /// </summary>
    /// <param name="db">The context of the data file.</param>
    /// <param name="beforeMs">The time, UTC ms.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task<int> DeleteTriedPlansAsync(CisternDb db, long beforeMs, CancellationToken ct = default)
    {
        await db.IdempotentRequests.Where(request => request.AtMs < beforeMs).ExecuteDeleteAsync(ct);
        return await db.Plans
            .Where(stored => stored.SavedAtMs == null && stored.ChangedAtMs < beforeMs && (stored.WantedAtMs == null || stored.WantedAtMs < beforeMs)
                && !db.Brews.Any(brew => brew.StoredPlanId == stored.Id) && !db.Pairs.Any(pair => pair.SecondPlanId == stored.Id))
            .ExecuteDeleteAsync(ct);
    }

    /// <summary>The migrations applied to a file, oldest first.</summary>
    /// <param name="connection">An open connection to it.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task<IReadOnlyList<string>> AppliedMigrationsAsync(SqliteConnection connection, CancellationToken ct = default)
    {
        var applied = new List<string>();
        await using var command = connection.CreateCommand();
        command.CommandText = "SELECT MigrationId FROM __EFMigrationsHistory ORDER BY MigrationId";
        await using var rows = await command.ExecuteReaderAsync(ct);
        while (await rows.ReadAsync(ct))
        {
            applied.Add(rows.GetString(0));
        }

        return applied;
    }

    /// <summary>A new connection outside the pool, which sees the file now at the path.</summary>
    public SqliteConnection OpenUnpooled() => OpenUnpooled(Path);

    /// <summary>Outside the pool: a pooled connection would keep a file open that is being replaced.</summary>
    private static SqliteConnection OpenUnpooled(string path)
    {
        var connection = new SqliteConnection(Connection(path, pooled: false));
        connection.Open();
        return connection;
    }

    /// <summary>Never creates a file: one that was deleted must not come back empty.</summary>
    private static string Connection(string path, bool pooled = true) =>
        new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, Pooling = pooled, DefaultTimeout = 10, Mode = SqliteOpenMode.ReadWrite }.ToString();

    private CisternDb Context(string path) => ContextOn(path, new ChangeReporter(this));

    private static void Clear(string path)
    {
        foreach (var suffix in (string[])["", "-wal", "-shm", "-journal"])
        {
            File.Delete(path + suffix);
        }
    }

    private static void Run(SqliteConnection connection, string sql)
    {
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    /// <summary>
    /// An interrupted migration leaves a row that EF's migrator would wait for. Whoever owns the file knows that no other migration is
    /// running.
    /// </summary>
    private static void RemoveMigrationLock(string path)
    {
        using var connection = OpenUnpooled(path);
        if (Tables(connection).Contains("__EFMigrationsLock"))
        {
            Run(connection, "DELETE FROM __EFMigrationsLock");
        }
    }

    private static HashSet<string> Tables(SqliteConnection connection)
    {
        var tables = new HashSet<string>(StringComparer.Ordinal);
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'";
        using var rows = command.ExecuteReader();
        while (rows.Read())
        {
            tables.Add(rows.GetString(0));
        }

        return tables;
    }

    /// <summary>The migrations applied to the file; null where there is no file, or one with nothing but the first steps of a start.</summary>
    private List<string>? AppliedMigrations()
    {
        if (IsNothing)
        {
            return null;
        }

        if (!IsDatabase())
        {
            throw new DataFileRefusedException($"{Path} is not a data file of Cistern: it is not a database. Choose another with CISTERN_DATA, or move it.");
        }

        using var connection = OpenUnpooled(Path);
        var tables = Tables(connection);
        var applied = tables.Contains("__EFMigrationsHistory") ? AppliedMigrationsAsync(connection).GetAwaiter().GetResult().ToList() : [];
        tables.ExceptWith(["__EFMigrationsHistory", "__EFMigrationsLock"]);
        if (applied.Count == 0 && tables.Count > 0)
        {
            throw new DataFileRefusedException($"{Path} is not a data file of Cistern: it has other tables. Choose another with CISTERN_DATA, or move it.");
        }

        return applied.Count == 0 ? null : applied;
    }

    /// <summary>No file, or one with nothing in it.</summary>
    private bool IsNothing => !File.Exists(Path) || new FileInfo(Path).Length == 0;

    private bool IsDatabase()
    {
        Span<byte> head = stackalloc byte[16];
        return ReadHead(head) && head.SequenceEqual("SQLite format 3\0"u8);
    }

    private int ApplicationId()
    {
        // SQLite stores it at byte 68 of the header, big endian.
        Span<byte> head = stackalloc byte[72];
        return ReadHead(head) ? BinaryPrimitives.ReadInt32BigEndian(head[68..]) : 0;
    }

    /// <summary>Reads the start of the file; false where it is shorter.</summary>
    private bool ReadHead(Span<byte> head)
    {
        using var file = File.OpenRead(Path);
        return file.ReadAtLeast(head, head.Length, throwOnEndOfStream: false) == head.Length;
    }

    /// <summary>Sets the journal mode, which the file's header stores. Nothing else is done here, to keep starts short.</summary>
    /// <returns>Whether the file has no baristas yet, so that it may be filled.</returns>
    private bool SetJournalMode()
    {
        using var connection = OpenUnpooled(Path);
        Run(connection, "PRAGMA journal_mode=WAL");
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT EXISTS (SELECT 1 FROM Baristas)";
        return command.ExecuteScalar() is 0L;
    }

    /// <summary>Builds a new file at another path and renames it when it is complete, so that an interrupted start leaves no incomplete file.</summary>
    private async Task BuildAsync(int mark, Func<CisternDb, CancellationToken, Task>? fill, CancellationToken ct)
    {
        await Disk.OpenOwned(BuildPath, FileShare.ReadWrite).DisposeAsync();
        await WriteBuildAsync(
            async db =>
            {
                await db.Database.MigrateAsync(ct);
                await db.Database.ExecuteSqlRawAsync(string.Create(CultureInfo.InvariantCulture, $"PRAGMA application_id={mark}"), ct);
                if (fill is not null)
                {
                    await FillAsync(db, fill, ct);
                }
            },
            ct);
        BeforeEachChange?.Invoke();
        Clear(Path);
        BeforeEachChange?.Invoke();
        Disk.Replace(BuildPath, Path);
    }

    /// <summary>Migrates a copy and puts it in the file's place; the file from before is kept beside it.</summary>
    private async Task MigrateAsync(string from, CancellationToken ct)
    {
        var before = string.Create(CultureInfo.InvariantCulture, $"{Path}.before-{Schema[^1][..14]}");
        await using (var connection = OpenUnpooled(Path))
        {
            // SQLite would apply a journal left beside the file to the one that replaces it.
            Run(connection, "PRAGMA journal_mode=DELETE");
            foreach (var copy in (string[])[before + ".new", BuildPath])
            {
                Clear(copy);
                await Disk.OpenOwned(copy, FileShare.ReadWrite).DisposeAsync();
                BeforeEachChange?.Invoke();
                await using var to = OpenUnpooled(copy);
                connection.BackupDatabase(to);
            }
        }

        BeforeEachChange?.Invoke();
        Disk.Replace(before + ".new", before);
        BeforeEachChange?.Invoke();
        RemoveMigrationLock(BuildPath);
        try
        {
            await WriteBuildAsync(
                async db =>
                {
                    await db.Database.MigrateAsync(ct);
                    await OldTargets.RemoveAsync(db, from, ct);
                },
                ct);
        }
        catch (Exception error) when (error is SqliteException or InvalidOperationException && Disk.ProblemOf(error) is null)
        {
            throw new DataFileRefusedException($"The data file {Path} (of {from}) could not be migrated to this version: {error.Message.TrimEnd('.')}. It is unchanged.", error);
        }

        BeforeEachChange?.Invoke();
        Disk.Replace(BuildPath, Path);
    }

    private static string[] Migrations()
    {
        using var db = ContextOn("schema.db");
        return [.. db.Database.GetMigrations()];
    }

    private async Task WriteBuildAsync(Func<CisternDb, Task> make, CancellationToken ct)
    {
        await using var db = Context(BuildPath);
        await db.Database.OpenConnectionAsync(ct);
        // The finished file is flushed as a whole; until then nothing in it matters.
        await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=MEMORY; PRAGMA synchronous=OFF", ct);
        await make(db);
        var connection = (SqliteConnection)db.Database.GetDbConnection();
        await db.Database.CloseConnectionAsync();
        SqliteConnection.ClearPool(connection);
    }

    /// <summary>
    /// Puts a restored copy in the file's place and keeps the file from before. If interrupted, the next start continues: the copy
    /// keeps its name until it is in place.
    /// </summary>
    private void CompleteRestore()
    {
        var waiting = Backups.RestorePath(Path);
        if (!File.Exists(waiting))
        {
            return;
        }

        if (Backups.Problem(waiting) is { } problem)
        {
            startMessages.Add($"{waiting} was not restored: {problem}. It is now {Backups.SetAside(Path)}; the data are unchanged.");
            return;
        }

        var replaced = "";
        if (File.Exists(Path))
        {
            try
            {
                using var connection = OpenUnpooled(Path);
                Run(connection, "PRAGMA journal_mode=DELETE");
            }
            catch (SqliteException)
            {
                // Usually a damaged file is what is restored over; it is set aside with its journal.
            }

            BeforeEachChange?.Invoke();
            var before = string.Create(CultureInfo.InvariantCulture, $"{Path}.before-restore-{File.GetLastWriteTimeUtc(waiting):yyyyMMddHHmmss}");
            foreach (var suffix in (string[])["-wal", "-shm", "-journal", ""])
            {
                if (File.Exists(Path + suffix))
                {
                    File.Move(Path + suffix, before + suffix, overwrite: true);
                    BeforeEachChange?.Invoke();
                }
            }

            replaced = before;
        }

        // After an interruption, this tells the next start which file was replaced.
        if (replaced.Length > 0 || !File.Exists(RestoredMarkPath))
        {
            File.WriteAllText(RestoredMarkPath, replaced);
        }

        Disk.Replace(waiting, Path);
        BeforeEachChange?.Invoke();
    }

    /// <summary>Marks that a copy was restored and this is not recorded yet.</summary>
    private string RestoredMarkPath => Path + ".restored";

    /// <summary>
    /// Devices, the record of actions and PINs belong to this machine as it is today, not to the copy: they are taken over from the
    /// replaced file. Where that is missing or unreadable, no device is connected.
    /// </summary>
    private async Task TakeOverDevicesAsync(CisternDb db, string replaced, CancellationToken ct)
    {
        var (devices, records, pins) = (new List<Device>(), new List<ActionRecord>(), new Dictionary<string, string>(StringComparer.Ordinal));
        try
        {
            if (replaced.Length > 0 && Backups.Problem(replaced) is null)
            {
                await using var old = ContextOn(replaced);
                devices = await old.Devices.AsNoTracking().ToListAsync(ct);
                records = await old.ActionRecords.AsNoTracking().ToListAsync(ct);
                pins = await old.Baristas.AsNoTracking().ToDictionaryAsync(one => one.Name, one => one.Pin, StringComparer.Ordinal, ct);
                SqliteConnection.ClearPool((SqliteConnection)old.Database.GetDbConnection());
            }
        }
        catch (SqliteException error)
        {
            startMessages.Add($"The connected devices could not be read from {replaced} ({error.Message.TrimEnd('.')}): none is connected.");
            (devices, records, pins) = ([], [], []);
        }

        await db.Devices.ExecuteDeleteAsync(ct);
        await db.ActionRecords.ExecuteDeleteAsync(ct);
        db.Devices.AddRange(devices);
        db.ActionRecords.AddRange(records);
        foreach (var barista in await db.Baristas.ToListAsync(ct))
        {
            barista.Pin = pins.GetValueOrDefault(barista.Name, barista.Pin);
        }

        await db.SaveChangesAsync(ct);
    }

    /// <summary>Records the restore in the restored file, once that has this version's schema.</summary>
    private async Task RecordRestoreAsync(CancellationToken ct)
    {
        if (!File.Exists(RestoredMarkPath))
        {
            return;
        }

        var replaced = await File.ReadAllTextAsync(RestoredMarkPath, ct);
        await using (var db = Context(Path))
        await using (var transaction = await db.Database.BeginTransactionAsync(ct))
        {
            await TakeOverDevicesAsync(db, replaced, ct);
            db.ActionRecords.Add(new ActionRecord { AtMs = new DateTimeOffset(File.GetLastWriteTimeUtc(RestoredMarkPath), TimeSpan.Zero).ToUnixTimeMilliseconds(), What = "A copy of the data was restored. The data from before are kept beside it.", Who = "this machine" });
            await db.SaveChangesAsync(ct);
            await transaction.CommitAsync(ct);
        }

        BeforeEachChange?.Invoke();
        File.Delete(RestoredMarkPath);
    }

    /// <summary>In one transaction: an incompletely filled file would never be completed.</summary>
    private static async Task FillAsync(CisternDb db, Func<CisternDb, CancellationToken, Task> fill, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        await fill(db, ct);
        await transaction.CommitAsync(ct);
    }

    /// <summary>Reports every command before it runs.</summary>
    private sealed class ChangeReporter(DataFile file) : DbCommandInterceptor
    {
        public override InterceptionResult<int> NonQueryExecuting(DbCommand command, CommandEventData eventData, InterceptionResult<int> result)
        {
            file.BeforeEachChange?.Invoke();
            return result;
        }

        public override ValueTask<InterceptionResult<int>> NonQueryExecutingAsync(DbCommand command, CommandEventData eventData, InterceptionResult<int> result, CancellationToken cancellationToken = default)
        {
            file.BeforeEachChange?.Invoke();
            return ValueTask.FromResult(result);
        }

        public override ValueTask<InterceptionResult<DbDataReader>> ReaderExecutingAsync(DbCommand command, CommandEventData eventData, InterceptionResult<DbDataReader> result, CancellationToken cancellationToken = default)
        {
            file.BeforeEachChange?.Invoke();
            return ValueTask.FromResult(result);
        }
    }

    /// <summary>A commit returns only when it is on the disk: synchronous=FULL is per connection, so it is set on each.</summary>
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

/// <summary>Lets the EF tools create a context without the web application.</summary>
public sealed class DesignTimeDb : IDesignTimeDbContextFactory<CisternDb>
{
    /// <inheritdoc/>
    public CisternDb CreateDbContext(string[] args) => DataFile.ContextOn("design-time.db");
}
