namespace Cistern.Web.Pages.Plan;

/// <summary>An earlier brew of the coffee, as computed.</summary>
/// <param name="Name">Its name.</param>
/// <param name="TdsPercent">Its strength, %.</param>
/// <param name="ExtractionYieldPercent">Its extraction yield, %.</param>
/// <param name="FlavourBalance">Its flavour balance; a judgement.</param>
public sealed record BrewedBefore(string Name, double TdsPercent, double ExtractionYieldPercent, double FlavourBalance);

/// <summary>The map of strength against extraction on the page.</summary>
/// <param name="Svg">The picture.</param>
/// <param name="Arrows">The meaning of each lettered arrow.</param>
/// <param name="Rows">The same as a table: what, strength, extraction, balance.</param>
public sealed record StrengthMapView(string Svg, IReadOnlyList<string> Arrows, IReadOnlyList<(string What, string Tds, string Yield, string FlavourBalance)> Rows)
{
    /// <summary>Draws it for a plan and the last brews of its coffee.</summary>
    public static StrengthMapView Of(PlanView plan, IReadOnlyList<BrewedBefore> brews)
    {
        var totals = plan.Forecast.Totals;
        var marks = new List<MapMark> { new(MapPoint.Plan, totals.ExtractionYieldPercent, totals.FinalTdsPercent, "this plan") };
        var rows = new List<(string, string, string, string)> { Row("This plan", totals.FinalTdsPercent, totals.ExtractionYieldPercent, totals.FlavourBalance) };
        if (plan.IsChanged)
        {
            var parent = plan.Accepted.Totals;
            marks.Add(new MapMark(MapPoint.Parent, parent.ExtractionYieldPercent, parent.FinalTdsPercent, "as it was"));
            rows.Add(Row("Compared with", parent.FinalTdsPercent, parent.ExtractionYieldPercent, parent.FlavourBalance));
        }

        foreach (var brew in brews)
        {
            marks.Add(new MapMark(MapPoint.Brew, brew.ExtractionYieldPercent, brew.TdsPercent, brew.Name));
            rows.Add(Row($"Brewed: {brew.Name}", brew.TdsPercent, brew.ExtractionYieldPercent, brew.FlavourBalance));
        }

        var sensitivities = plan.Heavy ? [] : Sensitivities.Of(plan.Forecast, plan.Form.Grinder is { } own ? Math.Abs(own.Scale.UmPerSetting * own.Step) : 10).Where(sensitivity => plan.Form.CanGrind || sensitivity.Setting != Setting.MedianUm).ToList();
        var arrows = sensitivities.ConvertAll(sensitivity => new MapArrow(sensitivity.ExtractionYieldPercent, sensitivity.TdsPercent, Words(sensitivity, plan)));
        rows.AddRange(sensitivities.Select(sensitivity => Row(Words(sensitivity, plan), sensitivity.TdsPercent, sensitivity.ExtractionYieldPercent, sensitivity.FlavourBalance)));
        var target = plan.Form.Recipe.Target?.TdsPercent;
        return new StrengthMapView(StrengthMap.Draw(marks, arrows, target is { } meant ? (meant.Low, meant.High) : null, 440, 300, totals.KeptGPerG(plan.Form.Batch)), [.. arrows.Select((arrow, i) => $"{StrengthMap.Letter(i)} {arrow.Label}")], rows);
    }

    private static (string, string, string, string) Row(string what, double tds, double yield, double balance) =>
        (what, FigureFormat.Percent(tds, 2), FigureFormat.Percent(yield), $"{FigureFormat.FlavourBalance(balance)} ({FigureFormat.Signed(balance, 2)})");

    private static string Words(Sensitivity sensitivity, PlanView plan)
    {
        var size = Math.Abs(sensitivity.By);
        return sensitivity.Setting switch
        {
            Setting.DoseG => $"{plan.Format.Dose(size)} more coffee",
            Setting.WaterG => $"{plan.Format.Water(size)} more water",
            Setting.TemperatureC => $"{FigureFormat.Number(plan.Format.Units.DifferenceFromK(size), 0)} {plan.Format.TemperatureUnit} {(sensitivity.By > 0 ? "hotter" : "cooler")}",
            Setting.MedianUm when plan.Form.Grinder is { } grinder => $"{FigureFormat.Number(Math.Max(1, Math.Round(size / Math.Abs(grinder.Scale.UmPerSetting) / grinder.Step)), 0)} finer ({FigureFormat.Number(size, 0)} µm)",
            Setting.MedianUm => $"{FigureFormat.Number(size, 0)} µm finer",
            Setting.SteepEndS => $"{FigureFormat.Seconds(size)} longer",
            _ => $"{FigureFormat.Number(size, 0)} more turns",
        };
    }
}
