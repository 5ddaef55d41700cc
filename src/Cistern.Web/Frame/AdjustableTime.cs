namespace Cistern.Web.Frame;

/// <summary>
/// A time that runs as the real one does, from the moment a test begins it at, set forward by as much as the test has asked for.
/// Only ever registered for tests: begun at one fixed moment, no test depends on the hour it is run at.
/// </summary>
/// <param name="beginsAt">What it is when this is made; the real time if null.</param>
public sealed class AdjustableTime(DateTimeOffset? beginsAt = null) : TimeProvider
{
    private long aheadTicks = beginsAt is { } begin ? (begin - System.GetUtcNow()).Ticks : 0;

    /// <inheritdoc/>
    public override DateTimeOffset GetUtcNow() => base.GetUtcNow().AddTicks(Interlocked.Read(ref aheadTicks));

    /// <inheritdoc/>
    public override long GetTimestamp() => base.GetTimestamp() + (long)(Interlocked.Read(ref aheadTicks) * (TimestampFrequency / (double)TimeSpan.TicksPerSecond));

    /// <summary>Sets the clock forward, the steady one with it.</summary>
    public void Advance(TimeSpan by) => Interlocked.Add(ref aheadTicks, by.Ticks);
}
