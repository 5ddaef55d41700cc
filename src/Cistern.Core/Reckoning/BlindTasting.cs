using System.Collections.Immutable;

namespace Cistern.Core.Reckoning;

/// <summary>How two brews are tasted blind.</summary>
public enum BlindKind
{
    /// <summary>Three cups, two of one brew: which is the odd one?</summary>
    Triangle,

    /// <summary>Five cups, two of one brew and three of the other: which two belong together?</summary>
    TwoOutOfFive,

    /// <summary>Two cups: which is better?</summary>
    Preference,
}

/// <summary>A cup as it is served blind.</summary>
/// <param name="Code">Three digits on the cup.</param>
/// <param name="First">Whether it is of the first brew; otherwise of the second.</param>
public readonly record struct BlindCup(int Code, bool First);

/// <summary>What a blind tasting says.</summary>
/// <param name="Kind">How it was tasted.</param>
/// <param name="Tasters">How many tasted.</param>
/// <param name="Right">How many found it, or preferred the first.</param>
/// <param name="Chance">The chance that so many or more would by guessing alone; of a preference, that it would be so uneven, either way.</param>
/// <param name="LeastRight">How many it would have taken to be found by chance in no more than 5 of 100 such tastings; null where so few tasters cannot say it.</param>
public sealed record BlindResult(BlindKind Kind, int Tasters, int Right, double Chance, int? LeastRight)
{
    /// <summary>Whether guessing alone would hardly do it: at most in 5 of 100.</summary>
    public bool Tells => Chance <= BlindTasting.Level;
}

/// <summary>Blind tastings of two brews: how the cups are served, and what came of it, by the exact binomial chance.</summary>
public static class BlindTasting
{
    /// <summary>What guessing does in no more than so many of all tastings is held to be no guess, as the published tables of these tests do.</summary>
    public const double Level = 0.05;

    /// <summary>The most tasters that are reckoned with.</summary>
    public const int MostTasters = 100;

    private const int LeastCode = 100;
    private const int MostCode = 999;

    /// <summary>The chance that one taster who guesses is right.</summary>
    public static double Guessing(BlindKind kind) => kind switch
    {
        BlindKind.Triangle => 1.0 / 3,
        BlindKind.TwoOutOfFive => 1.0 / 10,
        _ => 1.0 / 2,
    };

    /// <summary>The chance of so many or more of some, each with a chance of its own: the upper tail of the binomial distribution, summed term by term.</summary>
    /// <param name="of">How many there are.</param>
    /// <param name="atLeast">How many of them at least.</param>
    /// <param name="chance">Of each.</param>
    public static double AtLeast(int of, int atLeast, double chance)
    {
        var sum = 0.0;
        // From the last term to the first, so that small ones are not lost in large ones.
        for (var count = of; count >= Math.Max(0, atLeast); count--)
        {
            sum += Ways(of, count) * Math.Pow(chance, count) * Math.Pow(1 - chance, of - count);
        }

        return Math.Min(1, sum);
    }

    /// <summary>What came of a tasting.</summary>
    /// <param name="kind">How it was tasted.</param>
    /// <param name="tasters">How many tasted, 1 to <see cref="MostTasters"/>.</param>
    /// <param name="right">How many found it, or preferred the first; 0 to <paramref name="tasters"/>.</param>
    public static BlindResult Of(BlindKind kind, int tasters, int right) =>
        new(kind, tasters, right, Chance(kind, tasters, right), Enumerable.Range(0, tasters + 1).Where(count => kind != BlindKind.Preference || 2 * count >= tasters).Cast<int?>().FirstOrDefault(count => Chance(kind, tasters, count!.Value) <= Level));

    /// <summary>How the cups stand before each taster: every order as often as every other, as far as it goes, dealt by a seed.</summary>
    /// <param name="kind">How it is tasted.</param>
    /// <param name="tasters">How many taste.</param>
    /// <param name="seed">The same seed serves the same.</param>
    /// <returns>The cups of each taster, from left to right; no code is on two cups of one taster.</returns>
    public static ImmutableArray<ImmutableArray<BlindCup>> Serve(BlindKind kind, int tasters, int seed)
    {
        var random = new Random(seed);
        var orders = Orders(kind);
        var dealt = new List<ImmutableArray<bool>>();
        while (dealt.Count < tasters)
        {
            var round = orders.ToArray();
            random.Shuffle(round);
            dealt.AddRange(round);
        }

        return [.. dealt.Take(tasters).Select(order =>
        {
            var codes = new HashSet<int>();
            return order.Select(first =>
            {
                int code;
                do
                {
                    code = random.Next(LeastCode, MostCode + 1);
                }
                while (!codes.Add(code));
                return new BlindCup(code, first);
            }).ToImmutableArray();
        })];
    }

    /// <summary>How many cups a taster has to name.</summary>
    public static int Named(BlindKind kind) => kind == BlindKind.TwoOutOfFive ? 2 : 1;

    /// <summary>The cups that are asked for: the odd one, the two that belong together; of a preference the cup of the first brew.</summary>
    /// <param name="kind">How it is tasted.</param>
    /// <param name="cups">The cups of one taster.</param>
    public static IEnumerable<BlindCup> Asked(BlindKind kind, ImmutableArray<BlindCup> cups)
    {
        var firsts = cups.Count(cup => cup.First);
        var rare = kind == BlindKind.Preference || firsts < cups.Length - firsts;
        return cups.Where(cup => cup.First == rare);
    }

    /// <summary>Whether the cups a taster named are those that are asked for.</summary>
    public static bool IsRight(BlindKind kind, ImmutableArray<BlindCup> cups, IEnumerable<int> named) =>
        Asked(kind, cups).Select(cup => cup.Code).Order().SequenceEqual(named.Order());

    /// <summary>Every order the cups can stand in: of three the odd one at each place and of either brew, of five each two together.</summary>
    private static List<ImmutableArray<bool>> Orders(BlindKind kind)
    {
        var cups = kind switch { BlindKind.Triangle => 3, BlindKind.TwoOutOfFive => 5, _ => 2 };
        return [.. Enumerable.Range(0, 1 << cups).Select(bits => Enumerable.Range(0, cups).Select(cup => (bits >> cup & 1) == 1).ToImmutableArray())
            .Where(order => order.Count(first => first) is > 0 and var firsts && firsts < cups && (kind != BlindKind.TwoOutOfFive || firsts is 2 or 3))];
    }

    private static double Chance(BlindKind kind, int tasters, int right) => kind == BlindKind.Preference
        ? Math.Min(1, 2 * AtLeast(tasters, Math.Max(right, tasters - right), Guessing(kind)))
        : AtLeast(tasters, right, Guessing(kind));

    /// <summary>In how many ways some can be chosen of all.</summary>
    private static double Ways(int of, int some)
    {
        var ways = 1.0;
        for (var i = 1; i <= Math.Min(some, of - some); i++)
        {
            ways = ways * (of - Math.Min(some, of - some) + i) / i;
        }

        return ways;
    }
}
