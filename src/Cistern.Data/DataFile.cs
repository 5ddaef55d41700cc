using System.Buffers.Binary;
using System.Data.Common;
using System.Globalization;
using Cistern.Data.House;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Cistern.Data;

/// <summary>
/// The data file of one bench, owned by one process: as long as this lives, the operating system keeps everybody else's
/// Cistern out of it, and gives it free with the process, however that ends.
/// </summary>
public sealed class DataFile : IDisposable
{
    /// <summary>Stands in the file's header: a bench of somebody's own.</summary>
    private const int OwnMark = 0x43495354; // CIST

    /// <summary>Stands in the file's header: made by the demo, and its to throw away.</summary>
    private const int DemoMark = 0x43495344; // CISD

    private readonly FileStream owned;
    private readonly List<string> said = [];

    /// <summary>The file itself, held: a second name of it is another path with a lock of its own. SQLite's own locks are of another kind and go on beside this one.</summary>
    private FileStream? opened;

    private DataFile(string path, FileStream owned)
    {
        Path = path;
        this.owned = owned;
    }

    /// <summary>The schema of this version: every migration, oldest first.</summary>
    public static IReadOnlyList<string> Schema { get; } = Migrations();

    /// <summary>Where it lies, every link followed.</summary>
    public string Path { get; }

    /// <summary>What a start did that whoever started it should know, a sentence each.</summary>
    public IReadOnlyList<string> Said => said;

    /// <summary>Called between any two things a start does to the disk: a test looks there at what a kill would leave.</summary>
    internal Action? Reached { get; set; }

    /// <summary>Where it is built before it stands whole.</summary>
    private string Building => Path + ".new";

    /// <summary>Takes a data file for this process.</summary>
    /// <param name="path">The file; it need not be there yet.</param>
    /// <exception cref="DataFileRefusedException">Another Cistern has it, or it cannot be written there.</exception>
    public static DataFile Take(string path)
    {
        var real = path;
        try
        {
            Directory.CreateDirectory(System.IO.Path.GetDirectoryName(System.IO.Path.GetFullPath(path))!);
            real = Disk.Real(path);
            return new DataFile(real, Disk.Own(real + ".lock", FileShare.None));
        }
        catch (IOException error) when (Disk.IsHeld(error))
        {
            throw new DataFileRefusedException($"Another Cistern is using {real}: stop it first, or give this one a file of its own with CISTERN_DATA.", error);
        }
        catch (Exception error) when (Disk.Trouble(error) is { } trouble)
        {
            throw new DataFileRefusedException($"The data file {real} cannot be used: {trouble}.", error);
        }
    }

    /// <summary>Options for a context on a data file that is there.</summary>
    /// <param name="builder">Takes the options.</param>
    /// <param name="path">The file.</param>
    /// <param name="interceptors">More to be done at each command.</param>
    public static void Configure(DbContextOptionsBuilder builder, string path, params IInterceptor[] interceptors)
    {
        builder.UseSqlite(Connection(path)).AddInterceptors([new Durable(), .. interceptors]);
    }

    /// <summary>A context of its own on a data file that is there, for whoever has no application that hands one out.</summary>
    /// <param name="path">The file.</param>
    /// <param name="interceptors">More to be done at each command.</param>
    public static CisternDb ContextOn(string path, params IInterceptor[] interceptors)
    {
        var builder = new DbContextOptionsBuilder<CisternDb>();
        Configure(builder, path, interceptors);
        return new CisternDb(builder.Options);
    }

