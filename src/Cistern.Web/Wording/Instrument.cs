namespace Cistern.Web.Wording;

/// <summary>What instruments show, in words.</summary>
public static class Instrument
{
    /// <summary>A reading in words.</summary>
    /// <param name="of">What was read.</param>
    /// <param name="value">The reading.</param>
    /// <param name="format">Formats figures.</param>
    public static string Told(ReadingOf of, double value, FigureFormat format) => of switch
    {
        ReadingOf.ScaleG => $"scale {format.Mass(value)}",
        ReadingOf.SlurryC => $"in the brewer {format.Temperature(value)}",
        ReadingOf.KettleC => $"kettle {format.Temperature(value)}",
        ReadingOf.BurnerW => $"flame {FigureFormat.Number(value, 0)} W",
        _ => $"read {FigureFormat.Percent(value, 2)} TDS",
    };
}
