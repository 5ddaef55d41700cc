namespace Cistern.Web.Pages.Brewing;

/// <summary>Plays the simulated instruments of the running brews: their readings arrive as those of real ones do.</summary>
/// <param name="services">The application's.</param>
/// <param name="time">The clock.</param>
/// <param name="log">The log for exceptions.</param>
internal sealed class SimulationService(IServiceProvider services, TimeProvider time, ILogger<SimulationService> log) : BackgroundTask(TimeSpan.FromMilliseconds(200), time, log)
{
    /// <summary>How many intervals between checks for simulations that were switched on or off.</summary>
    private const int RunsBetweenQueries = 5;

    private readonly Dictionary<int, RunningSimulation> running = [];
    private int beats;

    /// <inheritdoc/>
    protected override async Task RunOnceAsync(CancellationToken ct)
    {
        if (beats++ % RunsBetweenQueries == 0)
        {
            await FindActiveAsync(ct);
        }

        foreach (var (id, simulation) in running)
        {
            await PlayAsync(id, simulation, ct);
        }
    }

    /// <summary>Starts and ends simulations as brews ask for them.</summary>
    private async Task FindActiveAsync(CancellationToken ct)
    {
        await using var scope = services.CreateAsyncScope();
        var db = scope.ServiceProvider.GetRequiredService<CisternDb>();
        var rows = await db.Brews.AsNoTracking().Where(brew => brew.State == BrewState.Running && brew.SimulationJson != null).ToListAsync(ct);
        foreach (var gone in running.Keys.Except(rows.Select(row => row.Id)).ToList())
        {
            running.Remove(gone, out var simulation);
            if (!await db.Brews.AnyAsync(brew => brew.Id == gone && brew.State == BrewState.Finished, ct))
            {
                continue;
            }

            // Done, and a sample has cooled.
            await scope.ServiceProvider.GetRequiredService<ReadingStore>().ReceiveAsync(gone, [new Reading(ReadingOf.TdsPercent, simulation!.Row.ClockMs(Time.GetUtcNow().ToUnixTimeMilliseconds()), simulation.Player.Instruments.TdsPercent())], ct);
        }

        foreach (var row in rows)
        {
            if (running.TryGetValue(row.Id, out var there) && there.Row.SimulationJson == row.SimulationJson && there.Row.StartsItself == row.StartsItself)
            {
                there.Row = row;
            }
            else if (SimulationSetup.Read(row.SimulationJson) is { } setup && SimulatedHands.Find(setup.Hands) is { } hands)
            {
                var simulated = new SimulatedInstruments(SimulatedBrew.Of(row.ModelOf(ForecastModel.Published).Run(row.Recipe()), hands.Hands, setup.Seed), setup.Seed);
                running[row.Id] = new RunningSimulation(row, new SimulationPlayer(simulated, setup.OnMs, await ToldAsync(db, row, setup, ct)));
            }
        }
    }

    /// <summary>Until when readings were stored already, so that a restarted server continues there.</summary>
    private static async Task<double> ToldAsync(CisternDb db, Brew row, SimulationSetup setup, CancellationToken ct)
    {
        var lastMs = (await ReadingStore.LoadAsync(db, row.Id, ct)).Values.SelectMany(curve => curve.Points).Select(point => point.AtMs).Where(atMs => atMs >= setup.OnMs).DefaultIfEmpty(0).Max();
        return lastMs == 0 ? double.NegativeInfinity : row.StartedAtMs is { } zeroMs ? (lastMs - zeroMs) / 1000.0 : SimulationPlayer.ReadyS;
    }

    private async Task PlayAsync(int id, RunningSimulation simulation, CancellationToken ct)
    {
        var (readings, toS) = simulation.Player.ReadingsSince(simulation.Row.ClockMs(Time.GetUtcNow().ToUnixTimeMilliseconds()), simulation.Row.StartedAtMs, simulation.Row.StartsItself);
        if (readings.Count == 0)
        {
            return;
        }

        await using var scope = services.CreateAsyncScope();
        if (await scope.ServiceProvider.GetRequiredService<ReadingStore>().ReceiveAsync(id, readings, ct) is not null)
        {
            simulation.Player.Confirm(toS);
        }
    }

    private sealed class RunningSimulation(Brew row, SimulationPlayer player)
    {
        public Brew Row { get; set; } = row;

        public SimulationPlayer Player { get; } = player;
    }
}
