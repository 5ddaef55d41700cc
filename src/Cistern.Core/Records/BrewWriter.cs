using System.Globalization;
using System.Text.Json;
using Cistern.Core.Readings;
using Cistern.Core.Recipes;

namespace Cistern.Core.Records;

/// <summary>Writes brews as the open file, unknown members included.</summary>
public static class BrewWriter
{
    /// <summary>One brew as an object.</summary>
    public static string Write(BrewRecord brew) => RecipeWriter.Text(json => Write(json, brew));

    /// <summary>Several as an array.</summary>
    public static string Write(IEnumerable<BrewRecord> brews) => RecipeWriter.Text(json =>
    {
        json.WriteStartArray();
        foreach (var brew in brews)
        {
            Write(json, brew);
        }

        json.WriteEndArray();
    });

    private static void Write(Utf8JsonWriter json, BrewRecord brew)
    {
        json.WriteStartObject();
        json.WriteString("format", BrewRecord.FormatName);
        json.WriteNumber("version", Recipe.FormatVersion);
        json.WriteString("id", brew.Id);
        if (brew.StartedAt is { } startedAt)
        {
            json.WriteString("startedAt", startedAt.ToString("yyyy-MM-dd'T'HH:mm:ss.FFFzzz", CultureInfo.InvariantCulture));
        }

        json.WriteString("state", Words<BrewOutcome>.Of(brew.State));
        Named(json, "barista", brew.Barista);
        json.WriteStartObject("coffee");
        RecipeWriter.Optional(json, "name", Said(brew.Coffee.Name));
        RecipeWriter.Optional(json, "from", brew.Coffee.From);
        RecipeWriter.Unless(json, "decaffeinated", brew.Coffee.Decaffeinated, otherwise: false);
        RecipeWriter.Unless(json, "boughtGround", brew.Coffee.BoughtGround, otherwise: false);
        RecipeWriter.End(json, brew.Coffee);
        json.WriteStartObject("mill");
        RecipeWriter.Optional(json, "name", Said(brew.Mill.Name));
        RecipeWriter.Optional(json, "setting", brew.Mill.Setting);
        RecipeWriter.End(json, brew.Mill);
        Named(json, "vessel", brew.Vessel);
        json.WritePropertyName("planned");
        RecipeWriter.Write(json, brew.Planned);
        json.WritePropertyName("brewed");
        RecipeWriter.Write(json, brew.Brewed);
        Readings(json, brew);
        Measured(json, brew.Measured);
        if (brew.Tasting is { } tasting)
        {
            Tasted(json, tasting);
        }

        RecipeWriter.End(json, brew);
    }

    private static void Readings(Utf8JsonWriter json, BrewRecord brew)
    {
        if (brew.Readings.IsEmpty)
        {
            return;
        }

        json.WriteStartObject("readings");
        foreach (var range in ReadingRange.All.Where(range => brew.Readings.ContainsKey(range.Of)))
        {
            json.WriteStartObject(range.Word);
            foreach (var (name, of) in ((string, Func<WeightPoint, double>)[])[("atS", point => Math.Round(point.AtS, 2)), ("value", point => point.G)])
            {
                json.WriteStartArray(name);
                foreach (var point in brew.Readings[range.Of])
                {
                    json.WriteNumberValue(of(point));
                }

                json.WriteEndArray();
            }

            json.WriteEndObject();
        }

        json.WriteEndObject();
    }

    private static void Measured(Utf8JsonWriter json, MeasuredFigures measured)
    {
        json.WriteStartObject("measured");
        foreach (var (name, value) in ((string, double?)[])
        [
            ("doseG", measured.DoseG), ("waterG", measured.WaterG), ("beverageG", measured.BeverageG), ("tdsPercent", measured.TdsPercent), ("drawdownS", measured.DrawdownS),
            ("pressS", measured.PressS), ("slurryC", measured.SlurryC), ("slurryAtS", measured.SlurryAtS),
        ])
        {
            RecipeWriter.Optional(json, name, value);
        }

        RecipeWriter.Optional(json, "pressFelt", measured.PressFelt);
        RecipeWriter.End(json, measured);
    }

    private static void Tasted(Utf8JsonWriter json, TastingRecord tasting)
    {
        json.WriteStartObject("tasting");
        json.WriteStartArray("sips");
        foreach (var sip in tasting.Sips)
        {
            json.WriteStartObject();
            json.WriteString("when", Words<SipWhen>.Of(sip.When));
            foreach (var (name, value) in ((string, double?)[])
                [("sharpHarsh", sip.SharpHarsh), ("thinHeavy", sip.ThinHeavy), ("sweet", sip.Sweet), ("clear", sip.Clear), ("finish", sip.Finish), ("dry", sip.Dry)])
            {
                RecipeWriter.Optional(json, name, value);
            }

            RecipeWriter.End(json, sip);
        }

        json.WriteEndArray();
        RecipeWriter.Optional(json, "score", tasting.Score);
        RecipeWriter.Optional(json, "words", tasting.Words);
        if (!tasting.NotesFound.IsEmpty)
        {
            json.WriteStartArray("notesFound");
            foreach (var note in tasting.NotesFound)
            {
                json.WriteStringValue(note);
            }

            json.WriteEndArray();
        }

        RecipeWriter.Optional(json, "bed", tasting.Bed);
        RecipeWriter.End(json, tasting);
    }

    /// <summary>A name; none where it is empty.</summary>
    private static string? Said(string name) => name.Length > 0 ? name : null;

    private static void Named(Utf8JsonWriter json, string of, string name)
    {
        if (name.Length > 0)
        {
            json.WriteStartObject(of);
            json.WriteString("name", name);
            json.WriteEndObject();
        }
    }
}
