using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;

namespace Cistern.Core.Tests;

/// <summary>One word for one thing (docs/glossary.md): retired words do not come back as identifiers. Strings may contain them, since files and addresses keep their names.</summary>
public sealed class GlossaryTests
{
    private static readonly string[] Retired = ["Mill", "Mills", "Tide", "Tides", "Foretold", "Foretell", "Tilt", "Harsh", "School", "Slack", "Nudge", "Nudges", "Descent", "Witness", "Witnessed", "Testimony", "Ears", "Bell", "Deed", "Fate", "Charge", "Rescue", "House", "Door", "Doors", "Lot", "Lots", "Fates"];

    /// <summary>Members that are words of the files, a handler name that is part of an address, and a trade term: a bulb is charged with water.</summary>
    private static readonly string[] Kept = ["Chore.ChargeBulb", "FitScope.Mill", "OnGetTideAsync", "RecordedEventKind.Rescue"];

    [Fact]
    public void A_retired_word_is_an_identifier_only_where_a_file_has_it()
    {
        var source = Path.GetFullPath(Path.Combine(AppContext.BaseDirectory, "../../../../../src"));
        var found = Directory.GetFiles(source, "*.cs", SearchOption.AllDirectories)
            .Where(path => !new[] { "/obj/", "/bin/", "/Migrations/", "/Compiled/" }.Any(path.Contains))
            .SelectMany(path => CSharpSyntaxTree.ParseText(File.ReadAllText(path)).GetRoot().DescendantTokens().Where(token => token.IsKind(SyntaxKind.IdentifierToken)))
            .Where(token => Parts(token.ValueText).Any(part => Retired.Contains(part, StringComparer.OrdinalIgnoreCase)))
            .Select(token => Name(token)).Distinct().Order(StringComparer.Ordinal);
        Assert.Equal(string.Join(" ", Kept), string.Join(" ", found));
    }

    /// <summary>A member of an exempt enum with its type, at its declaration or use.</summary>
    private static string Name(SyntaxToken token) => token.Parent switch
    {
        Microsoft.CodeAnalysis.CSharp.Syntax.EnumMemberDeclarationSyntax { Parent: Microsoft.CodeAnalysis.CSharp.Syntax.EnumDeclarationSyntax type } => $"{type.Identifier.ValueText}.{token.ValueText}",
        { Parent: Microsoft.CodeAnalysis.CSharp.Syntax.MemberAccessExpressionSyntax access } when access.Name.Identifier == token => $"{access.Expression.ToString().Split('.')[^1]}.{token.ValueText}",
        _ => token.ValueText,
    };

    /// <summary>The words of a name: of <c>grinderSetting</c>, grinder and Setting.</summary>
    private static IEnumerable<string> Parts(string name)
    {
        var from = 0;
        for (var i = 1; i <= name.Length; i++)
        {
            if (i == name.Length || (char.IsUpper(name[i]) && !char.IsUpper(name[i - 1])))
            {
                yield return name[from..i];
                from = i;
            }
        }
    }
}
