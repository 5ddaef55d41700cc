namespace Cistern.Application.Plans;

/// <summary>Forecasts the plan at an address: a library recipe, a barista's own plan, or a brew as a plan.</summary>
public sealed class PlanForecasts(PlanOpening opening)
{
    /// <summary>The forecast of a plan, or of a library recipe as written; null where there is none.</summary>
    /// <param name="id">The id in its address.</param>
    /// <param name="who">Who asks.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<Forecast?> OfAsync(string id, CurrentBarista who, CancellationToken ct)
    {
        if (id.Length == 0 || await opening.OpenAsync(id, who, shown: _ => new(), ct) is not { } opened)
        {
            return null;
        }

        return opened.Plan.Stored is { } stored ? Named(opened, stored) : opened.AsWritten ?? opened.Context.Model.Run(opened.Plan.State.OriginRecipe());
    }

    /// <summary>The forecast of a plan as its own page opens it, with the barista's equipment; null where there is none.</summary>
    /// <param name="id">The id in its address.</param>
    /// <param name="who">Who asks.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<Forecast?> OpenedAsync(string id, CurrentBarista who, CancellationToken ct) => await opening.OpenAsync(id, who, shown: null, ct) is not { } opened ? null
        : opened.Plan.Stored is { } stored ? Named(opened, stored) : Read(opened);

    private static Forecast Read(OpenedPlan opened) => new PlanEditing(opened.Plan.State, opened.Context).Forecast;

    private static Forecast Named(OpenedPlan opened, StoredPlan stored)
    {
        var forecast = Read(opened);
        return forecast with { Recipe = forecast.Recipe with { Name = stored.SavedAtMs is null ? $"{stored.Name}, changed" : stored.Name } };
    }
}
