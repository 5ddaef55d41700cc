using System.Collections.Immutable;
using System.Security.Cryptography;
using System.Text;

namespace Cistern.Application.Brews;

/// <summary>The outcome of sending readings.</summary>
/// <param name="Saved">How many were new and saved.</param>
/// <param name="Dropped">How many existed already, or were too close to another.</param>
public sealed record ReadingsReceived(int Saved, int Dropped);

/// <summary>
/// Receives the readings of a brew: saved in one transaction before they are acknowledged, each once, in any order. Steps detected in
/// them are then added to the brew like a press.
/// </summary>
/// <param name="db">The context of the data file.</param>
/// <param name="readers">Earlier readings.</param>
/// <param name="brews">Receives the detected steps.</param>
/// <param name="model">The model with which brews are conducted.</param>
/// <param name="time">The clock.</param>
public sealed class ReadingStore(CisternDb db, LiveReadings readers, BrewStore brews, ForecastModel model, TimeProvider time)
{
    /// <summary>Who saw it, where instruments did.</summary>
    public const string Instruments = "the instruments";

    /// <summary>Interval between detections, ms: each one evaluates the whole curve.</summary>
    private const long DetectEveryMs = 300;

    /// <summary>Receives readings of a brew.</summary>
    /// <param name="brewId">The brew.</param>
    /// <param name="readings">The readings; their times are on the brew's own clock.</param>
    /// <param name="ct">Cancels it before it begins.</param>
    /// <returns>The outcome; null where there is no such running brew, or where nothing can be read of it any more.</returns>
    public async Task<ReadingsReceived?> ReceiveAsync(int brewId, IReadOnlyCollection<Reading> readings, CancellationToken ct)
    {
        var reader = readers.Of(brewId);
        await reader.Gate.WaitAsync(ct);
        try
        {
            // A refractometer is read after cooling; no other readings are accepted for a finished brew.
            var state = await db.Brews.AsNoTracking().Where(row => row.Id == brewId).Select(row => (BrewState?)row.State).FirstOrDefaultAsync(ct);
            if (state != BrewState.Running && !(state == BrewState.Finished && readings.All(reading => reading.Of == ReadingOf.TdsPercent)))
            {
                readers.Forget(brewId);
                return null;
            }

            var curves = reader.Curves ??= await LoadAsync(db, brewId, ct);
            var after = new Dictionary<ReadingOf, Curve>(curves);
            var kept = 0;
            foreach (var kind in readings.GroupBy(reading => reading.Of))
            {
                var before = curves.GetValueOrDefault(kind.Key) ?? new Curve(kind.Key, []);
                after[kind.Key] = before.With(kind.OrderBy(reading => reading.AtMs).Select(reading => new CurvePoint((long)reading.AtMs, reading.Value)), out var added);
                if (added.Length > 0)
                {
                    db.Readings.Add(new ReadingChunk { BrewId = brewId, Of = kind.Key, Packed = new Curve(kind.Key, added).Pack() });
                    kept += added.Length;
                }
            }

            if (kept > 0)
            {
                await db.SaveChangesAsync(CancellationToken.None);
                db.ChangeTracker.Clear();
                reader.Curves = after;
                reader.HasNewReadings = state == BrewState.Running;
                reader.Publish(Moment(after, await DetectDueAsync(brewId, reader)));
            }

            return new ReadingsReceived(kept, readings.Count - kept);
        }
        finally
        {
            reader.Gate.Release();
        }
    }

    /// <summary>Detects steps in readings not evaluated yet, since no later reading may come to trigger that.</summary>
    /// <param name="brewId">A running brew.</param>
    public async Task DetectDueAsync(int brewId)
    {
        var reader = readers.Of(brewId);
        await reader.Gate.WaitAsync();
        try
        {
            if (await DetectDueAsync(brewId, reader))
            {
                reader.Publish(Moment(reader.Curves!, changed: true));
            }
        }
        finally
        {
            reader.Gate.Release();
        }
    }

    /// <summary>The readings of a brew.</summary>
    /// <param name="db">The context of the data file.</param>
    /// <param name="brewId">The brew.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task<Dictionary<ReadingOf, Curve>> LoadAsync(CisternDb db, int brewId, CancellationToken ct)
    {
        var chunks = await db.Readings.AsNoTracking().Where(chunk => chunk.BrewId == brewId).OrderBy(chunk => chunk.Id).ToListAsync(ct);
        return chunks.Where(chunk => Enum.IsDefined(chunk.Of)).GroupBy(chunk => chunk.Of).ToDictionary(kind => kind.Key, kind =>
            new Curve(kind.Key, [.. kind.SelectMany(chunk => Curve.Unpack(kind.Key, chunk.Packed).Points).OrderBy(point => point.AtMs)]));
    }

