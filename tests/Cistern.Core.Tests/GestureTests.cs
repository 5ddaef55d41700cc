namespace Cistern.Core.Tests;

/// <summary>Steps and gestures put in at a time.</summary>
public sealed class GestureTests
{
    private static Forecast Of(string id) => ForecastModel.Published.Run(RecipeLibrary.Find(id)!);

    private static double At(Forecast forecast, int index) => forecast.Timings[index].StartS;

    private static void Sound(Recipe recipe) => Assert.DoesNotContain(RecipeChecker.Check(recipe), finding => finding.Severity == Severity.Error);

    [Fact]
    public void A_step_added_to_a_steep_begins_at_its_time_and_later_steps_keep_theirs()
    {
        var forecast = Of("fp-bloomed");
        var (recipe, index) = StepEditing.Put(forecast, [new Step.Swirl { Turns = 2 }], 120);
        var after = forecast.Again(recipe);
        Assert.IsType<Step.Swirl>(recipe.Steps[index]);
        Assert.Equal(120, At(after, index), 0.01);
        Assert.Equal(recipe.Steps.Length, forecast.Recipe.Steps.Length + 1);
        for (var i = index; i < forecast.Recipe.Steps.Length; i++)
        {
            Assert.Equal(At(forecast, i), At(after, i + 1), 0.11);
        }

        Sound(recipe);
    }

    [Fact]
    public void A_step_added_to_a_wait_splits_it()
    {
        var forecast = Of("jar-spoons");
        var wait = forecast.Recipe.Steps.ToList().FindIndex(step => step is Step.Wait);
        var atS = Math.Round(At(forecast, wait)) + 20;
        var (recipe, index) = StepEditing.Put(forecast, [new Step.Swirl { Turns = 1 }], atS);
        Assert.Equal(wait + 1, index);
        var after = forecast.Again(recipe);
        Assert.Equal(atS, At(after, index), 0.11);
        Assert.Equal(At(forecast, wait + 1), At(after, index + 1), 0.11);
        Sound(recipe);
    }

    [Theory]
    [InlineData(3, 4)]
    [InlineData(7, 4)]
    [InlineData(8, 3)]
    [InlineData(21, 3)]
    [InlineData(22, 2)]
    public void A_raft_of_fresh_coffee_is_tapped_more_often(double restDays, int taps)
    {
        var written = RecipeLibrary.Find("fp-slow-eight")!;
        var forecast = ForecastModel.Published.Run(written with { Coffee = written.Coffee with { RestDays = restDays } });
        var (recipe, index) = Gesture.Find("sink-the-raft")!.Put(forecast, 120)!.Value;
        Assert.Equal(taps, Assert.IsType<Step.TapRaft>(recipe.Steps[index]).Turns);
        Assert.Equal(120, At(forecast.Again(recipe), index), 0.11);
        Sound(recipe);
    }

    [Fact]
    public void A_step_longer_than_its_gap_delays_the_rest_by_the_difference()
    {
        var forecast = Of("fp-bloomed");
        var crust = forecast.Recipe.Steps.ToList().FindIndex(step => step is Step.BreakCrust);
        var (recipe, index) = StepEditing.Put(forecast, [new Step.Wait(60)], At(forecast, crust) - 20);
        var after = forecast.Again(recipe);
        Assert.Equal(crust, index);
        Assert.Equal(At(forecast, crust) + 40, At(after, crust + 1), 0.2);
        Assert.Equal(forecast.Totals.FinishS + 40, after.Totals.FinishS, 0.3);
    }

    [Theory]
    [InlineData(3, 45)]
    [InlineData(7, 45)]
    [InlineData(8, 30)]
    [InlineData(21, 30)]
    [InlineData(22, 15)]
    public void A_bloom_is_as_long_as_the_coffee_is_fresh(double restDays, double seconds)
    {
        var written = RecipeLibrary.Find("fp-long-settle")!;
        var forecast = ForecastModel.Published.Run(written with { Coffee = written.Coffee with { RestDays = restDays } });
        var put = Gesture.Find("bloom")!.Put(forecast, null)!.Value;
        var after = forecast.Again(put.Recipe);
        var bloom = Assert.IsType<Step.Pour>(put.Recipe.Steps[put.Index]);
        Assert.Equal(Math.Round(2.2 * written.Coffee.DoseG), bloom.ToG);
        Assert.Equal(At(forecast, put.Index) + seconds, At(after, put.Index + 1), 0.11);
        Assert.Equal(written.WaterG, put.Recipe.WaterG);
        // Everything later moves by the wait.
        Assert.Equal(forecast.Totals.FinishS + seconds, after.Totals.FinishS, 0.5);
        Sound(put.Recipe);
    }

    [Fact]
    public void A_gesture_without_a_place_is_not_added()
    {
        // Water goes in first; there is a bloom already; nothing drains.
        Assert.Null(Gesture.Find("bloom")!.Put(Of("fp-water-first"), null));
        Assert.Null(Gesture.Find("bloom")!.Put(Of("fp-bloomed"), null));
        Assert.Null(Gesture.Find("swirl-before-the-drain")!.Put(Of("fp-bloomed"), null));
        Assert.Null(Gesture.Find("break-skim-and-settle")!.Put(Of("fp-bloomed"), null));
        var work = new PlanWork(Plan.Of(RecipeLibrary.Find("fp-bloomed")!), new EmptyShelf(), ForecastModel.Published);
        Assert.Equal(PlanRefusal.NoPlace, work.Apply(new PlanChange.Put("bloom", null)).Refusal);
        Assert.Equal(PlanRefusal.NoSuchThing, work.Apply(new PlanChange.Put("flip", 60)).Refusal);
        Assert.Equal(PlanRefusal.NoTime, work.Apply(new PlanChange.Put("swirl", null)).Refusal);
    }

