namespace Cistern.Web.Pages.Brewing;

/// <summary>The page after a brew: what was done compared with the plan, what was only assumed, and what was weighed.</summary>
public sealed class AfterModel(CisternDb db, BaristaContext baristaContext, BrewStore store, ForecastModel model) : PageModel
{
    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The brew.</summary>
    public Brew Brew { get; private set; } = null!;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>The forecast of its plan, with the remaining steps as they were at the end.</summary>
    public Forecast Plan { get; private set; } = null!;

    /// <summary>The forecast of the plan it began with, with which it is compared.</summary>
    public Forecast Planned { get; private set; } = null!;

    /// <summary>The forecast of what was actually done.</summary>
    public Forecast AsBrewedForecast { get; private set; } = null!;

    /// <summary>What was done when.</summary>
    public BrewRun Run { get; private set; } = null!;

    /// <summary>What the clock measured.</summary>
    public Measured Measured { get; private set; }

    /// <summary>The times compared with their windows, in words; those outside come first.</summary>
    public IReadOnlyList<FlowVerdict> Verdicts { get; private set; } = [];

    /// <summary>The steps whose end was assumed.</summary>
    public IEnumerable<DoneStep> Assumed => Run.Done.Where(done => done.IsUnconfirmed);

    /// <summary>The scale's readings.</summary>
    public IReadOnlyList<Core.Readings.WeighedPoint> Weighed { get; private set; } = [];

    /// <summary>What instruments detected, in words.</summary>
    public IReadOnlyList<string> Seen =>
        [.. BrewEntry.Effective(Brew.CoreEntries).Entries.Where(entry => entry.Seen && !Run.Ineffective.Contains(entry.Id) && entry.Step < Plan.Recipe.Steps.Length).Select(entry =>
        {
            var verb = StepWording.Of(Plan.Recipe, entry.Step, Format).Verb.ToLowerInvariant();
            var weighed = entry.Kind == EntryKind.Done ? Brew.Weighings.Find(one => one.StepIndex == entry.Step && one.Seen) : null;
            return $"{FigureFormat.Clock((entry.AtMs - Run.StartedAtMs!.Value) / 1000)} {verb}{(entry.Kind == EntryKind.Done ? ", done" : ", begun")}{(weighed is null ? "" : $" at {Format.Water(weighed.TotalG)}")}";
        })];

    /// <summary>How close a rehearsal was to its plan; 1 is the limit of the tolerances.</summary>
    public string Score
    {
        get
        {
            var miss = Core.Planning.Correction.DistanceOf(AsBrewedForecast.Totals, Planned.Totals);
            return miss <= 1 ? $"Within the tolerances of its plan ({FigureFormat.Number(miss, 1)} of 1)." : $"Off its plan by {FigureFormat.Number(miss, 1)} times the tolerances.";
        }
    }

    /// <summary>Entries without effect, which are kept and shown.</summary>
    public IReadOnlyList<(BrewEntry Entry, EntryRow Row)> Ineffective =>
        [.. Brew.CoreEntries.Where(entry => Run.Ineffective.Contains(entry.Id)).Select(entry => (entry, Brew.Entries.First(row => row.EntryId == entry.Id)))];

    /// <summary>The steps that could have been omitted, and whether they were.</summary>
    public IReadOnlyList<(int Step, bool Omitted)> Omittable => Brew.Omittable(Plan.Recipe, Run);

    /// <summary>What went differently, in words; the end of the steep is among the verdicts.</summary>
    public IReadOnlyList<string> WentDifferently =>
        [.. Deviations.Of(Planned, Run, Brew.Actuals(), Planned.Totals.FinishS).Where(one => one.IsWorthMentioning && one.Kind is not (DeviationKind.ReleasedLate or DeviationKind.ReleasedEarly) && one.Step < Planned.Recipe.Steps.Length).Select(one => DeviationWording.Of(one, null, Planned.Recipe, AsBrewedForecast, 0, Format).What)];

    /// <summary>Whether the taste is asked for at once in a word, as in a barista's first brews.</summary>
    public bool AsksForTaste { get; private set; }

    /// <summary>Times typed for assumed steps, by step.</summary>
    public Dictionary<int, TypedNumber> TypedTimes { get; } = [];

