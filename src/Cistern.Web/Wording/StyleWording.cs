using System.Collections.Frozen;

namespace Cistern.Web.Wording;

/// <summary>The reason for each style in its own words. Cistern takes no side, and shows a forecast with each.</summary>
public static class StyleWording
{
    private static readonly FrozenDictionary<string, string> Styles = new Dictionary<string, string>(StringComparer.Ordinal)
    {
        ["patient"] = "Time does the work of fine grinding and stirring, without the mud.",
        ["pressed"] = "To the bottom and poured off at once: hot, full, soon done.",
        ["upright"] = "Filter down, seated early: little drips through, and nothing hot is turned over.",
        ["inverted"] = "Turned over, nothing drips: all of it steeps for the full time.",
        ["concentrate"] = "Brewed short and strong, then diluted: the strength is set in the cup.",
        ["water-first"] = "Coffee on to water leaves no dry pocket, and the bed lies loose, so that the drawdown is faster.",
        ["coffee-first"] = "Water poured on coffee wets it directly, and you can watch it.",
        ["iced"] = "Chilled at once, to keep the fresh aromas.",
        ["split"] = "The first and the last of it are left out, and the middle is kept.",
        ["moving"] = "Stirred all the time, all the grounds extract alike.",
        ["still"] = "Left in layers, the coffee filters itself on its way down.",
        ["improvised"] = "Any heatproof jar will do, with care.",
    }.ToFrozenDictionary(StringComparer.Ordinal);

    private static readonly FrozenDictionary<string, string> Reasons = new Dictionary<string, string>(StringComparer.Ordinal)
    {
        ["fp-long-settle"] = "The crust is broken and skimmed at four minutes and the rest left to settle; the plunger only strains. Sediment is given time to fall. What it costs: nine minutes and some heat. Breaking the crust does not end the brew: the forecast shows that extraction goes on a little.",
        ["fp-water-first"] = "The coffee goes on to the water and is stirred under, so that no dry pocket is left; the plunger on the surface keeps the heat and the raft wet.",
        ["fp-bloomed"] = "A first small pour lets the gas out, so that the rest wets evenly. The crust is broken just before the plunge, and all of it poured at once.",
        ["fp-slow-eight"] = "Coarse, and twice as long: a coarse grind gives less mud, and the time compensates for its smaller surface.",
        ["tp-upright-short"] = "Fine and under a minute: a small fast brew, pressed as soon as it has extracted enough. The grind does what time would.",
        ["tp-upright-held"] = "The plunger is seated and drawn back, so that it holds without a drip, and steeps longer at a milder grind.",
        ["tp-turned"] = "Turned over, every drop stands for the whole time: more body at the same grind. Flipping a full tube can scald, so it is done in one turn, away from the body.",
        ["tp-turned-cool"] = "Cooler water extracts the bitter group least, so a bright coffee stays bright; the long hold makes up the strength.",
        ["tp-short-bypass"] = "A large dose in little water, diluted afterwards: the strength can be tasted right, and two cups come from a small tube.",
        ["vd-water-first"] = "The water waits below and the coffee goes on to it: even wetting, and a loose bed that draws down faster.",
        ["vd-coffee-first"] = "The pour itself wets the bed. The raft is tapped under and left alone, so that the fines do not clog the paper.",
        ["vd-two-pours"] = "Two pours and a dense paper: the first lets the gas out, the paper keeps the oils, and the cup is clear. The drawdown is slower for it.",
        ["ld-closed"] = "Closed to the end it is pure immersion: the clock decides, not the pour.",
        ["ld-float"] = "The coffee floats on the first water and is wetted from below, then held and let run: sweetness first, strength afterwards.",
        ["ld-long-soak-iced"] = "A long closed steep extracts sweet and strong, a last pour rinses the bed, and the ice thins it to the right strength.",
        ["ld-open-closed-iced"] = "Opened first and closed for the rest: two kinds of brewing in one cup, straight on to the ice. As it is ground here it extracts to the end and lands just on the bitter side; a coarser grind is brighter.",
        ["ld-split"] = "The weak first runoff from outside the paper and the dry tail are both left out of the cup.",
        ["si-whirl"] = "Stirred all the time, every grain extracts alike; strong, and quickly done.",
        ["si-layers"] = "Two stirs, and then left in layers: foam, grounds and coffee part by themselves, and the coffee comes down through its own bed.",
        ["jar-spoons"] = "No filter at all: broken, skimmed, settled and poured off the last of it. A large dose, since the last of it is left behind.",
        ["hut-press"] = "Water boils at about 92 °C up there. A finer grind and a steel jug, warmed well, make up for what the boiling point takes.",
    }.ToFrozenDictionary(StringComparer.Ordinal);

    /// <summary>The reason for a style; null for an unknown one.</summary>
    public static string? Of(string? style) => style is null ? null : Styles.GetValueOrDefault(style);

    /// <summary>The reason for a library recipe, or null.</summary>
    public static string? ReasonOf(string recipeId) => Reasons.GetValueOrDefault(recipeId);
}
