using System.Text;

namespace Cistern.Core.Recipes;

/// <summary>Words of the recipe file for the members of an enum: <c>FrenchPress</c> is written <c>french-press</c>.</summary>
/// <typeparam name="T">The enum.</typeparam>
public static class Words<T>
    where T : struct, Enum
{
    private static readonly T[] Values = Enum.GetValues<T>();
    private static readonly string[] Names = Array.ConvertAll(Enum.GetNames<T>(), Kebab);

    /// <summary>All words, in the order of declaration.</summary>
    public static IReadOnlyList<string> All => Names;

    /// <summary>The value used for a stored word that is not in the enum, where it must still be read. It equals no member.</summary>
    public static T Unknown { get; } = (T)Enum.ToObject(typeof(T), -1);

    /// <summary>The word for a value; "unknown" for one that could not be read.</summary>
    public static string Of(T value) => Array.IndexOf(Values, value) is >= 0 and var at ? Names[at] : "unknown";

    /// <summary>The value of a word, or null when there is none.</summary>
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
