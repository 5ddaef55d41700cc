namespace Cistern.Web.Pages.Trends;

/// <summary>A figure for either axis of a trend.</summary>
/// <param name="Word">Its word in the address.</param>
/// <param name="Name">Its name.</param>
/// <param name="Unit">Its unit; empty where it has none.</param>
/// <param name="Decimals">Decimals of it.</param>
/// <param name="Of">Its value for a brew; null where it has none.</param>
/// <param name="Told">Formats a value in this barista's units.</param>
/// <param name="Band">Its expected band; null where that is not stored.</param>
public sealed record TrendFigure(string Word, string Name, string Unit, int Decimals, Func<LogRow, double?> Of, Func<double, string> Told, Func<LogRow, (double Low, double High)?>? Band = null)
{
    /// <summary>Its axis.</summary>
    public TrendAxis Axis => new(Unit.Length > 0 ? $"{Name.ToLowerInvariant()}, {Unit}" : Name.ToLowerInvariant(), Decimals, Word == "time");
}

/// <summary>The figures, in this barista's units.</summary>
public static class TrendFigures
{
    /// <summary>What a trend can be of.</summary>
    public static IReadOnlyList<TrendFigure> Outcomes { get; } =
    [
        new("strength", "Strength", "% TDS", 2, row => row.TdsPercent, value => FigureFormat.Percent(value, 2), row => BrewPair(row.ExpectedTdsLow, row.ExpectedTdsHigh)),
        new("extraction", "Extraction, computed", "%", 1, row => row.ExtractionYieldPercent, value => FigureFormat.Percent(value)),
        new("drawn", "Extracted, computed, of 100", "", 0, row => 100 * row.ExtractionLevel, value => FigureFormat.Number(value, 0)),
        new("lean", "Balance, computed: sour below 0", "", 1, row => row.FlavourBalance, value => FigureFormat.Signed(value, 2), row => BrewPair(row.ExpectedBalanceLow, row.ExpectedBalanceHigh)),
        new("tasted", "Balance, tasted: sour below 0", "", 1, row => row.SourBitter, value => FigureFormat.Signed(value, 1)),
        new("body", "Body, tasted: thin below 0", "", 1, row => row.ThinHeavy, value => FigureFormat.Signed(value, 1)),
        new("score", "Score", "of 10", 1, row => row.Score, value => FigureFormat.Number(value, 1)),
        new("drawdown", "Drawdown, by the clock", "s", 0, row => row.DrawdownS, FigureFormat.Clock, row => BrewPair(row.ExpectedDrawdownLowS, row.ExpectedDrawdownHighS)),
        new("press", "Press, by the clock", "s", 0, row => row.PressS, FigureFormat.Seconds),
    ];

    /// <summary>What a trend can be over.</summary>
    /// <param name="format">The barista's units.</param>
    /// <param name="moment">Formats a time.</param>
    public static IReadOnlyList<TrendFigure> Over(FigureFormat format, Func<long, string> moment) =>
    [
        new("time", "Time", "", 0, row => row.OpenedAtMs, value => moment((long)value)),
        new("grind", "Grind", "µm", 0, row => row.MedianUm, value => $"{FigureFormat.Number(value, 0)} µm"),
        new("temperature", "Water", format.TemperatureUnit, 0, row => row.WaterTemperatureC is { } c ? format.Units.TemperatureFromC(c) : null, value => $"{FigureFormat.Number(value, 0)} {format.TemperatureUnit}"),
        new("ratio", "Ratio: water to 1 of coffee", "", 1, row => row.Ratio, value => FigureFormat.Ratio(value)),
        new("rest", "Days since roasting", "", 0, row => row.RestDays, value => FigureFormat.Number(value, 0)),
    ];

    private static (double Low, double High)? BrewPair(double? low, double? high) => low is { } from && high is { } to ? (from, to) : null;
}
