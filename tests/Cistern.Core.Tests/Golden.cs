using System.Text;

namespace Cistern.Core.Tests;

/// <summary>Texts compared line by line with files beside the tests. <c>CISTERN_RENEW=1</c> before the run writes the files anew.</summary>
internal static class Golden
{
    /// <summary>Compares a text with the file of that name.</summary>
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

/// <summary>A text that is built line by line in the invariant culture and then compared.</summary>
internal sealed class Told
{
    private readonly StringBuilder text = new();

    /// <summary>Adds a line.</summary>
    public void Tell(FormattableString line) => text.Append(FormattableString.Invariant(line)).Append('\n');

    /// <summary>Compares the text with the file of that name.</summary>
    public void Holds(string name) => Golden.Holds(name, text.ToString());
}
