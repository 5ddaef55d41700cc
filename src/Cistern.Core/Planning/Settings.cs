namespace Cistern.Core.Planning;

/// <summary>A thing the barista sets.</summary>
public enum Setting
{
    /// <summary>Dry coffee, g; the water stays.</summary>
    DoseG,

    /// <summary>Water poured, g; the dose stays.</summary>
    WaterG,

    /// <summary>The kettle's temperature, °C; for a siphon the flame's.</summary>
    TemperatureC,

    /// <summary>The grind's median, µm.</summary>
    MedianUm,

    /// <summary>When the steep ends, s on the brew clock.</summary>
    SteepEndS,

    /// <summary>Turns of the first stirring.</summary>
    Turns,

    /// <summary>Seconds of the press or the plunge.</summary>
    PressS,
}

/// <summary>Reads and changes one setting of a recipe and leaves everything else unchanged.</summary>
public static class Settings
{
    /// <summary>The recipe's value, or null where it has no such setting.</summary>
    /// <param name="forecast">The recipe's forecast, for its times.</param>
    /// <param name="setting">The setting.</param>
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
            Setting.PressS => PressIndex(recipe) is >= 0 and var index ? recipe.Steps[index].OverS : null,
        };
    }

    /// <summary>The recipe with one setting changed.</summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
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

    /// <summary>The temperature that the barista sets, °C: the kettle's, or that of a siphon's flame.</summary>
    public static double TemperatureC(Recipe recipe) =>
        Chamber(recipe) is { } chamber ? chamber.HoldC ?? ForecastModel.UsualHoldC : recipe.Water.TemperatureC;

    /// <summary>The recipe with that temperature.</summary>
    public static Recipe WithTemperature(Recipe recipe, double temperatureC) => Chamber(recipe) is { } chamber
        ? recipe with { Steps = recipe.Steps.Replace(chamber, chamber with { HoldC = temperatureC }) }
        : recipe with { Water = recipe.Water with { TemperatureC = temperatureC } };

    private static Step.SeatChamber? Chamber(Recipe recipe) => recipe.Steps.OfType<Step.SeatChamber>().FirstOrDefault();

    /// <summary>The index of the step that ends the steep, or −1.</summary>
    public static int SteepEndIndex(Recipe recipe) => Acts.SteepEndIndex(recipe);

    /// <summary>
    /// The index of the step that a setting belongs to: the first stir for turns, the press or plunge for its seconds; −1 for other
    /// settings.
    /// </summary>
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
    /// Moves the end of the steep: the wait before it becomes longer or shorter, or the step whose time determines it moves, with
    /// everything after it. A stir just before the end stays just before it.
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

    /// <summary>
    /// The step that prevents an earlier end of the steep and could be shortened: the longest between the last water and the end of
    /// the steep that is long enough. Null where there is none.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="atS">The wanted end of the steep, s on the brew clock.</param>
    /// <returns>The step, its new length, s, and the recipe with both changes.</returns>
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

    /// <summary>The steps with all times from one of them on moved, windows of their starts included.</summary>
    internal static ImmutableArray<Step> Shifted(ImmutableArray<Step>.Builder steps, int from, double byS)
    {
        for (var i = from; i < steps.Count; i++)
        {
            var step = Moved(steps[i], byS);
            steps[i] = step.AtS is { } atS ? step with { AtS = Math.Clamp(atS + byS, 0, Member.MaxBrewS) } : step;
        }

        return steps.ToImmutable();
    }

    /// <summary>A wait made longer or shorter, with its window: the window described what was intended and moves with it.</summary>
    internal static Step.Wait Longer(Step.Wait wait, double byS)
    {
        var forS = Math.Clamp(wait.ForS + byS, 0, Member.MaxStepS);
        return wait with { ForS = forS, Window = Shifted(wait.Window, forS - wait.ForS) };
    }

    /// <summary>A step with the windows of its start moved.</summary>
    internal static Step Moved(Step step, double byS) => Verb.TraitsOf(step).WindowOf == WindowOf.Start
        ? step with { Window = Shifted(step.Window, byS) }
        : step with { StartWindow = Shifted(step.StartWindow, byS) };

    /// <summary>A window moved on the clock; null stays null.</summary>
    private static Span? Shifted(Span? window, double byS) => window is { } span
        ? new Span(Math.Clamp(Math.Round(span.Low + byS, 1), 0, Member.MaxBrewS), Math.Clamp(Math.Round(span.High + byS, 1), 0, Member.MaxBrewS))
        : null;
}
