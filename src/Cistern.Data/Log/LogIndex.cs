using System.Collections;
using System.Runtime.InteropServices;

namespace Cistern.Data.Log;

/// <summary>
/// The rows of the log in memory, newest first, with the values of their facets as numbers: a hundred thousand brews are filtered and
/// counted in a few milliseconds. Before every answer it reads the rows that changed in the file, by their numbers, so it needs no
/// notification; they are merged in, so that a changed brew costs no more than that.
/// </summary>
/// <param name="time">The clock, for the time zone in which months begin.</param>
public sealed class LogIndex(TimeProvider time) : IDisposable
{
    private readonly SemaphoreSlim one = new(1);
    private readonly Dictionary<string, string> names = new(StringComparer.Ordinal);
    private FacetValues values = new();
    private LogShelf shelf = LogShelf.Empty;
    private long seq;

    /// <summary>The log as it is in the data file now.</summary>
    /// <param name="rows">The rows of the file.</param>
    /// <param name="ct">Cancels it.</param>
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
            // The machine's time zone has changed, so months begin at other times.
            values = new FacetValues();
            shelf = new LogShelf([.. shelf.Coded.Select(coded => new CodedRow(coded.Row, values.CodesOf(coded.Row, time.LocalTimeZone)))], values.Now(), time.LocalTimeZone);
        }

        var zone = shelf.Zone;
        var changed = new Dictionary<int, CodedRow>();
        var newest = seq;
        await foreach (var row in rows.Where(row => row.Seq > seq).OrderBy(row => row.Seq).AsAsyncEnumerable().WithCancellation(ct))
        {
            (row.Name, row.RecipeId, row.Coffee, row.Family, row.Vessel) = (Interned(row.Name), Interned(row.RecipeId), Interned(row.Coffee), Interned(row.Family), Interned(row.Vessel));
            (row.Grinder, row.Barista, row.Place) = (Interned(row.Grinder), Interned(row.Barista), Interned(row.Place));
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

    /// <summary>Merges two lists of rows, both newest first.</summary>
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

    /// <summary>Names are shared between the rows that have them.</summary>
    private string Interned(string name)
    {
        ref var kept = ref CollectionsMarshal.GetValueRefOrAddDefault(names, name, out _);
        return kept ??= name;
    }

    private static int NewestFirst(LogRow a, LogRow b) => a.OpenedAtMs != b.OpenedAtMs ? b.OpenedAtMs.CompareTo(a.OpenedAtMs) : b.BrewId.CompareTo(a.BrewId);
}

/// <summary>A row with the values of its facets as numbers.</summary>
/// <param name="Row">The row.</param>
/// <param name="Codes">By facet, in the order of <see cref="LogFacet.All"/>.</param>
internal sealed record CodedRow(LogRow Row, int[] Codes);

/// <summary>The values of the facets; a number, once assigned, keeps its value.</summary>
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

    /// <summary>The values by facet and number, as they are now.</summary>
    public string[][] Now() => Array.ConvertAll(values, list => list.ToArray());
}

/// <summary>All rows of the log at one moment, newest first; immutable.</summary>
public sealed class LogShelf
{
    private readonly string[][] values;

    /// <summary>The result of an empty query: the same for everybody until the log changes.</summary>
    private LogFound? all;

    /// <summary>Creates it from rows.</summary>
    /// <param name="coded">The rows, newest first.</param>
    /// <param name="values">The values that their numbers stand for.</param>
    /// <param name="zone">The time zone of days and months.</param>
    internal LogShelf(IReadOnlyList<CodedRow> coded, string[][] values, TimeZoneInfo zone)
    {
        Zone = zone;
        Coded = coded;
        this.values = values;
    }

    /// <summary>A log with nothing in it.</summary>
    public static LogShelf Empty { get; } = new([], new FacetValues().Now(), TimeZoneInfo.Utc);

    /// <summary>The time zone of days and months.</summary>
    internal TimeZoneInfo Zone { get; }

    /// <summary>The rows, the newest first.</summary>
    internal IReadOnlyList<CodedRow> Coded { get; }

    /// <summary>The matching brews, and the counts for the other values of each facet.</summary>
    /// <param name="query">The query.</param>
    /// <param name="matching">The brews that contain its words; null where it has none.</param>
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

            // A row excluded by a single facet counts for that facet's other values.
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
/// <param name="Value">As in the address.</param>
/// <param name="Count">How many brews it would give with the rest of the query.</param>
/// <param name="Chosen">Whether it is part of the query.</param>
public readonly record struct FacetCount(string Value, int Count, bool Chosen);

/// <summary>The result of a query.</summary>
/// <param name="Rows">The brews, newest first.</param>
/// <param name="Facets">By facet, each value with its count.</param>
public sealed record LogFound(IReadOnlyList<LogRow> Rows, IReadOnlyList<(LogFacet Facet, IReadOnlyList<FacetCount> Values)> Facets);
