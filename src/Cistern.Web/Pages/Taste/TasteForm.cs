namespace Cistern.Web.Pages.Taste;

/// <summary>One sip's fields.</summary>
/// <param name="When">How warm.</param>
/// <param name="SourBitter">Sour to bitter.</param>
/// <param name="ThinHeavy">Thin to heavy.</param>
/// <param name="Placed">Whether it was set on the pad or by the sliders.</param>
/// <param name="Scales">Sweet, clear, finish and dry: 0 to 5, or empty without an answer.</param>
public sealed record SipFields(SipWhen When, Field SourBitter, Field ThinHeavy, bool Placed, IReadOnlyList<Field> Scales)
{
    /// <summary>Prefix of a sip's field names; the usual sip has none.</summary>
    public static string Prefix(SipWhen when) => when == SipWhen.Warm ? "" : Words<SipWhen>.Of(when) + ".";

    /// <summary>The name of the field that says whether it was set.</summary>
    public string PlacedName => Prefix(When) + "placed";

    /// <summary>Whether anything was said of it.</summary>
    public bool HasAnswer => Placed || Scales.Any(scale => scale.Text.Length > 0);
}

/// <summary>The form of a tasting: filled from what is saved or was typed, and read. Only what was said is saved.</summary>
public sealed class TasteForm
{
    /// <summary>The most letters of a note.</summary>
    public const int NoteLength = 2_000;

    private const int CrustLength = 200;
    private const int MaxNotes = 30;

    private static readonly (string Name, string Label)[] ScaleNames = [("sweet", "Sweet"), ("clear", "Clear"), ("finish", "Finish"), ("dry", "Dry")];

    private readonly FigureFormat format;
    private string pressFeltWas = "";
    private TypedNumber score = new("", null, null);
    private TypedNumber reading = new("", null, null);
    private TypedNumber drink = new("", null, null);
    private TypedNumber dilution = new("", null, null);

    private TasteForm(FigureFormat format) => this.format = format;

    /// <summary>Hot, warm and cool.</summary>
    public IReadOnlyList<SipFields> Sips { get; private set; } = [];

    /// <summary>The score.</summary>
    public Field Score { get; private set; } = null!;

    /// <summary>In the taster's words.</summary>
    public Field Note { get; private set; } = null!;

    /// <summary>The smell at the crust.</summary>
    public Field Crust { get; private set; } = null!;

    /// <summary>What a refractometer read.</summary>
    public Field Reading { get; private set; } = null!;

    /// <summary>The drink in the cup.</summary>
    public Field Drink { get; private set; } = null!;

    /// <summary>Water added in sips until it was right.</summary>
    public Field Dilution { get; private set; } = null!;

    /// <summary>Sediment, 0 to 5.</summary>
    public Field Sediment { get; private set; } = null!;

    /// <summary>The look of the bed, as a word; empty without an answer.</summary>
    public string Bed { get; private set; } = "";

    /// <summary>How the press felt, as a word; empty without an answer.</summary>
    public string PressFelt { get; private set; } = "";

    /// <summary>That answer when the form was shown.</summary>
    public string PressFeltWas => pressFeltWas;

    /// <summary>The bag's notes that were there.</summary>
    public IReadOnlyList<string> NotesFound { get; private set; } = [];

    /// <summary>What is complained of.</summary>
    public IReadOnlyList<Complaint> Complaints { get; private set; } = [];

    /// <summary>What the taster knows went differently.</summary>
    public IReadOnlyList<WentWrong> WentWrong { get; private set; } = [];

    /// <summary>Whether there is no answer at all; a slider that was not touched is none.</summary>
    public bool IsEmpty => Sips.All(sip => !sip.HasAnswer) && Complaints.Count == 0 && WentWrong.Count == 0 && NotesFound.Count == 0
        && new[] { Score.Text, Note.Text, Crust.Text, Reading.Text, Drink.Text, Dilution.Text, Sediment.Text, Bed, PressFelt }.All(text => text.Trim().Length == 0);

    /// <summary>Whether everything typed is valid.</summary>
    public bool Good { get; private set; } = true;

