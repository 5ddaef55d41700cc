using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Microsoft.CodeAnalysis.Text;

namespace Cistern.Mutate;

/// <summary>One small change of the code.</summary>
/// <param name="Number">The number by which it is switched on.</param>
/// <param name="File">The file.</param>
/// <param name="Span">Its position in the original file.</param>
/// <param name="Line">Its line, from 1.</param>
/// <param name="From">The original code.</param>
/// <param name="To">The changed code.</param>
internal sealed record Change(int Number, string File, TextSpan Span, int Line, string From, string To);

/// <summary>
/// Writes every change of a file into it at once, each behind a switch: <c>a + b</c> becomes <c>(Mutant.On(7) ? a - b : a + b)</c>. So
/// it is built once, and a change costs one run of the tests.
/// </summary>
internal sealed class Mutator(SemanticModel model, string file, int firstNumber, IReadOnlySet<(string File, int Start, string To)> dropped) : CSharpSyntaxRewriter
{
    public List<Change> Changes { get; } = [];

    public override SyntaxNode? VisitBinaryExpression(BinaryExpressionSyntax node)
    {
        var other = node.Kind() switch
        {
            SyntaxKind.LessThanExpression => SyntaxKind.LessThanEqualsToken,
            SyntaxKind.LessThanOrEqualExpression => SyntaxKind.LessThanToken,
            SyntaxKind.GreaterThanExpression => SyntaxKind.GreaterThanEqualsToken,
            SyntaxKind.GreaterThanOrEqualExpression => SyntaxKind.GreaterThanToken,
            SyntaxKind.EqualsExpression => SyntaxKind.ExclamationEqualsToken,
            SyntaxKind.NotEqualsExpression => SyntaxKind.EqualsEqualsToken,
            SyntaxKind.LogicalAndExpression => SyntaxKind.BarBarToken,
            SyntaxKind.LogicalOrExpression => SyntaxKind.AmpersandAmpersandToken,
            SyntaxKind.AddExpression when IsNumber(node) => SyntaxKind.MinusToken,
            SyntaxKind.SubtractExpression when IsNumber(node) => SyntaxKind.PlusToken,
            SyntaxKind.MultiplyExpression when IsNumber(node) => SyntaxKind.SlashToken,
            SyntaxKind.DivideExpression when IsNumber(node) => SyntaxKind.AsteriskToken,
            _ => SyntaxKind.None,
        };
        return Switched(node, base.VisitBinaryExpression(node), other == SyntaxKind.None ? null : $"({node.Left}) {SyntaxFacts.GetText(other)} ({node.Right})");
    }

    public override SyntaxNode? VisitLiteralExpression(LiteralExpressionSyntax node)
    {
        var to = node.Kind() switch
        {
            SyntaxKind.TrueLiteralExpression => "false",
            SyntaxKind.FalseLiteralExpression => "true",
            SyntaxKind.NumericLiteralExpression => node.Token.Value switch
            {
                double and not 0 => $"({node} * 1.05)",
                float and not 0 => $"({node} * 1.05f)",
                int and > 1 => $"({node} + 1)",
                _ => null,
            },
            _ => null,
        };
        return Switched(node, base.VisitLiteralExpression(node), to);
    }

    public override SyntaxNode? VisitPrefixUnaryExpression(PrefixUnaryExpressionSyntax node) =>
        Switched(node, base.VisitPrefixUnaryExpression(node), node.IsKind(SyntaxKind.LogicalNotExpression) ? $"({node.Operand})" : null);

    public override SyntaxNode? VisitIsPatternExpression(IsPatternExpressionSyntax node) =>
        Switched(node, base.VisitIsPatternExpression(node), $"!({node})");

    public override SyntaxNode? VisitInvocationExpression(InvocationExpressionSyntax node)
    {
        var to = node.Expression is MemberAccessExpressionSyntax { Name.Identifier.Text: var name } member
            ? name switch
            {
                "Min" when member.Expression.ToString() == "Math" => $"Math.Max{node.ArgumentList}",
                "Max" when member.Expression.ToString() == "Math" => $"Math.Min{node.ArgumentList}",
                "Any" when node.ArgumentList.Arguments.Count == 1 => $"{member.Expression}.All{node.ArgumentList}",
                "All" => $"{member.Expression}.Any{node.ArgumentList}",
                "First" or "FirstOrDefault" => $"{member.Expression}.{name.Replace("First", "Last", StringComparison.Ordinal)}{node.ArgumentList}",
                "OrderBy" => $"{member.Expression}.OrderByDescending{node.ArgumentList}",
                "OrderByDescending" => $"{member.Expression}.OrderBy{node.ArgumentList}",
                _ => null,
            }
            : null;
        return Switched(node, base.VisitInvocationExpression(node), to);
    }

