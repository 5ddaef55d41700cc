using System.Buffers.Binary;

namespace Cistern.Seeing;

/// <summary>What a picture's header says, before anything is decoded.</summary>
/// <param name="Format">One of the three formats.</param>
/// <param name="Width">Stored width, px.</param>
/// <param name="Height">Its height, px.</param>
public sealed record PictureHeader(PictureFormat Format, int Width, int Height)
{
    /// <summary>The largest file accepted, bytes.</summary>
    public const int MaxBytes = 20 * 1024 * 1024;

    /// <summary>The most pixels accepted: 25 megapixels.</summary>
    public const long MaxPixels = 25_000_000;

    /// <summary>Whether it is animated, so that the intended frame is unknown.</summary>
    public bool Moves { get; init; }

    /// <summary>Whether it is CMYK, for which the file may leave the colours on a screen open.</summary>
    public bool Inks { get; init; }

    /// <summary>Whether it can be decoded: a single RGB or grey picture within the size limit.</summary>
    public bool WillDo => (long)Width * Height is > 0 and <= MaxPixels && !Moves && !Inks;

    /// <summary>Reads the first bytes of a JPEG, PNG or WebP; null where they are invalid or incomplete.</summary>
    /// <param name="bytes">The file.</param>
    public static PictureHeader? Read(ReadOnlySpan<byte> bytes) => Png(bytes) ?? WebP(bytes) ?? Jpeg(bytes);

    private static ReadOnlySpan<byte> PngSignature => [0x89, (byte)'P', (byte)'N', (byte)'G', 13, 10, 26, 10];

    private static PictureHeader? Png(ReadOnlySpan<byte> bytes) =>
        bytes.Length >= 24 && bytes.StartsWith(PngSignature) && bytes[12..16].SequenceEqual("IHDR"u8)
            ? new(PictureFormat.Png, BinaryPrimitives.ReadInt32BigEndian(bytes[16..]), BinaryPrimitives.ReadInt32BigEndian(bytes[20..])) { Moves = IsAnimated(bytes) }
            : null;

    // An animation has a chunk for it before the first image.
    private static bool IsAnimated(ReadOnlySpan<byte> png)
    {
        for (long at = 8; at + 8 <= png.Length;)
        {
            var chunk = png[(int)at..];
            if (chunk[4..8].SequenceEqual("acTL"u8) || chunk[4..8].SequenceEqual("IDAT"u8))
                return chunk[4] == (byte)'a';
            at += 12 + BinaryPrimitives.ReadUInt32BigEndian(chunk);
        }
        return false;
    }

    private static PictureHeader? WebP(ReadOnlySpan<byte> bytes)
    {
        if (bytes.Length < 30 || !bytes.StartsWith("RIFF"u8) || !bytes[8..12].SequenceEqual("WEBP"u8))
            return null;
        var chunk = bytes[12..16];
        if (chunk.SequenceEqual("VP8X"u8))
            return new(PictureFormat.WebP, 1 + Little24(bytes[24..]), 1 + Little24(bytes[27..])) { Moves = (bytes[20] & 2) != 0 };
        if (chunk.SequenceEqual("VP8 "u8))
            return new(PictureFormat.WebP, BinaryPrimitives.ReadUInt16LittleEndian(bytes[26..]) & 0x3fff, BinaryPrimitives.ReadUInt16LittleEndian(bytes[28..]) & 0x3fff);
        if (!chunk.SequenceEqual("VP8L"u8))
            return null;
        var bits = BinaryPrimitives.ReadUInt32LittleEndian(bytes[21..]);
        return new(PictureFormat.WebP, 1 + (int)(bits & 0x3fff), 1 + (int)((bits >> 14) & 0x3fff));
    }

    // Reads segments up to the frame header and skips their content, since an embedded preview has a header of its own.
    private static PictureHeader? Jpeg(ReadOnlySpan<byte> bytes)
    {
        if (bytes.Length < 4 || bytes[0] != 0xff || bytes[1] != 0xd8)
            return null;
        for (var at = 2; at + 9 < bytes.Length;)
        {
            if (bytes[at] != 0xff)
                return null;
            var marker = bytes[at + 1];
            if (marker is 0xff or 0x01 or (>= 0xd0 and <= 0xd8))
            {
                at += marker == 0xff ? 1 : 2;
                continue;
            }
            if (marker is >= 0xc0 and <= 0xcf and not (0xc4 or 0xc8 or 0xcc))
                return new(PictureFormat.Jpeg, BinaryPrimitives.ReadUInt16BigEndian(bytes[(at + 7)..]), BinaryPrimitives.ReadUInt16BigEndian(bytes[(at + 5)..])) { Inks = bytes[at + 9] == 4 };
            at += 2 + BinaryPrimitives.ReadUInt16BigEndian(bytes[(at + 2)..]);
        }
        return null;
    }

    private static int Little24(ReadOnlySpan<byte> bytes) => bytes[0] | (bytes[1] << 8) | (bytes[2] << 16);
}

/// <summary>What a picture is written as.</summary>
public enum PictureFormat
{
    /// <summary>As a camera writes it.</summary>
    Jpeg,

    /// <summary>Without loss.</summary>
    Png,

    /// <summary>As phones share it.</summary>
    WebP,
}
