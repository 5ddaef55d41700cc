using System.Text.Json;
using System.Text.RegularExpressions;
using Cistern.Web.Pages.Plan;

namespace Cistern.Web.Tests;

/// <summary>
/// A brew has three figures: the reading, the forecast of the brew as it was brewed, and the forecast as planned. A crawler collects
/// each of them from every page and finds no two different values of one.
/// </summary>
public sealed partial class OneTruthTests
{
    private readonly Dictionary<(int Brew, string Figure), Dictionary<string, List<string>>> told = [];

    private static CancellationToken Ct => TestContext.Current.CancellationToken;

    [Fact]
    public async Task No_two_pages_show_different_values_of_one_figure()
    {
        await using var app = new App();
        // Half of them, of odd and of even numbers alike.
        var brews = await app.DataAsync(db => db.Logged.Where(brew => brew.State == BrewState.Finished && brew.StartedAtMs != null && brew.Id % 4 < 2).Select(brew => brew.Id).ToListAsync(Ct));
        await app.DataAsync(db => BrewedWithOthersModelsAsync(db, brews));
        var client = app.Browser();
        foreach (var id in brews)
        {
            await CrawlAsync(client, id, brews.Find(other => other != id));
        }

        await CrawlLogAsync(client);
        var torn = told.Where(one => one.Value.Count > 1).Select(one => $"{one.Key.Brew} {one.Key.Figure}: {string.Join(", ", one.Value.Select(value => $"{value.Key} ({string.Join(' ', value.Value)})"))}").ToList();
        Assert.True(torn.Count == 0, $"{torn.Count} of {told.Count}:\n{string.Join('\n', torn)}");
        // A figure that is found nowhere cannot differ: each page must have contributed some.
        foreach (var place in (string[])["log", "sheet", "after", "taste", "next", "line", "together", "row", "file", "command line"])
        {
            Assert.True(told.Values.SelectMany(one => one.Values).Count(places => places.Contains(place)) >= brews.Count, $"{place} told nothing");
        }
    }

    [Fact]
    public async Task The_plan_made_of_a_change_shows_the_figures_offered()
    {
        await using var app = new App();
        var client = app.Browser();
        var made = 0;
        foreach (var id in new[] { 13, 19, 21, 40 })
        {
            made += await MakeAsync(client, id);
        }

        Assert.True(made >= 8, $"{made}");
    }

    /// <summary>A reading taken a moment ago is used by the plan as by the advice, before everything is learned again.</summary>
    [Fact]
    public async Task A_reading_just_taken_is_used_by_the_plan_too()
    {
        await using var app = new App();
        var client = app.Browser();
        var before = (await App.GetAsync(client, "/next/21")).QuerySelector("#again")!.TextContent;
        await App.PostAsync(client, await App.GetAsync(client, "/taste/21"), "/taste/21", ("score", "5"), ("complaint", "weak"), ("reading", "1.02"), ("drink", "300"));
        var next = await App.GetAsync(client, "/next/21");
        Assert.NotEqual(before, next.QuerySelector("#again")!.TextContent);
        Assert.True(await MakeAsync(client, 21) >= 1);
    }

    [Fact]
    public async Task A_cup_that_was_liked_becomes_the_target_of_a_plan()
    {
        await using var app = new App();
        var client = app.Browser();
        var liked = await app.DataAsync(db => db.Tastings.Where(tasting => tasting.Score == 8.5 && tasting.Note.StartsWith("Treacle and walnut, sweet")).Select(tasting => tasting.BrewId).SingleAsync(Ct));
        var next = await App.GetAsync(client, $"/next/{liked}");
        Assert.Equal("The same again", next.QuerySelector("#short h2")!.TextContent);
        Assert.Empty(next.QuerySelectorAll("#changes > li"));
        var plan = await App.ParseAsync(await App.PostAsync(client, next, $"/next/{liked}?handler=Target", ("job", Guid.NewGuid().ToString())));
        Assert.Matches("^Your target: strength 1[.0-9]+ to 1[.0-9]+ % TDS; balance ", plan.QuerySelector("#target")!.TextContent.Trim());
        // A plan that meets the target: as it was, it is within it.
        Assert.Null(plan.QuerySelector(".finding.stops"));
        Assert.DoesNotContain("; the target is", plan.Body!.TextContent, StringComparison.Ordinal);
    }

