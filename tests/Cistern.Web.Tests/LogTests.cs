using AngleSharp.Dom;
using Microsoft.Extensions.DependencyInjection;

namespace Cistern.Web.Tests;

/// <summary>Finding brews in the log, comparing them, deleting them.</summary>
public sealed class LogTests : IClassFixture<App>
{
    private static readonly CancellationToken Ct = TestContext.Current.CancellationToken;

    private readonly App app;
    private readonly HttpClient client;

    public LogTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    /// <summary>The count of every facet is the number of brews that choosing it finds, and the number the rows of the file give.</summary>
    [Theory]
    [InlineData("")]
    [InlineData("coffee=Blue%20Ferry")]
    [InlineData("coffee=Blue%20Ferry&coffee=Quiet%20Orchard&family=valve-dripper")]
    [InlineData("q=press&state=tasted")]
    [InlineData("score=8-9&leans=balanced")]
    public async Task Every_chip_brings_as_many_brews_as_it_says(string query)
    {
        var page = await App.GetAsync(client, $"/log?{query}");
        var chips = page.QuerySelectorAll(".facet li a").ToList();
        Assert.NotEmpty(chips);
        foreach (var chip in chips.Where(chip => chip.GetAttribute("aria-current") is null).Where((_, i) => i % 5 == 0))
        {
            var says = int.Parse(chip.QuerySelector("small")!.TextContent, System.Globalization.CultureInfo.InvariantCulture);
            var narrowed = await App.GetAsync(client, chip.GetAttribute("href")!);
            // A second value of one facet adds brews; a value of another facet narrows the choice.
            var own = chip.Closest("details")!.QuerySelectorAll("a[aria-current]").Sum(other => int.Parse(other.QuerySelector("small")!.TextContent, System.Globalization.CultureInfo.InvariantCulture));
            Assert.Equal(says + own, Count(narrowed));
        }
    }

    [Theory]
    [InlineData("coffee=Blue%20Ferry", "SELECT count(*) FROM Brews WHERE Rehearsal = 0 AND CoffeeName = 'Blue Ferry'")]
    [InlineData("mill=Counter%2064", "SELECT count(*) FROM Brews WHERE MillName = 'Counter 64'")]
    [InlineData("barista=Solveig&family=lever-dripper", "SELECT count(*) FROM Brews b JOIN Baristas r ON r.Id = b.BaristaId WHERE r.Name = 'Solveig' AND b.RecipeId LIKE 'ld-%'")]
    [InlineData("state=untasted", "SELECT count(*) FROM Brews WHERE Id NOT IN (SELECT BrewId FROM Tastings)")]
    [InlineData("strength=1.2-1.35", "SELECT count(*) FROM Facts f LEFT JOIN (SELECT BrewId, avg(ReadTdsPercent) AS r FROM Tastings GROUP BY BrewId) t ON t.BrewId = f.BrewId WHERE COALESCE(t.r, f.FinalTdsPercent) >= 1.2 AND COALESCE(t.r, f.FinalTdsPercent) < 1.35")]
    [InlineData("drawn=to-the-end", "SELECT count(*) FROM Facts WHERE Drawn > 0.98")]
    [InlineData("leans=on+the+bitter+side", "SELECT count(*) FROM Facts WHERE Tilt > 0.4 AND Tilt <= 0.9")]
    [InlineData("tasted=sharp", "SELECT count(*) FROM (SELECT BrewId FROM Tastings GROUP BY BrewId HAVING avg(SharpHarsh) < -1)")]
    [InlineData("place=High%20Hut&place=Nowhere", "SELECT count(*) FROM Brews WHERE PlaceName = 'High Hut'")]
    [InlineData("q=apricot", "SELECT count(*) FROM Brews WHERE Id IN (SELECT BrewId FROM Tastings WHERE Note LIKE '%apricot%' OR NotesFound LIKE '%apricot%')")]
    [InlineData("from=2026-11-10&to=2026-11-12", "SELECT count(*) FROM Brews WHERE OpenedAtMs >= 1762732800000 AND OpenedAtMs / 86400000 BETWEEN 20767 AND 20769")]
    public async Task What_is_asked_for_is_what_the_file_holds(string query, string sql)
    {
        await using var scope = app.Services.CreateAsyncScope();
        var expected = (await scope.ServiceProvider.GetRequiredService<Data.CisternDb>().Database.SqlQueryRaw<long>(sql.Replace("SELECT count(*)", "SELECT count(*) AS Value", StringComparison.Ordinal)).ToListAsync(Ct)).Single();
        Assert.True(expected > 0, "The demo has none of these.");
        Assert.Equal(expected, Count(await App.GetAsync(client, $"/log?{query}")));
    }

