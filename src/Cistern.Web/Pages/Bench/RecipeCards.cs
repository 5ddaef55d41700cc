using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Web.Wording;

namespace Cistern.Web.Pages.Bench;

/// <summary>One recipe on the bench.</summary>
/// <param name="Recipe">The recipe.</param>
/// <param name="Charge">Its dose, water and temperature in words.</param>
/// <param name="Comes">What it comes to, in words.</param>
/// <param name="TinyTide">Its tide in little.</param>
public sealed record RecipeCard(Recipe Recipe, string Charge, string Comes, string TinyTide);

/// <summary>The recipes that can be brewed, as cards.</summary>
public sealed record RecipeCards(IReadOnlyList<RecipeCard> Cards)
{
    private static readonly Lazy<IReadOnlyList<Forecast>> Forecasts = new(() =>
        [.. RecipeLibrary.All.Where(recipe => recipe.Brewer.Family == VesselFamily.FrenchPress).Select(recipe => Forecaster.Run(recipe))]);

    /// <summary>Every French-press recipe.</summary>
    public static RecipeCards Of(Show show) => new([.. Forecasts.Value.Select(forecast => Card(forecast, show))]);

    private static RecipeCard Card(Forecast forecast, Show show)
    {
        var recipe = forecast.Recipe;
        var totals = forecast.Totals;
        return new RecipeCard(
            recipe,
            $"{show.Mass(recipe.Coffee.DoseG)} to {show.Water(recipe.WaterG)} at {show.Temperature(recipe.Water.TemperatureC)}",
            $"{Show.Clock(totals.FinishS)}, {show.Drink(totals.FinalG)}, {Show.Percent(totals.FinalTdsPercent, 2)} TDS",
            TinyTide.Points(forecast));
    }
}
