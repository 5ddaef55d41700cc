using System.Globalization;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Web.Wording;

namespace Cistern.Web.Pages.Plan;

/// <summary>A target told without a scale.</summary>
/// <param name="What">Which.</param>
/// <param name="Target">In spoons, or at the marks.</param>
/// <param name="Rough">What it may really come to.</param>
public sealed record RoughTarget(string What, string Target, string Rough);

/// <summary>Every target of a plan as a spoon, a mark or a count.</summary>
public static class RoughTargets
{
    /// <summary>The targets; those for which no spoon or mark is known say so.</summary>
    public static IReadOnlyList<RoughTarget> Of(PlanSettings plan, FigureFormat format)
    {
        var targets = new List<RoughTarget>();
        var recipe = plan.Recipe;
        var doseG = recipe.Coffee.DoseG;
        if (plan.Spoon is { } spoon)
        {
            var rough = RoughMeasures.Spoons(doseG, spoon.HoldsG);
            targets.Add(new RoughTarget("Dose", $"{Count(rough.Count)} of {spoon.Name}, level", $"{format.Mass(rough.LowG)} to {format.Mass(rough.HighG)} for {format.Mass(doseG)}"));
        }

        var marks = plan.Vessel?.MarksMl ?? [];
        var coffeeIn = false;
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            coffeeIn |= recipe.Steps[i] is Step.AddCoffee;
            if (recipe.Steps[i] is Step.Pour pour && marks.Count > 0)
            {
                var rough = RoughMeasures.Mark(pour.ToG, coffeeIn ? doseG : 0, plan.Forecast.At(plan.Forecast.Timings[i].EndS).TemperatureC);
                targets.Add(new RoughTarget($"Pour to {format.Water(pour.ToG)}", At(rough.Count, marks), $"{format.Water(rough.LowG)} to {format.Water(rough.HighG)}{(coffeeIn ? "; foam and raft stand above it" : "")}"));
            }
        }

        return targets;
    }

    /// <summary>A height told by the nearest marks.</summary>
    private static string At(double ml, IReadOnlyList<double> marks)
    {
        var nearest = marks.MinBy(mark => Math.Abs(mark - ml));
        if (Math.Abs(nearest - ml) <= 5)
        {
            return $"to the {FigureFormat.Number(nearest, 0)} mark";
        }

        var below = marks.Where(mark => mark < ml).DefaultIfEmpty(0).Max();
        var above = marks.Where(mark => mark > ml).DefaultIfEmpty(0).Min();
        if (above <= 0)
        {
            return $"{FigureFormat.Number(ml - below, 0)} ml over the {FigureFormat.Number(below, 0)} mark";
        }

        var share = (ml - below) / (above - below);
        var words = share < 0.2 ? "just over" : share < 0.42 ? "a third of the way up from" : share < 0.58 ? "half way up from" : share < 0.8 ? "two thirds of the way up from" : "nearly all the way up from";
        return below > 0 ? $"{words} the {FigureFormat.Number(below, 0)} to the {FigureFormat.Number(above, 0)} mark" : $"{words} the bottom to the {FigureFormat.Number(above, 0)} mark";
    }

    private static string Count(double count) => count % 1 == 0
        ? count.ToString("0", CultureInfo.InvariantCulture)
        : count < 1 ? "half" : $"{Math.Floor(count).ToString("0", CultureInfo.InvariantCulture)} and a half";
}
