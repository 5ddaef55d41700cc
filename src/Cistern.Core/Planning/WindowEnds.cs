namespace Cistern.Core.Planning;

/// <summary>The brew at both ends of a window that a step leaves to the barista.</summary>
/// <param name="Index">The step.</param>
/// <param name="Window">The window: of the step's start, s on the brew clock, or of its length, s.</param>
/// <param name="OfLength">Whether it is of the step's length.</param>
/// <param name="Opens">The forecast with the step done as its window opens.</param>
/// <param name="Closes">The forecast with the step done as its window closes.</param>
public sealed record WindowEnds(int Index, Span Window, bool OfLength, Forecast Opens, Forecast Closes)
{
    /// <summary>Both ends of every window within which the barista decides. The length of a drawdown is a result and excluded.</summary>
    /// <param name="forecast">The forecast of the plan as it is.</param>
    public static IReadOnlyList<WindowEnds> Of(Forecast forecast) => forecast.Once(() => Reckon(forecast));

    /// <summary>
    /// A window that extends past a later step's own time, shortened to end before it: the step it belongs to, the member that holds
    /// it, and the new window. Null where there is none.
    /// </summary>
    /// <param name="forecast">The forecast of the plan as it is.</param>
    /// <param name="index">The index of the later step.</param>
    public static (int Index, string Member, Span Window)? Over(Forecast forecast, int index)
    {
        var steps = forecast.Recipe.Steps;
        if (steps[index].AtS is not { } atS)
        {
            return null;
        }

        for (var i = index - 1; i >= 0; i--)
        {
            var (step, startS) = (steps[i], forecast.Timings[i].StartS);
            if (step.OpenUntilS(startS) > atS)
            {
                var (member, window, endS) = step is Step.Wait ? ("window", step.Window!.Value, atS - startS)
                    : (Verb.TraitsOf(step).WindowOf == WindowOf.Start ? "window" : "startWindow", step.WindowOfStart!.Value, atS);
                return (i, member, new Span(Math.Min(window.Low, endS), Math.Max(0, endS)));
            }
        }

        return null;
    }

    private static List<WindowEnds> Reckon(Forecast forecast)
    {
        var steps = forecast.Recipe.Steps;
        var anchor = RecipeChecker.AnchorIndex(forecast.Recipe);
        var ends = new List<WindowEnds>();
        for (var i = 0; i < steps.Length; i++)
        {
            var index = i;
            if (steps[i].WindowOfStart is { } start && i > anchor && anchor >= 0)
            {
                ends.Add(new WindowEnds(i, start, OfLength: false, At(start.Low), At(start.High)));
            }

            if (Verb.TraitsOf(steps[i]).WindowOf == WindowOf.Length && steps[i].Window is { } length && StepEditing.HasLength(steps[i]))
            {
                ends.Add(new WindowEnds(i, length, OfLength: true, For(length.Low), For(length.High)));
            }

            Forecast At(double startS) => forecast.Again(StepEditing.Start(forecast, index, startS));

            Forecast For(double lengthS) => forecast.Again(StepEditing.End(forecast, index, forecast.Timings[index].StartS + lengthS));
        }

        return ends;
    }
}
