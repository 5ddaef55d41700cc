using System.Diagnostics;
using System.Runtime.Versioning;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;
using static Cistern.Web.Tests.DataSql;

namespace Cistern.Web.Tests;

/// <summary>Copies of the data file: made under load, restored, kept for two weeks.</summary>
[SupportedOSPlatform("linux")]
public sealed class BackupTests
{
    private static readonly CancellationToken Ct = TestContext.Current.CancellationToken;

    /// <summary>While notes are written as fast as possible, a copy shows one moment: all notes up to one of them and none after it.</summary>
    [Fact]
    public async Task A_copy_made_under_load_is_of_one_moment_and_is_restored_equal()
    {
        await using var app = new App();
        using var client = app.Browser();
        await App.GetAsync(client, "/log");
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(Ct);
        var written = 0;
        var writing = Task.Run(
            async () =>
            {
                while (!stop.IsCancellationRequested)
                {
                    var number = written;
                    await app.DataAsync(async db =>
                    {
                        // Two rows in one commit: both or neither.
                        db.Notes.Add(new LaterNote { BrewId = 3, Text = "first", AtMs = number });
                        db.Notes.Add(new LaterNote { BrewId = 4, Text = "second", AtMs = number });
                        return await db.SaveChangesAsync(CancellationToken.None);
                    });
                    written = number + 1;
                }
            },
            Ct);
        var copies = new List<(string Path, int Before, int After)>();
        for (var i = 0; i < 5; i++)
        {
            // Each copy is made while more is written, however slowly.
            for (var least = written + 3; written < least && !writing.IsCompleted;)
            {
                await Task.Delay(5, Ct);
            }

            var path = Path.Combine(App.Folder(), "copy.db");
            var before = written;
            Backups.Make(app.DataFile, path);
            copies.Add((path, before, written));
        }

        await stop.CancelAsync();
        await writing;
        Assert.True(written > 10, "Nothing was written meanwhile.");
        foreach (var (path, before, after) in copies)
        {
            var first = Numbers(path, 3);
            Assert.Equal(first, Numbers(path, 4));
            Assert.Equal(Enumerable.Range(0, first.Count), first);
            Assert.InRange(first.Count, before, after + 1);
            Assert.Null(Backups.Problem(path));
        }

        // Restored, the data is what it was at that moment, in every table.
        var told = Tables(copies[2].Path);
        await app.DisposeAsync();
        Backups.PrepareRestore(copies[2].Path, app.DataFile);
        await using var again = App.On(app.DataFile);
        using var browser = again.Browser();
        await App.GetAsync(browser, "/log/3");
        foreach (var (table, rows) in told)
        {
            // What is learned, and the counters of health, are written as soon as the application runs.
            if (table is not ("Pulses" or "Learned" or "HouseRecords" or "Devices"))
            {
                Assert.Equal((table, rows), (table, Tables(app.DataFile)[table]));
            }
        }

        // It is recorded once, however often the application starts.
        Assert.Contains("A copy of the data was restored", (await App.GetAsync(browser, "/devices")).QuerySelector("#record")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(1L, Run(app.DataFile, "SELECT count(*) FROM HouseRecords WHERE What LIKE '%was restored%'"));
        Assert.Empty(Directory.GetFiles(Path.GetDirectoryName(app.DataFile)!, "*.restored"));
        Assert.False(File.Exists(Backups.RestorePath(app.DataFile)));
        Assert.Single(Directory.GetFiles(Path.GetDirectoryName(app.DataFile)!, "*.before-restore-??????????????"));
    }

    [Fact]
    public async Task A_copy_of_an_earlier_version_is_migrated_when_it_is_restored()
    {
        var old = Path.Combine(App.Folder(), "old.db");
        Run(old, await File.ReadAllTextAsync(Path.Combine(AppContext.BaseDirectory, "data", "old", "8-taste-and-learning.sql"), Ct));
        var data = Path.Combine(App.Folder(), "test.db");
        await using (var before = App.On(data, demo: true))
        {
            using var browser = before.Browser();
            await App.GetAsync(browser, "/log");
        }

        Backups.PrepareRestore(old, data);
        await using var app = App.On(data);
        using var client = app.Browser();
        Assert.Equal(4, (await App.GetAsync(client, "/log")).QuerySelectorAll(".log-rows .row").Length);
    }

    /// <summary>Devices let in are those of this machine today: a copy made before a phone was removed does not let it in again.</summary>
    [Fact]
    public async Task A_restore_changes_no_device_no_role_and_no_PIN()
    {
        var (data, copy) = (Path.Combine(App.Folder(), "test.db"), Path.Combine(App.Folder(), "copy.db"));
        await using (var app = App.On(data, demo: true))
        {
            using var browser = app.Browser();
            await App.GetAsync(browser, "/log");
            Run(data, "INSERT INTO Devices (Id, Name, Role, TokenHash, TokenAtMs, BeforeHash, PairedAtMs, SeenAtMs) VALUES (1, 'Lost phone', 2, 'A1', 1, '', 1, 1), (2, 'Kept phone', 0, 'A2', 1, '', 1, 1)");
            Backups.Make(data, copy);
            Run(data, "UPDATE Devices SET PutOutAtMs = 5 WHERE Id = 1; UPDATE Devices SET TokenHash = 'B2', BeforeHash = 'A2', Role = 1 WHERE Id = 2; UPDATE Baristas SET Pin = 'set since' WHERE Name = 'Teo'; INSERT INTO HouseRecords (AtMs, What, Who) VALUES (5, 'Lost phone was removed.', 'this bench')");
        }

        Backups.PrepareRestore(copy, data);
        await using (var again = App.On(data))
        {
            using var browser = again.Browser();
            await App.GetAsync(browser, "/log");
            Assert.Equal(5L, Run(data, "SELECT PutOutAtMs FROM Devices WHERE Id = 1"));
            Assert.Equal(1L, Run(data, "SELECT count(*) FROM Devices WHERE Id = 2 AND TokenHash = 'B2' AND BeforeHash = 'A2' AND Role = 1"));
            Assert.Equal("set since", Run(data, "SELECT Pin FROM Baristas WHERE Name = 'Teo'"));
            Assert.Equal(1L, Run(data, "SELECT count(*) FROM HouseRecords WHERE What = 'Lost phone was removed.'"));
            Assert.Equal(1L, Run(data, "SELECT count(*) FROM HouseRecords WHERE What LIKE '%was restored%'"));
        }

        // On another machine, or over a file that cannot be read, no device is connected.
        var elsewhere = Path.Combine(App.Folder(), "test.db");
        Backups.PrepareRestore(copy, elsewhere);
        await using var other = App.On(elsewhere);
        using var client = other.Browser();
        await App.GetAsync(client, "/log");
        Assert.Equal(0L, Run(elsewhere, "SELECT count(*) FROM Devices"));
    }

    /// <summary>Whatever lies where a copy waits, it neither stops a running server nor delays it.</summary>
    [Theory]
    [InlineData("words")]
    [InlineData("a pipe")]
    [InlineData("another database")]
    public async Task A_file_that_is_no_copy_is_set_aside_and_the_server_goes_on(string kind)
    {
        var data = Path.Combine(App.Folder(), "test.db");
        void Lay()
        {
            switch (kind)
            {
                case "a pipe":
                    Process.Start("mkfifo", [Backups.RestorePath(data)]).WaitForExit();
                    break;
                case "words":
                    File.WriteAllText(Backups.RestorePath(data), new string('x', 4_000));
                    break;
                default:
                    Run(Backups.RestorePath(data), "CREATE TABLE Letters (Id INTEGER)");
                    break;
            }
        }

        Lay();
        await using var app = App.On(data, demo: true);
        using var browser = app.Browser();
        await App.GetAsync(browser, "/log");
        Assert.True(File.Exists(Backups.RestorePath(data) + "-refused"));
        File.Delete(Backups.RestorePath(data) + "-refused");
        Lay();
        await app.UntilAsync(() => Task.FromResult(File.Exists(Backups.RestorePath(data) + "-refused")));
        Assert.True(File.Exists(Backups.RestorePath(data) + "-refused"));
        await App.GetAsync(browser, "/log");
    }

    [Fact]
    public void Files_from_before_an_update_go_when_they_are_old_but_for_the_newest()
    {
        var data = Path.Combine(App.Folder(), "test.db");
        var now = new DateTimeOffset(2026, 11, 23, 9, 0, 0, TimeSpan.Zero);
        foreach (var (name, days) in new[] { (".before-20260101000000", 90), (".before-restore-20260801000000", 60), (".before-restore-20260801000000-wal", 60), (".before-restore-20260901000000", 45), (".before-restore-20260901000000-wal", 45), (".lock", 90) })
        {
            File.WriteAllText(data + name, "x");
            File.SetLastWriteTimeUtc(data + name, now.UtcDateTime.AddDays(-days));
        }

        Backups.TidyBefore(data, now);
        Assert.Equal([".before-restore-20260901000000", ".before-restore-20260901000000-wal", ".lock"], Directory.GetFiles(Path.GetDirectoryName(data)!).Select(file => file[data.Length..]).Order(StringComparer.Ordinal));
    }

    /// <summary>Interrupted between any two of its steps, the next start has either the copy in place or the old file, whole.</summary>
    [Fact]
    public async Task A_restore_is_complete_wherever_it_was_interrupted()
    {
        var (copy, first) = (Path.Combine(App.Folder(), "copy.db"), Path.Combine(App.Folder(), "first.db"));
        using (var file = DataFile.Take(first))
        {
            await file.PrepareAsync(demo: false, ct: Ct);
        }

        Run(first, "INSERT INTO Baristas (Name, Mass, Temperature, Volume, CupMl) VALUES ('as it was', 0, 0, 0, 180)");
        Backups.Make(first, copy);
        Run(copy, "UPDATE Baristas SET Name = 'of the copy'");
        for (var cut = 1; ; cut++)
        {
            var path = Path.Combine(App.Folder(), "test.db");
            File.Copy(first, path);
            Backups.PrepareRestore(copy, path);
            var steps = 0;
            var reached = false;
            using (var file = DataFile.Take(path))
            {
                file.BeforeEachChange = () => reached |= ++steps == cut ? throw new OperationCanceledException("cut off") : false;
                try
                {
                    await file.PrepareAsync(demo: false, ct: Ct);
                }
                catch (OperationCanceledException)
                {
                    reached = true;
                }
            }

            using (var file = DataFile.Take(path))
            {
                await file.PrepareAsync(demo: false, ct: Ct);
            }

            Assert.Equal("of the copy", Run(path, "SELECT Name FROM Baristas"));
            Assert.InRange((long)Run(path, "SELECT count(*) FROM HouseRecords")!, 1, 2);
            Assert.Null(Backups.Problem(path));
            if (!reached)
            {
                Assert.True(cut > 2);
                return;
            }
        }
    }

    [Theory]
    [InlineData("nothing", "There is no file")]
    [InlineData("words", "is not a database")]
    [InlineData("another database", "not a data file of Cistern")]
    [InlineData("newer", "newer Cistern")]
    [InlineData("torn", "")]
    [InlineData("orphans", "belong to rows that are not there")]
    public async Task A_damaged_copy_is_not_restored(string kind, string says)
    {
        var path = Path.Combine(App.Folder(), "test.db");
        using (var file = DataFile.Take(path))
        {
            await file.PrepareAsync(demo: false, ct: Ct);
        }

        var copy = Path.Combine(App.Folder(), "copy.db");
        Backups.Make(path, copy);
        switch (kind)
        {
            case "nothing":
                File.Delete(copy);
                break;
            case "words":
                await File.WriteAllTextAsync(copy, new string('w', 5_000), Ct);
                break;
            case "another database":
                File.Delete(copy);
                Run(copy, "CREATE TABLE Boats (Id INTEGER)");
                break;
            case "newer":
                Run(copy, "INSERT INTO __EFMigrationsHistory VALUES ('29990101000000_Later', '99')");
                break;
            case "torn":
                var bytes = await File.ReadAllBytesAsync(copy, Ct);
                await File.WriteAllBytesAsync(copy, bytes[..(bytes.Length / 2)], Ct);
                break;
            default:
                Run(copy, "PRAGMA foreign_keys=OFF; INSERT INTO Notes (BrewId, Text, AtMs) VALUES (999, 'lost', 1)");
                break;
        }

        Assert.Contains(says, Assert.Throws<DataFileRefusedException>(() => Backups.PrepareRestore(copy, path)).Message, StringComparison.Ordinal);
        Assert.False(File.Exists(Backups.RestorePath(path)));
    }

    [Fact]
    public async Task A_copy_is_made_each_day_and_kept_for_two_weeks()
    {
        var path = Path.Combine(App.Folder(), "test.db");
        using (var file = DataFile.Take(path))
        {
            await file.PrepareAsync(demo: false, ct: Ct);
        }

        Assert.Null(Backups.NewestDaily(path));
        var first = new DateOnly(2026, 3, 1);
        for (var day = 0; day < 20; day++)
        {
            Assert.True(Backups.MakeDaily(path, first.AddDays(day)));
            Assert.False(Backups.MakeDaily(path, first.AddDays(day)));
        }

        var kept = Directory.GetFiles(Backups.Daily(path)).Select(file => Path.GetFileName(file)).Order(StringComparer.Ordinal).ToList();
        Assert.Equal(14, kept.Count);
        Assert.Equal(("cistern-2026-03-07.db", "cistern-2026-03-20.db"), (kept[0], kept[^1]));
        Assert.NotNull(Backups.NewestDaily(path));
        Assert.All(Directory.GetFiles(Backups.Daily(path)), file => Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(file)));
    }

