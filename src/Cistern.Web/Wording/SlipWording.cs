using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;

namespace Cistern.Web.Wording;

/// <summary>A slip as the brew screen tells it.</summary>
/// <param name="What">What went otherwise.</param>
/// <param name="Comes">What it does to the cup, or what the hand can do.</param>
/// <param name="Offer">The best of what is left and what it then comes to; empty where nothing that is left makes it better.</param>
public sealed record SlipTold(string What, string Comes, string Offer)
{
    /// <summary>All of it in one line, as the log keeps it.</summary>
    public string Line => string.Join(' ', new[] { What, Comes, Offer }.Where(text => text.Length > 0));
}

/// <summary>Says in one line what went otherwise, what it does to the cup, and what is best done about it.</summary>
public static class SlipWording
{
    /// <summary>So soon a thing is said to be done now, s.</summary>
    private const double NowS = 4;

    /// <summary>By at least so much it must come nearer, where 1 is what counts.</summary>
    private const double WorthIt = 0.25;

    /// <summary>A slip in words.</summary>
    /// <param name="slip">What went otherwise.</param>
    /// <param name="rescue">The best of what is left; null where only the hand can do something.</param>
    /// <param name="recipe">The plan as it stands.</param>
    /// <param name="asItGoes">The forecast of what really happened so far.</param>
    /// <param name="nowS">Now, s on the clock.</param>
    /// <param name="format">How figures are written.</param>
    public static SlipTold Of(Slip slip, Rescue? rescue, Recipe recipe, Forecast asItGoes, double nowS, FigureFormat format)
    {
        var off = slip.Amount < 100 ? FigureFormat.Seconds(slip.Amount) : FigureFormat.Clock(slip.Amount);
        var what = slip.Kind switch
        {
            SlipKind.ReleaseDue => $"{off} late.",
            SlipKind.ReleasedEarly => $"The steep ended {off} early.",
            SlipKind.ReleasedLate => $"The steep ended {off} late.",
            SlipKind.DrainSlow => $"A slow drawdown, {off} over.",
            SlipKind.DrainStalled => "The drawdown has taken over four minutes and may have stalled.",
            SlipKind.PressSlow => $"It presses hard, {off} over.",
            SlipKind.PressEasy => $"It pressed easily, {off} under.",
            SlipKind.WaterCool => $"The water is {format.Kelvin(slip.Amount)} too cool.",
            SlipKind.WaterHot => $"The water is {format.Kelvin(slip.Amount)} too hot.",
            SlipKind.StirForgotten => $"{StepWording.Of(recipe, slip.Step, format).Verb}: the scale saw none of it.",
            SlipKind.FlameWeak => $"The flame is {FigureFormat.Number(slip.Amount, 0)} W too weak.",
            SlipKind.PouredOver => $"Poured {format.Water(slip.Amount)} over.",
            SlipKind.PouredUnder => $"Poured {format.Water(slip.Amount)} short.",
            SlipKind.DoseOver => $"{format.Dose(slip.Amount)} of coffee over.",
            SlipKind.DoseUnder => $"{format.Dose(slip.Amount)} of coffee short.",
            _ => throw new ArgumentOutOfRangeException(nameof(slip), slip.Kind, "Something went differently."),
        };
        var comes = slip.Kind switch
        {
            SlipKind.DrainSlow => "A gentle swirl may free it; do not press it.",
            SlipKind.DrainStalled => "Swirl it gently once more, or stop here and take what is in the cup.",
            SlipKind.PressSlow => "Stop and ease back, then go slower; never lean on it.",
            SlipKind.PressEasy => "Nothing to do about it now: press on gently.",
            SlipKind.FlameWeak => "The water may fall back when the coffee goes in: turn it up, as its maker says. Never leave it alone.",
            _ => $"As it goes: {Cup(asItGoes)}.",
        };
        return new SlipTold(what, comes, rescue is null || !Offers(rescue) ? "" : $"{Deed(rescue, slip, recipe, nowS, format)}: {Cup(rescue.Forecast)}.");
    }

    /// <summary>Whether a rescue has anything to do, and it is worth doing.</summary>
    public static bool Offers(Rescue rescue) => rescue is { ReleaseAtS: not null } or { LetDownG: > 0 } && rescue.MissBefore - rescue.MissAfter >= WorthIt;

    private static string Cup(Forecast forecast) => $"{FigureFormat.Percent(forecast.Totals.FinalTdsPercent, 2)} TDS, {CupWording.Of(forecast.Totals)}";

    private static string Deed(Rescue rescue, Slip slip, Recipe recipe, double nowS, FigureFormat format)
    {
        var release = Acts.ReleaseIndex(recipe);
        var begins = release < 0 ? "" : StepWording.Of(recipe, release, format).Begins;
        var when = (rescue.ReleaseAtS, slip.Kind) switch
        {
            (null, SlipKind.ReleaseDue) => begins,
            (null, _) => "",
            ({ } atS, _) when atS - nowS < NowS => begins,
            ({ } atS, _) => $"{StepWording.Of(recipe, release, format).Verb} at {FigureFormat.Clock(atS)}",
        };
        var letDown = rescue.LetDownG > 0 ? $"dilute with {format.Water(rescue.LetDownG)} of water" : "";
        return (when.Length, letDown.Length) switch
        {
            ( > 0, > 0) => $"{when}, then {letDown}",
            (0, _) => char.ToUpperInvariant(letDown[0]) + letDown[1..],
            _ => when,
        };
    }
}
