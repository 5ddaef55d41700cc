namespace Cistern.Core.Tests;

/// <summary>
/// Equipment and settings beyond the plain vessel: a hole below the cone, a plunger held at a mark, ice that melts only partly, spoons
/// and marks.
/// </summary>
public sealed class GearOfPractitionersTests
{
    private static Forecast Run(Recipe recipe) => ForecastModel.Published.Run(recipe);

    private static Recipe Written(string id) => RecipeLibrary.Find(id)!;

    private static Recipe With<T>(string id, Func<T, Step> change)
        where T : Step => Written(id) with { Steps = [.. Written(id).Steps.Select(step => step is T one ? change(one) : step)] };

    private static Recipe Through(string id, double? outletMm) => Written(id) with { Brewer = Written(id).Brewer with { OutletMm = outletMm } };

    /// <summary>
    /// Bed and hole share the pressure: a narrow hole slows the flow, a wide one hardly does, and none lets through more than the hole
    /// alone would.
    /// </summary>
    [Theory]
    [InlineData("vd-water-first")]
    [InlineData("ld-closed")]
    public void A_narrow_hole_below_the_cone_slows_the_drawdown(string id)
    {
        var freeS = Run(Through(id, null)).Totals.DrawdownS!.Value;
        var wideS = Run(Through(id, 40)).Totals.DrawdownS!.Value;
        Assert.Equal(freeS, wideS, 0.01 * freeS);
        var narrower = freeS;
        foreach (var mm in (double[])[6, 3, 2, 1.5])
        {
            var slowS = Run(Through(id, mm)).Totals.DrawdownS!.Value;
            Assert.True(slowS > narrower, $"{mm} mm: {slowS} s after {narrower} s");
            narrower = slowS;
        }

        // With almost no bed in the way the hole alone decides: C A √(2 g h), the head falling from the full height.
        const double Mm = 1;
        var forecast = Run(Through(id, Mm) with { Coffee = Written(id).Coffee with { DoseG = 1 }, Grind = new Grind(1_200, 0.3, 0.01) });
        var vessel = Vessel.Of(forecast.Recipe.Brewer);
        var areaM2 = Math.PI * Mm * Mm * 1e-6 / 4;
        Assert.Equal(areaM2, vessel.OutletM2, 1e-12);
        var fullM = 0.01 + (forecast.Recipe.WaterG * 1e-6 / vessel.LevelAreaM2);
        var timeS = 2 * vessel.LevelAreaM2 / (0.62 * areaM2 * Math.Sqrt(2 * WaterPhysics.Gravity)) * (Math.Sqrt(fullM) - Math.Sqrt(0.01));
        Assert.InRange(forecast.Totals.DrawdownS!.Value, timeS, 1.12 * timeS);
    }

    [Fact]
    public void Only_a_dripper_has_a_hole_below_its_cone()
    {
        var press = Through("fp-bloomed", 3);
        Assert.Contains(RecipeReader.Read(RecipeWriter.Write(press)).Findings, one => one.Place.EndsWith("brewer.outletMm", StringComparison.Ordinal) && one.Rule.StartsWith("Only drippers", StringComparison.Ordinal));
        Assert.Equal(Run(Written("fp-bloomed")).Totals.FinishS, Run(press).Totals.FinishS);
        Assert.Equal(3, Assert.Single(RecipeReader.Read(RecipeWriter.Write(Through("ld-closed", 3))).Recipes).Brewer.OutletMm);
    }

    /// <summary>Only the ice the drink meets melts before it is drunk; the rest dilutes it in the glass. Strained off the ice, nothing more melts.</summary>
    [Fact]
    public void Ice_that_is_partly_met_melts_partly_and_thins_the_last_of_the_drink()
    {
        var all = Run(Written("ld-long-soak-iced")).Totals;
        var put = Written("ld-long-soak-iced").Steps.OfType<Step.Ice>().Single();
        var part = Run(With<Step.Ice>("ld-long-soak-iced", ice => ice with { UntilC = null, Met = 0.25 })).Totals;
        Assert.Equal(put.IceG, part.IceG!.Value, 1e-9);
        Assert.Equal(0.25 * put.IceG, part.MeltG!.Value, 1e-9);
        Assert.Equal(0.75 * put.IceG, part.LaterIceG!.Value, 1e-9);
        Assert.True(part.ChilledC > all.ChilledC && part.FinalTdsPercent > all.FinalTdsPercent);
        Assert.Equal(100 * part.SolidsG.Sum / (part.FinalG + (0.75 * put.IceG)), part.ThinnestTdsPercent!.Value, 1e-9);
        // The drink meets a quarter of the ice, so four times the amount to be melted has to be put in.
        var drink = new ServedDrink(200, 70);
        drink.Chill(300, -6, 5);
        var large = new ServedDrink(200, 70);
        large.Chill(1_200, -6, 5, met: 0.25);
        Assert.Equal(4 * drink.LeastIceG, large.LeastIceG, 1e-6);
        Assert.Equal(drink.TemperatureC, large.TemperatureC, 1e-9);
        Assert.Equal((0, 1_200), (large.LaterG, large.IceG));
        Assert.Null(all.LaterIceG);
        Assert.Null(all.ThinnestTdsPercent);
    }

