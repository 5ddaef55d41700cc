using System.Globalization;
using System.Runtime.InteropServices;

namespace Cistern.Web.Frame;

/// <summary>
/// Gives back to the machine what the start alone needed, and what was asked for, when nothing has been asked for a while:
/// a bench's server rests most of the day.
/// </summary>
/// <param name="time">The clock.</param>
public sealed class AtRest(TimeProvider time) : BackgroundService
{
    /// <summary>By then the first page has been asked for.</summary>
    private static readonly TimeSpan Started = TimeSpan.FromSeconds(5);

    /// <summary>Long enough that nobody is at the bench: a collection holds a page up by some hundredths of a second.</summary>
    private static readonly TimeSpan Quiet = TimeSpan.FromSeconds(30);

    private static readonly TimeSpan Beat = TimeSpan.FromSeconds(5);

    private readonly long begunAt = time.GetTimestamp();
    private long askedAt = time.GetTimestamp();
    private long? givenFor;

    /// <summary>How often it has given back.</summary>
    public int Times { get; private set; }

    /// <summary>Something was asked for.</summary>
    public void Asked() => Volatile.Write(ref askedAt, time.GetTimestamp());

    /// <summary>
    /// Lets go of the pages of assemblies in which the runtime looked types up, and whose code the start ran: it wants nearly
    /// all of them, what comes after few, and one that is wanted again is there in microseconds, out of what the system
    /// keeps of files.
    /// </summary>
    /// <remarks>Only maps of a file that can be read or run and not written: what stands in them stands in the file, so nothing is lost.</remarks>
    public static void LetGoOfAssemblies()
    {
        if (!OperatingSystem.IsLinux())
        {
            return;
        }

        foreach (var map in File.ReadLines("/proc/self/maps").Where(IsAssembly))
        {
            var (dash, end) = (map.IndexOf('-', StringComparison.Ordinal), map.IndexOf(' ', StringComparison.Ordinal));
            var from = nuint.Parse(map.AsSpan(..dash), NumberStyles.AllowHexSpecifier, CultureInfo.InvariantCulture);
            var to = nuint.Parse(map.AsSpan((dash + 1)..end), NumberStyles.AllowHexSpecifier, CultureInfo.InvariantCulture);
            // A refusal changes nothing: the pages stay.
            _ = NativeMethods.Advise(from, to - from, NativeMethods.NotNeeded);
        }
    }

    /// <summary>Whether a line of /proc/self/maps, or one of smaps that begins a map, is of an assembly's pages that are not written.</summary>
    public static bool IsAssembly(string map) =>
        map.EndsWith(".dll", StringComparison.Ordinal) && (map.Contains(" r--s ", StringComparison.Ordinal) || map.Contains(" r-xp ", StringComparison.Ordinal));

    /// <summary>Gives back when the start is over, and when nothing has been asked for a while since it last did.</summary>
    public void Look()
    {
        var at = Volatile.Read(ref askedAt);
        if (Times == 0 && time.GetElapsedTime(begunAt) >= Started)
        {
            GiveBack();
        }
        else if (at != givenFor && time.GetElapsedTime(at) >= Quiet)
        {
            givenFor = at;
            GiveBack();
        }
    }

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Beat);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            Look();
        }
    }

    /// <summary>Gives back what the compiler of the runtime and SQLite had and freed; a C library other than glibc keeps it.</summary>
    private static void TrimUnmanaged()
    {
        try
        {
            _ = NativeMethods.Trim(0);
        }
        catch (Exception error) when (error is EntryPointNotFoundException or DllNotFoundException)
        {
            // Nothing is lost but the memory.
        }
    }

    private void GiveBack()
    {
        GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true);
        LetGoOfAssemblies();
        TrimUnmanaged();
        Times++;
    }

    private static class NativeMethods
    {
        /// <summary>MADV_DONTNEED, madvise(2).</summary>
        public const int NotNeeded = 4;

        [DllImport("libc", EntryPoint = "malloc_trim")]
        [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
        public static extern int Trim(nuint keep);

        [DllImport("libc", EntryPoint = "madvise", SetLastError = true)]
        [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
        public static extern int Advise(nuint from, nuint length, int advice);
    }
}
