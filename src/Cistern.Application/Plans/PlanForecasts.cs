using Cistern.Core.Forecasts;
using Cistern.Data.Plans;

namespace Cistern.Application.Plans;

/// <summary>Forecasts whatever stands under a plan's address: recipes of the library, the barista's own plans, and brews as plans.</summary>
public sealed class PlanForecasts(PlanOpening opening)
{
    /// <summary>The forecast of a plan, a recipe that nobody has changed as it is written; null where there is none.</summary>
    /// <param name="id">As it stands in its address.</param>
    /// <param name="who">Who asks.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<Forecast?> OfAsync(string id, AtBench who, CancellationToken ct)
    {
        if (id.Length == 0 || await opening.OpenAsync(id, who, shown: _ => new(), ct) is not { } opened)
        {
            return null;
        }

        return opened.Plan.Stored is { } stored ? Named(opened, stored) : opened.AsWritten ?? opened.Context.Model.Run(opened.Plan.State.OriginRecipe());
    }

    /// <summary>The forecast of a plan as its own page opens it, with the bench's own gear; null where there is none.</summary>
    /// <param name="id">As it stands in its address.</param>
    /// <param name="who">Who asks.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<Forecast?> OpenedAsync(string id, AtBench who, CancellationToken ct) => await opening.OpenAsync(id, who, shown: null, ct) is not { } opened ? null
        : opened.Plan.Stored is { } stored ? Named(opened, stored) : Read(opened);

    private static Forecast Read(OpenedPlan opened) => new PlanEditing(opened.Plan.State, opened.Context).Forecast;

    private static Forecast Named(OpenedPlan opened, StoredPlan stored)
    {
        var forecast = Read(opened);
        return forecast with { Recipe = forecast.Recipe with { Name = stored.KeptAtMs is null ? $"{stored.Name}, changed" : stored.Name } };
    }
}
