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
        Text(json, "name", brew.Coffee.Name);
        Text(json, "from", brew.Coffee.From);
        Flag(json, "decaffeinated", brew.Coffee.Decaffeinated);
        Flag(json, "boughtGround", brew.Coffee.BoughtGround);
        RecipeWriter.End(json, brew.Coffee);
        json.WriteStartObject("mill");
        Text(json, "name", brew.Mill.Name);
        Text(json, "setting", brew.Mill.Setting);
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
            Number(json, name, value);
        }

        Text(json, "pressFelt", measured.PressFelt is { } felt ? Words<PressFelt>.Of(felt) : null);
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
                Number(json, name, value);
            }

            RecipeWriter.End(json, sip);
        }

        json.WriteEndArray();
        Number(json, "score", tasting.Score);
        Text(json, "words", tasting.Words);
        if (!tasting.NotesFound.IsEmpty)
        {
            json.WriteStartArray("notesFound");
            foreach (var note in tasting.NotesFound)
            {
                json.WriteStringValue(note);
            }

            json.WriteEndArray();
        }

        Text(json, "bed", tasting.Bed is { } bed ? Words<BedLook>.Of(bed) : null);
        RecipeWriter.End(json, tasting);
    }

    private static void Named(Utf8JsonWriter json, string of, string name)
    {
        if (name.Length > 0)
        {
            json.WriteStartObject(of);
            json.WriteString("name", name);
            json.WriteEndObject();
        }
    }

    private static void Number(Utf8JsonWriter json, string name, double? value)
    {
        if (value is { } number)
        {
            json.WriteNumber(name, number);
        }
    }

    private static void Text(Utf8JsonWriter json, string name, string? text)
    {
        if (!string.IsNullOrEmpty(text))
        {
            json.WriteString(name, text);
        }
    }

    private static void Flag(Utf8JsonWriter json, string name, bool value)
    {
        if (value)
        {
            json.WriteBoolean(name, value);
        }
    }
}
