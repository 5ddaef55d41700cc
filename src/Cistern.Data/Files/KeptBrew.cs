using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Serialization;

namespace Cistern.Data.Files;

/// <summary>
/// What Cistern stores of a brew beyond the open format, in the file's member <c>kept</c>. It is used only while the rest of the file
/// is unchanged, so that editing a file by hand changes the brew.
/// </summary>
internal sealed record KeptBrew
{
    private const int MaxNameLength = 300;

    /// <summary>The greatest length of a note or of nested JSON.</summary>
    private const int MaxTextLength = 200_000;

    private static readonly JsonSerializerOptions Options = new(JsonSerializerDefaults.Web) { DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull };

    /// <summary>The SHA-256 of the file without this member and without its forecast, in hexadecimal.</summary>
    public string Of { get; init; } = "";

    /// <summary>The id of the library recipe it derives from.</summary>
    public required string RecipeId { get; init; }

    /// <summary>What it was called.</summary>
    public required string Name { get; init; }

    /// <summary>The plan at the end, where a correction had changed it.</summary>
    public string? Plan { get; init; }

    public required string ModelVersion { get; init; }

    public required string ForecastJson { get; init; }

    public string? ModelJson { get; init; }

    [JsonPropertyName("tinyTide")]
    public required string Sparkline { get; init; }

    public required string GrindText { get; init; }

    public required string VesselName { get; init; }

    public string Why { get; init; } = "";

    public string ChangedJson { get; init; } = "";

    /// <summary>The file id of the brew it was made from.</summary>
    public Guid? Parent { get; init; }

    /// <summary>The bag it took from, by its name.</summary>
    public string? Bag { get; init; }

    public bool StartsItself { get; init; }

    public string? BrewedJson { get; init; }

    public string? FileJson { get; init; }

    public IReadOnlyList<Entry> Entries { get; init; } = [];

    public IReadOnlyList<Weight> Weighed { get; init; } = [];

    public IReadOnlyList<Observed> Observations { get; init; } = [];

    public IReadOnlyList<Taste> Tastings { get; init; } = [];

    public IReadOnlyList<Answer> Answers { get; init; } = [];