    /// <summary>Makes the file ready: built where there is none, brought up to this version where it is older.</summary>
    /// <param name="demo">Whether the demo's own bench goes into a new file.</param>
    /// <param name="fill">Fills a new file, or one that is still empty.</param>
    /// <param name="ct">Stops it; the file is then as it was.</param>
    /// <exception cref="DataFileRefusedException">It cannot be used, and why.</exception>
    public async Task PrepareAsync(bool demo, Func<CisternDb, CancellationToken, Task>? fill = null, CancellationToken ct = default)
    {
        try
        {
            // Nobody else has the file under any name; where it is not there yet, nobody can.
            if (File.Exists(Path))
            {
                await Disk.Own(Path, FileShare.None).DisposeAsync();
            }

            PutBack();
            Clear(Building);
            if (Applied() is not { } applied)
            {
                await BuildAsync(demo ? DemoMark : OwnMark, fill, ct);
            }
            else if (applied.Except(Schema, StringComparer.Ordinal).FirstOrDefault() is { } unknown)
            {
                throw new DataFileRefusedException($"The data file {Path} was written by a newer Cistern (its tables are of {unknown}): bring Cistern up to date, or give this one another file with CISTERN_DATA.");
            }
            else if (applied.Count < Schema.Count)
            {
                await BringUpAsync(applied[^1], ct);
            }
            else
            {
                Unlock(Path);
            }

            foreach (var suffix in (string[])["", "-wal", "-shm"])
            {
                Disk.Shut(Path + suffix);
            }

            Reached?.Invoke();
            await RecordRestoreAsync(ct);
            var empty = Opened();
            if (fill is not null && empty)
            {
                await using var db = Context(Path);
                await FillAsync(db, fill, ct);
            }

            opened ??= Disk.Own(Path, FileShare.None);
        }
        catch (IOException error) when (Disk.IsHeld(error))
        {
            throw new DataFileRefusedException($"Another Cistern is using {Path} under another name of the same file: stop it first, or give this one a file of its own with CISTERN_DATA.", error);
        }
        catch (Exception error) when (error is not DataFileRefusedException and not OperationCanceledException && Disk.Trouble(error) is { } trouble)
        {
            throw new DataFileRefusedException($"The data file {Path} cannot be used: {trouble}.", error);
        }
    }

    /// <summary>Throws the demo's own file away, so that it begins anew; nobody else's.</summary>
    /// <param name="isOldDemo">Tells whether a file that an earlier version made without a mark is the demo's.</param>
    /// <exception cref="DataFileRefusedException">It is not the demo's.</exception>
    public void RemoveDemo(Func<string, bool> isOldDemo)
    {
        if (IsNothing)
        {
            return;
        }

        if (Mark() != DemoMark && !(Mark() == 0 && IsDatabase() && isOldDemo(Connection(Path, pooled: false))))
        {
            throw new DataFileRefusedException($"{Path} was not made by the demo, so --fresh leaves it alone: name another file with CISTERN_DATA, or move this one away yourself.");
        }

        Clear(Path);
    }

    /// <summary>Whether what is written now would still be there after a start: the file stands where it was opened.</summary>
    public bool StillThere
    {
        get
        {
            if (opened is null)
            {
                return false;
            }

            if (!OperatingSystem.IsLinux())
            {
                return File.Exists(Path);
            }

            // The kernel tells under which name an open file is known now; "(deleted)" is part of it when it has none.
            var name = new FileInfo(string.Create(CultureInfo.InvariantCulture, $"/proc/self/fd/{opened.SafeFileHandle.DangerousGetHandle()}")).LinkTarget;
            return name is null ? File.Exists(Path) : name == Path;
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        // A pooled connection would keep the file open after its owner has let go.
        using (var connection = new SqliteConnection(Connection(Path)))
        {
            SqliteConnection.ClearPool(connection);
        }

        opened?.Dispose();
        owned.Dispose();
    }

    /// <summary>Lets go of plans that nobody has kept, brewed, paired, or touched since a moment and wants no cup of, which were only tried, and of answered requests.</summary>
    /// <param name="db">The data.</param>
    /// <param name="beforeMs">The moment, UTC ms.</param>
    /// <param name="ct">Stops it.</param>
    public static async Task<int> TidyAsync(CisternDb db, long beforeMs, CancellationToken ct = default)
    {
        await db.IdempotentRequests.Where(request => request.AtMs < beforeMs).ExecuteDeleteAsync(ct);
        return await db.Plans
            .Where(stored => stored.KeptAtMs == null && stored.ChangedAtMs < beforeMs && (stored.WantedAtMs == null || stored.WantedAtMs < beforeMs)
                && !db.Brews.Any(brew => brew.StoredPlanId == stored.Id) && !db.Pairs.Any(pair => pair.SecondPlanId == stored.Id))
            .ExecuteDeleteAsync(ct);
    }

    /// <summary>The migrations a file has had, oldest first.</summary>
    /// <param name="connection">An open connection to it.</param>
    /// <param name="ct">Stops it.</param>
    public static async Task<IReadOnlyList<string>> AppliedAsync(SqliteConnection connection, CancellationToken ct = default)
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

    /// <summary>A connection that is opened anew, outside the pool: it sees the file that lies there now.</summary>
    public SqliteConnection OpenAnew() => OpenAnew(Path);

    /// <summary>Outside the pool: a pooled connection would go on holding a file that another one takes the place of.</summary>
    private static SqliteConnection OpenAnew(string path)
    {
        var connection = new SqliteConnection(Connection(path, pooled: false));
        connection.Open();
        return connection;
    }

    /// <summary>Never makes a file: one that has gone must not come back empty.</summary>
    private static string Connection(string path, bool pooled = true) =>
        new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, Pooling = pooled, DefaultTimeout = 10, Mode = SqliteOpenMode.ReadWrite }.ToString();

