using System.Collections.Immutable;
using System.Text.Json;

namespace Cistern.Data.Brews;

/// <summary>Converts between a plan and a brew's row.</summary>
public static class BrewPlan
{
    /// <summary>Time after which every assumption about a brew's steps has been made, ms: longer than any grace period.</summary>
    private const long LongAfterMs = 400L * 86_400_000;

    /// <summary>A new brew from a forecast, without its barista, coffee and equipment.</summary>
    public static Brew Of(Forecast forecast, long openedAtMs) => new()
    {
        RecipeId = forecast.Recipe.Id,
        Name = forecast.Recipe.Name,
        PlanJson = RecipeWriter.Write(forecast.Recipe),
        ModelVersion = Forecast.ModelVersion,
        ModelJson = ModelUsed.Of(forecast.Model)?.ToJson(),
        ForecastJson = JsonSerializer.Serialize(ForecastFigures.Of(forecast.Totals)),
        Sparkline = Sparkline.Points(forecast),
        OpenedAtMs = openedAtMs,
    };

    /// <summary>The model of a brew's forecast: what was learned later does not change it.</summary>
    /// <param name="brew">The brew.</param>
    /// <param name="model">The published model, with its cancellation.</param>
    public static ForecastModel ModelOf(this Brew brew, ForecastModel model) => brew.ModelJson is { } json && ModelUsed.Read(json) is { } used ? used.On(model) : model;

    /// <summary>The plan of a brew, with its remaining steps as they are now. It was checked when it was stored.</summary>
    /// <exception cref="UnreadableException">The row was edited outside Cistern and is not a recipe.</exception>
    public static Recipe Recipe(this Brew brew) => Read(brew, brew.PlanJson);

    /// <summary>The plan of a brew at its start.</summary>
    /// <exception cref="UnreadableException">The row was edited outside Cistern and is not a recipe.</exception>
    public static Recipe Planned(this Brew brew) => Read(brew, brew.PlannedJson ?? brew.PlanJson);

    private static Recipe Read(Brew brew, string json)
    {
        var file = RecipeReader.ReadDraft(json);
        return file.Recipes.Length == 1 ? file.Recipes[0] : throw new UnreadableException($"The plan of {brew.Name} cannot be read: {file.Findings.FirstOrDefault()?.Rule}");
    }

    /// <summary>Whether its plans, and the recipe as brewed in an imported file, can be read.</summary>
    public static bool IsReadable(this Brew brew) => new[] { brew.PlanJson, brew.PlannedJson, brew.BrewedJson }.All(json => json is null || RecipeReader.ReadDraft(json).Recipes.Length == 1);

    /// <summary>The figures of its forecast.</summary>
    public static IReadOnlyDictionary<string, double?> Figures(this Brew brew) =>
        StoredJson.Read<Dictionary<string, double?>>(brew.ForecastJson) ?? [];

    /// <summary>The weights at the ends of pours, by step.</summary>
    public static ImmutableDictionary<int, double> WeightsG(this Brew brew) =>
        brew.Weighings.ToImmutableDictionary(weighing => weighing.StepIndex, weighing => weighing.TotalG);

    /// <summary>What was weighed and read, in the core's form.</summary>
    public static Actuals Actuals(this Brew brew) => new()
    {
        PouredG = brew.WeightsG(),
        DoseG = brew.Observed(ObservationNames.Dose),
        WaterC = brew.Observed(ObservationNames.Water),
        MedianUm = brew.Observed(ObservationNames.Grind),
        FlameW = brew.Observed(ObservationNames.Flame),
        Omitted = [.. brew.Observations.Where(one => one.Name.StartsWith(ObservationNames.Omitted, StringComparison.Ordinal)).Select(one => int.TryParse(one.Name[ObservationNames.Omitted.Length..], NumberStyles.None, CultureInfo.InvariantCulture, out var step) ? step : -1).Where(step => step >= 0)],
        DilutionG = brew.Observed(ObservationNames.Dilution),
        IceG = brew.Observed(ObservationNames.Ice),
    };

    /// <summary>The observation with a name, or null.</summary>
    public static double? Observed(this Brew brew, string name) => brew.Observations.Find(one => one.Name == name)?.Value;

    /// <summary>Adds or removes several observations.</summary>
    /// <param name="brew">The brew, with its observations.</param>
    /// <param name="observed">Values by <see cref="ObservationNames"/>; null removes one.</param>
    /// <param name="nowMs">Now.</param>
    public static void Observe(this Brew brew, IReadOnlyDictionary<string, double?> observed, long nowMs)
    {
        foreach (var (name, value) in observed)
        {
            brew.Observe(name, value, nowMs);
        }
    }

