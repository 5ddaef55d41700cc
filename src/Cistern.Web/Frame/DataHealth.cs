using System.Diagnostics;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace Cistern.Web.Frame;

/// <summary>
/// Healthy when data written now is really stored: a row is written and read through a new connection, the file is sound and has this
/// version's tables, and the keys for forms work.
/// </summary>
/// <param name="db">The context of the data file.</param>
/// <param name="file">The data file.</param>
/// <param name="soundness">The integrity check, which is run only from time to time.</param>
/// <param name="protection">Uses the keys for forms.</param>
public sealed class DataHealth(CisternDb db, DataFile file, IntegrityCheck soundness, IDataProtectionProvider protection) : IHealthCheck
{
    /// <inheritdoc/>
    public async Task<HealthCheckResult> CheckHealthAsync(HealthCheckContext context, CancellationToken cancellationToken = default)
    {
        try
        {
            return await ProblemAsync(cancellationToken) is { } problem ? HealthCheckResult.Unhealthy(problem)
                : HealthCheckResult.Healthy(Backups.NewestDaily(file.Path) is { } newest ? $"The last daily copy is of {newest.UtcDateTime.ToString("yyyy-MM-dd HH:mm", CultureInfo.InvariantCulture)} UTC." : null);
        }
        catch (Exception error) when (error is SqliteException or DbUpdateException or IOException or UnauthorizedAccessException)
        {
            return HealthCheckResult.Unhealthy($"The data file cannot be written: {(error.InnerException ?? error).Message.TrimEnd('.')}.");
        }
    }

    private async Task<string?> ProblemAsync(CancellationToken ct)
    {
        if (!file.IsInPlace)
        {
            return "The data file was moved or deleted: nothing more is saved.";
        }

        // Written through the context that brews and plans use, and read through a new connection, which shows whether both see the
        // same file.
        var text = Guid.NewGuid().ToString();
        await db.Database.ExecuteSqlAsync($"INSERT INTO Pulses (Id, Text) VALUES (1, {text}) ON CONFLICT (Id) DO UPDATE SET Text = excluded.Text", ct);
        await using var anew = file.OpenUnpooled();
        await using var command = anew.CreateCommand();
        command.CommandText = "SELECT Text FROM Pulses WHERE Id = 1";
        if (!string.Equals(text, await command.ExecuteScalarAsync(ct) as string, StringComparison.Ordinal))
        {
            return "The data file was replaced by another file.";
        }

        if (!(await DataFile.AppliedMigrationsAsync(anew, ct)).SequenceEqual(DataFile.Schema, StringComparer.Ordinal))
        {
            return "The data file's tables are not those of this version.";
        }

        return soundness.Problem(anew) ?? (SchemaCheck.Problem(anew) is { } wrong ? $"The data file is wrong: {wrong}." : null) ?? KeysProblem();
    }

    private string? KeysProblem()
    {
        const string Said = "health";
        var protector = protection.CreateProtector(nameof(DataHealth));
        return KeyFolder.Problem(KeyFolder.Of(file)) is { } problem ? $"Forms cannot be guarded: {problem}."
            : protector.Unprotect(protector.Protect(Said)) == Said ? null : "Forms cannot be protected: the keys do not work.";
    }
}

/// <summary>Whether every page of the data file is sound. A check reads the whole file, so its result is reused for a while.</summary>
/// <param name="time">The clock.</param>
public sealed class IntegrityCheck(TimeProvider time)
{
    /// <summary>A check may take at most one part in this many of the time.</summary>
    private const int PauseFactor = 20;

    private readonly Lock gate = new();
    private long pausedUntil;
    private string? last;

    /// <summary>What is wrong with the file; null where the last check found nothing.</summary>
    /// <param name="connection">A connection that has not read yet.</param>
    public string? Problem(SqliteConnection connection)
    {
        lock (gate)
        {
            if (time.GetTimestamp() < pausedUntil)
            {
                return last;
            }

            var watch = Stopwatch.StartNew();
            using var command = connection.CreateCommand();
            command.CommandText = "PRAGMA quick_check(1)";
            var said = command.ExecuteScalar() as string;
            last = said == "ok" ? null : $"The data file is damaged: {said}.";
            pausedUntil = time.GetTimestamp() + (long)(PauseFactor * watch.Elapsed.TotalSeconds * time.TimestampFrequency);
            return last;
        }
    }
}
