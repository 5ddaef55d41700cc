namespace Cistern.Web.Pages.Next;

/// <summary>What to change for the next brew, with that brew's plan one touch away.</summary>
public sealed class NextModel(SeriesAdvice advice, PlanSaving saving, IdempotencyStore requests, BaristaContext baristaContext) : PageModel
{
    private AdvisedBrew advised = null!;

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The brew that is judged.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>Its grinder, where that is on the shelf.</summary>
    public Grinder? Grinder { get; private set; }

    /// <summary>What to do.</summary>
    public Advice Advice { get; private set; } = null!;

    /// <summary>The figures of brewing the plan again unchanged.</summary>
    public Totals Again { get; private set; } = null!;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>A message about the last press; null where there is none.</summary>
    public string? Said { get; private set; }

    /// <summary>Identifies a change by what is changed, and to what.</summary>
    public static string KeyOf(AdvisedChange change) => string.Create(CultureInfo.InvariantCulture, $"{change.Setting}:{change.To:0.####}{(change.And is { } and ? FormattableString.Invariant($" {and.Setting}:{and.To:0.####}") : "")}");

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Page() : NotFound();

    /// <summary>Saves a change as the plan of the next brew, with what it came from and why.</summary>
    public async Task<IActionResult> OnPostAsync(int id, CancellationToken ct)
    {
        var request = await RequestAsync(ct);
        if (await BeforeAsync(id, request, ct) is { } other)
        {
            return other;
        }

        var key = Request.Form.Value("change") ?? "";
        if (Advice.Changes.FirstOrDefault(change => KeyOf(change) == key) is not { } change)
        {
            Said = "The advice has changed, because something was tasted or measured since.";
            Response.StatusCode = StatusCodes.Status409Conflict;
            return Page();
        }

        var what = AdviceWording.Of(change, Grinder, Format);
        var kept = new SeriesChange(change.Setting, change.From, change.To, change.Unit, what);
        return Redirect(await saving.NextAsync(advised.PlanOf(change.Recipe), Brew, what, change.Why, kept.ToJson(), request, ct));
    }

    /// <summary>Makes a cup that was liked the target of the next brew: its plan, or the brew as it was made where that was further away.</summary>
    public async Task<IActionResult> OnPostTargetAsync(int id, CancellationToken ct)
    {
        var request = await RequestAsync(ct);
        if (await BeforeAsync(id, request, ct) is { } other)
        {
            return other;
        }

        var recipe = advised.Liked with { Target = Aim.AsItWas(Advice.AsBrewed, Brew.ReadTdsPercent()) };
        return Redirect(await saving.NextAsync(advised.PlanOf(recipe), Brew, "this cup as the target", "You liked it: the next ones aim at it.", "", request, ct));
    }

    private async Task<PlanRequest> RequestAsync(CancellationToken ct) => new(IdempotencyKey.Of(Request.Form), (await baristaContext.BaristaAsync(ct))?.Id);

    /// <summary>The response where the plan exists already, or the brew does not; null where the plan has to be made.</summary>
    private async Task<IActionResult?> BeforeAsync(int id, PlanRequest request, CancellationToken ct) =>
        await requests.ResultOfAsync(request.Key, ct) is { } done ? Redirect(done) : await LoadAsync(id, ct) ? null : NotFound();

    /// <summary>Loads the brew and the advice on it.</summary>
    /// <returns>Whether there is such a brew.</returns>
    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        if (await advice.ForAsync(id, await baristaContext.CurrentBaristaAsync(ct), ct) is not { } found)
        {
            return false;
        }

        (advised, Brew, Grinder, Advice, Again) = (found, found.Brew, found.Gear.Grinder, found.Advice, found.Again.Totals);
        Format = await baristaContext.FormatAsync(ct);
        return true;
    }
}
