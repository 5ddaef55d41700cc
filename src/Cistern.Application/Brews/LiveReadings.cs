using System.Collections.Concurrent;
using System.Threading.Channels;

namespace Cistern.Application.Brews;

/// <summary>What a watching page is sent at once.</summary>
/// <param name="AtMs">The moment, UTC milliseconds of the brew's clock.</param>
/// <param name="Values">The instruments' values, by their word.</param>
/// <param name="StreamGPerS">Rate of the weight, g/s; null without a scale.</param>
/// <param name="Changed">Whether detected steps have changed the brew's state.</param>
public sealed record LiveMoment(long AtMs, IReadOnlyDictionary<string, double> Values, double? StreamGPerS, bool Changed);

/// <summary>Readings of the running brews, and the pages that watch them. One instance per server; everything to be kept is in the data file.</summary>
public sealed class LiveReadings
{
    private readonly ConcurrentDictionary<int, LiveReader> readers = new();

    /// <summary>The live readings of a brew.</summary>
    public LiveReader Of(int brewId) => readers.GetOrAdd(brewId, _ => new LiveReader());

    /// <summary>The brews with readings or watchers.</summary>
    public IReadOnlyCollection<int> Brews => [.. readers.Where(pair => pair.Value.Curves is not null || pair.Value.IsWatched).Select(pair => pair.Key)];

    /// <summary>Removes a finished brew; its watchers are disconnected.</summary>
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

        /// <summary>Serialises the readings of a brew.</summary>
        public SemaphoreSlim Gate { get; } = new(1, 1);

        /// <summary>The readings so far; null before they were loaded from the file.</summary>
        public Dictionary<ReadingOf, Curve>? Curves { get; set; }

        /// <summary>When steps were last detected, ms of a monotonic clock.</summary>
        public long? DetectedAtMs { get; set; }

        /// <summary>Whether anything was shown since.</summary>
        public bool HasNewReadings { get; set; }

        /// <summary>The start of the current rate window, ms of a monotonic clock, and the readings in it.</summary>
        public (long SinceMs, int Count) Rate { get; set; }

        /// <summary>Whether any page looks on.</summary>
        public bool IsWatched => !watchers.IsEmpty;

        /// <summary>Sends a moment to all watchers; a slow one misses the oldest.</summary>
        public void Publish(LiveMoment moment)
        {
            foreach (var watcher in watchers.Keys)
            {
                watcher.Writer.TryWrite(moment);
            }
        }

        /// <summary>Ends the streams of all watchers.</summary>
        public void End()
        {
            ended = true;
            foreach (var watcher in watchers.Keys)
            {
                watcher.Writer.TryComplete();
            }
        }

        /// <summary>Watches until the brew is over or the request is cancelled, which ends the stream normally.</summary>
        /// <param name="ct">Cancels it.</param>
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
