using MathNet.Numerics.Distributions;
using OpenCvSharp;

namespace Cistern.Seeing;

/// <summary>Measures the size of ground coffee in a photograph of it on the card.</summary>
public static class GrindMeasurer
{
    /// <summary>The fewest grains for a measurement.</summary>
    public const int MinGrains = 300;

    // Limits for measurable pictures, judged by rendered grains of known sizes.
    private const double MaxSlantDegrees = 30;
    private const double MinLight = 75;
    private const double MinWhite = 0.6 * 255;
    private const double MaxBurnt = 0.6;
    private const double MaxTouching = 0.6;
    private const double MaxCovered = 0.03;
    private const double MaxHeaped = 0.02;

    /// <summary>Measures a picture, or says why that is not possible.</summary>
    /// <param name="file">A JPEG, PNG or WebP, as it was taken.</param>
    /// <param name="rulerMm">The printed length of the card's line, mm.</param>
    public static GrindReading Measure(byte[] file, double rulerMm = ScaleCard.RulerMm)
    {
        if (file.Length > PictureHeader.MaxBytes || PictureHeader.Read(file) is not { WillDo: true })
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

    // Sizes are measured on the card as designed and converted to the card as printed.
    private static GrindReading Measure(Mat grey, double printed)
    {
        if (CardFinder.Find(grey, out var seen) is not { } card)
        {
            return new GrindReading.Refused(
                seen > 0 && CardFinder.IsBlurred(grey) ? GrindRefusal.Blurred
                : seen > 0 ? GrindRefusal.Covered
                : grey.Mean().Val0 < MinLight / 2 ? GrindRefusal.Dark
                : CardFinder.IsBlurred(grey) ? GrindRefusal.Blurred
                : GrindRefusal.NoCard);
        }
        if (card.SlantDegrees > MaxSlantDegrees)
            return new GrindReading.Refused(GrindRefusal.Aslant);
        if (GrainFinder.Look(grey, card, paper => OfPaper(paper, card), out var refused) is not { } found)
            return refused!;
        if (found.Covered > MaxCovered)
            return new GrindReading.Refused(GrindRefusal.Covered, found.Covered);
        if (found.Heaped > MaxHeaped || found.Touching > MaxTouching)
            return new GrindReading.Refused(GrindRefusal.Heaped, found.Touching);
        if (found.Grains.Count < MinGrains)
            return new GrindReading.Refused(GrindRefusal.Few, Count: found.Grains.Count);
        Grain[] grains = [.. found.Grains.Select(grain => grain with { DiameterUm = grain.DiameterUm * printed })];
        double pixelUm = 1000 * printed / card.PixelsPerMm, blurUm = 1000 * printed * card.BlurMm;
        var sizes = GrainSizes.Of(grains.Select(grain => grain.DiameterUm), pixelUm);
        // Where too much of the coffee is below the visible size (two px, or two standard deviations of the blur), the median is
        // unknown.
        return Normal.CDF(0, 1, Math.Log(2 * Math.Max(pixelUm, blurUm) / sizes.MedianUm) / Math.Max(0.1, sizes.Spread)) > MaxUnseen
            ? new GrindReading.Refused(GrindRefusal.Blurred)
            : new GrindReading.Measured(sizes, found.Touching, pixelUm, grains);
    }

    // Share of the coffee's volume, by the log-normal distribution of what was seen. Judged by rendered grains of known sizes.
    private const double MaxUnseen = 0.085;

    // White is measured beside the markers, since the field may be full of coffee.
    private static GrindReading.Refused? OfPaper(GrainFinder.Paper paper, CardInPicture card)
    {
        var light = Math.Max(paper.Light, 255 * card.White);
        if (light < MinLight)
            return new(GrindRefusal.Dark);
        if (paper.Burnt > MaxBurnt)
            return new(GrindRefusal.Burnt, paper.Burnt);
        // Too little light darkens black and white alike; grey paper has a normal black.
        if (light < MinWhite)
            return new(light < DarkWhite && card.Black / card.White is > LeastInk and < MostInk ? GrindRefusal.Dark : GrindRefusal.Grey);
        if (card.BlurMm > MaxBlurMm)
            return new(GrindRefusal.Blurred);
        return paper.Light < MinFree * light ? new(GrindRefusal.Heaped, 1) : null;
    }

    private const double DarkWhite = 115, LeastInk = 0.03, MostInk = 0.1;

    // A blur that hides any grain, mm.
    private const double MaxBlurMm = 0.25;

    // Less free paper than this means the field is full.
    private const double MinFree = 0.55;
}
