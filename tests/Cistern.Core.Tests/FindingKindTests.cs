using System.Text.RegularExpressions;

namespace Cistern.Core.Tests;

/// <summary>The list of kinds is what programs rely on: every code once, every sentence complete, none that nothing reports.</summary>
public sealed partial class FindingKindTests
{
    private static readonly Dictionary<string, FindingKind> Kinds = typeof(FindingKinds).GetFields().ToDictionary(field => field.Name, field => (FindingKind)field.GetValue(null)!);

    [Fact]
    public void Every_kind_has_a_code_of_its_own()
    {
        Assert.True(Kinds.Count > 100, $"{Kinds.Count}");
        Assert.Equal(Kinds.Count, Kinds.Values.Select(kind => kind.Code).Distinct().Count());
        Assert.Equal(("steps-out-of-order", "not-utf8"), (FindingKinds.StepsOutOfOrder.Code, FindingKinds.NotUtf8.Code));
    }

    /// <summary>An argument that its sentence does not show would be lost, and one that is missing an exception where the finding is read.</summary>
    [Fact]
    public void A_sentence_shows_each_of_its_arguments() => Assert.All(Kinds.Values, kind =>
    {
        var used = Argument().Matches(kind.Rule + kind.Found + kind.Remedy).Select(match => match.Groups["index"].Value).Distinct().ToList();
        var finding = kind.At("place", [.. Enumerable.Range(0, 5).Select(index => (object)$"<{index}>")]);
        Assert.NotEmpty(finding.Rule);
        Assert.NotEmpty(finding.Remedy);
        Assert.All(used, index => Assert.Contains($"<{index}>", finding.ToString(), StringComparison.Ordinal));
    });

    [Fact]
    public void Something_reports_it()
    {
        var source = string.Concat(Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "../../../../../src"), "*.cs", SearchOption.AllDirectories)
            .Where(path => !path.Contains("/obj/", StringComparison.Ordinal) && !path.EndsWith("FindingKinds.cs", StringComparison.Ordinal)).Select(File.ReadAllText));
        Assert.All(Kinds.Keys, name => Assert.Matches($@"FindingKinds\.{name}\b", source));
    }

    [GeneratedRegex(@"(?<!\{)\{(?<index>\d)", RegexOptions.ExplicitCapture, 1_000)]
    private static partial Regex Argument();
}
