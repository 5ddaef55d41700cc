using System.Collections.Frozen;
using System.Text;

namespace Cistern.Core.Recipes;

/// <summary>The words the recipe file uses for the members of a closed set: <c>FrenchPress</c> is written <c>french-press</c>.</summary>
/// <typeparam name="T">The closed set.</typeparam>
public static class Words<T>
    where T : struct, Enum
{
    private static readonly FrozenDictionary<T, string> ByValue =
        Enum.GetValues<T>().ToFrozenDictionary(value => value, value => Kebab(value.ToString()));

    private static readonly FrozenDictionary<string, T> ByWord =
        ByValue.ToFrozenDictionary(pair => pair.Value, pair => pair.Key, StringComparer.Ordinal);

    /// <summary>Every word, in the order the set declares them.</summary>
    public static IReadOnlyList<string> All { get; } = [.. Enum.GetValues<T>().Select(value => ByValue[value])];

    /// <summary>The file's word for a value.</summary>
    public static string Of(T value) => ByValue[value];

    /// <summary>The value a word stands for, or null when it is not one of them.</summary>
    public static T? Find(string? word) =>
        word is not null && ByWord.TryGetValue(word, out var value) ? value : null;

    private static string Kebab(string name)
    {
        var text = new StringBuilder(name.Length + 4);
        foreach (var letter in name)
        {
            if (char.IsUpper(letter) && text.Length > 0)
            {
                text.Append('-');
            }

            text.Append(char.ToLowerInvariant(letter));
        }

        return text.ToString();
    }
}