    /// <summary>The last refractometer reading of a brew, % TDS, or null.</summary>
    /// <param name="db">The context of the data file.</param>
    /// <param name="brewId">The brew.</param>
    /// <param name="ct">Cancels it.</param>
    public static async Task<double?> TdsPercentAsync(CisternDb db, int brewId, CancellationToken ct)
    {
        var chunks = await db.Readings.AsNoTracking().Where(chunk => chunk.BrewId == brewId && chunk.Of == ReadingOf.TdsPercent).Select(chunk => chunk.Packed).ToListAsync(ct);
        var points = chunks.SelectMany(packed => Curve.Unpack(ReadingOf.TdsPercent, packed).Points).ToList();
        return points.Count > 0 ? points.MaxBy(point => point.AtMs).Value : null;
    }

    /// <summary>Merges the pieces of a finished brew's readings: a curve of ten minutes then takes a few kilobytes.</summary>
    /// <param name="brewId">The brew.</param>
    public async Task MergeAsync(int brewId)
    {
        var reader = readers.Of(brewId);
        await reader.Gate.WaitAsync();
        try
        {
            var curves = await LoadAsync(db, brewId, CancellationToken.None);
            if (curves.Count > 0 && await db.Readings.CountAsync(chunk => chunk.BrewId == brewId) > curves.Count)
            {
                await using var transaction = await db.Database.BeginTransactionAsync(CancellationToken.None);
                // What this version cannot read stays as it is.
                foreach (var of in curves.Keys)
                {
                    await db.Readings.Where(chunk => chunk.BrewId == brewId && chunk.Of == of).ExecuteDeleteAsync();
                }

                db.Readings.AddRange(curves.Values.Select(curve => new ReadingChunk { BrewId = brewId, Of = curve.Of, Packed = curve.Pack() }));
                await db.SaveChangesAsync();
                await transaction.CommitAsync();
                db.ChangeTracker.Clear();
            }
        }
        finally
        {
            reader.Gate.Release();
        }

        readers.Forget(brewId);
    }

    /// <summary>Merges the pieces that an interrupted server left.</summary>
    /// <param name="ct">Cancels it between two brews.</param>
    public async Task MergeAllAsync(CancellationToken ct)
    {
        var pieces = await db.Readings.GroupBy(chunk => chunk.BrewId).Where(brew => brew.Count() > ReadingRange.All.Length).Select(brew => brew.Key).ToListAsync(ct);
        var over = await db.Brews.Where(brew => pieces.Contains(brew.Id) && brew.State != BrewState.Running).Select(brew => brew.Id).ToListAsync(ct);
        foreach (var id in over)
        {
            ct.ThrowIfCancellationRequested();
            await MergeAsync(id);
        }
    }

    private static LiveMoment Moment(Dictionary<ReadingOf, Curve> curves, bool changed)
    {
        var stream = (double?)null;
        if (curves.TryGetValue(ReadingOf.ScaleG, out var weight) && weight.Points is [.., var last])
        {
            var back = weight.Points.LastOrDefault(point => last.AtMs - point.AtMs >= 900);
            stream = back.AtMs > 0 ? (last.Value - back.Value) * 1000 / (last.AtMs - back.AtMs) : 0;
        }

        return new LiveMoment(curves.Values.Max(curve => curve.Points[^1].AtMs), curves.ToDictionary(pair => ReadingRange.For(pair.Key).Word, pair => pair.Value.Points[^1].Value), stream, changed);
    }

    /// <summary>Detects steps, where the interval has passed.</summary>
    /// <returns>Whether that changed the brew's state.</returns>
    private async Task<bool> DetectDueAsync(int brewId, LiveReadings.LiveReader reader)
    {
        var nowMs = (long)time.GetElapsedTime(0).TotalMilliseconds;
        if (!reader.HasNewReadings || nowMs - reader.DetectedAtMs < DetectEveryMs)
        {
            return false;
        }

        (reader.DetectedAtMs, reader.HasNewReadings) = (nowMs, false);
        return await DetectAsync(brewId, reader);
    }

