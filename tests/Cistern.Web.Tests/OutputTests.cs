using System.Text;
using AngleSharp.Dom;
using static Cistern.Web.Tests.PlanPage;

namespace Cistern.Web.Tests;

/// <summary>Output other than files: a calendar, codes, a printed card; and the history of a plan.</summary>
public sealed class OutputTests : IClassFixture<App>
{
    private readonly App app;
    private readonly HttpClient client;

    public OutputTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    public static TheoryData<string> Recipes => [.. RecipeLibrary.All.Select(recipe => recipe.Id)];

    /// <summary>The console shows the same code as the page, module by module.</summary>
    [Fact]
    public void A_code_on_the_console_is_the_one_on_the_page()
    {
        const string Text = "https://192.0.2.10:5443/pair?code=123456";
        var dark = new HashSet<(int Y, int X)>();
        foreach (var (line, y) in Cistern.Web.Frame.QrPicture.Lines(Text).Select((line, y) => (line, y)))
        {
            foreach (var (sign, x) in line.Select((sign, x) => (sign, x)))
            {
                Assert.Contains(sign, " █▀▄");
                dark.UnionWith(sign switch { '█' => [(2 * y, x), ((2 * y) + 1, x)], '▀' => [(2 * y, x)], '▄' => [((2 * y) + 1, x)], _ => Array.Empty<(int, int)>() });
            }
        }

        var drawn = new HashSet<(int Y, int X)>();
        foreach (System.Text.RegularExpressions.Match run in System.Text.RegularExpressions.Regex.Matches(Cistern.Web.Frame.QrPicture.Draw(Text, "a code"), @"M(?<x>\d+) (?<y>\d+)h(?<long>\d+)v1", System.Text.RegularExpressions.RegexOptions.ExplicitCapture, TimeSpan.FromSeconds(5)))
        {
            int Of(string group) => int.Parse(run.Groups[group].Value, System.Globalization.CultureInfo.InvariantCulture);
            drawn.UnionWith(Enumerable.Range(Of("x"), Of("long")).Select(x => (Of("y"), x)));
        }

        Assert.True(drawn.Count > 200);
        Assert.Equal(drawn.Order(), dark.Order());
    }

    [Fact]
    public async Task A_planned_brew_stands_in_the_calendar_with_its_alarms_until_it_is_brewed()
    {
        await using var own = new App();
        var browser = own.Browser();
        var page = await App.GetAsync(browser, "/plan/fp-slow-eight");
        page = await ChangeAsync(browser, page, ("heater", Option(page, "heater", "Small kettle")), ("place", Option(page, "place", "High Hut")), ("ready", "half past seven tomorrow"));
        var path = page.QuerySelector("#plan")!.GetAttribute("action")!;
        var planned = Assert.Single((await CalendarAsync(browser)).Events);
        var name = RecipeLibrary.Find("fp-slow-eight")!.Name;
        Assert.Equal($"Brew {name}", planned.Summary);
        Assert.Equal("High Hut", planned.Location);
        Assert.EndsWith(path, planned.Url!.ToString(), StringComparison.Ordinal);
        Assert.Equal(new DateTime(2026, 11, 24, 7, 30, 0), planned.End!.AsUtc);
        // It begins with the kettle, and says so; then comes the work by hand.
        Assert.InRange((planned.End!.AsUtc - planned.Start!.AsUtc).TotalMinutes, 5, 40);
        var alarms = planned.Alarms.OrderBy(alarm => alarm.Trigger!.Duration!.Value.ToTimeSpan(planned.Start)).ToList();
        Assert.Equal([$"Kettle on: {name}", $"Begin: {name}"], alarms.Select(alarm => alarm.Description!));
        var hands = planned.Start!.AsUtc + alarms[1].Trigger!.Duration!.Value.ToTimeSpan(planned.Start);
        var says = page.QuerySelector("#ready-says")!.TextContent;
        var at = says[(says.IndexOf("Begin at Tue 24 Nov ", StringComparison.Ordinal) + 20)..][..8];
        Assert.Equal(TimeOnly.Parse(at, System.Globalization.CultureInfo.InvariantCulture).ToTimeSpan().TotalSeconds, hands.TimeOfDay.TotalSeconds, 2.0);
        // Where the water is hot before everything else is ready, both begin at once.
        await ChangeAsync(browser, await App.GetAsync(browser, path), ("heater", Option(page, "heater", "not known")));
        Assert.Equal([$"Begin: {name}"], (await CalendarAsync(browser)).Events.Single().Alarms.Select(alarm => alarm.Description!));
        // What the shelf needs is a task without a date.
        var todo = Assert.Single((await CalendarAsync(browser)).Todos, one => one.Summary == "Quiet Orchard: running out");
        Assert.Null(todo.Due);

        // Wanted at another time it is the same entry, moved.
        page = await ChangeAsync(browser, await App.GetAsync(browser, path), ("ready", "Wed 8:00"));
        var moved = Assert.Single((await CalendarAsync(browser)).Events);
        Assert.Equal((planned.Uid, new DateTime(2026, 11, 25, 8, 0, 0)), (moved.Uid, moved.End!.AsUtc));
        // Brewed the day before, it is still wanted; brewed for that cup, it is not.
        await App.PostAsync(browser, page, path + "?handler=Brew", ("job", Guid.NewGuid().ToString()));
        Assert.Single((await CalendarAsync(browser)).Events);
        own.Time.Advance(TimeSpan.FromHours(46));
        await App.PostAsync(browser, await App.GetAsync(browser, path), path + "?handler=Brew", ("job", Guid.NewGuid().ToString()));
        Assert.Empty((await CalendarAsync(browser)).Events);
    }

