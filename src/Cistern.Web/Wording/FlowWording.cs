namespace Cistern.Web.Wording;

/// <summary>A brew's times compared with their windows, in words.</summary>
public static class FlowWording
{
    /// <summary>One verdict in a sentence.</summary>
    public static string Of(FlowVerdict verdict)
    {
        var window = verdict.Set
            ? $"its window, {FigureFormat.Clock(verdict.LowS)} to {FigureFormat.Clock(verdict.HighS)}"
            : $"the expected {FigureFormat.Clock(verdict.LowS)} to {FigureFormat.Clock(verdict.HighS)}";
        var time = FigureFormat.Clock(verdict.ActualS);
        var off = Math.Abs(verdict.OffS) < 100 ? FigureFormat.Seconds(Math.Abs(verdict.OffS)) : FigureFormat.Clock(Math.Abs(verdict.OffS));
        return (verdict.Of, verdict.Place) switch
        {
            (FlowOf.Release, FlowPlace.Within) => $"The steep ended at {time}, within {window}.",
            (FlowOf.Release, FlowPlace.Under) => $"The steep ended at {time}, {off} before {window}: it extracted less.",
            (FlowOf.Release, _) => $"The steep ended at {time}, {off} after {window}: it extracted more.",
            (FlowOf.Drain, FlowPlace.Within) => $"Drawdown {time}, within {window}.",
            (FlowOf.Drain, FlowPlace.Under) => $"Drawdown {time}, {off} faster than {window}: a coarse grind, or the filter has folded.",
            (FlowOf.Drain, _) => $"Drawdown {time}, {off} slower than {window}: a fine grind, much stirring, or very fresh coffee.",
            (FlowOf.Press, FlowPlace.Within) => $"Pressed in {time}, within {window}.",
            (FlowOf.Press, FlowPlace.Under) => $"Pressed in {time}, {off} faster than {window}: the bed was loose.",
            (FlowOf.Press, _) => $"Pressed in {time}, {off} slower than {window}: the bed was tight.",
            (_, FlowPlace.Within) => $"Done at {time}, within {window}.",
            (_, FlowPlace.Under) => $"Done at {time}, {off} before {window}.",
            _ => $"Done at {time}, {off} after {window}.",
        };
    }
}
