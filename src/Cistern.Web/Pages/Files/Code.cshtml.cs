namespace Cistern.Web.Pages.Files;

/// <summary>A plan or a brew as a QR code that another Cistern imports.</summary>
public sealed class CodeModel(CisternDb db, PlanFinder finder, PlanForecasts forecasts, BaristaContext baristaContext, BrewExport brews) : PageModel
{
    /// <summary>Its name.</summary>
    public string Name { get; private set; } = "";

    /// <summary>The code's text; null where it is too long for one QR code.</summary>
    public string? Text { get; private set; }

    /// <summary>What is in it and what not.</summary>
    public string Says { get; private set; } = "";

    /// <summary>Its state.</summary>
    public string Back { get; private set; } = "/files";

    /// <summary>The section of the application it belongs to.</summary>
    public string Place { get; private set; } = "Log";

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(string? plan, string? brew, CancellationToken ct)
    {
        if (plan is not null && await forecasts.OpenedAsync(plan, await baristaContext.CurrentBaristaAsync(ct), ct) is { } forecast && await finder.FindAsync(plan, ct) is { } open)
        {
            Show(await finder.WithExtraMembersAsync(open, forecast.Recipe, ct), plan);
            return Page();
        }

        if (int.TryParse(brew, NumberStyles.None, CultureInfo.InvariantCulture, out var id) && await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id && row.State != BrewState.Running && !row.Rehearsal, ct) is { } row)
        {
            Name = row.Name;
            Back = string.Create(CultureInfo.InvariantCulture, $"/log/{id}");
            Says = "The brew with what was planned, done, weighed and tasted; without the curves of scale and thermometer.";
            await foreach (var record in brews.OfAsync([id], withReadings: false, ct))
            {
                Text = CodeText.Of(record);
            }

            return Page();
        }

        return NotFound();
    }

    private void Show(Recipe recipe, string plan)
    {
        (Name, Place, Back) = (recipe.Name, "Plan", $"/plan/{plan}");
        Says = "The recipe with all its settings and steps.";
        Text = CodeText.Of(recipe);
    }
}
