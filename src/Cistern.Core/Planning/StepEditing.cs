using System.Text.Json;
using System.Text.Json.Nodes;

namespace Cistern.Core.Planning;

/// <summary>The result of changing a step: the recipe, or why the change was refused.</summary>
/// <param name="Recipe">The changed recipe; null where the change was refused.</param>
/// <param name="Findings">What is wrong with the values given; the place names the member.</param>
public sealed record StepEdit(Recipe? Recipe, IReadOnlyList<Finding> Findings);

/// <summary>
/// Changes the steps of a recipe one at a time. The result may break a rule across steps, as a half-finished plan always does; <see
/// cref="RecipeChecker"/> then reports it at the step.
/// </summary>
public static class StepEditing
{
    /// <summary>Grams between two pours, where a new pour has no total to aim at.</summary>
    private const double NewPourG = 50;

    /// <summary>The verbs that a brewer family can do, in the order of a brew.</summary>
    public static IReadOnlyList<Verb> VerbsFor(BrewerFamily family) => [.. Verb.All.Where(verb => verb.Families.Contains(family))];

    /// <summary>
    /// The recipe without a step. Where the step had its own time and the next one had none, the next one takes that time: the steep
    /// before the step was intended, not only the step.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="index">The step.</param>
    public static Recipe Remove(Forecast forecast, int index)
    {
        var recipe = forecast.Recipe;
        var steps = recipe.Steps.ToBuilder();
        if (steps[index].AtS is not null && index + 1 < steps.Count && steps[index + 1].AtS is null && index > RecipeChecker.AnchorIndex(recipe))
        {
            steps[index + 1] = steps[index + 1] with { AtS = Tenths(forecast.Timings[index + 1].StartS) };
        }

        steps.RemoveAt(index);
        return RepairTimes(recipe with { Steps = steps.ToImmutable() });
    }

    /// <summary>
    /// Swaps a step with the one above (−1) or below (+1). Times belong to positions, and the totals of two pours to their order, so
    /// both stay where they are.
    /// </summary>
    public static Recipe Move(Recipe recipe, int index, int by)
    {
        var other = index + by;
        if (other < 0 || other >= recipe.Steps.Length)
        {
            return recipe;
        }

        var (moved, passed) = (recipe.Steps[index], recipe.Steps[other]);
        var (up, down) = (moved with { AtS = passed.AtS }, passed with { AtS = moved.AtS });
        if (up is Step.Pour first && down is Step.Pour second)
        {
            (up, down) = (first with { ToG = second.ToG }, second with { ToG = first.ToG });
        }

        return RepairTimes(recipe with { Steps = recipe.Steps.SetItem(other, up).SetItem(index, down) });
    }

    /// <summary>Inserts a step with its usual values after another.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="after">The index of the step it follows; −1 puts it first.</param>
    /// <param name="verb">What it does.</param>
    public static Recipe Add(Recipe recipe, int after, Verb verb)
    {
        var step = Usual(recipe, after, verb);
        return RepairTimes(recipe with { Steps = recipe.Steps.Insert(Math.Clamp(after + 1, 0, recipe.Steps.Length), step) });
    }

    /// <summary>A step with its usual values in its context.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="after">The index of the step it will follow.</param>
    /// <param name="verb">What it does.</param>
    public static Step Usual(Recipe recipe, int after, Verb verb)
    {
        var members = new JsonObject { ["do"] = verb.Word };
        foreach (var name in verb.Requires)
        {
            members[name] = Usual(recipe, after, verb, name);
        }

        return Read(members, []) ?? throw new ArgumentException($"{verb.Word} lacks a usual value.", nameof(verb));
    }

    /// <summary>
    /// The step that a new one follows whose time nobody said, or −1 for the beginning: what makes ready comes first, ice
    /// lies in the server before there is coffee, what is done to the drink comes when all is in the cup. Null where
    /// the verb may stand anywhere.
    /// </summary>
    public static int? UsualPlace(Recipe recipe, Verb verb)
    {
        if (verb.Traits.MakesReady)
        {
            return -1;
        }

        if (verb.Type == typeof(Step.Ice))
        {
            return recipe.Steps.TakeWhile(step => step is not Step.AddCoffee && !Verb.TraitsOf(step).BringsWater).Count() - 1;
        }

        var last = recipe.Steps.Length - 1;
        return verb.Traits.Needs == StepNeeds.Drink
            ? (verb.Traits.Hands ? recipe.Steps.ToList().FindLastIndex(step => step is not (Step.Taste or Step.Serve or Step.Clear)) : last)
            : verb.Type == typeof(Step.Clear) || verb.Type == typeof(Step.StopDrip) ? last : null;
    }

