using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Records;
using Cistern.Data;
using Cistern.Data.Brews;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Brews;

/// <summary>What came of an entry that was sent.</summary>
public enum EntryOutcome
{
    /// <summary>Kept, and it counts.</summary>
    Kept,

    /// <summary>Kept before: it counts once.</summary>
    KnownAlready,

    /// <summary>Kept, but somebody else had said the same, or the brew has gone on without it.</summary>
    SaidElsewhere,

    /// <summary>It makes no sense: a step that is not there, a brew that holds far too many. It is not kept.</summary>
    Refused,
}

/// <summary>An entry as a device sends it.</summary>
/// <param name="Id">Made by the device; sent again until acknowledged.</param>
/// <param name="Kind">What it says.</param>
/// <param name="Step">The step it is of.</param>
/// <param name="AtMs">When it was said, by the server's clock as the device knows it, UTC milliseconds; null where it does not, and then it was now.</param>
/// <param name="Undoes">The entry taken back, of an undo.</param>
public sealed record SentEntry(Guid Id, EntryKind Kind, int Step, double? AtMs, Guid? Undoes);

/// <summary>
/// Takes entries and keeps each before it says so. They are looked at and kept in one transaction, which takes the file's
/// only writing place: so entries of one brew follow one another, and a bag that two brews take from is right. What a
/// device kept is never thrown away, however late it comes: where the brew stands is worked out from all of it.
/// </summary>
/// <param name="db">The data.</param>
/// <param name="time">The clock.</param>
/// <param name="model">The model brews are conducted by.</param>
public sealed class BrewStore(CisternDb db, TimeProvider time, ForecastModel model)
{
    /// <summary>Facts worked out in one transaction: few enough that a press in between does not wait.</summary>
    private const int FactsAtOnce = 20;

    /// <summary>Takes what a device has kept of a brew.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="sent">The entries, in the order they were said there.</param>
    /// <param name="by">Who saw it.</param>
    /// <param name="seen">Whether instruments saw it, and nobody said it.</param>
    /// <param name="ct">Stops it before it is begun; once begun it is finished, for a browser that goes away must not lose half of it.</param>
    /// <returns>What came of each; null where there is no such brew.</returns>
    public async Task<IReadOnlyList<EntryOutcome>?> TakeAsync(int brewId, IReadOnlyList<SentEntry> sent, string by, CancellationToken ct, bool seen = false)
    {
        // The plan of a brew hardly ever changes, so it is forecast before the file is held.
        if (await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == brewId, ct) is not { } known)
        {
            return null;
        }

