using System.Collections.Concurrent;
using System.Threading.Channels;
using Cistern.Core.Readings;

namespace Cistern.Application.Brews;

/// <summary>What a page that looks on is told at once.</summary>
/// <param name="AtMs">Of which moment, UTC milliseconds of the brew's clock.</param>
/// <param name="Values">What the instruments show, by their word.</param>
/// <param name="StreamGPerS">How fast the weight grows, g/s; null where there is no scale.</param>
/// <param name="Changed">Whether the brew has moved on by what was seen.</param>
public sealed record LiveMoment(long AtMs, IReadOnlyDictionary<string, double> Values, double? StreamGPerS, bool Changed);

/// <summary>The ears of the brews under way: what their instruments have shown, and who looks on. One for the whole server; what is kept is in the data file.</summary>
public sealed class LiveReadings
{
    private readonly ConcurrentDictionary<int, LiveReader> readers = new();

    /// <summary>The ear of a brew.</summary>
    public LiveReader Of(int brewId) => readers.GetOrAdd(brewId, _ => new LiveReader());

    /// <summary>The brews something was heard of, or that somebody looks at.</summary>
    public IReadOnlyCollection<int> Brews => [.. readers.Where(pair => pair.Value.Curves is not null || pair.Value.IsWatched).Select(pair => pair.Key)];

    /// <summary>Forgets a brew that is over; whoever looks on is told no more of it.</summary>
    public void Forget(int brewId)
    {
        if (readers.TryRemove(brewId, out var reader))
        {
            reader.End();
        }
    }

    /// <summary>One brew's.</summary>
    public sealed class LiveReader
    {
        private readonly ConcurrentDictionary<Channel<LiveMoment>, bool> watchers = new();
        private volatile bool ended;

        /// <summary>One at a time: readings of a brew follow one another.</summary>
        public SemaphoreSlim Gate { get; } = new(1, 1);

        /// <summary>What was shown so far; null before it has been read from the file.</summary>
        public Dictionary<ReadingOf, Curve>? Curves { get; set; }

        /// <summary>When it was last made out what was seen, ms of a steady clock.</summary>
        public long? LookedAtMs { get; set; }

        /// <summary>Whether anything was shown since.</summary>
        public bool Waits { get; set; }

        /// <summary>Since when readings are counted, ms of a steady clock, and how many came since.</summary>
        public (long SinceMs, int Count) Rate { get; set; }

        /// <summary>Whether any page looks on.</summary>
        public bool IsWatched => !watchers.IsEmpty;

        /// <summary>Tells everyone who looks on; one that does not keep up misses the oldest.</summary>
        public void Tell(LiveMoment moment)
        {
            foreach (var watcher in watchers.Keys)
            {
                watcher.Writer.TryWrite(moment);
            }
        }

        /// <summary>Ends the streams of all who look on: there is nothing more to tell.</summary>
        public void End()
        {
            ended = true;
            foreach (var watcher in watchers.Keys)
            {
                watcher.Writer.TryComplete();
            }
        }

        /// <summary>Looks on until it is over or stopped; that is its end, and no error.</summary>
        /// <param name="ct">Stops it.</param>
        public async IAsyncEnumerable<LiveMoment> WatchAsync([System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken ct)
        {
            var channel = Channel.CreateBounded<LiveMoment>(new BoundedChannelOptions(32) { FullMode = BoundedChannelFullMode.DropOldest });
            watchers[channel] = true;
            if (ended)
            {
                channel.Writer.TryComplete();
            }

            await using var stops = ct.Register(() => channel.Writer.TryComplete());
            try
            {
                await foreach (var moment in channel.Reader.ReadAllAsync(CancellationToken.None))
                {
                    yield return moment;
                }
            }
            finally
            {
                watchers.TryRemove(channel, out _);
            }
        }
    }
}
