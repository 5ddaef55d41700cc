namespace Cistern.Web.Pages.Brewing;

/// <summary>What a press would say.</summary>
/// <param name="Kind">The entry it makes.</param>
/// <param name="Step">The step it is of.</param>
/// <param name="Word">The button's word.</param>
public sealed record StageAction(EntryKind Kind, int Step, string Word);

/// <summary>What the brew screen shows at a moment. The page's script (stage.js) computes the same without the network.</summary>
/// <param name="Verb">What to do.</param>
/// <param name="Target">How far.</param>
/// <param name="Countdown">Seconds left, or how late it is, or how long it has lasted.</param>
/// <param name="Mood">Its state: <c>ready</c>, <c>hold</c>, <c>on</c>, <c>grace</c>, <c>late</c>, <c>window</c>, <c>call</c>, <c>over</c>.</param>
/// <param name="About">What the countdown is about, in words.</param>
/// <param name="Then">The next step, in small print.</param>
/// <param name="Words">The words of the current step, or null when all are over.</param>
/// <param name="Action">What a press reports, or null.</param>
/// <param name="Beforehand">What must be ready before the end of the steep, shown during the steps before it; else empty.</param>
public sealed record Stage(string Verb, string Target, string Countdown, string Mood, string About, string Then, StepWords? Words, StageAction? Action, string Beforehand = "")
{
    /// <summary>Steps that were replaced before they were confirmed, each with what a press reports of it.</summary>
    public IReadOnlyList<StageAction> Also { get; init; } = [];

    /// <summary>A window closes in its last seconds.</summary>
    private const double ClosingS = 20;

    private const double ToleranceS = 0.01;

    /// <summary>The unit of a countdown under a minute, which is in seconds; empty for minutes and seconds.</summary>
    public string CountdownUnit => Countdown.Length == 0 || Countdown.Contains(':', StringComparison.Ordinal) ? "" : "s";

    /// <summary>The stage of a brew at a moment.</summary>
    /// <param name="forecast">The forecast of its plan.</param>
    /// <param name="run">Its state.</param>
    /// <param name="nowS">Now, s on the brew clock; before it starts, since the brew was opened or the last preparation was done.</param>
    /// <param name="format">Formats figures.</param>
    public static Stage Of(Forecast forecast, BrewRun run, double nowS, FigureFormat format)
    {
        var stage = Doing(forecast, run, nowS, format);
        return stage with
        {
            Beforehand = BeforehandText(forecast, run, stage.Mood, format),
            Also = [.. run.Done.Where(done => done.IsOpenAt(nowS)).Select(done => new StageAction(EntryKind.Done, done.Index, Asked(StepWording.Of(forecast.Recipe, done.Index, format))))],
        };
    }

    /// <summary>Shown in the last wait before the end of the steep, while the hands are free and the scale is no longer needed.</summary>
    private static string BeforehandText(Forecast forecast, BrewRun run, string mood, FigureFormat format)
    {
        var steps = ConductPlan.Of(forecast).Steps;
        var steepEnd = Acts.SteepEndIndex(forecast.Recipe);
        return mood == "hold" && run.Present!.Index is var here && here <= steepEnd
            && !(steps[here].Weighed && format.Equipment.Scale)
            && !steps[(here + 1)..Math.Max(here + 1, steepEnd)].Any(step => step.Ends == StepEnding.Clock || step.At is not null || step.Low is not null || (step.Weighed && format.Equipment.Scale))
            ? StepWording.Of(forecast.Recipe, steepEnd, format).Beforehand
            : "";
    }

