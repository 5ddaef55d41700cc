using OpenCvSharp;

namespace Cistern.Seeing;

/// <summary>The field of the card rectified, and the grains on it.</summary>
internal sealed class GrainFinder
{
    // Margin around the field, so that a grain on its edge is seen whole.
    private const double MarginMm = 2.5;

    // A higher resolution gains nothing, and this one keeps the field under seven megapixels.
    private const double MaxPixelsPerMm = 34;

    // A neck at least this wide, relative to the smaller of two bodies, is a waist of one grain and not a contact of two.
    private const double Waist = 0.75;

    // Things lighter than this share of the grains' darkness are chaff or shadows.
    private const double Lightest = 0.55;

    // Inscribed radius that no grain of coffee exceeds, mm.
    private const double MaxMm = 1.6;

    // More grains than this in one piece with a larger circle are a heap.
    private const int MaxTogether = 40;

    // Standard deviation of the darkness of a smooth object on the field.
    private const double Smooth = 0.04;

    // Above this share of a grain's inner darkness there is only grain.
    private const double Sure = 0.7;

    // With shadows an edge is further in than half way, because shadows too narrow to be told from their grain have moved it outwards.
    // The share of the darkness beside the grains; fitted to rendered grains of known sizes.
    private const double ShadowShare = 0.6;

    // Share of the squared blur left after sharpening; fitted to rendered grains of known sizes.
    private const double Rounding = 0.15;

    private readonly double _perMm;
    private readonly int _width;
    private readonly int _height;
    private readonly double _blurPx;
    private readonly double _leastPx;
    private readonly double _curve;

    private GrainFinder(CardInPicture card)
    {
        _perMm = Math.Min(MaxPixelsPerMm, Math.Max(12, card.PixelsPerMm));
        _width = (int)((ScaleCard.FieldWidthMm + 2 * MarginMm) * _perMm);
        _height = (int)((ScaleCard.FieldHeightMm + 2 * MarginMm) * _perMm);
        _blurPx = Math.Max(0.5, card.BlurMm * _perMm);
        _curve = card.Curve;
        _leastPx = 2 * _perMm / card.PixelsPerMm;
    }

    /// <summary>What was found.</summary>
    /// <param name="Grains">The grains that could be separated.</param>
    /// <param name="Touching">Share of the grains' area in grains that touch.</param>
    /// <param name="Covered">Share of the field under something too large and smooth for grains.</param>
    /// <param name="Heaped">Share of the field under heaps, in which grains cannot be separated.</param>
    public sealed record Found(IReadOnlyList<Grain> Grains, double Touching, double Covered, double Heaped);

    /// <summary>The brightness of the field's paper, and how much of it is overexposed.</summary>
    /// <param name="Light">Its brightness, 0 to 255, in the middle.</param>
    /// <param name="Burnt">Share of the paper at the picture's maximum.</param>
    public sealed record Paper(double Light, double Burnt);

    /// <summary>Looks at the field.</summary>
    /// <param name="grey">The picture, one channel of 8 bits.</param>
    /// <param name="card">Where the card is in it.</param>
    /// <param name="judge">Decides from the paper whether to continue; null continues.</param>
    /// <param name="refused">What it said.</param>
    public static Found? Look(Mat grey, CardInPicture card, Func<Paper, GrindReading.Refused?> judge, out GrindReading.Refused? refused)
    {
        var finder = new GrainFinder(card);
        using var field = finder.Rectified(grey, card);
        refused = judge(PaperOf(field));
        if (refused is not null)
            return null;
        using var darkness = finder.Darkness(field);
        return finder.Grains(darkness);
    }

    private Mat Rectified(Mat grey, CardInPicture card)
    {
        // From px of the field's picture to px of the photograph.
        var h = card.ToPicture;
        var scale = 1 / _perMm;
        var shift = 0.5 / _perMm - MarginMm;
        using var map = new Mat(3, 3, MatType.CV_64FC1);
        for (var row = 0; row < 3; row++)
        {
            map.Set(row, 0, h[3 * row] * scale);
            map.Set(row, 1, h[3 * row + 1] * scale);
            map.Set(row, 2, h[3 * row] * shift + h[3 * row + 1] * shift + h[3 * row + 2]);
        }
        var field = new Mat();
        Cv2.WarpPerspective(grey, field, map, new Size(_width, _height), InterpolationFlags.Cubic | InterpolationFlags.WarpInverseMap, BorderTypes.Replicate);
        return field;
    }

