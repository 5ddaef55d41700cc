using System.Security.Cryptography;

namespace Cistern.Application.Brews;

/// <summary>The outcome of sending an entry.</summary>
public enum EntryOutcome
{
    /// <summary>Kept, and it counts.</summary>
    Saved,

    /// <summary>Kept before: it counts once.</summary>
    AlreadySaved,

    /// <summary>Saved, but without effect: somebody else had reported the same, or the brew has moved on.</summary>
    WithoutEffect,

    /// <summary>Not saved because it is invalid: there is no such step, or the brew has too many entries.</summary>
    Refused,
}

/// <summary>An entry as sent by a device.</summary>
/// <param name="Id">Created on the device; sent again until acknowledged.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Step">The index of its step.</param>
/// <param name="AtMs">When it was made, by the device's estimate of the server's clock, UTC milliseconds; null where the device has none, which means now.</param>
/// <param name="Undoes">For an undo, the entry taken back.</param>
public sealed record SentEntry(Guid Id, EntryKind Kind, int Step, double? AtMs, Guid? Undoes);

/// <summary>
/// Receives entries and saves each before it acknowledges it. They are checked and saved in one transaction; SQLite allows one writer,
/// so the entries of a brew are processed one after another, and a bag that two brews take from stays correct. An entry is never
/// discarded, however late it arrives: the state of a brew is computed from all of them.
/// </summary>
/// <param name="db">The context of the data file.</param>
/// <param name="time">The clock.</param>
/// <param name="model">The model with which brews are conducted.</param>
public sealed class BrewStore(CisternDb db, TimeProvider time, ForecastModel model)
{
    /// <summary>How many facts are computed in one transaction: few enough for a press to be saved in between.</summary>
    private const int FactsPerTransaction = 20;

    /// <summary>Receives entries of a brew from a device.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="sent">The entries, in the device's order.</param>
    /// <param name="by">Who saw it.</param>
    /// <param name="seen">Whether they come from instruments rather than a person.</param>
    /// <param name="ct">Cancels it before it begins. Once begun it is completed, since a browser that goes away must not lose half of the entries.</param>
    /// <returns>The outcome of each; null where there is no such brew.</returns>
    public async Task<IReadOnlyList<EntryOutcome>?> ReceiveAsync(int brewId, IReadOnlyList<SentEntry> sent, string by, CancellationToken ct, bool seen = false)
    {
        // A brew's plan rarely changes, so it is forecast before the transaction begins.
        if (await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == brewId, ct) is not { } known)
        {
            return null;
        }