    [Fact]
    public async Task A_server_makes_daily_copies_and_goes_on_where_it_cannot()
    {
        await using var app = App.Copying();
        using var client = app.Browser();
        await App.GetAsync(client, "/log");
        var folder = Backups.Daily(app.DataFile);
        // Something else lies at the path of its copies.
        await File.WriteAllTextAsync(folder, "in the way", Ct);
        app.Time.Advance(TimeSpan.FromMinutes(1));
        await app.BeatAsync<DailyBackup>(3);
        await App.GetAsync(client, "/log");
        File.Delete(folder);
        app.Time.Advance(TimeSpan.FromHours(1));
        await app.UntilAsync(() => Task.FromResult(Directory.Exists(folder) && Directory.GetFiles(folder, "*.db").Length == 1));
        Assert.Null(Backups.Problem(Assert.Single(Directory.GetFiles(folder, "cistern-2026-11-23.db"))));
        Assert.StartsWith("Healthy", await client.GetStringAsync(new Uri("/healthz", UriKind.Relative), Ct), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_age_of_the_last_copy_is_shown_and_served()
    {
        await using var app = new App();
        using var client = app.Browser();
        Assert.Contains("Daily copies are switched off.", (await App.GetAsync(client, "/you")).Body!.TextContent, StringComparison.Ordinal);
        Backups.MakeDaily(app.DataFile, new DateOnly(2026, 11, 23));
        File.SetLastWriteTimeUtc(Directory.GetFiles(Backups.Daily(app.DataFile))[0], new DateTime(2026, 11, 23, 7, 30, 0, DateTimeKind.Utc));
        Assert.Contains("The last daily copy was made today", (await App.GetAsync(client, "/you")).Body!.TextContent, StringComparison.Ordinal);
        Assert.Contains("The last daily copy is of 2026-11-23 07:30 UTC.", await client.GetStringAsync(new Uri("/healthz", UriKind.Relative), Ct), StringComparison.Ordinal);
    }

    /// <summary>The whole restore on the command line with a running server: it stops, and the next start uses the copy.</summary>
    [Fact]
    public async Task A_running_server_stops_for_a_restore()
    {
        var data = App.WithBench(Path.Combine(App.Folder(), "test.db"));
        var copy = Path.Combine(App.Folder(), "copy.db");
        await using var app = App.On(data);
        using var client = app.Browser();
        await App.GetAsync(client, "/log");
        Backups.Make(data, copy);
        Run(data, "UPDATE Brews SET Name = 'spoilt'");
        Assert.Contains("spoilt", await client.GetStringAsync(new Uri("/log/8", UriKind.Relative), Ct), StringComparison.Ordinal);
        var stopped = false;
        app.Services.GetRequiredService<IHostApplicationLifetime>().ApplicationStopped.Register(() => stopped = true);
        var restoring = CommandAsync(0, "restore", copy, "--data", data);
        await app.UntilAsync(() => Task.FromResult(restoring.IsCompleted));
        Assert.Contains("start it again", await restoring, StringComparison.Ordinal);
        Assert.True(stopped);

        await using var next = App.On(data);
        using var again = next.Browser();
        Assert.DoesNotContain("spoilt", await again.GetStringAsync(new Uri("/log/8", UriKind.Relative), Ct), StringComparison.Ordinal);
    }

    /// <summary>The commands as typed: their output and exit codes.</summary>
    [Fact]
    public async Task Copies_are_made_checked_and_restored_at_the_command_line()
    {
        var data = Path.Combine(App.Folder(), "test.db");
        using (var file = DataFile.Take(data))
        {
            await file.PrepareAsync(demo: false, ct: Ct);
        }

        var copy = Path.Combine(App.Folder(), "copy.db");
        Assert.Matches("^.*copy.db: 0 brews, 0 baristas, [0-9.]+ MB, sound.$", await CommandAsync(0, "backup", copy, "--data", data));
        Run(data, "INSERT INTO Baristas (Name, Mass, Temperature, Volume, CupMl) VALUES ('later', 0, 0, 0, 180)");
        Assert.EndsWith("0 brews, 1 barista, sound.", await CommandAsync(0, "check", "--data", data), StringComparison.Ordinal);
        Assert.Contains("0 brews, 0 baristas. The file from before is kept beside it.", await CommandAsync(0, "restore", copy, "--data", data), StringComparison.Ordinal);
        Assert.Equal(0L, Run(data, "SELECT count(*) FROM Baristas"));
        await File.WriteAllTextAsync(copy, "no copy at all", Ct);
        Assert.Contains("is not sound: it is not a database.", await CommandAsync(1, "check", copy, "--data", data), StringComparison.Ordinal);
        Assert.Contains("cannot be restored", await CommandAsync(1, "restore", copy, "--data", data), StringComparison.Ordinal);
        Assert.Contains("is the data file itself", await CommandAsync(1, "backup", data, "--data", data), StringComparison.Ordinal);
        Assert.Contains("exists already", await CommandAsync(1, "seed", "5", "--data", data), StringComparison.Ordinal);
        var seeded = Path.Combine(App.Folder(), "seeded.db");
        Assert.Contains("61 brews, 4 baristas", await CommandAsync(0, "seed", "10", "--data", seeded), StringComparison.Ordinal);
        Assert.Equal(61L, Run(seeded, "SELECT count(*) FROM LogRows WHERE Stands AND FinalTdsPercent > 0"));
    }

    private static async Task<string> CommandAsync(int exits, params string[] arguments)
    {
        var (code, output, errors) = await Command.RunAsync("", arguments);
        Assert.True(exits == code, errors);
        return (exits == 0 ? output : errors).Trim();
    }

    private static List<int> Numbers(string path, int brew)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False;Mode=ReadOnly");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = string.Create(CultureInfo.InvariantCulture, $"SELECT AtMs FROM Notes WHERE BrewId = {brew} AND Text IN ('first', 'second') ORDER BY AtMs");
        using var rows = command.ExecuteReader();
        var numbers = new List<int>();
        while (rows.Read())
        {
            numbers.Add(rows.GetInt32(0));
        }

        return numbers;
    }

    /// <summary>Every row of every table, as one text per table.</summary>
    private static Dictionary<string, string> Tables(string path)
    {
        using var connection = new SqliteConnection($"Data Source={path};Pooling=False;Mode=ReadOnly");
        connection.Open();
        var names = new List<string>();
        using (var command = connection.CreateCommand())
        {
            command.CommandText = "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE 'BrewWords%' AND name NOT LIKE '\\_\\_%' ESCAPE '\\'";
            using var rows = command.ExecuteReader();
            while (rows.Read())
            {
                names.Add(rows.GetString(0));
            }
        }

        return names.ToDictionary(name => name, name =>
        {
            using var command = connection.CreateCommand();
            command.CommandText = $"SELECT * FROM \"{name}\" ORDER BY 1";
            using var rows = command.ExecuteReader();
            var text = new System.Text.StringBuilder();
            while (rows.Read())
            {
                for (var i = 0; i < rows.FieldCount; i++)
                {
                    text.Append(rows.IsDBNull(i) ? "∅" : Convert.ToString(rows.GetValue(i), CultureInfo.InvariantCulture)).Append('|');
                }

                text.Append('\n');
            }

            return text.ToString();
        });
    }
}
