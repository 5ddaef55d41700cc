using OpenCvSharp;

namespace Cistern.Seeing.Tests;

/// <summary>How a picture of strewn grains is taken.</summary>
public sealed record GrainScene
{
    public double MedianUm { get; init; } = 600;
    public double Spread { get; init; } = 0.4;
    /// <summary>The share of the field covered by grains.</summary>
    public double Cover { get; init; } = 0.07;
    /// <summary>The share of overlapping grains that are left touching.</summary>
    public double Clinging { get; init; } = 0.3;
    /// <summary>The lightness of a grain, 0 to 1.</summary>
    public double GrainLight { get; init; } = 0.25;
    public double PaperLight { get; init; } = 0.86;
    public double Chaff { get; init; } = 0.02;
    /// <summary>The darkness of a shadow, and its length in diameters.</summary>
    public double ShadowDark { get; init; } = 0.2;
    public double ShadowLong { get; init; } = 0.25;
    public int Width { get; init; } = 3200;
    public int Height { get; init; } = 2400;
    /// <summary>The share of the picture's height that the card fills.</summary>
    public double Fill { get; init; } = 0.85;
    public double TiltDegrees { get; init; }
    public double TiltTowardsDegrees { get; init; }
    public double TurnDegrees { get; init; }
    /// <summary>How much lighter one side of the picture is than the other.</summary>
    public double Uneven { get; init; } = 0.15;
    public double Exposure { get; init; } = 1;
    public double BlurPx { get; init; } = 0.9;
    public double Noise { get; init; } = 0.01;
    public int JpegQuality { get; init; } = 90;
    /// <summary>Light is added linearly and the camera's curve is applied afterwards; otherwise it is added in the picture's own values.</summary>
    public bool Linear { get; init; }
    public double Sharpened { get; init; }
    /// <summary>Heaps of grains, and the radius of each, mm.</summary>
    public int Heaps { get; init; }
    public double HeapMm { get; init; } = 6;
    /// <summary>Which marker is covered; −1 for none; 4 for a hand over the field.</summary>
    public int CoveredMarker { get; init; } = -1;
    public bool NoCard { get; init; }
    public double PrintedScale { get; init; } = 1;
    public int Seed { get; init; } = 1;
}

/// <summary>Renders grains of known sizes on the card, with a scan-line rasterizer of its own: it shares only the card with the code under test.</summary>
public sealed class GrainPicture
{
    private readonly GrainScene _scene;
    private readonly Random _random;
    private readonly float[] _canvas;
    private readonly float[] _cover;
    private readonly double[] _h;
    private readonly double _perMm;

    /// <summary>The diameters of circles with the grains' areas, µm.</summary>
    public List<double> DiametersUm { get; } = [];

    /// <summary>The picture as a JPEG.</summary>
    public byte[] Jpeg { get; }

    public GrainSizes Truth => GrainSizes.Of(DiametersUm);

    public GrainPicture(GrainScene scene)
    {
        _scene = scene;
        _random = new(scene.Seed);
        _canvas = new float[scene.Width * scene.Height];
        _cover = new float[_canvas.Length];
        (_h, _perMm) = Camera();
        Array.Fill(_canvas, 0.35f);
        if (!scene.NoCard)
            Card();
        Strew();
        Jpeg = Take();
    }

    // A card of 130 by 100 mm before a camera with square pixels.
    private (double[], double) Camera()
    {
        var s = _scene;
        double tilt = s.TiltDegrees * Math.PI / 180, towards = s.TiltTowardsDegrees * Math.PI / 180, turn = s.TurnDegrees * Math.PI / 180;
        double f = 0.75 * Math.Sqrt((double)s.Width * s.Width + (double)s.Height * s.Height);
        // The side of the card that has to fit: its width or its height, depending on its rotation.
        double wide = Math.Abs(Math.Cos(turn)) * 134 + Math.Abs(Math.Sin(turn)) * 104, high = Math.Abs(Math.Sin(turn)) * 134 + Math.Abs(Math.Cos(turn)) * 104;
        var away = f / (s.Fill * Math.Min(s.Width / wide, s.Height / high));
        // Turned in its plane, then tilted about an axis in it.
        double[,] r = Multiply(About(Math.Cos(towards), Math.Sin(towards), tilt), new[,] { { Math.Cos(turn), -Math.Sin(turn), 0 }, { Math.Sin(turn), Math.Cos(turn), 0 }, { 0, 0, 1 } });
        double cx = ScaleCard.FieldWidthMm / 2, cy = ScaleCard.FieldHeightMm / 2, k = s.PrintedScale;
        double[] column(int c) => [f * r[0, c] * k + s.Width / 2.0 * r[2, c] * k, f * r[1, c] * k + s.Height / 2.0 * r[2, c] * k, r[2, c] * k];
        double[] a = column(0), b = column(1);
        double[] t = [f * 0 + s.Width / 2.0 * away, s.Height / 2.0 * away, away];
        return ([a[0], b[0], t[0] - a[0] * cx - b[0] * cy, a[1], b[1], t[1] - a[1] * cx - b[1] * cy, a[2], b[2], t[2] - a[2] * cx - b[2] * cy], f / away);
    }

