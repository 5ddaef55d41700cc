using System.Runtime.InteropServices;
using System.Text.Json;

namespace Cistern.Core.Records;

/// <summary>The result of reading a file of brews: all of them, or why the file was refused.</summary>
/// <param name="Brews">Every brew in the file; empty when any was refused.</param>
/// <param name="Findings">All findings.</param>
public sealed record BrewFile(ImmutableArray<BrewRecord> Brews, ImmutableArray<Finding> Findings)
{
    /// <summary>Whether the file was taken.</summary>
    public bool Accepted => Findings.All(finding => finding.Severity != Severity.Error);
}

/// <summary>Reads the open brew file. No file content makes it throw.</summary>
public static class BrewReader
{
    /// <summary>The largest file accepted, bytes: a brew with its weight curve is some 100 kB.</summary>
    public const int MaxFileBytes = 32 * 1024 * 1024;

    /// <summary>The largest brew accepted, bytes: each of its pages and every export holds all of it, so a larger one would delay everything else.</summary>
    public const int MaxBrewBytes = 4 * 1024 * 1024;

    /// <summary>The most brews per file: more than fit into the largest file.</summary>
    public const int MaxBrews = 20_000;

    private const int MaxFindings = 100;
    private const int MaxReadings = 200_000;
    private const int MaxListItems = 5_000;
    private const int MaxModelParameters = 40;
    private const int MaxFigures = 100;

    /// <summary>Reads one brew or an array of them from UTF-8 JSON.</summary>
    public static BrewFile Read(ReadOnlyMemory<byte> utf8) => Read(utf8, MaxFileBytes);

    /// <summary>Reads a file with a size limit of its own.</summary>
    /// <param name="utf8">The file.</param>
    /// <param name="mostBytes">The size limit, bytes.</param>
    public static BrewFile Read(ReadOnlyMemory<byte> utf8, int mostBytes) => RecipeReader.Open(utf8, mostBytes, "A brew file", Read, finding => new BrewFile([], [finding]));

    private static BrewFile Read(JsonElement root)
    {
        var findings = new List<Finding>();
        var brews = new List<BrewRecord>();
        if (root.ValueKind == JsonValueKind.Array && root.GetArrayLength() is > 0 and <= MaxBrews)
        {
            var index = 0;
            foreach (var element in root.EnumerateArray().TakeWhile(_ => findings.Count < MaxFindings))
            {
                ReadInto(element, string.Create(CultureInfo.InvariantCulture, $"[{index++}]"), brews, findings);
            }
        }
        else if (root.ValueKind == JsonValueKind.Object)
        {
            ReadInto(root, "", brews, findings);
        }
        else
        {
            findings.Add(FindingKinds.BrewsExpected.At("", MaxBrews, ObjectReader.Shown(root)));
        }

        return new BrewFile(findings.Exists(finding => finding.Severity == Severity.Error) ? [] : [.. brews], [.. findings.Take(MaxFindings)]);
    }

    private static void ReadInto(JsonElement element, string place, List<BrewRecord> brews, List<Finding> findings)
    {
        if (element.ValueKind != JsonValueKind.Object)
        {
            findings.Add(FindingKinds.BrewExpected.At(place, ObjectReader.Shown(element)));
            return;
        }

        if (JsonMarshal.GetRawUtf8Value(element).Length is > MaxBrewBytes and var bytes)
        {
            findings.Add(FindingKinds.BrewTooLarge.At(place, MaxBrewBytes / 1048576, bytes / 1048576.0));
            return;
        }

        var reader = new ObjectReader(element, place, findings, nullIsNothing: true);
        if (!RecipeReader.IsOfFormat(reader, findings, BrewRecord.FormatName, "brew file"))
        {
            return;
        }

        var planned = RecipeReader.ReadMember(reader, "planned", findings, required: true);
        var brewed = RecipeReader.ReadMember(reader, "brewed", findings, required: false);
        var brew = new BrewRecord(Id(reader, findings), planned ?? RecipeLibrary.All[0], brewed ?? planned ?? RecipeLibrary.All[0])
        {
            State = reader.Word<BrewOutcome>("state") ?? BrewOutcome.Finished,
            Why = reader.Text("why"),
            OpenedAt = Moment(reader, "openedAt", findings),
            StartedAt = Moment(reader, "startedAt", findings),
            EndedAt = Moment(reader, "endedAt", findings),
            Barista = Name(reader, "barista", out var baristaExtra),
            BaristaExtra = baristaExtra,
            Place = Place(reader),
            Coffee = Coffee(reader, findings),
            Grinder = Grinder(reader),
            Vessel = Name(reader, "vessel", out var vesselExtra),
            VesselExtra = vesselExtra,
            Measured = Measured(reader, findings),
            Tasting = reader.Has("tasting") ? Tasting(reader.Object("tasting"), findings) : null,
            Readings = Readings(reader, findings),
            Events = [.. Events(reader, findings)],
            Notes = [.. Notes(reader, findings)],
            Pictures = [.. Pictures(reader, findings)],
            Forecast = Forecast(reader),
            Kept = reader.Take("kept", out var kept) ? kept.Clone() : null,
        };
        brews.Add(brew with { Extra = reader.Extra() });
    }

