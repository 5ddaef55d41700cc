using Cistern.Core.Recipes;

namespace Cistern.Core.Brewing;

/// <summary>What a brew's own clock measured of what flows: outcomes, which no plan sets and the forecast can be held against.</summary>
/// <param name="DrawdownS">From the opening to the end of the last drain, s; null where nothing drained or it was not seen.</param>
/// <param name="PressS">Of the press or the plunge, s; null where there was none or it was not seen.</param>
public readonly record struct Measured(double? DrawdownS, double? PressS)
{
    /// <summary>Reads it off a run. Counted as the forecast counts: from the last opening, or else the first drain's beginning.</summary>
    /// <param name="recipe">The plan it was brewed by.</param>
    /// <param name="run">Where the brew stands.</param>
    public static Measured Of(Recipe recipe, BrewRun run)
    {
        double? openedS = null, drainedS = null, pressS = null;
        foreach (var done in run.Done)
        {
            // What nobody saw end was not measured, and what is assumed took what was planned because it was assumed.
            if (done is not { StartS: { } startS, EndS: { } endS, By: not (EndedBy.NotSeen or EndedBy.Assumed) })
            {
                continue;
            }

            // A dilution that a correction put at the end is no step of the plan.
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
