using System.Collections.Concurrent;

namespace Cistern.Web.Pages.Bench;

/// <summary>One recipe on the bench.</summary>
/// <param name="Recipe">The recipe.</param>
/// <param name="Batch">Its dose, water and temperature in words.</param>
/// <param name="Comes">Its expected figures in words.</param>
/// <param name="Sparkline">Its small brew chart.</param>
public sealed record RecipeCard(Recipe Recipe, string Batch, string Comes, string Sparkline);

/// <summary>The recipes of one family of vessel.</summary>
/// <param name="Family">The family.</param>
/// <param name="Cards">Its recipes.</param>
public sealed record FamilyCards(BrewerFamily Family, IReadOnlyList<RecipeCard> Cards);

/// <summary>The recipes of the library as cards.</summary>
public sealed record RecipeCards(IReadOnlyList<FamilyCards> Families)
{
    private static readonly Lazy<IReadOnlyList<Forecast>> Forecasts = new(() => [.. RecipeLibrary.All.Select(recipe => ForecastModel.Published.Run(recipe))]);

    /// <summary>The cards for each set of units, which never change.</summary>
    private static readonly ConcurrentDictionary<Units, RecipeCards> Cached = new();

    /// <summary>All recipes of the library, by family.</summary>
    public static RecipeCards Of(FigureFormat format) => Cached.GetOrAdd(format.Units, _ => Make(format));

    /// <summary>All families, those on the shelf first.</summary>
    public RecipeCards WithFirst(IReadOnlyCollection<BrewerFamily> onShelf) => new([.. Families.OrderBy(family => !onShelf.Contains(family.Family))]);

    private static RecipeCards Make(FigureFormat format) => new(
        [.. Forecasts.Value.GroupBy(forecast => forecast.Recipe.Brewer.Family).Select(group => new FamilyCards(group.Key, [.. group.Select(forecast => Card(forecast, format))]))]);

    private static RecipeCard Card(Forecast forecast, FigureFormat format)
    {
        var recipe = forecast.Recipe;
        var totals = forecast.Totals;
        var water = recipe.Brewer.Family == BrewerFamily.Siphon ? "over the flame" : $"at {format.Temperature(recipe.Water.TemperatureC)}";
        return new RecipeCard(
            recipe,
            $"{format.Dose(recipe.Coffee.DoseG)} to {format.Water(recipe.WaterG)} {water}",
            $"{FigureFormat.Clock(totals.FinishS)}, {CupWording.Tds(totals, format)}{format.Drink(totals.FinalG)}{(totals.ChilledC is null ? "" : ", iced")}",
            Sparkline.Points(forecast));
    }
}
