using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Planning;

/// <summary>A thing the barista sets.</summary>
public enum Setting
{
    /// <summary>Dry coffee, g; the water stays.</summary>
    DoseG,

    /// <summary>Water poured, g; the dose stays.</summary>
    WaterG,

    /// <summary>The kettle, °C; for a siphon what its flame holds.</summary>
    TemperatureC,

    /// <summary>The grind's median, µm.</summary>
    MedianUm,

    /// <summary>When the release begins, s on the clock.</summary>
    SteepEndS,

    /// <summary>Turns of the first stirring.</summary>
    Turns,

    /// <summary>Seconds of the press or the plunge.</summary>
    PressS,
}

/// <summary>Reads and changes one setting of a recipe, everything else as it was.</summary>
public static class Settings
{
    /// <summary>The value a recipe has, or null where it has no such thing.</summary>
    /// <param name="forecast">The recipe's forecast, for when things happen.</param>
    /// <param name="setting">Which.</param>
    public static double? Get(Forecast forecast, Setting setting)
    {
        var recipe = forecast.Recipe;
        return setting switch
        {
            Setting.DoseG => recipe.Coffee.DoseG,
            Setting.WaterG => recipe.WaterG,
            Setting.TemperatureC => TemperatureC(recipe),
            Setting.MedianUm => recipe.Grind.MedianUm,
            Setting.SteepEndS => SteepEndIndex(recipe) is >= 0 and var index ? forecast.Timings[index].StartS : null,
            Setting.Turns => StirIndex(recipe) is >= 0 and var index ? ((Step.Stirring)recipe.Steps[index]).Turns : null,
            _ => PressIndex(recipe) is >= 0 and var index ? recipe.Steps[index].OverS : null,
        };
    }

    /// <summary>The recipe with one setting changed.</summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
    /// <param name="setting">Which.</param>
    /// <param name="value">Its new value.</param>
    public static Recipe With(Forecast forecast, Setting setting, double value)
    {
        var recipe = forecast.Recipe;
        return setting switch
        {
            Setting.DoseG => recipe with { Coffee = recipe.Coffee with { DoseG = value } },
            Setting.WaterG => Scaling.To(recipe, new Batch(recipe.Coffee.DoseG, value)),
            Setting.TemperatureC => WithTemperature(recipe, value),
            Setting.MedianUm => recipe with { Grind = recipe.Grind with { MedianUm = value } },
            Setting.SteepEndS => Release(forecast, value),
            Setting.Turns => Replace(recipe, StirIndex(recipe), step => (Step.Stirring)step with { Turns = (int)Math.Round(value) }),
            _ => Replace(recipe, PressIndex(recipe), step => step with { OverS = value }),
        };
    }

    /// <summary>The temperature a barista sets: the kettle's, or what a siphon's flame is to hold, °C.</summary>
    public static double TemperatureC(Recipe recipe) =>
        Chamber(recipe) is { } chamber ? chamber.HoldC ?? ForecastModel.UsualHoldC : recipe.Water.TemperatureC;

    /// <summary>The recipe with that temperature.</summary>
    public static Recipe WithTemperature(Recipe recipe, double temperatureC) => Chamber(recipe) is { } chamber
        ? recipe with { Steps = recipe.Steps.Replace(chamber, chamber with { HoldC = temperatureC }) }
        : recipe with { Water = recipe.Water with { TemperatureC = temperatureC } };

    private static Step.SeatChamber? Chamber(Recipe recipe) => recipe.Steps.OfType<Step.SeatChamber>().FirstOrDefault();

    /// <summary>The step that begins the release, or −1.</summary>
    public static int SteepEndIndex(Recipe recipe) => Acts.SteepEndIndex(recipe);

    /// <summary>The step a setting belongs to: the first stirring for turns, the press or plunge for its seconds; −1 for the rest.</summary>
    public static int StepOf(Recipe recipe, Setting setting) => setting switch
    {
        Setting.Turns => StirIndex(recipe),
        Setting.PressS => PressIndex(recipe),
        _ => -1,
    };

    private static int StirIndex(Recipe recipe) => IndexOf(recipe, step => step is Step.Stirring and not Step.Stir { Continuous: true });

    private static int PressIndex(Recipe recipe) => IndexOf(recipe, step => step is Step.Press or Step.Plunge { Depth: PlungeDepth.Bottom });

    private static int IndexOf(Recipe recipe, Func<Step, bool> wanted)
    {
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            if (wanted(recipe.Steps[i]))
            {
                return i;
            }
        }

