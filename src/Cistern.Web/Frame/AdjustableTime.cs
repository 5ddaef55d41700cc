namespace Cistern.Web.Frame;

/// <summary>The real time, set forward by as much as a test has asked for. Only ever registered for tests.</summary>
public sealed class AdjustableTime : TimeProvider
{
    private long aheadTicks;

    /// <inheritdoc/>
    public override DateTimeOffset GetUtcNow() => base.GetUtcNow().AddTicks(Interlocked.Read(ref aheadTicks));

    /// <summary>Sets the clock forward.</summary>
    public void Advance(TimeSpan by) => Interlocked.Add(ref aheadTicks, by.Ticks);
}