    private static Guid Id(ObjectReader reader, List<Finding> findings)
    {
        var found = reader.Take("id", out var value);
        if (found && value.ValueKind == JsonValueKind.String && Guid.TryParse(value.GetString(), out var id))
        {
            return id;
        }

        findings.Add(FindingKinds.UuidExpected.At(reader.At("id"), found ? ObjectReader.Shown(value) : "nothing"));
        return Guid.Empty;
    }

    private static DateTimeOffset? Moment(ObjectReader reader, string name, List<Finding> findings)
    {
        if (!reader.Take(name, out var value))
        {
            return null;
        }

        if (value.ValueKind == JsonValueKind.String && value.TryGetDateTimeOffset(out var moment))
        {
            return moment;
        }

        findings.Add(FindingKinds.TimeExpected.At(reader.At(name), name, ObjectReader.Shown(value)));
        return null;
    }

    private static string Name(ObjectReader reader, string of, out ImmutableSortedDictionary<string, JsonElement> extra)
    {
        extra = ImmutableSortedDictionary<string, JsonElement>.Empty;
        if (!reader.Has(of))
        {
            return "";
        }

        var one = reader.Object(of);
        var name = one.Text("name") ?? "";
        extra = one.Extra();
        return name;
    }

    private static PlaceUsed Place(ObjectReader reader)
    {
        if (!reader.Has("place"))
        {
            return new PlaceUsed("");
        }

        var place = reader.Object("place");
        return new PlaceUsed(place.Text("name") ?? "") { AltitudeM = place.Number("altitudeM"), AmbientC = place.Number("ambientC") } with { Extra = place.Extra() };
    }

    private static IEnumerable<RecordedEvent> Events(ObjectReader reader, List<Finding> findings)
    {
        foreach (var one in Objects(reader, "events", "An event", findings))
        {
            var step = one.Required("step");
            if (step != Math.Floor(step))
            {
                findings.Add(FindingKinds.StepIndexExpected.At(one.At("step"), step));
            }

            yield return new RecordedEvent(Id(one, findings), one.Required("atS"), double.IsNaN(step) ? 0 : (int)step, one.RequiredWord<RecordedEventKind>("kind"), one.Text("by")) with { Extra = one.Extra() };
        }
    }

    private static IEnumerable<RecordedNote> Notes(ObjectReader reader, List<Finding> findings)
    {
        foreach (var one in Objects(reader, "notes", "A note", findings))
        {
            var at = Moment(one, "at", findings);
            if (at is null && !one.Has("at"))
            {
                findings.Add(FindingKinds.TimeMissing.At(one.At("at"), "at"));
            }

            yield return new RecordedNote(at ?? default, one.Text("by"), one.Text("text", "note") ?? "") with { Extra = one.Extra() };
        }
    }

    private static IEnumerable<RecordedPicture> Pictures(ObjectReader reader, List<Finding> findings)
    {
        var count = 0;
        foreach (var one in Objects(reader, "pictures", "A picture", findings))
        {
            if (++count > RecordedPicture.MaxPerBrew)
            {
                findings.Add(FindingKinds.TooManyPictures.At(reader.At("pictures"), RecordedPicture.MaxPerBrew));
                yield break;
            }

            var at = Moment(one, "at", findings);
            if (at is null && !one.Has("at"))
            {
                findings.Add(FindingKinds.TimeMissing.At(one.At("at"), "at"));
            }

            var image = one.Take("image", out var value) && value.ValueKind == JsonValueKind.String ? value.GetString()! : "";
            if (RecordedPicture.Bytes(image) is null)
            {
                findings.Add(FindingKinds.ImageExpected.At(one.At("image"), image.Length > 0 ? image[..Math.Min(image.Length, 40)] : "nothing"));
            }

            yield return new RecordedPicture(at ?? default, one.RequiredWord<PictureOf>("of"), one.Text("said", "name"), image) with { Extra = one.Extra() };
        }
    }

