namespace Cistern.Core.Planning;

/// <summary>
/// Several steps that a barista does as one, inserted together. A closed list: to add one, add a row to <see cref="All"/>.
/// </summary>
public sealed class Gesture
{
    /// <summary>Water of a bloom per dose, g/g: within the usual two to three. Judged.</summary>
    private const double BloomGPerG = 2.2;

    private const double BloomPourS = 8;

    /// <summary>Time to look and smell, s. Judged.</summary>
    private const double LidOffS = 10;

    private readonly Func<Forecast, double?, (Recipe Recipe, int Index)?> put;
    private readonly ImmutableArray<BrewerFamily> families;

    private Gesture(string word, bool hasTime, ImmutableArray<BrewerFamily> families, Func<Forecast, double?, (Recipe Recipe, int Index)?> put)
    {
        (Word, HasTime, this.families, this.put) = (word, hasTime, families, put);
    }

    /// <summary>Its name in files and forms.</summary>
    public string Word { get; }

    /// <summary>Whether it needs a time; others have a fixed place.</summary>
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
            // Without a lid there is none to lift.
            (forecast, atS) => !VesselState.At(forecast, atS ?? 0).Lid ? null : StepEditing.Put(forecast, [new Step.Lid(On: false), new Step.Smell(), new Step.Wait(LidOffS), new Step.Lid(On: true)], atS ?? 0)),
        new("leave-on-the-grounds", hasTime: false, [BrewerFamily.FrenchPress, BrewerFamily.Jar], (forecast, _) => OnTheGrounds.Put(forecast, OnTheGrounds.UsualS)),
        new("swirl-before-the-drain", hasTime: false, [BrewerFamily.ValveDripper, BrewerFamily.LeverDripper], (forecast, _) => SwirlBefore(forecast)),
    ];

    /// <summary>Finds one by its word.</summary>
    public static Gesture? Find(string word) => All.FirstOrDefault(one => one.Word == word);

    /// <summary>Those that a vessel can do.</summary>
    public static IReadOnlyList<Gesture> For(BrewerFamily family) => [.. All.Where(one => one.families.Contains(family))];

    /// <summary>The length of a bloom proposed for a coffee, s: fresh coffee holds the most gas. Judged, from how practitioners time it.</summary>
    /// <param name="restDays">Days since roasting.</param>
    public static double BloomS(double restDays) => restDays switch { <= 7 => 45, <= 21 => 30, _ => 15 };

    /// <summary>How many taps make the raft of a coffee sink: the gas of fresh coffee lifts it again. Judged, from how practitioners do it.</summary>
    /// <param name="restDays">Days since roasting.</param>
    public static int RaftTaps(double restDays) => restDays switch { <= 7 => 4, <= 21 => 3, _ => 2 };

    /// <summary>The recipe with the gesture, and the index of its first step; null where there is no place for it.</summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="atS">When, s on the brew clock; for a bloom, when it ends. May be null where the gesture has a fixed place.</param>
    public (Recipe Recipe, int Index)? Put(Forecast forecast, double? atS) =>
        families.Contains(forecast.Recipe.Brewer.Family) && (!HasTime || atS is not null) ? put(forecast, atS) : null;

    /// <summary>A crust is broken only once: an earlier break in the recipe is removed, with its skimming.</summary>
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

    /// <summary>A small pour is inserted before the first pour on to the coffee; what follows moves by the length of the bloom.</summary>
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
        // Where the clock starts when the first water is in, it now starts at the end of the bloom's pour.
        var startS = recipe.ClockStarts == ClockStart.WaterIn && index == RecipeChecker.AnchorIndex(recipe) ? bloomS - BloomPourS : forecast.Timings[index].StartS + bloomS;
        var laterS = startS + forecast.Timings[index].LengthS - forecast.Timings[index].EndS;
        var steps = recipe.Steps.ToBuilder();
        steps[index] = main with { AtS = startS };
        steps.Insert(index, bloom);
        return (recipe with { Steps = Settings.Shifted(steps, index + 2, laterS) }, index);
    }

    /// <summary>Swirls the vessel twice just before the drawdown, so that no grounds stick to the wall.</summary>
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
