using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>Reads the members of one JSON object and adds a finding for each that is invalid.</summary>
internal sealed class ObjectReader(JsonElement element, string place, List<Finding> findings, bool kept = false, bool nullIsNothing = false)
{
    private readonly HashSet<string> known = new(StringComparer.Ordinal);

    public string Place => place;

    public string At(string name) => Finding.Path(place, name);

    /// <summary>Reads a required number. If it is missing or invalid, adds a finding and returns NaN.</summary>
    public double Required(string name) => Number(name) ?? (Has(name) ? double.NaN : Missing(name, double.NaN));

    public double Or(string name, double otherwise) => Number(name) ?? otherwise;

    public double? Number(string name, string? rule = null)
    {
        if (!Take(name, out var value))
        {
            return null;
        }

        var member = Member.Named(rule ?? name);
        return IsNumber(value, member, out var number) ? number : Refuse<double?>(name, member, value, null);
    }

    public int Whole(string name, int otherwise)
    {
        if (!Take(name, out var value))
        {
            return otherwise;
        }

        var member = Member.Named(name);
        return IsNumber(value, member, out var number) && number == Math.Floor(number)
            ? (int)number
            : Refuse(name, member, value, otherwise);
    }

    public bool Flag(string name, bool otherwise)
    {
        if (!Take(name, out var value))
        {
            return otherwise;
        }

        return value.ValueKind is JsonValueKind.True or JsonValueKind.False
            ? value.GetBoolean()
            : Refuse(name, Member.Named(name), value, otherwise);
    }

    public T? Word<T>(string name)
        where T : struct, Enum
    {
        if (!Take(name, out var value))
        {
            return null;
        }

        var found = value.ValueKind == JsonValueKind.String ? Words<T>.Find(value.GetString()) : null;
        if (found is null)
        {
            findings.Add(FindingKinds.WordExpected.At(At(name), name, string.Join(", ", Words<T>.All), Shown(value)));
        }

        return found;
    }

    public T RequiredWord<T>(string name)
        where T : struct, Enum
    {
        var there = element.TryGetProperty(name, out _);
        return Word<T>(name) ?? (there ? default : Missing(name, default(T)));
    }

    public string? Text(string name, string? rule = null)
    {
        if (!Take(name, out var value))
        {
            return null;
        }

        var member = Member.Named(rule ?? name);
        if (value.ValueKind != JsonValueKind.String || value.GetString() is not { } text || text.Length > member.Max)
        {
            return Refuse<string?>(name, member, value, null);
        }

        // Text stored before a rule was introduced must stay readable.
        if (!kept && PlainText.Problem(PlainText.Lines(text), (int)member.Max, lines: name is "notes" or "note" or "text" or "words" or "why") is { } problem)
        {
            findings.Add(FindingKinds.NotPlainText.At(At(name), name, Shown(value), problem));
        }

        return text;
    }

    public string RequiredText(string name)
    {
        var there = element.TryGetProperty(name, out _);
        var text = Text(name);
        if (text is null && !there)
        {
            return Missing(name, "");
        }

        if (text is { } given && string.IsNullOrWhiteSpace(given))
        {
            findings.Add(FindingKinds.EmptyText.At(At(name), name));
        }

        return text ?? "";
    }

    public Span? Range(string name)
    {
        if (!Take(name, out var value))
        {
            return null;
        }

        var member = Member.Named(name);
        if (value.ValueKind == JsonValueKind.Array && value.GetArrayLength() == 2
            && IsNumber(value[0], member, out var low) && IsNumber(value[1], member, out var high) && low <= high)
        {
            return new Span(low, high);
        }

        return Refuse<Span?>(name, member, value, null);
    }

    /// <summary>Reads a member that must be an object; an empty object is returned where it is missing or invalid.</summary>
    public ObjectReader Object(string name, bool required = true)
    {
        var found = Take(name, out var value);
        if (found && value.ValueKind == JsonValueKind.Object)
        {
            return new ObjectReader(value, At(name), findings, kept, nullIsNothing);
        }

        if (found)
        {
            findings.Add(FindingKinds.ObjectExpected.At(At(name), name, Shown(value)));
        }
        else if (required)
        {
            Missing(name, 0);
        }

        using var empty = JsonDocument.Parse("{}");
        // The missing object is itself a finding; its members are not reported as well.
        return new ObjectReader(empty.RootElement.Clone(), At(name), []);
    }

