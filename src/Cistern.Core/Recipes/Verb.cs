using System.Collections.Frozen;

namespace Cistern.Core.Recipes;

/// <summary>
/// A verb of the recipe file: its word, its members, the brewers that can do it, its traits, and how it is read and written. This is
/// the only table of steps: reader, writer, schema, forms, conducting and drawing use it.
/// </summary>
public sealed class Verb
{
    private static readonly BrewerFamily[] Drippers = [BrewerFamily.ValveDripper, BrewerFamily.LeverDripper];
    private static readonly BrewerFamily[] Tube = [BrewerFamily.TubePress];
    private static readonly BrewerFamily[] Siphon = [BrewerFamily.Siphon];
    private static readonly BrewerFamily[] Pressed = [BrewerFamily.FrenchPress, BrewerFamily.TubePress];
    private static readonly BrewerFamily[] PouredOff = [BrewerFamily.FrenchPress, BrewerFamily.Jar];
    private static readonly BrewerFamily[] ThroughFilter = [BrewerFamily.ValveDripper, BrewerFamily.LeverDripper, BrewerFamily.Siphon];
    // Setting a valve dripper on the server opens its valve, which starts the drawdown.
    private static readonly BrewerFamily[] OnServer = [BrewerFamily.TubePress, BrewerFamily.LeverDripper];
    private static readonly BrewerFamily[] Filtered = [BrewerFamily.TubePress, BrewerFamily.ValveDripper, BrewerFamily.LeverDripper, BrewerFamily.Siphon, BrewerFamily.FrenchPress];

    private static readonly StepTraits Ready = new(StepEnding.Hands) { MakesReady = true, Hands = false, Takes = TimeTaken.AtMost };
    private static readonly StepTraits ByHand = new(StepEnding.Hands) { Takes = TimeTaken.AtMost };
    private static readonly StepTraits Dry = ByHand with { Needs = StepNeeds.DryCoffee };
    private static readonly StepTraits OnTheScale = ByHand with { Instruments = Instruments.Scale };
    private static readonly StepTraits InTheCup = ByHand with { Needs = StepNeeds.Drink };
    private static readonly StepTraits Served = InTheCup with { Hands = false };

    private readonly Func<ObjectReader, Step> read;
    private readonly Action<StepWriter, Step> write;

    private Verb(string word, Type type, string[] takes, string[] requires, BrewerFamily[]? families, StepTraits traits, Func<ObjectReader, Step> read, Action<StepWriter, Step> write)
    {
        Traits = traits;
        this.write = write;
        Word = word;
        Type = type;
        Takes = takes;
        Requires = requires;
        Families = families ?? Enum.GetValues<BrewerFamily>();
        this.read = read;
    }

    /// <summary>The value of the step's <c>do</c>.</summary>
    public string Word { get; }

    /// <summary>The step's record.</summary>
    public Type Type { get; }

    /// <summary>The members it may have in addition to <c>at</c>, <c>window</c> and <c>note</c>.</summary>
    public IReadOnlyList<string> Takes { get; }

    /// <summary>Those of them it must have.</summary>
    public IReadOnlyList<string> Requires { get; }

    /// <summary>What is true of every step of it.</summary>
    public StepTraits Traits { get; }

    /// <summary>The brewer families that can do it.</summary>
    public IReadOnlyList<BrewerFamily> Families { get; }