        var plan = known.ModelOf(model).Figures(known.Recipe());
        db.ChangeTracker.Clear();
        await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
        var outcomes = await KeepAsync(known, plan, sent, by, seen);
        await transaction.CommitAsync(CancellationToken.None);
        db.ChangeTracker.Clear();
        return outcomes;
    }

    /// <summary>When brews that are B of a pair are to be started, UTC milliseconds: as long after A as was planned; those whose A does not run are left out.</summary>
    /// <param name="brewIds">The brews that are asked for.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<IReadOnlyDictionary<int, long>> StartsAsync(IReadOnlyCollection<int> brewIds, CancellationToken ct) => brewIds.Count == 0
        ? new Dictionary<int, long>()
        : await db.Pairs.Where(pair => pair.SecondBrewId != null && brewIds.Contains(pair.SecondBrewId.Value))
            .Join(db.Brews.Where(brew => brew.StartedAtMs != null), pair => pair.FirstBrewId, brew => brew.Id, (pair, first) => new { Id = pair.SecondBrewId!.Value, first.StartedAtMs, pair.StaggerS })
            .ToDictionaryAsync(one => one.Id, one => one.StartedAtMs!.Value + (long)(1000 * one.StaggerS), ct);

    /// <summary>Ends a brew whose last step was only time, or only assumed, when that has passed.</summary>
    /// <param name="brewId">The brew.</param>
    /// <returns>Whether it is over.</returns>
    public async Task<bool> EndIfOverAsync(int brewId) =>
        (await ChangeAsync(brewId, (brew, plan) => Settle(brew, plan, brew.Run(plan, NowMs), undone: false))).State == BrewState.Finished;

    /// <summary>Ends a brew by hand: what was not said is taken as planned.</summary>
    /// <param name="brewId">The brew.</param>
    public Task FinishAsync(int brewId) => ChangeAsync(brewId, (brew, plan) =>
    {
        if (brew is { State: BrewState.Running, StartedAtMs: { } startedAtMs })
        {
            var run = brew.Run(plan, NowMs);
            brew.State = BrewState.Finished;
            brew.EndedAtMs = startedAtMs + (long)(1000 * Math.Max(plan.Totals.FinishS, run.EndS));
            brew.WorkOutFacts(plan);
        }
    });

    /// <summary>Works out the facts of a brew anew, after something was weighed, read or put right.</summary>
    /// <param name="brewId">The brew.</param>
    public Task WorkOutFactsAsync(int brewId) => ChangeAsync(brewId, (brew, plan) => brew.WorkOutFacts(plan));

    /// <summary>Works out the facts of finished brews that have none, a few at a time: those of earlier versions.</summary>
    /// <param name="ct">Stops it between two lots.</param>
    public async Task WorkOutMissingFactsAsync(CancellationToken ct)
    {
        var after = 0;
        while (true)
        {
            var ids = await db.Brews.AsNoTracking().Where(row => row.Id > after && row.State == BrewState.Finished && row.StartedAtMs != null && !row.Rehearsal && (row.Facts == null || row.Facts.Version < BrewFacts.CurrentVersion))
                .OrderBy(row => row.Id).Select(row => row.Id).Take(FactsAtOnce).ToListAsync(ct);
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
                    brew.WorkOutFacts(brew.ModelOf(model).Figures(brew.Recipe()));
                }
            }

            await db.SaveChangesAsync(ct);
            await transaction.CommitAsync(CancellationToken.None);
            db.ChangeTracker.Clear();
            after = ids[^1];
        }
    }

    /// <summary>Keeps what was answered to a deviation, once; what is taken changes the rest of the brew's plan.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="answer">What was answered.</param>
    /// <returns>Whether it counts: not where it had been answered already, or the brew is over.</returns>
    public async Task<bool> AnswerDeviationAsync(int brewId, DeviationAnswer answer)
    {
        var counts = false;
        await ChangeAsync(brewId, (brew, _) =>
        {
            counts = brew.State == BrewState.Running && brew.StandingAnswer(answer.Kind, answer.Step) is null;
            if (counts)
            {
                answer.AtMs = NowMs;
                brew.DeviationAnswers.Add(answer);
                Replan(brew);
            }
        });
        return counts;
    }

    /// <summary>Keeps that a step was not done, or that it was after all.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="step">The step.</param>
    /// <param name="omitted">Whether it was not done.</param>
    public Task OmitAsync(int brewId, int step, bool omitted) =>
        ChangeAsync(brewId, (brew, plan) =>
        {
            brew.Observe(FormattableString.Invariant($"{ObservationNames.Omitted}{step}"), omitted ? 1 : null, NowMs);
            if (brew.State == BrewState.Finished)
            {
                brew.WorkOutFacts(plan);
            }
        });

    /// <summary>Keeps which sign was seen at a step; the same again takes it back. How a press felt is learned from, like what is said after tasting.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="step">The step.</param>
    /// <param name="code">The sign.</param>
    /// <param name="felt">What it says of how the press felt; null where nothing.</param>
    /// <param name="on">Whether it was seen; null turns it over.</param>
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

    /// <summary>Takes back what was taken to mend a deviation, unless it has been done already.</summary>
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

    /// <summary>Keeps how coarse the coffee of a brew was, as it was measured: from then on the brew is told with that.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="medianUm">The median, µm; null takes it back.</param>
    public Task MeasuredGrindAsync(int brewId, double? medianUm) => ChangeAsync(brewId, (brew, plan) =>
    {
        brew.Observe(ObservationNames.Grind, medianUm, NowMs);
        brew.WorkOutFacts(plan);
    });

    /// <summary>The plan it began with, and on it whatever was taken since, in that order.</summary>
    private void Replan(Brew brew)
    {
        var planned = brew.PlannedJson ?? brew.PlanJson;
        var taken = brew.DeviationAnswers.Where(one => one is { Taken: true, UndoneAtMs: null }).OrderBy(one => one.AtMs).ToList();
        var recipe = taken.Aggregate(brew.Planned(), (now, one) => Correction.Changed(brew.ModelOf(model).Figures(now), one.SteepEndAtS, one.PourOffAtS, one.DilutionG));
        (brew.PlannedJson, brew.PlanJson) = taken.Count > 0 ? (planned, RecipeWriter.Write(recipe)) : (null, planned);
    }

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>Changes a brew in a transaction of its own.</summary>
    private async Task<Brew> ChangeAsync(int brewId, Action<Brew, Forecast> change)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
        var brew = await LoadAsync(brewId);
        change(brew, brew.ModelOf(model).Figures(brew.Recipe()));
        await db.SaveChangesAsync(CancellationToken.None);
        await transaction.CommitAsync(CancellationToken.None);
        return brew;
    }

    private async Task<IReadOnlyList<EntryOutcome>> KeepAsync(Brew before, Forecast plan, IReadOnlyList<SentEntry> sent, string by, bool seen)
    {
        var brew = await LoadAsync(before.Id);
        plan = brew.PlanJson == before.PlanJson ? plan : brew.ModelOf(model).Figures(brew.Recipe());
        var conduct = ConductPlan.Of(plan);
        var nowMs = NowMs;
        var outcomes = new EntryOutcome[sent.Count];
        // An id is one entry's in the whole file, of whatever brew.
        var ids = sent.Select(entry => entry.Id).ToList();
        var known = (await db.Entries.Where(row => ids.Contains(row.EntryId)).Select(row => row.EntryId).ToListAsync(CancellationToken.None)).ToHashSet();
        for (var i = 0; i < sent.Count; i++)
        {
            var entry = sent[i];
            outcomes[i] = !known.Add(entry.Id) ? EntryOutcome.KnownAlready
                : brew.Entries.Count >= Brew.MostEntries || entry.Step < 0 || entry.Step >= conduct.Steps.Length || entry.AtMs is { } atMs && !double.IsFinite(atMs) ? EntryOutcome.Refused
                : EntryOutcome.Kept;
            if (outcomes[i] == EntryOutcome.Kept)
            {
                brew.Entries.Add(Row(brew, entry, by, seen, nowMs));
            }
        }

        var run = BrewRun.Replay(conduct, brew.CoreEntries, brew.ClockMs(nowMs));
        for (var i = 0; i < sent.Count; i++)
        {
            outcomes[i] = outcomes[i] == EntryOutcome.Kept && (run.Unheard.Contains(sent[i].Id) || brew.State == BrewState.Abandoned) ? EntryOutcome.SaidElsewhere : outcomes[i];
        }

        if (brew.State != BrewState.Abandoned)
        {
            await StartAsync(brew, plan, run);
            Settle(brew, plan, run, undone: sent.Any(entry => entry.Kind is EntryKind.Undo or EntryKind.Still));
        }

        await db.SaveChangesAsync(CancellationToken.None);
        return outcomes;
    }

    private Task<Brew> LoadAsync(int brewId) => db.Brews.Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).Include(row => row.Tastings).Include(row => row.Facts).Include(row => row.DeviationAnswers)
        .AsSplitQuery().FirstAsync(row => row.Id == brewId);

    /// <summary>A clock is set right by so much at most where it was started late, s.</summary>
    public const int MostLateS = 600;

    /// <summary>A device may be a little ahead, or may not know the time at all; nothing was said before the brew was opened, but water may have gone in before.</summary>
    private static EntryRow Row(Brew brew, SentEntry entry, string by, bool seen, long nowMs) => new()
    {
        Seen = seen,
        EntryId = entry.Id,
        Kind = entry.Kind,
        Step = entry.Step,
        AtMs = (long)Math.Clamp(entry.AtMs ?? brew.ClockMs(nowMs), Math.Min(brew.OpenedAtMs - (entry.Kind == EntryKind.Start ? 1_000L * MostLateS : 0), nowMs), brew.ClockMs(nowMs)),
        Undoes = entry.Undoes,
        By = by,
        ReceivedAtMs = nowMs,
    };

    /// <summary>The clock starting takes the dose off the bag and a filter off its pile; its being taken back puts them there again.</summary>
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

            // What went otherwise was of that start; the next begins with the plan.
            brew.DeviationAnswers.ForEach(answer => answer.UndoneAtMs ??= NowMs);
            Replan(brew);
        }

        brew.StartedAtMs = run.StartedAtMs is { } startedAtMs ? (long)startedAtMs : null;
    }

    /// <summary>Sets where it is in its life; where something was taken back, one that was over may not be any more, unless it has been tasted.</summary>
    private static void Settle(Brew brew, Forecast plan, BrewRun run, bool undone)
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

        brew.WorkOutFacts(plan);
    }

    /// <summary>Takes a dose off the bag, or puts back what was taken.</summary>
    private async Task TakeFromBagAsync(Brew brew, double doseG)
    {
        if (brew.BagId is { } bagId && await db.Bags.FindAsync(bagId) is { } bag)
        {
            var takenG = Math.Min(doseG, bag.LeftG);
            bag.LeftG -= takenG;
            brew.TakenG += takenG;
        }
    }

    /// <summary>Counts one paper off, or one brew on a cloth; undone with the start.</summary>
    private async Task UseFilterAsync(Brew brew, int times)
    {
        if (brew.FilterStockId is { } stockId && await db.Filters.FindAsync(stockId) is { } stock)
        {
            // A count that was wrong may go under nothing, so that an undo gives it back as it was.
            stock.Left -= stock.Lasts ? 0 : times;
            stock.UsedSinceCare += stock.Lasts ? times : 0;
        }
    }
}
