using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Plan;

/// <summary>Sets a recipe to what is wanted and shows what it will do.</summary>
public sealed class PlanModel(CisternDb db, Here here) : PageModel
{
    public PlanSettings Settings { get; private set; } = null!;

    public PlanShelf Shelf { get; private set; } = null!;

    public Recipe Written { get; private set; } = null!;

    public Show Show { get; private set; } = null!;

    /// <summary>What the forecast found.</summary>
    public IReadOnlyList<EventWords> Events { get; private set; } = [];

    /// <summary>Asked by htmx for the plan alone.</summary>
    public bool Part => Request.Headers.ContainsKey("HX-Request");

    public async Task<IActionResult> OnGetAsync(string id, CancellationToken ct)
    {
        if (!await LoadAsync(id, Request.Query, ct))
        {
            return NotFound();
        }

        return Page();
    }

    public async Task<IActionResult> OnPostBrewAsync(string id, CancellationToken ct)
    {
        if (!await LoadAsync(id, Request.Form, ct))
        {
            return NotFound();
        }

        if (!Settings.Good || Events.Any(one => one.Stops))
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        var brew = BrewPlan.Of(Settings.Forecast, here.NowMs);
        brew.BaristaId = (await here.BaristaAsync(ct))?.Id;
        brew.BagId = Settings.Bag?.Id;
        brew.CoffeeName = Settings.Bag?.Name ?? "";
        brew.PlaceName = Settings.Place?.Name ?? "";
        brew.GrindText = Settings.GrindText;
        db.Brews.Add(brew);
        await db.SaveChangesAsync(ct);
        return RedirectToPage("/Brewing/Brew", new { id = brew.Id });
    }

    private async Task<bool> LoadAsync(string id, IEnumerable<KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>> values, CancellationToken ct)
    {
        if (RecipeLibrary.Find(id) is not { } written)
        {
            return false;
        }

        Written = written;
        Show = await here.ShowAsync(ct);
        Shelf = new PlanShelf(
            await db.Bags.AsNoTracking().OrderBy(bag => bag.Name).ToListAsync(ct),
            await db.Mills.AsNoTracking().OrderBy(mill => mill.Name).ToListAsync(ct),
            await db.Places.AsNoTracking().OrderBy(place => place.Id).ToListAsync(ct),
            await db.Vessels.AsNoTracking().Where(vessel => vessel.Family == written.Brewer.Family).OrderBy(vessel => vessel.Name).ToListAsync(ct));
        Settings = PlanSettings.Read(written, Shelf, values, Show, here.Today);
        Events = [.. Settings.Forecast.Events.Select(one => EventWording.Of(one, Settings.Forecast, Show))];
        return true;
    }
}