    /// <summary>Adds the detected steps that nobody has reported.</summary>
    /// <returns>Whether there were any.</returns>
    private async Task<bool> DetectAsync(int brewId, LiveReadings.LiveReader reader)
    {
        var brew = await db.Brews.AsNoTracking().Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).AsSplitQuery().FirstAsync(row => row.Id == brewId);
        var plan = brew.ModelOf(model).Run(brew.Recipe());
        var nowMs = time.GetUtcNow().ToUnixTimeMilliseconds();
        var run = brew.Run(plan, nowMs);
        var lastMs = reader.Curves!.Values.Max(curve => curve.Points[^1].AtMs);
        var detected = StepDetector.Of(plan, reader.Curves, run.StartedAtMs, brew.StartsItself, lastMs);
        var start = brew.Entries.Where(entry => entry.Kind == EntryKind.Start).Select(entry => entry.EntryId).LastOrDefault();
        var known = brew.Entries.Select(entry => entry.EntryId).ToHashSet();
        var said = detected.Steps.Where(one => IsUnreported(run, one)).Select(one => new SentEntry(IdOf(brewId, start, one), one.Kind, one.Step, one.AtMs, null)).Where(one => !known.Contains(one.Id)).ToList();
        if (said.Count > 0)
        {
            await brews.ReceiveAsync(brewId, said, Instruments, CancellationToken.None, seen: true);
        }

        await SaveWeightsAsync(brew, detected);
        return said.Count > 0;
    }

    /// <summary>Whether a detected step was not yet reported.</summary>
    private static bool IsUnreported(BrewRun run, DetectedStep one) =>
        one.Kind == EntryKind.Start ? !run.ClockRuns
        : run.ClockRuns && (run.Done.FirstOrDefault(done => done.Index == one.Step) is { EndS: not null } over && over.Index == one.Step
            ? one.Kind == EntryKind.Done && over.IsUnconfirmed
            : run.Present is { } present && one.Step >= present.Index && !(one.Kind == EntryKind.Begun && one.Step == present.Index && present.BegunS is not null));

    /// <summary>An id derived from the content, so that a step is added once however often it is detected; another start gives another id.</summary>
    private static Guid IdOf(int brewId, Guid start, DetectedStep one) =>
        new(SHA256.HashData(Encoding.UTF8.GetBytes($"{brewId} {start} {one.Kind} {one.Step}")).AsSpan(0, 16));

    /// <summary>Saves weights that nobody has typed.</summary>
    private async Task SaveWeightsAsync(Brew brew, Detected detected)
    {
        var poured = detected.PouredG.Where(pair => brew.Weighings.Find(one => one.StepIndex == pair.Key) is not { } there || (there.Seen && Math.Abs(there.TotalG - pair.Value) > 0.5)).ToImmutableArray();
        var told = new Dictionary<string, (double? Value, double Least)>
        {
            [ObservationNames.Dose] = (detected.DoseG, 0.05),
            [ObservationNames.Water] = (detected.WaterC, 0.5),
            [ObservationNames.Flame] = (detected.FlameW, 5),
        };
        foreach (var step in detected.Unstirred)
        {
            told[FormattableString.Invariant($"{ObservationNames.Omitted}{step}")] = (1, 0.5);
        }

        // What somebody typed stands.
        var news = told.Where(pair => pair.Value.Value is { } value && (brew.Observations.Find(one => one.Name == pair.Key) is not { } there || (there.Seen && Math.Abs(there.Value - value) > pair.Value.Least))).ToList();
        if (poured.IsEmpty && news.Count == 0)
        {
            return;
        }

        var row = await db.Brews.Include(one => one.Weighings).Include(one => one.Observations).AsSplitQuery().FirstAsync(one => one.Id == brew.Id);
        foreach (var (step, totalG) in poured)
        {
            if (row.Weighings.Find(one => one.StepIndex == step) is { } there)
            {
                there.TotalG = Math.Round(totalG, 1);
            }
            else
            {
                row.Weighings.Add(new Weighing { StepIndex = step, TotalG = Math.Round(totalG, 1), Seen = true });
            }
        }

        foreach (var (name, (value, _)) in news)
        {
            var rounded = Math.Round(value!.Value, 1);
            if (row.Observations.Find(one => one.Name == name) is { } there)
            {
                there.Value = rounded;
            }
            else
            {
                row.Observations.Add(new Observation { Name = name, Value = rounded, AtMs = time.GetUtcNow().ToUnixTimeMilliseconds(), Seen = true });
            }
        }

        await db.SaveChangesAsync();
        db.ChangeTracker.Clear();
    }
}
