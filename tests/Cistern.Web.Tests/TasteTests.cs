namespace Cistern.Web.Tests;

/// <summary>Tasting, what to change next, dialling in, and what was learned.</summary>
public sealed class TasteTests : IClassFixture<App>
{
    /// <summary>A dripper of the demo that drained very slowly, with a refractometer reading.</summary>
    private const int Stalled = 19;

    /// <summary>The third brew of the demo's series of five.</summary>
    private const int InTheSeries = 41;

    private readonly App app;
    private readonly HttpClient client;

    public TasteTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    [Fact]
    public async Task The_shortest_tasting_is_a_score()
    {
        var answer = await App.PostAsync(client, await App.GetAsync(client, "/taste/10"), "/taste/10", ("score", "8"));
        Assert.Equal("/next/10", answer.RequestMessage!.RequestUri!.AbsolutePath);
        Assert.Equal("8", (await App.GetAsync(client, "/taste/10")).QuerySelector("#score")!.GetAttribute("value"));
    }

    [Fact]
    public async Task A_whole_tasting_is_stored_and_shown_again()
    {
        var page = await App.GetAsync(client, "/taste/12");
        Assert.NotNull(page.QuerySelector("[name=press-felt]"));
        var answer = await App.PostAsync(client, page, "/taste/12",
            ("placed", "1"), ("sharp-harsh", "-2"), ("thin-heavy", "1"), ("sweet", "4"), ("cool.placed", "1"), ("cool.sharp-harsh", "0"), ("cool.thin-heavy", "2"), ("cool.dry", "3"),
            ("hot.placed", ""), ("hot.sharp-harsh", "0"), ("hot.thin-heavy", "0"), ("hot.clear", ""),
            ("score", "7"), ("note", "tea"), ("bed", "high-and-dry"), ("press-felt", "hard"), ("note-found", "malt"), ("note-found", "dried apple"), ("sediment", "1"), ("crust", "toast"),
            ("reading", "1,31"), ("drink", "207"), ("let-down", "12"));
        Assert.Equal("/next/12", answer.RequestMessage!.RequestUri!.AbsolutePath);
        var brew = await app.DataAsync(db => db.Brews.Include(row => row.Observations).Include(row => row.Tastings).ThenInclude(tasting => tasting.Sips).SingleAsync(row => row.Id == 12));
        var tasting = brew.Tastings.Single(one => one.Crust == "toast");
        Assert.Equal([(SipWhen.Warm, -2, 1, 4, null), (SipWhen.Cool, 0, 2, null, 3)], tasting.Sips.OrderBy(sip => sip.When).Select(sip => (sip.When, sip.SourBitter, sip.ThinHeavy, sip.Sweet, sip.Dry)).ToArray<(SipWhen, int?, int?, int?, int?)>());
        Assert.Equal((-1, 2, 7, BedLook.HighAndDry, "malt, dried apple", 1, 1.31), (tasting.SourBitter, tasting.ThinHeavy, tasting.Score, tasting.Bed, tasting.NotesFound, tasting.Sediment, tasting.ReadTdsPercent));
        Assert.Equal([("beverageG", 207), ("letDownG", 12), ("pressFelt", 2)], brew.Observations.OrderBy(one => one.Name, StringComparer.Ordinal).Select(one => (one.Name, one.Value)));
        var again = await App.GetAsync(client, "/taste/12");
        Assert.Equal("toast", again.QuerySelector("#crust")!.GetAttribute("value"));
        Assert.Equal("207", again.QuerySelector("#drink")!.GetAttribute("value"));
        Assert.NotNull(again.QuerySelector("[name=bed][value=high-and-dry][checked]"));
        Assert.NotNull(again.QuerySelector("[name='cool.dry'][value='3'][checked]"));
        Assert.Equal("1", again.QuerySelector("#placed")!.GetAttribute("value"));
        Assert.Equal("", again.QuerySelector("[id='hot.placed']")!.GetAttribute("value"));
        // With drink and reading, the extraction yield is given by both formulas.
        Assert.Matches("[0-9.]+ % of the dose is in the cup, and about [0-9.]+ % dissolved", again.QuerySelector("#yield")!.TextContent);
        // And what is deleted is gone.
        await App.PostAsync(client, again, "/taste/12", ("placed", ""), ("sharp-harsh", "0"), ("thin-heavy", "0"), ("score", "7"), ("note", "tea"), ("crust", ""), ("reading", ""), ("drink", "207"), ("was.drink", "207"), ("let-down", "14"), ("was.let-down", "12"), ("press-felt", ""), ("was.press-felt", "hard"));
        Assert.Equal([("beverageG", 207.0), ("letDownG", 14.0)], await app.DataAsync(async db => (await db.Observations.Where(one => one.BrewId == 12).OrderBy(one => one.Name).ToListAsync()).Select(one => (one.Name, one.Value))));
        // What another screen has said meanwhile is not deleted by one that did not show it.
        await App.PostAsync(client, again, "/taste/12", ("placed", ""), ("score", "7"), ("note", "tea"), ("drink", ""), ("was.drink", ""), ("let-down", ""), ("was.let-down", ""));
        Assert.Equal(2, await app.DataAsync(db => db.Observations.CountAsync(one => one.BrewId == 12)));
        await App.PostAsync(client, again, "/taste/12", ("placed", ""), ("sharp-harsh", "0"), ("thin-heavy", "0"), ("score", "7"), ("note", "tea"), ("crust", ""), ("reading", ""), ("drink", ""), ("was.drink", "207"), ("let-down", ""), ("was.let-down", "14"));
        var less = await app.DataAsync(db => db.Brews.Include(row => row.Observations).Include(row => row.Tastings).ThenInclude(one => one.Sips).SingleAsync(row => row.Id == 12));
        Assert.Empty(less.Observations);
        Assert.Contains(less.Tastings, one => one is { Crust: "", SourBitter: null, Bed: null, Sips.Count: 0, Score: 7 });
    }