        return -1;
    }

    private static Recipe Replace(Recipe recipe, int index, Func<Step, Step> change) =>
        index < 0 ? recipe : recipe with { Steps = recipe.Steps.SetItem(index, change(recipe.Steps[index])) };

    /// <summary>
    /// Moves the release: the wait before it grows or shrinks, or the step whose time leads to it moves, with all that
    /// comes after. So the stir just before a release stays just before it.
    /// </summary>
    private static Recipe Release(Forecast forecast, double atS)
    {
        var recipe = forecast.Recipe;
        var steepEnd = SteepEndIndex(recipe);
        if (steepEnd < 0)
        {
            return recipe;
        }

        var deltaS = atS - forecast.Timings[steepEnd].StartS;
        var steps = recipe.Steps.ToBuilder();
        var lastPour = Acts.LastWater(recipe);
        for (var i = steepEnd; i > lastPour; i--)
        {
            if (steps[i] is Step.Wait wait)
            {
                steps[i] = wait with { ForS = Math.Max(0, wait.ForS + deltaS) };
                return recipe with { Steps = Shifted(steps, i + 1, deltaS) };
            }

            if (steps[i].AtS is not null)
            {
                return recipe with { Steps = Shifted(steps, i, deltaS) };
            }
        }

        steps[steepEnd] = Moved(steps[steepEnd] with { AtS = Math.Max(0, atS) }, deltaS);
        return recipe with { Steps = Shifted(steps, steepEnd + 1, deltaS) };
    }

    /// <summary>What stands in the way of ending the steep at a time, and could be shorter: the longest of the steps between the last water and the end of the steep that has the seconds to give. Null where none has.</summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
    /// <param name="atS">When the steep is to end, s on the clock.</param>
    /// <returns>The step, how long it would be, s, and the recipe with both.</returns>
    public static (int Index, double LengthS, Recipe Recipe)? Shortened(Forecast forecast, double atS)
    {
        const double LeastS = 2;
        var (recipe, release) = (forecast.Recipe, SteepEndIndex(forecast.Recipe));
        var needS = release < 0 ? 0 : forecast.Again(Release(forecast, atS)).Timings[release].StartS - atS;
        var index = Enumerable.Range(Acts.LastWater(recipe) + 1, Math.Max(0, release - Acts.LastWater(recipe) - 1))
            .Where(i => recipe.Steps[i].OverS - needS >= LeastS).OrderByDescending(i => recipe.Steps[i].OverS).FirstOrDefault(-1);
        if (needS <= 0 || index < 0)
        {
            return null;
        }

        var lengthS = Math.Round(recipe.Steps[index].OverS - needS, 1);
        var shorter = forecast.Again(recipe with { Steps = recipe.Steps.SetItem(index, recipe.Steps[index] with { OverS = lengthS }) });
        return (index, lengthS, Release(shorter, atS));
    }

    /// <summary>The steps with every time from one of them on moved, and the windows of their beginnings with them.</summary>
    internal static ImmutableArray<Step> Shifted(ImmutableArray<Step>.Builder steps, int from, double byS)
    {
        for (var i = from; i < steps.Count; i++)
        {
            var step = Moved(steps[i], byS);
            steps[i] = step.AtS is { } atS ? step with { AtS = Math.Clamp(atS + byS, 0, Member.LongestBrewS) } : step;
        }

        return steps.ToImmutable();
    }

    /// <summary>A wait by so much longer or shorter. Its window goes along: it is of what was meant, and would else be all that is said.</summary>
    internal static Step.Wait Longer(Step.Wait wait, double byS)
    {
        var forS = Math.Clamp(wait.ForS + byS, 0, Member.LongestStepS);
        return wait with { ForS = forS, Window = Shifted(wait.Window, forS - wait.ForS) };
    }

    /// <summary>A step with the windows of its beginning moved.</summary>
    internal static Step Moved(Step step, double byS) => Verb.TraitsOf(step).WindowOf == WindowOf.Start
        ? step with { Window = Shifted(step.Window, byS) }
        : step with { StartWindow = Shifted(step.StartWindow, byS) };

    /// <summary>A window moved on the clock; none stays none.</summary>
    private static Span? Shifted(Span? window, double byS) => window is { } span
        ? new Span(Math.Clamp(Math.Round(span.Low + byS, 1), 0, Member.LongestBrewS), Math.Clamp(Math.Round(span.High + byS, 1), 0, Member.LongestBrewS))
        : null;
}
