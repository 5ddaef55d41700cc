namespace Cistern.Drawing;

/// <summary>A small line drawing of a step, for beginners.</summary>
public static class GesturePicture
{
    private const string Jug = "<path d=\"M34 40V88H86V40\"/><path d=\"M36 56H84\"/>";
    private const string Cone = "<path d=\"M30 24L50 60H70L90 24Z\"/>";
    private const string Cup = "<path d=\"M38 72V94H82V72\"/>";
    private const string Down = "<path class=\"moves\" d=\"M104 30V66M96 57L104 66L112 57\"/>";

    /// <summary>The drawing of a step; null where it needs none.</summary>
    /// <param name="step">The step.</param>
    /// <param name="family">The brewer.</param>
    public static string? Draw(Step step, BrewerFamily family) => Lines(step, family) is { } lines
        ? $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 120 100\" class=\"gesture\" aria-hidden=\"true\">{lines}</svg>"
        : null;

    private static string? Lines(Step step, BrewerFamily family) => step switch
    {
        Step.RinseFilter => $"{Cone}<path class=\"moves\" d=\"M60 4V34M52 70V82M60 70V90M68 70V82\"/>",
        Step.Preheat => $"{Jug}<path class=\"moves\" d=\"M46 30C42 22 50 18 46 8M60 30C56 22 64 18 60 8M74 30C70 22 78 18 74 8\"/>",
        Step.AddCoffee => $"{Vessel(family)}<path d=\"M74 8L106 16L98 30Z\"/><path class=\"moves\" d=\"M72 14V18M68 24V28M62 32V36M66 40V44\"/>",
        Step.Pour => $"{Vessel(family)}<path d=\"M118 6H92V26H118M92 12L74 8\"/><path class=\"moves\" d=\"M74 8C66 14 64 24 64 54\"/>",
        Step.Swirl => $"{Vessel(family)}<path class=\"moves\" d=\"M20 92C40 102 80 102 100 92M92 88L100 92L96 99\"/>",
        Step.TapRaft => $"{Jug}<path d=\"M76 4L60 46\"/><ellipse cx=\"59\" cy=\"52\" rx=\"7\" ry=\"4\"/><path class=\"moves\" d=\"M44 38V48M40 44L44 48L48 44\"/>",
        Step.BreakCrust => $"{Jug}<path d=\"M36 50C46 44 52 54 60 48C68 42 76 54 84 48\"/><path d=\"M88 4L66 44\"/><ellipse cx=\"64\" cy=\"50\" rx=\"8\" ry=\"5\"/><path class=\"moves\" d=\"M54 62C58 72 70 72 74 62M70 66L74 62L78 66\"/>",
        Step.Stirring => $"{Vessel(family)}<path d=\"M84 2L64 62\"/><ellipse cx=\"62\" cy=\"68\" rx=\"6\" ry=\"8\"/><path class=\"moves\" d=\"M44 44C52 34 72 34 78 44M72 44L78 44L78 37\"/>",
        Step.Skim => $"{Jug}<path d=\"M18 22L52 52M102 22L68 52\"/><ellipse cx=\"55\" cy=\"55\" rx=\"7\" ry=\"4\"/><ellipse cx=\"65\" cy=\"55\" rx=\"7\" ry=\"4\"/><path class=\"moves\" d=\"M60 44V26M54 32L60 26L66 32\"/>",
        Step.Lid { On: false } => $"{Jug}<path d=\"M30 22H90M60 22V14\"/><path class=\"moves\" d=\"M104 60V26M96 35L104 26L112 35\"/>",
        Step.Lid => $"{Jug}<path d=\"M30 30H90M60 30V22\"/>{Down}",
        Step.Smell => $"{Jug}<path class=\"moves\" d=\"M46 34C42 26 50 22 46 12M60 34C56 26 64 22 60 12M74 34C70 26 78 22 74 12\"/>",
        Step.SeatPlunger => $"{Jug}<path d=\"M60 6V46M38 46H82\"/>{Down}",
        Step.Plunge => $"{Jug}<path d=\"M60 10V72M50 10H70M37 72H83\"/>{Down}",
        Step.Press => $"<path d=\"M44 8V66H76V8M36 66H84\"/><path d=\"M60 0V40M46 40H74\"/>{Cup}{Down}",
        Step.Flip => $"<path d=\"M46 20H74V70H46Z\"/>{Cup}<path class=\"moves\" d=\"M22 70C8 50 14 20 36 12M28 8L37 12L31 20\"/>",
        Step.SetOnServer => $"{Cone}{Cup}{Down}",
        Step.Drain when family == BrewerFamily.ValveDripper => $"{Cone}{Cup}{Down}",
        Step.OpenValve or Step.Drain => $"{Vessel(family)}{Cup}<path class=\"moves\" d=\"M60 62V70M60 76V82\"/>",
        Step.CloseValve => $"{Cone}<path d=\"M50 66H70\"/>",
        Step.LightBurner => $"<circle cx=\"60\" cy=\"34\" r=\"24\"/><path class=\"moves\" d=\"M60 92C46 86 52 76 60 68C68 76 74 86 60 92Z\"/>",
        Step.SeatChamber => $"<path d=\"M40 4V40H80V4M60 40V62\"/><circle cx=\"60\" cy=\"76\" r=\"20\"/>{Down}",
        Step.RemoveBurner => $"<circle cx=\"44\" cy=\"34\" r=\"24\"/><path d=\"M80 92C66 86 72 76 80 68C88 76 94 86 80 92Z\"/><path class=\"moves\" d=\"M94 80H114M106 73L114 80L106 87\"/>",
        Step.Decant => $"<path d=\"M10 34L44 10L68 44L34 68Z\"/><path class=\"moves\" d=\"M68 44C76 46 78 56 78 66\"/><path d=\"M58 70V94H98V70\"/>",
        Step.Dilute => $"{Cup}<path class=\"moves\" d=\"M60 30V64M52 55L60 64L68 55\"/>",
        Step.Ice => $"{Cup}<path d=\"M46 30H62V46H46Z\"/><path d=\"M60 50H74V64H60Z\"/>",
        _ => null,
    };

    private static string Vessel(BrewerFamily family) => family is BrewerFamily.ValveDripper or BrewerFamily.LeverDripper ? Cone : Jug;
}
