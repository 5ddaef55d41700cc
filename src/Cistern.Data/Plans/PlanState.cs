using System.Text.Json;
using System.Text.Json.Serialization;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;

namespace Cistern.Data.Plans;

/// <summary>
/// A plan as it is kept, as JSON, one for each revision: its recipes as open files, and what of the shelf it uses by number.
/// </summary>
/// <param name="Base">The recipe with its steps as they are now, in its own batch, as an open recipe file.</param>
/// <param name="Origin">The recipe as it was opened: what "as written" goes back to.</param>
public sealed record PlanState(string Base, string Origin)
{
    /// <summary>
    /// Whether the recipe has in it what it uses of the shelf: the grinder's grind, the vessel, the place, the roast. Where it
    /// has not, they are taken from the shelf as they stand there.
    /// </summary>
    public bool Settled { get; init; }

    /// <summary>The bag it uses, or null.</summary>
    public int? BagId { get; init; }

    /// <summary>The grinder, or null for a grind in µm.</summary>
    [JsonPropertyName("MillId")]
    public int? GrinderId { get; init; }

    /// <summary>The grinder's setting, as it stands on it.</summary>
    [JsonPropertyName("MillSetting")]
    public double? GrinderSetting { get; init; }

    /// <summary>The median that was asked for when the grinder was chosen, µm: it may not reach it.</summary>
    public double? AskedUm { get; init; }

    /// <summary>The place, or null as the recipe says.</summary>
    public int? PlaceId { get; init; }

    /// <summary>A vessel of one's own, or null.</summary>
    public int? VesselId { get; init; }

    /// <summary>The server it is held against, or null.</summary>
    public int? ServerId { get; init; }

    /// <summary>The kettle, or null.</summary>
    public int? KettleId { get; init; }

    /// <summary>The spoon the dose is told in, or null.</summary>
    public int? SpoonId { get; init; }

    /// <summary>What a drink is counted as.</summary>
    public DrinkCounting Counting { get; init; }

    /// <summary>The two quantities held, the one edited last first.</summary>
    public Locks Locks { get; init; } = Locks.Written;

    /// <summary>Their exact values, g or g/g; null until one is edited.</summary>
    public HeldValues? Held { get; init; }

    /// <summary>The batch that they come to; null for the recipe's own, or one kept before batches were.</summary>
    [JsonPropertyName("Charge")]
    public Batch? Batch { get; init; }

    /// <summary>A recipe as it is written, as yet without a shelf.</summary>
    public static PlanState Of(Recipe recipe)
    {
        var file = RecipeWriter.Write(recipe);
        return new PlanState(file, file);
    }

    /// <summary>A recipe of the library or of a file as a plan begins with it: its target is its author's, and no barista's.</summary>
    public static PlanState Opened(Recipe recipe) => Of(recipe with { Target = null });

    private (string Text, Recipe Recipe)? readBase;
    private (string Text, Recipe Recipe)? readOrigin;

    /// <summary>The plan that it keeps.</summary>
    /// <exception cref="UnreadableException">It holds no recipe.</exception>
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

    /// <summary>This state with a plan in it that was made of it.</summary>
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

    /// <summary>A state that was kept.</summary>
    /// <exception cref="UnreadableException">The row has been changed by another hand, or an earlier version kept what this one does not read.</exception>
    public static PlanState Read(string json)
    {
        try
        {
            return JsonSerializer.Deserialize<PlanState>(json) is { Base: not null, Origin: not null } state ? state : throw new UnreadableException("There is nothing in it.");
        }
        catch (JsonException error)
        {
            throw new UnreadableException("What stands there is no plan.", error);
        }
    }

    /// <summary>The recipe with its steps as they are now.</summary>
    /// <exception cref="UnreadableException">It is no recipe.</exception>
    public Recipe BaseRecipe() => Draft(Base, ref readBase);

    /// <summary>The recipe as it was opened.</summary>
    /// <exception cref="UnreadableException">It is no recipe.</exception>
    public Recipe OriginRecipe() => Draft(Origin, ref readOrigin);

    /// <summary>What is wrong with it, where it could not be read again; null where it can.</summary>
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

    /// <summary>Read once: a state is asked for its recipe many times, and never changes.</summary>
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
