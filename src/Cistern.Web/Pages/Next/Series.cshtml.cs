namespace Cistern.Web.Pages.Next;

/// <summary>A brew of a series.</summary>
/// <param name="Brew">The brew.</param>
/// <param name="FlavourBalance">Its flavour balance as brewed, from the forecast.</param>
/// <param name="TdsPercent">Its strength, %: as read, or else from the forecast.</param>
/// <param name="YieldPercent">Its extraction, %: from the reading, or else from the forecast.</param>
/// <param name="Read">Whether there is a refractometer reading.</param>
/// <param name="Changed">What was changed from the one before, in words.</param>
/// <param name="Planned">The expected figures of its plan.</param>
public sealed record SeriesRow(Data.Brews.Brew Brew, double FlavourBalance, double TdsPercent, double YieldPercent, bool Read, string Changed, Totals Planned)
{
    /// <summary>Whether it was made from another brew by a change.</summary>
    public bool IsChanged => Changed.Length > 0;
}

/// <summary>A series of brews as a path on the map, with the expected and the actual effect of each change.</summary>
public sealed class SeriesModel(CisternDb db, SeriesStore lines, PictureStore pictures, BaristaContext baristaContext, ForecastModel model) : PageModel
{
    /// <summary>The current barista and the running brews.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The brew it was asked from.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>The brews, oldest first.</summary>
    public IReadOnlyList<SeriesRow> Rows { get; private set; } = [];

    /// <summary>The pictures of each brew.</summary>
    public ILookup<int, ListedPicture> Pictures { get; private set; } = Array.Empty<ListedPicture>().ToLookup(_ => 0);

    /// <summary>The target strength of the last one; null where there is none.</summary>
    public Span? Wanted { get; private set; }

    /// <summary>The map.</summary>
    public string Map { get; private set; } = "";

    /// <summary>Formats figures for this barista.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (await db.Logged.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id && row.State == BrewState.Finished && row.StartedAtMs != null, ct) is not { } asked)
        {
            return NotFound();
        }

        Brew = asked;
        Format = await baristaContext.FormatAsync(ct);
        var brews = await lines.OfAsync(asked, upTo: false, ct);
        var rows = new List<SeriesRow>();
        // The figures are stored with each brew; older ones get them soon after the start.
        foreach (var brew in brews)
        {
            if (brew.Facts is { } facts)
            {
                rows.Add(RowOf(brew, facts, rows.LastOrDefault()?.Brew));
            }
        }

        if (rows.Count == 0)
        {
            return NotFound();
        }

        Rows = rows;
        Pictures = await pictures.CurrentOfAsync([.. rows.Select(row => row.Brew.Id)], ct);
        var last = brews[^1];
        Wanted = last.Planned().Target?.TdsPercent;
        Map = SeriesMap.Draw(
            [.. rows.Select((row, i) => new SeriesMark(row.YieldPercent, row.TdsPercent, row.IsChanged ? (row.Planned.ExtractionYieldPercent, row.Planned.FinalTdsPercent) : null, $"{i + 1}: {row.Changed}", rows.FindIndex(other => other.Brew.Id == row.Brew.ParentBrewId) is >= 0 and var after ? after : null))],
            Wanted is { } wanted ? (wanted.Low, wanted.High) : null, 620, 420);
        return Page();
    }

    private SeriesRow RowOf(Data.Brews.Brew brew, BrewFacts facts, Data.Brews.Brew? before)
    {
        var read = brew.ReadTdsPercent();
        var change = SeriesChange.Read(brew.ChangedJson);
        return new SeriesRow(
            brew,
            facts.FlavourBalance,
            read ?? facts.FinalTdsPercent,
            brew.ReadYieldPercent(facts.FinalG, facts.DoseG) ?? facts.ExtractionYieldPercent,
            read is not null,
            change?.What ?? (before is null ? "" : Between(before, brew, brew.Why.Length > 0 ? "" : "The same again")),
            brew.ModelOf(model).Figures(brew.Planned()).Totals);
    }

    /// <summary>The differences in what was set, for brews that were not advised.</summary>
    private string Between(Data.Brews.Brew before, Data.Brews.Brew brew, string nothing)
    {
        var (from, to) = (before.Planned(), brew.Planned());
        var parts = new List<string>();
        if (before.GrindText != brew.GrindText)
        {
            parts.Add($"{before.GrindText} → {brew.GrindText}");
        }

        if (Math.Abs(from.Coffee.DoseG - to.Coffee.DoseG) >= 0.05)
        {
            parts.Add($"coffee {Format.DoseNumber(from.Coffee.DoseG)} → {Format.Dose(to.Coffee.DoseG)}");
        }

        if (Math.Abs(from.WaterG - to.WaterG) >= 0.5)
        {
            parts.Add($"water {Format.MassNumber(from.WaterG, fine: false)} → {Format.Water(to.WaterG)}");
        }

        if (Math.Abs(from.Water.TemperatureC - to.Water.TemperatureC) >= 0.05)
        {
            parts.Add($"{Format.TemperatureNumber(from.Water.TemperatureC)} → {Format.Temperature(to.Water.TemperatureC)}");
        }

        return parts.Count > 0 ? string.Join("; ", parts) : nothing;
    }
}
