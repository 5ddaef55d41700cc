namespace Cistern.Core.Advising;

/// <summary>
/// Changes that answer complaints while everything else stays as it was: the adjustments that practitioners use for each, in usual
/// step sizes, that by the forecast move in the right direction and do not worsen another complaint. A deviation that explains a
/// complaint comes first.
/// </summary>
/// <param name="brew">The brew.</param>
/// <param name="plan">The forecast of its plan.</param>
/// <param name="drunk">The forecast of the brew as it was made.</param>
/// <param name="stated">The complaints, most important first.</param>
/// <param name="gear">The equipment available for a change.</param>
/// <param name="tried">What was brewed in this series before, as <see cref="Advisor.KeyOf"/> identifies it.</param>
internal sealed class TasteAdvisor(BrewRecord brew, Forecast plan, Forecast drunk, ImmutableArray<Complaint> stated, AdviceGear gear, HashSet<string> tried)
{
    /// <summary>A deviation explains a complaint where plan and brew differ by this many tolerances. Judged.</summary>
    private const double ExplainsFrom = 2.5;

    /// <summary>The least effect of a change, in tolerances; a smaller one cannot be tasted. Judged.</summary>
    private const double TastableFrom = 1.5;

    private const int MaxSingles = 4;

    /// <summary>More steps than this would be another recipe.</summary>
    private const int MaxSteps = 8;

    /// <summary>For each complaint what practitioners do, the most usual first: an adjustment, and whether it goes up.</summary>
    private static readonly Dictionary<Complaint, (Adjustment Adjustment, bool Up)[]> Usual = new()
    {
        [Complaint.Sour] = [(Adjustment.Grind, false), (Adjustment.Temperature, true), (Adjustment.Release, true), (Adjustment.Turns, true)],
        [Complaint.Flat] = [(Adjustment.Temperature, true), (Adjustment.Grind, false), (Adjustment.Release, true)],
        [Complaint.Bitter] = [(Adjustment.Grind, true), (Adjustment.Temperature, false), (Adjustment.Release, false), (Adjustment.Turns, false)],
        [Complaint.Astringent] = [(Adjustment.Grind, true), (Adjustment.Temperature, false), (Adjustment.Release, false), (Adjustment.Turns, false)],
        [Complaint.Thin] = [(Adjustment.Dose, true), (Adjustment.Water, false), (Adjustment.Grind, false), (Adjustment.Dilution, false)],
        [Complaint.Weak] = [(Adjustment.Dose, true), (Adjustment.Water, false), (Adjustment.Grind, false), (Adjustment.Dilution, false)],
        [Complaint.Heavy] = [(Adjustment.Dilution, true), (Adjustment.Water, true), (Adjustment.Dose, false)],
        [Complaint.Strong] = [(Adjustment.Dilution, true), (Adjustment.Water, true), (Adjustment.Dose, false)],
        [Complaint.Hollow] = [(Adjustment.Grind, false), (Adjustment.Temperature, true), (Adjustment.Release, true), (Adjustment.Turns, true)],
        [Complaint.Muddy] = [(Adjustment.Settle, true), (Adjustment.Grind, true), (Adjustment.Turns, false), (Adjustment.Filter, true)],
        [Complaint.PressHard] = [(Adjustment.Grind, true)],
        [Complaint.PressEasy] = [(Adjustment.Grind, false), (Adjustment.Filter, true)],
        [Complaint.DrawdownSlow] = [(Adjustment.Grind, true), (Adjustment.Temperature, true), (Adjustment.Turns, false)],
        [Complaint.Stalled] = [(Adjustment.Grind, true), (Adjustment.Temperature, true), (Adjustment.Turns, false)],
        [Complaint.DrawdownFast] = [(Adjustment.Grind, false), (Adjustment.Filter, true)],
        [Complaint.TooCool] = [(Adjustment.Preheat, true), (Adjustment.Temperature, true), (Adjustment.Wrap, true)],
        [Complaint.TooLittle] = [(Adjustment.Batch, true)],
        [Complaint.TooLate] = [(Adjustment.Release, false), (Adjustment.Grind, true)],
        [Complaint.TooEarly] = [(Adjustment.Release, true)],
    };

