using System.Text.Json.Nodes;
using static Cistern.Web.Tests.PlanPage;

namespace Cistern.Web.Tests;

/// <summary>Two brews planned together and tasted blind.</summary>
public sealed class PairTests : IClassFixture<App>
{
    private readonly App app;
    private readonly HttpClient client;

    public PairTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_pair_is_made_of_a_plan_changed_in_one_thing_and_brewed_with_a_staggered_start()
    {
        var plan = await App.GetAsync(client, "/plan/vd-water-first");
        var page = await App.ParseAsync(await App.PostAsync(client, plan, "/plan/vd-water-first?handler=Pair", ("job", Guid.NewGuid().ToString())));
        var path = page.QuerySelector("[action*='handler=Brew']")!.GetAttribute("action")!.Split('?')[0];
        Assert.Contains("Nothing differs yet.", page.QuerySelector("#one-thing")!.TextContent, StringComparison.Ordinal);
        var b = page.QuerySelector("#one-thing a")!.GetAttribute("href")!;
        // A is saved and can no longer change; B is open and compared with it.
        var sheet = await ChangeAsync(client, await App.GetAsync(client, b), ("kettle", "88"));
        Assert.Equal(b, sheet.QuerySelector("#plan")!.GetAttribute("action"));
        page = await App.GetAsync(client, path);
        Assert.Contains("One thing differs: the temperature.", page.QuerySelector("#one-thing")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("One person can do both.", page.QuerySelector("#when")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("both can be tasted", page.QuerySelector("#tasted")!.TextContent, StringComparison.Ordinal);
        page = await App.ParseAsync(await App.PostAsync(client, page, path + "?handler=Stagger", ("stagger", "0:00")));
        Assert.Contains("it takes two people", page.QuerySelector("#when")!.TextContent, StringComparison.Ordinal);
        var refused = await App.PostAsync(client, page, path + "?handler=Stagger", ("stagger", "later"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.Equal("later", (await App.ParseAsync(refused)).QuerySelector("#stagger")!.GetAttribute("value"));
        page = await App.ParseAsync(await App.PostAsync(client, page, path + "?handler=Stagger", ("stagger", "1:30")));
        Assert.Contains("B starts 1:30 after A.", page.QuerySelector("#when")!.TextContent, StringComparison.Ordinal);

        // B belongs to its pair, and is not listed as an unfinished plan.
        Assert.DoesNotContain((await App.GetAsync(client, "/plan")).QuerySelectorAll("#not-kept + .rows a"), link => link.GetAttribute("href") == b);
        var wantedMs = app.Time.GetUtcNow().AddHours(1).ToUnixTimeMilliseconds();
        await app.DataAsync(db => db.Plans.Where(stored => stored.Id == Id(b)).ExecuteUpdateAsync(set => set.SetProperty(stored => stored.WantedAtMs, wantedMs), Ct));

        // Pressed twice it is brewed once.
        var key = ("job", Guid.NewGuid().ToString());
        await App.PostAsync(client, page, path + "?handler=Brew", key);
        page = await App.ParseAsync(await App.PostAsync(client, page, path + "?handler=Brew", key));
        var brews = page.QuerySelectorAll(".pair-brews a").Select(link => link.GetAttribute("href")!).ToList();
        Assert.Equal(2, brews.Count);
        Assert.Contains("starts 1:30 after A", page.QuerySelector(".pair-brews")!.TextContent, StringComparison.Ordinal);
        var (firstId, secondId) = (Id(brews[0]), Id(brews[1]));
        // The wanted cup is being brewed, and no reminder for it is shown any more.
        Assert.Null(await app.DataAsync(db => db.Plans.Where(stored => stored.Id == Id(b)).Select(stored => stored.WantedAtMs).SingleAsync(Ct)));
        // Of two brews opened at the same moment the log lists A before B.
        var opened = await app.DataAsync(db => db.Brews.Where(brew => brew.Id == firstId || brew.Id == secondId).OrderBy(brew => brew.OpenedAtMs).Select(brew => new { brew.Id, brew.OpenedAtMs }).ToListAsync(Ct));
        Assert.Equal((firstId, opened[0].OpenedAtMs + 1), (opened[0].Id, opened[1].OpenedAtMs));
        // The same holds when two devices saw it unbrewed and both pressed.
        var spare = await app.DataAsync(db => db.Brews.AsNoTracking().FirstAsync(brew => brew.State == BrewState.Finished, Ct));
        spare.Id = 0;
        Assert.False(await app.DataAsync(db => new BrewStart(db, new PlanRows(db, new IdempotencyStore(db, app.Time), app.Time)).BrewPairAsync(Id(path), (spare, spare), "", new PlanRequest(Guid.NewGuid(), null), Ct)));
        Assert.Equal(2, await app.DataAsync(db => db.Brews.CountAsync(brew => brew.State == BrewState.Running, Ct)));
        Assert.Contains("starts 1:30 after A", (await App.GetAsync(client, brews[1])).QuerySelector("#starts-in")!.TextContent, StringComparison.Ordinal);
        Assert.Null((await App.GetAsync(client, brews[0])).QuerySelector("#pair-note"));
        Assert.StartsWith("B of a pair: temperature 97 °C → 88 °C", await app.DataAsync(db => db.Brews.Where(brew => brew.Id == secondId).Select(brew => brew.Why).SingleAsync(Ct)), StringComparison.Ordinal);

        // When A starts, every page learns when B has to start.
        Assert.Null(await StartsAsync(secondId));
        await StartAsync(firstId);
        var startedMs = await app.DataAsync(db => db.Brews.Where(brew => brew.Id == firstId).Select(brew => brew.StartedAtMs).SingleAsync(Ct));
        Assert.Equal(startedMs + 90_000, await StartsAsync(secondId));
        Assert.Null(await StartsAsync(firstId));
        await StartAsync(secondId);
        Assert.Null(await StartsAsync(secondId));
        // What was set for B is saved with it and can no longer be changed.
        await App.PostAsync(client, page, path + "?handler=Stagger", ("stagger", "3:00"));
        Assert.Equal(90, await app.DataAsync(db => db.Pairs.Where(pair => pair.SecondBrewId == secondId).Select(pair => pair.StaggerS).SingleAsync(Ct)));
        Assert.NotNull(await app.DataAsync(db => db.Plans.Where(stored => stored.Id == Id(b)).Select(stored => stored.SavedAtMs).SingleAsync(Ct)));
        await app.DataAsync(db => db.Brews.Where(brew => brew.State == BrewState.Running).ExecuteUpdateAsync(set => set.SetProperty(brew => brew.State, BrewState.Abandoned), Ct));
    }

    [Fact]
    public async Task Two_things_changed_are_said_and_an_overflowing_pair_is_not_brewed()
    {
        var pairs = await App.GetAsync(client, "/pairs");
        var page = await App.ParseAsync(await App.PostAsync(client, pairs, "/pairs", ("plan", "fp-bloomed"), ("job", Guid.NewGuid().ToString())));
        var path = page.QuerySelector("[action*='handler=Brew']")!.GetAttribute("action")!.Split('?')[0];
        var b = page.QuerySelector("#one-thing a")!.GetAttribute("href")!;
        var sheet = await ChangeAsync(client, await App.GetAsync(client, b), ("kettle", "90"));
        await ChangeAsync(client, sheet, ("dose", "75"));
        page = await App.GetAsync(client, path);
        Assert.Contains("2 things differ: the dose, the temperature. So you cannot tell which of them made the difference.", page.QuerySelector("#one-thing")!.TextContent, StringComparison.Ordinal);
        Assert.StartsWith("B:", page.QuerySelector(".finding.stops")!.TextContent.Trim(), StringComparison.Ordinal);
        Assert.True(page.QuerySelector("[action*='handler=Brew'] button")!.HasAttribute("disabled"));
        var before = await app.DataAsync(db => db.Brews.CountAsync(Ct));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, path + "?handler=Brew")).StatusCode);
        Assert.Equal(before, await app.DataAsync(db => db.Brews.CountAsync(Ct)));
        Assert.Contains((await App.GetAsync(client, "/pairs")).QuerySelectorAll(".rows a"), link => link.GetAttribute("href") == path);
    }

    [Theory]
    [InlineData("/pair/999999")]
    [InlineData("/blind/999999")]
    [InlineData("/blind/999999/answer")]
    public async Task What_is_not_there_is_said(string path) => await App.GetAsync(client, path, 404);

    [Fact]
    public async Task The_demo_has_a_pair_that_was_tasted_blind_by_all_four()
    {
        var page = await App.GetAsync(client, "/pair/1");
        Assert.Contains("One thing differs: the grind.", page.QuerySelector("#one-thing")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("One person can do both.", page.QuerySelector("#when")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull(page.QuerySelector(".plan-do a[href^='/blind']"));
        var tasted = await App.GetAsync(client, "/blind/1");
        Assert.Contains("3 of 4 found it.", tasted.QuerySelector("#said")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(["yes", "yes", "no", "yes"], tasted.QuerySelectorAll("#tasters tbody tr").Select(row => row.QuerySelectorAll("td")[2].TextContent));
    }

    [Theory]
    [InlineData("triangle", "2 of 3 found it.")]
    [InlineData("two-out-of-five", "2 of 3 found it.")]
    [InlineData("preference", "2 of 3 preferred A.")]
    public async Task Cups_are_dealt_answered_on_other_devices_and_revealed(string kind, string says)
    {
        var form = await App.GetAsync(client, "/blind?a=8&b=19");
        var page = await App.ParseAsync(await App.PostAsync(client, form, "/blind", ("kind", kind), ("tasters", "4"), ("a", "8"), ("b", "19"), ("what", "grind"), ("job", Guid.NewGuid().ToString())));
        var path = page.QuerySelector("#answers")!.GetAttribute("hx-get")!.Split('?')[0];
        var session = await app.DataAsync(db => db.BlindSessions.AsNoTracking().SingleAsync(row => row.Id == Id(path), Ct));
        Assert.Equal((8, 19, 4), (session.FirstBrewId, session.SecondBrewId, session.Tasters));
        var dealt = BlindTasting.Serve(session.Kind, 4, session.Seed);
        // The key is on a page of its own, and names each cup.
        Assert.False(page.QuerySelector("details")!.HasAttribute("open"));
        Assert.Equal(dealt[0].Select(cup => $"{cup.Code} {(cup.First ? "A" : "B")}"), page.QuerySelectorAll("#key tbody td")[0].TextContent.Split("   "));

        var taster = app.Browser();
        var seats = await App.GetAsync(taster, path + "/answer");
        Assert.Equal(4, seats.QuerySelectorAll(".seat").Length);
        for (var i = 0; i < 3; i++)
        {
            var at = $"{path}/answer?taster={i + 1}";
            var mine = await App.GetAsync(taster, at);
            // Nothing on it says which is which.
            Assert.Equal(dealt[i].Select(cup => cup.Code.ToString(CultureInfo.InvariantCulture)), mine.QuerySelectorAll(".cup-code").Select(cup => cup.TextContent));
            Assert.DoesNotContain("Bloomed and broken", mine.Body!.TextContent, StringComparison.Ordinal);
            var empty = await App.PostAsync(taster, mine, at, ("note", "dry"));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, empty.StatusCode);
            Assert.Equal("dry", (await App.ParseAsync(empty)).QuerySelector("#note")!.TextContent);
            var asked = BlindTasting.Asked(session.Kind, dealt[i]).ToList();
            var named = i == 1 ? [.. asked.Skip(1), dealt[i].Except(asked).First()] : asked;
            var kept = await App.ParseAsync(await App.PostAsync(taster, mine, at, [.. named.Select(cup => ("picked", cup.Code.ToString(CultureInfo.InvariantCulture))), ("note", "sharper"), ("called", "Teo")]));
            Assert.Contains("Kept: ", kept.QuerySelector("main [role=status]")!.TextContent, StringComparison.Ordinal);
        }

        // Another taster who opens that page is not shown the answers; the cup of another taster is refused.
        var peeked = await App.GetAsync(taster, path + "/answer?taster=1");
        Assert.Empty(peeked.QuerySelectorAll(".cup-code input[checked]"));
        var foreign = dealt[1].Select(cup => cup.Code).Except(dealt[0].Select(cup => cup.Code)).First();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(taster, peeked, path + "/answer?taster=1", ("picked", foreign.ToString(CultureInfo.InvariantCulture)))).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await App.PostAsync(taster, peeked, path + "/answer?taster=5", ("picked", "100"))).StatusCode);

        page = await App.GetAsync(client, path);
        Assert.Contains("3 of 4 have answered", page.QuerySelector("#answers h2")!.TextContent, StringComparison.Ordinal);
        Assert.Null(page.QuerySelector("#said"));
        page = await App.ParseAsync(await App.PostAsync(client, page, path + "?handler=Reveal"));
        Assert.Contains("One taster has not answered.", page.QuerySelector(".reveal")!.TextContent, StringComparison.Ordinal);
        page = await App.ParseAsync(await App.PostAsync(client, page, path + "?handler=Reveal", ("anyway", "1")));
        Assert.Contains(says, page.QuerySelector("#said")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(3, page.QuerySelectorAll("#tasters .words").Count(cell => cell.TextContent == "sharper"));
        Assert.Contains("Bloomed and broken", page.QuerySelector("#answers")!.TextContent, StringComparison.Ordinal);

        // An answer after the revealing is not accepted.
        var late = BlindTasting.Asked(session.Kind, dealt[3]).Select(cup => ("picked", cup.Code.ToString(CultureInfo.InvariantCulture))).ToArray();
        await App.PostAsync(taster, peeked, path + "/answer?taster=4", late);
        Assert.Equal(3, await app.DataAsync(db => db.BlindAnswers.CountAsync(answer => answer.SessionId == session.Id, Ct)));
        Assert.Contains("It has been revealed.", (await App.GetAsync(taster, path + "/answer?taster=4")).Body!.TextContent, StringComparison.Ordinal);
        var asksAgain = await client.GetAsync(new Uri(path + "?handler=Answers", UriKind.Relative), Ct);
        Assert.Equal("true", asksAgain.Headers.GetValues("HX-Refresh").Single());
    }

    [Theory]
    [InlineData("tasters", "101", "tasters")]
    [InlineData("tasters", "some", "tasters")]
    [InlineData("b", "8", "b")]
    [InlineData("what", "bell \a", "what")]
    public async Task What_no_blind_tasting_can_be_is_shown_at_its_field(string field, string typed, string at)
    {
        var form = await App.GetAsync(client, "/blind?a=8");
        var values = new Dictionary<string, string>(StringComparer.Ordinal) { ["kind"] = "triangle", ["tasters"] = "4", ["a"] = "8", ["b"] = "19", ["what"] = "", [field] = typed };
        var answer = await App.PostAsync(client, form, "/blind", [.. values.Select(pair => (pair.Key, pair.Value))]);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.ParseAsync(answer);
        Assert.True(page.QuerySelector($"#{at}-problem") is not null || page.QuerySelector($"#{at}")!.ParentElement!.ParentElement!.QuerySelector(".problem") is not null);
    }

    [Theory]
    [InlineData("triangle", 12, 8, "They can be told apart. By guessing, this many or more would be right in 1.9 of 100 such tastings. It takes 8 of 12.")]
    [InlineData("triangle", 12, 7, "This does not show that they can be told apart. They may still differ. By guessing, this many or more would be right in 6.6 of 100 such tastings.")]
    [InlineData("two-out-of-five", 8, 8, "less than 1 of 100,000")]
    [InlineData("preference", 20, 5, "B is preferred. If nobody could tell them apart, so uneven a choice would happen in 4.1 of 100 such tastings. It takes 15 of 20 for one of them.")]
    [InlineData("preference", 4, 4, "4 tasters are too few to say anything.")]
    public async Task What_was_counted_on_paper_says_the_same(string kind, int tasters, int right, string says) =>
        Assert.Contains(says, (await App.GetAsync(client, $"/blind?kind={kind}&of={tasters}&right={right}")).QuerySelector("#said")!.TextContent, StringComparison.Ordinal);

    [Theory]
    [InlineData("kind=nonsense&of=101&right=1", "of-problem")]
    [InlineData("kind=triangle&of=-3&right=1", "of-problem")]
    [InlineData("kind=triangle&of=6&right=7", "right-problem")]
    [InlineData("kind=triangle&of=6&right=half", "right-problem")]
    public async Task What_cannot_be_counted_is_shown_at_its_field(string query, string problem) => Assert.NotNull((await App.GetAsync(client, $"/blind?{query}")).QuerySelector($"#{problem}"));

    private async Task<long?> StartsAsync(int brewId)
    {
        var told = JsonNode.Parse(await client.GetStringAsync(new Uri("/api/under-way", UriKind.Relative), Ct))!["brews"]!.AsArray();
        return (long?)told.Single(brew => (int)brew!["id"]! == brewId)!["startsAtMs"];
    }

    private async Task StartAsync(int brewId)
    {
        var page = await App.GetAsync(client, $"/brew/{brewId}");
        var step = page.QuerySelector("#start-form [name=step]")!.GetAttribute("value")!;
        await App.PostAsync(client, page, $"/brew/{brewId}?handler=Say", ("entry", Guid.NewGuid().ToString()), ("kind", "start"), ("step", step));
    }

    private static int Id(string path) => int.Parse(path[(path.LastIndexOf('/') + 1)..], CultureInfo.InvariantCulture);
}
