namespace Cistern.Core.Planning;

/// <summary>What a small change of one setting does to the cup.</summary>
/// <param name="Setting">Which setting.</param>
/// <param name="By">The change, in the setting's unit.</param>
/// <param name="TdsPercent">The strength after it, %.</param>
/// <param name="ExtractionYieldPercent">The extraction yield after it, %.</param>
/// <param name="FlavourBalance">The flavour balance after it; a judgement.</param>
public readonly record struct Sensitivity(Setting Setting, double By, double TdsPercent, double ExtractionYieldPercent, double FlavourBalance);

/// <summary>How each setting moves a plan on the map of strength against extraction.</summary>
public static class Sensitivities
{
    /// <summary>One sensitivity per setting of the recipe, in the direction of more extraction where both are possible.</summary>
    /// <param name="forecast">The forecast of the recipe.</param>
    /// <param name="grindStepUm">The grinder's own step, µm; over 0.</param>
    /// <returns>Settings that cannot be changed, such as a kettle already boiling, are omitted.</returns>
    public static IReadOnlyList<Sensitivity> Of(Forecast forecast, double grindStepUm = 10) => forecast.Latest(grindStepUm, () => new Cached(Reckon(forecast, grindStepUm))).Sensitivities;

    private static List<Sensitivity> Reckon(Forecast forecast, double grindStepUm)
    {
        var sensitivities = new List<Sensitivity>();
        // Only differences matter, so both runs use coarse time steps.
        var model = forecast.Model.ForDifferences();
        var stands = model.Figures(forecast.Recipe).Totals;
        var exact = forecast.Totals;
        foreach (var setting in Enum.GetValues<Setting>())
        {
            if (Settings.Get(forecast, setting) is not { } value || By(forecast, setting, value, grindStepUm) is not { } by)
            {
                continue;
            }

            var totals = model.Figures(Settings.With(forecast, setting, value + by)).Totals;
            sensitivities.Add(new Sensitivity(
                setting,
                by,
                exact.FinalTdsPercent + totals.FinalTdsPercent - stands.FinalTdsPercent,
                exact.ExtractionYieldPercent + totals.ExtractionYieldPercent - stands.ExtractionYieldPercent,
                exact.FlavourBalance + totals.FlavourBalance - stands.FlavourBalance));
        }

        return sensitivities;
    }

    /// <summary>A step of a size a barista would take; null where there is none.</summary>
    private static double? By(Forecast forecast, Setting setting, double value, double grindStepUm) => setting switch
    {
        Setting.DoseG => Math.Max(0.5, Math.Round(0.06 * value)),
        Setting.WaterG => Math.Max(5, Math.Round(0.06 * value / 5) * 5),
        Setting.TemperatureC => Dial.Usual(forecast, setting).Range.High - value is var room && room >= 1 ? Math.Min(4, Math.Floor(room)) : -4,
        Setting.MedianUm => value > 250 ? -Math.Max(1, Math.Round(0.1 * value / grindStepUm)) * grindStepUm : null,
        Setting.SteepEndS => 60,
        Setting.Turns => 4,
        // How fast it is pressed hardly moves the cup.
        Setting.PressS => null,
    };

    private sealed record Cached(IReadOnlyList<Sensitivity> Sensitivities);
}

/// <summary>One way to compensate for water that boils at too low a temperature.</summary>
/// <param name="Setting">The setting to change.</param>
/// <param name="Solution">The value it needs, with the forecast.</param>
public sealed record MakeUp(Setting Setting, Solution Solution);

/// <summary>The effect of a high place's boiling point, and ways to compensate.</summary>
/// <param name="BoilsC">Where water boils there, °C.</param>
/// <param name="WantedC">The kettle's temperature in the plan, °C.</param>
/// <param name="AsWanted">The figures with water at that temperature.</param>
/// <param name="Ways">Ways to compensate.</param>
public sealed record HighPlace(double BoilsC, double WantedC, Totals AsWanted, IReadOnlyList<MakeUp> Ways)
{
    private static readonly Setting[] Making = [Setting.MedianUm, Setting.SteepEndS, Setting.DoseG];

    /// <summary>Computes it; null where the plan's temperature is possible.</summary>
    /// <param name="forecast">The forecast of the plan.</param>
    /// <param name="grind">The dial of the chosen grinder; null for the usual one.</param>
    /// <param name="canGrind">Whether the grind can be set; that of a bag bought ground cannot.</param>
    public static HighPlace? Of(Forecast forecast, Dial? grind = null, bool canGrind = true)
    {
        var recipe = forecast.Recipe;
        var boilsC = WaterPhysics.BoilingPointC(recipe.Place.AltitudeM);
        if (recipe.Water.TemperatureC <= boilsC + 0.5 || recipe.Brewer.Family == BrewerFamily.Siphon)
        {
            return null;
        }

        var low = forecast.Again(recipe with { Place = recipe.Place with { AltitudeM = 0 } }).Totals;
        var ways = Making.Where(setting => (canGrind || setting != Setting.MedianUm) && Settings.Get(forecast, setting) is not null)
            .Select(setting => new MakeUp(setting, Solving.For(
                forecast,
                setting == Setting.MedianUm && grind is not null ? grind : Dial.Usual(forecast, setting),
                Outcome.TdsPercent,
                low.FinalTdsPercent)))
            .Where(way => way.Solution.Reached).ToList();
        return new HighPlace(boilsC, recipe.Water.TemperatureC, low, ways);
    }
}
