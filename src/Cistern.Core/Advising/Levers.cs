using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Physics;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Records;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Advising;

/// <summary>Each thing that can be changed: by which steps and how far, and the recipe with it changed.</summary>
internal static class Levers
{
    /// <summary>One change is no new recipe: a setting moves no further than this share of itself, either way. Judged.</summary>
    private const double Far = 0.3;

    /// <summary>A kettle or a flame moves no further than this, K. Judged.</summary>
    private const double FarK = 10;

    /// <summary>The least a kettle is set to in a hot brew, °C. Judged.</summary>
    private const double CoolestC = 78;

    /// <summary>What a stir says that brings grounds down from the wall: it is known again by it.</summary>
    private const string AlongTheWall = "Along the wall, so that no grounds stay up there.";

    /// <summary>What a step says that lets mud sink in the cup: it is known again by it.</summary>
    private const string LeaveLast = "Let the mud sink, and leave the last sip.";

    /// <summary>Those whose value is sought on a dial.</summary>
    public static ImmutableArray<Lever> Sought { get; } = [Lever.Grind, Lever.Temperature, Lever.Dose, Lever.Water, Lever.Release, Lever.Turns, Lever.PressTime, Lever.LetDown];

    /// <summary>The lever's name in the open files.</summary>
    public static string Word(Lever lever, Recipe recipe) => lever switch
    {
        Lever.Grind => "medianUm",
        Lever.Temperature => recipe.Brewer.Family == VesselFamily.Siphon ? "holdC" : "temperatureC",
        Lever.Dose => "doseG",
        Lever.Water => "waterG",
        Lever.Charge => "charge",
        Lever.Release => "releaseS",
        Lever.Turns => "turns",
        Lever.PressTime => "pressS",
        Lever.LetDown => "letDownG",
        Lever.Flame => "flameW",
        Lever.Swirl => "swirl",
        Lever.Settle => "settleS",
        Lever.Rinse => "rinse-filter",
        Lever.Preheat => "preheat",
        Lever.DrawBack => "drawBack",
        Lever.Filter => "filter",
        Lever.Wrap => "wrapped",
        Lever.Stand => "standS",
        _ => "as-planned",
    };

    /// <summary>The lever's unit.</summary>
    public static string Unit(Lever lever) => lever switch
    {
        Lever.Grind => "µm",
        Lever.Temperature => "°C",
        Lever.Dose or Lever.Water or Lever.LetDown or Lever.Charge => "g",
        Lever.Release or Lever.PressTime or Lever.Settle or Lever.Stand => "s",
        Lever.Turns or Lever.Swirl => "turns",
        Lever.Flame => "W",
        _ => "",
    };

    /// <summary>Where a lever stands, and where it can be set: its range and steps; null where this brew has no such thing.</summary>
    public static (double Stands, Dial Dial)? Of(Lever lever, Forecast now, AdviceGear gear, bool canGrind)
    {
        if (lever == Lever.LetDown)
        {
            return LetDown(now.Recipe) is { } water ? (water.WaterG, new Dial(Setting.WaterG, new Span(Math.Max(1, 0.5 * water.WaterG), 1.6 * water.WaterG), 1, water.WaterG)) : null;
        }

        if (!Sought.Contains(lever))
        {
            return null;
        }

        var setting = SettingOf(lever);
        if (Settings.Get(now, setting) is not { } stands || (lever == Lever.Grind && !canGrind))
        {
            return null;
        }

        var usual = Dial.Usual(now, setting);
        var dial = lever switch
        {
            Lever.Grind => gear.Grinder is { Grinds: true } grinder ? Held(Milled(grinder), stands) : Held(new Dial(setting, new Span(250, 1600), AdviceGear.UsualGrindStepUm, stands), stands),
            // A kettle is set to whole degrees; one that stands between two is moved by whole ones.
            Lever.Temperature => usual with { Origin = stands, Range = new Span(Math.Max(Math.Min(CoolestC, stands), stands - FarK), Math.Max(stands, Math.Min(usual.Range.High, stands + FarK))) },
            Lever.Dose => usual with { Origin = stands, Range = new Span((1 - Far) * stands, Math.Max(stands, Math.Min((1 + Far) * stands, gear.LeftG ?? double.PositiveInfinity))) },
            Lever.Water => usual with { Origin = stands, StepSize = stands < 300 ? 2 : 5, Range = new Span((1 - Far) * stands, (1 + Far) * stands) },
            Lever.Release => usual with { Origin = stands, Range = Window(now) ?? new Span(0.5 * stands, Math.Max(1.6 * stands, stands + 45)) },
            Lever.Turns => usual with { Range = new Span(0, Math.Max(12, stands)) },
            _ => usual with { Range = new Span(Math.Max(8, 0.6 * stands), Math.Max(60, stands)) },
        };
        return (stands, dial);
    }