    private static Paper PaperOf(Mat field)
    {
        using var small = new Mat();
        Cv2.Resize(field, small, default, 0.25, 0.25, InterpolationFlags.Nearest);
        small.GetArray(out byte[] light);
        var burnt = light.Count(v => v >= 253);
        Array.Sort(light);
        // In a measurable picture grains cover less than half of the field, so the paper is in the upper half.
        return new(light[light.Length * 3 / 4], (double)burnt / light.Length);
    }

    // 1 − light / paper: 0 on paper, near 1 on a black grain, in any light.
    private Mat Darkness(Mat field)
    {
        var tile = Math.Max(8, (int)(3 * _perMm));
        int rows = ((_height - 1) / tile) + 1, columns = ((_width - 1) / tile) + 1;
        using var tiles = new Mat(rows, columns, MatType.CV_32FC1);
        for (var row = 0; row < rows; row++)
            for (var column = 0; column < columns; column++)
            {
                using var part = field[new Rect(column * tile, row * tile, Math.Min(tile, _width - column * tile), Math.Min(tile, _height - row * tile))];
                using var thin = new Mat();
                Cv2.Resize(part, thin, new Size(Math.Max(1, part.Width / 3), Math.Max(1, part.Height / 3)), 0, 0, InterpolationFlags.Nearest);
                thin.GetArray(out byte[] light);
                Array.Sort(light);
                tiles.Set(row, column, Math.Max(1f, light[(int)(light.Length * 0.85)]));
            }
        // A tile under a heap shows no paper and takes its neighbours' value.
        Cv2.Dilate(tiles, tiles, new Mat());
        Cv2.Blur(tiles, tiles, new Size(3, 3));
        using var light32 = new Mat();
        field.ConvertTo(light32, MatType.CV_32FC1);
        using var paper = new Mat();
        Cv2.Resize(tiles, paper, new Size(_width, _height), 0, 0, InterpolationFlags.Linear);

        // The mean of what is nearly as light, over some mm, is the paper's brightness.
        using var ratio = new Mat();
        Cv2.Divide(light32, paper, ratio);
        using var isPaper = new Mat();
        Cv2.InRange(ratio, new Scalar(0.88), new Scalar(1.2), isPaper);
        using var weight = new Mat();
        isPaper.ConvertTo(weight, MatType.CV_32FC1, 1 / 255.0);
        Cv2.Multiply(light32, weight, ratio);
        using Mat smallLight = new(), smallWeight = new(), smallPaper = new();
        var small = new Size(_width / 4, _height / 4);
        Cv2.Resize(ratio, smallLight, small, 0, 0, InterpolationFlags.Area);
        Cv2.Resize(weight, smallWeight, small, 0, 0, InterpolationFlags.Area);
        Cv2.Resize(paper, smallPaper, small, 0, 0, InterpolationFlags.Area);
        var kernel = new Size(0, 0);
        var sigma = 2 * _perMm / 4;
        Cv2.GaussianBlur(smallLight, smallLight, kernel, sigma);
        Cv2.GaussianBlur(smallWeight, smallWeight, kernel, sigma);
        // Where there is next to none, the tiles stand.
        Cv2.AddWeighted(smallLight, 1, smallPaper, 0.02, 0, smallLight);
        Cv2.Add(smallWeight, new Scalar(0.02), smallWeight);
        Cv2.Divide(smallLight, smallWeight, smallPaper);
        Cv2.Resize(smallPaper, paper, new Size(_width, _height), 0, 0, InterpolationFlags.Linear);
        var darkness = new Mat();
        Cv2.Divide(light32, paper, darkness);
        if (_curve > 1)
            Cv2.Pow(darkness, _curve, darkness);
        Cv2.Subtract(new Scalar(1), darkness, darkness);
        Sharpen(darkness);
        return darkness;
    }

    // Removes the blur measured at the markers' edges by two iterations of Van Cittert: grains too small to reach half the darkness
    // reach it again, and edges stay where they were.
    private void Sharpen(Mat darkness)
    {
        using Mat blurred = darkness.Clone(), smeared = new();
        for (var turn = 0; turn < 2; turn++)
        {
            Cv2.GaussianBlur(darkness, smeared, new Size(0, 0), _blurPx);
            Cv2.Subtract(blurred, smeared, smeared);
            Cv2.Add(darkness, smeared, darkness);
        }
    }

