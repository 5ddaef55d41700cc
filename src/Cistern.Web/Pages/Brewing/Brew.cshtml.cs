using System.Text.Json;

namespace Cistern.Web.Pages.Brewing;

/// <summary>Conducts one brew by the clock.</summary>
public sealed class BrewModel(CisternDb db, BaristaContext baristaContext, BrewStore store, ForecastModel model, LiveReadings readings) : PageModel
{
    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>Computed only when needed; receiving an entry does not need it.</summary>
    private Lazy<(Deviation, Correction?, DeviationText)?>? deviation;
    private IReadOnlyList<(int Step, bool Omitted)>? omittable;

    private IReadOnlyList<WeighedPoint>? weighed;

    /// <summary>The brew.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>The plan that is conducted.</summary>
    public Recipe Recipe => Plan.Recipe;

    /// <summary>The forecast it is brewed by.</summary>
    public Forecast Plan { get; private set; } = null!;

    /// <summary>The forecast of what happened so far, with the rest as planned.</summary>
    public Forecast AsBrewedForecast { get; private set; } = null!;

    /// <summary>Its state.</summary>
    public BrewRun Run { get; private set; } = null!;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>Now, s on the brew clock; before it starts, since the brew was opened or the last preparation was done.</summary>
    public double NowS { get; private set; }

    /// <summary>The stage: what to do, how much, until when.</summary>
    public Stage Stage { get; private set; } = null!;

    /// <summary>The highest speed of a rehearsal.</summary>
    public const int FastestRehearsal = 60;

    /// <summary>The simulated instruments, or null.</summary>
    public SimulationSetup? Setup => SimulationSetup.Read(Brew.SimulationJson);

    /// <summary>What its instruments have shown.</summary>
    public IReadOnlyDictionary<ReadingOf, Curve> Curves { get; private set; } = new Dictionary<ReadingOf, Curve>();

    /// <summary>The last step that was detected, in words; null where there is none.</summary>
    public string? LastSeen => Run.Done.LastOrDefault(done => done.By == EndedBy.Seen) is { EndS: { } endS } last && last.Index < Recipe.Steps.Length
        ? $"{StepWording.Of(Recipe, last.Index, Format).Verb.ToLowerInvariant()}, done at {FigureFormat.Clock(endS)}{(Brew.Weighings.Find(one => one.StepIndex == last.Index && one.Seen) is { } weighed ? $" at {Format.Water(weighed.TotalG)}" : "")}"
        : null;

    /// <summary>Whether each step is shown in a drawing, as in a barista's first brews.</summary>
    public bool ShowsDrawings { get; private set; }

    /// <summary>What was not taken, or null.</summary>
    public string? Problem { get; private set; }

    /// <summary>Why it is given up, as it was typed.</summary>
    public string Why { get; private set; } = "";

    /// <summary>Weights as they were typed, by step.</summary>
    public Dictionary<int, TypedNumber> Typed { get; } = [];

    /// <summary>The data with which the page's script continues without the network.</summary>
    public string BrewJson => JsonSerializer.Serialize(PageBrew.Of(Brew, PagePlan.Of(Plan, Format), StartsAtMs), PageBrew.Json);

    /// <summary>The pair in which it is B and has not started, or null.</summary>
    public BrewPair? BrewPair { get; private set; }

    /// <summary>When its clock must start, UTC milliseconds, where it is B of a pair and A is running; else null.</summary>
    public long? StartsAtMs { get; private set; }

    /// <summary>Long past its planned end without any entry.</summary>
    public bool Forgotten => Run.ClockRuns && NowS > Plan.Totals.FinishS + 3600;

    /// <summary>What must be within reach when the clock starts, besides what the steps name.</summary>
    public string WithinReach
    {
        get
        {
            var preparation = Preparation.Of(Plan, new PreparationGear(null, 1));
            var water = preparation.WaterG > 0
                ? $"{Format.Equipment.Water(preparation.WaterG, Format)} of water{(Format.Equipment.Thermometer ? " " : ", ")}{Heat}, "
                : "";
            var ice = Recipe.Steps.OfType<Step.Ice>().Sum(step => step.IceG) is > 0 and var iceG ? $", {Format.Water(iceG)} of ice" : "";
            return $"Within reach: {water}{Format.Equipment.Dose(Recipe.Coffee.DoseG, Format)} of coffee, ground{(Ground.Length > 0 ? $" ({Ground})" : "")}{ice}.";
        }
    }