    /// <summary>The initial form.</summary>
    /// <param name="mine">The taster's tasting, or null.</param>
    /// <param name="brew">The brew, with its observations.</param>
    /// <param name="readTds">The refractometer's reading, where nobody has typed one, %.</param>
    /// <param name="format">The taster's units.</param>
    public static TasteForm Of(Tasting? mine, Brew brew, double? readTds, FigureFormat format)
    {
        var form = new TasteForm(format);
        form.Sips = [.. Enum.GetValues<SipWhen>().Select(when =>
        {
            var sip = mine?.Sips.Find(one => one.When == when);
            // A tasting kept before there were sips is one.
            var (sharp, thin) = sip is not null ? (sip.SourBitter, sip.ThinHeavy) : when == SipWhen.Warm && mine is { Sips.Count: 0 } ? (mine.SourBitter, mine.ThinHeavy) : (null, null);
            return Sip(when, Text(sharp), Text(thin), sharp is not null || thin is not null, [Text(sip?.Sweet), Text(sip?.Clear), Text(sip?.Finish), Text(sip?.Dry)]);
        })];
        form.SetFields(
            mine?.Score is { } points ? FigureFormat.Number(points, points % 1 == 0 ? 0 : 1) : "",
            mine?.Note ?? "",
            mine?.Crust ?? "",
            (mine is null ? readTds : mine.ReadTdsPercent) is { } read ? FigureFormat.Number(read, 2) : "",
            Mass(brew.Observed(ObservationNames.Beverage), format),
            Mass(brew.Observed(ObservationNames.Dilution), format),
            Text(mine?.Sediment));
        form.Bed = mine?.Bed is { } bed ? Words<BedLook>.Of(bed) : mine is null ? BedSeen(brew) : "";
        form.PressFelt = brew.Observed(ObservationNames.PressFelt) is { } felt ? Words<PressFelt>.Of((PressFelt)(int)Math.Clamp(felt, 0, 2)) : "";
        form.pressFeltWas = form.PressFelt;
        form.NotesFound = Split(mine?.NotesFound ?? "");
        form.Complaints = ComplaintList.Read(mine?.Complaints ?? "");
        form.WentWrong = [.. (mine?.WentWrong ?? "").Split(' ').Select(Words<WentWrong>.Find).OfType<WentWrong>()];
        return form;
    }

    /// <summary>The submitted form, with what is wrong with it.</summary>
    /// <param name="values">The form's values.</param>
    /// <param name="mostG">The most that can be in the cup, g.</param>
    /// <param name="format">The taster's units.</param>
    public static TasteForm Read(FormValues values, double mostG, FigureFormat format)
    {
        var sent = values.ToList();
        var form = new TasteForm(format);
        form.Sips = [.. Enum.GetValues<SipWhen>().Select(when =>
        {
            var prefix = SipFields.Prefix(when);
            var sip = Sip(when, Value(prefix + "sharp-harsh"), Value(prefix + "thin-heavy"), Value(prefix + "placed").Length > 0, [.. ScaleNames.Select(scale => Value(prefix + scale.Name))]);
            // A slider that was not touched is no answer and is not recorded.
            return sip with
            {
                SourBitter = form.Checked(sip.SourBitter, sip.Placed, -5, 5, ""),
                ThinHeavy = form.Checked(sip.ThinHeavy, sip.Placed, -5, 5, ""),
                Scales = [.. sip.Scales.Select(scale => form.Checked(scale, scale.Text.Length > 0, 0, 5, ""))],
            };
        })];
        form.SetFields(Value("score"), Value("note"), Value("crust"), Value("reading"), Value("drink"), Value("let-down"), Value("sediment"));
        (form.Score, form.score) = form.Taken(form.Score, 0, 10, "");
        (form.Reading, form.reading) = form.Taken(form.Reading, 0.05, 25, "% TDS");
        (form.Drink, form.drink) = form.Taken(form.Drink, format.Units.MassFromG(1), format.Units.MassFromG(mostG), format.MassUnit);
        (form.Dilution, form.dilution) = form.Taken(form.Dilution, 0, format.Units.MassFromG(Member.MaxWaterG), format.MassUnit);
        form.Sediment = form.Checked(form.Sediment, form.Sediment.Text.Length > 0, 0, 5, "");
        form.Note = form.Plain(form.Note, NoteLength, lines: true);
        form.Crust = form.Plain(form.Crust, CrustLength, lines: false);
        (form.Drink, form.Dilution, form.pressFeltWas) = (form.Drink with { Was = Value("was.drink") }, form.Dilution with { Was = Value("was.let-down") }, Value("was.press-felt"));
        form.Bed = Words<BedLook>.Find(Value("bed")) is { } bed ? Words<BedLook>.Of(bed) : "";
        form.PressFelt = Words<PressFelt>.Find(Value("press-felt")) is { } felt ? Words<PressFelt>.Of(felt) : "";
        form.Complaints = [.. Several("complaint").Select(ComplaintList.Find).OfType<Complaint>().Distinct()];
        form.WentWrong = [.. Several("went-wrong").Select(Words<WentWrong>.Find).OfType<WentWrong>().Distinct()];
        form.NotesFound = [.. sent.Where(pair => pair.Key == "note-found").SelectMany(pair => pair.Value.OfType<string>()).Where(note => PlainText.Problem(note, 80, lines: false) is null && !note.Contains(',', StringComparison.Ordinal)).Take(MaxNotes)];
        return form;

        string Value(string name) => sent.Value(name) ?? "";
        IEnumerable<string> Several(string name) => sent.Where(pair => pair.Key == name).SelectMany(pair => pair.Value.OfType<string>());
    }

