namespace Cistern.Application.Brews;

/// <summary>Re-encodes pictures before they are saved.</summary>
public interface IPictureMaker
{
    /// <summary>Replaces a picture's bytes and size by ones that can be saved; false where it cannot be read.</summary>
    /// <param name="picture">The picture.</param>
    /// <param name="ct">Cancels it.</param>
    Task<bool> ReencodeOneAsync(BrewPicture picture, CancellationToken ct);

    /// <summary>Re-encodes the pictures of a brew, and removes those that cannot be read.</summary>
    /// <param name="pictures">The pictures.</param>
    /// <param name="ct">Cancels it.</param>
    async Task ReencodeAsync(List<BrewPicture> pictures, CancellationToken ct)
    {
        foreach (var picture in pictures.ToList())
        {
            if (!await ReencodeOneAsync(picture, ct))
            {
                pictures.Remove(picture);
            }
        }
    }
}
