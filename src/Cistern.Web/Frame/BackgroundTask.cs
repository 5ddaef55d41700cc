namespace Cistern.Web.Frame;

/// <summary>
/// Work that is done beside the pages, beat by beat. Whatever breaks in a beat is logged, and the next one comes: nothing
/// beside the pages may end the server.
/// </summary>
/// <param name="beat">The time between two beats.</param>
/// <param name="time">The clock it beats by.</param>
/// <param name="log">Where it is told what broke.</param>
public abstract partial class BackgroundTask(TimeSpan beat, TimeProvider time, ILogger log) : BackgroundService
{
    /// <summary>The clock it beats by.</summary>
    protected TimeProvider Time { get; } = time;

    /// <summary>How many beats are behind it.</summary>
    public int Beats { get; private set; }

    /// <inheritdoc/>
    protected sealed override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            while (true)
            {
                // Not a periodic timer: one that was away for days has nothing to make up for.
                await Task.Delay(beat, Time, stoppingToken);
                try
                {
                    await BeatAsync(stoppingToken);
                }
                catch (Exception error) when (!stoppingToken.IsCancellationRequested)
                {
                    Broke(error, GetType().Name);
                }

                Beats++;
            }
        }
        catch (OperationCanceledException)
        {
            // The server is stopped.
        }
    }

    /// <summary>Does what is due.</summary>
    /// <param name="ct">Stops it.</param>
    protected abstract Task BeatAsync(CancellationToken ct);

    [LoggerMessage(LogLevel.Error, "Unhandled exception in background service {Service}; it goes on.")]
    private partial void Broke(Exception error, string service);
}
