namespace Cistern.Core.Planning;

/// <summary>What of the shelf a plan can use.</summary>
public enum PlanPick
{
    /// <summary>The bag of coffee.</summary>
    Bag,

    /// <summary>The grinder.</summary>
    Grinder,

    /// <summary>The place.</summary>
    Place,

    /// <summary>The vessel.</summary>
    Vessel,

    /// <summary>What the drink lands in.</summary>
    Server,

    /// <summary>The kettle.</summary>
    Kettle,

    /// <summary>The spoon that stands for a scale.</summary>
    Spoon,
}

/// <summary>A bag of coffee as a plan uses it.</summary>
/// <param name="Roast">0 (lightest) to 1 (darkest).</param>
/// <param name="RestDays">Days since roasting, today.</param>
/// <param name="LeftG">Left in it, g.</param>
/// <param name="Ground">Its estimated grind where it was bought ground, which cannot be changed; null where it is ground here.</param>
public sealed record BagInUse(double Roast, double RestDays, double LeftG, Grind? Ground);

/// <summary>The things on the shelf, by number; null where there is none with that number.</summary>
public interface IGear
{
    /// <summary>A bag.</summary>
    BagInUse? Bag(int id);

    /// <summary>A grinder's scale.</summary>
    GrinderScale? Grinder(int id);

    /// <summary>A place.</summary>
    Place? Place(int id);

    /// <summary>A vessel.</summary>
    Brewer? Vessel(int id);

    /// <summary>The volume of a server or a cup, ml.</summary>
    double? ServerMl(int id);

    /// <summary>Whether there is a thing with this number.</summary>
    bool Has(PlanPick pick, int id);
}

/// <summary>The numbers of the things on the shelf that a plan uses; null for the recipe's own.</summary>
public sealed record PlanPicks
{
    /// <summary>The bag.</summary>
    public int? BagId { get; init; }

    /// <summary>The grinder.</summary>
    public int? GrinderId { get; init; }

    /// <summary>The grinder's setting.</summary>
    public double? GrinderSetting { get; init; }

    /// <summary>The median wanted when the grinder was chosen, µm; the grinder may not reach it.</summary>
    public double? AskedUm { get; init; }

    /// <summary>The place.</summary>
    public int? PlaceId { get; init; }

    /// <summary>The vessel.</summary>
    public int? VesselId { get; init; }

    /// <summary>What the drink lands in.</summary>
    public int? ServerId { get; init; }

    /// <summary>The kettle.</summary>
    public int? KettleId { get; init; }

    /// <summary>The spoon.</summary>
    public int? SpoonId { get; init; }

    /// <summary>The number of a pick.</summary>
    public int? Of(PlanPick pick) => pick switch
    {
        PlanPick.Bag => BagId,
        PlanPick.Grinder => GrinderId,
        PlanPick.Place => PlaceId,
        PlanPick.Vessel => VesselId,
        PlanPick.Server => ServerId,
        PlanPick.Kettle => KettleId,
        PlanPick.Spoon => SpoonId,
    };

    /// <summary>A copy with one pick replaced.</summary>
    public PlanPicks With(PlanPick pick, int? id) => pick switch
    {
        PlanPick.Bag => this with { BagId = id },
        PlanPick.Grinder => this with { GrinderId = id, GrinderSetting = null, AskedUm = null },
        PlanPick.Place => this with { PlaceId = id },
        PlanPick.Vessel => this with { VesselId = id },
        PlanPick.Server => this with { ServerId = id },
        PlanPick.Kettle => this with { KettleId = id },
        PlanPick.Spoon => this with { SpoonId = id },
    };
}

/// <summary>The values of the two quantities that are held, g or g/g.</summary>
/// <param name="Last">The value of the one edited last.</param>
/// <param name="Before">The value of the other.</param>
public sealed record HeldValues(double Last, double Before);

/// <summary>
/// A plan: a recipe with its current steps, the things on the shelf it uses, and which of its quantities are held. Together with the
/// shelf this determines everything; <see cref="PlanWork"/> computes it.
/// </summary>
/// <param name="Base">The recipe with its current steps, in the batch it was written for.</param>
/// <param name="Origin">The recipe as it was opened, to which "as written" returns.</param>
public sealed record Plan(Recipe Base, Recipe Origin)
{
    /// <summary>
    /// Whether the recipe already contains what it uses of the shelf: the grinder's grind, the vessel, the place, the roast. Otherwise
    /// they are read from the shelf.
    /// </summary>
    public bool Settled { get; init; }

    /// <summary>What of the shelf it uses.</summary>
    public PlanPicks Picks { get; init; } = new();

    /// <summary>What the barista means by an amount of drink.</summary>
    public DrinkCounting Counting { get; init; }

    /// <summary>The two quantities that are held, the one edited last first.</summary>
    public Locks Locks { get; init; } = Locks.Written;

    /// <summary>Their exact values; null until one has been edited.</summary>
    public HeldValues? Held { get; init; }

    /// <summary>The batch that follows from them; null for the recipe's own, or where it has not been computed.</summary>
    public Batch? Batch { get; init; }

    /// <summary>A plan of a recipe as written, using nothing on the shelf.</summary>
    public static Plan Of(Recipe recipe) => new(recipe, recipe);
}
