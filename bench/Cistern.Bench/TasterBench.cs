using System.Collections.Immutable;
using System.Globalization;

namespace Cistern.Bench;

/// <summary>
/// Whether advice answers what was tasted: every recipe of the library as it is and adapted to one's own equipment, without a target
/// and without a refractometer, tasted with each complaint and each possible pair of complaints; and brews with deviations, where the
/// deviation explains the taste and where it does not.
/// </summary>
internal static class TasterBench
{
    /// <summary>Pairs that one cup cannot have.</summary>
    private static readonly (Complaint One, Complaint Other)[] Opposites =
    [
        (Complaint.Sour, Complaint.Bitter), (Complaint.Sour, Complaint.Astringent), (Complaint.Thin, Complaint.Heavy), (Complaint.Thin, Complaint.Strong), (Complaint.Weak, Complaint.Heavy), (Complaint.Weak, Complaint.Strong),
        (Complaint.Bitter, Complaint.Hollow), (Complaint.Astringent, Complaint.Hollow), (Complaint.PressHard, Complaint.PressEasy), (Complaint.DrawdownSlow, Complaint.DrawdownFast), (Complaint.Stalled, Complaint.DrawdownFast),
        (Complaint.DrawdownSlow, Complaint.Stalled), (Complaint.Thin, Complaint.Weak), (Complaint.Heavy, Complaint.Strong), (Complaint.Bitter, Complaint.Astringent), (Complaint.HighAndDry, Complaint.PastyWalls),
    ];

