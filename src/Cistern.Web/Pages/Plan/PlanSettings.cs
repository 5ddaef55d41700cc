using System.Globalization;
using Cistern.Core.Fitting;
using Cistern.Core.Forecasts;
using Cistern.Core.Physics;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Records;
using Cistern.Core.Reckoning;
using Cistern.Data.Plans;
using Cistern.Data.Shelf;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Values = System.Collections.Generic.IEnumerable<System.Collections.Generic.KeyValuePair<string, Microsoft.Extensions.Primitives.StringValues>>;

namespace Cistern.Web.Pages.Plan;

/// <summary>What a plan is worked out with.</summary>
/// <param name="Shelf">What the shelf offers.</param>
/// <param name="Format">The barista's units.</param>
/// <param name="Today">The day, where the server stands.</param>
/// <param name="Model">The model as published.</param>
/// <param name="Learned">What was learned from brews, where that is to be used.</param>
public sealed record PlanContext(PlanShelf Shelf, FigureFormat Format, DateOnly Today, ForecastModel Model, Learned Learned)
{
    /// <summary>With what a plan is brewed, as it is learned of.</summary>
    public FitKeys KeysOf(Core.Planning.Plan plan)
    {
        var gear = new PlanGear(Shelf, Today);
        var ground = plan.Picks.BagId is { } bagId && gear.Bag(bagId)?.Ground is not null;
        return new FitKeys(
            (ground ? null : Name(Shelf.Grinders, plan.Picks.GrinderId)) ?? FitKeys.NotChosen,
            RecordFitting.Vessel(Name(Shelf.Vessels, plan.Picks.VesselId) ?? "", plan.Base.Brewer),
            Name(Shelf.Bags, plan.Picks.BagId) ?? FitKeys.NotChosen,
            "");
    }

    /// <summary>The model a plan is forecast by: what was learned is in it, and how little is known of a grinder nobody has measured.</summary>
    public ForecastModel ModelOf(Core.Planning.Plan plan)
    {
        var keys = KeysOf(plan);
        var model = Learned.Model(Model, keys);
        return keys.Grinder != FitKeys.NotChosen && plan.Picks is { GrinderId: { } id, GrinderSetting: { } setting } && Shelf.Grinders.FirstOrDefault(grinder => grinder.Id == id)?.HalfWidthUm(setting) is { } half
            ? model with { Spread = model.Spread.WithGrinderOffBy(half / Confidence.Eighty) }
            : model;
    }

    private static string? Name(IEnumerable<IShelved> things, int? id) => id is { } number ? things.FirstOrDefault(thing => thing.Id == number)?.Name : null;
}

/// <summary>
/// The plan page's form: turns what was typed, chosen or pressed into changes of the plan, and what came of them into
/// texts and findings at their fields. A field that was left as it was shown changes nothing. The rules are the core's.
/// </summary>
public sealed class PlanSettings
{
    private readonly PlanState before;
    private readonly PlanContext context;
    private readonly Values values;
    private readonly FigureFormat format;
    private readonly Dictionary<Quantity, TypedNumber> typed = [];
    private readonly List<string> did = [];

    private PlanSettings(PlanState state, PlanContext context, Values values)
    {
        before = state;
        this.context = context;
        this.values = values;
        format = context.Format;
        Work = Worked(state.ToPlan(), new PlanGear(context.Shelf, context.Today));
        NoteLetGo(Work.LetGo);
        ReadCounting();
        ReadPicks();
        if (Pressed == "as-written")
        {
            AsWritten();
        }

        MovedOn = [.. Work.MovedOn.Select(Moved)];
        if (Pressed == "as-now")
        {
            Do(new PlanChange.AsOnShelf(), "as it stands on the shelf now");
            MovedOn = [];
        }

        Kettle = ReadKettle();
        GrindSetting = ReadGrind();
        Release = ReadSteepEnd();
        Meant = ReadMeant();
        ReadBatch();
        PlanActions.Do(this, values, format);
        Settle();
    }

    /// <summary>The plan as it now stands, worked out.</summary>
    public PlanWork Work { get; private set; }

    /// <summary>The bag it uses, or null.</summary>
    public Bag? Bag => Used(context.Shelf.Bags, PlanPick.Bag);

    /// <summary>The grinder, or null.</summary>
    public Grinder? Grinder => Used(context.Shelf.Grinders, PlanPick.Grinder);

    /// <summary>The place, or null.</summary>
    public BrewPlace? Place => Used(context.Shelf.Places, PlanPick.Place);

    /// <summary>The vessel of one's own, or null.</summary>
    public OwnedBrewer? Vessel => Used(context.Shelf.Vessels, PlanPick.Vessel);

    /// <summary>The server, or null.</summary>
    public Server? Server => Used(context.Shelf.Servers, PlanPick.Server);

    /// <summary>What there is to make ready with; an unknown grinder takes a second for a gram. Judged.</summary>
    public PreparationGear Gear => new(KettleUsed?.AsHeating(Recipe.Place), CanGrind ? Grinder?.SecondsPerG ?? 1 : 0);

    /// <summary>The kettle, or null.</summary>
    public OwnedKettle? KettleUsed => Used(context.Shelf.Kettles, PlanPick.Kettle);

