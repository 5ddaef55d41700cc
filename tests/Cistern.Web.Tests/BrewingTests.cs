using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using AngleSharp.Dom;

namespace Cistern.Web.Tests;

/// <summary>A running brew, from its first press to its result, as devices and pages see it.</summary>
public sealed class BrewingTests : IClassFixture<App>
{
    private readonly App app;
    private readonly HttpClient client;

    public BrewingTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    private long NowMs => app.Time.GetUtcNow().ToUnixTimeMilliseconds();

    [Fact]
    public async Task An_entry_counts_once_however_often_it_is_sent()
    {
        var id = await BrewAsync("fp-long-settle");
        var start = Entry("start", 3, NowMs);
        for (var i = 0; i < 3; i++)
        {
            await SendAsync(id, start, start);
        }

        Assert.Equal("start", Assert.Single((await BrewOf(id)).Entries.Select(row => Words<EntryKind>.Of(row.Kind))));
    }

    /// <summary>A device must get rid of entries that cannot be read without losing the others.</summary>
    [Theory]
    [InlineData("""{"id":"00000000-0000-0000-0000-000000000000","kind":"done","step":3,"atMs":1}""")]
    [InlineData("""{"id":"x","kind":"done","step":3,"atMs":1}""")]
    [InlineData("""{"id":"7b0c0f9e-7a56-4e11-9d6c-0d6f5e0f0a11","kind":"eaten","step":3,"atMs":1}""")]
    [InlineData("""{"id":"7b0c0f9e-7a56-4e11-9d6c-0d6f5e0f0a12","kind":"done","step":99999,"atMs":1}""")]
    [InlineData("""{"id":"7b0c0f9e-7a56-4e11-9d6c-0d6f5e0f0a13","kind":"done","step":-1,"atMs":1}""")]
    [InlineData("""{"id":"7b0c0f9e-7a56-4e11-9d6c-0d6f5e0f0a14","kind":"done","step":1e99,"atMs":1}""")]
    [InlineData("null")]
    [InlineData("7")]
    public async Task An_entry_that_cannot_be_read_is_reported_and_the_others_are_stored(string odd)
    {
        var id = await BrewAsync("fp-long-settle");
        var answer = await PostAsync(id, $"[{odd},{JsonSerializer.Serialize(Entry("start", 3, NowMs))}]");
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        using var body = JsonDocument.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        Assert.Contains("could not be read", body.RootElement.GetProperty("message").GetString(), StringComparison.Ordinal);
        Assert.Single((await BrewOf(id)).Entries);
    }