    [Theory]
    [InlineData("q=%22")]
    [InlineData("q=AND+OR+NOT+(")]
    [InlineData("q=a*b:c^d")]
    [InlineData("q=%EF%BF%BD%00")]
    [InlineData("q=NEAR(plum+nib)")]
    [InlineData("coffee=%27%3B+DROP+TABLE+Brews")]
    [InlineData("from=yesterday&to=2026-13-40")]
    [InlineData("month=no&score=-&strength=x&unknown=1&before=x.y")]
    public async Task Any_query_string_is_answered(string query) => await App.GetAsync(client, $"/log?{query}");

    [Fact]
    public async Task Words_are_found_as_they_begin_and_without_their_accents()
    {
        await app.DataAsync(async db =>
        {
            db.Notes.Add(new LaterNote { BrewId = 7, Text = "Crème brûlée, and a walnut", AtMs = 1 });
            return await db.SaveChangesAsync(Ct);
        });
        Assert.Equal([7], Ids(await App.GetAsync(client, "/log?q=creme+brul")));
        Assert.Equal([7], Ids(await App.GetAsync(client, "/log?q=BRÛLÉE")));
        Assert.Empty(Ids(await App.GetAsync(client, "/log?q=creme+nothing")));
        await app.DataAsync(async db =>
        {
            db.Notes.RemoveRange(await db.Notes.Where(note => note.BrewId == 7).ToListAsync(Ct));
            return await db.SaveChangesAsync(Ct);
        });
        Assert.Empty(Ids(await App.GetAsync(client, "/log?q=creme")));
    }

    /// <summary>Whoever writes, the log shows it with the commit: a tasting, a new name of a barista, a deleted brew.</summary>
    [Fact]
    public async Task The_log_follows_every_change_of_the_file()
    {
        await using var own = new App();
        var browser = own.Browser();
        Assert.Empty(Ids(await App.GetAsync(browser, "/log?q=gooseberry")));
        await own.DataAsync(async db =>
        {
            db.Tastings.Add(new Tasting { BrewId = 8, Note = "gooseberry", Score = 2, SourBitter = -4, AtMs = 1 });
            (await db.Baristas.SingleAsync(one => one.Name == "Teo", Ct)).Name = "Teodora";
            return await db.SaveChangesAsync(Ct);
        });
        Assert.Equal([8], Ids(await App.GetAsync(browser, "/log?q=gooseberry&tasted=sharp&score=-4")));
        var teos = await own.DataAsync(db => db.Brews.CountAsync(brew => brew.Barista!.Name == "Teodora", Ct));
        Assert.Equal(teos, Count(await App.GetAsync(browser, "/log?barista=Teodora")));
        Assert.Equal(teos, Count(await App.GetAsync(browser, "/log?q=teodora")));
        Assert.Equal(0, Count(await App.GetAsync(browser, "/log?barista=Teo")));
        var all = Count(await App.GetAsync(browser, "/log"));
        await own.DataAsync(async db =>
        {
            db.Brews.Remove(await db.Brews.SingleAsync(brew => brew.Id == 8, Ct));
            return await db.SaveChangesAsync(Ct);
        });
        Assert.Equal(all - 1, Count(await App.GetAsync(browser, "/log")));
        Assert.Empty(Ids(await App.GetAsync(browser, "/log?q=gooseberry")));
    }