    /// <summary>Every verb.</summary>
    public static IReadOnlyList<Verb> All { get; } =
    [
        Of<Step.HeatWater>("heat-water", ["toC"], Ready with { Instruments = Instruments.Kettle }, r => new Step.HeatWater(r.Number("toC")), (w, step) => w.Maybe("toC", step.ToC)),
        Of<Step.RinseFilter>("rinse-filter", ["hot"], Ready, r => new Step.RinseFilter(r.Flag("hot", true)), (w, step) => w.Unless("hot", step.Hot, otherwise: true), Filtered),
        Of<Step.Preheat>("preheat", Ready),
        Of<Step.Weigh>("weigh", Ready with { Instruments = Instruments.Scale }),
        Of<Step.GrindCoffee>("grind", Ready),
        Of<Step.Tare>("tare", OnTheScale),
        Of<Step.AddCoffee>("add-coffee", OnTheScale),
        Of<Step.Pour>("pour", ["toG", "overS", "height", "path", "stirring", "temperatureC"], OnTheScale with { BringsWater = true, Weighed = true, Takes = TimeTaken.Stretched, Instruments = Instruments.Scale | Instruments.Kettle },
            r => new Step.Pour(r.Required("toG"))
            {
                OverS = r.Or("overS", 15),
                Height = r.Word<PourHeight>("height") ?? PourHeight.Normal,
                Path = r.Word<PourPath>("path"),
                StirsIn = r.Flag("stirring", false),
                TemperatureC = r.Number("temperatureC"),
            },
            (w, step) =>
            {
                w.Number("toG", step.ToG);
                w.Unless("height", step.Height, PourHeight.Normal);
                w.Maybe("path", step.Path);
                w.Unless("stirring", step.StirsIn, otherwise: false);
                w.Maybe("temperatureC", step.TemperatureC);
            }, requires: ["toG"]),
        Of<Step.LevelBed>("level-bed", Dry),
        Of<Step.MakeWell>("make-well", Dry),
        Of<Step.Stir>("stir", ["turns", "overS", "continuous", "tool", "path"], ByHand,
            r => new Step.Stir
            {
                Turns = r.Whole("turns", 3),
                OverS = r.Or("overS", 3),
                Continuous = r.Flag("continuous", false),
                Tool = r.Text("tool"),
                Path = r.Text("path", "stir.path"),
            },
            (w, step) =>
            {
                w.Number("turns", step.Turns);
                w.Unless("continuous", step.Continuous, otherwise: false);
                w.Maybe("tool", step.Tool);
                w.Maybe("path", step.Path);
            }),
        Of<Step.Swirl>("swirl", ["turns", "overS"], ByHand, r => new Step.Swirl { Turns = r.Whole("turns", 2), OverS = r.Or("overS", 3) }, (w, step) => w.Number("turns", step.Turns)),
        Of<Step.TapRaft>("tap-raft", ["turns", "overS"], ByHand, r => new Step.TapRaft { Turns = r.Whole("turns", 2), OverS = r.Or("overS", 3) }, (w, step) => w.Number("turns", step.Turns)),
        Of<Step.BreakCrust>("break-crust", ["turns", "overS"], ByHand, r => new Step.BreakCrust { Turns = r.Whole("turns", 3), OverS = r.Or("overS", 3) }, (w, step) => w.Number("turns", step.Turns)),
        Of<Step.Skim>("skim", ["overS"], OnTheScale, r => new Step.Skim { OverS = r.Or("overS", 10) }),
        Of<Step.Lid>("lid", ["on"], OnTheScale, r => new Step.Lid(r.Flag("on", true)), (w, step) => w.Unless("on", step.On, otherwise: true)),
        Of<Step.SeatPlunger>("seat-plunger", ["drawBack", "under", "toMl"], OnTheScale, r => new Step.SeatPlunger(r.Flag("drawBack", false)) { Under = r.Flag("under", false), ToMl = r.Number("toMl") },
            (w, step) =>
            {
                w.Unless("drawBack", step.DrawBack, otherwise: false);
                w.Unless("under", step.Under, otherwise: false);
                w.Maybe("toMl", step.ToMl);
            }, Pressed),
        Of<Step.LiftPlunger>("lift-plunger", OnTheScale, Pressed),
        Of<Step.Smell>("smell", ByHand),
        Of<Step.PurgeAir>("purge-air", ["overS"], ByHand, r => new Step.PurgeAir { OverS = r.Or("overS", 0) }, families: Tube),
        Of<Step.Flip>("flip", ["overS"], ByHand with { Parts = true }, r => new Step.Flip { OverS = r.Or("overS", 4) }, families: Tube),
        Of<Step.OffScale>("off-scale", ByHand),
        Of<Step.SetOnServer>("set-on-server", ByHand, OnServer),
        Of<Step.LightBurner>("light-burner", ["flameW"], ByHand with { Instruments = Instruments.Burner }, r => new Step.LightBurner(r.Number("flameW")), (w, step) => w.Maybe("flameW", step.FlameW), Siphon),
        Of<Step.SeatChamber>("seat-chamber", ["waterG", "holdC"], ByHand with { BringsWater = true }, r => new Step.SeatChamber(r.Required("waterG")) { HoldC = r.Number("holdC") },
            (w, step) =>
            {
                w.Number("waterG", step.WaterG);
                w.Maybe("holdC", step.HoldC);
            }, Siphon, ["waterG"]),
        Of<Step.RemoveBurner>("remove-burner", ByHand with { Parts = true, Instruments = Instruments.Burner }, Siphon),
        Of<Step.OpenValve>("open-valve", OnTheScale with { Parts = true }, Drippers),
        Of<Step.CloseValve>("close-valve", OnTheScale, Drippers),
        Of<Step.Wait>("wait", ["forS"], new(StepEnding.Clock) { Hands = false, Takes = TimeTaken.AsLong, WindowOf = WindowOf.Length }, r => new Step.Wait(r.Required("forS")), (w, step) => w.Number("forS", step.ForS), requires: ["forS"]),
        Of<Step.WaitFor>("wait-for", ["event", "expectS"], new(StepEnding.Sight) { Hands = false, Takes = TimeTaken.AsLong }, r => new Step.WaitFor(r.RequiredWord<WaitEvent>("event")) { ExpectS = r.Or("expectS", 0) },
            (w, step) =>
            {
                w.Word("event", step.Event);
                w.Number("expectS", step.ExpectS);
            }, requires: ["event"]),
        Of<Step.Press>("press", ["overS"], new(StepEnding.Sight) { Parts = true, Takes = TimeTaken.Stretched, Needs = StepNeeds.WaterAndCoffee, WindowOf = WindowOf.Length, TwoWindows = true, Instruments = Instruments.Scale }, r => new Step.Press { OverS = r.Or("overS", 25) }, families: Tube),
        Of<Step.Plunge>("plunge", ["overS", "depth"], ByHand with { Parts = true, Takes = TimeTaken.Stretched, Needs = StepNeeds.WaterAndCoffee }, r => new Step.Plunge(r.Word<PlungeDepth>("depth") ?? PlungeDepth.Bottom) { OverS = r.Or("overS", 20) },
            (w, step) => w.Unless("depth", step.Depth, PlungeDepth.Bottom), [BrewerFamily.FrenchPress]),
        Of<Step.Drain>("drain", ["untilG"], new(StepEnding.Sight) { Hands = false, Parts = true, Takes = TimeTaken.Outcome, Needs = StepNeeds.WaterAndCoffee, WindowOf = WindowOf.Length, TwoWindows = true, Instruments = Instruments.Scale }, r => new Step.Drain(r.Number("untilG")),
            (w, step) => w.Maybe("untilG", step.UntilG), ThroughFilter),
        Of<Step.Decant>("decant", ["overS", "leaveG", "heldBack"], OnTheScale with { Parts = true, Takes = TimeTaken.Stretched, Needs = StepNeeds.WaterAndCoffee }, r => new Step.Decant(r.Number("leaveG")) { OverS = r.Or("overS", 10), HeldBack = r.Flag("heldBack", false) },
            (w, step) =>
            {
                w.Maybe("leaveG", step.LeaveG);
                w.Unless("heldBack", step.HeldBack, otherwise: false);
            }, PouredOff),
        Of<Step.Strain>("strain", ["overS"], InTheCup, r => new Step.Strain { OverS = r.Or("overS", 10) }),
        Of<Step.Share>("share", ["cups"], InTheCup, r => new Step.Share(r.Whole("cups", 2)), (w, step) => w.Number("cups", step.Cups), requires: ["cups"]),
        Of<Step.SwapCup>("swap-cup", ["keep"], OnTheScale, r => new Step.SwapCup(r.Flag("keep", true)), (w, step) => w.Unless("keep", step.Keep, otherwise: true)),
        Of<Step.StopDrip>("stop-drip", ByHand, Tube),
        Of<Step.Clear>("clear", Served with { Needs = StepNeeds.Nothing }),
        Of<Step.Dilute>("dilute", ["waterG", "temperatureC"], OnTheScale with { Needs = StepNeeds.Drink }, r => new Step.Dilute(r.Required("waterG"), r.Number("temperatureC")),
            (w, step) =>
            {
                w.Number("waterG", step.WaterG);
                w.Maybe("temperatureC", step.TemperatureC);
            }, requires: ["waterG"]),
        Of<Step.Ice>("ice", ["iceG", "iceC", "where", "untilC", "met"], OnTheScale,
            r => new Step.Ice(r.Required("iceG"))
            {
                IceC = r.Or("iceC", -6),
                Where = r.Word<IcePlace>("where") ?? IcePlace.Server,
                UntilC = r.Number("untilC"),
                Met = r.Or("met", 1),
            },
            (w, step) =>
            {
                w.Number("iceG", step.IceG);
                w.Number("iceC", step.IceC);
                w.Word("where", step.Where);
                w.Maybe("untilC", step.UntilC);
                w.Maybe("met", step.Met < 1 ? step.Met : null);
            }, requires: ["iceG"]),
        Of<Step.StirCup>("stir-cup", InTheCup),
        Of<Step.Taste>("taste", Served),
        Of<Step.Serve>("serve", Served),
    ];