    private static double[,] About(double x, double y, double angle)
    {
        double c = Math.Cos(angle), s = Math.Sin(angle), d = 1 - c;
        return new[,] { { c + x * x * d, x * y * d, y * s }, { x * y * d, c + y * y * d, -x * s }, { -y * s, x * s, c } };
    }

    private static double[,] Multiply(double[,] a, double[,] b)
    {
        var product = new double[3, 3];
        for (var i = 0; i < 3; i++)
            for (var j = 0; j < 3; j++)
                for (var k = 0; k < 3; k++)
                    product[i, j] += a[i, k] * b[k, j];
        return product;
    }

    private (double X, double Y) At(double x, double y)
    {
        var w = _h[6] * x + _h[7] * y + _h[8];
        return ((_h[0] * x + _h[1] * y + _h[2]) / w, (_h[3] * x + _h[4] * y + _h[5]) / w);
    }

    private void Card()
    {
        Paint(Box(-24, -24, ScaleCard.FieldWidthMm + 48, ScaleCard.FieldHeightMm + 48), _ => (float)_scene.PaperLight);
        for (var id = 0; id < 4; id++)
        {
            var (x, y) = ScaleCard.Centres[id];
            const double Side = ScaleCard.MarkerSideMm, Module = Side / 6;
            Paint(Box(x - Side / 2, y - Side / 2, Side, Side), _ => 0.07f);
            for (var row = 0; row < 4; row++)
                for (var column = 0; column < 4; column++)
                    if (ScaleCard.Markers[id][row][column] == 'x')
                        Paint(Box(x - Side / 2 + (column + 1) * Module, y - Side / 2 + (row + 1) * Module, Module, Module), _ => (float)_scene.PaperLight);
            if (_scene.CoveredMarker == id)
                Paint(Box(x - 9, y - 9, 13, 16), _ => 0.5f);
        }
        Paint(Box(-5, ScaleCard.FieldHeightMm + 18, ScaleCard.RulerMm, 0.4), _ => 0.07f);
    }

    private static (double X, double Y)[] Box(double x, double y, double width, double height) => [(x, y), (x + width, y), (x + width, y + height), (x, y + height)];

    private sealed record Body(double X, double Y, (double X, double Y)[] Shape, double Reach);

