namespace Cistern.Core.Planning;

/// <summary>How much there is to clean. Judged.</summary>
public enum WashingUp
{
    /// <summary>The paper or the puck out, a rinse.</summary>
    Little,

    /// <summary>Grounds to remove from a mesh or a jar.</summary>
    Some,

    /// <summary>Several parts, and a cloth that needs care.</summary>
    Much,
}

/// <summary>What somebody wants to drink, and the equipment and time there is. Null where nothing was asked.</summary>
public sealed record Wish
{
    /// <summary>The drink, ml.</summary>
    public double? DrinkMl { get; init; }

    /// <summary>Of which vessels.</summary>
    public BrewerFamily? Family { get; init; }

    /// <summary>With milk: it must stand up to it.</summary>
    public bool? Milk { get; init; }

    /// <summary>Over ice.</summary>
    public bool? Iced { get; init; }

    /// <summary>How long it may take in all, s.</summary>
    public double? WithinS { get; init; }

    /// <summary>How long hands may be needed, s.</summary>
    public double? HandsS { get; init; }

    /// <summary>The most washing-up.</summary>
    public WashingUp? Washing { get; init; }

    /// <summary>The style.</summary>
    public string? Style { get; init; }

    /// <summary>The coffee, its dose not counted.</summary>
    public Coffee? Coffee { get; init; }

    /// <summary>Coffee there is, g.</summary>
    public double? LeftG { get; init; }
}

/// <summary>Ways in which a recipe does not meet a wish.</summary>
public enum Misfit
{
    /// <summary>Another vessel.</summary>
    Vessel,

    /// <summary>Too weak for milk.</summary>
    TooWeakForMilk,

    /// <summary>Hot where iced was wanted.</summary>
    Hot,

    /// <summary>Iced where hot was wanted.</summary>
    Iced,

    /// <summary>It takes too long.</summary>
    TooLong,

    /// <summary>It needs hands for too long.</summary>
    TooBusy,

    /// <summary>More washing-up.</summary>
    MoreWashing,

    /// <summary>Another style.</summary>
    Style,

    /// <summary>The vessel cannot hold so much.</summary>
    TooMuch,

    /// <summary>There is not enough coffee left.</summary>
    BagTooSmall,
}

/// <summary>A recipe compared with a wish.</summary>
/// <param name="Recipe">The recipe, scaled to the drink wanted.</param>
/// <param name="Forecast">Its forecast.</param>
/// <param name="HandsS">Seconds that need the barista's hands.</param>
/// <param name="Washing">What there is to clean.</param>
/// <param name="Misfits">Where it does not meet the wish; empty where it does.</param>
public sealed record Choice(Recipe Recipe, Forecast Forecast, double HandsS, WashingUp Washing, IReadOnlyList<Misfit> Misfits);

/// <summary>Finds the recipes that meet a wish.</summary>
public static class Choosing
{
    /// <summary>The least strength for a drink with milk, % TDS. Judged.</summary>
    public const double MilkTdsPercent = 1.5;

    /// <summary>Duration of a short action that has no length of its own, s. Judged.</summary>
    internal const double MinHandsS = 3;

    /// <summary>All recipes, best match first; the quicker of two that match alike.</summary>
    public static IReadOnlyList<Choice> Of(IEnumerable<Recipe> recipes, Wish wish, ForecastModel model) =>
        [.. recipes.AsParallel().AsOrdered().Select(recipe => Weigh(recipe, wish, model)).AsEnumerable().OrderBy(choice => choice.Misfits.Count).ThenBy(choice => choice.Forecast.Totals.FinishS)];

    /// <summary>Seconds of a brew that need hands: all but waits and drawdowns.</summary>
    public static double HandsS(Forecast forecast) => forecast.Timings.Sum(timing =>
        Verb.TraitsOf(forecast.Recipe.Steps[timing.Index]).Hands ? Math.Max(MinHandsS, timing.LengthS) : 0);

    /// <summary>The cleaning that a vessel needs. Judged.</summary>
    public static WashingUp WashingOf(Brewer brewer) => brewer.Family switch
    {
        BrewerFamily.Siphon => WashingUp.Much,
        BrewerFamily.FrenchPress or BrewerFamily.Jar => WashingUp.Some,
        BrewerFamily.TubePress or BrewerFamily.ValveDripper or BrewerFamily.LeverDripper => WashingUp.Little,
    };

    private static Choice Weigh(Recipe written, Wish wish, ForecastModel model)
    {
        var recipe = wish.Coffee is { } coffee ? written with { Coffee = coffee with { DoseG = written.Coffee.DoseG } } : written;
        var misfits = new List<Misfit>();
        var forecast = model.Run(recipe);
        if (wish.DrinkMl is { } drinkMl)
        {
            forecast = forecast.Latest(drinkMl, () => model.Figures(ScaledTo(drinkMl, recipe, model)));
            recipe = forecast.Recipe;
        }

        var totals = forecast.Totals;
        var handsS = HandsS(forecast);
        var washing = WashingOf(recipe.Brewer);
        Note(wish.Family is { } family && family != recipe.Brewer.Family, Misfit.Vessel);
        // What is diluted can be left strong.
        Note(wish.Milk == true && (totals.ChilledTdsPercent ?? totals.TdsPercent) < MilkTdsPercent, Misfit.TooWeakForMilk);
        Note(wish.Iced == true && totals.ChilledC is null, Misfit.Hot);
        Note(wish.Iced == false && totals.ChilledC is not null, Misfit.Iced);
        Note(wish.WithinS is { } withinS && totals.FinishS > withinS, Misfit.TooLong);
        Note(wish.HandsS is { } mostS && handsS > mostS, Misfit.TooBusy);
        Note(wish.Washing is { } most && washing > most, Misfit.MoreWashing);
        Note(wish.Style is { } style && style != recipe.Style, Misfit.Style);
        Note(totals.PeakVolumeMl > recipe.RoomMl, Misfit.TooMuch);
        Note(wish.LeftG is { } leftG && recipe.Coffee.DoseG > leftG, Misfit.BagTooSmall);
        return new Choice(recipe, forecast, handsS, washing, misfits);

        void Note(bool falls, Misfit misfit)
        {
            if (falls)
            {
                misfits.Add(misfit);
            }
        }
    }

    /// <summary>The recipe scaled to another drink at its own ratio; unchanged where no batch gives that drink.</summary>
    private static Recipe ScaledTo(double drinkMl, Recipe recipe, ForecastModel model)
    {
        var drinkG = drinkMl * WaterPhysics.DensityGPerMl(60);
        // Coarse time steps are enough for a batch rounded to 0.1 g.
        var batch = BatchSolver.Solve(recipe, new BatchWish(new Locks(Quantity.Drink, Quantity.Ratio), drinkG, Scaling.BatchOf(recipe).Ratio, DrinkCounting.InTheCup), model.ForDifferences());
        return batch is { } found ? Scaling.To(recipe, found) : recipe;
    }
}
