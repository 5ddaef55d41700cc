using System.Globalization;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Values = System.Collections.Generic.IEnumerable<System.Collections.Generic.KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>>;

namespace Cistern.Web.Pages.Plan;

/// <summary>What a button of the plan page does to its recipe: a step put in, taken out, moved or edited, or a question asked backwards.</summary>
/// <param name="Recipe">The recipe after it; null where nothing was to be done or it cannot be.</param>
/// <param name="What">What was done, in a few words.</param>
public sealed record PlanAction(Recipe? Recipe, string What)
{
    private static readonly PlanAction None = new(null, "");

    /// <summary>The step's form, where something typed into it will not do.</summary>
    public StepForm? Refused { get; init; }

    /// <summary>The step to be shown open afterwards.</summary>
    public int? Opens { get; init; }

    /// <summary>What has to be said about it.</summary>
    public string? Answer { get; init; }

    /// <summary>Where a question was not reached, the button that takes the nearest: what it sends, and what it says.</summary>
    public (string Do, string Label)? Nearest { get; init; }

    /// <summary>The setting it changed, where it was one.</summary>
    public Setting? Setting { get; init; }

    /// <summary>Reads what was pressed, against the plan as it stands with everything typed worked in.</summary>
    public static PlanAction Read(Values values, PlanSettings plan, Show show)
    {
        var parts = (values.Value("do") ?? "").Split(':');
        var recipe = plan.Recipe;
        var index = parts.Length > 1 && int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number < recipe.Steps.Length ? number : -1;
        string Verb(int step) => StepWording.Of(recipe, step, show).Verb.ToLowerInvariant();
        return parts[0] switch
        {
            "remove" when index >= 0 && recipe.Steps.Length > 1 => new PlanAction(StepEditing.Remove(recipe, index), $"{Verb(index)} taken out"),
            "up" when index > 0 => new PlanAction(StepEditing.Move(recipe, index, -1), $"{Verb(index)} earlier") { Opens = index - 1 },
            "down" when index >= 0 && index < recipe.Steps.Length - 1 => new PlanAction(StepEditing.Move(recipe, index, 1), $"{Verb(index)} later") { Opens = index + 1 },
            "add" when index >= 0 => Add(values, recipe, index),
            "begin" when Seconds(parts) is { } atS && index >= 0 => new PlanAction(StepEditing.Start(plan.Forecast, index, atS), $"{Verb(index)} at {Show.Clock(atS)}") { Opens = index },
            "end" when Seconds(parts) is { } atS && index >= 0 => new PlanAction(StepEditing.End(plan.Forecast, index, atS), $"{Verb(index)} until {Show.Clock(atS)}") { Opens = index },
            "find" => Find(values, plan, show),
            "find-both" => FindBoth(values, plan),
            "set" when parts.Length > 2 && Enum.TryParse<Setting>(parts[1], out var setting) && Enum.IsDefined(setting) => Set(plan, setting, parts[2]),
            "let-down" => LetDown(values, plan, show),
            _ => StartClock(values, plan) ?? EditStep(values, recipe, show),
        };
    }

    private static double? Seconds(string[] parts) =>
        parts.Length > 2 && double.TryParse(parts[2], NumberStyles.Float, CultureInfo.InvariantCulture, out var seconds) && double.IsFinite(seconds) ? Math.Clamp(seconds, -Member.LongestStepS, Member.LongestBrewS) : null;

    private static PlanAction Add(Values values, Recipe recipe, int after)
    {
        if (Core.Recipes.Verb.Find(values.Value("verb") ?? "") is not { } verb || !verb.Families.Contains(recipe.Brewer.Family))
        {
            return None with { Answer = "Choose what is to be put in." };
        }

        return recipe.Steps.Length >= RecipeReader.MostSteps
            ? None with { Answer = $"A recipe has at most {RecipeReader.MostSteps} steps. Join some that are one." }
            : new PlanAction(StepEditing.Add(recipe, after, verb), $"{verb.Word.Replace('-', ' ')} put in") { Opens = after + 1 };
    }

    private static PlanAction? StartClock(Values values, PlanSettings plan)
    {
        var sent = values.Value("clock");
        if (sent == values.Value("was.clock") || Words<ClockStart>.Find(sent) is not { } start || start == plan.Recipe.ClockStarts)
        {
            return null;
        }

        return StepEditing.Clock(plan.Forecast, start) is { } recipe
            ? new PlanAction(recipe, $"clock from {Words<ClockStart>.Of(start).Replace('-', ' ')}")
            : None with { Answer = "That moment never comes in this plan. Put the step in that it waits for, or start the clock at another." };
    }

