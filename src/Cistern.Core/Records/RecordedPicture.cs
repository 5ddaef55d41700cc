namespace Cistern.Core.Records;

/// <summary>A picture in a brew's file.</summary>
/// <param name="At">When it was taken.</param>
/// <param name="Of">What is seen.</param>
/// <param name="Caption">A description; null where there is none.</param>
/// <param name="Image">The picture as a data URI: <c>data:image/jpeg;base64,…</c></param>
public sealed record RecordedPicture(DateTimeOffset At, PictureOf Of, string? Caption, string Image) : Extensible
{
    /// <summary>The most pictures one brew has.</summary>
    public const int MaxPerBrew = 8;

    /// <summary>The most letters of what one shows.</summary>
    public const int MaxCaptionLength = 200;

    private static readonly string[] Beginnings = ["data:image/jpeg;base64,", "data:image/png;base64,", "data:image/webp;base64,"];

    /// <summary>A JPEG as a data URI.</summary>
    /// <param name="jpeg">The picture.</param>
    public static string Uri(byte[] jpeg) => Beginnings[0] + Convert.ToBase64String(jpeg);

    /// <summary>The bytes of a data URI of a JPEG, PNG or WebP; null for any other.</summary>
    /// <param name="uri">The URI.</param>
    public static byte[]? Bytes(string uri)
    {
        if (Array.Find(Beginnings, one => uri.StartsWith(one, StringComparison.Ordinal)) is not { } beginning)
            return null;
        var bytes = new byte[(uri.Length - beginning.Length) / 4 * 3 + 3];
        return Convert.TryFromBase64Chars(uri.AsSpan(beginning.Length), bytes, out var length) && length > 0 ? bytes[..length] : null;
    }
}

/// <summary>What of a brew is seen in a picture.</summary>
public enum PictureOf
{
    /// <summary>The ground coffee.</summary>
    Grounds,

    /// <summary>The crust before it is broken.</summary>
    Crust,

    /// <summary>The spent bed.</summary>
    Bed,

    /// <summary>The drink.</summary>
    Cup,

    /// <summary>Anything else.</summary>
    Other,
}
