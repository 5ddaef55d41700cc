using Cistern.Web.Pages.Bench;

namespace Cistern.Web.Pages.You;

/// <summary>A recipe for a beginner's own equipment in a few words, and the button to brew it.</summary>
public sealed class FirstBrewModel(CisternDb db, BaristaContext baristaContext, PlanOpening opening, BrewStart start, IdempotencyStore requests) : PageModel
{
    /// <summary>The plan.</summary>
    public OpenPlan Open { get; private set; } = null!;

    /// <summary>The plan, scaled to the brewer on the shelf.</summary>
    public PlanEditing Editing { get; private set; } = null!;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>Its name.</summary>
    public string Name => Open.State.OriginRecipe().Name;

    /// <summary>The grind in words, since the grinder is still unknown.</summary>
    public string Grind => GrainWords.Describe(Editing.Recipe.Grind.MedianUm);

    /// <summary>The temperature in the barista's terms.</summary>
    public string Heat => $"{(Format.Equipment.Thermometer ? "" : "from ")}{Format.Equipment.Heat(Editing.Recipe, Format)}";

    /// <summary>The steps, a line each.</summary>
    public IReadOnlyList<string> Steps => MinimalBrew.Steps(Editing.Forecast, Format);

    /// <summary>Shows the recipe; redirects where there is no brewer on the shelf.</summary>
    public async Task<IActionResult> OnGetAsync(CancellationToken ct) => await LoadAsync(ct) ? Page() : RedirectToPage("/Bench/Bench");

    /// <summary>Opens the brew.</summary>
    public async Task<IActionResult> OnPostAsync(CancellationToken ct)
    {
        if (!await LoadAsync(ct))
        {
            return RedirectToPage("/Bench/Bench");
        }

        var wish = new PlanRequest(IdempotencyKey.Of(Request.Form), (await baristaContext.BaristaAsync(ct))?.Id);
        var brew = BrewOpening.Of(Open, Editing, Editing.Recipe with { Name = Name }, Grind, baristaContext.NowMs, wish.BaristaId);
        return await start.BrewAsync(brew, wish, ct) is { } id ? Redirect($"/brew/{id}") : Redirect(await requests.ResultOfAsync(wish.Key, ct) ?? "/");
    }

    /// <summary>The recipe of each family that is easiest for a beginner. Judged.</summary>
    private static string SimplestOf(BrewerFamily family) => family switch
    {
        BrewerFamily.FrenchPress => "fp-slow-eight",
        BrewerFamily.TubePress => "tp-upright-held",
        BrewerFamily.ValveDripper => "vd-coffee-first",
        BrewerFamily.LeverDripper => "ld-closed",
        BrewerFamily.Siphon => "si-layers",
        BrewerFamily.Jar => MinimalBrew.RecipeId,
    };

    private async Task<bool> LoadAsync(CancellationToken ct)
    {
        if (await db.Vessels.AsNoTracking().Where(vessel => vessel.RemovedAtMs == null).OrderByDescending(vessel => vessel.Id).FirstOrDefaultAsync(ct) is not { } own
            || await opening.OpenAsync(SimplestOf(own.Family), await baristaContext.CurrentBaristaAsync(ct), null, ct) is not { } opened)
        {
            return false;
        }

        Open = opened.Plan;
        Editing = new PlanEditing(opened.Plan.State, opened.Context);
        Format = await baristaContext.FormatOfAsync(own.Name, ct);
        return true;
    }
}
