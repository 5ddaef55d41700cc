namespace Cistern.Web.Pages.Plan;

/// <summary>
/// The plan page's form: turns what was typed, chosen or pressed into changes of the plan, and the results into texts and findings at
/// their fields. A field that was not touched changes nothing. The core makes the changes.
/// </summary>
public sealed class PlanForm
{
    private readonly SentForm sent;
    private readonly FigureFormat format;
    private readonly BatchFields batch;
    private readonly GrindField grind;

    private PlanForm(PlanState state, PlanContext context, FigureFormat format, FormValues values)
    {
        Editing = new PlanEditing(state, context);
        (this.format, sent) = (format, new SentForm(values));
        (batch, grind) = (new BatchFields(this, sent, format), new GrindField(this, sent));
        ReadCounting();
        ReadPicks();
        if (sent.Pressed == "as-written")
        {
            AsWritten();
        }

        ChangedOnShelf = [.. Work.ChangedOnShelf.Select(Moved)];
        if (sent.Pressed == "as-now")
        {
            Do(new PlanChange.AsOnShelf(), "as it is on the shelf now");
            ChangedOnShelf = [];
        }

        Kettle = ReadKettle();
        GrindSetting = grind.Read();
        SteepEnd = ReadSteepEnd();
        Meant = TargetFields.Read(this, sent);
        batch.Read();
        PlanActions.Do(this, values, format);
        if (Editing.BatchReleased)
        {
            Problems.Insert(0, "The quantities you set do not fit together here; the recipe's own dose and water are used again.");
        }

        Settle();
    }

    /// <summary>The plan as it is being changed.</summary>
    public PlanEditing Editing { get; }

    /// <summary>The plan in its current state, computed.</summary>
    public PlanWork Work => Editing.Work;

    /// <summary>The bag it uses, or null.</summary>
    public Bag? Bag => Editing.Bag;

    /// <summary>The grinder, or null.</summary>
    public Grinder? Grinder => Editing.Grinder;

    /// <summary>What a drink is counted as.</summary>
    public DrinkCounting Counting => Work.Plan.Counting;

    /// <summary>Coffee and water.</summary>
    public Batch Batch => Work.Batch;

    /// <summary>The two quantities that are held.</summary>
    public Locks Locks => Work.Plan.Locks;

    /// <summary>What is brewed.</summary>
    public Recipe Recipe => Editing.Recipe;

    /// <summary>Its forecast.</summary>
    public Forecast Forecast => Editing.Forecast;

    /// <summary>The kettle's field.</summary>
    public TypedNumber Kettle { get; private set; }

    /// <summary>The grinder's setting, or the grind in µm where no grinder is chosen.</summary>
    public TypedNumber GrindSetting { get; private set; }

    /// <summary>A note about the grind: the grinder cannot do what the recipe asks for.</summary>
    public string? GrindNote => grind.Note;

    /// <summary>What changed on the shelf since the plan used it, in a few words each.</summary>
    public IReadOnlyList<string> ChangedOnShelf { get; private set; }

    /// <summary>The end of the steep, on the brew clock; null where there is none.</summary>
    public TypedNumber? SteepEnd { get; private set; }

    /// <summary>The targets, one field each.</summary>
    public IReadOnlyList<Field> Meant { get; private set; }

    /// <summary>The targets in a line: "strength 1.36 to 1.50 % TDS; done at by 5:30"; empty where none is set.</summary>
    public string Target => string.Join("; ", Meant.Where(one => one is { Text.Length: > 0, Problem: null }).Select(one => $"{one.Label.Split(',')[0].ToLowerInvariant()} {one.Text} {one.Unit}".Trim()));

    /// <summary>The form of an edited step, where something in it is invalid.</summary>
    public StepForm? RefusedStep { get; set; }

    /// <summary>The answer to a solve or another press, where there is something to say.</summary>
    public string? Answer { get; set; }

    /// <summary>The button that accepts the nearest value, where a wanted one could not be reached.</summary>
    public (string Do, string Label)? Alternative { get; set; }

    /// <summary>Findings that belong to no single field.</summary>
    public List<string> Problems { get; } = [];

    /// <summary>The step that was inserted or moved, to be shown open.</summary>
    public int? Opens { get; set; }

    /// <summary>Whether the temperature is the flame's and not the kettle's.</summary>
    public bool ByFlame => Recipe.Brewer.Family == BrewerFamily.Siphon;

    /// <summary>Whether the grind can be set.</summary>
    public bool CanGrind => Editing.CanGrind;

