namespace Cistern.Core.Brewing;

/// <summary>Converts what was actually done into a recipe, so that the same model computes the result.</summary>
public static class AsBrewed
{
    /// <summary>The recipe as it was brewed: its steps at their actual times, with the weights that were entered.</summary>
    /// <param name="recipe">The plan.</param>
    /// <param name="run">The state of the brew; steps still to come stay as planned.</param>
    /// <param name="actuals">What was weighed and read.</param>
    /// <param name="nowS">The time on the clock while it runs, s: a step that is overdue cannot begin before now.</param>
    public static Recipe Of(Recipe recipe, BrewRun run, Actuals actuals, double? nowS = null)
    {
        recipe = recipe with
        {
            Coffee = recipe.Coffee with { DoseG = actuals.DoseG ?? recipe.Coffee.DoseG },
            Grind = actuals.MedianUm is { } measuredUm ? recipe.Grind with { MedianUm = measuredUm, Measured = true } : recipe.Grind,
            Water = recipe.Water with { TemperatureC = actuals.WaterC ?? recipe.Water.TemperatureC },
        };
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
                var toG = actuals.PouredG.TryGetValue(i, out var typedG) ? typedG : pour.ToG;
                standsG = Math.Max(toG, standsG + 0.1);
                step = pour with { ToG = standsG };
            }
            else if (step is Step.LightBurner burner && actuals.FlameW is { } flameW)
            {
                step = burner with { FlameW = flameW };
            }
            else if (actuals.Omitted.Contains(i) && Actuals.CanBeOmitted(step))
            {
                // It keeps its place and its time.
                step = new Step.Wait(step.OverS) { AtS = step.AtS };
            }

            if (doneAt.TryGetValue(i, out var done) && done is { StartS: { } startS, EndS: { } endS })
            {
                step = Timed(step, startS, done.By == EndedBy.NotSeen ? null : endS, placed: i > anchor);
            }
            else if (nowS is { } atS && run is { ClockRuns: true, Present: { } present } && present.Index == i && i > anchor)
            {
                step = InProgress(step, present, atS, steepEnd: i == Acts.SteepEndIndex(recipe));
            }

            steps.Add(step);
        }

        Served(steps, actuals);
        return recipe with { Steps = steps.ToImmutable() };
    }

    /// <summary>What was actually added to the drink: changes the last dilution and the last ice, or adds a dilution where none was planned.</summary>
    private static void Served(ImmutableArray<Step>.Builder steps, Actuals actuals)
    {
        if (actuals.IceG is { } iceG && Last<Step.Ice>() is >= 0 and var iceAt)
        {
            steps[iceAt] = (Step.Ice)steps[iceAt] with { IceG = iceG };
        }

        if (actuals.DilutionG is not { } waterG)
        {
            return;
        }

        if (Last<Step.Dilute>() is >= 0 and var diluteAt)
        {
            steps[diluteAt] = (Step.Dilute)steps[diluteAt] with { WaterG = waterG };
        }
        else if (waterG > 0)
        {
            steps.Add(new Step.Dilute(waterG));
        }

        int Last<T>()
        {
            for (var i = steps.Count - 1; i >= 0; i--)
            {
                if (steps[i] is T)
                {
                    return i;
                }
            }

            return -1;
        }
    }

    /// <summary>
    /// The current step: it began when that was reported, or, if that is still awaited, not before now; and it has lasted at least
    /// until now.
    /// </summary>
    private static Step InProgress(Step step, PresentStep present, double nowS, bool steepEnd)
    {
        if (step is Step.Wait || nowS < present.StartS)
        {
            return present.BegunS is { } early ? step with { AtS = early } : step;
        }

        var startS = present.BegunS ?? (steepEnd ? Math.Max(present.DueS, nowS) : present.DueS);
        var lastsS = nowS - startS;
        return step switch
        {
            Step.WaitFor wait => wait with { AtS = startS, ExpectS = Math.Max(wait.ExpectS, lastsS) },
            _ when Verb.TraitsOf(step).Takes == TimeTaken.Stretched => step with { AtS = startS, OverS = Math.Max(step.OverS, lastsS) },
            _ => step with { AtS = startS },
        };
    }

    /// <summary>A step at its actual time; where its end is unknown it took as long as planned.</summary>
    private static Step Timed(Step step, double startS, double? endS, bool placed)
    {
        if (endS is not { } endedS)
        {
            return placed ? step with { AtS = Math.Max(0, startS) } : step;
        }

        var lengthS = Math.Max(0, endedS - startS);
        var takes = Verb.TraitsOf(step).Takes;
        var timed = (takes, step) switch
        {
            (TimeTaken.AsLong, Step.Wait wait) => wait with { ForS = lengthS },
            (TimeTaken.AsLong, Step.WaitFor wait) => wait with { ExpectS = lengthS },
            (TimeTaken.Outcome, _) => step,
            (TimeTaken.Stretched, _) when lengthS <= step.OverS + Math.Max(5, 0.5 * step.OverS) => step with { OverS = lengthS },
            _ => step with { OverS = Math.Min(step.OverS, lengthS) },
        };
        var beganS = takes is TimeTaken.AsLong or TimeTaken.Outcome ? startS : endedS - timed.OverS;
        return placed && beganS >= 0 ? timed with { AtS = beganS } : timed;
    }
}
