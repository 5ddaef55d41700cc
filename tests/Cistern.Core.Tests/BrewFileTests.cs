using System.Collections.Immutable;
using System.Text;
using System.Text.Json.Nodes;
using Cistern.Bench;

namespace Cistern.Core.Tests;

/// <summary>The open file of a brew, and of a grinder.</summary>
public sealed class BrewFileTests
{
    private static readonly BrewRecord Whole = new SimulatedBarista(1).Brew(RecipeLibrary.Find("vd-coffee-first")!) with
    {
        StartedAt = new DateTimeOffset(2026, 5, 4, 8, 15, 0, TimeSpan.FromHours(2)),
        Barista = "Solveig",
        Coffee = new CoffeeUsed("Tidewrack", BoughtGround: true) { From = "Malawi", Decaffeinated = true },
        Grinder = new GrinderUsed("Ferrule", "22"),
        Vessel = "dripper",
        Tasting = new TastingRecord
        {
            Sips = [new Sip { When = SipWhen.Hot, SourBitter = -2, Sweet = 3 }, new Sip { When = SipWhen.Cool, SourBitter = 1, ThinHeavy = 2, Clear = 4, Finish = 5, Dry = 0 }],
            Score = 7.5,
            Words = "plum",
            NotesFound = ["plum", "cocoa nib"],
            Bed = BedLook.HighAndDry,
        },
        Readings = ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty.Add(ReadingOf.ScaleG, [new WeightPoint(0, 0), new WeightPoint(0.2, 1.5)]),
    };

    [Fact]
    public void A_brew_file_read_and_written_is_equal_with_its_unknown_members()
    {
        var json = JsonNode.Parse(BrewWriter.Write(Whole))!.AsObject();
        json["mine"] = 5;
        json["measured"]!["ph"] = 5.1;
        json["tasting"]!["sips"]![0]!["spoon"] = "deep";
        var text = json.ToJsonString();
        var file = Read(text);
        Assert.Empty(file.Findings);
        var brew = Assert.Single(file.Brews);
        Assert.True(JsonNode.DeepEquals(JsonNode.Parse(text), JsonNode.Parse(BrewWriter.Write(brew))));
        Assert.Equal("22", brew.Grinder.Setting);
        Assert.Equal(-0.5, brew.Tasting!.Mean(sip => sip.SourBitter));
        Assert.Null(brew.Tasting.Mean(sip => sip.Dry is 0 ? null : sip.Dry));
        Assert.Equal(2, Read(BrewWriter.Write([Whole, Whole])).Brews.Length);
    }

    /// <summary>
    /// Everything a brew's file can contain except its two recipes, in <c>brew.json</c>: no member of the open file goes missing or
    /// changes its name.
    /// </summary>
    [Fact]
    public void Every_member_of_a_brew_is_written_and_read_back()
    {
        var at = new DateTimeOffset(2026, 5, 4, 8, 12, 30, 250, TimeSpan.FromHours(2));
        var id = new Guid("01890000-0000-7000-8000-000000000001");
        var told = Whole with
        {
            Id = id,
            OpenedAt = at,
            EndedAt = at.AddMinutes(9),
            State = BrewOutcome.Abandoned,
            Why = "the paper tore",
            Place = new PlaceUsed("High Hut") { AltitudeM = 1_900, AmbientC = 17 },
            Coffee = Whole.Coffee with { Roast = 0.35, RoastedOn = new DateOnly(2026, 4, 29) },
            Grinder = Whole.Grinder with { MedianUm = 612, Spread = 0.42 },
            Events = [.. Enum.GetValues<RecordedEventKind>().Select((kind, i) => new RecordedEvent(id, 12.5 * i, i, kind, i == 1 ? "Solveig" : null))],
            Notes = [new RecordedNote(at, "Solveig", "better as it cooled"), new RecordedNote(at.AddDays(1), null, "again")],
            Forecast = new RecordedForecast("1.0", Figures(("tdsPercent", 1.31), ("finishS", 292)), Figures(("tdsPercent", 1.24))),
            Measured = new MeasuredFigures { DoseG = 20.1, WaterG = 301, BeverageG = 258, TdsPercent = 1.3, DrawdownS = 82, PressS = 25, PressFelt = PressFelt.Hard, SlurryC = 84, SlurryAtS = 120 },
            Kept = System.Text.Json.JsonSerializer.SerializeToElement(new { version = 1 }),
        };
        var text = BrewWriter.Write(told);
        var file = Read(text);
        Assert.Empty(file.Findings);
        Assert.True(JsonNode.DeepEquals(JsonNode.Parse(text), JsonNode.Parse(BrewWriter.Write(Assert.Single(file.Brews)))));
        var json = JsonNode.Parse(text)!.AsObject();
        json.Remove("planned");
        json.Remove("brewed");
        Golden.Holds("brew.json", json.ToJsonString(new System.Text.Json.JsonSerializerOptions { WriteIndented = true, NewLine = "\n" }) + "\n");
        // Unknown values are left out.
        var bare = JsonNode.Parse(BrewWriter.Write(new BrewRecord(id, Whole.Planned, Whole.Brewed)))!.AsObject();
        Assert.Equal(["format", "version", "id", "state", "coffee", "mill", "planned", "brewed", "measured"], bare.Select(member => member.Key));
        Assert.Empty(bare["coffee"]!.AsObject());
    }