    private Found Grains(Mat darkness)
    {
        using var mask = Mask(darkness, out var grainDarkness);
        using var depth = new Mat();
        Cv2.DistanceTransform(mask, depth, DistanceTypes.L2, DistanceTransformMasks.Precise, (int)MatType.CV_32F);
        using Mat labels = new(), stats = new(), centres = new();
        var count = Cv2.ConnectedComponentsWithStats(mask, labels, stats, centres, PixelConnectivity.Connectivity8, MatType.CV_32SC1);
        labels.GetArray(out int[] owner);
        depth.GetArray(out float[] depths);
        darkness.GetArray(out float[] dark);
        stats.GetArray(out int[] boxes);

        var grains = new List<Grain>();
        double single = 0, touching = 0, covered = 0, heaped = 0;
        var largest = (2 * MaxMm * _perMm) * (2 * MaxMm * _perMm) * Math.PI / 4;
        var next = count;
        for (var label = 1; label < count; label++)
        {
            var box = new Rect(boxes[5 * label], boxes[5 * label + 1], boxes[5 * label + 2], boxes[5 * label + 3]);
            double area = boxes[5 * label + 4];
            if (area < 3)
                continue;
            var seeds = Seeds(depths, owner, label, box);
            if (seeds.Count == 0)
                continue;
            if (seeds[0].Depth > MaxMm * _perMm || (seeds.Count > MaxTogether && area > largest))
            {
                // An object on the field is smooth; a heap is rough.
                if (seeds[0].Depth > MaxMm * _perMm && Roughness(owner, dark, label, box) < Smooth)
                    covered += area;
                else
                    heaped += area;
                continue;
            }
            var parts = Part(owner, dark, label, box, seeds, next);
            next += seeds.Count;
            for (var i = 0; i < parts.Length; i++)
            {
                var part = parts[i];
                if (part.Area < 3 || part.Dark / part.Area < Lightest * grainDarkness)
                    continue;
                var radius = Math.Sqrt(part.Area / Math.PI);
                // A blurred disc is smaller at half its height, by blur² / 2R.
                var diameter = radius + Math.Sqrt(radius * radius + 2 * _blurPx * _blurPx * Rounding);
                double x = part.X / part.Area, y = part.Y / part.Area;
                double xMm = (x + 0.5) / _perMm - MarginMm, yMm = (y + 0.5) / _perMm - MarginMm;
                if (diameter < _leastPx || xMm < 0 || yMm < 0 || xMm > ScaleCard.FieldWidthMm || yMm > ScaleCard.FieldHeightMm)
                    continue;
                // A hair or a printed line is no grain.
                if (seeds[i].Depth < 0.12 * diameter)
                    continue;
                if (parts.Length > 1)
                    touching += part.Area;
                else
                    single += part.Area;
                grains.Add(new(xMm, yMm, diameter / _perMm * 1000, Outline(owner, parts.Length > 1 ? next - seeds.Count + i : label, x, y, 2 * diameter)));
            }
        }
        double field = (double)_width * _height;
        return new(grains, touching + single == 0 ? 0 : (touching + heaped) / (touching + single + heaped), covered / field, heaped / field);
    }

    // Where grains are. Starts from everything darker than half a grain; where part of it is certainly grain, its edge is half way
    // between that and its surroundings, paper or shadow. Grains lighter than the others keep the plain half.
    private Mat Mask(Mat darkness, out double grainDarkness)
    {
        var reach = Math.Max(1, (int)Math.Ceiling(_blurPx));
        grainDarkness = GrainDarkness(darkness, reach);
        using var wide = Disc(2 * reach + 1);
        var mask = new Mat();
        Cv2.Compare(darkness, new Scalar(0.5 * grainDarkness), mask, CmpTypes.GT);
        using Mat sure = new(), outer = new();
        Cv2.Compare(darkness, new Scalar(AsSeen(Sure, grainDarkness)), sure, CmpTypes.GT);
        // What is a little lighter within a grain is grain.
        Cv2.MorphologyEx(sure, sure, MorphTypes.Close, wide);
        // One px further out is already outside: a shadow can be that narrow.
        Cv2.Dilate(sure, outer, new Mat());
        Cv2.BitwiseNot(outer, outer);
        var side = 2 * (reach + 2) + 1;
        var at = 0.5 + Math.Min(0.1, ShadowShare * Shadows(darkness, mask, reach) / grainDarkness);
        using var edge = Local(darkness, sure, side, grainDarkness);
        using var beside = Local(darkness, outer, side, 0);
        Cv2.AddWeighted(edge, at, beside, 1 - at, 0, edge);
        using Mat refined = new(), holding = Holding(mask, sure);
        Cv2.Compare(darkness, edge, refined, CmpTypes.GT);
        Cv2.BitwiseNot(holding, holding);
        Cv2.BitwiseOr(refined, holding, refined);
        Cv2.BitwiseAnd(mask, refined, mask);
        return mask;
    }

