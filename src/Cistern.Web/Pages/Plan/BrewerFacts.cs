namespace Cistern.Web.Pages.Plan;

/// <summary>A figure that only this vessel or this drink has.</summary>
/// <param name="What">What it is.</param>
/// <param name="Value">The value with its unit.</param>
/// <param name="Note">What it means, or null.</param>
public sealed record Fact(string What, string Value, string? Note = null);

/// <summary>Further figures of a plan, for its vessel or its drink.</summary>
public static class BrewerFacts
{
    /// <summary>The facts of a forecast.</summary>
    public static IReadOnlyList<Fact> Of(PlanView plan) =>
        [.. Ratio(plan), .. Water(plan), .. Drippers(plan), .. Tube(plan), .. Siphon(plan), .. PouredOff(plan), .. Cups(plan), .. Last(plan)];

    private static IEnumerable<Fact> Ratio(PlanView plan)
    {
        // A plan whose water has been taken out has no ratio yet.
        if (plan.Form.Recipe.WaterG <= 0 || plan.Forecast.Totals.FinalG <= 0)
        {
            yield break;
        }

        var ratios = Ratios.Of(plan.Forecast);
        var doseG = plan.Form.Recipe.Coffee.DoseG;
        var cups = RoughMeasures.Cups(plan.Forecast.Totals.FinalG, plan.Format.Units.CupMl);
        yield return new Fact("Ratio, of water poured", FigureFormat.Ratio(ratios.Poured), $"{FigureFormat.Number(Ratios.GPerL(ratios.Poured), 0)} g/L");
        yield return new Fact("Ratio, of the drink as brewed", FigureFormat.Ratio(ratios.InTheCup), $"{plan.Format.Dose(doseG / Math.Max(0.1, cups))} for a cup of {FigureFormat.Number(plan.Format.Units.CupMl, 0)} ml");
        if (Math.Abs(ratios.Final - ratios.InTheCup) > 0.05)
        {
            yield return new Fact("Ratio, as it is drunk", FigureFormat.Ratio(ratios.Final), "water or ice gone in");
        }

        if (plan.Forecast.Totals.MeltG is > 0)
        {
            yield return new Fact("Ratio, of water poured plus ice melted", FigureFormat.Ratio(ratios.PouredAndMelted), "as some count an iced brew");
        }
    }

    /// <summary>Where the water goes; the parts, as shown, add up to it.</summary>
    private static IEnumerable<Fact> Water(PlanView plan)
    {
        var totals = plan.Forecast.Totals;
        var format = plan.Format;
        if (plan.Form.Recipe.WaterG <= 0)
        {
            yield break;
        }

        var outG = plan.Forecast.Cups.Where(cup => !cup.Kept).Sum(cup => cup.WaterG);
        // The parts rounded one by one would not add up, so what is kept is computed as the remainder.
        var keptG = Told(plan.Form.Recipe.WaterG) - Told(totals.BeverageWaterG) - Told(outG);
        yield return new Fact("Of the water", $"{format.Water(plan.Form.Recipe.WaterG)} poured", $"{format.Water(totals.BeverageWaterG)} in the drink, {format.Water(keptG)} kept by bed and brewer{(outG >= 0.5 ? $", {format.Water(outG)} left out of the cup" : "")}");

        double Told(double g) => format.Units.MassToG(double.Parse(format.MassNumber(g, fine: false), System.Globalization.CultureInfo.InvariantCulture));
    }

    private static IEnumerable<Fact> Drippers(PlanView plan)
    {
        var outsideG = plan.Forecast.Series.Max(sample => sample.AnnulusG);
        if (outsideG < 0.5)
        {
            yield break;
        }

        yield return new Fact("Outside the paper", plan.Format.Mass(outsideG), "it extracts nothing, and leaves first");
        var first = plan.Forecast.Series.FirstOrDefault(sample => sample.Cup == 0 && sample.CupWaterG + sample.CupSolidsG >= outsideG);
        if (first.CupWaterG > 0)
        {
            yield return new Fact("First runoff", $"{FigureFormat.Percent(100 * first.CupSolidsG / (first.CupWaterG + first.CupSolidsG), 2)} TDS", $"the first {plan.Format.Water(outsideG)} in the cup; all of it comes to {FigureFormat.Percent(plan.Forecast.Totals.TdsPercent, 2)}");
        }
    }

    private static IEnumerable<Fact> Tube(PlanView plan)
    {
        var recipe = plan.Form.Recipe;
        if (recipe.Brewer.Family != BrewerFamily.TubePress || plan.Forecast.Timings.FirstOrDefault(timing => recipe.Steps[timing.Index] is Step.Press) is not { LengthS: > 0 } press)
        {
            yield break;
        }

        var before = plan.Forecast.At(press.StartS);
        yield return new Fact("Drips before the press", plan.Format.Mass(before.CupWaterG + before.CupSolidsG), recipe.Steps.Any(step => step is Step.Flip) ? "turned over: only after the flip" : "upright: less once the plunger is seated, none when it is drawn back");
    }

    private static IEnumerable<Fact> Siphon(PlanView plan)
    {
        if (plan.Forecast.Totals.FlameMarginW is not { } margin)
        {
            yield break;
        }

        var verdict = margin < 30 ? "not enough: the water falls back" : margin > 160 ? "too much: big bubbles everywhere" : "enough when the coffee goes in";
        yield return new Fact("The flame has to spare", $"{FigureFormat.Number(margin, 0)} W", $"{verdict}; 30 to 160 W is right. A judgement: wait for fine, even bubbles");
        yield return new Fact("Stays in the bulb", plan.Format.Water(12), "it never rises, and never extracts");
    }

    private static IEnumerable<Fact> PouredOff(PlanView plan)
    {
        var totals = plan.Forecast.Totals;
        var family = plan.Form.Recipe.Brewer.Family;
        if (family is BrewerFamily.Jar or BrewerFamily.FrenchPress)
        {
            var keptG = totals.KeptWaterG + totals.KeptSolidsG.Sum;
            yield return new Fact("Left behind", plan.Format.Water(keptG), family == BrewerFamily.Jar ? "the last of it is mud: leave it in" : "in the bed and under the plunger");
            yield return new Fact("Sediment", $"{FigureFormat.Number(totals.SedimentGPer100G, 2)} g in 100 g", family == BrewerFamily.FrenchPress ? "coffee left on the grounds goes on extracting" : null);
        }
    }

    private static IEnumerable<Fact> Cups(PlanView plan)
    {
        if (plan.Forecast.Cups.Length < 2)
        {
            yield break;
        }

        for (var i = 0; i < plan.Forecast.Cups.Length; i++)
        {
            var cup = plan.Forecast.Cups[i];
            yield return new Fact($"Cup {i + 1}", $"{plan.Format.Water(cup.BeverageG)} at {FigureFormat.Percent(cup.TdsPercent, 2)}", cup.Kept ? "kept" : "left out of every figure");
        }
    }

    private static IEnumerable<Fact> Last(PlanView plan)
    {
        var caffeine = Caffeine.Of(plan.Forecast, plan.Form.Bag is { Decaffeinated: true });
        yield return new Fact("Caffeine, all of it", $"{FigureFormat.Number(caffeine.LowMg, 0)} to {FigureFormat.Number(caffeine.HighMg, 0)} mg", "an estimate, not advice");
        var words = GrainWords.For(plan.Form.Recipe.Grind.MedianUm).Select(word => word.Word).Take(3).ToList();
        if (words.Count > 0)
        {
            yield return new Fact("The grind, in words", string.Join(", ", words), "people use these words differently: see Grain sizes on the Shelf");
        }
    }
}