    private void Strew()
    {
        var s = _scene;
        var bodies = new List<Body>();
        var cells = new Dictionary<(int, int), List<Body>>();
        double area = 0, wanted = s.Cover * ScaleCard.FieldWidthMm * ScaleCard.FieldHeightMm;
        // The number median of a log-normal is below its volume median by three times the variance.
        var mean = Math.Log(s.MedianUm / 1000) - 3 * s.Spread * s.Spread;
        for (var i = 0; area < wanted && i < 60_000; i++)
        {
            var diameter = Math.Exp(mean + s.Spread * Normal());
            if (diameter is < 0.05 or > 3)
                continue;
            var shape = Shape(diameter);
            var reach = shape.Max(p => Math.Sqrt(p.X * p.X + p.Y * p.Y));
            for (var turn = 0; turn < 40; turn++)
            {
                double x = reach + _random.NextDouble() * (ScaleCard.FieldWidthMm - 2 * reach), y = reach + _random.NextDouble() * (ScaleCard.FieldHeightMm - 2 * reach);
                if (s.Heaps > 0 && _random.NextDouble() < 0.8)
                {
                    var heap = _random.Next(s.Heaps);
                    (x, y) = (15 + 60 * ((heap * 0.618) % 1) + s.HeapMm * Normal() / 2, 12 + 36 * ((heap * 0.414) % 1) + s.HeapMm * Normal() / 2);
                }
                var near = Near(cells, x, y).Where(b => Far(b, x, y) < 0.93 * (b.Reach + reach)).ToList();
                if (near.Count > 0 && s.Heaps == 0)
                {
                    if (turn > 0 || near.Count > 1 || _random.NextDouble() > s.Clinging)
                        continue;
                    // Moved away until it only touches the other.
                    var far = Math.Max(1e-6, Far(near[0], x, y));
                    var to = 0.86 * (near[0].Reach + reach);
                    (x, y) = (near[0].X + (x - near[0].X) / far * to, near[0].Y + (y - near[0].Y) / far * to);
                    if (Near(cells, x, y).Exists(b => b != near[0] && Far(b, x, y) < 0.93 * (b.Reach + reach)))
                        continue;
                }
                var body = new Body(x, y, Array.ConvertAll(shape, p => (p.X + x, p.Y + y)), reach);
                bodies.Add(body);
                var cell = ((int)(x / 2), (int)(y / 2));
                if (!cells.TryGetValue(cell, out var inCell))
                    cells[cell] = inCell = [];
                inCell.Add(body);
                DiametersUm.Add(diameter * 1000);
                area += Math.PI * diameter * diameter / 4;
                break;
            }
        }
        var falls = _random.NextDouble() * 2 * Math.PI;
        if (s.ShadowDark > 0)
        {
            foreach (var body in bodies)
            {
                var longs = s.ShadowLong * body.Reach * 2;
                Cover(Array.ConvertAll(body.Shape, p => At(p.X + longs * Math.Cos(falls), p.Y + longs * Math.Sin(falls))), (at, cover) => _cover[at] = Math.Max(_cover[at], cover));
            }
            using var shadow = Mat.FromPixelData(s.Height, s.Width, MatType.CV_32FC1, _cover);
            Cv2.GaussianBlur(shadow, shadow, new Size(0, 0), Math.Max(0.6, 0.05 * s.MedianUm / 1000 * _perMm));
            for (var i = 0; i < _canvas.Length; i++)
                _canvas[i] *= (float)(1 - s.ShadowDark * _cover[i]);
        }
        for (var i = 0; i < bodies.Count * s.Chaff; i++)
        {
            double x = 3 + _random.NextDouble() * 84, y = 3 + _random.NextDouble() * 54;
            var light = (float)(s.PaperLight * (0.72 + 0.15 * _random.NextDouble()));
            Paint(Array.ConvertAll(Shape(0.5 + _random.NextDouble()), p => (x + p.X, y + 0.5 * p.Y)), _ => light);
        }
        foreach (var body in bodies)
        {
            var own = s.GrainLight * (1 + 0.18 * Normal());
            double ax = _random.NextDouble() * 6, ay = _random.NextDouble() * 6, slope = 0.15 * Normal();
            var size = body.Reach * _perMm;
            Paint(body.Shape, at => (float)Math.Clamp(own * (1 + 0.15 * Math.Sin(at % s.Width / size * 2.5 + ax) * Math.Cos(at / s.Width / size * 2.5 + ay) + slope * Math.Sin(at % s.Width / size)), 0.02, 0.8));
        }
        if (s.CoveredMarker == 4)
            Paint(Box(-30, -10, 62, 40), _ => 0.5f);
    }

    private static List<Body> Near(Dictionary<(int, int), List<Body>> cells, double x, double y)
    {
        var near = new List<Body>();
        for (var i = (int)(x / 2) - 1; i <= (int)(x / 2) + 1; i++)
            for (var j = (int)(y / 2) - 1; j <= (int)(y / 2) + 1; j++)
                if (cells.TryGetValue((i, j), out var inCell))
                    near.AddRange(inCell);
        return near;
    }

    private static double Far(Body body, double x, double y) => Math.Sqrt((body.X - x) * (body.X - x) + (body.Y - y) * (body.Y - y));

    // An irregular shape of exactly that area.
    private (double X, double Y)[] Shape(double diameter)
    {
        const int Corners = 28;
        double longer = 1 + 0.5 * _random.NextDouble(), turn = _random.NextDouble() * Math.PI;
        var waves = Enumerable.Range(2, 5).Select(k => (Size: 0.16 / k * Normal(), At: _random.NextDouble() * 2 * Math.PI, K: k)).ToArray();
        var shape = new (double X, double Y)[Corners];
        for (var i = 0; i < Corners; i++)
        {
            var angle = 2 * Math.PI * i / Corners;
            var r = 1 + waves.Sum(w => w.Size * Math.Cos(w.K * angle + w.At));
            double x = r * Math.Cos(angle) * Math.Sqrt(longer), y = r * Math.Sin(angle) / Math.Sqrt(longer);
            shape[i] = (x * Math.Cos(turn) - y * Math.Sin(turn), x * Math.Sin(turn) + y * Math.Cos(turn));
        }
        double twice = 0;
        for (var i = 0; i < Corners; i++)
            twice += shape[i].X * shape[(i + 1) % Corners].Y - shape[(i + 1) % Corners].X * shape[i].Y;
        var scale = Math.Sqrt(Math.PI * diameter * diameter / 4 / Math.Abs(twice / 2));
        return Array.ConvertAll(shape, p => (p.X * scale, p.Y * scale));
    }

