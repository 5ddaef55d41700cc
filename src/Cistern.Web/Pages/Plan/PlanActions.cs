using System.Text.Json.Nodes;

namespace Cistern.Web.Pages.Plan;

/// <summary>
/// The buttons of the plan page for steps and for solving: turns the submitted words into changes of the plan, and the results into
/// messages.
/// </summary>
public static class PlanActions
{
    /// <summary>Carries out what was pressed or typed in a step's form, after all other fields.</summary>
    public static void Do(PlanForm plan, FormValues values, FigureFormat format)
    {
        var parts = (values.Value("do") ?? "").Split(':');
        var index = parts.Length > 1 && int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number < plan.Recipe.Steps.Length ? number : -1;
        string Verb() => StepWording.Of(plan.Recipe, index, format).Verb.ToLowerInvariant();
        switch (parts[0])
        {
            case "remove" when index >= 0:
                Step(plan, new PlanChange.Remove(index), $"{Verb()} taken out");
                break;
            case "up" when index >= 0:
                Step(plan, new PlanChange.Move(index, -1), $"{Verb()} earlier");
                break;
            case "down" when index >= 0:
                Step(plan, new PlanChange.Move(index, 1), $"{Verb()} later");
                break;
            case "begin" when index >= 0 && Seconds(parts) is { } atS:
                Step(plan, new PlanChange.Begin(index, atS), $"{Verb()} at {FigureFormat.Clock(atS)}");
                break;
            case "end" when index >= 0 && Seconds(parts) is { } atS:
                Step(plan, new PlanChange.End(index, atS), $"{Verb()} until {FigureFormat.Clock(atS)}");
                break;
            case "follow" when index >= 0:
                Step(plan, new PlanChange.Edit(index, new Dictionary<string, JsonNode?> { ["at"] = null }), $"{Verb()} follows what comes before it");
                break;
            case "close-window" when index >= 0 && WindowEnds.Over(plan.Forecast, index) is { } over:
                Step(plan, new PlanChange.Edit(over.Index, new Dictionary<string, JsonNode?> { [over.Member] = new JsonArray(over.Window.Low, over.Window.High) }), $"{StepWording.Of(plan.Recipe, over.Index, format).Verb} no later than before {Verb()}");
                break;
            case "shorten" when parts.Length > 1 && double.TryParse(parts[1], NumberStyles.Float, CultureInfo.InvariantCulture, out var untilS):
                Step(plan, new PlanChange.Release(untilS, Shorten: true), $"steep until {FigureFormat.Clock(untilS)}");
                break;
            case "add" when index >= 0:
                Add(plan, values, index);
                break;
            case "put" when Seconds(parts) is { } atS:
                PutIn(plan, new PlanChange.Put(parts[1], atS), parts[1]);
                break;
            case "put":
                Put(plan, values);
                break;
            case "find":
                Find(plan, values, format);
                break;
            case "find-both":
                FindBoth(plan, values);
                break;
            case "set" when parts.Length > 2:
                Set(plan, parts[1], parts[2]);
                break;
            case "steep" when parts.Length > 1 && double.TryParse(parts[1], NumberStyles.Float, CultureInfo.InvariantCulture, out var untilS) && untilS is >= 1 and <= Member.MaxBrewS:
                plan.Do(new PlanChange.Release(untilS), $"steep until {FigureFormat.Clock(untilS)}");
                break;
            case "let-down":
                Dilution(plan, values, format);
                break;
            default:
                if (!StartClock(plan, values))
                {
                    Edit(plan, values, format);
                }

                break;
        }
    }

    private static void Step(PlanForm plan, PlanChange change, string words) => Report(plan, plan.Do(change, words));

    /// <summary>Reports the result of a change of steps.</summary>
    private static PlanApplied Report(PlanForm plan, PlanApplied applied)
    {
        plan.Opens = applied.Step ?? plan.Opens;
        if (applied.Refusal == PlanRefusal.Unreadable)
        {
            plan.Problems.AddRange(applied.Findings.Take(1).Select(finding => $"That cannot be saved: {finding.Place}: {finding.Rule} It would say {finding.Found}."));
        }

        return applied;
    }