    /// <summary>The index of the last step that has begun by a time, or −1: a step inserted then follows it.</summary>
    public static int LastBegunBy(Forecast forecast, double atS)
    {
        const double Hair = 0.05;
        return forecast.Timings.ToList().FindLastIndex(timing => timing.StartS <= atS + Hair);
    }

    /// <summary>
    /// Inserts steps at a time, one after another, behind the steps that are over by then. Later steps keep their times where there is
    /// room, and are delayed by what is missing where there is not.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="steps">The new steps.</param>
    /// <param name="atS">When, s on the clock.</param>
    /// <returns>The recipe, and the index of the first new step.</returns>
    public static (Recipe Recipe, int Index) Put(Forecast forecast, IReadOnlyList<Step> steps, double atS)
    {
        var recipe = forecast.Recipe;
        var index = LastBegunBy(forecast, atS) + 1;
        if (atS < 0 && steps.All(step => Verb.TraitsOf(step).Needs == StepNeeds.DryCoffee))
        {
            // Before 0:00 steps have no times: what is done to dry coffee is done after the coffee goes in and before the water.
            var coffee = recipe.Steps.TakeWhile(step => step is not Step.AddCoffee).Count() + 1;
            index = Math.Clamp(index, coffee, Math.Max(coffee, recipe.Steps.TakeWhile(step => !Verb.TraitsOf(step).BringsWater).Count()));
        }

        if (index > 0 && recipe.Steps[index - 1] is Step.Drain { UntilG: null } drain && atS < forecast.Timings[index - 1].EndS && steps.All(step => step is Step.Stirring or Step.SwapCup))
        {
            // During a drawdown: it runs to the amount in the cup by then, is stirred or has its cup swapped, and runs on.
            var cup = forecast.At(atS);
            var drained = recipe.Steps.SetItem(index - 1, drain with { UntilG = Math.Max(1, Math.Round(cup.CupWaterG + cup.CupSolidsG)) }).InsertRange(index, steps);
            return (recipe with { Steps = drained.Insert(index + steps.Count, new Step.Drain()) }, index);
        }

        var freeS = index > 0 ? forecast.Timings[index - 1].EndS : 0;
        var anchor = RecipeChecker.AnchorIndex(recipe);
        var timed = index > anchor && anchor >= 0;
        var put = recipe.Steps.ToBuilder();
        if (timed && index > 0 && put[index - 1] is Step.Wait wait && freeS > atS)
        {
            // A wait is what something can be put into.
            freeS = atS;
            put[index - 1] = wait with { ForS = Tenths(atS - forecast.Timings[index - 1].StartS) };
        }

        put.InsertRange(index, steps);
        var next = index + steps.Count;
        // What must wait for a drawdown to end follows it, whenever that is.
        var follows = freeS > atS && index > 0 && Verb.TraitsOf(put[index - 1]).Takes == TimeTaken.Outcome;
        if (timed && !follows)
        {
            put[index] = put[index] with { AtS = Tenths(Math.Max(atS, freeS)) };
        }

        if (timed && next < put.Count)
        {
            // A step with its own time, or one that followed a wait, keeps its time unless the new steps take longer.
            var overS = forecast.Again(recipe with { Steps = put.ToImmutable() }).Timings[next - 1].EndS - forecast.Timings[index].StartS;
            if (overS <= 0)
            {
                put[next] = put[next] with { AtS = Tenths(forecast.Timings[index].StartS) };
            }
            else
            {
                Settings.Shifted(put, next, Math.Ceiling(10 * overS) / 10);
            }
        }

        return (RepairTimes(recipe with { Steps = put.ToImmutable() }), index);
    }

    /// <summary>The recipe with some members of a step changed, read by the rules of the file.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="index">The step.</param>
    /// <param name="members">New values by their names in the file; null removes the member.</param>
    public static StepEdit Change(Recipe recipe, int index, IReadOnlyDictionary<string, JsonNode?> members)
    {
        var json = Members(recipe.Steps[index]);
        foreach (var (name, value) in members)
        {
            if (value is null)
            {
                json.Remove(name);
            }
            else
            {
                json[name] = value.DeepClone();
            }
        }

        var findings = new List<Finding>();
        var step = Read(json, findings);
        return findings.Exists(finding => finding.Severity == Severity.Error) || step is null
            ? new StepEdit(null, findings)
            : new StepEdit(RepairTimes(recipe with { Steps = recipe.Steps.SetItem(index, step) }), findings);
    }

