using Cistern.Data.Brews;

namespace Cistern.Application.Brews;

/// <summary>Makes pictures anew before they are kept: whoever can decode them.</summary>
public interface IPictureMaker
{
    /// <summary>Makes a picture as it came into one that can be kept; false where it cannot be read.</summary>
    /// <param name="picture">The picture; its bytes and its size are renewed.</param>
    /// <param name="ct">Stops it.</param>
    Task<bool> MakeAsync(BrewPicture picture, CancellationToken ct);

    /// <summary>Makes those of a brew anew, and leaves out what cannot be read.</summary>
    /// <param name="pictures">The pictures.</param>
    /// <param name="ct">Stops it.</param>
    async Task MakeAnewAsync(List<BrewPicture> pictures, CancellationToken ct)
    {
        foreach (var picture in pictures.ToList())
        {
            if (!await MakeAsync(picture, ct))
            {
                pictures.Remove(picture);
            }
        }
    }
}
