using Cistern.Core.Recipes;

namespace Cistern.Web.Frame;

/// <summary>Reads single values from a form or a query without trusting them.</summary>
public static class FrameForm
{
    /// <summary>The first value under a name as it was typed, or null. Line ends are counted as the browser counts them.</summary>
    public static string? Value(this IEnumerable<KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>> values, string name)
    {
        foreach (var pair in values)
        {
            if (string.Equals(pair.Key, name, StringComparison.Ordinal))
            {
                return pair.Value.Count > 0 && pair.Value[0] is { } text ? PlainText.Lines(text) : null;
            }
        }

        return null;
    }
}
