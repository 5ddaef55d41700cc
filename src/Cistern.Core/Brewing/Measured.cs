namespace Cistern.Core.Brewing;

/// <summary>Flow times measured on a brew's own clock: results that no plan sets, to compare with the forecast.</summary>
/// <param name="DrawdownS">From the opening to the end of the last drawdown, s; null where there was none or its end was not observed.</param>
/// <param name="PressS">Length of the press or plunge, s; null where there was none or its end was not observed.</param>
public readonly record struct Measured(double? DrawdownS, double? PressS)
{
    /// <summary>Reads the times from a run, counted as in the forecast: from the last opening, or else from the start of the first drawdown.</summary>
    /// <param name="recipe">The plan it was brewed by.</param>
    /// <param name="run">The state of the brew.</param>
    public static Measured Of(Recipe recipe, BrewRun run)
    {
        double? openedS = null, drainedS = null, pressS = null;
        foreach (var done in run.Done)
        {
            // A step whose end was not observed was not measured; an assumed one took its planned time only by assumption.
            if (done is not { StartS: { } startS, EndS: { } endS, By: not (EndedBy.NotSeen or EndedBy.Assumed) })
            {
                continue;
            }

            // A dilution added by a correction is not a step of the plan.
            switch (done.Index < recipe.Steps.Length ? recipe.Steps[done.Index] : null)
            {
                case Step.OpenValve or Step.RemoveBurner:
                    openedS = endS;
                    break;
                case Step.Drain:
                    openedS ??= startS;
                    drainedS = endS;
                    break;
                case Step.Press or Step.Plunge { Depth: PlungeDepth.Bottom }:
                    pressS = endS - startS;
                    break;
                default:
                    break;
            }
        }

        return new Measured(drainedS - openedS, pressS);
    }
}
