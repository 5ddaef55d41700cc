using System.Text.Json.Nodes;

namespace Cistern.Core.Recipes;

/// <summary>The JSON Schema (draft 2020-12) of the recipe file, generated from the rules that the reader uses.</summary>
public static class RecipeSchema
{
    /// <summary>The schema as indented JSON, the same as docs/formats/recipe.schema.json.</summary>
    public static string Write() => Text(Build());

    /// <summary>A schema as it is published.</summary>
    internal static string Text(JsonObject schema) => schema.ToJsonString(new System.Text.Json.JsonSerializerOptions { WriteIndented = true, Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping }) + "\n";

    /// <summary>The definitions of a recipe and its steps, for schemas of files that contain recipes.</summary>
    internal static JsonObject Definitions() => new()
    {
        ["recipe"] = Recipe(),
        ["step"] = new JsonObject { ["type"] = "object", ["required"] = new JsonArray("do"), ["oneOf"] = new JsonArray([.. Verb.All.Select(Step)]) },
    };

    private static JsonObject Build() => new()
    {
        ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
        ["$id"] = "urn:cistern:recipe:1",
        ["title"] = "Cistern recipe file, version 1",
        ["description"] = "One recipe, or an array of them. Members not named here are preserved.",
        ["oneOf"] = new JsonArray(
            new JsonObject { ["$ref"] = "#/$defs/recipe" },
            new JsonObject { ["type"] = "array", ["minItems"] = 1, ["maxItems"] = RecipeReader.MaxRecipes, ["items"] = new JsonObject { ["$ref"] = "#/$defs/recipe" } }),
        ["$defs"] = Definitions(),
    };

    private static JsonObject Recipe()
    {
        var target = Object([], "tdsPercent", "tilt", "extractionYieldPercent", "finishS");
        var recipe = Object(["format", "version", "id", "name", "brewer", "coffee", "grind", "water", "place", "clockStarts", "steps"], "id", "name", "school", "notes", "clockStarts");
        var properties = recipe["properties"]!.AsObject();
        properties["format"] = new JsonObject { ["enum"] = new JsonArray(Recipes.Recipe.FormatName) };
        properties["version"] = new JsonObject { ["enum"] = new JsonArray(Recipes.Recipe.FormatVersion) };
        properties["id"] = new JsonObject { ["type"] = "string", ["pattern"] = "^[a-z0-9-]+$", ["maxLength"] = 80 };
        properties["name"] = new JsonObject { ["type"] = "string", ["pattern"] = "\\S", ["maxLength"] = 200 };
        properties["brewer"] = Object(["family", "capacityMl"], "family", "capacityMl", "filter", "cone", "outletMm", "position", "material", "wrapped");
        properties["coffee"] = Object(["doseG", "roast", "restDays"], "doseG", "roast", "restDays");
        properties["grind"] = Object(["medianUm", "spread"], "medianUm", "spread", "fines", "measured");
        properties["water"] = Object(["temperatureC"], "temperatureC");
        properties["place"] = Object(["altitudeM", "ambientC"], "altitudeM", "ambientC");
        properties["target"] = target;
        properties["steps"] = new JsonObject { ["type"] = "array", ["minItems"] = 1, ["maxItems"] = RecipeReader.MaxSteps, ["items"] = new JsonObject { ["$ref"] = "#/$defs/step" } };
        return recipe;
    }

    private static JsonObject Step(Verb verb)
    {
        var step = Object(["do", .. verb.Requires], ["at", "window", .. verb.Traits.TwoWindows ? (string[])["startWindow"] : [], "note", .. verb.Takes]);
        var properties = step["properties"]!.AsObject();
        properties["do"] = new JsonObject { ["enum"] = new JsonArray(verb.Word) };
        if (verb.Word == "stir")
        {
            properties["path"] = Value(Member.Named("stir.path"));
        }

        return step;
    }

    /// <summary>The schema of an object with the given members.</summary>
    internal static JsonObject Object(string[] required, params string[] members)
    {
        var properties = new JsonObject();
        foreach (var name in members)
        {
            properties[name] = Value(Member.Named(name));
        }

        var schema = new JsonObject { ["type"] = "object", ["properties"] = properties };
        if (required.Length > 0)
        {
            schema["required"] = new JsonArray([.. required.Select(name => (JsonNode)name)]);
        }

        return schema;
    }

    /// <summary>What a member holds, by its rule.</summary>
    internal static JsonObject Value(Member member) => member.Kind switch
    {
        MemberKind.Number => new JsonObject { ["type"] = "number", ["minimum"] = member.Min, ["maximum"] = member.Max },
        MemberKind.Whole => new JsonObject { ["type"] = "integer", ["minimum"] = member.Min, ["maximum"] = member.Max },
        MemberKind.Flag => new JsonObject { ["type"] = "boolean" },
        MemberKind.Word => new JsonObject { ["enum"] = new JsonArray([.. member.Words.Select(word => (JsonNode)word)]) },
        MemberKind.Text => new JsonObject { ["type"] = "string", ["maxLength"] = member.Max },
        MemberKind.Range => new JsonObject
        {
            ["type"] = "array",
            ["minItems"] = 2,
            ["maxItems"] = 2,
            ["items"] = new JsonObject { ["type"] = "number", ["minimum"] = member.Min, ["maximum"] = member.Max },
        },
    };
}
