using Cistern.Web.Pages.Shelf;

namespace Cistern.Web.Pages.Bench;

/// <summary>A brew on the first page.</summary>
/// <param name="Id">The brew.</param>
/// <param name="Name">Its name.</param>
/// <param name="CoffeeName">Its coffee; empty where none was chosen.</param>
/// <param name="OpenedAtMs">When it was opened, UTC ms.</param>
/// <param name="Sparkline">Its small brew chart.</param>
/// <param name="Tasted">Whether it was tasted.</param>
/// <param name="Score">Its first score, of 10; null without one.</param>
public sealed record BrewedLast(int Id, string Name, string CoffeeName, long OpenedAtMs, string Sparkline, bool Tasted, double? Score);

/// <summary>The first page: what can be brewed now, and what needs attention.</summary>
public sealed class BenchModel(CisternDb db, BaristaContext baristaContext, PlanFinder finder, IdempotencyStore requests, BrewStart start, PlanOpening opening, ForecastModel model) : PageModel
{
    /// <summary>This long after its planned end a brew counts as forgotten, s.</summary>
    private const double ForgottenS = 3_600;

    /// <summary>The least score of a good brew.</summary>
    private const double GoodScore = 7.5;

    /// <summary>How many brews of a coffee are searched for a good one.</summary>
    private const int MaxBrewsBack = 40;

    /// <summary>The most coffees whose last good brew is shown.</summary>
    private const int MaxCoffees = 8;

    /// <summary>How long after its scheduled time a plan is still shown, ms.</summary>
    private const long StillScheduledMs = 2L * 3_600_000;

    // Compiled once, and reads only what is shown: a brew's row contains its plan, its forecast and its file.
    private static readonly Func<CisternDb, IAsyncEnumerable<BrewedLast>> Newest = EF.CompileAsyncQuery((CisternDb db) => db.Brews
        .Where(brew => !brew.Rehearsal && brew.DeletedAtMs == null && brew.State == BrewState.Finished).OrderByDescending(brew => brew.OpenedAtMs).Take(4)
        .Select(brew => new BrewedLast(brew.Id, brew.Name, brew.CoffeeName, brew.OpenedAtMs, brew.Sparkline, brew.Tastings.Any(), brew.Tastings.OrderBy(one => one.Id).Select(one => one.Score).FirstOrDefault())));

    private static readonly Func<CisternDb, List<int?>, IAsyncEnumerable<BrewedLast>> OfIds = EF.CompileAsyncQuery((CisternDb db, List<int?> ids) => db.Brews.Where(brew => ids.Contains(brew.Id))
        .Select(brew => new BrewedLast(brew.Id, brew.Name, brew.CoffeeName, brew.OpenedAtMs, brew.Sparkline, brew.Tastings.Any(), brew.Tastings.OrderBy(one => one.Id).Select(one => one.Score).FirstOrDefault())));

    private static readonly Func<CisternDb, IAsyncEnumerable<int?>> Good = EF.CompileAsyncQuery((CisternDb db) => db.Bags
        .Where(bag => bag.RemovedAtMs == null && bag.UsedUpOn == null).Select(bag => bag.Name).Distinct().OrderBy(name => name).Take(MaxCoffees)
        .Select(coffee => db.Brews
            .Where(row => !row.Rehearsal && row.DeletedAtMs == null && row.CoffeeName == coffee && row.State == BrewState.Finished).OrderByDescending(row => row.OpenedAtMs).Take(MaxBrewsBack)
            .Where(row => row.Tastings.Any(tasting => tasting.Score >= GoodScore)).OrderByDescending(row => row.OpenedAtMs).Select(row => (int?)row.Id).FirstOrDefault()));

    private static readonly Func<CisternDb, int, IAsyncEnumerable<ToDoNext.PastBrew>> Lately = EF.CompileAsyncQuery((CisternDb db, int barista) => db.Brews
        .Where(brew => !brew.Rehearsal && brew.DeletedAtMs == null && brew.State == BrewState.Finished && brew.BaristaId == barista).OrderByDescending(brew => brew.OpenedAtMs).Take(MaxBrewsBack)
        .Select(brew => new ToDoNext.PastBrew(brew.Id, brew.RecipeId, brew.Name, brew.OpenedAtMs)));

    /// <summary>What to do next; null where nothing stands out.</summary>
    public ToDoNext? ToDo { get; private set; }

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>A brew with no more than a jar and two spoons, line by line; null for those who have brewed before and have a scale.</summary>
    public IReadOnlyList<string>? Simplest { get; private set; }

    /// <summary>The library, as cards.</summary>
    public RecipeCards Recipes { get; private set; } = null!;

    /// <summary>The newest brew, and the last good one of each coffee.</summary>
    public IReadOnlyList<BrewedLast> Last { get; private set; } = [];

    /// <summary>Brews whose clock was left running.</summary>
    public IReadOnlyList<UnderWay> LeftRunning { get; private set; } = [];

