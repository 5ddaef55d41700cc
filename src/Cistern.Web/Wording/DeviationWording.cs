namespace Cistern.Web.Wording;

/// <summary>A deviation as shown on the brew screen.</summary>
/// <param name="What">What went differently. Without seconds that still count up: the stage shows them, and there must be one figure.</param>
/// <param name="Effect">The effect on the cup, or what the barista can do.</param>
/// <param name="Offer">The best correction with its result; empty where none improves the cup.</param>
/// <param name="SoFar">Those seconds at this moment, for the log; empty where they do not count up.</param>
public sealed record DeviationText(string What, string Effect, string Offer, string SoFar = "")
{
    /// <summary>All of it in one line, as stored in the log.</summary>
    public string Line => string.Join(' ', new[] { SoFar.Length > 0 ? $"{What.TrimEnd('.')}, {SoFar}." : What, Effect, Offer }.Where(text => text.Length > 0));
}

/// <summary>Words for a deviation, its effect on the cup, and the correction.</summary>
public static class DeviationWording
{
    /// <summary>An action due within this time is worded as "now", s.</summary>
    private const double NowS = 4;

    /// <summary>The least improvement worth offering, where 1 is the limit of the tolerances.</summary>
    private const double MinImprovement = 0.25;

    /// <summary>A deviation in words.</summary>
    /// <param name="deviation">The deviation.</param>
    /// <param name="correction">The best correction; null where only the barista's hands can help.</param>
    /// <param name="recipe">The current plan.</param>
    /// <param name="asItGoes">The forecast of what happened so far.</param>
    /// <param name="nowS">Now, s on the brew clock.</param>
    /// <param name="format">Formats figures.</param>
    public static DeviationText Of(Deviation deviation, Correction? correction, Recipe recipe, Forecast asItGoes, double nowS, FigureFormat format)
    {
        var off = deviation.Amount < 100 ? FigureFormat.Seconds(deviation.Amount) : FigureFormat.Clock(deviation.Amount);
        var what = deviation.Kind switch
        {
            DeviationKind.ReleaseDue => "Late.",
            DeviationKind.ReleasedEarly => $"The steep ended {off} early.",
            DeviationKind.ReleasedLate => $"The steep ended {off} late.",
            DeviationKind.DrainSlow => "A slow drawdown.",
            DeviationKind.DrainStalled => "The drawdown has taken over four minutes and may have stalled.",
            DeviationKind.PressSlow => "It presses hard.",
            DeviationKind.PressEasy => $"It pressed easily, {off} under.",
            DeviationKind.WaterCool => $"The water is {format.Kelvin(deviation.Amount)} too cool.",
            DeviationKind.WaterHot => $"The water is {format.Kelvin(deviation.Amount)} too hot.",
            DeviationKind.StirForgotten or DeviationKind.StepForgotten => recipe.Steps[deviation.Step] is Step.CloseValve ? "The valve was left open." : $"Not done: {StepWording.Of(recipe, deviation.Step, format).Verb.ToLowerInvariant()}.",
            DeviationKind.FlameWeak => $"The flame is {FigureFormat.Number(deviation.Amount, 0)} W too weak.",
            DeviationKind.PouredOver => $"Poured {format.Water(deviation.Amount)} over.",
            DeviationKind.PouredUnder => $"Poured {format.Water(deviation.Amount)} short.",
            DeviationKind.DoseOver => $"{format.Dose(deviation.Amount)} of coffee over.",
            DeviationKind.DoseUnder => $"{format.Dose(deviation.Amount)} of coffee short.",
            _ => throw new ArgumentOutOfRangeException(nameof(deviation), deviation.Kind, "Something went differently."),
        };
        var soFar = deviation.Kind switch
        {
            DeviationKind.ReleaseDue => off,
            DeviationKind.DrainSlow or DeviationKind.PressSlow => $"{off} over",
            _ => "",
        };
        var comes = deviation.Kind switch
        {
            DeviationKind.DrainSlow => "A gentle swirl may free it; do not press it.",
            DeviationKind.DrainStalled => "Swirl it gently once more, or stop here and keep what is in the cup.",
            DeviationKind.PressSlow => "Stop and ease back, then go slower; never lean on it.",
            DeviationKind.PressEasy => "Nothing to do now: keep pressing gently.",
            DeviationKind.FlameWeak => "The water may fall back when the coffee goes in: turn it up, following the maker's instructions. Never leave it alone.",
            DeviationKind.ReleaseDue when correction is null => $"Nothing lost yet: {CupWording.Strength(asItGoes.Totals, format)}.",
            _ when correction is null => $"It hardly matters: {CupWording.Strength(asItGoes.Totals, format)}.",
            DeviationKind.ReleaseDue when !Offers(correction) => $"As it is going: {CupWording.Strength(asItGoes.Totals, format)}. {Begins(recipe, format)}; nothing else would help.",
            _ when !Offers(correction) => $"As it is going: {CupWording.Strength(asItGoes.Totals, format)}. Nothing you can still do would improve it.",
            _ => $"As it is going: {CupWording.Strength(asItGoes.Totals, format)}{StrengthSide(asItGoes.Totals, correction, format)}.",
        };
        if (deviation.Kind == DeviationKind.PouredUnder && CanPourTheRest(deviation, recipe, asItGoes, nowS))
        {
            comes = $"Pour the rest now, and type the weight on the scale. {comes}";
        }

        return new DeviationText(what, comes, correction is null || !Offers(correction) ? "" : $"{Action(correction, deviation, recipe, nowS, format)}: {(StrengthSide(asItGoes.Totals, correction, format).Length > 0 ? "nearer to the plan" : CupWording.Strength(correction.Forecast.Totals, format))}.", soFar);
    }

