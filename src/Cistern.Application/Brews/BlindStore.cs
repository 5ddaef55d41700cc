using Cistern.Data;
using Cistern.Data.Brews;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Application.Brews;

/// <summary>What came of an answer that was given blind.</summary>
public enum BlindOutcome
{
    /// <summary>It is kept, in the place of one given before.</summary>
    Kept,

    /// <summary>It came after the cups were revealed, and is not taken.</summary>
    TooLate,

    /// <summary>A guest's device answered for this taster, or this device for another one: a guest is one taster.</summary>
    Anothers,

    /// <summary>There is no such tasting, taster or cup.</summary>
    NotThere,
}

/// <summary>Keeps blind tastings: the cups as they were dealt, and each taster's answer, whatever device it comes from.</summary>
/// <param name="db">The data.</param>
/// <param name="requests">What was done under which key.</param>
/// <param name="time">The clock.</param>
public sealed class BlindStore(CisternDb db, IdempotencyStore requests, TimeProvider time)
{
    private const int MostListed = 30;

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>The last tastings, the newest first.</summary>
    public Task<List<BlindSession>> LastAsync(CancellationToken ct) =>
        db.BlindSessions.AsNoTracking().Include(session => session.Answers).OrderByDescending(session => session.OpenedAtMs).Take(MostListed).ToListAsync(ct);

    /// <summary>A tasting with its answers; null where there is none.</summary>
    public Task<BlindSession?> FindAsync(int id, CancellationToken ct) =>
        db.BlindSessions.AsNoTracking().Include(session => session.Answers).FirstOrDefaultAsync(session => session.Id == id, ct);

    /// <summary>Keeps a tasting whose cups were just dealt, once.</summary>
    /// <param name="session">The tasting.</param>
    /// <param name="key">Its key.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    /// <returns>Its address.</returns>
    public async Task<string> OpenAsync(BlindSession session, Guid key, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await requests.DoneAsync(key, ct) is { } done)
        {
            return done;
        }

        session.OpenedAtMs = NowMs;
        db.BlindSessions.Add(session);
        await db.SaveChangesAsync(ct);
        var address = FormattableString.Invariant($"/blind/{session.Id}");
        requests.Remember(key, address);
        await db.SaveChangesAsync(ct);
        await transaction.CommitAsync(CancellationToken.None);
        return address;
    }

    /// <summary>Keeps what a taster answered; it can be answered anew until it is revealed.</summary>
    /// <param name="answer">The answer, with its tasting and taster, and the device where a guest gives it.</param>
    /// <param name="ct">Stops it before anything is kept.</param>
    public async Task<BlindOutcome> AnswerAsync(BlindAnswer answer, CancellationToken ct)
    {
        // The transaction takes the file's only writing place: an answer is before or after the revealing, never beside it.
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await db.BlindSessions.FirstOrDefaultAsync(session => session.Id == answer.SessionId, ct) is not { } session || answer.Taster < 1 || answer.Taster > session.Tasters)
        {
            return BlindOutcome.NotThere;
        }

        if (session.RevealedAtMs is not null)
        {
            return BlindOutcome.TooLate;
        }

        var before = await db.BlindAnswers.FirstOrDefaultAsync(row => row.SessionId == answer.SessionId && row.Taster == answer.Taster, ct);
        if (answer.DeviceId is { } guest && ((before is not null && before.DeviceId != guest) || await db.BlindAnswers.AnyAsync(row => row.SessionId == answer.SessionId && row.DeviceId == guest && row.Taster != answer.Taster, ct)))
        {
            return BlindOutcome.Anothers;
        }

        if (before is not null)
        {
            (before.Name, before.Picked, before.Note, before.AtMs, before.DeviceId) = (answer.Name, answer.Picked, answer.Note, NowMs, answer.DeviceId);
        }
        else
        {
            answer.AtMs = NowMs;
            db.BlindAnswers.Add(answer);
        }

        await db.SaveChangesAsync(ct);
        await transaction.CommitAsync(CancellationToken.None);
        return BlindOutcome.Kept;
    }

    /// <summary>Reveals the cups, once: from then on nothing is answered.</summary>
    /// <returns>Whether there is such a tasting.</returns>
    public async Task<bool> RevealAsync(int id, CancellationToken ct)
    {
        await db.BlindSessions.Where(session => session.Id == id && session.RevealedAtMs == null).ExecuteUpdateAsync(set => set.SetProperty(session => session.RevealedAtMs, NowMs), ct);
        return await db.BlindSessions.AnyAsync(session => session.Id == id, ct);
    }
}
