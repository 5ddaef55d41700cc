using System.Text;
using Microsoft.AspNetCore.WebUtilities;

namespace Cistern.Web.Pages.Plan;

/// <summary>The plan page: changes a plan and shows its forecast.</summary>
public sealed class PlanModel(CisternDb db, PlanFinder finder, PlanSaving saving, IdempotencyStore requests, BrewStart start, PairStore pairs, PlanChanges changes, PlanOpening opening, BaristaContext baristaContext, ForecastModel model) : PageModel
{
    // The log may be long, so an index finds the six brews before anything of them is read.
    private static readonly Func<CisternDb, string, IAsyncEnumerable<BrewedBefore>> Before = EF.CompileAsyncQuery((CisternDb db, string coffee) => db.Brews
        .Where(brew => !brew.Rehearsal && brew.DeletedAtMs == null && brew.CoffeeName == coffee && brew.State == BrewState.Finished).OrderByDescending(brew => brew.OpenedAtMs).Take(6)
        .Where(brew => brew.Facts != null).Select(brew => new BrewedBefore(brew.Name, brew.Facts!.FinalTdsPercent, brew.Facts.ExtractionYieldPercent, brew.Facts.FlavourBalance)));

    private FigureFormat own = null!;
    private string? message;
    private (string Do, string Label)? alternative;
    private bool planned;

    /// <summary>The plan as it lies open.</summary>
    public OpenPlan Open { get; private set; } = null!;

    /// <summary>The fields and what was typed into them.</summary>
    public PlanForm Form => View.Form;

    /// <summary>What is shown of it.</summary>
    public PlanView View { get; private set; } = null!;

    /// <summary>What it is worked out with.</summary>
    private PlanContext Context { get; set; } = null!;

    /// <summary>What of the shelf can be chosen.</summary>
    public PlanShelf Shelf => Context.Shelf;

    /// <summary>The forecast of a library recipe as written; null for any other plan, and for a changed one.</summary>
    public Forecast? AsWritten { get; private set; }

    /// <summary>What a library recipe took from the shelf when it was opened.</summary>
    public PlanPicks Picked { get; private set; } = new();

    /// <summary>The name and the reason of a plan being saved, and what is wrong with them.</summary>
    public (string Name, string Why, string? Problem) Keep { get; private set; }

    /// <summary>The query with which an unchanged plan was opened.</summary>
    public string From { get; private set; } = "";

    /// <summary>A message about the last press; without script it is carried over a redirect.</summary>
    public string? Message => Form.Answer ?? message;

    /// <summary>The button that goes with it, or null.</summary>
    public (string Do, string Label)? Alternative => Form.Alternative ?? alternative;

    /// <summary>Its name.</summary>
    public string Name => Open.Stored?.Name ?? Form.Recipe.Name;

    /// <summary>Asked by htmx for the plan alone.</summary>
    public bool Part => Request.Headers.ContainsKey("HX-Request");

    /// <summary>The submitted form, or else the query.</summary>
    private FormValues SentValues => Request.HasFormContentType ? Request.Form : Request.Query;

    /// <summary>What it took from the shelf by itself and still uses, in words.</summary>
    public string OwnGear => string.Join(", ", new[]
    {
        Picked.BagId is not null && Form.Bag?.Id == Picked.BagId ? Form.Bag!.Name : null,
        Picked.GrinderId is not null && Form.Grinder?.Id == Picked.GrinderId ? Form.Grinder!.Name : null,
        Picked.VesselId is not null && Form.Editing.Vessel?.Id == Picked.VesselId ? Form.Editing.Vessel!.Name : null,
    }.OfType<string>());

    /// <summary>An address of this plan.</summary>
    public string Link(string handler) => $"/plan/{Open.Id}?handler={handler}{(From.Length > 0 ? "&" + From : "")}";

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(string id, CancellationToken ct)
    {
        if (!await LoadAsync(id, Request.Query, Request.QueryString.Value?.TrimStart('?') ?? "", ct))
        {
            return NotFound();
        }

        message = TempData[nameof(Message)] as string;
        alternative = TempData[nameof(Alternative)] is string offer && offer.Split('\n', 2) is [var pressed, var label] ? (pressed, label) : null;
        await ComputeAsync(ct);
        return Page();
    }

