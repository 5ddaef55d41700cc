namespace Cistern.Web.Frame;

/// <summary>Learns in the background when something was tasted, measured or brewed.</summary>
public sealed partial class LearningService(IServiceProvider services, LearnedState now, AppSettings settings, TimeProvider time, ILogger<LearningService> log) : BackgroundTask(Interval, time, log)
{
    /// <summary>A tasting is entered in pieces; changes within this interval are learned from together.</summary>
    private static readonly TimeSpan Interval = TimeSpan.FromSeconds(2);

    private bool loaded;

    /// <inheritdoc/>
    protected override async Task RunOnceAsync(CancellationToken ct)
    {
        if (settings.Learns && !loaded)
        {
            loaded = true;
            await DoAsync(store => store.LoadAsync(ct));
        }
        else if (settings.Learns && now.TakeSignal() && !await DoAsync(store => store.LearnAsync(ct)))
        {
            now.Signal();
        }
    }

    private async Task<bool> DoAsync(Func<LearnedStore, Task> work)
    {
        try
        {
            await using var scope = services.CreateAsyncScope();
            await work(scope.ServiceProvider.GetRequiredService<LearnedStore>());
            return true;
        }
        catch (Exception error) when (error is Microsoft.Data.Sqlite.SqliteException or DbUpdateException or IOException)
        {
            // The disk may be full or the file gone: what was learned before is kept, and it is tried again.
            LogNotLearned(error);
            return false;
        }
        catch (Exception error) when (error is not OperationCanceledException)
        {
            // A brew that cannot be learned from must neither stop the server nor be retried every other second.
            LogNotLearned(error);
            return true;
        }
    }

    [LoggerMessage(LogLevel.Warning, "Could not learn from the brews.")]
    private partial void LogNotLearned(Exception error);
}
