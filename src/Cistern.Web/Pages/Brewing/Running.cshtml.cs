using Cistern.Web.Frame;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Brewing;

/// <summary>The brews under way, each in its lane; one alone is led to.</summary>
public sealed class RunningModel(BaristaContext bench) : PageModel
{
    /// <summary>Who is here, and what is brewing.</summary>
    public BaristaContext Bench => bench;

    /// <summary>The brews under way.</summary>
    public IReadOnlyList<UnderWay> UnderWay { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken ct)
    {
        UnderWay = await bench.UnderWayAsync(ct);
        return UnderWay.Count == 1 ? RedirectToPage("/Brewing/Brew", new { id = UnderWay[0].Id }) : Page();
    }
}
