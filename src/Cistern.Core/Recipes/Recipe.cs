using System.Text.Json;

namespace Cistern.Core.Recipes;

/// <summary>The six families of vessel, by their generic names.</summary>
public enum BrewerFamily
{
    /// <summary>A jug with a mesh on a plunger.</summary>
    FrenchPress,

    /// <summary>A hand-pushed tube with a paper or a metal disc.</summary>
    TubePress,

    /// <summary>A paper cone whose valve opens when it is set on a cup.</summary>
    ValveDripper,

    /// <summary>A paper cone with a valve worked by a lever.</summary>
    LeverDripper,

    /// <summary>Two chambers, a cloth filter and a flame.</summary>
    Siphon,

    /// <summary>Any heatproof jar, poured off the grounds.</summary>
    Jar,
}

/// <summary>What stands between the bed and the cup.</summary>
public enum Filter
{
    /// <summary>Ordinary paper.</summary>
    Paper,

    /// <summary>Thick or tight paper, slower.</summary>
    DensePaper,

    /// <summary>The woven mesh of a plunger.</summary>
    MetalMesh,

    /// <summary>A perforated metal disc.</summary>
    MetalDisc,

    /// <summary>A sewn cloth.</summary>
    Cloth,

    /// <summary>Nothing: the drink is poured off.</summary>
    None,
}

/// <summary>The wall of a dripper's cone.</summary>
public enum Cone
{
    /// <summary>Ribs hold the paper off the wall.</summary>
    Ridged,

    /// <summary>The paper lies against the wall.</summary>
    Smooth,
}

/// <summary>How a tube press stands while it holds.</summary>
public enum TubePosition
{
    /// <summary>Filter down: it drips until the plunger is seated.</summary>
    Upright,

    /// <summary>Filter up: sealed until it is flipped.</summary>
    Turned,
}

/// <summary>What the vessel is made of.</summary>
public enum Material
{
    /// <summary>Heatproof glass.</summary>
    Glass,

    /// <summary>Plastic.</summary>
    Plastic,

    /// <summary>Ceramic.</summary>
    Ceramic,

    /// <summary>Single-walled steel.</summary>
    Steel,

    /// <summary>Double-walled, insulated.</summary>
    DoubleWall,
}

/// <summary>The moment that is 0:00 on the brew clock.</summary>
public enum ClockStart
{
    /// <summary>The beginning of the first pour.</summary>
    FirstWater,

    /// <summary>The end of the first pour.</summary>
    WaterIn,

    /// <summary>The coffee going in.</summary>
    CoffeeIn,

    /// <summary>The beginning of the first stirring step.</summary>
    FirstStir,

    /// <summary>The first lid put on.</summary>
    LidOn,
}

/// <summary>A closed range, low to high.</summary>
/// <param name="Low">Its lower end.</param>
/// <param name="High">Its upper end, not below the lower.</param>
public readonly record struct Span(double Low, double High)
{
    /// <summary>Whether a value lies in the range, its ends included.</summary>
    public bool Holds(double value) => value >= Low && value <= High;
}

/// <summary>Keeps members of a JSON object that this version does not know, so that they are written back.</summary>
public abstract record Extensible
{
    /// <summary>The unknown members, by name.</summary>
    public ImmutableSortedDictionary<string, JsonElement> Extra { get; init; } =
        ImmutableSortedDictionary<string, JsonElement>.Empty;
}

/// <summary>The vessel a recipe is written for.</summary>
/// <param name="Family">Which of the six.</param>
/// <param name="CapacityMl">To the brim, ml.</param>
public sealed record Brewer(BrewerFamily Family, double CapacityMl) : Extensible
{
    /// <summary>The filter, or null for the family's usual one.</summary>
    public Filter? Filter { get; init; }

    /// <summary>The cone's wall; drippers only.</summary>
    public Cone? Cone { get; init; }

    /// <summary>Width of the hole below the cone, mm; drippers only. Null where it is wide enough to slow nothing.</summary>
    public double? OutletMm { get; init; }

    /// <summary>How the tube stands; tube press only.</summary>
    public TubePosition? Position { get; init; }

