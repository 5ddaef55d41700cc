using System.Globalization;
using System.Text;
using Cistern.Core.Recipes;

namespace Cistern.Core.Forecasts;

/// <summary>The figures of the whole library, precise enough that no constant of the model can drift unseen.</summary>
public static class LibraryFigures
{
    /// <summary>A line for each recipe and figure: its id, the figure's open name, and its value to six digits; empty where it has none.</summary>
    public static string Csv(ForecastModel model)
    {
        var csv = new StringBuilder("id,figure,value\n");
        foreach (var forecast in RecipeLibrary.All.Select(recipe => model.Figures(recipe)))
        {
            foreach (var (figure, value) in ForecastFigures.Of(forecast.Totals).Append(new("drinkableAfterS", forecast.Totals.DrinkableAfterS)).Append(new("flameMarginW", forecast.Totals.FlameMarginW)).Append(new("leastIceG", forecast.Totals.LeastIceG)))
            {
                csv.Append(CultureInfo.InvariantCulture, $"{forecast.Recipe.Id},{figure},{value?.ToString("G6", CultureInfo.InvariantCulture)}\n");
            }
        }

        return csv.ToString();
    }
}
