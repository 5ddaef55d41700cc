using static System.FormattableString;
using static Cistern.Core.Tests.WeightCurve;

namespace Cistern.Core.Tests;

/// <summary>
/// The limits of the analyzer: one act on a curve is made heavier, longer or faster step by step, beyond each limit, and what is
/// recognized at every step is in <c>analyzer-limits.txt</c>. Simulated brews seldom come near a limit.
/// </summary>
public sealed class AnalyzerLimitsTests
{
    private readonly Told told = new();

    [Fact]
    public void Detection_turns_where_it_did()
    {
        Each("set down in the pause, g", 6, 30, 1, Bloomed, 100, (g, atS) => Press(atS) + On(40, g, atS));
        Each("set down in a pour, g", 20, 80, 5, Bloomed, 100, (g, atS) => Press(atS) + On(58, g, atS));
        Each("a bump of 30 g for, s", 0.3, 3.1, 0.2, Bloomed, 100, (s, atS) => Press(atS) + (atS > 36 && atS < 36 + s ? 30 : 0));
        Each("a bump in a pour, g", 2, 14, 1, Bloomed, 100, (g, atS) => Press(atS) + (atS > 57 && atS < 57.6 ? g : 0));
        Each("taken off in the pause, g", -60, -6, 6, Bloomed, 100, (g, atS) => Press(atS) + On(40, g, atS));
        Each("a slow pour, g/s", 0.6, 3, 0.2, Bloomed, 190, (gPerS, atS) => Start(atS) + Ramp(50, 60 / gPerS, 60, atS));
        Each("a fast pour, g/s", 40, 150, 10, Bloomed, 100, (gPerS, atS) => Start(atS) + Ramp(50, 350 / gPerS, 350, atS));
        Each("a little pour, g", 2, 12, 1, Bloomed, 100, (g, atS) => Start(atS) + Ramp(50, 2, g, atS));
        Each("a pause in a pour, s", 0.4, 8.4, 0.4, Bloomed, 100, (s, atS) => Start(atS) + Ramp(50, 6, 150, atS) + Ramp(56 + s, 6, 200, atS));
        Each("water after the last pour, g", 4, 40, 3, Bloomed, 120, (g, atS) => Press(atS) + Ramp(85, 3, g, atS));
        Each("a lid, a tool, a vessel taken off, share of all", 0.1, 0.4, 0.01, Bloomed, 120, (share, atS) => Press(atS) * (atS > 85 ? 1 - share : 1));
        Each("lifted for, s", 1, 10, 0.5, Bloomed, 120, (s, atS) => atS > 85 && atS < 85 + s ? 0 : Press(atS));
        Each("leant on with, g", 600, 2_400, 200, Bloomed, 130, (g, atS) => Press(atS) + (atS > 85 && atS < 92 ? g * Math.Min(1, Math.Min(atS - 85, 92 - atS)) : 0));
        Each("of 2 kg leant on with, taken off again, share", 0.2, 1, 0.05, Bloomed, 130, (share, atS) => Press(atS) + (2_000 * (atS < 85 ? 0 : atS < 90 ? Math.Min(1, atS - 85) : 1 - (share * Math.Min(1, atS - 90)))));
        Each("a pour of 60 g, then set down, g", 6, 24, 1, Bloomed, 60, (g, atS) => Start(atS) + Ramp(35, 4, 60, atS) + On(39.4, g, atS));
        Each("trembling, g", 0, 4, 0.4, Bloomed, 100, (g, atS) => Press(atS) + (g * Math.Sin(11 * atS)));
        Each("known until, after the vessel is taken off, s", 0.5, 10, 0.5, Bloomed, 120, (_, atS) => atS > 85 ? 0 : Press(atS), 85);
        Each("a drain, g/s", 0.1, 0.6, 0.04, Dripper, 320, (gPerS, atS) => Drained(atS) + Ramp(72, 60 / gPerS, 60, atS));
        Each("a pause in a drain, s", 1, 15, 1, Dripper, 190, (s, atS) => Drained(atS) + Ramp(72, 30, 150, atS) + Ramp(102 + s, 30, 100, atS));
        Each("a drain that slows to, g/s", 0.1, 1.2, 0.1, Dripper, 220, (gPerS, atS) => Drained(atS) + Ramp(72, 40, 200, atS) + Ramp(112, 60, 60 * gPerS, atS));
        Each("poured into a drain, g/s", 2, 20, 1, Dripper, 190, (gPerS, atS) => Drained(atS) + Ramp(72, 80, 160, atS) + Ramp(100, 6, 6 * gPerS, atS));
        Each("the cup is lifted from a drain for, s", 1, 15, 1, Dripper, 190, (s, atS) => atS > 100 && atS < 100 + s ? 0 : Drained(atS) + Ramp(72, 80, 240, atS));
        Each("the server weighs, g", 60, 420, 30, Dripper, 190, (g, atS) => Poured(atS) + On(63, g, atS) + Ramp(72, 60, 240, atS));
        Each("known until, while it drains, s", 1, 30, 2, Dripper, 190, (_, atS) => Drained(atS) + Ramp(72, 12, 60, atS), 72);
        told.Holds("analyzer-limits.txt");
    }

    private static double Start(double atS) => On(2, 600, atS) + Ramp(8, 1.5, 27, atS) + Ramp(20, 6, 55, atS);

    private static double Press(double atS) => Start(atS) + Ramp(50, 16, 350, atS);

    private static double Poured(double atS) => atS < 60 ? On(2, 600, atS) + Ramp(8, 1.5, 24, atS) + Ramp(20, 24, 384, atS) : 0;

    private static double Drained(double atS) => Poured(atS) + On(63, 340, atS);

    private void Each(string what, double from, double to, double by, Recipe recipe, double forS, Func<double, double, double> loadG, double? knownFromS = null)
    {
        told.Tell($"== {what}");
        for (var i = 0; from + (by * i) <= to + (by / 2); i++)
        {
            var value = from + (by * i);
            double[] tares = recipe == Dripper ? [14, 66] : [14];
            var seen = See(recipe, Math.Min(forS, knownFromS + value ?? forS), atS => loadG(value, atS), tares, knownFromS + value ?? double.PositiveInfinity);
            told.Tell($"{value:0.##}: {string.Join(", ", seen.Where(one => one.AtS > (recipe == Dripper ? 62 : 30)).Select(one => Invariant($"{one.Kind} {one.AtS:0.00} {one.G:0.0}")))}");
        }
    }
}
