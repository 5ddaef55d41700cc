namespace Cistern.Web.Wording;

/// <summary>Descriptions of pictures.</summary>
public static class PictureWording
{
    /// <summary>Each by the word it is sent under.</summary>
    public static IReadOnlyList<(string Sent, string Word)> All { get; } = [.. Enum.GetValues<PictureOf>().Select(of => (Words<PictureOf>.Of(of), Of(of)))];

    /// <summary>What is seen.</summary>
    public static string Of(PictureOf of) => of switch
    {
        PictureOf.Grounds => "Ground coffee",
        PictureOf.Crust => "Crust",
        PictureOf.Bed => "Spent bed",
        PictureOf.Cup => "Cup",
        PictureOf.Other => "Something else",
    };

    /// <summary>Why one is not kept.</summary>
    public const string Unreadable = "It could not be read. It must be a single picture: JPEG (not CMYK), PNG or WebP, of at most 25 megapixels.";

    /// <summary>A picture's text alternative.</summary>
    public static string Alt(ListedPicture picture) => picture.Said.Length > 0 ? $"{Of(picture.Of)}: {picture.Said}" : Of(picture.Of);
}
