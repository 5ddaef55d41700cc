using System.Text;
using System.Text.Json;

namespace Cistern.Web.Tests;

public sealed class ApiTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task The_api_and_the_command_line_say_the_same()
    {
        var file = RecipeWriter.Write(RecipeLibrary.All);
        var (code, output, errors) = await Command.RunAsync(file, "forecast", "-");
        Assert.Equal(0, code);
        Assert.Contains("water.temperatureC", errors, StringComparison.Ordinal);
        var lines = output.Split('\n', StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(RecipeLibrary.All.Count, lines.Length);

        var answer = await PostAsync(file);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        using var document = JsonDocument.Parse(await answer.Content.ReadAsStringAsync());
        var forecasts = document.RootElement.GetProperty("forecasts").EnumerateArray().Select(one => one.GetRawText());
        Assert.Equal(lines, forecasts);
        Assert.Equal(413.7, document.RootElement.GetProperty("forecasts")[0].GetProperty("beverageG").GetDouble(), 1.0);
    }

    [Theory]
    [InlineData("{}")]
    [InlineData("")]
    [InlineData("[")]
    [InlineData("{\"format\":\"cistern/recipe\",\"version\":1,\"id\":\"a\",\"name\":\"A\",\"steps\":[{\"do\":\"pour\",\"toG\":1e308}]}")]
    public async Task A_bad_file_is_422_and_exit_2_with_findings_at_their_place(string json)
    {
        var answer = await PostAsync(json);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        using var document = JsonDocument.Parse(await answer.Content.ReadAsStringAsync());
        Assert.NotEmpty(document.RootElement.GetProperty("findings").EnumerateArray());
        Assert.Empty(document.RootElement.GetProperty("forecasts").EnumerateArray());

        var (code, output, errors) = await Command.RunAsync(json, "forecast", "-");
        Assert.Equal(2, code);
        Assert.Empty(output);
        Assert.StartsWith("standard input: error: ", errors, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Ten_megabytes_are_refused_not_read()
    {
        var answer = await PostAsync("[" + new string(' ', 3_000_000) + "]");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var (code, _, errors) = await Command.RunAsync("[" + new string('1', 10_000_000), "forecast", "-");
        Assert.Equal(2, code);
        Assert.Contains("2 MB", errors, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Series_and_brew_chart_come_as_csv_and_svg()
    {
        var one = RecipeWriter.Write(RecipeLibrary.Find("vd-water-first")!);
        var (_, csv, _) = await Command.RunAsync(one, "forecast", "--series", "-");
        var rows = csv.Split('\n', StringSplitOptions.RemoveEmptyEntries);
        Assert.StartsWith("id,timeS,temperatureC", rows[0], StringComparison.Ordinal);
        Assert.True(rows.Length > 200);
        Assert.All(rows, row => Assert.Equal(17, row.Split(',').Length));
        var (_, svg, _) = await Command.RunAsync(one, "forecast", "--svg", "-");
        Assert.Equal("svg", System.Xml.Linq.XDocument.Parse(svg).Root!.Name.LocalName);
        var (code, _, errors) = await Command.RunAsync(one, "forecast", "no-such-file.json");
        Assert.Equal(2, code);
        Assert.Contains("cannot be read", errors, StringComparison.Ordinal);
        using var content = new StringContent(one, Encoding.UTF8, "application/json");
        var answer = await app.Browser().PostAsync(new Uri("/api/forecast?series=true", UriKind.Relative), content);
        Assert.Equal(csv, await answer.Content.ReadAsStringAsync());
    }

    [Fact]
    public async Task The_schema_and_the_apis_own_description_are_served()
    {
        var client = app.Browser();
        Assert.Equal(RecipeSchema.Write(), await client.GetStringAsync(new Uri("/formats/recipe.schema.json", UriKind.Relative)));
        using var document = JsonDocument.Parse(await client.GetStringAsync(new Uri("/openapi/v1.json", UriKind.Relative)));
        Assert.True(document.RootElement.GetProperty("paths").TryGetProperty("/api/forecast", out _));
    }

    /// <summary>The page, the API and the command line make the same plan of the same changes.</summary>
    [Fact]
    public async Task A_plan_is_changed_alike_on_the_page_in_the_api_and_at_the_command_line()
    {
        var one = RecipeWriter.Write(RecipeLibrary.Find("fp-bloomed")!);
        var (code, printed, _) = await Command.RunAsync(one, "plan", "-", "--set", "dose=30", "release=5:00");
        Assert.Equal(0, code);
        using var content = new StringContent(one, Encoding.UTF8, "application/json");
        using var answer = JsonDocument.Parse(await (await app.Browser().PostAsync(new Uri("/api/plan?set=dose%3D30&set=release%3D5:00", UriKind.Relative), content)).Content.ReadAsStringAsync());
        var fromCli = RecipeReader.Read(printed).Recipes.Single();
        var fromApi = RecipeReader.Read(answer.RootElement.GetProperty("recipe").GetRawText()).Recipes.Single();
        Assert.Equal(RecipeWriter.Write(fromCli), RecipeWriter.Write(fromApi));
        Assert.Equal("fp-bloomed", answer.RootElement.GetProperty("forecast").GetProperty("id").GetString());

        var client = app.Browser();
        var page = await PlanPage.ChangeAsync(client, await App.GetAsync(client, "/plan/fp-bloomed"), ("dose", "30"));
        page = await PlanPage.ChangeAsync(client, page, ("release", "5:00"));
        var fromPage = RecipeReader.Read(await client.GetStringAsync(new Uri(page.QuerySelector("#plan")!.GetAttribute("action") + "?handler=File", UriKind.Relative))).Recipes.Single();
        Assert.Equal((fromCli.Coffee.DoseG, fromCli.WaterG, fromCli.Steps.Length), (fromPage.Coffee.DoseG, fromPage.WaterG, fromPage.Steps.Length));
        Assert.Equal(fromCli.Steps, fromPage.Steps);
    }

    [Theory]
    [InlineData("teapot=1")]
    [InlineData("dose=abc")]
    [InlineData("letDown=14")]
    public async Task An_invalid_change_is_refused_with_its_place(string word)
    {
        var one = RecipeWriter.Write(RecipeLibrary.Find("fp-bloomed")!);
        var (code, printed, errors) = await Command.RunAsync(one, "plan", "-", "--set", "dose=30", word);
        Assert.Equal((2, ""), (code, printed));
        Assert.Contains($"error: {word}:", errors, StringComparison.Ordinal);
        using var content = new StringContent(one, Encoding.UTF8, "application/json");
        var answer = await app.Browser().PostAsync(new Uri($"/api/plan?set=dose%3D30&set={Uri.EscapeDataString(word)}", UriKind.Relative), content);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        using var said = JsonDocument.Parse(await answer.Content.ReadAsStringAsync());
        Assert.Equal(word, said.RootElement.GetProperty("findings")[0].GetProperty("place").GetString());
        Assert.False(said.RootElement.TryGetProperty("recipe", out _));
    }

    private async Task<HttpResponseMessage> PostAsync(string json)
    {
        using var content = new StringContent(json, Encoding.UTF8, "application/json");
        return await app.Browser().PostAsync(new Uri("/api/forecast", UriKind.Relative), content);
    }

    [Fact]
    public async Task The_command_line_advises_and_learns_from_brew_files_and_refuses_bad_ones_with_their_place()
    {
        var recipe = RecipeLibrary.Find("ld-closed")!;
        BrewRecord Brewed(string grinder, double um) => new(Guid.NewGuid(), recipe with { Grind = recipe.Grind with { MedianUm = um } }, recipe with { Grind = recipe.Grind with { MedianUm = um } })
        {
            Grinder = new GrinderUsed(grinder, null),
            Measured = new MeasuredFigures { TdsPercent = 1.05, BeverageG = 240, DrawdownS = 50 },
            Tasting = new TastingRecord { Complaints = [Complaint.Thin] },
        };
        var advised = await Command.RunAsync(BrewWriter.Write([Brewed("a", 900)]), "advise", "-");
        Assert.Equal((0, ""), (advised.Code, advised.Errors));
        using var advice = JsonDocument.Parse(advised.Output);
        Assert.True(advice.RootElement.GetProperty("changes").GetArrayLength() > 0);

        var folder = App.Folder();
        var path = Path.Combine(folder, "recipe.json");
        await File.WriteAllTextAsync(path, RecipeWriter.Write(recipe), TestContext.Current.CancellationToken);
        var learned = await Command.RunAsync(BrewWriter.Write([Brewed("a", 900), Brewed("a", 800)]), "fit", "-", "--predict", path);
        Assert.Equal((0, ""), (learned.Code, learned.Errors));
        using var fit = JsonDocument.Parse(learned.Output);
        Assert.Equal("ld-closed", fit.RootElement.GetProperty("predictions")[0].GetProperty("id").GetString());
        // With two grinders it has to be said which one a recipe is ground on.
        var mixed = BrewWriter.Write([Brewed("a", 900), Brewed("b", 800)]);
        var unsaid = await Command.RunAsync(mixed, "fit", "-", "--predict", path);
        Assert.Equal(2, unsaid.Code);
        Assert.Contains("mill: The brews have 2 of a mill", unsaid.Errors, StringComparison.Ordinal);
        await File.WriteAllTextAsync(path, RecipeWriter.Write(recipe).Replace("\"id\": \"ld-closed\"", "\"mill\": {\"name\": \"b\"}, \"id\": \"ld-closed\"", StringComparison.Ordinal), TestContext.Current.CancellationToken);
        Assert.Equal(0, (await Command.RunAsync(mixed, "fit", "-", "--predict", path)).Code);
        // Brews of several recipes can be learned from without naming a recipe.
        Assert.Equal(0, (await Command.RunAsync(mixed, "fit", "-")).Code);

        var refused = await Command.RunAsync(BrewWriter.Write([Brewed("a", 900)]).Replace("\"tdsPercent\": 1.05", "\"tdsPercent\": 99", StringComparison.Ordinal), "advise", "-");
        Assert.Equal((2, ""), (refused.Code, refused.Output));
        Assert.Contains("[0].measured.tdsPercent", refused.Errors, StringComparison.Ordinal);
        Assert.Equal(2, (await Command.RunAsync("", "advise", Path.Combine(folder, "none.json"))).Code);
    }
}
