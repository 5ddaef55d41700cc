using Cistern.Core.Forecasts;
using Cistern.Core.Readings;
using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Stores;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Brewing;

/// <summary>Plays the simulated benches of the brews under way: what their instruments show comes in as from real ones.</summary>
/// <param name="services">The application's.</param>
/// <param name="ears">What was heard: of a brew that is over it is gathered.</param>
/// <param name="time">The clock.</param>
/// <param name="log">Where trouble is told.</param>
internal sealed class SimulatedBenches(IServiceProvider services, BenchEars ears, TimeProvider time, ILogger<SimulatedBenches> log) : BackgroundService
{
    private static readonly TimeSpan Beat = TimeSpan.FromMilliseconds(200);

    /// <summary>How often it is looked whether a bench was switched on or off.</summary>
    private const int BeatsBetweenLooks = 5;

    /// <summary>What is made ready is done this long before 0:00, s: it has been when the bench is switched on, and what follows waits for the start.</summary>
    private const double ReadyS = -1.5;

    private readonly Dictionary<int, Bench> benches = [];

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Beat);
        var beats = 0;
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            try
            {
                if (beats++ % BeatsBetweenLooks == 0)
                {
                    await LookAsync(stoppingToken);
                }

                foreach (var (id, bench) in benches)
                {
                    await PlayAsync(id, bench, stoppingToken);
                }
            }
            catch (Exception error) when (error is Microsoft.Data.Sqlite.SqliteException or DbUpdateException or IOException or UnreadableException)
            {
                log.LogWarning(error, "A simulated bench stands still.");
            }
        }
    }

    /// <summary>The benches that are switched on.</summary>
    private async Task LookAsync(CancellationToken ct)
    {
        await using var scope = services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<CisternDb>();
        var rows = await db.Brews.AsNoTracking().Where(brew => brew.State == BrewState.Running && brew.BenchJson != null).ToListAsync(ct);
        foreach (var gone in benches.Keys.Except(rows.Select(row => row.Id)).ToList())
        {
            // Done, and a sample has cooled.
            benches.Remove(gone, out var bench);
            await scope.ServiceProvider.GetRequiredService<ReadingStore>().TakeAsync(gone, [new Reading(ReadingOf.TdsPercent, bench!.Row.ClockMs(time.GetUtcNow().ToUnixTimeMilliseconds()), bench.Simulated.TdsPercent())], ct);
        }

        var heard = ears.Brews;
        var under = heard.Count == 0 ? [] : await db.Brews.Where(brew => heard.Contains(brew.Id) && brew.State == BrewState.Running).Select(brew => brew.Id).ToListAsync(ct);
        foreach (var over in heard.Except(under))
        {
            await scope.ServiceProvider.GetRequiredService<ReadingStore>().GatherAsync(over);
        }

        foreach (var row in rows)
        {
            if (benches.TryGetValue(row.Id, out var there) && there.Row.BenchJson == row.BenchJson && there.Row.StartsItself == row.StartsItself)
            {
                there.Row = row;
            }
            else if (BenchSetup.Read(row.BenchJson) is { } setup && HandsChoice.Find(setup.Hands) is { } hands)
            {
                var simulated = new SimulatedBench(Performance.Of(ForecastModel.Published.Run(row.Recipe()), hands.Hands, setup.Seed), setup.Seed);
                benches[row.Id] = new Bench(row, setup, simulated) { ToldS = await ToldAsync(db, row, setup, ct) };
            }
        }
    }

    /// <summary>Until when this bench has told already: a server that starts again goes on from there.</summary>
    private static async Task<double> ToldAsync(CisternDb db, Brew row, BenchSetup setup, CancellationToken ct)
    {
        var lastMs = (await ReadingStore.LoadAsync(db, row.Id, ct)).Values.SelectMany(curve => curve.Points).Select(point => point.AtMs).Where(atMs => atMs >= setup.OnMs).DefaultIfEmpty(0).Max();
        return lastMs == 0 ? double.NegativeInfinity : row.StartedAtMs is { } zeroMs ? (lastMs - zeroMs) / 1000.0 : ReadyS;
    }

    private async Task PlayAsync(int id, Bench bench, CancellationToken ct)
    {
        var nowMs = bench.Row.ClockMs(time.GetUtcNow().ToUnixTimeMilliseconds());
        // A clock that starts with what is seen goes on from what was made ready; one that is pressed waits for the press.
        var zeroMs = bench.Row.StartedAtMs ?? bench.Setup.OnMs - (ReadyS * 1000);
        var waits = bench.Row is { StartedAtMs: null, StartsItself: false };
        var toS = (nowMs - zeroMs) / 1000.0;
        toS = waits ? Math.Min(toS, ReadyS) : toS;
        var fromS = Math.Max(bench.ToldS, bench.Simulated.BeginS);
        if (toS <= fromS)
        {
            return;
        }

        var readings = bench.Simulated.Read(fromS, toS, atS => zeroMs + (1000 * atS)).ToList();
        if (readings.Count == 0)
        {
            return;
        }

        await using var scope = services.CreateAsyncScope();
        if (await scope.ServiceProvider.GetRequiredService<ReadingStore>().TakeAsync(id, readings, ct) is not null)
        {
            bench.ToldS = toS;
        }
    }

    private sealed class Bench(Brew row, BenchSetup setup, SimulatedBench simulated)
    {
        public Brew Row { get; set; } = row;

        public BenchSetup Setup { get; } = setup;

        public SimulatedBench Simulated { get; } = simulated;

        /// <summary>Until when its readings have come in, s on the brew clock.</summary>
        public double ToldS { get; set; } = double.NegativeInfinity;
    }
}
