using OpenCvSharp;
using OpenCvSharp.Aruco;

namespace Cistern.Seeing;

/// <summary>The position of the card in a picture.</summary>
/// <param name="ToPicture">Homography from mm of the field to px of the picture, 3 by 3, row by row.</param>
/// <param name="SlantDegrees">Angle between the view and the vertical, °.</param>
/// <param name="PixelsPerMm">Resolution where it is highest, px per mm.</param>
/// <param name="BlurMm">Blur of an edge, as the standard deviation of a Gaussian, mm.</param>
/// <param name="White">Brightness of the paper beside the markers, 0 to 1.</param>
/// <param name="Black">Brightness of their black, 0 to 1.</param>
/// <param name="Curve">The exponent for the picture's values that puts an edge half way between its two sides.</param>
internal sealed record CardInPicture(double[] ToPicture, double SlantDegrees, double PixelsPerMm, double BlurMm, double White, double Black, double Curve)
{
    /// <summary>The position of a point of the field in the picture, px.</summary>
    /// <param name="xMm">From the left, mm.</param>
    /// <param name="yMm">From the top, mm.</param>
    public (double X, double Y) At(double xMm, double yMm)
    {
        var h = ToPicture;
        var w = h[6] * xMm + h[7] * yMm + h[8];
        return ((h[0] * xMm + h[1] * yMm + h[2]) / w, (h[3] * xMm + h[4] * yMm + h[5]) / w);
    }
}

/// <summary>Finds the card by its markers, in any orientation.</summary>
internal static class CardFinder
{
    // Markers are searched in a reduced picture: faster, and blurred edges become sharp.
    private static readonly int[] LongestSides = [1600, 800, 400, 250];

    /// <summary>Finds the card; null where not all of its markers were seen, with how many were.</summary>
    /// <param name="grey">The picture, one channel of 8 bits.</param>
    /// <param name="seen">How many of the four markers were seen.</param>
    public static CardInPicture? Find(Mat grey, out int seen)
    {
        var corners = Corners(grey);
        seen = corners.Count;
        if (corners.Count < ScaleCard.Markers.Count)
            return null;
        var card = new List<Point2d>();
        var picture = new List<Point2d>();
        foreach (var (id, found) in corners)
        {
            var (x, y) = ScaleCard.Centres[id];
            const double Half = ScaleCard.MarkerSideMm / 2;
            card.AddRange([new(x - Half, y - Half), new(x + Half, y - Half), new(x + Half, y + Half), new(x - Half, y + Half)]);
            picture.AddRange(found.Select(p => new Point2d(p.X, p.Y)));
        }
        using var homography = Cv2.FindHomography(card, picture);
        if (homography.Empty() || !homography.GetArray(out double[] h))
            return null;
        var pose = new CardInPicture(h, 0, 0, 0, 1, 0, 1);
        // Markers that do not belong to one card (two cards, or a bent page) do not fit one plane.
        var off = card.Zip(picture, (c, p) => { var (x, y) = pose.At(c.X, c.Y); return Math.Sqrt((x - p.X) * (x - p.X) + (y - p.Y) * (y - p.Y)); }).Max();
        var perMm = PixelsPerMm(pose);
        if (off > 0.6 * perMm)
            return null;
        var (blur, white, black, curve) = Edges(grey, pose, perMm);
        return pose with { SlantDegrees = Slant(h, grey.Width, grey.Height), PixelsPerMm = perMm, BlurMm = blur, White = white, Black = black, Curve = curve };
    }

