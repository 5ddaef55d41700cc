using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Plans;
using Cistern.Drawing;
using Cistern.Web.Frame;
using Cistern.Web.Pages.Plan;
using Cistern.Web.Wording;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web;

/// <summary>
/// Does beside the start what the first page would otherwise wait for: the library is read, a forecast run and drawn, the
/// data's queries compiled. Nothing depends on it; it only comes too late or in time.
/// </summary>
public static class Warming
{
    /// <summary>What needs no data.</summary>
    public static void Core() => _ = Task.Run(() =>
    {
        var recipe = RecipeLibrary.All[0];
        _ = PlanState.Of(recipe).ToJson();
        var forecast = ForecastModel.Published.Run(recipe);
        _ = Tide.Draw(forecast, new TideOptions(620) { Labels = new FigureFormat(Cistern.Core.Reckoning.Units.Metric).Labels("in the brewer") }).Length + VesselCut.Draw(forecast, 60, TideLabels.Plain).Length;
        _ = (Confidence.Of(forecast), Slack.Of(forecast), Nudges.Of(forecast));
    });

    /// <summary>What the pages ask of the data.</summary>
    /// <param name="services">The application's.</param>
    /// <param name="prepared">Ends when the data file is ready.</param>
    public static void Data(IServiceProvider services, Task prepared) => _ = Task.Run(async () =>
    {
        try
        {
            await using var scope = services.CreateAsyncScope();
            var db = scope.ServiceProvider.GetRequiredService<CisternDb>();
            _ = db.Model.GetEntityTypes().Count();
            await prepared;
            var bench = scope.ServiceProvider.GetRequiredService<BenchContext>();
            await bench.BaristaAsync();
            await bench.UnderWayAsync();
            await scope.ServiceProvider.GetRequiredService<PlanOpening>().OpenAsync(RecipeLibrary.All[0].Id, shown: null, CancellationToken.None);
            await db.Plans.AsNoTracking().FirstOrDefaultAsync(stored => stored.Id == 0);
        }
        catch (Exception error) when (error is not OutOfMemoryException)
        {
            // A start that is broken off, or data that cannot be read: whoever asks for it is told.
            services.GetService<ILoggerFactory>()?.CreateLogger(nameof(Warming)).LogDebug(error, "What was to be warmed beside the start was not.");
        }
    });
}
