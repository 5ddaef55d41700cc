using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>The best of what is left after a slip.</summary>
/// <param name="ReleaseAtS">When to begin the release, s on the clock; null once it has begun.</param>
/// <param name="LetDownG">Water to let the drink down by, g; 0 for none.</param>
/// <param name="Forecast">What it then comes to.</param>
/// <param name="MissBefore">How far the cup would be off if the plan were simply followed; 1 is where it counts.</param>
/// <param name="MissAfter">How far it is off like this.</param>
public sealed record Rescue(double? ReleaseAtS, double LetDownG, Forecast Forecast, double MissBefore, double MissAfter)
{
    private const double LeastLetDownG = 2;

    /// <summary>Looks for the best of what is left: release now, hold on, let down by so much.</summary>
    /// <param name="asBrewed">The forecast of what has really been done, the steps to come as planned.</param>
    /// <param name="plan">What was wanted.</param>
    /// <param name="nowS">Now, s on the clock: nothing can be done earlier.</param>
    /// <remarks>The release is searched on a grid of seconds that grows away from now; the let-down then follows from the strength.</remarks>
    public static Rescue After(Forecast asBrewed, Totals plan, double nowS)
    {
        var before = Miss(asBrewed.Totals, plan, letDown: false);
        var best = new Rescue(null, 0, asBrewed, before, before);
        var release = Settings.ReleaseIndex(asBrewed.Recipe);
        var plannedS = release >= 0 ? asBrewed.Timings[release].StartS : double.NegativeInfinity;
        if (plannedS >= nowS)
        {
            var latestS = Math.Max(plannedS, nowS) + Math.Max(120, plannedS);
            for (var atS = nowS; atS <= latestS; atS += Math.Max(2, 0.06 * (atS - nowS)))
            {
                var candidate = asBrewed.Again(Settings.With(asBrewed, Setting.ReleaseS, atS));
                var miss = Miss(candidate.Totals, plan, letDown: true);
                if (miss < best.MissAfter - 0.01)
                {
                    // Where a step before the release still has to be done, the release really comes when it is.
                    best = best with { ReleaseAtS = candidate.Timings[release].StartS, Forecast = candidate, MissAfter = miss };
                }
            }
        }

        var letDownG = Reckoning.LetDown.WaterG(best.Forecast.Totals.FinalG, best.Forecast.Totals.FinalTdsPercent, plan.FinalTdsPercent);
        if (letDownG < LeastLetDownG)
        {
            return best with { MissAfter = Miss(best.Forecast.Totals, plan, letDown: false) };
        }

        var recipe = best.Forecast.Recipe;
        var served = asBrewed.Again(recipe with { Steps = recipe.Steps.Add(new Step.Dilute(Math.Round(letDownG))) });
        return best with { LetDownG = Math.Round(letDownG), Forecast = served, MissAfter = Miss(served.Totals, plan, letDown: false) };
    }

    /// <summary>Whether the cup is off its plan by more than its slack: only then is there anything to mend.</summary>
    /// <param name="asBrewed">The forecast of what has really been done, the steps to come as planned.</param>
    /// <param name="plan">What was wanted.</param>
    public static bool IsWanted(Forecast asBrewed, Totals plan) => MissOf(asBrewed.Totals, plan) > 1;

    /// <summary>How far a cup lies off what was wanted; 1 is where it counts.</summary>
    /// <param name="totals">What it came to.</param>
    /// <param name="plan">What was wanted.</param>
    public static double MissOf(Totals totals, Totals plan) => Miss(totals, plan, letDown: false);

    /// <summary>The plan with the rest of it changed to what a rescue offers; what has been done stays where it is.</summary>
    /// <param name="plan">A forecast of the plan.</param>
    /// <param name="releaseAtS">When to begin the release, s on the clock; null as planned.</param>
    /// <param name="letDownG">Water to let the drink down by at the end, g; 0 for none.</param>
    public static Recipe Changed(Forecast plan, double? releaseAtS, double letDownG)
    {
        var recipe = releaseAtS is { } atS ? Settings.With(plan, Setting.ReleaseS, atS) : plan.Recipe;
        return letDownG > 0 ? recipe with { Steps = recipe.Steps.Add(new Step.Dilute(letDownG)) } : recipe;
    }

    /// <summary>How far a cup is off the plan. One that is too strong can still be let down, one too weak cannot.</summary>
    private static double Miss(Totals totals, Totals plan, bool letDown)
    {
        var strength = (totals.FinalTdsPercent - plan.FinalTdsPercent) / Slack.TdsPercent;
        var balance = (totals.FlavourBalance - plan.FlavourBalance) / Slack.FlavourBalance;
        return Math.Sqrt((letDown ? Math.Pow(Math.Min(0, strength), 2) : strength * strength) + (balance * balance));
    }
}