    /// <summary>The effect on the cup of deviations that the taster reports and the brew did not record.</summary>
    private static readonly Dictionary<WentWrong, Complaint[]> CausedByDeviation = new()
    {
        [WentWrong.ReleasedLate] = [Complaint.Bitter, Complaint.Astringent, Complaint.Heavy, Complaint.Strong, Complaint.TooLate, Complaint.TooCool],
        [WentWrong.LeftOnGrounds] = [Complaint.Bitter, Complaint.Astringent, Complaint.Heavy, Complaint.Strong, Complaint.TooCool],
        [WentWrong.ClockLate] = [Complaint.Bitter, Complaint.Astringent, Complaint.Heavy, Complaint.Strong, Complaint.TooLate],
        [WentWrong.PlungerStuck] = [Complaint.PressHard, Complaint.Bitter, Complaint.Astringent, Complaint.TooLate, Complaint.Muddy],
        [WentWrong.ReleasedEarly] = [Complaint.Sour, Complaint.Thin, Complaint.Weak, Complaint.Hollow],
        [WentWrong.LidForgotten] = [Complaint.TooCool, Complaint.Sour, Complaint.Hollow, Complaint.Thin, Complaint.Weak],
        [WentWrong.StirForgotten] = [Complaint.Sour, Complaint.Thin, Complaint.Weak, Complaint.Hollow, Complaint.HighAndDry],
        [WentWrong.PouredOver] = [Complaint.Thin, Complaint.Weak],
        [WentWrong.PouredUnder] = [Complaint.Heavy, Complaint.Strong, Complaint.TooLittle],
        [WentWrong.DoseOver] = [Complaint.Heavy, Complaint.Strong, Complaint.PressHard, Complaint.DrawdownSlow, Complaint.Stalled],
        [WentWrong.DoseUnder] = [Complaint.Thin, Complaint.Weak, Complaint.PressEasy, Complaint.DrawdownFast],
        [WentWrong.WaterCool] = [Complaint.Sour, Complaint.Hollow, Complaint.Thin, Complaint.Weak, Complaint.TooCool],
        [WentWrong.WaterHot] = [Complaint.Bitter, Complaint.Astringent],
    };

    private readonly bool isLoud = Complaints.IsLoud(brew);
    private readonly Dictionary<(Adjustment, bool, bool), List<Candidate>> sampled = [];

    // A brew that was liked is not corrected: where the plan is further from the wanted cup than the brew was, the next one starts
    // from the brew.
    private readonly Forecast from = stated.Any(one => Effects.IsAgainst(one, drunk.Totals, plan.Totals)) ? drunk : plan;

    private Totals Drunk => drunk.Totals;

    /// <summary>Complaints explained by a deviation: the plan has less of them, or the taster reports a deviation that causes them.</summary>
    public ImmutableArray<Complaint> Explained { get; } = [.. stated.Where(one => ByForecast(brew, plan, drunk, one) || ByDeviation(brew, one))];

    /// <summary>The plan again, where that is the answer; null where no deviation explains anything.</summary>
    public AdvisedChange? AsPlanned() => Explained.IsEmpty ? null : Change(Adjustment.AsPlanned, 0, 0, brew.Planned, plan, Explained);

