using System.Collections;
using System.Runtime.InteropServices;
using Microsoft.Data.Sqlite;

namespace Cistern.Data.Log;

/// <summary>
/// The rows of the log in memory, the newest first, with the values of their facets as numbers: a hundred thousand brews are
/// filtered and counted in a few milliseconds. What has changed in the file since the last look is read before every answer,
/// by the numbers the triggers give, so nothing has to be told of a change.
/// </summary>
public sealed class LogIndex : IDisposable
{
    private readonly SemaphoreSlim one = new(1);
    private readonly Dictionary<int, LogRow> byBrew = [];
    private readonly Dictionary<string, string> names = new(StringComparer.Ordinal);
    private LogShelf shelf = LogShelf.Empty;
    private long seq;

    /// <summary>The log as it stands in the file now.</summary>
    /// <param name="connection">An open connection to the file.</param>
    /// <param name="ct">Stops it.</param>
    public async Task<LogShelf> NowAsync(SqliteConnection connection, CancellationToken ct)
    {
        await one.WaitAsync(ct);
        try
        {
            await CatchUpAsync(connection, ct);
            return shelf;
        }
        finally
        {
            one.Release();
        }
    }

    /// <summary>Forgets everything: another file has taken the place of the one that was read.</summary>
    public void Forget()
    {
        one.Wait();
        try
        {
            byBrew.Clear();
            (shelf, seq) = (LogShelf.Empty, 0);
        }
        finally
        {
            one.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose() => one.Dispose();

    private async Task CatchUpAsync(SqliteConnection connection, CancellationToken ct)
    {
        await using var command = connection.CreateCommand();
        command.CommandText = "SELECT * FROM LogRows WHERE Seq > $seq ORDER BY Seq";
        command.Parameters.AddWithValue("$seq", seq);
        var changed = false;
        await using (var rows = await command.ExecuteReaderAsync(ct))
        {
            var read = new LogRowReader(rows, Once);
            while (await rows.ReadAsync(ct))
            {
                var row = read.Row();
                (seq, changed) = (row.Seq, true);
                if (row.Stands)
                {
                    byBrew[row.BrewId] = row;
                }
                else
                {
                    byBrew.Remove(row.BrewId);
                }
            }
        }

        if (changed)
        {
            var all = new LogRow[byBrew.Count];
            byBrew.Values.CopyTo(all, 0);
            Array.Sort(all, NewestFirst);
            shelf = new LogShelf(all);
        }
    }

    /// <summary>Names come in many rows and are kept once.</summary>
    private string Once(string name)
    {
        ref var kept = ref CollectionsMarshal.GetValueRefOrAddDefault(names, name, out _);
        return kept ??= name;
    }

    private static int NewestFirst(LogRow a, LogRow b) => a.OpenedAtMs != b.OpenedAtMs ? b.OpenedAtMs.CompareTo(a.OpenedAtMs) : b.BrewId.CompareTo(a.BrewId);
}

/// <summary>Reads rows by the places of their columns, which are looked up once.</summary>
internal sealed class LogRowReader(SqliteDataReader rows, Func<string, string> once)
{
    private readonly Dictionary<string, int> at = Enumerable.Range(0, rows.FieldCount).ToDictionary(rows.GetName, i => i, StringComparer.Ordinal);

    public LogRow Row() => new()
    {
        BrewId = rows.GetInt32(at[nameof(LogRow.BrewId)]),
        Seq = rows.GetInt64(at[nameof(LogRow.Seq)]),
        Stands = rows.GetInt64(at[nameof(LogRow.Stands)]) != 0,
        OpenedAtMs = rows.GetInt64(at[nameof(LogRow.OpenedAtMs)]),
        Name = Text(nameof(LogRow.Name)),
        RecipeId = Text(nameof(LogRow.RecipeId)),
        Coffee = Text(nameof(LogRow.Coffee)),
        Family = Text(nameof(LogRow.Family)),
        Vessel = Text(nameof(LogRow.Vessel)),
        Mill = Text(nameof(LogRow.Mill)),
        Barista = Text(nameof(LogRow.Barista)),
        Place = Text(nameof(LogRow.Place)),
        State = (Brews.BrewState)rows.GetInt32(at[nameof(LogRow.State)]),
        Tastings = rows.GetInt32(at[nameof(LogRow.Tastings)]),
        Score = Number(nameof(LogRow.Score)),
        SharpHarsh = Number(nameof(LogRow.SharpHarsh)),
        ThinHeavy = Number(nameof(LogRow.ThinHeavy)),
        ReadTdsPercent = Number(nameof(LogRow.ReadTdsPercent)),
        DoseG = Number(nameof(LogRow.DoseG)),
        WaterG = Number(nameof(LogRow.WaterG)),
        WaterTemperatureC = Number(nameof(LogRow.WaterTemperatureC)),
        MedianUm = Number(nameof(LogRow.MedianUm)),
        RestDays = Number(nameof(LogRow.RestDays)),
        FinalTdsPercent = Number(nameof(LogRow.FinalTdsPercent)),
        ExtractionYieldPercent = Number(nameof(LogRow.ExtractionYieldPercent)),
        Tilt = Number(nameof(LogRow.Tilt)),
        Drawn = Number(nameof(LogRow.Drawn)),
        DrawdownS = Number(nameof(LogRow.DrawdownS)),
        PressS = Number(nameof(LogRow.PressS)),
        Flow = rows.IsDBNull(at[nameof(LogRow.Flow)]) ? null : Text(nameof(LogRow.Flow)),
        ReleaseOffS = Number(nameof(LogRow.ReleaseOffS)),
        WaterOffG = Number(nameof(LogRow.WaterOffG)),
        DoseOffG = Number(nameof(LogRow.DoseOffG)),
        TemperatureOffC = Number(nameof(LogRow.TemperatureOffC)),
        ForetoldTdsPercent = Number(nameof(LogRow.ForetoldTdsPercent)),
        ForetoldTdsLow = Number(nameof(LogRow.ForetoldTdsLow)),
        ForetoldTdsHigh = Number(nameof(LogRow.ForetoldTdsHigh)),
        ForetoldTiltLow = Number(nameof(LogRow.ForetoldTiltLow)),
        ForetoldTiltHigh = Number(nameof(LogRow.ForetoldTiltHigh)),
        ForetoldDrawdownLowS = Number(nameof(LogRow.ForetoldDrawdownLowS)),
        ForetoldDrawdownHighS = Number(nameof(LogRow.ForetoldDrawdownHighS)),
    };

    private string Text(string column) => once(rows.GetString(at[column]));

    private double? Number(string column) => rows.IsDBNull(at[column]) ? null : rows.GetDouble(at[column]);
}

/// <summary>All rows of the log at one moment, the newest first; it never changes.</summary>
public sealed class LogShelf
{
    private readonly int[] codes;
    private readonly string[][] values;

    /// <summary>What is found where nothing is asked for: the same for everybody, until the log changes.</summary>
    private LogFound? all;

    /// <summary>Sorts some rows into their facets.</summary>
    /// <param name="rows">The rows, the newest first.</param>
    internal LogShelf(IReadOnlyList<LogRow> rows)
    {
        Rows = rows;
        var facets = LogFacet.All;
        codes = new int[rows.Count * facets.Count];
        values = new string[facets.Count][];
        for (var facet = 0; facet < facets.Count; facet++)
        {
            var known = new Dictionary<string, int>(StringComparer.Ordinal);
            var of = facets[facet].Of;
            for (var i = 0; i < rows.Count; i++)
            {
                var value = of(rows[i]);
                ref var code = ref CollectionsMarshal.GetValueRefOrAddDefault(known, value, out var there);
                if (!there)
                {
                    code = known.Count - 1;
                }

                codes[(i * facets.Count) + facet] = code;
            }

            values[facet] = [.. known.OrderBy(pair => pair.Value).Select(pair => pair.Key)];
        }
    }

    /// <summary>A log with nothing in it.</summary>
    public static LogShelf Empty { get; } = new([]);

    /// <summary>The rows, the newest first.</summary>
    public IReadOnlyList<LogRow> Rows { get; }

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

        var counts = Array.ConvertAll(values, known => new int[known.Length]);
        var found = new List<LogRow>();
        for (var i = 0; i < Rows.Count; i++)
        {
            var row = Rows[i];
            if (row.OpenedAtMs < query.FromMs || row.OpenedAtMs >= query.ToMs || (matching is not null && !(row.BrewId < matching.Length && matching[row.BrewId])))
            {
                continue;
            }

            // One that falls out by a single facet is what another value of that facet would bring.
            var at = i * facets.Count;
            var missed = -1;
            var misses = 0;
            for (var facet = 0; facet < facets.Count && misses < 2; facet++)
            {
                if (wanted[facet] is { } asked && !asked[codes[at + facet]])
                {
                    (missed, misses) = (facet, misses + 1);
                }
            }

            if (misses == 0)
            {
                found.Add(row);
                for (var facet = 0; facet < facets.Count; facet++)
                {
                    counts[facet][codes[at + facet]]++;
                }
            }
            else if (misses == 1)
            {
                counts[missed][codes[at + missed]]++;
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
