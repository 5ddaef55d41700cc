using System.Text;

namespace Cistern.Core.Tests;

/// <summary>Texts that are held line by line, in files beside the tests. <c>CISTERN_RENEW=1</c> before the run writes them anew, on purpose.</summary>
internal static class Golden
{
    /// <summary>Holds a text against the file of a name.</summary>
    public static void Holds(string name, string told)
    {
        if (Environment.GetEnvironmentVariable("CISTERN_RENEW") == "1")
        {
            File.WriteAllText(Path.Combine(AppContext.BaseDirectory, "../../../data", name), told);
            return;
        }

        var was = File.ReadAllLines(Path.Combine(AppContext.BaseDirectory, "data", name));
        var now = told.Split('\n')[..^1];
        foreach (var (before, after) in was.Zip(now))
        {
            Assert.Equal(before, after);
        }

        Assert.Equal(was.Length, now.Length);
    }
}

/// <summary>A text that is told line by line, in the invariant culture, and then held.</summary>
internal sealed class Told
{
    private readonly StringBuilder text = new();

    /// <summary>Adds a line.</summary>
    public void Tell(FormattableString line) => text.Append(FormattableString.Invariant(line)).Append('\n');

    /// <summary>Holds what was told against the file of a name.</summary>
    public void Holds(string name) => Golden.Holds(name, text.ToString());
}
