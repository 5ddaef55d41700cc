using System.Text;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Drawing;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Plan;

/// <summary>Sets a recipe to what is wanted and shows what it will do.</summary>
public sealed class PlanModel(CisternDb db, Here here) : PageModel
{
    public PlanSettings Settings { get; private set; } = null!;

    public PlanShelf Shelf { get; private set; } = null!;

    public Recipe Written { get; private set; } = null!;

    public Show Show { get; private set; } = null!;

    /// <summary>The 80 % band of each figure.</summary>
    public IReadOnlyDictionary<Outcome, Band> Bands { get; private set; } = new Dictionary<Outcome, Band>();

    /// <summary>How far each setting may be off.</summary>
    public IReadOnlyDictionary<Setting, double> SlackOf { get; private set; } = new Dictionary<Setting, double>();

    /// <summary>What the forecast found.</summary>
    public IReadOnlyList<EventWords> Events { get; private set; } = [];

    /// <summary>The moment at which the vessel is shown, s on the clock: as scrubbed, or as the release begins.</summary>
    public double AtS { get; private set; }

    /// <summary>The vessel cut open at that moment.</summary>
    public string VesselSvg => VesselCut.Draw(Settings.Forecast, AtS, Show.Labels(StepWording.InVessel(Settings.Recipe.Brewer.Family)));

    /// <summary>What the moment is like, in words.</summary>
    public string Moment
    {
        get
        {
            var sample = Settings.Forecast.At(AtS);
            return $"{Show.Clock(AtS)}  {Show.Temperature(sample.TemperatureC)}  {Show.Percent(sample.VesselTdsPercent, 2)} TDS here";
        }
    }

    /// <summary>A figure's band in words, or null where the brew has none.</summary>
    public string? Within(Outcome outcome, Func<double, string> write) =>
        Bands.TryGetValue(outcome, out var band) ? $"{write(band.Low)} to {write(band.High)}" : null;

    /// <summary>A setting's slack in words, or null where it hardly matters.</summary>
    public string? May(Setting setting, Func<double, string> write) =>
        SlackOf.TryGetValue(setting, out var slack) && double.IsFinite(slack) ? $"± {write(slack)}" : null;

    /// <summary>Asked by htmx for the plan alone.</summary>
    public bool Part => Request.Headers.ContainsKey("HX-Request");

    public async Task<IActionResult> OnGetAsync(string id, CancellationToken ct)
    {
        if (!await LoadAsync(id, Request.Query, ct))
        {
            return NotFound();
        }

        return Page();
    }

    /// <summary>The vessel alone, while the tide is scrubbed.</summary>
    public async Task<IActionResult> OnGetVesselAsync(string id, CancellationToken ct) =>
        await LoadAsync(id, Request.Query, ct, pictureOnly: true) ? Partial("_Vessel", this) : NotFound();

    /// <summary>The plan as an open recipe file.</summary>
    public async Task<IActionResult> OnGetFileAsync(string id, CancellationToken ct) =>
        await LoadAsync(id, Request.Query, ct, pictureOnly: true)
            ? File(Encoding.UTF8.GetBytes(RecipeWriter.Write(Settings.Recipe)), "application/json", $"{Written.Id}.json")
            : NotFound();

    /// <summary>The tide as an SVG that stands alone.</summary>
    public async Task<IActionResult> OnGetTideAsync(string id, CancellationToken ct) =>
        await LoadAsync(id, Request.Query, ct, pictureOnly: true)
            ? File(Encoding.UTF8.GetBytes(Tide.Draw(Settings.Forecast, new TideOptions(760) { StandsAlone = true, Labels = Show.Labels(StepWording.InVessel(Settings.Recipe.Brewer.Family)) })), "image/svg+xml", $"{Written.Id}.svg")
            : NotFound();

    public async Task<IActionResult> OnPostBrewAsync(string id, CancellationToken ct)
    {
        if (!await LoadAsync(id, Request.Form, ct))
        {
            return NotFound();
        }

        if (!Settings.Good || Events.Any(one => one.Stops))
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        var brew = BrewPlan.Of(Settings.Forecast, here.NowMs);
        brew.BaristaId = (await here.BaristaAsync(ct))?.Id;
        brew.BagId = Settings.Bag?.Id;
        brew.CoffeeName = Settings.Bag?.Name ?? "";
        brew.PlaceName = Settings.Place?.Name ?? "";
        brew.GrindText = Settings.GrindText;
        db.Brews.Add(brew);
        await db.SaveChangesAsync(ct);
        return RedirectToPage("/Brewing/Brew", new { id = brew.Id });
    }

    private async Task<bool> LoadAsync(string id, IEnumerable<KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>> values, CancellationToken ct, bool pictureOnly = false)
    {
        if (RecipeLibrary.Find(id) is not { } written)
        {
            return false;
        }

        Written = written;
        Show = await here.ShowAsync(ct);
        Shelf = new PlanShelf(
            await db.Bags.AsNoTracking().OrderBy(bag => bag.Name).ToListAsync(ct),
            await db.Mills.AsNoTracking().OrderBy(mill => mill.Name).ToListAsync(ct),
            await db.Places.AsNoTracking().OrderBy(place => place.Id).ToListAsync(ct),
            await db.Vessels.AsNoTracking().Where(vessel => vessel.Family == written.Brewer.Family).OrderBy(vessel => vessel.Name).ToListAsync(ct));
        Settings = PlanSettings.Read(written, Shelf, values, Show, here.Today);
        var series = Settings.Forecast.Series;
        var at = TypedNumber.Read(values.Value("at"), series[0].TimeS, series[^1].TimeS, "s");
        AtS = at.Value ?? (Cistern.Core.Planning.Settings.Get(Settings.Forecast, Setting.ReleaseS) ?? series[^1].TimeS);
        if (pictureOnly)
        {
            return true;
        }

        Bands = Confidence.Of(Settings.Forecast);
        SlackOf = Slack.Of(Settings.Forecast);
        Events = [.. Settings.Forecast.Events.Select(one => EventWording.Of(one, Settings.Forecast, Show))];
        return true;
    }
}
