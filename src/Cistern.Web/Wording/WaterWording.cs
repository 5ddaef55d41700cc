namespace Cistern.Web.Wording;

/// <summary>How a water suits coffee, in words. Ranges of taste, as in most published advice.</summary>
public static class WaterWording
{
    /// <summary>Both figures in words.</summary>
    public static string Suits(BrewingWater water) => (water.HardnessSuits, water.AlkalinitySuits) switch
    {
        (Core.Reckoning.Suits.Well, Core.Reckoning.Suits.Well) => "suits well",
        (Core.Reckoning.Suits.Low, Core.Reckoning.Suits.Low) => "very soft: cups turn out sour and thin; mix in a harder water, or a little concentrate",
        (_, Core.Reckoning.Suits.High) => "neutralises the acids: cups turn out flat; mix in a softer water",
        (_, Core.Reckoning.Suits.Low) => "little to balance the acids: cups turn out sour",
        (Core.Reckoning.Suits.High, _) => "hard: it furs the kettle; mix in a softer water",
        _ => "soft: it extracts a little less",
    };
}
