namespace Cistern.Web.Tests;

/// <summary>The forecast of each library recipe agrees with its own reason.</summary>
public sealed class ReasonTests
{
    private static Totals Of(string id) => ForecastModel.Published.Figures(RecipeLibrary.Find(id)!).Totals;

    private static string Reason(string id) => StyleWording.ReasonOf(id)!;

    [Fact]
    public void Recipes_are_described_by_balance_and_extraction_and_none_is_a_fault()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var (cup, reason) = (CupJudgement.Of(Of(recipe.Id)), Reason(recipe.Id));
            Assert.True(cup.FlavourSide is not (FlavourSide.Sour or FlavourSide.Bitter), recipe.Id);
            Assert.True(cup.ExtractionLevel != ExtractionLevel.Under, recipe.Id);
            Assert.True(cup.FlavourSide != FlavourSide.BitterSide || reason.Contains(CupJudgement.BalanceOf(Of(recipe.Id).FlavourBalance), StringComparison.Ordinal), recipe.Id);
            Assert.True(cup.FlavourSide != FlavourSide.SourSide || reason.Contains("bright", StringComparison.Ordinal), recipe.Id);
            Assert.Equal(cup.ExtractionLevel == ExtractionLevel.ToTheEnd, reason.Contains("to the end and", StringComparison.Ordinal));
        }
    }

    [Fact]
    public void What_a_reason_claims_the_forecast_shows()
    {
        // Of two ways one is said to be more of something.
        Assert.True(Of("fp-long-settle").SedimentGPer100G < Of("fp-bloomed").SedimentGPer100G, "settled");
        Assert.True(Of("fp-slow-eight").SedimentGPer100G < Of("fp-bloomed").SedimentGPer100G, "less mud");
        Assert.True(Of("fp-slow-eight").DissolvedYieldPercent > Of("fp-water-first").DissolvedYieldPercent, "time makes up");
        Assert.True(Of("tp-turned-cool").FlavourBalance < Of("tp-turned").FlavourBalance, "a bright coffee stays bright");
        Assert.True(Of("tp-turned").FinalTdsPercent > Of("tp-upright-short").FinalTdsPercent, "more body");
        Assert.True(Of("vd-water-first").DrawdownS < Of("vd-coffee-first").DrawdownS, "drains quicker");
        Assert.True(Of("vd-two-pours").DrawdownS > Of("vd-coffee-first").DrawdownS && Of("vd-two-pours").SedimentGPer100G < Of("vd-coffee-first").SedimentGPer100G, "slower, and clear");
        Assert.True(Of("si-whirl").FinishS < Of("si-layers").FinishS, "soon over");
        Assert.True(Of("jar-spoons").FinalTdsPercent > 1.4, "boldly dosed");
        var open = RecipeLibrary.Find("ld-open-closed-iced")!;
        var coarser = ForecastModel.Published.Figures(open with { Grind = open.Grind with { MedianUm = 1.3 * open.Grind.MedianUm } }).Totals;
        Assert.True(coarser.FlavourBalance < Of(open.Id).FlavourBalance - 0.2 && CupJudgement.FlavourSideOf(coarser.FlavourBalance) == FlavourSide.Balanced, "a coarser grind is brighter");
    }
}
