using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;

namespace Cistern.Core.Planning;

/// <summary>
/// How far a setting may be off before the cup moves by more than anybody would taste: 0.05 % TDS, or 0.15 of tilt.
/// It answers whether 0.3 g is worth correcting, with a number.
/// </summary>
public static class Slack
{
    /// <summary>A change of strength that counts, % TDS.</summary>
    public const double TdsPercent = 0.05;

    /// <summary>A change of tilt that counts.</summary>
    public const double Tilt = 0.15;

    /// <summary>The slack of every setting the recipe has, on the tighter side, in the setting's own unit.</summary>
    /// <param name="forecast">The forecast of the recipe.</param>
    /// <returns>Infinity where no change within sense moves the cup that far.</returns>
    public static IReadOnlyDictionary<Setting, double> Of(Forecast forecast)
    {
        var slack = new Dictionary<Setting, double>();
        foreach (var setting in Enum.GetValues<Setting>())
        {
            if (Settings.Get(forecast, setting) is { } value)
            {
                slack[setting] = Math.Min(Side(forecast, setting, value, -1), Side(forecast, setting, value, 1));
            }
        }

        return slack;
    }

    /// <summary>A first step, and the furthest that makes sense, in the setting's unit.</summary>
    private static (double First, double Furthest) Reach(Setting setting, double value) => setting switch
    {
        Setting.DoseG or Setting.WaterG => (0.03 * value, 0.5 * value),
        Setting.TemperatureC => (3, 30),
        Setting.MedianUm => (0.06 * value, 0.6 * value),
        Setting.ReleaseS => (30, Math.Max(600, value)),
        Setting.Turns => (3, 30),
        _ => (5, 60),
    };

    /// <summary>How far one way until the cup has moved that much: a secant on what is nearly linear.</summary>
    private static double Side(Forecast forecast, Setting setting, double value, int sign)
    {
        var (step, furthest) = Reach(setting, value);
        if (sign < 0)
        {
            furthest = Math.Min(furthest, setting switch { Setting.Turns => value, Setting.PressS => value - 1, Setting.ReleaseS => value - EarliestS(forecast), _ => 0.95 * value });
        }

        if (furthest <= 0)
        {
            return double.PositiveInfinity;
        }

        double nearS = 0, nearMove = 0;
        var far = Math.Min(step, furthest);
        for (var i = 0; i < 6; i++)
        {
            var move = Move(forecast, setting, value + (sign * far));
            if (Math.Abs(move - 1) < 0.02)
            {
                return far;
            }

            if (move < 1 && far >= furthest)
            {
                return double.PositiveInfinity;
            }

            var slope = (move - nearMove) / (far - nearS);
            var next = slope > 1e-9 ? Math.Clamp(far + ((1 - move) / slope), 0.1 * far, Math.Min(furthest, 6 * far)) : Math.Min(furthest, 4 * far);
            (nearS, nearMove) = (far, move);
            far = next;
        }

        return far;
    }

    /// <summary>How much the cup has moved: 1 is where it counts.</summary>
    private static double Move(Forecast forecast, Setting setting, double value)
    {
        var totals = forecast.Again(Settings.With(forecast, setting, value)).Totals;
        return Math.Max(
            Math.Abs(totals.FinalTdsPercent - forecast.Totals.FinalTdsPercent) / TdsPercent,
            Math.Abs(totals.Tilt - forecast.Totals.Tilt) / Tilt);
    }

    /// <summary>The release cannot come before the water is in.</summary>
    private static double EarliestS(Forecast forecast)
    {
        var filledS = 0.0;
        for (var i = 0; i < Settings.ReleaseIndex(forecast.Recipe); i++)
        {
            filledS = forecast.Recipe.Steps[i] is Step.Pour or Step.SeatChamber ? forecast.Timings[i].EndS : filledS;
        }

        return filledS;
    }
}