    /// <summary>Makes every change that is offered after a brew a plan: the plan shows the figures that were offered.</summary>
    private static async Task<int> MakeAsync(HttpClient client, int id)
    {
        var next = await App.GetAsync(client, $"/next/{id}");
        var changes = next.QuerySelectorAll("#changes > li").ToList();
        foreach (var change in changes)
        {
            var figures = change.QuerySelectorAll(".change-figures tbody tr").ToDictionary(row => row.QuerySelector("th")!.TextContent, row => row.QuerySelectorAll("td")[1].TextContent);
            var answer = await App.PostAsync(client, next, $"/next/{id}", ("change", change.QuerySelector("[name=change]")!.GetAttribute("value")!), ("job", Guid.NewGuid().ToString()));
            var verdict = (await App.ParseAsync(answer)).QuerySelector(".plan-verdict")!.TextContent;
            Assert.Contains(figures["Strength"], verdict, StringComparison.Ordinal);
            Assert.Contains(figures["Done at"], verdict, StringComparison.Ordinal);
            Assert.Contains(figures["In the cup"], verdict, StringComparison.Ordinal);
        }

        return changes.Count;
    }

    /// <summary>
    /// The core identifies a change by its recipe; the stored plan, with the equipment of the shelf, must give the same result on the
    /// same day.
    /// </summary>
    [Fact]
    public async Task The_figures_of_a_change_are_those_of_the_plan_made_of_it()
    {
        await using var app = new App();
        var (grinders, places, vessels) = await app.DataAsync(async db => (await db.Grinders.ToListAsync(Ct), await db.Places.ToListAsync(Ct), await db.Vessels.ToListAsync(Ct)));
        var random = new Random(28);
        var made = 0;
        foreach (var (written, complaint) in from recipe in RecipeLibrary.All from complaint in ComplaintList.Said where random.Next(2) == 0 select (recipe, complaint))
        {
            var grinder = grinders[random.Next(grinders.Count)];
            var place = places[random.Next(places.Count)];
            var gear = new BrewGear(null, grinder, place, vessels.Find(vessel => vessel.Family == written.Brewer.Family));
            var grind = grinder.Scale.Grinds ? grinder.Scale.At(grinder.Scale.SettingFor(written.Grind.MedianUm)) : written.Grind;
            var planned = written with { Target = null, Grind = grind, Place = place.AsPlace, Coffee = written.Coffee with { DoseG = Math.Round(written.Coffee.DoseG * (0.9 + (0.2 * random.NextDouble())), 1) } };
            var brew = new BrewRecord(Guid.NewGuid(), planned, planned) { Tasting = new TastingRecord { Complaints = [complaint] } };
            var context = new PlanContext(new PlanShelf([], grinders, places, vessels, [], [], [], []), new DateOnly(2026, 11, 23), ForecastModel.Published, Core.Fitting.Learned.Nothing);
            foreach (var change in Advisor.Of([brew], ForecastModel.Published, new AdviceGear { Grinder = grinder.Scale }).Changes)
            {
                var plan = new PlanEditing(PlanState.Read(gear.StateOf(change.Recipe, planned).ToJson()), context);
                Assert.Equal(Shown(change.Then.Totals), Shown(plan.Forecast.Totals));
                made++;
            }
        }

        Assert.True(made >= 250, $"{made}");

        static string Shown(Totals totals) => FormattableString.Invariant($"{totals.FinalTdsPercent:0.00} {totals.FlavourBalance:0.00} {totals.ExtractionYieldPercent:0.0} {totals.FinalG:0} {totals.FinishS:0} {totals.DrawdownS:0} {totals.PressForceN:0}");
    }

    /// <summary>Every other brew is made to look planned when something else was known of its grinder and coffee.</summary>
    private static async Task<int> BrewedWithOthersModelsAsync(Data.CisternDb db, List<int> brews)
    {
        var rows = await db.Brews.Where(brew => brews.Contains(brew.Id) && brew.Id % 2 == 0).Include(brew => brew.Facts).Include(brew => brew.Entries).Include(brew => brew.Weighings).Include(brew => brew.Observations).Include(brew => brew.Tastings).AsSplitQuery().ToListAsync(Ct);
        foreach (var brew in rows)
        {
            var other = ForecastModel.Published with { Parameters = ModelParameters.Published with { Diffusivity = 1 + (0.02 * (brew.Id % 7)), GrindOffsetUm = 10 * (brew.Id % 5) } };
            brew.ModelJson = ModelUsed.Of(other)?.ToJson();
            var plan = other.Figures(brew.Recipe());
            brew.ForecastJson = JsonSerializer.Serialize(ForecastFigures.Of(other.Figures(brew.Planned()).Totals));
            brew.ComputeFacts(plan);
        }

        return await db.SaveChangesAsync(Ct);
    }

