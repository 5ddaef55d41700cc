using System.Collections;
using System.Runtime.InteropServices;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Data.Log;

/// <summary>
/// The rows of the log in memory, the newest first, with the values of their facets as numbers: a hundred thousand brews are
/// filtered and counted in a few milliseconds. What has changed in the file since the last look is read before every answer,
/// by the rows' numbers, so nothing has to be told of a change; it is merged in, so that one brew more costs no
/// more than that.
/// </summary>
/// <param name="time">Says in which zone months begin.</param>
public sealed class LogIndex(TimeProvider time) : IDisposable
{
    private readonly SemaphoreSlim one = new(1);
    private readonly Dictionary<string, string> names = new(StringComparer.Ordinal);
    private FacetValues values = new();
    private LogShelf shelf = LogShelf.Empty;
    private long seq;

    /// <summary>The log as it stands in the file now.</summary>
    /// <param name="rows">The rows of the file.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<LogShelf> NowAsync(IQueryable<LogRow> rows, CancellationToken ct)
    {
        await one.WaitAsync(ct);
        try
        {
            await CatchUpAsync(rows, ct);
            return shelf;
        }
        finally
        {
            one.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose() => one.Dispose();

    private async Task CatchUpAsync(IQueryable<LogRow> rows, CancellationToken ct)
    {
        if (!time.LocalTimeZone.Equals(shelf.Zone))
        {
            // The machine stands elsewhere now: months begin otherwise.
            values = new FacetValues();
            shelf = new LogShelf([.. shelf.Coded.Select(coded => new CodedRow(coded.Row, values.CodesOf(coded.Row, time.LocalTimeZone)))], values.Now(), time.LocalTimeZone);
        }

        var zone = shelf.Zone;
        var changed = new Dictionary<int, CodedRow>();
        var newest = seq;
        await foreach (var row in rows.Where(row => row.Seq > seq).OrderBy(row => row.Seq).AsAsyncEnumerable().WithCancellation(ct))
        {
            (row.Name, row.RecipeId, row.Coffee, row.Family, row.Vessel) = (Once(row.Name), Once(row.RecipeId), Once(row.Coffee), Once(row.Family), Once(row.Vessel));
            (row.Grinder, row.Barista, row.Place) = (Once(row.Grinder), Once(row.Barista), Once(row.Place));
            newest = row.Seq;
            changed[row.BrewId] = new CodedRow(row, values.CodesOf(row, zone));
        }

        if (changed.Count > 0)
        {
            var fresh = changed.Values.Where(coded => coded.Row.Stands).ToArray();
            Array.Sort(fresh, (a, b) => NewestFirst(a.Row, b.Row));
            (shelf, seq) = (new LogShelf(Merged(shelf.Coded.Where(coded => !changed.ContainsKey(coded.Row.BrewId)), fresh, shelf.Coded.Count + fresh.Length), values.Now(), zone), newest);
        }
    }

    /// <summary>Two runs of rows, each the newest first, as one.</summary>
    private static List<CodedRow> Merged(IEnumerable<CodedRow> stayed, CodedRow[] fresh, int most)
    {
        var merged = new List<CodedRow>(most);
        var next = 0;
        foreach (var coded in stayed)
        {
            while (next < fresh.Length && NewestFirst(fresh[next].Row, coded.Row) < 0)
            {
                merged.Add(fresh[next++]);
            }

            merged.Add(coded);
        }

        merged.AddRange(fresh.AsSpan(next));
        return merged;
    }

    /// <summary>Names come in many rows and are kept once.</summary>
    private string Once(string name)
    {
        ref var kept = ref CollectionsMarshal.GetValueRefOrAddDefault(names, name, out _);
        return kept ??= name;
    }

    private static int NewestFirst(LogRow a, LogRow b) => a.OpenedAtMs != b.OpenedAtMs ? b.OpenedAtMs.CompareTo(a.OpenedAtMs) : b.BrewId.CompareTo(a.BrewId);
}

/// <summary>A row with the values of its facets, each by its number.</summary>
/// <param name="Row">The row.</param>
/// <param name="Codes">By facet, in the order of <see cref="LogFacet.All"/>.</param>
internal sealed record CodedRow(LogRow Row, int[] Codes);

/// <summary>The values that facets have had; a number, once given, stays its value's.</summary>
internal sealed class FacetValues
{
    private readonly Dictionary<string, int>[] numbers = [.. LogFacet.All.Select(_ => new Dictionary<string, int>(StringComparer.Ordinal))];
    private readonly List<string>[] values = [.. LogFacet.All.Select(_ => new List<string>())];

    /// <summary>The numbers of a row's values.</summary>
    public int[] CodesOf(LogRow row, TimeZoneInfo zone)
    {
        var facets = LogFacet.All;
        var codes = new int[facets.Count];
        for (var facet = 0; facet < facets.Count; facet++)
        {
            var value = facets[facet].Of(row, zone);
            ref var number = ref CollectionsMarshal.GetValueRefOrAddDefault(numbers[facet], value, out var known);
            if (!known)
            {
                number = values[facet].Count;
                values[facet].Add(value);
            }

            codes[facet] = number;
        }

        return codes;
    }

    /// <summary>The values by facet and number, as they stand now.</summary>
    public string[][] Now() => Array.ConvertAll(values, list => list.ToArray());
}

/// <summary>All rows of the log at one moment, the newest first; it never changes.</summary>
public sealed class LogShelf
{
    private readonly string[][] values;

    /// <summary>What is found where nothing is asked for: the same for everybody, until the log changes.</summary>
    private LogFound? all;

    /// <summary>Lays rows out.</summary>
    /// <param name="coded">The rows, the newest first.</param>
    /// <param name="values">What their numbers stand for.</param>
    /// <param name="zone">The zone in which their days and months are told.</param>
    internal LogShelf(IReadOnlyList<CodedRow> coded, string[][] values, TimeZoneInfo zone)
    {
        Zone = zone;
        Coded = coded;
        this.values = values;
    }

    /// <summary>A log with nothing in it.</summary>
    public static LogShelf Empty { get; } = new([], new FacetValues().Now(), TimeZoneInfo.Utc);

    /// <summary>The zone in which days and months are told.</summary>
    internal TimeZoneInfo Zone { get; }

    /// <summary>The rows, the newest first.</summary>
    internal IReadOnlyList<CodedRow> Coded { get; }

    /// <summary>What is asked for, and how many there would be of each other value of each facet.</summary>
    /// <param name="query">What is asked for.</param>
    /// <param name="matching">The brews that hold its words; null where it asks for none.</param>
    public LogFound Find(LogQuery query, BitArray? matching) => query.IsEmpty ? all ??= Look(query, matching) : Look(query, matching);

    private LogFound Look(LogQuery query, BitArray? matching)
    {
        var facets = LogFacet.All;
        var wanted = new bool[facets.Count][];
        for (var facet = 0; facet < facets.Count; facet++)
        {
            if (query.Of(facets[facet]) is { Count: > 0 } asked)
            {
                wanted[facet] = Array.ConvertAll(values[facet], asked.Contains);
            }
        }

        var (fromMs, toMs) = (query.FromMs(Zone), query.ToMs(Zone));
        var counts = Array.ConvertAll(values, known => new int[known.Length]);
        var found = new List<LogRow>();
        foreach (var (row, codes) in Coded)
        {
            if (row.OpenedAtMs < fromMs || row.OpenedAtMs >= toMs || (matching is not null && !(row.BrewId < matching.Length && matching[row.BrewId])))
            {
                continue;
            }

            // One that falls out by a single facet is what another value of that facet would bring.
            var missed = -1;
            var misses = 0;
            for (var facet = 0; facet < facets.Count && misses < 2; facet++)
            {
                if (wanted[facet] is { } asked && !asked[codes[facet]])
                {
                    (missed, misses) = (facet, misses + 1);
                }
            }

            if (misses == 0)
            {
                found.Add(row);
                for (var facet = 0; facet < facets.Count; facet++)
                {
                    counts[facet][codes[facet]]++;
                }
            }
            else if (misses == 1)
            {
                counts[missed][codes[missed]]++;
            }
        }

        return new LogFound(found, [.. facets.Select((facet, i) => (facet, (IReadOnlyList<FacetCount>)[.. values[i]
            .Select((value, code) => new FacetCount(value, counts[i][code], query.Of(facet).Contains(value)))
            .Where(one => one.Value.Length > 0 && (one.Count > 0 || one.Chosen))]))]);
    }
}

/// <summary>One value of a facet.</summary>
/// <param name="Value">As it stands in the address.</param>
/// <param name="Count">How many brews it would bring with all else that is asked for.</param>
/// <param name="Chosen">Whether it is asked for.</param>
public readonly record struct FacetCount(string Value, int Count, bool Chosen);

/// <summary>What was found.</summary>
/// <param name="Rows">The brews, the newest first.</param>
/// <param name="Facets">By facet, each value with its count.</param>
public sealed record LogFound(IReadOnlyList<LogRow> Rows, IReadOnlyList<(LogFacet Facet, IReadOnlyList<FacetCount> Values)> Facets);
