using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Core.Planning;

/// <summary>A stretch of a brew that needs somebody's hands.</summary>
/// <param name="FromS">From, s on its clock.</param>
/// <param name="ToS">To, s on its clock.</param>
public readonly record struct HandsSpan(double FromS, double ToS);

/// <summary>When two cups can be tasted against each other.</summary>
/// <param name="AtS">The first moment at which neither is too hot, s on the first one's clock.</param>
/// <param name="FirstC">The first one then, °C.</param>
/// <param name="SecondC">The second one then, °C.</param>
/// <param name="AlikeAtS">From when on they are as warm as each other, within <see cref="PairPlanning.AlikeC"/>, s on the first one's clock; null where that takes longer than two hours.</param>
/// <param name="AlikeC">The warmer of them then, °C.</param>
public sealed record TastingTime(double AtS, double FirstC, double SecondC, double? AlikeAtS, double AlikeC);

/// <summary>Two brews made as one, to be tasted against each other: who is at which when, and when the cups are as warm as each other.</summary>
public static class PairPlanning
{
    /// <summary>Cups no further apart than this taste equally warm, °C. Judged.</summary>
    public const double AlikeC = 2;

    /// <summary>From one vessel to the other with the kettle in the hand, s. Judged.</summary>
    public const double TurnS = 5;

    private const double StepS = 5;
    private const double LongestS = 2 * 3600;

    /// <summary>When a brew needs hands once its clock runs, in order; what follows within <see cref="TurnS"/> is one.</summary>
    public static IReadOnlyList<HandsSpan> HandsOf(Forecast forecast)
    {
        var spans = new List<HandsSpan>();
        foreach (var timing in forecast.Timings.Where(timing => Verb.TraitsOf(forecast.Recipe.Steps[timing.Index]).Hands).OrderBy(timing => timing.StartS))
        {
            var span = new HandsSpan(timing.StartS, Math.Max(timing.EndS, timing.StartS + Choosing.ShortS));
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

    /// <summary>Where both want the same hands, each on the first one's clock.</summary>
    /// <param name="first">The one.</param>
    /// <param name="second">The other.</param>
    /// <param name="staggerS">How long after the first the second starts, s.</param>
    public static IReadOnlyList<HandsSpan> Clashes(Forecast first, Forecast second, double staggerS) =>
        [.. Clashes(HandsOf(first), HandsOf(second), staggerS)];

    /// <summary>The least time after the first at which the second can start so that one pair of hands does both, s, in steps of five seconds.</summary>
    public static double LeastStaggerS(Forecast first, Forecast second)
    {
        var (firstHands, secondHands) = (HandsOf(first), HandsOf(second));
        // Once the first needs nobody any more, the second has both hands.
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

    /// <summary>When the two are tasted: each poured into its cup as it is done.</summary>
    /// <param name="first">The one.</param>
    /// <param name="second">The other.</param>
    /// <param name="staggerS">How long after the first the second starts, s.</param>
    public static TastingTime Tasted(Forecast first, Forecast second, double staggerS)
    {
        var doneS = Math.Max(first.Totals.FinishS, staggerS + second.Totals.FinishS);
        var atS = Math.Max(doneS, Math.Max(first.Totals.FinishS + first.Totals.DrinkableAfterS, staggerS + second.Totals.FinishS + second.Totals.DrinkableAfterS));
        double? alikeAtS = null;
        for (var lookS = atS; lookS <= atS + LongestS && alikeAtS is null; lookS += StepS)
        {
            alikeAtS = Math.Abs(CupC(first, lookS) - CupC(second, lookS - staggerS)) <= AlikeC ? lookS : null;
        }

        return new TastingTime(atS, CupC(first, atS), CupC(second, atS - staggerS), alikeAtS, Math.Max(CupC(first, alikeAtS ?? atS), CupC(second, (alikeAtS ?? atS) - staggerS)));
    }

    /// <summary>A brew in its cup, °C, at a moment on its clock.</summary>
    private static double CupC(Forecast forecast, double atS) =>
        Drinking.AtC(forecast.Totals.FinalG, forecast.Totals.FinalC, forecast.Recipe.Place.AmbientC, atS - forecast.Totals.FinishS);
}
