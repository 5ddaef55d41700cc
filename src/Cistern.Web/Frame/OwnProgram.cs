using System.Diagnostics;

namespace Cistern.Web.Frame;

/// <summary>This program as a further process.</summary>
public static class OwnProgram
{
    /// <summary>How to start it: by its executable where there is one, else by the runtime. The caller has its input and output.</summary>
    /// <param name="arguments">Its arguments.</param>
    public static ProcessStartInfo StartInfo(params IEnumerable<string> arguments)
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