    /// <summary>The objects of a list; any other element is a finding.</summary>
    private static IEnumerable<ObjectReader> Objects(ObjectReader reader, string list, string one, List<Finding> findings)
    {
        foreach (var (element, place) in reader.List(list, MaxListItems))
        {
            if (element.ValueKind == JsonValueKind.Object)
            {
                yield return new ObjectReader(element, place, findings, nullIsNothing: true);
            }
            else
            {
                findings.Add(FindingKinds.ItemIsObject.At(place, one, ObjectReader.Shown(element)));
            }
        }
    }

    /// <summary>The forecast as recorded. Nothing is computed from it, so entries that are not figures are ignored.</summary>
    private static RecordedForecast? Forecast(ObjectReader reader)
    {
        if (!reader.Take("forecast", out var forecast) || forecast.ValueKind != JsonValueKind.Object)
        {
            return null;
        }

        var model = forecast.TryGetProperty("model", out var version) && version.ValueKind == JsonValueKind.String ? version.GetString()! : "";
        return new RecordedForecast(model.Length > MaxModelParameters ? model[..MaxModelParameters] : model, Figures("planned"), Figures("brewed"));

        ImmutableSortedDictionary<string, double> Figures(string of) => forecast.TryGetProperty(of, out var figures) && figures.ValueKind == JsonValueKind.Object
            ? figures.EnumerateObject().Where(figure => figure.Value.ValueKind == JsonValueKind.Number && figure.Value.TryGetDouble(out var value) && double.IsFinite(value))
                .DistinctBy(figure => figure.Name).Take(MaxFigures).ToImmutableSortedDictionary(figure => figure.Name, figure => figure.Value.GetDouble(), StringComparer.Ordinal)
            : ImmutableSortedDictionary.Create<string, double>(StringComparer.Ordinal);
    }

