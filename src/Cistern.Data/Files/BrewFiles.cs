using System.Collections.Immutable;
using System.Text.Json;

namespace Cistern.Data.Files;

/// <summary>What a brew refers to, by names that are valid in other installations.</summary>
/// <param name="Parent">The file id of the brew it was made from.</param>
/// <param name="Bag">The bag it took from.</param>
/// <param name="BoughtGround">Whether that was bought ground.</param>
public sealed record BrewReferences(Guid? Parent, Shelf.Bag? Bag, bool BoughtGround);

/// <summary>Converts brews to open files and back without loss.</summary>
public static class BrewFiles
{
    /// <summary>A brew as its file.</summary>
    /// <param name="brew">A finished brew, with everything that belongs to it.</param>
    /// <param name="round">What it refers to.</param>
    /// <param name="model">The published model, with its cancellation.</param>
    public static BrewRecord ToRecord(Brew brew, BrewReferences round, ForecastModel model)
    {
        var record = Opened(brew, BrewRecords.Of(brew, model, round.BoughtGround), round, model);
        record = brew.FileJson is { } told ? WithFileMembers(record, told) : record;
        record = record with
        {
            Pictures = [.. brew.Pictures.Where(picture => picture.DeletedAtMs is null).OrderBy(picture => picture.AtMs).ThenBy(picture => picture.Id)
                .Select(picture => new RecordedPicture(DateTimeOffset.FromUnixTimeMilliseconds(picture.AtMs), picture.Of, picture.Said.Length > 0 ? picture.Said : null, RecordedPicture.Uri(picture.Jpeg)))],
        };
        return new KeptBrew
        {
            RecipeId = brew.RecipeId,
            Name = brew.Name,
            Plan = brew.PlannedJson is null ? null : brew.PlanJson,
            ModelVersion = brew.ModelVersion,
            ForecastJson = brew.ForecastJson,
            ModelJson = brew.ModelJson,
            Sparkline = brew.Sparkline,
            GrindText = brew.GrindText,
            VesselName = brew.VesselName,
            Why = brew.Why,
            ChangedJson = brew.ChangedJson,
            Parent = round.Parent,
            Bag = round.Bag?.Name,
            StartsItself = brew.StartsItself,
            BrewedJson = brew.BrewedJson,
            FileJson = brew.FileJson,
            Entries = [.. brew.Entries.OrderBy(row => row.Id).Select(KeptBrew.Entry.Of)],
            Weighed = [.. brew.Weighings.OrderBy(row => row.StepIndex).Select(row => new KeptBrew.Weight(row.StepIndex, row.TotalG, row.Seen))],
            Observations = [.. brew.Observations.OrderBy(row => row.Name, StringComparer.Ordinal).Select(row => new KeptBrew.Observed(row.Name, row.Value, row.AtMs, row.Seen))],
            Tastings = [.. brew.Tastings.OrderBy(row => row.Id).Select(KeptBrew.Taste.Of)],
            Answers = [.. brew.DeviationAnswers.OrderBy(row => row.Id).Select(KeptBrew.Answer.Of)],
        }.On(record);
    }

    /// <summary>A brew from its file, without its barista, bag and parent, which are other rows.</summary>
    /// <param name="record">The file.</param>
    /// <param name="model">The published model, with its cancellation.</param>
    /// <param name="nowMs">Now, for a file without a date.</param>
    /// <returns>The brew with its facts; the names of who brewed it and of its tasters, in the order of its tastings; its parent and bag.</returns>
    public static IncomingBrew FromRecord(BrewRecord record, ForecastModel model, long nowMs)
    {
        var kept = KeptBrew.Read(record);
        var used = kept?.ModelJson is { } json && ModelUsed.Read(json) is { } was ? was.On(model) : model;
        var plan = used.Run(kept is { FileJson: null } ? WithoutParent(record.Planned) : record.Planned);
        var brew = BrewPlan.Of(plan, Ms(record.OpenedAt) ?? Ms(record.StartedAt) ?? nowMs);
        brew.FileId = record.Id;
        brew.StartedAtMs = Ms(record.StartedAt) ?? (record.State == BrewOutcome.Finished ? brew.OpenedAtMs : null);
        brew.State = record.State == BrewOutcome.Finished ? BrewState.Finished : BrewState.Abandoned;
        brew.WhyAbandoned = brew.State == BrewState.Abandoned ? record.Why ?? "" : null;
        (brew.CoffeeName, brew.PlaceName, brew.GrinderName, brew.VesselName) = (record.Coffee.Name, record.Place.Name, record.Grinder.Name, record.Vessel);
        brew.Notes.AddRange(record.Notes.Select(note => new LaterNote { Text = note.Text, AtMs = note.At.ToUnixTimeMilliseconds() }));
        // Unchanged here; the import re-encodes them before they are saved.
        brew.Pictures.AddRange(record.Pictures.Select(picture => new BrewPicture { Key = Guid.NewGuid(), Of = picture.Of, Said = picture.Caption ?? "", AtMs = picture.At.ToUnixTimeMilliseconds(), Jpeg = RecordedPicture.Bytes(picture.Image) ?? [], Small = [] }));
        AddReadings(brew, record);
        IReadOnlyList<string?> tasters;
        if (kept is not null)
        {
            tasters = ReadKept(brew, kept);
            brew.EndedAtMs = Ms(record.EndedAt);
        }
        else
        {
            tasters = ReadOpenFormat(brew, record);
            brew.EndedAtMs = Ms(record.EndedAt) ?? (brew.StartedAtMs + (long)(1000 * used.Figures(record.Brewed).Totals.FinishS));
        }

        brew.ComputeFacts(brew.PlannedJson is null ? plan : used.Run(brew.Recipe()));
        return new IncomingBrew(brew, record.Barista, tasters, kept is not null ? kept.Parent : ParentOf(record.Planned), kept?.Bag ?? "");
    }

