using System.Diagnostics;
using System.Net;
using System.Net.Sockets;

namespace Cistern.Web.Frame;

/// <summary>
/// A demo to look around in: this program again on a temporary data file, so that nothing done there reaches the user's data. One at a
/// time, and only for this machine.
/// </summary>
public sealed partial class DemoProcess(AppSettings settings, ILogger<DemoProcess> log) : IDisposable
{
    private static readonly TimeSpan StartTimeout = TimeSpan.FromSeconds(60);
    private readonly SemaphoreSlim gate = new(1);
    private Process? process;
    private string? folder;
    private Uri? address;

    /// <summary>Whether one may be opened: not from within a demo.</summary>
    public bool MayOpen => settings.Home.Length == 0 && !settings.Demo;

    /// <summary>Its address; null where none is open, or it has ended.</summary>
    public Uri? Address => process is { HasExited: false } ? address : null;

    /// <summary>Opens it if none is open; null where it does not start.</summary>
    /// <param name="home">The address of this installation, to return to.</param>
    /// <param name="ct">Stops waiting, and ends it.</param>
    public async Task<Uri?> OpenAsync(Uri home, CancellationToken ct)
    {
        await gate.WaitAsync(ct);
        try
        {
            if (Address is { } open)
            {
                return open;
            }

            Close();
            // With the other of this machine's two names: browsers separate cookies by name and not by port.
            var name = home.Host == "localhost" ? "127.0.0.1" : "localhost";
            var at = new Uri($"http://{name}:{FreePort()}");
            folder = Directory.CreateTempSubdirectory("cistern-demo-").FullName;
            var start = OwnProgram.StartInfo("--urls", at.GetLeftPart(UriPartial.Authority));
            start.WorkingDirectory = AppContext.BaseDirectory;
            foreach (var (setting, value) in Settings(home))
            {
                start.Environment[$"Cistern__{setting}"] = value;
            }

            process = Process.Start(start)!;
            // Read, so that it never waits for its log to be.
            process.OutputDataReceived += (_, _) => { };
            process.ErrorDataReceived += (_, said) => { if (said.Data is { } line) LogOutput(line); };
            process.BeginOutputReadLine();
            process.BeginErrorReadLine();
            if (await AnswersAsync(at, process, ct))
            {
                return address = at;
            }

            LogNotStarted();
            Close();
            return null;
        }
        catch
        {
            Close();
            throw;
        }
        finally
        {
            gate.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        Close();
        gate.Dispose();
    }

    private IEnumerable<(string Setting, string Value)> Settings(Uri home) =>
    [
        (nameof(AppSettings.DataFile), Path.Combine(folder!, "demo.db")), (nameof(AppSettings.Demo), "true"), (nameof(AppSettings.Fresh), "false"),
        (nameof(AppSettings.DailyCopy), "false"), (AppSettings.LocalNetworkKey, "false"), (nameof(AppSettings.Proxy), ""),
        (nameof(AppSettings.Home), home.GetLeftPart(UriPartial.Authority)),
    ];

    private static async Task<bool> AnswersAsync(Uri address, Process process, CancellationToken ct)
    {
        using var client = new HttpClient { BaseAddress = address };
        var since = Stopwatch.StartNew();
        while (since.Elapsed < StartTimeout && !process.HasExited)
        {
            try
            {
                return (await client.GetAsync(new Uri("/healthz", UriKind.Relative), ct)).IsSuccessStatusCode;
            }
            catch (HttpRequestException)
            {
                await Task.Delay(100, ct);
            }
        }

        return false;
    }

    private static int FreePort()
    {
        using var probe = new TcpListener(IPAddress.Loopback, 0);
        probe.Start();
        return ((IPEndPoint)probe.LocalEndpoint).Port;
    }

    private void Close()
    {
        // Cleared first, since a page may be checking whether it runs.
        using var ended = process;
        (address, process) = (null, null);
        if (ended is { HasExited: false })
        {
            ended.Kill(entireProcessTree: true);
            ended.WaitForExit();
        }

        if (folder is not null)
        {
            try
            {
                Directory.Delete(folder, recursive: true);
            }
            catch (IOException error)
            {
                // The folder is in the system's temporary folder and is removed with that.
                LogNotDeleted(error, folder);
            }

            folder = null;
        }
    }

    [LoggerMessage(LogLevel.Information, "Demo: {Line}")]
    private partial void LogOutput(string line);

    [LoggerMessage(LogLevel.Warning, "The demo's folder {Folder} could not be deleted.")]
    private partial void LogNotDeleted(Exception error, string folder);

    [LoggerMessage(LogLevel.Error, "The demo did not start.")]
    private partial void LogNotStarted();
}
