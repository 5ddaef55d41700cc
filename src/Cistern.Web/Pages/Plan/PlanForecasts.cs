using Cistern.Core.Forecasts;
using Cistern.Data;
using Cistern.Data.Plans;
using Cistern.Data.Stores;
using Cistern.Web.Frame;
using Cistern.Web.Wording;

namespace Cistern.Web.Pages.Plan;

/// <summary>Forecasts whatever stands under a plan's address: recipes of the library, the barista's own plans, and brews as plans.</summary>
public sealed class PlanForecasts(CisternDb db, PlanStore store, BenchContext bench, ForecastModel model, Models models)
{
    /// <summary>The forecast of a plan; null where there is none.</summary>
    /// <param name="id">As it stands in its address.</param>
    /// <param name="format">How this barista reads figures.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<Forecast?> OfAsync(string id, FigureFormat format, CancellationToken ct)
    {
        if (id.Length == 0 || await store.FindAsync(id, ct) is not { } open)
        {
            return null;
        }

        if (open.Stored is null)
        {
            return model.Run(open.State.OriginRecipe());
        }

        var forecast = PlanSettings.Read(open.State, new PlanContext(await PlanShelf.LoadAsync(db, open.State, ct), format, bench.Today, model, await models.LearnedAsync(ct)), []).Forecast;
        return forecast with { Recipe = forecast.Recipe with { Name = NameOf(open.Stored) } };
    }

    private static string NameOf(StoredPlan stored) => stored.KeptAtMs is null ? $"{stored.Name}, changed" : stored.Name;
}
