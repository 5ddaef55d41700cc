using System.Collections.Immutable;
using System.Text.Json;
using System.Text.Json.Nodes;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>What came of changing a step: the recipe, or why it was refused.</summary>
/// <param name="Recipe">The recipe, changed; null where it was refused.</param>
/// <param name="Findings">What is wrong with what was given; the place names the member.</param>
public sealed record StepEdit(Recipe? Recipe, IReadOnlyList<Finding> Findings);

/// <summary>
/// Changes the steps of a recipe one at a time. What comes out may break a rule that ties steps together, a plan half
/// rewritten always does: <see cref="RecipeChecker"/> then says so, at the step.
/// </summary>
public static class StepEditing
{
    /// <summary>Grams between two pours where a new one has no total to aim at.</summary>
    private const double NewPourG = 50;

    /// <summary>The verbs a vessel can do, in the order of a brew.</summary>
    public static IReadOnlyList<Verb> VerbsFor(BrewerFamily family) => [.. Verb.All.Where(verb => verb.Families.Contains(family))];

    /// <summary>
    /// The recipe without a step. Where the step had its own time and what follows it had none, that keeps its moment: the
    /// hold before the step was meant, not the step alone.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
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
        return Tidy(recipe with { Steps = steps.ToImmutable() });
    }

    /// <summary>
    /// A step changes places with the one above (−1) or below (+1). Times belong to the places, and the totals of two
    /// pours to their order, so those stay where they are.
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

        return Tidy(recipe with { Steps = recipe.Steps.SetItem(other, up).SetItem(index, down) });
    }

    /// <summary>A new step after another, with what it usually takes.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="after">The step it follows; −1 puts it first.</param>
    /// <param name="verb">What it does.</param>
    public static Recipe Add(Recipe recipe, int after, Verb verb)
    {
        var step = Usual(recipe, after, verb);
        return Tidy(recipe with { Steps = recipe.Steps.Insert(Math.Clamp(after + 1, 0, recipe.Steps.Length), step) });
    }

    /// <summary>A step as it is usually made after another.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="after">The step it is to follow.</param>
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

    /// <summary>The last step that has begun by a time, or −1: what is put in then follows it.</summary>
    public static int BegunBy(Forecast forecast, double atS)
    {
        const double Hair = 0.05;
        return forecast.Timings.ToList().FindLastIndex(timing => timing.StartS <= atS + Hair);
    }

    /// <summary>
    /// New steps put in at a time, one after another: after what has begun by then and is over. What follows keeps its
    /// moment where there is room, and comes later by what is missing where there is not.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
    /// <param name="steps">What is put in.</param>
    /// <param name="atS">When, s on the clock.</param>
    /// <returns>The recipe, and the first of the new steps.</returns>
    public static (Recipe Recipe, int Index) Put(Forecast forecast, IReadOnlyList<Step> steps, double atS)
    {
        var recipe = forecast.Recipe;
        var index = BegunBy(forecast, atS) + 1;
        if (atS < 0 && steps.All(step => Verb.TraitsOf(step).Needs == StepNeeds.DryCoffee))
        {
            // Before 0:00 steps have no times: what is done to the dry coffee is done when that is in, and no water yet.
            var coffee = recipe.Steps.TakeWhile(step => step is not Step.AddCoffee).Count() + 1;
            index = Math.Clamp(index, coffee, Math.Max(coffee, recipe.Steps.TakeWhile(step => !Verb.TraitsOf(step).BringsWater).Count()));
        }

        if (index > 0 && recipe.Steps[index - 1] is Step.Drain { UntilG: null } drain && atS < forecast.Timings[index - 1].EndS && steps.All(step => step is Step.Stirring or Step.SwapCup))
        {
            // While it drains: it runs to what is in the cup by then, is stirred or has its cup swapped, and runs on.
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
        // What has to wait for a drawdown to end follows it, whenever that is.
        var follows = freeS > atS && index > 0 && Verb.TraitsOf(put[index - 1]).Takes == TimeTaken.Outcome;
        if (timed && !follows)
        {
            put[index] = put[index] with { AtS = Tenths(Math.Max(atS, freeS)) };
        }

        if (timed && next < put.Count)
        {
            // What had a time of its own, or followed a hold, stays at its moment unless the new ones take longer than to there.
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

        return (Tidy(recipe with { Steps = put.ToImmutable() }), index);
    }

    /// <summary>The recipe with some members of one step changed, read by the rules of the file.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="index">The step.</param>
    /// <param name="members">New values by the file's own names; a null leaves the member out.</param>
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
            : new StepEdit(Tidy(recipe with { Steps = recipe.Steps.SetItem(index, step) }), findings);
    }

    /// <summary>A step as the members of the file.</summary>
    public static JsonObject Members(Step step) => JsonNode.Parse(RecipeWriter.Write(step))!.AsObject();

    /// <summary>Whether the end of a step can be set: a drain's is an outcome, and most verbs take no time.</summary>
    public static bool HasLength(Step step) => step is Step.Wait or Step.WaitFor || Verb.Of(step).Takes.Contains("overS");

    /// <summary>A step made to end at a time, by making it longer or shorter.</summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
    /// <param name="index">The step.</param>
    /// <param name="endS">Its wanted end, s on the clock.</param>
    public static Recipe End(Forecast forecast, int index, double endS)
    {
        var recipe = forecast.Recipe;
        var step = recipe.Steps[index];
        if (!HasLength(step))
        {
            return recipe;
        }

        var lengthS = Math.Clamp(Math.Round(endS - forecast.Timings[index].StartS), 0, Member.LongestStepS);
        Step changed = step switch
        {
            Step.Wait wait => Settings.Longer(wait, lengthS - wait.ForS),
            Step.WaitFor wait => wait with { ExpectS = lengthS },
            _ => step with { OverS = lengthS },
        };
        // What comes at its own time waits for it, and is only moved where it would otherwise be too late.
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

    /// <summary>A step made to begin at a time: the wait before it grows or shrinks, or it gets that time; what comes after moves with it.</summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
    /// <param name="index">The step; it must come after the clock has started.</param>
    /// <param name="startS">Its wanted start, s on the clock.</param>
    public static Recipe Start(Forecast forecast, int index, double startS)
    {
        var recipe = forecast.Recipe;
        var anchor = RecipeChecker.AnchorIndex(recipe);
        if (anchor < 0 || index <= anchor)
        {
            return recipe;
        }

        var steps = recipe.Steps.ToBuilder();
        var wantedS = Math.Clamp(Math.Round(startS), Math.Max(0, forecast.Timings[index - 1].StartS), Member.LongestBrewS);
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
    /// The same brew with its clock started at another moment: every time is told on the new clock, and what now comes
    /// before 0:00 keeps its moment by a wait. Null where that moment never comes.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
    /// <param name="start">The moment that is to be 0:00.</param>
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

    /// <summary>A recipe of which one step was moved, with the step after it at the moment it had: a wait is made longer or shorter, anything else gets that time. Null where the moved one leaves no room for it.</summary>
    /// <param name="before">The forecast before the move.</param>
    /// <param name="moved">The recipe with the step moved.</param>
    /// <param name="next">The step after it.</param>
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

        return byS > 0 ? Tidy(moved with { Steps = moved.Steps.SetItem(next, moved.Steps[next] with { AtS = Tenths(before.Timings[next].StartS) }) }) : null;
    }

    /// <summary>Takes the times off steps that come before the clock runs, and puts times back in order.</summary>
    private static Recipe Tidy(Recipe recipe)
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

    /// <summary>Times are kept to a tenth of a second: no hand is finer.</summary>
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

    /// <summary>A new pour lies half way between those round it.</summary>
    private static double PourTotal(Recipe recipe, int after)
    {
        var beforeG = recipe.Steps.Take(after + 1).OfType<Step.Pour>().Select(pour => pour.ToG).DefaultIfEmpty(0).Max();
        var nextG = recipe.Steps.Skip(after + 1).OfType<Step.Pour>().Select(pour => pour.ToG).DefaultIfEmpty(beforeG + (2 * NewPourG)).Min();
        return Math.Round((beforeG + nextG) / 2);
    }
}
