using Cistern.Core.Forecasts;
using Cistern.Core.Physics;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>What a small change of one setting does to the cup.</summary>
/// <param name="Setting">Which setting.</param>
/// <param name="By">By how much, in its own unit.</param>
/// <param name="TdsPercent">The strength it then comes to, %.</param>
/// <param name="ExtractionYieldPercent">The extraction yield it then comes to, %.</param>
/// <param name="FlavourBalance">The flavour balance it then comes to; a judgement.</param>
public readonly record struct Sensitivity(Setting Setting, double By, double TdsPercent, double ExtractionYieldPercent, double FlavourBalance);

/// <summary>Which way each setting moves a plan on the map of strength against yield.</summary>
public static class Sensitivities
{
    /// <summary>One sensitivity for each setting the recipe has, towards more coffee in the cup where there are two ways.</summary>
    /// <param name="forecast">The forecast of the recipe.</param>
    /// <param name="grindStepUm">The grinder's own step, µm; over 0.</param>
    /// <returns>Settings that cannot be nudged, as a kettle already at the boil, are left out.</returns>
    public static IReadOnlyList<Sensitivity> Of(Forecast forecast, double grindStepUm = 10) => forecast.Latest(grindStepUm, () => new Worked(Reckon(forecast, grindStepUm))).Sensitivities;

    private static List<Sensitivity> Reckon(Forecast forecast, double grindStepUm)
    {
        var sensitivities = new List<Sensitivity>();
        // Only where it goes to counts, so coarse steps do, held against a coarse run of the plan.
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

    /// <summary>A step a barista would take; null where there is none to take.</summary>
    private static double? By(Forecast forecast, Setting setting, double value, double grindStepUm) => setting switch
    {
        Setting.DoseG => Math.Max(0.5, Math.Round(0.06 * value)),
        Setting.WaterG => Math.Max(5, Math.Round(0.06 * value / 5) * 5),
        Setting.TemperatureC => Dial.Usual(forecast, setting).Range.High - value is var room && room >= 1 ? Math.Min(4, Math.Floor(room)) : -4,
        Setting.MedianUm => value > 250 ? -Math.Max(1, Math.Round(0.1 * value / grindStepUm)) * grindStepUm : null,
        Setting.SteepEndS => 60,
        Setting.Turns => 4,
        // How fast it is pressed hardly moves the cup.
        _ => null,
    };

    private sealed record Worked(IReadOnlyList<Sensitivity> Sensitivities);
}

/// <summary>One way to make up for water that boils too cool.</summary>
/// <param name="Setting">The setting to change.</param>
/// <param name="Solution">What it has to be, and what it then comes to.</param>
public sealed record MakeUp(Setting Setting, Solution Solution);

/// <summary>What the boiling point of a high place takes away, and what would make it up.</summary>
/// <param name="BoilsC">Where water boils there, °C.</param>
/// <param name="WantedC">The kettle the plan asks for, °C.</param>
/// <param name="AsWanted">What the plan would come to with water that hot.</param>
/// <param name="Ways">What would make it up.</param>
public sealed record HighPlace(double BoilsC, double WantedC, Totals AsWanted, IReadOnlyList<MakeUp> Ways)
{
    private static readonly Setting[] Making = [Setting.MedianUm, Setting.SteepEndS, Setting.DoseG];

    /// <summary>Works it out; null where the plan's water can be had.</summary>
    /// <param name="forecast">The forecast of the plan.</param>
    /// <param name="grind">The grind's dial, where a grinder is chosen; null for the usual one.</param>
    /// <param name="canGrind">Whether the grind can be set at all: a bag bought ground cannot.</param>
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
