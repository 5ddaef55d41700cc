using System.Globalization;
using System.Xml.Linq;
using Cistern.Drawing;

namespace Cistern.Core.Tests;

/// <summary>Pairs: what counts as one thing changed, how one person does both, and when they are tasted.</summary>
public sealed class PairPlanningTests
{
    private static readonly Recipe Written = RecipeLibrary.Find("vd-coffee-first")!;

    public static TheoryData<string> Recipes => [.. RecipeLibrary.All.Select(recipe => recipe.Id)];

    /// <summary>Changes a barista would make, and how many things a barista would say were changed.</summary>
    public static TheoryData<string, ChangedThing[]> Made => new()
    {
        { "nothing", [] },
        { "hotter", [ChangedThing.Temperature] },
        { "finer", [ChangedThing.Grind] },
        { "more of both", [ChangedThing.Dose] },
        { "more coffee to the same water", [ChangedThing.Dose] },
        { "more water to the same coffee", [ChangedThing.Ratio] },
        { "more of both at another ratio", [ChangedThing.Dose, ChangedThing.Ratio] },
        { "three turns more", [ChangedThing.Step] },
        { "a longer hold", [ChangedThing.Times] },
        { "a stir left out", [ChangedThing.Step] },
        { "in another order", [ChangedThing.Step] },
        { "an older coffee", [ChangedThing.Coffee] },
        { "higher up", [ChangedThing.Place] },
        { "another vessel", [ChangedThing.Vessel] },
        { "finer and hotter", [ChangedThing.Grind, ChangedThing.Temperature] },
    };

    [Theory]
    [MemberData(nameof(Made))]
    public void What_was_changed_is_counted_as_a_barista_counts(string how, ChangedThing[] things) => Assert.Equal(things, Changes.Between(Written, Change(how)));

    [Theory]
    [MemberData(nameof(Recipes))]
    public void Scaled_alike_is_one_change(string id)
    {
        var recipe = RecipeLibrary.Find(id)!;
        var batch = Scaling.BatchOf(recipe);
        Assert.Equal([ChangedThing.Dose], Changes.Between(recipe, Scaling.To(recipe, new Batch(batch.DoseG * 0.9, batch.WaterG * 0.9))));
    }

