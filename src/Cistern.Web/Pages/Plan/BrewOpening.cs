using Cistern.Core.Recipes;
using Cistern.Data.Brews;
using Cistern.Data.Stores;

namespace Cistern.Web.Pages.Plan;

/// <summary>Makes a brew of a plan as it lies open: what it uses of the shelf goes with it by the names of now.</summary>
public static class BrewOpening
{
    /// <summary>The brew, not kept yet.</summary>
    /// <param name="open">The plan.</param>
    /// <param name="settings">How it stands.</param>
    /// <param name="shelf">What it uses.</param>
    /// <param name="recipe">Its recipe with its name and all its members.</param>
    /// <param name="nowMs">When it is opened, UTC milliseconds.</param>
    /// <param name="baristaId">Who brews, or null.</param>
    public static Data.Brews.Brew Of(OpenPlan open, PlanSettings settings, PlanShelf shelf, Recipe recipe, long nowMs, int? baristaId)
    {
        var brew = BrewPlan.Of(settings.Forecast with { Recipe = recipe }, nowMs);
        brew.StoredPlanId = open.Stored?.Id;
        brew.Why = open.Kept ? open.Stored!.Why : "";
        brew.FilterStockId = shelf.Filters.FirstOrDefault(stock => stock.Fits(settings.Recipe.Brewer))?.Id;
        brew.BaristaId = baristaId;
        brew.BagId = settings.Bag?.Id;
        brew.CoffeeName = settings.Bag?.Name ?? "";
        brew.PlaceName = settings.Place?.Name ?? "";
        brew.GrindText = settings.GrindText;
        brew.GrinderName = settings.CanGrind ? settings.Grinder?.Name ?? "" : "";
        brew.VesselName = settings.Vessel?.Name ?? "";
        brew.ParentBrewId = open.Stored?.FromBrewId;
        brew.ChangedJson = open.Stored?.ChangedJson ?? "";
        return brew;
    }
}
