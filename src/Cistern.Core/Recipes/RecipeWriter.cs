using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>Writes recipes in the open format. Nothing that was read is lost, including unknown members.</summary>
public static class RecipeWriter
{
    private static readonly JsonWriterOptions Options = new() { Indented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };

    /// <summary>One recipe as an object.</summary>
    public static string Write(Recipe recipe) => Text(json => Write(json, recipe));

    /// <summary>Several as an array.</summary>
    public static string Write(IEnumerable<Recipe> recipes) => Text(json =>
    {
        json.WriteStartArray();
        foreach (var recipe in recipes)
        {
            Write(json, recipe);
        }

        json.WriteEndArray();
    });

    /// <summary>One step as an object.</summary>
    public static string Write(Step step) => Text(json => Write(json, step));

    /// <summary>JSON as the open files have it: indented, with letters unescaped.</summary>
    /// <param name="write">Writes the content.</param>
    public static string Text(Action<Utf8JsonWriter> write)
    {
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream, Options))
        {
            write(json);
        }

        return Encoding.UTF8.GetString(stream.ToArray());
    }

    internal static void Write(Utf8JsonWriter json, Recipe recipe)
    {
        json.WriteStartObject();
        json.WriteString("format", Recipe.FormatName);
        json.WriteNumber("version", Recipe.FormatVersion);
        json.WriteString("id", recipe.Id);
        json.WriteString("name", recipe.Name);
        Optional(json, "school", recipe.Style);
        Optional(json, "notes", recipe.Notes);

        json.WriteStartObject("brewer");
        json.WriteString("family", Words<BrewerFamily>.Of(recipe.Brewer.Family));
        json.WriteNumber("capacityMl", recipe.Brewer.CapacityMl);
        Optional(json, "filter", recipe.Brewer.Filter);
        Optional(json, "cone", recipe.Brewer.Cone);
        Optional(json, "outletMm", recipe.Brewer.OutletMm);
        Optional(json, "position", recipe.Brewer.Position);
        Optional(json, "material", recipe.Brewer.Material);
        Unless(json, "wrapped", recipe.Brewer.Wrapped, otherwise: false);
        End(json, recipe.Brewer);

        json.WriteStartObject("coffee");
        json.WriteNumber("doseG", recipe.Coffee.DoseG);
        json.WriteNumber("roast", recipe.Coffee.Roast);
        json.WriteNumber("restDays", recipe.Coffee.RestDays);
        End(json, recipe.Coffee);

        json.WriteStartObject("grind");
        json.WriteNumber("medianUm", recipe.Grind.MedianUm);
        json.WriteNumber("spread", recipe.Grind.Spread);
        Optional(json, "fines", recipe.Grind.Fines);
        Unless(json, "measured", recipe.Grind.Measured, otherwise: false);
        End(json, recipe.Grind);

        json.WriteStartObject("water");
        json.WriteNumber("temperatureC", recipe.Water.TemperatureC);
        End(json, recipe.Water);

        json.WriteStartObject("place");
        json.WriteNumber("altitudeM", recipe.Place.AltitudeM);
        json.WriteNumber("ambientC", recipe.Place.AmbientC);
        End(json, recipe.Place);

        json.WriteString("clockStarts", Words<ClockStart>.Of(recipe.ClockStarts));
        json.WriteStartArray("steps");
        foreach (var step in recipe.Steps)
        {
            Write(json, step);
        }

        json.WriteEndArray();
        if (recipe.Target is { } target)
        {
            json.WriteStartObject("target");
            Optional(json, "tdsPercent", target.TdsPercent);
            Optional(json, "tilt", target.FlavourBalance);
            Optional(json, "extractionYieldPercent", target.ExtractionYieldPercent);
            Optional(json, "finishS", target.FinishS);
            End(json, target);
        }

        End(json, recipe);
    }

    private static void Write(Utf8JsonWriter json, Step step)
    {
        var verb = Verb.Of(step);
        json.WriteStartObject();
        json.WriteString("do", verb.Word);
        Optional(json, "at", step.AtS);
        verb.Write(new StepWriter(json), step);
        if (verb.Takes.Contains("overS"))
        {
            json.WriteNumber("overS", step.OverS);
        }

        Optional(json, "window", step.Window);
        Optional(json, "startWindow", step.StartWindow);
        Optional(json, "note", step.Note);
        End(json, step);
    }

    internal static void End(Utf8JsonWriter json, Extensible extensible)
    {
        foreach (var (name, value) in extensible.Extra)
        {
            json.WritePropertyName(name);
            value.WriteTo(json);
        }

        json.WriteEndObject();
    }

    internal static void Optional(Utf8JsonWriter json, string name, string? value)
    {
        if (value is not null)
        {
            json.WriteString(name, value);
        }
    }

    internal static void Optional(Utf8JsonWriter json, string name, double? value)
    {
        if (value is { } number)
        {
            json.WriteNumber(name, number);
        }
    }

    internal static void Optional<T>(Utf8JsonWriter json, string name, T? value)
        where T : struct, Enum
    {
        if (value is { } word)
        {
            json.WriteString(name, Words<T>.Of(word));
        }
    }

    internal static void Optional(Utf8JsonWriter json, string name, Span? value)
    {
        if (value is { } span)
        {
            json.WriteStartArray(name);
            json.WriteNumberValue(span.Low);
            json.WriteNumberValue(span.High);
            json.WriteEndArray();
        }
    }

    internal static void Unless(Utf8JsonWriter json, string name, bool value, bool otherwise)
    {
        if (value != otherwise)
        {
            json.WriteBoolean(name, value);
        }
    }
}
