namespace Cistern.Core.Recipes;

/// <summary>Which characters names and notes may contain.</summary>
public static class PlainText
{
    /// <summary>
    /// Text with one character per line end, as browsers count it; a submitted form sends two.
    /// </summary>
    public static string Lines(string text) => text.Replace("\r\n", "\n", StringComparison.Ordinal).Replace('\r', '\n');

    /// <summary>The text as at the start of a sentence.</summary>
    public static string Capitalized(this string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary>Returns what is wrong with a text and how to correct it, or null.</summary>
    /// <param name="text">The text, normalised by <see cref="Lines"/>.</param>
    /// <param name="longest">The greatest length in UTF-16 units, as a browser's <c>maxlength</c> counts.</param>
    /// <param name="lines">Whether line breaks are allowed.</param>
    public static string? Problem(string text, int longest, bool lines)
    {
        if (text.Length > longest)
        {
            return string.Create(CultureInfo.InvariantCulture, $"At most {longest} letters; this has {text.Length}. Shorten it by {text.Length - longest}.");
        }

        var at = -1;
        for (var i = 0; i < text.Length && at < 0; i++)
        {
            at = Hidden(text[i], lines) ? i : -1;
        }

        return at < 0 && IsWhole(text) ? null
            : at < 0 ? "It contains a broken character. Type it again."
            : string.Create(CultureInfo.InvariantCulture, $"Character {at + 1} is an invisible control character{(text[at] is '\n' or '\t' ? ": a line's end or a tab" : "")}. Take it out.");
    }

    /// <summary>The text without characters that no file accepts; for drawings of data stored before those were refused.</summary>
    public static string Seen(string text) =>
        text.Any(letter => Hidden(letter, lines: true)) || !IsWhole(text) ? string.Concat(text.Where((letter, i) => !Hidden(letter, lines: true) && !IsHalf(text, i))) : text;

    /// <summary>Control characters, and characters that reverse the direction of text: with those a name could look like another.</summary>
    private static bool Hidden(char letter, bool lines) =>
        letter is '\n' or '\t' ? !lines : char.IsControl(letter) || letter is (>= '\u202A' and <= '\u202E') or (>= '\u2066' and <= '\u2069') or '\u2028' or '\u2029' or '\uFFFE' or '\uFFFF';

    private static bool IsWhole(string text)
    {
        for (var i = 0; i < text.Length; i++)
        {
            if (IsHalf(text, i))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Whether the character at this index is an unpaired surrogate.</summary>
    private static bool IsHalf(string text, int at) =>
        char.IsHighSurrogate(text[at]) ? at + 1 == text.Length || !char.IsLowSurrogate(text[at + 1])
        : char.IsLowSurrogate(text[at]) && (at == 0 || !char.IsHighSurrogate(text[at - 1]));
}