    /// <summary>The newest brew that was not tasted, or null.</summary>
    public BrewedLast? Untasted { get; private set; }

    /// <summary>Things on the shelf that need attention: a bag running out, a cloth due for care.</summary>
    public IReadOnlyList<ShelfRow> Due { get; private set; } = [];

    /// <summary>Plans made as the next of a series and not brewed yet, newest first.</summary>
    public IReadOnlyList<Data.Plans.StoredPlan> Next { get; private set; } = [];

    /// <summary>Scheduled plans, earliest first.</summary>
    public IReadOnlyList<Data.Plans.StoredPlan> Planned { get; private set; } = [];

    /// <summary>The barista's saved plans, newest first.</summary>
    public IReadOnlyList<Data.Plans.StoredPlan> Own { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken ct)
    {
        var barista = await baristaContext.BaristaAsync(ct);
        if (barista is null && !await db.Baristas.AnyAsync(ct))
        {
            return RedirectToPage("/You/First");
        }

        var format = await baristaContext.FormatAsync(ct);
        Recipes = RecipeCards.Of(format).WithFirst(await PlanShelf.FamiliesAsync(db, ct));
        var newest = await Newest(db).ToListAsync(ct);
        // To begin with, and for those who have no scale.
        Simplest = newest.Count == 0 || !format.Equipment.Scale ? MinimalBrew.Lines(model, format) : null;
        Untasted = newest.Find(brew => !brew.Tasted);
        Last = [.. newest.Take(1).Concat(await GoodAsync(ct)).DistinctBy(brew => brew.Id)];
        var kept = await finder.SavedAsync(ct);
        Next = [.. (await finder.UnbrewedAsync(kept, ct)).Take(2)];
        Own = [.. kept.Where(stored => stored.FromBrewId is null).Take(3)];
        Due = await ShelfDue.RowsAsync(db, new ShelfView(format, baristaContext.Today), ct);
        Planned = await finder.ScheduledAsync(baristaContext.NowMs - StillScheduledMs, ct);
        ToDo = ToDoNext.Of(Untasted, Planned, Next, barista is null ? [] : await Lately(db, barista.Id).ToListAsync(ct), baristaContext);
        var underWay = await baristaContext.UnderWayAsync(ct);
        LeftRunning = [.. underWay.Where(brew => brew.StartedAtMs is { } startedAtMs && (baristaContext.NowMs - startedAtMs) / 1000.0 > brew.FinishS + ForgottenS)];
        return Page();
    }

    /// <summary>The last good brew of each coffee on the shelf, where there is one.</summary>
    private async Task<IReadOnlyList<BrewedLast>> GoodAsync(CancellationToken ct)
    {
        var ids = await Good(db).ToListAsync(ct);
        var good = await OfIds(db, ids).ToListAsync(ct);
        return [.. ids.OfType<int>().Select(id => good.Find(brew => brew.Id == id)).OfType<BrewedLast>()];
    }

    /// <summary>Opens the same plan again, or the brew as it was made as a plan.</summary>
    public async Task<IActionResult> OnPostAgainAsync(string? brew, string? cup, CancellationToken ct)
    {
        var known = int.TryParse(brew, NumberStyles.None, CultureInfo.InvariantCulture, out var id);
        if (!known || await db.Brews.AsNoTracking().Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id, ct) is not { } before)
        {
            return NotFound();
        }

        var wish = new PlanRequest(IdempotencyKey.Of(Request.Form), (await baristaContext.BaristaAsync(ct))?.Id);
        if (await requests.ResultOfAsync(wish.Key, ct) is { } done)
        {
            return Redirect(done);
        }

        var plan = before.ModelOf(model).Figures(before.Recipe());
        var recipe = cup == "really" ? before.BrewedRecipe(plan.Recipe, before.Run(plan, baristaContext.NowMs)) : before.Planned();
        var again = BrewPlan.Of(await opening.ReopenAsync(await BrewGear.OfAsync(db, before, ct), recipe, before.Planned(), await baristaContext.CurrentBaristaAsync(ct), ct), baristaContext.NowMs);
        again.Why = cup == "really" ? $"As {before.Name} of {baristaContext.Moment(before.OpenedAtMs)} was brewed." : "";
        again.BaristaId = wish.BaristaId;
        again.BagId = before.BagId;
        again.CoffeeName = before.CoffeeName;
        again.PlaceName = before.PlaceName;
        again.GrindText = before.GrindText;
        (again.GrinderName, again.VesselName, again.ParentBrewId) = (before.GrinderName, before.VesselName, before.Id);
        again.StoredPlanId = before.StoredPlanId;
        again.FilterStockId = before.FilterStockId;
        return Redirect(await start.BrewAsync(again, wish, ct) is { } begun ? $"/brew/{begun}" : await requests.ResultOfAsync(wish.Key, ct) ?? "/");
    }
}