    /// <summary>The water's temperature in the barista's terms: without a thermometer in seconds after boiling.</summary>
    public string Heat => Format.Equipment.Heat(Recipe, Format);

    /// <summary>The grind in the grinder's terms, or in words without a grinder.</summary>
    public string Ground => Format.Equipment.Grinder ? Brew.GrindText : string.Join(" or ", GrainWords.For(Recipe.Grind.MedianUm).Take(1).Select(word => word.Word));

    /// <summary>The expected result, from what happened so far.</summary>
    public string Outlook
    {
        get
        {
            var totals = AsBrewedForecast.Totals;
            return $"{CupWording.Strength(totals, Format)}, {Format.Water(totals.FinalG)} in the cup, done at {FigureFormat.Clock(totals.FinishS)}";
        }
    }

    /// <summary>The current deviation that was not answered, with the best correction; null where the cup stays within its tolerances.</summary>
    public (Deviation Deviation, Correction? Correction, DeviationText Told)? Deviation => deviation?.Value;

    /// <summary>The last accepted correction that can be taken back.</summary>
    public DeviationAnswer? LastTaken => Brew.DeviationAnswers.Where(answer => answer is { Taken: true, UndoneAtMs: null }).MaxBy(answer => answer.AtMs);

    /// <summary>Changes with the text of the deviation but not with its seconds; while it is the same, the buttons are not replaced.</summary>
    public string DeviationKey => $"{Deviation?.Deviation.Kind} {Deviation?.Deviation.Step} {Deviation?.Told.Offer.Length > 0} {LastTaken?.Id}";

    /// <summary>The brew chart of what happened, over the planned one.</summary>
    public string BrewChartSvg(double widthPx, double lanesPx, string prefix) => BrewChart.Draw(AsBrewedForecast, new BrewChartOptions(widthPx)
    {
        Ghost = Run.ClockRuns ? Plan : null,
        Weighed = weighed ??= WeighedCurve.Of(Brew, Recipe, Curves),
        WithSteps = false,
        LanesPx = lanesPx,
        Labels = Format.Labels(StepWording.InVessel(Recipe.Brewer.Family)),
        IdPrefix = prefix,
    });

    /// <summary>The drawing of the vessel now, or just before the end of the steep while that is awaited.</summary>
    public string VesselSvg
    {
        get
        {
            var labels = Format.Labels(StepWording.InVessel(Recipe.Brewer.Family));
            return Run.ClockRuns
                ? BrewerSection.Draw(AsBrewedForecast, Math.Clamp(NowS - 0.2, AsBrewedForecast.Series[0].TimeS, AsBrewedForecast.Series[^1].TimeS), labels)
                : BrewerSection.DrawMadeReady(AsBrewedForecast, Run.Present?.Index ?? 0, labels);
        }
    }

