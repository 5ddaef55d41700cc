using System.Diagnostics;
using System.Globalization;

namespace Cistern.Bench;

/// <summary>
/// What advice is worth: simulated baristas start with a wrong grind, temperature or ratio and follow the first suggestion, beside the
/// same starts with simple rules.
/// </summary>
internal static class AdviceBench
{
    private const int MostBrews = 5;

    private enum Way
    {
        Advice,
        AdviceByTaste,
        StepByTaste,
        RatioByReading,
    }

    /// <summary>Runs it and prints a table by family.</summary>
    /// <param name="starts">Starts of each family.</param>
    /// <param name="width">The width of the target: 1 for ± 0.08 % TDS and ± 0.35 of flavour balance.</param>
    /// <param name="verbose">Whether each series that missed the target is printed.</param>
    public static void Run(int starts, bool verbose, double width = 1)
    {
        Console.WriteLine("way              family          home of 100   brews   (start included)   repeated  overflows   ms");
        foreach (var way in Enum.GetValues<Way>())
        {
            var all = new Row();
            foreach (var family in Enum.GetValues<BrewerFamily>())
            {
                var row = new Row();
                for (var seed = 0; seed < starts; seed++)
                {
                    Follow(family, seed, way, row, width, verbose);
                }

                Console.WriteLine(row.Line(way.ToString(), family.ToString()));
                all.Add(row);
            }

            Console.WriteLine(all.Line(way.ToString(), "all"));
        }
    }

    private static void Follow(BrewerFamily family, int seed, Way way, Row row, double width, bool verbose)
    {
        var barista = new SimulatedBarista((10_000 * (1 + (int)family)) + seed);
        var recipes = RecipeLibrary.All.Where(recipe => recipe.Brewer.Family == family).ToList();
        var meant = recipes[seed % recipes.Count];
        // The target is the library recipe's result by the published model.
        var wanted = ForecastModel.Published.Figures(meant).Totals;
        var target = new Target
        {
            TdsPercent = meant.Target?.TdsPercent ?? new Span(wanted.FinalTdsPercent - (0.08 * width), wanted.FinalTdsPercent + (0.08 * width)),
            FlavourBalance = meant.Target?.FlavourBalance ?? new Span(wanted.FlavourBalance - (0.35 * width), wanted.FlavourBalance + (0.35 * width)),
            FinishS = meant.Target?.FinishS,
        };
        // A start that happens to meet the target is not used.
        Recipe plan;
        var kind = seed / 2;
        do
        {
            plan = Wrong(meant with { Target = target }, kind++, barista);
        }
        while (IsHome(barista.Truth.Figures(plan).Totals));

        var line = new List<BrewRecord>();
        var seen = new HashSet<string>(StringComparer.Ordinal);
        for (var brew = 1; brew <= MostBrews; brew++)
        {
            row.Repeats += seen.Add(RecipeWriter.Write(plan)) ? 0 : 1;
            var truth = barista.Truth.Figures(plan).Totals;
            row.Overflows += truth.PeakVolumeMl > plan.Brewer.CapacityMl ? 1 : 0;
            if (IsHome(truth))
            {
                row.Home++;
                row.BrewsHome.Add(brew);
                return;
            }

            line.Add(barista.Brew(plan, reads: way != Way.AdviceByTaste));
            var next = Next(line, way, row);
            if (verbose && way == Way.Advice)
            {
                Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"   {family} {seed} {meant.Id} brew {brew}: tds {truth.FinalTdsPercent:0.00} in {target.TdsPercent!.Value.Low:0.00}..{target.TdsPercent.Value.High:0.00}, tilt {truth.FlavourBalance:0.00} in {target.FlavourBalance!.Value.Low:0.00}..{target.FlavourBalance.Value.High:0.00}: {next.Said}"));
            }

            if (next.Recipe is null)
            {
                break;
            }

