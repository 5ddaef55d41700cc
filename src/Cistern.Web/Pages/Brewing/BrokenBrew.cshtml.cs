namespace Cistern.Web.Pages.Brewing;

/// <summary>A brew whose plan cannot be read.</summary>
public sealed class BrokenBrewModel(CisternDb db, BrewStore store, BaristaContext baristaContext) : PageModel
{
    /// <summary>The current barista.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The brew.</summary>
    public int Id { get; private set; }

    /// <summary>What it was called.</summary>
    public string Name { get; private set; } = "";

    /// <summary>When it was opened, UTC ms.</summary>
    public long OpenedAtMs { get; private set; }

    /// <summary>Whether it is still under way.</summary>
    public bool Running { get; private set; }

    /// <summary>Shows the page; a readable brew is shown as usual.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } brew)
        {
            return NotFound();
        }

        (Id, Name, OpenedAtMs, Running) = (id, brew.Name.Length > 0 ? brew.Name : "A brew", brew.OpenedAtMs, brew.State == BrewState.Running);
        return brew.IsReadable() ? Redirect(FormattableString.Invariant($"/brew/{id}")) : Page();
    }

    /// <summary>Abandons it, since it cannot be conducted.</summary>
    public async Task<IActionResult> OnPostAsync(int id, CancellationToken ct)
    {
        await store.AbandonAsync(id, "Its plan could not be read.", ct);
        return Redirect("/log");
    }
}
