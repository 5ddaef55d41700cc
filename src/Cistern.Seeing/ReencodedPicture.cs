using System.Text.Json;
using OpenCvSharp;

namespace Cistern.Seeing;

/// <summary>A picture decoded and encoded again before it is saved, so that it contains nothing but the visible image.</summary>
/// <param name="Width">Its width, px.</param>
/// <param name="Height">Its height, px.</param>
/// <param name="Jpeg">The picture.</param>
/// <param name="Small">A small version for lists.</param>
public sealed record ReencodedPicture(int Width, int Height, byte[] Jpeg, byte[] Small)
{
    /// <summary>The longest side of a saved picture, px.</summary>
    public const int MaxSidePx = 1600;

    /// <summary>The longest side in a list, px.</summary>
    public const int MaxSmallSidePx = 320;

    /// <summary>The largest saved picture, bytes.</summary>
    public const int MaxBytes = 400 * 1024;

    /// <summary>Re-encodes a picture; null where the file is not a supported picture.</summary>
    /// <param name="file">A JPEG, PNG or WebP.</param>
    public static ReencodedPicture? Of(byte[] file)
    {
        if (file.Length > PictureHeader.MaxBytes || PictureHeader.Read(file) is not { WillDo: true })
            return null;
        try
        {
            Cv2.SetNumThreads(1);
            // Three channels of eight bits, rotated by its orientation.
            using var picture = Cv2.ImDecode(file, ImreadModes.Color);
            if (picture.Empty())
                return null;
            using var fitting = Fit(picture, MaxSidePx);
            using var small = Fit(picture, MaxSmallSidePx);
            return Encode(fitting, MaxBytes) is { } jpeg && Encode(small, MaxBytes) is { } little ? new(fitting.Width, fitting.Height, jpeg, little) : null;
        }
        catch (Exception e) when (e is DllNotFoundException or TypeInitializationException or OpenCVException)
        {
            return null;
        }
    }

    /// <summary>As a line of JSON for the caller.</summary>
    public byte[] Write() => JsonSerializer.SerializeToUtf8Bytes(this);

    /// <summary>Reads such a line; null where it is invalid.</summary>
    /// <param name="bytes">The line.</param>
    public static ReencodedPicture? Read(ReadOnlySpan<byte> bytes)
    {
        try
        {
            return JsonSerializer.Deserialize<ReencodedPicture>(bytes);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    private static Mat Fit(Mat picture, int longest)
    {
        var scale = Math.Min(1, (double)longest / Math.Max(picture.Width, picture.Height));
        var fitting = new Mat();
        Cv2.Resize(picture, fitting, new Size(Math.Max(1, (int)(picture.Width * scale)), Math.Max(1, (int)(picture.Height * scale))), 0, 0, InterpolationFlags.Area);
        return fitting;
    }

    // The best quality that fits.
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