    /// <summary>Shows the brew; a finished one redirects to its summary or the log.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var over = Brew.State == BrewState.Finished || (Brew.State == BrewState.Running && Run.Finished && await store.EndIfOverAsync(id));
        return over ? RedirectToPage("/Brewing/After", new { id }) : Brew.State == BrewState.Abandoned ? RedirectToPage("/Log/Entry", new { id }) : Page();
    }

    /// <summary>The drawings and the expected result, for the page to insert.</summary>
    public async Task<IActionResult> OnGetPictureAsync(int id, CancellationToken ct) => await LoadAsync(id, ct) ? Partial("_Moment", this) : NotFound();

    /// <summary>Something said, without a script.</summary>
    public async Task<IActionResult> OnPostSayAsync(int id, CancellationToken ct)
    {
        var read = ReadEntry();
        if (read is { Kind: EntryKind.Undo, Undoes: { } undone } && Request.Form.Value("sure") is null && await db.Entries.AnyAsync(row => row.EntryId == undone && row.Kind == EntryKind.Start, ct))
        {
            ConfirmsStartUndo = true;
            return await LoadAsync(id, ct) ? Page() : NotFound();
        }

        var outcomes = read is { } entry
            ? await store.ReceiveAsync(id, [entry], (await baristaContext.BaristaAsync(ct))?.Name ?? "", ct)
            : await db.Brews.AnyAsync(row => row.Id == id, ct) ? [EntryOutcome.Refused] : null;
        if (outcomes is null || !await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (BrewApi.WordOf(Brew, outcomes) is not { } problem)
        {
            return RedirectToPage(new { id });
        }

        Problem = problem;
        return this.Unprocessable();
    }

    /// <summary>Corrects a clock that was started late: the earlier of two starts counts, so another start is added.</summary>
    public async Task<IActionResult> OnPostLateAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var late = TypedNumber.Read(Request.Form.Value("late"), 1, BrewStore.MaxLateS, "s");
        if (late.Value is not { } lateS || Run.StartedAtMs is not { } startedAtMs)
        {
            Problem = late.Problem ?? "The clock does not run yet.";
            return this.Unprocessable();
        }

        await store.ReceiveAsync(id, [new SentEntry(Guid.NewGuid(), EntryKind.Start, RecipeChecker.AnchorIndex(Recipe), startedAtMs - (1_000 * lateS), null)], (await baristaContext.BaristaAsync(ct))?.Name ?? "", ct);
        return RedirectToPage(new { id });
    }

    /// <summary>Saves the answer to a deviation: the correction is accepted or declined.</summary>
    public async Task<IActionResult> OnPostSlipAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var form = Request.Form;
        var taken = form.Value("answer") == "take";
        var releaseAtS = Sent("release", NowS - 60, Member.MaxBrewS);
        var pourOffAtS = Sent("pouroff", NowS - 60, Member.MaxBrewS);
        var letDownG = Sent("letdown", 0, Member.MaxWaterG);
        if (Words<DeviationKind>.Find(form.Value("kind")) is not { } kind || !int.TryParse(form.Value("step"), NumberStyles.None, CultureInfo.InvariantCulture, out var step) || step >= Recipe.Steps.Length
            || (taken && releaseAtS is null && pourOffAtS is null && letDownG is null or 0))
        {
            Problem = "That answer could not be read. Nothing was changed.";
            return this.Unprocessable();
        }

        var said = Deviation is { } shown && shown.Deviation.Kind == kind && shown.Deviation.Step == step
            ? taken && shown.Correction is { } offered ? DeviationWording.Of(shown.Deviation, AsSeen(offered), Recipe, AsBrewedForecast, NowS, Format) : shown.Told
            : null;
        await store.AnswerDeviationAsync(id, new DeviationAnswer
        {
            Kind = kind,
            Step = step,
            Taken = taken,
            SteepEndAtS = taken ? releaseAtS : null,
            PourOffAtS = taken ? pourOffAtS : null,
            DilutionG = taken ? letDownG ?? 0 : 0,
            Said = said?.Line ?? $"{(releaseAtS is { } atS ? $"The steep ends at {FigureFormat.Clock(atS)}. " : "")}{(pourOffAtS is { } laterS ? $"Poured off at {FigureFormat.Clock(laterS)}. " : "")}{(letDownG is > 0 ? $"Diluted with {Format.Water(letDownG.Value)}." : "")}",
            By = (await baristaContext.BaristaAsync(ct))?.Name ?? "",
        });
        return RedirectToPage(new { id });

        // The correction on offer changes with the clock; what is saved is the one that was read.
        Correction AsSeen(Correction offered) => offered with
        {
            SteepEndAtS = releaseAtS,
            PourOffAtS = pourOffAtS,
            DilutionG = letDownG ?? 0,
            Forecast = AsBrewedForecast.Again(Correction.Changed(AsBrewedForecast, releaseAtS, pourOffAtS, letDownG ?? 0)),
        };

        double? Sent(string name, double least, double most) =>
            double.TryParse(form.Value(name), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value) && value >= Math.Max(0, least) && value <= most ? value : null;
    }

    /// <summary>Records whether a step was omitted.</summary>
    public async Task<IActionResult> OnPostOmitAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (!int.TryParse(Request.Form.Value("step"), NumberStyles.None, CultureInfo.InvariantCulture, out var step) || !Omittable.Any(one => one.Step == step))
        {
            Problem = "That step is not due yet, or cannot be omitted. Nothing was changed.";
            return this.Unprocessable();
        }

        await store.OmitAsync(id, step, !Omittable.Contains((step, true)));
        return RedirectToPage(new { id });
    }

    /// <summary>A sign of a step was seen.</summary>
    public async Task<IActionResult> OnPostSignAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var code = Request.Form.Value("sign");
        if (Brew.State == BrewState.Abandoned || !int.TryParse(Request.Form.Value("step"), NumberStyles.None, CultureInfo.InvariantCulture, out var step) || step >= Recipe.Steps.Length
            || StepWording.Of(Recipe, step, Format).Signs.FirstOrDefault(sign => sign.Code == code) is not { } seen)
        {
            Problem = "That sign belongs to another step. Nothing was saved.";
            return this.Unprocessable();
        }

        await store.SignAsync(id, step, seen.Code, seen.Felt, Request.Form.Value("on") switch { "yes" => true, "no" => false, _ => null });
        return RedirectToPage(new { id });
    }

    /// <summary>The signs that were seen, by step, for the page's script.</summary>
    public string SignsJson => JsonSerializer.Serialize(Brew.SignsSeen().ToLookup(one => one.Step, one => one.Code).ToDictionary(one => one.Key, one => one.Last()));

    /// <summary>The finished steps that could have been omitted, and whether they were.</summary>
    public IReadOnlyList<(int Step, bool Omitted)> Omittable => omittable ??= Brew.Omittable(Recipe, Run);

    /// <summary>Changes with the steps that can be reported as omitted; while it is the same, the buttons are not replaced.</summary>
    public string OmittedKey => string.Join(' ', Omittable.Select(one => one.Omitted ? $"-{one.Step}" : $"{one.Step}"));

    /// <summary>Goes back to the plan.</summary>
    public async Task<IActionResult> OnPostSlipUndoAsync(int id, CancellationToken ct)
    {
        if (int.TryParse(Request.Form.Value("taken"), NumberStyles.None, CultureInfo.InvariantCulture, out var answer) && await db.Brews.AnyAsync(row => row.Id == id, ct) && await store.UndoDeviationAsync(id, answer))
        {
            return RedirectToPage(new { id });
        }

        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        Problem = "That was done or undone already. Nothing was changed.";
        return this.Unprocessable();
    }

    /// <summary>Switches simulated instruments on or off; before the clock starts, the brew can become a rehearsal at a given speed.</summary>
    public async Task<IActionResult> OnPostBenchAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var form = Request.Form;
        var off = form.Value("bench") == "off";
        var hands = SimulatedHands.Find(form.Value("hands"));
        var speed = int.TryParse(form.Value("speed"), NumberStyles.None, CultureInfo.InvariantCulture, out var times) && times is >= 1 and <= FastestRehearsal ? times : (int?)null;
        if ((!off && hands is null) || (form.Value("bench") == "rehearse" && (speed is null || Run.ClockRuns)))
        {
            Problem = Run.ClockRuns ? "A running brew cannot become a rehearsal. Nothing was changed." : $"Choose how it is brewed, and a speed from 1 to {FastestRehearsal}. Nothing was changed.";
            return this.Unprocessable();
        }

        if (Brew.State == BrewState.Running)
        {
            await store.SimulateAsync(id, off ? null : hands, form.Value("bench") == "rehearse" ? speed : null, form.Value("itself") == "yes", ct);
        }

        return RedirectToPage(new { id });
    }

    /// <summary>Makes the token with which a gateway sends readings of this brew.</summary>
    public async Task<IActionResult> OnPostGatewayAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        await store.OpenToGatewayAsync(id, Request.Form.Value("itself") == "yes", ct);
        return RedirectToPage(new { id });
    }

    /// <summary>Keeps the weights that were typed.</summary>
    public async Task<IActionResult> OnPostWeightsAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        if (!WeighingForm.Read(Recipe, Request.Form, Format, Typed))
        {
            return this.Unprocessable();
        }

        await store.MeasureAsync(id, WeighingForm.WeightsG(Typed, Format), new Dictionary<string, double?>());
        return RedirectToPage(new { id });
    }

    /// <summary>Whether undoing the start needs confirmation, since it would stop the clock.</summary>
    public bool ConfirmsStartUndo { get; private set; }

    /// <summary>Gives it up, with a word why.</summary>
    public async Task<IActionResult> OnPostAbandonAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var why = (Request.Form.Value("why") ?? "").Trim();
        if (why.Length == 0 || PlainText.Problem(why, 200, lines: false) is not null)
        {
            Problem = PlainText.Problem(why, 200, lines: false) ?? "Say in a word why it is abandoned, for the log.";
            Why = why;
            return this.Unprocessable();
        }

        await store.AbandonAsync(id, why, ct);
        return RedirectToPage("/Log/Entry", new { id });
    }

    /// <summary>Finishes a forgotten brew: whatever was not reported is taken to be as planned.</summary>
    public async Task<IActionResult> OnPostFinishAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        await store.FinishAsync(id);
        return RedirectToPage("/Brewing/After", new { id });
    }

    private (Deviation, Correction?, DeviationText)? FindDeviation()
    {
        if (Brew.State != BrewState.Running || !Run.ClockRuns)
        {
            return null;
        }

        var planned = Brew.ModelOf(model).Run(Brew.Planned());
        // Within the tolerances there is no correction; a deviation that anybody would wonder about is still mentioned once.
        var wanted = Correction.IsNeeded(AsBrewedForecast, planned.Totals);
        var open = Deviations.Of(Brew.ComparedWith(planned), Run, Brew.Actuals(), NowS).Where(one => wanted || one.OfFlow || one.IsWorthMentioning).Select(one => (Deviation?)one)
            .FirstOrDefault(one => Brew.CurrentAnswer(one!.Value.Kind, one.Value.Step) is null);
        if (open is not { } found)
        {
            return null;
        }

        var correction = found.OfFlow || !wanted ? null : Correction.After(AsBrewedForecast, planned.Totals, NowS);
        return (found, correction, DeviationWording.Of(found, correction, Recipe, AsBrewedForecast, NowS, Format));
    }

    private SentEntry? ReadEntry()
    {
        var form = Request.Form;
        return Guid.TryParse(form.Value("entry"), out var entry) && entry != Guid.Empty
            && Words<EntryKind>.Find(form.Value("kind")) is { } kind
            && int.TryParse(form.Value("step"), NumberStyles.Integer, CultureInfo.InvariantCulture, out var step)
            ? new SentEntry(entry, kind, step, null, Guid.TryParse(form.Value("undoes"), out var undoes) ? undoes : null)
            : null;
    }

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        var brew = await db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.DeviationAnswers).AsSplitQuery().FirstOrDefaultAsync(row => row.Id == id, ct);
        if (brew is null)
        {
            return false;
        }

        Brew = brew;
        Plan = brew.ModelOf(model).Run(brew.Recipe());
        Format = await baristaContext.FormatOfAsync(brew.VesselName, ct);
        Run = brew.Run(Plan, baristaContext.NowMs);
        var sinceMs = brew.Entries.Where(entry => entry.Kind == EntryKind.Ready).Select(entry => entry.AtMs).DefaultIfEmpty(brew.OpenedAtMs).Max();
        NowS = Math.Max(0, brew.ClockMs(baristaContext.NowMs) - (Run.StartedAtMs ?? sinceMs)) / 1000;
        AsBrewedForecast = Run.ClockRuns ? brew.ForecastAsBrewed(Plan, Run, NowS) : Plan;
        Stage = Stage.Of(Plan, Run, NowS, Format);
        Curves = brew.SimulationJson is not null || brew.ReadingToken is not null ? readings.Of(id).Curves ?? await ReadingStore.LoadAsync(db, id, ct) : Curves;
        ShowsDrawings = await BaristaContext.IsNewAsync(db, brew.BaristaId, ct);
        deviation = new(FindDeviation);
        if (!Run.ClockRuns)
        {
            BrewPair = await db.Pairs.AsNoTracking().FirstOrDefaultAsync(pair => pair.SecondBrewId == id, ct);
            StartsAtMs = BrewPair is not null && (await store.StartTimesAsync([id], ct)).TryGetValue(id, out var atMs) ? atMs : null;
        }

        return true;
    }
}