    /// <summary>What a file stores, where Cistern wrote it and it is unchanged; otherwise null.</summary>
    public static KeptBrew? Read(BrewRecord record)
    {
        if (record.Kept is not { ValueKind: JsonValueKind.Object } json)
        {
            return null;
        }

        try
        {
            return json.Deserialize<KeptBrew>(Options) is { } kept && kept.Of == DigestOf(record) && kept.IsValid ? kept : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>
    /// Whether all of it is valid: the digest shows that the file is unchanged, not that Cistern wrote it.
    /// </summary>
    private bool IsValid => new object?[] { RecipeId, Name, ModelVersion, ForecastJson, Sparkline, GrindText, VesselName, Why, ChangedJson, Entries, Weighed, Observations, Tastings, Answers }.All(part => part is not null)
        && new[] { RecipeId, Name, ModelVersion }.All(text => text.Length > 0) && new[] { RecipeId, Name, ModelVersion, GrindText, VesselName }.All(text => text.Length <= MaxNameLength)
        && IsText(MaxTextLength, Why, ChangedJson, ForecastJson, ModelJson, FileJson) && IsText(MaxNameLength, Bag)
        && Entries.Count <= Brew.MaxEntries && Entries.All(entry => entry is { Kind: not null, Step: >= 0 and <= 1_000 } && IsMoment(entry.AtMs) && IsMoment(entry.ReceivedAtMs) && IsText(MaxNameLength, entry.By)) && Entries.DistinctBy(entry => entry.Id).Count() == Entries.Count
        && Weighed.All(one => one is not null && one.TotalG is >= 0 and <= 5_000 && one.Step is >= 0 and <= 1_000)
        && Observations.All(one => one is { Name.Length: > 0 and <= 80, Value: >= 0 and <= 100_000 } && IsMoment(one.AtMs) && IsOmitted(one.Name))
        && Tastings.All(taste => taste is { SourBitter: null or (>= -5 and <= 5), ThinHeavy: null or (>= -5 and <= 5), Score: null or (>= 0 and <= 10), ReadTdsPercent: null or (>= 0 and <= 25), Sediment: null or (>= 0 and <= 5) }
            && IsMoment(taste.AtMs) && IsText(MaxNameLength, taste.Taster) && IsText(MaxTextLength, taste.Note, taste.Crust, taste.NotesFound, taste.Complaints, taste.WentWrong) && (taste.Sips ?? []).All(IsSip))
        && Tastings.Where(taste => taste.Taster is not null).DistinctBy(taste => taste.Taster).Count() == Tastings.Count(taste => taste.Taster is not null)
        && Answers.All(answer => answer is { Kind: not null, Step: >= 0 and <= 1_000, DilutionG: >= 0 and <= 5_000, SteepEndAtS: null or (>= 0 and <= 172_800), PourOffAtS: null or (>= 0 and <= 172_800) } && IsMoment(answer.AtMs) && IsText(MaxTextLength, answer.Said) && IsText(MaxNameLength, answer.By))
        && (Plan is null || IsRecipe(Plan)) && (BrewedJson is null || IsRecipe(BrewedJson)) && StoredJson.Read<Dictionary<string, double?>>(ForecastJson) is not null
        && Sparkline.All(letter => char.IsAsciiDigit(letter) || letter is ' ' or ',' or '.' or '-');

    private static bool IsRecipe(string json) => RecipeReader.Read(Encoding.UTF8.GetBytes(json)) is { Accepted: true, Recipes.Length: 1 };

    /// <summary>From 1990 to 2200, the range of the open format.</summary>
    private static bool IsMoment(long ms) => ms is > 631_152_000_000 and < 7_258_118_400_000;

    private static bool IsText(int longest, params string?[] texts) => texts.All(text => text is null || (text.Length <= longest && PlainText.Problem(PlainText.Lines(text), longest, lines: true) is null));

    private static bool IsSip(SipKept sip) => sip is { SourBitter: null or (>= -5 and <= 5), ThinHeavy: null or (>= -5 and <= 5), Sweet: null or (>= 0 and <= 5), Clear: null or (>= 0 and <= 5), Finish: null or (>= 0 and <= 5), Dry: null or (>= 0 and <= 5) };

    /// <summary>The name of an omitted step ends with the step's index.</summary>
    private static bool IsOmitted(string name) => !name.StartsWith(ObservationNames.Omitted, StringComparison.Ordinal) || int.TryParse(name[ObservationNames.Omitted.Length..], System.Globalization.NumberStyles.None, System.Globalization.CultureInfo.InvariantCulture, out _);

    /// <summary>A record with this beside it.</summary>
    public BrewRecord On(BrewRecord record) => record with { Kept = JsonSerializer.SerializeToElement(this with { Of = DigestOf(record) }, Options) };

    /// <summary>A digest of everything that defines the brew: without its forecast and this member.</summary>
    private static string DigestOf(BrewRecord record) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(BrewWriter.Write(record with { Kept = null, Forecast = null, Pictures = [] }))));

    /// <summary>What was said.</summary>
    internal sealed record Entry(Guid Id, string Kind, int Step, long AtMs, Guid? Undoes, string By, bool Seen, long ReceivedAtMs)
    {
        public static Entry Of(EntryRow row) => new(row.EntryId, Words<EntryKind>.Of(row.Kind), row.Step, row.AtMs, row.Undoes, row.By, row.Seen, row.ReceivedAtMs);

        /// <summary>The row; null where this version does not know its kind.</summary>
        public EntryRow? Row() => Words<EntryKind>.Find(Kind) is { } kind ? new EntryRow { EntryId = Id, Kind = kind, Step = Step, AtMs = AtMs, Undoes = Undoes, By = By ?? "", Seen = Seen, ReceivedAtMs = ReceivedAtMs } : null;
    }

