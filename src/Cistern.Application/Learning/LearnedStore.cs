using System.Collections.Immutable;
using System.Text.Json;

namespace Cistern.Application.Learning;

/// <summary>Learns from the brews in the data file, and saves the result.</summary>
/// <param name="db">The context of the data file.</param>
/// <param name="now">What is known now.</param>
/// <param name="time">The clock.</param>
public sealed class LearnedStore(CisternDb db, LearnedState now, TimeProvider time)
{
    /// <summary>How many of the latest brews are used: a fit of that many takes half a second at most.</summary>
    public const int MaxBrews = 60;

    /// <summary>Longer than any brew takes, ms.</summary>
    private const long RecentMs = 3L * 86_400_000;

    /// <summary>Brews older than this are about another bag and worn burrs, ms.</summary>
    private const long OldMs = 120L * 86_400_000;

    /// <summary>Loads what was learned before, if it was learned with this version of the model.</summary>
    public async Task LoadAsync(CancellationToken ct)
    {
        if (await db.Learned.AsNoTracking().FirstOrDefaultAsync(row => row.Id == LearnedRow.OnlyId, ct) is { } row && row.ModelVersion == Forecast.ModelVersion && Read(row.Json) is { } learned)
        {
            now.Current = learned;
            // A server that was killed may not have learned from the latest changes.
            if (!await db.Tastings.AnyAsync(one => one.AtMs > row.AtMs, ct) && !await db.Observations.AnyAsync(one => one.AtMs > row.AtMs, ct)
                && !await db.Brews.AnyAsync(one => one.OpenedAtMs > row.AtMs - RecentMs && one.EndedAtMs > row.AtMs, ct))
            {
                now.TakeSignal();
            }
        }
    }

    /// <summary>Learns from the latest brews that have a grinder and a coffee, and saves the result.</summary>
    public async Task LearnAsync(CancellationToken ct)
    {
        var sinceMs = time.GetUtcNow().ToUnixTimeMilliseconds() - OldMs;
        var brews = await db.Logged.AsNoTracking()
            .Where(brew => brew.State == BrewState.Finished && brew.StartedAtMs != null && brew.OpenedAtMs > sinceMs && brew.GrinderName != "" && brew.CoffeeName != "")
            .OrderByDescending(brew => brew.OpenedAtMs).Take(MaxBrews)
            .Include(brew => brew.Barista).Include(brew => brew.Entries).Include(brew => brew.Weighings).Include(brew => brew.Observations)
            .Include(brew => brew.Tastings).ThenInclude(tasting => tasting.Sips).Include(brew => brew.Tastings).ThenInclude(tasting => tasting.Barista)
            .Include(brew => brew.Readings.Where(chunk => chunk.Of == Core.Readings.ReadingOf.SlurryC)).AsSplitQuery().ToListAsync(ct);
        var model = ForecastModel.Published.StoppedBy(ct);
        var learned = Fitter.Of(brews.Where(brew => brew.IsReadable()).OrderBy(brew => brew.OpenedAtMs).Select(brew => BrewRecords.ForFitting(brew, BrewRecords.Of(brew, model, boughtGround: false))), model);
        var row = await db.Learned.FirstOrDefaultAsync(one => one.Id == LearnedRow.OnlyId, ct);
        if (row is null)
        {
            row = new LearnedRow { Id = LearnedRow.OnlyId, ModelVersion = "", Json = "" };
            db.Learned.Add(row);
        }

        (row.ModelVersion, row.AtMs, row.Json) = (Forecast.ModelVersion, time.GetUtcNow().ToUnixTimeMilliseconds(), Write(learned));
        await db.SaveChangesAsync(ct);
        now.Relearned(learned);
    }

    private static string Write(Learned learned) => JsonSerializer.Serialize(new StoredFit(
        [.. learned.Parameters], [.. learned.Covariance], learned.Brews, [.. learned.LeftOut], [.. learned.Names], [.. learned.BrewsOf.Select(pair => new StoredCount(pair.Key.Scope, pair.Key.Whose, pair.Value))]));

    private static Learned? Read(string json) =>
        StoredJson.Read<StoredFit>(json) is { Parameters: { } parameters, Covariance: { } covariance, LeftOut: { } leftOut, Names: { } names, BrewsOf: { } brewsOf } kept && covariance.Length == parameters.Length * parameters.Length
            ? new Learned([.. parameters], [.. covariance], kept.Brews) { LeftOut = [.. leftOut], Names = [.. names], BrewsOf = brewsOf.ToImmutableDictionary(one => (one.Scope, one.Whose), one => one.Brews) }
            : null;

    private sealed record StoredFit(LearnedParameter[] Parameters, double[] Covariance, int Brews, LeftOut[] LeftOut, string[] Names, StoredCount[] BrewsOf);

    private sealed record StoredCount(FitScope Scope, string Whose, int Brews);
}