    /// <summary>The figures of a brew by the model stored in its file; null where there is none, or where the file was changed.</summary>
    /// <param name="record">The file.</param>
    /// <param name="model">The published model.</param>
    public static BrewFigures? FiguresOf(BrewRecord record, ForecastModel model)
    {
        if (KeptBrew.Read(record) is not { } kept || record.Forecast?.Brewed.TryGetValue("finishS", out var finishS) is not true)
        {
            return null;
        }

        var used = kept.ModelJson is { } json && ModelUsed.Read(json) is { } was ? was.On(model) : model;
        return new BrewFigures(used.Figures(record.Planned).Totals, used.Figures(record.Brewed).ByClock(finishS, record.Measured.DrawdownS).Totals);
    }

    /// <summary>Whether two files hold the same brew, apart from forecasts.</summary>
    public static bool AreEqual(BrewRecord one, BrewRecord other) => BrewWriter.Write(one with { Forecast = null, Pictures = [] }) == BrewWriter.Write(other with { Forecast = null, Pictures = [] });

    /// <summary>Whether a record equals the file that a brew was imported with.</summary>
    /// <param name="record">The record.</param>
    /// <param name="fileJson">The file, as in <see cref="Brew.FileJson"/>.</param>
    public static bool IsUnchanged(BrewRecord record, string fileJson) => TextOf(record) == fileJson;

    /// <summary>A file without its readings, which have rows of their own.</summary>
    private static string TextOf(BrewRecord record) => BrewWriter.Write(record with { Readings = ImmutableDictionary<ReadingOf, ImmutableArray<WeightPoint>>.Empty, Kept = null });

    private static long? Ms(DateTimeOffset? moment) => moment?.ToUnixTimeMilliseconds();

    private static DateTimeOffset At(long ms) => DateTimeOffset.FromUnixTimeMilliseconds(ms);

    /// <summary>Adds what the format holds beyond the needs of fitting and advice.</summary>
    private static BrewRecord Opened(Brew brew, BrewRecord record, BrewReferences round, ForecastModel model)
    {
        var planned = record.Planned;
        return record with
        {
            Planned = round.Parent is { } parent ? planned with { Extra = WithParent(planned.Extra, parent, brew) } : planned,
            OpenedAt = At(brew.OpenedAtMs),
            EndedAt = brew.EndedAtMs is { } endedAtMs ? At(endedAtMs) : null,
            State = brew.State == BrewState.Abandoned ? BrewOutcome.Abandoned : BrewOutcome.Finished,
            Why = brew.State == BrewState.Abandoned ? brew.WhyAbandoned : null,
            Place = new PlaceUsed(brew.PlaceName) { AltitudeM = record.Brewed.Place.AltitudeM, AmbientC = record.Brewed.Place.AmbientC },
            Vessel = brew.VesselName,
            Coffee = record.Coffee with { From = round.Bag is { Origin.Length: > 0 } bag ? bag.Origin : null, Roast = record.Brewed.Coffee.Roast, RoastedOn = round.Bag?.RoastedOn, Decaffeinated = round.Bag?.Decaffeinated == true },
            Grinder = record.Grinder with { Setting = SettingOf(brew), MedianUm = record.Brewed.Grind.MedianUm, Spread = record.Brewed.Grind.Spread },
            Readings = BrewRecords.Readings(brew, _ => true),
            Events = [.. Events(brew)],
            Notes = [.. brew.Notes.OrderBy(note => note.Id).Select(note => new RecordedNote(At(note.AtMs), null, note.Text))],
            Forecast = new RecordedForecast(brew.ModelVersion, Figures(brew.Figures()), brew.State == BrewState.Finished ? Figures(ForecastFigures.Of(brew.FiguresOf(model).AsBrewed)) : Figures(new Dictionary<string, double?>(StringComparer.Ordinal))),
        };
    }

