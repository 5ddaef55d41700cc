using System.Text.Json;
using Cistern.Bench;

namespace Cistern.Core.Tests;

/// <summary>Learning from simulated brews whose true parameters are known.</summary>
public sealed class FitTests
{
    private static readonly ForecastModel Unfitted = ForecastModel.Published;

    [Fact]
    public void Five_brews_forecast_a_baristas_next_one_far_better_than_the_table()
    {
        var ratios = new List<double>();
        var held = 0;
        for (var seed = 0; seed < 12; seed++)
        {
            var recipe = RecipeLibrary.All[(5 * seed) % RecipeLibrary.All.Count];
            var barista = new SimulatedBarista(seed);
            var learned = Fitter.Of(Brews(barista, recipe, 5), Unfitted);
            var unseen = recipe with { Coffee = recipe.Coffee with { DoseG = 1.1 * recipe.Coffee.DoseG } };
            var truth = barista.Truth.Figures(unseen).Totals.FinalTdsPercent;
            var fitted = learned.Model(Unfitted, Keys(recipe)).Figures(unseen);
            ratios.Add(Math.Abs(fitted.Totals.FinalTdsPercent - truth) / Math.Max(1e-6, Math.Abs(Unfitted.Figures(unseen).Totals.FinalTdsPercent - truth)));
            var band = Confidence.Of(fitted)[Outcome.TdsPercent];
            held += truth >= band.Low && truth <= band.High ? 1 : 0;
            Assert.True(band.High - band.Low < 0.5 * (Confidence.Of(Unfitted.Figures(unseen))[Outcome.TdsPercent] is var wide ? wide.High - wide.Low : 0));
        }

        Assert.True(ratios.Order().ElementAt(6) < 0.4, string.Join(" ", ratios));
        Assert.InRange(held, 8, 12);
    }

    [Fact]
    public void A_grinder_coarser_than_its_table_and_a_slow_bed_are_found_out()
    {
        var truth = Unfitted with { Parameters = Unfitted.Parameters with { GrindOffsetUm = 45, CakeResistance = 1.6, HoldShiftGPerG = 0.2 } };
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var brews = Enumerable.Range(0, 8).Select(i => Measured(truth, recipe with { Grind = recipe.Grind with { MedianUm = 520 + (40 * i) } }, "Ferrule", "dripper", "Blue Ferry"));
        var learned = Fitter.Of(brews, Unfitted);
        Assert.Equal(1.6, Value(learned, FitParameter.BedResistance, "Ferrule"), 0.2);
        Assert.Equal(0.2, Value(learned, FitParameter.HoldGPerG, "dripper"), 0.02);
        var offset = learned.Parameters.Single(one => one.Parameter == FitParameter.GrinderOffsetUm);
        Assert.InRange(offset.Value, 20, 60);
        Assert.True(offset.IsKnown && offset.Low < offset.Value && offset.High > offset.Value);
        // These brews say nothing about heat: the prior and its spread stay.
        var heat = learned.Parameters.Single(one => one.Parameter == FitParameter.HeatLoss);
        Assert.Equal(1, heat.Value, 0.03);
        Assert.False(heat.IsKnown);
        Assert.Equal(8, learned.BrewsFor(new FitKeys("Ferrule", "dripper", "Blue Ferry", "")));
    }