    /// <summary>A change: typed, chosen, pressed or dragged.</summary>
    public async Task<IActionResult> OnPostAsync(string id, CancellationToken ct)
    {
        var preview = Request.Form.Value("preview") == "1";
        if (preview)
        {
            return await LoadAsync(id, SentValues, SentValues.Value("from") ?? "", ct) ? await ShowAsync(went: false, ct) : NotFound();
        }

        var request = await RequestAsync(ct);
        return await AnsweredAsync(id, request, async () =>
        {
            if (await RedirectAsync(request, ct) is { } moved)
            {
                if (!moved)
                {
                    return null;
                }

                return await ShowAsync(went: true, ct);
            }

            return (Form.Editing.Applied.Count == 0 || await StoredAsync(request, ct)) && await SetScheduleAsync(request, ct) ? await ShowAsync(went: false, ct) : null;
        }, ct);
    }

    /// <summary>Only the drawing of the vessel, while the brew chart is scrubbed.</summary>
    public async Task<IActionResult> OnGetVesselAsync(string id, CancellationToken ct) =>
        await LoadAsync(id, Request.Query, "", ct) ? Partial("_Vessel", this) : NotFound();

    /// <summary>The plan as an open recipe file.</summary>
    public async Task<IActionResult> OnGetFileAsync(string id, CancellationToken ct) =>
        await LoadAsync(id, Request.Query, "", ct)
            ? File(Encoding.UTF8.GetBytes(RecipeWriter.Write(await finder.WithExtraMembersAsync(Open, Form.Recipe with { Name = Name }, ct))), "application/json", $"{Form.Recipe.Id}.json")
            : NotFound();

    /// <summary>The brew chart as an SVG file.</summary>
    public async Task<IActionResult> OnGetTideAsync(string id, CancellationToken ct) =>
        await LoadAsync(id, Request.Query, "", ct)
            ? File(Encoding.UTF8.GetBytes(BrewChart.Draw(View.Forecast, new BrewChartOptions(760) { StandsAlone = true, Labels = View.Labels })), "image/svg+xml", $"{Form.Recipe.Id}.svg")
            : NotFound();

    /// <summary>Keeps the plan under a name.</summary>
    public async Task<IActionResult> OnPostKeepAsync(string id, CancellationToken ct)
    {
        var request = await RequestAsync(ct);
        return await AnsweredAsync(id, request, async () =>
        {
            await ComputeAsync(ct);
            var name = (Request.Form.Value("keep.name") ?? "").Trim();
            var why = (Request.Form.Value("keep.why") ?? "").Trim();
            var problem = name.Length == 0 ? "Give it a name of up to 200 letters." : PlainText.Problem(name, 200, lines: false) ?? PlainText.Problem(why, 2_000, lines: true) ?? (!CanBeSaved() ? "Something above needs correcting." : null);
            Keep = (name, why, problem);
            if (problem is not null)
            {
                Response.StatusCode = Part ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity;
                return Page();
            }

            var what = await ParentForecastAsync(ct) is { } parent ? Differences.Between([parent, View.Forecast], View.Format).InShort : "";
            return await saving.SaveAsync(Open, Form.Editing.Picked, name, what, why, request, ct) is { } kept ? Goto($"/plan/{kept.Id}") : null;
        }, ct);
    }

