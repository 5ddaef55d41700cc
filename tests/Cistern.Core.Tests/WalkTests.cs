using System.Text.Json;
using CsCheck;
using Jint;
using Jint.Native;

namespace Cistern.Core.Tests;

/// <summary>The progress of a brew in the core and in the page's script: both give the same result, and no act is skipped unseen.</summary>
public sealed class WalkTests
{
    private const double Zero = 1_700_000_000_000;

    private static readonly EntryKind[] Kinds = [EntryKind.Done, EntryKind.Done, EntryKind.Done, EntryKind.Begun, EntryKind.Still, EntryKind.Start, EntryKind.Ready, EntryKind.Undo];

    private static readonly Gen<ConductPlan> Plans =
        from count in Gen.Int[4, 10]
        from anchor in Gen.Int[0, 2]
        from steepEnd in Gen.Int[anchor + 1, count - 1]
        from atEnd in Gen.Double[0, 1]
        from steps in Gen.Select(Gen.Int[0, 4], Gen.Int[0, 3].Select(one => new[] { 0.0, 3, 8, 20 }[one]), Gen.Int[10, 60], Gen.Double[0, 1], Gen.Double[0, 1]).Array[count]
        select PlanOf(anchor, steepEnd, atEnd < 0.2, steps);

    private static readonly Gen<(EntryKind Kind, int Step, int AtS, int Of, bool Seen)[]> Entries =
        Gen.Select(Gen.Int[0, 7].Select(one => Kinds[one]), Gen.Int[0, 11], Gen.Int[-5, 400], Gen.Int[0, 13], Gen.Bool).Array[0, 13];

