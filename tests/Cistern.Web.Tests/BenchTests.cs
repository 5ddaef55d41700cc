namespace Cistern.Web.Tests;

/// <summary>What the start page suggests before it lists; and its words for somebody who goes by taste.</summary>
public sealed class BenchTests
{
    private static readonly CancellationToken Ct = TestContext.Current.CancellationToken;

    private static async Task<string> NextAsync(App app) => (await App.GetAsync(app.Browser(), "/")).QuerySelector("#do-next")?.TextContent ?? "";

    [Fact]
    public async Task The_first_page_offers_the_untasted_cup_then_the_next_plan_then_the_usual()
    {
        await using var app = new App();
        // Nothing decided and nothing untasted lately: three mornings with one recipe make it the usual.
        var nowMs = app.Time.GetUtcNow().ToUnixTimeMilliseconds();
        var me = await app.DataAsync(async db =>
        {
            await db.Plans.Where(plan => plan.FromBrewId != null).ExecuteUpdateAsync(set => set.SetProperty(plan => plan.SavedAtMs, (long?)null), Ct);
            await db.Plans.ExecuteUpdateAsync(set => set.SetProperty(plan => plan.WantedAtMs, (long?)null), Ct);
            return await db.Baristas.OrderBy(one => one.Id).Select(one => one.Id).FirstAsync(Ct);
        });
        async Task MoveAsync(int id, double daysAgo, bool tasted) => await app.DataAsync(async db =>
        {
            var brew = await db.Brews.Include(row => row.Tastings).FirstAsync(row => row.Id == id, Ct);
            (brew.OpenedAtMs, brew.BaristaId, brew.RecipeId) = (nowMs - (long)(daysAgo * 86_400_000), me, "fp-bloomed");
            if (!tasted)
            {
                brew.Tastings.Clear();
            }

            return await db.SaveChangesAsync(Ct);
        });
        foreach (var (id, days) in new[] { (5, 1.02), (6, 2.0), (7, 2.98) })
        {
            await MoveAsync(id, days, tasted: true);
        }

        Assert.Contains("your usual at this hour", await NextAsync(app), StringComparison.Ordinal);
        // Two brews on one morning count as one day, and a brew of the evening does not count as morning.
        await MoveAsync(7, 2.5, tasted: true);
        Assert.DoesNotContain("your usual", await NextAsync(app), StringComparison.Ordinal);

        await MoveAsync(8, 0.02, tasted: false);
        var taste = await NextAsync(app);
        Assert.Contains("Taste", taste, StringComparison.Ordinal);
        Assert.Contains("not tasted yet", taste, StringComparison.Ordinal);
        // Said once: the notice below it is gone.
        Assert.Single((await App.GetAsync(app.Browser(), "/")).QuerySelectorAll("a[href='/taste/8']"));
    }

    [Fact]
    public async Task Taste_first_shows_words_first_and_figures_at_a_touch()
    {
        await using var app = new App();
        var client = app.Browser();
        Assert.Null((await App.GetAsync(client, "/plan/fp-bloomed")).QuerySelector("#plan-comes details.figures-behind"));
        await App.PostAsync(client, await App.GetAsync(client, "/you"), "/you?handler=AtHand", ("has", "scale"), ("has", "thermometer"), ("has", "mill"), ("tells", "words"));
        var plan = await App.GetAsync(client, "/plan/fp-bloomed");
        Assert.StartsWith("Should taste", plan.QuerySelector("#plan-comes .by-taste")!.TextContent, StringComparison.Ordinal);
        var behind = plan.QuerySelector("#plan-comes details.figures-behind")!;
        Assert.False(behind.HasAttribute("open"));
        Assert.Contains("TDS", behind.TextContent, StringComparison.Ordinal);
        // Neither beside the name, nor below the words, nor among the changes.
        Assert.DoesNotContain("TDS", plan.QuerySelector(".plan-verdict")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull(behind.QuerySelector("#cup"));
        Assert.NotNull(behind.QuerySelector("#balance"));
        var next = await App.GetAsync(client, "/next/19");
        Assert.Equal(next.QuerySelectorAll(".change").Length, next.QuerySelectorAll(".change details.figures-behind:not([open]) table").Length);
        Assert.DoesNotContain("TDS", (await App.GetAsync(client, "/plan")).QuerySelector(".card-figures")!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain("TDS", (await App.GetAsync(client, (await PlanPage.BrewAsync(client, plan)).RequestMessage!.RequestUri!.AbsolutePath)).QuerySelector(".picture, #picture")!.TextContent, StringComparison.Ordinal);
        Assert.Null((await App.GetAsync(client, "/taste/8")).QuerySelector("#forecast"));
        Assert.DoesNotContain("TDS", (await App.GetAsync(client, "/log")).QuerySelector(".row-verdict")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull((await App.GetAsync(client, "/log/7")).QuerySelector("details.figures-behind table"));
        Assert.NotNull((await App.GetAsync(client, "/brew/7/after")).QuerySelector("details.figures-behind table"));
        // Another form of the same page leaves it unchanged.
        await App.PostAsync(client, await App.GetAsync(client, "/you"), "/you?handler=AtHand", ("has", "scale"), ("has", "thermometer"), ("has", "mill"));
        Assert.True(await app.DataAsync(db => db.Baristas.AnyAsync(one => one.ByTaste, Ct)));
    }

    [Fact]
    public async Task Help_is_reached_from_where_the_question_arises()
    {
        await using var app = new App();
        var client = app.Browser();
        var help = await App.GetAsync(client, "/help");
        foreach (var (page, topic) in new[] { ("/plan/fp-bloomed", "chart"), ("/plan/fp-bloomed", "grind"), ("/plan/fp-bloomed", "strength"), ("/log/7", "chart"), ("/taste/7", "tasting"), ("/next/19", "dialling-in"), ("/log", "log"), ("/devices", "phones"), ("/files", "copies") })
        {
            Assert.NotNull((await App.GetAsync(client, page)).QuerySelector($"a[href='/help#{topic}']"));
            Assert.NotNull(help.QuerySelector($"#{topic}.help-topic"));
        }
    }
}