    private static SortedDictionary<int, Point2f[]> Corners(Mat grey)
    {
        using var dictionary = CvAruco.GetPredefinedDictionary(PredefinedDictionaryType.Dict4X4_50);
        var settings = new DetectorParameters { CornerRefinementMethod = CornerRefineMethod.Subpix };
        using var detector = new ArucoDetector(dictionary, settings, new RefineParameters());
        var best = new SortedDictionary<int, Point2f[]>();
        foreach (var side in LongestSides)
        {
            var scale = Math.Min(1, (double)side / Math.Max(grey.Width, grey.Height));
            using var small = new Mat();
            Cv2.Resize(grey, small, default, scale, scale, InterpolationFlags.Area);
            // Normalised first, because a marker is darker than its paper in any light.
            Cv2.Normalize(small, small, 0, 255, NormTypes.MinMax);
            detector.DetectMarkers(small, out var found, out var ids, out _);
            var these = new SortedDictionary<int, Point2f[]>();
            foreach (var (id, four) in ids.Zip(found).Where(pair => pair.First < ScaleCard.Markers.Count))
                these.TryAdd(id, Array.ConvertAll(four, p => new Point2f((float)((p.X + 0.5) / scale - 0.5), (float)((p.Y + 0.5) / scale - 0.5))));
            if (these.Count > best.Count)
                best = these;
            if (best.Count == ScaleCard.Markers.Count)
                break;
        }
        foreach (var four in best.Values)
            Refine(grey, four);
        return best;
    }

    // To subpixel precision in the original picture; the window stays within the module.
    private static void Refine(Mat grey, Point2f[] four)
    {
        var side = Enumerable.Range(0, 4).Min(i => four[i].DistanceTo(four[(i + 1) % 4]));
        var half = Math.Clamp((int)(side / ScaleCard.MarkerModules * 0.7), 2, 30);
        var refined = Cv2.CornerSubPix(grey, four, new Size(half, half), new Size(-1, -1), new TermCriteria(CriteriaTypes.Eps | CriteriaTypes.MaxIter, 40, 0.01));
        for (var i = 0; i < 4; i++)
            if (refined[i].DistanceTo(four[i]) < half)
                four[i] = refined[i];
    }

    /// <summary>Whether no edge in the picture is sharp: none is as steep as an eighth of its contrast per px.</summary>
    /// <param name="grey">The picture.</param>
    public static bool IsBlurred(Mat grey)
    {
        var scale = Math.Min(1, 1600.0 / Math.Max(grey.Width, grey.Height));
        using Mat small = new(), slope = new();
        Cv2.Resize(grey, small, default, scale, scale, InterpolationFlags.Area);
        Cv2.GaussianBlur(small, small, new Size(3, 3), 0);
        Cv2.MinMaxLoc(small, out double least, out double most);
        Cv2.Scharr(small, slope, MatType.CV_32F, 1, 0, 1 / 32.0);
        Cv2.MinMaxLoc(slope, out double down, out double up);
        return Math.Max(-down, up) < (most - least) / 8;
    }

    private static double PixelsPerMm(CardInPicture pose)
    {
        double most = 0;
        foreach (var (x, y) in ScaleCard.Centres.Append((ScaleCard.FieldWidthMm / 2, ScaleCard.FieldHeightMm / 2)))
        {
            var here = pose.At(x, y);
            foreach (var (beyondX, beyondY) in new[] { pose.At(x + 1, y), pose.At(x, y + 1) })
                most = Math.Max(most, Math.Sqrt((beyondX - here.X) * (beyondX - here.X) + (beyondY - here.Y) * (beyondY - here.Y)));
        }
        return most;
    }