    /// <summary>The spoon, or null.</summary>
    public Spoon? Spoon => Used(context.Shelf.Spoons, PlanPick.Spoon);

    /// <summary>What a drink is counted as.</summary>
    public DrinkCounting Counting => Work.Plan.Counting;

    /// <summary>Coffee and water.</summary>
    public Batch Batch => Work.Batch;

    /// <summary>The two quantities that are held.</summary>
    public Locks Locks => Work.Plan.Locks;

    /// <summary>What is brewed.</summary>
    public Recipe Recipe => Work.Recipe;

    /// <summary>What it will do.</summary>
    public Forecast Forecast => Work.Forecast;

    /// <summary>The kettle's field.</summary>
    public TypedNumber Kettle { get; private set; }

    /// <summary>The grinder's setting, or the grind in µm where no grinder is chosen.</summary>
    public TypedNumber GrindSetting { get; private set; }

    /// <summary>What has to be said about the grind: that the grinder cannot do what the recipe asks for.</summary>
    public string? GrindNote { get; private set; }

    /// <summary>What has been changed on the shelf since the plan was made with it, each in a few words.</summary>
    public IReadOnlyList<string> MovedOn { get; private set; }

    /// <summary>When the release begins, on the clock; null where there is none.</summary>
    public TypedNumber? Release { get; private set; }

    /// <summary>What it is meant to come to, a field each.</summary>
    public IReadOnlyList<Field> Meant { get; private set; }

    /// <summary>The target in a line: "strength 1.36 to 1.50 % TDS; done at by 5:30"; empty where none is set.</summary>
    public string Target => string.Join("; ", Meant.Where(one => one is { Text.Length: > 0, Problem: null }).Select(one => $"{one.Label.Split(',')[0].ToLowerInvariant()} {one.Text} {one.Unit}".Trim()));

    /// <summary>The form of the step that was edited, where something in it will not do.</summary>
    public StepForm? RefusedStep { get; set; }

    /// <summary>What came of a question asked backwards, or of another press, where it needs saying.</summary>
    public string? Answer { get; set; }

    /// <summary>The button that takes the nearest, where a question asked backwards was not reached.</summary>
    public (string Do, string Label)? Instead { get; set; }

    /// <summary>Findings that belong to no single field.</summary>
    public List<string> Problems { get; } = [];

    /// <summary>What has been changed, in a few words each.</summary>
    public IReadOnlyList<string> Did => did;

    /// <summary>The step that was put in or moved, to be shown open.</summary>
    public int? Opens { get; set; }

    /// <summary>Whether a flame sets the temperature, not the kettle.</summary>
    public bool ByFlame => Recipe.Brewer.Family == BrewerFamily.Siphon;

    /// <summary>Whether the grind can be set.</summary>
    public bool CanGrind => Bag is not { BoughtGround: true };

    /// <summary>Whether everything typed will do.</summary>
    public bool Good => Kettle.Problem is null && Release?.Problem is null && Meant.All(one => one.Problem is null) && GrindSetting.Problem is null && typed.Values.All(one => one.Problem is null) && Problems.Count == 0 && RefusedStep is null;

    /// <summary>How the grind is told: the grinder and its setting.</summary>
    public string GrindText => !CanGrind ? $"bought ground, about {FigureFormat.Number(Recipe.Grind.MedianUm, 0)} µm"
        : Grinder is null ? $"{FigureFormat.Number(Recipe.Grind.MedianUm, 0)} µm"
        : $"{Grinder.Name}, {GrindSetting.Text} {Grinder.SettingName}";

    /// <summary>The state that has come of it; as it was where nothing was changed. What was typed and will not do is not in it.</summary>
    public PlanState State => did.Count == 0 ? before : Picked;

    /// <summary>The state with everything it uses of the shelf in it, so that it stays what it is whatever becomes of the shelf.</summary>
    public PlanState Picked => before.With(Work.Plan);

    private string? Pressed => Sent("do");

    /// <summary>How many steps one press goes: ten with Shift.</summary>
    private int Times => Sent("times") == "10" ? 10 : 1;

    /// <summary>Works what was sent into a plan.</summary>
    public static PlanSettings Read(PlanState state, PlanContext context, Values values) => new(state, context, values);

    /// <summary>The shelf's place most like the one a recipe was written for: water boils as it does there.</summary>
    public static int? Nearest(Recipe written, PlanShelf shelf) =>
        shelf.Places.MinBy(place => Math.Abs(place.AltitudeM - written.Place.AltitudeM))?.Id;

    /// <summary>The picks that a form was shown with, in the words of <see cref="Words(PlanPicks)"/>; what is not on the shelf is left out.</summary>
    public static PlanPicks PicksOf(string shown, PlanShelf shelf)
    {
        var ids = shown.Split('.');
        int? Id(int place, PlanPick pick) => ids.Length == 3 && int.TryParse(ids[place], NumberStyles.None, CultureInfo.InvariantCulture, out var id) && shelf.Things(pick).Any(thing => thing.Id == id) ? id : null;
        return new PlanPicks { BagId = Id(0, PlanPick.Bag), GrinderId = Id(1, PlanPick.Grinder), VesselId = Id(2, PlanPick.Vessel) };
    }

