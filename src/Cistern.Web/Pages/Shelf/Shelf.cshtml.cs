namespace Cistern.Web.Pages.Shelf;

/// <summary>What stands on the shelf.</summary>
public sealed class ShelfModel(CisternDb db, IdempotencyStore requests, BaristaContext baristaContext) : PageModel
{
    /// <summary>Each kind, with its things on the shelf and those removed.</summary>
    public IReadOnlyList<(ShelfKind Kind, IReadOnlyList<ShelfRow> Rows, IReadOnlyList<ShelfRow> Deleted)> Kinds { get; private set; } = [];

    /// <summary>What was just removed, which can be restored.</summary>
    public ShelfRow? Removed { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(string? removed, CancellationToken ct)
    {
        var view = new ShelfView(await baristaContext.FormatAsync(ct), baristaContext.Today);
        var kinds = new List<(ShelfKind, IReadOnlyList<ShelfRow>, IReadOnlyList<ShelfRow>)>();
        foreach (var kind in ShelfKinds.All)
        {
            kinds.Add((kind, await kind.RowsAsync(db, view, ct), await kind.RemovedAsync(db, view, ct)));
        }

        Kinds = kinds;
        if (removed?.Split('.') is [var word, var number] && ShelfKinds.Find(word) is { } gone && Id(number) is { } id
            && await gone.FindAsync(db, id, ct) is { RemovedAtMs: not null } thing)
        {
            Removed = gone.Row(thing, view);
        }
    }

    /// <summary>Removes or restores a thing, or carries out an action on it.</summary>
    public async Task<IActionResult> OnPostAsync(string? kind, string? id, [FromForm(Name = "do")] string? action, CancellationToken ct)
    {
        if (ShelfKinds.Find(kind ?? "") is not { } found || Id(id) is not { } number || await found.FindAsync(db, number, ct) is not { } thing)
        {
            return NotFound();
        }

        var view = new ShelfView(await baristaContext.FormatAsync(ct), baristaContext.Today);
        switch (action)
        {
            case "remove":
                thing.RemovedAtMs = baristaContext.NowMs;
                break;
            case "put-back":
                thing.RemovedAtMs = null;
                break;
            default:
                if (!found.Do(thing, action ?? "", view))
                {
                    return BadRequest();
                }

                break;
        }

        await requests.SaveAsync(ct);
        return Redirect(action == "remove" ? $"/shelf?removed={kind}.{number}" : $"/shelf#{kind}-{number}");
    }

    private static int? Id(string? text) => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var id) ? id : null;
}
