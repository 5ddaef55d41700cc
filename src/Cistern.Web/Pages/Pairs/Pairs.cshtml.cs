using Cistern.Web.Pages.Plan;

namespace Cistern.Web.Pages.Pairs;

/// <summary>The pairs, and a new one made from a plan.</summary>
public sealed class PairsModel(CisternDb db, PlanFinder finder, PairStore pairs, PairSides sides, BaristaContext baristaContext) : PageModel
{
    /// <summary>The current barista.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The plans that can be A: the baristas' own, and the library's recipes.</summary>
    public IReadOnlyList<(string Id, string Name)> Choices { get; private set; } = [];

    /// <summary>The pairs, with the names of A.</summary>
    public IReadOnlyList<(BrewPair BrewPair, string Name)> Before { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(CancellationToken ct)
    {
        Choices = await PlanChoices.OfAsync(finder, ct);
        var made = await pairs.PairsAsync(ct);
        var plans = made.Select(pair => pair.FirstPlanId).ToList();
        var names = await db.Plans.AsNoTracking().Where(plan => plans.Contains(plan.Id)).ToDictionaryAsync(plan => plan.Id, plan => plan.Name, ct);
        Before = [.. made.Select(pair => (pair, pair.FirstPlanId is { } id && names.TryGetValue(id, out var name) ? name : "A deleted plan"))];
    }

    /// <summary>Makes a pair of a plan.</summary>
    public async Task<IActionResult> OnPostAsync(string? plan, CancellationToken ct)
    {
        var wish = new PlanRequest(IdempotencyKey.Of(Request.Form), (await baristaContext.BaristaAsync(ct))?.Id);
        if (await sides.OfAsync(plan ?? "", ct) is not { } side)
        {
            return NotFound();
        }

        var forecast = side.Form.Forecast;
        return await pairs.PairAsync(side.Open, side.Form.Editing.Picked, side.Name, PairPlanning.MinStaggerS(forecast, forecast), wish, ct) is { } address
            ? Redirect(address)
            : StatusCode(StatusCodes.Status409Conflict);
    }
}
