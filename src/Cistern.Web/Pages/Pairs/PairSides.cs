using Cistern.Web.Pages.Plan;

namespace Cistern.Web.Pages.Pairs;

/// <summary>One plan of a pair, opened, with its forecast.</summary>
/// <param name="Open">The plan.</param>
/// <param name="Form">Its current settings.</param>
public sealed record PairSide(OpenPlan Open, PlanForm Form)
{
    /// <summary>Its name.</summary>
    public string Name => Open.Stored?.Name ?? Form.Recipe.Name;
}

/// <summary>Reads plans for pairs.</summary>
public sealed class PairSides(PlanFinder finder, PlanOpening opening, BaristaContext baristaContext)
{
    /// <summary>The plan with an id; null where there is none.</summary>
    public async Task<PairSide?> OfAsync(string id, CancellationToken ct)
    {
        if (id.Length == 0 || await finder.FindAsync(id, ct) is not { } open)
        {
            return null;
        }

        var context = await opening.ContextAsync(open.State, await baristaContext.CurrentBaristaAsync(ct), ct);
        return new PairSide(open, PlanForm.Read(open.State, context, await baristaContext.FormatAsync(ct), []));
    }
}
