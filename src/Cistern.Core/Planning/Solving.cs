namespace Cistern.Core.Planning;

/// <summary>The values a setting can have: its range, and the steps of the grinder or the kettle.</summary>
/// <param name="Setting">Which setting.</param>
/// <param name="Range">The range, in the setting's unit.</param>
/// <param name="StepSize">The step between values; 0 for any value.</param>
/// <param name="Origin">A possible value, from which the steps count.</param>
public sealed record Dial(Setting Setting, Span Range, double StepSize, double Origin)
{
    /// <summary>The nearest possible value, not above or not below.</summary>
    public double Snap(double value, bool up)
    {
        if (StepSize <= 0)
        {
            return value;
        }

        var steps = (value - Origin) / StepSize;
        return Math.Clamp(Origin + (StepSize * (up ? Math.Ceiling(steps - 1e-9) : Math.Floor(steps + 1e-9))), Range.Low, Range.High);
    }

    /// <summary>The usual range of a setting for a recipe.</summary>
    /// <param name="forecast">The forecast of the recipe.</param>
    /// <param name="setting">The setting.</param>
    public static Dial Usual(Forecast forecast, Setting setting)
    {
        var boilsC = WaterPhysics.BoilingPointC(forecast.Recipe.Place.AltitudeM);
        var value = Settings.Get(forecast, setting) ?? 0;
        return setting switch
        {
            Setting.DoseG => new Dial(setting, new Span(Math.Max(0.5, 0.4 * value), 2 * value), 0.1, 0),
            Setting.WaterG => new Dial(setting, new Span(0.5 * value, 2 * value), 1, 0),
            // A siphon's flame holds no more than 2 K under the boil.
            Setting.TemperatureC => new Dial(setting, forecast.IsCold ? new Span(2, Grounds.ColdBelowC) : new Span(Math.Min(70, boilsC), forecast.Recipe.Brewer.Family == BrewerFamily.Siphon ? boilsC - 2 : boilsC), 1, 0),
            Setting.MedianUm => new Dial(setting, new Span(250, 1500), 10, 0),
            Setting.SteepEndS => new Dial(setting, new Span(Math.Max(1, 0.3 * value), Math.Max(60, 3 * value)), 5, 0),
            Setting.Turns => new Dial(setting, new Span(0, 20), 1, 0),
            Setting.PressS => new Dial(setting, new Span(10, 60), 1, 0),
        };
    }
}

/// <summary>The answer to a solve.</summary>
/// <param name="Forecast">The forecast with the answer.</param>
/// <param name="Values">The value of each setting that was solved for.</param>
/// <param name="Reached">Whether the wanted value is reached, as closely as the steps allow.</param>
/// <param name="Why">Where it is not reached, why, in plain words.</param>
public sealed record Solution(Forecast Forecast, IReadOnlyDictionary<Setting, double> Values, bool Reached, string? Why);

/// <summary>Finds the settings that give a wanted cup.</summary>
public static class Solving
{
    /// <summary>A figure this close to the wanted value, in its own unit, counts as equal; no step of a setting changes less.</summary>
    private const double Settled = 1e-4;

    /// <summary>Finds the value of one setting that brings one outcome to a wanted value: looks for a crossing, then narrows it down.</summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="dial">The setting, with its range and steps.</param>
    /// <param name="outcome">The outcome wanted.</param>
    /// <param name="wanted">Its value.</param>
    public static Solution For(Forecast forecast, Dial dial, Outcome outcome, double wanted)
    {
        var low = dial.Snap(dial.Range.Low, up: true);
        var high = dial.Snap(dial.Range.High, up: false);
        var stands = Settings.Get(forecast, dial.Setting) ?? low;
        double Miss(double value) => (forecast.Again(Settings.With(forecast, dial.Setting, value)).Totals.Of(outcome) ?? double.NaN) - wanted;
        if (Math.Abs((forecast.Totals.Of(outcome) ?? double.NaN) - wanted) < Settled)
        {
            return Answer(forecast, dial, stands, reached: true, null);
        }

        var (from, to, crosses) = Crossing.Look(Miss, low, high, Math.Clamp(stands, low, high));
        if (double.IsNaN(from.Miss))
        {
            return Answer(forecast, dial, stands, reached: false, "This brew has no such figure.");
        }

        if (!crosses)
        {
            var side = from.Miss > 0 ? "Even the lowest possible value is above what is wanted" : "Even the highest possible value is below what is wanted";
            return Answer(forecast, dial, from.At, reached: false, $"{side}; {Name(dial.Setting)} alone cannot reach it.");
        }

        // A step of the dial is fine enough.
        var found = Crossing.Close(Miss, from, to, 0.5 * Math.Max(dial.StepSize, 1e-3 * (high - low)), Settled);
        var below = dial.Snap(found, up: false);
        var above = dial.Snap(found, up: true);
        var best = below == above || Math.Abs(Miss(below)) <= Math.Abs(Miss(above)) ? below : above;
        return Answer(forecast, dial, best, reached: true, null);
    }

    /// <summary>
    /// Brings strength and flavour balance to wanted values with two settings: one that changes extraction, and the dose. Where the
    /// grind is fixed, as in a bag bought ground, extraction is changed by temperature or time.
    /// </summary>
    /// <param name="forecast">The forecast of the recipe before the change.</param>
    /// <param name="drawing">The setting that changes the flavour balance.</param>
    /// <param name="dose">The dose's dial.</param>
    /// <param name="tdsPercent">The strength wanted, %.</param>
    /// <param name="balance">The flavour balance wanted.</param>
    public static Solution ForBoth(Forecast forecast, Dial drawing, Dial dose, double tdsPercent, double balance)
    {
        var present = forecast;
        Solution byDrawing = null!;
        Solution byDose = null!;
        for (var round = 0; round < 3; round++)
        {
            byDrawing = For(present, drawing, Outcome.FlavourBalance, balance);
            byDose = For(byDrawing.Forecast, dose, Outcome.TdsPercent, tdsPercent);
            present = byDose.Forecast;
            if (Math.Abs(present.Totals.FlavourBalance - balance) < 0.3 * Tolerances.FlavourBalance && Math.Abs(present.Totals.FinalTdsPercent - tdsPercent) < 0.3 * Tolerances.TdsPercent)
            {
                break;
            }
        }

        var values = new Dictionary<Setting, double>
        {
            [drawing.Setting] = Settings.Get(present, drawing.Setting)!.Value,
            [dose.Setting] = Settings.Get(present, dose.Setting)!.Value,
        };
        var reached = Math.Abs(present.Totals.FlavourBalance - balance) < Tolerances.FlavourBalance && Math.Abs(present.Totals.FinalTdsPercent - tdsPercent) < Tolerances.TdsPercent;
        return new Solution(present, values, reached, reached ? null : byDrawing.Why ?? byDose.Why ?? "The steps are too coarse to meet both.");
    }

    /// <summary>A setting's name in a sentence.</summary>
    public static string Name(Setting setting) => setting switch
    {
        Setting.DoseG => "the dose",
        Setting.WaterG => "the water",
        Setting.TemperatureC => "the temperature",
        Setting.MedianUm => "the grind",
        Setting.SteepEndS => "the end of the steep",
        Setting.Turns => "the stirring",
        Setting.PressS => "the time of the press",
    };

    private static Solution Answer(Forecast forecast, Dial dial, double value, bool reached, string? why) =>
        new(forecast.Again(Settings.With(forecast, dial.Setting, value)), new Dictionary<Setting, double> { [dial.Setting] = value }, reached, why);
}
