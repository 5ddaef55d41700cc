namespace Cistern.Web.Wording;

/// <summary>A group of cautions on the page that lists them.</summary>
/// <param name="Title">Its title.</param>
/// <param name="Lines">The cautions in plain words.</param>
public sealed record CautionGroup(string Title, IReadOnlyList<string> Lines);

/// <summary>Cautions, shown at the step where they apply. They defer to the makers' instructions and local codes.</summary>
public static class Cautions
{
    /// <summary>Shown wherever cautions are listed.</summary>
    public const string Deferring = "Cistern is no substitute for the makers' instructions, local codes and the site's own safety rules. They come first.";

    internal const string HotPour = "Near-boiling water. Keep your face away from the steam.";
    internal const string GlassWarm = "Warm glass first. Never use it cold, cracked or not heatproof.";
    internal const string Crust = "Steam comes through the crust. Keep your face to the side.";
    internal const string PlungeForce = "Off the scale, on a firm surface. If it resists, stop and ease back; never lean on it.";

    /// <summary>A caution as worded for baristas without a scale.</summary>
    internal static string WithoutScale(string caution) => caution.Replace("Off the scale, on", "On", StringComparison.Ordinal).Replace("Off the scale. ", "", StringComparison.Ordinal);
    internal const string HotOff = "Hot glass and hot coffee. Hold the lid, pour slowly, away from you.";
    internal const string HotJar = "A hot jar has no handle. Use a dry cloth, and pour away from you.";
    internal const string PressForce = "Off the scale. Cap locked, on a sturdy, wide server on a firm surface. Press with the arm, never your weight.";
    internal const string FlipHot = "A full tube of hot water. Hold both ends, in one turn, away from you.";
    internal const string FlipCold = "A full tube. Hold both ends, in one turn, away from you.";
    internal const string TopHeavy = "Top-heavy while it is turned over. Let the air out gently.";
    internal const string Valve = "Empty server under it, set down level: the valve opens on whatever lifts it. It drips when taken off.";
    internal const string Lever = "Server under it, its rinse water out. Hot coffee runs as soon as the lever moves.";
    internal const string LeverCold = "Server under it, its rinse water out. Coffee runs as soon as the lever moves.";
    internal const string Flame = "Level surface, nothing above, sleeves back. Never leave it alone.";
    internal const string Bulb = "Outside dry, bulb never empty, chain hanging. Do not seat it on water boiling hard.";
    internal const string Boiling = "Hot to the rim. Sleeves back, face to the side; stir gently, not against the glass.";
    internal const string Stand = "The top chamber is hot. Put it on its stand; let the burner cool before refilling, away from any flame.";
    internal const string IceGlass = "Ice first, in a server made for it; never a glass from the freezer.";
    internal const string ColdSteep = "Covered, clean and in the cold: a long steep is food. Drink it within a day or two.";
    internal const string Hot = "Above 65 °C it scalds. Wait until it is about 60 °C.";

    /// <summary>All of them, gathered.</summary>
    public static IReadOnlyList<CautionGroup> Gathered { get; } =
    [
        new("Hot water and steam", [HotPour, Crust, "Face away from bloom, crust and high pours.", HotJar]),
        new("Glass", [GlassWarm, IceGlass, HotOff]),
        new("French press", [PlungeForce, "Glass breaks under force and the coffee jumps out."]),
        new("Tube press", [PressForce, TopHeavy, FlipHot]),
        new("Drippers", [Valve, Lever, "Do not carry it full."]),
        new("Siphon", [Flame, Bulb, Boiling, Stand, "Never over the flame with a wet outside or an empty bulb. Fuel gas and spirit alike are refilled cold and away from flame."]),
        new("Drinking", [Hot, ColdSteep, "Caffeine is an estimate, not advice. Damp cloths are kept cold, and not for long."]),
    ];
}