    private CisternDb Context(string path) => ContextOn(path, new Reaching(this));

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
    /// A start that was interrupted leaves a row that says it is migrating, and the migrator would wait for it for ever.
    /// Whoever owns the file knows that nobody is.
    /// </summary>
    private static void Unlock(string path)
    {
        using var connection = OpenAnew(path);
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

    /// <summary>The migrations the file has had; null where there is no file, or one in which a start got no further than its first steps.</summary>
    private List<string>? Applied()
    {
        if (IsNothing)
        {
            return null;
        }

        if (!IsDatabase())
        {
            throw new DataFileRefusedException($"{Path} is no data file of Cistern: it is no database at all. Name another with CISTERN_DATA, or move it away.");
        }

        using var connection = OpenAnew(Path);
        var tables = Tables(connection);
        var applied = tables.Contains("__EFMigrationsHistory") ? AppliedAsync(connection).GetAwaiter().GetResult().ToList() : [];
        tables.ExceptWith(["__EFMigrationsHistory", "__EFMigrationsLock"]);
        if (applied.Count == 0 && tables.Count > 0)
        {
            throw new DataFileRefusedException($"{Path} is no data file of Cistern: it holds other tables. Name another with CISTERN_DATA, or move it away.");
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

    private int Mark()
    {
        // SQLite keeps it at byte 68 of the header, big end first.
        Span<byte> head = stackalloc byte[72];
        return ReadHead(head) ? BinaryPrimitives.ReadInt32BigEndian(head[68..]) : 0;
    }

    /// <summary>Reads how the file begins; false where it is shorter.</summary>
    private bool ReadHead(Span<byte> head)
    {
        using var file = File.OpenRead(Path);
        return file.ReadAtLeast(head, head.Length, throwOnEndOfStream: false) == head.Length;
    }

    /// <summary>Sets the file's journal, which its header keeps; no more is done at a start than must be.</summary>
    /// <returns>Whether nobody brews here yet, so that it may be filled.</returns>
    private bool Opened()
    {
        using var connection = OpenAnew(Path);
        Run(connection, "PRAGMA journal_mode=WAL");
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT EXISTS (SELECT 1 FROM Baristas)";
        return command.ExecuteScalar() is 0L;
    }

    /// <summary>Builds a new file beside its place, and puts it there when it is whole: a start that is cut off leaves nothing behind.</summary>
    private async Task BuildAsync(int mark, Func<CisternDb, CancellationToken, Task>? fill, CancellationToken ct)
    {
        await Disk.Own(Building, FileShare.ReadWrite).DisposeAsync();
        await MakeAsync(
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
        Reached?.Invoke();
        Clear(Path);
        Reached?.Invoke();
        Disk.Replace(Building, Path);
    }

    /// <summary>Brings a copy up to this version and puts it in the file's place; the file as it was stays beside it.</summary>
    private async Task BringUpAsync(string from, CancellationToken ct)
    {
        var before = string.Create(CultureInfo.InvariantCulture, $"{Path}.before-{Schema[^1][..14]}");
        await using (var connection = OpenAnew(Path))
        {
            // A journal left beside the file would be played into the one that takes its place.
            Run(connection, "PRAGMA journal_mode=DELETE");
            foreach (var copy in (string[])[before + ".new", Building])
            {
                Clear(copy);
                await Disk.Own(copy, FileShare.ReadWrite).DisposeAsync();
                Reached?.Invoke();
                await using var to = OpenAnew(copy);
                connection.BackupDatabase(to);
            }
        }

        Reached?.Invoke();
        Disk.Replace(before + ".new", before);
        Reached?.Invoke();
        Unlock(Building);
        try
        {
            await MakeAsync(
                async db =>
                {
                    await db.Database.MigrateAsync(ct);
                    await OldTargets.LetGoAsync(db, from, ct);
                },
                ct);
        }
        catch (Exception error) when (error is SqliteException or InvalidOperationException && Disk.Trouble(error) is null)
        {
            throw new DataFileRefusedException($"The data file {Path} (of {from}) could not be brought up to this version: {error.Message.TrimEnd('.')}. It is as it was.", error);
        }

        Reached?.Invoke();
        Disk.Replace(Building, Path);
    }

    private static string[] Migrations()
    {
        using var db = ContextOn("schema.db");
        return [.. db.Database.GetMigrations()];
    }

    private async Task MakeAsync(Func<CisternDb, Task> make, CancellationToken ct)
    {
        await using var db = Context(Building);
        await db.Database.OpenConnectionAsync(ct);
        // It is written through to the disk as a whole when it takes its place; until then nothing of it counts.
        await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode=MEMORY; PRAGMA synchronous=OFF", ct);
        await make(db);
        var connection = (SqliteConnection)db.Database.GetDbConnection();
        await db.Database.CloseConnectionAsync();
        SqliteConnection.ClearPool(connection);
    }

    /// <summary>
    /// Puts a copy that was laid down in the file's place; the file as it was stays beside it. Cut off anywhere, the next
    /// start goes on with it: the copy waits under its name until it stands in place.
    /// </summary>
    private void PutBack()
    {
        var waiting = Copies.Waiting(Path);
        if (!File.Exists(waiting))
        {
            return;
        }

        if (Copies.Problem(waiting) is { } problem)
        {
            said.Add($"{waiting} was to be put back, and was not: {problem}. It lies in {Copies.SetAside(Path)} now; the data are as they were.");
            return;
        }

        var replaced = "";
        if (File.Exists(Path))
        {
            try
            {
                using var connection = OpenAnew(Path);
                Run(connection, "PRAGMA journal_mode=DELETE");
            }
            catch (SqliteException)
            {
                // A damaged file is what is restored over most often: it is set aside with whatever lies beside it.
            }

            Reached?.Invoke();
            var before = string.Create(CultureInfo.InvariantCulture, $"{Path}.before-restore-{File.GetLastWriteTimeUtc(waiting):yyyyMMddHHmmss}");
            foreach (var suffix in (string[])["-wal", "-shm", "-journal", ""])
            {
                if (File.Exists(Path + suffix))
                {
                    File.Move(Path + suffix, before + suffix, overwrite: true);
                    Reached?.Invoke();
                }
            }

            replaced = before;
        }

        // A start that was cut off here knows from it what had stood in the file's place.
        if (replaced.Length > 0 || !File.Exists(Restored))
        {
            File.WriteAllText(Restored, replaced);
        }

        Disk.Replace(waiting, Path);
        Reached?.Invoke();
    }

    /// <summary>Says that a copy was put back and is not in the record yet.</summary>
    private string Restored => Path + ".restored";

    /// <summary>
    /// Who is let in is of this machine and of today, not of the copy: the devices, the record of what was done and the PINs are
    /// taken over from the file that was replaced. Where that is not there, or cannot be read, nobody is paired.
    /// </summary>
    private async Task TakeOverHouseAsync(CisternDb db, string replaced, CancellationToken ct)
    {
        var (devices, records, pins) = (new List<Device>(), new List<HouseRecord>(), new Dictionary<string, string>(StringComparer.Ordinal));
        try
        {
            if (replaced.Length > 0 && Copies.Problem(replaced) is null)
            {
                await using var old = ContextOn(replaced);
                devices = await old.Devices.AsNoTracking().ToListAsync(ct);
                records = await old.HouseRecords.AsNoTracking().ToListAsync(ct);
                pins = await old.Baristas.AsNoTracking().ToDictionaryAsync(one => one.Name, one => one.Pin, StringComparer.Ordinal, ct);
                SqliteConnection.ClearPool((SqliteConnection)old.Database.GetDbConnection());
            }
        }
        catch (SqliteException error)
        {
            said.Add($"Who was paired could not be read from {replaced} ({error.Message.TrimEnd('.')}): nobody is.");
            (devices, records, pins) = ([], [], []);
        }

        await db.Devices.ExecuteDeleteAsync(ct);
        await db.HouseRecords.ExecuteDeleteAsync(ct);
        db.Devices.AddRange(devices);
        db.HouseRecords.AddRange(records);
        foreach (var barista in await db.Baristas.ToListAsync(ct))
        {
            barista.Pin = pins.GetValueOrDefault(barista.Name, barista.Pin);
        }

        await db.SaveChangesAsync(ct);
    }

    /// <summary>What was put back knows nothing of it: it is written into its record when it is of this version.</summary>
    private async Task RecordRestoreAsync(CancellationToken ct)
    {
        if (!File.Exists(Restored))
        {
            return;
        }

        var replaced = await File.ReadAllTextAsync(Restored, ct);
        await using (var db = Context(Path))
        await using (var transaction = await db.Database.BeginTransactionAsync(ct))
        {
            await TakeOverHouseAsync(db, replaced, ct);
            db.HouseRecords.Add(new HouseRecord { AtMs = new DateTimeOffset(File.GetLastWriteTimeUtc(Restored), TimeSpan.Zero).ToUnixTimeMilliseconds(), What = "A copy of the data was put back. What was there before lies beside it.", Who = "this machine" });
            await db.SaveChangesAsync(ct);
            await transaction.CommitAsync(ct);
        }

        Reached?.Invoke();
        File.Delete(Restored);
    }

    /// <summary>All of it or nothing: a bench that is half filled would never be filled again.</summary>
    private static async Task FillAsync(CisternDb db, Func<CisternDb, CancellationToken, Task> fill, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        await fill(db, ct);
        await transaction.CommitAsync(ct);
    }

    /// <summary>Tells of every command before it runs.</summary>
    private sealed class Reaching(DataFile file) : DbCommandInterceptor
    {
        public override InterceptionResult<int> NonQueryExecuting(DbCommand command, CommandEventData eventData, InterceptionResult<int> result)
        {
            file.Reached?.Invoke();
            return result;
        }

        public override ValueTask<InterceptionResult<int>> NonQueryExecutingAsync(DbCommand command, CommandEventData eventData, InterceptionResult<int> result, CancellationToken cancellationToken = default)
        {
            file.Reached?.Invoke();
            return ValueTask.FromResult(result);
        }

        public override ValueTask<InterceptionResult<DbDataReader>> ReaderExecutingAsync(DbCommand command, CommandEventData eventData, InterceptionResult<DbDataReader> result, CancellationToken cancellationToken = default)
        {
            file.Reached?.Invoke();
            return ValueTask.FromResult(result);
        }
    }

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
    public CisternDb CreateDbContext(string[] args) => DataFile.ContextOn("design-time.db");
}