    /// <summary>Weights as they were typed, by step.</summary>
    public Dictionary<int, TypedNumber> TypedWeights { get; } = [];

    /// <summary>Other values that were typed, by name.</summary>
    public Dictionary<string, TypedNumber> Typed { get; } = [];

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (Brew.State == BrewState.Running && Run.Finished && await store.EndIfOverAsync(id))
        {
            await LoadAsync(id, ct);
        }

        return Brew.State == BrewState.Finished ? Page() : RedirectToPage(Brew.State == BrewState.Running ? "/Brewing/Brew" : "/Log/Entry", new { id });
    }

    /// <summary>Saves the actual times of assumed steps, as entries.</summary>
    public async Task<IActionResult> OnPostRightAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct) || Brew is not { State: BrewState.Finished, StartedAtMs: { } startedAtMs, EndedAtMs: { } endedAtMs })
        {
            return NotFound();
        }

        var sent = new List<SentEntry>();
        foreach (var done in Assumed)
        {
            if (Request.Form.Value(TimeName(done.Index)) is not { } text || text.Trim().Length == 0)
            {
                continue;
            }

            // Between the end of the step before it and some time after the brew.
            var typed = TypedNumber.ReadClock(text, Math.Floor(done.StartS ?? 0), ((endedAtMs - startedAtMs) / 1000.0) + 3600);
            TypedTimes[done.Index] = typed;
            if (typed.Value is { } atS && Math.Abs(atS - (done.EndS ?? 0)) >= 0.5)
            {
                sent.Add(new SentEntry(Guid.NewGuid(), EntryKind.Done, done.Index, startedAtMs + (1000 * atS), null));
            }
        }

        if (TypedTimes.Values.Any(typed => typed.Problem is not null))
        {
            return this.Unprocessable();
        }

        await store.ReceiveAsync(id, sent, (await baristaContext.BaristaAsync(ct))?.Name ?? "", ct);
        return RedirectToPage(new { id });
    }

    /// <summary>Keeps what was not done at all.</summary>
    public async Task<IActionResult> OnPostOmittedAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct) || Brew.State != BrewState.Finished)
        {
            return NotFound();
        }

        foreach (var (step, omitted) in Omittable)
        {
            var said = Request.Form["omitted"].Contains(step.ToString(CultureInfo.InvariantCulture));
            if (said != omitted)
            {
                await store.OmitAsync(id, step, said);
            }
        }

        return RedirectToPage(new { id });
    }

    /// <summary>Keeps what was weighed and read.</summary>
    public async Task<IActionResult> OnPostWeighedAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        // Both are read, so that each shows its findings; nothing is saved unless all are valid.
        if (!(WeighingForm.Read(Plan.Recipe, Request.Form, Format, TypedWeights) & ObservationForm.Read(Brew, Plan, Request.Form, Format, Typed)))
        {
            return this.Unprocessable();
        }

        await store.MeasureAsync(id, WeighingForm.WeightsG(TypedWeights, Format), ObservationForm.Observed(Brew, Plan, Format, Typed));
        return RedirectToPage(new { id });
    }

    /// <summary>The name of the field for a step's actual end.</summary>
    public static string TimeName(int step) => string.Create(CultureInfo.InvariantCulture, $"ended-{step}");

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        var brew = await db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.DeviationAnswers).Include(row => row.Tastings).AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id, ct);
        if (brew is null)
        {
            return false;
        }

        Brew = brew;
        Format = await baristaContext.FormatAsync(ct);
        Plan = brew.ModelOf(model).Run(brew.Recipe());
        Planned = brew.ModelOf(model).Run(brew.Planned());
        Run = brew.Run(Plan, baristaContext.NowMs);
        AsBrewedForecast = brew.WasBrewed(Run) ? brew.ForecastAsBrewed(Plan, Run) : Plan;
        Measured = brew.MeasuredTimes(Plan.Recipe, Run);
        AsksForTaste = !brew.Rehearsal && brew.Tastings.Count == 0 && await BaristaContext.IsNewAsync(db, brew.BaristaId, ct);
        Verdicts = brew.Verdicts(Planned, Run);
        Weighed = WeighedCurve.Of(brew, Plan.Recipe, await ReadingStore.LoadAsync(db, id, ct));
        return true;
    }
}
