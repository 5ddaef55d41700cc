using System.Net.Http.Headers;
using System.Text.RegularExpressions;
using AngleSharp.Dom;

namespace Cistern.Web.Tests;

public sealed class PageTests(App app) : IClassFixture<App>
{
    [Theory]
    [InlineData("/")]
    [InlineData("/shelf")]
    [InlineData("/plan")]
    [InlineData("/plan/fp-long-settle")]
    [InlineData("/brew")]
    [InlineData("/taste")]
    [InlineData("/log")]
    [InlineData("/log/1")]
    [InlineData("/you")]
    [InlineData("/help")]
    public async Task Every_page_answers_and_guards_itself(string path)
    {
        var answer = await app.Browser().GetAsync(new Uri(path, UriKind.Relative));
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        var policy = answer.Headers.GetValues("Content-Security-Policy").Single();
        Assert.Contains("default-src 'none'", policy, StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe", policy, StringComparison.Ordinal);
        Assert.Equal("nosniff", answer.Headers.GetValues("X-Content-Type-Options").Single());
        var page = await App.ParseAsync(answer);
        Assert.Empty(page.QuerySelectorAll("[style], style, script:not([src])"));
        Assert.DoesNotContain(page.All, element => element.Attributes.Any(attribute => attribute.Name.StartsWith("on", StringComparison.Ordinal)));
    }

    /// <summary>A script with a missing part does nothing at all: every file a running brew needs is stored on the device with its page.</summary>
    [Fact]
    public async Task Every_part_of_the_running_brew_s_script_is_kept_for_when_there_is_no_network()
    {
        var client = app.Browser();
        Task<string> GetAsync(string path) => client.GetStringAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);
        var (waiting, parts) = (new Queue<string>(["brew", "frame"]), new HashSet<string>(StringComparer.Ordinal));
        while (waiting.TryDequeue(out var name))
        {
            if (parts.Add(name))
            {
                foreach (Match import in Regex.Matches(await GetAsync($"/js/{name}.js"), @"(from |import\()'\./(?<name>[a-z-]+)\.js'", RegexOptions.ExplicitCapture, TimeSpan.FromSeconds(5)))
                {
                    waiting.Enqueue(import.Groups["name"].Value);
                }
            }
        }

        Assert.True(parts.Count > 8);
        var worker = await GetAsync("/sw.js");
        Assert.All(parts, name => Assert.Contains($"'{name}'", worker, StringComparison.Ordinal));
    }

    /// <summary>
    /// From the Bench along every link, one page of each kind, and a running brew: no link leads nowhere, and every form that can be
    /// filled in can be sent.
    /// </summary>
    [Fact]
    public async Task Every_fold_holds_something_and_every_form_can_be_sent()
    {
        await using var own = new App();
        var client = own.Browser();
        var brew = (await PlanPage.BrewAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"))).RequestMessage!.RequestUri!.AbsolutePath;
        await App.PostAsync(client, await App.GetAsync(client, brew), $"{brew}?handler=Say", ("entry", Guid.NewGuid().ToString()), ("kind", "start"), ("step", "2"));
        own.Time.Advance(TimeSpan.FromSeconds(100));
        var (waiting, seen, wrong) = (new Queue<string>(["/"]), new HashSet<string>(StringComparer.Ordinal), new List<string>());
        while (waiting.TryDequeue(out var path))
        {
            var answer = await client.GetAsync(new Uri(path, UriKind.Relative));
            if (answer.Content.Headers.ContentType?.MediaType != "text/html")
            {
                continue;
            }

            var page = await App.ParseAsync(answer);
            wrong.AddRange(page.QuerySelectorAll("details").Where(fold => fold.Children.All(child => child.LocalName == "summary" || (child.TextContent.Trim().Length == 0 && child.QuerySelector("svg, img, input") is null))).Select(fold => $"{path}: nothing in {fold.TextContent.Trim()}"));
            wrong.AddRange(page.QuerySelectorAll("form:not([hidden])").Where(form => form.QuerySelector("button:not([type=button])") is null && (form.Id is null || page.QuerySelector($"button[form='{form.Id}']") is null)).Select(form => $"{path}: cannot be sent: {form.GetAttribute("action")}"));
            foreach (var link in page.QuerySelectorAll("a[href^='/']").Select(link => link.GetAttribute("href")!.Split('#')[0]))
            {
                if (seen.Add(string.Concat(link.Split('?')[0].Select(letter => char.IsAsciiDigit(letter) ? '0' : letter))))
                {
                    waiting.Enqueue(link);
                }
            }
        }

        Assert.Empty(wrong);
        Assert.True(seen.Count > 40, string.Join(' ', seen));
    }

    [Theory]
    [InlineData("/css/cistern.css")]
    [InlineData("/lib/htmx.min.js")]
    [InlineData("/js/brew.js")]
    public async Task Styles_and_scripts_arrive_compressed_and_not_empty(string path)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        request.Headers.AcceptEncoding.Add(new StringWithQualityHeaderValue("br"));
        var answer = await app.Browser().SendAsync(request);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.True((await answer.Content.ReadAsByteArrayAsync()).Length > 300);
    }