    /// <summary>What was said, as values. An observation that was not touched is left out.</summary>
    public TastingAnswers Answers()
    {
        var observed = new Dictionary<string, double?>();
        if (PressFelt != pressFeltWas)
        {
            observed[ObservationNames.PressFelt] = Words<PressFelt>.Find(PressFelt) is { } felt ? (int)felt : null;
        }

        if (Drink.Text.Trim() != Drink.Was)
        {
            observed[ObservationNames.Beverage] = Grams(drink, Drink);
        }

        if (Dilution.Text.Trim() != Dilution.Was)
        {
            observed[ObservationNames.Dilution] = Grams(dilution, Dilution);
        }

        return new TastingAnswers([.. Sips.Where(sip => sip.HasAnswer).Select(AnswersOf)], Complaints, WentWrong, NotesFound)
        {
            Score = score.Value is { } points ? Math.Round(points * 2) / 2 : null,
            Note = Note.Text,
            Crust = Crust.Text.Trim(),
            Bed = Words<BedLook>.Find(Bed),
            Sediment = Whole(Sediment),
            ReadTdsPercent = reading.Value,
            Observed = observed,
        };
    }

    private static SipAnswers AnswersOf(SipFields sip) => new(
        sip.When, sip.Placed ? Whole(sip.SourBitter) : null, sip.Placed ? Whole(sip.ThinHeavy) : null,
        Whole(sip.Scales[0]), Whole(sip.Scales[1]), Whole(sip.Scales[2]), Whole(sip.Scales[3]));

    private double? Grams(TypedNumber typed, Field field) => field.Text.Trim().Length == 0 || typed.Value is not { } value ? null : format.Units.MassToG(value);

    private static SipFields Sip(SipWhen when, string sharp, string thin, bool placed, IReadOnlyList<string> scales)
    {
        var prefix = SipFields.Prefix(when);
        return new SipFields(when, new Field(prefix + "sharp-harsh", "Sour to bitter", sharp), new Field(prefix + "thin-heavy", "Thin to heavy", thin), placed,
            [.. ScaleNames.Select((scale, i) => new Field(prefix + scale.Name, scale.Label, scales[i]))]);
    }

    private void SetFields(string scoreText, string note, string crust, string readingText, string drinkText, string dilutionText, string sediment)
    {
        Score = new Field("score", "Score", scoreText) { Kind = "number", Hint = "0 to 10, in halves; may be left out", MaxLength = 10 };
        Note = new Field("note", "Note", note) { Kind = "area", Hint = "what it was like, hot, warm and cool", MaxLength = NoteLength };
        Crust = new Field("crust", "Smell at the crust", crust) { MaxLength = CrustLength };
        Reading = new Field("reading", "Refractometer", readingText) { Kind = "number", Unit = "% TDS", Hint = "if there is one; of a filtered, cooled sample", MaxLength = 10 };
        Drink = new Field("drink", "Drink in the cup", drinkText) { Kind = "number", Unit = format.MassUnit, Hint = "as it is drunk", MaxLength = 20, Was = drinkText };
        Dilution = new Field("let-down", "Water added until it was right", dilutionText) { Kind = "number", Unit = format.MassUnit, Hint = "in sips; where you stopped", MaxLength = 20, Was = dilutionText };
        Sediment = new Field("sediment", "Sediment", sediment);
    }

    private Field Checked(Field field, bool said, double least, double most, string unit)
    {
        if (!said)
        {
            return field;
        }

        var typed = TypedNumber.Read(field.Text, least, most, unit);
        Good &= typed.Problem is null;
        return field with { Problem = typed.Problem };
    }

    private (Field Field, TypedNumber Typed) Taken(Field field, double least, double most, string unit)
    {
        var typed = field.Text.Trim().Length == 0 ? new TypedNumber("", null, null) : TypedNumber.Read(field.Text, least, most, unit);
        Good &= typed.Problem is null;
        return (field with { Problem = typed.Problem }, typed);
    }

    private Field Plain(Field field, int most, bool lines)
    {
        var problem = PlainText.Problem(field.Text, most, lines);
        Good &= problem is null;
        return field with { Problem = problem };
    }

    private static int? Whole(Field field) => field.Text.Trim().Length == 0 ? null : (int)Math.Round(TypedNumber.Read(field.Text, -5, 5, "").Value ?? 0);

    private static string Text(int? value) => value?.ToString(CultureInfo.InvariantCulture) ?? "";

    /// <summary>The look of the bed, where it was recorded while clearing up, so that nobody is asked twice.</summary>
    private static string BedSeen(Brew brew) =>
        brew.SignsSeen().Select(one => one.Code.StartsWith("bed-", StringComparison.Ordinal) ? Words<BedLook>.Find(one.Code["bed-".Length..]) : null).OfType<BedLook>().Select(Words<BedLook>.Of).FirstOrDefault("");

    private static string Mass(double? g, FigureFormat format) => g is { } value ? format.MassNumber(value, fine: value % 1 != 0) : "";

    private static string[] Split(string text) => text.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
}