    private static PlanAction EditStep(Values values, Recipe recipe, Show show)
    {
        if (!int.TryParse(values.Value("s.index"), NumberStyles.None, CultureInfo.InvariantCulture, out var index) || index >= recipe.Steps.Length)
        {
            return None;
        }

        var form = StepForm.Of(recipe, index, show, values);
        if (form.Good && form.Changes.Count == 0)
        {
            return None;
        }

        var edit = StepEditing.Change(recipe, index, form.Changes);
        return form.Good && edit.Recipe is { } changed
            ? new PlanAction(changed, Words(changed, index, show)) { Opens = index }
            : None with { Refused = form.With(edit.Findings), Opens = index };
    }

    private static string Words(Recipe recipe, int index, Show show)
    {
        var words = StepWording.Of(recipe, index, show);
        return $"{words.Verb.ToLowerInvariant()} {words.Target}".Trim();
    }

    /// <summary>Asks for a setting that brings a figure to a value.</summary>
    private static PlanAction Find(Values values, PlanSettings plan, Show show)
    {
        if (!Enum.TryParse<Setting>(values.Value("ask.setting"), out var setting) || !Enum.TryParse<Outcome>(values.Value("ask.outcome"), out var outcome)
            || !Enum.IsDefined(setting) || !Enum.IsDefined(outcome) || Settings.Get(plan.Forecast, setting) is null || plan.Forecast.Totals.Of(outcome) is null)
        {
            return None with { Answer = "This brew has no such setting, or no such figure. Choose another." };
        }

        if (setting == Core.Planning.Setting.MedianUm && !plan.CanGrind)
        {
            return None with { Answer = "This bag was bought ground, so the grind cannot be set. Ask for the time, the temperature or the dose." };
        }

        var wanted = Asking.Read(outcome, values.Value("ask.value"), show);
        if (wanted.Value is not { } value)
        {
            return None with { Answer = wanted.Problem };
        }

        var solution = Solving.For(plan.Forecast, plan.DialOf(setting), outcome, value);
        var reached = solution.Forecast.Totals.Of(outcome) ?? 0;
        var told = plan.Told(setting, solution.Values[setting]);
        var gives = $"{told} gives {Asking.Told(outcome, reached, show)}";
        // What does not reach it changes nothing by itself; it can still be taken.
        return solution.Reached
            ? new PlanAction(solution.Forecast.Recipe, $"{Solving.Name(setting)[4..]} {told}") { Setting = setting, Answer = $"{gives}." }
            : None with
            {
                Answer = $"{solution.Why} The nearest: {gives}. Nothing is changed.",
                Nearest = solution.Values[setting] == Settings.Get(plan.Forecast, setting) ? null : (FormattableString.Invariant($"set:{setting}:{solution.Values[setting]:R}"), $"Take {told}"),
            };
    }

    /// <summary>Asks for a strength and a leaning at once, by the dose and one setting that draws more or less.</summary>
    private static PlanAction FindBoth(Values values, PlanSettings plan)
    {
        var tds = TypedNumber.Read(values.Value("both.tds"), 0.1, 15, "% TDS");
        var tilt = TypedNumber.Read(values.Value("both.tilt"), -10, 10, "");
        if (tds.Value is not { } tdsPercent || tilt.Value is not { } leaning)
        {
            return None with { Answer = tds.Problem ?? tilt.Problem };
        }

        if (!Enum.TryParse<Setting>(values.Value("both.by"), out var by) || by is not (Core.Planning.Setting.MedianUm or Core.Planning.Setting.TemperatureC or Core.Planning.Setting.ReleaseS)
            || Settings.Get(plan.Forecast, by) is null || (by == Core.Planning.Setting.MedianUm && !plan.CanGrind))
        {
            return None with { Answer = "Choose what is to draw more or less: a grind that can be set, the temperature, or the time." };
        }

        var solution = Solving.ForBoth(plan.Forecast, plan.DialOf(by), plan.DialOf(Core.Planning.Setting.DoseG), tdsPercent, leaning);
        var told = $"{plan.Told(by, solution.Values[by])} and {plan.Told(Core.Planning.Setting.DoseG, solution.Values[Core.Planning.Setting.DoseG])}";
        var comes = $"{Show.Percent(solution.Forecast.Totals.FinalTdsPercent, 2)} TDS, leaning {Show.Signed(solution.Forecast.Totals.Tilt, 2)}";
        return solution.Reached
            ? new PlanAction(solution.Forecast.Recipe, told) { Setting = by, Answer = $"{told} give {comes}." }
            : None with { Answer = $"{solution.Why} The nearest: {told} give {comes}. Nothing is changed." };
    }

    private static PlanAction Set(PlanSettings plan, Setting setting, string text)
    {
        if (Settings.Get(plan.Forecast, setting) is null || !double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) || !double.IsFinite(value)
            || (setting == Core.Planning.Setting.MedianUm && !plan.CanGrind))
        {
            return None;
        }