    /// <summary>The finished steps that could have been omitted, and whether they were.</summary>
    /// <param name="brew">The brew, with its observations.</param>
    /// <param name="recipe">The recipe that is brewed.</param>
    /// <param name="run">Its state.</param>
    public static IReadOnlyList<(int Step, bool Omitted)> Omittable(this Brew brew, Recipe recipe, BrewRun run)
    {
        var omitted = brew.Actuals().Omitted;
        return [.. run.Done.Select(done => done.Index).Where(step => step < recipe.Steps.Length && Core.Brewing.Actuals.CanBeOmitted(recipe.Steps[step])).Select(step => (step, omitted.Contains(step)))];
    }

    /// <summary>The signs that were seen, with their steps; earlier versions stored one per brew and no step in its name.</summary>
    public static IEnumerable<(string Code, int Step)> SignsSeen(this Brew brew) =>
        brew.Observations.Where(one => one.Name.StartsWith(ObservationNames.Sign, StringComparison.Ordinal)).Select(one => (one.Name[ObservationNames.Sign.Length..].Split('@')[0], (int)one.Value));

    /// <summary>Records a sign seen at a step, replacing any other; null removes it.</summary>
    public static void SeeSign(this Brew brew, int step, string? code, long nowMs)
    {
        brew.Observations.RemoveAll(one => one.Name.StartsWith(ObservationNames.Sign, StringComparison.Ordinal) && (int)one.Value == step);
        if (code is not null)
        {
            brew.Observe(FormattableString.Invariant($"{ObservationNames.Sign}{code}@{step}"), step, nowMs);
        }
    }

    /// <summary>The flow times measured on its own clock, or given by the file it was imported with.</summary>
    /// <param name="brew">The brew, with its entries and observations.</param>
    /// <param name="recipe">The plan it was brewed by.</param>
    /// <param name="run">Its state.</param>
    public static Measured MeasuredTimes(this Brew brew, Recipe recipe, BrewRun run)
    {
        var measured = Measured.Of(recipe, run);
        return new Measured(measured.DrawdownS ?? brew.Observed(ObservationNames.Drawdown), measured.PressS ?? brew.Observed(ObservationNames.Press));
    }

    /// <summary>Its times compared with their windows.</summary>
    /// <param name="brew">The brew, with its entries and observations.</param>
    /// <param name="planned">The forecast of the plan it began with.</param>
    /// <param name="run">Its state.</param>
    public static ImmutableArray<FlowVerdict> Verdicts(this Brew brew, Forecast planned, BrewRun run) => FlowVerdicts.Of(brew.ComparedWith(planned), run, brew.MeasuredTimes(planned.Recipe, run));

    /// <summary>
    /// The forecast that its times are compared with: the plan it began with, with the end of its steep as set by an accepted
    /// correction. A correction for a steep that was already over changes nothing here.
    /// </summary>
    /// <param name="brew">The brew, with its answers to deviations.</param>
    /// <param name="planned">The forecast of the plan it began with.</param>
    public static Forecast ComparedWith(this Brew brew, Forecast planned) =>
        brew.DeviationAnswers.Where(answer => answer is { Taken: true, UndoneAtMs: null, SteepEndAtS: not null, Kind: not (DeviationKind.ReleaseDue or DeviationKind.ReleasedLate) }).MaxBy(answer => answer.AtMs) is { } moved
            ? planned.Again(Core.Planning.Settings.With(planned, Core.Planning.Setting.SteepEndS, moved.SteepEndAtS!.Value))
            : planned;

    /// <summary>Whether it was actually brewed: its clock ran here, or its file says so.</summary>
    public static bool WasBrewed(this Brew brew, BrewRun run) => run.ClockRuns || brew.BrewedJson is not null;

    /// <summary>The mean of its refractometer readings, % TDS; null where there are none.</summary>
    public static double? ReadTdsPercent(this Brew brew) => brew.Tastings.Select(tasting => tasting.ReadTdsPercent).Average();

    /// <summary>Records or removes an observation; one repeated unchanged keeps its time.</summary>
    /// <param name="brew">The brew, with its observations.</param>
    /// <param name="name">One of <see cref="ObservationNames"/>.</param>
    /// <param name="value">The value, in the unit of its name; null removes it.</param>
    /// <param name="nowMs">Now.</param>
    public static void Observe(this Brew brew, string name, double? value, long nowMs)
    {
        const double Same = 1e-9;
        var kept = brew.Observations.Find(one => one.Name == name);
        if (value is not { } number)
        {
            brew.Observations.RemoveAll(one => one.Name == name);
        }
        else if (kept is null)
        {
            brew.Observations.Add(new Observation { Name = name, Value = number, AtMs = nowMs });
        }
        else if (Math.Abs(kept.Value - number) >= Same)
        {
            // A typed value replaces one from an instrument and is no longer marked as detected.
            (kept.Value, kept.AtMs, kept.Seen) = (number, nowMs, false);
        }
    }

