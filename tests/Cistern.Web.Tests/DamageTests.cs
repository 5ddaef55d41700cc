namespace Cistern.Web.Tests;

/// <summary>A row that was damaged outside Cistern: its own pages say so, and every other page works.</summary>
public sealed class DamageTests(App shared) : IClassFixture<App>
{
    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    private static readonly string[] Columns = ["PlanJson", "PlannedJson", "BrewedJson", "ForecastJson", "ModelJson", "ModelVersion", "BenchJson", "TinyTide", "GrindText", "ChangedJson", "FileJson", "FileId", "Name", "RecipeId", "VesselName"];

    private static async Task<int> BrewAsync(App app, HttpClient client)
    {
        Assert.Equal(HttpStatusCode.OK, (await PlanPage.BrewAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"))).StatusCode);
        return await app.DataAsync(db => db.Brews.MaxAsync(one => one.Id, Ct));
    }

    // What every page shares is tested on one of them.
    private static readonly string[] Running = ["/", "/brew", "/api/under-way"];

    private static readonly string[] Everywhere = [.. Running, "/log", "/plan/fp-bloomed", "/taste", "/trends", "/out/brews.json?recipe=fp-bloomed"];

    private static async Task<List<string>> BrokenAsync(HttpClient client, string[] shared, int brew)
    {
        var broken = new List<string>();
        var own = new[] { $"/brew/{brew}", $"/brew/{brew}/after", $"/log/{brew}", $"/log/{brew}/sheet", $"/taste/{brew}", $"/next/{brew}", $"/series/{brew}", $"/compare?b={brew}&b=5", $"/api/brews/{brew}" };
        foreach (var path in shared.Concat(own))
        {
            var status = (int)(await client.GetAsync(new Uri(path, UriKind.Relative), Ct)).StatusCode;
            if (status >= 500 || (shared.Contains(path) && status != 200))
            {
                broken.Add($"{path}: {status}");
            }
        }

        return broken;
    }

    /// <summary>Each column that is stored as text: of finished brews, one column each, and of a running one.</summary>
    [Fact]
    public async Task A_damaged_row_is_reported_on_its_own_page_and_breaks_no_other()
    {
        await using var app = new App();
        var client = app.Browser();
        var finished = await app.DataAsync(db => db.Logged.Where(one => one.State == Data.Brews.BrewState.Finished).OrderByDescending(one => one.Id).Select(one => one.Id).Take(Columns.Length).ToListAsync(Ct));
        Assert.Equal(Columns.Length, finished.Count);
        foreach (var (brew, column) in finished.Zip(Columns))
        {
            DataSql.Run(app.DataFile, $"UPDATE Brews SET {column} = '{{' WHERE Id = {brew}");
            var broken = await BrokenAsync(client, [], brew);
            Assert.True(broken.Count == 0, $"{column}: {string.Join(", ", broken)}");
        }

        Assert.Empty(await BrokenAsync(client, Everywhere, finished[0]));
        var running = await BrewAsync(app, client);
        foreach (var column in Columns)
        {
            var sound = DataSql.Run(app.DataFile, $"SELECT quote({column}) FROM Brews WHERE Id = {running}");
            DataSql.Run(app.DataFile, $"UPDATE Brews SET {column} = '[' WHERE Id = {running}");
            var broken = await BrokenAsync(client, Running, running);
            Assert.True(broken.Count == 0, $"{column}: {string.Join(", ", broken)}");

            DataSql.Run(app.DataFile, $"UPDATE Brews SET {column} = {sound} WHERE Id = {running}");
        }

        var id = await app.DataAsync(db => db.Brews.MaxAsync(one => one.Id, Ct));
        DataSql.Run(app.DataFile, $"UPDATE Brews SET PlanJson = '{{' WHERE Id = {id}");
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.Contains("cannot be read", page.QuerySelector("h1")!.TextContent, StringComparison.Ordinal);
        await App.PostAsync(client, page, $"/brew/{id}/broken");
        Assert.Equal(Data.Brews.BrewState.Abandoned, await app.DataAsync(db => db.Brews.Where(one => one.Id == id).Select(one => one.State).SingleAsync(Ct)));
    }

    /// <summary>A word that this version does not know is not taken for another: it is kept, shown, and not counted.</summary>
    [Fact]
    public async Task An_entry_that_cannot_be_read_undoes_nothing_and_stays_as_it_is()
    {
        await using var app = new App();
        var client = app.Browser();
        var brew = await BrewAsync(app, client);
        using var start = new StringContent($"[{{\"id\":\"{Guid.NewGuid()}\",\"kind\":\"start\",\"step\":0,\"atMs\":null}}]", System.Text.Encoding.UTF8, "application/json");
        (await client.PostAsync(new Uri($"/api/brews/{brew}/entries", UriKind.Relative), start, Ct)).EnsureSuccessStatusCode();
        var bowed = FormattableString.Invariant($"INSERT INTO Entries (BrewId, EntryId, Kind, Step, AtMs, By, Seen, ReceivedAtMs) SELECT BrewId, '{Guid.NewGuid()}', 'bowed', Step, AtMs, '', 0, ReceivedAtMs FROM Entries WHERE BrewId = {brew}");
        await app.DataAsync(db => db.Database.ExecuteSqlRawAsync(bowed));
        var page = await App.GetAsync(client, $"/brew/{brew}");
        Assert.Contains("1 entry of this brew", page.QuerySelector("main")!.TextContent, StringComparison.Ordinal);
        var row = await app.DataAsync(db => db.Brews.AsNoTracking().Include(one => one.Entries).FirstAsync(one => one.Id == brew, Ct));
        Assert.NotNull(row.StartedAtMs);
        Assert.Equal(1, row.UnreadEntries);
        Assert.Equal([Core.Brewing.EntryKind.Start], row.CoreEntries.Select(entry => entry.Kind));
        Assert.Empty(await BrokenAsync(client, Everywhere, brew));
        // Another press, and what cannot be read is still there to the letter.
        Assert.Equal("bowed", DataSql.Run(app.DataFile, $"SELECT Kind FROM Entries WHERE BrewId = {brew} AND Kind NOT IN ('start', 'done')"));
    }

    /// <summary>Unknown words and readings in every place where a word is stored; all of them come together in one data file.</summary>
    [Theory]
    [InlineData("UPDATE Readings SET Of = 'moonC'")]
    [InlineData("UPDATE Sips SET \"When\" = 'frozen' WHERE \"When\" = 'cool'")]
    [InlineData("UPDATE SlipAnswers SET Kind = 'sneezed'")]
    [InlineData("UPDATE BlindSessions SET Kind = 'duel'")]
    [InlineData("UPDATE Tastings SET Bed = 'moon', Complaints = 'moon sour', WentWrong = 'moon'")]
    [InlineData("UPDATE Facts SET Flow = 'sideways', Family = 'bucket'")]
    [InlineData("UPDATE Observations SET Name = 'unstirredx' WHERE Id IN (SELECT min(Id) FROM Observations GROUP BY BrewId)")]
    [InlineData("UPDATE Learned SET Json = '{'")]
    [InlineData("UPDATE Jobs SET Address = ''")]
    [InlineData("UPDATE Sheets SET Name = '', What = ''")]
    [InlineData("UPDATE Turns SET StateJson = '{'")]
    [InlineData("UPDATE Extras SET Json = '['")]
    [InlineData("UPDATE Imports SET BeforeJson = '{', Brought = 'moon.x'")]
    [InlineData("UPDATE Mills SET Labels = '{', Looks = '[', Usuals = 'x'")]
    [InlineData("UPDATE Vessels SET Marks = 'x'")]
    public async Task An_unknown_word_breaks_no_page(string sql)
    {
        var client = shared.Browser();
        DataSql.Run(shared.DataFile, sql);
        Assert.Empty(await BrokenAsync(client, Everywhere, 5));
        Assert.Empty(await BrokenAsync(client, [], 12));
    }
}
