using System.Collections.Immutable;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>
/// The unknown members of a recipe, kept once and apart from it. A recipe that is written down at every change of a plan
/// carries only where each of them stands; taken together again it is as it was read.
/// </summary>
public sealed class ExtraMembers
{
    /// <summary>Stands in a detached recipe for the members that were there.</summary>
    private const string Mark = "$kept";

    private static readonly JsonWriterOptions Relaxed = new() { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    private readonly List<ImmutableSortedDictionary<string, JsonElement>> kept = [];
    private readonly Dictionary<string, int> known = new(StringComparer.Ordinal);

    /// <summary>Whether nothing is kept here.</summary>
    public bool IsEmpty => kept.Count == 0;

    /// <summary>Reads what <see cref="ToJson"/> wrote.</summary>
    /// <exception cref="JsonException">It is something else.</exception>
    public static ExtraMembers Read(string json)
    {
        var extra = new ExtraMembers();
        using var document = JsonDocument.Parse(json);
        foreach (var one in document.RootElement.EnumerateArray())
        {
            extra.Keep(one.EnumerateObject().ToImmutableSortedDictionary(member => member.Name, member => member.Value.Clone(), StringComparer.Ordinal));
        }

        return extra;
    }

    /// <summary>All of them, as an array of objects.</summary>
    public string ToJson() => $"[{string.Join(',', kept.Select(Text))}]";

    /// <summary>A recipe without its unknown members; they are kept here.</summary>
    public Recipe Detach(Recipe recipe) => Each(recipe, extra => ImmutableSortedDictionary<string, JsonElement>.Empty.Add(Mark, JsonSerializer.SerializeToElement(Keep(extra))));

    /// <summary>A recipe that was detached, with its unknown members again; one that never was comes back as it is.</summary>
    public Recipe Attach(Recipe recipe) => Each(recipe, extra =>
        extra.Count == 1 && extra.TryGetValue(Mark, out var at) && at.ValueKind == JsonValueKind.Number && at.TryGetInt32(out var index) && index >= 0 && index < kept.Count
            ? kept[index]
            : extra);

    private static Recipe Each(Recipe recipe, Func<ImmutableSortedDictionary<string, JsonElement>, ImmutableSortedDictionary<string, JsonElement>> change)
    {
        T Changed<T>(T one)
            where T : Extensible => one.Extra.IsEmpty ? one : one with { Extra = change(one.Extra) };

        return Changed(recipe) with
        {
            Brewer = Changed(recipe.Brewer),
            Coffee = Changed(recipe.Coffee),
            Grind = Changed(recipe.Grind),
            Water = Changed(recipe.Water),
            Place = Changed(recipe.Place),
            Target = recipe.Target is { } target ? Changed(target) : null,
            Steps = recipe.Steps.Any(step => !step.Extra.IsEmpty) ? [.. recipe.Steps.Select(Changed)] : recipe.Steps,
        };
    }

    private int Keep(ImmutableSortedDictionary<string, JsonElement> extra)
    {
        var text = Text(extra);
        if (!known.TryGetValue(text, out var index))
        {
            index = kept.Count;
            kept.Add(extra);
            known.Add(text, index);
        }

        return index;
    }

    private static string Text(ImmutableSortedDictionary<string, JsonElement> extra)
    {
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream, Relaxed))
        {
            json.WriteStartObject();
            foreach (var (name, value) in extra)
            {
                json.WritePropertyName(name);
                value.WriteTo(json);
            }

            json.WriteEndObject();
        }

        return Encoding.UTF8.GetString(stream.ToArray());
    }
}