    /// <summary>A step as the members of the file.</summary>
    public static JsonObject Members(Step step) => JsonNode.Parse(RecipeWriter.Write(step))!.AsObject();

    /// <summary>Whether the end of a step can be set: a drawdown's is a result, and most verbs have no length.</summary>
    public static bool HasLength(Step step) => step is Step.Wait or Step.WaitFor || Verb.Of(step).Takes.Contains("overS");

    /// <summary>Makes a step end at a time by changing its length.</summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="index">The step.</param>
    /// <param name="endS">The wanted end, s on the brew clock.</param>
    public static Recipe End(Forecast forecast, int index, double endS)
    {
        var recipe = forecast.Recipe;
        var step = recipe.Steps[index];
        if (!HasLength(step))
        {
            return recipe;
        }

        var lengthS = Math.Clamp(Math.Round(endS - forecast.Timings[index].StartS), 0, Member.MaxStepS);
        Step changed = step switch
        {
            Step.Wait wait => Settings.Longer(wait, lengthS - wait.ForS),
            Step.WaitFor wait => wait with { ExpectS = lengthS },
            _ => step with { OverS = lengthS },
        };
        // Later steps with their own time wait for it; only those that would be too late are moved.
        var steps = recipe.Steps.SetItem(index, changed).ToBuilder();
        var next = index + 1;
        while (next < steps.Count && steps[next].AtS is null)
        {
            next++;
        }

        var grownS = lengthS - forecast.Timings[index].LengthS;
        var overrunS = next < steps.Count ? forecast.Timings[next - 1].EndS + grownS - steps[next].AtS!.Value : 0;
        return recipe with { Steps = overrunS > 0 ? Settings.Shifted(steps, next, Math.Ceiling(10 * overrunS) / 10) : steps.ToImmutable() };
    }

    /// <summary>Makes a step begin at a time: the wait before it becomes longer or shorter, or the step gets that time. Later steps move with it.</summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="index">The step; it must be after the clock has started.</param>
    /// <param name="startS">The wanted start, s on the brew clock.</param>
    public static Recipe Start(Forecast forecast, int index, double startS)
    {
        var recipe = forecast.Recipe;
        var anchor = RecipeChecker.AnchorIndex(recipe);
        if (anchor < 0 || index <= anchor)
        {
            return recipe;
        }

        var steps = recipe.Steps.ToBuilder();
        var wantedS = Math.Clamp(Math.Round(startS), Math.Max(0, forecast.Timings[index - 1].StartS), Member.MaxBrewS);
        if (steps[index].AtS is null && steps[index - 1] is Step.Wait wait)
        {
            var longer = Settings.Longer(wait, Math.Max(0, wantedS - forecast.Timings[index - 1].StartS) - wait.ForS);
            steps[index - 1] = longer;
            return recipe with { Steps = Settings.Shifted(steps, index, longer.ForS - wait.ForS) };
        }

        var atS = Math.Max(wantedS, Math.Ceiling(forecast.Timings[index - 1].EndS));
        var deltaS = atS - forecast.Timings[index].StartS;
        steps[index] = Settings.Moved(steps[index] with { AtS = atS }, Tenths(deltaS));
        return recipe with { Steps = Settings.Shifted(steps, index + 1, Tenths(deltaS)) };
    }

    /// <summary>
    /// The same brew with its clock started at another moment: every time is converted, and steps that are now before 0:00 keep their
    /// order by waits. Null where that moment does not occur.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="start">The moment that becomes 0:00.</param>
    public static Recipe? Clock(Forecast forecast, ClockStart start)
    {
        var recipe = forecast.Recipe;
        var anchor = RecipeChecker.AnchorIndex(recipe with { ClockStarts = start });
        if (anchor < 0)
        {
            return null;
        }

        var zeroS = start == ClockStart.WaterIn ? forecast.Timings[anchor].EndS : forecast.Timings[anchor].StartS;
        var steps = ImmutableArray.CreateBuilder<Step>();
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            var step = recipe.Steps[i];
            var gapS = i == 0 ? 0 : forecast.Timings[i].StartS - forecast.Timings[i - 1].EndS;
            if (i <= anchor && step.AtS is not null && gapS > 0.05)
            {
                steps.Add(new Step.Wait(Math.Round(gapS, 1)));
            }

            steps.Add(Settings.Moved(step, -zeroS) with { AtS = i <= anchor || step.AtS is null ? null : Math.Max(0, Math.Round(forecast.Timings[i].StartS - zeroS, 1)) });
        }