    /// <summary>Bag, grinder and vessel as a hidden field carries them.</summary>
    public static string Words(PlanPicks picks) => string.Create(CultureInfo.InvariantCulture, $"{picks.BagId}.{picks.GrinderId}.{picks.VesselId}");

    /// <summary>How its steps are told: without a scale in its spoon and at its vessel's marks, without a thermometer by its kettle.</summary>
    public FigureFormat ToldIn => format.With(format.Hand with
    {
        Spoon = SpoonAtHand.Of(Spoon) ?? format.Hand.Spoon,
        MarksMl = Vessel?.MarksMl ?? [],
        Kettle = KettleUsed?.AsHeating(Recipe.Place).Cools ?? Core.Reckoning.Kettle.Usual,
    });

    /// <summary>The text that stands in a quantity's field: what was typed where that will not do, else the figure.</summary>
    public string TextOf(Quantity quantity) => typed.TryGetValue(quantity, out var one) && one.Problem is not null ? one.Text : Shown(quantity);

    /// <summary>What is wrong with a quantity, or null.</summary>
    public string? ProblemOf(Quantity quantity) => typed.GetValueOrDefault(quantity)?.Problem;

    /// <summary>What a setting can be set to: on the grinder's and the kettle's own steps.</summary>
    public Dial DialOf(Setting setting) => Work.DialOf(setting);

    /// <summary>A setting's value as the barista sets it: clicks on their grinder, their units.</summary>
    public string Told(Setting setting, double value) => setting switch
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

    private PlanWork Worked(Core.Planning.Plan plan, IGear gear) => new(plan, gear, context.ModelOf(plan));

    /// <summary>From how many brews something was learned of what it is brewed with; 0 where it is the published model's forecast.</summary>
    public int LearnedFrom => Work.Forecast.Model.Parameters == ModelParameters.Published ? 0 : context.Learned.BrewsFor(context.KeysOf(Work.Plan));

    /// <summary>Makes a change, and remembers what was done where it was.</summary>
    /// <param name="change">The change.</param>
    /// <param name="words">What was done, in a few words; null where that is told of what came of it.</param>
    public PlanApplied Do(PlanChange change, string? words)
    {
        var applied = Work.Apply(change);
        if (applied.Refusal is null)
        {
            Work = Worked(applied.Plan, Work.Gear);
            NoteLetGo(applied.LetGo || Work.LetGo);
            Note(words);
        }

        return applied;
    }

    /// <summary>Remembers what was done.</summary>
    public void Note(string? words)
    {
        if (words is { Length: > 0 })
        {
            did.Add(words);
        }
    }

    private static string SettingText(double setting) => setting.ToString("0.##", CultureInfo.InvariantCulture);

    private T? Used<T>(IReadOnlyList<T> things, PlanPick pick)
        where T : class, IShelved => Work.Plan.Picks.Of(pick) is { } id ? things.FirstOrDefault(thing => thing.Id == id) : null;

    private string? Sent(string name) => values.Value(name);

    /// <summary>What was typed; null where nothing was, or the field stands as it was shown.</summary>
    private string? Changed(string name, string stands) => Sent(name) is { } sent && sent != stands && sent != Sent("was." + name) ? sent : null;

    private void NoteLetGo(bool letGo)
    {
        if (letGo)
        {
            Problems.Add("What was held does not go together here; the recipe's own dose and water stand again.");
        }
    }

    private void ReadCounting()
    {
        var stands = Counting == DrinkCounting.WaterPoured ? "poured" : "cup";
        if (Changed("counting", stands) is { } counting)
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
            if (Changed(name, stands) is not { } sent)
            {
                continue;
            }

            var id = int.TryParse(sent, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : (int?)null;
            if (id is not null || sent.Length == 0)
            {
                Do(new PlanChange.Choose(pick, id), id is null ? none : context.Shelf.Things(pick).FirstOrDefault(thing => thing.Id == id)?.Name);
            }
        }
    }

    /// <summary>Gives the coffee, the grind and the vessel back for the recipe's own.</summary>
    private void AsWritten()
    {
        foreach (var pick in new[] { PlanPick.Bag, PlanPick.Grinder, PlanPick.Vessel }.Where(pick => Work.Plan.Picks.Of(pick) is not null))
        {
            Do(new PlanChange.Choose(pick, null), null);
        }

        Note("coffee, grind and brewer as written");
    }

    private string Moved(PlanPick pick)
    {
        var name = context.Shelf.Things(pick).FirstOrDefault(thing => thing.Id == Work.Plan.Picks.Of(pick))?.Name ?? "";
        return pick == PlanPick.Grinder && Grinder is { } grinder && Work.Plan.Picks.GrinderSetting is { } setting
            ? $"{name} ({SettingText(setting)} is {FigureFormat.Number(grinder.MedianUm(setting), 0)} µm there, {FigureFormat.Number(Recipe.Grind.MedianUm, 0)} µm here)"
            : name;
    }

    private double MostC => ByFlame ? Math.Floor(WaterPhysics.BoilingPointC(Recipe.Place.AltitudeM)) - 2 : 100;

    private string KettleShown => format.TemperatureNumber(Math.Min(Settings.TemperatureC(Recipe), MostC));

