using System.Text;

namespace Cistern.Web.Pages.Plan;

/// <summary>A plan whose current state cannot be read: what is wrong, and how to go back.</summary>
public sealed class BrokenModel(PlanRepair repair) : PageModel
{
    /// <summary>The plan, with what can be restored.</summary>
    public BrokenPlan Plan { get; private set; } = null!;

    /// <summary>The library recipe it derives from, where there is one.</summary>
    public Recipe? Origin => RecipeLibrary.Find(Plan.Stored.RecipeId);

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(string id, CancellationToken ct)
    {
        if (await repair.FindBrokenAsync(id, ct) is not { } broken)
        {
            return Redirect($"/plan/{Uri.EscapeDataString(id)}");
        }

        Plan = broken;
        return Page();
    }

    /// <summary>Returns to the last readable change.</summary>
    public async Task<IActionResult> OnPostAsync(string id, CancellationToken ct)
    {
        if (await repair.FindBrokenAsync(id, ct) is { } broken && !await repair.RepairAsync(broken.Stored.Id, ct))
        {
            Plan = broken;
            return this.Unprocessable();
        }

        return Redirect($"/plan/{Uri.EscapeDataString(id)}");
    }

    /// <summary>What stands there, as it stands.</summary>
    public async Task<IActionResult> OnGetRawAsync(string id, CancellationToken ct) =>
        await repair.FindBrokenAsync(id, ct) is { } broken ? File(Encoding.UTF8.GetBytes(broken.Raw), "application/json", FormattableString.Invariant($"plan-{broken.Stored.Id}.json")) : NotFound();
}