    /// <summary>Each row shows what its brew says, and there is no other row.</summary>
    [Fact]
    public async Task Every_row_of_the_log_is_what_its_brew_says()
    {
        await using var own = new App();
        own.Browser();
        await own.DataAsync(async db =>
        {
            db.Tastings.RemoveRange(await db.Tastings.Where(row => row.BrewId == 8).ToListAsync(Ct));
            (await db.Facts.SingleAsync(row => row.BrewId == 7, Ct)).DoseG = 99;
            db.Brews.Remove(await db.Brews.SingleAsync(brew => brew.Id == 6, Ct));
            return await db.SaveChangesAsync(Ct);
        });
        await own.DataAsync(async db =>
        {
            var brews = await db.Brews.AsNoTracking().Include(row => row.Facts).Include(row => row.Barista).Include(row => row.Tastings).ToDictionaryAsync(row => row.Id, Ct);
            var rows = await db.LogRows.AsNoTracking().ToListAsync(Ct);
            Assert.Equal(99, rows.Single(row => row.BrewId == 7).DoseG);
            Assert.False(rows.Single(row => row.BrewId == 6).Stands);
            Assert.Equal(brews.Count, rows.Count(row => brews.ContainsKey(row.BrewId)));
            Assert.All(rows.Where(row => brews.ContainsKey(row.BrewId)), row => Assert.Equivalent(LogRow.Of(brews[row.BrewId], row.Seq), row, strict: true));
            return rows.Count;
        });
    }

    /// <summary>Changes are merged in: after each change the log is the same as read from the start.</summary>
    [Fact]
    public async Task The_log_stays_in_its_order_whatever_is_changed_in_it()
    {
        await using var own = new App();
        var browser = own.Browser();
        var all = await OrderAsync(browser);
        Assert.Equal(await StandsAsync(own), all);
        (Func<Brew, bool> Of, Action<Brew> Change)[] changes =
        [
            // One from the middle to the front, one to the end, one removed and one with another date, several at once.
            (brew => brew.Id == 20, brew => brew.OpenedAtMs = 1_900_000_000_000),
            (brew => brew.Id == 7, brew => brew.OpenedAtMs = 1),
            (brew => brew.Id == 13, brew => brew.DeletedAtMs = 5),
            (brew => brew.Id % 5 == 0, brew => brew.OpenedAtMs -= 700_000_000),
            (brew => brew.Id == 13, brew => brew.DeletedAtMs = null),
        ];
        foreach (var (of, change) in changes)
        {
            await own.DataAsync(async db =>
            {
                (await db.Brews.ToListAsync(Ct)).Where(of).ToList().ForEach(change);
                return await db.SaveChangesAsync(Ct);
            });
            Assert.Equal(await StandsAsync(own), await OrderAsync(browser));
        }
    }

    [Fact]
    public async Task Words_are_found_in_brews_of_any_number()
    {
        await using var own = new App();
        await own.DataAsync(async db =>
        {
            foreach (var id in (int[])[1_023, 1_024, 70_000])
            {
                var brew = await db.Brews.AsNoTracking().FirstAsync(row => row.Id == 3, Ct);
                (brew.Id, brew.FileId, brew.Why) = (id, Guid.NewGuid(), "heron");
                db.Brews.Add(brew);
            }

            return await db.SaveChangesAsync(Ct);
        });
        Assert.Equal([1_023, 1_024, 70_000], Ids(await App.GetAsync(own.Browser(), "/log?q=heron")).Order());
    }

