using System.Diagnostics;
using System.Globalization;

namespace Cistern.Bench;

/// <summary>What fitting is worth: brews of simulated baristas, forecast after five of them, compared with the unfitted model.</summary>
internal static class FitBench
{
    private static readonly string[] Figures = ["tdsPercent", "beverageG", "drawdownS", "tilt", "slurryEndC"];

    /// <summary>Runs it and prints a table.</summary>
    /// <param name="baristas">How many baristas.</param>
    public static void Run(int baristas)
    {
        var rows = Figures.ToDictionary(name => name, _ => new Row());
        for (var seed = 0; seed < baristas; seed++)
        {
            var recipe = RecipeLibrary.All[seed % RecipeLibrary.All.Count];
            var barista = new SimulatedBarista(1_000 + seed);
            var learned = Fitter.Of(Enumerable.Range(0, 5).Select(_ => barista.Brew(Varied(recipe, barista)).ForFitting()), ForecastModel.Published);
            for (var i = 0; i < 3; i++)
            {
                var unseen = Varied(recipe, barista);
                var truth = ForecastFigures.Of(barista.Truth.Figures(unseen).Totals);
                var unfitted = ForecastFigures.Of(ForecastModel.Published.Figures(unseen).Totals);
                var keys = barista.Brew(unseen).Keys();
                var bands = Confidence.OfFigures(learned.Model(ForecastModel.Published, keys).Figures(unseen));
                foreach (var name in Figures.Where(name => truth[name] is not null))
                {
                    rows[name].Add(truth[name]!.Value, unfitted[name]!.Value, bands[name]);
                }
            }
        }

        Console.WriteLine("figure          unseen  unfitted off  fitted off  of it   80 % bands hold of 100  (off: medians)");
        foreach (var (name, row) in rows)
        {
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{name,-14} {row.Count,7} {row.Unfitted,13:0.000} {row.Fitted,11:0.000} {row.Fitted / row.Unfitted,6:0.00} {row.Held,20:0}"));
        }

        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"all                                                   {100.0 * rows.Values.Sum(row => row.HeldCount) / rows.Values.Sum(row => row.Count),20:0}"));
        Forty();
    }

    /// <summary>How long forty brews take, and how far one outlier among them moves the result.</summary>
    private static void Forty()
    {
        var recipe = RecipeLibrary.Find("vd-coffee-first")!;
        var barista = new SimulatedBarista(7);
        var brews = Enumerable.Range(0, 40).Select(_ => barista.Brew(Varied(recipe, barista))).ToList();
        var plain = Fitter.Of(brews.Select(brew => brew.ForFitting()), ForecastModel.Published);
        var times = new List<double>();
        var furthest = 0.0;
        foreach (var odd in (Func<BrewRecord, BrewRecord>[])
        [
            brew => brew with { Measured = brew.Measured with { TdsPercent = brew.Measured.TdsPercent * 2 } },
            brew => brew with { Measured = brew.Measured with { TdsPercent = brew.Measured.TdsPercent - 0.25, DrawdownS = brew.Measured.DrawdownS + 120, BeverageG = brew.Measured.BeverageG - 40 } },
            brew => barista.Brew(brew.Brewed with { Coffee = brew.Brewed.Coffee with { Roast = 0.9 } }) with { Brewed = brew.Brewed },
        ])
        {
            var watch = Stopwatch.StartNew();
            var fit = Fitter.Of(brews.Select((brew, i) => (i == 20 ? odd(brew) : brew).ForFitting()), ForecastModel.Published);
            times.Add(watch.Elapsed.TotalMilliseconds);
            foreach (var (with, without) in fit.Parameters.Zip(plain.Parameters))
            {
                var band = Confidence.Eighty * without.Spread;
                furthest = Math.Max(furthest, Math.Abs(with.Sigmas - without.Sigmas) / band);
            }
        }

        Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"forty brews fitted in {times.Min():0} to {times.Max():0} ms; one odd among them moves a parameter by {furthest:0.00} of its band at most"));
    }

    /// <summary>A recipe with slightly different settings, as among several brews of one coffee.</summary>
    internal static Recipe Varied(Recipe recipe, SimulatedBarista barista) => Core.Planning.Settings.WithTemperature(
        recipe with
        {
            Coffee = recipe.Coffee with { DoseG = Math.Round(recipe.Coffee.DoseG * (1 + (0.06 * barista.Normal())), 1) },
            Grind = recipe.Grind with { MedianUm = Math.Round(recipe.Grind.MedianUm * Math.Exp(0.1 * barista.Normal())) },
        },
        Math.Min(recipe.Brewer.Family == BrewerFamily.Siphon ? 95 : 99, Math.Round(Core.Planning.Settings.TemperatureC(recipe) + (2 * barista.Normal()))));

    private sealed class Row
    {
        private readonly List<double> unfitted = [];
        private readonly List<double> fitted = [];

        public int Count => fitted.Count;

        public int HeldCount { get; private set; }

        public double Unfitted => CorrectionBench.Median(unfitted);

        public double Fitted => CorrectionBench.Median(fitted);

        public double Held => 100.0 * HeldCount / Math.Max(1, Count);

        public void Add(double truth, double before, Band band)
        {
            unfitted.Add(Math.Abs(before - truth));
            fitted.Add(Math.Abs(band.Value - truth));
            HeldCount += truth >= band.Low && truth <= band.High ? 1 : 0;
        }
    }
}
