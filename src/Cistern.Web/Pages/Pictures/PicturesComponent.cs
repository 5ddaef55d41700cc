namespace Cistern.Web.Pages.Pictures;

/// <summary>The small pictures of a brew, on any page about it, and a link to add one.</summary>
[ViewComponent(Name = "Pictures")]
public sealed class PicturesComponent(PictureStore pictures) : ViewComponent
{
    /// <summary>Shows them.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="adds">Whether pictures can be added here.</param>
    public async Task<IViewComponentResult> InvokeAsync(int brewId, bool adds)
    {
        var standing = await pictures.CurrentOfAsync([brewId], HttpContext.RequestAborted);
        return View("/Pages/Pictures/_Small.cshtml", new SmallPictures(brewId, [.. standing[brewId]], adds));
    }
}

/// <summary>The small pictures of a brew.</summary>
/// <param name="BrewId">The brew.</param>
/// <param name="Shown">Its pictures.</param>
/// <param name="Adds">Whether pictures can be added here.</param>
public sealed record SmallPictures(int BrewId, IReadOnlyList<ListedPicture> Shown, bool Adds);
