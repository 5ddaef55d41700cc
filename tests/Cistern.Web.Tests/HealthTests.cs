using System.Diagnostics;
using Microsoft.Extensions.DependencyInjection;

namespace Cistern.Web.Tests;

/// <summary>The health answer is Healthy only while what is written now would be found again.</summary>
public sealed class HealthTests
{
    [Fact]
    public async Task Healthy_while_all_is_well()
    {
        await using var app = NewApp();
        Assert.Equal("Healthy", await HealthAsync(app, HttpStatusCode.OK));
        Assert.Equal("Healthy", await HealthAsync(app, HttpStatusCode.OK));
    }

    [Fact]
    public async Task A_deleted_file_is_unhealthy_and_takes_nothing_more()
    {
        await using var app = NewApp();
        var client = app.Browser();
        var page = await App.GetAsync(client, "/shelf/spoon/new");
        File.Delete(app.DataFile);
        Assert.Contains("was moved or deleted", await HealthAsync(app, HttpStatusCode.ServiceUnavailable), StringComparison.Ordinal);
        var answer = await App.PostAsync(client, page, "/shelf/spoon/new", ("name", "The measured spoon"), ("holds", "6.2"), ("with", ""));
        Assert.Equal(HttpStatusCode.ServiceUnavailable, answer.StatusCode);
        var said = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        Assert.Contains("was moved or deleted", said, StringComparison.Ordinal);
        // What was typed is not lost with it.
        Assert.Contains("The measured spoon", said, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Another_file_in_its_place_is_unhealthy_and_takes_nothing_more()
    {
        await using var app = NewApp();
        var client = app.Browser();
        var page = await App.GetAsync(client, "/you");
        // As any program does that does not check who uses the file.
        Process.Start("cp", [app.DataFile, app.DataFile + ".other"]).WaitForExit();
        File.Move(app.DataFile + ".other", app.DataFile, overwrite: true);
        await HealthAsync(app, HttpStatusCode.ServiceUnavailable);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, (await App.PostAsync(client, page, "/you?handler=New", ("name", "Ferrywoman"))).StatusCode);
    }

    [Fact]
    public async Task A_folder_moved_away_is_unhealthy()
    {
        await using var app = NewApp();
        app.Browser();
        var folder = Path.GetDirectoryName(app.DataFile)!;
        Directory.Move(folder, folder + "-moved");
        await HealthAsync(app, HttpStatusCode.ServiceUnavailable);
        Directory.Move(folder + "-moved", folder);
        Assert.Equal("Healthy", await HealthAsync(app, HttpStatusCode.OK));
    }

    [Fact]
    public async Task A_damaged_page_is_unhealthy()
    {
        await using var app = NewApp();
        app.Browser();
        await app.DataAsync(db => db.Database.ExecuteSqlRawAsync("PRAGMA wal_checkpoint(TRUNCATE)"));
        // The root page of the brews' table: page numbers count from 1, pages of 4,096 bytes.
        var root = await app.DataAsync(async db => await db.Database.SqlQueryRaw<int>("SELECT rootpage AS Value FROM sqlite_master WHERE name = 'Brews'").SingleAsync());
        Process.Start("dd", ["if=/dev/urandom", $"of={app.DataFile}", "bs=4096", "count=1", $"seek={root - 1}", "conv=notrunc", "status=none"]).WaitForExit();

        Assert.Contains("damaged", await HealthAsync(app, HttpStatusCode.ServiceUnavailable), StringComparison.Ordinal);
    }

    /// <summary>An intact history and intact pages do not make an intact file.</summary>
    [Theory]
    [InlineData("DROP TABLE Notes", "it lacks Notes.")]
    [InlineData("ALTER TABLE Devices DROP COLUMN BeforeHash", "it lacks Devices.BeforeHash")]
    [InlineData("CREATE TRIGGER Log_Mine AFTER INSERT ON Entries BEGIN DELETE FROM Entries WHERE Id = NEW.Id; END", "the trigger Log_Mine in it is not Cistern's")]
    [InlineData("CREATE VIEW Mine AS SELECT 1", "the view Mine in it is not Cistern's")]
    public async Task Missing_and_additional_tables_are_unhealthy_and_no_valid_copy(string sql, string told)
    {
        await using var app = NewApp();
        app.Browser();
        Assert.Null(Backups.Problem(app.DataFile));
        await app.DataAsync(db => db.Database.ExecuteSqlRawAsync(sql));
        Assert.Contains(told, await HealthAsync(app, HttpStatusCode.ServiceUnavailable), StringComparison.Ordinal);
        Assert.Contains(told, Backups.Problem(app.DataFile), StringComparison.Ordinal);
        Assert.Throws<DataFileRefusedException>(() => Backups.PrepareRestore(app.DataFile, Path.Combine(App.Folder(), "other.db")));
    }

    [Fact]
    public async Task Tables_of_another_version_are_unhealthy()
    {
        await using var app = NewApp();
        app.Browser();
        await app.DataAsync(db => db.Database.ExecuteSqlRawAsync("INSERT INTO __EFMigrationsHistory VALUES ('20990101000000_Later', '99')"));
        Assert.Contains("tables are not those of this version", await HealthAsync(app, HttpStatusCode.ServiceUnavailable), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Keys_that_have_gone_are_unhealthy()
    {
        await using var app = NewApp();
        await App.GetAsync(app.Browser(), "/you");
        Directory.Delete(app.DataFile + ".keys", recursive: true);
        Assert.Contains("cannot be guarded", await HealthAsync(app, HttpStatusCode.ServiceUnavailable), StringComparison.Ordinal);
    }

    /// <summary>What a power cut can leave of a key file.</summary>
    [Theory]
    [InlineData("")]
    [InlineData("<key id=\"")]
    [InlineData("\0\0\0\0")]
    public async Task A_key_that_cannot_be_read_is_set_aside_and_a_new_one_made(string left)
    {
        string path;
        await using (var before = new App())
        {
            path = before.DataFile;
            await App.GetAsync(before.Browser(), "/you");
        }

        var key = Assert.Single(Directory.GetFiles(path + ".keys", "*.xml"));
        await File.WriteAllTextAsync(key, left, TestContext.Current.CancellationToken);
        await using var app = App.On(path, demo: true);
        var client = app.Browser();
        var page = await App.GetAsync(client, "/you");
        Assert.Equal(HttpStatusCode.OK, (await App.PostAsync(client, page, "/you?handler=New", ("name", "Ferrywoman"))).StatusCode);
        Assert.Equal("Healthy", await HealthAsync(app, HttpStatusCode.OK));
        Assert.True(File.Exists(key + ".unreadable"));
        Assert.Single(Directory.GetFiles(path + ".keys", "*.xml"));
    }

    [Fact]
    public async Task A_full_disk_is_said_and_nothing_is_taken()
    {
        await using var app = NewApp();
        var client = app.Browser();
        var page = await App.GetAsync(client, "/shelf/filter/new");
        var kept = await app.DataAsync(db => db.Filters.CountAsync(TestContext.Current.CancellationToken));
        HttpResponseMessage answer;
        do
        {
            // A connection in use by background work may have returned to the pool.
            await FillAsync(app);
            answer = await App.PostAsync(client, page, "/shelf/filter/new", ("job", Guid.NewGuid().ToString()), ("name", "Many papers"), ("filter", "paper"), ("family", ""), ("left", "100"), ("every", "0"), ("care", string.Concat(Enumerable.Repeat("boiled ", 57))));
            kept += answer.IsSuccessStatusCode ? 1 : 0;
        }
        while (answer.IsSuccessStatusCode && kept < 60);

        Assert.Equal(HttpStatusCode.ServiceUnavailable, answer.StatusCode);
        Assert.Contains("The disk is full", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
        Assert.Equal(kept, await app.DataAsync(db => db.Filters.CountAsync(TestContext.Current.CancellationToken)));
    }

    /// <summary>No connection of the pool can grow the file any more: SQLite then reports a full disk.</summary>
    private static async Task FillAsync(App app)
    {
        var scopes = Enumerable.Range(0, 6).Select(_ => app.Services.CreateScope()).ToList();
        foreach (var scope in scopes)
        {
            var db = scope.ServiceProvider.GetRequiredService<CisternDb>();
            await db.Database.OpenConnectionAsync(TestContext.Current.CancellationToken);
            await db.Database.ExecuteSqlRawAsync("PRAGMA max_page_count=1", TestContext.Current.CancellationToken);
        }

        scopes.ForEach(scope => scope.Dispose());
    }

    private static App NewApp() => new();

    private static async Task<string> HealthAsync(App app, HttpStatusCode status)
    {
        var answer = await app.Browser().GetAsync(new Uri("/healthz", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Equal(status, answer.StatusCode);
        return await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
    }
}
