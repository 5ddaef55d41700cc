using System.Text.Json;
using AngleSharp.Dom;
using static Cistern.Web.Tests.PlanPage;

namespace Cistern.Web.Tests;

/// <summary>Faults of the plan page that were reported once, each as a barista met it.</summary>
public sealed class PlanFaultTests : IClassFixture<App>
{
    private readonly App app;
    private readonly HttpClient client;

    public PlanFaultTests(App app)
    {
        this.app = app;
        client = app.Browser();
    }

    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_step_time_that_was_mistyped_pushes_nothing_and_offers_to()
    {
        var page = await App.GetAsync(client, "/plan/fp-bloomed");
        var swirl = Steps(page).FindIndex(step => step.Contains("Swirl", StringComparison.Ordinal));
        var stood = Steps(page);
        page = await ChangeAsync(client, await ChangeAsync(client, page, ("do", $"open:{swirl}")), ("s.at", "9:00"));
        // Nothing was changed; what was typed is still in its field, with the finding beside it.
        Assert.Equal(stood, Steps(page));
        Assert.Equal("9:00", page.QuerySelector("#s\\.at")!.GetAttribute("value"));
        Assert.Contains("Pour is at 0:40, and would be delayed.", page.QuerySelector("#s\\.at-problem")!.TextContent, StringComparison.Ordinal);
        var offer = page.QuerySelector("#answer button")!;
        Assert.Equal("Move everything after it too", offer.TextContent);
        var moved = await ChangeAsync(client, page, ("do", offer.GetAttribute("value")!));
        Assert.Contains(Steps(moved), step => step.StartsWith("9:00", StringComparison.Ordinal) && step.Contains("Swirl", StringComparison.Ordinal));
        Assert.Contains(Steps(moved), step => step.StartsWith("9:3", StringComparison.Ordinal) && step.Contains("Pour", StringComparison.Ordinal));
        // Going back restores.
        var back = await ChangeAsync(client, moved, ("do", "undo"));
        Assert.Equal(stood, Steps(back));
        // Up to the next step a time can simply be set.
        page = await ChangeAsync(client, await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("do", $"open:{swirl}")), ("s.at", "0:20"));
        Assert.Contains(Steps(page), step => step.StartsWith("0:20", StringComparison.Ordinal) && step.Contains("Swirl", StringComparison.Ordinal));
        Assert.Null(page.QuerySelector("#answer"));
    }

    [Theory]
    [InlineData("dose", "4 heaped tablespoons", "37.2")]
    [InlineData("dose", "five spoons", "31.0")]
    [InlineData("dose", "two scoops of coffee", "24.8")]
    [InlineData("dose", "half an inch of coffee", "36.0")]
    [InlineData("water", "to the 500 mark", "467")]
    public async Task Amounts_are_typed_in_spoons_and_by_marks(string field, string typed, string stands)
    {
        var page = await App.GetAsync(client, "/plan/fp-bloomed");
        page = await ChangeAsync(client, page, ("spoon", Option(page, "spoon", "house tablespoon, 6.2 g")));
        page = await ChangeAsync(client, page, ("dose", "20"));
        page = await ChangeAsync(client, page, (field, typed));
        Assert.Equal(stands, Value(page, field));
    }

    [Fact]
    public async Task A_card_and_a_code_show_the_same_own_gear_as_the_plan()
    {
        var page = await App.GetAsync(client, "/plan/fp-bloomed");
        Assert.NotNull(page.QuerySelector("#own-gear"));
        var grind = page.QuerySelector("#grind")!.GetAttribute("value")!;
        var dose = Value(page, "dose");
        var card = (await App.GetAsync(client, "/plan/fp-bloomed/card")).QuerySelector(".card-charge")!.TextContent;
        Assert.Contains(grind, card, StringComparison.Ordinal);
        Assert.Contains($"{dose} g", card, StringComparison.Ordinal);
        var um = card[(card.LastIndexOf('(') + 1)..card.LastIndexOf(" µm", StringComparison.Ordinal)];
        var code = (await App.GetAsync(client, "/files/code?plan=fp-bloomed")).QuerySelector("#code-text")!;
        var back = CodeText.Read(code.GetAttribute("value") ?? code.TextContent);
        using var file = JsonDocument.Parse(back.Json!);
        Assert.Equal(um, Math.Round(file.RootElement.GetProperty("grind").GetProperty("medianUm").GetDouble()).ToString("0", CultureInfo.InvariantCulture));
    }

    /// <summary>The last brew of that family by that barista counts while it is in the log; of two bags of its coffee the one roasted last.</summary>
    [Fact]
    public async Task The_gear_of_the_last_brew_that_stands_is_taken_and_the_newest_bag_of_its_coffee()
    {
        await using var own = new App();
        var browser = own.Browser();
        var first = await own.DataAsync(db => db.LogRows.Where(row => row.Barista == "Imre" && row.Family == "french-press" && row.Stands).OrderByDescending(row => row.OpenedAtMs).FirstAsync(Ct));
        var before = await own.DataAsync(db => db.LogRows.Where(row => row.Family == "french-press" && row.Stands && row.BrewId != first.BrewId).FirstAsync(Ct));
        await own.DataAsync(db => db.LogRows.Where(row => row.BrewId == before.BrewId).ExecuteUpdateAsync(
            set => set.SetProperty(row => row.Coffee, "Kestrel Terrace").SetProperty(row => row.Barista, "Imre").SetProperty(row => row.OpenedAtMs, first.OpenedAtMs - 1), Ct));
        Assert.NotEqual("Kestrel Terrace", first.Coffee);
        Assert.Equal(first.Coffee, await BagAsync());
        // Deleted, the one before it counts; restored, it counts again.
        await DeleteAsync(first.BrewId, away: true);
        Assert.Equal("Kestrel Terrace", await BagAsync());
        await DeleteAsync(first.BrewId, away: false);
        Assert.Equal(first.Coffee, await BagAsync());
        // Brews of another barista count for that barista.
        await own.DataAsync(db => db.LogRows.Where(row => row.BrewId == first.BrewId).ExecuteUpdateAsync(set => set.SetProperty(row => row.Barista, "Somebody else"), Ct));
        Assert.Equal("Kestrel Terrace", await BagAsync());

        var old = await own.DataAsync(db => db.Bags.SingleAsync(bag => bag.Name == "Kestrel Terrace", Ct));
        var newer = await own.DataAsync(async db =>
        {
            db.Bags.Add(new Cistern.Data.Shelf.Bag { Name = old.Name, Roast = old.Roast, RoastedOn = old.RoastedOn.AddDays(9), LeftG = 250 });
            db.Bags.Add(new Cistern.Data.Shelf.Bag { Name = old.Name, Roast = old.Roast, RoastedOn = old.RoastedOn.AddDays(-9), LeftG = 250 });
            await db.SaveChangesAsync(Ct);
            return await db.Bags.Where(bag => bag.Name == old.Name).OrderByDescending(bag => bag.RoastedOn).Select(bag => bag.Id).FirstAsync(Ct);
        });
        Assert.Equal(newer.ToString(CultureInfo.InvariantCulture), (await App.GetAsync(browser, "/plan/fp-bloomed")).QuerySelector("#bag option[selected]")!.GetAttribute("value"));

        async Task<string> BagAsync() => (await App.GetAsync(browser, "/plan/fp-bloomed")).QuerySelector("#bag option[selected]")!.TextContent;

        Task<int> DeleteAsync(int id, bool away) => own.DataAsync(async db =>
        {
            var brew = await db.Brews.SingleAsync(row => row.Id == id, Ct);
            brew.DeletedAtMs = away ? 1 : null;
            return await db.SaveChangesAsync(Ct);
        });
    }

    [Fact]
    public async Task Room_is_shown_in_fluid_ounces_where_drinks_are()
    {
        await using var own = new App();
        var browser = own.Browser();
        var you = await App.GetAsync(browser, "/you");
        await App.PostAsync(browser, you, "/you?handler=Units", ("dose", "g"), ("mass", "g"), ("temperature", "c"), ("volume", "floz"), ("cup", "180"));
        var page = await App.GetAsync(browser, "/plan/fp-slow-eight");
        var fullest = page.QuerySelectorAll(".figures div").Single(one => one.TextContent.Contains("Fullest", StringComparison.Ordinal)).TextContent;
        Assert.Contains("of 33.8 fl oz, foam counted", fullest, StringComparison.Ordinal);
        Assert.EndsWith("fl oz", fullest.Trim(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_altitude_and_a_bag_are_read_as_the_page_writes_them()
    {
        var shelf = await App.GetAsync(client, "/shelf");
        var place = shelf.QuerySelectorAll("#place .row").Single(row => row.TextContent.Contains("High Hut", StringComparison.Ordinal));
        Assert.Contains("2,340 m", place.TextContent, StringComparison.Ordinal);
        var id = place.Id!.Split('-')[1];
        var form = await App.GetAsync(client, $"/shelf/place/{id}");
        await App.PostAsync(client, form, $"/shelf/place/{id}", [.. Values(form, "altitude", "2,350")]);
        Assert.Equal(2_350, await app.DataAsync(db => db.Places.Where(row => row.Name == "High Hut").Select(row => row.AltitudeM).SingleAsync(Ct)));
        var bag = await app.DataAsync(db => db.Bags.Where(row => row.Name == "Night Barge").Select(row => row.Id).SingleAsync(Ct));
        form = await App.GetAsync(client, $"/shelf/coffee/{bag}");
        await App.PostAsync(client, form, $"/shelf/coffee/{bag}", [.. Values(form, "left", "1,120")]);
        Assert.Equal(1_120, await app.DataAsync(db => db.Bags.Where(row => row.Id == bag).Select(row => row.LeftG).SingleAsync(Ct)));
        // An ambiguous value is asked about, and stays as it was typed.
        var refused = await App.ParseAsync(await App.PostAsync(client, form, $"/shelf/coffee/{bag}", [.. Values(form, "left", "1.120")]));
        Assert.Contains("That could be 1120 or 1.12.", refused.QuerySelector("#left-problem")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("1.120", refused.QuerySelector("#left")!.GetAttribute("value"));
    }

    [Theory]
    [InlineData("fp-bloomed", "360")]
    [InlineData("fp-water-first", "540")]
    [InlineData("vd-coffee-first", "250")]
    [InlineData("ld-closed", "200")]
    [InlineData("tp-turned", "181")]
    public async Task A_drink_that_is_typed_stands(string recipe, string typed)
    {
        var page = await ChangeAsync(client, await App.GetAsync(client, $"/plan/{recipe}"), ("drink", typed));
        Assert.Equal(typed, Value(page, "drink"));
        Assert.Equal(typed, Value(await App.GetAsync(client, page.QuerySelector("#plan")!.GetAttribute("action")!), "drink"));
    }

    [Fact]
    public async Task An_unusual_ratio_is_reported_and_can_be_locked()
    {
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-water-first"), ("drink", "540"));
        page = await ChangeAsync(client, page, ("dose", "26"));
        Assert.Matches(@"The ratio is now 1:2\d\.\d, because drink and dose are held; for drinking straight 1:12 to 1:18 is usual\.", page.QuerySelector("#answer span")!.TextContent);
        var held = await ChangeAsync(client, page, ("do", page.QuerySelector("#answer button")!.GetAttribute("value")!));
        Assert.Equal(("16.0", "26.0"), (Value(held, "ratio"), Value(held, "dose")));
        // Locked, the ratio stays when the drink is typed; the dose follows.
        page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-water-first"), ("water", "400"));
        Assert.Equal("false", page.QuerySelector("#dose-lock")!.GetAttribute("aria-pressed"));
        page = await ChangeAsync(client, page, ("do", "lock:dose"));
        Assert.Equal("true", page.QuerySelector("#dose-lock")!.GetAttribute("aria-pressed"));
        var dose = Value(page, "dose");
        page = await ChangeAsync(client, page, ("ratio", "15"));
        Assert.Equal((dose, "15.0"), (Value(page, "dose"), Value(page, "ratio")));
    }

    [Fact]
    public async Task Ten_steps_at_once_go_ten_times_as_far()
    {
        var page = await App.GetAsync(client, "/plan/fp-bloomed");
        var dose = double.Parse(Value(page, "dose"), CultureInfo.InvariantCulture);
        page = await ChangeAsync(client, page, ("do", "dose+"), ("times", "10"));
        Assert.Equal(dose + 10, double.Parse(Value(page, "dose"), CultureInfo.InvariantCulture), 0.05);
        var kettle = double.Parse(Value(page, "kettle"), CultureInfo.InvariantCulture);
        page = await ChangeAsync(client, page, ("do", "kettle-"), ("times", "10"));
        Assert.Equal(kettle - 10, double.Parse(Value(page, "kettle"), CultureInfo.InvariantCulture), 0.05);
        // Nothing else is a number of steps.
        page = await ChangeAsync(client, page, ("do", "kettle-"), ("times", "1000"));
        Assert.Equal(kettle - 11, double.Parse(Value(page, "kettle"), CultureInfo.InvariantCulture), 0.05);
    }

    [Fact]
    public async Task A_hundred_recipes_that_were_taken_in_are_all_listed_and_found()
    {
        await using var own = new App();
        var browser = own.Browser();
        var recipe = RecipeLibrary.Find("ld-closed")!;
        var file = RecipeWriter.Write(Enumerable.Range(0, 100).Select(i => recipe with { Id = $"own-{i}", Name = $"Recipe {i} of 100 % ours" }));
        await ImportAsync(browser, await App.GetAsync(browser, "/plan"), file);
        var seen = new HashSet<string>(StringComparer.Ordinal);
        string? path = "/plan";
        while (path is not null)
        {
            var page = await App.GetAsync(browser, path);
            Assert.All(Own(page), name => Assert.True(seen.Add(name), name));
            path = page.QuerySelector("a[rel=next]")?.GetAttribute("href");
        }

        Assert.All(Enumerable.Range(0, 100), i => Assert.Contains($"Recipe {i} of 100 % ours", seen));
        Assert.Equal(["Recipe 77 of 100 % ours"], Own(await App.GetAsync(browser, "/plan?own=77+recipe")));
        // Wildcards of the file's search stand for themselves.
        Assert.Equal(30, Own(await App.GetAsync(browser, "/plan?own=100+%25")).Count);
        Assert.Empty(Own(await App.GetAsync(browser, "/plan?own=R_cipe")));
        Assert.Empty(Own(await App.GetAsync(browser, "/plan?own=nothing")));
        Assert.Empty(Own(await App.GetAsync(browser, "/plan?page=99")));
    }

    [Fact]
    public async Task What_was_changed_and_not_kept_is_found_again()
    {
        await using var own = new App();
        var browser = own.Browser();
        Assert.Null((await App.GetAsync(browser, "/plan")).QuerySelector("#not-kept"));
        var page = await ChangeAsync(browser, await App.GetAsync(browser, "/plan/si-whirl"), ("dose", "20"));
        var path = page.QuerySelector("#plan")!.GetAttribute("action")!;
        var listed = await App.GetAsync(browser, "/plan");
        Assert.Equal(path, listed.QuerySelector("#not-kept + .rows a")!.GetAttribute("href"));
        await SaveAsync(browser, page, "Smaller", "");
        Assert.Null((await App.GetAsync(browser, "/plan")).QuerySelector("#not-kept"));
    }

    [Fact]
    public async Task What_is_usual_is_usual_for_its_vessel()
    {
        await using var own = new App();
        var browser = own.Browser();
        var id = await own.DataAsync(db => db.Grinders.Where(grinder => grinder.Name == "Ferrule").Select(grinder => grinder.Id).SingleAsync(Ct));
        // A French press has its own value, a siphon's cloth has none that anybody stated, a paper has the paper's.
        var page = await ChangeAsync(browser, await App.GetAsync(browser, "/plan/fp-bloomed"), ("mill", $"{id}"));
        page = await ChangeAsync(browser, page, ("grind", "2 finer"));
        Assert.Equal("31", Value(page, "grind"));
        Assert.Contains("2 clicks finer than usual", page.QuerySelector("#plan-set")!.TextContent, StringComparison.Ordinal);
        page = await ChangeAsync(browser, page, ("grind", "usual"));
        Assert.Equal("33", Value(page, "grind"));
        page = await ChangeAsync(browser, await App.GetAsync(browser, "/plan/si-whirl"), ("mill", $"{id}"));
        Assert.DoesNotContain("usual", page.QuerySelector("#plan-set")!.TextContent.Replace("is usual", "", StringComparison.Ordinal), StringComparison.Ordinal);
        page = await ChangeAsync(browser, await ChangeAsync(browser, await App.GetAsync(browser, "/plan/vd-coffee-first"), ("mill", $"{id}")), ("grind", "usual"));
        Assert.Equal("20", Value(page, "grind"));
        // It can be set on the shelf, and an invalid value is refused there.
        var form = await App.GetAsync(browser, $"/shelf/mill/{id}");
        Assert.Contains("usual for the French press 33 clicks", (await App.GetAsync(browser, "/shelf")).QuerySelector("#mill")!.TextContent, StringComparison.Ordinal);
        var refused = await App.ParseAsync(await App.PostAsync(browser, form, $"/shelf/mill/{id}", [.. Values(form, "usuals", "teapot = 12")]));
        Assert.Contains("Each line is a kind of brewer", refused.QuerySelector("#usuals-problem")!.TextContent, StringComparison.Ordinal);
        await App.PostAsync(browser, form, $"/shelf/mill/{id}", [.. Values(form, "usuals", "Siphon = 19")]);
        page = await ChangeAsync(browser, await ChangeAsync(browser, await App.GetAsync(browser, "/plan/si-whirl"), ("mill", $"{id}")), ("grind", "usual"));
        Assert.Equal("19", Value(page, "grind"));
        // A grinder with notches shows notches.
        var hut = await own.DataAsync(db => db.Grinders.Where(grinder => grinder.Name == "Hut grinder").Select(grinder => grinder.Id).SingleAsync(Ct));
        Assert.Matches(@"\d+ notches \(", (await ChangeAsync(browser, page, ("mill", $"{hut}"))).QuerySelector("#plan-set")!.TextContent);
    }

    [Fact]
    public async Task Degrees_fahrenheit_are_marked_at_round_ones()
    {
        await using var own = new App();
        var browser = own.Browser();
        await own.DataAsync(db => db.Baristas.ExecuteUpdateAsync(set => set.SetProperty(barista => barista.Temperature, Cistern.Core.Reckoning.TemperatureUnit.Fahrenheit), Ct));
        var marks = (await App.GetAsync(browser, "/plan/fp-bloomed")).QuerySelectorAll("#plan-steps .chart-wide svg.chart")[0].QuerySelectorAll(".chart-tick").Select(tick => tick.TextContent).Where(text => text.EndsWith('°')).Select(text => int.Parse(text[..^1], CultureInfo.InvariantCulture)).ToList();
        Assert.True(marks.Count >= 2);
        Assert.All(marks, mark => Assert.Equal(0, mark % 20));
    }

    [Fact]
    public async Task A_brew_is_logged_with_the_coffee_its_family_is_brewed_with_and_the_bag_is_debited()
    {
        await using var own = new App();
        var browser = own.Browser();
        var page = await App.GetAsync(browser, "/plan/fp-bloomed");
        var last = await own.DataAsync(db => db.LogRows.Where(row => row.Barista == "Imre" && row.Family == "french-press" && row.Stands).OrderByDescending(row => row.OpenedAtMs).FirstAsync(Ct));
        Assert.Equal(last.Coffee, page.QuerySelector("#bag option[selected]")!.TextContent);
        Assert.Equal(last.Grinder, page.QuerySelector("#mill option[selected]")!.TextContent);
        Assert.StartsWith($"With {last.Coffee}, {last.Grinder}", page.QuerySelector("#own-gear")!.TextContent, StringComparison.Ordinal);
        // It was opened like this: nothing is shown as changed.
        Assert.Contains("Nothing yet", page.QuerySelector("#plan-steps")!.TextContent, StringComparison.Ordinal);

        Assert.Equal(HttpStatusCode.OK, (await BrewAsync(browser, page)).StatusCode);
        var brew = await own.DataAsync(db => db.Brews.OrderByDescending(row => row.Id).FirstAsync(Ct));
        Assert.Equal((last.Coffee, last.Grinder), (brew.CoffeeName, brew.GrinderName));
        Assert.NotNull(brew.BagId);

        var written = await ChangeAsync(browser, page, ("do", "as-written"));
        Assert.Empty(written.QuerySelectorAll("#bag option[selected], #mill option[selected], #vessel option[selected]"));
        Assert.Equal("980", Value(written, "grind"));
        Assert.Null(written.QuerySelector("#own-gear"));
    }

    [Fact]
    public async Task A_form_goes_on_with_the_gear_it_was_shown_with()
    {
        await using var own = new App();
        var browser = own.Browser();
        static string Bag(IDocument page) => page.QuerySelector("#bag option[selected]")!.TextContent;
        var page = await App.GetAsync(browser, "/plan/fp-bloomed");
        var other = Bag(page) == "Blue Ferry" ? "Kestrel Terrace" : "Blue Ferry";
        // Meanwhile another device brews a press with another coffee.
        await own.DataAsync(db => db.LogRows.Where(row => row.Barista == "Imre" && row.Family == "french-press").ExecuteUpdateAsync(set => set.SetProperty(row => row.Coffee, other), Ct));
        Assert.Equal(other, Bag(await App.GetAsync(browser, "/plan/fp-bloomed")));
        Assert.Equal(Bag(page), Bag(await ChangeAsync(browser, page, ("dose", "30"))));
    }

    [Fact]
    public async Task A_vessel_is_filled_to_a_mark_and_a_dose_that_cannot_be_true_is_shown_so()
    {
        await using var own = new App();
        var browser = own.Browser();
        var page = await App.GetAsync(browser, "/plan/fp-bloomed");
        Assert.Equal(["full", "to 250", "to 500", "to 750", "to 950"], page.QuerySelectorAll(".fill button").Select(button => button.TextContent.Trim()));
        var filled = await ChangeAsync(browser, page, ("do", "fill:750"));
        Assert.Matches("^7[45][0-9]$", filled.QuerySelectorAll("#plan-comes .figures div").Single(row => row.TextContent.Contains("Fullest", StringComparison.Ordinal)).QuerySelector(".figure")!.TextContent);
        Assert.Equal("15.0", Value(filled, "ratio"));

        var said = await ChangeAsync(browser, await ChangeAsync(browser, await ChangeAsync(browser, page, ("dose", "26")), ("ratio", "11")), ("drink", "350"));
        Assert.Matches(@"26\.0 g at 1:11\.0 is 286 g of water and some 2[23]\d ml of drink\. For 350 ml the dose is 3\d\.\d g now\.", said.QuerySelector("#answer")!.TextContent);
        var held = await ChangeAsync(browser, said, ("do", said.QuerySelector("#answer button")!.GetAttribute("value")!));
        Assert.Equal(("26.0", "11.0", "286"), (Value(held, "dose"), Value(held, "ratio"), Value(held, "water")));
    }

    [Fact]
    public async Task A_step_or_a_gesture_is_put_in_at_a_time_and_opens()
    {
        await using var own = new App();
        var browser = own.Browser();
        var page = await App.GetAsync(browser, "/plan/fp-long-settle");
        Assert.Matches(@"Wait, for 3:20 to 7:00: at the shortest 1\.3\d % TDS, \w+; at the longest 1\.4\d %, \w+\.", page.QuerySelector(".window-ends")!.TextContent);
        var stood = Steps(page);
        var put = await ChangeAsync(browser, page, ("put", "swirl"), ("put.at", "1:30"), ("do", "put"));
        var swirl = Steps(put).FindIndex(step => step.StartsWith("1:30 Swirl", StringComparison.Ordinal));
        Assert.True(swirl > 0);
        Assert.Equal(stood.Count + 1, Steps(put).Count);
        Assert.Equal("true", put.QuerySelector($"#step-{swirl}")!.GetAttribute("aria-expanded"));
        var bloom = await ChangeAsync(browser, page, ("put", "bloom"), ("do", "put"));
        Assert.Contains(Steps(bloom), step => step.StartsWith("0:00 Pour to 70 g", StringComparison.Ordinal));

        var iced = await ChangeAsync(browser, page, ("put", "ice"), ("do", "put"));
        Assert.Contains(Steps(iced), step => step.StartsWith("0:00 Ice 100 g, into the server", StringComparison.Ordinal));
        var cubes = await ChangeAsync(browser, iced, ("s.iceG", "8 cubes"));
        Assert.Contains(Steps(cubes), step => step.Contains("Ice 160 g", StringComparison.Ordinal));
        Assert.Contains("a glass full", (await ChangeAsync(browser, iced, ("s.iceG", "a bucket"))).QuerySelector("#step-fields, .step-form, main")!.TextContent, StringComparison.Ordinal);
        var tube = await App.GetAsync(browser, "/plan/tp-upright-short");
        var bloomed = await ChangeAsync(browser, tube, ("put", "bloom"), ("put.at", "0:30"), ("do", "put"));
        Assert.Equal("It blooms until 0:30.", bloomed.QuerySelector("#answer span")!.TextContent);
        Assert.Contains(Steps(bloomed), step => step.StartsWith("0:30 Pour", StringComparison.Ordinal));
        var broken = await ChangeAsync(browser, await App.GetAsync(browser, "/plan/fp-bloomed"), ("put", "break-skim-and-settle"), ("put.at", "2:00"), ("do", "put"));
        Assert.Contains("the earlier break was removed", broken.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
        var below = await ChangeAsync(browser, await App.GetAsync(browser, "/plan/vd-water-first"), ("put", "bloom"), ("do", "put"));
        Assert.Contains("the water goes in before the coffee", below.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);

        foreach (var (what, at, says) in new[] { ("", "1:30", "Choose what"), ("swirl", "", "Say when"), ("swirl", "soon", "not a time"), ("flip", "1:00", "cannot do that"), ("swirl-before-the-drain", "", "no place") })
        {
            var said = await ChangeAsync(browser, page, ("put", what), ("put.at", at), ("do", "put"));
            Assert.Contains(says, said.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
            Assert.Equal(stood, Steps(said));
        }
    }

    [Fact]
    public async Task A_change_that_cannot_be_met_says_why_and_its_remedy_works()
    {
        await using var own = new App();
        var browser = own.Browser();
        var whirl = await App.GetAsync(browser, "/plan/si-whirl");
        var early = await ChangeAsync(browser, whirl, ("release", "0:55"));
        Assert.Equal("0:55", Value(early, "release"));
        Assert.Equal(Steps(whirl), Steps(early));
        Assert.StartsWith("Stir for ", early.QuerySelector("#answer button")!.TextContent, StringComparison.Ordinal);
        var shorter = await ChangeAsync(browser, early, ("do", early.QuerySelector("#answer button")!.GetAttribute("value")!));
        Assert.Equal("0:55", Value(shorter, "release"));
        Assert.Contains(Steps(shorter), step => step.StartsWith("0:55 Take the flame away", StringComparison.Ordinal));

        var press = await App.GetAsync(browser, "/plan/tp-upright-short");
        var late = await ChangeAsync(browser, press, ("put", "stir"), ("put.at", "1:00"), ("do", "put"));
        Assert.Contains("The brewer is empty by then", late.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(Steps(press), Steps(late));
        var put = await ChangeAsync(browser, late, ("do", late.QuerySelector("#answer button")!.GetAttribute("value")!));
        Assert.Equal(Steps(press).Count + 1, Steps(put).Count);

        // A name that it already has changes nothing; micrometres are rounded to the grinder's own steps; a refusal lists the words.
        var jar = await ChangeAsync(browser, await App.GetAsync(browser, "/plan/jar-spoons"), ("mill", ""));
        foreach (var (said, text, says) in new[] { ("coarse", Value(jar, "grind"), "already"), ("370 microns", "370", (string?)null), ("twigs", "twigs", "medium-coarse") })
        {
            var ground = await ChangeAsync(browser, jar, ("grind", said));
            Assert.Equal(text, Value(ground, "grind"));
            Assert.True(says is null || ground.Body!.TextContent.Contains(says, StringComparison.Ordinal), said);
        }

        // If part of the drink has just run through, nothing had to wait, and nothing is said.
        var dripper = await App.GetAsync(browser, "/plan/vd-coffee-first");
        var within = await ChangeAsync(browser, dripper, ("put", "stir"), ("put.at", "3:40"), ("do", "put"));
        Assert.Null(within.QuerySelector("#answer"));
        Assert.Contains(Steps(within), step => step.StartsWith("3:", StringComparison.Ordinal) && step.Contains("Stir 3 turns", StringComparison.Ordinal));
        var sooner = await ChangeAsync(browser, dripper, ("put", "stir"), ("put.at", "0:05"), ("do", "put"));
        Assert.Equal("Put in at 0:24, not 0:05: “Pour” is not over sooner.", sooner.QuerySelector("#answer span")!.TextContent);
        var wet = await ChangeAsync(browser, dripper, ("put", "level-bed"), ("put.at", "2:00"), ("do", "put"));
        Assert.StartsWith("The coffee is wet by then: to level the bed, do it before the first water.", wet.QuerySelector("#answer span")!.TextContent, StringComparison.Ordinal);

        var minus = await ChangeAsync(browser, await App.GetAsync(browser, "/plan/vd-coffee-first"), ("put", "make-well"), ("put.at", "-0:05"), ("do", "put"));
        Assert.True(Steps(minus).FindIndex(step => step.Contains("Make a well", StringComparison.Ordinal)) < Steps(minus).FindIndex(step => step.Contains("Pour", StringComparison.Ordinal)));
    }

    /// <summary>Said once, and plan, card, brew and the running page use spoons, marks and seconds off the boil.</summary>
    [Fact]
    public async Task Without_scale_thermometer_and_grinder_everything_is_shown_by_what_is_at_hand()
    {
        await using var own = new App();
        var browser = own.Browser();
        var you = await App.GetAsync(browser, "/you");
        Assert.Equal(3, you.QuerySelectorAll("[name=has][checked]").Length);
        await App.PostAsync(browser, you, "/you?handler=AtHand");
        Assert.Empty((await App.GetAsync(browser, "/you")).QuerySelectorAll("[name=has][checked]"));

        var page = await App.GetAsync(browser, "/plan/jar-spoons");
        Assert.Null(page.QuerySelector("#mill option[selected]"));
        Assert.Contains(Steps(page), step => step.Contains("Add the coffee 4½ level house tablespoons", StringComparison.Ordinal));
        Assert.Contains(Steps(page), step => step.Contains("Pour until some 385 ml are in it, 18 s", StringComparison.Ordinal) || step.Contains(" mark, 18 s", StringComparison.Ordinal));
        Assert.StartsWith("the boil, then wait 0:", page.QuerySelector("#kettle-aside")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("salt", page.QuerySelector("#grind-aside")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("house tablespoon", page.QuerySelector("#part-rough")!.TextContent, StringComparison.Ordinal);
        Assert.Matches("Heat [0-9]+ ml of water to the boil, then wait 0:[0-9]{2} with the lid open", page.QuerySelector("#part-ready")!.TextContent);
        var card = (await App.GetAsync(browser, "/plan/jar-spoons/card")).QuerySelector(".card-sheet")!.TextContent;
        Assert.Contains("house tablespoon", card, StringComparison.Ordinal);
        Assert.DoesNotContain("scale ", card, StringComparison.Ordinal);

        var brewed = await BrewAsync(browser, page);
        Assert.Contains("house tablespoon", (await App.ParseAsync(brewed)).QuerySelector("#all-steps")!.TextContent, StringComparison.Ordinal);
        var id = brewed.RequestMessage!.RequestUri!.Segments[^1];
        await App.PostAsync(browser, await App.GetAsync(browser, $"/brew/{id}"), $"/brew/{id}?handler=Said", ("kind", "start"), ("step", "0"));
        var told = await browser.GetStringAsync(new Uri("/api/under-way", UriKind.Relative), Ct);
        Assert.Contains("house tablespoon", told, StringComparison.Ordinal);
        Assert.DoesNotContain("\"toG\":3", told, StringComparison.Ordinal);

        // With a scale again it is weighed again.
        await App.PostAsync(browser, you, "/you?handler=AtHand", ("has", "scale"));
        Assert.Contains(Steps(await App.GetAsync(browser, "/plan/jar-spoons")), step => step.Contains("Add the coffee 28.0 g", StringComparison.Ordinal));
    }

    /// <summary>Each in a barista's words, and the field shows how it was understood.</summary>
    [Theory]
    [InlineData("dose", "22 g", "22.0")]
    [InlineData("dose", "0.8 oz", "22.7")]
    [InlineData("water", "350 ml", "350")]
    [InlineData("water", "0.4 l", "400")]
    [InlineData("water", "2 cups", "360")]
    [InlineData("drink", "300 ml", "300")]
    [InlineData("drink", "10 oz", "296")]
    [InlineData("drink", "10 fl oz", "296")]
    [InlineData("drink", "2 cups", "360")]
    [InlineData("drink", "a mug", "300")]
    [InlineData("drink", "295 g", "300")]
    [InlineData("ratio", "1:15", "15.0")]
    [InlineData("ratio", "1/15", "15.0")]
    [InlineData("ratio", "1 to 15", "15.0")]
    [InlineData("ratio", "60 g/L", "16.7")]
    [InlineData("ratio", "60 g per litre", "16.7")]
    [InlineData("kettle", "200 F", "93")]
    [InlineData("kettle", "off the boil", "100")]
    [InlineData("kettle", "30 s off the boil", "96")]
    [InlineData("kettle", "2 min off the boil", "85")]
    [InlineData("release", "4 min", "4:00")]
    [InlineData("release", "270 s", "4:30")]
    [InlineData("grind", "table salt", "442")]
    [InlineData("grind", "700 µm", "700")]
    public async Task Amounts_and_times_are_typed_as_spoken(string field, string typed, string stands)
    {
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed?mill="), (field, typed));
        Assert.Null(page.QuerySelector($"#{field}-problem"));
        Assert.Equal(stands, Value(page, field));
        Assert.Equal(typed.Contains("cups", StringComparison.Ordinal) || typed == "a mug", page.QuerySelector("#answer")?.TextContent.Contains(typed == "a mug" ? "1 mug of 300 ml: " : "cups of 180 ml: ", StringComparison.Ordinal) == true);
        Assert.Equal(typed.Contains("salt", StringComparison.Ordinal), page.QuerySelector("#answer")?.TextContent.Contains("300 to 650 µm; taken as 442 µm. The word is disputed.", StringComparison.Ordinal) == true);
    }

    /// <summary>How a word was understood is shown beside its result.</summary>
    [Fact]
    public async Task Cups_are_shown_in_ml_also_where_the_ratio_goes_far()
    {
        var page = await ChangeAsync(client, await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("dose", "24")), ("drink", "3 cups"));
        Assert.Matches(@"^3 cups of 180 ml: 540 ml\. .+ The ratio is now 1:\d+\.\d", page.QuerySelector("#answer span")!.TextContent);
    }

    [Theory]
    [InlineData("two finer", "31")]
    [InlineData("a notch finer than usual", "32")]
    [InlineData("3 clicks coarser than usual", "36")]
    [InlineData("slightly finer", "32")]
    [InlineData("a couple coarser than now", "42")]
    [InlineData("as usual", "33")]
    [InlineData("sea salt", "40")]
    [InlineData("between sea salt and table salt", "23")]
    [InlineData("980 µm", "35")]
    [InlineData("38 clicks", "38")]
    [InlineData("a notch above 30", "31")]
    [InlineData("two below 20", "18")]
    [InlineData("between 20 and 22", "21")]
    public async Task A_grinder_is_set_as_it_is_said(string typed, string stands)
    {
        var id = await app.DataAsync(db => db.Grinders.Where(grinder => grinder.Name == "Ferrule").Select(grinder => grinder.Id).SingleAsync(Ct));
        var page = await ChangeAsync(client, await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("mill", $"{id}")), ("grind", "40"));
        page = await ChangeAsync(client, page, ("grind", typed));
        Assert.Null(page.QuerySelector("#grind-problem"));
        Assert.Equal(stands, Value(page, "grind"));
    }

    /// <summary>A collar with letters between its numbers, and one with whole clicks only.</summary>
    [Fact]
    public async Task Letters_of_a_collar_are_read_and_between_two_clicks_it_asks()
    {
        var (ferrule, counter) = await app.DataAsync(async db => (await db.Grinders.Where(grinder => grinder.Name == "Ferrule").Select(grinder => grinder.Id).SingleAsync(Ct), await db.Grinders.Where(grinder => grinder.Name == "Counter 64").Select(grinder => grinder.Id).SingleAsync(Ct)));
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("mill", $"{counter}"));
        page = await ChangeAsync(client, page, ("grind", "7C"));
        Assert.Equal("7.5", Value(page, "grind"));
        page = await ChangeAsync(client, page, ("grind", "6 1/4"));
        Assert.Equal("6.25", Value(page, "grind"));
        page = await ChangeAsync(client, page, ("mill", $"{ferrule}"));
        page = await ChangeAsync(client, page, ("grind", "30.5"));
        Assert.Equal("Ferrule goes by whole clicks: 30 or 31?", page.QuerySelector("#grind-problem")!.TextContent);
        Assert.Equal("30.5", Value(page, "grind"));
    }

    [Theory]
    [InlineData("kettle", "fridge", "5")]
    [InlineData("kettle", "room temperature", "21")]
    [InlineData("release", "12 hours", "12:00:00")]
    public async Task A_cold_steep_is_typed_as_it_is_said(string field, string typed, string stands)
    {
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/jar-spoons"), (field, typed));
        Assert.Null(page.QuerySelector($"#{field}-problem"));
        Assert.Equal(stands, Value(page, field));
        Assert.Equal(field == "kettle", page.QuerySelector("#cold") is not null);
    }

    /// <summary>On ice or brewed cold: no page waits for it to cool, and minutes of cold water are called what they are.</summary>
    [Fact]
    public async Task A_cold_drink_is_never_left_to_cool()
    {
        var cold = await ChangeAsync(client, await App.GetAsync(client, "/plan/jar-spoons"), ("kettle", "fridge"));
        Assert.Contains("in hours, not in minutes", cold.QuerySelector("#answer span")!.TextContent, StringComparison.Ordinal);
        cold = await ChangeAsync(client, cold, ("do", cold.QuerySelector("#answer button")!.GetAttribute("value")!));
        Assert.Contains(Steps(cold), step => step.StartsWith("12:00:00 Pour off", StringComparison.Ordinal));
        // A brewer for cold water is not preheated.
        var press = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-long-settle"), ("kettle", "fridge"));
        Assert.DoesNotContain(Steps(press), step => step.Contains("Warm the brewer", StringComparison.Ordinal));
        Assert.Contains("the brewer is not warmed", press.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("to drink at once", cold.QuerySelector("#drunk-cold")!.TextContent, StringComparison.Ordinal);
        Assert.Null((await App.GetAsync(client, "/plan/jar-spoons")).QuerySelector("#drunk-cold"));

        var iced = await app.DataAsync(db => db.Brews.Where(brew => brew.RecipeId.EndsWith("iced") && brew.State == BrewState.Finished).Select(brew => brew.Id).FirstAsync(Ct));
        foreach (var page in (string[])[$"/brew/{iced}/after", $"/taste/{iced}"])
        {
            var told = (await App.GetAsync(client, page)).QuerySelector(".plan-head")!.TextContent;
            Assert.DoesNotContain("60 °C", told, StringComparison.Ordinal);
            Assert.Matches("at once|taste it cold", told);
        }
    }

    /// <summary>A plan that fills the brewer to the brim is asked about once, and brewed if confirmed.</summary>
    [Fact]
    public async Task Filling_to_the_brim_is_confirmed_once()
    {
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/vd-coffee-first?vessel="), ("water", "490"));
        Assert.Contains("It reaches the brim", page.QuerySelector(".plan-says")?.TextContent ?? page.Body!.TextContent, StringComparison.Ordinal);
        var asked = await App.ParseAsync(await App.PostAsync(client, page, $"{Address(page)}?handler=Brew"));
        Assert.Contains("Brew it anyway, or scale it to fit?", asked.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
        var brewed = await App.PostAsync(client, asked, $"{Address(asked)}?handler=Brew", ("brim", "sure"));
        Assert.StartsWith("/brew/", brewed.RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
    }

    private static string Address(AngleSharp.Dom.IDocument page) => page.QuerySelector("#plan")!.GetAttribute("action")!;

    [Theory]
    [InlineData("dose", "two handfuls", "2 scoops")]
    [InlineData("water", "350 K", "to the 300 mark")]
    [InlineData("ratio", "1 in 15", "1:15")]
    [InlineData("kettle", "a while off the boil", "30 s off the boil")]
    [InlineData("grind", "gravel", "table salt")]
    [InlineData("release", "soon", "4:15")]
    public async Task Text_not_understood_gets_a_finding_with_examples_and_stays(string field, string typed, string wouldDo)
    {
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), (field, typed));
        Assert.Contains(wouldDo, page.QuerySelector($"#{field}-problem")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(typed, Value(page, field));
    }

    public static TheoryData<string> Recipes => [.. RecipeLibrary.All.Select(recipe => recipe.Id)];

    [Theory]
    [MemberData(nameof(Recipes))]
    public async Task The_water_adds_up_and_every_figure_says_of_what_it_is(string recipe)
    {
        var page = await App.GetAsync(client, $"/plan/{recipe}");
        var water = page.QuerySelectorAll(".facts div").Single(fact => fact.QuerySelector("dt")!.TextContent == "Of the water").QuerySelector("dd")!.TextContent;
        var grams = System.Text.RegularExpressions.Regex.Matches(water, @"(?<grams>\d+) g", System.Text.RegularExpressions.RegexOptions.None, TimeSpan.FromSeconds(1)).Select(match => int.Parse(match.Groups["grams"].Value, CultureInfo.InvariantCulture)).ToList();
        Assert.Equal(grams[0], grams.Skip(1).Sum());
        // The drawing and the figure beside it show the same drink, or say what else is meant.
        var told = page.QuerySelectorAll(".figures div").Single(div => div.QuerySelector("dt")!.TextContent.StartsWith("In the cup", StringComparison.Ordinal) || div.QuerySelector("dt")!.TextContent.StartsWith("As it is drunk", StringComparison.Ordinal));
        var drawn = page.QuerySelectorAll("#plan-steps .chart-wide svg.chart text.chart-strong").Select(text => text.TextContent).Single(text => text.Contains("in the cup ", StringComparison.Ordinal) || text.StartsWith("brewed ", StringComparison.Ordinal));
        Assert.EndsWith($" {told.QuerySelector(".figure")!.TextContent} g", drawn, StringComparison.Ordinal);
        Assert.Equal(told.TextContent.StartsWith("As it is drunk", StringComparison.Ordinal), drawn.Contains("as it is drunk", StringComparison.Ordinal));
        // On a phone the same is at the top, and the brew chart has a table below it.
        Assert.Contains($"{told.QuerySelector(".figure")!.TextContent} g", page.QuerySelector(".plan-verdict")!.TextContent, StringComparison.Ordinal);
        var rows = page.QuerySelectorAll(".chart-table tbody tr");
        Assert.Equal(page.QuerySelectorAll(".strip-open").Length, rows.Length);
    }

    private static List<string> Steps(IDocument page) => [.. page.QuerySelectorAll(".strip-open").Select(step => step.GetAttribute("aria-label")!)];

    private static List<string> Own(IDocument page) => [.. page.QuerySelectorAll("#own ~ .rows .row-main strong").Select(name => name.TextContent)];

    internal static IEnumerable<(string, string)> Values(IDocument form, string field, string value) =>
        form.QuerySelectorAll("main input[name], main select[name], main textarea[name]").Where(one => one.GetAttribute("name") != "__RequestVerificationToken")
            .Select(one => one.GetAttribute("name")!).Distinct()
            .Select(name => (name, name == field ? value : form.QuerySelector($"main [name='{name}']") is var one && one!.LocalName == "select" ? one.QuerySelector("option[selected]")?.GetAttribute("value") ?? "" : one.GetAttribute("value") ?? one.TextContent));
}
