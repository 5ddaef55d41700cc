using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace Cistern.Web.Pages.Plan;

/// <summary>A line of a comparison: what two recipes differ in.</summary>
/// <param name="What">What it is.</param>
/// <param name="First">In the first.</param>
/// <param name="Second">In the second.</param>
public sealed record Difference(string What, string First, string Second);

/// <summary>Two recipes laid side by side: only what differs, and what each gives.</summary>
public sealed class CompareModel(Here here) : PageModel
{
    public Show Show { get; private set; } = null!;

    public Forecast? First { get; private set; }

    public Forecast? Second { get; private set; }

    /// <summary>What is set differently.</summary>
    public IReadOnlyList<Difference> Set { get; private set; } = [];

    /// <summary>What each gives, where that differs as it is shown.</summary>
    public IReadOnlyList<Difference> Gives { get; private set; } = [];

    /// <summary>What each does and the other does not, in order.</summary>
    public IReadOnlyList<Difference> Steps { get; private set; } = [];

    public async Task<IActionResult> OnGetAsync(string? a, string? b, CancellationToken ct)
    {
        Show = await here.ShowAsync(ct);
        if ((a is { Length: > 0 } && RecipeLibrary.Find(a) is null) || (b is { Length: > 0 } && RecipeLibrary.Find(b) is null))
        {
            return NotFound();
        }

        First = RecipeLibrary.Find(a ?? "") is { } first ? Forecaster.Run(first) : null;
        Second = RecipeLibrary.Find(b ?? "") is { } second ? Forecaster.Run(second) : null;
        if (First is not null && Second is not null)
        {
            Set = Differing(Settings(First), Settings(Second));
            Gives = Differing(Outcomes(First), Outcomes(Second));
            Steps = Differing(Done(First), Done(Second));
        }

        return Page();
    }

    private static List<Difference> Differing(IEnumerable<(string What, string Value)> first, IEnumerable<(string What, string Value)> second)
    {
        var firsts = first.ToLookup(one => one.What, one => one.Value, StringComparer.Ordinal);
        var seconds = second.ToLookup(one => one.What, one => one.Value, StringComparer.Ordinal);
        return [.. firsts.Select(group => group.Key).Union(seconds.Select(group => group.Key), StringComparer.Ordinal)
            .Select(what => new Difference(what, string.Join("; ", firsts[what]), string.Join("; ", seconds[what])))
            .Where(one => one.First != one.Second)];
    }

    private IEnumerable<(string What, string Value)> Settings(Forecast forecast)
    {
        var recipe = forecast.Recipe;
        yield return ("School", recipe.School ?? "");
        yield return ("Vessel", StepWording.Vessel(recipe.Brewer));
        yield return ("Dose", Show.Mass(recipe.Coffee.DoseG));
        yield return ("Water", Show.Water(recipe.WaterG));
        yield return ("Ratio", Show.Ratio(Scaling.ChargeOf(recipe).Ratio));
        yield return ("Kettle", Show.Temperature(recipe.Water.TemperatureC));
        yield return ("Grind", $"{Show.Number(recipe.Grind.MedianUm, 0)} µm");
        yield return ("Roast", Show.Number(recipe.Coffee.Roast, 2));
        yield return ("Rested", $"{Show.Number(recipe.Coffee.RestDays, 0)} days");
        yield return ("Place", $"{Show.Number(recipe.Place.AltitudeM, 0)} m, {Show.Temperature(recipe.Place.AmbientC)}");
    }

    private IEnumerable<(string What, string Value)> Outcomes(Forecast forecast)
    {
        var totals = forecast.Totals;
        yield return ("Strength", $"{Show.Percent(totals.FinalTdsPercent, 2)} TDS");
        yield return ("Extraction", Show.Percent(totals.ExtractionYieldPercent));
        yield return ("Leans", $"{Show.Tilt(totals.Tilt)} ({Show.Signed(totals.Tilt, 2)})");
        yield return ("Drink", $"{Show.Water(totals.FinalG)}, {Show.Drink(totals.FinalG)}");
        yield return ("Done at", Show.Clock(totals.FinishS));
        yield return ("To drink at", totals.ChilledC is null ? Show.Clock(totals.FinishS + totals.DrinkableAfterS) : "cold at once");
        yield return ("Drains in", totals.DrawdownS is { } drawdownS ? Show.Clock(drawdownS) : "");
        yield return ("At the hand", totals.PressForceN is { } force ? $"{Show.Number(force, 0)} N" : "");
        yield return ("Sediment", $"{Show.Number(totals.SedimentGPer100G, 3)} g in 100 g");
    }

    private IEnumerable<(string What, string Value)> Done(Forecast forecast)
    {
        for (var i = 0; i < forecast.Timings.Length; i++)
        {
            var words = StepWording.Of(forecast.Recipe, i, Show);
            yield return (words.Verb, $"{Show.Clock(forecast.Timings[i].StartS)} {words.Target}".Trim());
        }
    }
}
