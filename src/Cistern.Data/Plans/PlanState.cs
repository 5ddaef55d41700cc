using System.Text.Json;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;

namespace Cistern.Data.Plans;

/// <summary>
/// Everything that makes a plan what it is: its steps, what of the shelf it uses, and which quantities are held. A page
/// can be drawn from it alone. It is kept as JSON, one for each turn.
/// </summary>
/// <param name="Base">The recipe with its steps as they are now, in its own charge, as an open recipe file.</param>
/// <param name="Origin">The recipe as it was opened: what "as written" goes back to.</param>
public sealed record PlanState(string Base, string Origin)
{
    public int? BagId { get; init; }

    public int? MillId { get; init; }

    public double? MillSetting { get; init; }

    /// <summary>The median that was asked for when the mill was chosen, µm: it may not reach it.</summary>
    public double? AskedUm { get; init; }

    public int? PlaceId { get; init; }

    public int? VesselId { get; init; }

    public int? ServerId { get; init; }

    public int? KettleId { get; init; }

    public int? SpoonId { get; init; }

    public DrinkCounting Counting { get; init; }

    /// <summary>The two quantities held, the one edited last first.</summary>
    public Locks Locks { get; init; } = Locks.Written;

    /// <summary>Their exact values, g or g/g; null until one is edited.</summary>
    public HeldValues? Held { get; init; }

    /// <summary>The values of the quantities held.</summary>
    /// <param name="Last">Of the one edited last.</param>
    /// <param name="Before">Of the other.</param>
    public sealed record HeldValues(double Last, double Before);

    /// <summary>A recipe as it is written, as yet without a shelf.</summary>
    public static PlanState Of(Recipe recipe)
    {
        var file = RecipeWriter.Write(recipe);
        return new PlanState(file, file);
    }

    /// <summary>The state as it is kept.</summary>
    public string ToJson() => JsonSerializer.Serialize(this);

    /// <summary>A state that was kept.</summary>
    /// <exception cref="InvalidDataException">The row has been changed by another hand.</exception>
    public static PlanState Read(string json)
    {
        try
        {
            return JsonSerializer.Deserialize<PlanState>(json) ?? throw new InvalidDataException("A plan's turn is empty.");
        }
        catch (JsonException error)
        {
            throw new InvalidDataException("A plan's turn is no state.", error);
        }
    }

    /// <summary>The recipe with its steps as they are now.</summary>
    public Recipe BaseRecipe() => Draft(Base);

    /// <summary>The recipe as it was opened.</summary>
    public Recipe OriginRecipe() => Draft(Origin);

    private static Recipe Draft(string json) =>
        RecipeReader.ReadDraft(json) is { Recipes: [var recipe] } ? recipe : throw new InvalidDataException("A plan's turn holds no recipe.");
}
