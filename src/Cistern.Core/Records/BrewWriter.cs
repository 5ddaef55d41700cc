using System.Text.Json;

namespace Cistern.Core.Records;

/// <summary>Writes brews in the open format, including unknown members.</summary>
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
        foreach (var (name, moment) in ((string, DateTimeOffset?)[])[("openedAt", brew.OpenedAt), ("startedAt", brew.StartedAt), ("endedAt", brew.EndedAt)])
        {
            RecipeWriter.Optional(json, name, moment is { } at ? Moment(at) : null);
        }

        json.WriteString("state", Words<BrewOutcome>.Of(brew.State));
        RecipeWriter.Optional(json, "why", brew.Why);
        Named(json, "barista", brew.Barista, brew.BaristaExtra);
        Placed(json, brew.Place);
        json.WriteStartObject("coffee");
        RecipeWriter.Optional(json, "name", Said(brew.Coffee.Name));
        RecipeWriter.Optional(json, "from", brew.Coffee.From);
        RecipeWriter.Optional(json, "roast", brew.Coffee.Roast);
        RecipeWriter.Optional(json, "roastedOn", brew.Coffee.RoastedOn?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture));
        RecipeWriter.Unless(json, "decaffeinated", brew.Coffee.Decaffeinated, otherwise: false);
        RecipeWriter.Unless(json, "boughtGround", brew.Coffee.BoughtGround, otherwise: false);
        RecipeWriter.End(json, brew.Coffee);
        json.WriteStartObject("mill");
        RecipeWriter.Optional(json, "name", Said(brew.Grinder.Name));
        RecipeWriter.Optional(json, "setting", brew.Grinder.Setting);
        RecipeWriter.Optional(json, "medianUm", brew.Grinder.MedianUm);
        RecipeWriter.Optional(json, "spread", brew.Grinder.Spread);
        RecipeWriter.End(json, brew.Grinder);
        Named(json, "vessel", brew.Vessel, brew.VesselExtra);
        json.WritePropertyName("planned");
        RecipeWriter.Write(json, brew.Planned);
        json.WritePropertyName("brewed");
        RecipeWriter.Write(json, brew.Brewed);
        Events(json, brew);
        Readings(json, brew);
        Measured(json, brew.Measured);
        if (brew.Tasting is { } tasting)
        {
            Tasted(json, tasting);
        }

        if (brew.Forecast is { } forecast)
        {
            json.WriteStartObject("forecast");
            json.WriteString("model", forecast.Model);
            Figures(json, "planned", forecast.Planned);
            Figures(json, "brewed", forecast.Brewed);
            json.WriteEndObject();
        }

        Notes(json, brew);
        List(json, "pictures", brew.Pictures, picture =>
        {
            json.WriteString("at", Moment(picture.At));
            json.WriteString("of", Words<PictureOf>.Of(picture.Of));
            RecipeWriter.Optional(json, "said", picture.Caption);
            json.WriteString("image", picture.Image);
        });
        if (brew.Kept is { } kept)
        {
            json.WritePropertyName("kept");
            kept.WriteTo(json);
        }

        RecipeWriter.End(json, brew);
    }

    /// <summary>A time with its UTC offset, to the millisecond.</summary>
    public static string Moment(DateTimeOffset at) => at.ToString("yyyy-MM-dd'T'HH:mm:ss.FFFzzz", CultureInfo.InvariantCulture);

    private static void Placed(Utf8JsonWriter json, PlaceUsed place)
    {
        if (place != new PlaceUsed(""))
        {
            json.WriteStartObject("place");
            RecipeWriter.Optional(json, "name", Said(place.Name));
            RecipeWriter.Optional(json, "altitudeM", place.AltitudeM);
            RecipeWriter.Optional(json, "ambientC", place.AmbientC);
            RecipeWriter.End(json, place);
        }
    }

    private static void Events(Utf8JsonWriter json, BrewRecord brew) => List(json, "events", brew.Events, one =>
    {
        json.WriteString("id", one.Id);
        json.WriteNumber("atS", one.AtS);
        json.WriteNumber("step", one.Step);
        json.WriteString("kind", Words<RecordedEventKind>.Of(one.Kind));
        RecipeWriter.Optional(json, "by", one.By);
    });

    private static void Notes(Utf8JsonWriter json, BrewRecord brew) => List(json, "notes", brew.Notes, note =>
    {
        json.WriteString("at", Moment(note.At));
        RecipeWriter.Optional(json, "by", note.By);
        json.WriteString("text", note.Text);
    });

    /// <summary>A list of objects, unknown members included; omitted where empty.</summary>
    private static void List<T>(Utf8JsonWriter json, string name, ImmutableArray<T> items, Action<T> write)
        where T : Extensible
    {
        if (items.IsEmpty)
        {
            return;
        }

        json.WriteStartArray(name);
        foreach (var item in items)
        {
            json.WriteStartObject();
            write(item);
            RecipeWriter.End(json, item);
        }

        json.WriteEndArray();
    }

    private static void Figures(Utf8JsonWriter json, string of, ImmutableSortedDictionary<string, double> figures)
    {
        json.WriteStartObject(of);
        foreach (var (name, value) in figures)
        {
            json.WriteNumber(name, value);
        }

        json.WriteEndObject();
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
            foreach (var (name, of) in ((string, Func<WeightPoint, double>)[])[("atS", point => Math.Round(point.AtS, 3)), ("value", point => point.G)])
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
                [("sharpHarsh", sip.SourBitter), ("thinHeavy", sip.ThinHeavy), ("sweet", sip.Sweet), ("clear", sip.Clear), ("finish", sip.Finish), ("dry", sip.Dry)])
            {
                RecipeWriter.Optional(json, name, value);
            }

            RecipeWriter.End(json, sip);
        }

        json.WriteEndArray();
        Texts(json, "complaints", tasting.Complaints.Select(Words<Complaint>.Of));
        Texts(json, "wentWrong", tasting.WentWrong);
        RecipeWriter.Optional(json, "score", tasting.Score);
        RecipeWriter.Optional(json, "words", tasting.Words);
        Texts(json, "notesFound", tasting.NotesFound);
        RecipeWriter.Optional(json, "bed", tasting.Bed);
        RecipeWriter.End(json, tasting);
    }

    /// <summary>A list of texts; omitted where empty.</summary>
    private static void Texts(Utf8JsonWriter json, string name, IEnumerable<string> texts)
    {
        var all = texts.ToList();
        if (all.Count > 0)
        {
            json.WriteStartArray(name);
            all.ForEach(json.WriteStringValue);
            json.WriteEndArray();
        }
    }

    /// <summary>A name; none where it is empty.</summary>
    private static string? Said(string name) => name.Length > 0 ? name : null;

    private static void Named(Utf8JsonWriter json, string of, string name, ImmutableSortedDictionary<string, JsonElement> extra)
    {
        if (name.Length == 0 && extra.IsEmpty)
        {
            return;
        }

        json.WriteStartObject(of);
        RecipeWriter.Optional(json, "name", Said(name));
        foreach (var (member, value) in extra)
        {
            json.WritePropertyName(member);
            value.WriteTo(json);
        }

        json.WriteEndObject();
    }
}