    /// <summary>The recipe with a lever moved.</summary>
    /// <param name="lever">Which; one that is sought.</param>
    /// <param name="now">The forecast of the recipe as it is.</param>
    /// <param name="value">Where to.</param>
    public static Recipe With(Lever lever, Forecast now, double value) => lever switch
    {
        Lever.LetDown => now.Recipe with { Steps = now.Recipe.Steps.Replace(LetDown(now.Recipe)!, LetDown(now.Recipe)! with { WaterG = value }) },
        Lever.Charge => Scaling.To(now.Recipe, new Charge(value, value / now.Recipe.Coffee.DoseG * now.Recipe.WaterG)),
        Lever.Release => Settings.With(now with { Recipe = WithStirUntil(now, value) }, Setting.ReleaseS, value),
        _ => Settings.With(now, SettingOf(lever), value),
    };

    /// <summary>Changes that are one thing done or not, or that answer one complaint alone; those this recipe can take.</summary>
    public static IEnumerable<(Lever Lever, double From, double To, Recipe Recipe)> Single(Forecast now, Complaint complaint, AdviceGear gear)
    {
        var recipe = now.Recipe;
        var steps = recipe.Steps;
        switch (complaint)
        {
            case Complaint.FellBack when Find<Step.LightBurner>() is { } burner:
                var flameW = burner.FlameW ?? ForecastModel.UsualFlameW;
                // As much as it lacks of what must be left over, and a little more, to a burner's tens.
                var lacksW = Math.Max(20, 60 - (now.Totals.FlameMarginW ?? 0));
                var toW = Math.Ceiling((flameW + lacksW) / 10) * 10;
                yield return (Lever.Flame, flameW, toW, recipe with { Steps = steps.Replace(burner, burner with { FlameW = toW }) });
                break;
            case Complaint.HighAndDry or Complaint.PastyWalls when Acts.LastWater(recipe) is >= 0 and var pour:
                // A chamber over a flame is never swirled: what is stirred already is stirred along its wall.
                if (recipe.Brewer.Family != VesselFamily.Siphon)
                {
                    yield return (Lever.Swirl, 0, 2, recipe with { Steps = steps.Insert(pour + 1, new Step.Swirl { Turns = 2, OverS = 3 }) });
                }
                else if (steps.OfType<Step.Stir>().FirstOrDefault() is { } stir && stir.Note != AlongTheWall)
                {
                    yield return (Lever.Swirl, 0, stir.Turns, recipe with { Steps = steps.Replace(stir, stir with { Note = AlongTheWall }) });
                }

                break;
            case Complaint.Muddy:
                if (Vessel.FilterOf(recipe.Brewer) is Filter.Paper or Filter.MetalDisc)
                {
                    yield return (Lever.Filter, 0, 1, recipe with { Brewer = recipe.Brewer with { Filter = Filter.DensePaper } });
                }

                if (Find<Step.Decant>() is not { } decant)
                {
                    const double SinksS = 60;
                    if (!steps.Any(step => step is Step.Wait { Note: LeaveLast }))
                    {
                        yield return (Lever.Stand, 0, SinksS, recipe with { Steps = steps.Insert(Served(recipe), new Step.Wait(SinksS) { Note = LeaveLast }) });
                    }

                    break;
                }

                var before = steps.IndexOf(decant);
                var waitS = before > 0 && steps[before - 1] is Step.Wait wait ? wait.ForS : 0;
                const double LongerS = 60;
                yield return (Lever.Settle, waitS, waitS + LongerS, recipe with
                {
                    Steps = waitS > 0
                        ? Settings.Shifted(steps.SetItem(before - 1, ((Step.Wait)steps[before - 1]) with { ForS = waitS + LongerS }).ToBuilder(), before, LongerS)
                        : Settings.Shifted(steps.Insert(before, new Step.Wait(LongerS)).ToBuilder(), before + 1, LongerS),
                });
                break;
            case Complaint.Papery when Vessel.Of(recipe.Brewer).Filter is Filter.Paper or Filter.DensePaper && !steps.Any(step => step is Step.RinseFilter { Hot: true }):
                yield return (Lever.Rinse, 0, 1, recipe with { Steps = Find<Step.RinseFilter>() is { } cold ? steps.Replace(cold, cold with { Hot = true }) : steps.Insert(0, new Step.RinseFilter()) });
                break;
            case Complaint.TooCool when recipe.Brewer.Family != VesselFamily.Siphon:
                if (!steps.Any(step => step is Step.Preheat))
                {
                    yield return (Lever.Preheat, 0, 1, recipe with { Steps = steps.Insert(0, new Step.Preheat()) });
                }

                if (!recipe.Brewer.Wrapped)
                {
                    yield return (Lever.Wrap, 0, 1, recipe with { Brewer = recipe.Brewer with { Wrapped = true } });
                }

                break;
            case Complaint.WeakRunoff when Find<Step.SeatPlunger>() is { DrawBack: false } seat && recipe.Brewer.Family == VesselFamily.TubePress:
                yield return (Lever.DrawBack, 0, 1, recipe with { Steps = steps.Replace(seat, seat with { DrawBack = true }) });
                break;
            case Complaint.TooLittle when gear.CupG is { } cupG && now.Totals.FinalG > 0:
                var doseG = Math.Round(recipe.Coffee.DoseG * cupG / now.Totals.FinalG, 1);
                if (doseG <= (gear.LeftG ?? double.PositiveInfinity))
                {
                    yield return (Lever.Charge, recipe.Coffee.DoseG, doseG, With(Lever.Charge, now, doseG));
                }

                break;
            default:
                break;
        }

        T? Find<T>()
            where T : Step => steps.OfType<T>().LastOrDefault();
    }

