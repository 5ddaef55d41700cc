using System.Diagnostics;
using Cistern.Seeing;
using Cistern.Seeing.Tests;
using static System.FormattableString;

namespace Cistern.Bench;

/// <summary>Measures grains of known sizes in pictures that can be measured and in pictures that must be refused.</summary>
internal static class GrindBench
{
    private sealed record Seen(GrainScene Scene, GrindReading Reading, GrainSizes Truth, double Seconds);

    public static void Run(int fair, int unfair, bool lines)
    {
        OpenCvSharp.Cv2.SetNumThreads(1);
        var seen = Enumerable.Range(0, fair).AsParallel().AsOrdered().WithDegreeOfParallelism(2).Select(i => Look(Fair(i))).ToList();
        var measured = seen.Where(s => s.Reading is GrindReading.Measured).Select(s => (s, m: (GrindReading.Measured)s.Reading)).ToList();
        double[] off = [.. measured.Select(x => x.m.Sizes.MedianUm / x.s.Truth.MedianUm - 1)];
        double[] spreadOff = [.. measured.Select(x => x.m.Sizes.Spread - x.s.Truth.Spread)];
        if (lines)
            foreach (var (s, m) in measured.OrderBy(x => Math.Abs(x.m.Sizes.MedianUm / x.s.Truth.MedianUm - 1)))
                Console.WriteLine(Invariant($"{s.Scene.Seed,3} {m.Sizes.MedianUm / s.Truth.MedianUm - 1,7:P1} spread {m.Sizes.Spread - s.Truth.Spread,6:F3}  n {m.Sizes.Count}/{s.Truth.Count} touching {m.Touching:F2}  d50 {s.Truth.MedianUm:F0} σ {s.Scene.Spread:F2} px {m.PixelUm:F0} µm blur {s.Scene.BlurPx:F2} light {s.Scene.GrainLight:F2} shadow {s.Scene.ShadowDark:F2}×{s.Scene.ShadowLong:F2} cover {s.Scene.Cover:F2} cling {s.Scene.Clinging:F2} lin {s.Scene.Linear} tilt {s.Scene.TiltDegrees:F0} q {s.Scene.JpegQuality} noise {s.Scene.Noise:F3}"));
        foreach (var s in seen.Where(s => s.Reading is GrindReading.Refused))
            Console.WriteLine(Invariant($"refused {((GrindReading.Refused)s.Reading)}: {s.Scene}"));
        double Share(double within) => (double)off.Count(o => Math.Abs(o) <= within) / fair;
        Console.WriteLine(Invariant($"fair: {measured.Count} of {fair} measured; d50 within 5 %: {Share(0.05):P0}, 8 %: {Share(0.08):P0}, 12 %: {Share(0.12):P0}; middle {Middle(off):P1}; spread within 0.05: {(double)spreadOff.Count(o => Math.Abs(o) <= 0.05) / fair:P0}, middle {Middle(spreadOff):F3}"));
        var fine = measured.FindAll(x => x.s.Truth.MedianUm < 500);
        Console.WriteLine(Invariant($"interval holds the truth in {(double)measured.Count(x => x.m.Sizes.MedianLowUm <= x.s.Truth.MedianUm && x.s.Truth.MedianUm <= x.m.Sizes.MedianHighUm) / measured.Count:P0}, below 500 µm in {fine.Count(x => x.m.Sizes.MedianLowUm <= x.s.Truth.MedianUm && x.s.Truth.MedianUm <= x.m.Sizes.MedianHighUm) / (double)fine.Count:P0}; {seen.Average(s => s.Seconds):F2} s a picture of {seen.Average(s => s.Scene.Width * s.Scene.Height / 1e6):F0} MP, at most {seen.Max(s => s.Seconds):F2} s; {Process.GetCurrentProcess().PeakWorkingSet64 / 1e6:F0} MB at the peak, with the rendering"));
        int right = 0, wrong = 0, good = 0;
        foreach (var (s, reason) in Enumerable.Range(0, unfair).AsParallel().AsOrdered().WithDegreeOfParallelism(2).Select(i => (Look(Unfair(i).Scene), Unfair(i).Reason)))
        {
            var scene = s.Scene;
            switch (s.Reading)
            {
                case GrindReading.Refused refused when refused.Reason == reason: right++; break;
                case GrindReading.Refused refused: Console.WriteLine(Invariant($"refused as {refused.Reason} ({refused.Share:F2}), was {reason}: {scene}")); break;
                case GrindReading.Measured m:
                    var o = m.Sizes.MedianUm / s.Truth.MedianUm - 1;
                    if (Math.Abs(o) > 0.12)
                        wrong++;
                    else
                        good++;
                    Console.WriteLine(Invariant($"accepted, {o:P1} off, was {reason}, touching {m.Touching:F2}: {scene}"));
                    break;
            }
        }
        Console.WriteLine(Invariant($"unfair: the right reason in {right} of {unfair}; accepted and off by more than 12 %: {wrong}; accepted and within: {good}"));
    }

