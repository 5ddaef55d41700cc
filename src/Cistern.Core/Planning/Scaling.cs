namespace Cistern.Core.Planning;

/// <summary>Makes a recipe for another batch.</summary>
public static class Scaling
{
    /// <summary>The fastest pour that is still controlled, g/s.</summary>
    public const double FastestStreamGPerS = 15;

    /// <summary>The batch of a recipe.</summary>
    public static Batch BatchOf(Recipe recipe) => new(recipe.Coffee.DoseG, recipe.WaterG);

    /// <summary>
    /// A recipe for another dose and amount of water. Pours scale with the water; what is left on the bed, dilution
    /// and ice scale with the dose. Turns stay, and so do a pour's seconds, unless the stream would exceed 15 g/s.
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

    /// <summary>The largest batch at the same ratio that fills the vessel to no more than 95 %; the recipe's own where it fits.</summary>
    public static Batch ToFit(Recipe recipe, ForecastModel model) =>
        (Fits(recipe, FullMl(recipe), null, model) ? null : ToFill(recipe, FullMl(recipe), null, model)) ?? BatchOf(recipe);

    /// <summary>The highest level allowed in the vessel, ml.</summary>
    public static double FullMl(Recipe recipe) => Vessel.Fullest * recipe.RoomMl;

    /// <summary>
    /// The batch at the same ratio that fills the vessel to a level, with grounds, raft and foam, and the server to no more than 95 %;
    /// null where even a fiftieth of it is too much.
    /// </summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="levelMl">The level, ml.</param>
    /// <param name="serverMl">The server's capacity, ml; null for any.</param>
    /// <param name="model">The model that computes the level.</param>
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
        while (high < Most && batch.WaterG * high < Member.MaxWaterG && Under(high))
        {
            (low, high) = (high, 1.5 * high);
        }

        high = Math.Min(high, Member.MaxWaterG / batch.WaterG);
        for (var i = 0; i < 24; i++)
        {
            var middle = 0.5 * (low + high);
            (low, high) = Under(middle) ? (middle, high) : (low, middle);
        }

        // Rounded down to a scale's resolution, so that it stays below the level.
        return new Batch(Math.Floor(10 * batch.DoseG * low) / 10, Math.Floor(batch.WaterG * low));
    }

    /// <summary>Whether a recipe stays below a level in the vessel, with grounds, raft and foam, and fits the server.</summary>
    /// <param name="recipe">The recipe.</param>
    /// <param name="levelMl">The level, ml.</param>
    /// <param name="serverMl">The server's capacity, ml; null for any.</param>
    /// <param name="model">The model that computes the level.</param>
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

    /// <summary>The stream as written, g/s: where it exceeds 15 g/s, that was intended.</summary>
    private static double OwnStream(Step.Pour pour, double stoodG) => pour.OverS > 0 ? (pour.ToG - stoodG) / pour.OverS : 0;

    private static double StreamS(double amountG, double ownStreamGPerS) =>
        Math.Min(Math.Ceiling(amountG / Math.Max(FastestStreamGPerS, ownStreamGPerS)), Member.MaxStepS);

    /// <summary>Pours are in whole grams; small amounts keep a scale's tenth.</summary>
    private static double WholeGrams(double grams) => grams >= 20 ? Math.Round(grams) : Math.Max(0.1, Math.Round(grams, 1));
}
