namespace Cistern.Core.Tests;

/// <summary>A grinder that nobody has measured.</summary>
public sealed class GrinderEstimateTests
{
    private static double At(GrinderEstimate grinder, double setting) => grinder.UmAtZero + (grinder.UmPerSetting * setting);

    /// <summary>One more direction of uncertainty: added in quadrature to the rest, and none where brews know better.</summary>
    [Fact]
    public void An_uncertain_grind_widens_the_bands_by_its_effect()
    {
        var recipe = RecipeLibrary.All.First(one => one.Id == "tp-upright-short");
        var sure = ForecastModel.Published;
        Band Of(ForecastModel model) => Confidence.Of(model.Run(recipe))[Outcome.TdsPercent];
        Band OfGrinder(double sigmaUm) => Of(sure with { Spread = sure.Spread.WithGrinderOffBy(sigmaUm) });
        double Tds(double offUm) => sure.Figures(recipe with { Grind = recipe.Grind with { MedianUm = recipe.Grind.MedianUm + offUm } }).Totals.TdsPercent;

        var (narrow, wide) = (Of(sure), OfGrinder(150));
        var byGrind = Confidence.Eighty * (Tds(-150) - Tds(150)) / 2;
        Assert.Equal(narrow.Value, wide.Value, 1e-9);
        Assert.Equal(Math.Sqrt(Math.Pow(narrow.High - narrow.Value, 2) + Math.Pow(byGrind, 2)), wide.High - wide.Value, 2e-3);
        Assert.True(byGrind > 0.05, $"{byGrind:0.000} % TDS");
        Assert.True(OfGrinder(300).High > wide.High);

        // What was learned of the grinder's offset is kept as it is.
        var learned = new ModelSpread([[0, 0, 0, 0, 0, 0, 12]]);
        Assert.Same(learned, learned.WithGrinderOffBy(150));
        Assert.Equal(sure.Spread.WithGrinderOffBy(150), sure.Spread.WithGrinderOffBy(150));
        Assert.NotEqual(sure.Spread.WithGrinderOffBy(150), sure.Spread.WithGrinderOffBy(151));
    }

    [Fact]
    public void An_unmeasured_grinder_goes_from_fine_to_coarse_with_a_wide_band()
    {
        var grinder = new GrinderEstimate(2, 42, []);
        Assert.Equal((150, 1_400), (At(grinder, 2), At(grinder, 42)));
        Assert.Equal(1_250.0 / 40, grinder.UmPerSetting, 1e-9);
        Assert.Equal((1.28 * 110, 1.28 * 420), (grinder.HalfWidthUm(2), grinder.HalfWidthUm(42)));
    }

    [Fact]
    public void Its_usual_brewer_moves_and_narrows_a_grinders_line()
    {
        var nothing = new GrinderEstimate(0, 60, []);
        var one = new GrinderEstimate(0, 60, [KnownGrind.UsualFor(31, BrewerFamily.FrenchPress)]);
        var two = new GrinderEstimate(0, 60, [KnownGrind.UsualFor(31, BrewerFamily.FrenchPress), KnownGrind.UsedForPaper(20)]);
        Assert.Equal(928, KnownGrind.UsualFor(31, BrewerFamily.FrenchPress).Um, 1.0);
        Assert.InRange(At(one, 31), At(nothing, 31), 928);
        Assert.InRange(At(two, 31), 820, 928);
        Assert.InRange(At(two, 20), 500, 620);
        Assert.True(nothing.HalfWidthUm(25) > one.HalfWidthUm(25) && one.HalfWidthUm(25) > two.HalfWidthUm(25));
        // The order of the answers does not matter.
        var turned = new GrinderEstimate(0, 60, [KnownGrind.UsedForPaper(20), KnownGrind.UsualFor(31, BrewerFamily.FrenchPress)]);
        Assert.Equal(two.UmAtZero, turned.UmAtZero, 1e-6);
        Assert.Equal(two.UmPerSetting, turned.UmPerSetting, 1e-6);
    }

    /// <summary>For grinders that differ from the estimate, the truth lies in the band about as often as the band claims.</summary>
    [Fact]
    public void The_band_holds_the_truth_four_times_of_five()
    {
        var random = new Random(4);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var held = 0;
        const int Grinders = 2_000;
        for (var i = 0; i < Grinders; i++)
        {
            var (first, last) = (150 + (110 * Normal()), 1_400 + (420 * Normal()));
            double True(double setting) => first + ((last - first) * setting / 40);
            var grinder = new GrinderEstimate(0, 40, [new KnownGrind(12, True(12) + (90 * Normal()), 90), new KnownGrind(27, True(27) + (160 * Normal()), 160)]);
            held += Math.Abs(At(grinder, 20) - True(20)) < grinder.HalfWidthUm(20) ? 1 : 0;
        }

        Assert.InRange(held / (double)Grinders, 0.77, 0.83);
    }

    [Fact]
    public void A_word_is_as_wide_as_people_use_it()
    {
        var said = KnownGrind.FromLook(20, GrainWords.Find("table salt")!);
        Assert.Equal((20, Math.Sqrt(300 * 650), 350 / 2.56), (said.Setting, said.Um, said.SigmaUm));
    }

    [Fact]
    public void Contradicting_answers_give_a_line_in_the_wrong_direction() =>
        Assert.True(new GrinderEstimate(0, 40, [new KnownGrind(2, 1_200, 20), new KnownGrind(38, 300, 20)]).UmPerSetting < 0);
}
