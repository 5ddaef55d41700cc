using System.Text.RegularExpressions;
using ArchUnitNET.Domain;
using ArchUnitNET.Loader;
using Cistern.Drawing;

namespace Cistern.Web.Tests;

/// <summary>docs/architecture.md is true: which namespace uses which, which files it names, and no cycles.</summary>
public sealed partial class ArchitectureTests
{
    private static readonly Architecture Code = new ArchLoader().LoadAssemblies(typeof(Recipe).Assembly, typeof(CisternDb).Assembly, typeof(Application.CurrentBarista).Assembly, typeof(BrewChart).Assembly, typeof(Frame.BaristaContext).Assembly).Build();

    /// <summary>Each namespace with those of the same project that it uses.</summary>
    private static readonly SortedDictionary<string, SortedSet<string>> Uses = Used();

    [Fact]
    public void Every_namespace_is_on_the_map_and_uses_no_more_than_the_map_allows()
    {
        var map = Map();
        Assert.Equal(Uses.Keys, map.Keys);
        foreach (var (space, uses) in Uses)
        {
            Assert.True(uses.IsSubsetOf(map[space]), $"{space} uses {string.Join(", ", uses.Except(map[space]))}, which the map does not say");
        }
    }

    /// <summary>An entry of the table that is no longer needed must be removed.</summary>
    [Fact]
    public void What_the_map_says_is_true()
    {
        Assert.Equal([], Map().SelectMany(row => row.Value.Except(Uses[row.Key]).Select(other => $"{row.Key} does not use {other}")));
    }

    [Fact]
    public void No_namespaces_depend_on_each_other_in_a_circle()
    {
        var done = new HashSet<string>(StringComparer.Ordinal);
        foreach (var space in Uses.Keys)
        {
            Walk(space, []);
        }

        void Walk(string space, List<string> path)
        {
            Assert.False(path.Contains(space), $"a circle: {string.Join(" → ", path.SkipWhile(one => one != space))} → {space}");
            if (done.Contains(space))
            {
                return;
            }

            foreach (var next in Uses[space])
            {
                Walk(next, [.. path, space]);
            }

            done.Add(space);
        }
    }

    /// <summary>A file that was renamed is renamed in the documentation too.</summary>
    [Theory]
    [InlineData("architecture.md")]
    [InlineData("security.md")]
    public void Every_file_that_the_documentation_names_is_there(string document)
    {
        var files = new[] { "src", "tests", "tools", "docs" }.SelectMany(folder => Directory.EnumerateFiles(App.Repository(folder), "*.*", SearchOption.AllDirectories))
            .Where(path => !path.Contains("/obj/", StringComparison.Ordinal) && !path.Contains("/node_modules/", StringComparison.Ordinal)).Select(path => path.Replace("Cistern.", "", StringComparison.Ordinal)).ToList();
        var named = NamedFile().Matches(File.ReadAllText(App.Repository($"docs/{document}"))).Select(match => match.Groups["name"].Value).Distinct().ToList();
        Assert.True(named.Count > 5, $"{named.Count}");
        Assert.Equal([], named.Where(name => !files.Exists(path => path.EndsWith("/" + name.Replace("Cistern.", "", StringComparison.Ordinal), StringComparison.Ordinal))));
    }

