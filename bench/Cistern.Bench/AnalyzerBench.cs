using System.Globalization;

namespace Cistern.Bench;

/// <summary>How much of what is done the analyzer recognizes in the weight: a thousand simulated brews of every family, with the usual disturbances.</summary>
internal static class AnalyzerBench
{
    /// <summary>Runs it and prints a table, by kind.</summary>
    /// <param name="brews">How many brews.</param>
    /// <param name="misses">Whether to print what was missed or reported wrongly.</param>
    public static void Run(int brews, bool misses)
    {
        var library = RecipeLibrary.All.Select(recipe => ForecastModel.Published.Run(recipe)).ToList();
        var rows = Enum.GetValues<DetectedEventKind>().ToDictionary(kind => kind, _ => new Row());
        for (var seed = 0; seed < brews; seed++)
        {
            var plan = library[seed % library.Count];
            if (plan.Recipe.Brewer.Family == BrewerFamily.Siphon)
            {
                continue;
            }

            var chance = new Random(seed);
            var hands = Hands.Steady with
            {
                Unsteady = 0.5 + chance.NextDouble(),
                CupLifted = chance.Next(6) == 0,
                TareInPour = chance.Next(6) == 0,
                PressesOnScale = chance.Next(20) == 0,
                SteepEndLateS = chance.Next(4) == 0 ? chance.Next(60) : 0,
                PouredOverG = chance.Next(4) == 0 ? chance.Next(-30, 40) : 0,
            };
            var performance = SimulatedBrew.Of(plan, hands, seed);
            var bench = new SimulatedInstruments(performance, seed);
            var curve = bench.Read(bench.BeginS - 1, bench.EndS, atS => atS * 1000).Where(reading => reading.Of == ReadingOf.ScaleG)
                .Select(reading => new WeightPoint(reading.AtMs / 1000, reading.Value)).ToList();
            var seen = WeightAnalyzer.Of(plan.Recipe, curve, double.PositiveInfinity).ToList();
            var missed = new List<DetectedEvent>();
            foreach (var truth in performance.Truth)
            {
                var row = rows[truth.Kind];
                row.There++;
                var at = seen.FindIndex(one => one.Kind == truth.Kind && Math.Abs(one.AtS - truth.AtS) <= 1 && (!IsWeighed(truth.Kind) || Math.Abs(one.G - truth.G) <= 3));
                if (at >= 0)
                {
                    row.Found++;
                    row.OffS.Add(Math.Abs(seen[at].AtS - truth.AtS));
                    row.OffG.Add(IsWeighed(truth.Kind) ? Math.Abs(seen[at].G - truth.G) : 0);
                    seen.RemoveAt(at);
                }
                else
                {
                    missed.Add(truth);
                }

                if (at < 0 && misses)
                {
                    var near = seen.Where(one => one.Kind == truth.Kind).OrderBy(one => Math.Abs(one.AtS - truth.AtS)).Cast<DetectedEvent?>().FirstOrDefault();
                    Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{seed} {plan.Recipe.Id} missed {truth.Kind} {truth.AtS:0.0} s {truth.G:0.0} g; nearest {near?.AtS:0.0} {near?.G:0.0}"));
                }
            }

            foreach (var wrong in seen)
            {
                // Of an act that happened, but at a wrong time or weight; or of none.
                var was = missed.FindIndex(truth => truth.Kind == wrong.Kind && Math.Abs(truth.AtS - wrong.AtS) < 6);
                if (was >= 0)
                {
                    missed.RemoveAt(was);
                    rows[wrong.Kind].Off++;
                }
                else
                {
                    rows[wrong.Kind].Wrong++;
                }

                if (misses)
                {
                    Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{seed} {plan.Recipe.Id} saw {wrong.Kind} {wrong.AtS:0.0} s {wrong.G:0.0} g, which was not"));
                }
            }
        }

        Print(rows);
    }

    private static void Print(Dictionary<DetectedEventKind, Row> rows)
    {
        Console.WriteLine("kind          there  found  of 100   off  none  of 100  19 of 20 within s, g");
        foreach (var (kind, row) in rows.Where(pair => pair.Value.There > 0).Append(new KeyValuePair<DetectedEventKind, Row>((DetectedEventKind)(-1), Row.Sum(rows.Values))))
        {
            var name = (int)kind < 0 ? "all" : kind.ToString();
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{name,-12} {row.There,6} {row.Found,6} {100.0 * row.Found / row.There,7:0.0} {row.Off,5} {row.Wrong,5} {100.0 * row.Wrong / row.There,7:0.0} {Row.At95(row.OffS),8:0.00} {Row.At95(row.OffG),6:0.0}"));
        }
    }

    private static bool IsWeighed(DetectedEventKind kind) => kind is DetectedEventKind.VesselOn or DetectedEventKind.CupOn or DetectedEventKind.CoffeeIn or DetectedEventKind.PourEnded or DetectedEventKind.DrainEnded or DetectedEventKind.Dilution;

    private sealed class Row
    {
        public int There { get; set; }

        public int Found { get; set; }

        public int Off { get; set; }

        public int Wrong { get; set; }

        public List<double> OffS { get; } = [];

        public List<double> OffG { get; } = [];

        public static double At95(List<double> values) => values.Count == 0 ? 0 : values.Order().ElementAt((int)(0.95 * (values.Count - 1)));

        public static Row Sum(IEnumerable<Row> rows)
        {
            var all = new Row();
            foreach (var row in rows)
            {
                all.There += row.There;
                all.Found += row.Found;
                all.Off += row.Off;
                all.Wrong += row.Wrong;
                all.OffS.AddRange(row.OffS);
                all.OffG.AddRange(row.OffG);
            }

            return all;
        }
    }
}
