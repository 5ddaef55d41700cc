namespace Cistern.Web.Tests;

/// <summary>Advice, tastings and what was learned, in a barista's own units and settings.</summary>
public sealed class AdviceWordingTests
{
    private static readonly FigureFormat Metric = new(Units.Metric);
    private static readonly FigureFormat Imperial = new(new Units(MassUnit.Ounce, MassUnit.Ounce, TemperatureUnit.Fahrenheit, VolumeUnit.FluidOunce, 180));
    private static readonly Grinder Ferrule = new() { Name = "Ferrule", SettingName = "clicks", Least = 0, Most = 60, Step = 1, UmAtZero = 60, UmPerSetting = 26, Spread = 0.42 };
    private static readonly Grinder Counter = new() { Name = "Counter 64", SettingName = "settings", Least = 0, Most = 20, Step = 0.25, UmAtZero = 220, UmPerSetting = 55, Spread = 0.47, Labels = "F = 6.5" };

    [Theory]
    [InlineData(Adjustment.Grind, 580, 528, "Grind finer, 580 → 528 µm", "Grind finer, 580 → 528 µm")]
    [InlineData(Adjustment.Temperature, 92, 96, "Brew hotter, 92 → 96 °C", "Brew hotter, 198 → 205 °F")]
    [InlineData(Adjustment.Temperature, 96, 92, "Brew cooler, 96 → 92 °C", "Brew cooler, 205 → 198 °F")]
    [InlineData(Adjustment.Dose, 15, 17.5, "More coffee, 15.0 → 17.5 g", "More coffee, 0.53 → 0.62 oz")]
    [InlineData(Adjustment.Batch, 15, 18, "Make more of it, 15.0 → 18.0 g", null)]
    [InlineData(Adjustment.Water, 300, 280, "Less water, 300 → 280 g", null)]
    [InlineData(Adjustment.Dilution, 60, 85, "Dilute it, 60 → 85 g", null)]
    [InlineData(Adjustment.Release, 135, 200, "Steep longer, 2:15 → 3:20", "Steep longer, 2:15 → 3:20")]
    [InlineData(Adjustment.Release, 200, 135, "Steep shorter, 3:20 → 2:15", null)]
    [InlineData(Adjustment.Turns, 4, 2, "Stir less, 4 → 2 turns", null)]
    [InlineData(Adjustment.PressTime, 25, 37, "Press more slowly, 25 → 37 s", null)]
    [InlineData(Adjustment.PressTime, 37, 25, "Press more quickly, 37 → 25 s", null)]
    [InlineData(Adjustment.Flame, 180, 230, "Turn the flame up, 180 → 230 W", null)]
    [InlineData(Adjustment.Swirl, 0, 2, "Swirl once the water is in, 2 turns", null)]
    [InlineData(Adjustment.Settle, 0, 60, "Let it settle longer, 0 → 60 s", null)]
    [InlineData(Adjustment.Rinse, 0, 1, "Rinse the filter hot", null)]
    [InlineData(Adjustment.Preheat, 0, 1, "Warm the brewer first", null)]
    [InlineData(Adjustment.DrawBack, 0, 1, "Draw the plunger back a little", null)]
    [InlineData(Adjustment.Filter, 0, 1, "Use a denser paper", null)]
    [InlineData(Adjustment.Wrap, 0, 1, "Wrap a cloth round the brewer", null)]
    [InlineData(Adjustment.Stand, 0, 60, "Let it stand before you drink, 60 s", null)]
    [InlineData(Adjustment.AsPlanned, 0, 0, "The same again, as planned", null)]
    public void A_change_names_its_old_and_new_value(Adjustment adjustment, double from, double to, string metric, string? imperial)
    {
        Assert.Equal(metric, AdviceWording.Of(Change(adjustment, from, to), null, Metric));
        if (imperial is not null)
        {
            Assert.Equal(imperial, AdviceWording.Of(Change(adjustment, from, to), null, Imperial));
        }
    }

    [Fact]
    public void A_grind_is_shown_in_the_grinders_own_settings_and_labels()
    {
        Assert.Equal("22 → 20 clicks", AdviceWording.Step(Change(Adjustment.Grind, 632, 580), Ferrule, Metric));
        Assert.Equal("7.25 → F (6.5)", AdviceWording.Step(Change(Adjustment.Grind, 618.75, 577.5), Counter, Metric));
    }

    [Theory]
    [InlineData(0.97, "It should be right.")]
    [InlineData(0.95, "It should be right.")]
    [InlineData(0.62, "It should be right in about 62 of 100.")]
    [InlineData(0.3, "It should be right in about 30 of 100.")]
    [InlineData(0.29, "A first step: it should not be enough alone.")]
    public void The_chance_of_success_is_given_in_words(double chance, string told) => Assert.Equal(told, AdviceWording.Chance(Change(Adjustment.Dose, 15, 16) with { Chance = chance }));

    [Theory]
    [InlineData(0, 0, 0, 0, "")]
    [InlineData(4, 2, 0.04, 0.04, "")]
    [InlineData(65, 0, 0, 0, "done 1:05 later")]
    [InlineData(-20, 0, 0, 0, "done 0:20 sooner")]
    [InlineData(0, 12, 2.5, 0, "12 s more by hand, 2.5 g more coffee")]
    [InlineData(0, 0, -1.5, 0.3, "1.5 g less coffee, the drawdown may stall, 30 in 100")]
    [InlineData(0, 0, 0, 1, "it stalls")]
    public void What_it_costs_is_shown_and_trifles_are_not(double timeS, double handsS, double coffeeG, double stalls, string told) =>
        Assert.Equal(told, AdviceWording.Costs(new ChangeCosts(timeS, handsS, coffeeG, stalls), Metric));

