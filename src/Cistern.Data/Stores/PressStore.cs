using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Data.Brews;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data.Stores;

/// <summary>What came of a press.</summary>
public enum PressOutcome
{
    /// <summary>Kept.</summary>
    Kept,

    /// <summary>Kept before: it counts once.</summary>
    KnownAlready,

    /// <summary>It was meant for a step that is not at hand: another screen was quicker.</summary>
    DoneElsewhere,

    /// <summary>The brew is not running any more.</summary>
    Over,

    /// <summary>There is no such brew.</summary>
    Missing,

    /// <summary>It makes no sense: a time that is none, a step that is not there.</summary>
    Refused,
}

/// <summary>A press as a device sends it.</summary>
/// <param name="Key">Made by the device; sent again until acknowledged.</param>
/// <param name="Kind">What it says.</param>
/// <param name="StepIndex">The step it was meant for.</param>
/// <param name="ElapsedS">The device's own time on the brew clock, s.</param>
/// <param name="AgeMs">How long ago it was pressed: a device without network sends late.</param>
public sealed record SentPress(Guid Key, PressKind Kind, int StepIndex, double ElapsedS, double AgeMs);

/// <summary>
/// Takes presses and keeps each before it says so. A press is looked at and kept in one transaction, which takes the
/// file's only writing place: so presses of one brew follow one another, and a bag that two brews take from is right.
/// </summary>
/// <param name="db">The data.</param>
/// <param name="time">The clock.</param>
public sealed class PressStore(CisternDb db, TimeProvider time)
{
    /// <summary>A device's clock and ours may differ by this much.</summary>
    private const double ClockSlackS = 3;

    /// <summary>The most that a press may be late, ms: a day.</summary>
    private const double OldestMs = 86_400_000;

    /// <summary>Takes one press.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="sent">The press.</param>
    /// <param name="ct">Stops it before it is begun; once begun it is finished, for a browser that goes away must not lose half a press.</param>
    public async Task<PressOutcome> PressAsync(int brewId, SentPress sent, CancellationToken ct)
    {
        // The plan of a brew never changes, so it is forecast before the file is held.
        if (await db.Brews.AsNoTracking().FirstOrDefaultAsync(row => row.Id == brewId, ct) is not { } seen)
        {
            return PressOutcome.Missing;
        }

        var plan = ForecastModel.Published.Figures(seen.Recipe());
        db.ChangeTracker.Clear();
        await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
        var outcome = await TakeAsync(brewId, plan, sent);
        await transaction.CommitAsync(CancellationToken.None);
        db.ChangeTracker.Clear();
        return outcome;
    }

    /// <summary>The brew clock now, s; 0 before it runs.</summary>
    public static double ElapsedS(Brew brew, long nowMs) => brew.StartedAtMs is { } startedAtMs ? Math.Max(0, (nowMs - startedAtMs) / 1000.0) : 0;

    /// <summary>The step of the last press that no undo has taken back, or −1.</summary>
    public static int LastStanding(IEnumerable<Press> presses) => BrewRun.Standing(presses) is [.., var last] ? last.StepIndex : -1;

    private async Task<PressOutcome> TakeAsync(int brewId, Forecast plan, SentPress sent)
    {
        var brew = await db.Brews.Include(row => row.Presses).FirstAsync(row => row.Id == brewId);
        if (await db.Presses.AnyAsync(press => press.Key == sent.Key))
        {
            return PressOutcome.KnownAlready;
        }

        if (brew.State == BrewState.Abandoned || (brew.State == BrewState.Finished && sent.Kind != PressKind.Undo))
        {
            return PressOutcome.Over;
        }

        if (!double.IsFinite(sent.ElapsedS) || !double.IsFinite(sent.AgeMs) || sent.AgeMs is < 0 or > OldestMs)
        {
            return PressOutcome.Refused;
        }

        var nowMs = time.GetUtcNow().ToUnixTimeMilliseconds();
        return sent.Kind == PressKind.Undo
            ? await UndoAsync(brew, sent, nowMs)
            : await DoneAsync(brew, plan, sent, nowMs);
    }

    private async Task<PressOutcome> DoneAsync(Brew brew, Forecast plan, SentPress sent, long nowMs)
    {
        var starts = brew.StartedAtMs is null;
        var elapsedS = starts ? 0 : Math.Clamp(sent.ElapsedS, LastS(brew), Math.Max(LastS(brew), ElapsedS(brew, nowMs) + ClockSlackS));
        var run = BrewRun.Replay(plan, brew.CorePresses, elapsedS);
        var awaited = starts ? RecipeChecker.AnchorIndex(plan.Recipe) : run.Present?.Index;
        if (awaited != sent.StepIndex)
        {
            return PressOutcome.DoneElsewhere;
        }

        if (starts)
        {
            brew.StartedAtMs = nowMs - (long)sent.AgeMs;
            await TakeFromBagAsync(brew, plan.Recipe.Coffee.DoseG);
            await UseFilterAsync(brew, 1);
        }

        brew.Presses.Add(Row(sent, elapsedS, nowMs));
        if (BrewRun.Replay(plan, brew.CorePresses, elapsedS).Finished)
        {
            Finish(brew, elapsedS);
        }

        await db.SaveChangesAsync(CancellationToken.None);
        return PressOutcome.Kept;
    }

    private async Task<PressOutcome> UndoAsync(Brew brew, SentPress sent, long nowMs)
    {
        // With nothing left to take back, −1 is no step that a press was meant for.
        if (sent.StepIndex < 0 || LastStanding(brew.CorePresses) != sent.StepIndex)
        {
            return PressOutcome.DoneElsewhere;
        }

        brew.Presses.Add(Row(sent, ElapsedS(brew, nowMs), nowMs));
        brew.State = BrewState.Running;
        brew.EndedAtMs = null;
        if (BrewRun.Standing(brew.CorePresses).Count == 0)
        {
            // The press taken back was the one that started the clock.
            brew.StartedAtMs = null;
            await TakeFromBagAsync(brew, -brew.TakenG);
            await UseFilterAsync(brew, -1);
        }

        await db.SaveChangesAsync(CancellationToken.None);
        return PressOutcome.Kept;
    }

    private static BrewPress Row(SentPress sent, double elapsedS, long nowMs) => new()
    {
        Key = sent.Key,
        Kind = sent.Kind,
        StepIndex = sent.StepIndex,
        ElapsedS = elapsedS,
        ReceivedAtMs = nowMs,
    };

    private static double LastS(Brew brew) => BrewRun.Standing(brew.CorePresses) is [.., var last] ? last.ElapsedS : 0;

    private static void Finish(Brew brew, double elapsedS)
    {
        brew.State = BrewState.Finished;
        brew.EndedAtMs = brew.StartedAtMs + (long)(1000 * elapsedS);
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
