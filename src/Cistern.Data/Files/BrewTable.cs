using System.Security.Cryptography;
using System.Text;
using System.Text.RegularExpressions;
using CsvHelper;
using CsvHelper.Configuration;

namespace Cistern.Data.Files;

/// <summary>Brews as a CSV table with one row each, written for spreadsheets and read again.</summary>
public static partial class BrewTable
{
    /// <summary>The most rows that are read.</summary>
    public const int MaxRows = 200_000;

    private const int MaxFindings = 100;

    /// <summary>
    /// Where a spreadsheet may see the start of a formula: at the start of a cell, after a <c>;</c>, tab or line end that could
    /// separate cells, and after blanks and quotes that it ignores.
    /// </summary>
    private const string Begins = "(?<=(?:^|[;\\t\\r\\n])[ \"]*)";

    /// <summary>What starts a formula. The apostrophe is included so that escaped text can be read back.</summary>
    private const string Formula = "(?=[=+\\-@\\t\\r'])";

    /// <summary>By default a cell is quoted only if it contains the configured line end; cells with any line end must be.</summary>
    private static readonly CsvConfiguration Written = new(CultureInfo.InvariantCulture)
    {
        NewLine = "\r\n",
        ShouldQuote = cell => ConfigurationFunctions.ShouldQuote(cell) || cell.Field.AsSpan().ContainsAny('\r', '\n'),
    };

    /// <summary>Accepts any line end, also mixed.</summary>
    private static readonly CsvConfiguration Taken = new(CultureInfo.InvariantCulture) { BadDataFound = null, MissingFieldFound = null };

    /// <summary>Strength of the finished drink: chilled, diluted, or as brewed.</summary>
    private static readonly string[] Strength = ["chilledTdsPercent", "dilutedTdsPercent", "tdsPercent"];

    private static readonly string[] Extraction = ["extractionYieldPercent"];

    /// <summary>More digits than any instrument shows, and few enough to hide binary rounding.</summary>
    private const string Digits = "0.######";

    /// <summary>The columns in order, and the value of each for a brew.</summary>
    private static readonly (string Name, Func<BrewRecord, object?> Of)[] Columns =
    [
        ("id", brew => brew.Id.ToString()),
        ("openedAt", brew => MomentText(brew.OpenedAt)),
        ("startedAt", brew => MomentText(brew.StartedAt)),
        ("endedAt", brew => MomentText(brew.EndedAt)),
        ("state", brew => Words<BrewOutcome>.Of(brew.State)),
        ("recipe", brew => brew.Planned.Id),
        ("name", brew => brew.Planned.Name),
        ("family", brew => Words<BrewerFamily>.Of(brew.Brewed.Brewer.Family)),
        ("coffee", brew => brew.Coffee.Name),
        ("roast", brew => brew.Brewed.Coffee.Roast),
        ("restDays", brew => brew.Brewed.Coffee.RestDays),
        ("mill", brew => brew.Grinder.Name),
        ("setting", brew => brew.Grinder.Setting),
        ("medianUm", brew => brew.Brewed.Grind.MedianUm),
        ("vessel", brew => brew.Vessel),
        ("barista", brew => brew.Barista),
        ("place", brew => brew.Place.Name),
        ("doseG", brew => brew.Brewed.Coffee.DoseG),
        ("waterG", brew => brew.Brewed.WaterG),
        ("temperatureC", brew => brew.Brewed.Water.TemperatureC),
        ("beverageG", brew => brew.Measured.BeverageG),
        ("tdsPercent", brew => brew.Measured.TdsPercent),
        ("drawdownS", brew => brew.Measured.DrawdownS),
        ("pressS", brew => brew.Measured.PressS),
        ("pressFelt", brew => brew.Measured.PressFelt is { } felt ? Words<PressFelt>.Of(felt) : null),
        ("plannedTdsPercent", brew => Expected(brew.Forecast?.Planned, Strength)),
        ("plannedExtractionYieldPercent", brew => Expected(brew.Forecast?.Planned, Extraction)),
        ("expectedTdsPercent", brew => Expected(brew.Forecast?.Brewed, Strength)),
        ("expectedExtractionYieldPercent", brew => Expected(brew.Forecast?.Brewed, Extraction)),
        ("score", brew => brew.Tasting?.Score),
        ("sharpHarsh", brew => brew.Tasting?.Mean(sip => sip.SourBitter)),
        ("thinHeavy", brew => brew.Tasting?.Mean(sip => sip.ThinHeavy)),
        ("bed", brew => brew.Tasting?.Bed is { } bed ? Words<BedLook>.Of(bed) : null),
        ("words", brew => brew.Tasting?.Words),
        ("notesFound", brew => brew.Tasting is { } tasting ? string.Join(", ", tasting.NotesFound) : null),
        ("why", brew => brew.Why),
        ("notes", brew => string.Join("\n", brew.Notes.Select(note => note.Text))),
    ];