    /// <summary>A recipe whose drink is diluted with so much water at its end, g; diluted with nothing before, it is at the plan's own temperature.</summary>
    public static Recipe LetDownTo(Recipe recipe, double waterG) => recipe with { Steps = LetDown(recipe) is { } step ? recipe.Steps.Replace(step, step with { WaterG = waterG }) : recipe.Steps.Insert(Served(recipe), new Step.Dilute(waterG)) };

    /// <summary>Where the drink is served: what comes from there on does nothing to it.</summary>
    private static int Served(Recipe recipe)
    {
        var at = recipe.Steps.Length;
        while (at > 0 && recipe.Steps[at - 1] is Step.StirCup or Step.Taste or Step.Serve or Step.Share or Step.Clear)
        {
            at--;
        }

        return at;
    }

    /// <summary>The recipe with what is stirred until the release stirred no longer than that.</summary>
    private static Recipe WithStirUntil(Forecast now, double untilS)
    {
        var (recipe, before) = (now.Recipe, Acts.ReleaseIndex(now.Recipe) - 1);
        return before >= 0 && recipe.Steps[before] is Step.Stir { Continuous: true } stir && now.Timings[before].StartS + stir.OverS > untilS && untilS > now.Timings[before].StartS
            ? recipe with { Steps = recipe.Steps.SetItem(before, stir with { OverS = untilS - now.Timings[before].StartS }) } : recipe;
    }

    private static Step.Dilute? LetDown(Recipe recipe) => recipe.Steps.OfType<Step.Dilute>().LastOrDefault();

    private static Setting SettingOf(Lever lever) => lever switch
    {
        Lever.Grind => Setting.MedianUm,
        Lever.Temperature => Setting.TemperatureC,
        Lever.Dose => Setting.DoseG,
        Lever.Water => Setting.WaterG,
        Lever.Release => Setting.ReleaseS,
        Lever.Turns => Setting.Turns,
        Lever.PressTime => Setting.PressS,
        _ => throw new ArgumentOutOfRangeException(nameof(lever), lever, "It has no setting of its own."),
    };

    /// <summary>The steps of a grinder, finest first: a table may run either way.</summary>
    private static Dial Milled(GrinderScale grinder)
    {
        var (one, other) = (grinder.MedianUm(grinder.Usable.Low), grinder.MedianUm(grinder.Usable.High));
        return new Dial(Setting.MedianUm, new Span(Math.Min(one, other), Math.Max(one, other)), Math.Abs(grinder.UmPerSetting) * grinder.Step, one);
    }

    /// <summary>A grind is moved by at most a good third of itself.</summary>
    private static Dial Held(Dial dial, double stands) => dial with
    {
        Range = new Span(Math.Clamp(0.6 * stands, Math.Min(dial.Range.Low, stands), dial.Range.High), Math.Clamp(1.6 * stands, dial.Range.Low, Math.Max(dial.Range.High, stands))),
    };

    private static Span? Window(Forecast now) => Settings.ReleaseIndex(now.Recipe) is >= 0 and var index ? now.Recipe.Steps[index].WindowOfStart : null;
}