    [Theory]
    [MemberData(nameof(Recipes))]
    public void Hands_are_free_in_every_hold_and_the_least_stagger_is_the_least(string id)
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find(id)!);
        var hands = PairPlanning.HandsOf(forecast);
        foreach (var timing in forecast.Timings)
        {
            var step = forecast.Recipe.Steps[timing.Index];
            if (step is Step.Pour or Step.Press)
            {
                Assert.Contains(hands, span => span.FromS <= timing.StartS && span.ToS >= timing.EndS);
            }
            else if (step is Step.Wait && timing.LengthS > 30)
            {
                var middleS = (timing.StartS + timing.EndS) / 2;
                Assert.DoesNotContain(hands, span => span.FromS < middleS && span.ToS > middleS);
            }
        }

        var staggerS = PairPlanning.MinStaggerS(forecast, forecast);
        Assert.True(staggerS > 0);
        Assert.Empty(PairPlanning.Clashes(forecast, forecast, staggerS));
        Assert.NotEmpty(PairPlanning.Clashes(forecast, forecast, staggerS - 5));
        Assert.NotEmpty(PairPlanning.Clashes(forecast, forecast, 0));
        // Between the acts of one and the other there is time to turn.
        Assert.All(hands, span => Assert.All(hands, other => Assert.True(other.FromS + staggerS >= span.ToS + PairPlanning.TurnS || span.FromS >= other.ToS + staggerS + PairPlanning.TurnS)));
    }

    [Fact]
    public void Both_are_tasted_when_neither_is_too_hot_and_equally_warm_when_they_are()
    {
        var (hot, cool) = (ForecastModel.Published.Run(Written), ForecastModel.Published.Run(Change("cooler")));
        var time = PairPlanning.Tasted(hot, cool, 0);
        Assert.Equal(Drinking.ComfortableC, Math.Max(time.FirstC, time.SecondC), 0.01);
        Assert.True(Math.Abs(time.FirstC - time.SecondC) > PairPlanning.AlikeC);
        Assert.True(time.AlikeAtS > time.AtS);
        Assert.True(time.AlikeC < Math.Max(time.FirstC, time.SecondC));
        // Two identical brews started together are equally warm at the same time.
        var same = PairPlanning.Tasted(hot, hot, 0);
        Assert.Equal(same.AtS, same.AlikeAtS);
        Assert.Equal(hot.Totals.FinishS + hot.Totals.DrinkableAfterS, same.AtS, 0.01);
    }

    [Theory]
    [InlineData(200, 88, 21)]
    [InlineData(90, 92, 17)]
    [InlineData(480, 80, 24)]
    public void A_drink_in_its_cup_is_at_sixty_when_it_can_be_drunk_and_never_colder_than_the_room(double drinkG, double drinkC, double ambientC)
    {
        var waitS = Drinking.WaitS(drinkG, drinkC, ambientC);
        Assert.True(waitS > 0);
        Assert.Equal(60, Drinking.AtC(drinkG, drinkC, ambientC, waitS), 0.001);
        Assert.True(Drinking.AtC(drinkG, drinkC, ambientC, 0) < drinkC);
        Assert.Equal(ambientC, Drinking.AtC(drinkG, drinkC, ambientC, 86_400), 0.01);
    }

    [Fact]
    public void The_strip_of_hands_is_to_scale_and_shows_where_both_want_them()
    {
        var forecast = ForecastModel.Published.Run(Written);
        var staggerS = PairPlanning.MinStaggerS(forecast, forecast);
        var strip = XDocument.Parse(HandsStrip.Draw(forecast, forecast, staggerS, 600)).Root!;
        var spans = Named(strip, "hands-span");
        var hands = PairPlanning.HandsOf(forecast);
        Assert.Equal(2 * hands.Count, spans.Count);
        Assert.Empty(Named(strip, "hands-clash"));
        // A second has the same length in both lanes, and B is offset from A to the right by the stagger.
        var taste = Named(strip, "hands-taste").Single();
        var perS = (Number(taste, "x1") - Number(spans[0], "x")) / (PairPlanning.Tasted(forecast, forecast, staggerS).AtS - hands[0].FromS);
        for (var i = 0; i < hands.Count; i++)
        {
            Assert.Equal(Math.Max(2, (hands[i].ToS - hands[i].FromS) * perS), Number(spans[i], "width"), 0.3);
            Assert.Equal(staggerS * perS, Number(spans[i + hands.Count], "x") - Number(spans[i], "x"), 0.3);
        }

        Assert.NotEmpty(Named(XDocument.Parse(HandsStrip.Draw(forecast, forecast, 0, 600)).Root!, "hands-clash"));
    }

    [Theory]
    [InlineData(BlindKind.Triangle, 1)]
    [InlineData(BlindKind.TwoOutOfFive, 2)]
    [InlineData(BlindKind.Preference, 1)]
    public void Who_names_the_cups_that_are_asked_for_is_right_and_nobody_else(BlindKind kind, int named)
    {
        Assert.Equal(named, BlindTasting.Named(kind));
        foreach (var cups in BlindTasting.Serve(kind, 40, 7))
        {
            var asked = BlindTasting.Asked(kind, cups).ToList();
            Assert.Equal(named, asked.Count);
            Assert.Single(asked.Select(cup => cup.First).Distinct());
            Assert.True(kind != BlindKind.Preference || asked[0].First);
            Assert.True(BlindTasting.IsRight(kind, cups, asked.Select(cup => cup.Code).Reverse()));
            foreach (var other in cups.Except(asked))
            {
                Assert.False(BlindTasting.IsRight(kind, cups, asked.Skip(1).Append(other).Select(cup => cup.Code)));
            }

            Assert.False(BlindTasting.IsRight(kind, cups, []));
        }
    }

    private static Recipe Change(string how)
    {
        var batch = Scaling.BatchOf(Written);
        return how switch
        {
            "nothing" => Written with { Name = "another name", Notes = "and other notes" },
            "hotter" => Written with { Water = Written.Water with { TemperatureC = Written.Water.TemperatureC - 3 } },
            "cooler" => Written with { Water = Written.Water with { TemperatureC = 75 } },
            "finer" => Written with { Grind = Written.Grind with { MedianUm = Written.Grind.MedianUm - 40 } },
            "more of both" => Scaling.To(Written, new Batch(batch.DoseG * 1.1, batch.WaterG * 1.1)),
            "more coffee to the same water" => Scaling.To(Written, new Batch(batch.DoseG + 2, batch.WaterG)),
            "more water to the same coffee" => Scaling.To(Written, new Batch(batch.DoseG, batch.WaterG + 30)),
            "more of both at another ratio" => Scaling.To(Written, new Batch(batch.DoseG + 2, batch.WaterG + 60)),
            "three turns more" => With(step => step is Step.Stirring stir ? stir with { Turns = stir.Turns + 3 } : step),
            "a longer hold" => With(step => step.AtS > 60 ? step with { AtS = step.AtS + 30 } : step is Step.Wait wait ? wait with { ForS = wait.ForS + 30 } : step),
            "a stir left out" => Written with { Steps = Written.Steps.Remove(Written.Steps.First(step => step is Step.Stirring)) },
            "in another order" => StepEditing.Move(Written, 1, -1),
            "an older coffee" => Written with { Coffee = Written.Coffee with { RestDays = Written.Coffee.RestDays + 10 } },
            "higher up" => Written with { Place = Written.Place with { AltitudeM = 2_340 } },
            "another vessel" => Written with { Brewer = Written.Brewer with { Wrapped = !Written.Brewer.Wrapped } },
            "finer and hotter" => Change("finer") with { Water = Change("hotter").Water },
            _ => throw new ArgumentOutOfRangeException(nameof(how)),
        };
    }

    private static Recipe With(Func<Step, Step> change)
    {
        var changed = false;
        return Written with
        {
            Steps = [.. Written.Steps.Select(step =>
            {
                var other = changed ? step : change(step);
                changed |= other != step;
                return other;
            })],
        };
    }

    private static List<XElement> Named(XElement svg, string css) => [.. svg.Descendants().Where(node => (string?)node.Attribute("class") == css)];

    private static double Number(XElement node, string name) => double.Parse(node.Attribute(name)!.Value, CultureInfo.InvariantCulture);
}
