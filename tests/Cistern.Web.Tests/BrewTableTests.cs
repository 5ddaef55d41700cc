using System.Collections.Immutable;

namespace Cistern.Web.Tests;

/// <summary>A table of brews, cell by cell: what is written in each column, and what is read from it.</summary>
public sealed class BrewTableTests
{
    private static readonly Recipe Dripper = RecipeLibrary.Find("vd-coffee-first")!;

    private static readonly BrewRecord Whole = new(new Guid("01890000-0000-7000-8000-000000000001"), Dripper, Dripper)
    {
        OpenedAt = new DateTimeOffset(2026, 5, 4, 8, 10, 0, TimeSpan.FromHours(2)),
        StartedAt = new DateTimeOffset(2026, 5, 4, 8, 15, 0, TimeSpan.FromHours(2)),
        EndedAt = new DateTimeOffset(2026, 5, 4, 8, 19, 0, TimeSpan.FromHours(2)),
        State = BrewOutcome.Abandoned,
        Why = "the paper tore",
        Barista = "Solveig",
        Place = new PlaceUsed("High Hut"),
        Coffee = new CoffeeUsed("Blue Ferry", BoughtGround: false),
        Grinder = new GrinderUsed("Hand mill", "22 clicks"),
        Vessel = "Cone",
        Measured = new MeasuredFigures { BeverageG = 258, TdsPercent = 1.3, DrawdownS = 82, PressS = 25, PressFelt = PressFelt.Hard },
        Tasting = new TastingRecord { Sips = [new Sip { When = SipWhen.Warm, SourBitter = -2, ThinHeavy = 1 }], Score = 7.5, Words = "plum, \"ripe\"", NotesFound = ["plum", "tea"], Bed = BedLook.Mud },
        Notes = [new RecordedNote(default, null, "again"), new RecordedNote(default, null, "finer")],
    };

    [Fact]
    public void Every_cell_is_exported_under_its_name()
    {
        var planned = new Dictionary<string, double> { ["tdsPercent"] = 1.46199999999999999, ["extractionYieldPercent"] = 18.2, ["chilledTdsPercent"] = 1.1 }.ToImmutableSortedDictionary(StringComparer.Ordinal);
        var cells = Cells(Whole with { Forecast = new RecordedForecast("1", planned, planned.Remove("chilledTdsPercent").SetItem("tdsPercent", 0.1 + 0.2)) });
        var told = string.Join('\n', BrewTable.Names.Select((name, i) => $"{name}: {cells[i].Replace("\n", " | ", StringComparison.Ordinal)}"));
        Assert.Equal(
            """
            id: 01890000-0000-7000-8000-000000000001
            openedAt: 2026-05-04T08:10:00+02:00
            startedAt: 2026-05-04T08:15:00+02:00
            endedAt: 2026-05-04T08:19:00+02:00
            state: abandoned
            recipe: vd-coffee-first
            name: Coffee below
            family: valve-dripper
            coffee: Blue Ferry
            roast: 0.35
            restDays: 10
            mill: Hand mill
            setting: 22 clicks
            medianUm: 640
            vessel: Cone
            barista: Solveig
            place: High Hut
            doseG: 24
            waterG: 384
            temperatureC: 96
            beverageG: 258
            tdsPercent: 1.3
            drawdownS: 82
            pressS: 25
            pressFelt: hard
            plannedTdsPercent: 1.1
            plannedExtractionYieldPercent: 18.2
            expectedTdsPercent: 0.3
            expectedExtractionYieldPercent: 18.2
            score: 7.5
            sharpHarsh: -2
            thinHeavy: 1
            bed: mud
            words: plum, "ripe"
            notesFound: plum, tea
            why: the paper tore
            notes: again | finer
            """.ReplaceLineEndings("\n"), told);
    }

    /// <summary>For programs that separate cells at semicolons, tabs or line ends, no cell begins a formula either; all of it is read back unchanged.</summary>
    [Theory]
    [InlineData("plum;=1+1", "plum;'=1+1")]
    [InlineData("plum; =1+1", "plum; '=1+1")]
    [InlineData("a;\"=1+1\"", "a;\"'=1+1\"")]
    [InlineData("one\n@two;-3\n+4", "one\n'@two;'-3\n'+4")]
    [InlineData("\t=1", "'\t'=1")]
    [InlineData("';'=x", "'';''=x")]
    [InlineData("plain; and more, as ever", "plain; and more, as ever")]
    [InlineData("3 - 2 = 1", "3 - 2 = 1")]
    public void No_cell_begins_a_formula_however_cells_are_parted(string text, string told)
    {
        var row = BrewTable.Row(Whole with { Why = text });
        Assert.Equal(told, Cells(Whole with { Why = text })[BrewTable.Names.ToList().IndexOf("why")]);
        foreach (var parted in (char[])[',', ';', '\t', '\n'])
        {
            Assert.DoesNotContain(row.Split(parted).Select(cell => cell.Trim(' ', '"')), cell => cell.Length > 1 && "=+@".Contains(cell[0], StringComparison.Ordinal));
        }

        Assert.Equal(text, BrewTable.Read(BrewTable.Head() + row).Brews[0].Why);
    }

