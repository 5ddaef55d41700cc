namespace Cistern.Core.Forecasts;

/// <summary>Checks that need the forecast: what will go wrong, where in the recipe, and the remedy.</summary>
public static class ForecastFindings
{
    /// <summary>The findings of a forecast.</summary>
    /// <param name="forecast">The forecast.</param>
    /// <param name="place">The recipe's path in its file; empty when it is the whole file.</param>
    public static IReadOnlyList<Finding> Of(Forecast forecast, string place = "") =>
        [.. forecast.Events.Select(happening => Of(happening, forecast.Recipe, place))];

    private static Finding Of(BrewEvent happening, Recipe recipe, string place)
    {
        var step = happening.StepIndex >= 0 ? Text($"steps[{happening.StepIndex}]") : "steps";
        var value = happening.Value;
        var limit = happening.Limit;
        return happening.Kind switch
        {
            BrewEventKind.Overflow => Finding.Error(Full("brewer.capacityMl"), Text($"The brewer holds {limit:0} ml, raft and foam included."), Text($"{value:0} ml at {happening.AtS:0} s"), "Scale the recipe down, or use a larger brewer."),
            BrewEventKind.ToTheBrim => Warn("brewer.capacityMl", Text($"The brewer holds {limit:0} ml: the water alone, but not its grounds and foam."), Text($"{value:0} ml at {happening.AtS:0} s"), "Pour slowly and wait for the foam, scale it down, or use a larger brewer."),
            BrewEventKind.NearlyFull => Warn("brewer.capacityMl", "Foam needs room: at most 95 % of the brewer.", Text($"{value:0} of {limit:0} ml"), "Scale it down a little."),
            BrewEventKind.ServerOverflow => Warn("brewer", Text($"The server holds {limit:0} ml, water added and ice included."), Text($"{value:0} ml"), "Take a larger server."),
            BrewEventKind.KettleAboveBoiling => Warn(happening.StepIndex >= 0 ? Text($"steps[{happening.StepIndex}].temperatureC") : "water.temperatureC", Text($"Water boils at {limit:0.0} °C at {recipe.Place.AltitudeM:0} m."), Text($"{value:0.#} °C"), "The forecast uses water off the boil: hold longer or grind finer to make up for it."),
            BrewEventKind.Stall => Warn(step, "A drawdown of over four minutes may stall.", Text($"{value:0} s"), "Grind coarser, or stir less."),
            BrewEventKind.PressTooHard => Warn(step, "Over 120 N a press is too hard.", Text($"{value:0} N"), "Grind coarser, or press more slowly."),
            BrewEventKind.WindowMissed => Warn(step + ".window", Text($"It must be within its window, {(value < limit ? "no earlier" : "no later")} than {limit:0.#} s."), Text($"{value:0.#} s"), "Move the step, or widen the window."),
            BrewEventKind.StepLate => Warn(step + ".at", Text($"It should start at {limit:0.#} s, but the step above is not finished."), Text($"a start at {value:0.#} s"), "Shorten the steps before, or start it later."),
            BrewEventKind.TargetMissed => Warn("target." + happening.Member, Text($"The target is {(value < limit ? "at least" : "at most")} {limit:0.##}."), Text($"{value:0.###}"), "Change the grind, the ratio or the steep."),
            BrewEventKind.WaterFallsBack => Warn(step, "The flame needs 30 W to spare when the coffee goes in, or the water falls back.", Text($"{value:0} W"), "Turn the flame up."),
            BrewEventKind.BoilsOver => Warn(step, "With over 160 W to spare it boils in large bubbles.", Text($"{value:0} W"), "Turn the flame down."),
            BrewEventKind.TimeInWindow => Warn(step + ".at", Text($"A step before it may begin or last until {limit:0.#} s."), Text($"{value:0.#} s"), "Leave at out so that it follows, or end that window before it."),
            BrewEventKind.IceTooLittle => Warn("steps", Text($"The ice should bring it to {limit:0.#} °C."), Text($"{value:0.#} °C, all of it melted"), "Take more ice."),
            _ => Warn(step, Text($"The cup should hold {limit:0} g."), Text($"a dry bed at {value:0} g"), "Pour more, or ask for less."),
        };

        string Full(string member) => place.Length == 0 ? member : $"{place}.{member}";

        Finding Warn(string member, string rule, string found, string remedy) => Finding.Warning(Full(member), rule, found, remedy);
    }

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