    private static DateOnly? Day(ObjectReader reader, string name, List<Finding> findings)
    {
        if (!reader.Take(name, out var value))
        {
            return null;
        }

        if (value.ValueKind == JsonValueKind.String && DateOnly.TryParseExact(value.GetString(), "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day))
        {
            return day;
        }

        findings.Add(FindingKinds.DayExpected.At(reader.At(name), name, ObjectReader.Shown(value)));
        return null;
    }

    private static CoffeeUsed Coffee(ObjectReader reader, List<Finding> findings)
    {
        if (!reader.Has("coffee"))
        {
            return new CoffeeUsed("", BoughtGround: false);
        }

        var coffee = reader.Object("coffee");
        return new CoffeeUsed(coffee.Text("name") ?? "", coffee.Flag("boughtGround", false)) { From = coffee.Text("from"), Roast = coffee.Number("roast"), RoastedOn = Day(coffee, "roastedOn", findings), Decaffeinated = coffee.Flag("decaffeinated", false) } with { Extra = coffee.Extra() };
    }

    private static GrinderUsed Grinder(ObjectReader reader)
    {
        if (!reader.Has("mill"))
        {
            return new GrinderUsed("", null);
        }

        var grinder = reader.Object("mill");
        // A setting is as often a number as a label.
        string? setting = null;
        if (grinder.Take("setting", out var value))
        {
            setting = value.ValueKind is JsonValueKind.String ? grinder.Text("setting") : ObjectReader.Shown(value);
        }

        return new GrinderUsed(grinder.Text("name") ?? "", setting) { MedianUm = grinder.Number("medianUm"), Spread = grinder.Number("spread") } with { Extra = grinder.Extra() };
    }

    private static MeasuredFigures Measured(ObjectReader reader, List<Finding> findings)
    {
        if (!reader.Has("measured"))
        {
            return new MeasuredFigures();
        }

        var measured = reader.Object("measured");
        var figures = new MeasuredFigures
        {
            DoseG = measured.Number("doseG"),
            WaterG = measured.Number("waterG"),
            BeverageG = measured.Number("beverageG"),
            TdsPercent = measured.Number("tdsPercent", "measured.tdsPercent"),
            DrawdownS = measured.Number("drawdownS"),
            PressS = measured.Number("pressS"),
            PressFelt = measured.Word<PressFelt>("pressFelt"),
            SlurryC = measured.Number("slurryC"),
            SlurryAtS = measured.Number("slurryAtS"),
        };
        if (figures.SlurryC is not null && figures.SlurryAtS is null)
        {
            findings.Add(FindingKinds.TemperatureWithoutTime.At(measured.At("slurryAtS")));
        }

        return figures with { Extra = measured.Extra() };
    }

    private static TastingRecord Tasting(ObjectReader tasting, List<Finding> findings)
    {
        var sips = new List<Sip>();
        foreach (var sip in Objects(tasting, "sips", "A sip", findings))
        {
            sips.Add(new Sip
            {
                When = sip.Word<SipWhen>("when") ?? SipWhen.Warm,
                SourBitter = sip.Number("sharpHarsh"),
                ThinHeavy = sip.Number("thinHeavy"),
                Sweet = sip.Number("sweet"),
                Clear = sip.Number("clear"),
                Finish = sip.Number("finish"),
                Dry = sip.Number("dry"),
            } with
            { Extra = sip.Extra() });
        }

        var complaints = new List<Complaint>();
        foreach (var (word, place) in Texts(tasting, "complaints", "A complaint", findings))
        {
            if (ComplaintList.Find(word) is { } complaint)
            {
                complaints.Add(complaint);
            }
            else
            {
                findings.Add(FindingKinds.UnknownComplaint.At(place, string.Join(", ", ComplaintList.Said.Select(Words<Complaint>.Of)), PlainText.Seen(word.Length > 40 ? word[..40] : word)));
            }
        }

        return new TastingRecord
        {
            Sips = [.. sips],
            Complaints = [.. complaints.Distinct()],
            WentWrong = [.. Texts(tasting, "wentWrong", "What went wrong", findings).Select(one => one.Text).Distinct(StringComparer.Ordinal)],
            Score = tasting.Number("score"),
            Words = tasting.Text("words"),
            NotesFound = [.. Texts(tasting, "notesFound", "A note", findings).Select(one => one.Text)],
            Bed = tasting.Word<BedLook>("bed"),
        } with
        { Extra = tasting.Extra() };
    }

    /// <summary>The texts of a list, with their places.</summary>
    private static List<(string Text, string Place)> Texts(ObjectReader reader, string list, string what, List<Finding> findings)
    {
        var texts = new List<(string, string)>();
        foreach (var (element, place) in reader.List(list, MaxListItems))
        {
            if (element.ValueKind == JsonValueKind.String)
            {
                texts.Add((element.GetString()!, place));
            }
            else
            {
                findings.Add(FindingKinds.ItemIsText.At(place, what, ObjectReader.Shown(element)));
            }
        }

        return texts;
    }

    private static ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>> Readings(ObjectReader reader, List<Finding> findings)
    {
        var all = ImmutableDictionary.CreateBuilder<ReadingOf, ImmutableArray<WeightPoint>>();
        if (!reader.Has("readings"))
        {
            return all.ToImmutable();
        }

        var readings = reader.Object("readings");
        foreach (var range in ReadingRange.All.Where(range => readings.Has(range.Word)))
        {
            var one = readings.Object(range.Word);
            var atS = Numbers(one, "atS", findings, double.IsFinite);
            var values = Numbers(one, "value", findings, range.Holds);
            if (atS.Count != values.Count)
            {
                findings.Add(FindingKinds.ReadingsUneven.At(one.At("value"), atS.Count, values.Count));
                continue;
            }

            all[range.Of] = [.. atS.Zip(values, (s, value) => new WeightPoint(s, value)).OrderBy(point => point.AtS)];
        }

        return all.ToImmutable();
    }

    private static List<double> Numbers(ObjectReader reader, string name, List<Finding> findings, Func<double, bool> holds)
    {
        var numbers = new List<double>();
        foreach (var (element, place) in reader.List(name, MaxReadings))
        {
            if (element.ValueKind == JsonValueKind.Number && element.TryGetDouble(out var number) && holds(number))
            {
                numbers.Add(number);
            }
            else
            {
                findings.Add(FindingKinds.ReadingExpected.At(place, ObjectReader.Shown(element)));
                if (findings.Count >= MaxFindings)
                {
                    return numbers;
                }
            }
        }

        return numbers;
    }
}
