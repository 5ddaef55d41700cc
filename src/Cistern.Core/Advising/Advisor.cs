namespace Cistern.Core.Advising;

/// <summary>
/// Advises what to change for the next brew: single changes, best first, each with its expected effect, its reason and its costs.
/// </summary>
/// <remarks>
/// The goal is a set of <see cref="Aim"/>s. A change is worth the probability that all of them are met, given the forecast and its
/// uncertainty, plus a share of the probability that one further change would meet them. Of the values that should be enough, the
/// smallest change is chosen. Changes tried in the series are not offered again, nor changes that cause an overflow, a boil-over,
/// excessive force or stalling.
/// </remarks>
public static class Advisor
{
    private const int PointsPerSide = 5;

    private static readonly ImmutableSortedDictionary<string, System.Text.Json.JsonElement> NoExtra = ImmutableSortedDictionary<string, System.Text.Json.JsonElement>.Empty;

    /// <summary>The worth of a change that needs another one after it, as a share of the probability that both are enough. Judged.</summary>
    private const double SecondShare = 0.55;

    /// <summary>A smaller change is preferred where it is worth at most this much less. Judged.</summary>
    private const double EquallyGood = 0.02;

    /// <summary>From this probability on, an aim counts as met. Judged.</summary>
    private const double MetFrom = 0.5;

    /// <summary>From this probability on, an aim is certainly met and nothing is changed. Between the two, a change must be clearly better. Judged.</summary>
    private const double CertainFrom = 0.9;

    /// <summary>The same for what nobody set, where something else was set: a target that is met is not given up for what was never asked. Judged.</summary>
    private const double UnsetMetFrom = 0.25;

    /// <summary>The least gain of a change. Judged.</summary>
    private const double MinGain = 0.02;

    /// <summary>The least gain where the target may already be met. Judged.</summary>
    private const double ClearGain = 0.04;

    /// <summary>Correcting a wrong flow is worth this much more, since it comes before the taste. Judged.</summary>
    private const double FlowWorth = 0.5;

    /// <summary>Changes worth less than this share of the best are not offered. Judged.</summary>
    private const double OfferedFrom = 0.3;

    /// <summary>An aim that is met is considered broken below this probability. Judged.</summary>
    private const double BrokenBelow = 0.2;

    /// <summary>A smaller change is offered only where it has an effect that can be tasted. Judged.</summary>
    private const double MinSize = 0.6;

    private const int MaxChanges = 6;

    /// <summary>What to do next time.</summary>
    /// <param name="line">The brews of the series, oldest first; the last one is judged.</param>
    /// <param name="model">The model, with what was learned.</param>
    /// <param name="gear">The equipment available for a change.</param>
    /// <param name="told">The last brew's figures by the model it was planned with; null to use this model's.</param>
    /// <exception cref="OperationCanceledException">The model was cancelled.</exception>
    public static Advice Of(IReadOnlyList<BrewRecord> line, ForecastModel model, AdviceGear gear, BrewFigures? told = null) =>
        new Work(line, model with { Memory = null }, gear, told).Run();

    /// <summary>Identifies a recipe by what is done, without names.</summary>
    internal static string KeyOf(Recipe recipe) => RecipeWriter.Write(recipe with
    {
        Id = "x",
        Name = "x",
        Notes = null,
        Style = null,
        Target = null,
        Extra = NoExtra,
        Coffee = recipe.Coffee with { RestDays = 0, DoseG = Math.Round(recipe.Coffee.DoseG, 1), Extra = NoExtra },
        Grind = recipe.Grind with { MedianUm = Math.Round(recipe.Grind.MedianUm), Extra = NoExtra },
        Water = recipe.Water with { TemperatureC = Math.Round(recipe.Water.TemperatureC, 1), Extra = NoExtra },
    });

    /// <summary>Events that a change may not introduce: an overflow, a step outside its window.</summary>
    internal static bool IsFault(BrewEvent happening) => happening.Kind is BrewEventKind.Overflow or BrewEventKind.ToTheBrim or BrewEventKind.WindowMissed or BrewEventKind.StepLate or BrewEventKind.DryBed;