    /// <summary>The changes, best first: those that answer most, in the order practitioners use them, in the smallest step that can be tasted.</summary>
    public IReadOnlyList<AdvisedChange> Run()
    {
        // Complaints explained by a deviation are answered by the plan, the others by changing it.
        var left = stated.Except(Explained).ToImmutableArray();
        var changes = new List<AdvisedChange>();
        if (AsPlanned() is { } again)
        {
            changes.Add(again);
        }

        if (left.IsEmpty)
        {
            return changes;
        }

        var adjustments = left.SelectMany(one => Usual.GetValueOrDefault(one, [])).Distinct().ToList();
        var ranked = adjustments.Select(one => Smallest(one.Adjustment, one.Up, left)).OfType<Candidate>().Concat(Words(left))
            .OrderByDescending(one => one.Answers.Length).ThenBy(one => one.Adjustment == Adjustment.Stand).ThenBy(one => left.IndexOf(one.Answers[0])).ThenBy(one => adjustments.IndexOf((one.Adjustment, one.To > one.From))).ToList();
        // Each complaint gets its own best change even if that ranks low.
        var singles = ranked.Take(MaxSingles).Concat(left.Select(one => ranked.Find(candidate => candidate.Answers.Contains(one))).OfType<Candidate>()).Distinct().ToList();
        var alone = left.Where(one => !singles.Exists(single => single.Adjustment != Adjustment.Stand && single.Answers.Contains(one))).ToList();
        if (alone.Count > 0 && TwoChanges(left) is { } both)
        {
            changes.Add(both);
        }

        changes.AddRange(singles.Select(one => Change(one.Adjustment, one.From, one.To, one.Recipe, one.Then, one.Answers) with { WholeWay = ValueToResolve(one) }));
        return changes;
    }

    private static bool ByForecast(BrewRecord brew, Forecast plan, Forecast drunk, Complaint one) =>
        Advisor.KeyOf(brew.Planned) != Advisor.KeyOf(brew.Brewed) && Effects.Of(one, drunk.Totals, plan.Totals) >= (Effects.IsFlow(one) ? Effects.AnswersFlow : ExplainsFrom);

    private static bool ByDeviation(BrewRecord brew, Complaint one) => brew.Tasting is { } tasting && tasting.WentWrong.Any(word => Words<WentWrong>.Find(word) is { } deviation && CausedByDeviation[deviation].Contains(one));

    /// <summary>The smallest step of an adjustment that answers a remaining complaint and worsens none.</summary>
    private Candidate? Smallest(Adjustment adjustment, bool up, ImmutableArray<Complaint> left)
    {
        Candidate? most = null;
        var wanted = isLoud ? 2 * TastableFrom : TastableFrom;
        foreach (var one in Sampled(adjustment, up))
        {
            // A filter is changed only for the complaints that it is meant for.
            var answers = left.Where(complaint => (adjustment is not (Adjustment.Filter or Adjustment.Wrap) || Usual.GetValueOrDefault(complaint, []).Contains((adjustment, up))) && Effects.IsAnswered(complaint, Drunk, one.Then.Totals)).ToImmutableArray();
            if (answers.IsEmpty || stated.Any(complaint => Effects.IsAgainst(complaint, Drunk, one.Then.Totals)))
            {
                continue;
            }

            most = one with { Answers = answers };
            if (answers.All(complaint => Effects.Of(complaint, Drunk, one.Then.Totals) >= (Effects.IsFlow(complaint) ? 2 * wanted : wanted) && IsEnough(complaint, one.Then.Totals)))
            {
                break;
            }
        }

        return most;
    }

    /// <summary>
    /// The value of an adjustment, whole steps away, at which the forecast expects no complaint; null where the first step is enough,
    /// where the forecast does not see the fault, or where a reading shows how far it is. A taster's points are ordinal, so the step
    /// itself stays small.
    /// </summary>
    private double? ValueToResolve(Candidate one)
    {
        if (brew.Measured.TdsPercent is not null || !one.Answers.Any(answer => !IsResolved(answer, Drunk)) || one.Answers.All(answer => IsResolved(answer, one.Then.Totals))
            || Adjustments.Of(one.Adjustment, from, gear, gear.CanGrind(brew.Coffee)) is not { } found)
        {
            return null;
        }

        for (var k = 2; k <= MaxSteps; k++)
        {
            var value = found.Dial.Snap(one.From + (k * (one.To - one.From)), one.To > one.From);
            if (value < found.Dial.Range.Low - 1e-9 || value > found.Dial.Range.High + 1e-9 || Brewable(Adjustments.With(one.Adjustment, from, value)) is not { } then)
            {
                return null;
            }

            if (one.Answers.All(answer => IsResolved(answer, then.Totals)))
            {
                return value;
            }
        }

        return null;
    }

