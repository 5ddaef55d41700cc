using Cistern.Data;
using Cistern.Data.Shelf;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Shelf;

/// <summary>What stands on the shelf.</summary>
public sealed class ShelfModel(CisternDb db, Here here) : PageModel
{
    public Here Here => here;

    public Show Show { get; private set; } = null!;

    public IReadOnlyList<Bag> Bags { get; private set; } = [];

    public IReadOnlyList<Mill> Mills { get; private set; } = [];

    public IReadOnlyList<OwnedVessel> Vessels { get; private set; } = [];

    public IReadOnlyList<BrewPlace> Places { get; private set; } = [];

    public async Task OnGetAsync(CancellationToken ct)
    {
        Show = await here.ShowAsync(ct);
        Bags = await db.Bags.AsNoTracking().OrderBy(row => row.Name).ToListAsync(ct);
        Mills = await db.Mills.AsNoTracking().OrderBy(row => row.Name).ToListAsync(ct);
        Vessels = await db.Vessels.AsNoTracking().OrderBy(row => row.Family).ThenBy(row => row.Name).ToListAsync(ct);
        Places = await db.Places.AsNoTracking().OrderBy(row => row.Id).ToListAsync(ct);
    }
}