    [Fact]
    public void A_plunger_drawn_to_a_mark_leaves_no_more_room_than_that()
    {
        var tube = Written("tp-turned");
        var seated = tube with { Steps = tube.Steps.Insert(0, new Step.SeatPlunger { ToMl = 200 }) };
        Assert.Equal((280, 200), (tube.RoomMl, seated.RoomMl));
        Assert.Equal(0.95 * 200, Scaling.FullMl(seated), 1e-9);
        var over = Assert.Single(Run(seated).Events, one => one.Kind == BrewEventKind.Overflow);
        Assert.Equal(200, over.Limit);
        Assert.DoesNotContain(Run(tube).Events, one => one.Kind == BrewEventKind.Overflow);

        string[] Rules(Recipe recipe) => [.. RecipeReader.Read(RecipeWriter.Write(recipe)).Findings.Select(one => one.Place[one.Place.IndexOf("steps", StringComparison.Ordinal)..] + ": " + one.Rule)];
        Assert.Equal(["steps[0].toMl: A plunger cannot be drawn further than the brewer's capacity."], Rules(tube with { Steps = tube.Steps.Insert(0, new Step.SeatPlunger { ToMl = 281 }) }));
        Assert.Empty(Rules(tube with { Steps = tube.Steps.Insert(0, new Step.SeatPlunger { ToMl = 280 }) }));
        Assert.Contains("steps[0].under: Only a French press's plunger is held under the surface.", Rules(tube with { Steps = tube.Steps.Insert(0, new Step.SeatPlunger { Under = true }) }));
        var press = Written("fp-slow-eight");
        Assert.Contains($"steps[{press.Steps.Length}].toMl: Only a tube's plunger is drawn to a mark.", Rules(press with { Steps = press.Steps.Add(new Step.SeatPlunger { ToMl = 300 }) }));
        Assert.Empty(Rules(press with { Steps = press.Steps.Insert(press.Steps.Length - 3, new Step.SeatPlunger { Under = true }) }));
    }

    [Theory]
    [InlineData("off-scale", "")]
    [InlineData("set-on-server", "tube-press lever-dripper")]
    [InlineData("strain", "")]
    [InlineData("share", "")]
    public void Actions_beside_the_brew_change_no_figure(string word, string families)
    {
        var verb = Verb.Find(word)!;
        Assert.Equal(families.Length == 0 ? 6 : families.Split(' ').Length, verb.Families.Count);
        Assert.All(families.Split(' ', StringSplitOptions.RemoveEmptyEntries), family => Assert.Contains(Words<BrewerFamily>.Find(family)!.Value, verb.Families));
        var step = word switch { "off-scale" => new Step.OffScale(), "set-on-server" => new Step.SetOnServer(), "strain" => (Step)new Step.Strain(), _ => new Step.Share(3) };
        Assert.Same(verb, Verb.Of(step));
        var written = Written("ld-closed");
        var (with, without) = (Run(written with { Steps = written.Steps.Add(step) }).Totals, Run(written).Totals);
        Assert.Equal((without.FinalTdsPercent, without.FinalG, without.DrawdownS), (with.FinalTdsPercent, with.FinalG, with.DrawdownS));
    }

