using System.Collections;
using System.Collections.Concurrent;
using System.Diagnostics;
using System.Globalization;

namespace Cistern.Mutate;

/// <summary>The tests of a project, class by class: which changes each one executes, and whether one of them fails with a change.</summary>
/// <param name="program">The program with the tests.</param>
/// <param name="folder">Its working directory.</param>
/// <param name="changes">The number of changes.</param>
internal sealed class TestRuns(string program, string folder, int changes)
{
    /// <summary>
    /// The part of the changed code that reads the switches. Each switch that is executed is recorded in a memory-mapped file, so that
    /// the record survives however the process ends, and includes processes that the tests start.
    /// </summary>
    public const string Switches = """
        internal static unsafe class Mutant
        {
            private static readonly int Number = int.Parse(System.Environment.GetEnvironmentVariable("MUTANT") ?? "-1");
            private static readonly byte* Seen = Map(System.Environment.GetEnvironmentVariable("MUTANT_SEEN"));
            internal static bool On(int number)
            {
                if (Seen != null) Seen[number] = 1;
                return number == Number;
            }
            private static byte* Map(string path)
            {
                if (path is null) return null;
                byte* at = null;
                var file = System.IO.MemoryMappedFiles.MemoryMappedFile.CreateFromFile(new System.IO.FileStream(path, System.IO.FileMode.Open, System.IO.FileAccess.ReadWrite, System.IO.FileShare.ReadWrite), null, 0, System.IO.MemoryMappedFiles.MemoryMappedFileAccess.ReadWrite, System.IO.HandleInheritability.None, false);
                file.CreateViewAccessor().SafeMemoryMappedViewHandle.AcquirePointer(ref at);
                return at;
            }
        }
        """;

    /// <summary>Classes are run together up to this time, s: a start costs time too, but an early failure saves the rest.</summary>
    private const double TogetherS = 3;

    private readonly List<TestClass> classes = [];
    private readonly ConcurrentDictionary<string, int> noticed = new();

    private sealed record TestClass(string Name, BitArray Seen, double TakesS);

    /// <summary>Runs each class with every change switched off, and records what it executes.</summary>
    /// <returns>The output of the first one that fails; null if all pass.</returns>
    public string? Look()
    {
        var (code, list) = Shell.Run("dotnet", [program, "-list", "classes", "-noLogo"], folder);
        if (code != 0)
        {
            return list;
        }

        string? red = null;
        Parallel.ForEach(list.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries), new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, name =>
        {
            var seen = Path.Combine(folder, $"{name}.seen");
            File.WriteAllBytes(seen, new byte[changes + 1]);
            var clock = Stopwatch.StartNew();
            var ended = Shell.Run("dotnet", [program, "-class", name], folder, Quickly("MUTANT_SEEN", seen));
            lock (classes)
            {
                red ??= ended.Code == 0 ? null : $"{name} ended with {ended.Code}\n{ended.Output}";
                classes.Add(new TestClass(name, new BitArray([.. File.ReadAllBytes(seen).Select(one => one != 0)]), clock.Elapsed.TotalSeconds));
            }
        });
        return red;
    }

    /// <summary>The settings of `./cistern test`: compiled fully at once, and no background compilation for runs of seconds.</summary>
    private static Dictionary<string, string> Quickly(string name, string value) => new() { [name] = value, ["DOTNET_TieredPGO"] = "0", ["DOTNET_TC_CallCountingDelayMs"] = "0" };

    /// <summary>Whether any test executes a change.</summary>
    public bool Reaches(int change) => classes.Exists(one => one.Seen[change]);

    /// <summary>Whether a test fails, or does not end, with a change switched on.</summary>
    public bool Notice(int change)
    {
        // Fast classes, and those that found most so far, come first.
        var left = new Queue<TestClass>(classes.Where(one => one.Seen[change]).OrderByDescending(one => (noticed.GetValueOrDefault(one.Name) + 1) / one.TakesS));
        while (left.Count > 0)
        {
            var together = new List<TestClass>();
            for (var takesS = 0.0; left.Count > 0 && takesS < TogetherS; takesS += together[^1].TakesS)
            {
                together.Add(left.Dequeue());
            }

            var (code, said) = Shell.Run(
                "dotnet",
                [program, .. together.SelectMany(one => (string[])["-class", one.Name]), "-stopOnFail"],
                folder,
                Quickly("MUTANT", change.ToString(CultureInfo.InvariantCulture)),
                20 + (4 * together.Sum(one => one.TakesS)));
            if (code != 0)
            {
                foreach (var one in together.Where(one => said.Contains($"{one.Name}.", StringComparison.Ordinal)))
                {
                    noticed.AddOrUpdate(one.Name, 1, (_, before) => before + 1);
                }

                return true;
            }
        }

        return false;
    }
}
