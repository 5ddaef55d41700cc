namespace Cistern.Seeing.Tests;

/// <summary>A picture that cannot be measured is refused, with the reason.</summary>
public sealed class RefusalTests
{
    private static readonly GrainScene Scene = GrindTests.Scene;

    public static TheoryData<string, GrainScene> Unfair => new()
    {
        { "no-card", Scene with { NoCard = true } },
        { "covered", Scene with { CoveredMarker = 2 } },
        { "covered", Scene with { CoveredMarker = 4 } },
        { "blurred", Scene with { BlurPx = 6 } },
        { "dark", Scene with { Exposure = 0.2 } },
        { "burnt", Scene with { Exposure = 1.7 } },
        { "aslant", Scene with { TiltDegrees = 42 } },
        { "grey", Scene with { PaperLight = 0.48, GrainLight = 0.12 } },
        { "heaped", Scene with { Heaps = 3, Cover = 0.35 } },
        { "heaped", Scene with { Heaps = 6, Cover = 1.6, HeapMm = 9 } },
        { "few", Scene with { Cover = 0.008 } },
    };

    [Theory]
    [MemberData(nameof(Unfair))]
    public void A_picture_without_a_figure_says_why(string word, GrainScene scene)
    {
        var answer = GrindAnswer.Of("a.jpg", GrindMeasurer.Measure(new GrainPicture(scene).Jpeg), withGrains: false);
        Assert.Equal(word, answer.Refused);
        Assert.NotEmpty(answer.Why!);
        Assert.Null(answer.MedianUm);
        Assert.Null(answer.Grains);
    }
}