    /// <summary>Opens a brew of it, once.</summary>
    public async Task<IActionResult> OnPostBrewAsync(string id, CancellationToken ct)
    {
        var request = await RequestAsync(ct);
        return await AnsweredAsync(id, request, async () =>
        {
            // What was typed in the same form is a separate change with its own key.
            var second = request with { Key = IdempotencyKey.Second(request.Key) };
            if (await requests.ResultOfAsync(second.Key, ct) is { } changed)
            {
                if (!await LoadAsync(changed["/plan/".Length..], [], "", ct))
                {
                    return NotFound();
                }
            }
            else if (Form.Editing.Applied.Count > 0 && CanBeSaved() && !await StoredAsync(second, ct))
            {
                return null;
            }

            await ComputeAsync(ct);
            var unasked = View.Events.Any(one => one.Kind == BrewEventKind.ToTheBrim) && Request.Form.Value("brim") != "sure";
            if (!Form.Good || !View.CanBrew || unasked)
            {
                message = unasked ? "It would be full to the brim. Brew it anyway, or scale it to fit?" : null;
                Response.StatusCode = Part ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity;
                return Page();
            }

            var recipe = await finder.WithExtraMembersAsync(Open, Form.Recipe with { Name = Name }, ct);
            var brew = BrewOpening.Of(Open, Form.Editing, recipe, Form.GrindText, baristaContext.NowMs, request.BaristaId);
            return await start.BrewAsync(brew, request, ct) is { } brewId ? Goto($"/brew/{brewId}") : null;
        }, ct);
    }

    /// <summary>Makes a pair: this plan is A, and B is made from it.</summary>
    public async Task<IActionResult> OnPostPairAsync(string id, CancellationToken ct)
    {
        var request = await RequestAsync(ct);
        return await AnsweredAsync(id, request, async () =>
        {
            await ComputeAsync(ct);
            if (!CanBeSaved() || !View.CanBrew)
            {
                Response.StatusCode = Part ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity;
                return Page();
            }

            return await pairs.PairAsync(Open, Form.Editing.Picked, Name, PairPlanning.MinStaggerS(View.Forecast, View.Forecast), request, ct) is { } address ? Goto(address) : null;
        }, ct);
    }

    /// <summary>Redirects to another page, for htmx as well.</summary>
    private IActionResult Goto(string path)
    {
        if (!Part)
        {
            return Redirect(path);
        }

        Response.Headers["HX-Redirect"] = path;
        return new StatusCodeResult(StatusCodes.Status204NoContent);
    }

    /// <summary>
    /// Carries out a request once: with a known key it only shows the result, and where another device was faster, the change is
    /// computed again from the current state. Nothing is locked meanwhile.
    /// </summary>
    /// <param name="id">The plan's id in the address.</param>
    /// <param name="request">Who asks, and the request's key.</param>
    /// <param name="does">Carries it out on the plan as read; null where that has changed meanwhile.</param>
    /// <param name="ct">Cancels it.</param>
    private async Task<IActionResult> AnsweredAsync(string id, PlanRequest request, Func<Task<IActionResult?>> does, CancellationToken ct)
    {
        const int MostTries = 6;
        for (var attempt = 0; attempt < MostTries; attempt++)
        {
            if (await requests.ResultOfAsync(request.Key, ct) is { } address)
            {
                return await RetryAsync(address, ct);
            }

            if (!await LoadAsync(id, SentValues, SentValues.Value("from") ?? "", ct))
            {
                return NotFound();
            }

            if (await does() is { } answer)
            {
                return answer;
            }

            db.ChangeTracker.Clear();
        }

        return StatusCode(StatusCodes.Status409Conflict);
    }

    /// <summary>Shows the result of a request that was carried out before, when its answer was lost.</summary>
    private async Task<IActionResult> RetryAsync(string address, CancellationToken ct)
    {
        if (!Part || !address.StartsWith("/plan/", StringComparison.Ordinal) || !await LoadAsync(address["/plan/".Length..], [], "", ct))
        {
            return Goto(address);
        }

        await ComputeAsync(ct);
        Response.Headers["HX-Replace-Url"] = address;
        return Page();
    }

    private async Task<PlanRequest> RequestAsync(CancellationToken ct) => new(IdempotencyKey.Of(Request.Form), (await baristaContext.BaristaAsync(ct))?.Id);

