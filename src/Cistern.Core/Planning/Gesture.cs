using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>
/// Several steps that hands make as one, put in at once. A closed list: a new one is a row of <see cref="All"/>.
/// </summary>
public sealed class Gesture
{
    /// <summary>Water of a bloom by its dose, g/g: within the two to three that most take. Judged.</summary>
    private const double BloomGPerG = 2.2;

    private const double BloomPourS = 8;

    /// <summary>A look and a smell take so long, s. Judged.</summary>
    private const double LidOffS = 10;

    private readonly Func<Forecast, double?, (Recipe Recipe, int Index)?> put;
    private readonly ImmutableArray<BrewerFamily> families;

    private Gesture(string word, bool hasTime, ImmutableArray<BrewerFamily> families, Func<Forecast, double?, (Recipe Recipe, int Index)?> put)
    {
        (Word, HasTime, this.families, this.put) = (word, hasTime, families, put);
    }

    /// <summary>What it is called in files and forms.</summary>
    public string Word { get; }

    /// <summary>Whether it is put in at a time; the others know their place.</summary>
    public bool HasTime { get; }

    /// <summary>Every gesture.</summary>
    public static IReadOnlyList<Gesture> All { get; } =
    [
        new("bloom", hasTime: false, [BrewerFamily.FrenchPress, BrewerFamily.TubePress, BrewerFamily.ValveDripper, BrewerFamily.LeverDripper, BrewerFamily.Jar], Bloom),
        new("break-skim-and-settle", hasTime: true, [BrewerFamily.FrenchPress, BrewerFamily.Jar],
            (forecast, atS) => BreakOnce(forecast, atS ?? 0)),
        new("sink-the-raft", hasTime: true, [BrewerFamily.FrenchPress, BrewerFamily.ValveDripper, BrewerFamily.LeverDripper, BrewerFamily.Jar],
            (forecast, atS) => StepEditing.Put(forecast, [new Step.TapRaft { Turns = RaftTaps(forecast.Recipe.Coffee.RestDays) }], atS ?? 0)),
        new("lift-the-lid", hasTime: true, [BrewerFamily.FrenchPress, BrewerFamily.ValveDripper, BrewerFamily.LeverDripper],
            // Where none is on there is none to lift, and none to leave on.
            (forecast, atS) => !VesselState.At(forecast, atS ?? 0).Lid ? null : StepEditing.Put(forecast, [new Step.Lid(On: false), new Step.Smell(), new Step.Wait(LidOffS), new Step.Lid(On: true)], atS ?? 0)),
        new("leave-on-the-grounds", hasTime: false, [BrewerFamily.FrenchPress, BrewerFamily.Jar], (forecast, _) => OnTheGrounds.Put(forecast, OnTheGrounds.UsualS)),
        new("swirl-before-the-drain", hasTime: false, [BrewerFamily.ValveDripper, BrewerFamily.LeverDripper], (forecast, _) => SwirlBefore(forecast)),
    ];

    /// <summary>Finds one by its word.</summary>
    public static Gesture? Find(string word) => All.FirstOrDefault(one => one.Word == word);

    /// <summary>Those that a vessel can do.</summary>
    public static IReadOnlyList<Gesture> For(BrewerFamily family) => [.. All.Where(one => one.families.Contains(family))];

    /// <summary>How long a bloom is proposed for a coffee, s: fresh coffee has the most gas to let out. Judged, from how practitioners time it.</summary>
    /// <param name="restDays">Days since roasting.</param>
    public static double BloomS(double restDays) => restDays switch { <= 7 => 45, <= 21 => 30, _ => 15 };

    /// <summary>How many taps sink the raft of a coffee: the gas of fresh coffee lifts it again. Judged, from how practitioners do it.</summary>
    /// <param name="restDays">Days since roasting.</param>
    public static int RaftTaps(double restDays) => restDays switch { <= 7 => 4, <= 21 => 3, _ => 2 };