    public override SyntaxNode? VisitConditionalExpression(ConditionalExpressionSyntax node) =>
        Switched(node, base.VisitConditionalExpression(node), $"(({node.Condition}) ? ({node.WhenFalse}) : ({node.WhenTrue}))");

    public override SyntaxNode? VisitExpressionStatement(ExpressionStatementSyntax node)
    {
        var visited = (StatementSyntax)base.VisitExpressionStatement(node)!;
        var leaves = node.Expression is InvocationExpressionSyntax or AwaitExpressionSyntax
            || (node.Expression is AssignmentExpressionSyntax assignment && !assignment.IsKind(SyntaxKind.SimpleAssignmentExpression));
        return leaves && Add(node, "left out") is { } number
            ? SyntaxFactory.ParseStatement($"if (!Mutant.On({number})) {{ {visited} }}").WithTriviaFrom(node)
            : visited;
    }

    /// <summary>A constant cannot contain a switch; a property can.</summary>
    public override SyntaxNode? VisitFieldDeclaration(FieldDeclarationSyntax node)
    {
        var visited = (FieldDeclarationSyntax)base.VisitFieldDeclaration(node)!;
        if (!IsSwitchable(node) || visited.Declaration.Variables.Count != 1 || visited.IsEquivalentTo(node))
        {
            return visited;
        }

        // A property: a value that is set once would be set before the switch.
        var modifiers = string.Join(' ', visited.Modifiers.Where(token => !token.IsKind(SyntaxKind.ConstKeyword)).Select(token => token.Text));
        var variable = visited.Declaration.Variables[0];
        return SyntaxFactory.ParseMemberDeclaration($"{modifiers} static {visited.Declaration.Type} {variable.Identifier} => {variable.Initializer!.Value};")!.WithTriviaFrom(visited);
    }

    private static bool IsSwitchable(FieldDeclarationSyntax node) =>
        node.Modifiers.Any(SyntaxKind.ConstKeyword) && node.Declaration is { Variables.Count: 1 } && node.Declaration.Type.ToString() is "double" or "int";

    private bool IsNumber(ExpressionSyntax node) => model.GetTypeInfo(node).Type?.SpecialType is SpecialType.System_Double or SpecialType.System_Single or SpecialType.System_Int32 or SpecialType.System_Int64 or SpecialType.System_Decimal;

    private SyntaxNode? Switched(ExpressionSyntax node, SyntaxNode? visited, string? to) =>
        to is not null && Add(node, to) is { } number
            ? SyntaxFactory.ParseExpression($"(Mutant.On({number}) ? ({to}) : ({visited}))").WithTriviaFrom(node)
            : visited;

    private int? Add(SyntaxNode node, string to)
    {
        if (dropped.Contains((file, node.SpanStart, to)) || !MayChange(node))
        {
            return null;
        }

        var number = firstNumber + Changes.Count;
        Changes.Add(new Change(number, file, node.Span, node.GetLocation().GetLineSpan().StartLinePosition.Line + 1, node.ToString(), to));
        return number;
    }

    /// <summary>Not where a constant is required, a variable is declared, or a query is only an expression tree.</summary>
    private bool MayChange(SyntaxNode node)
    {
        if (node.DescendantNodes().Any(inner => inner is SingleVariableDesignationSyntax))
        {
            return false;
        }

        foreach (var outer in node.Ancestors())
        {
            switch (outer)
            {
                case AttributeSyntax or PatternSyntax or CaseSwitchLabelSyntax or EnumMemberDeclarationSyntax or ParameterSyntax or ThrowExpressionSyntax or ThrowStatementSyntax:
                case LocalDeclarationStatementSyntax { IsConst: true }:
                    return false;
                case FieldDeclarationSyntax field when field.Modifiers.Any(SyntaxKind.ConstKeyword):
                    return IsSwitchable(field);
                case LambdaExpressionSyntax lambda when model.GetTypeInfo(lambda).ConvertedType?.ContainingNamespace?.ToDisplayString() == "System.Linq.Expressions":
                    return false;
                case MemberDeclarationSyntax:
                    return true;
            }
        }

        return true;
    }
}
