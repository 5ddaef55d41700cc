using System.Diagnostics;
using System.Text;

namespace Cistern.Mutate;

/// <summary>Runs a command.</summary>
internal static class Shell
{
    /// <summary>What a command that did not end in time is said to have ended with.</summary>
    public const int NeverEnded = 99;

    /// <summary>Runs it to its end.</summary>
    /// <param name="command">The command.</param>
    /// <param name="arguments">Its arguments.</param>
    /// <param name="folder">Where.</param>
    /// <param name="environment">What is said to it beside.</param>
    /// <param name="mostS">How long at most, s; then it is ended, with all that it started.</param>
    /// <returns>How it ended, and what it said.</returns>
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