    /// <summary>Which way the cup is off, where words alone show no difference; empty where they do, or where figures are shown.</summary>
    private static string StrengthSide(Totals asItGoes, Correction correction, FigureFormat format)
    {
        var mended = correction.Forecast.Totals;
        return !format.Equipment.ByTaste || CupWording.Strength(asItGoes, format) != CupWording.Strength(mended, format) ? ""
            : asItGoes.FinalTdsPercent > mended.FinalTdsPercent ? ", a little strong" : ", a little weak";
    }

    /// <summary>Whether a correction does something and is worthwhile.</summary>
    public static bool Offers(Correction correction) => correction is { SteepEndAtS: not null } or { PourOffAtS: not null } or { DilutionG: > 0 } && correction.MissBefore - correction.MissAfter >= MinImprovement;

    /// <summary>Whether the water is still with the coffee and no later pour makes up for what is missing.</summary>
    private static bool CanPourTheRest(Deviation deviation, Recipe recipe, Forecast asItGoes, double nowS) =>
        Acts.SteepEndIndex(recipe) is >= 0 and var steepEnd && deviation.Step < steepEnd && asItGoes.Timings[steepEnd].StartS > nowS && !recipe.Steps.Skip(deviation.Step + 1).OfType<Step.Pour>().Any();

    /// <summary>How the end of the steep is worded on its button: <c>Plunge now</c>; empty where there is none.</summary>
    private static string Begins(Recipe recipe, FigureFormat format) => Acts.SteepEndIndex(recipe) is >= 0 and var steepEnd ? StepWording.Of(recipe, steepEnd, format).Begins : "";

    private static string Action(Correction correction, Deviation deviation, Recipe recipe, double nowS, FigureFormat format)
    {
        var begins = Begins(recipe, format);
        var when = (correction.SteepEndAtS, deviation.Kind) switch
        {
            _ when correction.PourOffAtS is { } laterS => laterS - nowS < NowS ? "Pour it off now" : $"Leave it on the grounds and pour off at {FigureFormat.Clock(laterS)}",
            (null, DeviationKind.ReleaseDue) => begins,
            (null, _) => "",
            ({ } atS, _) when atS - nowS < NowS => begins,
            ({ } atS, _) => $"{StepWording.Of(recipe, Acts.SteepEndIndex(recipe), format).Verb} at {FigureFormat.Clock(atS)}",
        };
        var dilution = correction.DilutionG > 0 ? $"dilute with {format.Equipment.Water(correction.DilutionG, format)} of water" : "";
        return (when.Length, dilution.Length) switch
        {
            ( > 0, > 0) => $"{when}, then {dilution}",
            (0, _) => dilution.Capitalized(),
            _ => when,
        };
    }
}
