using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;

namespace Cistern.Core.Forecasts;

/// <summary>
/// A cache of forecasts with their series and of results derived from them, so that looking at a page again, or comparing its plan
/// with another, computes nothing twice. Bounded; the least recently used entry is dropped first.
/// </summary>
/// <param name="most">The number of entries; one with its series takes some 40 kB.</param>
public sealed class ForecastMemory(int most = 200)
{
    private readonly ConcurrentDictionary<Key, Entry> entries = new();
    private long asked;

    /// <summary>How many forecasts were computed because they were not cached.</summary>
    public long Runs { get; private set; }

    /// <summary>A forecast from the cache, or computed and cached.</summary>
    public Forecast Run(Recipe recipe, ForecastModel model, ForecastOptions options)
    {
        var key = new Key(Print(recipe), model.Parameters, model.Spread, model.StepFactor, options.ServerMl);
        if (!entries.TryGetValue(key, out var entry))
        {
            Runs++;
            // The cached forecast must not stay bound to the request that computed it.
            var forecast = model.RunAnew(recipe, options) with { Model = model with { Stops = CancellationToken.None } };
            entry = entries.GetOrAdd(key, new Entry(forecast));
            Forget();
        }

        entry.AskedAt = Interlocked.Increment(ref asked);
        return entry.Forecast with { Recipe = recipe, Model = model, MemoryEntry = entry };
    }

    private static string Print(Recipe recipe) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(RecipeWriter.Write(recipe))));

    private void Forget()
    {
        while (entries.Count > most && entries.MinBy(pair => pair.Value.AskedAt) is { Key: var oldest })
        {
            entries.TryRemove(oldest, out _);
        }
    }

    private readonly record struct Key(string Recipe, ModelParameters Parameters, ModelSpread Spread, double StepFactor, double? ServerMl);

    /// <summary>A forecast and the results derived from it.</summary>
    internal sealed class Entry(Forecast forecast)
    {
        private readonly ConcurrentDictionary<Type, object> workedOut = new();
        private readonly ConcurrentDictionary<Type, (object Key, object Value)> latest = new();

        public Forecast Forecast { get; } = forecast;

        public long AskedAt { get; set; }

        public T Of<T>(Func<T> work)
            where T : class => (T)workedOut.GetOrAdd(typeof(T), _ => work());

        public T Latest<T>(object key, Func<T> work)
            where T : class
        {
            if (!latest.TryGetValue(typeof(T), out var held) || !held.Key.Equals(key))
            {
                held = (key, work());
                latest[typeof(T)] = held;
            }

            return (T)held.Value;
        }
    }
}
