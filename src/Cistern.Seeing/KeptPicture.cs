using System.Buffers.Binary;
using OpenCvSharp;

namespace Cistern.Seeing;

/// <summary>A picture made anew to be kept: decoded and encoded again, so that nothing is in it but what is seen.</summary>
/// <param name="Width">Its width, px.</param>
/// <param name="Height">Its height, px.</param>
/// <param name="Jpeg">The picture.</param>
/// <param name="Small">The same for a list.</param>
public sealed record KeptPicture(int Width, int Height, byte[] Jpeg, byte[] Small)
{
    /// <summary>The longest side of a kept picture, px.</summary>
    public const int LongestSide = 1600;

    /// <summary>The longest side in a list, px.</summary>
    public const int LongestSmallSide = 320;

    /// <summary>The most a kept picture takes, bytes.</summary>
    public const int MostBytes = 400 * 1024;

    /// <summary>Makes it; null where the file is no picture that is kept.</summary>
    /// <param name="file">A JPEG, PNG or WebP.</param>
    public static KeptPicture? Of(byte[] file)
    {
        if (file.Length > PictureHeader.MostBytes || PictureHeader.Read(file) is not { Fits: true })
            return null;
        try
        {
            Cv2.SetNumThreads(1);
            // Three channels of eight bits, turned by its own orientation, whatever it was.
            using var picture = Cv2.ImDecode(file, ImreadModes.Color);
            if (picture.Empty())
                return null;
            using var fitting = Fit(picture, LongestSide);
            using var small = Fit(picture, LongestSmallSide);
            return Encode(fitting, MostBytes) is { } jpeg && Encode(small, MostBytes) is { } little ? new(fitting.Width, fitting.Height, jpeg, little) : null;
        }
        catch (Exception e) when (e is DllNotFoundException or TypeInitializationException or OpenCVException)
        {
            return null;
        }
    }

    /// <summary>As bytes for whoever asked: width, height, the length of the picture, the picture, the small one.</summary>
    public byte[] Write()
    {
        var bytes = new byte[12 + Jpeg.Length + Small.Length];
        BinaryPrimitives.WriteInt32LittleEndian(bytes, Width);
        BinaryPrimitives.WriteInt32LittleEndian(bytes.AsSpan(4), Height);
        BinaryPrimitives.WriteInt32LittleEndian(bytes.AsSpan(8), Jpeg.Length);
        Jpeg.CopyTo(bytes, 12);
        Small.CopyTo(bytes, 12 + Jpeg.Length);
        return bytes;
    }

    /// <summary>Reads those; null where they are none.</summary>
    /// <param name="bytes">The bytes.</param>
    public static KeptPicture? Read(ReadOnlySpan<byte> bytes)
    {
        if (bytes.Length < 12)
            return null;
        var length = BinaryPrimitives.ReadInt32LittleEndian(bytes[8..]);
        return length <= 0 || length > bytes.Length - 12 ? null
            : new(BinaryPrimitives.ReadInt32LittleEndian(bytes), BinaryPrimitives.ReadInt32LittleEndian(bytes[4..]), bytes.Slice(12, length).ToArray(), bytes[(12 + length)..].ToArray());
    }

    private static Mat Fit(Mat picture, int longest)
    {
        var scale = Math.Min(1, (double)longest / Math.Max(picture.Width, picture.Height));
        var fitting = new Mat();
        Cv2.Resize(picture, fitting, new Size(Math.Max(1, (int)(picture.Width * scale)), Math.Max(1, (int)(picture.Height * scale))), 0, 0, InterpolationFlags.Area);
        return fitting;
    }

    // As good as fits.
    private static byte[]? Encode(Mat picture, int most)
    {
        for (var quality = 85; quality >= 35; quality -= 10)
        {
            Cv2.ImEncode(".jpg", picture, out var jpeg, [(int)ImwriteFlags.JpegQuality, quality]);
            if (jpeg.Length <= most)
                return jpeg;
        }
        return null;
    }
}