    /// <summary>The page after a change, or a redirect to it without script.</summary>
    private async Task<IActionResult> ShowAsync(bool went, CancellationToken ct)
    {
        // A mere message is shown at once; a change is followed by a redirect.
        if (!Part && Form.Good && (went || planned || Form.Editing.Applied.Count > 0 || Form.Answer is null))
        {
            TempData[nameof(Message)] = Form.Answer;
            TempData[nameof(Alternative)] = Form.Alternative is { } offer ? $"{offer.Do}\n{offer.Label}" : null;
            return Redirect(QueryHelpers.AddQueryString($"/plan/{Open.Id}", ViewState()));
        }

        await ComputeAsync(ct);
        if (Open.Stored is not null && Request.Form.Value("preview") != "1")
        {
            Response.Headers["HX-Replace-Url"] = $"/plan/{Open.Id}";
        }

        Response.StatusCode = Part || Form.Good ? StatusCodes.Status200OK : StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    /// <summary>Undo, redo and accept, which change the stored plan and not the recipe.</summary>
    /// <returns>Whether it was done; null where none of them was requested.</returns>
    private async Task<bool?> RedirectAsync(PlanRequest request, CancellationToken ct)
    {
        var pressed = Request.Form.Value("do");
        if (pressed is not ("undo" or "redo" or "accept" or "back"))
        {
            return null;
        }

        var moved = pressed switch
        {
            "undo" => await changes.StepAsync(Open, -1, request, ct),
            "redo" => await changes.StepAsync(Open, 1, request, ct),
            "accept" => await changes.AcceptAsync(Open, request, ct),
            _ => await changes.ChangeAsync(Open, Open.Accepted, "back to the dotted one", request, ct),
        };
        if (moved is null)
        {
            return false;
        }

        Open = moved;
        SetView(PlanForm.Read(Open.State, Context, own, []), SentValues);
        return true;
    }

    /// <summary>Saves when the drink is wanted, where that was changed; an invalid time is reported at its field and changes nothing.</summary>
    /// <returns>False where the plan has changed meanwhile.</returns>
    private async Task<bool> SetScheduleAsync(PlanRequest request, CancellationToken ct)
    {
        var typed = (Request.Form.Value("ready") ?? "").Trim();
        if (typed == (Request.Form.Value("was.ready") ?? "").Trim() || !Form.Good)
        {
            return true;
        }

        var wanted = Core.Reckoning.WantedTime.Read(typed, baristaContext.LocalNow);
        if (typed.Length > 0 && wanted.At is null)
        {
            return true;
        }

        if (await changes.ScheduleAsync(Open, wanted.At is { } at ? baristaContext.UtcMs(at) : null, request with { Key = Form.Editing.Applied.Count > 0 ? IdempotencyKey.Second(request.Key) : request.Key }, ct) is not { } stored)
        {
            return false;
        }

        Open = stored;
        From = "";
        planned = true;
        return true;
    }

    /// <summary>Whether the plan could be read back after saving; says so where it could not.</summary>
    private bool CanBeSaved()
    {
        if (Form.Good && Form.Editing.Picked.Problem() is { } problem)
        {
            Form.Problems.Add($"That cannot be saved: {problem}");
        }

        return Form.Good;
    }

    /// <summary>Saves the changes.</summary>
    /// <returns>False where the plan has changed meanwhile; a change that cannot be saved is reported and changes nothing.</returns>
    private async Task<bool> StoredAsync(PlanRequest request, CancellationToken ct)
    {
        var state = Form.Editing.State;
        if (state.Problem() is { } problem)
        {
            Form.Problems.Add($"That cannot be saved: {problem}");
            return true;
        }

        if (await changes.ChangeAsync(Open, state, string.Join(", ", Form.Editing.Applied), request, ct) is not { } stored)
        {
            return false;
        }

        Open = stored;
        From = "";
        return true;
    }

    private Dictionary<string, string?> ViewState() => new(StringComparer.Ordinal)
    {
        ["open"] = ReadOpenStep() is >= 0 and var open ? open.ToString(CultureInfo.InvariantCulture) : null,
        ["at"] = Request.Form.Value("at"),
        ["ready"] = !planned && Request.Form.Value("ready") is { Length: > 0 } ready && ready != Request.Form.Value("was.ready") ? ready : null,
        ["ask.setting"] = Request.Form.Value("ask.setting"),
        ["ask.outcome"] = Request.Form.Value("ask.outcome"),
        ["ask.value"] = Request.Form.Value("ask.value"),
        ["both.by"] = Request.Form.Value("both.by"),
        ["both.tds"] = Request.Form.Value("both.tds"),
        ["both.tilt"] = Request.Form.Value("both.tilt"),
    };

    private async Task<bool> LoadAsync(string id, FormValues values, string from, CancellationToken ct)
    {
        if (await opening.OpenAsync(id, await baristaContext.CurrentBaristaAsync(ct), values.Value("picked") is { } picked ? shelf => PlanForm.PicksOf(picked, shelf) : null, ct) is not { } opened)
        {
            return false;
        }

        own = await baristaContext.FormatAsync(ct);
        (Open, Context, AsWritten, Picked) = (opened.Plan, opened.Context, opened.AsWritten, opened.Picked);
        // Only an unchanged plan is opened with a query; a stored plan needs none.
        From = Open.Stored is null || Open.IsSaved ? from : "";
        var state = Open.State;
        if (!ReferenceEquals(values, Request.Query) && From.Length > 0)
        {
            state = PlanForm.Read(state, Context, own, QueryHelpers.ParseQuery(From)).Editing.State;
        }

        SetView(PlanForm.Read(state, Context, own, values), values);
        return true;
    }

    /// <summary>Shows a plan, at the submitted moment or at the end of its steep.</summary>
    private void SetView(PlanForm form, FormValues values)
    {
        var series = form.Forecast.Series;
        var at = TypedNumber.Read(values.Value("at"), series[0].TimeS, series[^1].TimeS, "s");
        View = new PlanView(form, at.Value ?? Core.Planning.Settings.Get(form.Forecast, Setting.SteepEndS) ?? series[^1].TimeS);
    }

    /// <summary>Computes everything but the brew chart and the vessel.</summary>
    private async Task ComputeAsync(CancellationToken ct)
    {
        var values = SentValues;
        // As it was opened there is nothing to work out twice.
        var accepted = ReferenceEquals(Form.Editing.State, Open.Accepted) ? View.Forecast : Open.Accepted.PlaceId is null && Open.Stored is null
            ? model.Run(Open.Accepted.OriginRecipe())
            : new PlanEditing(Open.Accepted, Context).Forecast;
        await View.ComputeAsync(Open, accepted, values, ReadOpenStep(), baristaContext, LastBrewsAsync(ct), ct);
        Keep = (values.Value("keep.name") ?? Name, values.Value("keep.why") ?? "", null);
    }

    private int ReadOpenStep()
    {
        var values = SentValues;
        var sent = int.TryParse(values.Value("open"), NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : -1;
        var pressed = values.Value("do")?.Split(':');
        if (pressed is ["open", var which] && int.TryParse(which, NumberStyles.None, CultureInfo.InvariantCulture, out var wanted))
        {
            sent = wanted == sent ? -1 : wanted;
        }
        else if (pressed is ["remove", ..])
        {
            sent = -1;
        }

        sent = Form.RefusedStep?.Index ?? Form.Opens ?? sent;
        return sent < Form.Recipe.Steps.Length ? sent : -1;
    }

    /// <summary>The last brews of this coffee, as computed.</summary>
    private async Task<IReadOnlyList<BrewedBefore>> LastBrewsAsync(CancellationToken ct) => Form.Bag is { } bag ? await Before(db, bag.Name).ToListAsync(ct) : [];

    /// <summary>The forecast of the plan it came from, under its own conditions.</summary>
    private async Task<Forecast?> ParentForecastAsync(CancellationToken ct)
    {
        if (Open.IsSaved)
        {
            return new PlanEditing(Open.State, Context).Forecast;
        }

        var state = Open.Parent is { } parent ? await finder.StateAsync(parent.Id, ct) : null;
        return state is not null ? new PlanEditing(state, Context).Forecast : model.Run(Open.State.OriginRecipe());
    }
}
