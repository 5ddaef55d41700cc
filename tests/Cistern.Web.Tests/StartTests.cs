using System.Diagnostics;
using System.Runtime.Versioning;
using System.Security.Cryptography;
using System.Text;
using Microsoft.Data.Sqlite;
using static Cistern.Web.Tests.DataSql;

namespace Cistern.Web.Tests;

/// <summary>What a start does with the data file it finds.</summary>
[SupportedOSPlatform("linux")]
public sealed class StartTests
{
    public static TheoryData<string> OldFiles => ["1-first-brew", "2-vessel-details", "3-shelf-and-plans", "4-jobs-and-extras", "5-brews-as-entries", "6-slips-answered", "7-readings", "8-taste-and-learning", "9-log-and-files", "10-pairs-gear-and-house", "11-dose-unit-and-pin"];

    [Fact]
    public async Task An_interrupted_start_does_not_delay_the_next_one()
    {
        var path = NewPath();
        await MadeAsync(path);
        Run(path, "CREATE TABLE IF NOT EXISTS __EFMigrationsLock (Id INTEGER PRIMARY KEY, Timestamp TEXT); INSERT OR REPLACE INTO __EFMigrationsLock VALUES(1,'2026-11-25 19:00:00+00:00')");
        await MadeAsync(path).WaitAsync(TimeSpan.FromSeconds(20), TestContext.Current.CancellationToken);
        Assert.Equal(0L, Run(path, "SELECT count(*) FROM __EFMigrationsLock"));
    }

    /// <summary>The very first statements of an old start: a lock and an empty history, and no table of ours yet.</summary>
    [Fact]
    public async Task A_file_with_nothing_but_its_lock_is_built_again()
    {
        var path = NewPath();
        Run(path, "CREATE TABLE __EFMigrationsLock (Id INTEGER PRIMARY KEY, Timestamp TEXT); INSERT INTO __EFMigrationsLock VALUES(1,'x'); CREATE TABLE __EFMigrationsHistory (MigrationId TEXT PRIMARY KEY, ProductVersion TEXT)");
        await MadeAsync(path);
        Assert.Equal((long)DataFile.Schema.Count, Run(path, "SELECT count(*) FROM __EFMigrationsHistory"));
    }

    [Fact]
    public async Task Files_of_an_interrupted_start_are_deleted()
    {
        var path = NewPath();
        await File.WriteAllTextAsync(path + ".new", "half a file", TestContext.Current.CancellationToken);
        await File.WriteAllTextAsync(path + ".new-journal", "half a journal", TestContext.Current.CancellationToken);
        await MadeAsync(path);
        Assert.False(File.Exists(path + ".new") || File.Exists(path + ".new-journal"));
        Assert.Equal("ok", Run(path, "PRAGMA integrity_check"));
    }

    [Fact]
    public async Task A_second_server_on_a_data_file_is_refused_in_one_sentence()
    {
        var path = NewPath();
        using var first = DataFile.Take(path);
        await first.PrepareAsync(demo: false, ct: TestContext.Current.CancellationToken);
        var refused = Assert.Throws<DataFileRefusedException>(() => DataFile.Take(path));
        Assert.StartsWith("Another Cistern is using ", refused.Message, StringComparison.Ordinal);
        // Under another name it is the same file.
        var link = Path.Combine(App.Folder(), "linked.db");
        File.CreateSymbolicLink(link, path);
        Assert.Throws<DataFileRefusedException>(() => DataFile.Take(link));
        var hard = Path.Combine(App.Folder(), "hard.db");
        Process.Start("ln", [path, hard]).WaitForExit();
        using (var other = DataFile.Take(hard))
        {
            Assert.Contains("another name of the same file", (await Assert.ThrowsAsync<DataFileRefusedException>(() => other.PrepareAsync(demo: false, ct: TestContext.Current.CancellationToken))).Message, StringComparison.Ordinal);
        }

        first.Dispose();
        DataFile.Take(path).Dispose();
    }

    [Fact]
    public async Task A_file_of_a_newer_version_is_refused_and_left_as_it_is()
    {
        var path = NewPath();
        await MadeAsync(path);
        Run(path, "INSERT INTO __EFMigrationsHistory VALUES('20990101000000_FromTheFuture','99.0.0')");
        var before = await File.ReadAllBytesAsync(path, TestContext.Current.CancellationToken);
        var refused = await Assert.ThrowsAsync<DataFileRefusedException>(() => MadeAsync(path));
        Assert.Contains("newer Cistern", refused.Message, StringComparison.Ordinal);
        Assert.Contains("20990101000000_FromTheFuture", refused.Message, StringComparison.Ordinal);
        Assert.Equal(before, await File.ReadAllBytesAsync(path, TestContext.Current.CancellationToken));
    }

