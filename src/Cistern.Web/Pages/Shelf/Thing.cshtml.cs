namespace Cistern.Web.Pages.Shelf;

/// <summary>Adds or changes a thing on the shelf, in the list or on a page of its own. Brews in the log are not affected.</summary>
public sealed class ThingModel(CisternDb db, IdempotencyStore requests, BaristaContext baristaContext) : PageModel
{
    /// <summary>What kind of thing it is.</summary>
    public ShelfKind Kind { get; private set; } = null!;

    /// <summary>Whether it is a new one.</summary>
    public bool New { get; private set; }

    /// <summary>The address of the form.</summary>
    public string Address { get; private set; } = "";

    /// <summary>The id of its element in the list.</summary>
    public string ElementId { get; private set; } = "";

    /// <summary>Its form.</summary>
    public ThingForm Form { get; private set; } = null!;

    /// <summary>A drawing of it and its text alternative; null where there is none.</summary>
    public (string Svg, string Says)? Picture { get; private set; }

    /// <summary>Requested by htmx, to be shown within the list.</summary>
    public bool Part => Request.Headers.ContainsKey("HX-Request");

    /// <summary>Shows the page.</summary>
    public Task<IActionResult> OnGetAsync(string kind, string id, CancellationToken ct) => HandleAsync(kind, id, null, ct);

    /// <summary>Saves it, unless something typed is invalid.</summary>
    public Task<IActionResult> OnPostAsync(string kind, string id, CancellationToken ct) => HandleAsync(kind, id, Request.Form, ct);

    /// <summary>The row as it was, for cancelling the form.</summary>
    public async Task<IActionResult> OnGetRowAsync(string kind, int id, CancellationToken ct) =>
        ShelfKinds.Find(kind) is { } found && await found.FindAsync(db, id, ct) is { } thing
            ? Partial("_Row", found.Row(thing, new ShelfView(await baristaContext.FormatAsync(ct), baristaContext.Today)))
            : NotFound();

    private async Task<IActionResult> HandleAsync(string kind, string id, FormValues? sent, CancellationToken ct)
    {
        New = id == "new";
        if (ShelfKinds.Find(kind) is not { } found || (!New && !int.TryParse(id, NumberStyles.None, CultureInfo.InvariantCulture, out _)))
        {
            return NotFound();
        }

        Kind = found;
        Address = $"/shelf/{kind}/{id}";
        ElementId = $"{kind}-{id}";
        var view = new ShelfView(await baristaContext.FormatAsync(ct), baristaContext.Today);
        Form = new ThingForm(sent, view.Format);
        var thing = New ? found.Fresh(db, view) : await found.FindAsync(db, int.Parse(id, CultureInfo.InvariantCulture), ct);
        if (thing is null)
        {
            return NotFound();
        }

        found.Fill(thing, Form, view);
        Picture = New ? null : found.Picture(thing);
        if (sent is null)
        {
            return Page();
        }

        if (New && await requests.ResultOfAsync(IdempotencyKey.Of(Request.Form), ct) is not null)
        {
            db.ChangeTracker.Clear();
            return Shelved(thing, view);
        }

        if (!Form.Good)
        {
            return this.Unprocessable();
        }

        if (New)
        {
            requests.Remember(IdempotencyKey.Of(Request.Form), "/shelf");
        }

        await requests.SaveAsync(ct);
        return Shelved(thing, view);
    }

    /// <summary>The row in the list, or the shelf.</summary>
    private IActionResult Shelved(IShelved thing, ShelfView view)
    {
        if (Part && !New)
        {
            return Partial("_Row", Kind.Row(thing, view));
        }

        if (Part)
        {
            Response.Headers["HX-Refresh"] = "true";
            return new StatusCodeResult(StatusCodes.Status204NoContent);
        }

        return Redirect(thing.Id > 0 ? $"/shelf#{Kind.Word}-{thing.Id}" : "/shelf");
    }
}
