using System.Text;

namespace Cistern.Core.Recipes;

/// <summary>The words the recipe file uses for the members of a closed set: <c>FrenchPress</c> is written <c>french-press</c>.</summary>
/// <typeparam name="T">The closed set.</typeparam>
public static class Words<T>
    where T : struct, Enum
{
    private static readonly T[] Values = Enum.GetValues<T>();
    private static readonly string[] Names = Array.ConvertAll(Enum.GetNames<T>(), Kebab);

    /// <summary>Every word, in the order the set declares them.</summary>
    public static IReadOnlyList<string> All => Names;

    /// <summary>What a word that is none of the set is read as, where something kept must be read all the same: it stands for no member.</summary>
    public static T Unread { get; } = (T)Enum.ToObject(typeof(T), -1);

    /// <summary>The file's word for a value; "unknown" for one that could not be read.</summary>
    public static string Of(T value) => Array.IndexOf(Values, value) is >= 0 and var at ? Names[at] : "unknown";

    /// <summary>The value a word stands for, or null when it is not one of them.</summary>
    public static T? Find(string? word) => Array.IndexOf(Names, word) is >= 0 and var at ? Values[at] : null;

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
