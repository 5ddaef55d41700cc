namespace Cistern.Web.Frame;

/// <summary>Reads single values from a form or a query without trusting them.</summary>
public static class FrameForm
{
    /// <summary>The first value under a name, cut to a sane length, or null.</summary>
    public static string? Value(this IEnumerable<KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>> values, string name)
    {
        foreach (var pair in values)
        {
            if (string.Equals(pair.Key, name, StringComparison.Ordinal))
            {
                var text = pair.Value.Count > 0 ? pair.Value[0] : null;
                return text is { Length: > 4_000 } ? text[..4_000] : text;
            }
        }

        return null;
    }
}
