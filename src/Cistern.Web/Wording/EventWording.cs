namespace Cistern.Web.Wording;

/// <summary>Something found by a forecast, with its remedy, in words.</summary>
/// <param name="Stops">Whether the brew should not be started like this.</param>
/// <param name="Title">What.</param>
/// <param name="Remedy">What would do.</param>
/// <param name="Kind">The kind of event.</param>
/// <param name="StepIndex">The index of its step, or −1 for the whole brew.</param>
public sealed record EventWords(bool Stops, string Title, string Remedy, BrewEventKind Kind, int StepIndex);

/// <summary>Puts a forecast's events into words.</summary>
public static class EventWording
{
    /// <summary>The words for one event.</summary>
    public static EventWords Of(BrewEvent happening, Forecast forecast, FigureFormat format)
    {
        var (title, remedy) = Words(happening, forecast, format);
        return new EventWords(happening.Kind == BrewEventKind.Overflow, title, remedy, happening.Kind, happening.StepIndex);
    }

    private static (string Title, string Remedy) Words(BrewEvent happening, Forecast forecast, FigureFormat format)
    {
        var step = happening.StepIndex >= 0 ? $"“{StepWording.Of(forecast.Recipe, happening.StepIndex, format).Verb}”" : "";
        var value = happening.Value;
        var limit = happening.Limit;
        return happening.Kind switch
        {
            BrewEventKind.NearlyFull => ($"It fills to {format.Room(value)} of {format.Room(limit)}.", "Hardly room for foam. Scale it down a little, or pour slowly."),
            BrewEventKind.ToTheBrim => ($"It reaches the brim: {format.Room(value)} with grounds and foam, and the brewer holds {format.Room(limit)}.", "Pour slowly, in two pours, wait for the foam to fall, and keep your fingers off the rim. What runs over scalds."),
            BrewEventKind.Overflow => ($"It runs over: {format.Room(value)} with grounds and foam, and the brewer holds {format.Room(limit)}.", "Scale it to fit, or use a larger brewer."),
            BrewEventKind.ServerOverflow => ($"The server runs over: {format.Room(value)} for {format.Room(limit)}.", "Take a larger server."),
            BrewEventKind.KettleAboveBoiling when forecast.Recipe.Brewer.Family == Core.Recipes.BrewerFamily.Siphon =>
                ($"Water boils at {format.Temperature(limit)} here, so the flame holds {format.Temperature(Math.Min(Core.Planning.Settings.TemperatureC(forecast.Recipe), limit - 2))} at most.", "The forecast uses that. Hold it longer or grind finer to make up for it."),
            BrewEventKind.KettleAboveBoiling when happening.StepIndex >= 0 =>
                ($"Water boils at {format.Temperature(limit)} here, so {step} cannot be at {format.Temperature(value)}.", "The forecast uses water off the boil for it. Leave its temperature out, or set a lower one."),
            BrewEventKind.KettleAboveBoiling => ($"Water boils at {format.Temperature(limit)} here, so {format.Temperature(value)} is not possible.", "The forecast uses water off the boil. Hold it longer or grind finer to make up for it."),
            BrewEventKind.Stall => ($"The drawdown takes {FigureFormat.Clock(value)} and may stall.", "Grind coarser, or stir less."),
            BrewEventKind.PressTooHard => ($"It takes {FigureFormat.Number(value, 0)} N: too hard to press.", "Grind coarser, or push more slowly."),
            BrewEventKind.WindowMissed => ($"{step} is outside its window.", $"It should be {(value < limit ? "no earlier" : "no later")} than {FigureFormat.Clock(limit)}."),
            BrewEventKind.StepLate => ($"{step} starts at {FigureFormat.Clock(value)}, after its time, {FigureFormat.Clock(limit)}.", "Shorten the steps before it."),
            BrewEventKind.TargetMissed => (Target(happening), "Change the grind, the ratio or the steep."),
            BrewEventKind.WaterFallsBack => ("The flame cannot hold the water up when the coffee goes in.", "Turn it up a little."),
            BrewEventKind.BoilsOver => ("The flame is so strong that it boils in large bubbles.", "Turn it down."),
            BrewEventKind.TimeInWindow => ($"{step} is set for {FigureFormat.Clock(value)}, but the step before it may be as late as {FigureFormat.Clock(limit)}.", "Remove its time, or end that window before it."),
            BrewEventKind.IceTooLittle => ($"The ice brings it to {format.Temperature(value)}, not {format.Temperature(limit)}.", "Take more ice."),
            BrewEventKind.DryBed => ("The bed is dry before the cup is as full as wanted.", "Pour more, or ask for less."),
        };
    }

    private static string Target(BrewEvent happening)
    {
        var side = happening.Value < happening.Limit ? "under" : "over";
        return happening.Member switch
        {
            "tdsPercent" => $"Strength is {FigureFormat.Percent(happening.Value, 2)}, {side} the target of {FigureFormat.Percent(happening.Limit, 2)}.",
            "tilt" => $"It is {FigureFormat.FlavourBalance(happening.Value)} ({FigureFormat.Signed(happening.Value, 2)}), {side} the target ({FigureFormat.Signed(happening.Limit, 2)}).",
            "extractionYieldPercent" => $"Extraction is {FigureFormat.Percent(happening.Value)}, {side} the target of {FigureFormat.Percent(happening.Limit)}.",
            _ => $"Done at {FigureFormat.Clock(happening.Value)}; the target is {FigureFormat.Clock(happening.Limit)}.",
        };
    }
}
