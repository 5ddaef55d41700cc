using Cistern.Core.Forecasts;
using Cistern.Core.Physics;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Tests;

public sealed class PlanningTests
{
    private static readonly Recipe Press = RecipeLibrary.Find("fp-water-first")!;

    [Fact]
    public void Half_a_litre_in_the_cups_takes_36_g_and_not_31()
    {
        var drinkG = 500 * WaterPhysics.DensityGPerMl(60);
        var charge = ChargeSolver.Solve(Press, new ChargeWish(new Locks(Quantity.Drink, Quantity.Ratio), drinkG, 16, DrinkCounting.InTheCup), ForecastModel.Published)!.Value;
        Assert.InRange(charge.DoseG, 34.5, 36.5);
        Assert.Equal(charge.DoseG * 16, charge.WaterG, 1.0);
        Assert.Equal(drinkG, ForecastModel.Published.Run(Scaling.To(Press, charge)).Totals.FinalG, 1.5);

        var poured = ChargeSolver.Solve(Press, new ChargeWish(new Locks(Quantity.Drink, Quantity.Ratio), 500, 16, DrinkCounting.WaterPoured), ForecastModel.Published)!.Value;
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
        var charge = Scaling.ChargeOf(Press);
        double Of(Quantity quantity) => quantity switch
        {
            Quantity.Dose => charge.DoseG,
            Quantity.Water => charge.WaterG,
            Quantity.Ratio => charge.Ratio,
            _ => ForecastModel.Published.Run(Press).Totals.FinalG,
        };
        var found = ChargeSolver.Solve(Press, new ChargeWish(new Locks(last, before), Of(last), Of(before), DrinkCounting.InTheCup), ForecastModel.Published)!.Value;
        Assert.Equal(charge.DoseG, found.DoseG, 0.11);
        Assert.Equal(charge.WaterG, found.WaterG, 1.1);
    }

    [Fact]
    public void What_no_charge_can_give_is_said_to_be_so() =>
        Assert.Null(ChargeSolver.Solve(Press, new ChargeWish(new Locks(Quantity.Drink, Quantity.Water), 500, 300, DrinkCounting.InTheCup), ForecastModel.Published));

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
        var scaled = Scaling.To(recipe, new Charge(54, 810));
        var pours = scaled.Steps.OfType<Step.Pour>().ToList();
        Assert.Equal(110, pours[0].ToG);
        Assert.Equal(810, pours[1].ToG);
        Assert.True((pours[1].ToG - pours[0].ToG) / pours[1].OverS <= Math.Max(15, 350.0 / 16) + 0.01);
        Assert.Equal(recipe.Steps.OfType<Step.BreakCrust>().Single().Turns, scaled.Steps.OfType<Step.BreakCrust>().Single().Turns);
    }

    [Fact]
    public void Scaled_to_fit_it_fits()
    {
        var over = Scaling.To(RecipeLibrary.Find("fp-slow-eight")!, new Charge(70, 1246));
        Assert.Contains(ForecastModel.Published.Run(over).Events, one => one.Kind == BrewEventKind.Overflow);
        var fitting = Scaling.To(over, Scaling.ToFit(over, ForecastModel.Published));
        Assert.DoesNotContain(ForecastModel.Published.Run(fitting).Events, one => one.Kind is BrewEventKind.Overflow or BrewEventKind.NearlyFull);
        Assert.Equal(70.0 / 1246, fitting.Coffee.DoseG / fitting.WaterG, 0.0005);
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
    public void What_is_no_number_in_range_is_said_and_kept(string text)
    {
        var typed = TypedNumber.Read(text, 1, 30, "g");
        Assert.Null(typed.Value);
        Assert.NotNull(typed.Problem);
        Assert.Equal(text, typed.Text);
    }
}
