using System.Text;
using Cistern.Cli;

namespace Cistern.Web.Tests;

/// <summary>Commands of the command line, run in this process.</summary>
internal static class Command
{
    /// <summary>Runs a command with a text as its standard input.</summary>
    public static async Task<(int Code, string Output, string Errors)> RunAsync(string input, params string[] arguments)
    {
        using var output = new StringWriter();
        using var errors = new StringWriter();
        using var terminal = new Terminal(new MemoryStream(Encoding.UTF8.GetBytes(input)), output, errors);
        var code = await CommandLine.RunAsync(arguments, terminal, TestContext.Current.CancellationToken);
        return (code, output.ToString(), errors.ToString());
    }
}