    private static Stage Doing(Forecast forecast, BrewRun run, double nowS, FigureFormat format)
    {
        var recipe = forecast.Recipe;
        var plan = ConductPlan.Of(forecast);
        if (run.Present is not { } present)
        {
            return new Stage("Done", "Taste it when it is cool enough", "", "over", "", "", null, null);
        }

        var words = StepWording.Of(recipe, present.Index, format);
        var first = StepWording.Of(recipe, plan.Anchor, format);
        if (!run.ClockRuns)
        {
            return present.Index == plan.Anchor
                ? new Stage("Ready", StepWording.ClockStart(recipe.ClockStarts), "", "ready", "", first.Line, first, new StageAction(EntryKind.Start, plan.Anchor, "Start"))
                : new Stage(words.Verb, words.Target, Left(Math.Floor(nowS + ToleranceS)), "ready", "getting ready", $"then {Line(recipe, present.Index + 1, format)}", words, new StageAction(EntryKind.Ready, present.Index, words.Says));
        }

        var step = plan.Steps[present.Index];
        var nextAt = present.Index + 1;
        var nextS = nextAt < recipe.Steps.Length ? Math.Max(present.EndS, plan.Steps[nextAt].At ?? plan.Steps[nextAt].Low ?? 0) : present.EndS;
        var then = nextAt < recipe.Steps.Length ? $"then, at {FigureFormat.Clock(nextS)}, {NextTwo(recipe, nextAt, format)}" : "the last step";
        var soon = nextAt < recipe.Steps.Length ? $"then {NextTwo(recipe, nextAt, format)}" : "the last step";
        if (step.Ends == StepEnding.Clock)
        {
            var follows = nextAt < recipe.Steps.Length && plan.Steps[nextAt].Ends != StepEnding.Clock;
            return new Stage(words.Verb, words.Target, Left(present.EndS - nowS), "hold", $"until {FigureFormat.Clock(present.EndS)}", then, words,
                follows ? Begin(recipe, plan, nextAt, nextS, nextS > present.EndS ? plan.Steps[nextAt].Low : present.LowS, nowS, format) : new StageAction(EntryKind.Done, present.Index, words.Says));
        }

        if (present.BegunS is null && nowS < present.DueS - 0.05)
        {
            return new Stage(words.Until, $"until {FigureFormat.Clock(present.DueS)}", Left(present.DueS - nowS), "hold", "left", $"at {FigureFormat.Clock(present.DueS)} {NextTwo(recipe, present.Index, format)}", words,
                Begin(recipe, plan, present.Index, present.DueS, present.LowS, nowS, format));
        }

        if (present.BegunS is null && (step.Release || present.HighS is not null))
        {
            var action = step.Release ? Begin(recipe, plan, present.Index, present.DueS, present.LowS, nowS, format) : new StageAction(EntryKind.Done, present.Index, words.Says);
            return present.HighS is { } highS && nowS < highS
                ? new Stage(words.Verb, words.Target, Left(highS - nowS), highS - nowS < ClosingS ? "closing" : "window", $"left in its window, until {FigureFormat.Clock(highS)}", soon, words, action)
                : new Stage(words.Verb, words.Target, $"+{Left(Math.Floor(nowS - Math.Max(present.DueS, present.HighS ?? 0) + ToleranceS))}", "call", present.HighS is null ? "since it was due" : "since its window closed", soon, words, action);
        }

        var leftS = present.EndS - nowS;
        var goingOn = present.BegunS is null ? words.Verb : words.GoingOn;
        var mood = leftS >= -1 ? "on" : present.AssumedAtS is not null ? "grace" : "late";
        return new Stage(goingOn, words.Target, leftS >= 0 ? Left(leftS) : $"+{Left(Math.Floor(ToleranceS - leftS))}", mood,
            mood == "grace" ? "counts as done, unless it goes on" : leftS >= 0 ? "left" : "over", leftS >= 0 ? then : soon, words, new StageAction(EntryKind.Done, present.Index, words.Says));
    }

    /// <summary>Beginning a step, early or now.</summary>
    private static StageAction Begin(Recipe recipe, ConductPlan plan, int index, double dueS, double? lowS, double nowS, FigureFormat format)
    {
        var word = StepWording.Of(recipe, index, format).Begins;
        var early = nowS >= dueS - 0.5 ? "" : lowS is { } opensS && nowS >= opensS ? ", in its window" : $", {FigureFormat.Clock(Math.Ceiling(dueS - nowS - ToleranceS))} early";
        return new StageAction(plan.Steps[index].Length > 0 ? EntryKind.Begun : EntryKind.Done, index, word + early);
    }

    /// <summary>The next two steps, so that the barista can get ready.</summary>
    private static string NextTwo(Recipe recipe, int index, FigureFormat format) =>
        index + 1 < recipe.Steps.Length ? $"{Line(recipe, index, format)}; then {Line(recipe, index + 1, format)}" : Line(recipe, index, format);

    private static string Line(Recipe recipe, int index, FigureFormat format) => StepWording.Of(recipe, index, format).Line;

    /// <summary>The question about a step that was replaced: "Pour: poured".</summary>
    private static string Asked(StepWords words) => $"{words.GoingOn}: {words.Says.ToLowerInvariant()}";

    /// <summary>Whole seconds left, rounded up, except for rounding errors of computed lengths.</summary>
    private static string Left(double seconds)
    {
        var whole = Math.Max(0, Math.Ceiling(seconds - ToleranceS));
        return whole < 60 ? FigureFormat.Number(whole, 0) : FigureFormat.Clock(whole);
    }
}
