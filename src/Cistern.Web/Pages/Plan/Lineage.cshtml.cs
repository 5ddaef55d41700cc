namespace Cistern.Web.Pages.Plan;

/// <summary>A plan of a lineage for drawing.</summary>
/// <param name="Node">The plan, with those made from it.</param>
/// <param name="Parent">The plan it was made from; null for the first.</param>
/// <param name="Asked">The id of the plan asked for.</param>
public sealed record LineageView(LineageNode Node, LineageNode? Parent, int Asked);

/// <summary>The history of a plan as a tree.</summary>
public sealed class LineageModel(LineageStore store) : PageModel
{
    /// <summary>The first plan of it.</summary>
    public LineageNode First { get; private set; } = null!;

    /// <summary>The plan that was asked for.</summary>
    public int Asked { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (await store.OfAsync(id, ct) is not { } first)
        {
            return NotFound();
        }

        (First, Asked) = (first, id);
        return Page();
    }
}
