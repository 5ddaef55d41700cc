using System.IO.Compression;

namespace Cistern.Core.Readings;

/// <summary>One point of a curve.</summary>
/// <param name="AtMs">When, UTC milliseconds.</param>
/// <param name="Value">The reading, in its kind's unit.</param>
public readonly record struct CurvePoint(long AtMs, double Value);

/// <summary>Readings over time, at most five a second, in order of time.</summary>
/// <param name="Of">What was read.</param>
/// <param name="Points">In order of time.</param>
public sealed record Curve(ReadingOf Of, ImmutableArray<CurvePoint> Points)
{
    /// <summary>Readings closer than this to a stored one are dropped, ms: five a second, with room for an uneven clock.</summary>
    public const int MinApartMs = 180;

    /// <summary>The most points of a curve: four hours at five a second.</summary>
    public const int MaxPoints = 72_000;

    /// <summary>Adds readings in any order; those already present, or too close to one, are dropped.</summary>
    /// <param name="readings">Readings of this kind.</param>
    /// <returns>The curve with the readings.</returns>
    public Curve With(IEnumerable<CurvePoint> readings) => With(readings, out _);

    /// <summary>Adds readings and returns which of them were new.</summary>
    /// <param name="readings">Readings of this kind.</param>
    /// <param name="added">Those that were added, in order of time.</param>
    /// <returns>The curve with them.</returns>
    public Curve With(IEnumerable<CurvePoint> readings, out ImmutableArray<CurvePoint> added)
    {
        var builder = Points.ToBuilder();
        var taken = new List<CurvePoint>();
        foreach (var point in readings)
        {
            var at = builder.Count;
            while (at > 0 && builder[at - 1].AtMs > point.AtMs)
            {
                at--;
            }

            var near = (at > 0 && point.AtMs - builder[at - 1].AtMs < MinApartMs) || (at < builder.Count && builder[at].AtMs - point.AtMs < MinApartMs);
            if (!near && builder.Count < MaxPoints)
            {
                builder.Insert(at, point);
                taken.Add(point);
            }
        }

        added = [.. taken.OrderBy(point => point.AtMs)];
        return this with { Points = builder.ToImmutable() };
    }

    /// <summary>The curve as compressed bytes: differences of times in ms, and of values in steps of the kind.</summary>
    public byte[] Pack()
    {
        var step = ReadingRange.For(Of).Step;
        using var packed = new MemoryStream();
        using (var writer = new BinaryWriter(new DeflateStream(packed, CompressionLevel.Optimal)))
        {
            writer.Write7BitEncodedInt(Points.Length);
            long atMs = 0, value = 0;
            // Times and values are stored separately because that compresses better.
            foreach (var point in Points)
            {
                writer.Write7BitEncodedInt64(point.AtMs - atMs);
                atMs = point.AtMs;
            }

            foreach (var point in Points)
            {
                var now = (long)Math.Round(point.Value / step);
                writer.Write7BitEncodedInt64(ZigZag(now - value));
                value = now;
            }
        }

        return packed.ToArray();
    }

    /// <summary>Reads a packed curve.</summary>
    /// <param name="of">What was read.</param>
    /// <param name="packed">Written by <see cref="Pack"/>.</param>
    /// <exception cref="InvalidDataException">The bytes are not a curve, or are incomplete.</exception>
    public static Curve Unpack(ReadingOf of, byte[] packed)
    {
        try
        {
            using var reader = new BinaryReader(new DeflateStream(new MemoryStream(packed), CompressionMode.Decompress));
            var count = reader.Read7BitEncodedInt();
            if (count is < 0 or > MaxPoints)
            {
                throw new InvalidDataException("A curve has too many points.");
            }

            var times = new long[count];
            long atMs = 0, value = 0;
            for (var i = 0; i < count; i++)
            {
                times[i] = atMs += reader.Read7BitEncodedInt64();
            }

            var step = ReadingRange.For(of).Step;
            var points = ImmutableArray.CreateBuilder<CurvePoint>(count);
            for (var i = 0; i < count; i++)
            {
                value += UnZigZag(reader.Read7BitEncodedInt64());
                points.Add(new CurvePoint(times[i], Math.Round(value * step, 2)));
            }

            return new Curve(of, points.MoveToImmutable());
        }
        catch (Exception error) when (error is EndOfStreamException or FormatException)
        {
            throw new InvalidDataException("A curve is cut off.", error);
        }
    }

    private static long ZigZag(long value) => (value << 1) ^ (value >> 63);

    private static long UnZigZag(long value) => (long)((ulong)value >> 1) ^ -(value & 1);
}