    [Theory]
    [InlineData("{}", "application/json", 422)]
    [InlineData("[", "application/json", 422)]
    [InlineData("[]", "text/plain", 415)]
    [InlineData("[]", "application/x-www-form-urlencoded", 415)]
    public async Task What_is_no_list_of_entries_is_refused(string body, string type, int status)
    {
        using var content = new StringContent(body, Encoding.UTF8, type);
        var answer = await client.PostAsync(new Uri("/api/brews/1/entries", UriKind.Relative), content, TestContext.Current.CancellationToken);
        Assert.Equal(status, (int)answer.StatusCode);
        Assert.Contains("findings", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    [InlineData("Sec-Fetch-Site", "same-site")]
    [InlineData("Origin", "https://elsewhere.example")]
    [InlineData("Origin", "null")]
    public async Task Entries_from_another_site_are_refused(string header, string value)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, new Uri("/api/brews/1/entries", UriKind.Relative)) { Content = JsonContent.Create(Array.Empty<object>()) };
        request.Headers.Add(header, value);
        Assert.Equal(HttpStatusCode.Forbidden, (await client.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode);
    }

    [Fact]
    public async Task A_brew_that_is_not_here_is_said_so_and_too_many_entries_are_refused()
    {
        Assert.Equal(HttpStatusCode.NotFound, (await PostAsync(99_999, "[]")).StatusCode);
        var many = JsonSerializer.Serialize(Enumerable.Range(0, 201).Select(_ => Entry("still", 3, NowMs)));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await PostAsync(1, many)).StatusCode);
    }

    /// <summary>"I started the clock 20 s ago late": the earlier start counts, even one before the brew was opened, and entries keep their own times.</summary>
    [Fact]
    public async Task A_clock_that_was_started_late_is_corrected()
    {
        var id = await BrewAsync("fp-long-settle");
        await SendAsync(id, Entry("start", 3, NowMs));
        var startedMs = NowMs;
        app.Time.Advance(TimeSpan.FromSeconds(10));
        await SendAsync(id, Entry("done", 3, NowMs));
        var page = await App.GetAsync(client, $"/brew/{id}");
        await App.PostAsync(client, page, $"/brew/{id}?handler=Late", ("late", "20"));
        var brew = await BrewOf(id);
        Assert.Equal(startedMs - 20_000, brew.StartedAtMs);
        var run = BrewRun.Replay(ConductPlan.Of(ForecastModel.Published.Run(brew.Recipe())), brew.CoreEntries, NowMs);
        Assert.Equal((30, EndedBy.Press), (run.Done.Single(done => done.Index == 3).EndS, run.Done.Single(done => done.Index == 3).By));
        foreach (var odd in new[] { "", "-5", "x", "1e9" })
        {
            Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, $"/brew/{id}?handler=Late", ("late", odd))).StatusCode);
        }

        Assert.Equal(startedMs - 20_000, (await BrewOf(id)).StartedAtMs);
    }

    [Fact]
    public async Task The_clock_is_the_servers_and_undoing_the_start_puts_the_dose_back()
    {
        var bag = (await App.GetAsync(client, "/plan/fp-long-settle")).QuerySelectorAll("#bag option").Single(option => option.TextContent == "Night Barge").GetAttribute("value")!;
        var id = await BrewAsync("fp-long-settle", ("bag", bag));
        async Task<double> LeftG() => (await app.DataAsync(db => db.Bags.AsNoTracking().SingleAsync(row => row.Name == "Night Barge"))).LeftG;
        var before = await LeftG();
        var start = Entry("start", 3, null);
        await SendAsync(id, start);
        Assert.Equal(before - 32, await LeftG());
        Assert.Equal(NowMs, (await BrewOf(id)).StartedAtMs);
        await SendAsync(id, Entry("undo", 3, null, start.Id));
        Assert.Null((await BrewOf(id)).StartedAtMs);
        Assert.Equal(before, await LeftG());
    }

    [Fact]
    public async Task What_a_device_kept_for_more_than_a_day_still_counts_and_nothing_is_later_than_now()
    {
        var id = await BrewAsync("fp-long-settle");
        var openedAtMs = NowMs;
        app.Time.Advance(TimeSpan.FromHours(26));
        await SendAsync(id, Entry("start", 3, openedAtMs + 60_000), Entry("done", 3, openedAtMs + 80_000), Entry("done", 4, NowMs + 9_000_000));
        var brew = await BrewOf(id);
        Assert.Equal((openedAtMs + 60_000, 3), (brew.StartedAtMs, brew.Entries.Count));
        Assert.Equal(NowMs, brew.Entries.Max(row => row.AtMs));
        // An entry of a device whose clock is far behind counts from the moment the brew was opened at the earliest.
        await SendAsync(id, Entry("still", 5, 5));
        Assert.Equal(openedAtMs, (await BrewOf(id)).Entries.Min(row => row.AtMs));
    }

    [Fact]
    public async Task Two_devices_one_without_network_come_to_one_brew_in_whatever_order_they_are_heard()
    {
        var id = await BrewAsync("fp-bloomed");
        var zero = NowMs + 1_000;
        app.Time.Advance(TimeSpan.FromSeconds(300));
        object[] here = [Entry("start", 2, zero), Entry("done", 2, zero + 7_000), Entry("done", 3, zero + 9_000)];
        object[] there = [Entry("start", 2, zero + 400), Entry("done", 4, zero + 58_000), Entry("begun", 7, zero + 262_000)];
        await SendAsync(id, there);
        await SendAsync(id, here);
        var brew = await BrewOf(id);
        var plan = ForecastModel.Published.Run(brew.Recipe());
        var run = brew.Run(plan, zero + 270_000);
        Assert.Equal(zero, brew.StartedAtMs);
        Assert.Equal(6, brew.Entries.Count);
        Assert.Equal([7, 9, 58, 58], run.Done.Where(done => done.Index is 2 or 3 or 4 or 5).Select(done => Math.Round(done.EndS!.Value)));
        Assert.Equal((7, 262.0), (run.Present!.Index, run.Present.BegunS!.Value));
    }

    [Fact]
    public async Task A_press_made_on_another_screen_already_is_stored_and_changes_nothing()
    {
        var id = await BrewAsync("fp-long-settle");
        var zero = NowMs;
        app.Time.Advance(TimeSpan.FromSeconds(22));
        await SendAsync(id, Entry("start", 3, zero), Entry("done", 3, zero + 19_000));
        var message = await SendAsync(id, Entry("done", 3, zero + 21_000));
        Assert.Contains("another screen", message, StringComparison.Ordinal);
        var brew = await BrewOf(id);
        Assert.Equal(3, brew.Entries.Count);
        Assert.Equal(19, brew.Run(ForecastModel.Published.Run(brew.Recipe()), NowMs).Done[^1].EndS!.Value, 0.01);
    }

    [Fact]
    public async Task An_entry_has_its_barista()
    {
        var id = await BrewAsync("fp-long-settle");
        await SendAsync(id, Entry("start", 3, null));
        var brew = await BrewOf(id);
        var barista = await app.DataAsync(db => db.Baristas.FirstAsync(row => row.Id == brew.BaristaId));
        Assert.Equal(barista.Name, Assert.Single(brew.Entries).By);
    }

    public static TheoryData<string> OneOfEachFamily => ["fp-bloomed", "tp-upright-short", "vd-coffee-first", "ld-closed", "si-whirl", "jar-spoons", "tp-turned", "ld-split", "ld-long-soak-iced"];

    /// <summary>Pressed only at the start, at the release and where only the eye can tell; the pages ask for exactly these.</summary>
    [Theory]
    [MemberData(nameof(OneOfEachFamily))]
    public async Task A_brew_is_conducted_with_the_fewest_presses_and_ends_in_its_summary(string recipeId)
    {
        var id = await BrewAsync(recipeId);
        var forecast = ForecastModel.Published.Run((await BrewOf(id)).Recipe());
        var plan = ConductPlan.Of(forecast);
        var zero = NowMs;
        await SendAsync(id, Entry("start", plan.Anchor, zero));
        foreach (var timing in forecast.Timings.Skip(plan.Anchor + 1))
        {
            var step = plan.Steps[timing.Index];
            if (step.Release)
            {
                await AtAsync(zero, timing.StartS);
                var page = await App.GetAsync(client, $"/brew/{id}");
                Assert.Equal(Words(forecast.Recipe, timing.Index).Begins, page.QuerySelector("#done-word")!.TextContent);
                await SendAsync(id, Entry(step.Length > 0 ? "begun" : "done", timing.Index, NowMs));
            }

            if (step.Ends == StepEnding.Sight)
            {
                await AtAsync(zero, timing.EndS);
                var page = await App.GetAsync(client, $"/brew/{id}");
                Assert.Equal(Words(forecast.Recipe, timing.Index).Says, page.QuerySelector("#done-word")!.TextContent);
                await SendAsync(id, Entry("done", timing.Index, NowMs));
            }
        }

        await AtAsync(zero, forecast.Totals.FinishS + 120);
        var after = await client.GetAsync(new Uri($"/brew/{id}", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.EndsWith("/after", after.RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        var summary = await App.ParseAsync(after);
        Assert.Empty(summary.QuerySelectorAll(".verdict.off"));
        Assert.NotEmpty(summary.QuerySelectorAll(".verdict"));
        var brew = await BrewOf(id);
        Assert.Equal(BrewState.Finished, brew.State);
        Assert.Equal(forecast.Totals.FinalTdsPercent, brew.Facts!.FinalTdsPercent, 0.01);
    }

    [Theory]
    [MemberData(nameof(OneOfEachFamily))]
    public async Task Left_alone_after_the_start_the_end_of_the_steep_is_called_and_nothing_is_stuck(string recipeId)
    {
        var id = await BrewAsync(recipeId);
        var forecast = ForecastModel.Published.Run((await BrewOf(id)).Recipe());
        var steepEnd = Acts.SteepEndIndex(forecast.Recipe);
        var zero = NowMs;
        await SendAsync(id, Entry("start", RecipeChecker.AnchorIndex(forecast.Recipe), zero));
        await AtAsync(zero, forecast.Totals.FinishS + 900);
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.Equal(Wording.StepWording.Of(forecast.Recipe, steepEnd, new Wording.FigureFormat(Core.Reckoning.Units.Metric)).Verb, page.QuerySelector("#verb")!.TextContent);
        Assert.True(page.QuerySelector("#brew")!.ClassList.Contains("call"));
        Assert.StartsWith("+", page.QuerySelector("#countdown-number")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Without_a_script_a_hold_offers_the_next_step_early_and_a_grace_lets_it_go_on()
    {
        var id = await BrewAsync("fp-bloomed");
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.Equal("Warm the brewer", page.QuerySelector("#verb")!.TextContent);
        page = await SayAsync(id, page, "#hands");
        Assert.Equal("Add the coffee", page.QuerySelector("#verb")!.TextContent);
        page = await SayAsync(id, page, "#start-form");
        var zero = (await BrewOf(id)).StartedAtMs!.Value;
        Assert.Equal("Poured", page.QuerySelector("#done-word")!.TextContent);
        await AtAsync(zero, 10);
        page = await App.GetAsync(client, $"/brew/{id}");
        Assert.False(page.QuerySelector("#still")!.HasAttribute("hidden"));
        page = await SayAsync(id, page, "#still-form");
        Assert.True(page.QuerySelector("#still")!.HasAttribute("hidden"));
        await AtAsync(zero, 20);
        Assert.Equal("Pour", (await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#verb")!.TextContent);
        page = await SayAsync(id, await App.GetAsync(client, $"/brew/{id}"), "#hands");
        page = await SayAsync(id, page, "#hands");
        Assert.Equal(("Steep", "Pour now, 0:20 early"), (page.QuerySelector("#verb")!.TextContent, page.QuerySelector("#done-word")!.TextContent));
        page = await SayAsync(id, page, "#undo-form");
        Assert.Equal("Swirl", page.QuerySelector("#verb")!.TextContent);
    }

    [Fact]
    public async Task What_was_assumed_is_listed_and_corrected_in_one_place()
    {
        var id = await FinishedAsync("fp-slow-eight", lateS: 60);
        var page = await App.GetAsync(client, $"/brew/{id}/after");
        Assert.Contains(page.QuerySelectorAll(".verdict.off"), verdict => verdict.TextContent.Contains("The steep ended at 8:55, 52 s after", StringComparison.Ordinal));
        Assert.Equal(5, page.QuerySelectorAll(".assumed .field-row").Length);
        var refused = await App.PostAsync(client, page, $"/brew/{id}/after?handler=Right", ("ended-2", "soon"), ("ended-3", "1:30"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        var back = await App.ParseAsync(refused);
        Assert.Equal("soon", back.QuerySelector("#ended-2")!.GetAttribute("value"));
        Assert.NotNull(back.QuerySelector("#ended-2-problem"));
        (await App.PostAsync(client, page, $"/brew/{id}/after?handler=Right", ("ended-2", "0:20"), ("ended-3", "1:30"))).EnsureSuccessStatusCode();
        var brew = await BrewOf(id);
        var run = brew.Run(ForecastModel.Published.Run(brew.Recipe()), NowMs);
        Assert.Equal([20, 90], run.Done.Where(done => done.By == EndedBy.Press && done.Index is 2 or 3).Select(done => done.EndS!.Value));
        Assert.Equal(BrewState.Finished, brew.State);
        Assert.Equal(3, brew.Facts!.Assumed);
    }

    [Fact]
    public async Task What_was_weighed_and_read_is_checked_against_what_is_possible_and_counts()
    {
        var id = await FinishedAsync("tp-short-bypass");
        var page = await App.GetAsync(client, $"/brew/{id}/after");
        foreach (var (name, value) in ((string, string)[])[("doseG", "0"), ("waterC", "101"), ("beverageG", "400"), ("letDownG", "-1"), ("weight-3", "NaN")])
        {
            var refused = await App.PostAsync(client, page, $"/brew/{id}/after?handler=Weighed", (name, value), ("iceG", "5"));
            Assert.Equal((name, HttpStatusCode.UnprocessableEntity), (name, refused.StatusCode));
            Assert.NotNull((await App.ParseAsync(refused)).QuerySelector($"#{name}-problem"));
        }

        Assert.Empty((await BrewOf(id)).Observations);
        var before = (await BrewOf(id)).Facts!.FinalTdsPercent;
        (await App.PostAsync(client, page, $"/brew/{id}/after?handler=Weighed", ("doseG", "20,5"), ("waterC", ""), ("beverageG", "214"), ("letDownG", "130"), ("weight-3", "128"))).EnsureSuccessStatusCode();
        var brew = await BrewOf(id);
        Assert.Equal([(ObservationNames.Beverage, 214.0), (ObservationNames.Dose, 20.5), (ObservationNames.Dilution, 130.0)], brew.Observations.Select(one => (one.Name, one.Value)).OrderBy(one => one.Name, StringComparer.Ordinal));
        Assert.True(brew.Facts!.FinalTdsPercent < before - 0.1);
        Assert.Equal((20.5, 128), (brew.Facts.DoseG, brew.Facts.WaterG));
        var after = await App.GetAsync(client, $"/brew/{id}/after");
        Assert.Contains("214 g weighed", after.Body!.TextContent, StringComparison.Ordinal);
        Assert.Contains("in the cup 214 g, weighed", after.QuerySelector("svg.chart")!.TextContent, StringComparison.Ordinal);
        (await App.PostAsync(client, page, $"/brew/{id}/after?handler=Weighed", ("doseG", ""))).EnsureSuccessStatusCode();
        Assert.Equal(22, (await BrewOf(id)).Facts!.DoseG);
    }

    /// <summary>A page that is out of date sends what it showed: a value that another device typed since is not overwritten.</summary>
    [Theory]
    [InlineData("after?handler=Weighed")]
    [InlineData("?handler=Weights")]
    public async Task A_stale_screen_undoes_no_measurement_of_another(string where)
    {
        var id = await FinishedAsync("tp-short-bypass");
        var stale = await App.GetAsync(client, $"/brew/{id}/after");
        (await App.PostAsync(client, await App.GetAsync(client, $"/brew/{id}/after"), $"/brew/{id}/after?handler=Weighed", ("beverageG", "214"), ("weight-3", "128"))).EnsureSuccessStatusCode();
        var fields = stale.QuerySelectorAll(".weighed input[name]").Where(field => !field.GetAttribute("name")!.StartsWith("__", StringComparison.Ordinal)).Select(field => (field.GetAttribute("name")!, field.GetAttribute("value") ?? "")).ToArray();
        Assert.Contains(fields, field => field.Item1 == "was.weight-3");
        var path = where.StartsWith('?') ? $"/log/{id}{where}" : $"/brew/{id}/{where}";
        (await App.PostAsync(client, stale, path, fields)).EnsureSuccessStatusCode();
        var brew = await BrewOf(id);
        Assert.Equal(214, Assert.Single(brew.Observations).Value);
        Assert.Equal(128, Assert.Single(brew.Weighings).TotalG);
        // A value that is emptied on purpose is removed.
        (await App.PostAsync(client, stale, path, ("weight-3", ""), ("was.weight-3", "128"))).EnsureSuccessStatusCode();
        Assert.Empty((await BrewOf(id)).Weighings);
    }

    [Fact]
    public async Task A_last_press_by_mistake_is_undone_in_the_summary_and_the_brew_goes_on()
    {
        var id = await BrewAsync("vd-coffee-first");
        var plan = ForecastModel.Published.Run((await BrewOf(id)).Recipe());
        var zero = NowMs;
        app.Time.Advance(TimeSpan.FromSeconds(200));
        var drain = Acts.SteepEndIndex(plan.Recipe);
        await SendAsync(id, Entry("start", 3, zero), Entry("begun", drain, zero + 185_000), Entry("done", drain, zero + 190_000), Entry("done", drain + 1, zero + 191_000));
        Assert.Equal(BrewState.Finished, (await BrewOf(id)).State);
        var page = await App.GetAsync(client, $"/brew/{id}/after");
        var again = await SayAsync(id, page, "#not-finished");
        Assert.Equal("Stir the cup", again.QuerySelector("#verb")!.TextContent);
        var brew = await BrewOf(id);
        Assert.Equal((BrewState.Running, null, null), (brew.State, brew.EndedAtMs, brew.Facts));
        Assert.Equal("Let it draw down", (await SayAsync(id, again, "#undo-form")).QuerySelector("#verb")!.TextContent);
    }

    [Fact]
    public async Task Entries_of_an_abandoned_brew_are_stored_and_change_nothing()
    {
        var id = await BrewAsync("fp-bloomed");
        var page = await App.GetAsync(client, $"/brew/{id}");
        (await App.PostAsync(client, page, $"/brew/{id}?handler=Abandon", ("why", "wrong coffee"))).EnsureSuccessStatusCode();
        Assert.Contains("abandoned", await SendAsync(id, Entry("start", 2, null)), StringComparison.Ordinal);
        var brew = await BrewOf(id);
        Assert.Equal((BrewState.Abandoned, null, 1), (brew.State, brew.StartedAtMs, brew.Entries.Count));
    }

    [Fact]
    public async Task Each_taster_has_a_tasting_of_their_own_and_what_nobody_placed_is_not_recorded()
    {
        var id = await FinishedAsync("jar-spoons");
        var page = await App.GetAsync(client, $"/taste/{id}");
        (await App.PostAsync(client, page, $"/taste/{id}", ("placed", ""), ("sharp-harsh", "0"), ("thin-heavy", "0"), ("score", "7"), ("note", "quiet"))).EnsureSuccessStatusCode();
        var other = app.Browser();
        await App.PostAsync(other, await App.GetAsync(other, "/you"), "/you?handler=New", ("name", $"Taster {id}"));
        (await App.PostAsync(other, await App.GetAsync(other, $"/taste/{id}"), $"/taste/{id}", ("placed", "1"), ("sharp-harsh", "3"), ("thin-heavy", "-2"), ("score", "5"), ("note", ""))).EnsureSuccessStatusCode();
        var tastings = (await BrewOf(id)).Tastings.OrderBy(one => one.Id).Select(one => (one.SourBitter, one.ThinHeavy, one.Score)).ToList();
        Assert.Equal([(null, null, 7.0), (3, -2, 5.0)], tastings);
        var told = (await App.GetAsync(client, $"/log/{id}")).QuerySelectorAll(".tasted").Select(one => one.TextContent).ToList();
        Assert.Contains("not placed on the pad, 7 of 10", told[0], StringComparison.Ordinal);
        Assert.Contains($"Taster {id}: bitter, thin, 5 of 10", told[1], StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_brew_nobody_has_to_press_any_more_ends_when_it_is_looked_at_and_its_facts_are_there()
    {
        var id = await BrewAsync("fp-bloomed");
        var zero = NowMs;
        await SendAsync(id, Entry("start", 2, zero));
        app.Time.Advance(TimeSpan.FromSeconds(260));
        await SendAsync(id, Entry("begun", 7, NowMs));
        Assert.Contains(id, await UnderWayAsync());
        app.Time.Advance(TimeSpan.FromSeconds(120));
        Assert.DoesNotContain(id, await UnderWayAsync());
        var brew = await BrewOf(id);
        Assert.Equal((BrewState.Finished, zero + 297_000), (brew.State, brew.EndedAtMs));
        await app.DataAsync(db => db.Facts.Where(row => row.BrewId == id).ExecuteDeleteAsync());
        await app.DataAsync(async db =>
        {
            await new BrewStore(db, app.Time, ForecastModel.Published).ComputeMissingFactsAsync(TestContext.Current.CancellationToken);
            return 0;
        });
        Assert.Equal(brew.Facts!.FinalTdsPercent, (await BrewOf(id)).Facts!.FinalTdsPercent);
    }

    [Fact]
    public async Task A_brew_left_running_over_night_is_offered_for_finishing()
    {
        var id = await BrewAsync("fp-bloomed");
        await SendAsync(id, Entry("start", 2, NowMs));
        app.Time.Advance(TimeSpan.FromHours(9));
        Assert.NotNull((await App.GetAsync(client, "/")).QuerySelector($".finding a[href='/brew/{id}']"));
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.NotNull(page.QuerySelector($"form[action='/brew/{id}?handler=Finish'] button"));
        Assert.EndsWith("/after", (await App.PostAsync(client, page, $"/brew/{id}?handler=Finish")).RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        Assert.Equal(BrewState.Finished, (await BrewOf(id)).State);
    }

    [Fact]
    public async Task A_brew_is_begun_again_as_planned_or_as_it_was_really_brewed()
    {
        var id = await FinishedAsync("fp-slow-eight", lateS: 60);
        var page = await App.GetAsync(client, $"/log/{id}");
        async Task<Recipe> AgainAsync(params (string, string)[] more)
        {
            var answer = await App.PostAsync(client, page, "/?handler=Again", [("brew", Text(id)), ("key", Guid.NewGuid().ToString()), .. more]);
            var again = int.Parse(answer.RequestMessage!.RequestUri!.AbsolutePath.Split('/')[^1], CultureInfo.InvariantCulture);
            return (await BrewOf(again)).Recipe();
        }

        Assert.Equal(475, (await AgainAsync()).Steps.OfType<Step.Plunge>().Single().AtS);
        Assert.Equal(535, (await AgainAsync(("cup", "really"))).Steps.OfType<Step.Plunge>().Single().AtS!.Value, 0.1);
    }

    [Fact]
    public async Task The_plan_shows_what_it_is_meant_for_and_lets_it_be_changed()
    {
        var page = await App.GetAsync(client, "/plan/tp-upright-short");
        // The figures of a library recipe are nobody's target until a target is set.
        Assert.Equal("", page.QuerySelector("#meant-finish")!.GetAttribute("value") ?? "");
        var changed = await App.GetAsync(client, "/plan/tp-upright-short?was.meant-finish=&meant-finish=2:00+to+2:30");
        Assert.Equal("2:00 to 2:30", changed.QuerySelector("#meant-finish")!.GetAttribute("value"));
        Assert.Contains("the target is 2:00", changed.Body!.TextContent, StringComparison.Ordinal);
        var cleared = await App.GetAsync(client, "/plan/tp-upright-short?was.meant-finish=2:00+to+2:30&meant-finish=");
        Assert.Equal("", cleared.QuerySelector("#meant-finish")!.GetAttribute("value"));
        // In a barista's words: by a time or a word, and ended with a touch.
        var by = await App.GetAsync(client, "/plan/tp-upright-short?was.meant-finish=&meant-finish=done+by+2:30&was.meant-tds=&meant-tds=stronger");
        Assert.Equal("by 2:30", by.QuerySelector("#meant-finish")!.GetAttribute("value"));
        Assert.Matches("^Your target: done by 2:30; strength 1[.0-9]+ to 1[.0-9]+ % TDS\\.", by.QuerySelector("#target")!.TextContent.Trim());
        var lighter = await PlanPage.ChangeAsync(client, by, ("do", "target:lighter"));
        Assert.NotEqual(by.QuerySelector("#meant-tds")!.GetAttribute("value"), lighter.QuerySelector("#meant-tds")!.GetAttribute("value"));
        var free = await PlanPage.ChangeAsync(client, lighter, ("do", "no-target"));
        Assert.Null(free.QuerySelector("#target"));
        Assert.Equal("", free.QuerySelector("#meant-finish")!.GetAttribute("value"));
        foreach (var odd in (string[])["soon", "stronger", "2:00", "3:00 to 2:00", "1 to x", "to"])
        {
            var refused = await App.GetAsync(client, $"/plan/tp-upright-short?was.meant-finish=&meant-finish={Uri.EscapeDataString(odd)}");
            Assert.Equal(odd, refused.QuerySelector("#meant-finish")!.GetAttribute("value"));
            Assert.NotNull(refused.QuerySelector("#meant-finish-problem"));
        }
    }

    [Fact]
    public async Task The_reason_of_a_recipe_goes_with_the_steps_it_speaks_of()
    {
        Assert.Contains("The crust is broken just before the plunge", (await App.GetAsync(client, "/plan/fp-bloomed")).Body!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain("The crust is broken just before the plunge", (await App.GetAsync(client, "/plan/fp-bloomed?do=remove:6")).Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_entry_without_effect_stays_with_the_brew_and_is_shown()
    {
        var id = await FinishedAsync("vd-coffee-first");
        var brew = await BrewOf(id);
        Assert.Null((await App.GetAsync(client, $"/brew/{id}/after")).QuerySelector("details:not(#omitted-part):not(#add-picture)"));
        await SendAsync(id, Entry("done", 7, brew.StartedAtMs!.Value + 311_000));
        var details = (await App.GetAsync(client, $"/brew/{id}/after")).QuerySelector("details:not(#omitted-part):not(#add-picture)")!;
        Assert.Contains("5:11 done, set it on the server", string.Join(' ', details.QuerySelector("li")!.TextContent.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("vd-coffee-first", "Within reach: 534 g of water at 96 °C, 24.0 g of coffee, ground")]
    [InlineData("ld-open-closed-iced", "g of ice.")]
    [InlineData("si-whirl", "Within reach: 150 g of water at 100 °C, 26.0 g of coffee, ground")]
    public async Task Before_the_clock_the_page_lists_what_is_needed(string recipe, string said)
    {
        var id = await BrewAsync(recipe);
        Assert.Contains(said, (await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#to-hand")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_brew_whose_plan_cannot_be_read_gets_a_page_that_says_so()
    {
        var id = await BrewAsync("fp-bloomed");
        await app.DataAsync(db => db.Brews.Where(row => row.Id == id).ExecuteUpdateAsync(set => set.SetProperty(row => row.PlanJson, "{")));
        Assert.Equal(HttpStatusCode.Conflict, (await PostAsync(id, "[]")).StatusCode);
        Assert.DoesNotContain(id, await UnderWayAsync());
        Assert.NotEqual(HttpStatusCode.InternalServerError, (await client.GetAsync(new Uri($"/brew/{Text(id)}", UriKind.Relative), TestContext.Current.CancellationToken)).StatusCode);
        await app.DataAsync(db => db.Brews.Where(row => row.Id == id).ExecuteDeleteAsync());
    }

    [Fact]
    public async Task Several_under_way_each_have_a_lane()
    {
        var first = await BrewAsync("fp-bloomed");
        var second = await BrewAsync("ld-closed");
        var page = await App.GetAsync(client, "/brew");
        var lanes = page.QuerySelectorAll("#lanes .lane").Select(lane => lane.GetAttribute("data-id")).ToList();
        Assert.Contains(Text(first), lanes);
        Assert.Contains(Text(second), lanes);
        Assert.NotNull(page.QuerySelector($"#gauge-brews [data-id=\"{first}\"]"));
    }

    [Fact]
    public async Task A_plan_that_a_page_has_is_not_sent_again()
    {
        var id = await BrewAsync("fp-bloomed");
        async Task<JsonElement> Told(string query)
        {
            using var body = JsonDocument.Parse(await client.GetStringAsync(new Uri("/api/under-way" + query, UriKind.Relative), TestContext.Current.CancellationToken));
            return body.RootElement.GetProperty("brews").EnumerateArray().Single(one => one.GetProperty("id").GetInt32() == id).Clone();
        }

        var plan = (await Told("")).GetProperty("plan");
        Assert.Equal(JsonValueKind.Null, (await Told($"?known={id}.{plan.GetProperty("version").GetString()},x,-5")).GetProperty("plan").ValueKind);
        // For another version it has to be stated.
        Assert.Equal(JsonValueKind.Object, (await Told($"?known={id}.00000000,{id}")).GetProperty("plan").ValueKind);
        var pour = plan.GetProperty("steps")[4];
        Assert.Equal(("Pour", "Poured", "hands", 55, 405), (pour.GetProperty("verb").GetString(), pour.GetProperty("says").GetString(), pour.GetProperty("ends").GetString(), Math.Round(pour.GetProperty("fromG").GetDouble()), Math.Round(pour.GetProperty("toG").GetDouble())));
    }

    [Fact]
    public async Task A_steep_twenty_seconds_over_is_reported_though_nothing_is_lost()
    {
        var id = await BrewAsync("fp-slow-eight");
        var zero = NowMs;
        await SendAsync(id, Entry("start", 2, zero));
        await AtAsync(zero, 475 + 10);
        Assert.Null((await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#deviation .deviation"));
        await AtAsync(zero, 475 + 30);
        var told = (await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#deviation .deviation")!;
        Assert.Matches("Late[.] Nothing lost yet: 1[.][0-9]{2} % TDS, ", told.TextContent);
        // Nothing to answer yet: an answer now would suppress the offer that comes later.
        Assert.Null(told.QuerySelector("button"));
        await AtAsync(zero, 475 + 240);
        Assert.NotNull((await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#deviation .deviation button"));
    }

    [Fact]
    public async Task A_deviation_offers_its_best_correction_which_changes_the_rest_of_this_brew_only()
    {
        var (id, zero) = await LateAsync();
        var page = await App.GetAsync(client, $"/brew/{id}");
        var deviation = page.QuerySelector("#deviation .deviation")!.TextContent;
        Assert.StartsWith("Late.", deviation.Trim(), StringComparison.Ordinal);
        Assert.Matches("Plunge now, then dilute with [0-9]+ g of water: 1[.][0-9]{2} % TDS, balanced[.]", deviation);
        var planned = (await BrewOf(id)).PlanJson;
        page = await AnswerAsync(id, page, "take");
        var taken = await BrewOf(id);
        Assert.StartsWith("Late, 4:00. ", taken.DeviationAnswers.Single().Said, StringComparison.Ordinal);
        Assert.Equal(planned, taken.PlannedJson);
        var dilution = Assert.IsType<Step.Dilute>(taken.Recipe().Steps[^1]);
        Assert.InRange(dilution.WaterG, 5, 300);
        Assert.Equal(RecipeLibrary.Find("fp-slow-eight")!.Steps.Length, taken.Planned().Steps.Length);
        Assert.Null(page.QuerySelector("#deviation form[action$=Slip]"));
        Assert.Contains("Taken:", page.QuerySelector("#deviation .taken")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("Dilute", page.QuerySelector("#all-steps")!.TextContent, StringComparison.Ordinal);

        // Answered twice it counts once; undone, the plan is as before and the offer is shown again.
        Assert.False(await app.DataAsync(db => new BrewStore(db, app.Time, ForecastModel.Published).AnswerDeviationAsync(id, new DeviationAnswer { Kind = DeviationKind.ReleaseDue, Step = 5, Taken = true, DilutionG = 99, Said = "" })));
        var back = await App.PostAsync(client, page, $"/brew/{Text(id)}?handler=SlipUndo", ("taken", page.QuerySelector("#deviation .taken input[name=taken]")!.GetAttribute("value")!));
        page = await App.ParseAsync(back);
        Assert.Equal((planned, null), ((await BrewOf(id)).PlanJson, (await BrewOf(id)).PlannedJson));
        page = await AnswerAsync(id, page, "take");

        // Brewed on: the dilution is conducted like any step, and the log shows what was chosen.
        var steps = (await BrewOf(id)).Recipe().Steps.Length;
        await SendAsync(id, Entry("begun", 5, NowMs));
        await AtAsync(zero, 740);
        await SendAsync(id, [.. Enumerable.Range(5, steps - 5).Select(step => (object)Entry("done", step, NowMs))]);
        Assert.Equal(BrewState.Finished, (await BrewOf(id)).State);
        foreach (var address in (string[])[$"/brew/{id}/after", $"/log/{id}"])
        {
            var told = await App.GetAsync(client, address);
            Assert.Contains("Taken, and taken back.", told.QuerySelector(".verdicts")!.ParentElement!.TextContent, StringComparison.Ordinal);
            // Compared with the plan, not with the changed plan.
            Assert.Contains("The steep ended at 11:5", told.QuerySelector(".verdicts")!.TextContent, StringComparison.Ordinal);
            var strength = told.QuerySelectorAll("tr").Single(row => row.TextContent.Contains("Strength", StringComparison.Ordinal)).QuerySelectorAll("td").Select(cell => cell.TextContent).ToList();
            Assert.Equal(2, strength.Count);
            Assert.Equal(Wording.FigureFormat.Percent(ForecastModel.Published.Run((await BrewOf(id)).Planned()).Totals.FinalTdsPercent, 2), strength[0]);
        }

        // Brewed again, it is the plan it began with.
        var log = await App.GetAsync(client, $"/log/{id}");
        var again = await App.PostAsync(client, log, "/?handler=Again", ("brew", Text(id)), ("key", Guid.NewGuid().ToString()));
        var next = int.Parse(again.RequestMessage!.RequestUri!.AbsolutePath.Split('/')[^1], CultureInfo.InvariantCulture);
        Assert.Equal(planned, (await BrewOf(next)).PlanJson);
    }

    [Fact]
    public async Task A_deviation_that_is_left_stays_away_and_an_answer_that_cannot_be_read_changes_nothing()
    {
        var (id, _) = await LateAsync();
        var page = await App.GetAsync(client, $"/brew/{id}");
        foreach (var (kind, step, dilution) in ((string, string, string)[])[("zz", "5", "10"), ("release-due", "77", "10"), ("release-due", "5", "1e309"), ("release-due", "5", "-3"), ("release-due", "5", ""), ("", "", "")])
        {
            var answer = await App.PostAsync(client, page, $"/brew/{Text(id)}?handler=Slip", ("kind", kind), ("step", step), ("letdown", dilution), ("release", ""), ("answer", "take"));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        }

        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, $"/brew/{Text(id)}?handler=SlipUndo", ("taken", "1"))).StatusCode);
        Assert.Null((await BrewOf(id)).PlannedJson);
        page = await AnswerAsync(id, page, "leave");
        Assert.Null(page.QuerySelector("#deviation .deviation"));
        Assert.Null((await BrewOf(id)).PlannedJson);
        app.Time.Advance(TimeSpan.FromSeconds(20));
        Assert.Null((await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#deviation .deviation"));
    }

    [Fact]
    public async Task For_a_plunge_two_minutes_early_a_later_pour_off_is_offered_and_taken_as_shown()
    {
        var id = await BrewAsync("fp-bloomed");
        await SendAsync(id, Entry("start", 2, NowMs));
        app.Time.Advance(TimeSpan.FromSeconds(120));
        await SendAsync(id, Entry("begun", 7, NowMs));
        app.Time.Advance(TimeSpan.FromSeconds(3));
        var page = await App.GetAsync(client, $"/brew/{id}");
        var pourOffAtS = double.Parse(page.QuerySelector("#deviation [name=pouroff]")!.GetAttribute("value")!, CultureInfo.InvariantCulture);
        Assert.InRange(pourOffAtS, 200, 420);
        var offer = page.QuerySelector("#deviation [data-live=offer]")!.TextContent;
        Assert.StartsWith($"Leave it on the grounds and pour off at {Wording.FigureFormat.Clock(pourOffAtS)}: ", offer, StringComparison.Ordinal);
        // Answered a few seconds later, when another time would be offered.
        app.Time.Advance(TimeSpan.FromSeconds(7));
        await AnswerAsync(id, page, "take");
        var brew = await BrewOf(id);
        var answer = Assert.Single(brew.DeviationAnswers);
        Assert.Equal(pourOffAtS, answer.PourOffAtS);
        Assert.Contains($"pour off at {Wording.FigureFormat.Clock(pourOffAtS)}: ", answer.Said, StringComparison.Ordinal);
        Assert.Equal(pourOffAtS, brew.Recipe().Steps.OfType<Step.Decant>().Single().AtS);
    }

    [Fact]
    public async Task Undoing_the_start_undoes_the_corrections_taken()
    {
        var (id, _) = await LateAsync();
        await AnswerAsync(id, await App.GetAsync(client, $"/brew/{id}"), "take");
        var late = await BrewOf(id);
        Assert.NotNull(late.PlannedJson);
        await SendAsync(id, Entry("undo", 2, NowMs, late.Entries.Single(row => row.Kind == EntryKind.Start).EntryId));
        var again = await BrewOf(id);
        Assert.Equal((late.PlannedJson, null), (again.PlanJson, again.PlannedJson));
        Assert.All(again.DeviationAnswers, answer => Assert.NotNull(answer.UndoneAtMs));
    }

    /// <summary>Held longer because a correction said so: that is not late, neither while brewing nor afterwards.</summary>
    [Fact]
    public async Task A_steep_moved_on_purpose_is_compared_with_its_new_end()
    {
        var id = await BrewAsync("fp-bloomed");
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var plunge = recipe.Steps.IndexOf(recipe.Steps.OfType<Step.Plunge>().Single());
        var zero = NowMs;
        await SendAsync(id, Entry("start", 2, zero));
        await AtAsync(zero, 80);
        var page = await App.ParseAsync(await App.PostAsync(client, await App.GetAsync(client, $"/brew/{id}"), $"/brew/{id}?handler=Omit", ("step", Text(recipe.Steps.IndexOf(recipe.Steps.OfType<Step.Preheat>().Single())))));
        await AnswerAsync(id, page, "take");
        var newEndS = (await BrewOf(id)).DeviationAnswers.Single().SteepEndAtS!.Value;
        // Long enough to matter, and no longer than necessary.
        Assert.InRange(newEndS, 290, 480);
        await AtAsync(zero, newEndS + 30);
        page = await App.GetAsync(client, $"/brew/{id}");
        Assert.StartsWith("Late.", page.QuerySelector("#deviation .deviation:not(.taken)")!.TextContent.Trim(), StringComparison.Ordinal);
        await SendAsync(id, Entry("begun", plunge, zero + (1000 * (newEndS + 3))));
        Assert.Null((await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#deviation .deviation:not(.taken)"));
        await SendAsync(id, [.. Enumerable.Range(plunge, (await BrewOf(id)).Recipe().Steps.Length - plunge).Select(step => (object)Entry("done", step, zero + (1000 * (newEndS + 40))))]);
        var after = await App.GetAsync(client, $"/brew/{id}/after");
        Assert.Contains("The steep ended at ", after.Body!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain("it extracted more", after.Body.TextContent, StringComparison.Ordinal);
        Assert.Equal(3, (await BrewOf(id)).Facts!.SteepEndOffS!.Value, 1.0);
    }

    [Fact]
    public async Task A_forgotten_step_is_reported_once_with_its_effect_and_can_be_corrected_afterwards()
    {
        var id = await BrewAsync("fp-bloomed");
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var stir = recipe.Steps.IndexOf(recipe.Steps.OfType<Step.Stirring>().First());
        var zero = NowMs;
        await SendAsync(id, Entry("start", 2, zero));
        await AtAsync(zero, 100);
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.Null(page.QuerySelector("#deviation .deviation"));
        // A pour cannot be forgotten, and neither can a step that is still ahead.
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, $"/brew/{id}?handler=Omit", ("step", "2"))).StatusCode);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, $"/brew/{id}?handler=Omit", ("step", "99"))).StatusCode);
        Assert.Equal("false", page.QuerySelector($"#omitted button[value='{stir}']")!.GetAttribute("aria-pressed"));
        page = await App.ParseAsync(await App.PostAsync(client, page, $"/brew/{id}?handler=Omit", ("step", Text(stir))));
        Assert.Equal("true", page.QuerySelector($"#omitted button[value='{stir}']")!.GetAttribute("aria-pressed"));
        var told = page.QuerySelector("#deviation .deviation")!;
        Assert.Matches("Not done: swirl[.] (It hardly matters|As it is going): 1[.][0-9]{2} % TDS, ", told.TextContent);
        Assert.Null((await AnswerAsync(id, page, "leave")).QuerySelector("#deviation .deviation"));
        var without = ForecastModel.Published.Run(recipe with { Steps = recipe.Steps.SetItem(stir, new Step.Wait(recipe.Steps[stir].OverS)) }).Totals.ExtractionYieldPercent;
        Assert.True(without < ForecastModel.Published.Run(recipe).Totals.ExtractionYieldPercent - 0.01);

        await SendAsync(id, Entry("begun", 7, zero + 262_000));
        await AtAsync(zero, 400);
        await SendAsync(id, [.. Enumerable.Range(7, recipe.Steps.Length - 7).Select(step => (object)Entry("done", step, zero + 290_000))]);
        var after = await App.GetAsync(client, $"/brew/{id}/after");
        Assert.Contains("Not done: swirl.", after.QuerySelector("#went-differently")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(Text(stir), after.QuerySelector("#omitted input:checked")!.GetAttribute("value"));
        var facts = (await BrewOf(id)).Facts!.ExtractionYieldPercent;
        after = await App.ParseAsync(await App.PostAsync(client, after, $"/brew/{id}/after?handler=Omitted"));
        Assert.DoesNotContain("Not done", after.QuerySelector("#went-differently")?.TextContent ?? "", StringComparison.Ordinal);
        Assert.True((await BrewOf(id)).Facts!.ExtractionYieldPercent > facts + 0.01);
    }

    [Fact]
    public async Task A_sign_is_answered_at_a_touch_goes_into_the_record_and_is_learned_from()
    {
        var id = await BrewAsync("tp-turned");
        var recipe = RecipeLibrary.Find("tp-turned")!;
        var press = recipe.Steps.IndexOf(recipe.Steps.OfType<Step.Press>().Single());
        await SendAsync(id, Entry("start", RecipeChecker.AnchorIndex(recipe), NowMs));
        var page = await App.GetAsync(client, $"/brew/{id}");
        foreach (var (step, sign) in ((string, string)[])[(Text(press), "drain-slow"), ("99", "press-hard"), ("", "press-hard"), (Text(press), "")])
        {
            Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, $"/brew/{id}?handler=Sign", ("step", step), ("sign", sign))).StatusCode);
        }

        Task<HttpResponseMessage> SeeAsync(string sign, string on = "") => App.PostAsync(client, page, $"/brew/{id}?handler=Sign", ("step", Text(press)), ("sign", sign), ("on", on));
        await SeeAsync("press-easy");
        await SeeAsync("press-hard");
        var brew = await BrewOf(id);
        Assert.Equal(("press-hard", press), Assert.Single(brew.SignsSeen()));
        Assert.Equal((double)Core.Records.PressFelt.Hard, brew.Observed(ObservationNames.PressFelt));
        Assert.Equal("You saw: Hard.", (await App.GetAsync(client, $"/log/{id}")).QuerySelector("#signs-seen")!.TextContent);
        await SeeAsync("press-hard");
        brew = await BrewOf(id);
        Assert.Empty(brew.Observations);
        // An entry that a device stored and sends twice counts once, and one it takes back is not counted as another.
        await SeeAsync("press-hard", "yes");
        await SeeAsync("press-hard", "yes");
        await SeeAsync("press-easy", "no");
        Assert.Equal(("press-hard", press), Assert.Single((await BrewOf(id)).SignsSeen()));
        await SeeAsync("press-hard", "no");
        await SeeAsync("press-hard", "no");
        Assert.Empty((await BrewOf(id)).Observations);
        // The same sign at two steps is two signs; one that an earlier version stored is still shown.
        brew.SeeSign(3, "drain-slow", 0);
        brew.SeeSign(7, "drain-slow", 0);
        brew.Observations.Add(new Observation { Name = "sign-drain-drips", Value = 9 });
        Assert.Equal([("drain-slow", 3), ("drain-slow", 7), ("drain-drips", 9)], brew.SignsSeen());
        brew.SeeSign(9, null, 0);
        Assert.Equal(2, brew.SignsSeen().Count());
    }

    [Fact]
    public void Each_sign_has_a_code_of_its_own()
    {
        var signs = RecipeLibrary.All.SelectMany(recipe => Enumerable.Range(0, recipe.Steps.Length).SelectMany(step => Wording.StepWording.Of(recipe, step, new Wording.FigureFormat(Core.Reckoning.Units.Metric)).Signs)).Distinct().ToList();
        Assert.True(signs.Count > 30);
        Assert.Equal(signs.Count, signs.DistinctBy(sign => sign.Code).Count());
        Assert.All(signs, sign => Assert.Matches("^[a-z-]{5,30}$", sign.Code));
    }

    [Fact]
    public async Task Ten_grams_over_are_said_once_though_they_hardly_matter()
    {
        var id = await BrewAsync("fp-slow-eight");
        var recipe = RecipeLibrary.Find("fp-slow-eight")!;
        await SendAsync(id, Entry("start", 2, NowMs));
        app.Time.Advance(TimeSpan.FromSeconds(120));
        var page = await App.GetAsync(client, $"/brew/{id}");
        var pour = page.QuerySelectorAll("form[action$=Weights] input[inputmode]")[^1];
        page = await App.ParseAsync(await App.PostAsync(client, page, $"/brew/{id}?handler=Weights", (pour.GetAttribute("name")!, Text((int)recipe.WaterG + 10))));
        Assert.Matches("Poured 10 g over[.] It hardly matters: 1[.][0-9]{2} % TDS, ", page.QuerySelector("#deviation .deviation")!.TextContent);
        Assert.Null((await AnswerAsync(id, page, "leave")).QuerySelector("#deviation .deviation"));
    }

    [Fact]
    public async Task No_deviation_is_reported_within_the_tolerance()
    {
        var id = await BrewAsync("fp-slow-eight");
        await SendAsync(id, Entry("start", 2, NowMs));
        app.Time.Advance(TimeSpan.FromSeconds(490));
        Assert.Null((await App.GetAsync(client, $"/brew/{id}")).QuerySelector("#deviation .deviation"));
    }

    /// <summary>A French press whose plunge is four minutes late.</summary>
    private async Task<(int Id, long Zero)> LateAsync()
    {
        var id = await BrewAsync("fp-slow-eight");
        var zero = NowMs;
        await SendAsync(id, Entry("start", 2, zero));
        await AtAsync(zero, 475 + 240);
        return (id, zero);
    }

    private async Task<IDocument> AnswerAsync(int id, IDocument page, string answer)
    {
        var form = page.QuerySelector("#deviation form[action$=Slip]")!;
        var fields = form.QuerySelectorAll("input[type=hidden]").Select(field => (field.GetAttribute("name")!, field.GetAttribute("value") ?? "")).Where(field => field.Item1 != "__RequestVerificationToken").Append(("answer", answer)).ToArray();
        return await App.ParseAsync(await App.PostAsync(client, page, $"/brew/{Text(id)}?handler=Slip", fields));
    }

    /// <summary>After the scale is tared again the display counts from there, and so do the weights the page asks for.</summary>
    [Fact]
    public void After_a_tare_the_grams_asked_for_are_those_on_the_display()
    {
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var forecast = ForecastModel.Published.Run(recipe with { Steps = [.. recipe.Steps[..4], new Step.Tare(), .. recipe.Steps[4..]] });
        var plan = Pages.Brewing.PagePlan.Of(forecast, new Wording.FigureFormat(Core.Reckoning.Units.Metric));
        Assert.Equal((0, 350), (Math.Round(plan.Steps[5].FromG!.Value), Math.Round(plan.Steps[5].ToG!.Value)));
    }

    private async Task<int> BrewAsync(string recipe, params (string Name, string Value)[] values)
    {
        var plan = await App.GetAsync(client, $"/plan/{recipe}");
        var answer = await App.PostAsync(client, plan, $"/plan/{recipe}?handler=Brew", values);
        answer.EnsureSuccessStatusCode();
        return int.Parse(answer.RequestMessage!.RequestUri!.AbsolutePath.Split('/')[^1], CultureInfo.InvariantCulture);
    }

    /// <summary>A finished brew: started, released late by a given time, with the expected signs seen in time.</summary>
    private async Task<int> FinishedAsync(string recipe, double lateS = 0)
    {
        var id = await BrewAsync(recipe);
        var forecast = ForecastModel.Published.Run((await BrewOf(id)).Recipe());
        var plan = ConductPlan.Of(forecast);
        var zero = NowMs;
        app.Time.Advance(TimeSpan.FromSeconds(forecast.Totals.FinishS + lateS + 300));
        var entries = new List<object> { Entry("start", plan.Anchor, zero) };
        foreach (var timing in forecast.Timings.Skip(plan.Anchor + 1))
        {
            if (plan.Steps[timing.Index].Release)
            {
                entries.Add(Entry(plan.Steps[timing.Index].Length > 0 ? "begun" : "done", timing.Index, zero + (1000 * (timing.StartS + lateS))));
            }

            if (plan.Steps[timing.Index].Ends == StepEnding.Sight)
            {
                entries.Add(Entry("done", timing.Index, zero + (1000 * (timing.EndS + lateS))));
            }
        }

        await SendAsync(id, [.. entries]);
        Assert.Equal(BrewState.Finished, (await BrewOf(id)).State);
        return id;
    }

    private Task AtAsync(long zero, double atS)
    {
        app.Time.Advance(TimeSpan.FromMilliseconds(Math.Max(0, zero + (long)Math.Ceiling(atS * 1000) - NowMs)));
        return Task.CompletedTask;
    }

    private static Sent Entry(string kind, int step, double? atMs, Guid? undoes = null) => new(Guid.NewGuid(), kind, step, atMs, undoes);

    private Task<HttpResponseMessage> PostAsync(int id, string json) =>
        client.PostAsync(new Uri($"/api/brews/{Text(id)}/entries", UriKind.Relative), new StringContent(json, Encoding.UTF8, "application/json"), TestContext.Current.CancellationToken);

    /// <summary>Sends entries, and returns the answer.</summary>
    private async Task<string?> SendAsync(int id, params object[] entries)
    {
        var answer = await PostAsync(id, JsonSerializer.Serialize(entries, JsonSerializerOptions.Web));
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        using var body = JsonDocument.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        return body.RootElement.GetProperty("message").GetString();
    }

    /// <summary>Presses a button of a page as a browser without scripts does.</summary>
    private async Task<IDocument> SayAsync(int id, IDocument page, string form)
    {
        var fields = page.QuerySelectorAll($"{form} input[type=hidden]").Select(field => (field.GetAttribute("name")!, field.GetAttribute("value") ?? "")).Where(field => field.Item1 != "__RequestVerificationToken").ToArray();
        var answer = await App.PostAsync(client, page, $"/brew/{Text(id)}?handler=Say", fields);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return await App.ParseAsync(answer);
    }

    private async Task<List<int>> UnderWayAsync()
    {
        using var body = JsonDocument.Parse(await client.GetStringAsync(new Uri("/api/under-way", UriKind.Relative), TestContext.Current.CancellationToken));
        return [.. body.RootElement.GetProperty("brews").EnumerateArray().Select(one => one.GetProperty("id").GetInt32())];
    }

    private Task<Brew> BrewOf(int id) => app.DataAsync(db => db.Brews.AsNoTracking().Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.Tastings).Include(row => row.Facts).Include(row => row.DeviationAnswers).FirstAsync(row => row.Id == id));

    private static Wording.StepWords Words(Recipe recipe, int index) => Wording.StepWording.Of(recipe, index, new Wording.FigureFormat(Core.Reckoning.Units.Metric));

    private static string Text(int number) => number.ToString(CultureInfo.InvariantCulture);

    private sealed record Sent(Guid Id, string Kind, int Step, double? AtMs, Guid? Undoes);
}