    private static readonly FrozenDictionary<string, Verb> ByWord = All.ToFrozenDictionary(verb => verb.Word, StringComparer.Ordinal);
    private static readonly FrozenDictionary<Type, Verb> ByType = All.ToFrozenDictionary(verb => verb.Type);

    /// <summary>The verb of a step.</summary>
    public static Verb Of(Step step) => ByType[step.GetType()];

    /// <summary>What is true of a step.</summary>
    public static StepTraits TraitsOf(Step step) => Of(step).Traits;

    /// <summary>The verb for a word of the file, or null.</summary>
    public static Verb? Find(string word) => ByWord.GetValueOrDefault(word);

    internal Step Read(ObjectReader reader) => read(reader);

    /// <summary>Writes the members of a step, except its length.</summary>
    internal void Write(StepWriter writer, Step step) => write(writer, step);

    /// <summary>A verb that takes nothing.</summary>
    private static Verb Of<T>(string word, StepTraits traits, BrewerFamily[]? families = null)
        where T : Step, new() => Of<T>(word, [], traits, _ => new T(), null, families);

    private static Verb Of<T>(string word, string[] takes, StepTraits traits, Func<ObjectReader, T> read, Action<StepWriter, T>? write = null, BrewerFamily[]? families = null, string[]? requires = null)
        where T : Step => new(word, typeof(T), takes, requires ?? [], families, traits, read, (writer, step) => write?.Invoke(writer, (T)step));
}