    [Fact]
    public void Straining_takes_ten_seconds_and_sharing_says_between_how_many()
    {
        var json = RecipeWriter.Write(Written("ld-closed")).Replace("\"steps\": [", "\"steps\": [{ \"do\": \"strain\" }, { \"do\": \"share\", \"cups\": 3 },", StringComparison.Ordinal);
        var steps = RecipeReader.ReadDraft(json).Recipes.Single().Steps;
        Assert.Equal(10, Assert.IsType<Step.Strain>(steps[0]).OverS);
        Assert.Equal(3, Assert.IsType<Step.Share>(steps[1]).Cups);
        Assert.Contains(RecipeReader.Read(json).Findings, one => one.Rule == "Nothing is in the cup yet.");
        Assert.Contains(RecipeReader.ReadDraft(json.Replace("\"cups\": 3", "\"cups\": 25", StringComparison.Ordinal)).Findings, one => one.Place.EndsWith("cups", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(-400)]
    [InlineData(0)]
    [InlineData(2_340)]
    [InlineData(6_000)]
    public void The_boiling_point_gives_the_altitude(double altitudeM) =>
        Assert.Equal(altitudeM, WaterPhysics.AltitudeM(WaterPhysics.BoilingPointC(altitudeM)), 1e-6);

    [Theory]
    [InlineData("2 tablespoons", 2, false)]
    [InlineData("four heaped spoons", 4, true)]
    [InlineData("3 tbsp, heaped", 3, true)]
    [InlineData("2.5 level tablespoons", 2.5, false)]
    [InlineData("1 spoonful", 1, false)]
    [InlineData("a heaped tablespoon", 1, true)]
    [InlineData("2 scoops", 4, false)]
    public void A_dose_is_said_in_spoons(string text, double count, bool heaped) => Assert.Equal((count, heaped), SpokenAmounts.Spoons(text));

    [Theory]
    [InlineData("22")]
    [InlineData("22 g")]
    [InlineData("spoons")]
    [InlineData("0 spoons")]
    [InlineData("2 tablespoons of sugar")]
    public void Text_without_a_spoon_gives_none(string text) => Assert.Null(SpokenAmounts.Spoons(text));

    [Theory]
    [InlineData("an inch", 0.0254)]
    [InlineData("Two inches of coffee", 0.0508)]
    [InlineData("half an inch", 0.0127)]
    [InlineData("3 cm deep", 0.03)]
    [InlineData("a finger of coffee", 0.018)]
    [InlineData("1 inch of sugar", null)]
    [InlineData("30", null)]
    public void A_dose_is_given_by_its_depth(string text, double? depthM) => Assert.Equal(depthM, SpokenAmounts.DepthM(text));

    [Theory]
    [InlineData("300 mark", 300.0)]
    [InlineData("to the 300 mark", 300.0)]
    [InlineData("mark 250", 250.0)]
    [InlineData("up to the 300 ml mark", 300.0)]
    [InlineData("300", null)]
    [InlineData("the mark", null)]
    public void Water_is_said_by_a_mark(string text, double? ml) => Assert.Equal(ml, SpokenAmounts.MarkMl(text));

    [Fact]
    public void A_mark_and_the_water_at_it_are_inverses()
    {
        Assert.Equal(300, RoughMeasures.Mark(RoughMeasures.WaterToMarkG(300, 20, 90), 20, 90).Count, 1e-9);
        Assert.Equal((300 - 16) * WaterPhysics.DensityGPerMl(90), RoughMeasures.WaterToMarkG(300, 20, 90), 1e-9);
        Assert.Equal(0, RoughMeasures.WaterToMarkG(10, 20, 90));
    }

    [Fact]
    public void Heaped_spoons_scatter_twice_as_far()
    {
        var (level, heaped) = (RoughMeasures.Spoons(36, 9), RoughMeasures.Spoons(36, 9, heaped: true));
        Assert.Equal((4, 4), (level.Count, heaped.Count));
        Assert.Equal(1.8, level.HighG - 36, 1e-9);
        Assert.Equal(3.6, heaped.HighG - 36, 1e-9);
        Assert.Equal(36 - 3.6, heaped.LowG, 1e-9);
    }

    [Fact]
    public void An_iced_brews_ratio_can_count_what_melts()
    {
        var forecast = Run(Written("ld-long-soak-iced"));
        var ratios = Ratios.Of(forecast);
        Assert.Equal((forecast.Recipe.WaterG + forecast.Totals.MeltG!.Value) / forecast.Recipe.Coffee.DoseG, ratios.PouredAndMelted, 1e-9);
        var plain = Ratios.Of(Run(Written("fp-bloomed")));
        Assert.Equal(plain.Poured, plain.PouredAndMelted);
    }
}
