using OpenCvSharp;
using OpenCvSharp.Aruco;

namespace Cistern.Seeing.Tests;

/// <summary>Grains of known sizes are measured. `bench grind` shows the errors over hundreds of pictures.</summary>
public sealed class GrindTests
{
    // Small and therefore fast; its coarse grains have as many px as finer ones in a picture of twelve megapixels.
    internal static readonly GrainScene Scene = new() { MedianUm = 900, Spread = 0.35, Width = 2000, Height = 1500, BlurPx = 0.8, Cover = 0.08 };

    public static TheoryData<string, GrainScene> Fair => new()
    {
        { "plain", Scene },
        { "aslant and turned", Scene with { TiltDegrees = 22, TiltTowardsDegrees = 130, TurnDegrees = 200, Seed = 2 } },
        { "light grains in a camera's light, sharpened", Scene with { GrainLight = 0.4, Linear = true, Sharpened = 0.4, BlurPx = 1.2, Seed = 3 } },
        { "dark grains, long shadows, many that touch", Scene with { GrainLight = 0.13, ShadowDark = 0.3, ShadowLong = 0.35, Clinging = 0.6, Seed = 4 } },
        { "uneven light, noise, a poor JPEG", Scene with { Uneven = 0.35, Noise = 0.02, JpegQuality = 75, Seed = 5 } },
        { "chaff", Scene with { Chaff = 0.06, Seed = 6 } },
        { "coarse and wide", Scene with { MedianUm = 1300, Spread = 0.55, Cover = 0.12, Seed = 7 } },
    };

    [Theory]
    [MemberData(nameof(Fair))]
    public void Grains_of_known_sizes_are_measured(string what, GrainScene scene)
    {
        var picture = new GrainPicture(scene);
        var measured = Assert.IsType<GrindReading.Measured>(GrindMeasurer.Measure(picture.Jpeg));
        Assert.True(Math.Abs((measured.Sizes.MedianUm / picture.Truth.MedianUm) - 1) < 0.06, $"{what}: {measured.Sizes.MedianUm} of {picture.Truth.MedianUm} µm");
        Assert.True(Math.Abs(measured.Sizes.Spread - picture.Truth.Spread) < 0.06, $"{what}: spread {measured.Sizes.Spread} of {picture.Truth.Spread}");
        Assert.All(measured.Grains, grain => Assert.True(grain.XMm is >= 0 and <= ScaleCard.FieldWidthMm && grain.YMm is >= 0 and <= ScaleCard.FieldHeightMm));
    }

    [Fact]
    public void A_card_printed_smaller_makes_grains_smaller()
    {
        var jpeg = new GrainPicture(Scene).Jpeg;
        var whole = Assert.IsType<GrindReading.Measured>(GrindMeasurer.Measure(jpeg));
        var smaller = Assert.IsType<GrindReading.Measured>(GrindMeasurer.Measure(jpeg, rulerMm: 94));
        Assert.Equal(0.94 * whole.Sizes.MedianUm, smaller.Sizes.MedianUm, 6);
        Assert.Equal(whole.Sizes.Spread, smaller.Sizes.Spread, 6);
    }

    [Fact]
    public void The_markers_of_the_card_are_those_of_the_dictionary()
    {
        using var dictionary = CvAruco.GetPredefinedDictionary(PredefinedDictionaryType.Dict4X4_50);
        for (var id = 0; id < ScaleCard.Markers.Count; id++)
        {
            using var marker = new Mat();
            dictionary.GenerateImageMarker(id, ScaleCard.MarkerModules, marker, 1);
            for (var row = 0; row < 4; row++)
                for (var column = 0; column < 4; column++)
                    Assert.Equal(marker.At<byte>(row + 1, column + 1) > 0, ScaleCard.Markers[id][row][column] == 'x');
        }
    }

    [Fact]
    public void Sizes_are_weighted_by_volume()
    {
        // A grain of twice the diameter has the volume of eight.
        var sizes = GrainSizes.Of([.. Enumerable.Repeat(400.0, 800), .. Enumerable.Repeat(800.0, 100)]);
        Assert.InRange(sizes.MedianUm, 400, 800);
        Assert.Equal(400, sizes.D10Um);
        Assert.Equal(800, sizes.D90Um);
        var lognormal = new Random(3);
        double[] drawn = [.. Enumerable.Range(0, 20_000).Select(_ => Math.Exp(Math.Log(600) - (3 * 0.3 * 0.3) + (0.3 * Math.Sqrt(-2 * Math.Log(1 - lognormal.NextDouble())) * Math.Cos(2 * Math.PI * lognormal.NextDouble()))))];
        var many = GrainSizes.Of(drawn);
        Assert.InRange(many.MedianUm, 588, 612);
        Assert.InRange(many.Spread, 0.28, 0.32);
        Assert.True(many.MedianLowUm < many.MedianUm && many.MedianUm < many.MedianHighUm);
        Assert.True(GrainSizes.Of(drawn.Take(500)) is var few && few.MedianHighUm - few.MedianLowUm > many.MedianHighUm - many.MedianLowUm);
        // What an edge may be off does not become less with more grains.
        var seen = GrainSizes.Of(drawn, pixelUm: 80);
        Assert.Equal(many.MedianUm, seen.MedianUm);
        Assert.InRange(seen.MedianUm - seen.MedianLowUm, 32.8, 36);
        Assert.InRange(seen.MedianHighUm - seen.MedianUm, 32.8, 36);
        Assert.Throws<ArgumentException>(() => GrainSizes.Of([]));
    }

    [Fact]
    public void An_answer_line_is_read_back()
    {
        var measured = new GrindReading.Measured(new(624.4, 604, 645, 310, 1010, 0.4123, 1240), 0.061, 40, [new Grain(1, 2, 700, [1, 2, 3, 4])]);
        var line = GrindAnswer.Of("a.jpg", measured, withGrains: false).Write();
        Assert.StartsWith("""{"picture":"a.jpg","medianUm":624,"medianUmLow":604,"medianUmHigh":645,"spread":0.412,"d10Um":310,"d90Um":1010,"grains":1240,"touching":0.06""", line, StringComparison.Ordinal);
        Assert.DoesNotContain("outlines", line, StringComparison.Ordinal);
        Assert.Equal([700.0], GrindAnswer.Read(GrindAnswer.Of("a.jpg", measured, withGrains: true).Write())!.DiametersUm!);
        Assert.Null(GrindAnswer.Read("no JSON"));
    }
}
