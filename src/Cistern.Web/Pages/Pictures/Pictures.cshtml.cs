using Cistern.Seeing;
using Microsoft.AspNetCore.RateLimiting;

namespace Cistern.Web.Pages.Pictures;

/// <summary>The pictures of a brew: shown, added, deleted and restored, also without script.</summary>
[RequestSizeLimit(MaxUploadBytes)]
[EnableRateLimiting(Limits.Imports)]
public sealed class PicturesModel(CisternDb db, PictureStore pictures, PictureProcess looker, BaristaContext baristaContext) : PageModel
{
    /// <summary>The largest upload, bytes: a photograph and the other fields.</summary>
    public const int MaxUploadBytes = PictureHeader.MaxBytes + (256 * 1024);

    /// <summary>The brew's number.</summary>
    public int Id { get; private set; }

    /// <summary>Its name.</summary>
    public string Name { get; private set; } = "";

    /// <summary>Its pictures.</summary>
    public IReadOnlyList<ListedPicture> Shown { get; private set; } = [];

    /// <summary>What is wrong with the upload; null where nothing is.</summary>
    public string? Problem { get; private set; }

    /// <summary>A picture's description, as typed.</summary>
    public string Caption { get; private set; } = "";

    /// <summary>When a picture was taken, in words.</summary>
    /// <param name="atMs">UTC milliseconds.</param>
    public string Moment(long atMs) => baristaContext.Moment(atMs);

    /// <summary>Shows them.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Page() : NotFound();

    /// <summary>Adds one.</summary>
    public async Task<IActionResult> OnPostAsync(int id, IFormFile? picture, string? of, string? said, string? key, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        Caption = said ?? "";
        Problem = picture is null || picture.Length == 0 ? "Choose a picture, or take one."
            : PlainText.Problem(Caption, BrewPicture.MaxCaptionLength, lines: false);
        if (Problem is null)
        {
            using var bytes = new MemoryStream();
            await picture!.CopyToAsync(bytes, ct);
            Problem = await PicturesApi.SaveAsync(pictures, looker, id, bytes.ToArray(), of, Caption, Guid.TryParse(key, out var sent) ? sent : Guid.NewGuid(), baristaContext.NowMs, ct) switch
            {
                null => PictureWording.Unreadable,
                PictureOutcome.TooMany => $"A brew has at most {BrewPicture.MaxPerBrew} pictures. Delete one first.",
                PictureOutcome.NoSuchBrew => "This brew is not in the log.",
                _ => null,
            };
        }

        if (Problem is null)
        {
            return Back(id);
        }

        return this.Unprocessable();
    }

    /// <summary>Changes a picture's description.</summary>
    public async Task<IActionResult> OnPostSayAsync(int id, int picture, string? of, string? said) =>
        PlainText.Problem(said ?? "", BrewPicture.MaxCaptionLength, lines: false) is null && await pictures.SetCaptionAsync(id, picture, Words<PictureOf>.Find(of) ?? PictureOf.Other, said ?? "") ? Back(id) : NotFound();

    /// <summary>Deletes one.</summary>
    public async Task<IActionResult> OnPostDeleteAsync(int id, int picture) => await pictures.DeleteAsync(id, picture) ? Back(id) : NotFound();

    /// <summary>Restores one.</summary>
    public async Task<IActionResult> OnPostBringBackAsync(int id, int picture) => await pictures.UndeleteAsync(id, picture) ? Back(id) : NotFound();

    private RedirectResult Back(int id) => Redirect($"/brew/{id.ToString(CultureInfo.InvariantCulture)}/pictures");

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        var name = await db.Brews.Where(brew => brew.Id == id && !brew.Rehearsal).Select(brew => brew.Name).FirstOrDefaultAsync(ct);
        if (name is null)
        {
            return false;
        }

        (Id, Name, Shown) = (id, name, await pictures.OfAsync(id, ct));
        return true;
    }
}
