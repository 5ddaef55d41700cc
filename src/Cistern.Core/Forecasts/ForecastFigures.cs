namespace Cistern.Core.Forecasts;

/// <summary>The totals of a forecast under the names that the command line, the API and files use.</summary>
public static class ForecastFigures
{
    /// <summary>Every figure by name, in the order they are always told; null where the brew has no such thing.</summary>
    public static IReadOnlyDictionary<string, double?> Of(Totals totals) => new OrderedDictionary<string, double?>(StringComparer.Ordinal)
    {
        ["finishS"] = totals.FinishS,
        ["beverageG"] = totals.BeverageG,
        ["tdsPercent"] = totals.TdsPercent,
        ["extractionYieldPercent"] = totals.ExtractionYieldPercent,
        ["dissolvedYieldPercent"] = totals.DissolvedYieldPercent,
        ["tilt"] = totals.FlavourBalance,
        ["slurryEndC"] = totals.SlurryEndC,
        ["streamC"] = totals.StreamC,
        ["drawdownS"] = totals.DrawdownS,
        ["pressForceN"] = totals.PressForceN,
        ["peakVolumeMl"] = totals.PeakVolumeMl,
        ["dilutedG"] = totals.DilutedG,
        ["dilutedTdsPercent"] = totals.DilutedTdsPercent,
        ["meltG"] = totals.MeltG,
        ["chilledC"] = totals.ChilledC,
        ["chilledG"] = totals.ChilledG,
        ["chilledTdsPercent"] = totals.ChilledTdsPercent,
        ["sedimentGPer100G"] = totals.SedimentGPer100G,
    };
}