    /// <summary>The names of the columns, as in the header.</summary>
    public static IReadOnlyList<string> Names { get; } = [.. Columns.Select(column => column.Name)];

    /// <summary>Writes the first row.</summary>
    public static string Head() => Row(Names);

    /// <summary>Writes a brew's row.</summary>
    public static string Row(BrewRecord brew) => Row(Columns.Select(column => Cell(column.Of(brew))));

    /// <summary>The header of a table of readings.</summary>
    public static string ReadingsHead() => Row(["brew", "of", "atS", "value"]);

    /// <summary>Writes a brew's readings, one row each.</summary>
    public static string ReadingRows(BrewRecord brew)
    {
        var text = new StringBuilder();
        foreach (var range in Core.Readings.ReadingRange.All.Where(range => brew.Readings.ContainsKey(range.Of)))
        {
            foreach (var point in brew.Readings[range.Of])
            {
                text.Append(CultureInfo.InvariantCulture, $"{brew.Id},{range.Word},{point.AtS:0.###},{point.G:0.####}\r\n");
            }
        }

        return text.ToString();
    }

    /// <summary>Whether a text starts like such a table.</summary>
    public static bool IsTable(string text)
    {
        var line = text.AsSpan(0, Math.Max(0, text.IndexOfAny(['\r', '\n']) is >= 0 and var end ? end : text.Length)).ToString();
        return line.Split(',', ';', '\t').Select(name => name.Trim('"', ' ')).Count(Names.Contains) >= 3;
    }

    /// <summary>Reads a table: each row is a brew of a library recipe with the given coffee, water, grind and temperature.</summary>
    /// <param name="text">The table.</param>
    /// <returns>All brews; or none, and why.</returns>
    public static (IReadOnlyList<BrewRecord> Brews, IReadOnlyList<Finding> Findings) Read(string text)
    {
        var findings = new List<Finding>();
        var brews = new List<BrewRecord>();
        using var csv = new CsvReader(new StringReader(text), Taken);
        try
        {
            csv.Read();
            csv.ReadHeader();
            foreach (var needed in (string[])["recipe", "doseG", "waterG"])
            {
                if (!csv.HeaderRecord!.Contains(needed, StringComparer.Ordinal))
                {
                    findings.Add(FindingKinds.ColumnMissing.At("row 1", needed, string.Join(", ", Names)));
                }
            }

            while (findings.Count < MaxFindings && csv.Read())
            {
                if (brews.Count >= MaxRows)
                {
                    findings.Add(FindingKinds.TooManyRows.At("", MaxRows));
                    break;
                }

                if (new RowReader(csv, findings).Brew() is { } brew)
                {
                    brews.Add(brew);
                }
            }
        }
        catch (CsvHelperException error)
        {
            findings.Add(FindingKinds.TableUnreadable.At(string.Create(CultureInfo.InvariantCulture, $"row {csv.Parser.RawRow}"), error.Message.Split('\n')[0]));
        }

        return findings.Exists(finding => finding.Severity == Severity.Error) ? ([], findings) : (brews, findings);
    }

    /// <summary>
    /// Escapes text that a spreadsheet would evaluate as a formula by an apostrophe in front, and text that starts with an apostrophe,
    /// so that it can be read back.
    /// </summary>
    internal static string Escaped(string text) => BeginsFormula().Replace(text, "'");

    /// <summary>The text before it was escaped.</summary>
    internal static string Unescaped(string cell) => EscapedFormula().Replace(cell, "");

    [GeneratedRegex(Begins + Formula, RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1_000)]
    private static partial Regex BeginsFormula();

    [GeneratedRegex(Begins + "'" + Formula, RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1_000)]
    private static partial Regex EscapedFormula();

    private static object? Expected(IReadOnlyDictionary<string, double>? figures, string[] names) =>
        figures is not null && Array.Find(names, figures.ContainsKey) is { } name ? figures[name] : null;

    private static string? MomentText(DateTimeOffset? moment) => moment is { } at ? BrewWriter.Moment(at) : null;

    private static string Cell(object? value) => value switch
    {
        null => "",
        double number => number.ToString(Digits, CultureInfo.InvariantCulture),
        _ => Escaped(value.ToString() ?? ""),
    };