    [Fact]
    public async Task An_invalid_tasting_is_a_finding_at_its_place_and_stays_as_typed()
    {
        var page = await App.GetAsync(client, "/taste/13");
        var refused = await App.PostAsync(client, page, "/taste/13", ("placed", "1"), ("sharp-harsh", "6"), ("thin-heavy", "0"), ("sweet", "9"), ("score", ""), ("note", "kept"), ("crust", "x\u0007"), ("reading", "nan"), ("drink", "1e309"), ("let-down", "-4"), ("bed", "nonsense"), ("press-felt", "nonsense"), ("sediment", "12"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        var back = await App.ParseAsync(refused);
        foreach (var field in (string[])["sharp-harsh", "sweet", "crust", "reading", "drink", "let-down", "sediment"])
        {
            Assert.NotNull(back.QuerySelector($"[id='{field}-problem']"));
        }

        Assert.Equal("1e309", back.QuerySelector("#drink")!.GetAttribute("value"));
        Assert.Equal("kept", back.QuerySelector("#note")!.TextContent.Trim());
    }

    [Fact]
    public async Task The_page_asks_first_about_what_this_brew_can_show()
    {
        // From a taster who has not said it yet.
        var other = app.Browser();
        await App.PostAsync(other, await App.GetAsync(other, "/you"), "/you?handler=New", ("name", "Who asks"));
        var page = await App.GetAsync(other, $"/taste/{Stalled}");
        Assert.Contains("what does the bed show", page.QuerySelector("#asks")!.TextContent, StringComparison.Ordinal);
        Assert.Empty((await App.GetAsync(client, "/taste/30")).QuerySelectorAll("#asks li"));
        Assert.True(page.QuerySelector("#more")!.HasAttribute("open"));
        Assert.Contains("of 100", page.QuerySelector("#forecast")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_change_taken_becomes_the_next_plan_with_its_history_and_is_offered_until_brewed()
    {
        var page = await App.GetAsync(client, $"/next/{Stalled}");
        Assert.Contains("stalled", page.QuerySelector("#verdict")!.TextContent, StringComparison.Ordinal);
        var first = page.QuerySelector("#changes .change")!;
        Assert.Contains("Grind coarser", first.QuerySelector("h3")!.TextContent, StringComparison.Ordinal);
        var wish = new[] { ("change", first.QuerySelector("[name=change]")!.GetAttribute("value")!), ("job", first.QuerySelector("[name=job]")!.GetAttribute("value")!) };
        var answer = await App.PostAsync(client, page, $"/next/{Stalled}", wish);
        var plan = answer.RequestMessage!.RequestUri!.AbsolutePath;
        Assert.Matches("^/plan/[0-9]+$", plan);
        // Sent again because the answer was lost: it is one plan.
        Assert.Equal(plan, (await App.PostAsync(client, page, $"/next/{Stalled}", wish)).RequestMessage!.RequestUri!.AbsolutePath);
        var id = int.Parse(plan["/plan/".Length..], System.Globalization.CultureInfo.InvariantCulture);
        var stored = await app.DataAsync(db => db.Plans.SingleAsync(row => row.Id == id));
        Assert.Equal(Stalled, stored.FromBrewId);
        Assert.StartsWith("Grind coarser, 9 → ", stored.What, StringComparison.Ordinal);
        Assert.Contains("Coarser extracts less", stored.Why, StringComparison.Ordinal);
        var shown = await App.ParseAsync(answer);
        Assert.NotEqual("9", shown.QuerySelector("[name=grind]")!.GetAttribute("value"));
        Assert.Contains("Grind coarser", (await App.GetAsync(client, "/")).QuerySelector("#next")!.TextContent, StringComparison.Ordinal);

        var brewed = await App.PostAsync(client, shown, $"{plan}?handler=Brew", ("job", Guid.NewGuid().ToString()));
        var brewId = int.Parse(brewed.RequestMessage!.RequestUri!.AbsolutePath["/brew/".Length..], System.Globalization.CultureInfo.InvariantCulture);
        var brew = await app.DataAsync(db => db.Brews.SingleAsync(row => row.Id == brewId));
        Assert.Equal((Stalled, "Ferrule", stored.Why), (brew.ParentBrewId, brew.GrinderName, brew.Why));
        Assert.Equal(stored.What, SeriesChange.Read(brew.ChangedJson)!.What);
        Assert.DoesNotContain($"/plan/{id}", (await App.GetAsync(client, "/")).QuerySelector("#next")?.InnerHtml ?? "", StringComparison.Ordinal);
        // Changed further before it is brewed, it still comes from that brew.
        var further = await App.PostAsync(client, await App.GetAsync(client, plan), plan, ("dose", "23"), ("was.dose", "24.0"), ("job", Guid.NewGuid().ToString()));
        var child = int.Parse(further.RequestMessage!.RequestUri!.AbsolutePath["/plan/".Length..], System.Globalization.CultureInfo.InvariantCulture);
        Assert.NotEqual(id, child);
        Assert.Equal((Stalled, ""), await app.DataAsync(async db => (await db.Plans.SingleAsync(row => row.Id == child)) is var row ? (row.FromBrewId, row.ChangedJson) : default));
    }

    [Fact]
    public async Task Outdated_advice_says_so_and_current_advice_is_shown()
    {
        var page = await App.GetAsync(client, $"/next/{Stalled}");
        var answer = await App.PostAsync(client, page, $"/next/{Stalled}", ("change", "medianUm:9999"), ("job", Guid.NewGuid().ToString()));
        Assert.Equal(HttpStatusCode.Conflict, answer.StatusCode);
        var back = await App.ParseAsync(answer);
        Assert.Contains("The advice has changed", back.QuerySelector(".finding")!.TextContent, StringComparison.Ordinal);
        Assert.NotEmpty(back.QuerySelectorAll("#changes .change"));
    }

    [Theory]
    [InlineData("/next/999999", 404)]
    [InlineData("/series/999999", 404)]
    [InlineData("/next/40", 200)]
    public async Task Only_a_brew_that_is_over_has_a_next(string path, int status) => await App.GetAsync(client, path, status);

    [Fact]
    public async Task The_series_shows_what_each_change_was_to_do_and_what_it_did()
    {
        var page = await App.GetAsync(client, $"/series/{InTheSeries}");
        var rows = page.QuerySelectorAll(".series-rows li").ToList();
        Assert.True(rows.Count >= 5);
        Assert.Contains("Planned", rows[1].TextContent, StringComparison.Ordinal);
        Assert.Contains("Read", rows[1].TextContent, StringComparison.Ordinal);
        Assert.NotEmpty(page.QuerySelectorAll(".series-expected"));
        Assert.Equal(rows.Count, page.QuerySelectorAll(".line-number").Length);
        // From thin to what was wanted.
        var read = rows.Take(5).Select(row => double.Parse(row.QuerySelector("dd.figure:last-of-type")!.TextContent.Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture)).ToList();
        Assert.True(read[0] < 1.1 && read[4] > 1.2, string.Join(" ", read));
    }

    [Fact]
    public async Task Nothing_learned_says_what_to_do_first()
    {
        // The demo data of the other tests has taught it something by now.
        await using var fresh = new App();
        var page = await App.GetAsync(fresh.Browser(), "/learned");
        Assert.Contains("After two or three brews", page.QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_was_learned_is_shown_used_stored_with_a_brew_and_can_be_switched_off()
    {
        await using var learning = App.Learning();
        var browser = learning.Browser();
        var page = await LearnedAsync(learning, browser);
        Assert.Contains("Counter 64", page.QuerySelector(".learned")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("Valve dripper, 500 ml", page.QuerySelector(".learned")!.TextContent, StringComparison.Ordinal);
        Assert.Matches("grinds about [3-7][0-9] µm coarser than its scale", page.QuerySelector(".learned")!.TextContent);
        Assert.True(page.QuerySelectorAll("#left-out tbody tr").Length > 3);
        Assert.NotNull(await learning.DataAsync(db => db.Learned.SingleOrDefaultAsync()));

        const string Plan = "/plan/ld-closed?bag=2&mill=2";
        var fitted = await App.GetAsync(browser, Plan);
        Assert.Contains("learned from", fitted.QuerySelector("#plan-comes")!.TextContent, StringComparison.Ordinal);
        var brewed = await App.PostAsync(browser, fitted, $"{Plan}&handler=Brew", ("job", Guid.NewGuid().ToString()), ("bag", "2"), ("mill", "2"));
        var id = int.Parse(brewed.RequestMessage!.RequestUri!.AbsolutePath["/brew/".Length..], System.Globalization.CultureInfo.InvariantCulture);
        var brew = await learning.DataAsync(db => db.Brews.SingleAsync(row => row.Id == id));
        var used = ModelUsed.Read(brew.ModelJson!)!;
        Assert.InRange(used.Parameters.GrindOffsetUm, 20, 90);
        // What is learned later changes no earlier brew.
        Assert.Equal(used.Parameters, brew.ModelOf(Core.Forecasts.ForecastModel.Published).Parameters);

        await App.PostAsync(browser, page, "/learned", ("use", "0"));
        Assert.Contains("not fitted to your brews", (await App.GetAsync(browser, Plan)).QuerySelector("#plan-comes")!.TextContent, StringComparison.Ordinal);
        // Other tasters are not asked.
        var other = learning.Browser();
        await App.PostAsync(other, await App.GetAsync(other, "/you"), "/you?handler=Who", ("barista", "2"));
        Assert.Contains("learned from", (await App.GetAsync(other, Plan)).QuerySelector("#plan-comes")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_brew_just_saved_is_learned_from()
    {
        await using var learning = App.Learning();
        var browser = learning.Browser();
        await LearnedAsync(learning, browser);
        var before = await learning.DataAsync(db => db.Learned.AsNoTracking().Select(row => row.Json).SingleAsync());
        await App.PostAsync(browser, await App.GetAsync(browser, "/taste/5"), "/taste/5", ("placed", "1"), ("sharp-harsh", "5"), ("thin-heavy", "5"), ("score", ""), ("note", ""), ("reading", "1.9"), ("drink", "400"), ("let-down", ""), ("crust", ""));
        Task<string> LearnedNowAsync() => learning.DataAsync(db => db.Learned.AsNoTracking().Select(row => row.Json).SingleAsync());
        await learning.UntilAsync(async () => await LearnedNowAsync() != before);
        Assert.NotEqual(before, await LearnedNowAsync());
    }

    [Fact]
    public async Task What_was_learned_survives_a_start_and_missed_brews_are_learned_from_then()
    {
        string path;
        await using (var first = App.Learning())
        {
            path = first.DataFile;
            await LearnedAsync(first, first.Browser());
        }

        await using (var second = App.Learning(path))
        {
            // If it were learned again, its time would be an hour later.
            second.Time.Advance(TimeSpan.FromHours(1));
            var at = await LearnedAtAsync(second);
            Assert.NotNull((await LearnedAsync(second, second.Browser())).QuerySelector(".learned"));
            await second.BeatAsync<LearningService>(3);
            Assert.Equal(at, await LearnedAtAsync(second));
        }

        await using (var killed = App.On(path, demo: true))
        {
            killed.Time.Advance(TimeSpan.FromHours(2));
            var browser = killed.Browser();
            await App.PostAsync(browser, await App.GetAsync(browser, "/taste/5"), "/taste/5", ("placed", "1"), ("sharp-harsh", "4"), ("thin-heavy", "4"), ("score", ""), ("note", ""), ("reading", "1.6"));
        }

        await using var third = App.Learning(path);
        third.Time.Advance(TimeSpan.FromHours(3));
        var now = third.Time.GetUtcNow().ToUnixTimeMilliseconds();
        await LearnedAsync(third, third.Browser());
        await third.UntilAsync(async () => await LearnedAtAsync(third) >= now);
        Assert.True(await LearnedAtAsync(third) >= now);
    }

    [Fact]
    public async Task A_stored_parameter_that_cannot_be_read_costs_no_brew()
    {
        await using var learning = App.Learning();
        var browser = learning.Browser();
        await LearnedAsync(learning, browser);
        await learning.DataAsync(async db =>
        {
            await db.Brews.Where(brew => brew.Id == 41).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.ModelJson, "{\"Spread\":[[1]]}").SetProperty(brew => brew.ChangedJson, "not json"));
            return await db.Learned.ExecuteUpdateAsync(set => set.SetProperty(row => row.Json, "[]"));
        });
        await App.GetAsync(browser, "/log/41");
        await App.GetAsync(browser, "/next/41");
        Assert.NotEmpty((await App.GetAsync(browser, "/series/41")).QuerySelectorAll(".series-rows li"));
        Assert.Null(ModelUsed.Read("5"));
        Assert.Null(SeriesChange.Read(""));
        Assert.Null(SeriesChange.Read("{}"));
    }

    [Fact]
    public async Task A_cup_that_is_still_too_hot_says_when_it_has_cooled_and_one_of_yesterday_does_not()
    {
        var brewed = await App.PostAsync(client, await App.GetAsync(client, "/plan/jar-spoons"), "/plan/jar-spoons?handler=Brew", ("job", Guid.NewGuid().ToString()));
        var id = int.Parse(brewed.RequestMessage!.RequestUri!.AbsolutePath["/brew/".Length..], System.Globalization.CultureInfo.InvariantCulture);
        await app.DataAsync(async db =>
        {
            var brew = await db.Brews.SingleAsync(row => row.Id == id);
            (brew.State, brew.StartedAtMs, brew.EndedAtMs) = (BrewState.Finished, brew.OpenedAtMs - 308_000, brew.OpenedAtMs);
            return await db.SaveChangesAsync();
        });
        var cooling = (await App.GetAsync(client, $"/taste/{id}")).QuerySelector("#cooling")!;
        Assert.Matches("^At 60 °C in about [0-9]+:[0-9]{2}, by the forecast[.]$", cooling.TextContent.Trim());
        Assert.Equal("60 °C", cooling.GetAttribute("data-degrees"));
        var waitMs = long.Parse(cooling.GetAttribute("data-at")!, System.Globalization.CultureInfo.InvariantCulture) - long.Parse(cooling.GetAttribute("data-now")!, System.Globalization.CultureInfo.InvariantCulture);
        Assert.InRange(waitMs, 60_000, 900_000);
        app.Time.Advance(TimeSpan.FromMilliseconds(waitMs + 1_000));
        Assert.Equal("It has cooled: taste it now.", (await App.GetAsync(client, $"/taste/{id}")).QuerySelector("#cooling")!.TextContent.Trim());
        app.Time.Advance(TimeSpan.FromMinutes(31));
        Assert.Null((await App.GetAsync(client, $"/taste/{id}")).QuerySelector("#cooling"));
    }

    [Fact]
    public async Task Too_little_drink_is_answered_and_bought_ground_coffee_keeps_its_grind()
    {
        // The weighed amount was a quarter less than planned.
        await App.PostAsync(client, await App.GetAsync(client, "/taste/23"), "/taste/23", ("placed", ""), ("score", ""), ("note", ""), ("drink", "250"), ("was.drink", ""));
        Assert.Contains("Make more of it", (await App.GetAsync(client, "/next/23")).QuerySelector("#changes")!.TextContent, StringComparison.Ordinal);

        await app.DataAsync(async db =>
        {
            await db.Bags.Where(bag => bag.Name == "Tidewrack").ExecuteUpdateAsync(set => set.SetProperty(bag => bag.BoughtGround, true));
            return await db.Brews.Where(brew => brew.Id == 24).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.BagId, (int?)null));
        });
        await App.PostAsync(client, await App.GetAsync(client, "/taste/24"), "/taste/24", ("placed", "1"), ("sharp-harsh", "4"), ("thin-heavy", "3"), ("score", ""), ("note", "drying"), ("reading", "1.7"));
        var changes = (await App.GetAsync(client, "/next/24")).QuerySelector("#changes")!.TextContent;
        Assert.DoesNotContain("Grind", changes, StringComparison.Ordinal);
    }

    private static Task<long> LearnedAtAsync(App learning) => learning.DataAsync(db => db.Learned.AsNoTracking().Select(row => row.AtMs).SingleAsync());

    /// <summary>The page once something was learned: that happens in the background.</summary>
    private static async Task<AngleSharp.Dom.IDocument> LearnedAsync(App learning, HttpClient browser)
    {
        var page = await App.GetAsync(browser, "/learned");
        await learning.UntilAsync(async () => page.QuerySelector(".learned") is not null || (page = await App.GetAsync(browser, "/learned")).QuerySelector(".learned") is not null);
        return page;
    }
}
