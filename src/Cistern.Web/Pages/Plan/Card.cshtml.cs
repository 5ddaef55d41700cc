namespace Cistern.Web.Pages.Plan;

/// <summary>A plan as a card for printing: one side of A6 or A5.</summary>
public sealed class CardModel(PlanOpening opening, BaristaContext baristaContext) : PageModel
{
    /// <summary>What the plan is called.</summary>
    public string Name { get; private set; } = "";

    /// <summary>The paper: a6 or a5.</summary>
    public string Size { get; private set; } = "a6";

    /// <summary>The plan.</summary>
    public PlanForm Plan { get; private set; } = null!;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>Its brew chart.</summary>
    public string BrewChartSvg => BrewChart.Draw(Plan.Forecast, new BrewChartOptions(480)
    {
        WithSteps = false,
        LanesPx = 90,
        Labels = Format.Labels(StepWording.InVessel(Plan.Recipe.Brewer.Family)),
    });

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(string id, string? size, CancellationToken ct)
    {
        if (await opening.OpenAsync(id, await baristaContext.CurrentBaristaAsync(ct), shown: null, ct) is not { } opened)
        {
            return NotFound();
        }

        Size = size == "a5" ? "a5" : "a6";
        Plan = PlanForm.Read(opened.Plan.State, opened.Context, await baristaContext.FormatAsync(ct), Request.Query);
        Format = Plan.StepFormat;
        Name = opened.Plan.Stored?.Name ?? Plan.Recipe.Name;
        return Page();
    }
}
