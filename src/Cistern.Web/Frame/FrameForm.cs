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

    /// <summary>What is looked for, as it was typed under a name: no longer than a hundred letters, without what nobody sees.</summary>
    public static string Asked(this IEnumerable<KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>> values, string name)
    {
        const int Longest = 100;
        var text = values.Value(name) ?? "";
        return PlainText.Seen((text.Length > Longest ? text[..Longest] : text).Trim());
    }

    /// <summary>Whether a text has every word of what is looked for.</summary>
    public static bool Tells(string text, string asked) => asked.Split(' ', StringSplitOptions.RemoveEmptyEntries).All(word => text.Contains(word, StringComparison.OrdinalIgnoreCase));

    /// <summary>What was typed under a name, where it is not what stood there when the form was shown (<see cref="Field.Was"/>): a screen that is old sends what it showed, and takes nothing back that another has typed since.</summary>
    public static string? Changed(this IReadOnlyCollection<KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>> values, string name) =>
        values.Value(name) is { } text && text != values.Value("was." + name) ? text : null;
}