    /// <summary>The material, or null for the family's usual one.</summary>
    public Material? Material { get; init; }

    /// <summary>Wrapped in a cloth or a cosy.</summary>
    public bool Wrapped { get; init; }
}

/// <summary>The coffee a recipe is written for.</summary>
/// <param name="DoseG">Dry grounds, g.</param>
/// <param name="Roast">0 (lightest) to 1 (darkest).</param>
/// <param name="RestDays">Days since roasting.</param>
public sealed record Coffee(double DoseG, double Roast, double RestDays) : Extensible;

/// <summary>The grind, as a distribution of particle sizes.</summary>
/// <param name="MedianUm">d₅₀ of the main peak, µm.</param>
/// <param name="Spread">ln-σ of the main peak.</param>
/// <param name="Fines">Mass fraction of fines, or null for what the median suggests.</param>
public sealed record Grind(double MedianUm, double Spread, double? Fines = null) : Extensible
{
    /// <summary>The median was measured. What was learned of a grinder's scale does not apply to it.</summary>
    public bool Measured { get; init; }
}

/// <summary>The brewing water.</summary>
/// <param name="TemperatureC">At the kettle, °C.</param>
public sealed record KettleWater(double TemperatureC) : Extensible;

/// <summary>Where it is brewed.</summary>
/// <param name="AltitudeM">Above sea level, m.</param>
/// <param name="AmbientC">Room temperature, °C.</param>
public sealed record Place(double AltitudeM, double AmbientC) : Extensible;

/// <summary>The targets for the drink. Any of them may be missing.</summary>
public sealed record Target : Extensible
{
    /// <summary>Strength of the final drink, % TDS.</summary>
    public Span? TdsPercent { get; init; }

    /// <summary>Sour (negative) to bitter (positive); a judgement.</summary>
    public Span? FlavourBalance { get; init; }

    /// <summary>Solids in the cup per dose, %.</summary>
    public Span? ExtractionYieldPercent { get; init; }

    /// <summary>When the last step ends, s on the brew clock.</summary>
    public Span? FinishS { get; init; }
}

/// <summary>A complete recipe: all that a barista needs to know to brew it.</summary>
/// <param name="Id">A stable slug.</param>
/// <param name="Name">Its name.</param>
/// <param name="Brewer">The vessel.</param>
/// <param name="Coffee">The coffee.</param>
/// <param name="Grind">The grind.</param>
/// <param name="Water">The water.</param>
/// <param name="Place">The place.</param>
/// <param name="ClockStarts">The moment that is 0:00.</param>
/// <param name="Steps">What is done, in order.</param>
public sealed record Recipe(
    string Id,
    string Name,
    Brewer Brewer,
    Coffee Coffee,
    Grind Grind,
    KettleWater Water,
    Place Place,
    ClockStart ClockStarts,
    ImmutableArray<Step> Steps) : Extensible
{
    /// <summary>The value of the file's <c>format</c> member.</summary>
    public const string FormatName = "cistern/recipe";

    /// <summary>The value of the file's <c>version</c> member.</summary>
    public const int FormatVersion = 1;

    /// <summary>The style it belongs to, in one word.</summary>
    public string? Style { get; init; }

    /// <summary>Its reason, in the author's words.</summary>
    public string? Notes { get; init; }

    /// <summary>The targets for the drink.</summary>
    public Target? Target { get; init; }

    /// <summary>The room it is brewed in, ml: the vessel to the brim, or to the mark a tube's plunger is drawn to.</summary>
    public double RoomMl => Steps.OfType<Step.SeatPlunger>().Aggregate(Brewer.CapacityMl, (room, seat) => Math.Min(room, seat.ToMl ?? room));

    /// <summary>All the water that goes into the vessel, g (the last pour's total, or a siphon's batch).</summary>
    public double WaterG => Steps.Aggregate(0.0, (water, step) => step switch
    {
        Step.Pour pour => Math.Max(water, pour.ToG),
        Step.SeatChamber chamber => Math.Max(water, chamber.WaterG),
        _ => water,
    });
}
