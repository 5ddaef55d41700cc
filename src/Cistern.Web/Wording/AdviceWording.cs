namespace Cistern.Web.Wording;

/// <summary>Advice in the barista's units and the grinder's settings.</summary>
public static class AdviceWording
{
    /// <summary>The change of a setting: "22 → 20 clicks".</summary>
    public static string Step(AdvisedChange change, Grinder? grinder, FigureFormat format) => change.Adjustment switch
    {
        Adjustment.Grind when grinder is not null => $"{Bare(grinder, change.From)} → {GrinderWording.Setting(grinder, grinder.Scale.SettingFor(change.To))}",
        Adjustment.Grind => $"{FigureFormat.Number(change.From, 0)} → {FigureFormat.Number(change.To, 0)} µm",
        Adjustment.Temperature => $"{format.TemperatureNumber(change.From)} → {format.Temperature(change.To)}",
        Adjustment.Dose or Adjustment.Batch => $"{format.DoseNumber(change.From)} → {format.Dose(change.To)}",
        Adjustment.Water or Adjustment.Dilution => $"{format.MassNumber(change.From, fine: false)} → {format.Water(change.To)}",
        Adjustment.Release => $"{FigureFormat.Clock(change.From)} → {FigureFormat.Clock(change.To)}",
        Adjustment.Turns => $"{FigureFormat.Number(change.From, 0)} → {FigureFormat.Number(change.To, 0)} turns",
        Adjustment.PressTime or Adjustment.Settle => $"{FigureFormat.Number(change.From, 0)} → {FigureFormat.Seconds(change.To)}",
        Adjustment.Flame => $"{FigureFormat.Number(change.From, 0)} → {FigureFormat.Number(change.To, 0)} W",
        Adjustment.Stand => FigureFormat.Seconds(change.To),
        Adjustment.Swirl => $"{FigureFormat.Number(change.To, 0)} turns",
        _ => "",
    };

    /// <summary>A change in a few words: "Grind finer, 22 → 20 clicks".</summary>
    public static string Of(AdvisedChange change, Grinder? grinder, FigureFormat format) =>
        Steps(change, grinder, format) is { Length: > 0 } step ? $"{AdviceWords.Name(change)}, {step}" : AdviceWords.Name(change);

    /// <summary>The change of each setting, where two are changed.</summary>
    public static string Steps(AdvisedChange change, Grinder? grinder, FigureFormat format) =>
        change.And is { } and ? $"{Step(change, grinder, format)}, {Step(AdviceWords.Second(change, and), grinder, format)}" : Step(change, grinder, format);

    /// <summary>How far the whole change would be, where the step is only part of it; else empty.</summary>
    public static string WholeWay(AdvisedChange change, Grinder? grinder, FigureFormat format) =>
        change.WholeWay is { } whole ? $"This is a small step. By the forecast the whole change is {Step(change with { To = whole }, grinder, format)}." : "";

    /// <summary>The targets for a cup and its time, in a line.</summary>
    public static string Target(IEnumerable<Aim> aims) => string.Join(", ", aims.Where(aim => aim.Set).Select(aim => aim.Of switch
    {
        AimOf.Strength => $"{FigureFormat.Number(aim.Range.Low, 2)} to {FigureFormat.Percent(aim.Range.High, 2)} TDS",
        AimOf.FlavourSide => $"balance {FigureFormat.Signed(aim.Range.Low, 2)} to {FigureFormat.Signed(aim.Range.High, 2)}",
        AimOf.Yield => $"{FigureFormat.Percent(aim.Range.Low)} to {FigureFormat.Percent(aim.Range.High)} extraction",
        AimOf.Finish => aim.AsSet.Low <= 0 ? $"done by {FigureFormat.Clock(aim.AsSet.High)}" : $"done from {FigureFormat.Clock(aim.AsSet.Low)} to {FigureFormat.Clock(aim.AsSet.High)}",
        AimOf.Drain or AimOf.Press => "",
    }).Where(text => text.Length > 0));

    /// <summary>How likely it does, in words.</summary>
    public static string Chance(AdvisedChange change) => change.Chance switch
    {
        >= 0.95 => "It should be right.",
        >= 0.3 => $"It should be right in about {FigureFormat.Number(100 * change.Chance, 0)} of 100.",
        _ => "A first step: it should not be enough alone.",
    };

    /// <summary>The costs in words; empty where there are none.</summary>
    public static string Costs(ChangeCosts costs, FigureFormat format)
    {
        var parts = new List<string>();
        if (Math.Abs(costs.TimeS) >= 5)
        {
            parts.Add($"done {FigureFormat.Clock(Math.Abs(costs.TimeS))} {(costs.TimeS > 0 ? "later" : "sooner")}");
        }

        if (costs.HandsS >= 3)
        {
            parts.Add($"{FigureFormat.Seconds(costs.HandsS)} more by hand");
        }

        if (Math.Abs(costs.CoffeeG) >= 0.05)
        {
            parts.Add($"{format.Dose(Math.Abs(costs.CoffeeG))} {(costs.CoffeeG > 0 ? "more coffee" : "less coffee")}");
        }

        if (costs.Stalls >= 0.05)
        {
            parts.Add(costs.Stalls >= 0.95 ? "it stalls" : $"the drawdown may stall, {FigureFormat.Number(100 * costs.Stalls, 0)} in 100");
        }

        return string.Join(", ", parts);
    }

    /// <summary>The figures of the brew and of the next one: those that a change affects, and those that always matter.</summary>
    public static IEnumerable<(string What, string Now, string Then)> Figures(Totals now, Totals then, FigureFormat format)
    {
        yield return ("Strength", FigureFormat.Number(now.FinalTdsPercent, 2), $"{FigureFormat.Number(then.FinalTdsPercent, 2)} % TDS");
        yield return ("Balance", FigureFormat.Signed(now.FlavourBalance, 2), $"{FigureFormat.Signed(then.FlavourBalance, 2)}, {FigureFormat.FlavourBalance(then.FlavourBalance)}");
        yield return ("Extraction", FigureFormat.Number(now.ExtractionYieldPercent, 1), FigureFormat.Percent(then.ExtractionYieldPercent));
        if (then.DrawdownS is { } drainS && now.DrawdownS is { } drainedS)
        {
            yield return ("Drawdown", FigureFormat.Clock(drainedS), FigureFormat.Clock(drainS));
        }

        if (then.PressForceN is { } forceN && now.PressForceN is { } forcedN)
        {
            yield return ("Force", FigureFormat.Number(forcedN, 0), $"{FigureFormat.Number(forceN, 0)} N");
        }

        yield return ("In the cup", format.MassNumber(now.FinalG, fine: false), format.Water(then.FinalG));
        yield return ("Done at", FigureFormat.Clock(now.FinishS), FigureFormat.Clock(then.FinishS));
    }

    private static string Bare(Grinder grinder, double um) => FigureFormat.Setting(grinder.Scale.SettingFor(um));
}
