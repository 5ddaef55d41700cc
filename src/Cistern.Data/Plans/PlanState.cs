using System.Text.Json;
using System.Text.Json.Serialization;

namespace Cistern.Data.Plans;

/// <summary>
/// A stored plan as JSON, one for each revision: its recipes as open files, and what it uses of the shelf by number.
/// </summary>
/// <param name="Base">The recipe with its current steps, in its own batch, as an open recipe file.</param>
/// <param name="Origin">The recipe as it was opened, to which "as written" returns.</param>
public sealed record PlanState(string Base, string Origin)
{
    /// <summary>
    /// Whether the recipe already contains what it uses of the shelf: the grinder's grind, the vessel, the place, the roast. Otherwise
    /// they are read from the shelf.
    /// </summary>
    public bool Settled { get; init; }

    /// <summary>The bag it uses, or null.</summary>
    public int? BagId { get; init; }

    /// <summary>The grinder, or null for a grind in µm.</summary>
    [JsonPropertyName("MillId")]
    public int? GrinderId { get; init; }

    /// <summary>The grinder's setting, as shown on it.</summary>
    [JsonPropertyName("MillSetting")]
    public double? GrinderSetting { get; init; }

    /// <summary>The median wanted when the grinder was chosen, µm; the grinder may not reach it.</summary>
    public double? AskedUm { get; init; }

    /// <summary>The place, or null as the recipe says.</summary>
    public int? PlaceId { get; init; }

    /// <summary>A vessel of one's own, or null.</summary>
    public int? VesselId { get; init; }

    /// <summary>The server it must fit, or null.</summary>
    public int? ServerId { get; init; }

    /// <summary>The kettle, or null.</summary>
    public int? KettleId { get; init; }

    /// <summary>The spoon for the dose, or null.</summary>
    public int? SpoonId { get; init; }

    /// <summary>What a drink is counted as.</summary>
    public DrinkCounting Counting { get; init; }

    /// <summary>The two quantities that are held, the one edited last first.</summary>
    public Locks Locks { get; init; } = Locks.Written;

    /// <summary>Their exact values, g or g/g; null until one is edited.</summary>
    public HeldValues? Held { get; init; }

    /// <summary>The batch that follows from them; null for the recipe's own, or in older data.</summary>
    [JsonPropertyName("Charge")]
    public Batch? Batch { get; init; }

    /// <summary>The state of a recipe as written, using nothing on the shelf.</summary>
    public static PlanState Of(Recipe recipe)
    {
        var file = RecipeWriter.Write(recipe);
        return new PlanState(file, file);
    }

    /// <summary>The state of a library recipe or a file when a plan is opened: without its target, which is its author's and not the barista's.</summary>
    public static PlanState Opened(Recipe recipe) => Of(recipe with { Target = null });

    private (string Text, Recipe Recipe)? readBase;
    private (string Text, Recipe Recipe)? readOrigin;

    /// <summary>The plan of this state.</summary>
    /// <exception cref="UnreadableException">It contains no recipe.</exception>
    public Plan ToPlan() => new(BaseRecipe(), OriginRecipe())
    {
        Settled = Settled,
        Picks = new PlanPicks
        {
            BagId = BagId,
            GrinderId = GrinderId,
            GrinderSetting = GrinderSetting,
            AskedUm = AskedUm,
            PlaceId = PlaceId,
            VesselId = VesselId,
            ServerId = ServerId,
            KettleId = KettleId,
            SpoonId = SpoonId,
        },
        Counting = Counting,
        Locks = Locks,
        Held = Held,
        Batch = Batch,
    };

    /// <summary>This state with a changed plan.</summary>
    public PlanState With(Plan plan) => this with
    {
        Base = RecipeWriter.Write(plan.Base),
        Settled = plan.Settled,
        BagId = plan.Picks.BagId,
        GrinderId = plan.Picks.GrinderId,
        GrinderSetting = plan.Picks.GrinderSetting,
        AskedUm = plan.Picks.AskedUm,
        PlaceId = plan.Picks.PlaceId,
        VesselId = plan.Picks.VesselId,
        ServerId = plan.Picks.ServerId,
        KettleId = plan.Picks.KettleId,
        SpoonId = plan.Picks.SpoonId,
        Counting = plan.Counting,
        Locks = plan.Locks,
        Held = plan.Held,
        Batch = plan.Batch,
    };

    /// <summary>The state as it is kept.</summary>
    public string ToJson() => JsonSerializer.Serialize(this);

    /// <summary>Reads a stored state.</summary>
    /// <exception cref="UnreadableException">The row was edited outside Cistern, or stored by a version with other rules.</exception>
    public static PlanState Read(string json)
    {
        try
        {
            return JsonSerializer.Deserialize<PlanState>(json) is { Base: not null, Origin: not null } state ? state : throw new UnreadableException("There is nothing in it.");
        }
        catch (JsonException error)
        {
            throw new UnreadableException("It is not a plan.", error);
        }
    }

    /// <summary>The recipe with its current steps.</summary>
    /// <exception cref="UnreadableException">It is no recipe.</exception>
    public Recipe BaseRecipe() => Draft(Base, ref readBase);

    /// <summary>The recipe as it was opened.</summary>
    /// <exception cref="UnreadableException">It is no recipe.</exception>
    public Recipe OriginRecipe() => Draft(Origin, ref readOrigin);

    /// <summary>What prevents it from being read again; null where nothing does.</summary>
    public string? Problem()
    {
        try
        {
            _ = BaseRecipe();
            _ = OriginRecipe();
            return null;
        }
        catch (UnreadableException error)
        {
            return error.Message;
        }
    }

    /// <summary>Parsed once: a state is asked for its recipe many times, and is immutable.</summary>
    private static Recipe Draft(string json, ref (string Text, Recipe Recipe)? read)
    {
        if (read is { } known && ReferenceEquals(known.Text, json))
        {
            return known.Recipe;
        }

        var file = RecipeReader.ReadDraft(json);
        var recipe = file is { Recipes: [var one] } ? one
            : throw new UnreadableException(file.Findings.FirstOrDefault(finding => finding.Severity == Severity.Error) is { } finding ? $"{finding.Place}: {finding.Rule} It says {finding.Found}." : "It holds no recipe.");
        read = (json, recipe);
        return recipe;
    }
}
