namespace Cistern.Web.Pages.Taste;

/// <summary>How a brew tasted: two taps on a pad, the rest optional.</summary>
public sealed class TasteModel(CisternDb db, TastingStore tastings, BaristaContext baristaContext, ForecastModel model) : PageModel
{
    /// <summary>The most of a dose that can dissolve into the drink.</summary>
    private const double SolubleShare = 0.3;

    private BrewRun run = null!;

    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The brew that is tasted.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>The forecast of what was actually done.</summary>
    public Forecast AsBrewedForecast { get; private set; } = null!;

    /// <summary>The figures of the finished drink.</summary>
    public Totals AsBrewedTotals => AsBrewedForecast.Totals;

    /// <summary>The figures of its plan.</summary>
    public Totals AsPlanned { get; private set; } = null!;

    /// <summary>The 80 % band of each figure of it.</summary>
    public IReadOnlyDictionary<Outcome, Band> Bands { get; private set; } = new Dictionary<Outcome, Band>();

    /// <summary>Water that dilutes it to the strength that was planned, g; 0 where that is not worthwhile or impossible.</summary>
    public double DilutionG { get; private set; }

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>The taster; each has a tasting of their own.</summary>
    public int? TasterId { get; private set; }

    /// <summary>The current barista's tasting, where there is one.</summary>
    public Tasting? Mine => Brew.Tastings.Find(tasting => tasting.BaristaId == TasterId);

    /// <summary>The other tasters.</summary>
    public IEnumerable<string> Others => Brew.Tastings.Where(tasting => tasting.BaristaId != TasterId).Select(tasting => tasting.Barista?.Name ?? "somebody").Order(StringComparer.Ordinal);

    /// <summary>Its times outside their windows, shown before any taste.</summary>
    public IEnumerable<FlowVerdict> Off { get; private set; } = [];

    /// <summary>The form.</summary>
    public TasteForm Form { get; private set; } = null!;

    /// <summary>Whether an empty tasting was submitted.</summary>
    public bool NothingEntered { get; private set; }

    /// <summary>The complaints that are possible for this brew.</summary>
    public IEnumerable<Complaint> Possible => ComplaintList.Said.Where(one => one switch
    {
        Complaint.PressHard or Complaint.PressEasy => Pressed,
        Complaint.DrawdownSlow or Complaint.DrawdownFast or Complaint.Stalled => AsBrewedTotals.DrawdownS is not null,
        _ => true,
    });

    /// <summary>The notes that stand on the bag.</summary>
    public IReadOnlyList<string> BagNotes { get; private set; } = [];

    /// <summary>Questions about this brew that were not answered, most important first.</summary>
    public IReadOnlyList<string> Asks { get; private set; } = [];

    /// <summary>Whether the spent bed may explain the drawdown.</summary>
    public bool BedMayExplain => Off.Any(verdict => verdict.Of == FlowOf.Drain) || AsBrewedTotals.DrawdownS > ForecastModel.StallsAfterS;

    /// <summary>Whether there was a press or a plunge to be felt.</summary>
    public bool Pressed => AsBrewedTotals.PressForceN is not null;

    /// <summary>When it will have cooled enough to be tasted, UTC milliseconds; null for a cold drink, or when that is long past.</summary>
    public long? TasteAtMs { get; private set; }

    /// <summary>The extraction from a refractometer and a scale; null where either is missing.</summary>
    public MeasuredYield? Yield { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        Form = TasteForm.Of(Mine, Brew, await ReadingStore.TdsPercentAsync(db, id, ct), Format);
        await WorkOutAsync(ct);
        return Page();
    }

    /// <summary>Saves what was tasted, without what nobody said.</summary>
    public async Task<IActionResult> OnPostAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var mostG = AsBrewedForecast.Recipe.WaterG + (AsBrewedTotals.FinalG - AsBrewedTotals.BeverageG) + (SolubleShare * AsBrewedForecast.Recipe.Coffee.DoseG) + Member.Named("waterG").Max;
        Form = TasteForm.Read(Request.Form, mostG, Format);
        NothingEntered = Form.IsEmpty;
        if (!Form.Good || NothingEntered)
        {
            await WorkOutAsync(ct);
            return this.Unprocessable();
        }

