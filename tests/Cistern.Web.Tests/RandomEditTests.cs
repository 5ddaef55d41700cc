using Cistern.Web.Pages.Plan;
using Microsoft.Extensions.Primitives;

namespace Cistern.Web.Tests;

/// <summary>
/// Edits of every kind, as baristas make them, on plans that were edited before: each is taken or refused with a reason, and what is
/// offered instead is taken. Nothing is dropped silently, and the fields show what the plan holds.
/// </summary>
public sealed class RandomEditTests
{
    private const int Edits = 2_000;

    private static readonly PlanContext Context = new(new PlanShelf([], [], [], [], [], [], [], []), new DateOnly(2026, 11, 23), ForecastModel.Published, Core.Fitting.Learned.Nothing);

    private static readonly FigureFormat Metric = new(Units.Metric);

    [Fact]
    public void Every_edit_is_taken_or_answered_and_what_is_offered_is_taken()
    {
        var random = new Random(20261130);
        var (taken, offered, pressed) = (0, 0, 0);
        var state = PlanState.Of(RecipeLibrary.All[0]);
        for (var i = 0; i < Edits; i++)
        {
            if (i % 8 == 0)
            {
                state = PlanState.Of(RecipeLibrary.All[random.Next(RecipeLibrary.All.Count)]);
            }

            var before = Read(state);
            var (name, value) = Edit(before, random);
            var after = Read(state, (name, value));
            var told = $"{before.Recipe.Id}, {name} = {value}";
            if (after.Editing.Applied.Count > 0 && after.Good)
            {
                taken++;
                Holds(after, told);
                state = after.Editing.State.Problem() is null ? after.Editing.State : state;
            }
            else
            {
                Assert.True(Says(after) || Stands(before, after), $"not a word: {told}");
            }

            if (after.Alternative is { } instead)
            {
                offered++;
                pressed += Read(after.Editing.State, ("do", instead.Do)) is { Good: true } remedied && remedied.Editing.Applied.Count > 0 ? 1 : 0;
            }
        }

        Assert.True(taken >= 0.85 * Edits, $"{taken} taken");
        Assert.True(offered > 20 && pressed >= 0.99 * offered, $"{pressed} of {offered} offers taken");
    }

    private static PlanForm Read(PlanState state, params (string Name, string Value)[] sent) =>
        PlanForm.Read(state, Context, Metric, sent.SelectMany(one => one.Name.StartsWith("put ", StringComparison.Ordinal)
            ? [new KeyValuePair<string, StringValues>("do", "put"), new("put", one.Name["put ".Length..]), new("put.at", one.Value)]
            : one.Name.Split(' ') is ["step", var index, var member] ? [new("s.index", index), new($"s.{member}", one.Value)]
            : new[] { new KeyValuePair<string, StringValues>(one.Name, one.Value) }).ToList());

    /// <summary>An edit as somebody makes one: near the current value, now and then far from it.</summary>
    private static (string Name, string Value) Edit(PlanForm plan, Random random)
    {
        double Near(double value, double by) => value * (1 + (by * ((2 * random.NextDouble()) - 1)));
        string Number(double value, int decimals = 0) => value.ToString("F" + decimals.ToString(CultureInfo.InvariantCulture), CultureInfo.InvariantCulture);
        var finishS = plan.Forecast.Totals.FinishS;
        var timed = plan.Recipe.Steps.Select((step, i) => (step, i)).Where(one => one.step.AtS is not null && one.i > RecipeChecker.AnchorIndex(plan.Recipe)).ToList();
        var verbs = StepEditing.VerbsFor(plan.Recipe.Brewer.Family).Where(verb => verb.Word is "stir" or "swirl" or "tap-raft" or "lid" or "skim" or "wait" or "smell").ToList();
        return random.Next(13) switch
        {
            0 => ("dose", Number(Near(plan.Batch.DoseG, 0.25), 1)),
            1 => ("water", Number(Near(plan.Batch.WaterG, 0.2))),
            2 => ("ratio", Number(Math.Clamp(Near(plan.Batch.Ratio, 0.2), 4, 20), 1)),
            3 => ("drink", Number(Near(plan.Work.DrinkG, 0.2))),
            4 when !plan.ByFlame => ("kettle", Number(random.Next(75, 100))),
            5 => ("grind", Number(Math.Clamp(Near(plan.Recipe.Grind.MedianUm, 0.3), 250, 1_400))),
            6 or 7 when Settings.Get(plan.Forecast, Setting.SteepEndS) is { } endS => ("release", FigureFormat.Clock(Math.Round(Near(endS, 0.35)))),
            8 or 9 => ("put " + verbs[random.Next(verbs.Count)].Word, FigureFormat.Clock(Math.Round(random.NextDouble() * finishS))),
            10 when timed.Count > 0 && timed[random.Next(timed.Count)] is var (step, index) => ($"step {index} at", FigureFormat.Clock(Math.Round(Near(step.AtS!.Value, 0.2)))),
            11 => ("do", random.Next(3) switch { 0 => "dose+", 1 => "grind-", _ => "release+" }),
            _ => ("meant-tds", random.Next(2) == 0 ? "stronger" : "1.2 to 1.5"),
        };
    }

    /// <summary>The fields show what the plan holds, not what was typed.</summary>
    private static void Holds(PlanForm plan, string told)
    {
        Assert.True(Math.Abs(double.Parse(plan.TextOf(Quantity.Dose), CultureInfo.InvariantCulture) - plan.Batch.DoseG) < 0.06, told);
        Assert.True(Math.Abs(double.Parse(plan.TextOf(Quantity.Water), CultureInfo.InvariantCulture) - plan.Batch.WaterG) < 0.6, told);
        if (Settings.Get(plan.Forecast, Setting.SteepEndS) is { } endS)
        {
            Assert.True(FigureFormat.Clock(endS) == plan.SteepEnd?.Text, $"{told}: {plan.SteepEnd?.Text} and {FigureFormat.Clock(endS)}");
        }
    }

    private static bool Says(PlanForm plan) => plan.Answer is { Length: > 0 } || plan.Problems.Count > 0 || plan.RefusedStep is not null || plan.Kettle.Problem is not null || plan.GrindSetting.Problem is not null
        || plan.SteepEnd?.Problem is not null || plan.Meant.Any(one => one.Problem is not null) || Enum.GetValues<Quantity>().Any(quantity => plan.ProblemOf(quantity) is not null);

    /// <summary>The typed value equals the current one.</summary>
    private static bool Stands(PlanForm before, PlanForm after) => before.Good && after.Good && RecipeWriter.Write(before.Recipe) == RecipeWriter.Write(after.Recipe);
}
