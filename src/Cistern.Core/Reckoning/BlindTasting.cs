namespace Cistern.Core.Reckoning;

/// <summary>How two brews are tasted blind.</summary>
public enum BlindKind
{
    /// <summary>Three cups, two of one brew: the taster finds the odd one.</summary>
    Triangle,

    /// <summary>Five cups, two of one brew and three of the other: the taster finds the two.</summary>
    TwoOutOfFive,

    /// <summary>Two cups: which is better?</summary>
    Preference,
}

/// <summary>A cup as served in a blind tasting.</summary>
/// <param name="Code">The three-digit number on the cup.</param>
/// <param name="First">True for the first brew, false for the second.</param>
public readonly record struct BlindCup(int Code, bool First);

/// <summary>The result of a blind tasting.</summary>
/// <param name="Kind">The kind of tasting.</param>
/// <param name="Tasters">How many tasters took part.</param>
/// <param name="Right">How many were right, or preferred the first brew.</param>
/// <param name="Chance">The probability that guessing gives at least this many; for a preference, a split at least this uneven in either direction.</param>
/// <param name="LeastRight">The smallest number right that guessing reaches in no more than 5 of 100 tastings; null where there are too few tasters.</param>
public sealed record BlindResult(BlindKind Kind, int Tasters, int Right, double Chance, int? LeastRight)
{
    /// <summary>Whether the result is significant: guessing would give it in no more than 5 of 100 tastings.</summary>
    public bool Tells => Chance <= BlindTasting.Level;
}

/// <summary>Blind tastings of two brews: the order of the cups, and the result by the exact binomial test.</summary>
public static class BlindTasting
{
    /// <summary>Significance level, as in the published tables of these tests.</summary>
    public const double Level = 0.05;

    /// <summary>The most tasters supported.</summary>
    public const int MaxTasters = 100;

    private const int MinCode = 100;
    private const int MaxCode = 999;

    /// <summary>The probability that a taster who guesses is right.</summary>
    public static double Guessing(BlindKind kind) => kind switch
    {
        BlindKind.Triangle => 1.0 / 3,
        BlindKind.TwoOutOfFive => 1.0 / 10,
        _ => 1.0 / 2,
    };

    /// <summary>The upper tail of the binomial distribution, summed term by term.</summary>
    /// <param name="of">Number of trials.</param>
    /// <param name="atLeast">Smallest number of successes.</param>
    /// <param name="chance">Of each.</param>
    public static double AtLeast(int of, int atLeast, double chance)
    {
        var sum = 0.0;
        // Small terms first, to keep their precision.
        for (var count = of; count >= Math.Max(0, atLeast); count--)
        {
            sum += Ways(of, count) * Math.Pow(chance, count) * Math.Pow(1 - chance, of - count);
        }

        return Math.Min(1, sum);
    }

    /// <summary>The result of a tasting.</summary>
    /// <param name="kind">How it was tasted.</param>
    /// <param name="tasters">How many tasted, 1 to <see cref="MaxTasters"/>.</param>
    /// <param name="right">How many found it, or preferred the first; 0 to <paramref name="tasters"/>.</param>
    public static BlindResult Of(BlindKind kind, int tasters, int right) =>
        new(kind, tasters, right, Chance(kind, tasters, right), Enumerable.Range(0, tasters + 1).Where(count => kind != BlindKind.Preference || 2 * count >= tasters).Cast<int?>().FirstOrDefault(count => Chance(kind, tasters, count!.Value) <= Level));

    /// <summary>How the cups stand before each taster: every order as often as every other, as far as it goes, dealt by a seed.</summary>
    /// <param name="kind">The kind of tasting.</param>
    /// <param name="tasters">How many tasters.</param>
    /// <param name="seed">The same seed gives the same order.</param>
    /// <returns>The cups of each taster, from left to right. The codes of one taster's cups differ.</returns>
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
                    code = random.Next(MinCode, MaxCode + 1);
                }
                while (!codes.Add(code));
                return new BlindCup(code, first);
            }).ToImmutableArray();
        })];
    }

    /// <summary>How many cups a taster has to name.</summary>
    public static int Named(BlindKind kind) => kind == BlindKind.TwoOutOfFive ? 2 : 1;

    /// <summary>The cups that a taster must name: the odd one, the two of one brew; for a preference, the cup of the first brew.</summary>
    /// <param name="kind">How it is tasted.</param>
    /// <param name="cups">The cups of one taster.</param>
    public static IEnumerable<BlindCup> Asked(BlindKind kind, ImmutableArray<BlindCup> cups)
    {
        var firsts = cups.Count(cup => cup.First);
        var rare = kind == BlindKind.Preference || firsts < cups.Length - firsts;
        return cups.Where(cup => cup.First == rare);
    }

    /// <summary>Whether the cups that a taster named are the right ones.</summary>
    public static bool IsRight(BlindKind kind, ImmutableArray<BlindCup> cups, IEnumerable<int> named) =>
        Asked(kind, cups).Select(cup => cup.Code).Order().SequenceEqual(named.Order());

    /// <summary>Every order of the cups: with three, the odd one at each place and of either brew; with five, each choice of two.</summary>
    private static List<ImmutableArray<bool>> Orders(BlindKind kind)
    {
        var cups = kind switch { BlindKind.Triangle => 3, BlindKind.TwoOutOfFive => 5, _ => 2 };
        return [.. Enumerable.Range(0, 1 << cups).Select(bits => Enumerable.Range(0, cups).Select(cup => (bits >> cup & 1) == 1).ToImmutableArray())
            .Where(order => order.Count(first => first) is > 0 and var firsts && firsts < cups && (kind != BlindKind.TwoOutOfFive || firsts is 2 or 3))];
    }

    private static double Chance(BlindKind kind, int tasters, int right) => kind == BlindKind.Preference
        ? Math.Min(1, 2 * AtLeast(tasters, Math.Max(right, tasters - right), Guessing(kind)))
        : AtLeast(tasters, right, Guessing(kind));

    /// <summary>The number of ways to choose some of all.</summary>
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