    [Fact]
    public async Task A_brew_is_deleted_and_restored()
    {
        await using var own = new App();
        var browser = own.Browser();
        var all = Count(await App.GetAsync(browser, "/log"));
        var entry = await App.GetAsync(browser, "/log/6");
        var gone = await App.ParseAsync(await App.PostAsync(browser, entry, "/log?handler=TakeAway", ("id", "6")));
        Assert.Equal(all - 1, Count(gone));
        Assert.Contains("was deleted", gone.QuerySelector(".notice")!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain(6, Ids(await App.GetAsync(browser, "/log")));
        // No other page counts it either: not the Bench, not the dialling-in it belonged to.
        Assert.Null((await App.GetAsync(browser, "/")).QuerySelector("[name=brew][value='6']"));
        await App.GetAsync(browser, "/next/6", 404);
        Assert.Contains("Deleted", (await App.GetAsync(browser, "/log/6")).QuerySelector(".notice")!.TextContent, StringComparison.Ordinal);
        var back = await App.PostAsync(browser, gone, "/log?handler=BringBack", ("id", "6"));
        Assert.Equal("/log/6", back.RequestMessage!.RequestUri!.AbsolutePath);
        Assert.Equal(all, Count(await App.GetAsync(browser, "/log")));
        Assert.Equal(["is in the log again.", "was deleted."], (await App.GetAsync(browser, "/devices")).QuerySelectorAll("#record .row-main span:first-child").Take(2).Select(one => one.TextContent.Split(", ")[^1]));
        Assert.Equal(HttpStatusCode.NotFound, (await App.PostAsync(browser, gone, "/log?handler=TakeAway", ("id", "99999"))).StatusCode);
    }

    [Fact]
    public async Task A_search_is_saved_under_a_name_and_deleted()
    {
        var page = await App.GetAsync(client, "/log?coffee=Tidewrack&q=malt");
        var kept = await App.ParseAsync(await App.PostAsync(client, page, "/log?handler=Keep", ("name", "Malty ones"), ("query", "coffee=Tidewrack&q=malt")));
        var chip = kept.QuerySelector(".kept-search a")!;
        Assert.Equal("Malty ones", chip.TextContent);
        Assert.Equal("/log?q=malt&coffee=Tidewrack", chip.GetAttribute("href"));
        Assert.Equal(Count(page), Count(await App.GetAsync(client, chip.GetAttribute("href")!)));
        // A search without a name or without a query is refused at its field.
        var refused = await App.PostAsync(client, page, "/log?handler=Keep", ("name", "All"), ("query", ""));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        var search = kept.QuerySelector(".kept-search [name=search]")!.GetAttribute("value")!;
        Assert.Null((await App.ParseAsync(await App.PostAsync(client, kept, "/log?handler=Forget", ("search", search), ("query", "coffee=Tidewrack")))).QuerySelector(".kept-search"));
    }

    [Fact]
    public async Task What_differed_from_the_plan_stands_in_its_line()
    {
        var line = (await App.GetAsync(client, "/log?recipe=fp-bloomed&state=tasted")).QuerySelector(".log-rows .row")!;
        Assert.Contains("Otherwise than planned: the steep ended 3:0", line.TextContent, StringComparison.Ordinal);
        Assert.Contains("steep ended or done late", line.QuerySelector(".row-verdict")!.TextContent, StringComparison.Ordinal);
        Assert.Matches("1\\.[0-9]{2} % TDS", line.QuerySelector(".row-verdict")!.TextContent);
    }

    [Fact]
    public async Task Facts_of_an_earlier_version_are_worked_out_again_after_the_start()
    {
        var folder = App.Folder();
        var path = Path.Combine(folder, "test.db");
        await using (var before = App.On(path, demo: true))
        {
            using var browser = before.Browser();
            await App.GetAsync(browser, "/log");
            await before.DataAsync(db => db.Facts.ExecuteUpdateAsync(set => set.SetProperty(facts => facts.Version, 1).SetProperty(facts => facts.Family, ""), Ct));
            Assert.Null((await App.GetAsync(browser, "/log")).QuerySelectorAll(".facet").FirstOrDefault(facet => facet.QuerySelector("summary")!.TextContent == "Kind of vessel"));
        }

        await using var after = App.On(path);
        using var later = after.Browser();
        for (var i = 0; i < 200 && Count(await App.GetAsync(later, "/log?family=jar")) == 0; i++)
        {
            await Task.Delay(50, Ct);
        }

        Assert.Equal(2, Count(await App.GetAsync(later, "/log?family=jar")));
    }

    [Fact]
    public async Task Pages_of_the_log_follow_on_each_other_and_nothing_is_twice()
    {
        var seen = new List<int>();
        var address = "/log?state=tasted";
        for (var page = await App.GetAsync(client, address); ; page = await App.GetAsync(client, address))
        {
            seen.AddRange(Ids(page));
            if (page.QuerySelector("a[rel=next]") is not { } older)
            {
                break;
            }

            address = older.GetAttribute("href")!;
        }

        Assert.Equal(Count(await App.GetAsync(client, "/log?state=tasted")), seen.Count);
        Assert.Equal(seen.Count, seen.Distinct().Count());
    }

    [Fact]
    public async Task Compared_brews_show_what_differs_and_the_result()
    {
        var page = await App.GetAsync(client, "/compare?b=19&b=22&p=vd-water-first");
        Assert.Equal(["A", "B", "C"], page.QuerySelectorAll(".beside-who li > span > strong").Select(one => one.TextContent));
        Assert.Equal(3, page.QuerySelectorAll(".compared .map .line-brew").Length);
        // Vessel and cup, on a wide and a narrow screen.
        Assert.Equal(4, page.QuerySelectorAll("path.beside-line.beside-1:not(.beside-weighed)").Count(path => path.ParentElement!.ClassList.Contains("beside")));
        var rows = page.QuerySelectorAll(".beside-table tbody tr").ToDictionary(row => row.QuerySelector("th")!.TextContent + "/" + row.Closest("div")!.GetAttribute("aria-label"), row => row.QuerySelectorAll("td").Select(cell => cell.TextContent).ToList(), StringComparer.Ordinal);
        var grinds = rows["Grind/What is set differently"];
        Assert.Equal(("294 µm", "580 µm"), (grinds[0], grinds[1]));
        var read = rows["Read, TDS/What was tasted, measured and said"];
        Assert.Matches("^1\\.[0-9]{2} %$", read[0]);
        Assert.Equal("—", read[2]);
        // What is the same in all is not shown.
        Assert.DoesNotContain("Place/What is set differently", rows.Keys);
        Assert.All(rows.Values, cells => Assert.True(cells.Distinct().Count() > 1));
    }

    [Theory]
    [InlineData("/compare")]
    [InlineData("/compare?b=19")]
    [InlineData("/compare?b=x&b=-1&b=99999999999&p=nothing")]
    [InlineData("/compare?b=1&b=2&b=3&b=4&b=5&b=6")]
    public async Task Too_few_too_many_and_none_at_all_are_shown(string address)
    {
        var page = await App.GetAsync(client, address);
        Assert.True(page.QuerySelector(".lead") is not null || page.QuerySelector(".notice") is not null);
        Assert.True(page.QuerySelectorAll(".beside-who li").Length is 0 or 4);
    }

    [Fact]
    public async Task Abandoned_and_running_brews_are_not_compared()
    {
        await using var own = new App();
        await own.DataAsync(async db => await db.Brews.Where(brew => brew.Id == 9).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.State, BrewState.Abandoned), Ct)
            + await db.Brews.Where(brew => brew.Id == 10).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.State, BrewState.Running), Ct));
        var page = await App.GetAsync(own.Browser(), "/compare?b=5&b=6&b=9&b=10");
        Assert.Equal(["/log/5", "/log/6"], page.QuerySelectorAll(".beside-who a").Select(link => link.GetAttribute("href")).Order(StringComparer.Ordinal));
        Assert.Contains("cannot be compared", page.QuerySelector(".notice")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_entry_leads_beside_its_parent_and_the_last_like_it()
    {
        var links = (await App.GetAsync(client, "/log/41")).QuerySelectorAll("a[href^='/compare']").Select(link => link.GetAttribute("href")).ToList();
        Assert.Contains("/compare?b=41&b=40", links);
        Assert.Equal(2, (await App.GetAsync(client, links[0]!)).QuerySelectorAll(".beside-who li").Length);
    }

    [Fact]
    public async Task A_trend_is_of_all_brews_found_that_have_both_figures()
    {
        var page = await App.GetAsync(client, "/trends?of=drawdown&over=grind&family=valve-dripper");
        var facts = await app.DataAsync(db => db.Facts.AsNoTracking().Where(row => row.Family == "valve-dripper" && row.DrawdownS != null).ToListAsync(Ct));
        Assert.Equal(facts.Count, Count(page));
        Assert.Equal(2 * facts.Count, page.QuerySelectorAll(".trend-point").Length);
        Assert.Equal(facts.Count, page.QuerySelectorAll("tbody tr").Sum(row => int.Parse(row.QuerySelector("td")!.TextContent, System.Globalization.CultureInfo.InvariantCulture)));
        // Finer drains more slowly, and the page says in which direction they go together.
        Assert.Contains("goes down as grind goes up", page.QuerySelector(".found")!.TextContent, StringComparison.Ordinal);
        Assert.NotEmpty(page.QuerySelectorAll(".trend-band"));
        // The same brews are in the log.
        var log = await App.GetAsync(client, page.QuerySelector(".plan-do a")!.GetAttribute("href")!);
        Assert.True(Count(log) >= facts.Count);
    }

    [Theory]
    [InlineData("strength")]
    [InlineData("lean")]
    [InlineData("drawdown")]
    public async Task Forecasts_in_a_trend_are_ordered_and_hold_most_readings(string of)
    {
        var page = await App.GetAsync(client, $"/trends?of={of}&over=grind");
        var bands = page.QuerySelectorAll("tbody tr td:last-child").Select(cell => cell.TextContent.Split(" to ").Select(Figure).ToList()).Where(pair => pair.Count == 2).ToList();
        Assert.NotEmpty(bands);
        Assert.All(bands, band => Assert.True(band[0] < band[1], $"{band[0]} to {band[1]}"));
    }

    [Theory]
    [InlineData("of=nonsense&over=nonsense")]
    [InlineData("of=score&over=rest&barista=Nobody")]
    [InlineData("of=press&over=ratio")]
    [InlineData("of=lean&over=temperature&from=2030-01-01")]
    [InlineData("of=body&over=time&coffee=Tidewrack")]
    public async Task Any_pair_of_figures_gives_a_trend(string query)
    {
        var page = await App.GetAsync(client, $"/trends?{query}");
        Assert.True(page.QuerySelector(".trend") is not null || page.QuerySelector(".lead")!.TextContent.Contains("No brew that was found", StringComparison.Ordinal));
    }

    /// <summary>A figure as the page shows it: 1.23 %, −0.40 or 2:05.</summary>
    private static double Figure(string text)
    {
        var parts = text.Replace('−', '-').Replace("%", "", StringComparison.Ordinal).Trim().Split(':');
        return parts.Aggregate(0.0, (sum, part) => (60 * sum) + double.Parse(part, System.Globalization.CultureInfo.InvariantCulture));
    }

    private static async Task<List<int>> OrderAsync(HttpClient browser)
    {
        var order = new List<int>();
        for (var address = "/log"; address is not null;)
        {
            var page = await App.GetAsync(browser, address);
            order.AddRange(Ids(page));
            address = page.QuerySelector("a[rel=next]")?.GetAttribute("href");
        }

        return order;
    }

    private static Task<List<int>> StandsAsync(App of) => of.DataAsync(db => db.Logged.OrderByDescending(brew => brew.OpenedAtMs).ThenByDescending(brew => brew.Id).Select(brew => brew.Id).ToListAsync(Ct));

    private static int Count(IDocument page) => page.QuerySelector(".found strong") is { } told ? int.Parse(told.TextContent.Split(' ')[0].Replace(",", "", StringComparison.Ordinal), System.Globalization.CultureInfo.InvariantCulture) : 0;

    private static List<int> Ids(IDocument page) => [.. page.QuerySelectorAll(".log-rows [name=b]").Select(box => int.Parse(box.GetAttribute("value")!, System.Globalization.CultureInfo.InvariantCulture))];
}