    /// <summary>Whether the forecast expects no complaint of a cup; complaints it cannot see count as answered.</summary>
    private static bool IsResolved(Complaint complaint, Totals cup) => complaint switch
    {
        Complaint.Sour or Complaint.Flat => cup.FlavourBalance >= CupJudgement.BalancedFrom,
        Complaint.Bitter or Complaint.Astringent => cup.FlavourBalance <= CupJudgement.BalancedTo && cup.ExtractionLevel <= CupJudgement.OverExtracted,
        Complaint.Hollow => cup.ExtractionLevel >= CupJudgement.UnderExtracted,
        Complaint.Thin or Complaint.Weak => cup.FinalTdsPercent >= CupJudgement.ThinTdsPercent,
        Complaint.PressHard => cup.PressForceN is not > Aim.HardN,
        Complaint.DrawdownSlow or Complaint.Stalled => cup.DrawdownS is not > ForecastModel.StallsAfterS,
        _ => true,
    };

    /// <summary>Where the missing amount is known, a smaller change is not enough.</summary>
    private bool IsEnough(Complaint complaint, Totals then) => complaint switch
    {
        Complaint.Stalled => then.DrawdownS is not > ForecastModel.StallsAfterS,
        Complaint.TooLittle => gear.CupG is not { } cupG || brew.Measured.BeverageG is not { } hadG || then.FinalG * hadG >= 0.99 * cupG * Drunk.FinalG,
        _ => true,
    };

    /// <summary>An adjustment moved in usual steps in one direction, smallest first, as far as the result can be brewed.</summary>
    private List<Candidate> Sampled(Adjustment adjustment, bool up, bool far = false)
    {
        if (sampled.TryGetValue((adjustment, up, far), out var known))
        {
            return known;
        }

        var all = new List<Candidate>();
        foreach (var (stands, value, recipe) in Steps(adjustment, up, far))
        {
            if (Brewable(recipe) is { } then)
            {
                all.Add(new Candidate(adjustment, stands, value, recipe, then, []));
            }
        }

        return sampled[(adjustment, up, far)] = all;
    }

