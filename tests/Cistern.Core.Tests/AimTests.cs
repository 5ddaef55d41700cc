namespace Cistern.Core.Tests;

/// <summary>The target of a brew, and how likely a change is to meet it.</summary>
public sealed class AimTests
{
    private static readonly ForecastModel Model = ForecastModel.Published;

    /// <summary>A press with a window, and a target of a finish.</summary>
    private static Recipe Pressed
    {
        get
        {
            var recipe = RecipeLibrary.Find("tp-upright-short")!;
            var press = recipe.Steps.OfType<Step.Press>().Last();
            return recipe with { Steps = recipe.Steps.Replace(press, press with { Window = new Span(20, 30) }), Target = new Target { FinishS = new Span(80, 95) } };
        }
    }

    private static Aim? For(Recipe plan, double? pressS, AimOf of) =>
        Aim.For(new BrewRecord(Guid.Empty, plan, plan) { Measured = new MeasuredFigures { PressS = pressS } }, Model.Figures(plan)).FirstOrDefault(aim => aim.Of == of);

    /// <summary>A press that took twice its window met a bed twice too tight: half the force at the planned speed will do next time.</summary>
    [Theory]
    [InlineData(null, 0, 1e9)]
    [InlineData(30.5, 0, 1e9)]
    [InlineData(19.5, 0, 1e9)]
    [InlineData(31.0, 0, 30.0 / 31)]
    [InlineData(60.0, 0, 0.5)]
    [InlineData(19.0, 20.0 / 19, 1e9)]
    [InlineData(10.0, 2, 1e9)]
    [InlineData(0.2, 20, 1e9)]
    public void What_a_press_may_take_follows_from_how_long_it_took(double? pressS, double lowTimes, double highTimes)
    {
        var forceN = Model.Figures(Pressed).Totals.PressForceN!.Value;
        var aim = For(Pressed, pressS, AimOf.Press)!;
        Assert.Equal((Math.Min(0.9 * Aim.HardN, lowTimes * forceN), Math.Min(Aim.HardN, highTimes * forceN)), (aim.Range.Low, aim.Range.High));
        Assert.True(aim is { Set: true, OfFlow: true, Weight: 1 });
    }

    [Fact]
    public void A_press_without_a_window_may_be_as_hard_as_a_hand_should()
    {
        var plan = Pressed;
        var press = plan.Steps.OfType<Step.Press>().Last();
        Assert.Equal(new Span(0, 120), For(plan with { Steps = plan.Steps.Replace(press, press with { Window = null }) }, 200, AimOf.Press)!.Range);
    }

    /// <summary>A clock shows whole seconds; without a target of one's own the library's cup counts, with less weight.</summary>
    [Fact]
    public void What_is_set_counts_more_than_what_is_usual()
    {
        var finish = For(Pressed, null, AimOf.Finish)!;
        Assert.Equal((new Span(79.5, 95.5), new Span(80, 95)), (finish.Range, finish.AsSet));
        // Without any target nothing is aimed at; with a target for something else, the cup should stay as it is.
        Assert.Null(For(Pressed with { Target = null }, null, AimOf.Strength));
        var timed = Pressed with { Target = new Target { FinishS = new Span(80, 95) } };
        var (usual, lean, totals) = (For(timed, null, AimOf.Strength)!, For(timed, null, AimOf.FlavourSide)!, Model.Figures(timed).Totals);
        Assert.Equal((0.4, 0.4, false), (usual.Weight, lean.Weight, usual.OfFlow));
        Assert.Equal(totals.FinalTdsPercent, (usual.Range.Low + usual.Range.High) / 2, 9);

        Assert.Null(For(Pressed, null, AimOf.Yield));
        Assert.Equal(new Span(17, 19), For(Pressed with { Target = new Target { ExtractionYieldPercent = new Span(17, 19) } }, null, AimOf.Yield)!.Range);
    }

    /// <summary>A drain without a window must not stall; one with a window must keep to it.</summary>
    [Fact]
    public void A_drawdown_has_its_own_window_or_lasts_until_it_stalls()
    {
        var plan = RecipeLibrary.Find("vd-coffee-first")!;
        var drain = plan.Steps.OfType<Step.Drain>().Last();
        Assert.Equal(new Span(0, 240), For(plan with { Steps = plan.Steps.Replace(drain, drain with { Window = null }) }, null, AimOf.Drain)!.Range);
        Assert.Equal(new Span(40, 70), For(plan with { Steps = plan.Steps.Replace(drain, drain with { Window = new Span(40, 70) }) }, null, AimOf.Drain)!.Range);
        Assert.Null(For(Pressed, null, AimOf.Drain));
    }

    /// <summary>The normal distribution between its ends, never more certain than the spread of hands and beans allows.</summary>
    [Fact]
    public void The_chance_of_a_range_is_the_normal_one()
    {
        var aim = new Aim(AimOf.Finish, new Span(100, 120), Set: true);
        Assert.Equal(0.6826895, aim.Chance(110, 10), 1e-6);
        Assert.Equal(0.4772499, aim.Chance(100, 10), 1e-6);
        Assert.Equal(aim.Chance(99, 2), aim.Chance(99, 0.001), 1e-12);
        Assert.Equal((0.012, 0.06, 0.15, 4, 2, 2), (Least(AimOf.Strength), Least(AimOf.FlavourSide), Least(AimOf.Yield), Least(AimOf.Press), Least(AimOf.Drain), Least(AimOf.Finish)));

        static double Least(AimOf of) => new Aim(of, new Span(0, 1), Set: true).LeastSigma;
    }
}
