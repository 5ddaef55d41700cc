using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Data.Stores;
using Cistern.Drawing;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Plan;

/// <summary>Two plans laid side by side: only what differs, and what each gives. Recipes, brews and the barista's own plans alike.</summary>
public sealed class CompareModel(PlanStore store, BaristaContext bench, PlanForecasts plans) : PageModel
{
    /// <summary>How this barista reads figures.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>The addresses of the two, as they stand in the form.</summary>
    public (string? First, string? Second) Ids { get; private set; }

    /// <summary>The one.</summary>
    public Forecast? First { get; private set; }

    /// <summary>The other.</summary>
    public Forecast? Second { get; private set; }

    /// <summary>Only what differs between them.</summary>
    public Differences Differ { get; private set; } = new([], [], []);

    /// <summary>What can be chosen: the recipes, and the barista's own plans; what lies here already too.</summary>
    public IReadOnlyList<(string Id, string Name)> Choices { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(string? a, string? b, CancellationToken ct)
    {
        Format = await bench.FormatAsync(ct);
        Ids = (a, b);
        First = await plans.OfAsync(a ?? "", ct);
        Second = await plans.OfAsync(b ?? "", ct);
        if ((a is { Length: > 0 } && First is null) || (b is { Length: > 0 } && Second is null))
        {
            return NotFound();
        }

        List<(string Id, string Name)> choices =
        [
            .. (await store.KeptAsync(ct)).Select(stored => (Id: FormattableString.Invariant($"{stored.Id}"), $"{stored.Name}, your own")),
            .. RecipeLibrary.All.Select(recipe => (recipe.Id, $"{recipe.Name}, {StepWording.Family(recipe.Brewer.Family)}")),
        ];
        foreach (var (id, forecast) in new[] { (a, First), (b, Second) })
        {
            if (forecast is not null && id is not null && !choices.Exists(one => one.Id == id))
            {
                choices.Insert(0, (id, $"{forecast.Recipe.Name}, as it lies open"));
            }
        }

        Choices = choices;
        if (First is not null && Second is not null)
        {
            Differ = Differences.Between([First, Second], Format);
        }

        return Page();
    }

    /// <summary>Both brew charts share one scale of time and of mass, so that they can be read against one another.</summary>
    public BrewChartOptions BrewChartOf(Forecast forecast, string prefix)
    {
        var (one, other) = (BrewChart.MostOf(First!), BrewChart.MostOf(Second!));
        return new BrewChartOptions(520)
        {
            WithSteps = false,
            LanesPx = 190,
            IdPrefix = prefix,
            ToS = Math.Max(First!.Totals.FinishS, Second!.Totals.FinishS),
            ToG = (Math.Max(one.VesselG, other.VesselG), Math.Max(one.CupG, other.CupG)),
            Labels = Format.Labels(StepWording.InVessel(forecast.Recipe.Brewer.Family)),
        };
    }
}