    private IEnumerable<(double Stands, double Value, Recipe Recipe)> Steps(Adjustment adjustment, bool up, bool far)
    {
        var most = isLoud || far || stated.Contains(Complaint.Stalled) ? 6 : 3;
        switch (adjustment)
        {
            case Adjustment.Dilution:
                var has = from.Recipe.Steps.OfType<Step.Dilute>().LastOrDefault()?.WaterG ?? 0;
                for (var k = 1; k <= most; k++)
                {
                    var waterG = Math.Round(has + ((up ? 1 : -1) * Math.Max(2, 0.033 * k * Drunk.FinalG)));
                    if (waterG >= 1)
                    {
                        yield return (has, waterG, Adjustments.DilutedTo(from.Recipe, waterG));
                    }
                }

                break;
            case Adjustment.Settle or Adjustment.Preheat or Adjustment.Filter or Adjustment.Wrap:
                foreach (var (single, stands, value, recipe) in Adjustments.Single(from, SingleFor(adjustment), gear))
                {
                    if (single == adjustment)
                    {
                        yield return (stands, value, recipe);
                    }
                }

                break;
            case Adjustment.Batch:
                foreach (var more in (double[])[0.02, 0.05, 0.1, 0.15])
                {
                    var doseG = Math.Round(from.Recipe.Coffee.DoseG * (1 + more), 1);
                    if (doseG <= (gear.LeftG ?? double.PositiveInfinity))
                    {
                        yield return (from.Recipe.Coffee.DoseG, doseG, Adjustments.With(Adjustment.Batch, from, doseG));
                    }
                }

                break;
            default:
                if (Adjustments.Of(adjustment, from, gear, gear.CanGrind(brew.Coffee)) is not { } found)
                {
                    break;
                }

                double[] by = adjustment switch
                {
                    // One to three clicks are usual; more only where three cannot be tasted.
                    Adjustment.Grind => [.. Enumerable.Range(1, 2 * most).Select(k => k * found.Dial.StepSize)],
                    Adjustment.Temperature => [.. Enumerable.Range(1, most).Select(k => (double)k)],
                    Adjustment.Release => [.. new[] { 5, 10, 15, Tenths(1), isLoud || far ? 30 : 15, isLoud || far ? Tenths(2) : 15, far ? Tenths(4) : 15, far ? 60 : 15 }.Where(s => s > 0).Distinct().Order()],
                    Adjustment.Turns => [.. Enumerable.Range(1, most).Select(k => (double)k)],
                    _ => [.. Enumerable.Range(1, most).Select(k => 0.033 * k * found.Stands)],
                };
                double Tenths(int tenths) => Math.Round(0.1 * tenths * found.Stands / 5) * 5;
                foreach (var step in by)
                {
                    var value = found.Dial.Snap(found.Stands + (up ? step : -step), up);
                    if (value >= found.Dial.Range.Low - 1e-9 && value <= found.Dial.Range.High + 1e-9 && (up ? value > found.Stands + 1e-9 : value < found.Stands - 1e-9))
                    {
                        yield return (found.Stands, value, Adjustments.With(adjustment, from, value));
                    }
                }

                break;
        }
    }

    /// <summary>The complaint that leads to an adjustment that is either done or not.</summary>
    private static Complaint SingleFor(Adjustment adjustment) => adjustment is Adjustment.Settle or Adjustment.Filter ? Complaint.Muddy : Complaint.TooCool;

    /// <summary>The forecast of a recipe; null where it cannot be brewed, was tried in this series, or causes an event that the plan does not.</summary>
    private Forecast? Brewable(Recipe recipe)
    {
        if (tried.Contains(Advisor.KeyOf(recipe)) || RecipeChecker.Check(recipe).Any(finding => finding.Severity == Severity.Error))
        {
            return null;
        }

        var then = plan.Again(recipe);
        var harm = then.Events.Any(happening => Advisor.IsFault(happening) && !from.Events.Any(one => one.Kind == happening.Kind && one.StepIndex == happening.StepIndex))
            || (then.Totals.PressForceN > Aim.HardN && then.Totals.PressForceN > Drunk.PressForceN)
            || (then.Totals.DrawdownS > ForecastModel.StallsAfterS && then.Totals.DrawdownS > Drunk.DrawdownS);
        return harm ? null : then;
    }

    /// <summary>Adjustments for complaints that no figure represents.</summary>
    private IEnumerable<Candidate> Words(ImmutableArray<Complaint> left)
    {
        foreach (var complaint in left.Where(one => one is Complaint.Muddy or Complaint.HighAndDry or Complaint.PastyWalls or Complaint.Papery or Complaint.WeakRunoff or Complaint.FellBack))
        {
            // What the forecast sees was compared by it already; a longer wait also cools the drink.
            foreach (var (adjustment, stands, value, recipe) in Adjustments.Single(from, complaint, gear).Where(one => one.Adjustment is not (Adjustment.Settle or Adjustment.Filter) && !(one.Adjustment == Adjustment.Stand && stated.Contains(Complaint.TooCool))))
            {
                if (Brewable(recipe) is { } then && !stated.Any(one => Effects.IsAgainst(one, Drunk, then.Totals)))
                {
                    yield return new Candidate(adjustment, stands, value, recipe, then, [complaint, .. left.Where(one => one != complaint && Effects.IsAnswered(one, Drunk, then.Totals))]);
                }
            }
        }
    }

