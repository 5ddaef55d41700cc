using System.IO.Compression;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using AngleSharp.Dom;
using Microsoft.Extensions.DependencyInjection;

namespace Cistern.Web.Tests;

/// <summary>Export to files and import from them.</summary>
public sealed class FilesTests : IClassFixture<App>
{
    private static readonly CancellationToken Ct = TestContext.Current.CancellationToken;

    private readonly App app;
    private readonly HttpClient client;

    public FilesTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    /// <summary>The whole demo exported, imported into an empty data file, and every row of every brew compared field by field.</summary>
    [Fact]
    public async Task An_export_is_imported_equal()
    {
        await using var from = new App();
        var old = from.Browser();
        await from.DataAsync(async db =>
        {
            var brew = await db.Brews.Include(row => row.Tastings).FirstAsync(row => row.Id == 5, Ct);
            brew.Notes.Add(new LaterNote { Text = "=1+1 later,\n\"quoted\"", AtMs = 1_700_000_000_123 });
            brew.Tastings.Add(new Tasting { BaristaId = brew.BaristaId == 2 ? 3 : 2, Score = 4.5, SourBitter = -3, Note = "another mouth", AtMs = 1_700_000_000_456 });
            brew.Observations.Add(new Observation { Name = ObservationNames.Water, Value = 93.4, AtMs = 1_700_000_000_789, Seen = true });
            brew.DeviationAnswers.Add(new DeviationAnswer { Kind = Core.Brewing.DeviationKind.ReleasedLate, Step = 3, Taken = true, Said = "late", DilutionG = 12, AtMs = 1_700_000_000_789, By = "Teo" });
            brew.Readings.Add(new ReadingChunk { Of = ReadingOf.ScaleG, Packed = new Curve(ReadingOf.ScaleG, [new CurvePoint(brew.StartedAtMs!.Value + 203, 12.3), new CurvePoint(brew.StartedAtMs.Value + 404, 15.1)]).Pack() });
            var given = await db.Brews.FirstAsync(row => row.Id == 9, Ct);
            (given.State, given.WhyAbandoned) = (BrewState.Abandoned, "the bell rang");
            return await db.SaveChangesAsync(Ct);
        });
        await using (var scope = from.Services.CreateAsyncScope())
        {
            foreach (var changed in (int[])[5, 9])
            {
                await scope.ServiceProvider.GetRequiredService<BrewStore>().ComputeFactsAsync(changed);
            }
        }

        var brews = await old.GetByteArrayAsync(new Uri("/out/brews.json", UriKind.Relative), Ct);
        var plans = await old.GetByteArrayAsync(new Uri("/out/plans.json", UriKind.Relative), Ct);
        var shelf = await old.GetByteArrayAsync(new Uri("/out/shelf.json", UriKind.Relative), Ct);

        await using var to = App.On(Path.Combine(App.Folder(), "test.db"));
        var fresh = to.Browser();
        var first = await App.GetAsync(fresh, "/first");
        await App.PostAsync(fresh, first, "/first", ("name", "Nobody"));
        var look = await SendAsync(fresh, ("shelf.json", shelf), ("plans.json", plans));
        Assert.Contains("new", look.QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
        await TakeAsync(fresh, look);
        await TakeAsync(fresh, await SendAsync(fresh, ("brews.json", brews)));

        var (was, now) = (await RowsAsync(from), await RowsAsync(to));
        Assert.Equal(was.Count, now.Count);
        foreach (var (id, told) in was)
        {
            Assert.Equal(told, now[id]);
        }

        Assert.Equal(await ReadAsync(old, "/out/shelf.json"), await ReadAsync(fresh, "/out/shelf.json"));
        Assert.Equal(await ReadAsync(old, "/out/plans.json"), await ReadAsync(fresh, "/out/plans.json"));
        Assert.Equal(JsonNode.Parse(brews)!.AsArray().Count, JsonNode.Parse(await ReadAsync(fresh, "/out/brews.json"))!.AsArray().Count);
        Assert.Equal(Encoding.UTF8.GetString(brews), await ReadAsync(fresh, "/out/brews.json"));
        // The same import again adds nothing.
        var again = await SendAsync(fresh, ("brews.json", brews), ("shelf.json", shelf), ("plans.json", plans));
        Assert.Contains("0 new", again.QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("nothing new", again.QuerySelector(".take-in")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_export_keeps_to_its_schema()
    {
        var schema = await NJsonSchema.JsonSchema.FromJsonAsync((await ReadAsync(client, "/formats/brew.schema.json")).Replace("$defs", "definitions", StringComparison.Ordinal), Ct);
        var out_ = await ReadAsync(client, "/out/brews.json");
        Assert.Empty(schema.Validate(out_));
        var broken = JsonNode.Parse(out_)!.AsArray();
        broken[0]!["tasting"] = JsonNode.Parse("""{"score": 11}""");
        Assert.NotEmpty(schema.Validate(broken.ToJsonString()));
        Assert.Equal(await File.ReadAllTextAsync(App.Repository("docs/formats/brew.schema.json"), Ct), BrewSchema.Write());
    }

    [Fact]
    public async Task A_brew_of_another_program_is_imported_and_exported_with_all_its_members()
    {
        await using var own = new App();
        var browser = own.Browser();
        var recipe = RecipeLibrary.Find("vd-water-first")!;
        var brewed = recipe with { Coffee = recipe.Coffee with { DoseG = 23.4 } };
        var json = JsonNode.Parse(BrewWriter.Write(new BrewRecord(Guid.Parse("0b1f6d4e-7a55-4a39-9c0e-3f52cb0a77d1"), recipe, brewed)
        {
            StartedAt = new DateTimeOffset(2026, 10, 1, 8, 0, 0, TimeSpan.FromHours(2)),
            Barista = "Solveig",
            Coffee = new CoffeeUsed("Quiet Orchard", BoughtGround: false) { From = "Bolivia" },
            Grinder = new GrinderUsed("Ferrule", "21"),
            Place = new PlaceUsed("Weir House"),
            Measured = new MeasuredFigures { TdsPercent = 1.31, BeverageG = 301, DrawdownS = 95, PressFelt = PressFelt.Firm },
            Tasting = new TastingRecord { Sips = [new Sip { When = SipWhen.Hot, SourBitter = -2, ThinHeavy = 1 }], Score = 7.5, Words = "apricot skin", NotesFound = ["apricot"], Bed = BedLook.Flat },
            Events = [new RecordedEvent(Guid.NewGuid(), 30, 1, RecordedEventKind.Done, "Solveig")],
            Notes = [new RecordedNote(new DateTimeOffset(2026, 10, 2, 8, 0, 0, TimeSpan.Zero), null, "colder later")],
        }))!.AsObject();
        json["cupboard"] = "left";
        json["barista"]!["badge"] = 7;
        json["measured"]!["ph"] = 5.1;
        json["tasting"]!["sips"]![0]!["spoon"] = "deep";
        json["planned"]!["parent"] = "0b1f6d4e-7a55-4a39-9c0e-3f52cb0a77d2";
        await TakeAsync(browser, await SendAsync(browser, ("strange.json", Encoding.UTF8.GetBytes(json.ToJsonString()))));
        var brew = await own.DataAsync(db => db.Brews.Include(row => row.Facts).Include(row => row.Barista).Include(row => row.Tastings).SingleAsync(row => row.FileId == Guid.Parse("0b1f6d4e-7a55-4a39-9c0e-3f52cb0a77d1"), Ct));
        Assert.Equal(("Solveig", "Quiet Orchard", "Ferrule, 21", 23.4, 95), (brew.Barista!.Name, brew.CoffeeName, brew.GrindText, brew.Facts!.DoseG, brew.Facts.DrawdownS));
        Assert.Equal((7.5, 1.31, -2), (brew.Tastings[0].Score, brew.Tastings[0].ReadTdsPercent, brew.Tastings[0].SourBitter));
        // It is shown like any other: in the log, on its page, in a comparison, in the trend.
        Assert.Contains("1.31 % TDS read", (await App.GetAsync(browser, "/log?q=apricot+skin")).QuerySelector(".row-verdict")!.TextContent, StringComparison.Ordinal);
        var entry = await App.GetAsync(browser, $"/log/{brew.Id}");
        Assert.Contains("1:35", entry.Body!.TextContent, StringComparison.Ordinal);
        // It was brewed as its file says, on every page: the actual dose, its brew chart, its drain compared with the expected one.
        foreach (var path in (string[])[$"/log/{brew.Id}", $"/brew/{brew.Id}/after"])
        {
            var told = await App.GetAsync(browser, path);
            Assert.Equal("23.4 g", told.QuerySelectorAll("tr").Single(row => row.QuerySelector("th")?.TextContent == "Dose").QuerySelectorAll("td")[1].TextContent.Trim());
            Assert.Contains("Drawdown 1:35", told.Body!.TextContent, StringComparison.Ordinal);
        }

        Assert.Contains("Filled: as brewed", entry.Body.TextContent, StringComparison.Ordinal);
        Assert.NotNull(brew.Facts.Flow);
        Assert.NotEqual(await ReadAsync(browser, $"/plan/{brew.RecipeId}?handler=Tide"), await ReadAsync(browser, $"/log/{brew.Id}/tide.svg"));
        Assert.Contains("\"extractionYieldPercent\"", JsonNode.Parse(await ReadAsync(browser, $"/log/{brew.Id}/brew.json"))!["forecast"]!["brewed"]!.ToJsonString(), StringComparison.Ordinal);
        await App.GetAsync(browser, $"/compare?b={brew.Id}&b=5");
        await App.GetAsync(browser, $"/next/{brew.Id}");
        await App.GetAsync(browser, $"/taste/{brew.Id}");
        var back = JsonNode.Parse(await ReadAsync(browser, $"/log/{brew.Id}/brew.json"))!.AsObject();
        Holds(json, back, "");
        // Imported again, from the original file or from the exported one, it is recognized.
        Assert.Contains("1 already here", (await SendAsync(browser, ("strange.json", Encoding.UTF8.GetBytes(json.ToJsonString())))).QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("1 already here", (await SendAsync(browser, ("strange.json", Encoding.UTF8.GetBytes(back.ToJsonString())))).QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_brew_that_differs_here_is_replaced_only_when_asked_and_undone_as_one()
    {
        await using var own = new App();
        var browser = own.Browser();
        await own.DataAsync(db => db.Brews.Where(brew => brew.Id == 5).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.TakenG, 17.5), Ct));
        var before = await RowsAsync(own);
        var file = JsonNode.Parse(await ReadAsync(browser, "/log/5/brew.json"))!.AsObject();
        file["tasting"]!["words"] = "changed by hand";
        var other = JsonNode.Parse(file.ToJsonString())!.AsObject();
        other["id"] = Guid.NewGuid().ToString();
        var bytes = Encoding.UTF8.GetBytes(new JsonArray(file, other).ToJsonString());
        var look = await SendAsync(browser, ("two.json", bytes));
        Assert.Contains("1 new, 0 already here, 1 different here", look.QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
        await TakeAsync(browser, look);
        Assert.Equal(before.Count + 1, (await RowsAsync(own)).Count);
        Assert.All(before, pair => Assert.Equal(pair.Value, RowsAsync(own).GetAwaiter().GetResult()[pair.Key]));
        await TakeAsync(browser, await SendAsync(browser, ("two.json", bytes)), ("with-changed", "yes"));
        Assert.Contains("changed by hand", (await App.GetAsync(browser, "/log/5")).Body!.TextContent, StringComparison.Ordinal);
        // The coffee taken from the bag here is not changed by the file.
        Assert.Equal(17.5, await own.DataAsync(db => db.Brews.Where(brew => brew.Id == 5).Select(brew => brew.TakenG).SingleAsync(Ct)));
        var files = await App.GetAsync(browser, "/files");
        var imports = files.QuerySelectorAll("[name=import]").Select(one => one.GetAttribute("value")!).ToList();
        Assert.Equal(3, imports.Count);
        Assert.Equal(HttpStatusCode.OK, (await App.PostAsync(browser, files, "/files?handler=Undo", ("import", imports[0]))).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await App.PostAsync(browser, files, "/files?handler=Undo", ("import", imports[1]))).StatusCode);
        var after = await RowsAsync(own);
        Assert.All(before, pair => Assert.Equal(pair.Value, after.GetValueOrDefault(pair.Key)));
        Assert.Equal(before.Count, after.Count);
        Assert.Equal(HttpStatusCode.NotFound, (await App.PostAsync(browser, files, "/files?handler=Undo", ("import", imports[0]))).StatusCode);
        // An import that was undone can be repeated.
        await TakeAsync(browser, await SendAsync(browser, ("two.json", bytes)));
        Assert.Equal(before.Count + 1, (await RowsAsync(own)).Count);
    }

    /// <summary>
    /// Two imports of one brew are layers: in whichever order they are undone, in the end it is as before, and later tastings and
    /// notes stay.
    /// </summary>
    [Theory]
    [InlineData(0, 1)]
    [InlineData(1, 0)]
    public async Task Two_imports_of_one_brew_are_undone_in_either_order_and_lose_nothing_written_since(int first, int second)
    {
        await using var own = new App();
        var browser = own.Browser();
        var before = await RowsAsync(own);
        var file = JsonNode.Parse(await ReadAsync(browser, "/log/5/brew.json"))!.AsObject();
        foreach (var words in (string[])["once", "twice"])
        {
            own.Time.Advance(TimeSpan.FromMinutes(1));
            file["tasting"]!["words"] = words;
            await TakeAsync(browser, await SendAsync(browser, ("one.json", Encoding.UTF8.GetBytes(file.ToJsonString()))), ("with-changed", "yes"));
        }

        own.Time.Advance(TimeSpan.FromMinutes(1));
        var nowMs = own.Time.GetUtcNow().ToUnixTimeMilliseconds();
        await own.DataAsync(async db =>
        {
            var brew = await db.Brews.Include(row => row.Tastings).FirstAsync(row => row.Id == 5, Ct);
            var another = await db.Baristas.Where(row => row.Id != brew.BaristaId).Select(row => row.Id).FirstAsync(Ct);
            db.Tastings.Add(new Tasting { BrewId = 5, BaristaId = another, Score = 3, Note = "tasted since", AtMs = nowMs, Sips = { new TastingSip { When = SipWhen.Cool, SourBitter = 2 } } });
            db.Notes.Add(new LaterNote { BrewId = 5, Text = "noted since", AtMs = nowMs });
            return await db.SaveChangesAsync(Ct);
        });
        var imports = (await App.GetAsync(browser, "/files")).QuerySelectorAll("[name=import]").Select(one => one.GetAttribute("value")!).Take(2).ToList();
        async Task<string> WordsAsync() => string.Join(' ', await own.DataAsync(db => db.Tastings.Where(row => row.BrewId == 5).Select(row => row.Note).ToListAsync(Ct)));
        foreach (var undone in (int[])[first, second])
        {
            var files = await App.GetAsync(browser, "/files");
            Assert.Equal(HttpStatusCode.OK, (await App.PostAsync(browser, files, "/files?handler=Undo", ("import", imports[undone]))).StatusCode);
            Assert.Contains("tasted since", await WordsAsync(), StringComparison.Ordinal);
            Assert.Equal(1, await own.DataAsync(db => db.Notes.CountAsync(row => row.BrewId == 5 && row.Text == "noted since", Ct)));
            if (undone == first)
            {
                // The later of the two stays until it is undone.
                Assert.Equal(first == 1, (await WordsAsync()).Contains("twice", StringComparison.Ordinal));
                Assert.Equal(first == 0, (await WordsAsync()).Contains("once", StringComparison.Ordinal));
            }
        }

        await own.DataAsync(async db => await db.Tastings.Where(row => row.Note == "tasted since").ExecuteDeleteAsync(Ct) + await db.Notes.Where(row => row.Text == "noted since").ExecuteDeleteAsync(Ct));
        var after = await RowsAsync(own);
        Assert.Equal(before.Count, after.Count);
        Assert.All(before, pair => Assert.Equal(pair.Value, after[pair.Key]));
    }

    /// <summary>
    /// An import that was interrupted by the end of the server is undone at the next start: what it added is removed, what it changed
    /// is as before.
    /// </summary>
    [Fact]
    public async Task An_import_that_was_cut_off_leaves_nothing()
    {
        await using var own = new App();
        var browser = own.Browser();
        var before = await RowsAsync(own);
        var file = JsonNode.Parse(await ReadAsync(browser, "/log/5/brew.json"))!.AsObject();
        file["tasting"]!["words"] = "half of it";
        var other = JsonNode.Parse(file.ToJsonString())!.AsObject();
        other["id"] = Guid.NewGuid().ToString();
        await TakeAsync(browser, await SendAsync(browser, ("two.json", Encoding.UTF8.GetBytes(new JsonArray(file, other).ToJsonString()))), ("with-changed", "yes"));
        Assert.Equal(before.Count + 1, (await RowsAsync(own)).Count);
        // The state when the server ends between two batches.
        await own.DataAsync(db => db.Imports.Where(row => row.What.Contains("two.json")).ExecuteUpdateAsync(set => set.SetProperty(row => row.SavedAtMs, (long?)null), Ct));
        await using (var scope = own.Services.CreateAsyncScope())
        {
            Assert.Equal(1, await scope.ServiceProvider.GetRequiredService<ImportStore>().UndoInterruptedAsync(Ct));
            Assert.Equal(0, await scope.ServiceProvider.GetRequiredService<ImportStore>().UndoInterruptedAsync(Ct));
        }

        var after = await RowsAsync(own);
        Assert.Equal(before.Count, after.Count);
        Assert.All(before, pair => Assert.Equal(pair.Value, after[pair.Key]));
        Assert.Equal(0, await own.DataAsync(db => db.Brews.CountAsync(row => row.FileId == Guid.Parse(other["id"]!.GetValue<string>()), Ct)));
    }

    /// <summary>Files being previewed are stored for a day, readable by their owner only, and never under a name given by the sender.</summary>
    [Fact]
    public async Task A_previewed_import_is_deleted_after_a_day()
    {
        await using var own = new App();
        var browser = own.Browser();
        own.Time.SetUtcNow(DateTimeOffset.UtcNow.AddHours(1));
        var look = await SendAsync(browser, ("../../passwd.json", "[]"u8.ToArray()));
        Assert.Contains("passwd.json", look.QuerySelector("table")!.TextContent, StringComparison.Ordinal);
        var lot = look.QuerySelector(".take-in")!.GetAttribute("action")!;
        var files = Directory.GetFiles(own.DataFile + ".in", "*", SearchOption.AllDirectories);
        Assert.Equal(["000.data", "000.name"], files.Select(file => Path.GetFileName(file)).Order(StringComparer.Ordinal));
        if (!OperatingSystem.IsWindows())
        {
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute, File.GetUnixFileMode(Path.GetDirectoryName(files[0])!));
        }

        own.Time.Advance(TimeSpan.FromHours(22));
        await SendAsync(browser, ("b.json", "[]"u8.ToArray()));
        await App.GetAsync(browser, lot, 422);
        own.Time.Advance(TimeSpan.FromHours(2));
        await SendAsync(browser, ("c.json", "[]"u8.ToArray()));
        await App.GetAsync(browser, lot, 404);
    }

    [Fact]
    public async Task A_brew_under_way_is_never_changed_by_a_file()
    {
        await using var own = new App();
        var browser = own.Browser();
        var file = JsonNode.Parse(await ReadAsync(browser, "/log/5/brew.json"))!.AsObject();
        file["tasting"]!["words"] = "changed by hand";
        await own.DataAsync(db => db.Brews.Where(brew => brew.Id == 5).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.State, BrewState.Running), Ct));
        Assert.Contains("0 new, 1 already here", (await SendAsync(browser, ("one.json", Encoding.UTF8.GetBytes(file.ToJsonString())))).QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_table_of_brews_is_harmless_in_a_spreadsheet_and_reads_back_as_it_was()
    {
        const string Formula = "=HYPERLINK(\"http://x\",\"plum\")";
        await using var own = new App();
        var browser = own.Browser();
        await own.DataAsync(async db =>
        {
            var tastings = await db.Tastings.Where(row => row.BrewId == 5).ToListAsync(Ct);
            tastings[0].Note = Formula;
            (await db.Brews.FirstAsync(row => row.Id == 6, Ct)).CoffeeName = "'quoted, +1\r\nand @more";
            (await db.Brews.FirstAsync(row => row.Id == 7, Ct)).CoffeeName = "'=quoted already";
            return await db.SaveChangesAsync(Ct);
        });
        var table = await ReadAsync(browser, "/out/brews.csv");
        foreach (var cell in Cells(table))
        {
            Assert.False(cell.Length > 0 && "=+@\t\r".Contains(cell[0], StringComparison.Ordinal), cell);
            Assert.False(cell.StartsWith('-') && !double.TryParse(cell, System.Globalization.CultureInfo.InvariantCulture, out _), cell);
        }

        Assert.Contains("'=HYPERLINK", table, StringComparison.Ordinal);
        var (brews, findings) = BrewTable.Read(table);
        Assert.Empty(findings);
        var all = await own.DataAsync(db => db.Logged.CountAsync(Ct));
        Assert.Equal(all, brews.Count);
        Assert.Contains(brews, brew => brew.Tasting?.Words == Formula);
        Assert.Contains(brews, brew => brew.Coffee.Name == "'quoted, +1\r\nand @more");
        Assert.Contains(brews, brew => brew.Coffee.Name == "'=quoted already");
        // All of them are known here; in an empty data file they are new brews.
        Assert.Contains($"{all} different here", (await SendAsync(browser, ("brews.csv", Encoding.UTF8.GetBytes(table)))).QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
        await using var empty = App.On(Path.Combine(App.Folder(), "test.db"));
        var fresh = empty.Browser();
        await App.PostAsync(fresh, await App.GetAsync(fresh, "/first"), "/first", ("name", "Nobody"));
        await TakeAsync(fresh, await SendAsync(fresh, ("brews.csv", Encoding.UTF8.GetBytes(table))));
        var (one, other) = (await own.DataAsync(db => db.Facts.ToListAsync(Ct)), await empty.DataAsync(db => db.Facts.ToListAsync(Ct)));
        Assert.Equal(one.Count, other.Count);
        Assert.Equal(one.Select(facts => facts.DoseG).Order(), other.Select(facts => facts.DoseG).Order());
        // A table has six decimal places.
        Assert.Equal(one.Select(facts => Math.Round(facts.DrawdownS ?? 0, 5)).Order(), other.Select(facts => Math.Round(facts.DrawdownS ?? 0, 5)).Order());
        Assert.Equal(Formula, await empty.DataAsync(db => db.Tastings.Where(tasting => tasting.Note.Contains("HYPERLINK")).Select(tasting => tasting.Note).SingleAsync(Ct)));
        // And they are written to a table identically.
        Assert.Equal(Cells(table).Count(), Cells(await ReadAsync(fresh, "/out/brews.csv")).Count());
    }

    [Fact]
    public async Task Readings_are_exported_one_row_each()
    {
        await using var own = new App();
        var browser = own.Browser();
        await own.DataAsync(async db =>
        {
            var brew = await db.Brews.FirstAsync(row => row.Id == 3, Ct);
            brew.Readings.Add(new ReadingChunk { Of = ReadingOf.SlurryC, Packed = new Curve(ReadingOf.SlurryC, [new CurvePoint(brew.StartedAtMs!.Value + 1_250, 91.5)]).Pack() });
            return await db.SaveChangesAsync(Ct);
        });
        var id = await own.DataAsync(db => db.Brews.Where(row => row.Id == 3).Select(row => row.FileId).SingleAsync(Ct));
        Assert.Contains($"\r\n{id},slurryC,1.25,91.5\r\n", await ReadAsync(browser, "/out/readings.csv"), StringComparison.Ordinal);
        Assert.StartsWith("brew,of,atS,value\r\n", await ReadAsync(browser, "/out/readings.csv"), StringComparison.Ordinal);
        Assert.Equal("brew,of,atS,value\r\n", await ReadAsync(browser, "/out/readings.csv?family=siphon"));
    }

    [Fact]
    public async Task The_brews_found_in_the_log_are_the_ones_exported()
    {
        var found = JsonNode.Parse(await ReadAsync(client, "/out/brews.json?coffee=Tidewrack&state=tasted"))!.AsArray();
        Assert.All(found, brew => Assert.Equal("Tidewrack", (string?)brew!["coffee"]!["name"]));
        Assert.Equal(found.Count, int.Parse((await App.GetAsync(client, "/log?coffee=Tidewrack&state=tasted")).QuerySelector(".found strong")!.TextContent.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture));
        Assert.Contains($"{found.Count} brews", (await App.GetAsync(client, "/files?coffee=Tidewrack&state=tasted")).QuerySelector("[aria-labelledby=out] p")!.TextContent, StringComparison.Ordinal);
    }

    /// <summary>Whatever is sent: a finding, and nothing of it is imported.</summary>
    [Theory]
    [MemberData(nameof(Hostile))]
    public async Task A_hostile_file_is_refused_with_a_finding_and_nothing_is_taken(string name, string says)
    {
        var before = await app.DataAsync(async db => (await db.Brews.CountAsync(Ct), await db.Plans.CountAsync(Ct), await db.Grinders.CountAsync(Ct), await db.Baristas.CountAsync(Ct)));
        // A good file goes with it: a batch is imported whole or not at all.
        var good = Encoding.UTF8.GetBytes(RecipeWriter.Write(RecipeLibrary.All[0] with { Id = "mine", Name = "Mine" }));
        var look = await SendAsync(client, (name, Of(name)), ("good.json", good));
        var told = look.QuerySelector("table")!.TextContent;
        Assert.Contains(says, told, StringComparison.Ordinal);
        Assert.Null(look.QuerySelector(".take-in .is-main"));
        await App.PostAsync(client, look, look.QuerySelector(".take-in")!.GetAttribute("action")!);
        await Task.Delay(50, Ct);
        Assert.Equal(before, await app.DataAsync(async db => (await db.Brews.CountAsync(Ct), await db.Plans.CountAsync(Ct), await db.Grinders.CountAsync(Ct), await db.Baristas.CountAsync(Ct))));
    }

    public static TheoryData<string, string> Hostile => new()
    {
        { "cut off", "The file must be JSON" },
        { "deep", "levels deep" },
        { "too large", "at most 32 MB" },
        { "utf-16", "UTF-8" },
        { "latin-1", "UTF-8" },
        { "a zip", "Unpack it" },
        { "a data file", "./cistern restore" },
        { "words", "names its columns" },
        { "an empty array", "array of 1 to" },
        { "null", "whose first row names its columns" },
        { "a hundred thousand rows", "row 70002, doseG" },
        { "a table of mixed line ends", "row 4, recipe" },
        { "a table without a recipe", "has a column recipe" },
        { "a mill of nonsense", "mill Bad" },
        { "a thing of no kind", "is of a kind that stands on a shelf" },
        { "a brew without a plan", "planned is required" },
        { "numbers out of range", "score must be a number from 0 to 10" },
        { "half a letter", "UTF-8" },
        { "a brew of many megabytes", "at most 4 MB" },
    };

    [Fact]
    public async Task A_stored_forecast_counts_only_while_the_file_is_unchanged()
    {
        await using var own = new App();
        var browser = own.Browser();
        var file = JsonNode.Parse(await ReadAsync(browser, "/log/5/brew.json"))!.AsObject();
        file["id"] = Guid.NewGuid().ToString();
        file["kept"]!["observations"] = new JsonArray();
        file["kept"]!["entries"] = null;
        await TakeAsync(browser, await SendAsync(browser, ("forged.json", Encoding.UTF8.GetBytes(file.ToJsonString()))));
        var taken = await own.DataAsync(db => db.Brews.Include(row => row.Entries).OrderBy(row => row.Id).LastAsync(Ct));
        Assert.Empty(taken.Entries);
        Assert.NotNull(taken.BrewedJson);
        await App.GetAsync(browser, $"/log/{taken.Id}");
    }

    [Fact]
    public async Task An_empty_choice_is_a_finding_and_an_expired_import_is_not_found()
    {
        var page = await App.GetAsync(client, "/files");
        using var nothing = new MultipartFormDataContent { { new StringContent(Token(page)), "__RequestVerificationToken" } };
        var answer = await client.PostAsync(new Uri("/files?handler=Look", UriKind.Relative), nothing, Ct);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("Choose a file first", (await App.ParseAsync(answer)).QuerySelector("#files-problem")!.TextContent, StringComparison.Ordinal);
        await App.GetAsync(client, $"/files/in/{Guid.NewGuid():N}", 404);
        var look = await SendAsync(client, ("x.json", "[]"u8.ToArray()));
        var action = look.QuerySelector(".take-in")!.GetAttribute("action")!;
        await App.PostAsync(client, look, action + "?handler=Leave");
        await App.GetAsync(client, action, 404);
    }

    [Theory]
    [InlineData("/log/99999/brew.json")]
    [InlineData("/log/99999/tide.svg")]
    public async Task A_missing_brew_is_not_exported(string path) => Assert.Equal(HttpStatusCode.NotFound, (await client.GetAsync(new Uri(path, UriKind.Relative), Ct)).StatusCode);

    [Fact]
    public async Task A_brew_chart_is_exported_as_a_picture_that_stands_alone()
    {
        var svg = await ReadAsync(client, "/log/5/tide.svg");
        Assert.StartsWith("<svg", svg, StringComparison.Ordinal);
        Assert.Contains("<style>", svg, StringComparison.Ordinal);
    }

    private static byte[] Of(string name) => name switch
    {
        "cut off" => Encoding.UTF8.GetBytes(RecipeWriter.Write(RecipeLibrary.All[0])[..200]),
        "deep" => Encoding.UTF8.GetBytes(new string('[', 5_000) + new string(']', 5_000)),
        "too large" => Encoding.UTF8.GetBytes("[\"" + new string('x', 33 * 1024 * 1024) + "\"]"),
        "utf-16" => [.. Encoding.Unicode.Preamble, .. Encoding.Unicode.GetBytes("recipe,doseG,waterG,coffee\r\n")],
        "latin-1" => Encoding.Latin1.GetBytes("recipe,doseG,waterG,words\r\nvd-water-first,22,340,brûlée\r\n"),
        "a zip" => Zip(),
        "a data file" => [.. "SQLite format 3\0"u8, .. new byte[100]],
        "words" => "once upon a time"u8.ToArray(),
        "an empty array" => "[]"u8.ToArray(),
        "null" => "null"u8.ToArray(),
        "a hundred thousand rows" => Encoding.UTF8.GetBytes("recipe,doseG,waterG\r\n" + string.Concat(Enumerable.Range(0, 100_000).Select(i => i == 70_000 ? "vd-water-first,-5,340\r\n" : "vd-water-first,22,340\r\n"))),
        "a table of mixed line ends" => "recipe,doseG,waterG\nvd-water-first,22,340\r\nvd-water-first,22,340\rno-such,22,340\n"u8.ToArray(),
        "a table without a recipe" => "id,doseG,waterG,coffee\r\n"u8.ToArray(),
        "a mill of nonsense" => """{"format":"cistern/shelf","version":1,"things":[{"kind":"mill","name":"Bad","um-per-setting":"NaN","least":"9","most":"1"}]}"""u8.ToArray(),
        "a thing of no kind" => """{"format":"cistern/shelf","version":1,"things":[{"kind":"boat","name":"Bad"}]}"""u8.ToArray(),
        "a brew without a plan" => """{"format":"cistern/brew","version":1,"id":"0b1f6d4e-7a55-4a39-9c0e-3f52cb0a77d1"}"""u8.ToArray(),
        "numbers out of range" => Encoding.UTF8.GetBytes(BrewWriter.Write(new BrewRecord(Guid.NewGuid(), RecipeLibrary.All[0], RecipeLibrary.All[0]) { Tasting = new TastingRecord { Score = 99 } })),
        "half a letter" => [.. "{\"format\":\"cistern/brew\",\"version\":1,\"why\":\""u8, 0xC3, .. "\"}"u8],
        "a brew of many megabytes" => Encoding.UTF8.GetBytes(BrewWriter.Write(new BrewRecord(Guid.NewGuid(), RecipeLibrary.All[0], RecipeLibrary.All[0])).Replace("\"format\"", $"\"mine\":\"{new string('x', 5_000_000)}\",\"format\"", StringComparison.Ordinal)),
        _ => throw new ArgumentOutOfRangeException(nameof(name)),
    };

    private static byte[] Zip()
    {
        using var to = new MemoryStream();
        using (var zip = new ZipArchive(to, ZipArchiveMode.Create))
        {
            zip.CreateEntry("nothing.json");
        }

        return to.ToArray();
    }

    private static async Task<IDocument> SendAsync(HttpClient browser, params (string Name, byte[] Bytes)[] files)
    {
        var page = await App.GetAsync(browser, "/files");
        using var content = new MultipartFormDataContent { { new StringContent(Token(page)), "__RequestVerificationToken" } };
        foreach (var (name, bytes) in files)
        {
            var part = new ByteArrayContent(bytes);
            part.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
            content.Add(part, "files", name);
        }

        var answer = await browser.PostAsync(new Uri("/files?handler=Look", UriKind.Relative), content, Ct);
        Assert.True(answer.StatusCode is HttpStatusCode.OK or HttpStatusCode.UnprocessableEntity, answer.StatusCode.ToString());
        return await App.ParseAsync(answer);
    }

    private static async Task TakeAsync(HttpClient browser, IDocument look, params (string Name, string Value)[] more)
    {
        Assert.True(look.QuerySelector(".take-in .is-main") is not null, look.QuerySelector("main")!.TextContent);
        var action = look.QuerySelector(".take-in")!.GetAttribute("action")!;
        var answer = await App.PostAsync(browser, look, action, more);
        for (var i = 0; i < 400 && answer.RequestMessage!.RequestUri!.AbsolutePath != "/files"; i++)
        {
            Assert.DoesNotContain("It broke off", await answer.Content.ReadAsStringAsync(Ct), StringComparison.Ordinal);
            await Task.Delay(50, Ct);
            answer = await browser.GetAsync(new Uri(action, UriKind.Relative), Ct);
        }

        Assert.Equal("/files", answer.RequestMessage!.RequestUri!.AbsolutePath);
    }

    private static string Token(IDocument page) => page.QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!;

    private static Task<string> ReadAsync(HttpClient browser, string path) => browser.GetStringAsync(new Uri(path, UriKind.Relative), Ct);

    /// <summary>Every brew with everything that belongs to it, as text, without the ids that only its data file knows.</summary>
    private static Task<Dictionary<Guid, string>> RowsAsync(App of) => of.DataAsync(async db =>
    {
        var names = await db.Brews.ToDictionaryAsync(brew => brew.Id, brew => brew.FileId, Ct);
        var bags = await db.Bags.ToDictionaryAsync(bag => bag.Id, bag => bag.Name, Ct);
        var brews = await db.Brews.AsNoTracking().Where(brew => brew.DeletedAtMs == null).Include(brew => brew.Entries).Include(brew => brew.Weighings).Include(brew => brew.Observations).Include(brew => brew.Facts).Include(brew => brew.Notes)
            .Include(brew => brew.Readings).Include(brew => brew.DeviationAnswers).Include(brew => brew.Barista).Include(brew => brew.Tastings).ThenInclude(tasting => tasting.Sips).Include(brew => brew.Tastings).ThenInclude(tasting => tasting.Barista).AsSplitQuery().ToListAsync(Ct);
        return brews.ToDictionary(brew => brew.FileId, brew => JsonSerializer.Serialize(new
        {
            brew.RecipeId,
            brew.Name,
            brew.PlanJson,
            brew.PlannedJson,
            brew.ModelVersion,
            brew.ForecastJson,
            brew.ModelJson,
            brew.Sparkline,
            Barista = brew.Barista?.Name,
            Bag = brew.BagId is { } bag ? bags[bag] : null,
            brew.Why,
            brew.CoffeeName,
            brew.PlaceName,
            brew.GrindText,
            brew.GrinderName,
            brew.VesselName,
            Parent = brew.ParentBrewId is { } parent ? names[parent] : (Guid?)null,
            brew.ChangedJson,
            brew.State,
            brew.OpenedAtMs,
            brew.StartedAtMs,
            brew.EndedAtMs,
            brew.WhyAbandoned,
            brew.StartsItself,
            brew.BrewedJson,
            Entries = brew.Entries.OrderBy(one => one.Id).Select(one => new { one.EntryId, one.Kind, one.Step, one.AtMs, one.Undoes, one.By, one.Seen, one.ReceivedAtMs }),
            Weighings = brew.Weighings.OrderBy(one => one.StepIndex).Select(one => new { one.StepIndex, one.TotalG, one.Seen }),
            Observations = brew.Observations.OrderBy(one => one.Name, StringComparer.Ordinal).Select(one => new { one.Name, one.Value, one.AtMs, one.Seen }),
            Notes = brew.Notes.OrderBy(one => one.AtMs).Select(one => new { one.Text, one.AtMs }),
            Readings = brew.Readings.OrderBy(one => one.Of).Select(one => Curve.Unpack(one.Of, one.Packed).Points),
            Answers = brew.DeviationAnswers.Select(one => new { one.Kind, one.Step, one.Taken, one.Said, one.SteepEndAtS, one.DilutionG, one.AtMs, one.UndoneAtMs, one.By }),
            Tastings = brew.Tastings.OrderBy(one => one.AtMs).Select(one => new { Taster = one.Barista?.Name, one.SourBitter, one.ThinHeavy, one.Score, one.Note, one.ReadTdsPercent, one.Crust, one.NotesFound, one.Bed, one.Sediment, one.AtMs, Sips = one.Sips.OrderBy(sip => sip.When).Select(sip => new { sip.When, sip.SourBitter, sip.ThinHeavy, sip.Sweet, sip.Clear, sip.Finish, sip.Dry }) }),
            Facts = brew.Facts is { } facts ? new { facts.DoseG, facts.WaterG, facts.FinalTdsPercent, facts.FlavourBalance, facts.FinishS, facts.DrawdownS, facts.PressS, facts.Assumed, facts.Flow, facts.SteepEndOffS, facts.ExpectedTdsLow } : null,
        }));
    });

    /// <summary>Whether everything of one is in the other.</summary>
    private static void Holds(JsonNode? told, JsonNode? back, string place)
    {
        switch (told)
        {
            case JsonObject members:
                foreach (var (name, value) in members)
                {
                    Assert.True(back is JsonObject, place);
                    Holds(value, back![name], $"{place}.{name}");
                }

                break;
            case JsonArray list:
                Assert.Equal(list.Count, Assert.IsType<JsonArray>(back).Count);
                for (var i = 0; i < list.Count; i++)
                {
                    Holds(list[i], back![i], $"{place}[{i}]");
                }

                break;
            case JsonValue value when value.TryGetValue<string>(out var text) && DateTimeOffset.TryParse(text, System.Globalization.CultureInfo.InvariantCulture, out var moment) && text.Contains('T', StringComparison.Ordinal):
                Assert.Equal(moment, DateTimeOffset.Parse((string)back!, System.Globalization.CultureInfo.InvariantCulture));
                break;
            default:
                Assert.True(JsonNode.DeepEquals(told, back), $"{place}: {told} is {back}");
                break;
        }
    }

    /// <summary>The cells of a table, row by row.</summary>
    internal static IEnumerable<string> Cells(string table)
    {
        using var csv = new CsvHelper.CsvParser(new StringReader(table), System.Globalization.CultureInfo.InvariantCulture);
        while (csv.Read())
        {
            foreach (var cell in csv.Record!)
            {
                yield return cell;
            }
        }
    }
}
