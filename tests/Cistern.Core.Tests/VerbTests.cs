using System.Text.Json.Nodes;
using Cistern.Drawing;

namespace Cistern.Core.Tests;

/// <summary>The one table of steps has everything that the rest needs to know of a verb.</summary>
public sealed class VerbTests
{
    public static TheoryData<string> Words => [.. Verb.All.Select(verb => verb.Word)];

    [Fact]
    public void Every_step_there_is_stands_in_the_table_once()
    {
        var steps = typeof(Step).GetNestedTypes().Where(type => !type.IsAbstract && type.IsSubclassOf(typeof(Step))).ToHashSet();
        Assert.Equal(steps, Verb.All.Select(verb => verb.Type).ToHashSet());
        Assert.Equal(Verb.All.Count, Verb.All.Select(verb => verb.Word).Distinct().Count());
        // Closed: no type outside derives from it.
        Assert.DoesNotContain(AppDomain.CurrentDomain.GetAssemblies().Where(assembly => assembly.GetName().Name!.StartsWith("Cistern", StringComparison.Ordinal)).SelectMany(assembly => assembly.GetTypes()),
            type => type.IsSubclassOf(typeof(Step)) && type.DeclaringType != typeof(Step));
    }

    /// <summary>Each member is set to something other than its default, written, and read back unchanged.</summary>
    [Theory]
    [MemberData(nameof(Words))]
    public void Every_member_of_a_step_is_read_and_written(string word)
    {
        var verb = Verb.Find(word)!;
        foreach (var name in verb.Takes.Concat(["at", "note", "window"]))
        {
            var node = new JsonObject { ["do"] = word };
            foreach (var required in verb.Requires)
            {
                node[required] = Unusual(word, required);
            }

            var without = Read(node);
            node[name] = Unusual(word, name);
            var step = Read(node);
            Assert.True(step != without || verb.Requires.Contains(name), $"{word}.{name} is not read");
            var written = JsonNode.Parse(RecipeWriter.Write(step))!.AsObject();
            Assert.True(written.ContainsKey(name), $"{word}.{name} is not written");
            Assert.Equal(Unusual(word, name).ToJsonString(), written[name]!.ToJsonString());
            Assert.Equal(step, Read(written));
        }

        static Step Read(JsonObject node)
        {
            var recipe = JsonNode.Parse(RecipeWriter.Write(RecipeLibrary.All[0]))!;
            recipe["steps"] = new JsonArray(node.DeepClone());
            var file = RecipeReader.ReadDraft(recipe.ToJsonString());
            return Assert.Single(Assert.Single(file.Recipes).Steps);
        }
    }

    /// <summary>The uses of the steps' traits: they must not change unnoticed.</summary>
    [Theory]
    [InlineData("wait", StepEnding.Clock, false, WindowOf.Length)]
    [InlineData("wait-for", StepEnding.Sight, false, WindowOf.Start)]
    [InlineData("drain", StepEnding.Sight, false, WindowOf.Length)]
    [InlineData("press", StepEnding.Sight, true, WindowOf.Length)]
    [InlineData("plunge", StepEnding.Hands, true, WindowOf.Start)]
    [InlineData("pour", StepEnding.Hands, true, WindowOf.Start)]
    [InlineData("stir", StepEnding.Hands, true, WindowOf.Start)]
    [InlineData("taste", StepEnding.Hands, false, WindowOf.Start)]
    public void A_verb_ends_by_itself_takes_hands_and_has_its_window_as_it_must(string word, StepEnding ends, bool hands, WindowOf window)
    {
        var traits = Verb.Find(word)!.Traits;
        Assert.Equal((ends, hands, window), (traits.Ends, traits.Hands, traits.WindowOf));
    }

    [Fact]
    public void Traits_divide_the_verbs_as_a_barista_would()
    {
        static string Where(Func<StepTraits, bool> holds) => string.Join(' ', Verb.All.Where(verb => holds(verb.Traits)).Select(verb => verb.Word));
        Assert.Equal("heat-water rinse-filter preheat weigh grind", Where(traits => traits.MakesReady));
        Assert.Equal("pour seat-chamber", Where(traits => traits.BringsWater));
        Assert.Equal("flip remove-burner open-valve press plunge drain decant", Where(traits => traits.Parts));
        Assert.Equal("press drain", Where(traits => traits.TwoWindows));
        Assert.Equal("pour", Where(traits => traits.Weighed));
        Assert.Equal("light-burner remove-burner", Where(traits => traits.Instruments.HasFlag(Instruments.Burner)));
        Assert.Equal("heat-water pour", Where(traits => traits.Instruments.HasFlag(Instruments.Kettle)));
        Assert.Equal("heat-water rinse-filter preheat weigh grind wait wait-for drain clear taste serve", Where(traits => !traits.Hands));
    }