    private static ImmutableSortedDictionary<string, double> Figures(IReadOnlyDictionary<string, double?> figures) =>
        figures.Where(figure => figure.Value is not null).ToImmutableSortedDictionary(figure => figure.Key, figure => figure.Value!.Value, StringComparer.Ordinal);

    /// <summary>The grinder's setting: the text after the grinder's name.</summary>
    private static string? SettingOf(Brew brew) => brew.GrindText.StartsWith(brew.GrinderName + ", ", StringComparison.Ordinal) ? brew.GrindText[(brew.GrinderName.Length + 2)..] : null;

    private static ImmutableSortedDictionary<string, JsonElement> WithParent(ImmutableSortedDictionary<string, JsonElement> extra, Guid parent, Brew brew)
    {
        extra = extra.SetItem("parent", JsonSerializer.SerializeToElement(parent));
        return SeriesChange.Read(brew.ChangedJson) is { } change
            ? extra.SetItem("changed", JsonSerializer.SerializeToElement(new { setting = change.Setting, from = change.From, to = change.To, unit = change.Unit, why = brew.Why }))
            : extra;
    }

    /// <summary>The plan without the parent that was added to it.</summary>
    private static Recipe WithoutParent(Recipe planned) => planned with { Extra = planned.Extra.Remove("parent").Remove("changed") };

    private static Guid? ParentOf(Recipe planned) =>
        planned.Extra.TryGetValue("parent", out var parent) && parent.ValueKind == JsonValueKind.String && Guid.TryParse(parent.GetString(), out var id) ? id : null;

    private static IEnumerable<RecordedEvent> Events(Brew brew) =>
        from row in brew.Entries.OrderBy(row => row.AtMs).ThenBy(row => row.Id)
        where brew.StartedAtMs is not null && row.Kind is EntryKind.Done or EntryKind.Undo
        select new RecordedEvent(row.EntryId, Math.Round((row.AtMs - brew.StartedAtMs!.Value) / 1000.0, 3), row.Step, row.Kind == EntryKind.Undo ? RecordedEventKind.Undo : row.Seen ? RecordedEventKind.Seen : RecordedEventKind.Done, row.By.Length > 0 ? row.By : null);

    private static void AddReadings(Brew brew, BrewRecord record)
    {
        if (brew.StartedAtMs is not { } startedAtMs)
        {
            return;
        }

        foreach (var (of, points) in record.Readings.Where(pair => !pair.Value.IsEmpty))
        {
            var curve = new Curve(of, [.. points.Take(Curve.MaxPoints).Select(point => new CurvePoint(startedAtMs + (long)Math.Round(1000 * point.AtS), point.G))]);
            brew.Readings.Add(new ReadingChunk { Of = of, Packed = curve.Pack() });
        }
    }

    /// <summary>Adds what the imported file held and no row does.</summary>
    private static BrewRecord WithFileMembers(BrewRecord record, string fileJson)
    {
        if (BrewReader.Read(System.Text.Encoding.UTF8.GetBytes(fileJson)).Brews is not [var told])
        {
            return record;
        }

        var sips = record.Tasting?.Sips ?? [];
        return record with
        {
            Extra = told.Extra,
            BaristaExtra = told.BaristaExtra,
            VesselExtra = told.VesselExtra,
            Coffee = told.Coffee with { Name = record.Coffee.Name },
            Grinder = told.Grinder with { Name = record.Grinder.Name },
            Place = told.Place with { Name = record.Place.Name },
            Measured = told.Measured with { DoseG = record.Measured.DoseG, BeverageG = record.Measured.BeverageG, TdsPercent = record.Measured.TdsPercent, PressFelt = record.Measured.PressFelt },
            Tasting = record.Tasting is not { } tasting ? null : tasting with
            {
                Extra = told.Tasting?.Extra ?? tasting.Extra,
                Sips = [.. sips.Select(sip => told.Tasting?.Sips.FirstOrDefault(other => other with { Extra = sip.Extra } == sip) ?? sip)],
            },
            Events = told.Events,
            Forecast = told.Forecast ?? record.Forecast,
        };
    }