    private static string Row(IEnumerable<string> cells)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, Written))
        {
            foreach (var cell in cells)
            {
                csv.WriteField(cell);
            }

            csv.NextRecord();
        }

        return text.ToString();
    }

    /// <summary>Reads one row and adds a finding for each invalid cell.</summary>
    private sealed class RowReader(CsvReader csv, List<Finding> findings)
    {
        public BrewRecord? Brew()
        {
            var before = findings.Count;
            var recipe = RecipeLibrary.Find(Text("recipe", 80));
            if (recipe is null)
            {
                Refuse("recipe", FindingKinds.CellNotInLibrary);
                return null;
            }

            var dose = Number("doseG");
            var water = Number("waterG");
            if (dose is null || water is null)
            {
                Refuse(dose is null ? "doseG" : "waterG", FindingKinds.CellAmountMissing);
                return null;
            }

            var planned = Scaling.To(recipe, new Batch(dose.Value, water.Value));
            planned = planned with
            {
                Coffee = new Coffee(dose.Value, Number("roast") ?? planned.Coffee.Roast, Number("restDays") ?? planned.Coffee.RestDays),
                Grind = planned.Grind with { MedianUm = Number("medianUm") ?? planned.Grind.MedianUm },
                Water = planned.Water with { TemperatureC = Number("temperatureC") ?? planned.Water.TemperatureC },
            };
            var brew = new BrewRecord(Id(), planned, planned)
            {
                OpenedAt = Moment("openedAt"),
                StartedAt = Moment("startedAt"),
                EndedAt = Moment("endedAt"),
                State = Word<BrewOutcome>("state") ?? BrewOutcome.Finished,
                Why = Text("why", 2_000) is { Length: > 0 } why ? why : null,
                Barista = Text("barista", 80),
                Place = new PlaceUsed(Text("place", 200)),
                Coffee = new CoffeeUsed(Text("coffee", 200), BoughtGround: false),
                Grinder = new GrinderUsed(Text("mill", 200), Text("setting", 80) is { Length: > 0 } setting ? setting : null),
                Vessel = Text("vessel", 200),
                Measured = new MeasuredFigures { BeverageG = Number("beverageG"), TdsPercent = Number("tdsPercent", "measured.tdsPercent"), DrawdownS = Number("drawdownS"), PressS = Number("pressS"), PressFelt = Word<PressFelt>("pressFelt") },
                Tasting = Tasting(),
            };
            return findings.Count == before ? brew : null;
        }

        private TastingRecord? Tasting()
        {
            var tasting = new TastingRecord
            {
                Score = Number("score"),
                Words = Text("words", 8_000) is { Length: > 0 } words ? words : null,
                NotesFound = [.. Text("notesFound", 2_000).Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)],
                Bed = Word<BedLook>("bed"),
            };
            var (lean, body) = (Number("sharpHarsh"), Number("thinHeavy"));
            tasting = lean is null && body is null ? tasting : tasting with { Sips = [new Sip { When = SipWhen.Warm, SourBitter = lean, ThinHeavy = body }] };
            return tasting is { Score: null, Words: null, NotesFound.IsEmpty: true, Bed: null, Sips.IsEmpty: true } ? null : tasting;
        }

        /// <summary>A row without an id gets one derived from its content, so that importing the same table twice gives one brew.</summary>
        private Guid Id()
        {
            var text = Raw("id");
            if (Guid.TryParse(text, out var id))
            {
                return id;
            }

            if (text.Length > 0)
            {
                Refuse("id", FindingKinds.CellNoUuid);
            }

            return new Guid(SHA256.HashData(Encoding.UTF8.GetBytes(csv.Parser.RawRecord.Trim())).AsSpan(0, 16));
        }

        private string Raw(string column) => (csv.TryGetField<string>(column, out var cell) ? cell ?? "" : "").Trim();

        private string Text(string column, int longest)
        {
            var text = Unescaped(Raw(column));
            if (text.Length > longest || PlainText.Problem(PlainText.Lines(text), longest, lines: true) is not null)
            {
                Refuse(column, FindingKinds.CellNotPlainText, longest);
                return "";
            }

            return text;
        }

        private double? Number(string column, string? rule = null)
        {
            var text = Raw(column);
            if (text.Length == 0)
            {
                return null;
            }

            var member = Member.Named(rule ?? column);
            if (double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) && number >= member.Min && number <= member.Max)
            {
                return number;
            }

            Refuse(column, FindingKinds.CellNoNumber, member.Min, member.Max, member.UnitAfter);
            return null;
        }

        private DateTimeOffset? Moment(string column)
        {
            var text = Raw(column);
            if (text.Length == 0)
            {
                return null;
            }

            if (DateTimeOffset.TryParse(text, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var moment) && moment.Year is > 1990 and < 2200)
            {
                return moment;
            }

            Refuse(column, FindingKinds.CellNoTime);
            return null;
        }

        private T? Word<T>(string column)
            where T : struct, Enum
        {
            var text = Raw(column);
            if (text.Length == 0 || Words<T>.Find(text) is not { } word)
            {
                if (text.Length > 0)
                {
                    Refuse(column, FindingKinds.CellNoWord, string.Join(", ", Words<T>.All));
                }

                return null;
            }

            return word;
        }

        private void Refuse(string column, FindingKind kind, params object[] arguments)
        {
            var found = Raw(column);
            findings.Add(kind.At(string.Create(CultureInfo.InvariantCulture, $"row {csv.Parser.RawRow}, {column}"), [column, .. arguments, found.Length == 0 ? "nothing" : found.Length > 40 ? found[..39] + "…" : found]));
        }
    }
}
