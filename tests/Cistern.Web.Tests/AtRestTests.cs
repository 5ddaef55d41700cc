using System.Globalization;
using System.Runtime.Versioning;
using Cistern.Web.Frame;
using Microsoft.Extensions.Time.Testing;

namespace Cistern.Web.Tests;

/// <summary>A server that rests holds little of the machine's memory.</summary>
[SupportedOSPlatform("linux")]
public sealed class AtRestTests
{
    [Fact]
    public void Pages_of_assemblies_are_let_go_and_come_back_when_they_are_wanted()
    {
        _ = typeof(AtRest).Assembly.GetTypes();
        var before = InMemoryKb();
        AtRest.LetGoOfAssemblies();
        Assert.InRange(InMemoryKb(), 0, before / 2);
        Assert.Contains(typeof(AtRest), typeof(AtRest).Assembly.GetTypes());
    }

    [Fact]
    public void It_gives_back_after_the_start_and_once_when_nothing_is_asked_for_half_a_minute()
    {
        var time = new FakeTimeProvider();
        using var rest = new AtRest(time);
        Assert.Equal(0, After(4));
        Assert.Equal(1, After(1));
        // The first page, and what was worked out beside it.
        Assert.Equal(1, After(24));
        Assert.Equal(2, After(1));
        Assert.Equal(2, After(600));
        rest.Asked();
        Assert.Equal(2, After(29));
        rest.Asked();
        Assert.Equal(2, After(29));
        Assert.Equal(3, After(1));
        Assert.Equal(3, After(600));

        int After(int seconds)
        {
            time.Advance(TimeSpan.FromSeconds(seconds));
            rest.Look();
            return rest.Times;
        }
    }

    /// <summary>Of assemblies' pages that are not written, what is in memory, kB.</summary>
    private static long InMemoryKb()
    {
        var (kb, ours) = (0L, false);
        foreach (var line in File.ReadLines("/proc/self/smaps"))
        {
            if (line.StartsWith("Rss:", StringComparison.Ordinal))
            {
                kb += ours ? long.Parse(line["Rss:".Length..^" kB".Length], NumberStyles.AllowLeadingWhite, CultureInfo.InvariantCulture) : 0;
            }
            else if (char.IsAsciiHexDigitLower(line[0]) && line.Contains('-', StringComparison.Ordinal))
            {
                ours = AtRest.IsAssembly(line);
            }
        }

        return kb;
    }
}
