using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Physics;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Planning;

/// <summary>Makes a recipe for another batch.</summary>
public static class Scaling
{
    /// <summary>The fastest stream that is still poured with control, g/s.</summary>
    public const double FastestStreamGPerS = 15;

    /// <summary>The batch of a recipe.</summary>
    public static Batch BatchOf(Recipe recipe) => new(recipe.Coffee.DoseG, recipe.WaterG);

    /// <summary>
    /// A recipe for another dose and another amount of water. Pours move with the water; what is left behind, dilution
    /// and ice with the dose. Turns stay, and a pour's seconds stay unless the stream would pass 15 g/s.
    /// </summary>
    public static Recipe To(Recipe recipe, Batch batch)
    {
        var from = BatchOf(recipe);
        if (from.WaterG <= 0 || (from.DoseG == batch.DoseG && from.WaterG == batch.WaterG))
        {
            return recipe;
        }

        var water = batch.WaterG / from.WaterG;
        var dose = batch.DoseG / from.DoseG;
        var steps = ImmutableArray.CreateBuilder<Step>(recipe.Steps.Length);
        var standsG = 0.0;
        var stoodG = 0.0;
        foreach (var step in recipe.Steps)
        {
            var scaled = Scaled(step, batch, from, water, dose, standsG, stoodG);
            stoodG = step is Step.Pour before ? before.ToG : stoodG;
            standsG = scaled is Step.Pour pour ? pour.ToG : scaled is Step.SeatChamber chamber ? chamber.WaterG : standsG;
            steps.Add(scaled);
        }

        return recipe with { Coffee = recipe.Coffee with { DoseG = batch.DoseG }, Steps = steps.ToImmutable() };
    }

    /// <summary>The largest batch at the same ratio that fills the vessel to no more than 95 %; its own where that fits.</summary>
    public static Batch ToFit(Recipe recipe, ForecastModel model) =>
        (Fits(recipe, FullMl(recipe), null, model) ? null : ToFill(recipe, FullMl(recipe), null, model)) ?? BatchOf(recipe);

    /// <summary>How high it may stand in its vessel, ml.</summary>
    public static double FullMl(Recipe recipe) => Vessel.Fullest * recipe.RoomMl;

    /// <summary>
    /// The batch at the same ratio that fills the vessel up to a level, grounds, raft and foam counted, and its server to no more
    /// than 95 %; null where not even a fiftieth of it stays below.
    /// </summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="levelMl">The level, ml.</param>
    /// <param name="serverMl">What the drink lands in, ml; null for any.</param>
    /// <param name="model">The model that tells how high it stands.</param>
    public static Batch? ToFill(Recipe recipe, double levelMl, double? serverMl, ForecastModel model)
    {
        const double Least = 0.02;
        const double Most = 40;
        var batch = BatchOf(recipe);
        bool Under(double factor) => Fits(To(recipe, new Batch(batch.DoseG * factor, batch.WaterG * factor)), levelMl, serverMl, model);
        if (!Under(Least))
        {
            return null;
        }

        var low = Least;
        var high = 1.0;
        while (high < Most && batch.WaterG * high < Member.MostWaterG && Under(high))
        {
            (low, high) = (high, 1.5 * high);
        }

        high = Math.Min(high, Member.MostWaterG / batch.WaterG);
        for (var i = 0; i < 24; i++)
        {
            var middle = 0.5 * (low + high);
            (low, high) = Under(middle) ? (middle, high) : (low, middle);
        }

        // Rounded down to what a scale shows, so that it still stays below.
        return new Batch(Math.Floor(10 * batch.DoseG * low) / 10, Math.Floor(batch.WaterG * low));
    }

    /// <summary>Whether it stays below a level, grounds, raft and foam counted, and its drink in the server.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="levelMl">The level, ml.</param>
    /// <param name="serverMl">What the drink lands in, ml; null for any.</param>
    /// <param name="model">The model that tells how high it stands.</param>
    public static bool Fits(Recipe recipe, double levelMl, double? serverMl, ForecastModel model)
    {
        var forecast = serverMl is null ? model.Figures(recipe) : model.Run(recipe, ForecastOptions.TotalsOnly with { ServerMl = serverMl });
        return forecast.Totals.PeakVolumeMl <= levelMl && !forecast.Events.Any(one => one.Kind == BrewEventKind.ServerOverflow);
    }

    private static Step Scaled(Step step, Batch batch, Batch from, double water, double dose, double standsG, double stoodG) => step switch
    {
        Step.Pour pour => Poured(pour, pour.ToG == from.WaterG ? batch.WaterG : WholeGrams(pour.ToG * water), standsG, OwnStream(pour, stoodG)),
        Step.SeatChamber chamber => chamber with { WaterG = chamber.WaterG == from.WaterG ? batch.WaterG : WholeGrams(chamber.WaterG * water) },
        Step.Drain { UntilG: { } untilG } drain => drain with { UntilG = WholeGrams(untilG * water) },
        Step.Decant { LeaveG: { } leaveG } decant => decant with { LeaveG = WholeGrams(leaveG * dose) },
        Step.Dilute dilute => dilute with { WaterG = WholeGrams(dilute.WaterG * dose) },
        Step.Ice ice => ice with { IceG = WholeGrams(ice.IceG * dose) },
        _ => step,
    };

    private static Step.Pour Poured(Step.Pour pour, double toG, double standsG, double ownStreamGPerS)
    {
        var amountG = toG - standsG;
        var overS = pour.OverS > 0 && amountG / pour.OverS > Math.Max(FastestStreamGPerS, ownStreamGPerS) ? StreamS(amountG, ownStreamGPerS) : pour.OverS;
        return pour with { ToG = toG, OverS = overS };
    }

    /// <summary>The recipe's own stream, g/s: one written faster than 15 g/s was meant so.</summary>
    private static double OwnStream(Step.Pour pour, double stoodG) => pour.OverS > 0 ? (pour.ToG - stoodG) / pour.OverS : 0;

    private static double StreamS(double amountG, double ownStreamGPerS) =>
        Math.Min(Math.Ceiling(amountG / Math.Max(FastestStreamGPerS, ownStreamGPerS)), Member.LongestStepS);

    /// <summary>Whole grams are what a barista pours to; small amounts keep the tenth a scale shows.</summary>
    private static double WholeGrams(double grams) => grams >= 20 ? Math.Round(grams) : Math.Max(0.1, Math.Round(grams, 1));
}
