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
        var step = happening.StepIndex >= 0 ? string.Create(CultureInfo.InvariantCulture, $"steps[{happening.StepIndex}]") : "steps";
        var low = happening.Value < happening.Limit;
        var (kind, member) = happening.Kind switch
        {
            BrewEventKind.Overflow => (FindingKinds.Overflow, "brewer.capacityMl"),
            BrewEventKind.ToTheBrim => (FindingKinds.ToTheBrim, "brewer.capacityMl"),
            BrewEventKind.NearlyFull => (FindingKinds.NearlyFull, "brewer.capacityMl"),
            BrewEventKind.ServerOverflow => (FindingKinds.ServerOverflow, "brewer"),
            BrewEventKind.KettleAboveBoiling => (FindingKinds.KettleAboveBoiling, happening.StepIndex >= 0 ? step + ".temperatureC" : "water.temperatureC"),
            BrewEventKind.Stall => (FindingKinds.MayStall, step),
            BrewEventKind.PressTooHard => (FindingKinds.PressTooHard, step),
            BrewEventKind.WindowMissed => (low ? FindingKinds.BeforeItsWindow : FindingKinds.AfterItsWindow, step + ".window"),
            BrewEventKind.StepLate => (FindingKinds.StepLate, step + ".at"),
            BrewEventKind.TargetMissed => (low ? FindingKinds.BelowTarget : FindingKinds.AboveTarget, "target." + happening.Member),
            BrewEventKind.WaterFallsBack => (FindingKinds.WaterFallsBack, step),
            BrewEventKind.BoilsOver => (FindingKinds.BoilsOver, step),
            BrewEventKind.TimeInWindow => (FindingKinds.TimeInWindow, step + ".at"),
            BrewEventKind.IceTooLittle => (FindingKinds.IceTooLittle, "steps"),
            BrewEventKind.DryBed => (FindingKinds.DryBed, step),
        };
        return kind.At(Finding.Path(place, member), happening.Value, happening.Limit, happening.AtS, recipe.Place.AltitudeM);
    }
}
