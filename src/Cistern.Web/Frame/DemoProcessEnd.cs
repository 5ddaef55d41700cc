namespace Cistern.Web.Frame;

/// <summary>Ends a demo that was opened from another installation: together with that one, or after a time without requests.</summary>
public sealed class DemoProcessEnd(TimeProvider time, IHostApplicationLifetime lifetime, ILogger<DemoProcessEnd> log) : BackgroundTask(TimeSpan.FromSeconds(10), time, log)
{
    private static readonly TimeSpan StopAfter = TimeSpan.FromMinutes(30);
    private long requestedAt = time.GetTimestamp();

    /// <summary>Notes a request, which keeps the demo running.</summary>
    public void NoteRequest() => Interlocked.Exchange(ref requestedAt, Time.GetTimestamp());

    /// <summary>Waits for the end of the installation it was opened from, which closes the pipe however it ends.</summary>
    public override async Task StartAsync(CancellationToken cancellationToken)
    {
        await base.StartAsync(cancellationToken);
        _ = Task.Run(async () =>
        {
            await using var input = Console.OpenStandardInput();
            var nothing = new byte[64];
            while (await input.ReadAsync(nothing, CancellationToken.None) > 0)
            {
            }

            lifetime.StopApplication();
        }, CancellationToken.None);
    }

    /// <inheritdoc/>
    protected override Task RunOnceAsync(CancellationToken ct)
    {
        if (Time.GetElapsedTime(Interlocked.Read(ref requestedAt)) > StopAfter)
        {
            lifetime.StopApplication();
        }

        return Task.CompletedTask;
    }
}