    /// <summary>Any plan, any entries in any order, at any moment.</summary>
    [Fact]
    public void The_script_conducts_as_the_core_does()
    {
        using var engine = new Engine();
        engine.Modules.Add("run", File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "cases", "brew-run.js")));
        var replay = engine.Modules.Import("run").Get("replay");
        Gen.Select(Plans, Entries, Gen.Int[0, 500]).Sample(
            (plan, said, nowS) =>
            {
                var entries = new List<BrewEntry> { new(IdOf(0), EntryKind.Start, plan.Anchor, Zero) };
                entries.AddRange(said.Select((one, i) => new BrewEntry(IdOf(i + 1), one.Kind, one.Step % plan.Steps.Length, Zero + (one.AtS * 1000.0), one.Kind == EntryKind.Undo && one.Of % 4 != 0 ? IdOf(one.Of) : null, one.Seen)));
                var core = Core(BrewRun.Replay(plan, entries, Zero + (nowS * 1000.0)));
                var page = replay.Call(Json(engine, PageOf(plan)), Json(engine, entries.Select(PageOf)), JsNumber.Create(Zero + (nowS * 1000.0)));
                Assert.Equal(core, Page(engine, page));
            },
            iter: 2_000,
            threads: 1);
    }

    /// <summary>
    /// With nothing pressed, and with any single act said to take longer: each act of every recipe is shown, or stays visible where it
    /// gave way.
    /// </summary>
    [Fact]
    public void No_step_is_skipped_without_being_listed()
    {
        foreach (var recipe in RecipeLibrary.All.SelectMany(Edited))
        {
            var forecast = ForecastModel.Published.Run(recipe);
            var plan = ConductPlan.Of(forecast);
            var steepEnd = Acts.SteepEndIndex(recipe);
            foreach (var goesOn in Enumerable.Range(plan.Anchor, plan.Steps.Length - plan.Anchor).Where(at => plan.Steps[at].Ends != StepEnding.Clock).Select(at => (int?)at).Prepend(null))
            {
                var entries = new List<BrewEntry> { new(IdOf(0), EntryKind.Start, plan.Anchor, Zero) };
                if (goesOn is { } step && step < steepEnd)
                {
                    entries.Add(new BrewEntry(IdOf(2), EntryKind.Still, step, Zero + ((Math.Max(0, forecast.Timings[step].StartS) + 0.5) * 1000)));
                }

                var unseen = Enumerable.Range(plan.Anchor + 1, plan.Steps.Length - plan.Anchor - 1).Where(at => plan.Steps[at].Ends != StepEnding.Clock).ToHashSet();
                var stands = plan.Anchor;
                for (var nowS = 0.0; unseen.Count > 0 && nowS < forecast.Totals.FinishS + 400; nowS += 0.5)
                {
                    var run = BrewRun.Replay(plan, entries.Where(entry => entry.AtMs <= Zero + (nowS * 1000)), Zero + (nowS * 1000));
                    if (run.Present is { } present && present.DueS <= nowS)
                    {
                        unseen.Remove(present.Index);
                    }

                    stands = run.Present?.Index ?? plan.Steps.Length;
                    unseen.ExceptWith(run.Done.Where(one => one.IsOpenAt(nowS) || one.IsKnown).Select(one => one.Index));
                }

                // The end of the steep waits for its press; an act that was said to take longer waits too.
                Assert.True(unseen.All(at => at > stands), $"{recipe.Id}, going on {goesOn}: {string.Join(", ", unseen.Select(at => $"{at} {recipe.Steps[at].GetType().Name}"))}");
            }
        }
    }

    /// <summary>A stir inserted into the wait of an iced brew in which nothing is pressed: the pour before it is shown for as long as it takes.</summary>
    [Fact]
    public void A_pour_is_shown_before_a_step_with_its_own_time()
    {
        var plan = new ConductPlan(0, false,
        [
            new(StepEnding.Hands, 60, 0), new(StepEnding.Hands, 20), new(StepEnding.Hands, 8, 95), new(StepEnding.Clock, 60), new(StepEnding.Hands, 0, Release: true),
        ]);
        int Equipment(double nowS) => BrewRun.Replay(plan, [new(IdOf(0), EntryKind.Start, 0, Zero)], Zero + (nowS * 1000)).Present!.Index;
        // The first would be assumed at 1:30; the pour is shown from 1:15 on, so that the stir comes at its time.
        Assert.Equal([0, 0, 1, 1, 2], new double[] { 60, 74, 76, 84, 96 }.Select(Equipment));
        // An act that gave way stays visible for half a minute and can be answered.
        DoneStep First(double nowS, params BrewEntry[] more) => BrewRun.Replay(plan, [new(IdOf(0), EntryKind.Start, 0, Zero), .. more], Zero + (nowS * 1000)).Done[0];
        Assert.Equal((true, false), (First(80).IsOpenAt(80), First(106).IsOpenAt(106)));
        Assert.False(First(80, new BrewEntry(IdOf(1), EntryKind.Done, 0, Zero + 78_000)).IsOpenAt(80));
        // An act that was said to take longer is shown until the stir comes.
        BrewEntry still = new(IdOf(1), EntryKind.Still, 0, Zero + 62_000);
        Assert.Equal(0, BrewRun.Replay(plan, [new(IdOf(0), EntryKind.Start, 0, Zero), still], Zero + 90_000).Present!.Index);
    }

    /// <summary>Where there is time, nothing gives way: an act that nobody confirmed is assumed done after its grace period, and nothing is asked.</summary>
    [Fact]
    public void With_a_wait_before_the_end_of_the_steep_nothing_gives_way()
    {
        var plan = ConductPlan.Of(ForecastModel.Published.Run(RecipeLibrary.Find("fp-long-settle")!));
        Assert.All(BrewRun.Replay(plan, [new(IdOf(0), EntryKind.Start, plan.Anchor, Zero)], Zero + 700_000).Done, done => Assert.Null(done.GaveWayS));
    }

    /// <summary>The end of the steep is never delayed: acts that were due before it and are not confirmed are visible then.</summary>
    [Fact]
    public void The_end_of_the_steep_comes_first_and_overdue_steps_stay_visible()
    {
        var plan = new ConductPlan(0, false, [new(StepEnding.Hands, 60, 0), new(StepEnding.Hands, 2), new(StepEnding.Hands, 4, 62, Release: true)]);
        var run = BrewRun.Replay(plan, [new(IdOf(0), EntryKind.Start, 0, Zero)], Zero + 63_000);
        Assert.Equal((2, 62), (run.Present!.Index, run.Present.DueS));
        Assert.Equal([0, 1], run.Done.Where(one => one.IsOpenAt(63)).Select(one => one.Index));
    }

    /// <summary>A recipe as it is, and with a stir at its own time in each of its waits.</summary>
    private static IEnumerable<Recipe> Edited(Recipe recipe)
    {
        yield return recipe;
        var forecast = ForecastModel.Published.Run(recipe);
        foreach (var timing in forecast.Timings.Where(timing => recipe.Steps[timing.Index] is Step.Wait && timing.LengthS > 30))
        {
            var work = new PlanWork(Plan.Of(recipe), new EmptyShelf(), ForecastModel.Published).Apply(new PlanChange.Put("stir", timing.StartS + 15));
            if (work.Refusal is null)
            {
                yield return work.Plan.Base;
            }
        }
    }

    private static ConductPlan PlanOf(int anchor, int steepEnd, bool startsAtItsEnd, (int Ends, double Length, int Gap, double Own, double Window)[] drawn)
    {
        var at = 0.0;
        return new ConductPlan(anchor, startsAtItsEnd, [.. drawn.Select((one, i) =>
        {
            var ends = i == anchor ? StepEnding.Hands : i == steepEnd ? (one.Ends % 2 == 0 ? StepEnding.Hands : StepEnding.Sight) : one.Ends switch { 3 => StepEnding.Clock, 4 => StepEnding.Sight, _ => StepEnding.Hands };
            var length = ends == StepEnding.Clock ? 10 + one.Gap : one.Length;
            at += one.Gap;
            var window = i > anchor && ends == StepEnding.Hands && one.Window < 0.2;
            var wait = i > anchor && ends == StepEnding.Clock && one.Window < 0.3;
            return new ConductStep(ends, length, i > anchor && one.Own < 0.4 ? at : null, window ? at - 10 : null, window ? at + 30 : null, wait ? 5 : null, wait ? length + 40 : null, i == steepEnd);
        })]);
    }

    private static Guid IdOf(int place) => new(place + 1, 0, 0, new byte[8]);

    private static JsValue Json(Engine engine, object value) => new Jint.Native.Json.JsonParser(engine).Parse(JsonSerializer.Serialize(value));

    private static object PageOf(ConductPlan plan) => new
    {
        anchor = plan.Anchor,
        startsAtItsEnd = plan.StartsAtItsEnd,
        steps = plan.Steps.Select(step => new { ends = step.Ends.ToString().ToLowerInvariant(), length = step.Length, at = step.At, low = step.Low, high = step.High, waitLow = step.WaitLow, waitHigh = step.WaitHigh, release = step.Release }),
    };

    private static object PageOf(BrewEntry entry) => new { id = entry.Id, kind = Words<EntryKind>.Of(entry.Kind), step = entry.Step, atMs = entry.AtMs, undoes = entry.Undoes, seen = entry.Seen };

    private static string Core(BrewRun run) => Text(
        run.StartedAtMs,
        run.Done.Select(one => (object?[])[one.Index, one.StartS, one.EndS, JsonSerializer.Serialize(one.By).Trim('"'), one.GaveWayS]),
        run.Present is { } present ? [present.Index, present.DueS, present.LengthS, present.BegunS, present.LowS, present.HighS, present.AssumedAtS, present.Still] : null,
        run.Last is { } last ? $"{last.Entry} {last.Step}" : "",
        run.Ineffective.Select(id => id.ToString()));

    private static string Page(Engine engine, JsValue run)
    {
        var json = JsonDocument.Parse(new Jint.Native.Json.JsonSerializer(engine).Serialize(run, JsValue.Undefined, JsValue.Undefined).AsString()).RootElement;
        object?[] Of(JsonElement one, params string[] names) => [.. names.Select(name => Value(one.GetProperty(name)))];
        return Text(
            json.GetProperty("startedAtMs").ValueKind == JsonValueKind.Null ? null : json.GetProperty("startedAtMs").GetDouble(),
            json.GetProperty("done").EnumerateArray().Select(one => Of(one, "index", "start", "end", "by", "gaveWay")),
            json.GetProperty("present") is { ValueKind: JsonValueKind.Object } present ? Of(present, "index", "due", "length", "begun", "low", "high", "assumedAt", "still") : null,
            json.GetProperty("last") is { ValueKind: JsonValueKind.Object } last ? $"{last.GetProperty("entry").GetString()} {last.GetProperty("step").GetInt32()}" : "",
            json.GetProperty("unheard").EnumerateArray().Select(one => one.GetString()!));
    }

    private static object? Value(JsonElement one) => one.ValueKind switch
    {
        JsonValueKind.Number => one.GetDouble(),
        JsonValueKind.String => one.GetString(),
        JsonValueKind.True or JsonValueKind.False => one.GetBoolean(),
        _ => null,
    };

    private static string Text(double? startedAtMs, IEnumerable<object?[]> done, object?[]? present, string last, IEnumerable<string> unheard)
    {
        static string Line(object?[] values) => string.Join(' ', values.Select(value => value is double or int ? FormattableString.Invariant($"{Math.Round(Convert.ToDouble(value, System.Globalization.CultureInfo.InvariantCulture), 6) + 0:R}") : value?.ToString() ?? "-"));
        return $"{startedAtMs}; {string.Join("; ", done.Select(Line))}; {(present is null ? "over" : Line(present))}; {last}; {string.Join(' ', unheard)}";
    }
}
