using System.Collections.Frozen;

namespace Cistern.Core.Recipes;

/// <summary>One verb of the recipe file: its word, what it takes, where it can be done, and how it is read.</summary>
public sealed class Verb
{
    private static readonly VesselFamily[] Drippers = [VesselFamily.ValveDripper, VesselFamily.LeverDripper];
    private static readonly VesselFamily[] Tube = [VesselFamily.TubePress];
    private static readonly VesselFamily[] Siphon = [VesselFamily.Siphon];
    private static readonly VesselFamily[] Pressed = [VesselFamily.FrenchPress, VesselFamily.TubePress];
    private static readonly VesselFamily[] PouredOff = [VesselFamily.FrenchPress, VesselFamily.Jar];
    private static readonly VesselFamily[] ThroughFilter = [VesselFamily.ValveDripper, VesselFamily.LeverDripper, VesselFamily.Siphon];
    private static readonly VesselFamily[] Filtered = [VesselFamily.TubePress, VesselFamily.ValveDripper, VesselFamily.LeverDripper, VesselFamily.Siphon, VesselFamily.FrenchPress];

    private readonly Func<ObjectReader, Step> read;

    private Verb(string word, Type type, string[] takes, string[] requires, VesselFamily[]? families, Func<ObjectReader, Step> read)
    {
        Word = word;
        Type = type;
        Takes = takes;
        Requires = requires;
        Families = families ?? Enum.GetValues<VesselFamily>();
        this.read = read;
    }

    /// <summary>The value of the step's <c>do</c>.</summary>
    public string Word { get; }

    /// <summary>The step's record.</summary>
    public Type Type { get; }

    /// <summary>The members it may have besides <c>at</c>, <c>window</c> and <c>note</c>.</summary>
    public IReadOnlyList<string> Takes { get; }

    /// <summary>Those of them it must have.</summary>
    public IReadOnlyList<string> Requires { get; }

    /// <summary>The families of vessel that can do it.</summary>
    public IReadOnlyList<VesselFamily> Families { get; }