    /// <summary>Runs it and prints a table.</summary>
    /// <param name="verbose">Whether each one that was not answered is printed.</param>
    public static void Run(bool verbose)
    {
        var (single, pair, deviations) = (new Row(), new Row(), (Named: 0, Of: 0, Wrongly: 0, OfOthers: 0));
        var praised = (Changed: 0, Of: 0);
        foreach (var recipe in RecipeLibrary.All.SelectMany(one => (Recipe[])[one with { Target = null }, Own(one)]))
        {
            var plan = ForecastModel.Published.Figures(recipe);
            var possible = Possible(plan).ToList();
            foreach (var one in possible)
            {
                Judge(recipe, plan, [one], single, verbose);
                foreach (var other in possible.Where(other => other > one && !Opposites.Contains((one, other)) && !Opposites.Contains((other, one))))
                {
                    Judge(recipe, plan, [one, other], pair, verbose);
                }
            }

            var liked = Advise(new BrewRecord(Guid.NewGuid(), recipe, recipe) { Tasting = new TastingRecord { Score = 9 } });
            praised = (praised.Changed + (liked.Changes.IsEmpty ? 0 : 1), praised.Of + 1);
            var steepEnd = Settings.SteepEndIndex(recipe);
            if (steepEnd < 0)
            {
                continue;
            }

            // Ended much too late: this explains a bitter cup, and not a sour one.
            var late = Settings.With(plan, Setting.SteepEndS, plan.Timings[steepEnd].StartS + Math.Max(90, 0.5 * plan.Timings[steepEnd].StartS));
            var drunk = ForecastModel.Published.Figures(late);
            var explains = drunk.Totals.FlavourBalance - plan.Totals.FlavourBalance > 0.1 && drunk.Totals.ExtractionYieldPercent - plan.Totals.ExtractionYieldPercent > 0.4;
            foreach (var complaint in (Complaint[])[Complaint.Bitter, Complaint.Sour])
            {
                var named = Advise(new BrewRecord(Guid.NewGuid(), recipe, late) { Tasting = new TastingRecord { Complaints = [complaint] } }).Changes is [{ Adjustment: Adjustment.AsPlanned }, ..];
                deviations = complaint == Complaint.Bitter && explains ? (deviations.Named + (named ? 1 : 0), deviations.Of + 1, deviations.Wrongly, deviations.OfOthers)
                    : complaint == Complaint.Sour ? (deviations.Named, deviations.Of, deviations.Wrongly + (named ? 1 : 0), deviations.OfOthers + 1) : deviations;
            }
        }

        Console.WriteLine(single.Line("one complaint"));
        Console.WriteLine(pair.Line("two complaints"));
        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"late, and named as the cause: {deviations.Named} of {deviations.Of} that it explains, {deviations.Wrongly} of {deviations.OfOthers} that it does not; praised, and changed all the same: {praised.Changed} of {praised.Of}"));
    }

    private static Recipe Own(Recipe recipe) => Scaling.To(recipe, new Core.Reckoning.Batch(Math.Round(1.12 * recipe.Coffee.DoseG, 1), Math.Round(1.06 * recipe.WaterG))) with { Id = "mine", Name = "Mine", Target = null };

    private static IEnumerable<Complaint> Possible(Forecast plan) => ComplaintList.Said.Where(one => one switch
    {
        Complaint.PressHard or Complaint.PressEasy => plan.Totals.PressForceN is not null && plan.Recipe.Steps.Any(step => step is Step.Press or Step.Plunge { Depth: PlungeDepth.Bottom }),
        Complaint.DrawdownSlow or Complaint.DrawdownFast or Complaint.Stalled => plan.Totals.DrawdownS is not null,
        Complaint.TooCool => plan.Totals.ChilledC is null,
        _ => true,
    });

    private static Advice Advise(BrewRecord brew) => Advisor.Of([brew], ForecastModel.Published, new AdviceGear());

    private static void Judge(Recipe recipe, Forecast plan, ImmutableArray<Complaint> said, Row row, bool verbose)
    {
        var advice = Advise(new BrewRecord(Guid.NewGuid(), recipe, recipe) { Tasting = new TastingRecord { Complaints = said, Score = 5 } });
        var first = advice.Changes.FirstOrDefault();
        var answers = first is not null && said.Any(one => first.Answers.Contains(one) && Right(one, plan.Totals, first.Then.Totals));
        var against = advice.Changes.Any(change => said.Any(one => Wrong(one, plan.Totals, change.Then.Totals)));
        var alone = said.Any(one => !advice.Changes.Any(change => change.Answers.Contains(one)));
        row.Add(answers, against, alone);
        if (verbose && (!answers || against || alone))
        {
            Console.WriteLine($"   {recipe.Id} {string.Join('+', said)}: {(answers ? "" : "not answered ")}{(against ? "against " : "")}{(alone ? "alone " : "")} {string.Join("; ", advice.Changes.Select(change => string.Create(CultureInfo.InvariantCulture, $"{change.Setting} {change.From:0.#}>{change.To:0.#}{(change.And is { } and ? $" & {and.Setting} {and.From:0.#}>{and.To:0.#}" : "")} [{string.Join(' ', change.Answers)}]")))}");
        }
    }

    /// <summary>Whether a figure moves in the right direction at all: by the benchmark's own measure, not the advice's.</summary>
    private static bool Right(Complaint one, Totals now, Totals then) => one switch
    {
        Complaint.Sour => then.ExtractionYieldPercent > now.ExtractionYieldPercent && then.FlavourBalance > now.FlavourBalance,
        Complaint.Bitter or Complaint.Astringent => then.ExtractionYieldPercent < now.ExtractionYieldPercent && then.FlavourBalance < now.FlavourBalance,
        Complaint.Thin or Complaint.Weak => then.FinalTdsPercent > now.FinalTdsPercent + 0.005,
        Complaint.Heavy or Complaint.Strong => then.FinalTdsPercent < now.FinalTdsPercent - 0.005,
        Complaint.Hollow => then.ExtractionYieldPercent > now.ExtractionYieldPercent,
        Complaint.Muddy => then.SedimentGPer100G < now.SedimentGPer100G,
        Complaint.PressHard => then.PressForceN < now.PressForceN,
        Complaint.PressEasy => then.PressForceN > now.PressForceN,
        Complaint.DrawdownSlow or Complaint.Stalled => then.DrawdownS < now.DrawdownS,
        Complaint.DrawdownFast => then.DrawdownS > now.DrawdownS,
        Complaint.TooCool => then.FinalC > now.FinalC,
        Complaint.TooLittle => then.FinalG > now.FinalG,
        Complaint.TooLate => then.FinishS < now.FinishS,
        _ => true,
    };

    private static bool Wrong(Complaint one, Totals now, Totals then) => one switch
    {
        Complaint.Sour => then.ExtractionYieldPercent < now.ExtractionYieldPercent - 0.2 || then.FlavourBalance < now.FlavourBalance - 0.05,
        Complaint.Bitter or Complaint.Astringent => then.ExtractionYieldPercent > now.ExtractionYieldPercent + 0.2 || then.FlavourBalance > now.FlavourBalance + 0.05,
        Complaint.Thin or Complaint.Weak => then.FinalTdsPercent < now.FinalTdsPercent - 0.02,
        Complaint.Heavy or Complaint.Strong => then.FinalTdsPercent > now.FinalTdsPercent + 0.02,
        Complaint.Hollow => then.ExtractionYieldPercent < now.ExtractionYieldPercent - 0.2,
        Complaint.Muddy => then.SedimentGPer100G > 1.05 * now.SedimentGPer100G,
        Complaint.PressHard => then.PressForceN > 1.05 * now.PressForceN,
        Complaint.PressEasy => then.PressForceN < 0.95 * now.PressForceN,
        Complaint.DrawdownSlow or Complaint.Stalled => then.DrawdownS > 1.05 * now.DrawdownS,
        Complaint.DrawdownFast => then.DrawdownS < 0.95 * now.DrawdownS,
        Complaint.TooCool => then.FinalC < now.FinalC - 0.7,
        Complaint.TooLittle => then.FinalG < 0.98 * now.FinalG,
        Complaint.TooLate => then.FinishS > now.FinishS + 5,
        _ => false,
    };

    private sealed class Row
    {
        private int of;
        private int answered;
        private int against;
        private int alone;

        public void Add(bool answers, bool wrong, bool left) => (of, answered, against, alone) = (of + 1, answered + (answers ? 1 : 0), against + (wrong ? 1 : 0), alone + (left ? 1 : 0));

        public string Line(string what) => string.Create(CultureInfo.InvariantCulture, $"{what,-16} {of,6}   the first answers {100.0 * answered / of,6:0.0} of 100   something goes against {100.0 * against / of,5:0.0}   a complaint left alone {100.0 * alone / of,5:0.0}");
    }
}
