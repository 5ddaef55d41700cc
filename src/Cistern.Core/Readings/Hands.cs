using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Readings;

/// <summary>How well or badly a pair of simulated hands follows a plan. Nothing set is a steady hand that errs a little, as all do.</summary>
public sealed record Hands
{
    /// <summary>A steady pair.</summary>
    public static Hands Steady { get; } = new();

    /// <summary>From taking a dripper off the scale until it stands over its server, s.</summary>
    internal const double SetsOverS = 5.5;

    /// <summary>The release is begun this much later than planned, s; under 0 earlier.</summary>
    public double SteepEndLateS { get; init; }

    /// <summary>The last pour ends this much over its total, g; under 0 short of it.</summary>
    public double PouredOverG { get; init; }

    /// <summary>More coffee than planned, g; under 0 less.</summary>
    public double DoseOverG { get; init; }

    /// <summary>Stirs, swirls and taps are forgotten.</summary>
    public bool ForgetsStir { get; init; }

    /// <summary>What the flame gives of what it should.</summary>
    public double FlameShare { get; init; } = 1;

    /// <summary>A press or a plunge takes this much of its planned time; under 1 it is hard.</summary>
    public double PressTimeShare { get; init; } = 1;

    /// <summary>The water is this much cooler than planned, K.</summary>
    public double WaterCoolerK { get; init; }

    /// <summary>No server is put under it.</summary>
    public bool ServerLeftOff { get; init; }

    /// <summary>The server is lifted for a moment in the middle of the drain.</summary>
    public bool CupLifted { get; init; }

    /// <summary>The scale is set to zero in the middle of the first pour.</summary>
    public bool TareInPour { get; init; }

    /// <summary>The vessel stays on the scale while it is pressed.</summary>
    public bool PressesOnScale { get; init; }

    /// <summary>How unsteady a hand is in its times, s (1 σ), and in its pours, g.</summary>
    public double Unsteady { get; init; } = 0.7;

    /// <summary>The plan as these hands do it.</summary>
    /// <param name="plan">The forecast of what was planned.</param>
    /// <param name="chance">What is left to chance.</param>
    internal Recipe Do(Forecast plan, Random chance)
    {
        var recipe = plan.Recipe;
        var steepEnd = Acts.SteepEndIndex(recipe);
        var lastPour = recipe.Steps.LastOrDefault(step => step is Step.Pour);
        var anchor = RecipeChecker.AnchorIndex(recipe);
        var steps = recipe.Steps.ToBuilder();
        var drains = recipe.Steps.Any(one => one is Step.Drain) && recipe.Brewer.Family != BrewerFamily.Siphon && !Performance.IsOverServer(recipe);
        var standsG = 0.0;
        for (var i = 0; i < steps.Count; i++)
        {
            var step = steps[i];
            if (step is Step.Pour pour)
            {
                var toG = pour.ToG + (Gauss(chance) * Unsteady) + (ReferenceEquals(step, lastPour) ? PouredOverG : 0);
                standsG = Math.Max(standsG + 1, toG);
                step = pour with { ToG = standsG, OverS = pour.OverS * Around(chance, 0.08) };
            }

            step = step switch
            {
                Step.Press or Step.Plunge => step with { OverS = step.OverS * PressTimeShare * Around(chance, 0.05) },
                Step.LightBurner burner => burner with { FlameW = (burner.FlameW ?? ForecastModel.UsualFlameW) * FlameShare },
                // What is forgotten takes its time all the same: the step keeps its place.
                Step.Stirring when ForgetsStir => new Step.Wait(step.OverS) { AtS = step.AtS },
                _ => step,
            };
            if (i > anchor && i == steepEnd)
            {
                // One pair of hands: what is still stirred is not yet set over the server.
                var busyS = drains && i > 0 && recipe.Steps[i - 1] is Step.Stirring ? Math.Max(0, SetsOverS - (plan.Timings[i].StartS - plan.Timings[i - 1].EndS)) : 0;
                step = step with { AtS = Math.Max(0, plan.Timings[i].StartS + busyS + SteepEndLateS + (Gauss(chance) * Unsteady)) };
            }
            else if (i > anchor && step.AtS is { } atS)
            {
                // Who releases early is done with what comes before it in time.
                var latestS = i < steepEnd ? plan.Timings[steepEnd].StartS + Math.Min(0, SteepEndLateS) - step.OverS : double.PositiveInfinity;
                step = step with { AtS = Math.Max(0, Math.Min(atS, latestS) + (Gauss(chance) * Unsteady)) };
            }

            steps[i] = step;
        }

        return recipe with
        {
            Coffee = recipe.Coffee with { DoseG = Math.Max(1, recipe.Coffee.DoseG + DoseOverG + (Gauss(chance) * 0.05)) },
            Water = recipe.Water with { TemperatureC = recipe.Water.TemperatureC - WaterCoolerK },
            Steps = steps.ToImmutable(),
        };
    }

    /// <summary>A normal deviate of spread 1, no further out than 2.5.</summary>
    internal static double Gauss(Random chance) =>
        Math.Clamp(Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble()), -2.5, 2.5);

    private static double Around(Random chance, double spread) => Math.Exp(Gauss(chance) * spread);
}