    private static double? Seconds(string[] parts) =>
        parts.Length > 2 && double.TryParse(parts[2], NumberStyles.Float, CultureInfo.InvariantCulture, out var seconds) && double.IsFinite(seconds) ? Math.Clamp(seconds, -Member.MaxStepS, Member.MaxBrewS) : null;

    private static void Add(PlanForm plan, FormValues values, int after)
    {
        if (Core.Recipes.Verb.Find(values.Value("verb") ?? "") is not { } verb)
        {
            plan.Answer = "Choose what to put in.";
            return;
        }

        PutIn(plan, new PlanChange.Add(after, verb), verb.Word);
    }

    /// <summary>Inserts a step or a gesture at the time typed.</summary>
    private static void Put(PlanForm plan, FormValues values)
    {
        var what = values.Value("put") ?? "";
        var gesture = Gesture.Find(what);
        if (gesture is null && Core.Recipes.Verb.Find(what) is null)
        {
            plan.Answer = "Choose what to put in.";
            return;
        }

        var typed = values.Value("put.at")?.Trim() ?? "";
        var at = TypedNumber.ReadClock(typed, -Member.MaxStepS, Member.MaxBrewS);
        if (at.Value is null && (typed.Length > 0 || gesture is { HasTime: true }))
        {
            plan.Answer = typed.Length > 0 ? at.Problem : SayWhen;
            return;
        }

        PutIn(plan, new PlanChange.Put(what, typed.Length > 0 ? at.Value : null), what);
    }

    /// <summary>Inserts something, or says why that was not possible.</summary>
    private static void PutIn(PlanForm plan, PlanChange change, string word)
    {
        var said = StepWording.InList(word);
        var broken = word == "break-skim-and-settle" && plan.Recipe.Steps.Any(step => step is Core.Recipes.Step.BreakCrust);
        var applied = Report(plan, plan.Do(change, $"{said} put in"));
        if (applied is { Refusal: PlanRefusal.NothingLeft, Value: { } latestS })
        {
            plan.Opens = null;
            plan.Answer = latestS < 0 ? $"The coffee is wet by then: to {said}, do it before the first water. Nothing was changed." : $"The brewer is empty by then: there is nothing to {said}. Nothing was changed.";
            plan.Alternative = (FormattableString.Invariant($"put:{word}:{latestS:R}"), latestS < 0 ? "Put it before the water" : $"Put it at {FigureFormat.Clock(latestS)}");
            return;
        }

        plan.Answer = applied.Refusal switch
        {
            PlanRefusal.NoTime => SayWhen,
            PlanRefusal.NoPlace => $"There is no place for that here: {WhyNoPlace(plan, word)}.",
            PlanRefusal.NoSuchThing => "This brewer cannot do that.",
            PlanRefusal.TooManySteps => $"A recipe has at most {RecipeReader.MaxSteps} steps. Combine some.",
            null when broken => "A crust is broken once: the earlier break was removed.",
            _ => Moved(plan, change, applied.Step),
        };
    }

    /// <summary>What a gesture needs that found no place.</summary>
    private static string WhyNoPlace(PlanForm plan, string gesture) => gesture switch
    {
        "bloom" when plan.Recipe.Steps.FirstOrDefault(step => step is Core.Recipes.Step.Pour or Core.Recipes.Step.AddCoffee) is Core.Recipes.Step.Pour => "the water goes in before the coffee",
        "bloom" when plan.Recipe.Steps.OfType<Core.Recipes.Step.Pour>().FirstOrDefault() is { } first => $"the first pour, {plan.StepFormat.Mass(first.ToG)}, may be a bloom already, or it would be over before its water is in",
        "bloom" => "nothing is poured",
        "swirl-before-the-drain" => "the swirl needs a drawdown after it",
        "lift-the-lid" => "no lid is on then",
        "make-well" or "level-bed" => "no dry coffee waits for its water",
        _ => "the coffee has to be in, and something left to pour off",
    };

    private const string SayWhen = "Say when, like 1:00.";

