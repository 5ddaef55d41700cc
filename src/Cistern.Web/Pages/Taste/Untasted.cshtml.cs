namespace Cistern.Web.Pages.Taste;

/// <summary>The brews that wait to be tasted.</summary>
public sealed class UntastedModel(CisternDb db, BaristaContext baristaContext) : PageModel
{
    private const long RecentMs = 14L * 86_400_000;

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>Brews without a tasting, newest first.</summary>
    public IReadOnlyList<Data.Brews.Brew> Brews { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(CancellationToken ct)
    {
        // Nobody tastes a brew weeks later, and an unlimited search would grow with the log.
        var sinceMs = baristaContext.NowMs - RecentMs;
        Brews = await db.Logged.AsNoTracking().Where(brew => brew.State == BrewState.Finished && brew.OpenedAtMs > sinceMs && brew.Tastings.Count == 0)
            .OrderByDescending(brew => brew.OpenedAtMs).Take(20).ToListAsync(ct);
    }
}