    /// <summary>The figures of a recipe as a vector: those of the aims, then the peak volume, the force and the drawdown.</summary>
    private readonly record struct Point(double At, double[] Figures);

    private sealed class Work
    {
        private readonly BrewRecord last;
        private readonly AdviceGear gear;
        private readonly ForecastModel model;
        private readonly Forecast now;
        private readonly Forecast asBrewed;
        private readonly BrewFigures brewed;
        private readonly ImmutableArray<Aim> aims;
        private readonly double[] sigma;
        private readonly double[] current;
        private readonly double[] coarse;
        private readonly HashSet<string> tried;
        private readonly Dictionary<Adjustment, (Dial Dial, Point[] Curve)> curves = [];
        private readonly ImmutableArray<Complaint> stated;
        private readonly TasteAdvisor taste;
        private double leastGain = MinGain;

        public Work(IReadOnlyList<BrewRecord> line, ForecastModel model, AdviceGear gear, BrewFigures? told)
        {
            this.gear = gear;
            this.model = model;
            last = line[^1];
            now = model.Run(last.Planned, ForecastOptions.TotalsOnly);
            asBrewed = model.Figures(last.Brewed);
            brewed = told ?? new BrewFigures(now.Totals, asBrewed.Totals);
            aims = Aim.For(last, now);
            var bands = Confidence.Of(now);
            sigma = [.. aims.Select(aim => bands.TryGetValue(aim.Outcome, out var band) ? band.Sigma : 0)];
            current = Figures(now.Totals);
            coarse = Figures(model.ForDifferences().Figures(last.Planned).Totals);
            tried = [.. line.SelectMany(brew => (Recipe[])[brew.Planned, brew.Brewed]).Select(KeyOf)];
            stated = Complaints.Of(last, gear);
            taste = new TasteAdvisor(last, now, asBrewed, stated, gear, tried);
        }

        public Advice Run()
        {
            if (aims.IsEmpty)
            {
                // There is no target: the complaint should become less, and everything else stay as it was.
                return Told(taste.Run(), met: stated.IsEmpty);
            }

            var chances = aims.Select((aim, i) => aim.Chance(Brewed(aim), sigma[i])).ToList();
            bool All(double enough) => chances.Select((chance, i) => chance >= (aims[i].Set ? enough : UnsetMetFrom)).All(so => so);
            var met = All(MetFrom);
            leastGain = met ? ClearGain : MinGain;
            if (All(CertainFrom))
            {
                return Told(FromTaste(), met: true);
            }

            var towards = TowardsTarget();
            var said = FromTaste();
            if (said.Count == 0)
            {
                return Told(towards, met);
            }

            // A measured miss of the target comes before the taste, and the taste before a forecast that no measurement confirms.
            var read = !met && last.Measured.TdsPercent is not null && taste.Explained.IsEmpty;
            var kept = towards.Where((change, i) => (read && i == 0) || !WorsensComplaint(change)).ToList();
            var both = (met || kept.Count == 0 || !(read || !WorsensComplaint(kept[0]))) || !taste.Explained.IsEmpty ? said.Concat(met ? [] : kept) : kept.Take(1).Concat(said).Concat(kept.Skip(1));
            return Told([.. both.DistinctBy(change => (change.Adjustment, change.To > change.From, change.And?.Adjustment)).Where((change, i) => i == 0 || !change.Answers.IsEmpty).Take(MaxChanges)], met);
        }

        /// <summary>What answers the mouth, with the chance that it meets what was set.</summary>
        private List<AdvisedChange> FromTaste() => [.. taste.Run().Select(change => change with { Chance = Chance(Figures(change.Then.Totals)) })];

