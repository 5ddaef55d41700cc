using System.Globalization;
using System.IO.MemoryMappedFiles;
using System.Runtime.Versioning;
using Cistern.Web.Frame;
using Microsoft.Extensions.Time.Testing;

namespace Cistern.Web.Tests;

/// <summary>A server that rests holds little of the machine's memory.</summary>
[SupportedOSPlatform("linux")]
public sealed class AtRestTests
{
    /// <summary>On a map that nobody else looks into, as the runtime maps an assembly.</summary>
    [Fact]
    public void Pages_of_assemblies_are_let_go_and_come_back_when_they_are_wanted()
    {
        var path = Path.Combine(App.Folder(), "looked-into.dll");
        File.Copy(typeof(AtRest).Assembly.Location, path);
        var bytes = File.ReadAllBytes(path);
        using var file = MemoryMappedFile.CreateFromFile(path, FileMode.Open, mapName: null, capacity: 0, MemoryMappedFileAccess.Read);
        using var map = file.CreateViewStream(0, 0, MemoryMappedFileAccess.Read);
        Assert.Equal(bytes, Read());
        Assert.InRange(InMemoryKb(path), bytes.Length / 1024, long.MaxValue);
        AtRest.LetGoOfAssemblies();
        Assert.Equal(0, InMemoryKb(path));
        Assert.Equal(bytes, Read());

        byte[] Read()
        {
            map.Position = 0;
            var read = new byte[bytes.Length];
            map.ReadExactly(read);
            return read;
        }
    }

    [Theory]
    [InlineData("7f14d8600000-7f14d8cb7000 r--s 00000000 fe:00 5309885   /srv/Cistern.Web.dll", true)]
    [InlineData("7f20d3a00000-7f20d3f40000 r-xp 00000000 fe:00 5309885   /srv/Cistern.Web.dll", true)]
    [InlineData("7f20d3f5f000-7f20d40cb000 rw-p 0053f000 fe:00 5309885   /srv/Cistern.Web.dll", false)]
    [InlineData("7f20d40eb000-7f20d40f7000 r--p 006ab000 fe:00 5309885   /srv/Cistern.Web.dll", false)]
    [InlineData("7f20d3a00000-7f20d3f40000 r-xp 00000000 fe:00 5309885   /srv/libe_sqlite3.so", false)]
    [InlineData("7f20d3a00000-7f20d3f40000 rw-s 00000000 fe:00 5309885   /srv/cistern.db-shm", false)]
    public void Only_what_cannot_have_been_written_is_let_go(string map, bool may) => Assert.Equal(may, AtRest.IsAssembly(map));

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

    /// <summary>Of the maps of a file, what is in memory, kB.</summary>
    private static long InMemoryKb(string path)
    {
        var (kb, its) = (0L, false);
        foreach (var line in File.ReadLines("/proc/self/smaps"))
        {
            if (line.StartsWith("Rss:", StringComparison.Ordinal))
            {
                kb += its ? long.Parse(line["Rss:".Length..^" kB".Length], NumberStyles.AllowLeadingWhite, CultureInfo.InvariantCulture) : 0;
            }
            else if (char.IsAsciiHexDigitLower(line[0]))
            {
                its = line.EndsWith(path, StringComparison.Ordinal);
            }
        }

        return kb;
    }
}
