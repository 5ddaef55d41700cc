namespace Cistern.Core.Planning;

/// <summary>
/// How far a setting may be off before the cup changes noticeably: by 0.05 % TDS or 0.15 of flavour balance. It answers with a number
/// whether 0.3 g is worth correcting.
/// </summary>
public static class Tolerances
{
    /// <summary>The smallest change of strength that matters, % TDS.</summary>
    public const double TdsPercent = 0.05;

    /// <summary>The smallest change of flavour balance that matters.</summary>
    public const double FlavourBalance = 0.15;

    /// <summary>The tolerance of every setting of the recipe, in its own unit, on the tighter of its two sides.</summary>
    /// <param name="forecast">The forecast of the recipe.</param>
    /// <returns>Infinity where no reasonable change has that effect.</returns>
    public static IReadOnlyDictionary<Setting, double> Of(Forecast forecast) => forecast.Once(() => new Cached(Reckon(forecast))).Tolerances;

    private static Dictionary<Setting, double> Reckon(Forecast forecast)
    {
        var model = forecast.Model.ForDifferences();
        var stands = model.Figures(forecast.Recipe).Totals;
        var tolerances = new Dictionary<Setting, double>();
        foreach (var setting in Enum.GetValues<Setting>())
        {
            if (Settings.Get(forecast, setting) is { } value)
            {
                tolerances[setting] = Tighter(forecast, setting, value, changed => Move(model.Figures(changed).Totals, stands));
            }
        }

        return tolerances;
    }

    /// <summary>The first step and the largest reasonable step, in the setting's unit.</summary>
    private static (double First, double Furthest) Reach(Setting setting, double value) => setting switch
    {
        Setting.DoseG or Setting.WaterG => (0.03 * value, 0.5 * value),
        Setting.TemperatureC => (3, 30),
        Setting.MedianUm => (0.06 * value, 0.6 * value),
        Setting.SteepEndS => (30, Math.Max(600, value)),
        Setting.Turns => (3, 30),
        Setting.PressS => (5, 60),
    };

    /// <summary>
    /// How far the tighter side is from that change: a first step in each direction finds which side that is, then a
    /// secant on what is nearly linear.
    /// </summary>
    private static double Tighter(Forecast forecast, Setting setting, double value, Func<Recipe, double> move)
    {
        var (first, furthest) = Reach(setting, value);
        var down = Math.Min(furthest, setting switch { Setting.Turns => value, Setting.PressS => value - 1, Setting.SteepEndS => value - EarliestS(forecast), _ => 0.95 * value });
        double At(int sign, double far) => move(Settings.With(forecast, setting, value + (sign * far)));
        var sides = new List<(int Sign, double Furthest, double Far, double Moved)>(2);
        foreach (var (sign, most) in ((int, double)[])[(-1, down), (1, furthest)])
        {
            if (most > 0)
            {
                var far = Math.Min(first, most);
                sides.Add((sign, most, far, At(sign, far)));
            }
        }

        // Where the two sides are nearly equal, curvature decides, so both are followed.
        const double Alike = 1.25;
        var steepest = sides.Count == 0 ? 0 : sides.Max(side => side.Moved / side.Far);
        return sides.Where(side => side.Moved / side.Far >= steepest / Alike)
            .Select(side => Side(side.Far, side.Moved, side.Furthest, far => At(side.Sign, far)))
            .DefaultIfEmpty(double.PositiveInfinity).Min();
    }

    private static double Side(double far, double moved, double furthest, Func<double, double> at)
    {
        const double Near = 0.03; // of what matters: finer than anybody reads it
        double near = 0, nearMove = 0;
        for (var i = 0; i < 6 && Math.Abs(moved - 1) >= Near; i++)
        {
            if (moved < 1 && far >= furthest)
            {
                return double.PositiveInfinity;
            }

            var slope = (moved - nearMove) / (far - near);
            var next = slope > 1e-9 ? Math.Clamp(far + ((1 - moved) / slope), 0.1 * far, Math.Min(furthest, 6 * far)) : Math.Min(furthest, 4 * far);
            (near, nearMove) = (far, moved);
            far = next;
            moved = at(far);
        }

        return far;
    }

    /// <summary>How much the cup has changed; 1 is where it matters.</summary>
    private static double Move(Totals totals, Totals stands) => Math.Max(
        Math.Abs(totals.FinalTdsPercent - stands.FinalTdsPercent) / TdsPercent,
        Math.Abs(totals.FlavourBalance - stands.FlavourBalance) / FlavourBalance);

    /// <summary>The steep cannot end before the water is in.</summary>
    private static double EarliestS(Forecast forecast)
    {
        var filledS = 0.0;
        for (var i = 0; i < Settings.SteepEndIndex(forecast.Recipe); i++)
        {
            filledS = Verb.TraitsOf(forecast.Recipe.Steps[i]).BringsWater ? forecast.Timings[i].EndS : filledS;
        }

        return filledS;
    }

    private sealed record Cached(IReadOnlyDictionary<Setting, double> Tolerances);
}
