using System.Buffers.Binary;
using System.Text;
using OpenCvSharp;

namespace Cistern.Seeing.Tests;

/// <summary>Files that arrive as pictures: identified by their first bytes, limited before they are decoded, encoded again before they are stored.</summary>
public sealed class FileTests
{
    private static byte[] Encoded(string ending, Mat picture)
    {
        Cv2.ImEncode(ending, picture, out var bytes);
        return bytes;
    }

    private static Mat Plain(int width, int height, MatType type) => new(height, width, type, new Scalar(40, 90, 160, 65_535));

    [Theory]
    [InlineData(".jpg", PictureFormat.Jpeg)]
    [InlineData(".png", PictureFormat.Png)]
    [InlineData(".webp", PictureFormat.WebP)]
    public void The_size_of_a_picture_is_known_before_it_is_decoded(string ending, PictureFormat format)
    {
        using var picture = Plain(321, 123, MatType.CV_8UC3);
        Assert.Equal(new PictureHeader(format, 321, 123), PictureHeader.Read(Encoded(ending, picture)));
    }

    [Fact]
    public void A_file_that_is_no_picture_or_too_large_is_unreadable()
    {
        var bomb = new byte[40];
        new byte[] { 0x89, (byte)'P', (byte)'N', (byte)'G', 13, 10, 26, 10 }.CopyTo(bomb, 0);
        "IHDR"u8.CopyTo(bomb.AsSpan(12));
        BinaryPrimitives.WriteInt32BigEndian(bomb.AsSpan(16), 65_000);
        BinaryPrimitives.WriteInt32BigEndian(bomb.AsSpan(20), 65_000);
        Assert.False(PictureHeader.Read(bomb)!.WillDo);
        using var plain = Plain(400, 300, MatType.CV_8UC3);
        var cut = Encoded(".png", plain)[..60];
        byte[][] bad = [[], "no picture"u8.ToArray(), bomb, cut, "<svg xmlns='http://www.w3.org/2000/svg'/>"u8.ToArray(), Encoding.ASCII.GetBytes("GIF89a" + new string('x', 100)), new byte[PictureHeader.MaxBytes + 1]];
        Assert.All(bad, file =>
        {
            Assert.Null(ReencodedPicture.Of(file));
            Assert.Equal(GrindRefusal.Unreadable, Assert.IsType<GrindReading.Refused>(GrindMeasurer.Measure(file)).Reason);
        });
        Assert.Null(ReencodedPicture.Read([1, 2, 3]));
        Assert.Null(ReencodedPicture.Read([1, 0, 0, 0, 1, 0, 0, 0, 255, 255, 0, 0]));
    }

    [Fact]
    public void Animations_and_CMYK_pictures_are_refused()
    {
        using var plain = Plain(40, 30, MatType.CV_8UC3);
        var png = Encoded(".png", plain);
        // The chunk that starts an animation, right after the header's 33 bytes.
        byte[] moving = [.. png[..33], 0, 0, 0, 8, .. "acTL"u8, .. new byte[12], .. png[33..]];
        byte[] webp = [.. "RIFF"u8, 22, 0, 0, 0, .. "WEBPVP8X"u8, 10, 0, 0, 0, 2, 0, 0, 0, 39, 0, 0, 29, 0, 0];
        var inks = Encoded(".jpg", plain);
        var frame = inks.AsSpan().IndexOf([(byte)0xff, (byte)0xc0]);
        Assert.Equal(3, inks[frame + 9]);
        inks[frame + 9] = 4;
        Assert.Equal((new(PictureFormat.Png, 40, 30) { Moves = true }, new(PictureFormat.WebP, 40, 30) { Moves = true }, new(PictureFormat.Jpeg, 40, 30) { Inks = true }), (PictureHeader.Read(moving)!, PictureHeader.Read(webp)!, PictureHeader.Read(inks)!));
        Assert.All([moving, webp, inks], file => Assert.False(PictureHeader.Read(file)!.WillDo));
        Assert.Null(ReencodedPicture.Of(moving));
        Assert.True(PictureHeader.Read(png)!.WillDo);
    }

    [Fact]
    public void A_stored_picture_is_small_and_has_no_metadata()
    {
        using var large = new Mat(2400, 3200, MatType.CV_8UC3);
        Cv2.Randu(large, new Scalar(0, 0, 0), new Scalar(255, 255, 255));
        var jpeg = Encoded(".jpg", large);
        // A comment after the first two bytes, where a camera stores a location, and bytes after the end.
        var secret = "<script>where it was taken</script>"u8;
        byte[] marked = [.. jpeg[..2], 0xff, 0xfe, 0, (byte)(secret.Length + 2), .. secret, .. jpeg[2..], .. secret];
        var kept = ReencodedPicture.Of(marked)!;
        Assert.Equal((1600, 1200), (kept.Width, kept.Height));
        Assert.InRange(kept.Jpeg.Length, 1_000, ReencodedPicture.MaxBytes);
        Assert.True(PictureHeader.Read(kept.Small) is { Width: 320, Height: 240 });
        Assert.Equal(-1, kept.Jpeg.AsSpan().IndexOf(secret));
        var again = ReencodedPicture.Read(kept.Write())!;
        Assert.Equal(kept.Jpeg, again.Jpeg);
        Assert.Equal(kept.Small, again.Small);
    }

    [Fact]
    public void Sixteen_bits_transparency_and_grey_are_stored_as_seen()
    {
        foreach (var type in new[] { MatType.CV_16UC3, MatType.CV_8UC4, MatType.CV_8UC1 })
        {
            using var picture = Plain(50, 40, type);
            var kept = ReencodedPicture.Of(Encoded(".png", picture))!;
            Assert.Equal((50, 40, PictureFormat.Jpeg), (kept.Width, kept.Height, PictureHeader.Read(kept.Jpeg)!.Format));
        }
    }
}
