namespace Cistern.Web.Frame;

/// <summary>The result of trying a secret.</summary>
public enum TryResult
{
    /// <summary>It is the one.</summary>
    Good,

    /// <summary>It is not, or there is none.</summary>
    Wrong,

    /// <summary>One wrong try too many: no further ones are accepted for a while.</summary>
    JustShut,

    /// <summary>Not accepted, because of too many wrong tries before.</summary>
    Shut,
}

/// <summary>
/// Limits tries of a secret with few digits: five wrong ones in a row block it for five minutes. Callers must serialise tries. Uses a
/// monotonic clock, so that changing the machine's clock has no effect.
/// </summary>
public sealed class TryLimiter(TimeProvider time)
{
    /// <summary>How many wrong ones shut it.</summary>
    public const int Most = 5;

    /// <summary>How long it is shut then, ms.</summary>
    public const long ShutForMs = 300_000;

    private int wrong;
    private long? shutAt;

    /// <summary>How long it stays blocked; null while it is not.</summary>
    public TimeSpan? ShutFor => shutAt is { } at && TimeSpan.FromMilliseconds(ShutForMs) - time.GetElapsedTime(at) is var left && left > TimeSpan.Zero ? left : null;

    /// <summary>Makes a try.</summary>
    /// <param name="fits">Whether the secret is right; not called while blocked.</param>
    public TryResult Take(Func<bool> fits)
    {
        if (ShutFor is not null)
        {
            return TryResult.Shut;
        }

        if (fits())
        {
            wrong = 0;
            return TryResult.Good;
        }

        if (++wrong < Most)
        {
            return TryResult.Wrong;
        }

        (wrong, shutAt) = (0, time.GetTimestamp());
        return TryResult.JustShut;
    }
}
