using Cistern.Data;
using Cistern.Data.Demo;
using Microsoft.Data.Sqlite;

namespace Cistern.Cli;

/// <summary>Makes, restores and checks copies of the data file. Results go to standard output; problems to standard error with exit code 1.</summary>
internal sealed class DataFiles(Terminal terminal)
{
    private const int Refused = 1;

    /// <summary>A running server looks for a copy every second, and has its shutdown time.</summary>
    private static readonly TimeSpan RetryFor = TimeSpan.FromSeconds(90);

    /// <summary>Makes a copy.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="to">The copy.</param>
    /// <param name="replaces">Whether an existing file may be replaced.</param>
    public int Backup(string dataFile, string to, bool replaces) => Told(() =>
    {
        if (!replaces && File.Exists(to) && Path.GetFullPath(to) != Path.GetFullPath(dataFile))
        {
            throw new DataFileRefusedException($"{to} exists already and is unchanged: choose another file, or add --replace.");
        }

        Backups.Make(dataFile, to);
        terminal.Out.WriteLine(string.Create(CultureInfo.InvariantCulture, $"{to}: {SummaryOf(to)}, {new FileInfo(to).Length / 1048576.0:0.0} MB, sound."));
        return 0;
    });

    /// <summary>Restores a copy; a running server is asked to stop for it.</summary>
    public async Task<int> RestoreAsync(string dataFile, string copy, CancellationToken ct)
    {
        var laid = Told(() =>
        {
            Directory.CreateDirectory(Path.GetDirectoryName(Path.GetFullPath(dataFile))!);
            Backups.PrepareRestore(copy, dataFile);
            return 0;
        });
        if (laid != 0)
        {
            return laid;
        }

        // A running server sees the copy within a second and stops. Then it is put in place here, or by the next start if that is
        // earlier.
        var asked = false;
        for (var begun = TimeProvider.System.GetTimestamp(); TimeProvider.System.GetElapsedTime(begun) < RetryFor; await Task.Delay(100, ct))
        {
            try
            {
                if (File.Exists(Backups.RestorePath(dataFile)))
                {
                    using var file = DataFile.Take(dataFile);
                    await file.PrepareAsync(demo: false, ct: ct);
                }

                terminal.Out.WriteLine($"{dataFile} was restored from {copy}: {SummaryOf(dataFile)}. The file from before is kept beside it.{(asked ? " Cistern was stopped for it: start it again (a service restarts by itself)." : "")}");
                return 0;
            }
            catch (DataFileRefusedException refused) when (refused.Message.StartsWith("Another Cistern", StringComparison.Ordinal))
            {
                asked = true;
            }
            catch (DataFileRefusedException refused)
            {
                await terminal.Error.WriteLineAsync($"cistern: {refused.Message}");
                return Refused;
            }
        }

        Backups.CancelRestore(dataFile);
        await terminal.Error.WriteLineAsync("cistern: Cistern is using the data file and did not stop: stop it, and try again. The data file is unchanged.");
        return Refused;
    }

    /// <summary>Looks a data file over.</summary>
    public int Check(string file)
    {
        if (!File.Exists(file))
        {
            terminal.Error.WriteLine($"cistern: there is no file {file}.");
            return Refused;
        }

        if (Backups.Problem(file) is { } problem)
        {
            terminal.Error.WriteLine($"cistern: {file} is not sound: {problem}.");
            return Refused;
        }

        terminal.Out.WriteLine($"{file}: {SummaryOf(file)}, sound.");
        return 0;
    }

    /// <summary>Makes a file with many brews.</summary>
    public async Task<int> SeedAsync(string dataFile, int count, CancellationToken ct)
    {
        if (File.Exists(dataFile) || count is < 1 or > 1_000_000)
        {
            await terminal.Error.WriteLineAsync(File.Exists(dataFile) ? $"cistern: {dataFile} exists already: choose a new file with CISTERN_DATA." : "cistern: N is 1 to 1,000,000.");
            return Refused;
        }

        try
        {
            using var file = DataFile.Take(dataFile);
            await file.PrepareAsync(demo: true, (db, stop) => DemoData.FillAsync(db, TimeProvider.System, stop), ct);
            await using var db = DataFile.ContextOn(file.Path);
            await Seeding.AddAsync(db, count, TimeProvider.System, done => terminal.Error.Write(string.Create(CultureInfo.InvariantCulture, $"\r{done:N0} brews")), ct);
            await terminal.Error.WriteLineAsync();
            terminal.Out.WriteLine($"{dataFile}: {SummaryOf(dataFile)}.");
            return 0;
        }
        catch (DataFileRefusedException refused)
        {
            await terminal.Error.WriteLineAsync($"cistern: {refused.Message}");
            return Refused;
        }
    }

    private static string SummaryOf(string file)
    {
        using var connection = new SqliteConnection($"Data Source={file};Mode=ReadOnly;Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT (SELECT count(*) FROM Brews), (SELECT count(*) FROM Baristas)";
        using var counts = command.ExecuteReader();
        counts.Read();
        return $"{Counted(counts.GetInt64(0), "brew")}, {Counted(counts.GetInt64(1), "barista")}";
    }

    private static string Counted(long count, string what) => string.Create(CultureInfo.InvariantCulture, $"{count} {what}{(count == 1 ? "" : "s")}");

    private int Told(Func<int> work)
    {
        try
        {
            return work();
        }
        catch (DataFileRefusedException refused)
        {
            terminal.Error.WriteLine($"cistern: {refused.Message}");
            return Refused;
        }
    }
}
