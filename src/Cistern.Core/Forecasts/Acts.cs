using Cistern.Core.Recipes;

namespace Cistern.Core.Forecasts;

/// <summary>The four acts of every brew.</summary>
public enum Act
{
    /// <summary>Water and coffee meet.</summary>
    Fill,

    /// <summary>They stand.</summary>
    Hold,

    /// <summary>They part.</summary>
    Release,

    /// <summary>Let down, chilled, stirred, cooled, tasted.</summary>
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
    /// <summary>The acts in order, each from where the one before ends; acts that take no time are left out.</summary>
    public static IReadOnlyList<ActSpan> Of(Forecast forecast)
    {
        var steps = forecast.Recipe.Steps;
        var release = FirstRelease(forecast.Recipe);
        double? fromS = null;
        double filledS = 0, releasedS = 0, endS = 0;
        for (var i = 0; i < steps.Length; i++)
        {
            var timing = forecast.Timings[i];
            if (steps[i] is Step.Pour or Step.SeatChamber)
            {
                fromS ??= timing.StartS;
                filledS = i < release ? timing.EndS : filledS;
            }

            releasedS = IsRelease(steps[i]) && i >= release ? timing.EndS : releasedS;
            endS = timing.EndS;
        }

        var startS = release < steps.Length ? forecast.Timings[release].StartS : endS;
        List<ActSpan> spans =
        [
            new(Act.Fill, fromS ?? 0, filledS),
            new(Act.Hold, filledS, startS),
            new(Act.Release, startS, Math.Max(startS, releasedS)),
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
        var release = FirstRelease(recipe);
        var lastPour = recipe.Steps.Take(release).Select((step, i) => step is Step.Pour or Step.SeatChamber ? i : -1).DefaultIfEmpty(-1).Max();
        var lastRelease = recipe.Steps.Select((step, i) => IsRelease(step) ? i : -1).Max();
        return index <= lastPour ? Act.Fill : index < release ? Act.Hold : index <= lastRelease ? Act.Release : Act.Cup;
    }

    private static int FirstRelease(Recipe recipe)
    {
        // A valve that stands open from the start is part of filling: the last opening is the release.
        var lastPour = -1;
        for (var i = 0; i < recipe.Steps.Length; i++)
        {
            lastPour = recipe.Steps[i] is Step.Pour or Step.SeatChamber ? i : lastPour;
        }

        for (var i = lastPour + 1; i < recipe.Steps.Length; i++)
        {
            if (IsRelease(recipe.Steps[i]))
            {
                return i;
            }
        }

        return recipe.Steps.Length;
    }

    private static bool IsRelease(Step step) =>
        step is Step.Press or Step.Plunge or Step.Drain or Step.Decant or Step.OpenValve or Step.RemoveBurner or Step.Flip;
}