    private TypedNumber ReadKettle()
    {
        var stands = KettleShown;
        var kettle = Stepped("kettle", stands, format.Units.TemperatureFromC(60), format.Units.TemperatureFromC(MostC), 1, format.TemperatureUnit, OffTheBoil);
        if (kettle.Value is { } temperature && kettle.Text != stands)
        {
            Do(new PlanChange.Heat(format.Units.TemperatureToC(temperature)), $"{(ByFlame ? "flame holds" : "kettle")} {kettle.Text} {format.TemperatureUnit}");
        }

        return kettle;
    }

    /// <summary>"Off the boil" and "30 s off the boil" as a temperature here, with this kettle's lid open; what is neither comes back as it was.</summary>
    private string OffTheBoil(string said)
    {
        const string Off = "off the boil";
        var plain = said.Trim().ToLowerInvariant();
        if (ByFlame || !(plain.EndsWith(Off, StringComparison.Ordinal) || plain is "boiling" or "just boiled"))
        {
            return said;
        }

        var boilsC = WaterPhysics.BoilingPointC(Recipe.Place.AltitudeM);
        var after = plain.EndsWith(Off, StringComparison.Ordinal) ? plain[..^Off.Length].Trim() : "";
        var kettle = KettleUsed?.AsHeating(Recipe.Place).Cools ?? Core.Reckoning.Kettle.Usual;
        return after is "" or "just" ? format.TemperatureNumber(Math.Min(boilsC, MostC))
            : TypedNumber.ReadClock(after, 0, 3_600).Value is { } afterS ? format.TemperatureNumber(Math.Min(kettle.TemperatureC(afterS, Recipe.Place.AltitudeM, Recipe.Place.AmbientC), MostC))
            : said;
    }

    private string GrindShown => Grinder is null || !CanGrind ? FigureFormat.Number(Recipe.Grind.MedianUm, 0) : SettingText(Work.Plan.Picks.GrinderSetting ?? 0);

    private TypedNumber ReadGrind()
    {
        if (!CanGrind)
        {
            return new TypedNumber(GrindShown, Recipe.Grind.MedianUm, null);
        }

        if (Grinder is { Scale.Grinds: false } mute)
        {
            // One that an earlier version let on to the shelf.
            return new TypedNumber(SettingText(mute.Least), null, $"None of its settings can be computed: {FigureFormat.Number(mute.MedianUm(mute.Least), 0)} to {FigureFormat.Number(mute.MedianUm(mute.Most), 0)} µm. Put it right on the Shelf.");
        }

        var stands = GrindShown;
        var grind = Grinder is { } grinder
            ? Stepped("grind", stands, grinder.Scale.Usable.Low, grinder.Scale.Usable.High, grinder.Step, grinder.SettingName, said => Grain(said, um => SettingText(grinder.SettingFor(um))) ?? GrinderWording.Read(grinder, said, Recipe.Brewer.Family, Work.Plan.Picks.GrinderSetting ?? grinder.Least))
            : Stepped("grind", stands, 150, 1600, 20, "µm", said => Grain(said, um => FigureFormat.Number(um, 0)) ?? said);
        if (grind is { Value: null, Problem: { } problem } && problem.StartsWith("That is not a number.", StringComparison.Ordinal))
        {
            return grind with { Problem = $"{problem} A word will do too: {GrainWords.Examples}." };
        }

        // A word that it is called by already, or a number that stands, changes nothing.
        if (grind.Value is { } setting && grind.Text != stands && Math.Abs(setting - (Grinder is null ? Recipe.Grind.MedianUm : Work.Plan.Picks.GrinderSetting ?? double.NaN)) is not < 1e-9)
        {
            Do(new PlanChange.GrindTo(setting), Grinder is { } own ? $"{own.Name} {grind.Text} {own.SettingName}" : $"grind {grind.Text} µm");
        }

        return grind;
    }

    /// <summary>A word for grain size as a setting; says which micrometres were taken, and where the word is disputed. Null where it is none.</summary>
    private string? Grain(string said, Func<double, string> set)
    {
        // Micrometres are said with a grinder chosen, too.
        var plain = said.Trim();
        if (Micrometres.FirstOrDefault(unit => plain.EndsWith(unit, StringComparison.OrdinalIgnoreCase)) is { } micro && TypedNumber.Read(plain[..^micro.Length], 150, 1600, "µm").Value is { } um)
        {
            return set(um);
        }

        if (GrainWords.Find(said) is not { } word)
        {
            return null;
        }

        var standsUm = Recipe.Grind.MedianUm;
        if (standsUm >= word.LowUm && standsUm <= word.HighUm)
        {
            Answer = $"{FigureFormat.Number(standsUm, 0)} µm is called “{word.Word}” already ({FigureFormat.Number(word.LowUm, 0)} to {FigureFormat.Number(word.HighUm, 0)} µm): nothing was changed.";
            return set(standsUm);
        }

        Answer = $"“{word.Word}” is {FigureFormat.Number(word.LowUm, 0)} to {FigureFormat.Number(word.HighUm, 0)} µm; taken as {FigureFormat.Number(word.MiddleUm, 0)} µm.{(word.Dispute is { } dispute ? $" The word is disputed. {dispute}" : "")}";
        return set(word.MiddleUm);
    }

