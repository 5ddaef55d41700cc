namespace Cistern.Web.Pages.Plan;

/// <summary>A target without a scale.</summary>
/// <param name="What">Which.</param>
/// <param name="Target">In spoons, or at the marks.</param>
/// <param name="Rough">Its uncertainty.</param>
public sealed record RoughTarget(string What, string Target, string Rough);

/// <summary>The targets of a plan in spoons, at marks or as counts.</summary>
public static class RoughTargets
{
    /// <summary>The targets; where no spoon or mark is known, they say so.</summary>
    public static IReadOnlyList<RoughTarget> Of(Recipe recipe, FigureFormat format)
    {
        var targets = new List<RoughTarget>();
        var doseG = recipe.Coffee.DoseG;
        if (format.Equipment.Spoon is { } spoon)
        {
            var rough = RoughMeasures.Spoons(doseG, spoon.HoldsG, spoon.Heaped);
            targets.Add(new RoughTarget("Dose", RoughWords.Spoons(rough.Count, spoon.Name, spoon.Heaped), $"{format.Dose(rough.LowG)} to {format.Dose(rough.HighG)} for {format.Dose(doseG)}"));
        }

        var marks = format.Equipment.MarksMl;
        var coffeeIn = false;
        foreach (var step in recipe.Steps)
        {
            coffeeIn |= step is Step.AddCoffee;
            if (step is Step.Pour pour && marks.Count > 0)
            {
                var rough = Equipment.Level(pour.ToG, coffeeIn ? doseG : 0);
                targets.Add(new RoughTarget($"Pour to {format.Water(pour.ToG)}", RoughWords.Height(rough.Count, marks), $"{format.Water(rough.LowG)} to {format.Water(rough.HighG)}{(coffeeIn ? "; foam and raft stand above it" : "")}"));
            }
        }

        return targets;
    }
}
