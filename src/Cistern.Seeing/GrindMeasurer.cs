using Cistern.Core.Reckoning;
using MathNet.Numerics.Distributions;
using OpenCvSharp;

namespace Cistern.Seeing;

/// <summary>Measures how large ground coffee is, from a photograph of it on the card.</summary>
public static class GrindMeasurer
{
    /// <summary>The fewest grains that say anything of a grind.</summary>
    public const int FewestGrains = 300;

    // The bounds of a picture that can give a figure, judged by what strewn grains of known sizes come to.
    private const double MostSlantDegrees = 30;
    private const double LeastLight = 75;
    private const double LeastWhite = 0.6 * 255;
    private const double MostBurnt = 0.6;
    private const double MostTouching = 0.6;
    private const double MostCovered = 0.03;
    private const double MostHeaped = 0.02;

    /// <summary>Looks at a picture: a figure, or why it gives none.</summary>
    /// <param name="file">A JPEG, PNG or WebP, as it was taken.</param>
    /// <param name="rulerMm">How long the card's line came out of the printer, mm.</param>
    public static GrindReading Measure(byte[] file, double rulerMm = ScaleCard.RulerMm)
    {
        if (file.Length > PictureHeader.MostBytes || PictureHeader.Read(file) is not { WillDo: true })
            return new GrindReading.Refused(GrindRefusal.Unreadable);
        try
        {
            // Turned by its own orientation.
            Cv2.SetNumThreads(1);
            using var grey = Cv2.ImDecode(file, ImreadModes.Grayscale);
            return grey.Empty() ? new GrindReading.Refused(GrindRefusal.Unreadable) : Measure(grey, rulerMm / ScaleCard.RulerMm);
        }
        catch (Exception e) when (e is DllNotFoundException or TypeInitializationException or OpenCVException)
        {
            return new GrindReading.Refused(GrindRefusal.Unreadable, NoLibrary: e is not OpenCVException);
        }
    }

    // Sizes come out on the card as it was meant, and are told on the card as it was printed.
    private static GrindReading Measure(Mat grey, double printed)
    {
        if (CardFinder.Find(grey, out var seen) is not { } card)
        {
            return new GrindReading.Refused(
                seen > 0 && CardFinder.IsBlurred(grey) ? GrindRefusal.Blurred
                : seen > 0 ? GrindRefusal.Covered
                : grey.Mean().Val0 < LeastLight / 2 ? GrindRefusal.Dark
                : CardFinder.IsBlurred(grey) ? GrindRefusal.Blurred
                : GrindRefusal.NoCard);
        }
        if (card.SlantDegrees > MostSlantDegrees)
            return new GrindReading.Refused(GrindRefusal.Aslant);
        if (GrainFinder.Look(grey, card, paper => OfPaper(paper, card), out var refused) is not { } found)
            return refused!;
        if (found.Covered > MostCovered)
            return new GrindReading.Refused(GrindRefusal.Covered, found.Covered);
        if (found.Heaped > MostHeaped || found.Touching > MostTouching)
            return new GrindReading.Refused(GrindRefusal.Heaped, found.Touching);
        if (found.Grains.Count < FewestGrains)
            return new GrindReading.Refused(GrindRefusal.Few, Count: found.Grains.Count);
        Grain[] grains = [.. found.Grains.Select(grain => grain with { DiameterUm = grain.DiameterUm * printed })];
        var sizes = GrainSizes.Of(grains.Select(grain => grain.DiameterUm));
        // Where much of the coffee is finer than can be seen, two px or two standard deviations of the smear, nothing says where the middle is.
        double pixelUm = 1000 * printed / card.PixelsPerMm, blurUm = 1000 * printed * card.BlurMm;
        return Normal.CDF(0, 1, Math.Log(2 * Math.Max(pixelUm, blurUm) / sizes.MedianUm) / Math.Max(0.1, sizes.Spread)) > MostUnseen
            ? new GrindReading.Refused(GrindRefusal.Blurred)
            : new GrindReading.Measured(sizes, found.Touching, pixelUm, grains);
    }

    // Of the coffee's volume, by the log-normal of what was seen. Judged by strewn grains of known sizes.
    private const double MostUnseen = 0.085;

    // White is what lies beside the markers: the field itself may be full of coffee.
    private static GrindReading.Refused? OfPaper(GrainFinder.Paper paper, CardInPicture card)
    {
        var light = Math.Max(paper.Light, 255 * card.White);
        if (light < LeastLight)
            return new(GrindRefusal.Dark);
        if (paper.Burnt > MostBurnt)
            return new(GrindRefusal.Burnt, paper.Burnt);
        // Too little light makes black and white darker alike; grey paper has a black that is as black as ever.
        if (light < LeastWhite)
            return new(light < DarkWhite && card.Black / card.White is > LeastInk and < MostInk ? GrindRefusal.Dark : GrindRefusal.Grey);
        if (card.BlurMm > MostBlurMm)
            return new(GrindRefusal.Blurred);
        return paper.Light < LeastFree * light ? new(GrindRefusal.Heaped, 1) : null;
    }

    private const double DarkWhite = 115, LeastInk = 0.03, MostInk = 0.1;

    // An edge smeared further than this is smeared over any grain, mm.
    private const double MostBlurMm = 0.25;

    // Where not a quarter of the field is nearly as light as the paper beside it, it is full.
    private const double LeastFree = 0.55;
}