    [Fact]
    public void The_figures_before_and_after_are_those_the_brew_has()
    {
        var change = Change(Adjustment.Dose, 24, 26);
        var figures = AdviceWording.Figures(change.Now.Totals, change.Then.Totals, Metric).ToDictionary(row => row.What, row => (row.Now, row.Then));
        Assert.Equal(["Strength", "Balance", "Extraction", "Drawdown", "In the cup", "Done at"], figures.Keys);
        Assert.Equal(("1.28", "1.28 % TDS"), figures["Strength"]);
        Assert.Equal(("0.19", "0.19, balanced"), figures["Balance"]);
        Assert.Equal(("2:04", "2:04"), figures["Drawdown"]);
        var press = ForecastModel.Published.Figures(RecipeLibrary.Find("tp-upright-short")!);
        Assert.Contains(AdviceWording.Figures(press.Totals, press.Totals, Metric), row => row is ("Force", "86", "86 N"));
    }

    [Theory]
    [InlineData(FitParameter.GrinderOffsetUm, 1.15, 0.3, "It grinds about 46 µm coarser than its scale (31 to 61 µm).")]
    [InlineData(FitParameter.GrinderOffsetUm, -1.15, 0.3, "It grinds about 46 µm finer than its scale (−61 to −31 µm).")]
    [InlineData(FitParameter.BedResistance, 1, 0.1, "Its bed is about 50 % tighter, so it draws down and presses slower and harder (1.42 to 1.58 times).")]
    [InlineData(FitParameter.Diffusion, -1, 0.1, "It gives about 20 % slower than the model assumes (0.78 to 0.82 times).")]
    [InlineData(FitParameter.Equilibrium, 1, 0.1, "It gives a little more in the end than most.")]
    [InlineData(FitParameter.HoldGPerG, -1, 0.1, "Its bed keeps about 0.15 g of water less on each gram of coffee.")]
    [InlineData(FitParameter.Gas, 1, 0.1, "It holds more gas than usual for its age.")]
    [InlineData(FitParameter.HeatLoss, -1, 0.1, "It loses heat about 13 % slower than is usual for its kind.")]
    [InlineData(FitParameter.PalateBalance, 1, 0.1, "Calls a balanced cup 1.0 point bitter.")]
    [InlineData(FitParameter.PalateBody, -1, 0.1, "Calls a drink of usual strength 1.5 points thin.")]
    [InlineData(FitParameter.PalateBalanceScale, 1, 0.1, "Uses much of the scale from sour to bitter.")]
    [InlineData(FitParameter.PalateBodyScale, -1, 0.1, "Uses little of the scale from thin to heavy.")]
    [InlineData(FitParameter.GrinderOffsetUm, 0.29, 0.1, null)]
    [InlineData(FitParameter.GrinderOffsetUm, 0.6, 0.7, null)]
    public void What_was_learned_is_shown_in_plain_words_and_what_is_hardly_known_is_not(FitParameter parameter, double sigmas, double spread, string? told) =>
        Assert.Equal(told, LearnedWording.Of(new LearnedParameter(parameter, "x", sigmas, spread), Metric));

    [Theory]
    [InlineData(FitFigure.TdsPercent, 1.314, "1.31 %", "1.314 %")]
    [InlineData(FitFigure.DrinkG, 12.3, "12 g", "12.3 g")]
    [InlineData(FitFigure.DrawdownS, 63, "1:03", "63 s")]
    [InlineData(FitFigure.SlurryC, 84.6, "85 °C", "85 °C")]
    public void A_figure_has_its_unit_and_so_has_what_it_is_off_by(FitFigure figure, double value, string told, string off) =>
        Assert.Equal((told, off), (LearnedWording.Figure(figure, value, Metric), LearnedWording.Off(figure, value, Metric)));

    [Theory]
    [InlineData(-2, -2, 6.5, "sour, thin, 6.5 of 10")]
    [InlineData(-1, 1, 8.0, "balanced, of middling body, 8 of 10")]
    [InlineData(2, 2, null, "bitter, heavy")]
    [InlineData(null, null, 7.0, "not placed on the pad, 7 of 10")]
    public void A_tasting_is_shown_in_a_few_words(int? sharp, int? thin, double? score, string told) =>
        Assert.Equal(told, TastedWording.Of(new Tasting { SourBitter = sharp, ThinHeavy = thin, Score = score }));

    [Fact]
    public void A_cup_is_described_by_its_extraction_and_its_balance()
    {
        var totals = ForecastModel.Published.Figures(RecipeLibrary.Find("vd-coffee-first")!).Totals;
        Assert.Equal("balanced", CupWording.Of(totals));
        Assert.Equal(string.Create(CultureInfo.InvariantCulture, $"well extracted, {100 * totals.ExtractionLevel:0} of 100"), CupWording.ExtractionLevelOf(totals));
        Assert.Equal("under-extracted, 60 of 100", CupWording.ExtractionLevelOf(totals with { ExtractionLevel = 0.6 }));
        Assert.Equal("over-extracted, 99 of 100", CupWording.ExtractionLevelOf(totals with { ExtractionLevel = 0.99 }));
        Assert.Equal(["sour", "just on the sour side", "balanced", "balanced", "just on the bitter side", "bitter"], ((double[])[-1.4, -0.61, -0.6, 0.4, 0.41, 1.4]).Select(FigureFormat.FlavourBalance));
    }

    private static AdvisedChange Change(Adjustment adjustment, double from, double to)
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var forecast = ForecastModel.Published.Figures(recipe);
        return new AdvisedChange(adjustment, from, to, recipe, forecast, forecast, 0.5, "", default);
    }
}