    /// <summary>Says so where something was inserted at another time than asked for.</summary>
    private static string? Moved(PlanForm plan, PlanChange change, int? step)
    {
        const double Near = 2;
        if (change is PlanChange.Put { What: "bloom", AtS: { } untilS })
        {
            return $"It blooms until {FigureFormat.Clock(untilS)}.";
        }

        return change is PlanChange.Put { AtS: { } atS } && step is { } index && plan.Forecast.Timings[index].StartS is var standsS && Math.Abs(standsS - atS) > Near && atS >= 0
            ? $"Put in at {FigureFormat.Clock(standsS)}, not {FigureFormat.Clock(atS)}{(standsS > atS && index > 0 ? $": “{StepWording.Of(plan.Recipe, index - 1, plan.StepFormat).Verb}” is not over sooner" : "")}."
            : null;
    }

    private static bool StartClock(PlanForm plan, FormValues values)
    {
        var sent = values.Value("clock");
        if (sent == values.Value("was.clock") || Words<ClockStart>.Find(sent) is not { } start || start == plan.Recipe.ClockStarts)
        {
            return false;
        }

        var applied = plan.Do(new PlanChange.StartClock(start), $"clock from {Words<ClockStart>.Of(start).Replace('-', ' ')}");
        plan.Answer = applied.Refusal is null ? null : "That moment does not occur in this plan. Put in the step it waits for, or start the clock at another moment.";
        return true;
    }

    private static void Edit(PlanForm plan, FormValues values, FigureFormat format)
    {
        if (!int.TryParse(values.Value("s.index"), NumberStyles.None, CultureInfo.InvariantCulture, out var index) || index >= plan.Recipe.Steps.Length)
        {
            return;
        }

        var form = StepForm.Of(plan.Recipe, index, format, values);
        if (form.Good && form.Changes.Count == 0)
        {
            return;
        }

        plan.Opens = index;
        var applied = form.Good ? plan.Do(new PlanChange.Edit(index, form.Changes), null) : null;
        if (applied is { Refusal: PlanRefusal.PushesOthers, Step: { } pushed, Value: { } standsS } && form.Changes.TryGetValue("at", out var at) && at is not null)
        {
            var wantedS = at.GetValue<double>();
            var other = StepWording.Of(plan.Recipe, pushed, format).Verb;
            plan.RefusedStep = form.With([FindingKinds.OtherStepDelayed.At("at", other, FigureFormat.Clock(standsS), FigureFormat.Clock(wantedS))]);
            plan.Answer = $"{StepWording.Of(plan.Recipe, index, format).Verb} at {FigureFormat.Clock(wantedS)} would come after {other} at {FigureFormat.Clock(standsS)}. Nothing was changed.";
            plan.Alternative = (FormattableString.Invariant($"begin:{index}:{wantedS:R}"), "Move everything after it too");
            return;
        }

        applied = applied is null ? null : Report(plan, applied);
        if (applied is null || applied.Refusal == PlanRefusal.StepRefused)
        {
            // The problems of its other members are shown as well.
            var findings = applied?.Findings ?? StepEditing.Change(plan.Recipe, index, form.Changes).Findings;
            plan.RefusedStep = form.With(findings);
        }
        else if (applied.Refusal is null)
        {
            var words = StepWording.Of(plan.Recipe, index, format);
            plan.Note($"{words.Verb.ToLowerInvariant()} {words.Target}".Trim());
        }
    }

    /// <summary>Solves for a setting that gives a wanted figure.</summary>
    private static void Find(PlanForm plan, FormValues values, FigureFormat format)
    {
        const string None = "This brew has no such setting, or no such figure. Choose another.";
        if (!Enum.TryParse<Setting>(values.Value("ask.setting"), out var setting) || !Enum.TryParse<Outcome>(values.Value("ask.outcome"), out var outcome)
            || !Enum.IsDefined(setting) || !Enum.IsDefined(outcome))
        {
            plan.Answer = None;
            return;
        }

        var wanted = Asking.Read(outcome, values.Value("ask.value"), format);
        if (wanted.Value is not { } value)
        {
            plan.Answer = wanted.Problem;
            return;
        }

        var stood = Settings.Get(plan.Forecast, setting);
        var applied = plan.Do(new PlanChange.Ask(setting, outcome, value), null);
        if (applied.Solution is not { } solution)
        {
            plan.Answer = applied.Refusal == PlanRefusal.CannotGrind ? "This bag was bought ground, so the grind cannot be set. Ask for the time, the temperature or the dose." : None;
            return;
        }

        var told = plan.FormatValue(setting, solution.Values[setting]);
        var gives = $"{told} gives {Asking.Told(outcome, solution.Forecast.Totals.Of(outcome) ?? 0, format)}";
        if (applied.Refusal is null)
        {
            plan.Note($"{Solving.Name(setting)[4..]} {told}");
            plan.Answer = $"{gives}.";
        }
        else
        {
            plan.Answer = $"{solution.Why} The nearest: {gives}. Nothing is changed.";
            plan.Alternative = solution.Values[setting] == stood ? null : (FormattableString.Invariant($"set:{setting}:{solution.Values[setting]:R}"), $"Take {told}");
        }
    }

