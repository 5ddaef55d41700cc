using System.Text;

namespace Cistern.Core.Planning;

/// <summary>The figures of the whole library, precise enough to show any change of a constant.</summary>
public static class LibraryFigures
{
    /// <summary>A line for each recipe and figure: its id, the figure's public name, and its value to six digits; empty where it does not apply.</summary>
    public static string Csv(ForecastModel model)
    {
        var csv = new StringBuilder("id,figure,value\n");
        foreach (var forecast in RecipeLibrary.All.Concat(Variants()).Select(recipe => model.Figures(recipe)).Concat(Fitted(model)))
        {
            foreach (var (figure, value) in ForecastFigures.Of(forecast.Totals).Append(new("drinkableAfterS", forecast.Totals.DrinkableAfterS)).Append(new("flameMarginW", forecast.Totals.FlameMarginW)).Append(new("leastIceG", forecast.Totals.LeastIceG)))
            {
                Write(forecast.Recipe.Id, figure, value);
            }
        }

        foreach (var forecast in RecipeLibrary.All.Select(recipe => model.Run(recipe)))
        {
            foreach (var (outcome, band) in Confidence.Of(forecast))
            {
                Write(forecast.Recipe.Id, $"{outcome} from", band.Low);
                Write(forecast.Recipe.Id, $"{outcome} to", band.High);
            }

            foreach (var (setting, tolerances) in Tolerances.Of(forecast))
            {
                Write(forecast.Recipe.Id, $"{setting} slack", tolerances);
            }
        }

        return csv.ToString();

        void Write(string id, string figure, double? value) => csv.Append(CultureInfo.InvariantCulture, $"{id},{figure},{value?.ToString("G6", CultureInfo.InvariantCulture)}\n");
    }

    /// <summary>Forecasts with each of the model's parameters changed.</summary>
    private static IEnumerable<Forecast> Fitted(ForecastModel model)
    {
        var published = model.Parameters;
        foreach (var (what, parameters) in (IEnumerable<(string, ModelParameters)>)
        [
            ("diffusivity", published with { Diffusivity = 1.3 }), ("resistance", published with { CakeResistance = 1.6 }), ("equilibrium", published with { EquilibriumShift = 0.03 }),
            ("hold", published with { HoldShiftGPerG = 0.2 }), ("gas", published with { Gas = 1.5 }), ("loss", published with { HeatLoss = 1.3 }), ("offset", published with { GrindOffsetUm = 60 }),
        ])
        {
            foreach (var recipe in Usual)
            {
                yield return (model with { Parameters = parameters }).Figures(recipe with { Id = $"{recipe.Id}~{what}" });
            }
        }
    }

    /// <summary>One recipe of each family.</summary>
    private static IEnumerable<Recipe> Usual => ((string[])["fp-bloomed", "tp-upright-short", "vd-coffee-first", "ld-closed", "si-whirl", "jar-spoons"]).Select(id => RecipeLibrary.Find(id)!);

    /// <summary>A recipe of each family with each unusual value that the library does not use.</summary>
    private static IEnumerable<Recipe> Variants()
    {
        foreach (var recipe in Usual)
        {
            Recipe With(string what, Func<Recipe, Recipe> change) => change(recipe) with { Id = $"{recipe.Id}+{what}" };
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
