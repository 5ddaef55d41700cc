using Cistern.Web.Pages.Brewing;

namespace Cistern.Web.Pages.Log;

/// <summary>One brew: what was planned, what was done and when, and how it tasted.</summary>
public sealed class EntryModel(CisternDb db, IdempotencyStore requests, BrewStore store, BaristaContext baristaContext, ForecastModel model) : PageModel
{
    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>The brew, as planned and as brewed.</summary>
    public LoggedBrew Logged { get; private set; } = null!;

    /// <summary>The brew.</summary>
    public Data.Brews.Brew Brew => Logged.Brew;

    /// <summary>The forecast of its plan, with the remaining steps as they were at the end.</summary>
    public Forecast Plan => Logged.Plan;

    /// <summary>The forecast of what was actually done; null where the clock never ran.</summary>
    public Forecast? AsBrewedForecast => Logged.Real;

    /// <summary>A note that was refused, as it was typed.</summary>
    public Field Note { get; private set; } = new("note", "Add a note", "") { Kind = "area", MaxLength = 2_000 };

    /// <summary>Weights as they were typed, by step.</summary>
    public Dictionary<int, TypedNumber> Typed { get; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Page() : NotFound();

    /// <summary>Keeps a note.</summary>
    public async Task<IActionResult> OnPostNoteAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var text = (Request.Form.Value("note") ?? "").Trim();
        var key = IdempotencyKey.Of(Request.Form);
        if (await requests.ResultOfAsync(key, ct) is { } done)
        {
            return Redirect(done);
        }

        if (text.Length == 0 || PlainText.Problem(text, Note.MaxLength, lines: true) is not null)
        {
            Note = Note with { Text = text, Problem = PlainText.Problem(text, Note.MaxLength, lines: true) ?? "There is nothing in the note yet." };
            return this.Unprocessable();
        }

        Brew.Notes.Add(new LaterNote { Text = text, AtMs = baristaContext.NowMs });
        requests.Remember(key, $"/log/{id}");
        await requests.SaveAsync(ct);
        return RedirectToPage(new { id });
    }

    /// <summary>Keeps the weights that were typed.</summary>
    public async Task<IActionResult> OnPostWeightsAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (!WeighingForm.Read(Plan.Recipe, Request.Form, Format, Typed))
        {
            return this.Unprocessable();
        }

        await store.MeasureAsync(id, WeighingForm.WeightsG(Typed, Format), new Dictionary<string, double?>());
        return RedirectToPage(new { id });
    }

    /// <summary>The brew it was made from, where that is finished; else null.</summary>
    public int? Parent { get; private set; }

    /// <summary>The last earlier brew with the same recipe and coffee, or null.</summary>
    public int? LastAlike { get; private set; }

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        if (await LoggedBrew.LoadAsync(db, model, id, baristaContext.NowMs, ct) is not { } logged)
        {
            return false;
        }

        (Logged, Format) = (logged, await baristaContext.FormatAsync(ct));
        var brew = logged.Brew;
        if (AsBrewedForecast is not null)
        {
            var finished = db.Logged.Where(row => row.State == BrewState.Finished && row.StartedAtMs != null);
            Parent = brew.ParentBrewId is { } parent ? await finished.Where(row => row.Id == parent).Select(row => (int?)row.Id).FirstOrDefaultAsync(ct) : null;
            LastAlike = await finished.Where(row => row.RecipeId == brew.RecipeId && row.OpenedAtMs < brew.OpenedAtMs && row.CoffeeName == brew.CoffeeName).OrderByDescending(row => row.OpenedAtMs).Select(row => (int?)row.Id).FirstOrDefaultAsync(ct);
        }

        return true;
    }
}
