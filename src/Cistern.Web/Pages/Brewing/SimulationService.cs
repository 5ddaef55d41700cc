namespace Cistern.Web.Pages.Brewing;

/// <summary>Plays the simulated benches of the brews under way: what their instruments show comes in as from real ones.</summary>
/// <param name="services">The application's.</param>
/// <param name="time">The clock.</param>
/// <param name="log">The log for exceptions.</param>
internal sealed class SimulationService(IServiceProvider services, TimeProvider time, ILogger<SimulationService> log) : BackgroundTask(TimeSpan.FromMilliseconds(200), time, log)
{
    /// <summary>How many intervals between checks for simulations that were switched on or off.</summary>
    private const int RunsBetweenQueries = 5;

    private readonly Dictionary<int, Bench> benches = [];
    private int beats;

    /// <inheritdoc/>
    protected override async Task RunOnceAsync(CancellationToken ct)
    {
        if (beats++ % RunsBetweenQueries == 0)
        {
            await FindActiveAsync(ct);
        }

        foreach (var (id, bench) in benches)
        {
            await PlayAsync(id, bench, ct);
        }
    }

    /// <summary>The benches that are switched on.</summary>
    private async Task FindActiveAsync(CancellationToken ct)
    {
        await using var scope = services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<CisternDb>();
        var rows = await db.Brews.AsNoTracking().Where(brew => brew.State == BrewState.Running && brew.SimulationJson != null).ToListAsync(ct);
        foreach (var gone in benches.Keys.Except(rows.Select(row => row.Id)).ToList())
        {
            benches.Remove(gone, out var bench);
            if (!await db.Brews.AnyAsync(brew => brew.Id == gone && brew.State == BrewState.Finished, ct))
            {
                continue;
            }

            // Done, and a sample has cooled.
            await scope.ServiceProvider.GetRequiredService<ReadingStore>().ReceiveAsync(gone, [new Reading(ReadingOf.TdsPercent, bench!.Row.ClockMs(Time.GetUtcNow().ToUnixTimeMilliseconds()), bench.Player.Bench.TdsPercent())], ct);
        }

        foreach (var row in rows)
        {
            if (benches.TryGetValue(row.Id, out var there) && there.Row.SimulationJson == row.SimulationJson && there.Row.StartsItself == row.StartsItself)
            {
                there.Row = row;
            }
            else if (SimulationSetup.Read(row.SimulationJson) is { } setup && SimulatedHands.Find(setup.Hands) is { } hands)
            {
                var simulated = new SimulatedInstruments(SimulatedBrew.Of(row.ModelOf(ForecastModel.Published).Run(row.Recipe()), hands.Hands, setup.Seed), setup.Seed);
                benches[row.Id] = new Bench(row, new SimulationPlayer(simulated, setup.OnMs, await ToldAsync(db, row, setup, ct)));
            }
        }
    }

    /// <summary>Until when readings were stored already, so that a restarted server continues there.</summary>
    private static async Task<double> ToldAsync(CisternDb db, Brew row, SimulationSetup setup, CancellationToken ct)
    {
        var lastMs = (await ReadingStore.LoadAsync(db, row.Id, ct)).Values.SelectMany(curve => curve.Points).Select(point => point.AtMs).Where(atMs => atMs >= setup.OnMs).DefaultIfEmpty(0).Max();
        return lastMs == 0 ? double.NegativeInfinity : row.StartedAtMs is { } zeroMs ? (lastMs - zeroMs) / 1000.0 : SimulationPlayer.ReadyS;
    }

    private async Task PlayAsync(int id, Bench bench, CancellationToken ct)
    {
        var (readings, toS) = bench.Player.ReadingsSince(bench.Row.ClockMs(Time.GetUtcNow().ToUnixTimeMilliseconds()), bench.Row.StartedAtMs, bench.Row.StartsItself);
        if (readings.Count == 0)
        {
            return;
        }

        await using var scope = services.CreateAsyncScope();
        if (await scope.ServiceProvider.GetRequiredService<ReadingStore>().ReceiveAsync(id, readings, ct) is not null)
        {
            bench.Player.Confirm(toS);
        }
    }

    private sealed class Bench(Brew row, SimulationPlayer player)
    {
        public Brew Row { get; set; } = row;

        public SimulationPlayer Player { get; } = player;
    }
}
