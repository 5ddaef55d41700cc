using System.Collections.Concurrent;
using System.Globalization;
using Cistern.Mutate;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;

// Makes many small changes to the code of a folder, one at a time, and reports how many of them make a test fail:
//   ./cistern mutate FOLDER [--sample N] [--seed S]
// All changes are written into one copy, each behind a switch, and built once; changes that do not compile are left out. Each
// class of tests is run once to record which changes it executes. A change then costs a run of those classes only, fast ones
// first, until one fails.
var folder = args is [{ } first, ..] && first.StartsWith("src/", StringComparison.Ordinal) ? first.TrimEnd('/') : null;
if (folder is null || !Path.Exists(folder))
{
    Console.Error.WriteLine("mutate: a folder or a file under src, seen from the root of the tree");
    return 2;
}

string Option(string name, string otherwise) => Array.IndexOf(args, name) is >= 0 and var at && at + 1 < args.Length ? args[at + 1] : otherwise;
var sample = int.Parse(Option("--sample", "1000000"), CultureInfo.InvariantCulture);
var chance = new Random(int.Parse(Option("--seed", "1"), CultureInfo.InvariantCulture));
var project = folder.Split('/')[1];
var tests = project is "Cistern.Core" or "Cistern.Drawing" ? "Cistern.Core.Tests" : "Cistern.Web.Tests";

var root = Directory.GetCurrentDirectory();
var copy = Directory.CreateTempSubdirectory("cistern-mutate-").FullName;
foreach (var name in Shell.Run("git", ["ls-files"], root).Output.Split('\n', StringSplitOptions.RemoveEmptyEntries).Where(name => !name.StartsWith("docs/screenshots", StringComparison.Ordinal) && File.Exists(name)))
{
    Directory.CreateDirectory(Path.GetDirectoryName(Path.Combine(copy, name))!);
    File.Copy(Path.Combine(root, name), Path.Combine(copy, name));
}

string[] quick = ["-c", "Release", "-v", "quiet", "--nologo", "-p:RunAnalyzers=false", "-p:TreatWarningsAsErrors=false", "-p:EnforceCodeStyleInBuild=false", "-p:GenerateDocumentationFile=false", "-p:AllowUnsafeBlocks=true"];
if (Shell.Run("dotnet", ["build", $"tests/{tests}", .. quick], copy) is { Code: not 0 } failed)
{
    Console.Error.WriteLine($"mutate: unchanged, it does not build\n{failed.Output}");
    return 1;
}

// All sources of the project, generated ones included, with the references it was built with.
var home = Path.Combine(copy, "src", project);
var switches = Path.Combine(home, "Mutant.cs");
File.WriteAllText(switches, TestRuns.Switches);
var parse = new CSharpParseOptions(LanguageVersion.Latest);
var sources = Directory.EnumerateFiles(home, "*.cs", SearchOption.AllDirectories)
    .Where(file => !file.Contains("/bin/", StringComparison.Ordinal) && (!file.Contains("/obj/", StringComparison.Ordinal) || file.Contains("/obj/Release/", StringComparison.Ordinal)))
    .ToDictionary(file => file, File.ReadAllText);
var output = Path.Combine(copy, "tests", tests, "bin", "Release", "net10.0");
var references = ((string)AppContext.GetData("TRUSTED_PLATFORM_ASSEMBLIES")!).Split(':').Where(path => !path.Contains("CodeAnalysis", StringComparison.Ordinal))
    .Concat(Directory.EnumerateFiles(output, "*.dll")).Where(path => Path.GetFileName(path) != $"{project}.dll")
    .GroupBy(Path.GetFileName).Select(same => (MetadataReference)MetadataReference.CreateFromFile(same.First())).ToList();
CSharpCompilation Compile(IReadOnlyDictionary<string, string> texts) => CSharpCompilation.Create(project, texts.Select(one => CSharpSyntaxTree.ParseText(one.Value, parse, one.Key)), references,
    new CSharpCompilationOptions(OutputKind.DynamicallyLinkedLibrary, allowUnsafe: true, nullableContextOptions: NullableContextOptions.Enable));

