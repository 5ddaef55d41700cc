using AngleSharp.Dom;

namespace Cistern.Web.Tests;

/// <summary>What somebody types is saved as typed or refused; what somebody else did meanwhile stays.</summary>
public sealed class TypedTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task A_stale_shelf_form_changes_only_what_was_changed_in_it()
    {
        var client = app.Browser();
        var id = await app.DataAsync(db => db.Bags.Where(bag => bag.Name == "Night Barge").Select(bag => bag.Id).SingleAsync());
        var stale = await App.GetAsync(client, $"/shelf/coffee/{id}");
        // Meanwhile it is brewed, and somebody opens it.
        await app.DataAsync(db => db.Bags.Where(bag => bag.Id == id).ExecuteUpdateAsync(set => set.SetProperty(bag => bag.LeftG, 1_118.4).SetProperty(bag => bag.TastesOf, "treacle, fig")));
        var form = Fields(stale);
        form["origin"] = "a blend of two";
        await App.PostAsync(client, stale, $"/shelf/coffee/{id}", [.. form.Select(pair => (pair.Key, pair.Value))]);
        var bag = await app.DataAsync(db => db.Bags.SingleAsync(row => row.Id == id));
        Assert.Equal(("a blend of two", 1_118.4, "treacle, fig"), (bag.Origin, bag.LeftG, bag.TastesOf));
    }

    [Fact]
    public async Task A_stale_form_that_is_refused_still_knows_what_it_had_shown()
    {
        var client = app.Browser();
        var id = await app.DataAsync(db => db.Bags.Where(bag => bag.Name == "Blue Ferry").Select(bag => bag.Id).SingleAsync());
        var stale = await App.GetAsync(client, $"/shelf/coffee/{id}");
        var form = Fields(stale);
        form["roast"] = "9";
        var refused = await App.ParseAsync(await App.PostAsync(client, stale, $"/shelf/coffee/{id}", [.. form.Select(pair => (pair.Key, pair.Value))]));
        Assert.NotNull(refused.GetElementById("roast-problem"));
        await app.DataAsync(db => db.Bags.Where(bag => bag.Id == id).ExecuteUpdateAsync(set => set.SetProperty(bag => bag.LeftG, 77.7)));
        form = Fields(refused);
        form["roast"] = "0.3";
        await App.PostAsync(client, refused, $"/shelf/coffee/{id}", [.. form.Select(pair => (pair.Key, pair.Value))]);
        var bag = await app.DataAsync(db => db.Bags.SingleAsync(row => row.Id == id));
        Assert.Equal((0.3, 77.7), (bag.Roast, bag.LeftG));
    }

    [Fact]
    public async Task Equipment_added_twice_by_one_form_is_added_once()
    {
        var client = app.Browser();
        var form = await App.GetAsync(client, "/shelf/spoon/new");
        (string, string)[] values = [.. Fields(form).Where(pair => pair.Key != "name").Select(pair => (pair.Key, pair.Value)), ("name", "A spoon pressed twice")];
        Assert.All(await Task.WhenAll(App.PostAsync(client, form, "/shelf/spoon/new", values), App.PostAsync(client, form, "/shelf/spoon/new", values)), answer => Assert.Equal(HttpStatusCode.OK, answer.StatusCode));
        await App.PostAsync(client, form, "/shelf/spoon/new", values);
        Assert.Equal(1, await app.DataAsync(db => db.Spoons.CountAsync(spoon => spoon.Name == "A spoon pressed twice")));
    }

    [Fact]
    public async Task Two_concurrent_first_rows_break_nothing()
    {
        var client = app.Browser();
        var you = await App.GetAsync(client, "/you");
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => App.PostAsync(client, you, "/you?handler=New", ("name", "Tam"))));
        Assert.All(answers, answer => Assert.True(answer.StatusCode is HttpStatusCode.OK or HttpStatusCode.UnprocessableEntity, answer.StatusCode.ToString()));
        Assert.Equal(1, await app.DataAsync(db => db.Baristas.CountAsync(row => row.Name == "Tam")));

        var brew = await app.DataAsync(db => db.Brews.Where(row => row.State == BrewState.Finished && row.Tastings.Count == 0).OrderBy(row => row.Id).Select(row => row.Id).FirstAsync());
        var taste = await App.GetAsync(client, $"/taste/{brew}");
        var tasted = await Task.WhenAll(Enumerable.Range(0, 6).Select(i => App.PostAsync(client, taste, $"/taste/{brew}", ("placed", "1"), ("sharp-harsh", "1"), ("thin-heavy", "0"), ("score", Text(i)), ("note", ""), ("reading", ""))));
        Assert.All(tasted, answer => Assert.Equal(HttpStatusCode.OK, answer.StatusCode));
        Assert.Equal(1, await app.DataAsync(db => db.Tastings.CountAsync(row => row.BrewId == brew)));

        var entry = await App.GetAsync(client, $"/log/{brew}");
        var pour = entry.QuerySelector("[name^=weight-]")!.GetAttribute("name")!;
        var weighed = await Task.WhenAll(Enumerable.Range(0, 6).Select(i => App.PostAsync(client, entry, $"/log/{brew}?handler=Weights", (pour, Text(200 + i)))));
        Assert.All(weighed, answer => Assert.Equal(HttpStatusCode.OK, answer.StatusCode));
        var step = int.Parse(pour["weight-".Length..], CultureInfo.InvariantCulture);
        Assert.Equal(1, await app.DataAsync(db => db.Weighings.CountAsync(row => row.BrewId == brew && row.StepIndex == step)));
    }

    /// <summary>A browser counts the end of a line as one character and sends it as two.</summary>
    [Fact]
    public async Task A_note_of_just_as_many_letters_as_the_browser_lets_in_is_kept_whole()
    {
        var client = app.Browser();
        var lines = string.Join('\n', Enumerable.Repeat("123456789", 200)); // 1,999 with its line ends
        var page = await App.GetAsync(client, "/log/1");
        await App.PostAsync(client, page, "/log/1?handler=Note", ("note", lines.Replace("\n", "\r\n", StringComparison.Ordinal)));
        Assert.Equal(lines, await app.DataAsync(db => db.Notes.Where(note => note.BrewId == 1).OrderByDescending(note => note.Id).Select(note => note.Text).FirstAsync()));
    }

    [Theory]
    [InlineData("/log/1?handler=Note", "note", 2_001, "note")]
    [InlineData("/you?handler=New", "name", 61, "name")]
    public async Task What_is_too_long_is_said_and_kept_in_the_form_not_cut(string path, string field, int length, string id)
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, path.Split('?')[0]);
        var text = new string('x', length);
        var answer = await App.PostAsync(client, page, path, (field, text));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var refused = await App.ParseAsync(answer);
        Assert.Contains($"this has {length}", refused.GetElementById(id + "-problem")!.TextContent, StringComparison.Ordinal);
        var kept = refused.GetElementById(id)!;
        Assert.Equal(text, kept.LocalName == "textarea" ? kept.TextContent : kept.GetAttribute("value"));
    }

    [Theory]
    [InlineData("bell \u0007")]
    [InlineData("turned \u202e round")]
    [InlineData("two\nlines")]
    public async Task A_control_character_in_a_name_is_refused_everywhere(string name)
    {
        var client = app.Browser();
        foreach (var kind in (string[])["coffee", "mill", "vessel", "server", "kettle", "water", "place", "spoon", "filter"])
        {
            var form = await App.GetAsync(client, $"/shelf/{kind}/new");
            var answer = await App.PostAsync(client, form, $"/shelf/{kind}/new", [.. Fields(form).Where(pair => pair.Key != "name").Select(pair => (pair.Key, pair.Value)), ("name", name)]);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
            Assert.Contains("control character", (await App.ParseAsync(answer)).GetElementById("name-problem")!.TextContent, StringComparison.Ordinal);
        }

        var you = await App.GetAsync(client, "/you");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, you, "/you?handler=New", ("name", name))).StatusCode);
        var plan = await App.GetAsync(client, "/plan/fp-bloomed");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, plan, "/plan/fp-bloomed?handler=Keep", ("keep.name", name), ("keep.why", ""))).StatusCode);
    }

    /// <summary>1, 3, 5, …: the values in between are not settings of it.</summary>
    [Theory]
    [InlineData(1, 2, 60, 26, 200, 5)]
    [InlineData(1, 2, 60, 26, 220, 7)]
    [InlineData(0.5, 1, 100, 50, 199, 1.5)]
    [InlineData(0, 1, 60, 26, 580, 20)]
    [InlineData(1, 2, 60, 26, 9_000, 39)]
    public void A_grinder_counts_its_steps_from_its_least(double least, double step, double zero, double per, double um, double setting)
    {
        var grinder = new Grinder { Name = "Odd mill", Least = least, Most = 40, Step = step, UmAtZero = zero, UmPerSetting = per, Spread = 0.4 };
        Assert.Equal(setting, grinder.SettingFor(um), 1e-9);
    }

    private static string Text(int value) => value.ToString(CultureInfo.InvariantCulture);

    private static Dictionary<string, string> Fields(IDocument page) => page.QuerySelectorAll("main input[name], main select[name], main textarea[name]")
        .Where(field => field.GetAttribute("name") != "__RequestVerificationToken")
        .ToDictionary(field => field.GetAttribute("name")!, field => field.GetAttribute("value") ?? field.QuerySelector("option[selected]")?.GetAttribute("value") ?? (field.LocalName == "select" ? field.QuerySelector("option")!.GetAttribute("value")! : field.TextContent), StringComparer.Ordinal);
}
