namespace Cistern.Core.Advising;

/// <summary>The adjustments: their steps and limits, and the recipe changed by each.</summary>
internal static class Adjustments
{
    /// <summary>A setting changes by at most this share of itself; more would be another recipe. Judged.</summary>
    private const double MaxShare = 0.3;

    /// <summary>A kettle or a flame changes by at most this, K. Judged.</summary>
    private const double MaxChangeK = 10;

    /// <summary>The lowest temperature of a kettle for a hot brew, °C. Judged.</summary>
    private const double CoolestC = 78;

    /// <summary>Note of a stir that brings grounds down from the wall; the step is recognised by it.</summary>
    private const string AlongTheWall = "Along the wall, so that no grounds stay up there.";

    /// <summary>Note of a step that lets sediment settle in the cup; the step is recognised by it.</summary>
    private const string LeaveLast = "Let the mud sink, and leave the last sip.";

    /// <summary>Adjustments whose value is searched on a dial.</summary>
    public static ImmutableArray<Adjustment> Searched { get; } = [Adjustment.Grind, Adjustment.Temperature, Adjustment.Dose, Adjustment.Water, Adjustment.Release, Adjustment.Turns, Adjustment.PressTime, Adjustment.Dilution];

    /// <summary>The adjustment's name in the open files.</summary>
    public static string Word(Adjustment adjustment, Recipe recipe) => adjustment switch
    {
        Adjustment.Grind => "medianUm",
        Adjustment.Temperature => recipe.Brewer.Family == BrewerFamily.Siphon ? "holdC" : "temperatureC",
        Adjustment.Dose => "doseG",
        Adjustment.Water => "waterG",
        Adjustment.Batch => "charge",
        Adjustment.Release => "releaseS",
        Adjustment.Turns => "turns",
        Adjustment.PressTime => "pressS",
        Adjustment.Dilution => "letDownG",
        Adjustment.Flame => "flameW",
        Adjustment.Swirl => "swirl",
        Adjustment.Settle => "settleS",
        Adjustment.Rinse => "rinse-filter",
        Adjustment.Preheat => "preheat",
        Adjustment.DrawBack => "drawBack",
        Adjustment.Filter => "filter",
        Adjustment.Wrap => "wrapped",
        Adjustment.Stand => "standS",
        Adjustment.AsPlanned => "as-planned",
    };

    /// <summary>The adjustment's unit.</summary>
    public static string Unit(Adjustment adjustment) => adjustment switch
    {
        Adjustment.Grind => "µm",
        Adjustment.Temperature => "°C",
        Adjustment.Dose or Adjustment.Water or Adjustment.Dilution or Adjustment.Batch => "g",
        Adjustment.Release or Adjustment.PressTime or Adjustment.Settle or Adjustment.Stand => "s",
        Adjustment.Turns or Adjustment.Swirl => "turns",
        Adjustment.Flame => "W",
        _ => "",
    };

    /// <summary>The current value of an adjustment and its dial; null where the brew has no such setting.</summary>
    public static (double Stands, Dial Dial)? Of(Adjustment adjustment, Forecast now, AdviceGear gear, bool canGrind)
    {
        if (adjustment == Adjustment.Dilution)
        {
            return Dilution(now.Recipe) is { } water ? (water.WaterG, new Dial(Setting.WaterG, new Span(Math.Max(1, 0.5 * water.WaterG), 1.6 * water.WaterG), 1, water.WaterG)) : null;
        }

        if (!Searched.Contains(adjustment))
        {
            return null;
        }

        var setting = SettingOf(adjustment);
        if (Settings.Get(now, setting) is not { } stands || (adjustment == Adjustment.Grind && !canGrind))
        {
            return null;
        }

        var usual = Dial.Usual(now, setting);
        var dial = adjustment switch
        {
            Adjustment.Grind => gear.Grinder is { Grinds: true } grinder ? LimitedGrind(GrindDial(grinder), stands) : LimitedGrind(new Dial(setting, new Span(250, 1600), AdviceGear.UsualGrindStepUm, stands), stands),
            // A kettle is set in whole degrees; a value between two changes by whole degrees.
            Adjustment.Temperature => usual with { Origin = stands, Range = new Span(Math.Max(Math.Min(CoolestC, stands), stands - MaxChangeK), Math.Max(stands, Math.Min(usual.Range.High, stands + MaxChangeK))) },
            Adjustment.Dose => usual with { Origin = stands, Range = new Span((1 - MaxShare) * stands, Math.Max(stands, Math.Min((1 + MaxShare) * stands, gear.LeftG ?? double.PositiveInfinity))) },
            Adjustment.Water => usual with { Origin = stands, StepSize = stands < 300 ? 2 : 5, Range = new Span((1 - MaxShare) * stands, (1 + MaxShare) * stands) },
            Adjustment.Release => usual with { Origin = stands, Range = Window(now) ?? new Span(0.5 * stands, Math.Max(1.6 * stands, stands + 45)) },
            Adjustment.Turns => usual with { Range = new Span(0, Math.Max(12, stands)) },
            _ => usual with { Range = new Span(Math.Max(8, 0.6 * stands), Math.Max(60, stands)) },
        };
        return (stands, dial);
    }

