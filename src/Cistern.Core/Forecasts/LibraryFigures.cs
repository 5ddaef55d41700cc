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
        foreach (var forecast in RecipeLibrary.All.Concat(Variants()).Select(recipe => model.Figures(recipe)))
        {
            foreach (var (figure, value) in ForecastFigures.Of(forecast.Totals).Append(new("drinkableAfterS", forecast.Totals.DrinkableAfterS)).Append(new("flameMarginW", forecast.Totals.FlameMarginW)).Append(new("leastIceG", forecast.Totals.LeastIceG)))
            {
                csv.Append(CultureInfo.InvariantCulture, $"{forecast.Recipe.Id},{figure},{value?.ToString("G6", CultureInfo.InvariantCulture)}\n");
            }
        }

        return csv.ToString();
    }

    /// <summary>One recipe of each family with one thing other than usual, so that what the library never uses is held too.</summary>
    private static IEnumerable<Recipe> Variants()
    {
        foreach (var id in (string[])["fp-bloomed", "tp-upright-short", "vd-coffee-first", "ld-closed", "si-whirl", "jar-spoons"])
        {
            var recipe = RecipeLibrary.Find(id)!;
            Recipe With(string what, Func<Recipe, Recipe> change) => change(recipe) with { Id = $"{id}+{what}" };
            Recipe WithBrewer(string what, Func<Brewer, Brewer> change) => With(what, one => one with { Brewer = change(one.Brewer) });
            foreach (var material in Enum.GetValues<Material>())
            {
                yield return WithBrewer(Words<Material>.Of(material), brewer => brewer with { Material = material });
            }

            foreach (var filter in Enum.GetValues<Filter>())
            {
                yield return WithBrewer(Words<Filter>.Of(filter), brewer => brewer with { Filter = filter });
            }

            yield return WithBrewer("wrapped", brewer => brewer with { Wrapped = true });
            yield return WithBrewer("smaller", brewer => brewer with { CapacityMl = 0.8 * brewer.CapacityMl });
            yield return With("dark", one => one with { Coffee = one.Coffee with { Roast = 0.95 } });
            yield return With("light", one => one with { Coffee = one.Coffee with { Roast = 0.05 } });
            yield return With("fresh", one => one with { Coffee = one.Coffee with { RestDays = 1 } });
            yield return With("old", one => one with { Coffee = one.Coffee with { RestDays = 60 } });
            yield return With("fine", one => one with { Grind = one.Grind with { MedianUm = 0.6 * one.Grind.MedianUm } });
            yield return With("coarse", one => one with { Grind = one.Grind with { MedianUm = 1.6 * one.Grind.MedianUm } });
            yield return With("dusty", one => one with { Grind = one.Grind with { Fines = 0.25 } });
            yield return With("high-and-cold", one => one with { Place = new Place(2400, 8) });
        }
    }
}
