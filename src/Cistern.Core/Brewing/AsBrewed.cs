using System.Collections.Immutable;
using Cistern.Core.Recipes;

namespace Cistern.Core.Brewing;

/// <summary>Turns what was really done into a recipe, so that the same computation tells what really came of it.</summary>
public static class AsBrewed
{
    /// <summary>The recipe as it was brewed: its steps at the times they were done, with the weights that were typed.</summary>
    /// <param name="recipe">The plan.</param>
    /// <param name="run">Where the brew stands; steps still to come stay as planned.</param>
    /// <param name="weightsG">Weights typed, by step: the total poured, g.</param>
    public static Recipe Of(Recipe recipe, BrewRun run, IReadOnlyDictionary<int, double> weightsG)
    {
        var steps = ImmutableArray.CreateBuilder<Step>(recipe.Steps.Length);
        var doneAt = run.Done.ToDictionary(done => done.Index);
        var anchor = RecipeChecker.AnchorIndex(recipe);
        var standsG = 0.0;
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            var step = recipe.Steps[i];
            if (step is Step.Pour pour)
            {
                // A later total can never be under one already poured.
                var toG = weightsG.TryGetValue(i, out var typedG) ? typedG : pour.ToG;
                standsG = Math.Max(toG, standsG + 0.1);
                step = pour with { ToG = standsG };
            }

            if (doneAt.TryGetValue(i, out var done) && done is { StartS: { } startS, EndS: { } endS })
            {
                step = Timed(step, startS, endS, placed: i > anchor);
            }

            steps.Add(step);
        }

        return recipe with { Steps = steps.ToImmutable() };
    }

    private static Step Timed(Step step, double startS, double endS, bool placed)
    {
        var lengthS = Math.Max(0, endS - startS);
        var timed = step switch
        {
            Step.Wait wait => wait with { ForS = lengthS },
            Step.WaitFor wait => wait with { ExpectS = lengthS },
            // A drain runs by itself; how long it took is an outcome, not something done.
            Step.Drain => step,
            // Slower than planned it was stretched; far over, it was begun late and took what it takes.
            Step.Pour or Step.Press or Step.Plunge or Step.Decant when lengthS <= step.OverS + Math.Max(5, 0.5 * step.OverS) => step with { OverS = lengthS },
            // The rest is short: it was done just before the press, however late that came.
            _ => step with { OverS = Math.Min(step.OverS, lengthS) },
        };
        var beganS = timed is Step.Wait or Step.WaitFor or Step.Drain ? startS : endS - timed.OverS;
        return placed && beganS >= 0 ? timed with { AtS = beganS } : timed;
    }
}
