using System.Globalization;
using Cistern.Core.Advising;
using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Plans;
using Cistern.Data.Shelf;
using Cistern.Data.Stores;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Next;

/// <summary>What to change for the next brew, and that brew's plan at a touch.</summary>
public sealed class NextModel(CisternDb db, LineAdvice advice, PlanStore plans, BenchContext bench) : PageModel
{
    private Bag? bag;

    /// <summary>Who is here, and what is brewing.</summary>
    public BenchContext Bench => bench;

    /// <summary>The brew that is judged.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>Its mill, where that stands on the shelf.</summary>
    public Mill? Mill { get; private set; }

    /// <summary>What to do.</summary>
    public Advice Advice { get; private set; } = null!;

    /// <summary>How this barista reads figures.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>What has to be said about what was pressed; null where nothing has.</summary>
    public string? Said { get; private set; }

    /// <summary>What makes a change known again: what is changed, and to what.</summary>
    public static string KeyOf(AdvisedChange change) => string.Create(CultureInfo.InvariantCulture, $"{change.Setting}:{change.To:0.####}{(change.And is { } and ? FormattableString.Invariant($" {and.Setting}:{and.To:0.####}") : "")}");

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Page() : NotFound();

    /// <summary>Makes a change the next brew: keeps its plan, with its descent and its why.</summary>
    public async Task<IActionResult> OnPostAsync(int id, CancellationToken ct)
    {
        var wish = new PlanWish(JobKey.Of(Request.Form), (await bench.BaristaAsync(ct))?.Id);
        if (await plans.DoneAsync(wish.Job, ct) is { } done)
        {
            return Redirect(done);
        }

        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var key = Request.Form.Value("change") ?? "";
        if (Advice.Changes.FirstOrDefault(change => KeyOf(change) == key) is not { } change)
        {
            Said = "That is not what is advised any more: something was tasted or measured since. This is.";
            Response.StatusCode = StatusCodes.Status409Conflict;
            return Page();
        }

        var what = AdviceWording.Of(change, Mill, Format);
        var then = change.Then.Totals;
        var kept = new LineChange(change.Setting, change.From, change.To, change.Unit, what, then.FinalTdsPercent, then.ExtractionYieldPercent, then.Tilt);
        return Redirect(await plans.NextAsync(await StateAsync(change, ct), Brew, what, change.Why, kept.ToJson(), wish, ct));
    }

    /// <summary>The plan of the change, with what of the shelf the brew used.</summary>
    private async Task<PlanState> StateAsync(AdvisedChange change, CancellationToken ct)
    {
        var place = await db.Places.AsNoTracking().FirstOrDefaultAsync(row => row.Name == Brew.PlaceName && row.RemovedAtMs == null, ct);
        var vessel = Brew.VesselName.Length > 0 ? await db.Vessels.AsNoTracking().FirstOrDefaultAsync(row => row.Name == Brew.VesselName && row.RemovedAtMs == null, ct) : null;
        var recipe = change.Recipe;
        // A mill whose table was set anew since does not grind so at any of its settings: then the grind stands in µm.
        var setting = Mill is { } mill && Math.Abs(mill.Scale.MedianUm(mill.Scale.SettingFor(recipe.Grind.MedianUm)) - recipe.Grind.MedianUm) < 1 ? mill.Scale.SettingFor(recipe.Grind.MedianUm) : (double?)null;
        return PlanState.Of(recipe) with
        {
            Origin = RecipeWriter.Write(Brew.Planned()),
            Settled = true,
            BagId = bag is { RemovedAtMs: null, UsedUpOn: null } ? bag.Id : null,
            MillId = setting is null ? null : Mill!.Id,
            MillSetting = setting,
            PlaceId = place?.Id,
            VesselId = vessel?.Id,
        };
    }

    /// <summary>Loads the brew and the advice on it.</summary>
    /// <returns>Whether there is such a brew.</returns>
    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        if (await advice.ForAsync(id, ct) is not { } found)
        {
            return false;
        }

        (Brew, Mill, bag, Advice) = found;
        Format = await bench.FormatAsync(ct);
        return true;
    }
}
