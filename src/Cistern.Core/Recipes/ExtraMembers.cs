using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>
/// The unknown members of a recipe, stored separately from it. A plan's revisions then hold only a marker where each member stood;
/// attaching them again restores the recipe as it was read.
/// </summary>
public sealed class ExtraMembers
{
    /// <summary>Marks, in a detached recipe, where unknown members were removed.</summary>
    private const string Mark = "$kept";

    private static readonly JsonWriterOptions Relaxed = new() { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    private readonly List<ImmutableSortedDictionary<string, JsonElement>> kept = [];
    private readonly Dictionary<string, int> known = new(StringComparer.Ordinal);

    /// <summary>Whether there are no unknown members.</summary>
    public bool IsEmpty => kept.Count == 0;

    /// <summary>Reads what <see cref="ToJson"/> wrote.</summary>
    /// <exception cref="JsonException">The text was not written by <see cref="ToJson"/>.</exception>
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

    /// <summary>All members, as a JSON array of objects.</summary>
    public string ToJson() => $"[{string.Join(',', kept.Select(Text))}]";

    /// <summary>Returns the recipe without its unknown members, and keeps those here.</summary>
    public Recipe Detach(Recipe recipe) => Each(recipe, extra => ImmutableSortedDictionary<string, JsonElement>.Empty.Add(Mark, JsonSerializer.SerializeToElement(Keep(extra))));

    /// <summary>
    /// Returns a detached recipe with its unknown members restored; a recipe that was never detached is returned unchanged.
    /// </summary>
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
