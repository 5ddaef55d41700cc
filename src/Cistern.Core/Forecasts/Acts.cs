namespace Cistern.Core.Forecasts;

/// <summary>The four acts of every brew.</summary>
public enum Act
{
    /// <summary>Water and coffee meet.</summary>
    Fill,

    /// <summary>They stand.</summary>
    Steep,

    /// <summary>They part.</summary>
    Finish,

    /// <summary>Diluted, chilled, stirred, cooled, tasted.</summary>
    Cup,
}

/// <summary>One act's time.</summary>
/// <param name="Act">Which.</param>
/// <param name="StartS">From, s on the clock.</param>
/// <param name="EndS">To, s on the clock.</param>
public readonly record struct ActSpan(Act Act, double StartS, double EndS);

/// <summary>Divides a forecast into its acts.</summary>
public static class Acts
{
    /// <summary>The acts in order; each starts where the one before ends. Acts without duration are omitted.</summary>
    public static IReadOnlyList<ActSpan> Of(Forecast forecast)
    {
        var steps = forecast.Recipe.Steps;
        var steepEnd = FirstSteepEnd(forecast.Recipe);
        double? fromS = null;
        double filledS = 0, releasedS = 0, endS = 0;
        for (var i = 0; i < steps.Length; i++)
        {
            var timing = forecast.Timings[i];
            if (Verb.TraitsOf(steps[i]).BringsWater)
            {
                fromS ??= timing.StartS;
                filledS = i < steepEnd ? timing.EndS : filledS;
            }

            releasedS = EndsSteep(steps[i]) && i >= steepEnd ? timing.EndS : releasedS;
            endS = timing.EndS;
        }

        var startS = steepEnd < steps.Length ? forecast.Timings[steepEnd].StartS : endS;
        List<ActSpan> spans =
        [
            new(Act.Fill, fromS ?? 0, filledS),
            new(Act.Steep, filledS, startS),
            new(Act.Finish, startS, Math.Max(startS, releasedS)),
            new(Act.Cup, Math.Max(startS, releasedS), endS),
        ];
        spans.RemoveAll(span => span.EndS - span.StartS < 0.05);
        return spans;
    }

    /// <summary>The act a step belongs to.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="index">The step's place in it.</param>
    public static Act Of(Recipe recipe, int index)
    {
        var steepEnd = FirstSteepEnd(recipe);
        var lastPour = recipe.Steps.Take(steepEnd).Select((step, i) => Verb.TraitsOf(step).BringsWater ? i : -1).DefaultIfEmpty(-1).Max();
        var lastRelease = recipe.Steps.Select((step, i) => EndsSteep(step) ? i : -1).Max();
        return index <= lastPour ? Act.Fill : index < steepEnd ? Act.Steep : index <= lastRelease ? Act.Finish : Act.Cup;
    }

    /// <summary>The index of the step that ends the steep, or −1: the first step after the last water that separates coffee and water.</summary>
    /// <remarks>A valve that is open from the start belongs to filling.</remarks>
    public static int SteepEndIndex(Recipe recipe)
    {
        for (var i = LastWater(recipe) + 1; i < recipe.Steps.Length; i++)
        {
            if (EndsSteep(recipe.Steps[i]))
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>The index of the last step that adds water, or −1.</summary>
    internal static int LastWater(Recipe recipe)
    {
        var last = -1;
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            last = Verb.TraitsOf(recipe.Steps[i]).BringsWater ? i : last;
        }

        return last;
    }

    private static int FirstSteepEnd(Recipe recipe) => SteepEndIndex(recipe) is >= 0 and var index ? index : recipe.Steps.Length;

    private static bool EndsSteep(Step step) => Verb.TraitsOf(step).Parts;
}
