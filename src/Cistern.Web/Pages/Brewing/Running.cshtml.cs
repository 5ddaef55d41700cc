namespace Cistern.Web.Pages.Brewing;

/// <summary>The running brews, one lane each; a single one is redirected to.</summary>
public sealed class RunningModel(BaristaContext baristaContext) : PageModel
{
    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The brews under way.</summary>
    public IReadOnlyList<UnderWay> UnderWay { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken ct)
    {
        UnderWay = await baristaContext.UnderWayAsync(ct);
        return UnderWay.Count == 1 ? RedirectToPage("/Brewing/Brew", new { id = UnderWay[0].Id }) : Page();
    }
}
