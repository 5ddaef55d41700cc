namespace Cistern.Core.Forecasts;

/// <summary>The totals of a forecast under the names used by the command line, the API and files.</summary>
public static class ForecastFigures
{
    /// <summary>All figures by name, always in the same order; null where a figure does not apply.</summary>
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
