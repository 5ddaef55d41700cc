using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>Coffee that is left standing on its grounds after the plunge, or on a settled bed, goes on extracting and settles.</summary>
/// <param name="LeftS">For how much longer, s.</param>
/// <param name="Totals">What it then comes to.</param>
public sealed record OnTheGrounds(double LeftS, Totals Totals)
{
    /// <summary>As long as a first cup takes to drink down by half, s. Judged.</summary>
    public const double UsualS = 120;

    private static readonly double[] Looked = [60, 300];

    /// <summary>A minute more, and five; empty where nothing is poured off.</summary>
    /// <param name="forecast">The forecast of the plan as it is.</param>
    public static IReadOnlyList<OnTheGrounds> Of(Forecast forecast) => forecast.Once(() => (IReadOnlyList<OnTheGrounds>)
        [.. Looked.Select(leftS => Put(forecast, leftS) is var (recipe, _) ? new OnTheGrounds(leftS, forecast.Again(recipe).Totals) : null).OfType<OnTheGrounds>()]);

    /// <summary>The recipe with the coffee left standing for so long before it is poured off; null where it is not poured off.</summary>
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