    /// <summary>Whether everything typed is valid.</summary>
    public bool Good => !Editing.BatchReleased && Kettle.Problem is null && SteepEnd?.Problem is null && Meant.All(one => one.Problem is null) && GrindSetting.Problem is null && batch.Good && Problems.Count == 0 && RefusedStep is null;

    /// <summary>The grind in words: the grinder and its setting.</summary>
    public string GrindText => !CanGrind ? $"bought ground, about {FigureFormat.Number(Recipe.Grind.MedianUm, 0)} µm"
        : Grinder is null ? $"{FigureFormat.Number(Recipe.Grind.MedianUm, 0)} µm"
        : $"{Grinder.Name}, {GrindSetting.Text} {Grinder.SettingName}";

    /// <summary>The page that measures its grind in a picture, with the grinder and its setting filled in.</summary>
    public string MeasureGrindHref => Grinder is { } grinder ? FormattableString.Invariant($"/shelf/grind?of=mill-{grinder.Id}&setting={Uri.EscapeDataString(GrindSetting.Text)}") : "/shelf/grind";

    /// <summary>Applies a submitted form to a plan.</summary>
    /// <param name="state">The stored plan.</param>
    /// <param name="context">What it is computed with.</param>
    /// <param name="format">The barista's units.</param>
    /// <param name="values">The submitted form; empty for the plan as it is.</param>
    public static PlanForm Read(PlanState state, PlanContext context, FigureFormat format, FormValues values) => new(state, context, format, values);

    /// <summary>The picks that a form was shown with, as written by <see cref="Words(PlanPicks)"/>, without things that are not on the shelf.</summary>
    public static PlanPicks PicksOf(string shown, PlanShelf shelf)
    {
        var ids = shown.Split('.');
        int? Id(int place, PlanPick pick) => ids.Length == 3 && int.TryParse(ids[place], NumberStyles.None, CultureInfo.InvariantCulture, out var id) && shelf.Things(pick).Any(thing => thing.Id == id) ? id : null;
        return new PlanPicks { BagId = Id(0, PlanPick.Bag), GrinderId = Id(1, PlanPick.Grinder), VesselId = Id(2, PlanPick.Vessel) };
    }

    /// <summary>Bag, grinder and vessel as a hidden field holds them.</summary>
    public static string Words(PlanPicks picks) => string.Create(CultureInfo.InvariantCulture, $"{picks.BagId}.{picks.GrinderId}.{picks.VesselId}");

    /// <summary>How its steps are worded: without a scale in its spoon and at its vessel's marks, without a thermometer by its kettle.</summary>
    public FigureFormat StepFormat => format.With(format.Equipment with
    {
        Spoon = EquipmentSpoon.Of(Editing.Spoon) ?? format.Equipment.Spoon,
        MarksMl = Editing.Vessel?.MarksMl ?? [],
        Kettle = Editing.KettleUsed?.AsHeating(Recipe.Place).Cools ?? Core.Reckoning.Kettle.Usual,
    });

    /// <summary>The text in a quantity's field: what was typed where that is invalid, else the figure.</summary>
    public string TextOf(Quantity quantity) => batch.TextOf(quantity);

    /// <summary>What is wrong with a quantity, or null.</summary>
    public string? ProblemOf(Quantity quantity) => batch.ProblemOf(quantity);

    /// <summary>The values a setting can have: on the grinder's and the kettle's own steps.</summary>
    public Dial DialOf(Setting setting) => Work.DialOf(setting);

    /// <summary>A setting's value in the barista's terms: clicks of their grinder, their units.</summary>
    public string FormatValue(Setting setting, double value) => setting switch
    {
        Setting.DoseG => format.Dose(value),
        Setting.WaterG => format.Water(value),
        Setting.TemperatureC => format.Temperature(value),
        Setting.MedianUm when Grinder is not null => $"{GrinderWording.Setting(Grinder, Grinder.SettingFor(value))} ({FigureFormat.Number(value, 0)} µm)",
        Setting.MedianUm => $"{FigureFormat.Number(value, 0)} µm",
        Setting.SteepEndS => FigureFormat.Clock(value),
        Setting.Turns => $"{FigureFormat.Number(value, 0)} turns",
        _ => FigureFormat.Seconds(value),
    };

    /// <inheritdoc cref="PlanEditing.Do"/>
    public PlanApplied Do(PlanChange change, string? words)
    {
        var before = Recipe.Steps;
        var applied = Editing.Do(change, words);
        var moves = change is PlanChange.Release or PlanChange.Begin or PlanChange.End || (change is PlanChange.Edit edit && !edit.Members.ContainsKey("window") && !edit.Members.ContainsKey("startWindow"));
        if (moves && before.Length == Recipe.Steps.Length && !before.Select(step => (step.Window, step.StartWindow)).SequenceEqual(Recipe.Steps.Select(step => (step.Window, step.StartWindow))))
        {
            Note("its window went along");
        }

        return applied;
    }