            plan = next.Recipe;
        }

        row.Lost++;

        bool IsHome(Totals totals) => target.TdsPercent!.Value.Holds(totals.FinalTdsPercent) && target.FlavourBalance!.Value.Holds(totals.FlavourBalance) && target.FinishS?.Holds(Math.Round(totals.FinishS)) != false;
    }

    private static (Recipe? Recipe, string Said) Next(List<BrewRecord> line, Way way, Row row)
    {
        var last = line[^1];
        var said = last.Tasting!.Sips[0];
        switch (way)
        {
            case Way.Advice or Way.AdviceByTaste:
                var learned = Fitter.Of(line.Select(brew => brew.ForFitting()), ForecastModel.Published);
                var watch = Stopwatch.StartNew();
                var advice = Advisor.Of(line, learned.Model(ForecastModel.Published, last.Keys()), new AdviceGear());
                row.Ms.Add(watch.Elapsed.TotalMilliseconds);
                return advice.Changes is [var first, ..] ? (first.Recipe, string.Create(CultureInfo.InvariantCulture, $"{first.Setting} {first.From:0.#} to {first.To:0.#} (chance {first.Chance:0.00}; then {first.Then.Totals.FinalTdsPercent:0.00}, {first.Then.Totals.FlavourBalance:0.00})")) : (null, "nothing");
            case Way.StepByTaste:
                // A fixed step finer if sharp or thin, coarser if harsh or heavy.
                var finer = said.SourBitter < 0 || (said.SourBitter == 0 && said.ThinHeavy < 0);
                var grind = last.Planned.Grind;
                return (last.Planned with { Grind = grind with { MedianUm = Math.Max(200, grind.MedianUm + (finer ? -75 : 75)) } }, "");
            default:
                var tds = last.Measured.TdsPercent!.Value;
                var span = last.Planned.Target!.TdsPercent!.Value;
                var dose = Math.Round(last.Planned.Coffee.DoseG * (span.Low + span.High) / 2 / tds, 1);
                return (last.Planned with { Coffee = last.Planned.Coffee with { DoseG = dose } }, "");
        }
    }

    private static Recipe Wrong(Recipe meant, int kind, SimulatedBarista barista)
    {
        var up = barista.Share() < 0.5 ? -1 : 1;
        var much = 0.6 + (0.6 * barista.Share());
        return (kind % 3) switch
        {
            0 => meant with { Grind = meant.Grind with { MedianUm = Math.Round(meant.Grind.MedianUm * Math.Exp(up * 0.3 * much)) } },
            1 => Settings.WithTemperature(meant, Math.Min(meant.Brewer.Family == BrewerFamily.Siphon ? 97 : 99, Settings.TemperatureC(meant) + (up * Math.Round(8 * much)))),
            _ => meant with { Coffee = meant.Coffee with { DoseG = Math.Round(meant.Coffee.DoseG * Math.Exp(up * 0.18 * much), 1) } },
        };
    }

    private sealed class Row
    {
        public int Home { get; set; }

        public int Lost { get; set; }

        public int Repeats { get; set; }

        public int Overflows { get; set; }

        public List<double> BrewsHome { get; } = [];

        public List<double> Ms { get; } = [];

        public void Add(Row other)
        {
            (Home, Lost, Repeats, Overflows) = (Home + other.Home, Lost + other.Lost, Repeats + other.Repeats, Overflows + other.Overflows);
            BrewsHome.AddRange(other.BrewsHome);
            Ms.AddRange(other.Ms);
        }

        public string Line(string way, string family) => string.Create(CultureInfo.InvariantCulture,
            $"{way,-16} {family,-15} {100.0 * Home / Math.Max(1, Home + Lost),10:0.0} {(BrewsHome.Count > 0 ? BrewsHome.Average() : 0),8:0.00} {"",18} {Repeats,9} {Overflows,10} {(Ms.Count > 0 ? CorrectionBench.Median(Ms) : 0),6:0}");
    }
}
