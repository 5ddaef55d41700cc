namespace Cistern.Web.Pages.Bench;

/// <summary>The brew with the least equipment: a jar, two spoons, something to boil water in and ground coffee.</summary>
public static class MinimalBrew
{
    /// <summary>The recipe.</summary>
    public const string RecipeId = "jar-spoons";

    /// <summary>Its steps without scale, thermometer or grinder, each with its time, and with its caution where that first applies.</summary>
    /// <param name="model">Computes its times.</param>
    /// <param name="format">How the barista reads figures; their equipment is ignored.</param>
    public static IReadOnlyList<string> Lines(ForecastModel model, FigureFormat format)
    {
        var forecast = model.Figures(RecipeLibrary.Find(RecipeId)!);
        var bare = format.With(new Equipment(false, false, false) { Spoon = format.Equipment.Spoon });
        return
        [
            $"Grind: {GrainWords.For(forecast.Recipe.Grind.MedianUm).Last().Word}; water at {bare.Equipment.Heat(forecast.Recipe.Water.TemperatureC, forecast.Recipe.Place, bare)}; a jar that holds {bare.Room(forecast.Recipe.RoomMl)} and takes the heat.",
            .. Steps(forecast, bare),
        ];
    }

    /// <summary>The steps of a brew, one per line, with times, and with cautions where they first apply.</summary>
    /// <param name="forecast">The forecast of the recipe.</param>
    /// <param name="bare">How the reader reads figures, and their equipment.</param>
    public static IReadOnlyList<string> Steps(Forecast forecast, FigureFormat bare)
    {
        var cautioned = new HashSet<string>(StringComparer.Ordinal);
        return
        [
            .. forecast.Recipe.Steps.Select((step, i) => (Step: step, Index: i)).Where(one => one.Step is not (Step.Weigh or Step.GrindCoffee or Step.Tare or Step.Taste or Step.Serve or Step.Clear)).Select(one =>
            {
                var words = StepWording.Of(forecast.Recipe, one.Index, bare);
                var atS = forecast.Timings[one.Index].StartS;
                return $"{(atS >= 0 && !Verb.TraitsOf(one.Step).MakesReady ? FigureFormat.Clock(atS) + " " : "")}{words.Verb}{(words.Target.Length > 0 ? ": " + words.Target : "")}.{(words.Caution is { } caution && cautioned.Add(caution) ? " " + caution : "")}";
            }),
        ];
    }
}
