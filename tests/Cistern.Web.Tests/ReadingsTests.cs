using System.Text;
using System.Text.Json;

namespace Cistern.Web.Tests;

/// <summary>Readings of instruments arrive, are stored, are sent to the pages, and are exported.</summary>
public sealed class ReadingsTests : IClassFixture<App>
{
    private readonly App app;
    private readonly HttpClient client;

    public ReadingsTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    private long NowMs => app.Time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>Otherwise every page that is closed would be an error in the log.</summary>
    [Fact]
    public async Task A_viewer_who_leaves_ends_only_the_stream()
    {
        var reader = new LiveReadings().Of(1);
        using var leaves = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        var seen = new List<long>();
        var looking = Task.Run(
            async () =>
            {
                await foreach (var moment in reader.WatchAsync(leaves.Token))
                {
                    seen.Add(moment.AtMs);
                    await leaves.CancelAsync();
                }
            },
            TestContext.Current.CancellationToken);
        while (!reader.IsWatched)
        {
            await Task.Delay(5, TestContext.Current.CancellationToken);
        }

        reader.Publish(new LiveMoment(7, new Dictionary<string, double>(), null, Changed: false));
        await looking.WaitAsync(TimeSpan.FromSeconds(20), TestContext.Current.CancellationToken);
        Assert.Equal([7], seen);
        Assert.False(reader.IsWatched);
    }

    [Fact]
    public async Task Readings_are_stored_once_in_any_order_and_exported_as_they_came()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        var at = NowMs;
        Assert.Equal((3, 0), await TakenAsync(await SendAsync(id, token, Line("scaleG", at - 2000, 1.5), Line("scaleG", at, 20.5), Line("scaleG", at - 1000, 10))));
        Assert.Equal((1, 2), await TakenAsync(await SendAsync(id, token, Line("scaleG", at - 1000, 10), Line("scaleG", at, 20.5), Line("slurryC", at, 91.4))));
        var csv = await client.GetStringAsync(new Uri($"/api/brews/{id}/readings.csv", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Equal(["of,atS,value,unit", "scaleG,1.5,g", "scaleG,10,g", "scaleG,20.5,g", "slurryC,91.4,°C"], csv.Trim().Split('\n').Select((line, i) => i == 0 ? line : string.Join(',', line.Split(',').Where((_, column) => column != 1))));
        // And a restarted server has them: nothing of them is in memory only.
        Assert.Equal(4, await app.DataAsync(async db => (await db.Readings.Where(chunk => chunk.BrewId == id).ToListAsync()).Sum(chunk => Curve.Unpack(chunk.Of, chunk.Packed).Points.Length)));
    }

    [Theory]
    [InlineData("{\"of\":\"scaleG\",\"value\":1e309}")]
    [InlineData("{\"of\":\"scaleG\",\"value\":NaN}")]
    [InlineData("{\"of\":\"scaleG\",\"value\":1000000}")]
    [InlineData("{\"of\":\"scaleG\",\"atMs\":5,\"value\":1}")]
    [InlineData("")]
    public async Task An_impossible_reading_is_refused_and_nothing_is_lost(string odd)
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        await SendAsync(id, token, Line("scaleG", NowMs, 7));
        var answer = await SendAsync(id, token, odd);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        using var body = JsonDocument.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        Assert.NotEmpty(body.RootElement.GetProperty("findings")[0].GetProperty("remedy").GetString()!);
        Assert.Equal(1, await app.DataAsync(db => db.Readings.CountAsync(chunk => chunk.BrewId == id)));
    }