        /// <summary>Single changes towards what was set, by the chance that they get there.</summary>
        private List<AdvisedChange> TowardsTarget()
        {
            foreach (var adjustment in Adjustments.Searched)
            {
                if (Adjustments.Of(adjustment, now, gear, gear.CanGrind(last.Coffee)) is { } has && has.Dial.Range.High > has.Dial.Range.Low)
                {
                    curves[adjustment] = (has.Dial, Sample(adjustment, has.Stands, has.Dial));
                }
            }

            var worthNow = Worth(current, null);
            var changes = curves.Select(pair => Best(pair.Key, pair.Value.Dial, worthNow)).OfType<(AdvisedChange Change, double Worth)>().ToList();
            // Where the plan should be right and was not followed, the plan again.
            if (Correction.IsNeeded(asBrewed, now.Totals) && Chance(current) >= MetFrom && Told(Adjustment.AsPlanned, 0, 0, last.Planned) is { } again)
            {
                changes.Add((again, 1));
            }

            var byWorth = changes.Select(pair => (pair.Change, Net: pair.Worth - Cost(pair.Change))).OrderByDescending(pair => pair.Net).ThenBy(pair => pair.Change.Adjustment).ToList();
            return [.. byWorth.Where((pair, i) => i == 0 || IsOffered(pair.Change, pair.Net, byWorth[0].Net)).Select(pair => pair.Change).Take(MaxChanges)];
        }

        private bool WorsensComplaint(AdvisedChange change) => stated.Any(one => Effects.IsAgainst(one, asBrewed.Totals, change.Then.Totals));

        private Advice Told(IReadOnlyList<AdvisedChange> changes, bool met) => new(Verdict(changes, met), [.. changes], met, brewed.AsBrewed, aims);

        /// <summary>Whether a change is worth telling beside the best: it breaks nothing, is no trifle, and is worth a good part of that one or answers somebody.</summary>
        private bool IsOffered(AdvisedChange change, double net, double best) =>
            !BreaksTarget(change) && (change.Chance >= MetFrom || Size(change) >= MinSize) && (net >= OfferedFrom * best || !change.Answers.IsEmpty);

        /// <summary>Whether a change undoes a target that is met; such a change is offered only where nothing is better.</summary>
        private bool BreaksTarget(AdvisedChange change)
        {
            var then = Figures(change.Then.Totals);
            return aims.Where((aim, i) => aim.Set && aim.Chance(current[i], sigma[i]) >= MetFrom && aim.Chance(then[i], sigma[i]) < BrokenBelow).Any();
        }

        /// <summary>The figure of the brew as it was made, measured where possible.</summary>
        private double Brewed(Aim aim) => aim.Of switch
        {
            AimOf.Drain => last.Measured.DrawdownS ?? asBrewed.Totals.DrawdownS ?? 0,
            _ => asBrewed.Totals.Of(aim.Outcome) ?? 0,
        };

        private double[] Figures(Totals totals) => [.. aims.Select(aim => totals.Of(aim.Outcome) ?? 0), totals.PeakVolumeMl, totals.PressForceN ?? 0, totals.DrawdownS ?? 0];

        private Point[] Sample(Adjustment adjustment, double at, Dial dial)
        {
            // Denser near the present value, since small changes are usual.
            double[] shares = [0.08, 0.2, 0.4, 0.7, 1];
            var differing = model.ForDifferences();
            var points = new Point[(2 * PointsPerSide) + 1];
            points[PointsPerSide] = new Point(at, current);
            for (var i = 0; i < PointsPerSide; i++)
            {
                foreach (var (end, place) in ((double, int)[])[(dial.Range.Low, PointsPerSide - 1 - i), (dial.Range.High, PointsPerSide + 1 + i)])
                {
                    var value = at + (shares[i] * (end - at));
                    var figures = adjustment == Adjustment.Turns && Math.Round(value) == at ? coarse : Figures(differing.Figures(Adjustments.With(adjustment, now, value)).Totals);
                    points[place] = new Point(value, [.. figures.Select((figure, k) => current[k] + figure - coarse[k])]);
                }
            }

            return points;
        }

        /// <summary>The figures at a value of an adjustment, interpolated between two runs.</summary>
        private static double[] Interpolate(Point[] curve, double value)
        {
            var next = 1;
            while (next < curve.Length - 1 && curve[next].At < value)
            {
                next++;
            }

            var (from, to) = (curve[next - 1], curve[next]);
            var share = to.At > from.At ? Math.Clamp((value - from.At) / (to.At - from.At), 0, 1) : 0;
            var figures = new double[from.Figures.Length];
            for (var i = 0; i < figures.Length; i++)
            {
                figures[i] = double.Lerp(from.Figures[i], to.Figures[i], share);
            }

            return figures;
        }

