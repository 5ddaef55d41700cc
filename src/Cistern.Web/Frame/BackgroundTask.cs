namespace Cistern.Web.Frame;

/// <summary>
/// Background work at an interval. An exception is logged and the next interval follows: no background work may end the server.
/// </summary>
/// <param name="beat">The interval.</param>
/// <param name="time">The clock.</param>
/// <param name="log">The log for exceptions.</param>
public abstract partial class BackgroundTask(TimeSpan beat, TimeProvider time, ILogger log) : BackgroundService
{
    /// <summary>The clock.</summary>
    protected TimeProvider Time { get; } = time;

    /// <summary>How many beats are behind it.</summary>
    public int Runs { get; private set; }

    /// <inheritdoc/>
    protected sealed override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            while (true)
            {
                // Not a periodic timer, which would catch up on missed intervals after a long suspension.
                await Task.Delay(beat, Time, stoppingToken);
                try
                {
                    await RunOnceAsync(stoppingToken);
                }
                catch (Exception error) when (!stoppingToken.IsCancellationRequested)
                {
                    LogFailed(error, GetType().Name);
                }

                Runs++;
            }
        }
        catch (OperationCanceledException)
        {
            // The server is stopped.
        }
    }

    /// <summary>Does what is due.</summary>
    /// <param name="ct">Cancels it.</param>
    protected abstract Task RunOnceAsync(CancellationToken ct);

    [LoggerMessage(LogLevel.Error, "Unhandled exception in background service {Service}; it goes on.")]
    private partial void LogFailed(Exception error, string service);
}
