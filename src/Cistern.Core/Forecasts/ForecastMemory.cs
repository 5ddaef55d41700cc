using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using Cistern.Core.Recipes;

namespace Cistern.Core.Forecasts;

/// <summary>
/// Remembers forecasts with their series, and what was worked out from them, by content: a page that is looked at again,
/// or whose plan is held against another, runs nothing anew. Bounded; what was not asked for longest goes first.
/// </summary>
/// <param name="most">How many are remembered; one with its series takes some 40 kB.</param>
public sealed class ForecastMemory(int most = 200)
{
    private readonly ConcurrentDictionary<Key, Entry> entries = new();
    private long asked;

    /// <summary>How many forecasts were run because none was remembered.</summary>
    public long Runs { get; private set; }

    /// <summary>A forecast, run if none is remembered.</summary>
    public Forecast Run(Recipe recipe, ForecastModel model, ForecastOptions options)
    {
        var key = new Key(Print(recipe), model.Parameters, model.Spread, model.StepFactor, options.ServerMl);
        if (!entries.TryGetValue(key, out var entry))
        {
            Runs++;
            // Whoever stopped that run must not stop the next one that asks.
            var forecast = model.RunAnew(recipe, options) with { Model = model with { Stops = CancellationToken.None } };
            entry = entries.GetOrAdd(key, new Entry(forecast));
            Forget();
        }

        entry.AskedAt = Interlocked.Increment(ref asked);
        return entry.Forecast with { Recipe = recipe, Model = model, Remembered = entry };
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

    /// <summary>A forecast, and what was worked out from it.</summary>
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