        var target = recipe.Target is { FinishS: { } finish } meant
            ? meant with { FinishS = new Span(Math.Max(0, finish.Low - zeroS), Math.Max(0, finish.High - zeroS)) }
            : recipe.Target;
        return recipe with { ClockStarts = start, Steps = steps.ToImmutable(), Target = target };
    }

    /// <summary>
    /// A recipe in which one step was moved, with the next step kept at the time it had: a wait becomes longer or shorter, any other
    /// step gets that time. Null where there is no room for that.
    /// </summary>
    /// <param name="before">The forecast before the move.</param>
    /// <param name="moved">The recipe with the step moved.</param>
    /// <param name="next">The index of the step after it.</param>
    internal static Recipe? Held(Forecast before, Recipe moved, int next)
    {
        const double Hair = 0.5;
        var byS = before.Timings[next].StartS - before.Again(moved).Timings[next].StartS;
        if (Math.Abs(byS) < Hair)
        {
            return moved;
        }

        if (moved.Steps[next] is Step.Wait wait && wait.ForS + byS >= 0)
        {
            return moved with { Steps = moved.Steps.SetItem(next, Settings.Longer(wait, Tenths(byS))) };
        }

        return byS > 0 ? RepairTimes(moved with { Steps = moved.Steps.SetItem(next, moved.Steps[next] with { AtS = Tenths(before.Timings[next].StartS) }) }) : null;
    }

    /// <summary>Removes times from steps before the clock starts, and puts times in order again.</summary>
    private static Recipe RepairTimes(Recipe recipe)
    {
        var anchor = RecipeChecker.AnchorIndex(recipe);
        var steps = recipe.Steps.ToBuilder();
        var lastS = 0.0;
        for (var i = 0; i < steps.Count; i++)
        {
            if (steps[i].AtS is not { } atS)
            {
                continue;
            }

            if (i < anchor || (i == anchor && (atS != 0 || recipe.ClockStarts == ClockStart.WaterIn)))
            {
                steps[i] = steps[i] with { AtS = null };
            }
            else
            {
                lastS = Math.Max(lastS, atS);
                steps[i] = steps[i] with { AtS = lastS };
            }
        }

        return recipe with { Steps = steps.ToImmutable() };
    }

    /// <summary>Times are rounded to a tenth of a second; nobody works more precisely.</summary>
    private static double Tenths(double seconds) => Math.Round(seconds, 1);

    private static Step? Read(JsonObject members, List<Finding> findings)
    {
        using var document = JsonDocument.Parse(members.ToJsonString());
        return RecipeReader.ReadStep(document.RootElement, "", findings);
    }

    private static JsonNode Usual(Recipe recipe, int after, Verb verb, string name) => (verb.Word, name) switch
    {
        (_, "toG") => JsonValue.Create(PourTotal(recipe, after)),
        ("seat-chamber", _) => JsonValue.Create(200.0),
        (_, "forS") => JsonValue.Create(30.0),
        (_, "event") => JsonValue.Create(Words<WaitEvent>.Of(recipe.Brewer.Family == BrewerFamily.Siphon ? WaitEvent.FineBubbles : WaitEvent.DryBed)),
        (_, "iceG") => JsonValue.Create(100.0),
        _ => JsonValue.Create(NewPourG),
    };

    /// <summary>A new pour is half way between the pours around it.</summary>
    private static double PourTotal(Recipe recipe, int after)
    {
        var beforeG = recipe.Steps.Take(after + 1).OfType<Step.Pour>().Select(pour => pour.ToG).DefaultIfEmpty(0).Max();
        var nextG = recipe.Steps.Skip(after + 1).OfType<Step.Pour>().Select(pour => pour.ToG).DefaultIfEmpty(beforeG + (2 * NewPourG)).Min();
        return Math.Round((beforeG + nextG) / 2);
    }
}