    /// <summary>The recipe with it, and the first of its steps; null where there is no place for it.</summary>
    /// <param name="forecast">The forecast of the recipe as it is.</param>
    /// <param name="atS">When, s on the clock; of a bloom, until when it stands. Where it knows its place it may be left out.</param>
    public (Recipe Recipe, int Index)? Put(Forecast forecast, double? atS) =>
        families.Contains(forecast.Recipe.Brewer.Family) && (!HasTime || atS is not null) ? put(forecast, atS) : null;

    /// <summary>A crust is broken once: a break that the recipe has already, with its skimming, gives way to the one that is put in.</summary>
    private static (Recipe Recipe, int Index) BreakOnce(Forecast forecast, double atS)
    {
        var steps = forecast.Recipe.Steps;
        var broken = steps.ToList().FindIndex(step => step is Step.BreakCrust);
        if (broken >= 0)
        {
            var next = broken + 1 < steps.Length && steps[broken + 1] is Step.Skim { AtS: null } ? broken + 2 : broken + 1;
            // What followed the break keeps its moment.
            var timed = next < steps.Length && steps[broken].AtS is not null && steps[next].AtS is null
                ? steps.SetItem(next, steps[next] with { AtS = Math.Round(forecast.Timings[next].StartS, 1) })
                : steps;
            forecast = forecast.Again(forecast.Recipe with { Steps = timed.RemoveRange(broken, next - broken) });
        }

        return StepEditing.Put(forecast, [new Step.BreakCrust { Turns = 3 }, new Step.Skim { OverS = 20 }, new Step.Wait(45)], atS);
    }

    /// <summary>The first pour on to the coffee is preceded by a small one; all that comes later comes later by the wait.</summary>
    private static (Recipe Recipe, int Index)? Bloom(Forecast forecast, double? untilS)
    {
        var recipe = forecast.Recipe;
        var index = recipe.Steps.ToList().FindIndex(step => step is Step.Pour);
        var bloomG = Math.Round(BloomGPerG * recipe.Coffee.DoseG);
        if (index < 0 || !recipe.Steps.Take(index).Any(step => step is Step.AddCoffee) || recipe.Steps[index] is not Step.Pour main || main.ToG <= 1.5 * bloomG)
        {
            return null;
        }

        var bloomS = untilS - forecast.Timings[index].StartS ?? BloomS(recipe.Coffee.RestDays);
        if (bloomS < BloomPourS + 1)
        {
            return null;
        }

        var bloom = new Step.Pour(bloomG) { OverS = BloomPourS, AtS = main.AtS };
        // Where the clock starts when the first water is in, it starts at the end of the bloom's pour.
        var startS = recipe.ClockStarts == ClockStart.WaterIn && index == RecipeChecker.AnchorIndex(recipe) ? bloomS - BloomPourS : forecast.Timings[index].StartS + bloomS;
        var laterS = startS + forecast.Timings[index].LengthS - forecast.Timings[index].EndS;
        var steps = recipe.Steps.ToBuilder();
        steps[index] = main with { AtS = startS };
        steps.Insert(index, bloom);
        return (recipe with { Steps = Settings.Shifted(steps, index + 2, laterS) }, index);
    }

    /// <summary>Two turns of the whole vessel just before it drains, so that nothing sticks to the wall.</summary>
    private static (Recipe Recipe, int Index)? SwirlBefore(Forecast forecast)
    {
        const double TakesS = 4;
        var recipe = forecast.Recipe;
        var steepEnd = Acts.SteepEndIndex(recipe);
        if (steepEnd < 1)
        {
            return null;
        }

        var swirl = new Step.Swirl { Turns = 2 };
        return recipe.Steps[steepEnd].AtS is { } atS
            ? (recipe with { Steps = recipe.Steps.Insert(steepEnd, swirl with { AtS = Math.Max(forecast.Timings[steepEnd - 1].EndS, atS - TakesS) }) }, steepEnd)
            : (recipe with { Steps = recipe.Steps.Insert(steepEnd, swirl) }, steepEnd);
    }
}
