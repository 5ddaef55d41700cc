using System.Globalization;

namespace Cistern.Bench;

/// <summary>What corrections are worth: a thousand simulated brews with deviations, each left alone and each with the offered correction.</summary>
internal static class CorrectionBench
{
    /// <summary>Runs it and prints a table, by deviation.</summary>
    /// <param name="brews">How many brews.</param>
    public static void Run(int brews)
    {
        var library = RecipeLibrary.All.Select(recipe => ForecastModel.Published.Run(recipe)).Where(plan => Acts.SteepEndIndex(plan.Recipe) >= 0).ToList();
        var deviations = SimulatedHands.All.Where(choice => choice.Word is "late" or "over" or "under" or "dose" or "no-stir" or "cool" or "early").ToList();
        var rows = deviations.ToDictionary(deviation => deviation.Word, _ => new Row());
        for (var seed = 0; seed < brews; seed++)
        {
            var plan = library[seed % library.Count];
            var deviation = deviations[seed / library.Count % deviations.Count];
            var row = rows[deviation.Word];
            // The acts until the end of the steep is due, and what is known of them then.
            var performance = SimulatedBrew.Of(plan, deviation.Hands, seed);
            var steepEnd = Acts.SteepEndIndex(plan.Recipe);
            var nowS = Math.Max(1, plan.Timings[steepEnd].StartS + (deviation.Hands.SteepEndLateS > 0 ? deviation.Hands.SteepEndLateS : deviation.Hands.SteepEndLateS < 0 ? deviation.Hands.SteepEndLateS : -10));
            var asBrewed = plan.Model.Run(SoFar(plan, performance.Real.Recipe, steepEnd, nowS));
            row.Brews++;
            if (!Correction.IsNeeded(asBrewed, plan.Totals))
            {
                continue;
            }

            row.Wanted++;
            var correction = Correction.After(asBrewed, plan.Totals, nowS);
            if (correction.MissBefore - correction.MissAfter < 0.25)
            {
                continue;
            }

            row.Offered++;
            // The real result: coffee, grinder and brewer differ slightly from what the model assumes.
            var left = performance.Real.Model.Run(asBrewed.Recipe).Totals;
            var taken = performance.Real.Model.Run(correction.Forecast.Recipe).Totals;
            var meant = performance.Real.Model.Run(plan.Recipe).Totals;
            var (before, after) = (Correction.DistanceOf(left, meant), Correction.DistanceOf(taken, meant));
            row.Nearer += after < before ? 1 : 0;
            row.FartherByTolerances += after > before + 1 ? 1 : 0;
            row.Before.Add(before);
            row.After.Add(after);
        }

        Console.WriteLine("slip       brews  wanted  offered  nearer of 100  farther by its slack  off before  off after (medians; 1 is what counts)");
        foreach (var (word, row) in rows)
        {
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{word,-10} {row.Brews,5} {row.Wanted,7} {row.Offered,8} {(row.Offered > 0 ? 100.0 * row.Nearer / row.Offered : 0),14:0.0} {row.FartherByTolerances,21} {Median(row.Before),11:0.0} {Median(row.After),10:0.0}"));
        }

        var all = rows.Values;
        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"all        {all.Sum(row => row.Brews),5} {all.Sum(row => row.Wanted),7} {all.Sum(row => row.Offered),8} {100.0 * all.Sum(row => row.Nearer) / Math.Max(1, all.Sum(row => row.Offered)),14:0.0} {all.Sum(row => row.FartherByTolerances),21}"));
    }

    /// <summary>What was really done, and from the end of the steep on what was planned.</summary>
    private static Recipe SoFar(Forecast plan, Recipe done, int steepEnd, double nowS) => done with
    {
        Steps = [.. done.Steps.Select((step, i) => i < steepEnd ? step
            : i == steepEnd ? plan.Recipe.Steps[i] with { AtS = Math.Max(nowS, Math.Min(plan.Timings[i].StartS, nowS + 10)) }
            : plan.Recipe.Steps[i] is { AtS: { } atS } later ? later with { AtS = Math.Max(atS, nowS) } : plan.Recipe.Steps[i])],
    };

    internal static double Median(List<double> values) => values.Count == 0 ? 0 : values.Order().ElementAt(values.Count / 2);

    private sealed class Row
    {
        public int Brews { get; set; }

        public int Wanted { get; set; }

        public int Offered { get; set; }

        public int Nearer { get; set; }

        public int FartherByTolerances { get; set; }

        public List<double> Before { get; } = [];

        public List<double> After { get; } = [];
    }
}