    /// <summary>The recipe with an adjustment changed.</summary>
    /// <param name="adjustment">An adjustment whose value is searched.</param>
    /// <param name="now">The forecast of the recipe before the change.</param>
    /// <param name="value">Where to.</param>
    public static Recipe With(Adjustment adjustment, Forecast now, double value) => adjustment switch
    {
        Adjustment.Dilution => now.Recipe with { Steps = now.Recipe.Steps.Replace(Dilution(now.Recipe)!, Dilution(now.Recipe)! with { WaterG = value }) },
        Adjustment.Batch => Scaling.To(now.Recipe, new Batch(value, value / now.Recipe.Coffee.DoseG * now.Recipe.WaterG)),
        // A continuous stir ends with the steep at the latest.
        Adjustment.Release when now.Recipe.Steps.Any(step => step is Step.Stir { Continuous: true }) && Settings.Shortened(now, value) is { } shorter && now.Recipe.Steps[shorter.Index] is Step.Stir { Continuous: true } => shorter.Recipe,
        _ => Settings.With(now, SettingOf(adjustment), value),
    };

    /// <summary>Adjustments that are either done or not, or that answer only one complaint, as far as the recipe allows.</summary>
    public static IEnumerable<(Adjustment Adjustment, double From, double To, Recipe Recipe)> Single(Forecast now, Complaint complaint, AdviceGear gear)
    {
        var recipe = now.Recipe;
        var steps = recipe.Steps;
        switch (complaint)
        {
            case Complaint.FellBack when Find<Step.LightBurner>() is { } burner:
                var flameW = burner.FlameW ?? ForecastModel.UsualFlameW;
                // The power missing, and a little more, in steps of 10 W.
                var lacksW = Math.Max(20, 60 - (now.Totals.FlameMarginW ?? 0));
                var toW = Math.Ceiling((flameW + lacksW) / 10) * 10;
                yield return (Adjustment.Flame, flameW, toW, recipe with { Steps = steps.Replace(burner, burner with { FlameW = toW }) });
                break;
            case Complaint.HighAndDry or Complaint.PastyWalls when Acts.LastWater(recipe) is >= 0 and var pour:
                // The chamber over a flame is not swirled; where it is stirred, the stir goes along the wall.
                if (recipe.Brewer.Family != BrewerFamily.Siphon)
                {
                    yield return (Adjustment.Swirl, 0, 2, recipe with { Steps = steps.Insert(pour + 1, new Step.Swirl { Turns = 2, OverS = 3 }) });
                }
                else if (steps.OfType<Step.Stir>().FirstOrDefault() is { } stir && stir.Note != AlongTheWall)
                {
                    yield return (Adjustment.Swirl, 0, stir.Turns, recipe with { Steps = steps.Replace(stir, stir with { Note = AlongTheWall }) });
                }

                break;
            case Complaint.Muddy:
                if (Vessel.FilterOf(recipe.Brewer) is Filter.Paper or Filter.MetalDisc)
                {
                    yield return (Adjustment.Filter, 0, 1, recipe with { Brewer = recipe.Brewer with { Filter = Filter.DensePaper } });
                }

                if (Find<Step.Decant>() is not { } decant)
                {
                    const double SinksS = 60;
                    if (!steps.Any(step => step is Step.Wait { Note: LeaveLast }))
                    {
                        yield return (Adjustment.Stand, 0, SinksS, recipe with { Steps = steps.Insert(Served(recipe), new Step.Wait(SinksS) { Note = LeaveLast }) });
                    }

                    break;
                }

                var before = steps.IndexOf(decant);
                var waitS = before > 0 && steps[before - 1] is Step.Wait wait ? wait.ForS : 0;
                const double LongerS = 60;
                yield return (Adjustment.Settle, waitS, waitS + LongerS, recipe with
                {
                    Steps = waitS > 0
                        ? Settings.Shifted(steps.SetItem(before - 1, ((Step.Wait)steps[before - 1]) with { ForS = waitS + LongerS }).ToBuilder(), before, LongerS)
                        : Settings.Shifted(steps.Insert(before, new Step.Wait(LongerS)).ToBuilder(), before + 1, LongerS),
                });
                break;
            case Complaint.Papery when Vessel.Of(recipe.Brewer).Filter is Filter.Paper or Filter.DensePaper && !steps.Any(step => step is Step.RinseFilter { Hot: true }):
                yield return (Adjustment.Rinse, 0, 1, recipe with { Steps = Find<Step.RinseFilter>() is { } cold ? steps.Replace(cold, cold with { Hot = true }) : steps.Insert(0, new Step.RinseFilter()) });
                break;
            case Complaint.TooCool when recipe.Brewer.Family != BrewerFamily.Siphon:
                if (!steps.Any(step => step is Step.Preheat))
                {
                    yield return (Adjustment.Preheat, 0, 1, recipe with { Steps = steps.Insert(0, new Step.Preheat()) });
                }

                if (!recipe.Brewer.Wrapped)
                {
                    yield return (Adjustment.Wrap, 0, 1, recipe with { Brewer = recipe.Brewer with { Wrapped = true } });
                }

                break;
            case Complaint.WeakRunoff when Find<Step.SeatPlunger>() is { DrawBack: false } seat && recipe.Brewer.Family == BrewerFamily.TubePress:
                yield return (Adjustment.DrawBack, 0, 1, recipe with { Steps = steps.Replace(seat, seat with { DrawBack = true }) });
                break;
            case Complaint.TooLittle when gear.CupG is { } cupG && now.Totals.FinalG > 0:
                var doseG = Math.Round(recipe.Coffee.DoseG * cupG / now.Totals.FinalG, 1);
                if (doseG <= (gear.LeftG ?? double.PositiveInfinity))
                {
                    yield return (Adjustment.Batch, recipe.Coffee.DoseG, doseG, With(Adjustment.Batch, now, doseG));
                }

                break;
            default:
                break;
        }

        T? Find<T>()
            where T : Step => steps.OfType<T>().LastOrDefault();
    }

