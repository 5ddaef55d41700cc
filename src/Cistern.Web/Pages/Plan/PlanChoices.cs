namespace Cistern.Web.Pages.Plan;

/// <summary>Plans to choose from a list: the baristas' own, and the library's recipes.</summary>
public static class PlanChoices
{
    /// <summary>Each with its id and its name.</summary>
    public static async Task<List<(string Id, string Name)>> OfAsync(PlanFinder finder, CancellationToken ct) =>
    [
        .. (await finder.SavedAsync(ct)).Select(stored => (FormattableString.Invariant($"{stored.Id}"), $"{stored.Name}, your own")),
        .. RecipeLibrary.All.Select(recipe => (recipe.Id, $"{recipe.Name}, {StepWording.Family(recipe.Brewer.Family)}")),
    ];
}