    /// <summary>The smallest pair of changes that together answer all complaints and worsen none, each in usual steps; null where there is none.</summary>
    private AdvisedChange? TwoChanges(ImmutableArray<Complaint> left)
    {
        // The second change may need to be larger than usual, to compensate for the first.
        var moves = left.SelectMany(one => Usual.GetValueOrDefault(one, [])).Distinct().SelectMany(one => Sampled(one.Adjustment, one.Up, far: true).Select((candidate, i) => (candidate, Size: i + 1))).ToList();
        var pairs = from one in moves
                    from other in moves
                    where one.candidate.Adjustment < other.candidate.Adjustment
                    let off = left.Sum(complaint => Math.Max(0, Need(complaint) - (Effect(complaint, one.candidate) + Effect(complaint, other.candidate))))
                    orderby off, one.Size + other.Size
                    select (one.candidate, other.candidate);
        foreach (var (one, other) in pairs.Take(40))
        {
            // First the change that answers the most important complaint.
            var (first, second) = Effect(left[0], one) >= Effect(left[0], other) ? (one, other) : (other, one);
            if (With(second, first.Recipe) is not { } recipe || Brewable(recipe) is not { } then || stated.Any(complaint => Effects.IsAgainst(complaint, Drunk, then.Totals)))
            {
                continue;
            }

            var answers = left.Where(complaint => Effects.IsAnswered(complaint, Drunk, then.Totals, together: true)).ToImmutableArray();
            if (answers.Length == left.Count(complaint => Effects.Of(complaint, Drunk, then.Totals) is not null))
            {
                return Change(first.Adjustment, first.From, first.To, recipe, then, answers, new SecondChange(second.Adjustment, second.From, second.To, recipe));
            }
        }

        return null;

        double Effect(Complaint complaint, Candidate candidate) => Effects.Of(complaint, Drunk, candidate.Then.Totals) ?? 0;

        static double Need(Complaint complaint) => Effects.IsFlow(complaint) ? Effects.AnswersFlowTogether + 0.2 : Effects.Answers + 0.3;
    }

    /// <summary>A recipe with a second change added.</summary>
    private Recipe? With(Candidate second, Recipe recipe) => second.Adjustment switch
    {
        Adjustment.Dilution => Adjustments.DilutedTo(recipe, second.To),
        Adjustment.Settle or Adjustment.Preheat or Adjustment.Filter or Adjustment.Wrap => Adjustments.Single(plan.Again(recipe), SingleFor(second.Adjustment), gear).FirstOrDefault(one => one.Adjustment == second.Adjustment).Recipe,
        _ => Adjustments.With(second.Adjustment, plan.Again(recipe), second.To),
    };

    private AdvisedChange Change(Adjustment adjustment, double stands, double value, Recipe recipe, Forecast then, ImmutableArray<Complaint> answers, SecondChange? and = null)
    {
        var costs = new ChangeCosts(then.Totals.FinishS - Drunk.FinishS, Choosing.HandsS(then) - Choosing.HandsS(drunk), recipe.Coffee.DoseG - brew.Planned.Coffee.DoseG, then.Totals.DrawdownS > ForecastModel.StallsAfterS ? 1 : 0);
        var change = new AdvisedChange(adjustment, stands, value, recipe, drunk, then, 1, "", costs) { Answers = answers, And = and };
        return change with { Why = AdviceWords.Why(change, stated, []) };
    }

    /// <summary>An adjustment with its size and what it answers.</summary>
    private sealed record Candidate(Adjustment Adjustment, double From, double To, Recipe Recipe, Forecast Then, ImmutableArray<Complaint> Answers);
}
