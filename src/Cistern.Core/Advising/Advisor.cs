using System.Collections.Immutable;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Records;

namespace Cistern.Core.Advising;

/// <summary>
/// Says what to change for the next brew: single changes, the best first, each with what it does by the forecast, why and what
/// it costs.
/// </summary>
/// <remarks>
/// What is wanted is a set of <see cref="Aim"/>s. A change is worth the chance that all of them are met, by the forecast and
/// what is not known of it; and, where it does not meet them all, the chance that one change more then would. Of the values
/// that should do it the one that changes least is taken. What was tried in the line is never offered again, nor anything that
/// runs over, boils away, presses too hard or stalls.
/// </remarks>
public static class Advisor
{
    private const int PointsASide = 5;

    private static readonly ImmutableSortedDictionary<string, System.Text.Json.JsonElement> NoExtra = ImmutableSortedDictionary<string, System.Text.Json.JsonElement>.Empty;

    /// <summary>A change that should need another one after it is worth this share of the chance that both do. Judged.</summary>
    private const double SecondShare = 0.55;

    /// <summary>A smaller change that is this little worse is as good. Judged.</summary>
    private const double AsGood = 0.02;

    /// <summary>A chance of this is taken for met. Judged.</summary>
    private const double Enough = 0.5;

    /// <summary>With this chance it is met for sure: nothing is changed. Between the two it may be, and a change must be clearly better. Judged.</summary>
    private const double Sure = 0.9;

    /// <summary>What nobody set is met with this chance where something else was set: a target that is met is not changed for what was never asked. Judged.</summary>
    private const double UnaskedEnough = 0.25;

    /// <summary>A change must raise what it is worth by this, or it is none. Judged.</summary>
    private const double LeastGain = 0.02;

    /// <summary>And by this where the target may be met already. Judged.</summary>
    private const double ClearGain = 0.04;

    /// <summary>What flowed wrong speaks first: mending it is worth this on top. Judged.</summary>
    private const double FlowWorth = 0.5;

    /// <summary>What is worth less than this share of the best is not told. Judged.</summary>
    private const double WorthTelling = 0.3;

    /// <summary>With less of a chance than this something that is met is broken. Judged.</summary>
    private const double Broken = 0.2;

    /// <summary>A change smaller than this is told only where it does: nobody would taste it. Judged.</summary>
    private const double LeastSize = 0.6;

    private const int MostChanges = 6;

    /// <summary>What to do next time.</summary>
    /// <param name="line">The brews of the line, oldest first; the last one is what is judged.</param>
    /// <param name="model">The model, with what was learned.</param>
    /// <param name="gear">What there is to change things with.</param>
    /// <param name="told">What the last brew is told to have come to, by the model it was planned with; null where nothing else is told of it than what this model makes of it.</param>
    /// <exception cref="OperationCanceledException">The model was stopped.</exception>
    public static Advice Of(IReadOnlyList<BrewRecord> line, ForecastModel model, AdviceGear gear, ToldFigures? told = null) =>
        new Work(line, model with { Memory = null }, gear, told).Run();