    /// <summary>The answer to a deviation that was not taken back, or null.</summary>
    public static DeviationAnswer? CurrentAnswer(this Brew brew, DeviationKind kind, int step) => brew.DeviationAnswers.Find(answer => answer.UndoneAtMs is null && answer.Kind == kind && answer.Step == step);

    /// <summary>Its state.</summary>
    /// <param name="brew">The brew, with its entries.</param>
    /// <param name="plan">The forecast of its plan.</param>
    /// <param name="nowMs">Now; for a finished brew, after everything.</param>
    public static BrewRun Run(this Brew brew, Forecast plan, long nowMs) =>
        BrewRun.Replay(ConductPlan.Of(plan), brew.CoreEntries, brew.State == BrewState.Finished ? (brew.EndedAtMs ?? nowMs) + LongAfterMs : brew.ClockMs(nowMs));

    /// <summary>
    /// The forecast of what was actually done; steps still to come are as planned. For a finished brew, the measured finish and
    /// drawdown replace the computed ones.
    /// </summary>
    /// <param name="brew">The brew, with its entries, weights and observations.</param>
    /// <param name="plan">The forecast of its plan.</param>
    /// <param name="run">Its state.</param>
    /// <param name="nowS">The time on its clock while it runs, s. Such a forecast is needed once, so it is not cached.</param>
    public static Forecast ForecastAsBrewed(this Brew brew, Forecast plan, BrewRun run, double? nowS = null)
    {
        var real = (nowS is null ? plan.Model : plan.Model with { Memory = null }).Run(brew.BrewedRecipe(plan.Recipe, run, nowS), plan.Options);
        return nowS is null ? real.ByClock(brew.BrewedJson is null && run.Finished ? run.EndS : null, brew.MeasuredTimes(plan.Recipe, run).DrawdownS) : real;
    }

    /// <summary>The figures of a finished brew by the model it was planned with, as planned and as brewed.</summary>
    /// <param name="brew">The brew, with its entries, weights and observations.</param>
    /// <param name="model">The published model, with its cancellation.</param>
    public static BrewFigures FiguresOf(this Brew brew, ForecastModel model)
    {
        var plan = brew.ModelOf(model).Figures(brew.Recipe());
        var planned = brew.PlannedJson is null ? plan : plan.Again(brew.Planned());
        return new BrewFigures(planned.Totals, brew.ForecastAsBrewed(plan, brew.Run(plan, brew.EndedAtMs ?? brew.OpenedAtMs)).Totals);
    }

    /// <summary>Extraction from the refractometer's reading, with the drink as weighed or else as expected, %; null without a reading.</summary>
    /// <param name="brew">The brew, with its tastings and observations.</param>
    /// <param name="drinkG">The expected drink, g.</param>
    /// <param name="doseG">Coffee, g.</param>
    public static double? ReadYieldPercent(this Brew brew, double drinkG, double doseG) => brew.ReadTdsPercent() * (brew.Observed(ObservationNames.Beverage) ?? drinkG) / doseG;

    /// <summary>The forecast of a finished brew as it was made; null where it is not over, or its clock never ran.</summary>
    /// <param name="brew">The brew, with its entries, weights and observations.</param>
    /// <param name="plan">The forecast of its plan.</param>
    /// <param name="run">Its state.</param>
    public static Forecast? ForecastIfFinished(this Brew brew, Forecast plan, BrewRun run) => brew.State == BrewState.Finished && brew.WasBrewed(run) ? brew.ForecastAsBrewed(plan, run) : null;

    /// <summary>The recipe as it was brewed: from its file, or else from what was reported, weighed and read.</summary>
    /// <param name="brew">The brew, with its entries, weights and observations.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="run">Its state.</param>
    /// <param name="nowS">The time on its clock while it runs, s.</param>
    public static Recipe BrewedRecipe(this Brew brew, Recipe plan, BrewRun run, double? nowS = null) =>
        brew.BrewedJson is { } told ? Read(brew, told) : AsBrewed.Of(plan, run, brew.Actuals(), nowS);

