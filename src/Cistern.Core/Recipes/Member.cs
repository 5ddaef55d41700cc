using System.Collections.Frozen;

namespace Cistern.Core.Recipes;

/// <summary>What kind of value a member of the recipe file holds.</summary>
public enum MemberKind
{
    /// <summary>A finite number.</summary>
    Number,

    /// <summary>A whole number.</summary>
    Whole,

    /// <summary>True or false.</summary>
    Flag,

    /// <summary>One word of a closed set.</summary>
    Word,

    /// <summary>Free text.</summary>
    Text,

    /// <summary>Two numbers, low and high.</summary>
    Range,
}

/// <summary>The rule for one member of the recipe file. The reader, the schema and the pages' forms all use this rule.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Kind">The kind of value.</param>
/// <param name="Min">Smallest value, for numbers.</param>
/// <param name="Max">Largest value, for numbers; greatest length, for text.</param>
/// <param name="Words">The words allowed, for <see cref="MemberKind.Word"/>.</param>
/// <param name="Unit">The unit as it is spoken, for numbers.</param>
public sealed record Member(string Name, MemberKind Kind, double Min, double Max, IReadOnlyList<string> Words, string Unit)
{
    /// <summary>The longest step a file may hold, s: a day.</summary>
    public const double MaxStepS = 86_400;

    /// <summary>The longest brew a file may hold, s: two days.</summary>
    public const double MaxBrewS = 172_800;

    /// <summary>The most water a file may hold, g.</summary>
    public const double MaxWaterG = 5_000;

    internal static readonly FrozenDictionary<string, Member> All = new[]
    {
        Text("id", 80), Text("name", 200), Text("school", 80), Text("notes", 8_000), Text("note", 2_000),
        Text("tool", 80), Text("stir.path", 80),
        Word<BrewerFamily>("family"), Word<Filter>("filter"), Word<Cone>("cone"), Word<TubePosition>("position"),
        Word<Material>("material"), Word<ClockStart>("clockStarts"), Word<PourHeight>("height"),
        Word<PourPath>("path"), Word<WaitEvent>("event"), Word<PlungeDepth>("depth"), Word<IcePlace>("where"),
        Flag("wrapped"), Flag("measured"), Flag("hot"), Flag("stirring"), Flag("continuous"), Flag("on"), Flag("drawBack"), Flag("under"), Flag("keep"), Flag("heldBack"),
        Number("capacityMl", 50, 6_000, "ml"), Number("outletMm", 1, 40, "mm"), Number("toMl", 10, 6_000, "ml"),
        Number("doseG", 0.5, 1_000, "g"), Number("roast", 0, 1, ""), Number("restDays", 0, 3_650, "days"),
        Number("medianUm", 50, 3_000, "µm"), Number("spread", 0.05, 1.5, ""), Number("fines", 0, 0.9, ""),
        Number("temperatureC", 0, 110, "°C"), Number("toC", 0, 110, "°C"), Number("holdC", 40, 110, "°C"),
        Number("untilC", 0, 100, "°C"), Number("met", 0, 1, ""), Number("iceC", -40, 0, "°C"),
        Number("altitudeM", -430, 6_000, "m"), Number("ambientC", -20, 50, "°C"),
        Number("at", 0, MaxBrewS, "s"), Number("overS", 0, MaxStepS, "s"), Number("forS", 0, MaxStepS, "s"),
        Number("expectS", 0, MaxStepS, "s"),
        Number("toG", 0.1, MaxWaterG, "g"), Number("waterG", 0.1, MaxWaterG, "g"), Number("untilG", 0.1, MaxWaterG, "g"),
        Number("leaveG", 0, MaxWaterG, "g"), Number("iceG", 0.1, MaxWaterG, "g"),
        Number("flameW", 20, 2_000, "W"),
        new Member("turns", MemberKind.Whole, 0, 200, [], "turns"), new Member("cups", MemberKind.Whole, 1, 24, [], "cups"),
        Range("window", 0, MaxBrewS, "s"), Range("startWindow", 0, MaxBrewS, "s"), Range("tdsPercent", 0, 20, "%"), Range("tilt", -20, 20, ""),
        Range("extractionYieldPercent", 0, 40, "%"), Range("finishS", 0, MaxBrewS, "s"),
        // Of the brew file.
        Text("why", 2_000), Text("words", 8_000), Text("by", 80), Text("from", 200), Text("setting", 80), Text("parent", 200),
        Flag("decaffeinated"), Flag("boughtGround"),
        Number("beverageG", 0, MaxWaterG, "g"), Number("measured.tdsPercent", 0, 25, "%"), Number("drawdownS", 0, MaxBrewS, "s"), Number("pressS", 0, MaxBrewS, "s"),
        Number("slurryC", -20, 110, "°C"), Number("slurryAtS", -MaxBrewS, MaxBrewS, "s"), Number("atS", -MaxBrewS, MaxBrewS, "s"),
        Number("sharpHarsh", -5, 5, ""), Number("thinHeavy", -5, 5, ""), Number("sweet", 0, 5, ""), Number("clear", 0, 5, ""), Number("finish", 0, 5, ""), Number("dry", 0, 5, ""),
        Number("score", 0, 10, ""), Number("settings.from", double.MinValue, double.MaxValue, ""),
        Number("um", 1, 5_000, "µm"), Number("step", 0, 1_000_000, ""),
        Number("least", -1_000_000, 1_000_000, ""), Number("most", -1_000_000, 1_000_000, ""), Number("umAtZero", -5_000, 5_000, "µm"), Number("umPerSetting", -5_000, 5_000, "µm"),
    }.ToFrozenDictionary(member => member.Name, StringComparer.Ordinal);

    /// <summary>Returns the rule of the member with this name.</summary>
    /// <exception cref="KeyNotFoundException">There is no such member.</exception>
    public static Member Named(string name) => All[name];

    /// <summary>Its unit as it follows a number: with a space before it, or nothing.</summary>
    public string UnitAfter => Unit.Length == 0 ? "" : " " + Unit;

    /// <summary>The finding for a value that breaks the rule.</summary>
    /// <param name="place">Where, in the file.</param>
    /// <param name="name">The member as it is called there.</param>
    /// <param name="found">The value found.</param>
    public Finding Refuse(string place, string name, string found) => Kind switch
    {
        MemberKind.Number => FindingKinds.NumberExpected.At(place, name, Min, Max, UnitAfter, found),
        MemberKind.Whole => FindingKinds.WholeNumberExpected.At(place, name, Min, Max, found),
        MemberKind.Flag => FindingKinds.FlagExpected.At(place, name, found),
        MemberKind.Word => FindingKinds.WordExpected.At(place, name, string.Join(", ", Words), found),
        MemberKind.Text => FindingKinds.TextExpected.At(place, name, Max, found),
        MemberKind.Range => FindingKinds.RangeExpected.At(place, name, Min, Max, UnitAfter, found),
    };

    private static Member Number(string name, double min, double max, string unit) => new(name, MemberKind.Number, min, max, [], unit);

    private static Member Range(string name, double min, double max, string unit) => new(name, MemberKind.Range, min, max, [], unit);

    private static Member Text(string name, int longest) => new(name, MemberKind.Text, 0, longest, [], "");

    private static Member Flag(string name) => new(name, MemberKind.Flag, 0, 0, [], "");

    private static Member Word<T>(string name)
        where T : struct, Enum => new(name, MemberKind.Word, 0, 0, Words<T>.All, "");
}