    /// <summary>Every verb.</summary>
    public static IReadOnlyList<Verb> All { get; } =
    [
        Of<Step.HeatWater>("heat-water", ["toC"], r => new Step.HeatWater(r.Number("toC"))),
        Of<Step.RinseFilter>("rinse-filter", ["hot"], r => new Step.RinseFilter(r.Flag("hot", true)), Filtered),
        Of<Step.Preheat>("preheat", [], _ => new Step.Preheat()),
        Of<Step.Weigh>("weigh", [], _ => new Step.Weigh()),
        Of<Step.GrindCoffee>("grind", [], _ => new Step.GrindCoffee()),
        Of<Step.Tare>("tare", [], _ => new Step.Tare()),
        Of<Step.AddCoffee>("add-coffee", [], _ => new Step.AddCoffee()),
        new("pour", typeof(Step.Pour), ["toG", "overS", "height", "path", "stirring", "temperatureC"], ["toG"],
            Enum.GetValues<VesselFamily>(), r => new Step.Pour(r.Required("toG"))
            {
                OverS = r.Or("overS", 15),
                Height = r.Word<PourHeight>("height") ?? PourHeight.Normal,
                Path = r.Word<PourPath>("path"),
                StirsIn = r.Flag("stirring", false),
                TemperatureC = r.Number("temperatureC"),
            }),
        Of<Step.LevelBed>("level-bed", [], _ => new Step.LevelBed()),
        Of<Step.MakeWell>("make-well", [], _ => new Step.MakeWell()),
        Of<Step.Stir>("stir", ["turns", "overS", "continuous", "tool", "path"], r => new Step.Stir
        {
            Turns = r.Turns(3),
            OverS = r.Or("overS", 3),
            Continuous = r.Flag("continuous", false),
            Tool = r.Text("tool"),
            Path = r.Text("path", "stir.path"),
        }),
        Of<Step.Swirl>("swirl", ["turns", "overS"], r => new Step.Swirl { Turns = r.Turns(2), OverS = r.Or("overS", 3) }),
        Of<Step.TapRaft>("tap-raft", ["turns", "overS"], r => new Step.TapRaft { Turns = r.Turns(2), OverS = r.Or("overS", 3) }),
        Of<Step.BreakCrust>("break-crust", ["turns", "overS"], r => new Step.BreakCrust { Turns = r.Turns(3), OverS = r.Or("overS", 3) }),
        Of<Step.Skim>("skim", ["overS"], r => new Step.Skim { OverS = r.Or("overS", 10) }),
        Of<Step.Lid>("lid", ["on"], r => new Step.Lid(r.Flag("on", true))),
        Of<Step.SeatPlunger>("seat-plunger", ["drawBack"], r => new Step.SeatPlunger(r.Flag("drawBack", false)), Pressed),
        Of<Step.LiftPlunger>("lift-plunger", [], _ => new Step.LiftPlunger(), Pressed),
        Of<Step.Smell>("smell", [], _ => new Step.Smell()),
        Of<Step.PurgeAir>("purge-air", ["overS"], r => new Step.PurgeAir { OverS = r.Or("overS", 0) }, Tube),
        Of<Step.Flip>("flip", ["overS"], r => new Step.Flip { OverS = r.Or("overS", 4) }, Tube),
        Of<Step.LightBurner>("light-burner", ["flameW"], r => new Step.LightBurner(r.Number("flameW")), Siphon),
        new("seat-chamber", typeof(Step.SeatChamber), ["waterG", "holdC"], ["waterG"], Siphon,
            r => new Step.SeatChamber(r.Required("waterG")) { HoldC = r.Number("holdC") }),
        Of<Step.RemoveBurner>("remove-burner", [], _ => new Step.RemoveBurner(), Siphon),
        Of<Step.OpenValve>("open-valve", [], _ => new Step.OpenValve(), Drippers),
        Of<Step.CloseValve>("close-valve", [], _ => new Step.CloseValve(), Drippers),
        new("wait", typeof(Step.Wait), ["forS"], ["forS"], null, r => new Step.Wait(r.Required("forS"))),
        new("wait-for", typeof(Step.WaitFor), ["event", "expectS"], ["event"], null,
            r => new Step.WaitFor(r.RequiredWord<WaitEvent>("event")) { ExpectS = r.Or("expectS", 0) }),
        Of<Step.Press>("press", ["overS"], r => new Step.Press { OverS = r.Or("overS", 25) }, Tube),
        Of<Step.Plunge>("plunge", ["overS", "depth"],
            r => new Step.Plunge(r.Word<PlungeDepth>("depth") ?? PlungeDepth.Bottom) { OverS = r.Or("overS", 20) }, [VesselFamily.FrenchPress]),
        Of<Step.Drain>("drain", ["untilG"], r => new Step.Drain(r.Number("untilG")), ThroughFilter),
        Of<Step.Decant>("decant", ["overS", "leaveG"], r => new Step.Decant(r.Number("leaveG")) { OverS = r.Or("overS", 10) }, PouredOff),
        Of<Step.SwapCup>("swap-cup", ["keep"], r => new Step.SwapCup(r.Flag("keep", true))),
        Of<Step.StopDrip>("stop-drip", [], _ => new Step.StopDrip(), Tube),
        Of<Step.Clear>("clear", [], _ => new Step.Clear()),
        new("dilute", typeof(Step.Dilute), ["waterG", "temperatureC"], ["waterG"], null,
            r => new Step.Dilute(r.Required("waterG"), r.Number("temperatureC"))),
        new("ice", typeof(Step.Ice), ["iceG", "iceC", "where", "untilC"], ["iceG"], null, r => new Step.Ice(r.Required("iceG"))
        {
            IceC = r.Or("iceC", -6),
            Where = r.Word<IcePlace>("where") ?? IcePlace.Server,
            UntilC = r.Number("untilC"),
        }),
        Of<Step.StirCup>("stir-cup", [], _ => new Step.StirCup()),
        Of<Step.Taste>("taste", [], _ => new Step.Taste()),
        Of<Step.Serve>("serve", [], _ => new Step.Serve()),
    ];

    private static readonly FrozenDictionary<string, Verb> ByWord = All.ToFrozenDictionary(verb => verb.Word, StringComparer.Ordinal);
    private static readonly FrozenDictionary<Type, Verb> ByType = All.ToFrozenDictionary(verb => verb.Type);

    /// <summary>The verb of a step.</summary>
    public static Verb Of(Step step) => ByType[step.GetType()];

    /// <summary>The verb a word stands for, or null.</summary>
    public static Verb? Find(string word) => ByWord.GetValueOrDefault(word);

    internal Step Read(ObjectReader reader) => read(reader);

    private static Verb Of<T>(string word, string[] takes, Func<ObjectReader, Step> read, VesselFamily[]? families = null)
        where T : Step => new(word, typeof(T), takes, [], families, read);
}
