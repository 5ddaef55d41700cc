using System.Runtime.CompilerServices;
using System.Text;

namespace Cistern.Core.Recipes;

/// <summary>The words the recipe file uses for the members of a closed set: <c>FrenchPress</c> is written <c>french-press</c>.</summary>
/// <typeparam name="T">The closed set.</typeparam>
public static class Words<T>
    where T : struct, Enum
{
    // Tables of whole numbers: those of each set itself would be compiled anew for each at the start, 25 ms a set.
    private static readonly Dictionary<int, string> ByValue = [];
    private static readonly Dictionary<string, int> ByWord = new(StringComparer.Ordinal);

    static Words()
    {
        var values = (int[])Enum.GetValuesAsUnderlyingType<T>();
        All = Array.ConvertAll(Enum.GetNames<T>(), Kebab);
        for (var i = 0; i < values.Length; i++)
        {
            ByValue.Add(values[i], All[i]);
            ByWord.Add(All[i], values[i]);
        }
    }

    /// <summary>Every word, in the order the set declares them.</summary>
    public static IReadOnlyList<string> All { get; }

    /// <summary>What a word that is none of the set is read as, where something kept must be read all the same: it stands for no member.</summary>
    public static T Unread { get; } = Unsafe.BitCast<int, T>(-1);

    /// <summary>The file's word for a value; "unknown" for one that could not be read.</summary>
    public static string Of(T value) => ByValue.TryGetValue(Unsafe.BitCast<T, int>(value), out var word) ? word : "unknown";

    /// <summary>The value a word stands for, or null when it is not one of them.</summary>
    public static T? Find(string? word) =>
        word is not null && ByWord.TryGetValue(word, out var value) ? Unsafe.BitCast<int, T>(value) : null;

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
