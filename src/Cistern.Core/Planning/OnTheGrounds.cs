namespace Cistern.Core.Planning;

/// <summary>Coffee left on the grounds after the plunge, or on a settled bed, goes on extracting.</summary>
/// <param name="LeftS">How much longer it is left, s.</param>
/// <param name="Totals">The figures then.</param>
public sealed record OnTheGrounds(double LeftS, Totals Totals)
{
    /// <summary>Time in which a first cup is half drunk, s. Judged.</summary>
    public const double UsualS = 120;

    private static readonly double[] DelaysS = [60, 300];

    /// <summary>One minute longer, and five; empty where nothing is poured off.</summary>
    /// <param name="forecast">The forecast of the plan.</param>
    public static IReadOnlyList<OnTheGrounds> Of(Forecast forecast) => forecast.Once(() => (IReadOnlyList<OnTheGrounds>)
        [.. DelaysS.Select(leftS => Put(forecast, leftS) is var (recipe, _) ? new OnTheGrounds(leftS, forecast.Again(recipe).Totals) : null).OfType<OnTheGrounds>()]);

    /// <summary>The recipe with the coffee left before it is poured off; null where it is not poured off.</summary>
    internal static (Recipe Recipe, int Index)? Put(Forecast forecast, double leftS)
    {
        var recipe = forecast.Recipe;
        var pours = recipe.Steps.ToList().FindLastIndex(step => step is Step.Decant);
        if (pours < 1)
        {
            return null;
        }

        var steps = recipe.Steps.ToBuilder();
        var at = steps[pours].AtS;
        steps[pours] = steps[pours] with { AtS = at + leftS };
        steps.Insert(pours, new Step.Wait(leftS));
        return (recipe with { Steps = Settings.Shifted(steps, pours + 2, leftS) }, pours);
    }
}
