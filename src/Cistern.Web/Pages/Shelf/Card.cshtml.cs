namespace Cistern.Web.Pages.Shelf;

/// <summary>The scale card for printing.</summary>
public sealed class CardModel : PageModel
{
    /// <summary>Shows it.</summary>
    public void OnGet()
    {
    }

    /// <summary>The card as a file.</summary>
    public ContentResult OnGetSvg() => Content(ScaleCardPicture.Draw(), "image/svg+xml");
}