    private async Task CrawlAsync(HttpClient client, int id, int other)
    {
        foreach (var (place, path, columns) in (IEnumerable<(string, string, string[])>)
            [("log", $"/log/{id}", ["planned", "brewed"]), ("sheet", $"/log/{id}/sheet", ["planned", "brewed"]), ("after", $"/brew/{id}/after", ["planned", "brewed"]), ("together", $"/compare?b={id}&b={other}", [])])
        {
            var page = await App.GetAsync(client, path);
            // Brews are compared in the order of the log, in whatever order they were requested.
            var who = columns.Length > 0 ? columns : page.QuerySelectorAll(".beside-who a").Select(link => link.GetAttribute("href") == $"/log/{id}" ? "brewed" : "");
            foreach (var row in page.QuerySelectorAll("tr").Where(row => row.QuerySelector("th[scope=row]") is not null))
            {
                foreach (var (column, cell) in who.Zip(row.QuerySelectorAll("td")).Where(pair => pair.First.Length > 0))
                {
                    Tell(id, $"{column} {row.QuerySelector("th")!.TextContent}", place, cell.TextContent);
                }
            }

            foreach (var reading in page.QuerySelectorAll("main p").Select(line => Reading().Match(line.TextContent)).Where(match => match.Success && match.Groups["b"].Success))
            {
                Tell(id, "brewed Strength", place, reading.Groups["b"].Value);
            }
        }

        var forecast = TasteForecast().Match((await App.GetAsync(client, $"/taste/{id}")).QuerySelector("#forecast")!.TextContent);
        Assert.True(forecast.Success);
        Tell(id, "brewed Strength", "taste", forecast.Groups["tds"].Value);
        Tell(id, "planned Strength", "taste", forecast.Groups["planned"].Value);
        Tell(id, "brewed Drink", "taste", forecast.Groups["drink"].Value);
        Tell(id, "brewed Extracted", "taste", forecast.Groups["extracted"].Value);
        Tell(id, "brewed tilt", "taste", forecast.Groups["tilt"].Value);

        await CrawlNextAsync(client, id);
        var line = (await App.GetAsync(client, $"/series/{id}")).QuerySelectorAll(".series-rows li").Single(one => one.QuerySelector("h2 a")!.GetAttribute("href") == $"/log/{id}");
        foreach (var row in line.QuerySelectorAll(".series-figures div"))
        {
            var (what, value) = (row.QuerySelector("dt")!.TextContent, row.QuerySelector("dd")!.TextContent.Split(", balance "));
            var column = what switch { "Planned" => "planned", "As brewed" => "brewed", "Read" => "read", _ => "" };
            Tell(id, $"{column} Strength", "line", column.Length > 0 ? value[0] : "");
            Tell(id, $"{column} tilt", "line", value.Length > 1 ? value[1] : "");
        }

        var text = await client.GetStringAsync(new Uri($"/log/{id}/brew.json", UriKind.Relative), Ct);
        // What the command line says of it, from its file alone.
        var advised = Data.Files.BrewFiles.FiguresOf(BrewReader.Read(System.Text.Encoding.UTF8.GetBytes(text)).Brews[0], ForecastModel.Published)!.AsBrewed;
        Tell(id, "brewed Strength", "command line", Wording.FigureFormat.Number(advised.FinalTdsPercent, 2));
        Tell(id, "brewed Done at", "command line", Wording.FigureFormat.Clock(advised.FinishS));
        var file = JsonDocument.Parse(text).RootElement;
        foreach (var (column, member) in (IEnumerable<(string, string)>)[("planned", "planned"), ("brewed", "brewed")])
        {
            var figures = file.GetProperty("forecast").GetProperty(member);
            double? Of(string name) => figures.TryGetProperty(name, out var value) ? value.GetDouble() : null;
            Tell(id, $"{column} Strength", "file", Wording.FigureFormat.Number(Of("chilledTdsPercent") ?? Of("dilutedTdsPercent") ?? Of("tdsPercent") ?? 0, 2));
            Tell(id, $"{column} tilt", "file", Wording.FigureFormat.Signed(Of("tilt") ?? 0, 2));
            Tell(id, $"{column} Extraction", "file", Wording.FigureFormat.Number(Of("extractionYieldPercent") ?? 0, 1));
            Tell(id, $"{column} Done at", "file", Wording.FigureFormat.Clock(Of("finishS") ?? 0));
        }
    }

