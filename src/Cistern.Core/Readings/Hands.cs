namespace Cistern.Core.Readings;

/// <summary>How a simulated barista follows a plan. The defaults are a steady hand with small errors.</summary>
public sealed record Hands
{
    /// <summary>A steady pair.</summary>
    public static Hands Steady { get; } = new();

    /// <summary>Time from taking a dripper off the scale until it stands over its server, s.</summary>
    internal const double SetsOverS = 5.5;

    /// <summary>The steep ends this much later than planned, s; negative for earlier.</summary>
    public double SteepEndLateS { get; init; }

    /// <summary>The last pour ends this much over its total, g; negative for short of it.</summary>
    public double PouredOverG { get; init; }

    /// <summary>More coffee than planned, g; negative for less.</summary>
    public double DoseOverG { get; init; }

    /// <summary>Stirs, swirls and taps are omitted.</summary>
    public bool ForgetsStir { get; init; }

    /// <summary>The flame's power as a share of what it should be.</summary>
    public double FlameShare { get; init; } = 1;

    /// <summary>Factor on the planned time of a press or a plunge; under 1 it is pressed too hard.</summary>
    public double PressTimeShare { get; init; } = 1;

    /// <summary>The water is this much cooler than planned, K.</summary>
    public double WaterCoolerK { get; init; }

    /// <summary>No server is put under it.</summary>
    public bool ServerLeftOff { get; init; }

    /// <summary>The server is lifted for a moment during the drawdown.</summary>
    public bool CupLifted { get; init; }

    /// <summary>The scale is tared during the first pour.</summary>
    public bool TareInPour { get; init; }

    /// <summary>The vessel stays on the scale while it is pressed.</summary>
    public bool PressesOnScale { get; init; }

    /// <summary>Random error of times, s (1 σ), and of pours, g.</summary>
    public double Unsteady { get; init; } = 0.7;

    /// <summary>The plan as this barista does it.</summary>
    /// <param name="plan">The forecast of the plan.</param>
    /// <param name="chance">The source of randomness.</param>
    internal Recipe Do(Forecast plan, Random chance)
    {
        var recipe = plan.Recipe;
        var steepEnd = Acts.SteepEndIndex(recipe);
        var lastPour = recipe.Steps.LastOrDefault(step => step is Step.Pour);
        var anchor = RecipeChecker.AnchorIndex(recipe);
        var steps = recipe.Steps.ToBuilder();
        var drains = recipe.Steps.Any(one => one is Step.Drain) && recipe.Brewer.Family != BrewerFamily.Siphon && !SimulatedBrew.IsOverServer(recipe);
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
                // An omitted step keeps its place and its time.
                Step.Stirring when ForgetsStir => new Step.Wait(step.OverS) { AtS = step.AtS },
                _ => step,
            };
            if (i > anchor && i == steepEnd)
            {
                // One person does everything: a dripper that is still being stirred is not yet set over the server.
                var busyS = drains && i > 0 && recipe.Steps[i - 1] is Step.Stirring ? Math.Max(0, SetsOverS - (plan.Timings[i].StartS - plan.Timings[i - 1].EndS)) : 0;
                step = step with { AtS = Math.Max(0, plan.Timings[i].StartS + busyS + SteepEndLateS + (Gauss(chance) * Unsteady)) };
            }
            else if (i > anchor && step.AtS is { } atS)
            {
                // A steep that ends early also needs the steps before it to end in time.
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

    /// <summary>A standard normal deviate, limited to ±2.5.</summary>
    internal static double Gauss(Random chance) =>
        Math.Clamp(Math.Sqrt(-2 * Math.Log(1 - chance.NextDouble())) * Math.Cos(2 * Math.PI * chance.NextDouble()), -2.5, 2.5);

    private static double Around(Random chance, double spread) => Math.Exp(Gauss(chance) * spread);
}