    // A share of the grains' darkness in the picture's own values, in which a shadow is further from a grain than in linear light.
    private double AsSeen(double share, double grainDarkness) =>
        1 - Math.Pow(1 - share * (1 - Math.Pow(Math.Max(0.001, 1 - grainDarkness), 1 / _curve)), _curve);

    // How dark it is just beside the grains.
    private static double Shadows(Mat darkness, Mat mask, int reach)
    {
        using var near = Disc(reach + 1);
        using var far = Disc(2 * reach + 2);
        using Mat inner = new(), ring = new();
        Cv2.Dilate(mask, inner, near);
        Cv2.Dilate(mask, ring, far);
        Cv2.Subtract(ring, inner, ring);
        return Math.Max(0, Cv2.Mean(darkness, ring).Val0);
    }

    // The pieces of a mask that hold something of another.
    private static Mat Holding(Mat mask, Mat of)
    {
        using var labels = new Mat();
        var count = Cv2.ConnectedComponents(mask, labels, PixelConnectivity.Connectivity8, MatType.CV_32SC1);
        labels.GetArray(out int[] label);
        of.GetArray(out byte[] isOf);
        var holds = new bool[count];
        for (var i = 0; i < label.Length; i++)
            holds[label[i]] |= isOf[i] != 0;
        holds[0] = false;
        for (var i = 0; i < label.Length; i++)
            isOf[i] = holds[label[i]] ? (byte)255 : (byte)0;
        var holding = new Mat(mask.Size(), MatType.CV_8UC1);
        holding.SetArray(isOf);
        return holding;
    }

    // The darkness inside grains, away from their blurred edges: the median of what is darker than half of that.
    private static double GrainDarkness(Mat darkness, int reach)
    {
        const double Steps = 200;
        const int Enough = 200;
        using var disc = Disc(reach);
        using var bytes = new Mat();
        darkness.ConvertTo(bytes, MatType.CV_8UC1, Steps);
        bytes.GetArray(out byte[] values);
        var level = 0.35;
        for (var turn = 0; turn < 3; turn++)
        {
            using Mat mask = new(), inner = new();
            Cv2.Compare(darkness, new Scalar(turn == 0 ? 0.25 : 0.5 * level), mask, CmpTypes.GT);
            Cv2.Erode(mask, inner, disc);
            // Grains as small as their edges have no inside.
            (Cv2.CountNonZero(inner) >= Enough ? inner : mask).GetArray(out byte[] isIn);
            var histogram = new long[256];
            for (var i = 0; i < values.Length; i++)
                if (isIn[i] != 0)
                    histogram[values[i]]++;
            var total = histogram.Sum();
            if (total == 0)
                return level;
            long below = 0;
            level = Array.FindIndex(histogram, many => (below += many) * 2 >= total) / Steps;
        }
        return level;
    }

    private static Mat Disc(int radius) => Cv2.GetStructuringElement(MorphShapes.Ellipse, new Size(2 * radius + 1, 2 * radius + 1));

    // The mean darkness within the mask around every px; a default where the mask is almost empty there.
    private static Mat Local(Mat darkness, Mat mask, int side, double usual)
    {
        const double Little = 0.01;
        using var weight = new Mat();
        mask.ConvertTo(weight, MatType.CV_32FC1, 1 / 255.0);
        var sum = new Mat();
        Cv2.Multiply(darkness, weight, sum);
        Cv2.Blur(sum, sum, new Size(side, side));
        Cv2.Blur(weight, weight, new Size(side, side));
        Cv2.Add(sum, new Scalar(Little * usual), sum);
        Cv2.Add(weight, new Scalar(Little), weight);
        Cv2.Divide(sum, weight, sum);
        return sum;
    }

    private double Roughness(int[] owner, float[] dark, int label, Rect box)
    {
        double count = 0, sum = 0, squares = 0;
        for (var y = box.Y; y < box.Bottom; y++)
            for (var x = box.X; x < box.Right; x++)
                if (owner[y * _width + x] == label)
                {
                    var darkness = dark[y * _width + x];
                    (count, sum, squares) = (count + 1, sum + darkness, squares + darkness * darkness);
                }
        return count == 0 ? 0 : Math.Sqrt(Math.Max(0, squares / count - sum / count * (sum / count)));
    }