    /// <summary>
    /// The recipe with its drink diluted at the end with an amount of water, g. Where there was no dilution before, the water has the
    /// plan's temperature.
    /// </summary>
    public static Recipe DilutedTo(Recipe recipe, double waterG) => recipe with { Steps = Dilution(recipe) is { } step ? recipe.Steps.Replace(step, step with { WaterG = waterG }) : recipe.Steps.Insert(Served(recipe), new Step.Dilute(waterG)) };

    /// <summary>The index of the step that serves the drink; later steps do not change it.</summary>
    private static int Served(Recipe recipe)
    {
        var at = recipe.Steps.Length;
        while (at > 0 && recipe.Steps[at - 1] is Step.StirCup or Step.Taste or Step.Serve or Step.Share or Step.Clear)
        {
            at--;
        }

        return at;
    }

    private static Step.Dilute? Dilution(Recipe recipe) => recipe.Steps.OfType<Step.Dilute>().LastOrDefault();

    private static Setting SettingOf(Adjustment adjustment) => adjustment switch
    {
        Adjustment.Grind => Setting.MedianUm,
        Adjustment.Temperature => Setting.TemperatureC,
        Adjustment.Dose => Setting.DoseG,
        Adjustment.Water => Setting.WaterG,
        Adjustment.Release => Setting.SteepEndS,
        Adjustment.Turns => Setting.Turns,
        Adjustment.PressTime => Setting.PressS,
        _ => throw new ArgumentOutOfRangeException(nameof(adjustment), adjustment, "It has no setting of its own."),
    };

    /// <summary>A grinder's settings, finest first; a table may run either way.</summary>
    private static Dial GrindDial(GrinderScale grinder)
    {
        var (one, other) = (grinder.MedianUm(grinder.Usable.Low), grinder.MedianUm(grinder.Usable.High));
        return new Dial(Setting.MedianUm, new Span(Math.Min(one, other), Math.Max(one, other)), Math.Abs(grinder.UmPerSetting) * grinder.Step, one);
    }

    /// <summary>Limits the change of a grind to a third of itself.</summary>
    private static Dial LimitedGrind(Dial dial, double stands) => dial with
    {
        Range = new Span(Math.Clamp(0.6 * stands, Math.Min(dial.Range.Low, stands), dial.Range.High), Math.Clamp(1.6 * stands, dial.Range.Low, Math.Max(dial.Range.High, stands))),
    };

    private static Span? Window(Forecast now) => Settings.SteepEndIndex(now.Recipe) is >= 0 and var index ? now.Recipe.Steps[index].WindowOfStart : null;
}
