namespace Cistern.Core.Planning;

/// <summary>A part of a brew that needs somebody's hands.</summary>
/// <param name="FromS">Its start, s on the brew clock.</param>
/// <param name="ToS">Its end, s on the brew clock.</param>
public readonly record struct HandsSpan(double FromS, double ToS);

/// <summary>When two cups can be compared.</summary>
/// <param name="AtS">The first moment at which neither is too hot, s on the first brew's clock.</param>
/// <param name="FirstC">The first cup's temperature then, °C.</param>
/// <param name="SecondC">The second cup's temperature then, °C.</param>
/// <param name="AlikeAtS">From when on their temperatures differ by no more than <see cref="PairPlanning.AlikeC"/>, s on the first brew's clock; null after more than two hours.</param>
/// <param name="AlikeC">The temperature of the warmer cup then, °C.</param>
public sealed record TastingTime(double AtS, double FirstC, double SecondC, double? AlikeAtS, double AlikeC);

/// <summary>Two brews made together, to be compared: when each needs hands, and when the cups are equally warm.</summary>
public static class PairPlanning
{
    /// <summary>The greatest difference in temperature at which two cups can be compared, °C. Judged.</summary>
    public const double AlikeC = 2;

    /// <summary>Time to move from one vessel to the other, kettle in hand, s. Judged.</summary>
    public const double TurnS = 5;

    private const double StepS = 5;
    private const double MaxTotalS = 2 * 3600;

    /// <summary>When a brew needs hands after its clock has started, in order; spans closer than <see cref="TurnS"/> are merged.</summary>
    public static IReadOnlyList<HandsSpan> HandsOf(Forecast forecast)
    {
        var spans = new List<HandsSpan>();
        foreach (var timing in forecast.Timings.Where(timing => Verb.TraitsOf(forecast.Recipe.Steps[timing.Index]).Hands).OrderBy(timing => timing.StartS))
        {
            var span = new HandsSpan(timing.StartS, Math.Max(timing.EndS, timing.StartS + Choosing.MinHandsS));
            if (spans.Count > 0 && span.FromS - spans[^1].ToS <= TurnS)
            {
                spans[^1] = spans[^1] with { ToS = Math.Max(spans[^1].ToS, span.ToS) };
            }
            else
            {
                spans.Add(span);
            }
        }

        return spans;
    }

    /// <summary>When both brews need hands, s on the first brew's clock.</summary>
    /// <param name="first">The one.</param>
    /// <param name="second">The other.</param>
    /// <param name="staggerS">How long after the first brew the second starts, s.</param>
    public static IReadOnlyList<HandsSpan> Clashes(Forecast first, Forecast second, double staggerS) =>
        [.. Clashes(HandsOf(first), HandsOf(second), staggerS)];

    /// <summary>The smallest stagger with which one person can do both brews, s, in steps of five seconds.</summary>
    public static double MinStaggerS(Forecast first, Forecast second)
    {
        var (firstHands, secondHands) = (HandsOf(first), HandsOf(second));
        // Once the first brew needs nobody, the second cannot conflict with it.
        var staggerS = 0.0;
        while (Clashes(firstHands, secondHands, staggerS).Any())
        {
            staggerS += StepS;
        }

        return staggerS;
    }

    private static IEnumerable<HandsSpan> Clashes(IReadOnlyList<HandsSpan> first, IReadOnlyList<HandsSpan> second, double staggerS) =>
        from span in first
        from other in second.Select(other => new HandsSpan(other.FromS + staggerS, other.ToS + staggerS))
        where other.FromS < span.ToS + TurnS && span.FromS < other.ToS + TurnS
        let fromS = Math.Max(span.FromS, other.FromS)
        select new HandsSpan(fromS, Math.Max(Math.Min(span.ToS, other.ToS), fromS));

    /// <summary>When the two cups can be compared; each is poured when it is done.</summary>
    /// <param name="first">The one.</param>
    /// <param name="second">The other.</param>
    /// <param name="staggerS">How long after the first brew the second starts, s.</param>
    public static TastingTime Tasted(Forecast first, Forecast second, double staggerS)
    {
        var doneS = Math.Max(first.Totals.FinishS, staggerS + second.Totals.FinishS);
        var atS = Math.Max(doneS, Math.Max(first.Totals.FinishS + first.Totals.DrinkableAfterS, staggerS + second.Totals.FinishS + second.Totals.DrinkableAfterS));
        double? alikeAtS = null;
        for (var lookS = atS; lookS <= atS + MaxTotalS && alikeAtS is null; lookS += StepS)
        {
            alikeAtS = Math.Abs(CupC(first, lookS) - CupC(second, lookS - staggerS)) <= AlikeC ? lookS : null;
        }

        return new TastingTime(atS, CupC(first, atS), CupC(second, atS - staggerS), alikeAtS, Math.Max(CupC(first, alikeAtS ?? atS), CupC(second, (alikeAtS ?? atS) - staggerS)));
    }

    /// <summary>The temperature of a brew in its cup at a moment on its clock, °C.</summary>
    private static double CupC(Forecast forecast, double atS) =>
        Drinking.AtC(forecast.Totals.FinalG, forecast.Totals.FinalC, forecast.Recipe.Place.AmbientC, atS - forecast.Totals.FinishS);
}
