using System.Globalization;
using Cistern.Core.Forecasts;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Stores;
using Cistern.Web.Frame;
using Cistern.Web.Pages.Shelf;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Bench;

/// <summary>What can be brewed now, and what needs attention.</summary>
public sealed class BenchModel(CisternDb db, BenchContext bench, PlanStore plans, ForecastModel model) : PageModel
{
    /// <summary>A clock that runs this long past its plan has been left running.</summary>
    private const double ForgottenS = 3_600;

    /// <summary>A brew scored so well or better is a good one.</summary>
    private const double GoodScore = 7.5;

    /// <summary>How many brews of a coffee are looked through for a good one.</summary>
    private const int FarBack = 40;

    /// <summary>The most coffees whose last good brew is shown.</summary>
    private const int MostCoffees = 8;

    /// <summary>A cup that was wanted this long ago may still be brewed, ms.</summary>
    private const long StillWantedMs = 2L * 3_600_000;

    /// <summary>Who is here, and what is brewing.</summary>
    public BenchContext Bench => bench;

    /// <summary>A brew that needs nothing but a jar and two spoons, line by line; null for those who have begun and have a scale.</summary>
    public IReadOnlyList<string>? Barest { get; private set; }

    /// <summary>The library, as cards.</summary>
    public RecipeCards Recipes { get; private set; } = null!;

    /// <summary>The newest brew, and the last good one of each coffee.</summary>
    public IReadOnlyList<Data.Brews.Brew> Last { get; private set; } = [];

    /// <summary>Brews whose clock was left running.</summary>
    public IReadOnlyList<UnderWay> LeftRunning { get; private set; } = [];

    /// <summary>The newest that has not been tasted, or null.</summary>
    public Data.Brews.Brew? Untasted { get; private set; }

    /// <summary>What on the shelf wants attention: a bag running out, a cloth due.</summary>
    public IReadOnlyList<ShelfRow> Due { get; private set; } = [];

    /// <summary>Plans made as the next of a line and not brewed yet, the newest first.</summary>
    public IReadOnlyList<Data.Plans.StoredPlan> Next { get; private set; } = [];

    /// <summary>Plans whose cup is wanted at a time to come, the nearest first.</summary>
    public IReadOnlyList<Data.Plans.StoredPlan> Planned { get; private set; } = [];

    /// <summary>The barista's own plans, the newest first.</summary>
    public IReadOnlyList<Data.Plans.StoredPlan> Own { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken ct)
    {
        if (await bench.BaristaAsync(ct) is null && !await db.Baristas.AnyAsync(ct))
        {
            return RedirectToPage("/You/First");
        }

        var format = await bench.FormatAsync(ct);
        Recipes = RecipeCards.Of(format);
        var newest = await db.Logged.AsNoTracking().Include(brew => brew.Tastings).Where(brew => brew.State == BrewState.Finished)
            .OrderByDescending(brew => brew.OpenedAtMs).Take(4).ToListAsync(ct);
        // To begin with, and for those who have no scale.
        Barest = newest.Count == 0 || !format.Hand.Scale ? BarestBrew.Lines(model, format) : null;
        Untasted = newest.Find(brew => brew.Tasting is null);
        Last = [.. newest.Take(1).Concat(await GoodAsync(ct)).DistinctBy(brew => brew.Id)];
        var kept = await plans.KeptAsync(ct);
        Next = [.. (await plans.UnbrewedAsync(kept, ct)).Take(2)];
        Own = [.. kept.Where(stored => stored.FromBrewId is null).Take(3)];
        Due = await ShelfDue.RowsAsync(db, new ShelfView(format, bench.Today), ct);
        Planned = await plans.WantedAsync(bench.NowMs - StillWantedMs, ct);
        var underWay = await bench.UnderWayAsync(ct);
        LeftRunning = [.. underWay.Where(brew => brew.StartedAtMs is { } startedAtMs && (bench.NowMs - startedAtMs) / 1000.0 > brew.FinishS + ForgottenS)];
        return Page();
    }

    /// <summary>The last good brew of each coffee that stands on the shelf; one that nobody has scored so well is not shown.</summary>
    private async Task<IReadOnlyList<Data.Brews.Brew>> GoodAsync(CancellationToken ct)
    {
        var ids = await db.Bags.Where(bag => bag.RemovedAtMs == null && bag.UsedUpOn == null).Select(bag => bag.Name).Distinct().OrderBy(name => name).Take(MostCoffees)
            .Select(coffee => db.Logged
                .Where(row => row.CoffeeName == coffee && row.State == BrewState.Finished).OrderByDescending(row => row.OpenedAtMs).Take(FarBack)
                .Where(row => row.Tastings.Any(tasting => tasting.Score >= GoodScore)).OrderByDescending(row => row.OpenedAtMs).Select(row => (int?)row.Id).FirstOrDefault())
            .ToListAsync(ct);
        var good = await db.Brews.AsNoTracking().Include(row => row.Tastings).Where(row => ids.Contains(row.Id)).ToListAsync(ct);
        return [.. ids.OfType<int>().Select(id => good.Find(brew => brew.Id == id)).OfType<Data.Brews.Brew>()];
    }

    /// <summary>The same plan, from its beginning; or the cup as it was really brewed, made a plan.</summary>
    public async Task<IActionResult> OnPostAgainAsync(string? brew, string? cup, CancellationToken ct)
    {
        var known = int.TryParse(brew, NumberStyles.None, CultureInfo.InvariantCulture, out var id);
        if (!known || await db.Brews.AsNoTracking().Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } before)
        {
            return NotFound();
        }

        var wish = new PlanWish(JobKey.Of(Request.Form), (await bench.BaristaAsync(ct))?.Id);
        if (await plans.DoneAsync(wish.Job, ct) is { } done)
        {
            return Redirect(done);
        }

        var plan = before.ModelOf(model).Run(before.Recipe());
        var again = BrewPlan.Of(cup == "really" ? before.AsItWas(plan, before.Run(plan, bench.NowMs)) : before.ModelOf(model).Run(before.Planned()), bench.NowMs);
        again.Why = cup == "really" ? $"As {before.Name} of {bench.Moment(before.OpenedAtMs)} was really brewed." : "";
        again.BaristaId = wish.BaristaId;
        again.BagId = before.BagId;
        again.CoffeeName = before.CoffeeName;
        again.PlaceName = before.PlaceName;
        again.GrindText = before.GrindText;
        (again.MillName, again.VesselName, again.ParentBrewId) = (before.MillName, before.VesselName, before.Id);
        again.StoredPlanId = before.StoredPlanId;
        again.FilterStockId = before.FilterStockId;
        return Redirect(await plans.BrewAsync(again, wish, ct) is { } begun ? $"/brew/{begun}" : await plans.DoneAsync(wish.Job, ct) ?? "/");
    }
}