    [Fact]
    public async Task A_cup_whose_time_has_passed_is_still_called_for_a_while_and_stands_in_the_calendar_for_a_week()
    {
        await using var own = new App();
        var browser = own.Browser();
        await ChangeAsync(browser, await App.GetAsync(browser, "/plan/fp-slow-eight"), ("ready", "10:00"));
        Assert.Equal((true, 1), await CalledForAsync());
        own.Time.Advance(TimeSpan.FromHours(2.9));
        Assert.Equal((true, 1), await CalledForAsync());
        own.Time.Advance(TimeSpan.FromHours(0.2));
        Assert.Equal((false, 1), await CalledForAsync());
        own.Time.Advance(TimeSpan.FromDays(6.9));
        Assert.Equal((false, 1), await CalledForAsync());
        own.Time.Advance(TimeSpan.FromDays(0.1));
        Assert.Equal((false, 0), await CalledForAsync());

        async Task<(bool OnTheBench, int InTheCalendar)> CalledForAsync() =>
            ((await App.GetAsync(browser, "/")).QuerySelector("#planned") is not null, (await CalendarAsync(browser)).Events.Count);
    }

    [Theory]
    [MemberData(nameof(Recipes))]
    public void A_recipe_comes_out_of_its_code_as_it_went_in(string id)
    {
        var recipe = RecipeLibrary.Find(id)!;
        var code = CodeText.Of(recipe)!;
        Assert.All(code, letter => Assert.Contains(letter, "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:"));
        Assert.Equal(RecipeWriter.Write(recipe), RecipeWriter.Write(RecipeReader.Read(CodeText.Read($"\n {code} \r\n").Json!).Recipes.Single()));
    }

