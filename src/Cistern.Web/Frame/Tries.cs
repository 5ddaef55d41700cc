namespace Cistern.Web.Frame;

/// <summary>What came of a secret that was tried.</summary>
public enum Tried
{
    /// <summary>It is the one.</summary>
    Good,

    /// <summary>It is not, or there is none.</summary>
    Wrong,

    /// <summary>It was one wrong one too many: none is looked at for a while from now on.</summary>
    JustShut,

    /// <summary>Too many were tried before: none is looked at for a while.</summary>
    Shut,
}

/// <summary>
/// A secret of a few digits cannot be guessed by trying: five wrong ones in a row shut it for five minutes. Whoever has it sees
/// that one is tried at a time. Counted by the steady clock: setting the machine's clock forward opens nothing.
/// </summary>
public sealed class Tries(TimeProvider time)
{
    /// <summary>How many wrong ones shut it.</summary>
    public const int Most = 5;

    /// <summary>How long it is shut then, ms.</summary>
    public const long ShutForMs = 300_000;

    private int wrong;
    private long? shutAt;

    /// <summary>How long it stays shut; null while it is not.</summary>
    public TimeSpan? ShutFor => shutAt is { } at && TimeSpan.FromMilliseconds(ShutForMs) - time.GetElapsedTime(at) is var left && left > TimeSpan.Zero ? left : null;

    /// <summary>Tries one.</summary>
    /// <param name="fits">Whether it is the one; not asked while it is shut.</param>
    public Tried Take(Func<bool> fits)
    {
        if (ShutFor is not null)
        {
            return Tried.Shut;
        }

        if (fits())
        {
            wrong = 0;
            return Tried.Good;
        }

        if (++wrong < Most)
        {
            return Tried.Wrong;
        }

        (wrong, shutAt) = (0, time.GetTimestamp());
        return Tried.JustShut;
    }
}
