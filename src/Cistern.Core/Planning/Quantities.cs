using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Planning;

/// <summary>The four quantities of a charge, of which two determine the others.</summary>
public enum Quantity
{
    /// <summary>Dry coffee, g.</summary>
    Dose,

    /// <summary>Water poured, g.</summary>
    Water,

    /// <summary>Water per coffee, g/g.</summary>
    Ratio,

    /// <summary>The drink, g.</summary>
    Drink,
}

/// <summary>What a barista means by so much coffee to drink.</summary>
public enum DrinkCounting
{
    /// <summary>What ends in the cup, what the bed keeps taken off.</summary>
    InTheCup,

    /// <summary>The water that is poured.</summary>
    WaterPoured,
}

/// <summary>Which two of the four stay: the two edited last.</summary>
/// <param name="Last">Edited last.</param>
/// <param name="Before">Edited before that.</param>
public readonly record struct Locks(Quantity Last, Quantity Before)
{
    /// <summary>A recipe as written holds its ratio and its dose.</summary>
    public static Locks Written { get; } = new(Quantity.Ratio, Quantity.Dose);

    /// <summary>Whether a quantity is held.</summary>
    public bool Holds(Quantity quantity) => quantity == Last || quantity == Before;

    /// <summary>The locks after a quantity has been edited: it stays, and so does the one edited before it.</summary>
    public Locks Edited(Quantity quantity) => quantity == Last ? this : new Locks(quantity, Last);
}

/// <summary>What a charge was asked to be.</summary>
/// <param name="Locks">The two that are given.</param>
/// <param name="LastValue">The value of the one edited last, g or g/g.</param>
/// <param name="BeforeValue">The value of the other, g or g/g.</param>
/// <param name="Counting">What the drink means.</param>
public sealed record ChargeWish(Locks Locks, double LastValue, double BeforeValue, DrinkCounting Counting);

/// <summary>Finds the charge that two given quantities determine, by the forecast.</summary>
public static class ChargeSolver
{
    private const double LeastDoseG = 0.5;
    private const double MostDoseG = 1_000;

    /// <summary>The charge a wish comes to, or null where no charge within bounds gives it.</summary>
    /// <param name="recipe">The recipe to be scaled.</param>
    /// <param name="wish">The two quantities given.</param>
    public static Charge? Solve(Recipe recipe, ChargeWish wish)
    {
        var charge = Get(wish, Quantity.Dose) is { } doseG
            ? WithDose(recipe, wish, doseG)
            : WithoutDose(recipe, wish);
        return charge is { } found && found.DoseG is >= LeastDoseG and <= MostDoseG && found.WaterG is > 0 and <= Member.MostWaterG && found.Ratio > 1
            ? found
            : null;
    }

    /// <summary>The drink of a forecast, as the barista counts it, g.</summary>
    public static double DrinkG(Forecast forecast, DrinkCounting counting) =>
        counting == DrinkCounting.WaterPoured ? forecast.Recipe.WaterG : forecast.Totals.FinalG;

    private static double? Get(ChargeWish wish, Quantity quantity) =>
        wish.Locks.Last == quantity ? wish.LastValue : wish.Locks.Before == quantity ? wish.BeforeValue : null;

    private static Charge? WithDose(Recipe recipe, ChargeWish wish, double doseG)
    {
        if (Get(wish, Quantity.Water) is { } waterG)
        {
            return new Charge(doseG, waterG);
        }

        if (Get(wish, Quantity.Ratio) is { } ratio)
        {
            return new Charge(doseG, Grams(doseG * ratio));
        }

        var drinkG = Get(wish, Quantity.Drink)!.Value;
        return Meet(recipe, wish.Counting, drinkG, doseG * 1.5, doseG * 40, water => new Charge(doseG, water), Grams);
    }

    private static Charge? WithoutDose(Recipe recipe, ChargeWish wish)
    {
        if (Get(wish, Quantity.Drink) is not { } drinkG)
        {
            var water = Get(wish, Quantity.Water)!.Value;
            return new Charge(Tenths(water / Get(wish, Quantity.Ratio)!.Value), water);
        }

        if (Get(wish, Quantity.Water) is { } waterG)
        {
            return wish.Counting == DrinkCounting.WaterPoured
                ? null
                : Meet(recipe, wish.Counting, drinkG, waterG / 40, waterG / 1.5, dose => new Charge(dose, waterG), Tenths);
        }

        var ratio = Get(wish, Quantity.Ratio)!.Value;
        return Meet(recipe, wish.Counting, drinkG, LeastDoseG, MostDoseG, dose => new Charge(dose, dose * ratio), Tenths) is { } found
            ? found with { WaterG = Grams(found.DoseG * ratio) }
            : null;
    }

    /// <summary>Bisects on the forecast until the drink is met, then rounds to what a scale shows.</summary>
    private static Charge? Meet(Recipe recipe, DrinkCounting counting, double drinkG, double low, double high, Func<double, Charge> charge, Func<double, double> round)
    {
        double Miss(double unknown) => DrinkG(Forecaster.Run(Scaling.To(recipe, charge(unknown)), ForecastOptions.TotalsOnly), counting) - drinkG;
        var lowMiss = Miss(low);
        var highMiss = Miss(high);
        if (lowMiss * highMiss > 0)
        {
            return null;
        }

        // Regula falsi with the Illinois correction: the drink is almost linear in the charge.
        var side = 0;
        for (var i = 0; i < 40 && high - low > 1e-4; i++)
        {
            var next = ((low * highMiss) - (high * lowMiss)) / (highMiss - lowMiss);
            var miss = Miss(next);
            if (Math.Abs(miss) < 0.01)
            {
                return charge(round(next));
            }

            if (miss * highMiss > 0)
            {
                high = next;
                highMiss = miss;
                lowMiss = side == -1 ? lowMiss / 2 : lowMiss;
                side = -1;
            }
            else
            {
                low = next;
                lowMiss = miss;
                highMiss = side == 1 ? highMiss / 2 : highMiss;
                side = 1;
            }
        }

        return charge(round(0.5 * (low + high)));
    }

    private static double Tenths(double grams) => Math.Round(grams, 1, MidpointRounding.AwayFromZero);

    private static double Grams(double grams) => Math.Round(grams, MidpointRounding.AwayFromZero);
}
