using static Cistern.Web.Tests.PlanPage;

namespace Cistern.Web.Tests;

/// <summary>A plan changed, undone, saved, exported and imported.</summary>
public sealed class PlanTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task What_was_changed_survives_a_reload_and_can_be_undone_and_done_again()
    {
        var client = app.Browser();
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("do", "dose+"));
        Assert.Equal("28.0", Value(page, "dose"));
        page = await ChangeAsync(client, page, ("kettle", "90"));
        page = await ChangeAsync(client, page, ("do", "release+"));
        var path = page.QuerySelector("#plan")!.GetAttribute("action")!;
        var again = await App.GetAsync(client, path);
        Assert.Equal(("28.0", "90"), (Value(again, "dose"), Value(again, "kettle")));
        Assert.Contains("90", again.QuerySelector("#held-title")!.ParentElement!.TextContent, StringComparison.Ordinal);

        page = await ChangeAsync(client, again, ("do", "undo"));
        page = await ChangeAsync(client, page, ("do", "undo"));
        Assert.Equal(("28.0", "95"), (Value(page, "dose"), Value(page, "kettle")));
        page = await ChangeAsync(client, page, ("do", "redo"));
        Assert.Equal("90", Value(page, "kettle"));
        // A change after an undo replaces what was undone.
        page = await ChangeAsync(client, page, ("do", "kettle-"));
        Assert.Equal("89", Value(page, "kettle"));
        Assert.True(page.QuerySelector("#redo")!.HasAttribute("disabled"));
        Assert.Equal(path, page.QuerySelector("#plan")!.GetAttribute("action"));

        // With scripts, too, the answer is the current plan, without another request.
        client.DefaultRequestHeaders.Add("HX-Request", "true");
        page = await ChangeAsync(client, page, ("do", "undo"));
        Assert.Equal("90", Value(page, "kettle"));
    }

    [Fact]
    public async Task A_stale_screen_changes_only_what_was_changed_on_it()
    {
        var client = app.Browser();
        var stale = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("do", "dose+"));
        await ChangeAsync(client, stale, ("kettle", "88"));
        var page = await ChangeAsync(client, stale, ("do", "grind+"));
        Assert.Equal(("28.0", "88"), (Value(page, "dose"), Value(page, "kettle")));
    }

    [Fact]
    public async Task A_recipe_of_each_family_can_be_changed_in_every_setting_and_every_step()
    {
        var client = app.Browser();
        foreach (var recipe in RecipeLibrary.All.DistinctBy(recipe => recipe.Brewer.Family))
        {
            var page = await App.GetAsync(client, $"/plan/{recipe.Id}");
            foreach (var name in (string[])["dose", "water", "ratio", "drink", "kettle", "grind", "release"])
            {
                var before = Value(page, name);
                page = await ChangeAsync(client, page, ("do", name + (before == "100" ? "-" : "+")));
                Assert.NotEqual(before, Value(page, name));
            }

            for (var i = 0; i < recipe.Steps.Length; i++)
            {
                page = await ChangeAsync(client, page, ("do", $"open:{i}"));
                Assert.Equal("true", page.QuerySelector($"#step-{i}")!.GetAttribute("aria-expanded"));
                var note = $"as {recipe.Id} has it";
                page = await ChangeAsync(client, page, ("s.note", note));
                Assert.Equal(note, page.GetElementById("s.note")!.GetAttribute("value"));
                Assert.Empty(page.QuerySelectorAll(".step-form .problem"));
            }

            var file = await client.GetStringAsync(new Uri(page.QuerySelectorAll("a").Single(link => link.TextContent == "Plan as a file").GetAttribute("href")!, UriKind.Relative));
            Assert.All(Assert.Single(RecipeReader.Read(file).Recipes).Steps, step => Assert.Equal($"as {recipe.Id} has it", step.Note));
        }
    }

    [Fact]
    public async Task A_step_is_edited_by_the_rules_of_the_file_and_what_was_typed_stays()
    {
        var client = app.Browser();
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/vd-coffee-first"), ("do", "open:3"));
        foreach (var typed in (string[])["abc", "-5", "NaN", "1e309", "99999", "<b>"])
        {
            var refused = await ChangeAsync(client, page, ("s.toG", typed));
            Assert.NotNull(refused.GetElementById("s.toG-problem"));
            Assert.Equal(typed, refused.GetElementById("s.toG")!.GetAttribute("value"));
        }

        page = await ChangeAsync(client, page, ("s.toG", "300,6"), ("s.overS", "30"), ("s.height", "high"), ("s.temperatureC", "90"));
        Assert.Equal("300.6", Value(page, "water"));
        Assert.Contains("Pour to 301 g, 30 s, high, stirring, at 90 °C", page.QuerySelector("#step-3")!.GetAttribute("aria-label"), StringComparison.Ordinal);
        // A window with its ends swapped.
        page = await ChangeAsync(client, page, ("do", "open:4"));
        var wrong = await ChangeAsync(client, page, ("s.window.low", "2:00"), ("s.window.high", "1:00"));
        Assert.Contains("earlier time comes first", wrong.GetElementById("s.window.low-problem")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Without_an_end_of_the_steep_a_plan_says_so_and_cannot_be_brewed()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/tp-upright-short");
        var press = RecipeLibrary.Find("tp-upright-short")!.Steps.ToList().FindIndex(step => step is Step.Press);
        page = await ChangeAsync(client, page, ("do", $"remove:{press}"));
        Assert.Contains("the drink never leaves the tube. Add a press.", page.QuerySelector(".findings")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull(page.QuerySelector("#brew-this[disabled]"));
        var path = page.QuerySelector("#plan")!.GetAttribute("action")!;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await App.PostAsync(client, page, path + "?handler=Brew")).StatusCode);
        page = await ChangeAsync(client, page, ("do", $"open:{press - 1}"));
        page = await ChangeAsync(client, page, ("verb", "press"), ("do", $"add:{press - 1}"));
        Assert.Null(page.QuerySelector("#brew-this[disabled]"));
        Assert.Equal("true", page.QuerySelector($"#step-{press}")!.GetAttribute("aria-expanded"));
    }

    [Fact]
    public async Task Any_step_can_be_removed_and_the_page_says_what_is_missing()
    {
        var client = app.Browser();
        foreach (var recipe in RecipeLibrary.All.DistinctBy(recipe => recipe.Brewer.Family))
        {
            for (var i = 0; i < recipe.Steps.Length; i++)
            {
                var page = await App.GetAsync(client, $"/plan/{recipe.Id}?do=remove:{i}");
                Assert.Equal(recipe.Steps.Length - 1, page.QuerySelectorAll(".strip-open").Length);
                var errors = RecipeChecker.Check(Core.Planning.StepEditing.Remove(Core.Forecasts.ForecastModel.Published.Figures(recipe), i)).Count(finding => finding.Severity == Severity.Error);
                Assert.Equal(errors > 0, page.QuerySelector("#brew-this")!.HasAttribute("disabled"));
            }
        }
    }

    [Fact]
    public async Task Any_setting_can_be_asked_for_on_the_grinders_own_steps()
    {
        var client = app.Browser();
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("mill", Option(await App.GetAsync(client, "/plan/fp-bloomed"), "mill", "Ferrule")));
        page = await ChangeAsync(client, page, ("ask.setting", "MedianUm"), ("ask.outcome", "TdsPercent"), ("ask.value", "1.25"), ("do", "find"));
        Assert.Matches(@"^\s*\d+ clicks \(\d+ µm\) gives 1\.2\d % TDS", page.QuerySelector("#answer")!.TextContent);
        Assert.Matches(@"^\d+$", Value(page, "grind"));
        page = await ChangeAsync(client, page, ("ask.setting", "TemperatureC"), ("ask.outcome", "TdsPercent"), ("ask.value", "9"), ("do", "find"));
        Assert.Contains("alone cannot reach it. The nearest:", page.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
        page = await ChangeAsync(client, page, ("ask.value", "strong"), ("do", "find"));
        Assert.Contains("not a number", page.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
        page = await ChangeAsync(client, page, ("do", "undo"));
        var both = await ChangeAsync(client, page, ("both.by", "MedianUm"), ("both.tds", "1.3"), ("both.tilt", "0.1"), ("do", "find-both"));
        Assert.Matches(@"clicks \(\d+ µm\) and [\d.]+ g give 1\.(29|30|31) % TDS, balance", both.QuerySelector("#answer")!.TextContent);
        page = await ChangeAsync(client, page, ("let-down.tds", "1.0"), ("do", "let-down"));
        Assert.Contains("to 1.00 %", page.QuerySelector("#answer")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("Dilute", page.QuerySelector(".strips")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_bag_bought_ground_fixes_the_grind_and_a_grinder_says_what_it_cannot_do()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/tp-upright-short?mill=");
        var ground = await ChangeAsync(client, page, ("bag", Option(page, "bag", "Night Barge, ground")));
        Assert.Null(ground.QuerySelector("#grind"));
        Assert.Contains("about 800 µm, a rough guess", ground.QuerySelector("#plan-set")!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain(ground.QuerySelectorAll("#ask-setting option"), option => option.TextContent == "grind");
        var back = await ChangeAsync(client, ground, ("bag", ""));
        Assert.Equal(Value(page, "grind"), Value(back, "grind"));

        var fine = await ChangeAsync(client, page, ("grind", "180"));
        fine = await ChangeAsync(client, fine, ("mill", Option(page, "mill", "Hut grinder")));
        Assert.Contains("Hut grinder goes from 250 to 1510 µm, and 180 µm were asked for", fine.QuerySelector("#grind-note")!.TextContent, StringComparison.Ordinal);
        var labelled = await ChangeAsync(client, page, ("mill", Option(page, "mill", "Counter 64")));
        labelled = await ChangeAsync(client, labelled, ("grind", "f"));
        Assert.Contains("578 µm", labelled.QuerySelector("#plan-set")!.TextContent, StringComparison.Ordinal);
        var finer = await ChangeAsync(client, labelled, ("grind", "2 finer"));
        Assert.Equal("6", Value(finer, "grind"));
        Assert.Contains("2 steps finer than usual", finer.QuerySelector("#plan-set")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull((await ChangeAsync(client, labelled, ("grind", "999 finer"))).QuerySelector("#grind-problem"));
        Assert.Contains("your usual", labelled.QuerySelector("#plan-set")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task High_up_the_plan_says_what_the_boiling_point_costs_and_one_press_makes_it_up()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/fp-long-settle");
        page = await ChangeAsync(client, page, ("place", Option(page, "place", "High Hut")));
        var low = Strength(await App.GetAsync(client, "/plan/fp-long-settle"));
        Assert.True(Strength(page) < low);
        var way = page.QuerySelectorAll(".ways button").First(button => button.TextContent.StartsWith("grind", StringComparison.Ordinal));
        page = await ChangeAsync(client, page, ("do", way.GetAttribute("value")!));
        Assert.Equal(low, Strength(page), 0.021);
    }

    [Fact]
    public async Task A_kept_plan_has_its_history_and_does_not_change_when_it_is_worked_on()
    {
        var client = app.Browser();
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/vd-water-first"), ("do", "grind+"));
        var kept = await SaveAsync(client, page, "River dripper", "It ran too slowly.");
        Assert.Contains("From Water below: grind 560 µm → 580 µm", kept.QuerySelector(".lineage")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("It ran too slowly.", kept.QuerySelector(".lineage")!.TextContent, StringComparison.Ordinal);
        var path = kept.QuerySelector("#plan")!.GetAttribute("action")!;

        var child = await ChangeAsync(client, kept, ("do", "dose+"));
        Assert.NotEqual(path, child.QuerySelector("#plan")!.GetAttribute("action"));
        Assert.Equal("River dripper", child.QuerySelector(".lineage a")!.TextContent);
        child = await SaveAsync(client, child, "River dripper, stronger", "");
        Assert.Contains("dose 22.0 g → 23.0 g", child.QuerySelector(".lineage")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("22.0", Value(await App.GetAsync(client, path), "dose"));

        var list = await App.GetAsync(client, "/plan");
        Assert.Contains("from River dripper: dose 22.0 g → 23.0 g", list.Body!.TextContent, StringComparison.Ordinal);
        var id = path.Split('/')[^1];
        var nameless = await App.PostAsync(client, list, "/plan?handler=Rename", ("stored", id), ("name", "  "));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, nameless.StatusCode);
        Assert.NotNull((await App.ParseAsync(nameless)).GetElementById($"name-{id}-problem"));
        (await App.PostAsync(client, list, "/plan?handler=Rename", ("stored", id), ("name", "River, renamed"))).EnsureSuccessStatusCode();
        var removed = await App.ParseAsync(await App.PostAsync(client, list, "/plan?handler=Remove", ("stored", id)));
        Assert.Contains("River, renamed has been deleted.", removed.QuerySelector(".notice")!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain(removed.QuerySelectorAll(".row a strong"), name => name.TextContent == "River, renamed");
        var restored = await App.ParseAsync(await App.PostAsync(client, removed, "/plan?handler=Restore", ("stored", id)));
        Assert.Contains(restored.QuerySelectorAll(".row a strong"), name => name.TextContent == "River, renamed");
        var copy = await App.ParseAsync(await App.PostAsync(client, restored, "/plan?handler=Duplicate", ("stored", id)));
        Assert.Equal("River, renamed, a copy", copy.QuerySelector("h1")!.TextContent);
        var compare = await App.GetAsync(client, $"/plan/compare?a={id}&b={child.QuerySelector("#plan")!.GetAttribute("action")!.Split('/')[^1]}");
        Assert.Contains("22.0 g23.0 g", string.Concat(compare.QuerySelectorAll("tbody td").Select(cell => cell.TextContent)), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_changed_is_held_against_what_it_was_until_it_is_accepted()
    {
        var client = app.Browser();
        var page = await ChangeAsync(client, await App.GetAsync(client, "/plan/si-layers"), ("do", "dose+"));
        Assert.NotNull(page.QuerySelector(".chart-ghost"));
        page = await ChangeAsync(client, page, ("do", "accept"));
        Assert.Null(page.QuerySelector(".chart-ghost"));
        page = await ChangeAsync(client, page, ("do", "dose+"));
        page = await ChangeAsync(client, page, ("do", "back"));
        Assert.Equal("23.0", Value(page, "dose"));
        Assert.Null(page.QuerySelector(".chart-ghost"));
    }

    [Fact]
    public async Task A_file_is_imported_whole_or_not_at_all()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan");
        var own = page.QuerySelectorAll("#own ~ .rows .row").Length;
        var good = RecipeWriter.Write([RecipeLibrary.Find("jar-spoons")!, RecipeLibrary.Find("si-whirl")! with { Id = "other" }]);
        var bad = good.Replace("\"doseG\": 26", "\"doseG\": -1", StringComparison.Ordinal);
        var refused = await ImportAsync(client, page, bad);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.Contains("doseG must be a number from 0.5 to 1000 g", (await App.ParseAsync(refused)).QuerySelector(".findings")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(own, (await App.GetAsync(client, "/plan")).QuerySelectorAll("#own ~ .rows .row").Length);
        foreach (var odd in (string[])["", "[", "null", "\u0000"])
        {
            Assert.Equal(HttpStatusCode.UnprocessableEntity, (await ImportAsync(client, page, odd)).StatusCode);
        }

        var taken = await App.ParseAsync(await ImportAsync(client, page, good));
        Assert.Contains("2 recipes have been imported", taken.QuerySelector(".notice")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(own + 2, taken.QuerySelectorAll("#own ~ .rows .row").Length);
        Assert.Contains("from the file plans.json", taken.Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Choosing_by_what_is_wanted_opens_the_plan_scaled_to_it()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan?cups=2&cup=150&minutes=3&ice=hot&washing=Little");
        var first = page.QuerySelector(".cards .card-link")!;
        Assert.Null(first.QuerySelector(".card-falls"));
        var plan = await App.GetAsync(client, first.GetAttribute("href")!);
        Assert.Equal(300, double.Parse(Value(plan, "drink"), CultureInfo.InvariantCulture), 4.0);
        // The request is still there after the first change.
        plan = await ChangeAsync(client, plan, ("do", "kettle-"));
        Assert.Equal(300, double.Parse(Value(plan, "drink"), CultureInfo.InvariantCulture), 4.0);
        var odd = await App.GetAsync(client, "/plan?cups=many&minutes=-1&washing=9&family=teapot&bag=x");
        Assert.NotNull(odd.QuerySelector("#cups-problem"));
        Assert.Equal("many", Value(odd, "cups"));
    }

    [Theory]
    [InlineData("french-press")]
    [InlineData("tube-press")]
    [InlineData("valve-dripper")]
    [InlineData("lever-dripper")]
    [InlineData("siphon")]
    [InlineData("jar")]
    public async Task From_what_somebody_wants_to_drink_a_plan_is_found_changed_saved_and_brewed(string family)
    {
        var client = app.Browser();
        var bag = Option(await App.GetAsync(client, "/plan/fp-bloomed"), "bag", "Kestrel Terrace");
        var found = await App.GetAsync(client, $"/plan?family={family}&bag={bag}&cups=1");
        var plan = await App.GetAsync(client, found.QuerySelector(".cards .card-link")!.GetAttribute("href")!);
        Assert.Equal(bag, plan.QuerySelector("#bag option[selected]")!.GetAttribute("value"));
        var doseG = double.Parse(Value(plan, "dose"), CultureInfo.InvariantCulture);
        plan = await ChangeAsync(client, plan, ("do", "dose+"));
        Assert.True(double.Parse(Value(plan, "dose"), CultureInfo.InvariantCulture) > doseG);
        plan = await SaveAsync(client, plan, $"My {family}", "A little stronger.");
        Assert.Equal($"My {family}", plan.QuerySelector("h1")!.TextContent);
        Assert.Contains("A little stronger.", plan.QuerySelector(".lineage")!.TextContent, StringComparison.Ordinal);
        var brew = await App.ParseAsync(await BrewAsync(client, plan));
        Assert.StartsWith("/brew/", brew.QuerySelector("#brew form")!.GetAttribute("action"), StringComparison.Ordinal);
        Assert.Contains(brew.QuerySelector("#verb")!.TextContent, (string[])["Warm the brewer", "Rinse the filter", "Ready", "Add the coffee"]);
    }

    [Fact]
    public async Task Ready_at_a_time_is_scheduled_back_to_the_kettle()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/fp-bloomed");
        page = await ChangeAsync(client, page, ("heater", Option(page, "heater", "Small kettle")), ("ready", "7:30"));
        // It is past nine there, so nine is tomorrow.
        Assert.Matches(@"Wanted Tue 24 Nov 7:30\. Kettle on at Tue 24 Nov 07:2\d:\d\d\. Begin at Tue 24 Nov 07:2\d:\d\d, first water at Tue 24 Nov 07:2\d:\d\d\.", page.QuerySelector("#ready-says")!.TextContent);
        // It stays with the plan.
        page = await App.GetAsync(client, page.QuerySelector("#plan")!.GetAttribute("action")!);
        Assert.Equal("Tue 24 Nov 7:30", page.QuerySelector("#ready")!.GetAttribute("value"));
        Assert.Contains("wanted tomorrow 07:30", (await App.GetAsync(client, "/")).QuerySelector("#planned")!.TextContent, StringComparison.Ordinal);
        page = await ChangeAsync(client, page, ("ready", "soon"));
        Assert.Contains("not a time of day", page.QuerySelector("#ready-says")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("soon", page.QuerySelector("#ready")!.GetAttribute("value"));
        page = await ChangeAsync(client, await App.GetAsync(client, page.QuerySelector("#plan")!.GetAttribute("action")!), ("ready", ""));
        Assert.Null((await App.GetAsync(client, "/")).QuerySelector("#planned"));
    }

    [Fact]
    public async Task Without_a_scale_every_target_is_a_spoon_or_a_mark_and_says_how_rough()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/fp-slow-eight");
        page = await ChangeAsync(client, page, ("spoon", Option(page, "spoon", "house tablespoon, 6.2 g")), ("vessel", Option(page, "vessel", "French press, 1000 ml")));
        var rows = page.QuerySelector("#part-rough")!.QuerySelectorAll("tbody tr").Select(row => row.TextContent).ToList();
        Assert.Contains(rows, row => row.Contains("7½ level house tablespoons", StringComparison.Ordinal));
        Assert.Contains(rows, row => row.Contains("mark", StringComparison.Ordinal) && row.Contains(" g to ", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_brew_of_the_log_can_be_planned_again_with_one_thing_changed()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/brew-5");
        Assert.Equal("Long settle", page.QuerySelector("h1")!.TextContent);
        page = await ChangeAsync(client, page, ("do", "dose+"));
        Assert.Equal("33.0", Value(page, "dose"));
        await App.GetAsync(client, "/plan/brew-99999", 404);
        await App.GetAsync(client, "/plan/99999", 404);
        await App.GetAsync(client, "/plan/brew-x/card", 404);
    }

    [Fact]
    public async Task Odd_presses_of_the_plan_page_are_no_faults()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/ld-split");
        foreach (var odd in (string[])["remove:99", "up:0", "down:8", "add:3", "end:3:NaN", "begin:3:1e309", "begin:0:50", "end:8:-40", "set:DoseG:abc", "set:99:1", "set:MedianUm:-5", "find", "open:999", "open:-1", "let-down", "undo", "redo", "back", "accept", "nonsense", ":::", "end:3:99999999999"])
        {
            var answer = await PostAsync(client, page, ("do", odd), ("open", "abc"), ("at", "1e309"));
            Assert.True(answer.StatusCode is HttpStatusCode.OK or HttpStatusCode.UnprocessableEntity, odd);
        }
    }
}