    private static ImmutableSortedDictionary<string, double> Figures(params (string Name, double Value)[] figures) => figures.ToImmutableSortedDictionary(one => one.Name, one => one.Value);

    [Fact]
    public void Missing_members_may_be_null_and_a_setting_a_number()
    {
        var file = Read(Changed(json =>
        {
            json["tasting"] = null;
            json["measured"]!["tdsPercent"] = null;
            json["mill"]!["setting"] = 6.25;
        }));
        Assert.Empty(file.Findings);
        Assert.Null(file.Brews[0].Tasting);
        Assert.Null(file.Brews[0].Measured.TdsPercent);
        Assert.Equal("6.25", file.Brews[0].Grinder.Setting);
    }

    [Theory]
    [InlineData("5", null)]
    [InlineData("{}", ": |")]
    [InlineData("{\"model\": 1, \"planned\": 5, \"brewed\": {\"tdsPercent\": 1.2}}", ": |tdsPercent 1.2")]
    [InlineData("{\"model\": \"1.0\", \"planned\": {\"tdsPercent\": \"a\", \"finishS\": 290, \"tilt\": null}}", "1.0: finishS 290|")]
    public void Forecast_members_that_are_no_figures_are_ignored(string forecast, string? told)
    {
        var file = Read(Changed(json => json["forecast"] = JsonNode.Parse(forecast)));
        Assert.Empty(file.Findings);
        static string Figures(ImmutableSortedDictionary<string, double> figures) => string.Join(' ', figures.Select(one => FormattableString.Invariant($"{one.Key} {one.Value}")));
        Assert.Equal(told, file.Brews[0].Forecast is { } read ? $"{read.Model}: {Figures(read.Planned)}|{Figures(read.Brewed)}" : null);
    }

    [Theory]
    [InlineData("format", "\"cistern/recipe\"", "format")]
    [InlineData("version", "2", "version")]
    [InlineData("id", "\"one\"", "id")]
    [InlineData("state", "\"done\"", "state")]
    [InlineData("startedAt", "\"yesterday\"", "startedAt")]
    [InlineData("planned", "{}", "planned.format")]
    [InlineData("measured", "{\"tdsPercent\": 99}", "measured.tdsPercent")]
    [InlineData("measured", "{\"slurryC\": 80}", "measured.slurryAtS")]
    [InlineData("measured", "{\"pressFelt\": \"soft\"}", "measured.pressFelt")]
    [InlineData("tasting", "{\"sips\": [{\"sharpHarsh\": 6}]}", "tasting.sips[0].sharpHarsh")]
    [InlineData("tasting", "{\"sips\": [5]}", "tasting.sips[0]")]
    [InlineData("tasting", "{\"sips\": 5}", "tasting.sips")]
    [InlineData("tasting", "{\"bed\": \"wet\"}", "tasting.bed")]
    [InlineData("tasting", "{\"notesFound\": [5]}", "tasting.notesFound[0]")]
    [InlineData("readings", "{\"scaleG\": {\"atS\": [1, 2], \"value\": [1]}}", "readings.scaleG.value")]
    [InlineData("readings", "{\"scaleG\": {\"atS\": [1], \"value\": [\"a\"]}}", "readings.scaleG.value[0]")]
    [InlineData("coffee", "[]", "coffee")]
    [InlineData("events", "[{\"id\": \"one\"}]", "events[0].id")]
    [InlineData("events", "5", "events")]
    [InlineData("notes", "[{\"at\": \"yesterday\", \"text\": \"plum\"}]", "notes[0].at")]
    [InlineData("place", "{\"altitudeM\": 99999}", "place.altitudeM")]
    public void A_bad_member_is_refused_at_its_place(string member, string value, string place)
    {
        var file = Read(Changed(json => json[member] = JsonNode.Parse(value)));
        Assert.Empty(file.Brews);
        Assert.Contains(file.Findings, finding => finding.Place == place && finding.Remedy.Length > 0);
    }

    [Theory]
    [InlineData("")]
    [InlineData("5")]
    [InlineData("[]")]
    [InlineData("[5]")]
    [InlineData("{\"format\": ")]
    public void A_file_that_is_no_brew_is_refused(string text)
    {
        var file = Read(text);
        Assert.False(file.Accepted);
        Assert.Empty(file.Brews);
    }

