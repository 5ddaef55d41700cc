using Cistern.Core.Brewing;

namespace Cistern.Web.Wording;

/// <summary>Says in words how a brew's times lie against their windows.</summary>
public static class FlowWording
{
    /// <summary>One verdict in a sentence.</summary>
    public static string Of(FlowVerdict verdict)
    {
        var window = verdict.Set
            ? $"its window, {FigureFormat.Clock(verdict.LowS)} to {FigureFormat.Clock(verdict.HighS)}"
            : $"what was foretold, {FigureFormat.Clock(verdict.LowS)} to {FigureFormat.Clock(verdict.HighS)}";
        var time = FigureFormat.Clock(verdict.ActualS);
        var off = Math.Abs(verdict.OffS) < 100 ? FigureFormat.Seconds(Math.Abs(verdict.OffS)) : FigureFormat.Clock(Math.Abs(verdict.OffS));
        return (verdict.Of, verdict.Place) switch
        {
            (FlowOf.Release, FlowPlace.Within) => $"Released at {time}, within {window}.",
            (FlowOf.Release, FlowPlace.Under) => $"Released at {time}, {off} before {window}: less drawn than was meant.",
            (FlowOf.Release, _) => $"Released at {time}, {off} after {window}: more drawn than was meant.",
            (FlowOf.Drain, FlowPlace.Within) => $"Drained in {time}, within {window}.",
            (FlowOf.Drain, FlowPlace.Under) => $"Drained in {time}, {off} quicker than {window}: too coarse, or the filter has folded. Finer next time.",
            (FlowOf.Drain, _) => $"Drained in {time}, {off} slower than {window}: too fine, stirred too much, or very fresh. Coarser next time.",
            (FlowOf.Press, FlowPlace.Within) => $"Pressed in {time}, within {window}.",
            (FlowOf.Press, FlowPlace.Under) => $"Pressed in {time}, {off} quicker than {window}: too easy is too coarse.",
            (FlowOf.Press, _) => $"Pressed in {time}, {off} slower than {window}: too hard is too fine.",
            (_, FlowPlace.Within) => $"Done at {time}, within {window}.",
            (_, FlowPlace.Under) => $"Done at {time}, {off} before {window}.",
            _ => $"Done at {time}, {off} after {window}.",
        };
    }
}