    private static List<string?> ReadKept(Brew brew, KeptBrew kept)
    {
        (brew.RecipeId, brew.Name, brew.ModelVersion, brew.ForecastJson, brew.ModelJson, brew.Sparkline) = (kept.RecipeId, kept.Name, kept.ModelVersion, kept.ForecastJson, kept.ModelJson, kept.Sparkline);
        (brew.GrindText, brew.VesselName, brew.Why, brew.ChangedJson, brew.StartsItself) = (kept.GrindText, kept.VesselName, kept.Why, kept.ChangedJson, kept.StartsItself);
        (brew.BrewedJson, brew.FileJson) = (kept.BrewedJson, kept.FileJson);
        if (kept.Plan is { } plan)
        {
            (brew.PlannedJson, brew.PlanJson) = (brew.PlanJson, plan);
        }

        brew.Entries.AddRange(kept.Entries.Select(entry => entry.Row()).OfType<EntryRow>());
        brew.Weighings.AddRange(kept.Weighed.Select(one => new Weighing { StepIndex = one.Step, TotalG = one.TotalG, Seen = one.Seen }).DistinctBy(one => one.StepIndex));
        brew.Observations.AddRange(kept.Observations.Select(one => new Observation { Name = one.Name, Value = one.Value, AtMs = one.AtMs, Seen = one.Seen }).DistinctBy(one => one.Name));
        brew.DeviationAnswers.AddRange(kept.Answers.Select(answer => answer.Row()).OfType<DeviationAnswer>());
        brew.Tastings.AddRange(kept.Tastings.Select(tasting => tasting.Row()));
        return [.. kept.Tastings.Select(tasting => tasting.Taster)];
    }

    /// <summary>Reads a brew of another program: what was done is as its file says, since there are no entries.</summary>
    private static List<string?> ReadOpenFormat(Brew brew, BrewRecord record)
    {
        brew.BrewedJson = brew.State == BrewState.Finished ? RecipeWriter.Write(record.Brewed) : null;
        brew.FileJson = TextOf(record);
        brew.GrindText = string.Join(", ", new[] { record.Grinder.Name, record.Grinder.Setting ?? string.Create(CultureInfo.InvariantCulture, $"{record.Brewed.Grind.MedianUm:0} µm") }.Where(text => text.Length > 0));
        brew.Why = record.Planned.Extra.TryGetValue("changed", out var changed) && changed.ValueKind == JsonValueKind.Object && changed.TryGetProperty("why", out var why) && why.ValueKind == JsonValueKind.String ? why.GetString()! : "";
        var atMs = brew.EndedAtMs ?? brew.StartedAtMs ?? brew.OpenedAtMs;
        var measured = record.Measured;
        foreach (var (name, value) in ((string, double?)[])
        [
            (ObservationNames.Dose, measured.DoseG), (ObservationNames.Beverage, measured.BeverageG), (ObservationNames.Drawdown, measured.DrawdownS), (ObservationNames.Press, measured.PressS),
            (ObservationNames.PressFelt, measured.PressFelt is { } felt ? (int)felt : null),
        ])
        {
            if (value is { } number)
            {
                brew.Observations.Add(new Observation { Name = name, Value = number, AtMs = atMs });
            }
        }

        if (record.Tasting is null && measured.TdsPercent is null)
        {
            return [];
        }

        var told = record.Tasting ?? new TastingRecord();
        var tasting = new Tasting
        {
            SourBitter = Whole(told.Mean(sip => sip.SourBitter)),
            ThinHeavy = Whole(told.Mean(sip => sip.ThinHeavy)),
            Score = told.Score,
            Note = told.Words ?? "",
            NotesFound = string.Join(", ", told.NotesFound),
            Complaints = string.Join(' ', told.Complaints.Select(Words<Complaint>.Of)),
            WentWrong = string.Join(' ', told.WentWrong.Where(word => Words<WentWrong>.Find(word) is not null)),
            Bed = told.Bed,
            ReadTdsPercent = measured.TdsPercent,
            AtMs = atMs,
        };
        tasting.Sips.AddRange(told.Sips.DistinctBy(sip => sip.When).Select(sip => new TastingSip { When = sip.When, SourBitter = Whole(sip.SourBitter), ThinHeavy = Whole(sip.ThinHeavy), Sweet = Whole(sip.Sweet), Clear = Whole(sip.Clear), Finish = Whole(sip.Finish), Dry = Whole(sip.Dry) }));
        brew.Tastings.Add(tasting);
        return [record.Barista];
    }

    private static int? Whole(double? value) => value is { } number ? (int)Math.Round(number, MidpointRounding.AwayFromZero) : null;
}

/// <summary>A brew from a file, and the names it refers to.</summary>
/// <param name="Brew">The brew.</param>
/// <param name="Barista">Who brewed it; empty where unknown.</param>
/// <param name="Tasters">Who tasted it, in the order of its tastings.</param>
/// <param name="Parent">The file id of the brew it was made from.</param>
/// <param name="Bag">The name of its bag; empty where it used none, or where the file is of another program.</param>
public sealed record IncomingBrew(Brew Brew, string Barista, IReadOnlyList<string?> Tasters, Guid? Parent, string Bag);
