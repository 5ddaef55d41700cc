using System.Text.Json.Nodes;

namespace Cistern.Core.Records;

/// <summary>The JSON Schema (draft 2020-12) of the brew file, generated from the rules that the reader uses.</summary>
public static class BrewSchema
{
    /// <summary>The schema as indented JSON, the same as docs/formats/brew.schema.json.</summary>
    public static string Write() => RecipeSchema.Text(new JsonObject
    {
        ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
        ["$id"] = "urn:cistern:brew:1",
        ["title"] = "Cistern brew file, version 1",
        ["description"] = "One brew, or an array of them. Members not named here are kept and written back; a member that is null counts as missing.",
        ["oneOf"] = new JsonArray(Ref("brew"), new JsonObject { ["type"] = "array", ["minItems"] = 1, ["items"] = Ref("brew") }),
        ["$defs"] = Definitions(),
    });

    private static JsonObject Definitions()
    {
        var definitions = RecipeSchema.Definitions();
        definitions["brew"] = Brew();
        return definitions;
    }

    private static JsonObject Brew()
    {
        var measured = RecipeSchema.Object([], "doseG", "waterG", "beverageG", "drawdownS", "pressS", "slurryC", "slurryAtS");
        measured["properties"]!["tdsPercent"] = RecipeSchema.Value(Member.Named("measured.tdsPercent"));
        measured["properties"]!["pressFelt"] = Words<PressFelt>();
        var tasting = RecipeSchema.Object([], "score", "words");
        tasting["properties"]!["sips"] = new JsonObject { ["type"] = "array", ["items"] = Sip() };
        tasting["properties"]!["notesFound"] = new JsonObject { ["type"] = "array", ["items"] = new JsonObject { ["type"] = "string" } };
        tasting["properties"]!["complaints"] = new JsonObject { ["type"] = "array", ["items"] = new JsonObject { ["enum"] = new JsonArray([.. ComplaintList.Said.Select(one => (JsonNode)Recipes.Words<Complaint>.Of(one))]) } };
        tasting["properties"]!["wentWrong"] = new JsonObject { ["type"] = "array", ["items"] = new JsonObject { ["type"] = "string" } };
        tasting["properties"]!["bed"] = Words<BedLook>();
        var happened = RecipeSchema.Object(["id", "atS", "step", "kind"], "atS", "step", "by");
        happened["properties"]!["id"] = Uuid();
        happened["properties"]!["kind"] = Words<RecordedEventKind>();
        var note = RecipeSchema.Object(["at", "text"], "by");
        note["properties"]!["at"] = Moment();
        note["properties"]!["text"] = RecipeSchema.Value(Member.Named("note"));
        var coffee = RecipeSchema.Object([], "name", "from", "roast", "decaffeinated", "boughtGround");
        coffee["properties"]!["roastedOn"] = new JsonObject { ["type"] = "string", ["format"] = "date" };
        var grinder = RecipeSchema.Object([], "name", "medianUm", "spread");
        grinder["properties"]!["setting"] = new JsonObject { ["type"] = new JsonArray("string", "number") };
        var readings = new JsonObject();
        foreach (var range in ReadingRange.All)
        {
            readings[range.Word] = Series();
        }

        return new JsonObject
        {
            ["type"] = "object",
            ["required"] = new JsonArray("format", "version", "id", "planned"),
            ["properties"] = new JsonObject
            {
                ["format"] = new JsonObject { ["enum"] = new JsonArray(BrewRecord.FormatName) },
                ["version"] = new JsonObject { ["enum"] = new JsonArray(Recipe.FormatVersion) },
                ["id"] = Uuid(),
                ["openedAt"] = Moment(),
                ["startedAt"] = Moment(),
                ["endedAt"] = Moment(),
                ["state"] = Words<BrewOutcome>(),
                ["why"] = RecipeSchema.Value(Member.Named("why")),
                ["barista"] = RecipeSchema.Object([], "name"),
                ["place"] = RecipeSchema.Object([], "name", "altitudeM", "ambientC"),
                ["coffee"] = coffee,
                ["mill"] = grinder,
                ["vessel"] = RecipeSchema.Object([], "name"),
                ["planned"] = Ref("recipe"),
                ["brewed"] = Ref("recipe"),
                ["events"] = new JsonObject { ["type"] = "array", ["items"] = happened },
                ["readings"] = new JsonObject { ["type"] = "object", ["properties"] = readings },
                ["measured"] = measured,
                ["tasting"] = tasting,
                ["forecast"] = new JsonObject { ["type"] = "object" },
                ["notes"] = new JsonObject { ["type"] = "array", ["items"] = note },
                ["pictures"] = new JsonObject { ["type"] = "array", ["maxItems"] = RecordedPicture.MaxPerBrew, ["items"] = Picture() },
                ["kept"] = new JsonObject { ["description"] = string.Create(CultureInfo.InvariantCulture, $"What Cistern stores beyond this format; used only while the rest of the file is unchanged.") },
            },
        };
    }

    private static JsonObject Moment() => new() { ["type"] = "string", ["format"] = "date-time" };

    private static JsonObject Picture()
    {
        var picture = RecipeSchema.Object(["at", "of", "image"]);
        picture["properties"]!["at"] = Moment();
        picture["properties"]!["of"] = Words<PictureOf>();
        picture["properties"]!["said"] = RecipeSchema.Value(Member.Named("name"));
        picture["properties"]!["image"] = new JsonObject { ["type"] = "string", ["pattern"] = "^data:image/(jpeg|png|webp);base64," };
        return picture;
    }

    private static JsonObject Sip()
    {
        var sip = RecipeSchema.Object([], "sharpHarsh", "thinHeavy", "sweet", "clear", "finish", "dry");
        sip["properties"]!["when"] = Words<SipWhen>();
        return sip;
    }

    private static JsonObject Series() => new()
    {
        ["type"] = "object",
        ["required"] = new JsonArray("atS", "value"),
        ["properties"] = new JsonObject { ["atS"] = Numbers(), ["value"] = Numbers() },
    };

    private static JsonObject Ref(string definition) => new() { ["$ref"] = $"#/$defs/{definition}" };

    private static JsonObject Numbers() => new() { ["type"] = "array", ["items"] = new JsonObject { ["type"] = "number" } };

    private static JsonObject Uuid() => new() { ["type"] = "string", ["format"] = "uuid" };

    private static JsonObject Words<T>()
        where T : struct, Enum => new() { ["enum"] = new JsonArray([.. Recipes.Words<T>.All.Select(word => (JsonNode)word)]) };
}
