namespace Cistern.Core.Tests;

/// <summary>Both ends of the window that a step leaves open.</summary>
public sealed class WindowEndsTests
{
    [Fact]
    public void Later_draws_more_and_each_end_is_where_the_window_says()
    {
        var forecast = ForecastModel.Published.Run(RecipeLibrary.Find("fp-long-settle")!);
        var wait = Assert.Single(WindowEnds.Of(forecast), ends => forecast.Recipe.Steps[ends.Index] is Step.Wait);
        Assert.True(wait.OfLength);
        Assert.Equal((200, 420), (wait.Window.Low, wait.Window.High));
        Assert.Equal(200, wait.Opens.Timings[wait.Index].LengthS, 0.6);
        Assert.Equal(420, wait.Closes.Timings[wait.Index].LengthS, 0.6);
        Assert.True(wait.Opens.Totals.FinalTdsPercent < forecast.Totals.FinalTdsPercent && forecast.Totals.FinalTdsPercent < wait.Closes.Totals.FinalTdsPercent);
    }

    [Fact]
    public void A_window_of_a_start_moves_the_start_and_what_drains_by_itself_has_no_end_to_choose()
    {
        var moments = 0;
        foreach (var recipe in RecipeLibrary.All)
        {
            var forecast = ForecastModel.Published.Run(recipe);
            foreach (var ends in WindowEnds.Of(forecast).Where(ends => !ends.OfLength))
            {
                moments++;
                // No earlier than the end of the step before it; a wait before it is shortened.
                var before = forecast.Timings[ends.Index - 1];
                var earliestS = recipe.Steps[ends.Index - 1] is Step.Wait && recipe.Steps[ends.Index].AtS is null ? before.StartS : before.EndS;
                Assert.Equal(Math.Max(ends.Window.Low, Math.Ceiling(earliestS)), ends.Opens.Timings[ends.Index].StartS, 1.0);
                Assert.Equal(ends.Window.High, ends.Closes.Timings[ends.Index].StartS, 1.0);
            }

            Assert.DoesNotContain(WindowEnds.Of(forecast), ends => ends.OfLength && recipe.Steps[ends.Index] is Step.Drain);
        }

        Assert.True(moments > 1);
    }
}
