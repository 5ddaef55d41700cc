using System.Collections;
using System.Collections.Concurrent;
using System.Diagnostics;
using System.Globalization;

namespace Cistern.Mutate;

/// <summary>The tests of a project, class by class: which changes each comes by, and whether one notices a change.</summary>
/// <param name="program">The tests' program.</param>
/// <param name="folder">Where it runs.</param>
/// <param name="changes">How many changes there are.</param>
internal sealed class TestRuns(string program, string folder, int changes)
{
    /// <summary>
    /// What the changed code asks. Which switch it came by is written into a file that is mapped, so that it is there whatever
    /// end the process comes to, and of what the tests start themselves too.
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

    /// <summary>Classes are run together up to so long, s: a start costs too, but what fails early saves what would come after.</summary>
    private const double TogetherS = 3;

    private readonly List<TestClass> classes = [];
    private readonly ConcurrentDictionary<string, int> noticed = new();

    private sealed record TestClass(string Name, BitArray Seen, double TakesS);

    /// <summary>Runs each class with every change switched off, and looks what it comes by.</summary>
    /// <returns>What the first one that fails says; null where all pass.</returns>
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

    /// <summary>As `./cistern test` runs them: compiled well at once, and nothing watched for what is over in seconds.</summary>
    private static Dictionary<string, string> Quickly(string name, string value) => new() { [name] = value, ["DOTNET_TieredPGO"] = "0", ["DOTNET_TC_CallCountingDelayMs"] = "0" };

    /// <summary>Whether any test comes by a change.</summary>
    public bool Reaches(int change) => classes.Exists(one => one.Seen[change]);

    /// <summary>Whether a test fails, or does not end, with a change switched on.</summary>
    public bool Notice(int change)
    {
        // What is quick, and noticed the most so far, comes first.
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