    private async Task CrawlLogAsync(HttpClient client)
    {
        for (string? path = "/log"; path is not null;)
        {
            var page = await App.GetAsync(client, path);
            foreach (var row in page.QuerySelectorAll("li.row:has(.row-verdict)"))
            {
                var verdict = row.QuerySelector(".row-verdict")!.TextContent.Split(" · ")[0];
                var read = verdict.EndsWith("read", StringComparison.Ordinal);
                Tell(int.Parse(row.QuerySelector("[name=b]")!.GetAttribute("value")!, CultureInfo.InvariantCulture), read ? "read Strength" : "brewed Strength", "row", verdict.Replace("read", "", StringComparison.Ordinal));
            }

            path = page.QuerySelector("a[rel=next], a.older")?.GetAttribute("href");
        }
    }

    private async Task CrawlNextAsync(HttpClient client, int id)
    {
        var page = await App.GetAsync(client, $"/next/{id}");
        foreach (var row in page.QuerySelectorAll(".change-figures tbody tr"))
        {
            var what = row.QuerySelector("th")!.TextContent;
            Tell(id, what == "Balance" ? "brewed tilt" : $"brewed {what}", "next", row.QuerySelector("td")!.TextContent);
        }

        var verdict = page.QuerySelector("#verdict")!.TextContent;
        var done = DoneAt().Match(verdict);
        Tell(id, "brewed Done at", "next", done.Groups["a"].Value);
        Tell(id, "planned Done at", "next", done.Groups["b"].Value);
        Tell(id, "brewed Extraction", "next", ExtractedOf().Match(verdict).Groups["a"].Value);
        Tell(id, "brewed Strength", "next", ExpectedTds().Match(verdict).Groups["a"].Value);
        Tell(id, "read Strength", "next", ReadTds().Match(verdict).Groups["a"].Value);
    }

    private void Tell(int brew, string figure, string place, string value)
    {
        var name = figure.Replace(", TDS", "", StringComparison.Ordinal).Replace("Poured", "Water", StringComparison.Ordinal).Replace("In the cup", "Drink", StringComparison.Ordinal).Replace(", by the clock", "", StringComparison.Ordinal);
        var plain = value.Replace("forecast", "", StringComparison.Ordinal).Replace("TDS", "", StringComparison.Ordinal).Replace("%", "", StringComparison.Ordinal).Replace(" g", "", StringComparison.Ordinal).Replace(" N", "", StringComparison.Ordinal).Trim().TrimStart('+');
        // A comparison shows more beside it: the drink in ml, the figure of the balance.
        plain = place == "together" ? plain.Split(name.EndsWith("Drink", StringComparison.Ordinal) ? "," : " (")[0] : plain;
        if (plain.Length == 0 || plain is "—" or "not seen" || value.Contains("weighed", StringComparison.Ordinal))
        {
            return;
        }

        var values = told.TryGetValue((brew, name), out var known) ? known : told[(brew, name)] = [];
        (values.TryGetValue(plain, out var places) ? places : values[plain] = []).Add(place);
    }

    [GeneratedRegex("A refractometer read (?<a>[0-9.]+ %) TDS(?:; the forecast of it as brewed is (?<b>[0-9.]+ %))?", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex Reading();

    [GeneratedRegex("as it was brewed: (?<tds>[0-9.]+ %) TDS.*planned (?<planned>[0-9.]+ %); (?<drink>[0-9]+ g) in the cup.*: (?<extracted>[a-z -]+, [0-9]+ of 100), balance (?<tilt>[+−]?[0-9.]+[0-9])", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex TasteForecast();

    [GeneratedRegex("[Dd]one at (?<a>[0-9:]+)(?:, planned (?<b>[0-9:]+))?", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex DoneAt();

    [GeneratedRegex("extracted: (?<a>[0-9.]+ %) of the dose in the cup", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex ExtractedOf();

    [GeneratedRegex("Expected (?<a>[0-9.]+ %) TDS", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex ExpectedTds();

    [GeneratedRegex("Read (?<a>[0-9.]+ %) TDS", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex ReadTds();
}
