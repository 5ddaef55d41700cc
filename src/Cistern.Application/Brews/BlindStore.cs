namespace Cistern.Application.Brews;

/// <summary>The result of giving a blind answer.</summary>
public enum BlindOutcome
{
    /// <summary>Saved, replacing an earlier answer.</summary>
    Saved,

    /// <summary>Refused, because the cups had been revealed.</summary>
    TooLate,

    /// <summary>Refused: a guest's device answered for this taster, or this device for another one. A guest is one taster.</summary>
    OfSomebodyElse,

    /// <summary>There is no such tasting, taster or cup.</summary>
    NotFound,
}

/// <summary>Stores blind tastings: how the cups were assigned, and each taster's answer, from any device.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="requests">Requests that were carried out.</param>
/// <param name="time">The clock.</param>
public sealed class BlindStore(CisternDb db, IdempotencyStore requests, TimeProvider time)
{
    private const int MaxListed = 30;

    private long NowMs => time.GetUtcNow().ToUnixTimeMilliseconds();

    /// <summary>The last tastings, the newest first.</summary>
    public Task<List<BlindSession>> LastAsync(CancellationToken ct) =>
        db.BlindSessions.AsNoTracking().Include(session => session.Answers).OrderByDescending(session => session.OpenedAtMs).Take(MaxListed).ToListAsync(ct);

    /// <summary>A tasting with its answers; null where there is none.</summary>
    public Task<BlindSession?> FindAsync(int id, CancellationToken ct) =>
        db.BlindSessions.AsNoTracking().Include(session => session.Answers).FirstOrDefaultAsync(session => session.Id == id, ct);

    /// <summary>Saves a tasting whose cups were just assigned, once.</summary>
    /// <param name="session">The tasting.</param>
    /// <param name="key">Its key.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    /// <returns>Its address.</returns>
    public async Task<string> OpenAsync(BlindSession session, Guid key, CancellationToken ct)
    {
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await requests.ResultOfAsync(key, ct) is { } done)
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

    /// <summary>Saves a taster's answer, which can be changed until the cups are revealed.</summary>
    /// <param name="answer">The answer, with its tasting and taster, and the device where a guest gives it.</param>
    /// <param name="ct">Cancels it before anything is saved.</param>
    public async Task<BlindOutcome> AnswerAsync(BlindAnswer answer, CancellationToken ct)
    {
        // SQLite allows one writer, so an answer is either before or after the reveal.
        await using var transaction = await db.Database.BeginTransactionAsync(ct);
        if (await db.BlindSessions.FirstOrDefaultAsync(session => session.Id == answer.SessionId, ct) is not { } session || answer.Taster < 1 || answer.Taster > session.Tasters)
        {
            return BlindOutcome.NotFound;
        }

        if (session.RevealedAtMs is not null)
        {
            return BlindOutcome.TooLate;
        }

        var before = await db.BlindAnswers.FirstOrDefaultAsync(row => row.SessionId == answer.SessionId && row.Taster == answer.Taster, ct);
        if (answer.DeviceId is { } guest && ((before is not null && before.DeviceId != guest) || await db.BlindAnswers.AnyAsync(row => row.SessionId == answer.SessionId && row.DeviceId == guest && row.Taster != answer.Taster, ct)))
        {
            return BlindOutcome.OfSomebodyElse;
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
        return BlindOutcome.Saved;
    }

    /// <summary>Reveals the cups; no answers are accepted afterwards.</summary>
    /// <returns>Whether there is such a tasting.</returns>
    public async Task<bool> RevealAsync(int id, CancellationToken ct)
    {
        await db.BlindSessions.Where(session => session.Id == id && session.RevealedAtMs == null).ExecuteUpdateAsync(set => set.SetProperty(session => session.RevealedAtMs, NowMs), ct);
        return await db.BlindSessions.AnyAsync(session => session.Id == id, ct);
    }
}
