using System.Diagnostics;

namespace Cistern.Web.Frame;

/// <summary>This program again, as a process of its own.</summary>
public static class OwnProgram
{
    /// <summary>How it is started: by its own executable where it has one, else by the runtime it runs in. Its input and output are the caller's.</summary>
    /// <param name="arguments">What it is told.</param>
    public static ProcessStartInfo With(params IEnumerable<string> arguments)
    {
        var program = typeof(Program).Assembly.Location;
        var own = Environment.ProcessPath ?? "dotnet";
        var start = new ProcessStartInfo { RedirectStandardInput = true, RedirectStandardOutput = true, RedirectStandardError = true, UseShellExecute = false };
        if (Path.GetFileName(own) == Path.GetFileNameWithoutExtension(program))
        {
            start.FileName = own;
        }
        else
        {
            start.FileName = Path.GetFileName(own) == "dotnet" ? own : "dotnet";
            start.ArgumentList.Add(program);
        }

        foreach (var argument in arguments)
        {
            start.ArgumentList.Add(argument);
        }

        return start;
    }
}