        /// <summary>The probability that every aim is met; less important aims count less.</summary>
        private double Chance(ReadOnlySpan<double> figures)
        {
            var chance = 1.0;
            for (var i = 0; i < aims.Length; i++)
            {
                chance *= Math.Pow(Math.Max(1e-4, aims[i].Chance(figures[i], sigma[i])), aims[i].Weight);
            }

            return chance;
        }

        /// <summary>The worth of a recipe: the probability that it meets the aims, or would with one more change; correct flow counts extra.</summary>
        private double Worth(double[] figures, Adjustment? moved)
        {
            var chance = Chance(figures);
            var second = chance;
            Span<double> both = stackalloc double[figures.Length];
            foreach (var (adjustment, (_, curve)) in curves)
            {
                if (adjustment == moved)
                {
                    continue;
                }

                foreach (var point in curve)
                {
                    for (var i = 0; i < both.Length; i++)
                    {
                        both[i] = figures[i] + point.Figures[i] - current[i];
                    }

                    second = IsBounded(both) ? Math.Max(second, Chance(both)) : second;
                }
            }

            return chance + ((1 - chance) * SecondShare * second) + (FlowWorth * Flow(figures)) + Closeness(figures);
        }

        /// <summary>How far a wrong flow is corrected; 0 where the flow was right.</summary>
        private double Flow(double[] figures)
        {
            var mended = 0.0;
            for (var i = 0; i < aims.Length; i++)
            {
                if (aims[i].OfFlow && aims[i].Set && aims[i].Chance(current[i], sigma[i]) < MetFrom)
                {
                    mended += aims[i].Chance(figures[i], sigma[i]) - aims[i].Chance(current[i], sigma[i]);
                }
            }

            return Math.Min(1, mended);
        }

        /// <summary>Where the probability is too small to compare, nearer is better; worth a tenth at most.</summary>
        private double Closeness(double[] figures)
        {
            var (off, before) = (DistanceFromTarget(figures), DistanceFromTarget(current));
            return before > 0 ? 0.1 * Math.Clamp(1 - (off / before), -1, 1) : -0.1 * Math.Min(1, off);
        }

        /// <summary>The distance of figures from their ranges, in half widths.</summary>
        private double DistanceFromTarget(double[] figures)
        {
            var off = 0.0;
            for (var i = 0; i < aims.Length; i++)
            {
                var range = aims[i].Range;
                var half = Math.Max(aims[i].LeastSigma, (range.High - range.Low) / 2);
                var beyond = Math.Max(0, Math.Max(range.Low - figures[i], figures[i] - range.High)) / half;
                off += aims[i].Weight * beyond;
            }

            return off;
        }

        /// <summary>No overflow, excessive force or stalling, unless the plan has it already and the change reduces it.</summary>
        private bool IsBounded(ReadOnlySpan<double> figures)
        {
            var at = aims.Length;
            return (figures[at] <= Scaling.FullMl(last.Planned) || figures[at] < current[at] - 0.5)
                && (figures[at + 1] <= Aim.HardN || figures[at + 1] < current[at + 1] - 0.5)
                && (figures[at + 2] <= ForecastModel.StallsAfterS || figures[at + 2] < current[at + 2] - 1);
        }

