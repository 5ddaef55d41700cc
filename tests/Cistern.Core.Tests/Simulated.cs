namespace Cistern.Core.Tests;

/// <summary>Simulated brews for tests.</summary>
internal static class Simulated
{
    /// <summary>The forecast of a recipe of the library.</summary>
    public static Forecast Plan(string id) => ForecastModel.Published.Run(RecipeLibrary.All.Single(recipe => recipe.Id == id));

    /// <summary>The scale readings of a brew, s on the brew clock.</summary>
    public static List<WeightPoint> Weight(SimulatedInstruments bench) =>
        [.. bench.Read(bench.BeginS - 1, bench.EndS, atS => atS * 1000).Where(reading => reading.Of == ReadingOf.ScaleG).Select(reading => new WeightPoint(reading.AtMs / 1000, reading.Value))];

    /// <summary>Readings of all its instruments, by kind, from the moment of 0:00 on.</summary>
    public static Dictionary<ReadingOf, Curve> Curves(SimulatedInstruments bench, double zeroMs, double toS = double.PositiveInfinity) =>
        bench.Read(bench.BeginS - 1, Math.Min(toS, bench.EndS), atS => zeroMs + (atS * 1000)).GroupBy(reading => reading.Of)
            .ToDictionary(kind => kind.Key, kind => new Curve(kind.Key, []).With(kind.Select(reading => new CurvePoint((long)reading.AtMs, reading.Value))));
}
