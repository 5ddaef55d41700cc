namespace Cistern.Web.Frame;

/// <summary>The result of trying a secret.</summary>
public enum TryResult
{
    /// <summary>It is the one.</summary>
    Right,

    /// <summary>It is not, or there is none.</summary>
    Wrong,

    /// <summary>One wrong try too many: no further ones are accepted for a while.</summary>
    JustBlocked,

    /// <summary>Not accepted, because of too many wrong tries before.</summary>
    Blocked,
}

/// <summary>
/// Limits tries of a secret with few digits: five wrong ones in a row block it for five minutes. Callers must serialise tries. Uses a
/// monotonic clock, so that changing the machine's clock has no effect.
/// </summary>
public sealed class TryLimiter(TimeProvider time)
{
    /// <summary>How many wrong ones shut it.</summary>
    public const int MaxWrong = 5;

    /// <summary>How long it is shut then, ms.</summary>
    public const long BlockedForMs = 300_000;

    private int wrong;
    private long? blockedAt;

    /// <summary>How long it stays blocked; null while it is not.</summary>
    public TimeSpan? BlockedFor => blockedAt is { } at && TimeSpan.FromMilliseconds(BlockedForMs) - time.GetElapsedTime(at) is var left && left > TimeSpan.Zero ? left : null;

    /// <summary>Makes a try.</summary>
    /// <param name="fits">Whether the secret is right; not called while blocked.</param>
    public TryResult Try(Func<bool> fits)
    {
        if (BlockedFor is not null)
        {
            return TryResult.Blocked;
        }

        if (fits())
        {
            wrong = 0;
            return TryResult.Right;
        }

        if (++wrong < MaxWrong)
        {
            return TryResult.Wrong;
        }

        (wrong, blockedAt) = (0, time.GetTimestamp());
        return TryResult.JustBlocked;
    }
}