        /// <summary>The best value of an adjustment: of those that should be enough, the smallest change.</summary>
        private (AdvisedChange Change, double Worth)? Best(Adjustment adjustment, Dial dial, double worthNow)
        {
            var at = curves[adjustment].Curve[PointsPerSide].At;
            var values = new List<(double Value, double Worth)>();
            var steps = Math.Max(1, (int)Math.Ceiling((dial.Range.High - dial.Range.Low) / Math.Max(dial.StepSize, 1e-3)));
            // A dial with very many steps is sampled more coarsely; a hundredth of its range cannot be tasted.
            var stride = Math.Max(1, steps / 60);
            var low = dial.Snap(dial.Range.Low, up: true);
            for (var i = 0; i <= steps; i += stride)
            {
                var value = dial.Snap(Math.Min(low + (i * dial.StepSize), dial.Range.High), up: false);
                if (Math.Abs(value - at) < 0.5 * dial.StepSize)
                {
                    continue;
                }

                var figures = Interpolate(curves[adjustment].Curve, value);
                if (IsBounded(figures))
                {
                    values.Add((value, Worth(figures, adjustment)));
                }
            }

            if (values.Count == 0)
            {
                return null;
            }

            var most = values.Max(pair => pair.Worth);
            foreach (var (value, _) in values.Where(pair => pair.Worth >= most - EquallyGood).OrderBy(pair => Math.Abs(pair.Value - at)).Concat(values.OrderByDescending(pair => pair.Worth)))
            {
                var recipe = Adjustments.With(adjustment, now, value);
                if (tried.Contains(KeyOf(recipe)) || Told(adjustment, at, value, recipe) is not { } change)
                {
                    continue;
                }

                var figures = Figures(change.Then.Totals);
                var worth = Worth(figures, adjustment) - worthNow;
                return IsBounded(figures) && worth > leastGain ? (change, worth) : null;
            }

            return null;
        }

        private AdvisedChange? Told(Adjustment adjustment, double from, double to, Recipe recipe)
        {
            if (RecipeChecker.Check(recipe).Any(finding => finding.Severity == Severity.Error))
            {
                return null;
            }

            var then = now.Again(recipe);
            // A change may not introduce an event such as an overflow or a step outside its window.
            if (then.Events.Any(happening => IsFault(happening) && !now.Events.Any(one => one.Kind == happening.Kind && one.StepIndex == happening.StepIndex)))
            {
                return null;
            }

            var figures = Figures(then.Totals);
            var stalls = then.Totals.DrawdownS is { } drainS ? 1 - new Aim(AimOf.Drain, new Span(double.NegativeInfinity, ForecastModel.StallsAfterS), Set: true).Chance(drainS, Sigma(AimOf.Drain)) : 0;
            var costs = new ChangeCosts(then.Totals.FinishS - now.Totals.FinishS, Choosing.HandsS(then) - Choosing.HandsS(now), recipe.Coffee.DoseG - last.Planned.Coffee.DoseG, stalls);
            var answers = stated.Where(one => Effects.IsAnswered(one, asBrewed.Totals, then.Totals)).ToImmutableArray();
            var change = new AdvisedChange(adjustment, from, to, recipe, asBrewed, then, Chance(figures), "", costs) { Answers = answers };
            return change with { Why = AdviceWords.Why(change, stated, aims) };
        }

        private double Sigma(AimOf of)
        {
            for (var i = 0; i < aims.Length; i++)
            {
                if (aims[i].Of == of)
                {
                    return sigma[i];
                }
            }

            return 0;
        }

        /// <summary>Costs decide between changes of about the same worth. Judged.</summary>
        private static double Cost(AdvisedChange change) =>
            (0.004 * Size(change)) + (Math.Max(0, change.Costs.TimeS) * 0.0002) + (Math.Max(0, change.Costs.HandsS) * 0.001) + (Math.Max(0, change.Costs.CoffeeG) * 0.004) + (0.1 * change.Costs.Stalls)
            + (change.Adjustment is Adjustment.Turns or Adjustment.PressTime or Adjustment.Preheat ? 0.01 : 0);

        /// <summary>The size of a change, relative to the usual ones: a twentieth of a grind or a batch, a few degrees. Judged.</summary>
        private static double Size(AdvisedChange change) => change.Adjustment switch
        {
            Adjustment.Grind or Adjustment.Dose or Adjustment.Water or Adjustment.Dilution => Math.Abs(Math.Log(Math.Max(1e-6, change.To) / Math.Max(1e-6, change.From))) / 0.05,
            Adjustment.Temperature => Math.Abs(change.To - change.From) / 2.5,
            Adjustment.Release => Math.Abs(Math.Log(Math.Max(1, change.To) / Math.Max(1, change.From))) / 0.12,
            Adjustment.Turns => Math.Abs(change.To - change.From) / 2,
            _ => 2,
        };

        private AdviceVerdict Verdict(IReadOnlyList<AdvisedChange> changes, bool met) => AdviceWords.Verdict(last, now, asBrewed, brewed, aims, stated, taste.Explained, changes, met);
    }
}
