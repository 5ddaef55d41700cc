using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>The best of what is left after a deviation.</summary>
/// <param name="SteepEndAtS">When to begin the release, s on the clock; null once it has begun.</param>
/// <param name="DilutionG">Water to let the drink down by, g; 0 for none.</param>
/// <param name="Forecast">What it then comes to.</param>
/// <param name="MissBefore">How far the cup would be off if the plan were simply followed; 1 is where it counts.</param>
/// <param name="MissAfter">How far it is off like this.</param>
public sealed record Correction(double? SteepEndAtS, double DilutionG, Forecast Forecast, double MissBefore, double MissAfter)
{
    /// <summary>When to pour off what was plunged, s on the clock: under the plunger it goes on extracting. Null where the release is still to come, or nothing is gained.</summary>
    public double? PourOffAtS { get; init; }

    private const double LeastDilutionG = 2;

    /// <summary>So long after a plunge it is taken that nobody has poured off yet, s. Judged.</summary>
    private const double NotPouredYetS = 20;

    /// <summary>Looks for the best of what is left: end the steep now, hold on, dilute by so much.</summary>
    /// <param name="asBrewed">The forecast of what has really been done, the steps to come as planned.</param>
    /// <param name="plan">What was wanted.</param>
    /// <param name="nowS">Now, s on the clock: nothing can be done earlier.</param>
    /// <remarks>The release, or the pouring off of what was plunged, is searched on a grid of seconds that grows away from now; the dilution then follows from the strength.</remarks>
    public static Correction After(Forecast asBrewed, Totals plan, double nowS)
    {
        var before = Miss(asBrewed.Totals, plan, dilution: false);
        var best = new Correction(null, 0, asBrewed, before, before);
        var steepEnd = Settings.SteepEndIndex(asBrewed.Recipe);
        var plannedS = steepEnd >= 0 ? asBrewed.Timings[steepEnd].StartS : double.NegativeInfinity;
        if (plannedS >= nowS)
        {
            // Where a step before the release still has to be done, the release really comes when it is.
            best = Sought(best, plan, nowS, plannedS, atS => asBrewed.Again(Settings.With(asBrewed, Setting.SteepEndS, atS)), (one, then) => one with { SteepEndAtS = then.Timings[steepEnd].StartS });
        }
        else if (PourOffIndex(asBrewed.Recipe) is >= 0 and var pourOff && asBrewed.Timings[pourOff].StartS >= nowS - NotPouredYetS)
        {
            // One that is only too strong can be diluted as it is: that alone is no reason to leave it standing.
            best = Sought(best with { MissAfter = Miss(asBrewed.Totals, plan, dilution: true) }, plan, nowS, asBrewed.Timings[pourOff].StartS, atS => asBrewed.Again(PouredOffAt(asBrewed.Recipe, pourOff, atS)), (one, then) => one with { PourOffAtS = then.Timings[pourOff].StartS });
        }

        var dilutionG = Reckoning.Dilution.WaterG(best.Forecast.Totals.FinalG, best.Forecast.Totals.FinalTdsPercent, plan.FinalTdsPercent);
        if (dilutionG < LeastDilutionG)
        {
            return best with { MissAfter = Miss(best.Forecast.Totals, plan, dilution: false) };
        }

        var recipe = best.Forecast.Recipe;
        var served = asBrewed.Again(recipe with { Steps = recipe.Steps.Add(new Step.Dilute(Math.Round(dilutionG))) });
        return best with { DilutionG = Math.Round(dilutionG), Forecast = served, MissAfter = Miss(served.Totals, plan, dilution: false) };
    }

    /// <summary>Whether the cup is off its plan by more than its tolerances: only then is there anything to mend.</summary>
    /// <param name="asBrewed">The forecast of what has really been done, the steps to come as planned.</param>
    /// <param name="plan">What was wanted.</param>
    public static bool IsWanted(Forecast asBrewed, Totals plan) => MissOf(asBrewed.Totals, plan) > 1;

    /// <summary>How far a cup lies off what was wanted; 1 is where it counts.</summary>
    /// <param name="totals">What it came to.</param>
    /// <param name="plan">What was wanted.</param>
    public static double MissOf(Totals totals, Totals plan) => Miss(totals, plan, dilution: false);

    /// <summary>The plan with the rest of it changed to what a correction offers; what has been done stays where it is.</summary>
    /// <param name="plan">A forecast of the plan.</param>
    /// <param name="steepEndAtS">When to begin the release, s on the clock; null as planned.</param>
    /// <param name="pourOffAtS">When to pour off what was plunged, s on the clock; null as planned.</param>
    /// <param name="dilutionG">Water to let the drink down by at the end, g; 0 for none.</param>
    public static Recipe Changed(Forecast plan, double? steepEndAtS, double? pourOffAtS, double dilutionG)
    {
        var recipe = steepEndAtS is { } atS ? Settings.With(plan, Setting.SteepEndS, atS) : plan.Recipe;
        recipe = pourOffAtS is { } laterS && PourOffIndex(recipe) is >= 0 and var pourOff ? PouredOffAt(recipe, pourOff, laterS) : recipe;
        return dilutionG > 0 ? recipe with { Steps = recipe.Steps.Add(new Step.Dilute(dilutionG)) } : recipe;
    }

    /// <summary>A cup as near as this is within its tolerances: nobody waits minutes longer for what cannot be tasted. Judged.</summary>
    private const double WellWithin = 0.9;

    /// <summary>The moment from now on for what is still to come that is best, and of those after its time the first that will do, on a grid of seconds that grows away from now.</summary>
    private static Correction Sought(Correction best, Totals plan, double nowS, double plannedS, Func<double, Forecast> at, Func<Correction, Forecast, Correction> told)
    {
        var latestS = Math.Max(plannedS, nowS) + Math.Max(120, plannedS);
        for (var atS = nowS; atS <= latestS; atS += Math.Max(2, 0.06 * (atS - nowS)))
        {
            var candidate = at(atS);
            var miss = Math.Max(atS > plannedS ? WellWithin : 0, Miss(candidate.Totals, plan, dilution: true));
            if (miss < best.MissAfter - 0.01)
            {
                best = told(best, candidate) with { Forecast = candidate, MissAfter = miss };
            }
        }

        return best;
    }

    /// <summary>The pouring off that follows a plunge; -1 where there is none.</summary>
    private static int PourOffIndex(Recipe recipe)
    {
        var plunge = Settings.SteepEndIndex(recipe);
        return plunge >= 0 && recipe.Steps[plunge] is Step.Plunge ? Enumerable.Range(plunge, recipe.Steps.Length - plunge).FirstOrDefault(i => recipe.Steps[i] is Step.Decant, -1) : -1;
    }

    /// <summary>A recipe poured off at another moment; its window was of the old one.</summary>
    private static Recipe PouredOffAt(Recipe recipe, int index, double atS) =>
        recipe with { Steps = recipe.Steps.SetItem(index, recipe.Steps[index] with { AtS = atS, Window = null }) };

    /// <summary>How far a cup is off the plan. One that is too strong can still be diluted, one too weak cannot.</summary>
    private static double Miss(Totals totals, Totals plan, bool dilution)
    {
        var strength = (totals.FinalTdsPercent - plan.FinalTdsPercent) / Tolerances.TdsPercent;
        var balance = (totals.FlavourBalance - plan.FlavourBalance) / Tolerances.FlavourBalance;
        return Math.Sqrt((dilution ? Math.Pow(Math.Min(0, strength), 2) : strength * strength) + (balance * balance));
    }
}