    [Theory]
    [InlineData("this is a letter, and longer than any header of a database would be, if it were one", "not a database")]
    [InlineData("CREATE TABLE Letters (Id INTEGER)", "has other tables")]
    public async Task A_file_that_is_no_data_file_is_refused_and_unchanged(string content, string why)
    {
        var path = NewPath();
        if (content.StartsWith("CREATE", StringComparison.Ordinal))
        {
            Run(path, content);
        }
        else
        {
            await File.WriteAllTextAsync(path, content, TestContext.Current.CancellationToken);
        }

        var before = await File.ReadAllBytesAsync(path, TestContext.Current.CancellationToken);
        var refused = await Assert.ThrowsAsync<DataFileRefusedException>(() => MadeAsync(path));
        Assert.Contains(why, refused.Message, StringComparison.Ordinal);
        Assert.Equal(before, await File.ReadAllBytesAsync(path, TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task A_folder_in_its_place_and_a_read_only_folder_are_refused_in_a_sentence()
    {
        var folder = App.Folder();
        Assert.Contains("cannot be used", (await Assert.ThrowsAsync<DataFileRefusedException>(() => MadeAsync(folder))).Message, StringComparison.Ordinal);
        // Nobody can write there, root included.
        Assert.Contains("cannot be used", (await Assert.ThrowsAsync<DataFileRefusedException>(() => MadeAsync("/proc/cistern/test.db"))).Message, StringComparison.Ordinal);
    }

    /// <summary>Data files as each earlier version made them, with its demo data.</summary>
    [Theory]
    [MemberData(nameof(OldFiles))]
    public async Task A_file_of_each_earlier_version_is_migrated_with_all_data_and_a_copy_of_it_kept(string name)
    {
        var path = NewPath();
        Old(name, path);
        var before = Tables(path);
        await using var app = App.On(path, demo: true);
        var client = app.Browser();
        var after = Tables(path);
        foreach (var (table, count) in before)
        {
            Assert.True(after[NameNow(table)] >= count, $"{table} had {count} rows and {NameNow(table)} has {after[NameNow(table)]}");
        }

        var copy = Assert.Single(Directory.GetFiles(Path.GetDirectoryName(path)!, "*.before-*"));
        Assert.Equal(before, Tables(copy));
        Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(copy));
        var (brews, plans) = await app.DataAsync(async db => (await db.Brews.Include(row => row.Entries).Include(row => row.Tastings).OrderBy(row => row.Id).ToListAsync(), await db.Plans.Select(row => row.Id).ToListAsync()));
        foreach (var brew in brews)
        {
            var plan = Core.Forecasts.ForecastModel.Published.Run(brew.Recipe());
            // Readings that named a grinder are linked to it.
            Assert.Contains(brew.GrinderName, brew.GrindText.StartsWith("Ferrule,", StringComparison.Ordinal) ? ["Ferrule"] : name is ['9', ..] or ['1', '0' or '1', ..] ? ["Counter 64", "Hut mill"] : new[] { "" });
            Assert.All(brew.Tastings, tasting => Assert.Equal(brew.BaristaId, tasting.BaristaId));
            if (brew.State == BrewState.Finished)
            {
                // Presses of that version mean the same now: the start, and the end of the last step.
                var run = brew.Run(plan, brew.EndedAtMs!.Value);
                Assert.Equal(brew.StartedAtMs, run.StartedAtMs);
                Assert.True(run.Finished, brew.Name);
                Assert.Equal((brew.EndedAtMs.Value - brew.StartedAtMs!.Value) / 1000.0, run.EndS, 0.01);
                Assert.DoesNotContain(run.Done, step => step.By is Core.Brewing.EndedBy.Assumed or Core.Brewing.EndedBy.NotSeen);
            }

            if (brew.State == BrewState.Finished && brew.Id % 6 == 0)
            {
                Assert.Contains(brew.Name, (await App.GetAsync(client, $"/log/{brew.Id}")).QuerySelector("h1")!.TextContent, StringComparison.Ordinal);
            }
        }

        // Coffee was shown in the one unit for all masses, and still is.
        Assert.All(await app.DataAsync(db => db.Baristas.ToListAsync()), barista => Assert.Equal((barista.Mass, ""), (barista.Dose, barista.Pin)));

        // All of them are in the log, are found by their words, and have an identifier of their own in files.
        Assert.Equal(brews.Count(brew => !brew.Rehearsal), await app.DataAsync(db => db.LogRows.CountAsync(row => row.Stands)));
        Assert.All(brews.Where(brew => !brew.Rehearsal), brew => Assert.Equal(1L, Run(path, $"SELECT count(*) FROM BrewWords WHERE rowid = {brew.Id} AND BrewWords MATCH '\"{brew.RecipeId}\"'")));
        Assert.Equal(brews.Count, brews.Select(brew => brew.FileId).Where(id => id != Guid.Empty).Distinct().Count());
        foreach (var stored in plans)
        {
            await App.GetAsync(client, $"/plan/{stored}");
        }
    }

    /// <summary>A copy is migrated, so whatever interrupts it leaves the file unchanged.</summary>
    [Fact]
    public async Task A_file_that_cannot_be_migrated_is_unchanged()
    {
        var path = NewPath();
        Old("1-first-brew", path);
        // A table that a later migration creates exists already.
        Run(path, "CREATE TABLE Kettles (Id INTEGER)");
        var before = Tables(path);
        var refused = await Assert.ThrowsAsync<DataFileRefusedException>(() => MadeAsync(path));
        Assert.Contains("could not be migrated", refused.Message, StringComparison.Ordinal);
        Assert.Equal(before, Tables(path));
    }

    [Fact]
    public async Task Nothing_pending_nothing_migrated()
    {
        var path = NewPath();
        await MadeAsync(path);
        await MadeAsync(path);
        Assert.Empty(Directory.GetFiles(Path.GetDirectoryName(path)!, "*.before-*"));
    }

    [Fact]
    public async Task The_file_and_its_keys_are_their_owners_only()
    {
        var path = NewPath();
        await using (var app = App.On(path))
        {
            await App.GetAsync(app.Browser(), "/you");
            foreach (var file in Directory.GetFiles(Path.GetDirectoryName(path)!).Concat(Directory.GetFiles(path + ".keys")))
            {
                Assert.True(File.GetUnixFileMode(file) == (UnixFileMode.UserRead | UnixFileMode.UserWrite), file);
            }
        }

        Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute, File.GetUnixFileMode(path + ".keys"));
    }

    [Fact]
    public async Task Every_commit_is_on_the_disk_before_it_is_answered()
    {
        await using var app = App.On(NewPath());
        app.Browser();
        Assert.Equal(2L, await app.DataAsync(async db =>
        {
            await db.Database.OpenConnectionAsync();
            await using var command = db.Database.GetDbConnection().CreateCommand();
            command.CommandText = "PRAGMA synchronous";
            return (long)(await command.ExecuteScalarAsync())!; // 2 is FULL
        }));
        Assert.Equal("wal", Run(app.DataFile, "PRAGMA journal_mode"));
    }

    [Fact]
    public async Task Fresh_deletes_demo_data_and_nothing_else()
    {
        var demo = NewPath();
        await using (var app = App.On(demo, demo: true))
        {
            app.Browser();
        }

        Fresh(demo);
        Assert.False(File.Exists(demo));

        var own = NewPath();
        await MadeAsync(own);
        Assert.Contains("was not made by the demo", Assert.Throws<DataFileRefusedException>(() => Fresh(own)).Message, StringComparison.Ordinal);
        Assert.True(File.Exists(own));

        var letter = NewPath();
        await File.WriteAllTextAsync(letter, "no database", TestContext.Current.CancellationToken);
        Assert.Throws<DataFileRefusedException>(() => Fresh(letter));
        Assert.True(File.Exists(letter));

        // The demo of a version that left no mark is recognized by its people.
        var old = NewPath();
        Old("3-shelf-and-plans", old);
        Fresh(old);
        Assert.False(File.Exists(old));

        static void Fresh(string path)
        {
            using var file = DataFile.Take(path);
            file.RemoveDemo(DemoData.IsOldDemo);
        }
    }

    [Fact]
    public async Task Old_plans_are_deleted_unless_saved_brewed_planned_for_a_time_or_in_a_pair()
    {
        await using var app = App.On(NewPath(), demo: true);
        app.Browser();
        var (gone, left) = await app.DataAsync(async db =>
        {
            var state = PlanState.Of(Cistern.Core.Recipes.RecipeLibrary.All[0]).ToJson();
            StoredPlan Stored(string name, long changedAtMs, long? keptAtMs) => new() { Name = name, RecipeId = "x", AcceptedJson = state, ChangedAtMs = changedAtMs, SavedAtMs = keptAtMs };
            var (brewed, second, wanted, past) = (Stored("brewed", 1, null), Stored("second", 1, null), Stored("wanted", 1, null), Stored("past", 1, null));
            (wanted.WantedAtMs, past.WantedAtMs) = (100, 2);
            db.Plans.AddRange(second, wanted, past, Stored("old", 1, null), Stored("young", 100, null), Stored("kept", 1, 1), brewed);
            db.IdempotentRequests.AddRange(new IdempotentRequest { Key = Guid.NewGuid(), Address = "/", AtMs = 1 }, new IdempotentRequest { Key = Guid.NewGuid(), Address = "/", AtMs = 100 });
            await db.SaveChangesAsync();
            (await db.Brews.FirstAsync()).StoredPlanId = brewed.Id;
            db.Pairs.Add(new BrewPair { SecondPlanId = second.Id });
            await db.SaveChangesAsync();
            return (await DataFile.DeleteTriedPlansAsync(db, 50), await db.Plans.Where(stored => stored.RecipeId == "x").Select(stored => stored.Name).OrderBy(name => name).ToListAsync());
        });
        Assert.Equal((2, "brewed,kept,second,wanted,young"), (gone, string.Join(',', left)));
        Assert.Equal(1, await app.DataAsync(db => db.IdempotentRequests.CountAsync()));
    }

    /// <summary>
    /// A killed process leaves its files as they are at that moment. So the folder is copied at every statement and between any two
    /// steps of a start, and from the copies the next start must come up with all of the data. Between them, where one migration
    /// follows the other in a copy, every fourth is started.
    /// </summary>
    [Theory]
    [InlineData(null)]
    [InlineData("1-first-brew")]
    public async Task Killed_at_any_statement_of_a_start_the_next_start_has_all_data(string? old)
    {
        var path = NewPath();
        if (old is not null)
        {
            Old(old, path);
        }

        var before = old is null ? [] : Tables(path);
        var left = new Dictionary<string, string>(StringComparer.Ordinal);
        using (var file = DataFile.Take(path))
        {
            file.BeforeEachChange = () => LayAside(Path.GetDirectoryName(path)!, left);
            await file.PrepareAsync(demo: false, ct: TestContext.Current.CancellationToken);
        }

        Assert.True(left.Count > (old is null ? 3 : 6), $"{left.Count} states of the disk");
        const int Ends = 6;
        foreach (var folder in left.Values.Where((_, i) => i < Ends || i >= left.Count - Ends || i % 4 == 0))
        {
            var killed = Path.Combine(folder, "test.db");
            await MadeAsync(killed);
            Assert.Equal("ok", Run(killed, "PRAGMA integrity_check"));
            Assert.Equal((long)DataFile.Schema.Count, Run(killed, "SELECT count(*) FROM __EFMigrationsHistory"));
            var after = Tables(killed);
            Assert.All(before, table => Assert.Equal(table.Value, after[NameNow(table.Key)]));
            Assert.DoesNotContain(Directory.GetFiles(folder), name => name.EndsWith(".new", StringComparison.Ordinal) && !name.Contains(".before-", StringComparison.Ordinal));
        }

        foreach (var folder in left.Values)
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    /// <summary>Presses are entries now.</summary>
    private static string NameNow(string table) => table == "Presses" ? "Entries" : table;

    /// <summary>Copies a folder, unless an identical one has been copied.</summary>
    private static void LayAside(string folder, Dictionary<string, string> seen)
    {
        var copy = App.Folder();
        var print = new StringBuilder();
        foreach (var path in Directory.GetFiles(folder).Where(name => !name.EndsWith(".lock", StringComparison.Ordinal)).Order(StringComparer.Ordinal))
        {
            using var from = new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
            using var to = File.Create(Path.Combine(copy, Path.GetFileName(path)));
            from.CopyTo(to);
            to.Position = 0;
            print.Append(Path.GetFileName(path)).Append(Convert.ToHexString(SHA256.HashData(to)));
        }

        if (!seen.TryAdd(print.ToString(), copy))
        {
            Directory.Delete(copy, recursive: true);
        }
    }

    private static string NewPath() => Path.Combine(App.Folder(), "test.db");

    private static async Task MadeAsync(string path)
    {
        using var file = DataFile.Take(path);
        await file.PrepareAsync(demo: false);
    }

    private static void Old(string name, string path)
    {
        Run(path, File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "data", "old", name + ".sql")));
    }

    private static SortedDictionary<string, long> Tables(string path)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False");
        connection.Open();
        var tables = new SortedDictionary<string, long>(StringComparer.Ordinal);
        using var names = connection.CreateCommand();
        names.CommandText = "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE '\\_\\_EF%' ESCAPE '\\'";
        using var rows = names.ExecuteReader();
        while (rows.Read())
        {
            using var count = connection.CreateCommand();
            count.CommandText = $"SELECT count(*) FROM \"{rows.GetString(0)}\"";
            tables.Add(rows.GetString(0), (long)count.ExecuteScalar()!);
        }

        return tables;
    }
}