        var plan = known.ModelOf(model).Figures(known.Recipe());
        db.ChangeTracker.Clear();
        await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
        var outcomes = await SaveAsync(known, plan, sent, by, seen);
        await transaction.CommitAsync(CancellationToken.None);
        db.ChangeTracker.Clear();
        return outcomes;
    }

    /// <summary>When the second brews of pairs must start, UTC milliseconds; brews whose first one is not running are omitted.</summary>
    /// <param name="brewIds">The brews asked for.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task<IReadOnlyDictionary<int, long>> StartTimesAsync(IReadOnlyCollection<int> brewIds, CancellationToken ct) => brewIds.Count == 0
        ? new Dictionary<int, long>()
        : await db.Pairs.Where(pair => pair.SecondBrewId != null && brewIds.Contains(pair.SecondBrewId.Value))
            .Join(db.Brews.Where(brew => brew.StartedAtMs != null), pair => pair.FirstBrewId, brew => brew.Id, (pair, first) => new { Id = pair.SecondBrewId!.Value, first.StartedAtMs, pair.StaggerS })
            .ToDictionaryAsync(one => one.Id, one => one.StartedAtMs!.Value + (long)(1000 * one.StaggerS), ct);

    /// <summary>Ends a brew whose last step was only a wait, or assumed, when its time is over.</summary>
    /// <param name="brewId">The brew.</param>
    /// <returns>Whether the brew is over.</returns>
    public async Task<bool> EndIfOverAsync(int brewId) =>
        (await ChangeAsync(brewId, (brew, plan) => UpdateState(brew, plan, brew.Run(plan, NowMs), undone: false))).State == BrewState.Finished;

    /// <summary>Ends a brew by hand: whatever was not reported is taken to be as planned.</summary>
    /// <param name="brewId">The brew.</param>
    public Task FinishAsync(int brewId) => ChangeAsync(brewId, (brew, plan) =>
    {
        if (brew is { State: BrewState.Running, StartedAtMs: { } startedAtMs })
        {
            var run = brew.Run(plan, NowMs);
            brew.State = BrewState.Finished;
            brew.EndedAtMs = startedAtMs + (long)(1000 * Math.Max(plan.Totals.FinishS, run.EndS));
            brew.ComputeFacts(plan);
        }
    });

    /// <summary>Abandons a running brew, also one whose plan cannot be read.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="why">Why, in a word.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task AbandonAsync(int brewId, string why, CancellationToken ct)
    {
        if (await RunningAsync(brewId, ct) is { } brew)
        {
            (brew.State, brew.WhyAbandoned, brew.EndedAtMs) = (BrewState.Abandoned, why, NowMs);
            await db.SaveChangesAsync(ct);
        }
    }

    /// <summary>Switches a running brew's simulated instruments on or off.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="hands">Who brews; null switches them off.</param>
    /// <param name="speed">Makes it a rehearsal at this speed, unless it is one; null leaves it.</param>
    /// <param name="startsItself">Whether the first water starts the clock.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task SimulateAsync(int brewId, SimulatedHands? hands, int? speed, bool startsItself, CancellationToken ct)
    {
        if (await RunningAsync(brewId, ct) is { } brew)
        {
            if (speed is { } times && !brew.Rehearsal)
            {
                // From here on its clock goes faster, so it begins here.
                (brew.Rehearsal, brew.Speed, brew.OpenedAtMs) = (true, times, NowMs);
            }

            brew.SimulationJson = hands is null ? null : new SimulationSetup(hands.Word, RandomNumberGenerator.GetInt32(1, 100_000), brew.ClockMs(NowMs)).ToJson();
            brew.StartsItself = startsItself;
            await db.SaveChangesAsync(ct);
        }
    }

    /// <summary>Makes the token with which a gateway sends readings of a brew, unless it has one.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="startsItself">Whether the first water starts the clock.</param>
    /// <param name="ct">Cancels it.</param>
    public async Task OpenToGatewayAsync(int brewId, bool startsItself, CancellationToken ct)
    {
        var brew = await db.Brews.FirstAsync(row => row.Id == brewId, ct);
        brew.ReadingToken ??= Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(16));
        brew.StartsItself = startsItself;
        await db.SaveChangesAsync(ct);
    }

    private Task<Brew?> RunningAsync(int brewId, CancellationToken ct) => db.Brews.FirstOrDefaultAsync(row => row.Id == brewId && row.State == BrewState.Running, ct);

    /// <summary>Computes the facts of a brew, after an observation was added or corrected.</summary>
    /// <param name="brewId">The brew.</param>
    public Task ComputeFactsAsync(int brewId) => ChangeAsync(brewId, (brew, plan) => brew.ComputeFacts(plan));

    /// <summary>Computes the facts of finished brews without current ones, a few at a time.</summary>
    /// <param name="ct">Cancels it between two batches.</param>
    public async Task ComputeMissingFactsAsync(CancellationToken ct)
    {
        var after = 0;
        while (true)
        {
            var ids = await db.Brews.AsNoTracking().Where(row => row.Id > after && row.State == BrewState.Finished && row.StartedAtMs != null && !row.Rehearsal && (row.Facts == null || row.Facts.Version < BrewFacts.CurrentVersion))
                .OrderBy(row => row.Id).Select(row => row.Id).Take(FactsPerTransaction).ToListAsync(ct);
            if (ids.Count == 0)
            {
                return;
            }

            await using var transaction = await db.Database.BeginTransactionAsync(ct);
            foreach (var id in ids)
            {
                var brew = await LoadAsync(id);
                if (brew.IsReadable())
                {
                    brew.ComputeFacts(brew.ModelOf(model).Figures(brew.Recipe()));
                }
            }

            await db.SaveChangesAsync(ct);
            await transaction.CommitAsync(CancellationToken.None);
            db.ChangeTracker.Clear();
            after = ids[^1];
        }
    }

    /// <summary>Saves the answer to a deviation, once; an accepted correction changes the rest of the brew's plan.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="answer">The answer.</param>
    /// <returns>Whether it was saved: not where there is an answer already, or the brew is over.</returns>
    public async Task<bool> AnswerDeviationAsync(int brewId, DeviationAnswer answer)
    {
        var counts = false;
        await ChangeAsync(brewId, (brew, _) =>
        {
            counts = brew.State == BrewState.Running && brew.CurrentAnswer(answer.Kind, answer.Step) is null;
            if (counts)
            {
                answer.AtMs = NowMs;
                brew.DeviationAnswers.Add(answer);
                Replan(brew);
            }
        });
        return counts;
    }

    /// <summary>Saves what was weighed and read, together with the brew's new facts.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="weightsG">Water in the brewer after a pour, g, by the step's index; null removes it.</param>
    /// <param name="observed">Other observations by <see cref="ObservationNames"/>; null removes one.</param>
    public Task MeasureAsync(int brewId, IReadOnlyDictionary<int, double?> weightsG, IReadOnlyDictionary<string, double?> observed)
    {
        // What the caller has read of the brew may be older than what another device saved meanwhile.
        db.ChangeTracker.Clear();
        return ChangeAsync(brewId, (brew, plan) =>
        {
            foreach (var (step, g) in weightsG)
            {
                Weigh(brew, step, g);
            }

            brew.Observe(observed, NowMs);
            brew.ComputeFacts(plan);
        });
    }

    /// <summary>Records whether a step was omitted.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="step">The step.</param>
    /// <param name="omitted">Whether it was omitted.</param>
    public Task OmitAsync(int brewId, int step, bool omitted) =>
        ChangeAsync(brewId, (brew, plan) =>
        {
            brew.Observe(FormattableString.Invariant($"{ObservationNames.Omitted}{step}"), omitted ? 1 : null, NowMs);
            if (brew.State == BrewState.Finished)
            {
                brew.ComputeFacts(plan);
            }
        });

    /// <summary>Records or removes a sign seen at a step. How a press felt is used for learning, like the answers after tasting.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="step">The step.</param>
    /// <param name="code">The sign.</param>
    /// <param name="felt">What the sign says about how the press felt; null where nothing.</param>
    /// <param name="on">Whether it was seen; null toggles it.</param>
    public Task SignAsync(int brewId, int step, string code, PressFelt? felt, bool? on = null) =>
        ChangeAsync(brewId, (brew, _) =>
        {
            var stands = brew.SignsSeen().Contains((code, step));
            var seen = on ?? !stands;
            if (seen == stands)
            {
                // Sent again, or late: as it was said already.
                return;
            }

            brew.SeeSign(step, seen ? code : null, NowMs);
            if (felt is { } one)
            {
                brew.Observe(ObservationNames.PressFelt, seen ? (int)one : null, NowMs);
            }
        });

    /// <summary>Takes back an accepted correction, unless it was carried out already.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="answerId">The answer.</param>
    /// <returns>Whether it was undone.</returns>
    public async Task<bool> UndoDeviationAsync(int brewId, int answerId)
    {
        var counts = false;
        await ChangeAsync(brewId, (brew, plan) =>
        {
            var run = brew.Run(plan, NowMs);
            if (brew.State == BrewState.Running && run.Done.All(done => done.Index < brew.Planned().Steps.Length) && brew.DeviationAnswers.Find(one => one.Id == answerId && one is { Taken: true, UndoneAtMs: null }) is { } answer)
            {
                counts = true;
                answer.UndoneAtMs = NowMs;
                Replan(brew);
            }
        });
        return counts;
    }

    /// <summary>Saves the measured grind of a brew, with which it is computed from then on.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="medianUm">The median, µm; null removes it.</param>
    public Task SaveGrindAsync(int brewId, double? medianUm) => ChangeAsync(brewId, (brew, plan) =>
    {
        brew.Observe(ObservationNames.Grind, medianUm, NowMs);
        brew.ComputeFacts(plan);
    });

    /// <summary>Computes the plan from the one it began with and the corrections accepted since, in order.</summary>
    private void Replan(Brew brew)
    {
        var planned = brew.PlannedJson ?? brew.PlanJson;
        var taken = brew.DeviationAnswers.Where(one => one is { Taken: true, UndoneAtMs: null }).OrderBy(one => one.AtMs).ToList();
        var recipe = taken.Aggregate(brew.Planned(), (now, one) => Correction.Changed(brew.ModelOf(model).Figures(now), one.SteepEndAtS, one.PourOffAtS, one.DilutionG));
        (brew.PlannedJson, brew.PlanJson) = taken.Count > 0 ? (planned, RecipeWriter.Write(recipe)) : (null, planned);
    }

    private static void Weigh(Brew brew, int step, double? g)
    {
        brew.Weighings.RemoveAll(weighing => weighing.StepIndex == step && g is null);
        if (g is not { } totalG)
        {
            return;
        }

        if (brew.Weighings.Find(weighing => weighing.StepIndex == step) is not { } weighing)
        {
            weighing = new Weighing { StepIndex = step };
            brew.Weighings.Add(weighing);
        }

        weighing.TotalG = totalG;
    }

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>Changes a brew in its own transaction.</summary>
    private async Task<Brew> ChangeAsync(int brewId, Action<Brew, Forecast> change)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
        var brew = await LoadAsync(brewId);
        change(brew, brew.ModelOf(model).Figures(brew.Recipe()));
        await db.SaveChangesAsync(CancellationToken.None);
        await transaction.CommitAsync(CancellationToken.None);
        return brew;
    }

    private async Task<IReadOnlyList<EntryOutcome>> SaveAsync(Brew before, Forecast plan, IReadOnlyList<SentEntry> sent, string by, bool seen)
    {
        var brew = await LoadAsync(before.Id);
        plan = brew.PlanJson == before.PlanJson ? plan : brew.ModelOf(model).Figures(brew.Recipe());
        var conduct = ConductPlan.Of(plan);
        var nowMs = NowMs;
        var outcomes = new EntryOutcome[sent.Count];
        // Entry ids are unique in the whole data file.
        var ids = sent.Select(entry => entry.Id).ToList();
        var known = (await db.Entries.Where(row => ids.Contains(row.EntryId)).Select(row => row.EntryId).ToListAsync(CancellationToken.None)).ToHashSet();
        for (var i = 0; i < sent.Count; i++)
        {
            var entry = sent[i];
            outcomes[i] = !known.Add(entry.Id) ? EntryOutcome.AlreadySaved
                : brew.Entries.Count >= Brew.MaxEntries || entry.Step < 0 || entry.Step >= conduct.Steps.Length || entry.AtMs is { } atMs && !double.IsFinite(atMs) ? EntryOutcome.Refused
                : EntryOutcome.Saved;
            if (outcomes[i] == EntryOutcome.Saved)
            {
                brew.Entries.Add(RowOf(brew, entry, by, seen, nowMs));
            }
        }

        var run = BrewRun.Replay(conduct, brew.CoreEntries, brew.ClockMs(nowMs));
        for (var i = 0; i < sent.Count; i++)
        {
            outcomes[i] = outcomes[i] == EntryOutcome.Saved && (run.Ineffective.Contains(sent[i].Id) || brew.State == BrewState.Abandoned) ? EntryOutcome.WithoutEffect : outcomes[i];
        }

        if (brew.State != BrewState.Abandoned)
        {
            await StartAsync(brew, plan, run);
            UpdateState(brew, plan, run, undone: sent.Any(entry => entry.Kind is EntryKind.Undo or EntryKind.Still));
        }

        await db.SaveChangesAsync(CancellationToken.None);
        return outcomes;
    }

    private Task<Brew> LoadAsync(int brewId) => db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.Tastings).Include(row => row.Facts).Include(row => row.DeviationAnswers)
        .AsSplitQuery().FirstAsync(row => row.Id == brewId);

    /// <summary>How far a clock that was started late can be corrected, s.</summary>
    public const int MaxLateS = 600;

    /// <summary>
    /// Limits an entry's time: a device's clock may be a little ahead or unknown. No entry is older than its brew, except that water
    /// may have gone in before.
    /// </summary>
    private static EntryRow RowOf(Brew brew, SentEntry entry, string by, bool seen, long nowMs) => new()
    {
        Seen = seen,
        EntryId = entry.Id,
        Kind = entry.Kind,
        Step = entry.Step,
        AtMs = (long)Math.Clamp(entry.AtMs ?? brew.ClockMs(nowMs), Math.Min(brew.OpenedAtMs - (entry.Kind == EntryKind.Start ? 1_000L * MaxLateS : 0), nowMs), brew.ClockMs(nowMs)),
        Undoes = entry.Undoes,
        By = by,
        ReceivedAtMs = nowMs,
    };

    /// <summary>When the clock starts, deducts the dose from the bag and a filter from its stock; when the start is undone, returns them.</summary>
    private async Task StartAsync(Brew brew, Forecast plan, BrewRun run)
    {
        if (run.ClockRuns && brew.StartedAtMs is null && !brew.Rehearsal)
        {
            await TakeFromBagAsync(brew, plan.Recipe.Coffee.DoseG);
            await UseFilterAsync(brew, 1);
        }
        else if (!run.ClockRuns && brew.StartedAtMs is not null)
        {
            if (!brew.Rehearsal)
            {
                await TakeFromBagAsync(brew, -brew.TakenG);
                await UseFilterAsync(brew, -1);
            }

            // Answers to deviations belong to that start; the next one begins with the original plan.
            brew.DeviationAnswers.ForEach(answer => answer.UndoneAtMs ??= NowMs);
            Replan(brew);
        }

        brew.StartedAtMs = run.StartedAtMs is { } startedAtMs ? (long)startedAtMs : null;
    }

    /// <summary>Updates its state. After an undo, a finished brew may be running again, unless it has been tasted.</summary>
    private static void UpdateState(Brew brew, Forecast plan, BrewRun run, bool undone)
    {
        if (run.Finished && brew.State != BrewState.Abandoned)
        {
            brew.State = BrewState.Finished;
            brew.EndedAtMs = brew.StartedAtMs + (long)(1000 * run.EndS);
        }
        else if (undone && brew is { State: BrewState.Finished, Tastings.Count: 0 })
        {
            brew.State = BrewState.Running;
            brew.EndedAtMs = null;
        }

        brew.ComputeFacts(plan);
    }

    /// <summary>Deducts a dose from the bag, or returns it.</summary>
    private async Task TakeFromBagAsync(Brew brew, double doseG)
    {
        if (brew.BagId is { } bagId && await db.Bags.FindAsync(bagId) is { } bag)
        {
            var takenG = Math.Min(doseG, bag.LeftG);
            bag.LeftG -= takenG;
            brew.TakenG += takenG;
        }
    }

    /// <summary>Counts one paper, or one brew on a cloth; reversed when the start is undone.</summary>
    private async Task UseFilterAsync(Brew brew, int times)
    {
        if (brew.FilterStockId is { } stockId && await db.Filters.FindAsync(stockId) is { } stock)
        {
            // The count may become negative, so that an undo restores it exactly.
            stock.Left -= stock.Lasts ? 0 : times;
            stock.UsedSinceCare += stock.Lasts ? times : 0;
        }
    }
}