    [Theory]
    [InlineData("/plan/no-such-recipe")]
    [InlineData("/log/999999")]
    [InlineData("/brew/999999")]
    [InlineData("/shelf/teapot/new")]
    [InlineData("/nowhere")]
    public async Task A_missing_page_says_so_and_offers_a_way_on(string path)
    {
        var page = await App.GetAsync(app.Browser(), path, 404);
        Assert.Contains("Not found", page.QuerySelector("h1")!.TextContent, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("dose")]
    [InlineData("water")]
    [InlineData("ratio")]
    [InlineData("drink")]
    [InlineData("kettle")]
    [InlineData("grind")]
    [InlineData("release")]
    public async Task Bad_numbers_get_a_finding_at_their_field_and_stay_as_typed(string field)
    {
        var client = app.Browser();
        foreach (var typed in (string[])["abc", "-5", "NaN", "1e309", "1,2,3", " ", "<b>", "99999999"])
        {
            var page = await App.GetAsync(client, $"/plan/fp-bloomed?{field}={Uri.EscapeDataString(typed)}&was.{field}=1");
            Assert.NotNull(page.QuerySelector($"#{field}-problem"));
            Assert.Equal(typed, page.QuerySelector($"#{field}")!.GetAttribute("value"));
            Assert.Equal("true", page.QuerySelector($"#{field}")!.GetAttribute("aria-invalid"));
        }
    }

    [Fact]
    public async Task Somebody_new_is_offered_a_brew_that_needs_nothing_but_a_jar_and_spoons()
    {
        await using var empty = App.On(Path.Combine(App.Folder(), "test.db"));
        var browser = empty.Browser();
        var first = await App.GetAsync(browser, "/first");
        Assert.NotNull((await App.ParseAsync(await App.PostAsync(browser, first, "/first", ("name", ""), ("place", "Home"), ("altitude", "12"), ("ambient", "21")))).QuerySelector("#name-problem"));
        await App.PostAsync(browser, first, "/first", ("name", "Imre"), ("place", "Home"), ("altitude", "12"), ("ambient", "21"));
        var page = await App.GetAsync(browser, "/");
        var lines = page.QuerySelectorAll("#barest li").Select(line => line.TextContent).ToList();
        Assert.StartsWith("Grind: coarse; water at the boil", lines[0], StringComparison.Ordinal);
        Assert.Contains(lines, line => line.StartsWith("0:00 Add the coffee: about 4½ level tablespoons", StringComparison.Ordinal));
        Assert.Contains(lines, line => line.StartsWith("0:00 Pour: until some ", StringComparison.Ordinal) && line.Contains("Near-boiling water.", StringComparison.Ordinal));
        Assert.Contains(lines, line => line.StartsWith("3:45 Break the crust", StringComparison.Ordinal));
        Assert.DoesNotContain(lines, line => line.Contains(" g", StringComparison.Ordinal) && !line.Contains("coffee ground", StringComparison.OrdinalIgnoreCase));
        Assert.Equal("/plan/jar-spoons", page.QuerySelector("#barest a.is-main")!.GetAttribute("href"));
        // Whoever brews with a scale no longer gets that text.
        await using var old = new App();
        Assert.Null((await App.GetAsync(old.Browser(), "/")).QuerySelector("#barest"));
    }

    [Fact]
    public async Task Somebody_new_answers_three_questions_and_gets_the_recipe_for_what_they_own()
    {
        await using var empty = App.On(Path.Combine(App.Folder(), "test.db"));
        var browser = empty.Browser();
        var first = await App.GetAsync(browser, "/first");
        foreach (var (name, value) in ((string, string)[])[("brewer", "french-press:350"), ("brewer", "teapot:1"), ("has", "scale")])
        {
            var asked = await App.PostAsync(browser, first, "/first", ("name", "Me"), ("place", "Here"), ("altitude", "0"), ("ambient", "21"), (name, value));
            Assert.Equal(422, (int)asked.StatusCode);
            var again = await App.ParseAsync(asked);
            Assert.Contains("Please answer all three", again.Body!.TextContent, StringComparison.Ordinal);
            // What was answered stays chosen.
            Assert.Equal(value == "teapot:1" ? 0 : 1, again.QuerySelectorAll($"[name={name}][value='{value}'][checked]").Length);
        }

        var page = await App.ParseAsync(await App.PostAsync(browser, first, "/first", ("name", "Me"), ("place", "Here"), ("altitude", "0"), ("ambient", "21"), ("brewer", "french-press:350"), ("ground", "bought"), ("has", "neither")));
        var told = page.QuerySelector(".first-figures")!.TextContent;
        Assert.Contains("about 3 level tablespoons", told, StringComparison.Ordinal);
        Assert.DoesNotContain("µm", told, StringComparison.Ordinal);
        Assert.Contains("350 ml", page.QuerySelector(".sub")!.TextContent, StringComparison.Ordinal);
        var brew = await App.ParseAsync(await App.PostAsync(browser, page, "/first/brew", ("key", Guid.NewGuid().ToString())));
        Assert.NotNull(brew.QuerySelector("#gestures [data-step] svg"));
        Assert.Equal("My French press", await empty.DataAsync(async db => (await db.Brews.SingleAsync(TestContext.Current.CancellationToken)).VesselName));
    }

    [Fact]
    public async Task Help_answers_what_is_asked_and_says_where_it_cannot()
    {
        await using var own = new App();
        var browser = own.Browser();
        static List<string> Topics(AngleSharp.Dom.IDocument page) => [.. page.QuerySelectorAll(".help-topic").Select(topic => topic.Id!)];
        var all = await App.GetAsync(browser, "/help");
        Assert.Equal(["dialling-in", "chart", "strength", "grind", "picture", "tasting", "log", "phones", "copies", "instruments"], Topics(all));
        Assert.NotNull(all.QuerySelector("#chart svg.chart"));
        Assert.NotNull(all.QuerySelector("#strength svg .map-ratio"));
        Assert.Equal(["dialling-in"], Topics(await App.GetAsync(browser, "/help?q=SOUR+weak")));
        var none = await App.GetAsync(browser, "/help?q=teapot");
        Assert.Empty(Topics(none));
        Assert.Contains("Nothing has these words.", none.Body!.TextContent, StringComparison.Ordinal);
        Assert.Equal("teapot", none.QuerySelector("#q")!.GetAttribute("value"));
    }

    /// <summary>What a browser needs to install it on a phone: a manifest that every page names, and icons of the sizes it states.</summary>
    [Fact]
    public async Task It_can_be_installed()
    {
        await using var own = new App();
        var browser = own.Browser();
        var link = (await App.GetAsync(browser, "/")).QuerySelector("link[rel=manifest]")!;
        Assert.Equal("use-credentials", link.GetAttribute("crossorigin"));
        var answer = await browser.GetAsync(new Uri(link.GetAttribute("href")!, UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Equal("application/manifest+json", answer.Content.Headers.ContentType!.MediaType);
        using var manifest = System.Text.Json.JsonDocument.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        Assert.Equal(("Cistern", "/", "standalone"), (manifest.RootElement.GetProperty("name").GetString(), manifest.RootElement.GetProperty("start_url").GetString(), manifest.RootElement.GetProperty("display").GetString()));
        var maskable = 0;
        foreach (var icon in manifest.RootElement.GetProperty("icons").EnumerateArray())
        {
            var picture = await browser.GetByteArrayAsync(new Uri(icon.GetProperty("src").GetString()!, UriKind.Relative), TestContext.Current.CancellationToken);
            if (icon.GetProperty("type").GetString() == "image/png")
            {
                // Width and height are at the start of a PNG, big-endian.
                var (width, height) = (System.Buffers.Binary.BinaryPrimitives.ReadInt32BigEndian(picture.AsSpan(16)), System.Buffers.Binary.BinaryPrimitives.ReadInt32BigEndian(picture.AsSpan(20)));
                Assert.Equal(icon.GetProperty("sizes").GetString(), $"{width}x{height}");
                maskable += icon.TryGetProperty("purpose", out _) ? 1 : 0;
            }
        }

        Assert.Equal(1, maskable);
        foreach (var shortcut in manifest.RootElement.GetProperty("shortcuts").EnumerateArray())
        {
            await App.GetAsync(browser, shortcut.GetProperty("url").GetString()!);
        }
    }

    /// <summary>An explained word is explained on its page, once, and all of them are in Help.</summary>
    [Theory]
    [InlineData("/plan/fp-bloomed", "tds extraction balance band")]
    [InlineData("/", "school")]
    public async Task Words_of_the_trade_are_explained_where_they_stand(string place, string words)
    {
        await using var own = new App();
        var page = await App.GetAsync(own.Browser(), place);
        Assert.Equal(words.Split(' ').Order(), page.QuerySelectorAll("[popover]").Select(one => one.Id!["term-".Length..]).Order());
        foreach (var opens in page.QuerySelectorAll("button.term"))
        {
            Assert.Contains(": what it means", opens.GetAttribute("aria-label")!, StringComparison.Ordinal);
            Assert.NotNull(page.GetElementById(opens.GetAttribute("popovertarget")!));
        }

        Assert.Equal(Wording.Term.All.Select(term => term.Word), (await App.GetAsync(own.Browser(), "/help")).QuerySelectorAll(".words dt").Select(word => word.TextContent));
    }

    [Fact]
    public async Task A_comma_is_a_decimal_mark()
    {
        var page = await App.GetAsync(app.Browser(), "/plan/fp-bloomed?ratio=15,5&was.ratio=15.0");
        Assert.Equal("15.5", page.QuerySelector("#ratio")!.GetAttribute("value"));
        Assert.Equal("419", page.QuerySelector("#water")!.GetAttribute("value"));
    }

    [Fact]
    public async Task The_place_caps_the_kettle_and_says_so()
    {
        var client = app.Browser();
        var place = (await App.GetAsync(client, "/plan/fp-long-settle")).QuerySelectorAll("#place option").Single(option => option.TextContent == "High Hut").GetAttribute("value");
        var page = await App.GetAsync(client, $"/plan/fp-long-settle?place={place}");
        Assert.Contains("Water boils at 92 °C here", page.QuerySelector(".findings")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_overflow_stops_the_brew_and_scaling_to_fit_corrects_it()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/fp-slow-eight?dose=70&was.dose=46.0");
        Assert.NotNull(page.QuerySelector("#brew-this[disabled]"));
        var refused = await App.PostAsync(client, page, "/plan/fp-slow-eight?handler=Brew", ("dose", "70"), ("was.dose", "46.0"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        var mended = await App.GetAsync(client, "/plan/fp-slow-eight?dose=70&was.dose=46.0&do=fit");
        Assert.Null(mended.QuerySelector("#brew-this[disabled]"));
    }

    [Fact]
    public async Task Every_recipe_of_the_library_can_be_planned_scrubbed_and_brewed()
    {
        var client = app.Browser();
        foreach (var recipe in Core.Recipes.RecipeLibrary.All)
        {
            var page = await App.GetAsync(client, $"/plan/{recipe.Id}");
            Assert.Null(page.QuerySelector("#brew-this[disabled]"));
            Assert.NotNull(page.QuerySelector("#vessel-cut svg"));
            foreach (var at in (string[])["0", "75", "-20", "abc"])
            {
                var cut = await App.GetAsync(client, $"/plan/{recipe.Id}?handler=Vessel&at={at}");
                Assert.Contains("TDS here", cut.QuerySelector(".moment")!.TextContent, StringComparison.Ordinal);
            }

            var (brew, _) = await StartBrewAsync(client, recipe.Id);
            var first = Core.Recipes.RecipeChecker.AnchorIndex(recipe) > 0 ? recipe.Steps[0] : null;
            Assert.Equal(first is null ? "Ready" : Wording.StepWording.Of(recipe, 0, new Wording.FigureFormat(Core.Reckoning.Units.Metric)).Verb, brew.QuerySelector("#verb")!.TextContent);
            Assert.Equal(first is null, brew.QuerySelector("#start")!.HasAttribute("hidden"));
        }
    }

    [Fact]
    public async Task A_plan_leaves_as_a_file_that_can_be_read_again_and_as_a_picture()
    {
        var client = app.Browser();
        var json = await client.GetStringAsync(new Uri("/plan/fp-bloomed?handler=File&dose=30&was.dose=27.0", UriKind.Relative));
        var recipe = Assert.Single(Core.Recipes.RecipeReader.Read(json).Recipes);
        Assert.Equal(30, recipe.Coffee.DoseG);
        Assert.Equal(450, recipe.WaterG);
        var svg = await client.GetStringAsync(new Uri("/plan/fp-bloomed?handler=Tide", UriKind.Relative));
        Assert.Equal("svg", System.Xml.Linq.XDocument.Parse(svg).Root!.Name.LocalName);
    }

    [Theory]
    [InlineData("/together?b=19&b=22", "/compare?b=19&b=22")]
    [InlineData("/plan/compare?a=fp-bloomed&b=4", "/compare?p=fp-bloomed&p=4")]
    [InlineData("/plan/4/descent", "/plan/4/history")]
    [InlineData("/line/41", "/series/41")]
    public async Task An_address_of_an_earlier_version_leads_on(string from, string to)
    {
        var answer = await app.CreateClient(new() { AllowAutoRedirect = false }).GetAsync(new Uri(from, UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Equal((System.Net.HttpStatusCode.MovedPermanently, to), (answer.StatusCode, answer.Headers.Location!.ToString()));
        await App.GetAsync(app.Browser(), from);
    }

    [Fact]
    public async Task Side_by_side_shows_only_what_differs()
    {
        var page = await App.GetAsync(app.Browser(), "/plan/compare?a=fp-bloomed&b=fp-slow-eight");
        var rows = page.QuerySelectorAll("tbody tr").ToDictionary(row => row.QuerySelector("th")!.TextContent, row => row.QuerySelectorAll("td").Select(cell => cell.TextContent).ToList(), StringComparer.Ordinal);
        Assert.Equal(["27.0 g", "46.0 g"], rows["Dose"]);
        Assert.Equal(["fp-bloomed", "fp-slow-eight"], page.QuerySelectorAll("select[name=p] option[selected]").Select(option => option.GetAttribute("value")));
        Assert.DoesNotContain("Vessel", rows.Keys);
        Assert.DoesNotContain("Warm the vessel", rows.Keys);
        Assert.All(rows.Values, cells => Assert.NotEqual(cells[0], cells[1]));
        Assert.Contains("cannot be compared", (await App.GetAsync(app.Browser(), "/compare?p=fp-bloomed&p=nothing")).QuerySelector(".notice")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(2, (await App.GetAsync(app.Browser(), "/compare")).QuerySelectorAll("select[name=p]").Length);
    }

    [Fact]
    public async Task The_end_of_the_steep_moves_by_minutes_and_seconds_and_the_cup_gets_stronger()
    {
        var client = app.Browser();
        var plain = await App.GetAsync(client, "/plan/fp-bloomed");
        Assert.Equal("4:18", plain.QuerySelector("#release")!.GetAttribute("value"));
        var later = await App.GetAsync(client, "/plan/fp-bloomed?release=8:00&was.release=4:18");
        Assert.Equal("8:00", later.QuerySelector("#release")!.GetAttribute("value"));
        Assert.Contains("7:57", later.QuerySelector("[aria-labelledby=held-title] tbody")!.TextContent, StringComparison.Ordinal);
        double Strength(IDocument page) => double.Parse(page.QuerySelector(".figures .figure")!.TextContent, CultureInfo.InvariantCulture);
        Assert.True(Strength(later) > Strength(plain) + 0.05);
        var early = await App.GetAsync(client, "/plan/fp-bloomed?release=0:10");
        Assert.Contains("cannot come before", early.QuerySelector("#release-problem")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull((await App.GetAsync(client, "/plan/fp-bloomed?release=4:xx")).QuerySelector("#release-problem"));
    }

    [Fact]
    public async Task The_drink_counted_as_water_poured_is_the_water()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/plan/fp-water-first?counting=poured");
        var drinkMl = double.Parse(page.QuerySelector("#drink")!.GetAttribute("value")!, CultureInfo.InvariantCulture);
        // Poured by weight, a gram is a millilitre; what is typed stays, as water and in the field.
        Assert.Equal(384, drinkMl);
        page = await PlanPage.ChangeAsync(client, page, ("drink", "500"));
        Assert.Equal(("500", "500"), (PlanPage.Value(page, "drink"), PlanPage.Value(page, "water")));
        Assert.Equal(500 / double.Parse(PlanPage.Value(page, "ratio"), CultureInfo.InvariantCulture), double.Parse(PlanPage.Value(page, "dose"), CultureInfo.InvariantCulture), 0.3);
    }

    [Fact]
    public async Task A_form_without_its_token_changes_nothing()
    {
        using var content = new FormUrlEncodedContent([KeyValuePair.Create("brew", "1")]);
        var answer = await app.Browser().PostAsync(new Uri("/?handler=Again", UriKind.Relative), content);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("out of date", (await App.ParseAsync(answer)).QuerySelector("h1")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Bad_tastings_and_weights_are_findings_and_good_ones_stand_in_the_log()
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, "/taste/2");
        var refused = await App.PostAsync(client, page, "/taste/2", ("placed", "1"), ("sharp-harsh", "1e309"), ("thin-heavy", "0"), ("score", "11"), ("note", "kept <b>"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        var back = await App.ParseAsync(refused);
        Assert.NotNull(back.QuerySelector("#score-problem"));
        Assert.Equal("kept <b>", back.QuerySelector("#note")!.TextContent.Trim());
        (await App.PostAsync(client, page, "/taste/2", ("placed", "1"), ("sharp-harsh", "-2"), ("thin-heavy", "3"), ("score", "6,5"), ("note", "thick & bright"))).EnsureSuccessStatusCode();
        Assert.Contains((await App.GetAsync(client, "/log/2")).QuerySelectorAll(".tasted"), one => one.TextContent.Contains("sour, heavy, 6.5 of 10", StringComparison.Ordinal));

        var weights = await App.PostAsync(client, page, "/log/2?handler=Weights", ("weight-1", "twelve"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, weights.StatusCode);
        Assert.Equal("twelve", (await App.ParseAsync(weights)).QuerySelector("#weight-1")!.GetAttribute("value"));
        (await App.PostAsync(client, page, "/log/2?handler=Weights", ("weight-1", "391,5"))).EnsureSuccessStatusCode();
        Assert.Contains("392 g", (await App.GetAsync(client, "/log/2")).Body!.TextContent, StringComparison.Ordinal);
        (await App.PostAsync(client, page, "/log/2?handler=Note", ("note", "Better on the second day."))).EnsureSuccessStatusCode();
        Assert.Contains("Better on the second day.", (await App.GetAsync(client, "/log/2")).Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Units_are_the_baristas_own()
    {
        var client = app.Browser();
        var you = await App.GetAsync(client, "/you");
        await App.PostAsync(client, you, "/you?handler=New", ("name", "Unit tester"));
        (await App.PostAsync(client, you, "/you?handler=Units", ("dose", "oz"), ("mass", "oz"), ("temperature", "f"), ("volume", "cup"), ("cup", "240"))).EnsureSuccessStatusCode();
        var plan = await App.GetAsync(client, "/plan/fp-long-settle");
        Assert.Equal("1.13", plan.QuerySelector("#dose")!.GetAttribute("value"));
        Assert.Equal("205", plan.QuerySelector("#kettle")!.GetAttribute("value"));
        Assert.Equal("1.8", plan.QuerySelector("#drink")!.GetAttribute("value"));
        Assert.Equal("32.0", (await App.GetAsync(app.Browser(), "/plan/fp-long-settle")).QuerySelector("#dose")!.GetAttribute("value"));
    }

    /// <summary>Coffee in grams and water in ounces, or the other way round: each as it is weighed, on every page.</summary>
    [Fact]
    public async Task Coffee_and_water_have_each_their_unit()
    {
        await using var own = new App();
        var client = own.Browser();
        var you = await App.GetAsync(client, "/you");
        await App.PostAsync(client, you, "/you?handler=New", ("name", "Unit tester"));
        (await App.PostAsync(client, you, "/you?handler=Units", ("dose", "g"), ("mass", "oz"), ("temperature", "c"), ("volume", "floz"), ("cup", "180"))).EnsureSuccessStatusCode();
        var plan = await App.GetAsync(client, "/plan/fp-long-settle");
        string Shown(string id) => plan.QuerySelector("#" + id)!.GetAttribute("value")! + " " + plan.QuerySelector($"#{id}-unit")!.TextContent.Trim();
        Assert.Equal(("32.0 g", "16.93 oz", "14.2 fl oz"), (Shown("dose"), Shown("water"), Shown("drink")));
        Assert.Contains("Weigh 32.0 g", plan.Body!.TextContent, StringComparison.Ordinal);
        Assert.Contains("32.0 g to 16.93 oz", (await App.GetAsync(client, "/")).Body!.TextContent, StringComparison.Ordinal);

        // A value typed in another unit, or in spoons, is shown in the unit of the field.
        plan = await App.ParseAsync(await App.PostAsync(client, plan, "/plan/fp-long-settle", ("dose", "1 oz")));
        Assert.Equal("28.3 g", Shown("dose"));

        (await App.PostAsync(client, you, "/you?handler=Units", ("dose", "oz"), ("mass", "g"), ("temperature", "c"), ("volume", "ml"), ("cup", "180"))).EnsureSuccessStatusCode();
        plan = await App.GetAsync(client, "/plan/fp-long-settle");
        Assert.Equal(("1.13 oz", "480 g"), (Shown("dose"), Shown("water")));
        plan = await App.ParseAsync(await App.PostAsync(client, plan, "/plan/fp-long-settle", ("dose", "1.3")));
        Assert.Equal("1.30 oz", Shown("dose"));
        plan = await App.ParseAsync(await App.PostAsync(client, plan, "/plan/fp-long-settle", ("dose", "4 tablespoons")));
        Assert.Equal("0.85 oz", Shown("dose"));

        // A bag and a spoon hold coffee; they are shown and typed in the unit of coffee.
        var bag = await App.GetAsync(client, "/shelf/coffee/1");
        var leftG = await own.DataAsync(async db => (await db.Bags.FindAsync(1))!.LeftG);
        Assert.Equal(Math.Round(leftG / 28.349523125, 3).ToString("0.###", System.Globalization.CultureInfo.InvariantCulture), bag.QuerySelector("#left")!.GetAttribute("value"));
        await App.PostAsync(client, bag, "/shelf/coffee/1", ("left", "10"));
        Assert.Equal(283.495, await own.DataAsync(async db => (await db.Bags.FindAsync(1))!.LeftG), 0.001);
        Assert.Equal("1 oz", $"{(await App.GetAsync(client, "/you")).QuerySelectorAll("[name=dose][checked]").Length} {(await App.GetAsync(client, "/you")).QuerySelector("[name=dose][checked]")!.GetAttribute("value")}");
    }

    private static async Task<(IDocument Page, string Path)> StartBrewAsync(HttpClient client, string recipe, params (string Name, string Value)[] values)
    {
        var plan = await App.GetAsync(client, $"/plan/{recipe}");
        var answer = await App.PostAsync(client, plan, $"/plan/{recipe}?handler=Brew", values);
        answer.EnsureSuccessStatusCode();
        return (await App.ParseAsync(answer), answer.RequestMessage!.RequestUri!.AbsolutePath);
    }
}