    [Fact]
    public void A_grind_measured_in_a_picture_shows_how_far_its_grinder_is_off()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        FitBrew Pictured(int i, double um) => new($"{i}", recipe, new FitKeys("Ferrule", "dripper", "Blue Ferry", "")) { MeasuredUm = um };
        LearnedParameter Offset(params FitBrew[] brews) => Fitter.Of(brews, Unfitted).Parameters.Single(one => one.Parameter == FitParameter.GrinderOffsetUm);
        var tableUm = recipe.Grind.MedianUm;
        var one = Offset(Pictured(1, tableUm + 60));
        var three = Offset(Pictured(1, tableUm + 60), Pictured(2, tableUm + 60), Pictured(3, tableUm + 60));
        Assert.InRange(one.Value, 25, 60);
        Assert.True(three.Value > one.Value && three.High - three.Low < one.High - one.Low, $"{one} {three}");
        Assert.InRange(Offset(Pictured(1, tableUm)).Value, -1, 1);
        Assert.True(Pictured(1, tableUm).Tells);
    }

    [Fact]
    public void Two_grinders_are_two_and_a_coffee_nobody_brewed_stays_as_it_was()
    {
        var recipe = RecipeLibrary.Find("ld-closed")!;
        var slow = Unfitted with { Parameters = Unfitted.Parameters with { CakeResistance = 1.8 } };
        var learned = Fitter.Of([.. Repeat(4, i => Measured(slow, Ground(recipe, i), "one", "lever", "a")), .. Repeat(4, i => Measured(Unfitted, Ground(recipe, i), "other", "lever", "a"))], Unfitted);
        Assert.True(Value(learned, FitParameter.BedResistance, "one") > 1.6);
        Assert.Equal(1, Value(learned, FitParameter.BedResistance, "other"), 0.1);
        var unknown = learned.Model(Unfitted, new FitKeys("no such", "none", "nothing", ""));
        Assert.Same(Unfitted, unknown);
        // For a known grinder with an unknown coffee only the grinder's own parameters are known.
        var half = learned.Model(Unfitted, new FitKeys("one", "none", "nothing", ""));
        Assert.True(half.Parameters.CakeResistance > 1.6);
        Assert.Equal(1, half.Parameters.Diffusivity);
        Assert.True(Confidence.Of(half.Figures(recipe))[Outcome.DrinkG].High - half.Figures(recipe).Totals.FinalG > 2);
    }

    [Fact]
    public void One_odd_brew_among_many_moves_nothing_by_more_than_its_band()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var barista = new SimulatedBarista(4);
        var brews = Brews(barista, recipe, 20);
        var plain = Fitter.Of(brews, Unfitted);
        var odd = brews[7] with { Readings = [.. brews[7].Readings.Select(reading => reading with { Value = 1.5 * reading.Value })] };
        var fit = Fitter.Of([.. brews[..7], odd, .. brews[8..]], Unfitted);
        Assert.All(fit.Parameters.Zip(plain.Parameters), pair => Assert.True(Math.Abs(pair.First.Sigmas - pair.Second.Sigmas) < Confidence.Eighty * pair.Second.Spread, pair.First.ToString()));
        Assert.Contains(fit.LeftOut, one => one is { Odd: true, Figure: FitFigure.DrawdownS } && one.Name == odd.Name);
        Assert.DoesNotContain(plain.LeftOut, one => one.Odd);
    }

    [Fact]
    public void Each_brew_left_out_is_forecast_nearer_than_unfitted()
    {
        var recipe = RecipeLibrary.Find("ld-closed")!;
        var learned = Fitter.Of(Brews(new SimulatedBarista(11), recipe, 6), Unfitted);
        var drains = learned.LeftOut.Where(one => one.Figure == FitFigure.DrawdownS).ToList();
        Assert.Equal(6, drains.Count);
        Assert.True(drains.Sum(one => Math.Abs(one.Expected - one.Measured)) < 0.5 * drains.Sum(one => Math.Abs(one.Unfitted - one.Measured)));
        // It really is left out: fitting without that brew gives the same result.
        var brews = Brews(new SimulatedBarista(11), recipe, 6);
        var without = Fitter.Of(brews[1..], Unfitted).Model(Unfitted, brews[0].Keys).Figures(brews[0].Brewed).Totals.DrawdownS!.Value;
        Assert.Equal(without, learned.LeftOut.First(one => one.Name == brews[0].Name && one.Figure == FitFigure.DrawdownS).Expected, 1.5);
    }

    [Fact]
    public void A_palate_that_calls_everything_harsher_is_known_after_a_few_brews()
    {
        var recipe = RecipeLibrary.Find("fp-bloomed")!;
        var brews = Repeat(8, i =>
        {
            var brewed = Ground(recipe, i);
            var totals = Unfitted.Figures(brewed).Totals;
            return Measured(Unfitted, brewed, "m", "v", "c") with { Tastes = [new FitTaste("Teo", 1.5 + (2.5 * totals.FlavourBalance), null), new FitTaste("Imre", 2.5 * totals.FlavourBalance, null)] };
        });
        var learned = Fitter.Of(brews, Unfitted);
        Assert.InRange(learned.PalateOf("Teo").FlavourSide, 1.1, 1.7);
        Assert.InRange(learned.PalateOf("Imre").FlavourSide, -0.3, 0.3);
        Assert.Equal(learned.PalateOf("Teo").FlavourSide, learned.PalateOf("Teo").SourBitter(0), 6);
        Assert.Equal(0, learned.PalateOf("nobody").FlavourSide);
        Assert.Equal(8, learned.PalateOf("nobody").BodyScale);
    }

    [Fact]
    public void A_press_that_felt_hard_makes_the_bed_tighter_and_one_as_forecast_changes_nothing()
    {
        var recipe = RecipeLibrary.Find("tp-upright-short")!; // 86 N expected: firm
        FitBrew Felt(PressFelt felt) => new("one", recipe, new FitKeys("m", "v", "c", "")) { Readings = [new FitReading(FitFigure.PressFelt, (int)felt)] };
        Assert.True(Value(Fitter.Of([Felt(PressFelt.Hard)], Unfitted), FitParameter.BedResistance, "m") > 1.2);
        Assert.True(Value(Fitter.Of([Felt(PressFelt.Easy)], Unfitted), FitParameter.BedResistance, "m") < 0.85);
        Assert.Equal(1, Value(Fitter.Of([Felt(PressFelt.Firm)], Unfitted), FitParameter.BedResistance, "m"), 6);
    }

    [Fact]
    public void A_thermometer_teaches_the_heat_loss()
    {
        var recipe = RecipeLibrary.Find("fp-long-settle")!;
        var truth = Unfitted with { Parameters = Unfitted.Parameters with { HeatLoss = 1.3 } };
        var real = truth.Run(recipe);
        var brews = Repeat(4, _ => new FitBrew("one", recipe, new FitKeys("m", "jug", "c", "")) { Readings = [new FitReading(FitFigure.SlurryC, real.At(120).TemperatureC, 120), new FitReading(FitFigure.SlurryC, real.At(400).TemperatureC, 400)] });
        var heat = Fitter.Of(brews, Unfitted).Parameters.Single(one => one.Parameter == FitParameter.HeatLoss);
        Assert.Equal(1.3, heat.Value, 0.06);
        Assert.True(heat.Spread < 0.5);
        // A reading from before or after the brew does not belong to it.
        var outside = new FitBrew("one", recipe, new FitKeys("m", "jug", "c", "")) { Readings = [new FitReading(FitFigure.SlurryC, 20, 5_000)] };
        Assert.All(Fitter.Of([outside], Unfitted).Parameters, one => Assert.Equal(0, one.Sigmas));
    }

    [Fact]
    public void Nothing_measured_teaches_nothing()
    {
        Assert.Same(Learned.Nothing, Fitter.Of([], Unfitted));
        Assert.Same(Learned.Nothing, Fitter.Of([new FitBrew("one", RecipeLibrary.All[0], new FitKeys("m", "v", "c", "")) { Tastes = [new FitTaste("", null, null)] }], Unfitted));
        Assert.Same(Unfitted, Learned.Nothing.Model(Unfitted, new FitKeys("m", "v", "c", "")));
    }

    [Fact]
    public void What_is_known_of_two_parameters_together_is_kept_in_the_spread()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var learned = Fitter.Of(Brews(new SimulatedBarista(2), recipe, 5), Unfitted);
        var model = learned.Model(Unfitted, Keys(recipe));
        // Strength is known far better than the separate uncertainties of its parameters would allow.
        var joint = Confidence.Of(model.Figures(recipe))[Outcome.TdsPercent];
        var alone = learned.Parameters.Where(one => (int)one.Parameter < ModelParameters.Count).Sum(one =>
        {
            var by = new double[ModelParameters.Count];
            by[(int)one.Parameter] = one.Spread * ModelSpread.PriorSigma[(int)one.Parameter];
            double Tds(double times) => (model with { Parameters = model.Parameters.Moved(by, times) }).Figures(recipe).Totals.FinalTdsPercent;
            return Math.Pow((Tds(1) - Tds(-1)) / 2, 2);
        });
        Assert.True(joint.High - joint.Value < 0.6 * Confidence.Eighty * Math.Sqrt(alone));
        // And the cache does not confuse one spread with another.
        var memory = new ForecastMemory();
        var narrow = Confidence.Of((model with { Memory = memory }).Run(recipe))[Outcome.TdsPercent];
        var wide = Confidence.Of((model with { Memory = memory, Spread = ModelSpread.Published }).Run(recipe))[Outcome.TdsPercent];
        Assert.True(wide.High - wide.Low > 2 * (narrow.High - narrow.Low));
    }

    [Fact]
    public void One_brew_more_is_learned_from_as_if_all_were_learned_from_together()
    {
        var recipe = RecipeLibrary.Find("ld-closed")!;
        var brews = Brews(new SimulatedBarista(9), recipe, 6);
        var together = Fitter.Of(brews, Unfitted);
        var known = Fitter.Of(brews[..5], Unfitted);
        var added = Fitter.With(known, brews[5], Unfitted);
        foreach (var one in together.Parameters)
        {
            var other = added.Parameters.Single(parameter => parameter.Parameter == one.Parameter && parameter.Whose == one.Whose);
            Assert.Equal(one.Sigmas, other.Sigmas, 0.35);
            Assert.Equal(one.Spread, other.Spread, 0.15);
        }

        Assert.Equal(6, added.Brews);
        // A brew that was learned from already adds nothing, nor does one without measurements.
        Assert.Same(added, Fitter.With(added, brews[5], Unfitted));
        Assert.Same(known, Fitter.With(known, brews[5] with { Readings = [], Tastes = [] }, Unfitted));
    }

    [Fact]
    public void A_printed_fit_has_every_brew_left_out_and_every_figure_with_its_band()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var learned = Fitter.Of(Brews(new SimulatedBarista(2), recipe, 4), Unfitted);
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream))
        {
            FitJson.Write(json, learned, [learned.Model(Unfitted, Keys(recipe)).Figures(recipe)]);
        }

        using var printed = JsonDocument.Parse(stream.ToArray());
        Assert.Equal(4, printed.RootElement.GetProperty("brews").GetInt32());
        Assert.Equal(FitPrior.All.Select(prior => prior.Name), printed.RootElement.GetProperty("parameters").EnumerateArray().Select(one => one.GetProperty("name").GetString()!).OrderBy(name => FitPrior.All.ToList().FindIndex(prior => prior.Name == name)));
        Assert.All(printed.RootElement.GetProperty("parameters").EnumerateArray(), one => Assert.True(one.GetProperty("low").GetDouble() < one.GetProperty("value").GetDouble() && one.GetProperty("value").GetDouble() < one.GetProperty("high").GetDouble()));
        var left = printed.RootElement.GetProperty("leftOut").EnumerateArray().ToList();
        Assert.Equal(4, left.Count);
        Assert.Equal(["tdsPercent", "beverageG", "drawdownS", "slurryC"], left[0].GetProperty("measured").EnumerateObject().Select(one => one.Name));
        var figures = printed.RootElement.GetProperty("predictions")[0].GetProperty("figures");
        Assert.Equal(ForecastFigures.Of(Unfitted.Figures(recipe).Totals).Where(pair => pair.Value is not null).Select(pair => pair.Key), figures.EnumerateObject().Select(one => one.Name));
        Assert.All(figures.EnumerateObject(), one => Assert.True(one.Value.GetProperty("low").GetDouble() <= one.Value.GetProperty("value").GetDouble() && one.Value.GetProperty("value").GetDouble() <= one.Value.GetProperty("high").GetDouble(), one.Name));
    }

    private static double Value(Learned learned, FitParameter parameter, string whose) => learned.Parameters.Single(one => one.Parameter == parameter && one.Whose == whose).Value;

    private static FitKeys Keys(Recipe recipe) => new("", RecordFitting.Vessel("", recipe.Brewer), "", "");

    private static List<FitBrew> Brews(SimulatedBarista barista, Recipe recipe, int count) => [.. Enumerable.Range(0, count).Select(i => barista.Brew(Ground(recipe, i)).ForFitting() with { Name = $"brew {i}" })];

    private static Recipe Ground(Recipe recipe, int i) => Settings.WithTemperature(
        recipe with { Grind = recipe.Grind with { MedianUm = recipe.Grind.MedianUm * (0.9 + (0.05 * (i % 5))) }, Coffee = recipe.Coffee with { DoseG = recipe.Coffee.DoseG * (1 + (0.03 * ((i % 3) - 1))) } },
        Settings.TemperatureC(recipe) - (i % 4));

    private static FitBrew Measured(ForecastModel truth, Recipe recipe, string grinder, string vessel, string coffee)
    {
        var totals = truth.Figures(recipe).Totals;
        var drain = totals.DrawdownS is { } drainS ? (FitReading[])[new FitReading(FitFigure.DrawdownS, drainS)] : [];
        return new FitBrew("one", recipe, new FitKeys(grinder, vessel, coffee, "")) { Readings = [new FitReading(FitFigure.TdsPercent, totals.FinalTdsPercent), new FitReading(FitFigure.DrinkG, totals.FinalG), .. drain] };
    }

    private static IEnumerable<FitBrew> Repeat(int count, Func<int, FitBrew> of) => Enumerable.Range(0, count).Select(of);
}