    public bool Has(string name) => element.TryGetProperty(name, out var value) && !(nullIsNothing && value.ValueKind == JsonValueKind.Null);

    public bool Take(string name, out JsonElement value)
    {
        known.Add(name);
        return element.TryGetProperty(name, out value) && !(nullIsNothing && value.ValueKind == JsonValueKind.Null);
    }

    /// <summary>
    /// The elements of a list, each with its place. A member that is not a list is a finding; a missing one gives no elements.
    /// </summary>
    public IEnumerable<(JsonElement Element, string Place)> List(string name, int most)
    {
        if (!Take(name, out var list))
        {
            yield break;
        }

        if (list.ValueKind != JsonValueKind.Array || list.GetArrayLength() > most)
        {
            findings.Add(FindingKinds.ListExpected.At(At(name), name, most, Shown(list)));
            yield break;
        }

        var index = 0;
        foreach (var one in list.EnumerateArray())
        {
            yield return (one, At(string.Create(CultureInfo.InvariantCulture, $"{name}[{index++}]")));
        }
    }

    /// <summary>Every member that was not read. Call this last.</summary>
    public ImmutableSortedDictionary<string, JsonElement> Extra()
    {
        ImmutableSortedDictionary<string, JsonElement>.Builder? extra = null;
        foreach (var member in element.EnumerateObject())
        {
            if (!known.Contains(member.Name))
            {
                extra ??= ImmutableSortedDictionary.CreateBuilder<string, JsonElement>(StringComparer.Ordinal);
                if (!IsWhole(member.Value))
                {
                    findings.Add(FindingKinds.BrokenUnicode.At(At(member.Name)));
                }

                extra[member.Name] = member.Value.Clone();
            }
        }

        return extra?.ToImmutable() ?? ImmutableSortedDictionary<string, JsonElement>.Empty;
    }

    /// <summary>The value as it stands in the file, shortened for a message.</summary>
    public static string Shown(JsonElement value) => value.ValueKind switch
    {
        JsonValueKind.Undefined => "nothing",
        JsonValueKind.Object => "an object",
        JsonValueKind.Array => string.Create(CultureInfo.InvariantCulture, $"a list of {value.GetArrayLength()}"),
        _ => Short(value.GetRawText()),
    };

    /// <summary>Whether all text in the value can be written again: JSON allows an unpaired surrogate.</summary>
    private static bool IsWhole(JsonElement value)
    {
        try
        {
            return value.ValueKind switch
            {
                JsonValueKind.String => value.GetString() is not null,
                JsonValueKind.Array => value.EnumerateArray().All(IsWhole),
                JsonValueKind.Object => value.EnumerateObject().All(member => IsWholeName(member) && IsWhole(member.Value)),
                _ => true,
            };
        }
        catch (InvalidOperationException)
        {
            return false;
        }
    }

    /// <summary>Reading a name that holds an unpaired surrogate throws.</summary>
    private static bool IsWholeName(JsonProperty member) => member.Name is not null;

    private static string Short(string text) => text.Length <= 40 ? text : string.Concat(text.AsSpan(0, 39), "…");

    private static bool IsNumber(JsonElement value, Member member, out double number)
    {
        number = double.NaN;
        return value.ValueKind == JsonValueKind.Number && value.TryGetDouble(out number)
            && double.IsFinite(number) && number >= member.Min && number <= member.Max;
    }

    private T Refuse<T>(string name, Member member, JsonElement value, T otherwise)
    {
        findings.Add(member.Refuse(At(name), name, Shown(value)));
        return otherwise;
    }

    private T Missing<T>(string name, T otherwise)
    {
        findings.Add(FindingKinds.MemberMissing.At(At(name), name));
        return otherwise;
    }
}
