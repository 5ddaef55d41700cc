using AngleSharp.Dom;
using static Cistern.Web.Tests.PlanPage;

namespace Cistern.Web.Tests;

/// <summary>How many actions it takes to make another barista's brew of a recipe: each is one request to the server.</summary>
public sealed class ActionsTests(App app) : IClassFixture<App>
{
    private const int MostActions = 8;

    public static TheoryData<string> Recipes => [.. RecipeLibrary.All.Select(recipe => recipe.Id)];

    /// <summary>Dose, water, grind, temperature, two times, an inserted step and a dilution: none is refused, and each can be undone.</summary>
    [Theory]
    [MemberData(nameof(Recipes))]
    public async Task A_recipe_becomes_another_brew_in_eight_actions(string id)
    {
        var client = app.Browser();
        var page = await App.GetAsync(client, $"/plan/{id}?bag=&mill=&vessel=");
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var recipe = forecast.Recipe;
        var actions = 0;

        async Task Act(string what, params (string Name, string Value)[] changes)
        {
            var stood = Shown(page);
            page = await ChangeAsync(client, page, changes);
            actions++;
            Assert.Empty(page.QuerySelectorAll(".plan-set .problem"));
            Assert.True(stood != Shown(page), $"{what} of {id} changed nothing: {changes[0]} {page.QuerySelector("#plan-findings")!.TextContent.Trim()}");
            Assert.False(page.QuerySelector("#undo")!.HasAttribute("disabled"), what);
        }

        await Act("dose", ("dose", Text(recipe.Coffee.DoseG * 0.9, "0.0")));
        await Act("water", ("water", Text(recipe.WaterG * 0.93, "0")));
        Assert.Equal((Text(recipe.Coffee.DoseG * 0.9, "0.0"), Text(recipe.WaterG * 0.93, "0")), (Value(page, "dose"), Value(page, "water")));
        await Act("grind", ("grind", Text(recipe.Grind.MedianUm + 40, "0")));
        await Act("temperature", ("kettle", Text(double.Parse(Value(page, "kettle"), CultureInfo.InvariantCulture) - 3, "0")));

        var (begins, ends) = (Timed(forecast), Long(forecast));
        await Act("a beginning", ("do", Text("begin", begins, forecast.Timings[begins].StartS + 6)));
        await Act("another time", ("do", ends > 0 ? Text("end", ends, forecast.Timings[ends].EndS + 37) : Text("begin", begins, forecast.Timings[begins].StartS + 25)));
        var put = StepEditing.VerbsFor(recipe.Brewer.Family).First(verb => verb.Word is "stir" or "swirl").Word;
        await Act("a step", ("put", put), ("put.at", Text(Math.Round(Math.Min(0.5 * forecast.Totals.FinishS, Core.Planning.Settings.Get(forecast, Core.Planning.Setting.SteepEndS)!.Value - 10)), "0")), ("do", "put"));
        if (!recipe.Steps.Any(step => step is Step.Ice or Step.Dilute))
        {
            await Act("a let-down", ("let-down.tds", Text(double.Parse(page.QuerySelector(".figures .figure")!.TextContent, CultureInfo.InvariantCulture) - 0.1, "0.00")), ("do", "let-down"));
            Assert.Contains("Dilute", page.QuerySelector("#plan-steps")!.TextContent, StringComparison.Ordinal);
        }

        Assert.InRange(actions, MostActions - 1, MostActions);
        // All of it is one saved plan, which can be brewed or says why not.
        var kept = await SaveAsync(client, page, $"{id} as another makes it", "");
        Assert.Equal($"{id} as another makes it", kept.QuerySelector("h1")!.TextContent);
        Assert.Equal(Text(recipe.Coffee.DoseG * 0.9, "0.0"), Value(kept, "dose"));
    }

    /// <summary>What a barista sees of a plan: the next undo, its fields and its steps.</summary>
    private static string Shown(IDocument page) => page.QuerySelector("#undo")!.GetAttribute("title") + string.Join('|', page.QuerySelectorAll("#plan-set input.input").Select(field => field.GetAttribute("value"))) + page.QuerySelector("#plan-steps")!.QuerySelectorAll(".strip-open").Aggregate("", (all, step) => all + step.GetAttribute("aria-label"));

    private static string Text(double value, string format) => value.ToString(format, CultureInfo.InvariantCulture);

    private static string Text(string deed, int step, double atS) => string.Create(CultureInfo.InvariantCulture, $"{deed}:{step}:{Math.Round(atS)}");

    /// <summary>The last step that begins at a time of its own while the clock is running.</summary>
    private static int Timed(Forecast forecast) => forecast.Recipe.Steps.ToList().FindLastIndex(step => step.AtS is > 0) is >= 0 and var index ? index : Long(forecast) + 1;

    /// <summary>The longest step whose end is set by hand; 0 if there is none once the clock runs.</summary>
    private static int Long(Forecast forecast) => Enumerable.Range(0, forecast.Recipe.Steps.Length)
        .Where(i => StepEditing.HasLength(forecast.Recipe.Steps[i]) && i > RecipeChecker.AnchorIndex(forecast.Recipe)).MaxBy(i => forecast.Timings[i].LengthS);
}
