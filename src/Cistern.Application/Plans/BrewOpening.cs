using Cistern.Core.Recipes;
using Cistern.Data.Brews;

namespace Cistern.Application.Plans;

/// <summary>Makes a brew of a plan as it lies open: what it uses of the shelf goes with it by the names of now.</summary>
public static class BrewOpening
{
    /// <summary>The brew, not kept yet.</summary>
    /// <param name="open">The plan.</param>
    /// <param name="editing">How it stands.</param>
    /// <param name="recipe">Its recipe with its name and all its members.</param>
    /// <param name="grindText">Its grind in words.</param>
    /// <param name="nowMs">When it is opened, UTC milliseconds.</param>
    /// <param name="baristaId">Who brews, or null.</param>
    public static Brew Of(OpenPlan open, PlanEditing editing, Recipe recipe, string grindText, long nowMs, int? baristaId)
    {
        var brew = BrewPlan.Of(editing.Forecast with { Recipe = recipe }, nowMs);
        brew.StoredPlanId = open.Stored?.Id;
        brew.Why = open.Kept ? open.Stored!.Why : "";
        brew.FilterStockId = editing.Shelf.Filters.FirstOrDefault(stock => stock.Fits(editing.Recipe.Brewer))?.Id;
        brew.BaristaId = baristaId;
        brew.BagId = editing.Bag?.Id;
        brew.CoffeeName = editing.Bag?.Name ?? "";
        brew.PlaceName = editing.Place?.Name ?? "";
        brew.GrindText = grindText;
        brew.GrinderName = editing.CanGrind ? editing.Grinder?.Name ?? "" : "";
        brew.VesselName = editing.Vessel?.Name ?? "";
        brew.ParentBrewId = open.Stored?.FromBrewId;
        brew.ChangedJson = open.Stored?.ChangedJson ?? "";
        return brew;
    }
}