    [Fact]
    public void Fitting_uses_the_measured_figures()
    {
        var brew = Whole.ForFitting();
        Assert.Equal(new FitKeys("Ferrule", "dripper", "Tidewrack", "Solveig"), brew.Keys);
        Assert.Equal([FitFigure.TdsPercent, FitFigure.DrinkG, FitFigure.DrawdownS, FitFigure.SlurryC], brew.Readings.Select(reading => reading.Figure));
        Assert.Equal([new FitTaste("Solveig", -0.5, 2)], brew.Tastes);
        Assert.Equal("valve-dripper 500", (Whole with { Vessel = "" }).Keys().Vessel);
    }

    [Fact]
    public void A_drawdown_known_to_the_scale_alone_is_read_off_its_curve()
    {
        var plan = Simulated.Plan("vd-coffee-first");
        var bench = new SimulatedInstruments(SimulatedBrew.Of(plan, Hands.Steady, 3), 3);
        var brew = new BrewRecord(Guid.NewGuid(), plan.Recipe, plan.Recipe)
        {
            Readings = ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty.Add(ReadingOf.ScaleG, [.. Simulated.Weight(bench)]),
        };
        var seen = Assert.Single(brew.ForFitting().Readings);
        Assert.Equal(FitFigure.DrawdownS, seen.Figure);
        Assert.Equal(bench.SimulatedBrew.Real.Totals.DrawdownS!.Value, seen.Value, 6.0);
    }

    [Fact]
    public void A_thermometers_curve_is_thinned_to_its_turning_points()
    {
        var points = Enumerable.Range(0, 3_000).Select(i => new WeightPoint(0.2 * i, 90 - (0.02 * i))).ToImmutableArray();
        var brew = new BrewRecord(Guid.NewGuid(), Whole.Planned, Whole.Brewed) { Readings = ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty.Add(ReadingOf.SlurryC, points) };
        var readings = brew.ForFitting().Readings;
        Assert.Equal(8, readings.Length);
        Assert.All(readings, reading => Assert.True(reading.AtS >= 20));
        Assert.Equal(30, readings[1].AtS - readings[0].AtS, 0.3);
    }

    [Fact]
    public void A_grinders_line_lies_nearest_to_its_table()
    {
        var grinder = Grinder("""{"name": "Ferrule", "settings": [{"setting": 10, "um": 400}, {"setting": 20, "um": 700}, {"setting": 40, "medianUm": 1100}]}""").Grinder!;
        // Least squares: the centre is at 23.33 and 733.33 µm, the slope 10666.67/466.67.
        Assert.Equal(160.0 / 7, grinder.UmPerSetting, 9);
        Assert.Equal(200, grinder.UmAtZero, 9);
    }

    [Fact]
    public void Missing_members_of_a_grinder_file_may_be_null()
    {
        var grinder = Grinder("""{"name": "Ferrule", "least": 0, "most": 60, "step": null, "umAtZero": 60, "umPerSetting": 26, "spread": null}""");
        Assert.Empty(grinder.Findings);
        Assert.Equal(1, grinder.Grinder!.Step);
    }

    [Fact]
    public void A_grinder_is_a_line_or_a_table()
    {
        var line = Grinder("""{"name": "Ferrule", "least": 0, "most": 60, "step": 1, "umAtZero": 60, "umPerSetting": 26, "spread": 0.42}""").Grinder!;
        Assert.Equal(580, line.MedianUm(20));
        Assert.Equal(0.42, line.Spread);
        var table = Grinder("""{"step": 0.25, "settings": [{"setting": 0, "um": 250}, {"setting": 6, "um": 1510}]}""").Grinder!;
        Assert.Equal(670, table.MedianUm(2), 6);
        Assert.Equal((0, 6, 0.25), (table.Least, table.Most, table.Step));
        Assert.Equal("umAtZero", Grinder("""{"most": 5, "umPerSetting": 3}""").Findings[0].Place);
        Assert.Equal("most", Grinder("""{"least": 5, "most": 5, "umAtZero": 300, "umPerSetting": 3}""").Findings[0].Place);
        Assert.Equal("step", Grinder("""{"most": 5, "step": 0, "umAtZero": 300, "umPerSetting": 3}""").Findings[0].Place);
        Assert.Null(Grinder("""{"most": 5, "umAtZero": 9000, "umPerSetting": 3}""").Grinder);
        Assert.Null(Grinder("5").Grinder);
    }

    private static GrinderFile Grinder(string json) => GrinderFile.Read(Encoding.UTF8.GetBytes(json));

    private static BrewFile Read(string json) => BrewReader.Read(Encoding.UTF8.GetBytes(json));

    private static string Changed(Action<JsonObject> change)
    {
        var json = JsonNode.Parse(BrewWriter.Write(Whole))!.AsObject();
        change(json);
        return json.ToJsonString();
    }
}