    [Fact]
    public async Task A_code_of_a_brew_is_imported_by_another_installation()
    {
        var page = await App.GetAsync(client, "/files/code?brew=5");
        Assert.NotNull(page.QuerySelector(".code-large svg path"));
        var text = page.QuerySelector("#code-text")!.TextContent;
        await using var other = App.On(Path.Combine(App.Folder(), "test.db"));
        var there = other.Browser();
        await App.PostAsync(there, await App.GetAsync(there, "/first"), "/first", ("name", "Nobody"));
        var look = await App.ParseAsync(await App.PostAsync(there, await App.GetAsync(there, "/files"), "/files?handler=Code", ("code", text)));
        Assert.Contains("1 new", look.QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
        var take = look.QuerySelector("form[action*='Take']") ?? look.QuerySelector("form")!;
        await App.PostAsync(there, look, take.GetAttribute("action")!);
        for (var i = 0; i < 100 && await other.DataAsync(db => db.Brews.CountAsync(Ct)) == 0; i++)
        {
            await Task.Delay(50, Ct);
        }

        var (here, came) = (await app.DataAsync(db => db.Brews.Include(brew => brew.Facts).Include(brew => brew.Tastings).SingleAsync(brew => brew.Id == 5, Ct)), await other.DataAsync(db => db.Brews.Include(brew => brew.Facts).Include(brew => brew.Tastings).SingleAsync(Ct)));
        Assert.Equal((here.FileId, here.Name, here.CoffeeName), (came.FileId, came.Name, came.CoffeeName));
        Assert.Equal(here.Facts!.FinalTdsPercent, came.Facts!.FinalTdsPercent, 0.02);
        Assert.Equal(here.Tastings[0].Note, came.Tastings[0].Note);
    }

    [Theory]
    [InlineData("", "does not begin with CISTERN1:")]
    [InlineData("http://example.org", "does not begin with CISTERN1:")]
    [InlineData("CISTERN1:ABC", "Its end is missing")]
    [InlineData("CISTERN1:", "Its end is missing")]
    [InlineData("CISTERN1:.", "incomplete or damaged")]
    [InlineData("CISTERN1:A.", "A character is wrong or missing")]
    [InlineData("CISTERN1:ABC_.", "A character is wrong or missing")]
    [InlineData("CISTERN1::::.", "A character is wrong or missing")]
    [InlineData("CISTERN1:ABCDEF.", "incomplete or damaged")]
    public async Task Text_that_is_no_code_gets_a_finding_and_stays_as_typed(string typed, string says)
    {
        var answer = await App.PostAsync(client, await App.GetAsync(client, "/files"), "/files?handler=Code", ("code", typed));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.ParseAsync(answer);
        Assert.Contains(says, page.QuerySelector("#code-problem")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(typed, page.QuerySelector("#code")!.TextContent);
    }

    [Fact]
    public async Task A_code_with_a_letter_changed_or_cut_off_never_becomes_another_recipe()
    {
        var code = CodeText.Of(RecipeLibrary.All[0])!;
        var whole = CodeText.Read(code).Json;
        for (var i = CodeText.Mark.Length; i < code.Length - 1; i += 7)
        {
            var (json, problem) = CodeText.Read(code[..i] + (code[i] == 'A' ? 'B' : 'A') + code[(i + 1)..]);
            Assert.True(problem is not null || json != whole);
            Assert.NotNull(CodeText.Read(code[..i] + ".").Problem);
        }

        // A link that unpacks to more than any brew is refused without using memory.
        var bomb = await Task.Run(() => Packed(new string(' ', 40 * 1024 * 1024)), Ct);
        Assert.NotNull(CodeText.Read(bomb).Problem);
    }

    [Theory]
    [InlineData("/files/code")]
    [InlineData("/files/code?brew=999999")]
    [InlineData("/files/code?plan=nothing")]
    [InlineData("/log/999999/sheet")]
    [InlineData("/plan/999999/history")]
    public async Task What_is_not_there_is_said(string path) => await App.GetAsync(client, path, 404);

    [Fact]
    public async Task A_sheet_has_all_of_a_brew_on_it()
    {
        var (brew, note) = await app.DataAsync(async db =>
        {
            var row = await db.Brews.Include(one => one.Tastings).Include(one => one.Weighings).FirstAsync(one => one.Id == 5, Ct);
            row.Notes.Add(new LaterNote { Text = "Better the next day.", AtMs = row.EndedAtMs!.Value });
            await db.SaveChangesAsync(Ct);
            return (row, row.Tastings[0].Note);
        });
        var page = await App.GetAsync(client, "/log/5/sheet");
        var sheet = page.QuerySelector(".card-sheet")!;
        Assert.Equal(brew.Name, sheet.QuerySelector("h1")!.TextContent);
        foreach (var said in new[] { note, "Better the next day.", brew.CoffeeName, brew.GrindText, "Strength, TDS", $"{brew.Weighings[0].TotalG:0} g" })
        {
            Assert.Contains(said, sheet.TextContent, StringComparison.Ordinal);
        }

        // The same figures as the entry in the log, and a code with that brew.
        var entry = (await App.GetAsync(client, "/log/5")).QuerySelectorAll("section[aria-label='Result'] tbody tr").ToDictionary(Head, row => row.QuerySelectorAll("td").Select(cell => cell.TextContent).ToList());
        foreach (var row in sheet.QuerySelectorAll("tbody tr").Where(row => row.QuerySelector("th") is not null && entry.ContainsKey(Head(row))))
        {
            Assert.Equal(entry[Head(row)], row.QuerySelectorAll("td").Select(cell => cell.TextContent));
        }

        Assert.NotNull(sheet.QuerySelector(".qr"));
        Assert.NotNull(sheet.QuerySelector(".chart"));

        static string Head(IElement row) => row.QuerySelector("th")!.TextContent;
    }

    [Fact]
    public async Task The_history_of_a_plan_is_a_tree_with_what_each_change_did()
    {
        await using var own = new App();
        var browser = own.Browser();
        // The demo's pair: B below A, both brewed.
        var (first, second) = await own.DataAsync(async db => (await db.Plans.SingleAsync(row => row.Name == "Water below, for the pair", Ct), await db.Plans.SingleAsync(row => row.Name == "Water below, for the pair, B", Ct)));
        var third = await SaveAsync(browser, await ChangeAsync(browser, await App.GetAsync(browser, $"/plan/{first.Id}"), ("kettle", "90")), "Cooler", "It was harsh.");
        var path = third.QuerySelector("#plan")!.GetAttribute("action")!;
        var page = await App.GetAsync(browser, path + "/history");
        var root = page.QuerySelector(".lineage-tree > li")!;
        Assert.StartsWith(first.Name, root.QuerySelector(".lineage-plan")!.TextContent.Trim(), StringComparison.Ordinal);
        var children = root.QuerySelectorAll(":scope > .lineage-tree > li").ToList();
        Assert.Equal([$"/plan/{second.Id}", path], children.Select(child => child.QuerySelector("a")!.GetAttribute("href")!));
        Assert.Matches(@"Brewed once: \d\.\d\d % TDS → \d\.\d\d % TDS, .+ → .+, scored", children[0].TextContent);
        Assert.Contains("It was harsh.", children[1].TextContent, StringComparison.Ordinal);
        Assert.Contains("Not brewed yet.", children[1].TextContent, StringComparison.Ordinal);
        Assert.Contains("is-here", children[1].QuerySelector(".lineage-plan")!.ClassList);
        // From any brew in it the tree is the same; deleted brews are left out.
        await own.DataAsync(db => db.Plans.Where(row => row.Id == second.Id).ExecuteUpdateAsync(set => set.SetProperty(row => row.RemovedAtMs, 1), Ct));
        Assert.Single((await App.GetAsync(browser, $"/plan/{first.Id}/history")).QuerySelectorAll(".lineage-tree .lineage-tree > li"));
    }

    [Fact]
    public async Task A_circular_history_ends()
    {
        await using var own = new App();
        var browser = own.Browser();
        await own.DataAsync(db => db.Plans.Where(row => row.Id == 1).ExecuteUpdateAsync(set => set.SetProperty(row => row.ParentId, 2), Ct));
        var page = await App.GetAsync(browser, "/plan/1/history");
        Assert.Equal(2, page.QuerySelectorAll(".lineage-plan").Length);
    }

    private static async Task<Ical.Net.Calendar> CalendarAsync(HttpClient browser)
    {
        var answer = await browser.GetAsync(new Uri("/out/calendar.ics", UriKind.Relative), Ct);
        Assert.Equal("text/calendar", answer.Content.Headers.ContentType!.MediaType);
        return Ical.Net.Calendar.Load(await answer.Content.ReadAsStringAsync(Ct))!;
    }

    /// <summary>Any text as a code, however long.</summary>
    private static string Packed(string plain)
    {
        const string Alphabet = "0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ $%*+-./:";
        using var packed = new MemoryStream();
        using (var brotli = new System.IO.Compression.BrotliStream(packed, System.IO.Compression.CompressionLevel.Fastest))
        {
            brotli.Write(Encoding.UTF8.GetBytes(plain));
        }

        var bytes = packed.ToArray();
        var letters = new StringBuilder(CodeText.Mark);
        for (var i = 0; i + 1 < bytes.Length; i += 2)
        {
            var value = (bytes[i] << 8) | bytes[i + 1];
            letters.Append(Alphabet[value % 45]).Append(Alphabet[value / 45 % 45]).Append(Alphabet[value / 2025]);
        }

        return letters.Append('.').ToString();
    }
}