    // The slant of the card's plane, from the homography of a camera with square pixels that looks through the middle of the picture.
    // The focal length is the one that makes the card's axes equally long and perpendicular; nearly from above any length does, and a
    // phone's usual one is used.
    private static double Slant(double[] h, int width, int height)
    {
        var diagonal = Math.Sqrt((double)width * width + (double)height * height);
        double best = double.MaxValue, slant = 0;
        double[] a = new double[3], b = new double[3];
        for (var of = 0.45; of <= 3; of *= 1.05)
        {
            var f = of * diagonal;
            for (var column = 0; column < 2; column++)
            {
                var axis = column == 0 ? a : b;
                axis[0] = (h[column] - width / 2.0 * h[6 + column]) / f;
                axis[1] = (h[3 + column] - height / 2.0 * h[6 + column]) / f;
                axis[2] = h[6 + column];
            }
            double aa = Dot(a, a), bb = Dot(b, b), ab = Dot(a, b);
            var unlike = Math.Log(aa / bb) * Math.Log(aa / bb) / 4 + ab * ab / (aa * bb) + 1e-5 * Math.Log(of / 0.7) * Math.Log(of / 0.7);
            if (unlike >= best)
                continue;
            best = unlike;
            double[] normal = [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
            slant = Math.Acos(Math.Min(1, Math.Abs(normal[2]) / Math.Sqrt(Dot(normal, normal)))) * 180 / Math.PI;
        }
        return slant;
    }

    private static double Dot(ReadOnlySpan<double> a, ReadOnlySpan<double> b) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

    // Across the sides of the markers, from the white outside to the black border. Lenses blur in linear light, and a camera applies a
    // tone curve afterwards, so the edge of a black marker appears further in than it was printed. This finds the exponent that moves
    // it back, and with it the blur.
    private static (double BlurMm, double White, double Black, double Curve) Edges(Mat grey, CardInPicture pose, double perMm)
    {
        const double ReachMm = 1.7;
        var stepMm = Math.Min(0.1, 0.25 / perMm);
        var steps = (int)(2 * ReachMm / stepMm);
        var profiles = new List<double[]>();
        foreach (var (x, y) in ScaleCard.Centres)
            foreach (var (outX, outY) in new[] { (1, 0), (-1, 0), (0, 1), (0, -1) })
            {
                var profile = new double[steps];
                for (var along = -4.0; along <= 4; along += 0.5)
                    for (var i = 0; i < steps; i++)
                    {
                        var from = ScaleCard.MarkerSideMm / 2 + ReachMm - i * stepMm;
                        var (px, py) = pose.At(x + outX * from + outY * along, y + outY * from + outX * along);
                        profile[i] += Sample(grey, px, py) / (17 * 255);
                    }
                profiles.Add(profile);
            }
        double bestCurve = 1, bestBlur = double.MaxValue, least = double.MaxValue;
        for (var curve = 1.0; curve <= 2.4; curve += 0.1)
        {
            List<double> blurs = [], offs = [];
            foreach (var profile in profiles.Select(p => Array.ConvertAll(p, v => Math.Pow(v, curve))))
            {
                var tenth = steps / 10;
                double white = profile[..tenth].Average(), black = profile[^tenth..].Average(), way = white - black;
                if (way < 0.05 * white)
                    continue;
                // The standard deviation of a blurred edge is half of the distance from 84 to 16 %.
                blurs.Add((Falls(profile, black + 0.159 * way) - Falls(profile, black + 0.841 * way)) * stepMm / 2);
                offs.Add(Falls(profile, black + 0.5 * way) * stepMm - ReachMm);
            }
            if (offs.Count == 0)
                break;
            var off = Math.Abs(offs.Average());
            if (off < least)
                (least, bestCurve, bestBlur) = (off, curve, Median(blurs));
        }
        var end = Math.Max(1, steps / 10);
        return (bestBlur, Median([.. profiles.Select(profile => profile[..end].Average())]), Median([.. profiles.Select(profile => profile[^end..].Average())]), bestCurve);
    }

    private static double Falls(double[] profile, double level)
    {
        for (var i = 1; i < profile.Length; i++)
            if (profile[i] < level && profile[i - 1] >= level)
                return i - (level - profile[i]) / (profile[i - 1] - profile[i]);
        return 0;
    }

    private static double Sample(Mat grey, double x, double y)
    {
        x = Math.Clamp(x, 0, grey.Width - 1.001);
        y = Math.Clamp(y, 0, grey.Height - 1.001);
        int left = (int)x, top = (int)y;
        double u = x - left, v = y - top;
        return (1 - v) * ((1 - u) * grey.At<byte>(top, left) + u * grey.At<byte>(top, left + 1))
            + v * ((1 - u) * grey.At<byte>(top + 1, left) + u * grey.At<byte>(top + 1, left + 1));
    }

    internal static double Median(List<double> values)
    {
        values.Sort();
        return values[values.Count / 2];
    }
}
