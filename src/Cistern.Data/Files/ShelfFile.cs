using System.Collections.Immutable;
using System.Text.Json;

namespace Cistern.Data.Files;

/// <summary>A thing on the shelf in a file: the fields of its form, in g, ml and °C.</summary>
/// <param name="Kind">Its kind: the word in the address of its form.</param>
/// <param name="Fields">The fields by name.</param>
public sealed record ShelfThing(string Kind, ImmutableSortedDictionary<string, string> Fields);

/// <summary>The file of a shelf: everything on it, by the fields of each thing's form.</summary>
public static class ShelfFile
{
    /// <summary>The value of the file's <c>format</c> member.</summary>
    public const string FormatName = "cistern/shelf";

    /// <summary>The most things that are read.</summary>
    public const int MaxThings = 2_000;

    private const int MaxFields = 40;
    private const int MaxBytes = 4 * 1024 * 1024;

    /// <summary>Writes a shelf.</summary>
    public static string Write(IEnumerable<ShelfThing> things) => RecipeWriter.Text(json =>
    {
        json.WriteStartObject();
        json.WriteString("format", FormatName);
        json.WriteNumber("version", 1);
        json.WriteStartArray("things");
        foreach (var thing in things)
        {
            json.WriteStartObject();
            json.WriteString("kind", thing.Kind);
            foreach (var (name, value) in thing.Fields)
            {
                json.WriteString(name, value);
            }

            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
    });

    /// <summary>Reads a shelf; the forms check whether each field is valid.</summary>
    public static (IReadOnlyList<ShelfThing> Things, IReadOnlyList<Finding> Findings) Read(ReadOnlyMemory<byte> utf8) =>
        RecipeReader.Open<(IReadOnlyList<ShelfThing>, IReadOnlyList<Finding>)>(utf8, MaxBytes, "A shelf file", Read, finding => ([], [finding]));

    private static (IReadOnlyList<ShelfThing> Things, IReadOnlyList<Finding> Findings) Read(JsonElement root)
    {
        if (root.ValueKind != JsonValueKind.Object || !root.TryGetProperty("things", out var list) || list.ValueKind != JsonValueKind.Array || list.GetArrayLength() > MaxThings
            || !root.TryGetProperty("version", out var version) || version.ValueKind != JsonValueKind.Number || !version.TryGetInt32(out var number) || number != 1)
        {
            return ([], [FindingKinds.ShelfExpected.At("", MaxThings)]);
        }

        var things = new List<ShelfThing>();
        var findings = new List<Finding>();
        var index = 0;
        foreach (var element in list.EnumerateArray())
        {
            var place = string.Create(CultureInfo.InvariantCulture, $"things[{index++}]");
            if (element.ValueKind != JsonValueKind.Object || !element.TryGetProperty("kind", out var kind) || kind.ValueKind != JsonValueKind.String)
            {
                findings.Add(FindingKinds.ThingExpected.At(place));
                continue;
            }

            if (element.EnumerateObject().Where(member => member.Value.ValueKind != JsonValueKind.String).Select(member => member.Name).FirstOrDefault() is { } name)
            {
                findings.Add(FindingKinds.FieldIsText.At($"{place}.{name}"));
                continue;
            }

            things.Add(new ShelfThing(kind.GetString()!, element.EnumerateObject().Where(member => member.Name != "kind").DistinctBy(member => member.Name).Take(MaxFields)
                .ToImmutableSortedDictionary(member => member.Name, member => member.Value.GetString()!, StringComparer.Ordinal)));
        }

        return findings.Count > 0 ? ([], findings) : (things, []);
    }
}