    /// <summary>What a recipe is known again by: everything that is done, nothing that is called.</summary>
    internal static string Print(Recipe recipe) => RecipeWriter.Write(recipe with
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

    /// <summary>What must not come of a change that the plan does not do already: it runs over, a step falls out of its window.</summary>
    internal static bool IsTrouble(BrewEvent happening) => happening.Kind is BrewEventKind.Overflow or BrewEventKind.ToTheBrim or BrewEventKind.WindowMissed or BrewEventKind.StepLate or BrewEventKind.DryBed;

    /// <summary>Figures of a recipe as a vector: those of the aims, then the fullest, the force and the drawdown.</summary>
    private readonly record struct Point(double At, double[] Figures);

    private sealed class Work
    {
        private readonly BrewRecord last;
        private readonly AdviceGear gear;
        private readonly ForecastModel model;
        private readonly Forecast now;
        private readonly Forecast asBrewed;
        private readonly ToldFigures told;
        private readonly ImmutableArray<Aim> aims;
        private readonly double[] sigma;
        private readonly double[] stands;
        private readonly double[] coarse;
        private readonly HashSet<string> tried;
        private readonly Dictionary<Adjustment, (Dial Dial, Point[] Curve)> curves = [];
        private readonly ImmutableArray<Complaint> stated;
        private readonly ByMouth mouth;
        private double leastGain = LeastGain;

        public Work(IReadOnlyList<BrewRecord> line, ForecastModel model, AdviceGear gear, ToldFigures? told)
        {
            this.gear = gear;
            this.model = model;
            last = line[^1];
            now = model.Run(last.Planned, ForecastOptions.TotalsOnly);
            asBrewed = model.Figures(last.Brewed);
            this.told = told ?? new ToldFigures(now.Totals, asBrewed.Totals);
            aims = Aim.For(last, now);
            var bands = Confidence.Of(now);
            sigma = [.. aims.Select(aim => bands.TryGetValue(aim.Outcome, out var band) ? band.Sigma : 0)];
            stands = Figures(now.Totals);
            coarse = Figures(model.ForDifferences().Figures(last.Planned).Totals);
            tried = [.. line.SelectMany(brew => (Recipe[])[brew.Planned, brew.Brewed]).Select(Print)];
            stated = Complaints.Of(last, gear);
            mouth = new ByMouth(last, now, asBrewed, stated, gear, tried);
        }

        public Advice Run()
        {
            if (aims.IsEmpty)
            {
                // Nothing was set: what is wanted is what was complained of, less, and all else as it was.
                return Told(mouth.Run(), met: stated.IsEmpty);
            }

            var chances = aims.Select((aim, i) => aim.Chance(Brewed(aim), sigma[i])).ToList();
            bool All(double enough) => chances.Select((chance, i) => chance >= (aims[i].Set ? enough : UnaskedEnough)).All(so => so);
            var met = All(Enough);
            leastGain = met ? ClearGain : LeastGain;
            if (All(Sure))
            {
                return Told(Said(), met: true);
            }

            var towards = Towards();
            var said = Said();
            if (said.Count == 0)
            {
                return Told(towards, met);
            }

            // A reading that missed the target stands above the mouth, and the mouth above a forecast that no reading bears out.
            var read = !met && last.Measured.TdsPercent is not null && mouth.Explained.IsEmpty;
            var kept = towards.Where((change, i) => (read && i == 0) || !IsAgainst(change)).ToList();
            var both = (met || kept.Count == 0 || !(read || !IsAgainst(kept[0]))) || !mouth.Explained.IsEmpty ? said.Concat(met ? [] : kept) : kept.Take(1).Concat(said).Concat(kept.Skip(1));
            return Told([.. both.DistinctBy(change => (change.Adjustment, change.To > change.From, change.And?.Adjustment)).Where((change, i) => i == 0 || !change.Answers.IsEmpty).Take(MostChanges)], met);
        }

        /// <summary>What answers the mouth, with the chance that it meets what was set.</summary>
        private List<AdvisedChange> Said() => [.. mouth.Run().Select(change => change with { Chance = Chance(Figures(change.Then.Totals)) })];

        /// <summary>Single changes towards what was set, by the chance that they get there.</summary>
        private List<AdvisedChange> Towards()
        {
            foreach (var adjustment in Adjustments.Sought)
            {
                if (Adjustments.Of(adjustment, now, gear, gear.CanGrind(last.Coffee)) is { } has && has.Dial.Range.High > has.Dial.Range.Low)
                {
                    curves[adjustment] = (has.Dial, Sample(adjustment, has.Stands, has.Dial));
                }
            }

            var worthNow = Worth(stands, null);
            var changes = curves.Select(pair => Best(pair.Key, pair.Value.Dial, worthNow)).OfType<(AdvisedChange Change, double Worth)>().ToList();
            // Where the plan itself should do and the brew went otherwise, the plan again.
            if (Correction.IsWanted(asBrewed, now.Totals) && Chance(stands) >= Enough && Told(Adjustment.AsPlanned, 0, 0, last.Planned) is { } again)
            {
                changes.Add((again, 1));
            }

            var byWorth = changes.Select(pair => (pair.Change, Net: pair.Worth - Cost(pair.Change))).OrderByDescending(pair => pair.Net).ThenBy(pair => pair.Change.Adjustment).ToList();
            return [.. byWorth.Where((pair, i) => i == 0 || IsWorthTelling(pair.Change, pair.Net, byWorth[0].Net)).Select(pair => pair.Change).Take(MostChanges)];
        }

        private bool IsAgainst(AdvisedChange change) => stated.Any(one => Effects.IsAgainst(one, asBrewed.Totals, change.Then.Totals));

        private Advice Told(IReadOnlyList<AdvisedChange> changes, bool met) => new(Verdict(changes, met), [.. changes], met, told.AsBrewed, aims);

        /// <summary>Whether a change is worth telling beside the best: it breaks nothing, is no trifle, and is worth a good part of that one or answers somebody.</summary>
        private bool IsWorthTelling(AdvisedChange change, double net, double best) =>
            !Breaks(change) && (change.Chance >= Enough || Size(change) >= LeastSize) && (net >= WorthTelling * best || !change.Answers.IsEmpty);

        /// <summary>Whether a change undoes something that was set and is met: then it is only told where nothing is better.</summary>
        private bool Breaks(AdvisedChange change)
        {
            var then = Figures(change.Then.Totals);
            return aims.Where((aim, i) => aim.Set && aim.Chance(stands[i], sigma[i]) >= Enough && aim.Chance(then[i], sigma[i]) < Broken).Any();
        }

        /// <summary>What it came to, measured where it was measured: of the brew as it went.</summary>
        private double Brewed(Aim aim) => aim.Of switch
        {
            AimOf.Drain => last.Measured.DrawdownS ?? asBrewed.Totals.DrawdownS ?? 0,
            _ => asBrewed.Totals.Of(aim.Outcome) ?? 0,
        };

        private double[] Figures(Totals totals) => [.. aims.Select(aim => totals.Of(aim.Outcome) ?? 0), totals.PeakVolumeMl, totals.PressForceN ?? 0, totals.DrawdownS ?? 0];

        private Point[] Sample(Adjustment adjustment, double at, Dial dial)
        {
            // Nearer where it stands: small changes are the usual ones.
            double[] shares = [0.08, 0.2, 0.4, 0.7, 1];
            var differing = model.ForDifferences();
            var points = new Point[(2 * PointsASide) + 1];
            points[PointsASide] = new Point(at, stands);
            for (var i = 0; i < PointsASide; i++)
            {
                foreach (var (end, place) in ((double, int)[])[(dial.Range.Low, PointsASide - 1 - i), (dial.Range.High, PointsASide + 1 + i)])
                {
                    var value = at + (shares[i] * (end - at));
                    var figures = adjustment == Adjustment.Turns && Math.Round(value) == at ? coarse : Figures(differing.Figures(Adjustments.With(adjustment, now, value)).Totals);
                    points[place] = new Point(value, [.. figures.Select((figure, k) => stands[k] + figure - coarse[k])]);
                }
            }

            return points;
        }

        /// <summary>The figures at a value of an adjustment, on the straight line between two that were run.</summary>
        private static double[] Along(Point[] curve, double value)
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

        /// <summary>The chance that every aim is met; what counts less lowers it less.</summary>
        private double Chance(ReadOnlySpan<double> figures)
        {
            var chance = 1.0;
            for (var i = 0; i < aims.Length; i++)
            {
                chance *= Math.Pow(Math.Max(1e-4, aims[i].Chance(figures[i], sigma[i])), aims[i].Weight);
            }

            return chance;
        }

        /// <summary>What a recipe is worth: the chance that it does, or that one change more then does; and what flows first.</summary>
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
                        both[i] = figures[i] + point.Figures[i] - stands[i];
                    }

                    second = IsBounded(both) ? Math.Max(second, Chance(both)) : second;
                }
            }

            return chance + ((1 - chance) * SecondShare * second) + (FlowWorth * Flow(figures)) + Nearer(figures);
        }

        /// <summary>How far the flow that went wrong is mended: of what flowed as meant nothing.</summary>
        private double Flow(double[] figures)
        {
            var mended = 0.0;
            for (var i = 0; i < aims.Length; i++)
            {
                if (aims[i].OfFlow && aims[i].Set && aims[i].Chance(stands[i], sigma[i]) < Enough)
                {
                    mended += aims[i].Chance(figures[i], sigma[i]) - aims[i].Chance(stands[i], sigma[i]);
                }
            }

            return Math.Min(1, mended);
        }

        /// <summary>Where no chance is left to tell by, what comes nearer is better: never worth more than a tenth.</summary>
        private double Nearer(double[] figures)
        {
            var (off, before) = (Off(figures), Off(stands));
            return before > 0 ? 0.1 * Math.Clamp(1 - (off / before), -1, 1) : -0.1 * Math.Min(1, off);
        }

        /// <summary>How far figures lie outside their ranges, in halves of those.</summary>
        private double Off(double[] figures)
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

        /// <summary>Nothing runs over, presses too hard or stalls that does not do so already, and less than before.</summary>
        private bool IsBounded(ReadOnlySpan<double> figures)
        {
            var at = aims.Length;
            return (figures[at] <= Scaling.FullMl(last.Planned) || figures[at] < stands[at] - 0.5)
                && (figures[at + 1] <= Aim.HardN || figures[at + 1] < stands[at + 1] - 0.5)
                && (figures[at + 2] <= ForecastModel.StallsAfterS || figures[at + 2] < stands[at + 2] - 1);
        }

        /// <summary>The best value of an adjustment: of those that should do it the one that changes least.</summary>
        private (AdvisedChange Change, double Worth)? Best(Adjustment adjustment, Dial dial, double worthNow)
        {
            var at = curves[adjustment].Curve[PointsASide].At;
            var values = new List<(double Value, double Worth)>();
            var steps = Math.Max(1, (int)Math.Ceiling((dial.Range.High - dial.Range.Low) / Math.Max(dial.StepSize, 1e-3)));
            // A dial of very many steps is looked at more coarsely: no cup tells a hundredth of its range.
            var stride = Math.Max(1, steps / 60);
            var low = dial.Snap(dial.Range.Low, up: true);
            for (var i = 0; i <= steps; i += stride)
            {
                var value = dial.Snap(Math.Min(low + (i * dial.StepSize), dial.Range.High), up: false);
                if (Math.Abs(value - at) < 0.5 * dial.StepSize)
                {
                    continue;
                }

                var figures = Along(curves[adjustment].Curve, value);
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
            foreach (var (value, _) in values.Where(pair => pair.Worth >= most - AsGood).OrderBy(pair => Math.Abs(pair.Value - at)).Concat(values.OrderByDescending(pair => pair.Worth)))
            {
                var recipe = Adjustments.With(adjustment, now, value);
                if (tried.Contains(Print(recipe)) || Told(adjustment, at, value, recipe) is not { } change)
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
            // Nothing may come of it that the plan does not do already: it runs over, a step falls out of its window.
            if (then.Events.Any(happening => IsTrouble(happening) && !now.Events.Any(one => one.Kind == happening.Kind && one.StepIndex == happening.StepIndex)))
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

        /// <summary>Costs only decide between what is about as good. Judged.</summary>
        private static double Cost(AdvisedChange change) =>
            (0.004 * Size(change)) + (Math.Max(0, change.Costs.TimeS) * 0.0002) + (Math.Max(0, change.Costs.HandsS) * 0.001) + (Math.Max(0, change.Costs.CoffeeG) * 0.004) + (0.1 * change.Costs.Stalls)
            + (change.Adjustment is Adjustment.Turns or Adjustment.PressTime or Adjustment.Preheat ? 0.01 : 0);

        /// <summary>How large a change is, in such as a barista just makes: a twentieth of a grind or a batch, a few degrees. Judged.</summary>
        private static double Size(AdvisedChange change) => change.Adjustment switch
        {
            Adjustment.Grind or Adjustment.Dose or Adjustment.Water or Adjustment.Dilution => Math.Abs(Math.Log(Math.Max(1e-6, change.To) / Math.Max(1e-6, change.From))) / 0.05,
            Adjustment.Temperature => Math.Abs(change.To - change.From) / 2.5,
            Adjustment.Release => Math.Abs(Math.Log(Math.Max(1, change.To) / Math.Max(1, change.From))) / 0.12,
            Adjustment.Turns => Math.Abs(change.To - change.From) / 2,
            _ => 2,
        };

        private AdviceVerdict Verdict(IReadOnlyList<AdvisedChange> changes, bool met) => AdviceWords.Verdict(last, now, asBrewed, told, aims, stated, mouth.Explained, changes, met);
    }
}
