using System.Globalization;
using System.Runtime.InteropServices;

namespace Cistern.Web.Frame;

/// <summary>Gives back to the machine what the start and the first page alone needed: a bench's server rests most of the day.</summary>
public static class AtRest
{
    /// <summary>By then the first page has been asked for.</summary>
    private static readonly TimeSpan Started = TimeSpan.FromSeconds(5);

    /// <summary>Gives back once, when the start is over.</summary>
    /// <param name="stopping">Stops it.</param>
    public static async Task GiveBackAsync(CancellationToken stopping)
    {
        await Task.Delay(Started, stopping).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        if (!stopping.IsCancellationRequested)
        {
            GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true);
            LetGoOfAssemblies();
        }
    }

    /// <summary>
    /// Lets go of the pages in which the runtime looked types up in assemblies: a start looks at nearly all of them, what
    /// comes after at few, and one that is looked at again is there in microseconds, out of what the system keeps of files.
    /// </summary>
    /// <remarks>Only maps that are shared and can only be read: nothing in them can have been changed, so nothing is lost.</remarks>
    public static void LetGoOfAssemblies()
    {
        if (!OperatingSystem.IsLinux())
        {
            return;
        }

        foreach (var map in File.ReadLines("/proc/self/maps").Where(map => map.Contains(" r--s ", StringComparison.Ordinal) && map.EndsWith(".dll", StringComparison.Ordinal)))
        {
            var (dash, end) = (map.IndexOf('-', StringComparison.Ordinal), map.IndexOf(' ', StringComparison.Ordinal));
            var from = nuint.Parse(map.AsSpan(..dash), NumberStyles.AllowHexSpecifier, CultureInfo.InvariantCulture);
            var to = nuint.Parse(map.AsSpan((dash + 1)..end), NumberStyles.AllowHexSpecifier, CultureInfo.InvariantCulture);
            // A refusal changes nothing: the pages stay.
            _ = NativeMethods.Advise(from, to - from, NativeMethods.NotNeeded);
        }
    }

    private static class NativeMethods
    {
        /// <summary>MADV_DONTNEED, madvise(2).</summary>
        public const int NotNeeded = 4;

        [DllImport("libc", EntryPoint = "madvise", SetLastError = true)]
        [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
        public static extern int Advise(nuint from, nuint length, int advice);
    }
}