var original = Compile(sources);
var lines = sources.ToDictionary(one => one.Key, one => one.Value.Split('\n'));
var within = Path.Combine(copy, folder);
// The switches are not changed, nor is code written by a tool, nor code of simulations.
string[] leftOut = ["/obj/", "/Migrations/", "/Compiled/", "/Demo/"];
var chosen = sources.Keys.Where(file => file != switches && (file == within || file.StartsWith(within + "/", StringComparison.Ordinal)) && !leftOut.Any(part => file.Contains(part, StringComparison.Ordinal))).Order(StringComparer.Ordinal).ToList();
// The compiler's errors where a constant is required.
string[] constantErrors = ["CS0133", "CS0150", "CS0182", "CS1736", "CS9135"];
var dropped = new HashSet<(string, int, string)>();
List<Change> changes = [];
void WriteChanges()
{
    for (var round = 0; ; round++)
    {
        changes = [];
        var texts = new Dictionary<string, string>(sources);
        foreach (var file in chosen)
        {
            var tree = original.SyntaxTrees.First(one => one.FilePath == file);
            var mutator = new Mutator(original.GetSemanticModel(tree), file, changes.Count, dropped);
            texts[file] = mutator.Visit(tree.GetRoot()).ToFullString();
            changes.AddRange(mutator.Changes);
        }

        var errors = Compile(texts).GetDiagnostics().Where(one => one.Severity == DiagnosticSeverity.Error && one.Location.SourceTree is not null).ToList();
        if (errors.Count == 0 || round == 12)
        {
            foreach (var file in chosen)
            {
                File.WriteAllText(file, texts[file]);
            }

            break;
        }

        // The changes nearest to an error are left out, or, if there is none, all constants and statements of that file.
        foreach (var error in errors)
        {
            var text = texts[error.Location.SourceTree!.FilePath];
            var at = error.Location.SourceSpan.Start;
            var numbers = Numbers(text[..Math.Min(text.Length, at + 1)]);
            var line = text[(text.LastIndexOf('\n', Math.Max(0, at - 1)) + 1)..Math.Max(at, text.IndexOf('\n', at) is >= 0 and var end ? end : text.Length)];
            var near = Numbers(line);
            foreach (var number in near.Count > 0 ? near : numbers.TakeLast(1))
            {
                dropped.Add((changes[number].File, changes[number].Span.Start, changes[number].To));
            }

            // A constant that has to remain one does so everywhere.
            var wanted = text[error.Location.SourceSpan.Start..error.Location.SourceSpan.End].Split('.')[^1];
            if (constantErrors.Contains(error.Id))
            {
                DropConstants((change, declared) => change.File == error.Location.SourceTree.FilePath || declared.Contains($" {wanted} ", StringComparison.Ordinal));
            }
        }
    }
}

// A constant that another project requires is found only by building that project.
bool DropWanted(string output)
{
    var before = dropped.Count;
    foreach (var told in output.Split('\n').Where(line => constantErrors.Any(id => line.Contains($"error {id}:", StringComparison.Ordinal))))
    {
        var place = told.Split('(', ')');
        var line = File.ReadLines(place[0].Trim()).ElementAt(int.Parse(place[1].Split(',')[0], CultureInfo.InvariantCulture) - 1);
        var wanted = string.Concat(line[(int.Parse(place[1].Split(',')[1], CultureInfo.InvariantCulture) - 1)..].TakeWhile(letter => char.IsLetterOrDigit(letter) || letter == '.')).Split('.')[^1];
        DropConstants((_, declared) => declared.Contains($" {wanted} ", StringComparison.Ordinal));
    }

    return dropped.Count > before;
}

// Among the changes where a constant is declared.
void DropConstants(Func<Change, string, bool> which) => dropped.UnionWith(
    changes.Where(change => lines[change.File][change.Line - 1] is var declared && declared.Contains("const ", StringComparison.Ordinal) && which(change, declared)).Select(change => (change.File, change.Span.Start, change.To)));

WriteChanges();
(int Code, string Output) built;
while ((built = Shell.Run("dotnet", ["build", $"tests/{tests}", .. quick], copy)).Code != 0)
{
    if (!DropWanted(built.Output))
    {
        Console.Error.WriteLine($"mutate: changed, it does not build\n{built.Output}");
        return 1;
    }

    WriteChanges();
}

var runs = new TestRuns(Path.Combine(output, $"{tests}.dll"), copy, changes.Count);
if (runs.Look() is { } red)
{
    Console.Error.WriteLine($"mutate: with every change switched off its tests fail\n{string.Join('\n', red.Split('\n').Take(30))}");
    return 1;
}

string Line(Change change) => $"  {(runs.Reaches(change.Number) ? "not noticed" : "not reached")}: {Path.GetRelativePath(copy, change.File)}:{change.Line}: {Short(change.From)}  =>  {Short(change.To)}";

// The same number from each folder: a large one does not hide a small one.
string Room(Change change) => Path.GetRelativePath(copy, Path.GetDirectoryName(change.File)!);
var picked = changes.OrderBy(_ => chance.Next()).GroupBy(Room).SelectMany(room => room.Take(sample)).ToList();
Console.Error.WriteLine($"{folder}: {changes.Count} changes, {picked.Count} tried");
var unnoticed = new ConcurrentBag<Change>();
var done = 0;
Parallel.ForEach(picked, new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount }, change =>
{
    if (!runs.Notice(change.Number))
    {
        unnoticed.Add(change);
        Console.Error.WriteLine(Line(change));
    }

    if (Interlocked.Increment(ref done) % 20 == 0)
    {
        Console.Error.WriteLine($"  {done} tried, {unnoticed.Count} not noticed");
    }
});
foreach (var room in picked.GroupBy(Room).OrderBy(room => room.Key, StringComparer.Ordinal))
{
    var missed = unnoticed.Where(change => Room(change) == room.Key).OrderBy(change => change.File, StringComparer.Ordinal).ThenBy(change => change.Line).ToList();
    var noticed = room.Count() - missed.Count;
    Console.WriteLine($"{room.Key}: {noticed} of {room.Count()} noticed, {100.0 * noticed / room.Count():0} %");
    foreach (var change in missed)
    {
        Console.WriteLine(Line(change));
    }
}

Directory.Delete(copy, recursive: true);
return 0;

static List<int> Numbers(string text) => [.. text.Split("Mutant.On(").Skip(1).Select(rest => int.Parse(rest[..rest.IndexOf(')', StringComparison.Ordinal)], CultureInfo.InvariantCulture))];

static string Short(string text) => text.ReplaceLineEndings(" ") is { Length: > 110 } longer ? longer[..110] + " …" : text.ReplaceLineEndings(" ");
