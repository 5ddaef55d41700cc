namespace Cistern.Web.Frame;

/// <summary>Reads values from a form or a query, and answers an invalid one.</summary>
public static class FrameForm
{
    /// <summary>The first value under a name, or null. Line ends are normalised as browsers count them.</summary>
    public static string? Value(this FormValues values, string name)
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

    /// <summary>Search words under a name: at most a hundred characters, without invisible ones.</summary>
    public static string SearchText(this FormValues values, string name)
    {
        const int Longest = 100;
        var text = values.Value(name) ?? "";
        return PlainText.Seen((text.Length > Longest ? text[..Longest] : text).Trim());
    }

    /// <summary>Whether a text contains all words searched for.</summary>
    public static bool HasAllWords(string text, string asked) => asked.Split(' ', StringSplitOptions.RemoveEmptyEntries).All(word => text.Contains(word, StringComparison.OrdinalIgnoreCase));

    /// <summary>
    /// The value under a name, where it differs from what the form was shown with (<see cref="Field.Was"/>): an outdated page then
    /// does not overwrite changes made since.
    /// </summary>
    public static string? Changed(this IReadOnlyCollection<KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>> values, string name) =>
        values.Value(name) is { } text && text != values.Value("was." + name) ? text : null;

    /// <summary>The page again with what was typed and what is wrong with it: 422.</summary>
    public static PageResult Unprocessable(this PageModel page)
    {
        page.Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return page.Page();
    }
}
