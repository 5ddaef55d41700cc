using Cistern.Web.Frame;
using Cistern.Web.Pages.Bench;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Plan;

/// <summary>The recipes that can be planned.</summary>
public sealed class ChooseModel(Here here) : PageModel
{
    public RecipeCards Recipes { get; private set; } = null!;

    public async Task OnGetAsync(CancellationToken ct) => Recipes = RecipeCards.Of(await here.ShowAsync(ct));
}
