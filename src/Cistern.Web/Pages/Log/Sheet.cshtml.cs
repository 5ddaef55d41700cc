namespace Cistern.Web.Pages.Log;

/// <summary>One brew on one side of A4 for printing, with a QR code for importing it elsewhere.</summary>
public sealed class SheetModel(CisternDb db, BrewExport brews, BaristaContext baristaContext, ForecastModel model) : PageModel
{
    /// <summary>The current barista.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The brew.</summary>
    public LoggedBrew Logged { get; private set; } = null!;

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>The brew as a QR code; null where it is not over, or too long for one.</summary>
    public string? Code { get; private set; }

    /// <summary>The planned figures and the results.</summary>
    public IEnumerable<(string What, string Planned, string Brewed)> Figures
    {
        get
        {
            var (planned, real) = (Logged.Planned, Logged.Real);
            (string, string, string) Of(string what, Func<Forecast, string> tell) => (what, tell(planned), real is null ? "—" : tell(real));
            yield return Of("Dose", one => Format.Dose(one.Recipe.Coffee.DoseG));
            yield return Of("Water", one => Format.Water(one.Recipe.WaterG));
            yield return Of("Temperature", one => Format.Temperature(Core.Planning.Settings.TemperatureC(one.Recipe)));
            yield return Of("Drink", one => Format.Water(one.Totals.FinalG));
            yield return Of("Strength, TDS", one => FigureFormat.Percent(one.Totals.FinalTdsPercent, 2));
            yield return Of("Extraction", one => FigureFormat.Percent(one.Totals.ExtractionYieldPercent));
            yield return Of("Extracted", one => CupWording.ExtractionLevelOf(one.Totals));
            yield return Of("Balance", one => FigureFormat.FlavourBalance(one.Totals.FlavourBalance));
            if (planned.Totals.DrawdownS is { } drawdownS)
            {
                yield return ("Drawdown, by the clock", FigureFormat.Clock(drawdownS), Logged.Measured.DrawdownS is { } drainedS ? FigureFormat.Clock(drainedS) : "—");
            }

            if (planned.Totals.PressForceN is not null)
            {
                yield return ("Press time, by the clock", FigureFormat.Seconds(Logged.PlannedPressS), Logged.Measured.PressS is { } pressedS ? FigureFormat.Seconds(pressedS) : "—");
            }

            yield return Of("Done at", one => FigureFormat.Clock(one.Totals.FinishS));
        }
    }

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (await LoggedBrew.LoadAsync(db, model, id, baristaContext.NowMs, ct) is not { } logged)
        {
            return NotFound();
        }

        (Logged, Format) = (logged, await baristaContext.FormatAsync(ct));
        await foreach (var record in brews.OfAsync([id], withReadings: false, ct))
        {
            Code = CodeText.Of(record) is { } text ? QrPicture.Draw(text, "This brew as a code") : null;
        }

        return Page();
    }
}
