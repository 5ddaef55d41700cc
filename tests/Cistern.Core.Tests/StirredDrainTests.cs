namespace Cistern.Core.Tests;

/// <summary>Stirring and swirling during a drawdown: inserted, forecast, conducted.</summary>
public sealed class StirredDrainTests
{
    [Theory]
    [InlineData("vd-coffee-first", "stir")]
    [InlineData("vd-coffee-first", "swirl")]
    [InlineData("ld-closed", "swirl")]
    [InlineData("si-layers", "stir")]
    public void A_step_added_to_a_drawdown_does_not_stop_it_and_slows_it(string id, string verb)
    {
        var plain = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var drain = plain.Timings.First(timing => plain.Recipe.Steps[timing.Index] is Step.Drain);
        var atS = Math.Round(drain.StartS + (0.4 * drain.LengthS));
        var put = new PlanWork(Plan.Of(plain.Recipe), new EmptyShelf(), ForecastModel.Published).Apply(new PlanChange.Put(verb, atS));
        Assert.Null(put.Refusal);
        Assert.DoesNotContain(RecipeChecker.Check(put.Plan.Base), finding => finding.Severity == Severity.Error);
        Assert.IsAssignableFrom<Step.Stirring>(put.Plan.Base.Steps[put.Step!.Value]);
        var stirred = ForecastModel.Published.Run(put.Plan.Base);
        Assert.Equal(atS, stirred.Timings[put.Step.Value].StartS, 1.5);
        // It goes on running during the stir, and the fines carried down by it make it slower.
        var (from, to) = (stirred.At(stirred.Timings[put.Step.Value].StartS), stirred.At(stirred.Timings[put.Step.Value].EndS));
        Assert.True(to.CupWaterG > from.CupWaterG);
        Assert.True(stirred.Totals.DrawdownS > plain.Totals.DrawdownS + 1, $"{stirred.Totals.DrawdownS} after {plain.Totals.DrawdownS}");
        Assert.True(stirred.Totals.DissolvedYieldPercent > plain.Totals.DissolvedYieldPercent);
        Assert.Equal(plain.Totals.BeverageG, stirred.Totals.BeverageG, 3.0);
        Assert.DoesNotContain(stirred.Events, one => one.Kind == BrewEventKind.DryBed);
    }

    /// <summary>A stir clogs more than a swirl.</summary>
    [Fact]
    public void A_stir_clogs_more_than_a_swirl()
    {
        double DrawdownS(Step.Stirring step) => ForecastModel.Published.Run(RecipeLibrary.Find("vd-coffee-first")! is var recipe
            ? recipe with { Steps = [.. recipe.Steps.SelectMany(one => one is Step.Drain ? [new Step.Drain(150) { AtS = one.AtS }, step, new Step.Drain()] : new[] { one })] } : recipe).Totals.DrawdownS!.Value;
        Assert.True(DrawdownS(new Step.Stir { Turns = 3, OverS = 4 }) > DrawdownS(new Step.Swirl { Turns = 3, OverS = 4 }) + 1);
    }
}