    // As they are said; adding a word is adding it here.
    private static readonly string[] Micrometres = ["µm", "um", "microns", "micron", "micrometres", "micrometers"];

    private TypedNumber? ReadSteepEnd()
    {
        if (Settings.Get(Forecast, Setting.SteepEndS) is not { } standsS)
        {
            return null;
        }

        var stands = FigureFormat.Clock(standsS);
        var steepEnd = TypedNumber.ReadClock(Changed("release", stands) ?? stands, 1, Member.LongestBrewS);
        if (steepEnd.Value is { } value && Pressed is "release+" or "release-")
        {
            var steppedS = Math.Max(1, steepEnd.Value!.Value + (Times * (Pressed[^1] == '+' ? 5 : -5)));
            steepEnd = new TypedNumber(FigureFormat.Clock(steppedS), steppedS, null);
        }

        if (steepEnd.Value is not { } wantedS || steepEnd.Text == stands)
        {
            return steepEnd;
        }

        var windows = Recipe.Steps.Select(step => step.Window).ToList();
        var applied = Do(new PlanChange.Release(wantedS), $"steep until {FigureFormat.Clock(wantedS)}");
        if (applied.Refusal != PlanRefusal.ReleaseTooEarly)
        {
            Note(windows.SequenceEqual(Recipe.Steps.Select(step => step.Window)) ? null : "its window went along");
            return steepEnd;
        }

        var problem = $"It cannot come before {FigureFormat.Clock(applied.Value!.Value)}: what goes before takes that long.";
        if (applied is { Step: { } index, LengthS: { } lengthS })
        {
            Answer = $"Steep until {FigureFormat.Clock(wantedS)}? {problem}";
            Instead = (string.Create(CultureInfo.InvariantCulture, $"shorten:{wantedS:R}"), $"{StepWording.Of(Recipe, index, format).Verb} for {FigureFormat.Seconds(lengthS)}");
        }

        return steepEnd with { Value = null, Problem = problem };
    }

    private List<Field> ReadMeant()
    {
        if (Pressed == "no-target")
        {
            Do(new PlanChange.NoTarget(), "no target any more");
        }
        else if (Pressed?.StartsWith("target:", StringComparison.Ordinal) == true && TargetWords.Find(Pressed["target:".Length..]) is { } asked)
        {
            Do(new PlanChange.MeanWord(asked), $"to be {Words<TargetWord>.Of(asked).Replace('-', ' ')}");
        }

        var target = Recipe.Target;
        return
        [
            One("meant-finish", "Done", "finishS", target?.FinishS, "by 5:30", null, FigureFormat.Clock, text => TypedNumber.ReadClock(text, 0, Member.LongestBrewS)),
            One("meant-tds", "Strength", "tdsPercent", target?.TdsPercent, "1.25 to 1.45, or stronger", "% TDS", value => SettingText(value), text => TypedNumber.Read(text, 0, Member.Named("tdsPercent").Max, "% TDS")),
            One("meant-yield", "Extraction", "extractionYieldPercent", target?.ExtractionYieldPercent, "18 to 22", "%", value => SettingText(value), text => TypedNumber.Read(text, 0, Member.Named("extractionYieldPercent").Max, "%")),
            One("meant-tilt", "Balance, sour below 0", "tilt", target?.FlavourBalance, "−0.3 to 0.4, or less bitter", null, value => FigureFormat.Signed(value, 2), text => TypedNumber.Read(text, Member.Named("tilt").Min, Member.Named("tilt").Max, "")),
        ];

        Field One(string name, string label, string member, Span? span, string hint, string? unit, Func<double, string> tell, Func<string, TypedNumber> read)
        {
            var stands = span is { } set ? Spoken(set) : "";
            var field = new Field(name, label, stands) { Hint = hint, Unit = unit };
            if (Changed(name, stands) is not { } text)
            {
                return field;
            }

            if (text.Trim().Length == 0)
            {
                Do(new PlanChange.Mean(member, null), $"{label.ToLowerInvariant()} meant for nothing");
                return field with { Text = "" };
            }

            if (TargetWords.Find(text) is { } word && TargetWords.Of(word, Forecast.Totals) is { Span: { } range } said && said.Member == member)
            {
                Do(new PlanChange.MeanWord(word), $"{label.ToLowerInvariant()} {Spoken(range)}");
                return field with { Text = Spoken(range) };
            }

            // "Done by 5:30" is at any time until then.
            var ends = member == "finishS" && By(text) is { } by ? ["0:00", by] : text.Split(" to ", 2, StringSplitOptions.TrimEntries);
            ends = ends.Length == 2 ? ends : text.Split('–', 2, StringSplitOptions.TrimEntries);
            if (ends.Length != 2)
            {
                return field with { Text = text, Problem = $"Give from and to, like {hint}." };
            }

            var (low, high) = (read(ends[0]), read(ends[1]));
            if (low.Value is not { } from || high.Value is not { } to || from > to)
            {
                return field with { Text = text, Problem = low.Problem ?? high.Problem ?? "The lesser stands first." };
            }

            var wanted = new Span(from, to);
            Do(new PlanChange.Mean(member, wanted), $"{label.ToLowerInvariant()} {Spoken(wanted)}");
            return field with { Text = Spoken(wanted) };

            string Spoken(Span set) => member == "finishS" && set.Low == 0 ? $"by {tell(set.High)}" : $"{tell(set.Low)} to {tell(set.High)}";
        }
    }