    /// <summary>Computes its facts.</summary>
    /// <param name="brew">A brew that is over, with its entries, weights and observations.</param>
    /// <param name="plan">The forecast of its plan.</param>
    public static void ComputeFacts(this Brew brew, Forecast plan)
    {
        if (brew is not { State: BrewState.Finished, StartedAtMs: not null, Rehearsal: false })
        {
            brew.Facts = null;
            return;
        }

        var run = brew.Run(plan, brew.EndedAtMs ?? brew.OpenedAtMs);
        var real = brew.ForecastAsBrewed(plan, run);
        var measured = brew.MeasuredTimes(plan.Recipe, run);
        var facts = brew.Facts ??= new BrewFacts { ModelVersion = "" };
        (facts.ModelVersion, facts.Version) = (Forecast.ModelVersion, BrewFacts.CurrentVersion);
        (facts.DoseG, facts.WaterG, facts.WaterTemperatureC, facts.MedianUm) = (real.Recipe.Coffee.DoseG, real.Recipe.WaterG, real.Recipe.Water.TemperatureC, real.Recipe.Grind.MedianUm);
        (facts.Family, facts.RestDays) = (Words<BrewerFamily>.Of(real.Recipe.Brewer.Family), real.Recipe.Coffee.RestDays);
        (facts.FinalG, facts.FinalTdsPercent, facts.ExtractionYieldPercent, facts.FlavourBalance, facts.ExtractionLevel) = (real.Totals.FinalG, real.Totals.FinalTdsPercent, real.Totals.ExtractionYieldPercent, real.Totals.FlavourBalance, real.Totals.ExtractionLevel);
        (facts.FinishS, facts.DrawdownS, facts.PressS) = (real.Totals.FinishS, measured.DrawdownS, measured.PressS);
        facts.Assumed = run.Done.Count(one => one.IsUnconfirmed);
        brew.ComputeDifferences(facts, brew.PlannedJson is null ? plan : plan.Again(brew.Planned()), real.Recipe, run);
    }

    /// <summary>Computes its deviations from the plan it began with, and what was expected of that plan.</summary>
    private static void ComputeDifferences(this Brew brew, BrewFacts facts, Forecast planned, Recipe real, BrewRun run)
    {
        var steepEnd = Acts.SteepEndIndex(planned.Recipe);
        var beganS = brew.BrewedJson is null && steepEnd >= 0 && run.Done.FirstOrDefault(done => done.Index == steepEnd) is { IsKnown: true } done ? done.StartS : null;
        facts.SteepEndOffS = beganS - (steepEnd >= 0 ? brew.ComparedWith(planned).Timings[steepEnd].StartS : 0);
        (facts.WaterOffG, facts.DoseOffG, facts.TemperatureOffC) = (real.WaterG - planned.Recipe.WaterG, real.Coffee.DoseG - planned.Recipe.Coffee.DoseG, real.Water.TemperatureC - planned.Recipe.Water.TemperatureC);
        facts.Flow = WordOf(brew.Verdicts(planned, run));
        var bands = Confidence.Of(planned);
        var (tds, balance) = (bands[Outcome.TdsPercent], bands[Outcome.FlavourBalance]);
        (facts.ExpectedTdsPercent, facts.ExpectedTdsLow, facts.ExpectedTdsHigh) = (tds.Value, tds.Low, tds.High);
        (facts.ExpectedBalance, facts.ExpectedBalanceLow, facts.ExpectedBalanceHigh) = (balance.Value, balance.Low, balance.High);
        (facts.ExpectedDrawdownS, facts.ExpectedDrawdownLowS, facts.ExpectedDrawdownHighS) = bands.TryGetValue(Outcome.DrawdownS, out var drain) ? (drain.Value, drain.Low, drain.High) : ((double?)null, (double?)null, (double?)null);
    }

    /// <summary>The worst of some verdicts in one word; those outside their windows come first.</summary>
    private static FlowWord? WordOf(ImmutableArray<FlowVerdict> verdicts)
    {
        if (verdicts.IsEmpty)
        {
            return null;
        }

        var flows = verdicts.Where(verdict => verdict.Place != FlowPlace.Within).OrderBy(verdict => verdict.Of is FlowOf.Drain or FlowOf.Press ? 0 : 1).Cast<FlowVerdict?>().FirstOrDefault();
        return flows switch
        {
            null => FlowWord.Within,
            { Of: FlowOf.Drain or FlowOf.Press, Place: FlowPlace.Over } => FlowWord.Slow,
            { Of: FlowOf.Drain or FlowOf.Press } => FlowWord.Quick,
            { Place: FlowPlace.Over } => FlowWord.Late,
            _ => FlowWord.Early,
        };
    }
}