        await tastings.SaveAsync(id, TasterId, Form.Answers(), ct);
        return Redirect($"/next/{id}");
    }

    /// <summary>Questions about this brew: what differed from the expectation, and what was not measured.</summary>
    private IEnumerable<string> Asked()
    {
        if (BedMayExplain && Form.Bed.Length == 0)
        {
            yield return "The drawdown was outside its window: what does the bed show?";
        }

        if (Off.Any(verdict => verdict.Of == FlowOf.Press) && Form.PressFelt.Length == 0)
        {
            yield return "The press was outside its window: how did it feel?";
        }

        if (Brew.Facts is { Assumed: > 0 and var assumed })
        {
            yield return $"{(assumed == 1 ? "One step was" : $"{assumed} steps were")} only assumed. Correct what was different under What was done.";
        }

        if (Brew.Tastings.Select(tasting => tasting.ReadTdsPercent).OfType<double>().FirstOrDefault() is > 0 and var read && Bands.TryGetValue(Outcome.TdsPercent, out var band) && (read < band.Low || read > band.High))
        {
            yield return $"The reading, {FigureFormat.Percent(read, 2)}, is {(read < band.Low ? "under" : "over")} the forecast's band. How much is in the cup?";
        }
        else if (Form.Drink.Text.Length == 0 && Form.Reading.Text.Length > 0)
        {
            yield return "Weigh the drink too, and the reading gives the extraction.";
        }
    }

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        var brew = await tastings.FindAsync(id, ct);
        if (brew is null)
        {
            return false;
        }

        Brew = brew;
        Format = await baristaContext.FormatAsync(ct);
        TasterId = (await baristaContext.BaristaAsync(ct))?.Id;
        var plan = brew.ModelOf(model).Figures(brew.Recipe());
        run = brew.Run(plan, baristaContext.NowMs);
        AsBrewedForecast = brew.ForecastAsBrewed(plan, run);
        return true;
    }

    /// <summary>Computes what is only shown and not needed for saving.</summary>
    private async Task WorkOutAsync(CancellationToken ct)
    {
        var planned = Brew.ModelOf(model).Figures(Brew.Planned());
        AsPlanned = planned.Totals;
        Bands = Confidence.Of(AsBrewedForecast);
        Off = Brew.Verdicts(planned, run).Where(verdict => verdict.Place != FlowPlace.Within);
        BagNotes = Brew.BagId is { } bagId && await db.Bags.AsNoTracking().FirstOrDefaultAsync(bag => bag.Id == bagId, ct) is { } bag
            ? bag.TastesOf.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries) : [];
        // Once it is in the cup, only water can still be added.
        DilutionG = Correction.IsNeeded(AsBrewedForecast, AsPlanned) ? Correction.After(AsBrewedForecast, AsPlanned, AsBrewedForecast.Totals.FinishS + 1).DilutionG : 0;
        const long StillWaitedMs = 30L * 60_000;
        TasteAtMs = AsBrewedTotals.MustCool && Brew.EndedAtMs is { } endedAtMs && endedAtMs + (long)(1000 * AsBrewedTotals.DrinkableAfterS) is var atMs && baristaContext.NowMs < atMs + StillWaitedMs ? atMs : null;
        Yield = Mine?.ReadTdsPercent is { } read && (Brew.Observed(ObservationNames.Beverage) ?? AsBrewedTotals.FinalG) is var drinkG
            ? MeasuredYield.Of(read, drinkG, AsBrewedTotals.FinalG - AsBrewedTotals.BeverageG, AsBrewedTotals.KeptWaterG, AsBrewedForecast.Recipe.Coffee.DoseG) : null;
        Asks = [.. Asked()];
    }
}