    [GeneratedRegex("`(?<name>[\\w./-]+\\.(cs|cshtml|js|mjs|txt|service))`", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex NamedFile();

    /// <summary>No dead button: every form and link names a handler that some page model has.</summary>
    [Fact]
    public void Every_handler_that_a_page_names_is_there()
    {
        var source = App.Repository("src/Cistern.Web");
        var named = Directory.GetFiles(Path.Combine(source, "Pages"), "*.cshtml", SearchOption.AllDirectories)
            .SelectMany(path => Handler().Matches(File.ReadAllText(path)).Select(match => match.Groups["name"].Value)).ToHashSet(StringComparer.OrdinalIgnoreCase);
        Assert.True(named.Count > 40, $"{named.Count}");
        var there = typeof(Frame.BaristaContext).Assembly.GetTypes().Where(type => type.IsAssignableTo(typeof(Microsoft.AspNetCore.Mvc.RazorPages.PageModel)))
            .SelectMany(type => type.GetMethods()).Select(method => HandlerMethod().Match(method.Name).Groups["name"].Value).ToHashSet(StringComparer.OrdinalIgnoreCase);
        Assert.Equal([], named.Except(there, StringComparer.OrdinalIgnoreCase));
    }

    /// <summary>
    /// The paths through the code that the document lists: each file exists, refers to or is referred to by another of the path, and
    /// they are few.
    /// </summary>
    [Theory]
    [InlineData("One dose, from the form to the figure", 15)]
    [InlineData("A press, from the screen to the next step", 10)]
    [InlineData("A tasting, from the form to the advice", 13)]
    public void The_three_paths_pass_the_files_that_the_map_names(string heading, int most)
    {
        var source = App.Repository("src");
        var told = MapText.Split("## " + heading + "\n")[1].Split("\n## ")[0];
        var files = WayFile().Matches(told).Select(match => Path.Combine(source, "Cistern." + match.Groups["path"].Value)).ToList();
        Assert.InRange(files.Count, 5, most);
        for (var i = 1; i < files.Count; i++)
        {
            Assert.True(files.Take(i).Any(above => Names(above, files[i]) || Names(files[i], above)), $"{files[i]} knows none above it, and none of them knows it");
        }

        static bool Names(string one, string other) => File.ReadAllText(one).Contains(Path.GetFileName(other).Split('.')[0].TrimStart('_'), StringComparison.Ordinal);
    }

    [GeneratedRegex("^\\| \\d+ \\| `(?<path>[^`]+)`", RegexOptions.ExplicitCapture | RegexOptions.Multiline, 1_000)]
    private static partial Regex WayFile();

    [GeneratedRegex("handler=(?<name>[A-Za-z]+)", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex Handler();

    [GeneratedRegex("^On(Get|Post)(?<name>[A-Za-z]*?)(Async)?$", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex HandlerMethod();

    [Theory]
    [InlineData("Cistern.Core", "Microsoft.")]
    [InlineData("Cistern.Core", "Cistern.Data")]
    [InlineData("Cistern.Core", "Cistern.Web")]
    [InlineData("Cistern.Drawing", "Microsoft.EntityFrameworkCore")]
    [InlineData("Cistern.Drawing", "Microsoft.AspNetCore")]
    [InlineData("Cistern.Data", "Microsoft.AspNetCore")]
    [InlineData("Cistern.Data", "Cistern.Application")]
    [InlineData("Cistern.Application", "Microsoft.AspNetCore")]
    [InlineData("Cistern.Application", "Cistern.Web")]
    public void A_layer_uses_nothing_above_it(string room, string never)
    {
        var found = Code.Types.Where(type => type.FullName.StartsWith(room, StringComparison.Ordinal))
            .SelectMany(type => type.Dependencies.Select(dependency => (type.FullName, Target: dependency.Target.FullName)))
            .FirstOrDefault(pair => pair.Target.StartsWith(never, StringComparison.Ordinal) && !pair.Target.StartsWith("Microsoft.CodeAnalysis", StringComparison.Ordinal));
        Assert.True(found == default, $"{found.FullName} uses {found.Target}");
    }

    /// <summary>Pages turn text into requests; what those write is written by the use cases, in one transaction each.</summary>
    [Fact]
    public void Pages_and_interfaces_write_nothing_themselves()
    {
        var writes = new Regex(@"\.(SaveChanges|ExecuteUpdate|ExecuteDelete|BeginTransaction|ExecuteSql)\w*\(", RegexOptions.ExplicitCapture, TimeSpan.FromSeconds(1));
        string[] In(string project) => [.. Directory.GetFiles(App.Repository("src/" + project), "*.cs", SearchOption.AllDirectories).Where(path => !path.Contains("/obj/", StringComparison.Ordinal) && writes.IsMatch(File.ReadAllText(path)))];
        // Health writes to see whether writing works.
        Assert.Equal(["DataHealth.cs"], In("Cistern.Web").Select(Path.GetFileName));
        Assert.NotEmpty(In("Cistern.Application"));
    }

    private static SortedDictionary<string, SortedSet<string>> Used()
    {
        var uses = new SortedDictionary<string, SortedSet<string>>(StringComparer.Ordinal);
        foreach (var type in Code.Types.Where(type => Ours(type) && !IsMade(type)))
        {
            var space = Space(type);
            var used = uses.TryGetValue(space, out var known) ? known : uses[space] = new SortedSet<string>(StringComparer.Ordinal);
            used.UnionWith(type.Dependencies.Where(dependency => Ours(dependency.Target) && !IsMade(dependency.Target)).Select(dependency => Space(dependency.Target)));
            used.Remove(space);
            // What one project may use of another is in the table of projects.
            used.RemoveWhere(other => other.Split('.')[0] != space.Split('.')[0]);
        }

        return uses;
    }

    /// <summary>Written by the migrations tool: it uses all of the data.</summary>
    private static bool IsMade(IType type) => type.FullName.Contains("Migrations", StringComparison.Ordinal) || type.FullName.StartsWith("Cistern.Data.Compiled", StringComparison.Ordinal);

    private static bool Ours(IType type) => type.Namespace?.FullName.StartsWith("Cistern.", StringComparison.Ordinal) == true;

    /// <summary>The namespace without its first word; a compiled page belongs to its folder.</summary>
    private static string Space(IType type) => type.Namespace.FullName["Cistern.".Length..];

    /// <summary>The table of the document: "| `Core.Forecasts` | … | Core.Physics, Core.Recipes |".</summary>
    private static string MapText => File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "docs", "architecture.md"));

    private static SortedDictionary<string, SortedSet<string>> Map()
    {
        var map = new SortedDictionary<string, SortedSet<string>>(StringComparer.Ordinal);
        foreach (Match row in Row().Matches(MapText))
        {
            map.Add(row.Groups["space"].Value, [.. row.Groups["knows"].Value.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)]);
        }

        return map;
    }

    [GeneratedRegex(@"^\| `(?<space>(Application|Core|Data|Drawing|Web)[\w.]*)` \|[^|\n]*\|(?<knows>[^|\n]*)\|$", RegexOptions.ExplicitCapture | RegexOptions.Multiline, matchTimeoutMilliseconds: 1_000)]
    private static partial Regex Row();
}