    /// <inheritdoc cref="PlanEditing.Note"/>
    public void Note(string? words) => Editing.Note(words);

    private void ReadCounting()
    {
        var stands = Counting == DrinkCounting.WaterPoured ? "poured" : "cup";
        if (sent.Changed("counting", stands) is { } counting)
        {
            var poured = counting == "poured";
            Do(new PlanChange.Count(poured ? DrinkCounting.WaterPoured : DrinkCounting.InTheCup), poured ? "counted as water poured" : "counted in the cup");
        }
    }

    private void ReadPicks()
    {
        foreach (var (pick, name, none) in ((PlanPick, string, string)[])
        [
            (PlanPick.Bag, "bag", "the coffee as written"), (PlanPick.Grinder, "mill", "the grind in µm"), (PlanPick.Place, "place", "the place as written"),
            (PlanPick.Vessel, "vessel", "the brewer as written"), (PlanPick.Server, "server", "no server"), (PlanPick.Kettle, "heater", "no kettle"), (PlanPick.Spoon, "spoon", "no spoon"),
        ])
        {
            var stands = Work.Plan.Picks.Of(pick)?.ToString(CultureInfo.InvariantCulture) ?? "";
            if (sent.Changed(name, stands) is not { } chosen)
            {
                continue;
            }

            var id = int.TryParse(chosen, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : (int?)null;
            if (id is not null || chosen.Length == 0)
            {
                Do(new PlanChange.FromShelf(pick, id), id is null ? none : Editing.Shelf.Things(pick).FirstOrDefault(thing => thing.Id == id)?.Name);
            }
        }
    }

    /// <summary>Uses the recipe's own coffee, grind and vessel again.</summary>
    private void AsWritten()
    {
        // A batch that was scaled to a vessel is restored with the vessel.
        if (Editing.Vessel is { } vessel && !OwnGear.Holds(vessel.AsBrewer, Forecast.Model.Figures(Work.Plan.Origin)))
        {
            Do(new PlanChange.OwnBatch(), null);
        }

        foreach (var pick in new[] { PlanPick.Bag, PlanPick.Grinder, PlanPick.Vessel }.Where(pick => Work.Plan.Picks.Of(pick) is not null))
        {
            Do(new PlanChange.FromShelf(pick, null), null);
        }

        Note("coffee, grind and brewer as written");
    }

    private string Moved(PlanPick pick)
    {
        var name = Editing.Shelf.Things(pick).FirstOrDefault(thing => thing.Id == Work.Plan.Picks.Of(pick))?.Name ?? "";
        return pick == PlanPick.Grinder && Grinder is { } grinder && Work.Plan.Picks.GrinderSetting is { } setting
            ? $"{name} ({FigureFormat.Setting(setting)} is {FigureFormat.Number(grinder.MedianUm(setting), 0)} µm there, {FigureFormat.Number(Recipe.Grind.MedianUm, 0)} µm here)"
            : name;
    }

    private double MostC => ByFlame ? Math.Floor(WaterPhysics.BoilingPointC(Recipe.Place.AltitudeM)) - 2 : 100;

    private string KettleShown => format.TemperatureNumber(Math.Min(Settings.TemperatureC(Recipe), MostC));

    private TypedNumber ReadKettle()
    {
        var stands = KettleShown;
        var kettle = sent.Stepped("kettle", stands, new Span(format.Units.TemperatureFromC(ByFlame ? 60 : 2), format.Units.TemperatureFromC(MostC)), 1, format.TemperatureUnit, OffTheBoil);
        if (kettle.Value is { } temperature && kettle.Text != stands)
        {
            Do(new PlanChange.Heat(format.Units.TemperatureToC(temperature)), $"{(ByFlame ? "flame holds" : "kettle")} {kettle.Text} {format.TemperatureUnit}");
            var cold = !ByFlame && Settings.TemperatureC(Recipe) < WarmC;
            if (cold && Recipe.Steps.Any(step => step is Step.Preheat))
            {
                while (Recipe.Steps.ToList().FindIndex(step => step is Step.Preheat) is >= 0 and var warmed)
                {
                    Do(new PlanChange.Remove(warmed), "brewer not warmed");
                }

                Answer = "For cold water the brewer is not warmed: that step was removed.";
            }

            if (cold && Settings.Get(Forecast, Setting.SteepEndS) is < OfHoursS)
            {
                Answer = $"Cold water extracts in hours, not in minutes. {Answer}".TrimEnd();
                Alternative = (string.Create(CultureInfo.InvariantCulture, $"steep:{TypedNumber.OvernightS:R}"), $"Steep until {FigureFormat.Clock(TypedNumber.OvernightS)}");
            }
        }

        return ByFlame ? kettle : kettle.Naming("Words will do too: boiling, off the boil, 30 s off the boil, cold, from the fridge.");
    }

    /// <summary>Below this temperature a brew takes hours, °C. Judged.</summary>
    private const double WarmC = 40;

    private const double OfHoursS = 7_200;

    /// <summary>Reads words for cold water, °C; null for other text.</summary>
    private double? Cold(string said) => said switch
    {
        "ice water" or "iced water" => 2,
        "fridge" or "from the fridge" or "fridge cold" => 5,
        "cold" or "tap" or "cold tap" or "from the tap" or "tap water" => 15,
        "room" or "room temperature" or "as warm as the room" => Math.Round(Recipe.Place.AmbientC),
        _ => null,
    };

    /// <summary>Reads "off the boil" and "30 s off the boil" as a temperature here, with this kettle's lid open; other text is returned unchanged.</summary>
    private string OffTheBoil(string said)
    {
        const string Off = "off the boil";
        var plain = said.Trim().ToLowerInvariant();
        if (!ByFlame && Cold(plain) is { } coldC)
        {
            return format.TemperatureNumber(coldC);
        }

        if (ByFlame || !(plain.EndsWith(Off, StringComparison.Ordinal) || plain is "boiling" or "just boiled"))
        {
            return said;
        }

        var boilsC = WaterPhysics.BoilingPointC(Recipe.Place.AltitudeM);
        var after = plain.EndsWith(Off, StringComparison.Ordinal) ? plain[..^Off.Length].Trim() : "";
        var kettle = Editing.KettleUsed?.AsHeating(Recipe.Place).Cools ?? Core.Reckoning.Kettle.Usual;
        return after is "" or "just" ? format.TemperatureNumber(Math.Min(boilsC, MostC))
            : TypedNumber.ReadClock(after, 0, 3_600).Value is { } afterS ? format.TemperatureNumber(Math.Min(kettle.TemperatureC(afterS, Recipe.Place.AltitudeM, Recipe.Place.AmbientC), MostC))
            : said;
    }

    private TypedNumber? ReadSteepEnd()
    {
        if (Settings.Get(Forecast, Setting.SteepEndS) is not { } standsS)
        {
            return null;
        }

        var stands = FigureFormat.Clock(standsS);
        var steepEnd = TypedNumber.ReadClock(sent.Changed("release", stands) ?? stands, 1, Member.MaxBrewS);
        if (steepEnd.Value is { } value && sent.Pressing("release", 5) is not 0 and var by)
        {
            var steppedS = Math.Max(1, value + by);
            steepEnd = new TypedNumber(FigureFormat.Clock(steppedS), steppedS, null);
        }

        if (steepEnd.Value is not { } wantedS || steepEnd.Text == stands)
        {
            return steepEnd;
        }

        var applied = Do(new PlanChange.Release(wantedS), $"steep until {FigureFormat.Clock(wantedS)}");
        if (applied.Refusal != PlanRefusal.ReleaseTooEarly)
        {
            return steepEnd;
        }

        var problem = $"It cannot come before {FigureFormat.Clock(applied.Value!.Value)}: the steps before it take that long.";
        if (applied is { Step: { } index, LengthS: { } lengthS })
        {
            Answer = $"Steep until {FigureFormat.Clock(wantedS)}? {problem}";
            Alternative = (string.Create(CultureInfo.InvariantCulture, $"shorten:{wantedS:R}"), $"{StepWording.Of(Recipe, index, format).Verb} for {FigureFormat.Seconds(lengthS)}");
        }

        return steepEnd with { Value = null, Problem = problem };
    }

    /// <summary>Sets the final texts of the fields: what was typed where it is invalid, else the plan's own.</summary>
    private void Settle()
    {
        Kettle = Kettle.Problem is null ? Kettle with { Text = KettleShown } : Kettle;
        GrindSetting = GrindSetting.Problem is null ? new TypedNumber(grind.Shown, Grinder is null || !CanGrind ? Recipe.Grind.MedianUm : Work.Plan.Picks.GrinderSetting, null) : GrindSetting;
        if (SteepEnd is not { Problem: not null })
        {
            SteepEnd = Settings.Get(Forecast, Setting.SteepEndS) is { } atS ? new TypedNumber(FigureFormat.Clock(atS), atS, null) : null;
        }
    }
}
