namespace Cistern.Web.Tests;

/// <summary>The shelf: added, changed, removed and restored, without effect on the log.</summary>
public sealed class ShelfTests(App app) : IClassFixture<App>
{
    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData("coffee")]
    [InlineData("mill")]
    [InlineData("vessel")]
    [InlineData("server")]
    [InlineData("kettle")]
    [InlineData("water")]
    [InlineData("place")]
    [InlineData("spoon")]
    [InlineData("filter")]
    public async Task Every_kind_of_equipment_is_added_changed_deleted_and_restored(string kind)
    {
        var client = app.Browser();
        var form = await App.GetAsync(client, $"/shelf/{kind}/new");
        (string, string)[] values = [.. form.QuerySelectorAll("main input[name], main select[name], main textarea[name]").Where(field => field.GetAttribute("name") != "__RequestVerificationToken")
            .Select(field => (field.GetAttribute("name")!, field.GetAttribute("value") ?? field.QuerySelector("option[selected]")?.GetAttribute("value") ?? field.TextContent))];
        var refused = await App.PostAsync(client, form, $"/shelf/{kind}/new", values);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.NotNull((await App.ParseAsync(refused)).QuerySelector("#name-problem"));

        var name = $"Old {kind} <of> Teo";
        var page = await App.ParseAsync(await App.PostAsync(client, form, $"/shelf/{kind}/new", [.. values.Where(pair => pair.Item1 != "name"), ("name", name)]));
        var row = page.QuerySelectorAll($"#{kind} .row").Single(one => one.QuerySelector("strong")!.TextContent == name);
        var id = row.Id!.Split('-')[1];
        var changed = await App.ParseAsync(await App.PostAsync(client, form, $"/shelf/{kind}/{id}", [.. values.Where(pair => pair.Item1 != "name"), ("name", "New " + kind)]));
        Assert.Contains(changed.QuerySelectorAll($"#{kind} .row strong"), one => one.TextContent == "New " + kind);

        var gone = await App.ParseAsync(await App.PostAsync(client, page, "/shelf", ("kind", kind), ("id", id), ("do", "remove")));
        Assert.DoesNotContain(gone.QuerySelectorAll($"#{kind} > .rows .row strong"), one => one.TextContent == "New " + kind);
        Assert.Contains("has been deleted from the shelf", gone.QuerySelector(".notice")!.TextContent, StringComparison.Ordinal);
        // On any later page it can still be restored.
        gone = await App.GetAsync(client, "/shelf");
        Assert.Contains(gone.QuerySelectorAll($"#{kind} .deleted-things .row strong"), one => one.TextContent == "New " + kind);
        var back = await App.ParseAsync(await App.PostAsync(client, gone, "/shelf", ("kind", kind), ("id", id), ("do", "put-back")));
        Assert.Contains(back.QuerySelectorAll($"#{kind} > .rows .row strong"), one => one.TextContent == "New " + kind);
        await App.PostAsync(client, back, "/shelf", ("kind", kind), ("id", id), ("do", "remove"));
    }

    /// <summary>Own equipment in a minute: three questions each, the rest can stay at its default.</summary>
    [Theory]
    [InlineData("coffee", "name roast roasted", "name=Plain bag", "roast 0.4")]
    [InlineData("mill", "name most usuals", "name=Plain mill", "clicks 0 to 40 by 1")]
    [InlineData("vessel", "name family capacity", "name=Plain press", "French press, 1000 ml")]
    public async Task New_equipment_takes_three_questions(string kind, string asked, string typed, string line)
    {
        await using var own = new App();
        var client = own.Browser();
        var form = await App.GetAsync(client, $"/shelf/{kind}/new");
        static IEnumerable<string> Names(IEnumerable<AngleSharp.Dom.IElement> fields) => fields.Select(field => field.GetAttribute("name")!).Where(name => !name.StartsWith("was.", StringComparison.Ordinal) && name[0] is not '_' && name != "job");
        var all = Names(form.QuerySelectorAll("form.narrow [name]")).ToList();
        var rest = Names(form.QuerySelectorAll("form.narrow details.rest [name]")).ToList();
        Assert.Equal(asked.Split(' '), all.Except(rest));
        Assert.False(form.QuerySelector("details.rest")!.HasAttribute("open"));
        var page = await App.ParseAsync(await App.PostAsync(client, form, $"/shelf/{kind}/new", [.. PlanFaultTests.Values(form, "name", typed.Split('=')[1])]));
        Assert.Contains(line, page.QuerySelectorAll($"#{kind} .row").Single(row => row.TextContent.Contains(typed.Split('=')[1], StringComparison.Ordinal)).TextContent, StringComparison.Ordinal);
        // What is there already is shown completely, and so are invalid values.
        var id = page.QuerySelectorAll($"#{kind} .row")[0].Id!.Split('-')[1];
        Assert.True((await App.GetAsync(client, $"/shelf/{kind}/{id}")).QuerySelector("details.rest")!.HasAttribute("open"));
    }

    [Fact]
    public void A_grinder_is_measured_by_a_bag_bought_ground()
    {
        var grinder = new Cistern.Data.Shelf.Grinder { Name = "Any", Most = 40, UmAtZero = 100, UmPerSetting = 25, Spread = 0.45, Estimated = true, Looks = "24 = 800 µm\n30 = 1000\n10 = fine\n12 = 20 µm\n14 = gravel" };
        Assert.Equal([(24, 800, 120), (30, 1_000, 150)], grinder.LookList.Take(2).Select(one => (one.Setting, one.Um, one.SigmaUm)));
        Assert.Equal([24, 30, 10], grinder.LookList.Select(one => one.Setting));
        // The better it is known, the narrower.
        Assert.True(grinder.HalfWidthUm(24) < new Cistern.Data.Shelf.Grinder { Name = "Any", Most = 40, UmAtZero = 100, UmPerSetting = 25, Spread = 0.45, Estimated = true }.HalfWidthUm(24));
    }

    [Fact]
    public async Task A_place_is_set_by_its_boiling_point_a_spoon_heaped_and_a_cone_by_its_hole()
    {
        await using var own = new App();
        var client = own.Browser();
        var place = await App.GetAsync(client, "/shelf/place/new");
        (string, string)[] said = [("name", "Ridge"), ("altitude", "0"), ("was.altitude", "0"), ("boils", "92"), ("ambient", "18"), ("water", "")];
        var page = await App.ParseAsync(await App.PostAsync(client, place, "/shelf/place/new", said));
        Assert.Contains("water boils at 92 °C", page.QuerySelectorAll("#place .row").Single(row => row.TextContent.Contains("Ridge", StringComparison.Ordinal)).TextContent, StringComparison.Ordinal);
        var ridge = await own.DataAsync(db => db.Places.SingleAsync(row => row.Name == "Ridge", Ct));
        Assert.InRange(ridge.AltitudeM, 2_300, 2_420);
        // Shown again and saved unchanged, nothing moves; a typed height takes precedence.
        var again = await App.GetAsync(client, $"/shelf/place/{ridge.Id}");
        await App.PostAsync(client, again, $"/shelf/place/{ridge.Id}", [.. PlanFaultTests.Values(again, "water", "from the spring")]);
        Assert.Equal(ridge.AltitudeM, await own.DataAsync(db => db.Places.Where(row => row.Name == "Ridge").Select(row => row.AltitudeM).SingleAsync(Ct)));
        await App.PostAsync(client, again, $"/shelf/place/{ridge.Id}", [.. PlanFaultTests.Values(again, "altitude", "1,200")]);
        Assert.Equal(1_200, await own.DataAsync(db => db.Places.Where(row => row.Name == "Ridge").Select(row => row.AltitudeM).SingleAsync(Ct)));

        var spoon = await App.GetAsync(client, "/shelf/spoon/new");
        page = await App.ParseAsync(await App.PostAsync(client, spoon, "/shelf/spoon/new", ("name", "Scoop"), ("holds", "9"), ("heaped", "yes"), ("with", "")));
        Assert.Contains("9.0 g, heaped", page.QuerySelector("#spoon")!.TextContent, StringComparison.Ordinal);

        var cone = (await own.DataAsync(db => db.Vessels.SingleAsync(row => row.Name == "Valve dripper", Ct))).Id;
        var form = await App.GetAsync(client, $"/shelf/vessel/{cone}");
        await App.PostAsync(client, form, $"/shelf/vessel/{cone}", [.. PlanFaultTests.Values(form, "outlet", "2.5")]);
        Assert.Equal(2.5, (await own.DataAsync(db => db.Vessels.SingleAsync(row => row.Id == cone, Ct))).AsBrewer.OutletMm);
        // A plan with it drains more slowly.
        var written = await PlanPage.ChangeAsync(client, await App.GetAsync(client, "/plan/vd-water-first"), ("do", "as-written"));
        var mine = await PlanPage.ChangeAsync(client, written, ("vessel", cone.ToString(System.Globalization.CultureInfo.InvariantCulture)));
        Assert.NotEqual(Drains(written), Drains(mine));

        static string Drains(AngleSharp.Dom.IDocument plan) => plan.QuerySelectorAll(".figures div").Single(one => one.TextContent.Contains("Drawdown", StringComparison.Ordinal)).QuerySelector(".figure")!.TextContent;
    }

    /// <summary>No barista knows micrometres: the usual setting for a purpose is enough, and every page says how rough the estimate is.</summary>
    [Fact]
    public async Task A_grinder_nobody_has_measured_is_set_up_by_what_it_is_used_for()
    {
        await using var own = new App();
        var client = own.Browser();
        var form = await App.GetAsync(client, "/shelf/mill/new");
        (string, string)[] said = [("name", "Old grinder"), ("setting", "clicks"), ("least", "0"), ("most", "60"), ("step", "1"), ("notches", "no"), ("estimated", "yes"), ("zero", "100"), ("was.zero", "100"), ("per", "25"), ("was.per", "25"), ("spread", "0.45"), ("seconds", "2")];
        var none = await App.ParseAsync(await App.PostAsync(client, form, "/shelf/mill/new", said));
        Assert.Contains("a guess until you say what you use it for, ± ", none.QuerySelector("#mill")!.TextContent, StringComparison.Ordinal);

        var page = await App.ParseAsync(await App.PostAsync(client, form, "/shelf/mill/new", [("name", "Grandmother's"), .. said[1..], ("usual", "20"), ("usuals", "French press = 31"), ("looks", "44 = sea salt")]));
        Assert.Matches("Grandmother's.*nobody measured it: estimated from what it is used for, ± ([6-9]|1[0-2])\\d µm", string.Join(' ', page.QuerySelectorAll("#mill .row").Single(row => row.TextContent.Contains("Grandmother", StringComparison.Ordinal)).TextContent.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)));
        var grinder = await own.DataAsync(db => db.Grinders.SingleAsync(row => row.Name == "Grandmother's", Ct));
        Assert.InRange(grinder.MedianUm(31), 760, 930);
        var plan = await App.GetAsync(client, $"/plan/fp-bloomed?mill={grinder.Id}");
        Assert.Matches(@"about \d+ µm, give or take \d+", plan.QuerySelector("#grind-aside")!.TextContent);

        foreach (var (name, wrong) in new[] { ("looks", "20 = nothing anybody knows"), ("looks", "1 = sea salt\n59 = flour"), ("usuals", "a bucket = 3") })
        {
            var refused = await App.PostAsync(client, form, "/shelf/mill/new", [("name", "Wrong"), .. said[1..], (name, wrong)]);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
            Assert.NotNull((await App.ParseAsync(refused)).QuerySelector($"#{name}-problem"));
        }

        // How little is known of it shows in the bands of its brews; measured, it has the measured uncertainty.
        async Task<double> WidthAsync()
        {
            var told = (await App.GetAsync(client, $"/plan/tp-upright-short?mill={grinder.Id}&grind=20")).QuerySelector("#plan-comes .figures small")!.TextContent.Split(" to ");
            return double.Parse(told[1], System.Globalization.CultureInfo.InvariantCulture) - double.Parse(told[0], System.Globalization.CultureInfo.InvariantCulture);
        }

        var guessed = await WidthAsync();
        await App.PostAsync(client, form, $"/shelf/mill/{grinder.Id}", [("estimated", "no"), ("per", "22"), ("zero", "90"), ("was.name", ""), ("name", "Grandmother's")]);
        grinder = await own.DataAsync(db => db.Grinders.AsNoTracking().SingleAsync(row => row.Name == "Grandmother's", Ct));
        Assert.Equal((22, 90, null), (grinder.UmPerSetting, grinder.UmAtZero, grinder.HalfWidthUm(31)));
        Assert.True(guessed > await WidthAsync() + 0.02, $"{guessed:0.00} guessed, {await WidthAsync():0.00} measured");
    }

    [Fact]
    public async Task A_bag_is_used_up_and_restored_and_the_log_keeps_its_name()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/shelf");
        var row = page.QuerySelectorAll("#coffee .row").Single(one => one.QuerySelector("strong")!.TextContent == "Tidewrack");
        var id = row.Id!.Split('-')[1];
        var used = await App.ParseAsync(await App.PostAsync(client, page, "/shelf", ("kind", "coffee"), ("id", id), ("do", "use-up")));
        Assert.Contains("used up on 23 Nov 2026", used.QuerySelector("#coffee details")!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain((await App.GetAsync(client, "/plan/fp-bloomed")).QuerySelectorAll("#bag option"), option => option.TextContent == "Tidewrack");
        await App.PostAsync(client, used, "/shelf", ("kind", "coffee"), ("id", id), ("do", "remove"));
        Assert.Contains("Tidewrack", (await App.GetAsync(client, "/log/1")).QuerySelector(".sub")!.TextContent, StringComparison.Ordinal);
        await App.PostAsync(client, used, "/shelf", ("kind", "coffee"), ("id", id), ("do", "put-back"));
        await App.PostAsync(client, used, "/shelf", ("kind", "coffee"), ("id", id), ("do", "bring-back"));
        Assert.Contains((await App.GetAsync(client, "/plan/fp-bloomed")).QuerySelectorAll("#bag option"), option => option.TextContent == "Tidewrack");
    }

    [Theory]
    [InlineData("mill", "labels", "F is 6")]
    [InlineData("mill", "most", "-3")]
    [InlineData("mill", "usual", "99999")]
    [InlineData("vessel", "marks", "250, high")]
    [InlineData("vessel", "capacity", "NaN")]
    [InlineData("coffee", "roasted", "2026-13-40")]
    [InlineData("kettle", "off", "hot")]
    [InlineData("filter", "left", "1e309")]
    public async Task Invalid_equipment_gets_a_finding_at_its_field_and_stays_as_typed(string kind, string field, string typed)
    {
        var client = app.Browser();
        var form = await App.GetAsync(client, $"/shelf/{kind}/1");
        var refused = await App.PostAsync(client, form, $"/shelf/{kind}/1", (field, typed));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        var page = await App.ParseAsync(refused);
        Assert.NotNull(page.GetElementById(field + "-problem"));
        var element = page.GetElementById(field)!;
        Assert.Equal(typed, element.GetAttribute("value") ?? element.TextContent);
    }

    [Fact]
    public async Task Papers_are_counted_down_at_the_start_and_given_back_with_an_undo()
    {
        var client = app.Browser();
        async Task<string> LeftAsync() => (await App.GetAsync(client, "/shelf")).QuerySelectorAll("#filter .row").Single(row => row.QuerySelector("strong")!.TextContent == "Dense cone papers").QuerySelector(".row-sub")!.TextContent;
        Assert.Contains("41 left", await LeftAsync(), StringComparison.Ordinal);
        var plan = await App.GetAsync(client, "/plan/vd-two-pours");
        var brew = await App.PostAsync(client, plan, "/plan/vd-two-pours?handler=Brew");
        var path = brew.RequestMessage!.RequestUri!.AbsolutePath;
        var page = await App.ParseAsync(brew);
        var start = Guid.NewGuid().ToString();
        await App.PostAsync(client, page, path + "?handler=Say", ("entry", start), ("kind", "start"), ("step", "3"));
        Assert.Contains("40 left", await LeftAsync(), StringComparison.Ordinal);
        await App.PostAsync(client, page, path + "?handler=Say", ("entry", Guid.NewGuid().ToString()), ("kind", "undo"), ("step", "3"), ("undoes", start), ("sure", "yes"));
        Assert.Contains("41 left", await LeftAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Grain_words_are_looked_up_and_drawn_to_the_scale_of_the_screen()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/shelf/grains?ask=table+salt");
        Assert.Contains("Coarse to one and medium to another", page.QuerySelector("tbody")!.TextContent, StringComparison.Ordinal);
        Assert.Single(page.QuerySelector("tbody")!.QuerySelectorAll("tr"));
        Assert.Contains((await App.GetAsync(client, "/shelf/grains?ask=700+µm")).QuerySelector("tbody")!.QuerySelectorAll("th"), word => word.TextContent == "sand");
        Assert.NotNull((await App.GetAsync(client, "/shelf/grains?ask=%3Cb%3E")).QuerySelector("#ask-problem"));
        var scaled = await App.ParseAsync(await App.PostAsync(client, page, "/shelf/grains", ("card", "428")));
        // 428 px for 85.6 mm are 5 px per mm: a box of 26 mm is 130 px.
        Assert.Equal("130", scaled.QuerySelector(".pinch")!.GetAttribute("width"));
        await App.PostAsync(client, page, "/shelf/grains", ("card", "abc"));
    }

    [Fact]
    public async Task Two_waters_are_mixed_and_a_concentrate_is_diluted()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/shelf/mix");
        string Water(string name) => page.QuerySelectorAll("[name=a] option").Single(option => option.TextContent == name).GetAttribute("value")!;
        var mixed = await App.GetAsync(client, $"/shelf/mix?a={Water("High Hut spring")}&b={Water("Mineral drops")}&share=50&wanted=100");
        Assert.Contains("In each litre, 8.7 ml of Mineral drops", mixed.QuerySelector(".mixed")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("Suits well.", mixed.QuerySelector(".mixed > p:last-child")!.TextContent);
        var flat = await App.GetAsync(client, $"/shelf/mix?a={Water("High Hut spring")}&b={Water("Weir House tap")}&share=50");
        Assert.Equal("Neutralises the acids: cups turn out flat; mix in a softer water.", flat.QuerySelector(".mixed > p:last-child")!.TextContent);
        var never = await App.GetAsync(client, $"/shelf/mix?a={Water("High Hut spring")}&b={Water("Weir House tap")}&wanted=500");
        Assert.Contains("it lies between 22 and 190", never.QuerySelector("#wanted-problem")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull((await App.GetAsync(client, $"/shelf/mix?a={Water("High Hut spring")}&b={Water("Weir House tap")}&share=abc")).QuerySelector("#share-problem"));
    }
}