    [Fact]
    public void A_press_and_a_drawdown_have_a_window_of_their_beginning_too_and_nothing_else_has()
    {
        Recipe With(Func<Step, Step> change, string id) => RecipeLibrary.Find(id)! is var written ? written with { Steps = [.. written.Steps.Select(change)] } : written;
        var tube = With(step => step is Step.Press ? step with { StartWindow = new Span(50, 60) } : step, "tp-upright-short");
        var back = Assert.Single(RecipeReader.Read(RecipeWriter.Write(tube)).Recipes);
        Assert.Equal((new Span(50, 60), new Span(20, 35)), (back.Steps.OfType<Step.Press>().Single().StartWindow!.Value, back.Steps.OfType<Step.Press>().Single().Window!.Value));
        Assert.Equal(new Span(50, 60), back.Steps.OfType<Step.Press>().Single().WindowOfStart);
        Assert.Equal((50, 60), (ConductPlan.Of(ForecastModel.Published.Run(back)).Steps[6].Low, ConductPlan.Of(ForecastModel.Published.Run(back)).Steps[6].High));
        var late = With(step => step is Step.Press ? step with { StartWindow = new Span(5, 6) } : step, "tp-upright-short");
        Assert.Contains(ForecastModel.Published.Figures(late).Events, one => one is { Kind: BrewEventKind.WindowMissed, StepIndex: 6, Limit: 6 });
        // Elsewhere it is an unknown member, kept and written back.
        var stir = RecipeWriter.Write(RecipeLibrary.Find("vd-coffee-first")!).Replace("\"do\": \"tap-raft\",", "\"do\": \"tap-raft\", \"startWindow\": [1, 2],", StringComparison.Ordinal).Replace("\"do\":\"tap-raft\",", "\"do\":\"tap-raft\",\"startWindow\":[1,2],", StringComparison.Ordinal);
        var tapped = Assert.Single(RecipeReader.Read(stir).Recipes).Steps.OfType<Step.TapRaft>().Single();
        Assert.Null(tapped.StartWindow);
        Assert.True(tapped.Extra.ContainsKey("startWindow"));
    }

    /// <summary>Every verb passes through everything that walks the steps: the forecast, the acts, the drawings, the conducting.</summary>
    [Theory]
    [MemberData(nameof(Words))]
    public void A_recipe_with_any_verb_in_it_is_forecast_drawn_and_conducted(string word)
    {
        var verb = Verb.Find(word)!;
        var written = RecipeLibrary.All.First(recipe => verb.Families.Contains(recipe.Brewer.Family));
        var recipe = StepEditing.Add(written, written.Steps.Length - 2, verb);
        Assert.Contains(recipe.Steps, step => Verb.Of(step) == verb);
        var forecast = ForecastModel.Published.Run(recipe);
        Assert.True(double.IsFinite(forecast.Totals.FinalTdsPercent));
        Assert.NotEmpty(Acts.Of(forecast));
        Assert.Contains("<svg", BrewChart.Draw(forecast, new BrewChartOptions(560)), StringComparison.Ordinal);
        Assert.Contains("<svg", BrewerSection.Draw(forecast, forecast.Totals.FinishS / 2, BrewChartLabels.Plain), StringComparison.Ordinal);
        var plan = ConductPlan.Of(forecast);
        Assert.True(BrewRun.Replay(plan, [new BrewEntry(Guid.NewGuid(), EntryKind.Start, plan.Anchor, 1_000)], 2_000).ClockRuns);
        Assert.Equal(RecipeWriter.Write(recipe), RecipeWriter.Write(Assert.Single(RecipeReader.ReadDraft(RecipeWriter.Write(recipe)).Recipes)));
    }

    private static JsonNode Unusual(string word, string name)
    {
        var member = Member.Named(word == "stir" && name == "path" ? "stir.path" : name);
        return member.Kind switch
        {
            MemberKind.Number => JsonValue.Create(name switch { "iceC" => -11.5, "met" => 0.4, _ => double.NaN } is var own && !double.IsNaN(own) ? own : Math.Clamp(37.5, member.Min, member.Max))!,
            MemberKind.Whole => JsonValue.Create(7)!,
            MemberKind.Flag => JsonValue.Create(name is not ("hot" or "on" or "keep"))!,
            MemberKind.Word => JsonValue.Create(member.Words[^1])!,
            MemberKind.Range => new JsonArray(12, 34),
            _ => JsonValue.Create("with a long spoon")!,
        };
    }
}
