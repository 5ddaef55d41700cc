using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Web.Wording;

namespace Cistern.Web.Pages.Plan;

/// <summary>A line of a comparison: what two plans differ in.</summary>
/// <param name="What">What it is.</param>
/// <param name="First">In the first.</param>
/// <param name="Second">In the second.</param>
public sealed record Difference(string What, string First, string Second);

/// <summary>What two plans differ in, and what each gives.</summary>
/// <param name="Set">What is set differently.</param>
/// <param name="Gives">What each gives, where that differs as it is shown.</param>
/// <param name="Steps">What each does and the other does not, in order.</param>
public sealed record Differences(IReadOnlyList<Difference> Set, IReadOnlyList<Difference> Gives, IReadOnlyList<Difference> Steps)
{
    /// <summary>Lays two forecasts side by side.</summary>
    public static Differences Between(Forecast first, Forecast second, Show show) => new(
        Differing(Settings(first, show), Settings(second, show)),
        Differing(Outcomes(first, show), Outcomes(second, show)),
        Differing(Done(first, show), Done(second, show)));

    /// <summary>What is set and done differently, in one line; empty where nothing is.</summary>
    public string InShort => string.Join("; ", Set.Concat(Steps).Take(6).Select(one => $"{one.What.ToLowerInvariant()} {Or(one.First)} → {Or(one.Second)}"));

    private static string Or(string text) => text.Length > 0 ? text : "none";

    private static List<Difference> Differing(IEnumerable<(string What, string Value)> first, IEnumerable<(string What, string Value)> second)
    {
        var firsts = first.ToLookup(one => one.What, one => one.Value, StringComparer.Ordinal);
        var seconds = second.ToLookup(one => one.What, one => one.Value, StringComparer.Ordinal);
        return [.. firsts.Select(group => group.Key).Union(seconds.Select(group => group.Key), StringComparer.Ordinal)
            .Select(what => new Difference(what, string.Join("; ", firsts[what]), string.Join("; ", seconds[what])))
            .Where(one => one.First != one.Second)];
    }

    private static IEnumerable<(string What, string Value)> Settings(Forecast forecast, Show show)
    {
        var recipe = forecast.Recipe;
        yield return ("School", recipe.School ?? "");
        yield return ("Vessel", StepWording.Vessel(recipe.Brewer));
        yield return ("Dose", show.Mass(recipe.Coffee.DoseG));
        yield return ("Water", show.Water(recipe.WaterG));
        yield return ("Ratio", Show.Ratio(Scaling.ChargeOf(recipe).Ratio));
        yield return ("Temperature", show.Temperature(Core.Planning.Settings.TemperatureC(recipe)));
        yield return ("Clock", StepWording.ClockStart(recipe.ClockStarts)["The clock starts ".Length..]);
        yield return ("Grind", $"{Show.Number(recipe.Grind.MedianUm, 0)} µm");
        yield return ("Roast", Show.Number(recipe.Coffee.Roast, 2));
        yield return ("Rested", $"{Show.Number(recipe.Coffee.RestDays, 0)} days");
        yield return ("Place", $"{Show.Number(recipe.Place.AltitudeM, 0)} m, {show.Temperature(recipe.Place.AmbientC)}");
    }

    private static IEnumerable<(string What, string Value)> Outcomes(Forecast forecast, Show show)
    {
        var totals = forecast.Totals;
        yield return ("Strength", $"{Show.Percent(totals.FinalTdsPercent, 2)} TDS");
        yield return ("Extraction", Show.Percent(totals.ExtractionYieldPercent));
        yield return ("Leans", $"{Show.Tilt(totals.Tilt)} ({Show.Signed(totals.Tilt, 2)})");
        yield return ("Drink", $"{show.Water(totals.FinalG)}, {show.Drink(totals.FinalG)}");
        yield return ("Done at", Show.Clock(totals.FinishS));
        yield return ("To drink at", totals.ChilledC is null ? Show.Clock(totals.FinishS + totals.DrinkableAfterS) : "cold at once");
        yield return ("Drains in", totals.DrawdownS is { } drawdownS ? Show.Clock(drawdownS) : "");
        yield return ("At the hand", totals.PressForceN is { } force ? $"{Show.Number(force, 0)} N" : "");
        yield return ("Sediment", $"{Show.Number(totals.SedimentGPer100G, 3)} g in 100 g");
    }

    private static IEnumerable<(string What, string Value)> Done(Forecast forecast, Show show)
    {
        for (var i = 0; i < forecast.Timings.Length; i++)
        {
            var words = StepWording.Of(forecast.Recipe, i, show);
            yield return (words.Verb, $"{Show.Clock(forecast.Timings[i].StartS)} {words.Target}".Trim());
        }
    }
}
