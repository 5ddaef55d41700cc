using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using NJsonSchema;

namespace Cistern.Core.Tests;

public sealed class RecipeFileTests
{
    private static readonly string Library = RecipeWriter.Write(RecipeLibrary.All);

    [Fact]
    public void A_recipe_read_and_written_forecasts_the_same()
    {
        var again = RecipeReader.Read(Library);
        Assert.Empty(again.Findings);
        Assert.Equal(Library, RecipeWriter.Write(again.Recipes));
        foreach (var (first, second) in RecipeLibrary.All.Zip(again.Recipes))
        {
            Assert.Equal(ForecastFigures.Of(ForecastModel.Published.Run(first).Totals), ForecastFigures.Of(ForecastModel.Published.Run(second).Totals));
        }
    }

    [Fact]
    public void Unknown_members_are_kept_everywhere()
    {
        var node = JsonNode.Parse(Library)![0]!.AsObject();
        node["x-colour"] = "blue";
        node["brewer"]!["x-lid"] = new JsonArray(1, 2);
        node["steps"]![3]!["x-kettle"] = new JsonObject { ["spout"] = true };
        var written = JsonNode.Parse(RecipeWriter.Write(RecipeReader.Read(node.ToJsonString()).Recipes[0]))!;
        Assert.Equal("blue", (string?)written["x-colour"]);
        Assert.Equal(2, written["brewer"]!["x-lid"]!.AsArray().Count);
        Assert.True((bool)written["steps"]![3]!["x-kettle"]!["spout"]!);
    }

    [Theory]
    [InlineData("steps[3].toG", """{"steps":{"3":{"toG":"480"}}}""")]
    [InlineData("steps[3].overS", """{"steps":{"3":{"overS":-1}}}""")]
    [InlineData("steps[3].height", """{"steps":{"3":{"height":"sky-high"}}}""")]
    [InlineData("steps[3].do", """{"steps":{"3":{"do":"press"}}}""")]
    [InlineData("steps[6].at", """{"steps":{"5":{"at":300}}}""")]
    [InlineData("steps[1].at", """{"steps":{"1":{"at":5}}}""")]
    [InlineData("coffee.roast", """{"coffee":{"roast":1.5}}""")]
    [InlineData("coffee.doseG", """{"coffee":{"doseG":1e309}}""")]
    [InlineData("brewer.filter", """{"brewer":{"filter":"none"}}""")]
    [InlineData("version", """{"version":2}""")]
    [InlineData("id", """{"id":"Long Settle"}""")]
    [InlineData("clockStarts", """{"clockStarts":"first-stir","steps":{"6":{"do":"smell"}}}""")]
    [InlineData("target.tdsPercent", """{"target":{"tdsPercent":[2,1]}}""")]
    public void Every_finding_names_its_place(string place, string change)
    {
        var node = JsonNode.Parse(Library)![0]!;
        using var changes = JsonDocument.Parse(change.Replace("1e309", "\"\\u0001\"", StringComparison.Ordinal));
        Merge(node, changes.RootElement);
        var json = node.ToJsonString().Replace("\"\\u0001\"", "1e309", StringComparison.Ordinal);
        var file = RecipeReader.Read(json);
        Assert.False(file.Accepted);
        Assert.Empty(file.Recipes);
        Assert.Contains(file.Findings, finding => finding.Place == place && finding.Severity == Severity.Error && finding.Remedy.Length > 0);
    }

    [Theory]
    [InlineData("")]
    [InlineData("[]")]
    [InlineData("nonsense")]
    [InlineData("{\"format\":\"cistern/recipe\"")]
    [InlineData("[1,2]")]
    [InlineData("null")]
    [InlineData("{\"format\":\"something/else\",\"version\":1}")]
    [InlineData("{\"format\":\"cistern/recipe\",\"version\":1,\"steps\":NaN}")]
    public void A_file_that_is_no_recipe_is_refused(string json) => Assert.False(RecipeReader.Read(json).Accepted);

    [Fact]
    public void Nothing_is_half_imported()
    {
        var node = JsonNode.Parse(Library)!.AsArray();
        node[4]!["coffee"]!["doseG"] = -1;
        var file = RecipeReader.Read(node.ToJsonString());
        Assert.Empty(file.Recipes);
        Assert.Equal("[4].coffee.doseG", Assert.Single(file.Findings).Place);
    }

    [Theory]
    [InlineData(BrewEventKind.KettleAboveBoiling, "water.temperatureC", """{"place":{"altitudeM":2400}}""")]
    [InlineData(BrewEventKind.Overflow, "brewer.capacityMl", """{"brewer":{"capacityMl":400}}""")]
    [InlineData(BrewEventKind.TargetMissed, "target.tdsPercent", """{"coffee":{"doseG":20}}""")]
    [InlineData(BrewEventKind.WindowMissed, "steps[8].window", """{"steps":{"8":{"forS":30}}}""")]
    [InlineData(BrewEventKind.StepLate, "steps[6].at", """{"steps":{"3":{"overS":400}}}""")]
    public void A_fault_only_the_forecast_shows_is_a_finding_too(BrewEventKind kind, string place, string change)
    {
        var node = JsonNode.Parse(Library)![0]!;
        using var changes = JsonDocument.Parse(change);
        Merge(node, changes.RootElement);
        var file = ForecastFile.Read(Encoding.UTF8.GetBytes(node.ToJsonString()), ForecastModel.Published, ForecastOptions.TotalsOnly);
        Assert.Contains(file.Forecasts[0].Events, one => one.Kind == kind);
        Assert.Contains(file.Findings, finding => finding.Place == place);
    }

