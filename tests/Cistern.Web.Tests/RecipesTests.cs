using static Cistern.Web.Tests.PlanPage;

namespace Cistern.Web.Tests;

/// <summary>Recipes found, marked as liked, and fitted to the brewer that is there.</summary>
public sealed class RecipesTests(App app) : IClassFixture<App>
{
    [Fact]
    public async Task Recipes_are_found_by_words_put_in_order_and_favourites_come_first()
    {
        var client = app.Browser();
        static List<string> Names(AngleSharp.Dom.IDocument page) => [.. page.QuerySelectorAll("#recipes ~ .cards .card-name").Select(name => name.TextContent)];
        var all = Names(await App.GetAsync(client, "/plan"));
        Assert.Equal(RecipeLibrary.All.Count, all.Count);
        var iced = Names(await App.GetAsync(client, "/plan?words=ICED+lever"));
        Assert.NotEmpty(iced);
        Assert.True(iced.Count < 5);
        var none = await App.GetAsync(client, "/plan?words=teapot");
        Assert.Empty(Names(none));
        Assert.Contains("No recipe has these words.", none.QuerySelector(".lead")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(all.Order(StringComparer.Ordinal), Names(await App.GetAsync(client, "/plan?order=name")));
        Assert.Equal(all, Names(await App.GetAsync(client, "/plan?order=nonsense")));

        var last = RecipeLibrary.All.Single(recipe => recipe.Name == all[^1]);
        var page = await App.ParseAsync(await App.PostAsync(client, await App.GetAsync(client, "/plan"), "/plan?handler=Favourite&order=", ("recipe", last.Id)));
        Assert.Equal(last.Name, Names(page)[0]);
        Assert.Equal("true", page.QuerySelector(".like")!.GetAttribute("aria-pressed"));
        page = await App.ParseAsync(await App.PostAsync(client, page, "/plan?handler=Favourite", ("recipe", last.Id)));
        Assert.Equal(all, Names(page));
        Assert.Equal(404, (int)(await App.PostAsync(client, page, "/plan?handler=Favourite", ("recipe", "no-such"))).StatusCode);
    }

    [Fact]
    public async Task What_stands_on_the_shelf_comes_first_and_a_recipe_too_large_for_it_is_scaled_to_it()
    {
        await using var own = new App();
        await own.DataAsync(async db =>
        {
            await db.Vessels.ExecuteDeleteAsync();
            db.Vessels.Add(new OwnedBrewer { Name = "Small press", Family = BrewerFamily.FrenchPress, CapacityMl = 350 });
            return await db.SaveChangesAsync();
        });
        var client = own.Browser();
        Assert.Equal("french-press", (await App.GetAsync(client, "/")).QuerySelector("h3.family")!.Id);
        var page = await App.GetAsync(client, "/plan/fp-long-settle");
        Assert.Contains("Small press", page.QuerySelector("#own-gear")!.TextContent, StringComparison.Ordinal);
        Assert.InRange(double.Parse(Value(page, "water"), System.Globalization.CultureInfo.InvariantCulture), 200, 320);
        Assert.Equal("15", Value(page, "ratio")[..2]);
        Assert.Empty(page.QuerySelectorAll(".finding.stops"));
        // Looking stores nothing, and a change goes on from there.
        page = await ChangeAsync(client, page, ("do", "dose+"));
        Assert.InRange(double.Parse(Value(page, "dose"), System.Globalization.CultureInfo.InvariantCulture), 14, 23);
        page = await ChangeAsync(client, await App.GetAsync(client, "/plan/fp-long-settle"), ("do", "as-written"));
        Assert.Equal(("480", "32.0"), (Value(page, "water"), Value(page, "dose")));
        // A size that nobody owns takes one touch, too.
        page = await ChangeAsync(client, page, ("do", "size:500"));
        Assert.Contains("500 ml", page.QuerySelector(".sub")!.TextContent, StringComparison.Ordinal);
        Assert.InRange(double.Parse(Value(page, "water"), System.Globalization.CultureInfo.InvariantCulture), 200, 450);
    }
}
