using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Web.Wording;

namespace Cistern.Web.Tests;

/// <summary>Each recipe of the library is expected to be as its own reason says.</summary>
public sealed class ReasonTests
{
    private static Totals Of(string id) => ForecastModel.Published.Figures(RecipeLibrary.Find(id)!).Totals;

    private static string Reason(string id) => SchoolWording.ReasonOf(id)!;

    [Fact]
    public void What_lies_on_a_side_or_is_drawn_to_the_end_says_so_and_nothing_is_a_fault()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var (cup, reason) = (CupJudgement.Of(Of(recipe.Id)), Reason(recipe.Id));
            Assert.True(cup.Lean is not (Lean.Sour or Lean.Bitter), recipe.Id);
            Assert.True(cup.Drawn != Drawn.Under, recipe.Id);
            Assert.True(cup.Lean != Lean.BitterSide || reason.Contains(CupJudgement.BalanceOf(Of(recipe.Id).Tilt), StringComparison.Ordinal), recipe.Id);
            Assert.True(cup.Lean != Lean.SourSide || reason.Contains("bright", StringComparison.Ordinal), recipe.Id);
            Assert.Equal(cup.Drawn == Drawn.ToTheEnd, reason.Contains("to the end and", StringComparison.Ordinal));
        }
    }

    [Fact]
    public void What_a_reason_claims_the_forecast_shows()
    {
        // Of two ways of doing it the one is said to be more of something.
        Assert.True(Of("fp-long-settle").SedimentGPer100G < Of("fp-bloomed").SedimentGPer100G, "settled");
        Assert.True(Of("fp-slow-eight").SedimentGPer100G < Of("fp-bloomed").SedimentGPer100G, "less mud");
        Assert.True(Of("fp-slow-eight").DissolvedYieldPercent > Of("fp-water-first").DissolvedYieldPercent, "time makes up");
        Assert.True(Of("tp-turned-cool").Tilt < Of("tp-turned").Tilt, "a bright coffee stays bright");
        Assert.True(Of("tp-turned").FinalTdsPercent > Of("tp-upright-short").FinalTdsPercent, "more body");
        Assert.True(Of("vd-water-first").DrawdownS < Of("vd-coffee-first").DrawdownS, "drains quicker");
        Assert.True(Of("vd-two-pours").DrawdownS > Of("vd-coffee-first").DrawdownS && Of("vd-two-pours").SedimentGPer100G < Of("vd-coffee-first").SedimentGPer100G, "slower, and clear");
        Assert.True(Of("si-whirl").FinishS < Of("si-layers").FinishS, "soon over");
        Assert.True(Of("jar-spoons").FinalTdsPercent > 1.4, "boldly dosed");
        var open = RecipeLibrary.Find("ld-open-closed-iced")!;
        var coarser = ForecastModel.Published.Figures(open with { Grind = open.Grind with { MedianUm = 1.3 * open.Grind.MedianUm } }).Totals;
        Assert.True(coarser.Tilt < Of(open.Id).Tilt - 0.2 && CupJudgement.LeanOf(coarser.Tilt) == Lean.Balanced, "a coarser grind is brighter");
    }
}