    [Fact]
    public async Task Another_token_is_refused_and_no_brew_takes_any_before_it_was_asked_for_one()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        var other = await BrewAsync("fp-bloomed");
        Assert.Equal(HttpStatusCode.Unauthorized, (await SendAsync(other, token, Line("scaleG", NowMs, 7))).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await SendAsync(other, "", Line("scaleG", NowMs, 7))).StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await SendAsync(id, token[1..], Line("scaleG", NowMs, 7))).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await SendAsync(999_999, token, Line("scaleG", NowMs, 7))).StatusCode);
        Assert.Equal(0, await app.DataAsync(db => db.Readings.CountAsync(chunk => chunk.BrewId == other || chunk.BrewId == id)));
    }

    /// <summary>A gateway of twenty lines sends what its language makes of a text.</summary>
    [Theory]
    [InlineData("text/plain")]
    [InlineData("application/octet-stream")]
    public async Task The_content_type_of_readings_does_not_matter(string type)
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/brews/{id}/readings") { Content = new StringContent(Line("scaleG", NowMs, 7), Encoding.UTF8, type) };
        request.Headers.TryAddWithoutValidation("Authorization", $"Bearer {token}");
        Assert.Equal((1, 0), await TakenAsync(await client.SendAsync(request, TestContext.Current.CancellationToken)));
    }

    [Fact]
    public async Task Too_much_at_once_and_too_often_is_refused()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, (await SendAsync(id, token, new string(' ', 140_000))).StatusCode);
        app.Time.Advance(TimeSpan.FromSeconds(2));
        var answers = new List<HttpStatusCode>();
        for (var i = 0; i < 27; i++)
        {
            answers.Add((await SendAsync(id, token, Line("scaleG", NowMs, 7))).StatusCode);
        }

        Assert.Equal(25, answers.Count(status => status == HttpStatusCode.OK));
        Assert.Equal(HttpStatusCode.TooManyRequests, answers[^1]);
        app.Time.Advance(TimeSpan.FromSeconds(2));
        Assert.Equal(HttpStatusCode.OK, (await SendAsync(id, token, Line("scaleG", NowMs, 7))).StatusCode);
    }

    [Fact]
    public async Task A_detected_step_moves_the_brew_on_is_stored_as_detected_and_is_not_repeated_after_an_undo()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        await EntryAsync(id, "start", 2);
        var zeroMs = NowMs;
        await PlayAsync(id, token, "fp-bloomed", Hands.Steady with { PouredOverG = 25 }, zeroMs, 75);
        var brew = await BrewOf(id);
        Assert.Equal(["Done 2", "Begun 4", "Done 4"], brew.Entries.Where(row => row.Seen).Select(row => $"{row.Kind} {row.Step}"));
        Assert.All(brew.Entries.Where(row => row.Seen), row => Assert.Equal("the instruments", row.By));
        var weighed = brew.Weighings.Single(one => one.StepIndex == 4);
        Assert.True(weighed.Seen);
        Assert.Equal(430, weighed.TotalG, 4.0);
        var seen = brew.Entries.Last(row => row.Seen);
        await EntryAsync(id, "undo", 4, seen.EntryId);
        await SendAsync(id, token, Line("scaleG", NowMs, 457));
        app.Time.Advance(TimeSpan.FromSeconds(1));
        await SendAsync(id, token, Line("scaleG", NowMs, 457));
        Assert.Equal(3, (await BrewOf(id)).Entries.Count(row => row.Seen));
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.Contains("Poured 25 g over", page.QuerySelector("#deviation")!.TextContent, StringComparison.Ordinal);
    }

    /// <summary>The last pieces of a scale may come so close together that only the first is evaluated at once; no later piece triggers the rest.</summary>
    [Fact]
    public async Task The_last_reading_is_analysed_though_none_follows()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        await EntryAsync(id, "start", 2);
        var zeroMs = NowMs;
        app.Time.Advance(TimeSpan.FromSeconds(12));
        var bench = new SimulatedInstruments(SimulatedBrew.Of(ForecastModel.Published.Run(RecipeLibrary.All.Single(one => one.Id == "fp-bloomed")), Hands.Steady, 5), 5);
        var lines = bench.Read(bench.BeginS, 11, s => zeroMs + (1000 * s)).Where(reading => reading.Of == ReadingOf.ScaleG).Select(reading => Line("scaleG", reading.AtMs, reading.Value)).ToList();
        // The clock stands still between the two: the second comes too early.
        await SendAsync(id, token, [.. lines.Take(20)]);
        await SendAsync(id, token, [.. lines.Skip(20)]);
        Assert.DoesNotContain((await BrewOf(id)).Entries, row => row.Seen);
        app.Time.Advance(TimeSpan.FromSeconds(1));
        await app.UntilAsync(async () => (await BrewOf(id)).Entries.Exists(row => row.Seen));
        Assert.Contains((await BrewOf(id)).Entries, row => row is { Seen: true, Kind: EntryKind.Done, Step: 2 });
    }

    /// <summary>Whatever a scale can show: the brew goes on, and its page is shown.</summary>
    [Fact]
    public async Task A_scale_gone_wild_breaks_neither_the_brew_nor_its_page()
    {
        var (id, token) = await GatewayAsync("vd-coffee-first");
        await EntryAsync(id, "start", 3);
        var chance = new Random(3);
        for (var piece = 0; piece < 12; piece++)
        {
            app.Time.Advance(TimeSpan.FromSeconds(20));
            var lines = Enumerable.Range(0, 60).Select(i => Line("scaleG", NowMs - (chance.Next(90) * 220), chance.Next(3) == 0 ? chance.Next(-20_000, 20_000) : chance.Next(400))).ToArray();
            Assert.Equal(HttpStatusCode.OK, (await SendAsync(id, token, lines)).StatusCode);
        }

        Assert.NotNull((await App.GetAsync(client, $"/brew/{id}")).QuerySelector("svg.chart"));
    }

    [Fact]
    public async Task A_weight_that_was_typed_stands_whatever_is_seen()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        await EntryAsync(id, "start", 2);
        var zeroMs = NowMs;
        await app.DataAsync(async db =>
        {
            db.Weighings.Add(new Weighing { BrewId = id, StepIndex = 2, TotalG = 61 });
            return await db.SaveChangesAsync();
        });
        await PlayAsync(id, token, "fp-bloomed", Hands.Steady, zeroMs, 30);
        Assert.Equal(61, (await BrewOf(id)).Weighings.Single(one => one.StepIndex == 2).TotalG);
    }

    [Fact]
    public async Task The_clock_starts_with_the_first_of_the_water_where_that_was_wished()
    {
        var (id, token) = await GatewayAsync("fp-bloomed", itself: true);
        var zeroMs = NowMs + 25_000;
        await PlayAsync(id, token, "fp-bloomed", Hands.Steady, zeroMs, 20);
        var brew = await BrewOf(id);
        Assert.Equal(zeroMs, brew.StartedAtMs!.Value, 800.0);
        Assert.True(brew.Entries.Single(row => row.Kind == EntryKind.Start).Seen);
    }

    [Fact]
    public async Task What_a_refractometer_reads_of_a_brew_that_is_done_stands_ready_where_it_is_tasted()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        await EntryAsync(id, "start", 2);
        await app.DataAsync(db => db.Brews.Where(row => row.Id == id).ExecuteUpdateAsync(set => set.SetProperty(row => row.State, BrewState.Finished).SetProperty(row => row.EndedAtMs, NowMs)));
        Assert.Equal((2, 0), await TakenAsync(await SendAsync(id, token, Line("tdsPercent", NowMs - 9_000, 1.31), Line("tdsPercent", NowMs, 1.27))));
        Assert.Equal("1.27", (await App.GetAsync(client, $"/taste/{id}")).QuerySelector("[name=reading]")!.GetAttribute("value"));
    }

    [Fact]
    public async Task Readings_of_a_finished_brew_are_refused()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        await app.DataAsync(db => db.Brews.Where(row => row.Id == id).ExecuteUpdateAsync(set => set.SetProperty(row => row.State, BrewState.Finished)));
        Assert.Equal(HttpStatusCode.Conflict, (await SendAsync(id, token, Line("scaleG", NowMs, 7))).StatusCode);
    }

    [Fact]
    public async Task When_a_brew_is_over_its_readings_are_merged_unchanged()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        for (var i = 0; i < 12; i++)
        {
            app.Time.Advance(TimeSpan.FromSeconds(1));
            await SendAsync(id, token, Line("scaleG", NowMs - 500, i), Line("scaleG", NowMs, i + 0.5));
        }

        async Task<string> CsvAsync() => await client.GetStringAsync(new Uri($"/api/brews/{id}/readings.csv", UriKind.Relative), TestContext.Current.CancellationToken);
        var before = await CsvAsync();
        await app.DataAsync(db => db.Brews.Where(row => row.Id == id).ExecuteUpdateAsync(set => set.SetProperty(row => row.State, BrewState.Finished)));
        await app.UntilAsync(async () => await app.DataAsync(db => db.Readings.CountAsync(chunk => chunk.BrewId == id)) <= 1);
        Assert.Equal(1, await app.DataAsync(db => db.Readings.CountAsync(chunk => chunk.BrewId == id)));
        Assert.Equal(before, await CsvAsync());
    }

    [Fact]
    public async Task Live_readings_are_sent_as_they_come()
    {
        var (id, token) = await GatewayAsync("fp-bloomed");
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        stop.CancelAfter(TimeSpan.FromSeconds(20));
        using var answer = await client.GetAsync(new Uri($"/api/brews/{id}/live", UriKind.Relative), HttpCompletionOption.ResponseHeadersRead, stop.Token);
        Assert.Equal("text/event-stream", answer.Content.Headers.ContentType!.MediaType);
        using var reader = new StreamReader(await answer.Content.ReadAsStreamAsync(stop.Token));
        var told = Task.Run(async () =>
        {
            while (await reader.ReadLineAsync(stop.Token) is { } line)
            {
                if (line.StartsWith("data:", StringComparison.Ordinal) && line.Contains("scaleG", StringComparison.Ordinal))
                {
                    return line;
                }
            }

            return "";
        }, stop.Token);
        while (!told.IsCompleted)
        {
            app.Time.Advance(TimeSpan.FromMilliseconds(400));
            await SendAsync(id, token, Line("scaleG", NowMs, 123.4));
            await Task.Delay(50, stop.Token);
        }

        Assert.Contains("\"scaleG\":123.4", await told, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_rehearsal_goes_at_its_speed_takes_nothing_off_the_bag_and_stands_in_no_log()
    {
        var bag = await app.DataAsync(db => db.Bags.FirstAsync(row => row.RemovedAtMs == null && row.LeftG > 100));
        var id = await BrewAsync("fp-bloomed");
        await app.DataAsync(db => db.Brews.Where(row => row.Id == id).ExecuteUpdateAsync(set => set.SetProperty(row => row.BagId, bag.Id)));
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.Equal(HttpStatusCode.OK, (await App.PostAsync(client, page, $"/brew/{id}?handler=Bench", ("bench", "rehearse"), ("hands", "steady"), ("speed", "20"))).StatusCode);
        var before = NowMs;
        await EntryAsync(id, "start", 2);
        app.Time.Advance(TimeSpan.FromSeconds(3));
        var shown = await App.GetAsync(client, $"/brew/{id}");
        Assert.Contains("Rehearsal, 20 times as fast", shown.QuerySelector(".brew-head")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("1:00", shown.QuerySelector("#clock-time")!.TextContent);
        Assert.Equal(bag.LeftG, (await app.DataAsync(db => db.Bags.FirstAsync(row => row.Id == bag.Id))).LeftG);
        await app.DataAsync(db => db.Brews.Where(row => row.Id == id).ExecuteUpdateAsync(set => set.SetProperty(row => row.State, BrewState.Finished).SetProperty(row => row.EndedAtMs, before)));
        Assert.DoesNotContain($"/log/{id}\"", (await App.GetAsync(client, "/log")).DocumentElement.OuterHtml, StringComparison.Ordinal);
        Assert.Null((await App.GetAsync(client, "/")).QuerySelector($"a[href='/taste/{id}']"));
        Assert.Contains("Not in the log", (await App.GetAsync(client, $"/brew/{id}/after")).QuerySelector(".plan-head")!.TextContent, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("on", "three", "4")]
    [InlineData("rehearse", "steady", "0")]
    [InlineData("rehearse", "steady", "61")]
    [InlineData("rehearse", "steady", "fast")]
    public async Task Hands_and_speeds_there_are_not_are_refused_in_words(string bench, string hands, string speed)
    {
        var id = await BrewAsync("fp-bloomed");
        var page = await App.GetAsync(client, $"/brew/{id}");
        var answer = await App.PostAsync(client, page, $"/brew/{id}?handler=Bench", ("bench", bench), ("hands", hands), ("speed", speed));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("a speed from 1 to 60", (await App.ParseAsync(answer)).QuerySelector("#brew-problem")!.TextContent, StringComparison.Ordinal);
        Assert.False((await BrewOf(id)).Rehearsal);
    }

    [Fact]
    public async Task A_brew_whose_clock_runs_is_made_no_rehearsal()
    {
        var id = await BrewAsync("fp-bloomed");
        await EntryAsync(id, "start", 2);
        var page = await App.GetAsync(client, $"/brew/{id}");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, $"/brew/{id}?handler=Bench", ("bench", "rehearse"), ("hands", "steady"), ("speed", "4"))).StatusCode);
        Assert.False((await BrewOf(id)).Rehearsal);
    }

    private static string Line(string of, double atMs, double value) => string.Create(CultureInfo.InvariantCulture, $"{{\"of\":\"{of}\",\"atMs\":{atMs:0},\"value\":{value}}}");

    private static async Task<(int Kept, int Dropped)> TakenAsync(HttpResponseMessage answer)
    {
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        using var body = JsonDocument.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        return (body.RootElement.GetProperty("kept").GetInt32(), body.RootElement.GetProperty("dropped").GetInt32());
    }

    /// <summary>Plays simulated instruments up to a time on the brew clock, a second at a time, as a gateway would.</summary>
    private async Task PlayAsync(int id, string token, string recipe, Hands hands, long zeroMs, double toS)
    {
        var plan = ForecastModel.Published.Run(RecipeLibrary.All.Single(one => one.Id == recipe));
        var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, hands, 5), 5);
        for (var atS = bench.BeginS; atS < toS; atS++)
        {
            if (zeroMs + (1000 * (atS + 1)) > NowMs)
            {
                app.Time.SetUtcNow(DateTimeOffset.FromUnixTimeMilliseconds(zeroMs + (long)(1000 * (atS + 1))));
            }

            var lines = bench.Read(atS, atS + 1, s => zeroMs + (1000 * s)).Where(reading => reading.Of == ReadingOf.ScaleG).Select(reading => Line("scaleG", reading.AtMs, reading.Value)).ToArray();
            Assert.Equal(HttpStatusCode.OK, (await SendAsync(id, token, lines)).StatusCode);
            // Pieces from before now cannot be told apart by the clock.
            app.Time.Advance(TimeSpan.FromMilliseconds(zeroMs + (1000 * (atS + 1)) > NowMs ? 0 : 45));
        }
    }

    private async Task<HttpResponseMessage> SendAsync(int id, string token, params string[] lines)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/brews/{id}/readings") { Content = new StringContent(string.Join('\n', lines), Encoding.UTF8, "application/jsonl") };
        request.Headers.TryAddWithoutValidation("Authorization", $"Bearer {token}");
        return await client.SendAsync(request, TestContext.Current.CancellationToken);
    }

    private async Task<(int Id, string Token)> GatewayAsync(string recipe, bool itself = false)
    {
        var id = await BrewAsync(recipe);
        var page = await App.GetAsync(client, $"/brew/{id}");
        await App.PostAsync(client, page, $"/brew/{id}?handler=Gateway", ("itself", itself ? "yes" : ""));
        return (id, (await BrewOf(id)).ReadingToken!);
    }

    private async Task<int> BrewAsync(string recipe)
    {
        var page = await App.GetAsync(client, $"/plan/{recipe}");
        var answer = await App.PostAsync(client, page, $"/plan/{recipe}?handler=Brew", ("job", Guid.NewGuid().ToString()));
        return int.Parse(answer.RequestMessage!.RequestUri!.Segments[^1], CultureInfo.InvariantCulture);
    }

    private async Task EntryAsync(int id, string kind, int step, Guid? undoes = null)
    {
        var body = JsonSerializer.Serialize(new[] { new { id = Guid.NewGuid(), kind, step, atMs = (double?)null, undoes } });
        using var content = new StringContent(body, Encoding.UTF8, "application/json");
        Assert.Equal(HttpStatusCode.OK, (await client.PostAsync(new Uri($"/api/brews/{id}/entries", UriKind.Relative), content, TestContext.Current.CancellationToken)).StatusCode);
    }

    private Task<Brew> BrewOf(int id) => app.DataAsync(db => db.Brews.Include(row => row.Entries).Include(row => row.Weighings).AsSplitQuery().FirstAsync(row => row.Id == id));
}