    [Fact]
    public async Task The_published_schema_is_the_readers_own_and_takes_the_library()
    {
        var published = await File.ReadAllTextAsync(Path.Combine(Root(), "docs/formats/recipe.schema.json"));
        Assert.Equal(published, RecipeSchema.Write());
        // The checker knows an older draft; what is used of 2020-12 exists in it too, except where definitions are placed.
        var schema = await JsonSchema.FromJsonAsync(published.Replace("$defs", "definitions", StringComparison.Ordinal));
        Assert.Empty(schema.Validate(Library));
        var broken = JsonNode.Parse(Library)!.AsArray();
        broken[0]!["steps"]![3]!["toG"] = "much";
        Assert.NotEmpty(schema.Validate(broken.ToJsonString()));
    }

    [Fact]
    public void Ten_thousand_mutilated_files_give_findings_and_nothing_worse()
    {
        var random = new Random(10_000);
        var written = JsonNode.Parse(Library)!.AsArray().Select(recipe => recipe!.ToJsonString()).ToList();
        for (var i = 0; i < 10_000; i++)
        {
            var node = JsonNode.Parse(written[random.Next(written.Count)])!;
            for (var change = random.Next(1, 4); change > 0; change--)
            {
                Mutilate(node, random);
            }

            var json = node.ToJsonString().Replace("\"@NaN\"", "NaN", StringComparison.Ordinal).Replace("\"@big\"", "1e309", StringComparison.Ordinal);
            var before = GC.GetAllocatedBytesForCurrentThread();
            var file = ForecastFile.Read(Encoding.UTF8.GetBytes(json), ForecastModel.Published, ForecastOptions.TotalsOnly);
            Assert.True(GC.GetAllocatedBytesForCurrentThread() - before < 200_000_000);
            Assert.True(file.Refused ? file.Findings.Count > 0 : file.Forecasts.Count == 1);
            foreach (var forecast in file.Forecasts)
            {
                Assert.All(ForecastFigures.Of(forecast.Totals).Values, value => Assert.True(value is null || double.IsFinite(value.Value)));
            }
        }
    }

    [Fact]
    public void Huge_and_deep_files_are_refused_before_they_cost_anything()
    {
        var before = GC.GetAllocatedBytesForCurrentThread();
        var steps = string.Join(',', Enumerable.Repeat("{\"do\":\"stir\"}", 700_000));
        var huge = Library[..^3].Replace("\"steps\": [", "\"steps\": [" + steps + ",", StringComparison.Ordinal);
        var made = GC.GetAllocatedBytesForCurrentThread();
        Assert.Contains("2 MB", RecipeReader.Read(huge).Findings.Single().Rule, StringComparison.Ordinal);
        Assert.False(RecipeReader.Read(new string('[', 100_000)).Accepted);
        Assert.False(RecipeReader.Read(Encoding.UTF8.GetBytes("\"\xff\xfe")).Accepted);
        Assert.False(RecipeReader.Read((byte[])[0x22, 0xff, 0xfe, 0x22]).Accepted);
        Assert.True(GC.GetAllocatedBytesForCurrentThread() - made < 50_000_000);
        Assert.True(made > before);
    }

    private static string Root()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Cistern.slnx")))
        {
            folder = folder.Parent!;
        }

        return folder.FullName;
    }

    private static void Merge(JsonNode into, JsonElement changes)
    {
        foreach (var change in changes.EnumerateObject())
        {
            var child = into is JsonArray list ? list[int.Parse(change.Name, System.Globalization.CultureInfo.InvariantCulture)] : into[change.Name];
            if (change.Value.ValueKind == JsonValueKind.Object && child is not null)
            {
                Merge(child, change.Value);
            }
            else
            {
                into[change.Name] = JsonNode.Parse(change.Value.GetRawText());
            }
        }
    }

    /// <summary>Removes, swaps, doubles or nests something at random.</summary>
    private static void Mutilate(JsonNode root, Random random)
    {
        var node = root;
        while (true)
        {
            var children = node switch
            {
                JsonObject members => members.Select(pair => pair.Value).OfType<JsonNode>().Where(child => child is JsonObject or JsonArray).ToList(),
                JsonArray list => [.. list.OfType<JsonNode>().Where(child => child is JsonObject or JsonArray)],
                _ => [],
            };
            if (children.Count == 0 || random.Next(3) == 0)
            {
                break;
            }

            node = children[random.Next(children.Count)];
        }

        JsonNode? Odd() => random.Next(12) switch
        {
            0 => null,
            1 => "text",
            2 => -1,
            3 => 1e308,
            4 => "@NaN",
            5 => "@big",
            6 => true,
            7 => new JsonArray(1, "two", new JsonObject()),
            8 => JsonNode.Parse(string.Concat(Enumerable.Repeat("[", 40)) + string.Concat(Enumerable.Repeat("]", 40)))!,
            9 => 86_400,
            10 => 0,
            _ => random.NextDouble() * 5_000,
        };

        if (node is JsonObject target && target.Count > 0)
        {
            var name = target.ElementAt(random.Next(target.Count)).Key;
            switch (random.Next(4))
            {
                case 0:
                    target.Remove(name);
                    break;
                case 1:
                    target[Verb.All[random.Next(Verb.All.Count)].Word] = Odd();
                    break;
                case 2 when target.ContainsKey("do"):
                    target["do"] = Verb.All[random.Next(Verb.All.Count)].Word;
                    break;
                default:
                    target[name] = Odd();
                    break;
            }
        }
        else if (node is JsonArray list && list.Count > 0)
        {
            var index = random.Next(list.Count);
            switch (random.Next(3))
            {
                case 0:
                    list.RemoveAt(index);
                    break;
                case 1:
                    list.Insert(index, list[random.Next(list.Count)]?.DeepClone());
                    break;
                default:
                    list[index] = Odd();
                    break;
            }
        }
    }
}