    private void Paint((double X, double Y)[] onCard, Func<int, float> light) =>
        Cover(Array.ConvertAll(onCard, p => At(p.X, p.Y)), (at, cover) => _canvas[at] += cover * (light(at) - _canvas[at]));

    // The share of each px that a polygon covers: exact along a row, at six heights of it.
    private void Cover((double X, double Y)[] shape, Action<int, float> put)
    {
        const int Rows = 6;
        int top = Math.Max(0, (int)shape.Min(p => p.Y)), bottom = Math.Min(_scene.Height - 1, (int)shape.Max(p => p.Y));
        int left = Math.Max(0, (int)shape.Min(p => p.X)), right = Math.Min(_scene.Width - 1, (int)shape.Max(p => p.X));
        if (right < left)
            return;
        var covers = new float[right - left + 1];
        var crossings = new List<double>();
        for (var row = top; row <= bottom; row++)
        {
            Array.Clear(covers);
            for (var sub = 0; sub < Rows; sub++)
            {
                // A px reaches half a px to each side of its centre.
                var y = row - 0.5 + (sub + 0.5) / Rows;
                crossings.Clear();
                for (var i = 0; i < shape.Length; i++)
                {
                    var (a, b) = (shape[i], shape[(i + 1) % shape.Length]);
                    if (a.Y <= y != b.Y <= y)
                        crossings.Add(a.X + (y - a.Y) / (b.Y - a.Y) * (b.X - a.X) + 0.5);
                }
                crossings.Sort();
                for (var i = 0; i + 1 < crossings.Count; i += 2)
                {
                    double from = Math.Max(left, crossings[i]), to = Math.Min(right + 1, crossings[i + 1]);
                    for (var x = (int)from; x < to; x++)
                        covers[x - left] += (float)(Math.Min(to, x + 1) - Math.Max(from, x)) / Rows;
                }
            }
            for (var x = left; x <= right; x++)
                if (covers[x - left] > 0)
                    put(row * _scene.Width + x, Math.Min(1, covers[x - left]));
        }
    }

    private byte[] Take()
    {
        var s = _scene;
        var gamma = s.Linear ? 2.2 : 1;
        double lightFrom = _random.NextDouble() * 2 * Math.PI, lx = Math.Cos(lightFrom), ly = Math.Sin(lightFrom);
        for (var y = 0; y < s.Height; y++)
            for (var x = 0; x < s.Width; x++)
            {
                double u = (double)x / s.Width - 0.5, v = (double)y / s.Height - 0.5;
                var light = s.Exposure * (1 + s.Uneven * (u * lx + v * ly) - 0.25 * s.Uneven * (u * u + v * v) * 4);
                var at = y * s.Width + x;
                _canvas[at] = (float)Math.Pow(_canvas[at] * light, gamma);
            }
        using var canvas = Mat.FromPixelData(s.Height, s.Width, MatType.CV_32FC1, _canvas);
        if (s.BlurPx > 0)
            Cv2.GaussianBlur(canvas, canvas, new Size(0, 0), s.BlurPx);
        if (s.Linear)
            Cv2.Pow(canvas, 1 / gamma, canvas);
        if (s.Sharpened > 0)
        {
            using var soft = new Mat();
            Cv2.GaussianBlur(canvas, soft, new Size(0, 0), 1.5);
            Cv2.AddWeighted(canvas, 1 + s.Sharpened, soft, -s.Sharpened, 0, canvas);
        }
        if (s.Noise > 0)
        {
            // Read from a table at a random offset: faster than a random number for each px.
            var chances = Enumerable.Range(0, 8191).Select(_ => (float)(s.Noise * Normal())).ToArray();
            canvas.GetArray(out float[] values);
            for (var i = 0; i < values.Length; i++)
                values[i] += chances[_random.Next(chances.Length)];
            canvas.SetArray(values);
        }
        using var bytes = new Mat();
        canvas.ConvertTo(bytes, MatType.CV_8UC1, 255);
        // Brown on white, so that the picture has colour.
        using var colour = new Mat();
        Cv2.CvtColor(bytes, colour, ColorConversionCodes.GRAY2BGR);
        Cv2.ImEncode(".jpg", colour, out var jpeg, [(int)ImwriteFlags.JpegQuality, s.JpegQuality]);
        return jpeg;
    }

    private double Normal() => Math.Sqrt(-2 * Math.Log(1 - _random.NextDouble())) * Math.Cos(2 * Math.PI * _random.NextDouble());
}