    /// <summary>Solves for strength and balance together, with the dose and one setting that changes extraction.</summary>
    private static void FindBoth(PlanForm plan, FormValues values)
    {
        var tds = TypedNumber.Read(values.Value("both.tds"), 0.1, 15, "% TDS");
        var balance = TypedNumber.Read(values.Value("both.tilt"), -10, 10, "");
        if (tds.Value is not { } tdsPercent || balance.Value is not { } wantedBalance)
        {
            plan.Answer = tds.Problem ?? balance.Problem;
            return;
        }

        var by = Enum.TryParse<Setting>(values.Value("both.by"), out var named) && Enum.IsDefined(named) ? named : Setting.PressS;
        var applied = plan.Do(new PlanChange.AskBoth(by, tdsPercent, wantedBalance), null);
        if (applied.Solution is not { } solution)
        {
            plan.Answer = "Choose what to change besides the dose: the grind, if it can be set, the temperature, or the time.";
            return;
        }

        var told = $"{plan.FormatValue(by, solution.Values[by])} and {plan.FormatValue(Setting.DoseG, solution.Values[Setting.DoseG])}";
        var comes = $"{FigureFormat.Percent(solution.Forecast.Totals.FinalTdsPercent, 2)} TDS, balance {FigureFormat.Signed(solution.Forecast.Totals.FlavourBalance, 2)}";
        plan.Note(applied.Refusal is null ? told : null);
        plan.Answer = applied.Refusal is null ? $"{told} give {comes}." : $"{solution.Why} The nearest: {told} give {comes}. Nothing is changed.";
    }

    private static void Set(PlanForm plan, string name, string text)
    {
        if (Enum.TryParse<Setting>(name, out var setting) && Enum.IsDefined(setting) && double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value)
            && Report(plan, plan.Do(new PlanChange.Set(setting, value), null)) is { Refusal: null, Value: { } set })
        {
            plan.Note($"{Solving.Name(setting)[4..]} {plan.FormatValue(setting, set)}");
        }
    }

    /// <summary>Dilutes the drink to a strength with water at the kettle's temperature.</summary>
    private static void Dilution(PlanForm plan, FormValues values, FigureFormat format)
    {
        var wanted = TypedNumber.Read(values.Value("let-down.tds"), 0.2, 10, "% TDS");
        if (wanted.Value is not { } tdsPercent)
        {
            plan.Answer = wanted.Problem;
            return;
        }

        var totals = plan.Forecast.Totals;
        var applied = Report(plan, plan.Do(new PlanChange.DilutedTo(tdsPercent), null));
        if (applied.Refusal is not null)
        {
            plan.Answer = $"It is {FigureFormat.Percent(totals.TdsPercent, 2)} as brewed: no stronger than that, so there is nothing to dilute.";
        }
        else if (applied.Value is { } waterG and > 0)
        {
            plan.Note($"diluted with {format.Water(waterG)}");
            plan.Answer = $"{format.Water(waterG)} of water brings it from {FigureFormat.Percent(totals.TdsPercent, 2)} to {FigureFormat.Percent(Core.Reckoning.Dilution.TdsPercent(totals.BeverageG, totals.TdsPercent, waterG), 2)}.";
        }
        else
        {
            plan.Note("not diluted");
        }
    }
}