    private readonly record struct Seed(int X, int Y, float Depth);

    // The centres of the grains in one piece: the deepest point, and others beyond a neck.
    private List<Seed> Seeds(float[] depths, int[] owner, int label, Rect box)
    {
        var peaks = new List<Seed>();
        for (var y = box.Y; y < box.Bottom; y++)
            for (var x = box.X; x < box.Right; x++)
            {
                var at = y * _width + x;
                if (owner[at] != label)
                    continue;
                var depth = depths[at];
                if (depth >= Depth(depths, x - 1, y) && depth > Depth(depths, x + 1, y) && depth >= Depth(depths, x, y - 1) && depth > Depth(depths, x, y + 1)
                    && depth >= Depth(depths, x - 1, y - 1) && depth > Depth(depths, x + 1, y + 1) && depth >= Depth(depths, x + 1, y - 1) && depth > Depth(depths, x - 1, y + 1))
                    peaks.Add(new(x, y, depth));
            }
        if (peaks.Count == 0)
        {
            // A ridge with no one highest px.
            Seed deepest = default;
            for (var y = box.Y; y < box.Bottom; y++)
                for (var x = box.X; x < box.Right; x++)
                    if (owner[y * _width + x] == label && depths[y * _width + x] > deepest.Depth)
                        deepest = new(x, y, depths[y * _width + x]);
            peaks.Add(deepest);
        }
        peaks.Sort((a, b) => b.Depth.CompareTo(a.Depth));
        var seeds = new List<Seed>();
        foreach (var peak in peaks)
            if (seeds.TrueForAll(seed => Neck(depths, owner, label, seed, peak) < Waist * peak.Depth))
                seeds.Add(peak);
        return seeds;
    }

    private float Depth(float[] depths, int x, int y) => x < 0 || y < 0 || x >= _width || y >= _height ? 0 : depths[y * _width + x];

    // The narrowest point on the straight line between the two.
    private float Neck(float[] depths, int[] owner, int label, Seed a, Seed b)
    {
        var steps = Math.Max(Math.Abs(a.X - b.X), Math.Abs(a.Y - b.Y));
        var least = b.Depth;
        for (var i = 1; i < steps; i++)
        {
            var at = (a.Y + (b.Y - a.Y) * i / steps) * _width + a.X + (b.X - a.X) * i / steps;
            if (owner[at] != label)
                return 0;
            least = Math.Min(least, depths[at]);
        }
        return least;
    }

    private record struct GrainPart(double Area, double X, double Y, double Dark);

    // Assigns each px to the nearest grain, by the power of the point with respect to its circle.
    private GrainPart[] Part(int[] owner, float[] dark, int label, Rect box, List<Seed> seeds, int next)
    {
        var parts = new GrainPart[seeds.Count];
        for (var y = box.Y; y < box.Bottom; y++)
            for (var x = box.X; x < box.Right; x++)
            {
                var at = y * _width + x;
                if (owner[at] != label)
                    continue;
                var nearest = 0;
                var least = double.MaxValue;
                for (var i = 0; i < seeds.Count && seeds.Count > 1; i++)
                {
                    double dx = x - seeds[i].X, dy = y - seeds[i].Y, power = dx * dx + dy * dy - seeds[i].Depth * seeds[i].Depth;
                    if (power < least)
                        (least, nearest) = (power, i);
                }
                ref var part = ref parts[nearest];
                part = new(part.Area + 1, part.X + x, part.Y + y, part.Dark + dark[at]);
                if (seeds.Count > 1)
                    owner[at] = next + nearest;
            }
        return parts;
    }

    // Sixteen rays from the middle to where the grain ends.
    private float[] Outline(int[] owner, int label, double x, double y, double reach)
    {
        var outline = new float[32];
        for (var ray = 0; ray < 16; ray++)
        {
            double dx = Math.Cos(ray * Math.PI / 8), dy = Math.Sin(ray * Math.PI / 8), length = 0;
            for (var far = 0.5; far < reach; far += 0.5)
            {
                int px = (int)Math.Round(x + far * dx), py = (int)Math.Round(y + far * dy);
                if (px < 0 || py < 0 || px >= _width || py >= _height || owner[py * _width + px] != label)
                    break;
                length = far;
            }
            outline[2 * ray] = (float)((x + 0.5 + length * dx) / _perMm - MarginMm);
            outline[2 * ray + 1] = (float)((y + 0.5 + length * dy) / _perMm - MarginMm);
        }
        return outline;
    }
}
