namespace Cistern.Core.Planning;

/// <summary>The best continuation of a brew after a deviation.</summary>
/// <param name="SteepEndAtS">When to end the steep, s on the brew clock; null when it has ended.</param>
/// <param name="DilutionG">Water to dilute the drink with, g; 0 for none.</param>
/// <param name="Forecast">The forecast with the correction.</param>
/// <param name="MissBefore">Distance from the plan without the correction; 1 is the limit of the tolerances.</param>
/// <param name="MissAfter">Distance from the plan with it.</param>
public sealed record Correction(double? SteepEndAtS, double DilutionG, Forecast Forecast, double MissBefore, double MissAfter)
{
    /// <summary>
    /// When to pour off after the plunge, s on the brew clock: under the plunger extraction continues. Null before the end of the
    /// steep, or where nothing is gained.
    /// </summary>
    public double? PourOffAtS { get; init; }

    private const double MinDilutionG = 2;

    /// <summary>For this long after a plunge, nobody is taken to have poured off yet, s. Judged.</summary>
    private const double NotPouredYetS = 20;

    /// <summary>Finds the best continuation: end the steep now or later, and dilute.</summary>
    /// <param name="asBrewed">The forecast of what was actually done, with the remaining steps as planned.</param>
    /// <param name="plan">What was wanted.</param>
    /// <param name="nowS">The current time, s on the brew clock; nothing can be done before it.</param>
    /// <remarks>The end of the steep, or the pouring off after a plunge, is searched on a grid of seconds that becomes coarser with distance from now; the dilution follows from the strength.</remarks>
    public static Correction After(Forecast asBrewed, Totals plan, double nowS)
    {
        var before = Miss(asBrewed.Totals, plan, dilution: false);
        var best = new Correction(null, 0, asBrewed, before, before);
        var steepEnd = Settings.SteepEndIndex(asBrewed.Recipe);
        var plannedS = steepEnd >= 0 ? asBrewed.Timings[steepEnd].StartS : double.NegativeInfinity;
        if (plannedS >= nowS)
        {
            // Where a step must still be done before the end of the steep, the steep ends when that step is done.
            best = Sought(best, plan, nowS, plannedS, atS => asBrewed.Again(Settings.With(asBrewed, Setting.SteepEndS, atS)), (one, then) => one with { SteepEndAtS = then.Timings[steepEnd].StartS });
        }
        else if (PourOffIndex(asBrewed.Recipe) is >= 0 and var pourOff && asBrewed.Timings[pourOff].StartS >= nowS - NotPouredYetS)
        {
            // A drink that is only too strong can be diluted; that is no reason to delay pouring it off.
            best = Sought(best with { MissAfter = Miss(asBrewed.Totals, plan, dilution: true) }, plan, nowS, asBrewed.Timings[pourOff].StartS, atS => asBrewed.Again(PouredOffAt(asBrewed.Recipe, pourOff, atS)), (one, then) => one with { PourOffAtS = then.Timings[pourOff].StartS });
        }

        var dilutionG = Reckoning.Dilution.WaterG(best.Forecast.Totals.FinalG, best.Forecast.Totals.FinalTdsPercent, plan.FinalTdsPercent);
        if (dilutionG < MinDilutionG)
        {
            return best with { MissAfter = Miss(best.Forecast.Totals, plan, dilution: false) };
        }

        var recipe = best.Forecast.Recipe;
        var served = asBrewed.Again(recipe with { Steps = recipe.Steps.Add(new Step.Dilute(Math.Round(dilutionG))) });
        return best with { DilutionG = Math.Round(dilutionG), Forecast = served, MissAfter = Miss(served.Totals, plan, dilution: false) };
    }

    /// <summary>Whether the cup is outside its tolerances, so that a correction is needed.</summary>
    /// <param name="asBrewed">The forecast of what was actually done, with the remaining steps as planned.</param>
    /// <param name="plan">The figures that were planned.</param>
    public static bool IsNeeded(Forecast asBrewed, Totals plan) => DistanceOf(asBrewed.Totals, plan) > 1;

    /// <summary>The distance of a cup from its plan; 1 is the limit of the tolerances.</summary>
    /// <param name="totals">The figures of the cup.</param>
    /// <param name="plan">The figures that were planned.</param>
    public static double DistanceOf(Totals totals, Totals plan) => Miss(totals, plan, dilution: false);

    /// <summary>The plan with its remaining steps changed by a correction; steps already done are unchanged.</summary>
    /// <param name="plan">A forecast of the plan.</param>
    /// <param name="steepEndAtS">When to end the steep, s on the brew clock; null as planned.</param>
    /// <param name="pourOffAtS">When to pour off after the plunge, s on the brew clock; null as planned.</param>
    /// <param name="dilutionG">Water to dilute the drink with at the end, g; 0 for none.</param>
    public static Recipe Changed(Forecast plan, double? steepEndAtS, double? pourOffAtS, double dilutionG)
    {
        var recipe = steepEndAtS is { } atS ? Settings.With(plan, Setting.SteepEndS, atS) : plan.Recipe;
        recipe = pourOffAtS is { } laterS && PourOffIndex(recipe) is >= 0 and var pourOff ? PouredOffAt(recipe, pourOff, laterS) : recipe;
        return dilutionG > 0 ? recipe with { Steps = recipe.Steps.Add(new Step.Dilute(dilutionG)) } : recipe;
    }

    /// <summary>A cup this close to its plan is good enough: a longer wait would gain nothing that can be tasted. Judged.</summary>
    private const double WellWithin = 0.9;

    /// <summary>
    /// The best time for a step still to come. Of times after the planned one, the first that is good enough. The grid of seconds
    /// becomes coarser with distance from now.
    /// </summary>
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

    /// <summary>The index of the pouring off after a plunge; −1 where there is none.</summary>
    private static int PourOffIndex(Recipe recipe)
    {
        var plunge = Settings.SteepEndIndex(recipe);
        return plunge >= 0 && recipe.Steps[plunge] is Step.Plunge ? Enumerable.Range(plunge, recipe.Steps.Length - plunge).FirstOrDefault(i => recipe.Steps[i] is Step.Decant, -1) : -1;
    }

    /// <summary>The recipe with the pouring off at another time, without the window it had.</summary>
    private static Recipe PouredOffAt(Recipe recipe, int index, double atS) =>
        recipe with { Steps = recipe.Steps.SetItem(index, recipe.Steps[index] with { AtS = atS, Window = null }) };

    /// <summary>The distance from the plan. A drink that is too strong can still be diluted; one that is too weak cannot.</summary>
    private static double Miss(Totals totals, Totals plan, bool dilution)
    {
        var strength = (totals.FinalTdsPercent - plan.FinalTdsPercent) / Tolerances.TdsPercent;
        var balance = (totals.FlavourBalance - plan.FlavourBalance) / Tolerances.FlavourBalance;
        return Math.Sqrt((dilution ? Math.Pow(Math.Min(0, strength), 2) : strength * strength) + (balance * balance));
    }
}