    /// <summary>
    /// A drawdown is split at a time: it runs until then, the cup is swapped, and it runs on; steps that cannot begin before it is dry
    /// follow it without a fixed time.
    /// </summary>
    [Fact]
    public void A_cup_is_swapped_while_it_drains_and_what_must_wait_for_it_has_no_time()
    {
        var forecast = Of("vd-coffee-first");
        var drain = forecast.Recipe.Steps.ToList().FindIndex(step => step is Step.Drain);
        var midS = 0.5 * (At(forecast, drain) + forecast.Timings[drain].EndS);
        var (recipe, index) = StepEditing.Put(forecast, [new Step.SwapCup(Keep: false)], midS);
        Assert.Equal(drain + 1, index);
        Assert.Equal(midS, At(forecast.Again(recipe), index), 2.0);
        Assert.IsType<Step.Drain>(recipe.Steps[index + 1]);
        Assert.Null(StepEditing.Put(forecast, [new Step.Ice(100)], midS).Recipe.Steps[drain + 1].AtS);
    }

    [Fact]
    public void A_bloom_stands_until_the_time_that_was_said()
    {
        var forecast = Of("tp-upright-short");
        var (recipe, index) = Gesture.Find("bloom")!.Put(forecast, 30)!.Value;
        Assert.Equal(30, At(forecast.Again(recipe), index + 1), 0.11);
        Sound(recipe);
        // It would be over before its water is in.
        Assert.Null(Gesture.Find("bloom")!.Put(forecast, 5));
    }

    [Fact]
    public void A_crust_that_is_broken_at_another_time_is_broken_once()
    {
        var forecast = Of("fp-bloomed");
        var plunge = forecast.Recipe.Steps.ToList().FindIndex(step => step is Step.Plunge);
        var (recipe, index) = Gesture.Find("break-skim-and-settle")!.Put(forecast, 120)!.Value;
        Assert.Equal(index, Assert.Single(Enumerable.Range(0, recipe.Steps.Length), at => recipe.Steps[at] is Step.BreakCrust));
        var after = forecast.Again(recipe);
        Assert.Equal(120, At(after, index), 0.11);
        Assert.Equal(At(forecast, plunge), At(after, recipe.Steps.ToList().FindIndex(step => step is Step.Plunge)), 0.11);
        Sound(recipe);
    }

    [Theory]
    [InlineData("fp-bloomed", "heat-water", 0)]
    [InlineData("fp-bloomed", "ice", 1)]
    [InlineData("fp-long-settle", "dilute", 11)]
    [InlineData("fp-long-settle", "taste", 12)]
    [InlineData("tp-turned", "stop-drip", 7)]
    public void A_gesture_with_a_place_of_its_own_needs_no_time(string id, string what, int place)
    {
        var work = new PlanWork(Plan.Of(RecipeLibrary.Find(id)!), new EmptyShelf(), ForecastModel.Published);
        var applied = work.Apply(new PlanChange.Put(what, null));
        Assert.Null(applied.Refusal);
        Assert.Equal(place, applied.Step);
        Assert.Equal(what, Verb.Of(applied.Plan.Base.Steps[place]).Word);
    }

    [Fact]
    public void Broken_skimmed_and_settled_in_one_go()
    {
        var forecast = Of("fp-slow-eight");
        var put = Gesture.Find("break-skim-and-settle")!.Put(forecast, 240)!.Value;
        Assert.Equal(["BreakCrust", "Skim", "Wait"], put.Recipe.Steps.Skip(put.Index).Take(3).Select(step => step.GetType().Name));
        Assert.Equal(240, At(forecast.Again(put.Recipe), put.Index), 0.01);
        Sound(put.Recipe);
    }

    [Theory]
    [InlineData("vd-coffee-first")]
    [InlineData("vd-water-first")]
    [InlineData("ld-closed")]
    public void Swirled_just_before_it_drains(string id)
    {
        var forecast = Of(id);
        var put = Gesture.Find("swirl-before-the-drain")!.Put(forecast, null)!.Value;
        var after = forecast.Again(put.Recipe);
        Assert.IsType<Step.Swirl>(put.Recipe.Steps[put.Index]);
        Assert.Equal(put.Index + 1, Acts.SteepEndIndex(put.Recipe));
        Assert.Equal(At(forecast, put.Index), At(after, put.Index + 1), 5.0);
        Sound(put.Recipe);
    }

    [Fact]
    public void Every_gesture_can_be_put_into_some_recipe_of_each_of_its_families()
    {
        foreach (var family in Enum.GetValues<BrewerFamily>())
        {
            foreach (var gesture in Gesture.For(family))
            {
                Assert.Contains(RecipeLibrary.All.Where(recipe => recipe.Brewer.Family == family), recipe => gesture.Put(ForecastModel.Published.Run(recipe), 240) is not null);
            }
        }
    }
}