    /// <summary>The weight on the scale after a pour.</summary>
    internal sealed record Weight(int Step, double TotalG, bool Seen);

    /// <summary>What was weighed or read.</summary>
    internal sealed record Observed(string Name, double Value, long AtMs, bool Seen);

    /// <summary>How it tasted to one.</summary>
    internal sealed record Taste(string? Taster, [property: JsonPropertyName("sharpHarsh")] int? SourBitter, int? ThinHeavy, double? Score, string Note, double? ReadTdsPercent, string Crust, string NotesFound, string? Bed, int? Sediment, long AtMs, IReadOnlyList<SipKept> Sips, string? Complaints = null, string? WentWrong = null)
    {
        public static Taste Of(Tasting tasting) => new(tasting.Barista?.Name, tasting.SourBitter, tasting.ThinHeavy, tasting.Score, tasting.Note, tasting.ReadTdsPercent, tasting.Crust, tasting.NotesFound,
            tasting.Bed is { } bed ? Words<BedLook>.Of(bed) : null, tasting.Sediment, tasting.AtMs, [.. tasting.Sips.OrderBy(sip => sip.Id).Select(sip => new SipKept(Words<SipWhen>.Of(sip.When), sip.SourBitter, sip.ThinHeavy, sip.Sweet, sip.Clear, sip.Finish, sip.Dry))], OrNull(tasting.Complaints), OrNull(tasting.WentWrong));

        /// <summary>Null for an empty text, so that files stay as earlier versions wrote them.</summary>
        private static string? OrNull(string words) => words.Length > 0 ? words : null;

        public Tasting Row()
        {
            var row = new Tasting { SourBitter = SourBitter, ThinHeavy = ThinHeavy, Score = Score, Note = Note ?? "", ReadTdsPercent = ReadTdsPercent, Crust = Crust ?? "", NotesFound = NotesFound ?? "", Bed = Words<BedLook>.Find(Bed), Sediment = Sediment, AtMs = AtMs, Complaints = Complaints ?? "", WentWrong = WentWrong ?? "" };
            row.Sips.AddRange((Sips ?? []).Select(sip => new TastingSip { When = Words<SipWhen>.Find(sip.When) ?? SipWhen.Warm, SourBitter = sip.SourBitter, ThinHeavy = sip.ThinHeavy, Sweet = sip.Sweet, Clear = sip.Clear, Finish = sip.Finish, Dry = sip.Dry }).DistinctBy(sip => sip.When));
            return row;
        }
    }

    /// <summary>One sip.</summary>
    internal sealed record SipKept(string When, [property: JsonPropertyName("sharpHarsh")] int? SourBitter, int? ThinHeavy, int? Sweet, int? Clear, int? Finish, int? Dry);

    /// <summary>What was answered to a deviation.</summary>
    internal sealed record Answer(string Kind, int Step, bool Taken, string Said, [property: JsonPropertyName("releaseAtS")] double? SteepEndAtS, [property: JsonPropertyName("letDownG")] double DilutionG, long AtMs, long? UndoneAtMs, string By, double? PourOffAtS = null)
    {
        public static Answer Of(DeviationAnswer row) => new(Words<DeviationKind>.Of(row.Kind), row.Step, row.Taken, row.Said, row.SteepEndAtS, row.DilutionG, row.AtMs, row.UndoneAtMs, row.By, row.PourOffAtS);

        public DeviationAnswer? Row() => Words<DeviationKind>.Find(Kind) is { } kind ? new DeviationAnswer { Kind = kind, Step = Step, Taken = Taken, Said = Said ?? "", SteepEndAtS = SteepEndAtS, DilutionG = DilutionG, AtMs = AtMs, UndoneAtMs = UndoneAtMs, By = By ?? "", PourOffAtS = PourOffAtS } : null;
    }
}