    [Fact]
    public void An_exported_table_is_imported_equal_and_an_empty_cell_changes_nothing()
    {
        var (brews, findings) = BrewTable.Read(BrewTable.Head() + BrewTable.Row(Whole));
        Assert.True(findings.Count == 0, BrewTable.Row(Whole));
        // Notes have times, which a table does not contain.
        Assert.Equal(Cells(Whole)[..^1], Cells(Assert.Single(brews))[..^1]);
        var (bare, none) = BrewTable.Read("recipe,doseG,waterG\r\nvd-coffee-first,24,380\r\n");
        Assert.Empty(none);
        var brew = Assert.Single(bare);
        Assert.Equal((BrewOutcome.Finished, null, null, null), (brew.State, brew.Why, brew.Tasting, brew.Grinder.Setting));
        Assert.Equal((Dripper.Coffee.Roast, Dripper.Coffee.RestDays, Dripper.Grind.MedianUm, Dripper.Water.TemperatureC), (brew.Brewed.Coffee.Roast, brew.Brewed.Coffee.RestDays, brew.Brewed.Grind.MedianUm, brew.Brewed.Water.TemperatureC));
        // The same row is the same brew, a different row another.
        Assert.Equal(brew.Id, BrewTable.Read("recipe,doseG,waterG\r\nvd-coffee-first,24,380").Brews[0].Id);
        Assert.NotEqual(brew.Id, BrewTable.Read("recipe,doseG,waterG\r\nvd-coffee-first,24,381").Brews[0].Id);
    }

    [Theory]
    [InlineData("roast")]
    [InlineData("restDays")]
    [InlineData("medianUm")]
    [InlineData("temperatureC")]
    [InlineData("beverageG")]
    [InlineData("tdsPercent", "measured.tdsPercent")]
    [InlineData("drawdownS")]
    [InlineData("pressS")]
    [InlineData("score")]
    [InlineData("sharpHarsh")]
    [InlineData("thinHeavy")]
    public void A_number_is_accepted_within_its_range_only(string column, string? rule = null)
    {
        var member = Member.Named(rule ?? column);
        foreach (var (value, taken) in ((double, bool)[])[(member.Min, true), (member.Max, true), (member.Min - 0.001, false), (member.Max + 0.001, false)])
        {
            var (brews, findings) = BrewTable.Read(string.Create(CultureInfo.InvariantCulture, $"recipe,doseG,waterG,{column}\r\nvd-coffee-first,24,380,{value}\r\n"));
            Assert.True(taken == (brews.Count == 1), $"{value}");
            Assert.Equal(taken ? [] : [column], findings.Select(finding => finding.Place.Split(' ', '.')[^1]));
        }

        Assert.Single(BrewTable.Read($"recipe,doseG,waterG,{column}\r\nvd-coffee-first,24,380,1 g\r\n").Findings);
    }

    [Theory]
    [InlineData("recipe,doseG\r\nvd-coffee-first,24", "waterG")]
    [InlineData("recipe,doseG,waterG\r\nno-such,24,380", "recipe is one of the library's.")]
    [InlineData("recipe,doseG,waterG\r\nvd-coffee-first,,380", "A brew has its coffee and its water in grams.")]
    [InlineData("recipe,doseG,waterG,state\r\nvd-coffee-first,24,380,done", "state")]
    [InlineData("recipe,doseG,waterG,id\r\nvd-coffee-first,24,380,one", "id is a UUID.")]
    [InlineData("recipe,doseG,waterG,startedAt\r\nvd-coffee-first,24,380,yesterday", "startedAt")]
    public void An_invalid_cell_is_refused_with_a_finding(string table, string says)
    {
        var (brews, findings) = BrewTable.Read(table);
        Assert.Empty(brews);
        Assert.Contains(findings, finding => finding.Rule.Contains(says, StringComparison.Ordinal) && finding.Remedy.Length > 0);
    }

    [Theory]
    [InlineData("recipe,doseG,waterG", true)]
    [InlineData("\"recipe\";\"doseG\";\"waterG\"\r\n", true)]
    [InlineData("doseG\twaterG\tscore\n1\t2\t3", true)]
    [InlineData("recipe,doseG,bloom", false)]
    [InlineData("", false)]
    [InlineData("{\"recipe\": 1}", false)]
    public void A_table_is_known_by_three_of_its_names(string text, bool isOne) => Assert.Equal(isOne, BrewTable.IsTable(text));

    [Fact]
    public void The_setting_is_what_follows_the_grinders_name()
    {
        var brew = BrewPlan.Of(ForecastModel.Published.Run(Dripper), 0);
        (brew.State, brew.StartedAtMs, brew.EndedAtMs, brew.GrinderName, brew.GrindText) = (BrewState.Finished, 1_000, 300_000, "Hand mill", "Hand mill, 22 clicks");
        Assert.Equal("22 clicks", BrewFiles.ToRecord(brew, new BrewReferences(null, null, BoughtGround: false), ForecastModel.Published).Grinder.Setting);
        brew.GrindText = "about 650 µm";
        Assert.Null(BrewFiles.ToRecord(brew, new BrewReferences(null, null, BoughtGround: false), ForecastModel.Published).Grinder.Setting);
    }

    private static List<string> Cells(BrewRecord brew) => [.. FilesTests.Cells(BrewTable.Row(brew))];
}
