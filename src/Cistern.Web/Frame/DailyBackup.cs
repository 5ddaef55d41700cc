namespace Cistern.Web.Frame;

/// <summary>
/// Copies the data file daily, and checks whether a copy is waiting to be restored. If so, the server shuts down normally, so that
/// nothing acknowledged is lost, and the next start puts the copy in place.
/// </summary>
public sealed partial class DailyBackup(DataFile file, TimeProvider time, AppSettings settings, IHostApplicationLifetime lifetime, ILogger<DailyBackup> log) : BackgroundTask(TimeSpan.FromSeconds(1), time, log)
{
    /// <summary>Delay of the first copy, so that it does not slow down a start.</summary>
    private static readonly TimeSpan First = TimeSpan.FromSeconds(20);

    /// <summary>Delay after a failed copy.</summary>
    private static readonly TimeSpan RetryAfter = TimeSpan.FromMinutes(30);

    private DateTimeOffset? next;

    /// <inheritdoc/>
    protected override async Task RunOnceAsync(CancellationToken ct)
    {
        if (File.Exists(Backups.RestorePath(file.Path)))
        {
            LogRestored();
        }

        next ??= Time.GetUtcNow() + First;
        if (settings.DailyCopy && Time.GetUtcNow() >= next)
        {
            next = Time.GetUtcNow() + RetryAfter;
            await Task.Run(MakeDaily, ct);
        }
    }

    /// <summary>Shuts down for a sound copy; any other file at that path is ignored.</summary>
    private void LogRestored()
    {
        if (Backups.Problem(Backups.RestorePath(file.Path)) is { } problem)
        {
            LogNotRestored(Backups.SetAside(file.Path), problem);
            return;
        }

        LogWillRestore(Backups.RestorePath(file.Path));
        lifetime.StopApplication();
    }

    private void MakeDaily()
    {
        try
        {
            if (file.IsInPlace && Backups.MakeDaily(file.Path, DateOnly.FromDateTime(Time.GetLocalNow().DateTime)))
            {
                LogMade(Backups.Daily(file.Path));
            }

            Backups.TidyBefore(file.Path, Time.GetUtcNow());
        }
        catch (Exception error) when (error is DataFileRefusedException or IOException or UnauthorizedAccessException)
        {
            // A disk that takes no copy must not stop the bench.
            LogNotMade(error.Message);
        }
    }

    [LoggerMessage(LogLevel.Information, "Stopping to restore {Copy}. Start Cistern again.")]
    private partial void LogWillRestore(string copy);

    [LoggerMessage(LogLevel.Error, "Restore refused: {File} is not a sound copy: {Why}. The data file was not changed.")]
    private partial void LogNotRestored(string file, string why);

    [LoggerMessage(LogLevel.Information, "Daily backup saved in {Folder}.")]
    private partial void LogMade(string folder);

    [LoggerMessage(LogLevel.Warning, "Daily backup failed: {Why}")]
    private partial void LogNotMade(string why);
}
