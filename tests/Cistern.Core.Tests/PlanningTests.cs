namespace Cistern.Core.Tests;

public sealed class PlanningTests
{
    private static readonly Recipe Press = RecipeLibrary.Find("fp-water-first")!;

    [Fact]
    public void Half_a_litre_in_the_cups_takes_36_g_and_not_31()
    {
        var drinkG = 500 * WaterPhysics.DensityGPerMl(60);
        var batch = BatchSolver.Solve(Press, new BatchWish(new Locks(Quantity.Drink, Quantity.Ratio), drinkG, 16, DrinkCounting.InTheCup), ForecastModel.Published)!.Value;
        Assert.InRange(batch.DoseG, 34.5, 36.5);
        Assert.Equal(batch.DoseG * 16, batch.WaterG, 1.0);
        Assert.Equal(drinkG, ForecastModel.Published.Run(Scaling.To(Press, batch)).Totals.FinalG, 1.5);

        var poured = BatchSolver.Solve(Press, new BatchWish(new Locks(Quantity.Drink, Quantity.Ratio), 500, 16, DrinkCounting.WaterPoured), ForecastModel.Published)!.Value;
        Assert.Equal(31.3, poured.DoseG, 0.1);
    }

    [Theory]
    [InlineData(Quantity.Dose, Quantity.Water)]
    [InlineData(Quantity.Dose, Quantity.Ratio)]
    [InlineData(Quantity.Dose, Quantity.Drink)]
    [InlineData(Quantity.Water, Quantity.Ratio)]
    [InlineData(Quantity.Water, Quantity.Drink)]
    [InlineData(Quantity.Ratio, Quantity.Drink)]
    public void Any_two_quantities_give_the_other_two_back(Quantity last, Quantity before)
    {
        var batch = Scaling.BatchOf(Press);
        double Of(Quantity quantity) => quantity switch
        {
            Quantity.Dose => batch.DoseG,
            Quantity.Water => batch.WaterG,
            Quantity.Ratio => batch.Ratio,
            _ => ForecastModel.Published.Run(Press).Totals.FinalG,
        };
        var found = BatchSolver.Solve(Press, new BatchWish(new Locks(last, before), Of(last), Of(before), DrinkCounting.InTheCup), ForecastModel.Published)!.Value;
        Assert.Equal(batch.DoseG, found.DoseG, 0.11);
        Assert.Equal(batch.WaterG, found.WaterG, 1.1);
    }

    [Fact]
    public void A_drink_no_batch_can_give_is_refused() =>
        Assert.Null(BatchSolver.Solve(Press, new BatchWish(new Locks(Quantity.Drink, Quantity.Water), 500, 300, DrinkCounting.InTheCup), ForecastModel.Published));

    [Fact]
    public void A_third_edit_lets_the_oldest_go()
    {
        var locks = Locks.Written.Edited(Quantity.Drink);
        Assert.True(locks.Holds(Quantity.Drink) && locks.Holds(Quantity.Ratio) && !locks.Holds(Quantity.Dose));
        Assert.Equal(locks, locks.Edited(Quantity.Drink));
        Assert.True(locks.Edited(Quantity.Water).Holds(Quantity.Drink));
    }

    [Fact]
    public void Pours_scale_and_slow_down_before_the_stream_passes_15_g_a_second()
    {
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var scaled = Scaling.To(recipe, new Batch(54, 810));
        var pours = scaled.Steps.OfType<Step.Pour>().ToList();
        Assert.Equal(110, pours[0].ToG);
        Assert.Equal(810, pours[1].ToG);
        Assert.True((pours[1].ToG - pours[0].ToG) / pours[1].OverS <= Math.Max(15, 350.0 / 16) + 0.01);
        Assert.Equal(recipe.Steps.OfType<Step.BreakCrust>().Single().Turns, scaled.Steps.OfType<Step.BreakCrust>().Single().Turns);
    }

    [Fact]
    public void Scaled_to_fit_it_fits()
    {
        var over = Scaling.To(RecipeLibrary.Find("fp-slow-eight")!, new Batch(70, 1246));
        Assert.Contains(ForecastModel.Published.Run(over).Events, one => one.Kind == BrewEventKind.Overflow);
        var fitting = Scaling.To(over, Scaling.ToFit(over, ForecastModel.Published));
        Assert.DoesNotContain(ForecastModel.Published.Run(fitting).Events, one => one.Kind is BrewEventKind.Overflow or BrewEventKind.NearlyFull);
        Assert.Equal(70.0 / 1246, fitting.Coffee.DoseG / fitting.WaterG, 0.0005);
    }

