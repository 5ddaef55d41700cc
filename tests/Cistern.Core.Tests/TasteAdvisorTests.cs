namespace Cistern.Core.Tests;

/// <summary>Advice answers what was tasted: judged here by figures of the forecast, not by the advice's own measure.</summary>
public sealed class TasteAdvisorTests
{
    private static readonly ForecastModel Model = ForecastModel.Published;

    public static TheoryData<Complaint> OfTheCup() => [Complaint.Sour, Complaint.Bitter, Complaint.Astringent, Complaint.Thin, Complaint.Heavy, Complaint.Weak, Complaint.Strong, Complaint.Hollow, Complaint.TooLittle, Complaint.TooLate];

    [Theory]
    [MemberData(nameof(OfTheCup))]
    public void Every_recipe_has_an_answer_to_a_complaint_and_none_that_makes_it_worse(Complaint complaint)
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var plan = recipe with { Target = null };
            var changes = Advise(plan, plan, complaint).Changes;
            var now = Model.Figures(plan).Totals;
            Assert.True(changes.Length > 0 && changes[0].Answers.Contains(complaint), $"{recipe.Id} {complaint}");
            Assert.True(Better(complaint, now, changes[0].Then.Totals), $"{recipe.Id} {complaint}: {changes[0].Why}");
            // Advice about something else may leave it unchanged, but not make it worse.
            Assert.All(changes, change => Assert.False(Better(Opposite(complaint), now, change.Then.Totals, much: true), $"{recipe.Id} {complaint}: {change.Why}"));
            Assert.All(changes, change => Assert.DoesNotContain(RecipeChecker.Check(change.Recipe), finding => finding.Severity == Severity.Error));
        }
    }

    [Theory]
    [InlineData(Complaint.Muddy, Complaint.DrawdownFast)]
    [InlineData(Complaint.Muddy, Complaint.PressEasy)]
    [InlineData(Complaint.Muddy, Complaint.Weak)]
    [InlineData(Complaint.TooCool, Complaint.Sour)]
    [InlineData(Complaint.TooCool, Complaint.HighAndDry)]
    [InlineData(Complaint.HighAndDry, Complaint.Bitter)]
    [InlineData(Complaint.PastyWalls, Complaint.Astringent)]
    [InlineData(Complaint.TooLate, Complaint.Sour)]
    public void No_complaint_is_left_alone_where_two_go_different_ways(Complaint one, Complaint other)
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var (plan, now) = (recipe with { Target = null }, Model.Figures(recipe).Totals);
            var has = !((now.PressForceN is null && other == Complaint.PressEasy) || (now.DrawdownS is null && other == Complaint.DrawdownFast) || (now.ChilledC is not null && one == Complaint.TooCool));
            var changes = Advise(plan, plan, one, other).Changes;
            Assert.True(!has || Array.TrueForAll([one, other], complaint => changes.Any(change => change.Answers.Contains(complaint))), $"{recipe.Id}: {string.Join("; ", changes.Select(change => change.Why))}");
            // Another paper or a cloth is never advised for a purpose it does not serve.
            Assert.DoesNotContain(changes, change => (change.Adjustment == Adjustment.Filter && !change.Answers.Any(answer => answer is Complaint.Muddy or Complaint.PressEasy or Complaint.DrawdownFast)) || (change.Adjustment == Adjustment.Wrap && !change.Answers.Contains(Complaint.TooCool)));
        }
    }

    [Fact]
    public void Two_complaints_that_no_single_setting_answers_are_answered_by_two_the_main_one_first()
    {
        // Finer would help the sour cup and make the press still harder.
        var plan = RecipeLibrary.Find("tp-upright-short")! with { Target = null };
        var first = Advise(plan, plan, Complaint.Sour, Complaint.PressHard).Changes[0];
        Assert.Equal([Complaint.PressHard, Complaint.Sour], first.Answers.Order().Reverse());
        var and = Assert.IsType<SecondChange>(first.And);
        Assert.NotEqual(first.Adjustment, and.Adjustment);
        Assert.Equal(Advisor.KeyOf(first.Recipe), Advisor.KeyOf(and.Recipe));
        Assert.True(first.Then.Totals.PressForceN < first.Now.Totals.PressForceN && first.Then.Totals.ExtractionYieldPercent > first.Now.Totals.ExtractionYieldPercent);
        Assert.Contains(and.Setting == "medianUm" ? "rind" : "", first.Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_deviation_is_named_as_the_cause_only_where_it_is_one()
    {
        var plan = RecipeLibrary.Find("vd-coffee-first")! with { Target = null };
        var planned = Model.Run(plan);
        var late = Settings.With(planned, Setting.SteepEndS, Settings.Get(planned, Setting.SteepEndS)!.Value + 150);
        var bitter = Advise(plan, late, Complaint.Bitter);
        Assert.Equal(Adjustment.AsPlanned, Assert.Single(bitter.Changes).Adjustment);
        Assert.NotNull(bitter.Verdict.Cause);
        // A late step does not make a cup sour: the plan needs the change, and the advice is not just to keep to the plan.
        var sour = Advise(plan, late, Complaint.Sour);
        Assert.NotEmpty(sour.Changes);
        Assert.DoesNotContain(sour.Changes, change => change.Adjustment == Adjustment.AsPlanned);
        Assert.Null(sour.Verdict.Cause);
        // A deviation that only the taster reported.
        var told = Advisor.Of([Brewed(plan, plan, Complaint.Weak) is var brew ? brew with { Tasting = brew.Tasting! with { WentWrong = ["poured-over"] } } : null!], Model, new AdviceGear());
        Assert.Equal(Adjustment.AsPlanned, told.Changes[0].Adjustment);
    }

    [Fact]
    public void A_cup_that_was_liked_is_left_alone_and_one_that_nobody_tasted_is_not_judged()
    {
        foreach (var recipe in RecipeLibrary.All)
        {
            var plan = recipe with { Target = null };
            var liked = Advisor.Of([new BrewRecord(Guid.NewGuid(), plan, plan) { Tasting = new TastingRecord { Score = 9 } }], Model, new AdviceGear());
            Assert.Empty(liked.Changes);
            Assert.True(liked.Verdict.Liked && liked.Verdict.Tasted);
            var untasted = Advisor.Of([new BrewRecord(Guid.NewGuid(), plan, plan)], Model, new AdviceGear());
            Assert.Empty(untasted.Changes);
            Assert.False(untasted.Verdict.Tasted || untasted.Verdict.Liked);
        }
    }

    [Fact]
    public void Without_a_target_no_figure_of_the_library_is_aimed_at()
    {
        var recipe = RecipeLibrary.Find("ld-closed")!;
        var plan = recipe with { Target = null, Coffee = recipe.Coffee with { DoseG = Math.Round(0.8 * recipe.Coffee.DoseG, 1) } };
        Assert.Empty(Aim.For(new BrewRecord(Guid.NewGuid(), plan, plan), Model.Figures(plan)));
        // Weak by the library, and called bitter: it is made less bitter, not stronger.
        Assert.All(Advise(plan, plan, Complaint.Bitter).Changes, change => Assert.True(change.Then.Totals.FlavourBalance < change.Now.Totals.FlavourBalance));
        var set = plan with { Target = new Target { TdsPercent = new Span(1.2, 1.4) } };
        Assert.Contains(Aim.For(new BrewRecord(Guid.NewGuid(), set, set), Model.Figures(set)), aim => aim is { Of: AimOf.Strength, Set: true });
    }

    /// <summary>One usual step first; the forecast says how much further to go, if it finds the fault at all.</summary>
    [Fact]
    public void The_rest_of_the_way_is_given_where_the_forecast_shows_the_fault()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")! with { Target = null };
        var coarse = recipe with { Grind = recipe.Grind with { MedianUm = 1_250 } };
        Assert.True(Model.Figures(coarse).Totals.FlavourBalance < CupJudgement.BalancedFrom);
        var finer = Advise(coarse, coarse, Complaint.Sour).Changes.First(change => change.Adjustment == Adjustment.Grind);
        var whole = finer.WholeWay!.Value;
        Assert.True(whole < finer.To && finer.To < finer.From);
        Assert.True(Model.Figures(finer.Recipe with { Grind = finer.Recipe.Grind with { MedianUm = whole } }).Totals.FlavourBalance >= CupJudgement.BalancedFrom);
        Assert.True(finer.Then.Totals.FlavourBalance < CupJudgement.BalancedFrom);
        // Called bitter while the forecast finds it balanced: the distance is unknown.
        Assert.All(Advise(recipe, recipe, Complaint.Bitter).Changes, change => Assert.Null(change.WholeWay));
        // And a reading gives the distance from the target better than any taste.
        var read = Brewed(coarse, coarse, Complaint.Sour) with { Measured = new MeasuredFigures { TdsPercent = 1.1 } };
        Assert.All(Advisor.Of([read], Model, new AdviceGear()).Changes, change => Assert.Null(change.WholeWay));
    }

    [Fact]
    public void A_cup_that_was_liked_becomes_a_target_as_brewed()
    {
        var totals = Model.Figures(RecipeLibrary.Find("ld-closed")!).Totals;
        Assert.Equal((1.2, 1.4), (Aim.AsItWas(totals, 1.3).TdsPercent!.Value.Low, Aim.AsItWas(totals, 1.3).TdsPercent!.Value.High));
        var target = Aim.AsItWas(totals, null);
        Assert.InRange(totals.FinalTdsPercent, target.TdsPercent!.Value.Low + 0.09, target.TdsPercent.Value.High - 0.09);
        Assert.InRange(totals.FlavourBalance, target.FlavourBalance!.Value.Low + 0.39, target.FlavourBalance.Value.High - 0.39);
    }

    [Theory]
    [InlineData(-0.6, "balanced")]
    [InlineData(-0.65, "just on the sour side")]
    [InlineData(-0.8, "on the sour side")]
    [InlineData(-1.25, "just sour")]
    [InlineData(-1.5, "sour")]
    [InlineData(0.45, "just on the bitter side")]
    [InlineData(0.7, "on the bitter side")]
    [InlineData(1.2, "bitter")]
    public void A_balance_is_named_as_baristas_say_it(double balance, string words) => Assert.Equal(words, CupJudgement.BalanceOf(balance));

    [Fact]
    public void What_is_said_at_a_touch_is_read_again_and_what_is_not_known_is_passed_over()
    {
        Assert.All(ComplaintList.Said, one => Assert.Equal(one, ComplaintList.Find(Words<Complaint>.Of(one))));
        Assert.Equal([Complaint.Sour, Complaint.PressHard], ComplaintList.Read("sour press-hard salty sour"));
        // Recognized in free text only: there is no button for it.
        Assert.Null(ComplaintList.Find("papery"));
    }

    private static Advice Advise(Recipe plan, Recipe brewed, params Complaint[] said) => Advisor.Of([Brewed(plan, brewed, said)], Model, new AdviceGear());

    private static BrewRecord Brewed(Recipe plan, Recipe brewed, params Complaint[] said) => new(Guid.NewGuid(), plan, brewed) { Tasting = new TastingRecord { Complaints = [.. said], Score = 5 } };

    private static Complaint Opposite(Complaint one) => one switch
    {
        Complaint.Sour or Complaint.Hollow => Complaint.Bitter,
        Complaint.Bitter or Complaint.Astringent => Complaint.Sour,
        Complaint.Thin or Complaint.Weak => Complaint.Heavy,
        Complaint.Heavy or Complaint.Strong => Complaint.Thin,
        _ => one,
    };

    private static bool Better(Complaint one, Totals now, Totals then, bool much = false)
    {
        var (extraction, balance, tds) = (then.ExtractionYieldPercent - now.ExtractionYieldPercent, then.FlavourBalance - now.FlavourBalance, then.FinalTdsPercent - now.FinalTdsPercent);
        return one switch
        {
            Complaint.Sour => much ? extraction > 0.2 && balance > 0.05 : extraction > 0 && balance > 0,
            Complaint.Bitter or Complaint.Astringent => much ? extraction < -0.2 && balance < -0.05 : extraction < 0 && balance < 0,
            Complaint.Hollow => extraction > 0,
            Complaint.Thin or Complaint.Weak => tds > (much ? 0.03 : 0),
            Complaint.Heavy or Complaint.Strong => tds < (much ? -0.03 : 0),
            Complaint.TooLittle => !much && then.FinalG > now.FinalG,
            Complaint.TooLate => !much && then.FinishS < now.FinishS,
            _ => throw new ArgumentOutOfRangeException(nameof(one)),
        };
    }
}
