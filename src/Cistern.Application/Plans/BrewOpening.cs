namespace Cistern.Application.Plans;

/// <summary>Makes a brew from an open plan, with the current names of what it uses of the shelf.</summary>
public static class BrewOpening
{
    /// <summary>The brew, not kept yet.</summary>
    /// <param name="open">The plan.</param>
    /// <param name="editing">The plan in its current state.</param>
    /// <param name="recipe">Its recipe, with its name and all members.</param>
    /// <param name="grindText">Its grind in words.</param>
    /// <param name="nowMs">When it is opened, UTC milliseconds.</param>
    /// <param name="baristaId">Who brews, or null.</param>
    public static Brew Of(OpenPlan open, PlanEditing editing, Recipe recipe, string grindText, long nowMs, int? baristaId)
    {
        var brew = BrewPlan.Of(editing.Forecast with { Recipe = recipe }, nowMs);
        brew.StoredPlanId = open.Stored?.Id;
        brew.Why = open.IsSaved ? open.Stored!.Why : "";
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
