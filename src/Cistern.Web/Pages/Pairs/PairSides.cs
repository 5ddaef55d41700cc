using Cistern.Data.Stores;
using Cistern.Web.Pages.Plan;

namespace Cistern.Web.Pages.Pairs;

/// <summary>One of a pair: its plan as it lies open, with its forecast.</summary>
/// <param name="Open">The plan.</param>
/// <param name="Shelf">What it uses.</param>
/// <param name="Settings">How it stands.</param>
public sealed record PairSide(OpenPlan Open, PlanShelf Shelf, PlanSettings Settings)
{
    /// <summary>What it is called.</summary>
    public string Name => Open.Stored?.Name ?? Settings.Recipe.Name;
}

/// <summary>Reads plans for pairs.</summary>
public sealed class PairSides(PlanStore store, PlanForecasts forecasts)
{
    /// <summary>A plan by its address; null where there is none.</summary>
    public async Task<PairSide?> OfAsync(string id, CancellationToken ct)
    {
        if (id.Length == 0 || await store.FindAsync(id, ct) is not { } open)
        {
            return null;
        }

        var (shelf, settings) = await forecasts.ReadAsync(open.State, ct);
        return new PairSide(open, shelf, settings);
    }
}
