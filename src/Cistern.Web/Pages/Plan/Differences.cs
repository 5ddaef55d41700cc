namespace Cistern.Web.Pages.Plan;

/// <summary>A line of a comparison: a difference between plans.</summary>
/// <param name="What">What differs.</param>
/// <param name="Values">The value in each plan.</param>
public sealed record Difference(string What, IReadOnlyList<string> Values)
{
    /// <summary>In the first.</summary>
    public string First => Values[0];

    /// <summary>In the second.</summary>
    public string Second => Values[1];
}

/// <summary>Tables of differences, as shown.</summary>
/// <param name="Heads">The columns' headings.</param>
/// <param name="Tables">Each table's title and lines.</param>
public sealed record DifferenceTables(IReadOnlyList<string> Heads, IReadOnlyList<(string Title, IReadOnlyList<Difference> Lines)> Tables);

/// <summary>The differences between plans.</summary>
/// <param name="Set">Different settings.</param>
/// <param name="Gives">Different results, as far as they differ when rounded for display.</param>
/// <param name="Steps">Steps that not all have, in order.</param>
public sealed record Differences(IReadOnlyList<Difference> Set, IReadOnlyList<Difference> Gives, IReadOnlyList<Difference> Steps)
{
    /// <summary>Compares forecasts.</summary>
    /// <param name="forecasts">The forecasts, at least two.</param>
    /// <param name="format">Formats figures.</param>
    public static Differences Between(IReadOnlyList<Forecast> forecasts, FigureFormat format) => new(
        Differing([.. forecasts.Select(forecast => Settings(forecast, format))]),
        Differing([.. forecasts.Select(forecast => Outcomes(forecast, format))]),
        Differing([.. forecasts.Select(forecast => Done(forecast, format))]));

    /// <summary>The different settings and steps in one line; empty where there are none.</summary>
    public string InShort => string.Join("; ", Set.Concat(Steps).Take(6).Select(one => $"{one.What.ToLowerInvariant()} {Or(one.First)} → {Or(one.Second)}"));

    /// <summary>Only what is not the same in all.</summary>
    /// <param name="all">What each has, by what it is.</param>
    public static IReadOnlyList<Difference> Differing(IReadOnlyList<IEnumerable<(string What, string Value)>> all)
    {
        var lookups = all.Select(one => one.ToLookup(pair => pair.What, pair => pair.Value, StringComparer.Ordinal)).ToList();
        return [.. lookups.SelectMany(lookup => lookup.Select(group => group.Key)).Distinct(StringComparer.Ordinal)
            .Select(what => new Difference(what, [.. lookups.Select(lookup => string.Join("; ", lookup[what]))]))
            .Where(one => one.Values.Distinct(StringComparer.Ordinal).Skip(1).Any())];
    }

    private static string Or(string text) => text.Length > 0 ? text : "none";

    private static IEnumerable<(string What, string Value)> Settings(Forecast forecast, FigureFormat format)
    {
        var recipe = forecast.Recipe;
        yield return ("Style", recipe.Style ?? "");
        yield return ("Brewer", StepWording.Vessel(recipe.Brewer));
        yield return ("Dose", format.Dose(recipe.Coffee.DoseG));
        yield return ("Water", format.Water(recipe.WaterG));
        yield return ("Ratio", FigureFormat.Ratio(Scaling.BatchOf(recipe).Ratio));
        yield return ("Temperature", format.Temperature(Core.Planning.Settings.TemperatureC(recipe)));
        yield return ("Clock", StepWording.ClockStart(recipe.ClockStarts)["The clock starts ".Length..]);
        yield return ("Grind", $"{FigureFormat.Number(recipe.Grind.MedianUm, 0)} µm");
        yield return ("Roast", FigureFormat.Number(recipe.Coffee.Roast, 2));
        yield return ("Rested", $"{FigureFormat.Number(recipe.Coffee.RestDays, 0)} days");
        yield return ("Place", $"{FigureFormat.Number(recipe.Place.AltitudeM, 0)} m, {format.Temperature(recipe.Place.AmbientC)}");
    }

    private static IEnumerable<(string What, string Value)> Outcomes(Forecast forecast, FigureFormat format)
    {
        var totals = forecast.Totals;
        yield return ("Strength", $"{FigureFormat.Percent(totals.FinalTdsPercent, 2)} TDS");
        yield return ("Extraction", FigureFormat.Percent(totals.ExtractionYieldPercent));
        yield return ("Extracted", CupWording.ExtractionLevelOf(totals));
        yield return ("Balance", $"{FigureFormat.FlavourBalance(totals.FlavourBalance)} ({FigureFormat.Signed(totals.FlavourBalance, 2)})");
        yield return ("Drink", $"{format.Water(totals.FinalG)}, {format.Drink(totals.FinalG)}");
        yield return ("Done at", FigureFormat.Clock(totals.FinishS));
        yield return ("Ready to drink at", totals.MustCool ? FigureFormat.Clock(totals.FinishS + totals.DrinkableAfterS) : $"at once, {format.Temperature(totals.FinalC)}");
        yield return ("Drawdown", totals.DrawdownS is { } drawdownS ? FigureFormat.Clock(drawdownS) : "");
        yield return ("Force", totals.PressForceN is { } force ? $"{FigureFormat.Number(force, 0)} N" : "");
        yield return ("Sediment", $"{FigureFormat.Number(totals.SedimentGPer100G, 3)} g in 100 g");
    }

    private static IEnumerable<(string What, string Value)> Done(Forecast forecast, FigureFormat format)
    {
        for (var i = 0; i < forecast.Timings.Length; i++)
        {
            var words = StepWording.Of(forecast.Recipe, i, format);
            yield return (words.Verb, $"{FigureFormat.Clock(forecast.Timings[i].StartS)} {words.Target}".Trim());
        }
    }
}