    /// <summary>The time in "by 5:30", "done by 5:30", "before 5:30"; null in any other text.</summary>
    private static string? By(string text) => text.Trim().ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries) switch
    {
        ["done", "by" or "before", var time] => time,
        ["by" or "before", var time] => time,
        _ => null,
    };

    private TypedNumber Stepped(string name, string stands, double min, double max, double step, string unit, Func<string, string>? meant = null)
    {
        var text = Changed(name, stands) ?? stands;
        var number = TypedNumber.Read(meant is null ? text : meant(text), min, max, unit);
        number = number.Problem is null ? number : number with { Text = text };
        return number.Value is { } value && (Pressed == name + "+" || Pressed == name + "-")
            ? TypedNumber.Read(SettingText(Math.Clamp(value + (Times * (Pressed[^1] == '+' ? step : -step)), min, max)), min, max, unit)
            : number;
    }

    private void ReadBatch()
    {
        if (Pressed == "fit")
        {
            Hold(new PlanChange.Fit(), Quantity.Dose, null, "scaled to fit");
            return;
        }

        if (Pressed?.Split(':') is ["fill", var level])
        {
            var mark = TypedNumber.Read(level, 10, 5_000, "ml").Value;
            Hold(new PlanChange.Fill(mark), Quantity.Dose, null, mark is { } ml ? $"filled to the {FigureFormat.Number(ml, 0)} mark" : "filled");
            return;
        }

        if (Pressed == "bag" && Bag is not null)
        {
            Hold(new PlanChange.WholeBag(), Quantity.Dose, null, "all that is left in the bag");
            return;
        }

        if (Pressed?.Split(':') is ["lock", var word] && Enum.TryParse<Quantity>(word, ignoreCase: true, out var locked) && Enum.IsDefined(locked))
        {
            Hold(new PlanChange.Hold(locked, Work.ValueOf(locked)), locked, null, $"{word.ToLowerInvariant()} stays");
            return;
        }

        if (Pressed?.Split(':') is ["dose", var dose, var beside] && Plain(dose) is { } grams and <= 1_000 && Plain(beside) is { } kept and > 1 and <= 100)
        {
            // The ratio stays with it, and the drink follows.
            Hold(new PlanChange.Hold(Quantity.Ratio, kept), Quantity.Ratio, null, null);
            Hold(new PlanChange.Hold(Quantity.Dose, grams), Quantity.Dose, null, $"dose {format.Dose(grams)}");
            return;
        }

        if (Pressed?.Split(':') is ["ratio", var again] && Plain(again) is { } ratio and > 1 and <= 100)
        {
            Hold(new PlanChange.Hold(Quantity.Ratio, ratio), Quantity.Ratio, null, $"ratio {FigureFormat.Ratio(ratio)}");
            return;
        }

        var stood = Batch;
        var saidG = Work.Plan.Held is null ? null : Locks.Holds(Quantity.Dose) ? stood.DoseG : (double?)null;
        foreach (var quantity in Enum.GetValues<Quantity>())
        {
            ReadQuantity(quantity);
            saidG = quantity == Quantity.Dose && typed.ContainsKey(quantity) ? Batch.DoseG : saidG;
        }

        if (!typed.ContainsKey(Quantity.Ratio) && typed.Count > 0)
        {
            SayRatio(stood.Ratio);
        }

        if (saidG is { } doseG && Answer is null)
        {
            SayDose(doseG);
        }
    }

    /// <summary>A number of a button's own words.</summary>
    private static double? Plain(string text) => double.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value) ? value : null;

    /// <summary>A dose that was said, with a ratio and a drink that were said after it, may not be able to be true: what it would give is said, with the way back.</summary>
    private void SayDose(double doseG)
    {
        const double Untrue = 0.05;
        if (!Good || Locks.Holds(Quantity.Dose) || Locks.Holds(Quantity.Water) || Math.Abs(Batch.DoseG - doseG) < Untrue * doseG)
        {
            return;
        }

        var ratio = Work.Plan.Held is { } held ? Locks.Last == Quantity.Ratio ? held.Last : held.Before : Batch.Ratio;
        if (AtRatio(doseG, ratio) is not { } given)
        {
            return;
        }

        Answer = $"{format.Dose(doseG)} at {FigureFormat.Ratio(ratio)} is {format.Water(given.Batch.WaterG)} of water and some {format.Drink(given.Forecast.Totals.FinalG)} of drink. For {Shown(Quantity.Drink)} {format.VolumeUnit} the dose is {format.Dose(Batch.DoseG)} now.";
        Instead = (string.Create(CultureInfo.InvariantCulture, $"dose:{doseG:R}:{ratio:R}"), $"Hold {format.Dose(doseG)} instead");
    }

    /// <summary>The plan with a dose and a ratio held; null where no batch is that.</summary>
    private PlanWork? AtRatio(double doseG, double ratio) =>
        Work.Apply(new PlanChange.Hold(Quantity.Ratio, ratio)) is { Refusal: null, Plan: var first }
        && Worked(first, Work.Gear).Apply(new PlanChange.Hold(Quantity.Dose, doseG)) is { Refusal: null, Plan: var second } ? Worked(second, Work.Gear) : null;

    /// <summary>A ratio that nobody typed may have gone where nobody wants it: that is said, with the way back.</summary>
    private void SayRatio(double stood)
    {
        // For drinking straight; what is let down or put on ice is brewed shorter, to 1:5.
        const double LeastStraight = 12;
        const double LeastShort = 5;
        const double Most = 18;
        var least = Recipe.Steps.Any(step => step is Step.Dilute or Step.Ice) ? LeastShort : LeastStraight;
        var was = stood >= least && stood <= Most;
        if (Good && was && (Batch.Ratio < least || Batch.Ratio > Most))
        {
            Answer = $"The ratio is {FigureFormat.Ratio(Batch.Ratio)} now, since {Locks.Before.ToString().ToLowerInvariant()} and {Locks.Last.ToString().ToLowerInvariant()} are held; {(least == LeastStraight ? "for drinking straight " : "")}1:{FigureFormat.Number(least, 0)} to 1:{FigureFormat.Number(Most, 0)} is usual.";
            Instead = (string.Create(CultureInfo.InvariantCulture, $"ratio:{stood:R}"), $"Hold {FigureFormat.Ratio(stood)} instead");
        }
    }

    private void ReadQuantity(Quantity quantity)
    {
        var name = quantity.ToString().ToLowerInvariant();
        var (min, max, unit, step) = Bounds(quantity);
        string? text;
        if (Pressed == name + "+" || Pressed == name + "-")
        {
            text = Format(quantity, FromShown(quantity, double.Parse(Shown(quantity), CultureInfo.InvariantCulture) + (Times * (Pressed[^1] == '+' ? step : -step))));
        }
        else if (Sent(name) is { } sent && sent != Sent("was." + name) && sent != Shown(quantity))
        {
            text = sent;
        }
        else
        {
            return;
        }

        var number = TypedNumber.Read(quantity == Quantity.Ratio ? Bare(text) : Measured(quantity, text), min, max, unit) with { Text = text };
        typed[quantity] = number;
        if (number.Value is { } value)
        {
            Hold(new PlanChange.Hold(quantity, FromShown(quantity, value)), quantity, number, null);
            if (number.Problem is null && typed[quantity].Problem is null)
            {
                did.Add($"{name} {(quantity == Quantity.Ratio ? "1:" : "")}{Shown(quantity)}{(unit.Length > 0 ? " " + unit : "")}");
            }
        }
    }

    private void Hold(PlanChange change, Quantity quantity, TypedNumber? number, string? words)
    {
        var kept = Work.Plan.Locks.Edited(quantity).Before.ToString().ToLowerInvariant();
        if (Do(change, words).Refusal == PlanRefusal.NoBatch)
        {
            typed[quantity] = (number ?? new TypedNumber(Shown(quantity), null, null)) with
            {
                Value = null,
                Problem = $"No dose and water give that with the {kept} that is held. Change the {kept}, or ask for less.",
            };
        }
    }

    /// <summary>A ratio may be typed 15, 1:15 or 67 g/L.</summary>
    private static string Bare(string text)
    {
        var plain = text.Trim().ToLowerInvariant();
        if (PerLitre.FirstOrDefault(words => plain.EndsWith(words, StringComparison.Ordinal)) is { } said)
        {
            var perLitre = TypedNumber.Read(plain[..^said.Length], 20, 500, "g/L");
            return perLitre.Value is { } gPerL ? (1000 / gPerL).ToString("R", CultureInfo.InvariantCulture) : plain;
        }

        return OneTo.FirstOrDefault(words => plain.StartsWith(words, StringComparison.Ordinal)) is { } one ? plain[one.Length..] : plain;
    }

    // As ratios are said; adding a word is adding it here.
    private static readonly string[] PerLitre = ["g/l", "g per litre", "g per liter", "grams per litre", "grams a litre"];
    private static readonly string[] OneTo = ["1:", "1/", "1 : ", "1 / ", "1 to ", "one to "];

    /// <summary>Water is said in ml and cups as well as by weight, a drink by weight as well as in ml.</summary>
    private string Measured(Quantity quantity, string text)
    {
        const string Cups = "cup";
        var plain = text.Trim().ToLowerInvariant();
        if (quantity == Quantity.Dose && SpokenAmounts.Spoons(text) is { } spoons)
        {
            return InOwn(format.Coffee.Units, ToldIn.Hand.SpoonsG(spoons.Count, spoons.Heaped));
        }

        if (quantity == Quantity.Water && SpokenAmounts.MarkMl(text) is { } markMl)
        {
            return InOwn(format.Units, Math.Round(AtHand.WaterToG(markMl, Batch.DoseG)));
        }

        if (quantity is not (Quantity.Water or Quantity.Drink))
        {
            return text;
        }

        var (mass, gPerMl) = (quantity == Quantity.Water, quantity == Quantity.Water ? 1 : DrinkGPerMl);
        if (plain.EndsWith(Cups, StringComparison.Ordinal) || plain.EndsWith(Cups + "s", StringComparison.Ordinal))
        {
            var cups = TypedNumber.Read(plain[..plain.LastIndexOf(Cups, StringComparison.Ordinal)], 0.1, 100, "cups").Value;
            return cups is { } count ? InField(count * format.Units.CupMl * gPerMl) : text;
        }

        // Said in what the field is not: ml of water, grams of drink. An ounce of drink is a fluid one.
        var other = SpokenUnits.In(text, mass ? "ml" : "g");
        return other == text || SpokenUnits.In(text, mass ? "g" : "ml") != text || (!mass && plain.Contains("oz", StringComparison.Ordinal)) || TypedNumber.Read(other, 0, 1e5, "").Value is not { } value
            ? !mass && plain.EndsWith("oz", StringComparison.Ordinal) && !plain.Contains("fl", StringComparison.Ordinal) ? plain.Replace("oz", "fl oz", StringComparison.Ordinal) : text
            : InField(mass ? value * gPerMl : value);

        static string InOwn(Units units, double g) => units.MassFromG(g).ToString("0.####", CultureInfo.InvariantCulture);

        string InField(double g) => (mass ? format.Units.MassFromG(g) : format.Units.VolumeFromMl(g / gPerMl)).ToString("0.####", CultureInfo.InvariantCulture);
    }

    /// <summary>What stands in the fields in the end: what was typed where it will not do, else the plan's own.</summary>
    private void Settle()
    {
        Kettle = Kettle.Problem is null ? Kettle with { Text = KettleShown } : Kettle;
        GrindSetting = GrindSetting.Problem is null ? new TypedNumber(GrindShown, Grinder is null || !CanGrind ? Recipe.Grind.MedianUm : Work.Plan.Picks.GrinderSetting, null) : GrindSetting;
        if (Release is not { Problem: not null })
        {
            Release = Settings.Get(Forecast, Setting.SteepEndS) is { } atS ? new TypedNumber(FigureFormat.Clock(atS), atS, null) : null;
        }

        // At either end of its scale the grinder may fall short of what was asked for.
        var picks = Work.Plan.Picks;
        if (Grinder is { } grinder && CanGrind && picks is { AskedUm: { } asked, GrinderSetting: { } setting } && (setting <= grinder.Least || setting >= grinder.Most)
            && Math.Abs(grinder.MedianUm(setting) - asked) > (0.5 * Math.Abs(grinder.UmPerSetting) * grinder.Step) + 1)
        {
            GrindNote = $"{grinder.Name} goes from {FigureFormat.Number(grinder.MedianUm(grinder.Least), 0)} to {FigureFormat.Number(grinder.MedianUm(grinder.Most), 0)} µm, and {FigureFormat.Number(asked, 0)} µm were asked for. It stands at the nearest it has: take another grinder, or let time or temperature make up for it.";
        }
    }

    private (double Min, double Max, string Unit, double Step) Bounds(Quantity quantity) => quantity switch
    {
        Quantity.Dose => (format.Coffee.Units.MassFromG(1), format.Coffee.Units.MassFromG(400), format.Coffee.MassUnit, format.Units.Dose == MassUnit.Gram ? 1 : 0.05),
        Quantity.Water => (format.Units.MassFromG(20), format.Units.MassFromG(Member.MostWaterG), format.MassUnit, format.Units.Mass == MassUnit.Gram ? 10 : 0.5),
        Quantity.Ratio => (3, 30, "", 0.5),
        _ => (format.Units.VolumeFromMl(15), format.Units.VolumeFromMl(5_000), format.VolumeUnit, format.Units.Volume == VolumeUnit.Millilitre ? 10 : 0.5),
    };

    /// <summary>What is typed stands: a scale that shows tenths of a gram cannot meet a drink to the gram.</summary>
    private string Shown(Quantity quantity)
    {
        const double NearG = 1.5;
        var value = Work.ValueOf(quantity);
        var held = quantity != Quantity.Drink || Work.Plan.Held is not { } both ? null : Locks.Last == Quantity.Drink ? both.Last : Locks.Before == Quantity.Drink ? both.Before : (double?)null;
        return Format(quantity, held is { } asked && Math.Abs(asked - value) <= NearG ? asked : value);
    }

    /// <summary>Grams in a millilitre of the drink as it is counted: water is poured by weight, 1 g for each ml; a drink is hot.</summary>
    private double DrinkGPerMl => Counting == DrinkCounting.WaterPoured ? 1 : WaterPhysics.DensityGPerMl(60);

    private string Format(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose => format.DoseNumber(value),
        Quantity.Water => format.MassNumber(value, fine: value % 1 != 0),
        Quantity.Ratio => FigureFormat.Number(value, 1),
        _ => format.VolumeNumber(value / DrinkGPerMl),
    };

    private double FromShown(Quantity quantity, double value) => quantity switch
    {
        Quantity.Dose => format.Coffee.Units.MassToG(value),
        Quantity.Water => format.Units.MassToG(value),
        Quantity.Ratio => value,
        _ => format.Units.VolumeToMl(value) * DrinkGPerMl,
    };
}
