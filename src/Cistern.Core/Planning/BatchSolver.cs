namespace Cistern.Core.Planning;

/// <summary>Finds the batch that two given quantities determine, using the forecast.</summary>
public static class BatchSolver
{
    private const double MinDoseG = 0.5;
    private const double MaxDoseG = 1_000;

    /// <summary>The batch for a wish, or null where none within bounds gives it.</summary>
    /// <param name="recipe">The recipe to be scaled.</param>
    /// <param name="wish">The two quantities given.</param>
    /// <param name="model">The model that computes the drink of a batch.</param>
    public static Batch? Solve(Recipe recipe, BatchWish wish, ForecastModel model)
    {
        double Drink(Batch batch) => DrinkG(model.Figures(Scaling.To(recipe, batch)), wish.Counting);
        var batch = Get(wish, Quantity.Dose) is { } doseG
            ? WithDose(wish, doseG, Drink)
            : WithoutDose(recipe, wish, Drink);
        return batch is { } found && found.DoseG is >= MinDoseG and <= MaxDoseG && found.WaterG is > 0 and <= Member.MaxWaterG && found.Ratio > 1
            ? found
            : null;
    }

    /// <summary>The drink of a forecast, as the barista counts it, g.</summary>
    public static double DrinkG(Forecast forecast, DrinkCounting counting) =>
        counting == DrinkCounting.WaterPoured ? forecast.Recipe.WaterG : forecast.Totals.FinalG;

    private static double? Get(BatchWish wish, Quantity quantity) =>
        wish.Locks.Last == quantity ? wish.LastValue : wish.Locks.Before == quantity ? wish.BeforeValue : null;

    private static Batch? WithDose(BatchWish wish, double doseG, Func<Batch, double> drink)
    {
        if (Get(wish, Quantity.Water) is { } waterG)
        {
            return new Batch(doseG, waterG);
        }

        if (Get(wish, Quantity.Ratio) is { } ratio)
        {
            return new Batch(doseG, Grams(doseG * ratio));
        }

        if (wish.Counting == DrinkCounting.WaterPoured)
        {
            return new Batch(doseG, Get(wish, Quantity.Drink)!.Value);
        }

        return Meet(Get(wish, Quantity.Drink)!.Value, doseG * 1.5, doseG * 40, water => new Batch(doseG, water), drink, Grams);
    }

    private static Batch? WithoutDose(Recipe recipe, BatchWish wish, Func<Batch, double> drink)
    {
        if (Get(wish, Quantity.Drink) is not { } drinkG)
        {
            var water = Get(wish, Quantity.Water)!.Value;
            return new Batch(Tenths(water / Get(wish, Quantity.Ratio)!.Value), water);
        }

        if (Get(wish, Quantity.Water) is { } waterG)
        {
            return wish.Counting == DrinkCounting.WaterPoured
                ? null
                : Meet(drinkG, waterG / 40, waterG / 1.5, dose => new Batch(dose, waterG), drink, Tenths);
        }

        var ratio = Get(wish, Quantity.Ratio)!.Value;
        if (wish.Counting == DrinkCounting.WaterPoured)
        {
            // The drink is taken exactly as asked; the dose follows from the ratio.
            return new Batch(Tenths(drinkG / ratio), drinkG);
        }

        Batch Of(double dose) => new(dose, dose * ratio);
        // The mass balance is a good first guess, unless ice or dilution is added.
        var vessel = Vessel.Of(recipe.Brewer);
        var guessG = ratio > vessel.HoldGPerG ? Math.Clamp(Batch.ForBeverage(drinkG, ratio, vessel).DoseG, MinDoseG, MaxDoseG) : MinDoseG;
        var found = Meet(drinkG, Math.Max(MinDoseG, 0.85 * guessG), Math.Min(MaxDoseG, 1.15 * guessG), Of, drink, Tenths)
            ?? Meet(drinkG, MinDoseG, MaxDoseG, Of, drink, Tenths);
        return found is { } batch ? batch with { WaterG = Grams(batch.DoseG * ratio) } : null;
    }

    /// <summary>Finds the batch with a wanted drink by the forecast and rounds it to a scale's resolution; null where it is out of range.</summary>
    private static Batch? Meet(double drinkG, double low, double high, Func<double, Batch> batch, Func<Batch, double> drink, Func<double, double> round)
    {
        double Miss(double unknown) => drink(batch(unknown)) - drinkG;
        var from = new Crossing.Point(low, Miss(low));
        var to = new Crossing.Point(high, Miss(high));
        return from.Miss * to.Miss <= 0 ? batch(round(Crossing.Close(Miss, from, to, 1e-4, 0.01))) : null;
    }

    private static double Tenths(double grams) => Math.Round(grams, 1, MidpointRounding.AwayFromZero);

    private static double Grams(double grams) => Math.Round(grams, MidpointRounding.AwayFromZero);
}
