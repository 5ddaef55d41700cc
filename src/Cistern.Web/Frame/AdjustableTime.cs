namespace Cistern.Web.Frame;

/// <summary>
/// A clock for tests: starts at a given time and can be set forward. Registered only for tests, so that they do not depend on the time
/// of day.
/// </summary>
/// <param name="beginsAt">Its time at construction; the real time if null.</param>
public sealed class AdjustableTime(DateTimeOffset? beginsAt = null) : TimeProvider
{
    private long aheadTicks = beginsAt is { } begin ? (begin - System.GetUtcNow()).Ticks : 0;

    /// <inheritdoc/>
    public override DateTimeOffset GetUtcNow() => base.GetUtcNow().AddTicks(Interlocked.Read(ref aheadTicks));

    /// <inheritdoc/>
    public override long GetTimestamp() => base.GetTimestamp() + (long)(Interlocked.Read(ref aheadTicks) * (TimestampFrequency / (double)TimeSpan.TicksPerSecond));

    /// <summary>Sets the clock forward, including its monotonic timestamps.</summary>
    public void Advance(TimeSpan by) => Interlocked.Add(ref aheadTicks, by.Ticks);
}
