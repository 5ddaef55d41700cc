using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>Writes the members of one step; members with their default value are omitted.</summary>
internal readonly struct StepWriter(Utf8JsonWriter json)
{
    public void Number(string name, double value) => json.WriteNumber(name, value);

    public void Word<T>(string name, T value)
        where T : struct, Enum => json.WriteString(name, Words<T>.Of(value));

    public void Maybe(string name, double? value)
    {
        if (value is { } number)
        {
            json.WriteNumber(name, number);
        }
    }

    public void Maybe(string name, string? value)
    {
        if (value is not null)
        {
            json.WriteString(name, value);
        }
    }

    public void Maybe<T>(string name, T? value)
        where T : struct, Enum
    {
        if (value is { } word)
        {
            Word(name, word);
        }
    }

    public void Unless(string name, bool value, bool otherwise)
    {
        if (value != otherwise)
        {
            json.WriteBoolean(name, value);
        }
    }

    public void Unless<T>(string name, T value, T otherwise)
        where T : struct, Enum
    {
        if (!EqualityComparer<T>.Default.Equals(value, otherwise))
        {
            Word(name, value);
        }
    }
}