    private static Seen Look(GrainScene scene)
    {
        var picture = new GrainPicture(scene);
        var watch = Stopwatch.StartNew();
        var reading = GrindMeasurer.Measure(picture.Jpeg);
        return new(scene, reading, picture.Truth, watch.Elapsed.TotalSeconds);
    }

    // Twelve megapixels, as phones take them. Every other one added in linear light, as in a camera; a third sharpened, as phones do.
    internal static GrainScene Fair(int i)
    {
        var r = new Random(1000 + i);
        double Of(double low, double high) => low + (high - low) * r.NextDouble();
        return new()
        {
            Seed = i,
            MedianUm = Math.Exp(Of(Math.Log(300), Math.Log(1400))),
            Spread = Of(0.25, 0.6),
            Cover = Of(0.05, 0.12),
            Clinging = Of(0, 0.6),
            GrainLight = Of(0.12, 0.42),
            PaperLight = Of(0.78, 0.92),
            Chaff = Of(0, 0.05),
            ShadowDark = Of(0, 0.35),
            ShadowLong = Of(0.05, 0.4),
            Width = 4000,
            Height = 3000,
            Fill = Of(0.75, 0.97),
            TiltDegrees = Of(0, 25),
            TiltTowardsDegrees = Of(0, 360),
            TurnDegrees = Of(0, 360),
            Uneven = Of(0, 0.35),
            BlurPx = Of(0.6, 1.8),
            Noise = Of(0.003, 0.02),
            JpegQuality = r.Next(75, 97),
            Linear = r.Next(2) == 0,
            Sharpened = r.Next(3) == 0 ? Of(0.2, 0.6) : 0,
        };
    }

    private static (GrainScene Scene, GrindRefusal Reason) Unfair(int i)
    {
        var r = new Random(5000 + i);
        double Of(double low, double high) => low + (high - low) * r.NextDouble();
        var fair = Fair(10_000 + i) with { Width = 2800, Height = 2100 };
        return (i % 9) switch
        {
            0 => (fair with { NoCard = true }, GrindRefusal.NoCard),
            1 => (fair with { CoveredMarker = r.Next(5) }, GrindRefusal.Covered),
            2 => (fair with { BlurPx = Of(6, 14) }, GrindRefusal.Blurred),
            3 => (fair with { Exposure = Of(0.08, 0.25) }, GrindRefusal.Dark),
            4 => (fair with { Exposure = Of(1.5, 2.5) }, GrindRefusal.Burnt),
            5 => (fair with { TiltDegrees = Of(36, 55) }, GrindRefusal.Aslant),
            6 => (fair with { PaperLight = Of(0.35, 0.55), GrainLight = 0.15 }, GrindRefusal.Grey),
            7 => (fair with { Heaps = r.Next(1, 6), Cover = Of(0.15, 0.5), HeapMm = Of(5, 12) }, GrindRefusal.Heaped),
            _ => (fair with { Cover = 0.00012 * fair.MedianUm * fair.MedianUm / 360_000 * r.Next(20, 140) }, GrindRefusal.Few),
        };
    }

    private static double Middle(double[] values)
    {
        Array.Sort(values);
        return values.Length == 0 ? double.NaN : values[values.Length / 2];
    }
}