    [Theory]
    [InlineData("fp-bloomed", 500)]
    [InlineData("jar-spoons", 300)]
    [InlineData("vd-water-first", 400)]
    [InlineData("si-layers", 240)]
    public void Filled_to_a_mark_it_stands_there_at_its_ratio(string id, double markMl)
    {
        var written = RecipeLibrary.Find(id)!;
        var work = new PlanWork(Plan.Of(written), new EmptyShelf(), ForecastModel.Published);
        // The ratio overrides whatever was locked.
        work = new PlanWork(work.Apply(new PlanChange.Hold(Quantity.Drink, 150)).Plan, new EmptyShelf(), ForecastModel.Published);
        var filled = work.Apply(new PlanChange.Fill(markMl));
        Assert.Null(filled.Refusal);
        var after = new PlanWork(filled.Plan, new EmptyShelf(), ForecastModel.Published);
        Assert.InRange(after.Forecast.Totals.PeakVolumeMl, markMl - 6, markMl);
        Assert.Equal(work.Batch.Ratio, after.Batch.Ratio, 0.2);
        Assert.Equal(after.Batch.DoseG, after.Plan.Held!.Last);
    }

    [Fact]
    public void Full_is_95_of_100_and_a_mark_above_that_is_no_more()
    {
        var work = new PlanWork(Plan.Of(RecipeLibrary.Find("fp-bloomed")!), new EmptyShelf(), ForecastModel.Published);
        var full = work.Apply(new PlanChange.Fill(null)).Plan.Batch!.Value;
        Assert.Equal(full, work.Apply(new PlanChange.Fill(5_000)).Plan.Batch!.Value);
        Assert.InRange(ForecastModel.Published.Run(Scaling.To(work.Recipe, full)).Totals.PeakVolumeMl / work.Recipe.Brewer.CapacityMl, 0.94, 0.95);
        // A recipe that fits already is not enlarged by fitting.
        Assert.Equal(work.Batch, new PlanWork(work.Apply(new PlanChange.Fit()).Plan, new EmptyShelf(), ForecastModel.Published).Batch);
        Assert.Equal(PlanRefusal.NoBatch, work.Apply(new PlanChange.Fill(4)).Refusal);
    }

    [Fact]
    public void Scaled_to_fit_it_fits_whatever_was_held_and_the_server_too()
    {
        foreach (var (first, second) in new[] { (Quantity.Water, Quantity.Drink), (Quantity.Dose, Quantity.Water), (Quantity.Ratio, Quantity.Drink) })
        {
            var work = new PlanWork(Plan.Of(RecipeLibrary.Find("fp-bloomed")!), new EmptyShelf(), ForecastModel.Published);
            work = new PlanWork(work.Apply(new PlanChange.Hold(first, Of(work, first))).Plan, new EmptyShelf(), ForecastModel.Published);
            work = new PlanWork(work.Apply(new PlanChange.Hold(second, Of(work, second))).Plan, new EmptyShelf(), ForecastModel.Published);
            Assert.Contains(work.Forecast.Events, one => one.Kind == BrewEventKind.Overflow);
            var fitting = new PlanWork(work.Apply(new PlanChange.Fit()).Plan, new EmptyShelf(), ForecastModel.Published);
            Assert.DoesNotContain(fitting.Forecast.Events, one => one.Kind is BrewEventKind.Overflow or BrewEventKind.NearlyFull);
        }

        var served = new PlanWork(Plan.Of(RecipeLibrary.Find("fp-bloomed")!) with { Picks = new PlanPicks { ServerId = 1 } }, new EmptyShelf(ServerMl: 240), ForecastModel.Published);
        Assert.Contains(served.Forecast.Events, one => one.Kind == BrewEventKind.ServerOverflow);
        Assert.DoesNotContain(new PlanWork(served.Apply(new PlanChange.Fit()).Plan, new EmptyShelf(ServerMl: 240), ForecastModel.Published).Forecast.Events, one => one.Kind == BrewEventKind.ServerOverflow);

        static double Of(PlanWork work, Quantity quantity) => quantity switch { Quantity.Dose => 90, Quantity.Water => 1_500, Quantity.Drink => 1_300, _ => 14 };
    }

    [Theory]
    [InlineData("15,5", 15.5)]
    [InlineData(" 15.5 ", 15.5)]
    [InlineData("20", 20.0)]
    public void A_number_may_have_a_comma_or_a_point(string text, double value) =>
        Assert.Equal(value, TypedNumber.Read(text, 1, 30, "g").Value);

    [Theory]
    [InlineData("")]
    [InlineData("abc")]
    [InlineData("-3")]
    [InlineData("NaN")]
    [InlineData("Infinity")]
    [InlineData("1e309")]
    [InlineData("1e2")]
    [InlineData("1,000.5")]
    [InlineData("0x10")]
    [InlineData("999999999999999999999999999999999999999")]
    public void A_number_out_of_range_is_a_finding_and_stays(string text)
    {
        var typed = TypedNumber.Read(text, 1, 30, "g");
        Assert.Null(typed.Value);
        Assert.NotNull(typed.Problem);
        Assert.Equal(text, typed.Text);
    }
}
