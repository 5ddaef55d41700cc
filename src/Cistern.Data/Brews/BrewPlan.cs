using System.Text.Json;
using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Data.Brews;

/// <summary>Puts a plan into a brew's row and gets it out again.</summary>
public static class BrewPlan
{
    /// <summary>A new brew of a forecast, as yet without its circumstances.</summary>
    public static Brew Of(Forecast forecast, long openedAtMs) => new()
    {
        RecipeId = forecast.Recipe.Id,
        Name = forecast.Recipe.Name,
        PlanJson = RecipeWriter.Write(forecast.Recipe),
        ModelVersion = Forecast.ModelVersion,
        ForecastJson = JsonSerializer.Serialize(ForecastFigures.Of(forecast.Totals)),
        TinyTide = TinyTide.Points(forecast),
        OpenedAtMs = openedAtMs,
    };

    /// <summary>The plan of a brew. It was checked when it was kept.</summary>
    /// <exception cref="UnreadableException">The row has been changed by another hand and is no recipe any more.</exception>
    public static Recipe Recipe(this Brew brew)
    {
        var file = RecipeReader.ReadDraft(brew.PlanJson);
        return file.Recipes.Length == 1 ? file.Recipes[0] : throw new UnreadableException($"The plan of {brew.Name} cannot be read: {file.Findings.FirstOrDefault()?.Rule}");
    }

    /// <summary>Whether its plan can be read.</summary>
    public static bool IsReadable(this Brew brew) => RecipeReader.ReadDraft(brew.PlanJson).Recipes.Length == 1;

    /// <summary>The figures that were forecast when it was planned.</summary>
    public static IReadOnlyDictionary<string, double?> Figures(this Brew brew) =>
        JsonSerializer.Deserialize<Dictionary<string, double?>>(brew.ForecastJson) ?? [];

    /// <summary>The weights that were typed, by step.</summary>
    public static IReadOnlyDictionary<int, double> WeightsG(this Brew brew) =>
        brew.Weighings.ToDictionary(weighing => weighing.StepIndex, weighing => weighing.TotalG);
}