        var dial = plan.DialOf(setting);
        value = Math.Clamp(value, dial.Range.Low, dial.Range.High);
        value = Math.Abs(dial.Snap(value, up: true) - value) <= Math.Abs(dial.Snap(value, up: false) - value) ? dial.Snap(value, up: true) : dial.Snap(value, up: false);
        return new PlanAction(Settings.With(plan.Forecast, setting, value), $"{Solving.Name(setting)[4..]} {plan.Told(setting, value)}") { Setting = setting };
    }

    /// <summary>Lets the drink down to a strength with water at the kettle's temperature.</summary>
    private static PlanAction LetDown(Values values, PlanSettings plan, Show show)
    {
        var wanted = TypedNumber.Read(values.Value("let-down.tds"), 0.2, 10, "% TDS");
        if (wanted.Value is not { } tdsPercent)
        {
            return None with { Answer = wanted.Problem };
        }

        var totals = plan.Forecast.Totals;
        var waterG = Math.Round(Core.Reckoning.LetDown.WaterG(totals.BeverageG, totals.TdsPercent, tdsPercent));
        var steps = plan.Recipe.Steps.RemoveAll(step => step is Step.Dilute);
        if (waterG < 1)
        {
            return steps.Length == plan.Recipe.Steps.Length
                ? None with { Answer = $"It is {Show.Percent(totals.TdsPercent, 2)} as brewed: no stronger than that, so there is nothing to let down." }
                : new PlanAction(plan.Recipe with { Steps = steps }, "not let down");
        }

        // Ice melts into what is already let down, so the water goes in before it.
        var at = steps.Select((step, i) => (step, i)).LastOrDefault(one => one.step is Step.Press or Step.Drain or Step.Decant or Step.StopDrip).i + 1;
        return new PlanAction(plan.Recipe with { Steps = steps.Insert(at, new Step.Dilute(waterG)) }, $"let down with {show.Water(waterG)}")
        {
            Answer = $"{show.Water(waterG)} of water brings it from {Show.Percent(totals.TdsPercent, 2)} to {Show.Percent(Core.Reckoning.LetDown.TdsPercent(totals.BeverageG, totals.TdsPercent, waterG), 2)}.",
        };
    }
}

/// <summary>A figure that can be asked for, as it is typed and told.</summary>
public static class Asking
{
    /// <summary>Reads the value asked for.</summary>
    public static TypedNumber Read(Outcome outcome, string? text, Show show) => outcome switch
    {
        Outcome.TdsPercent => TypedNumber.Read(text, 0.1, 15, "% TDS"),
        Outcome.ExtractionYieldPercent => TypedNumber.Read(text, 1, 35, "%"),
        Outcome.Tilt => TypedNumber.Read(text, -10, 10, ""),
        Outcome.DrinkG => Mass(TypedNumber.Read(text, show.Units.MassFromG(5), show.Units.MassFromG(Member.MostWaterG), show.MassUnit), show),
        Outcome.PressForceN => TypedNumber.Read(text, 10, 500, "N"),
        _ => TypedNumber.ReadClock(text, 1, Member.LongestBrewS),
    };

    private static TypedNumber Mass(TypedNumber typed, Show show) => typed.Value is { } mass ? typed with { Value = show.Units.MassToG(mass) } : typed;

    /// <summary>A figure told with its unit.</summary>
    public static string Told(Outcome outcome, double value, Show show) => outcome switch
    {
        Outcome.TdsPercent => $"{Show.Percent(value, 2)} TDS",
        Outcome.ExtractionYieldPercent => $"{Show.Percent(value)} extraction",
        Outcome.Tilt => $"a leaning of {Show.Signed(value, 2)}",
        Outcome.DrinkG => $"{show.Water(value)} in the cup",
        Outcome.PressForceN => $"{Show.Number(value, 0)} N at the hand",
        Outcome.DrawdownS => $"a drain of {Show.Clock(value)}",
        Outcome.FinishS => $"an end at {Show.Clock(value)}",
        _ => $"a cup to drink at {Show.Clock(value)}",
    };

    /// <summary>What a figure is called in the list.</summary>
    public static string Name(Outcome outcome, Show show) => outcome switch
    {
        Outcome.TdsPercent => "strength, % TDS",
        Outcome.ExtractionYieldPercent => "extraction, %",
        Outcome.Tilt => "leaning",
        Outcome.DrinkG => $"drink, {show.MassUnit}",
        Outcome.PressForceN => "force at the hand, N",
        Outcome.DrawdownS => "drain, min:s",
        Outcome.FinishS => "done at, min:s",
        _ => "to drink at, min:s",
    };
}
