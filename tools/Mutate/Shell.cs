using System.Diagnostics;
using System.Text;

namespace Cistern.Mutate;

/// <summary>Runs a command.</summary>
internal static class Shell
{
    /// <summary>The exit code given to a command that did not end in time.</summary>
    public const int NeverEnded = 99;

    /// <summary>Runs it to its end.</summary>
    /// <param name="command">The command.</param>
    /// <param name="arguments">Its arguments.</param>
    /// <param name="folder">Its working directory.</param>
    /// <param name="environment">Additional environment variables.</param>
    /// <param name="mostS">The time limit, s; then it is killed with all its child processes.</param>
    /// <returns>Its exit code and output.</returns>
    public static (int Code, string Output) Run(string command, IEnumerable<string> arguments, string folder, IReadOnlyDictionary<string, string>? environment = null, double mostS = 900)
    {
        var start = new ProcessStartInfo(command, arguments) { WorkingDirectory = folder, RedirectStandardOutput = true, RedirectStandardError = true, UseShellExecute = false };
        foreach (var (name, value) in environment ?? new Dictionary<string, string>())
        {
            start.Environment[name] = value;
        }

        using var process = Process.Start(start)!;
        var text = new StringBuilder();
        process.OutputDataReceived += (_, line) => { lock (text) { text.AppendLine(line.Data); } };
        process.ErrorDataReceived += (_, line) => { lock (text) { text.AppendLine(line.Data); } };
        process.BeginOutputReadLine();
        process.BeginErrorReadLine();
        if (!process.WaitForExit(TimeSpan.FromSeconds(mostS)))
        {
            process.Kill(entireProcessTree: true);
            return (NeverEnded, "it did not end");
        }

        process.WaitForExit();
        lock (text)
        {
            return (process.ExitCode, text.ToString());
        }
    }
}
