using Cistern.Application.Brews;
using Cistern.Application.Series;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Drawing;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Next;

/// <summary>One brew of a line, as it is told.</summary>
/// <param name="Brew">The brew.</param>
/// <param name="FlavourBalance">Which way it leans as it was brewed, forecast.</param>
/// <param name="TdsPercent">Its strength: read, or else forecast, %.</param>
/// <param name="YieldPercent">Its extraction: by the reading, or else forecast, %.</param>
/// <param name="Read">Whether a refractometer told it.</param>
/// <param name="Changed">What was changed from the one before, in words.</param>
/// <param name="Planned">What it was expected to come to as it was planned.</param>
public sealed record SeriesRow(Data.Brews.Brew Brew, double FlavourBalance, double TdsPercent, double YieldPercent, bool Read, string Changed, Totals Planned)
{
    /// <summary>Whether it was made from another by a change.</summary>
    public bool IsChanged => Changed.Length > 0;
}

/// <summary>A line of brews as a path, with what each change did, expected and real.</summary>
public sealed class SeriesModel(CisternDb db, SeriesStore lines, PictureStore pictures, BaristaContext bench, ForecastModel model) : PageModel
{
    /// <summary>Who is here, and what is brewing.</summary>
    public BaristaContext Bench => bench;

    /// <summary>The brew it was asked from.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>The brews, oldest first.</summary>
    public IReadOnlyList<SeriesRow> Rows { get; private set; } = [];

    /// <summary>The pictures of each brew.</summary>
    public ILookup<int, ListedPicture> Pictures { get; private set; } = Array.Empty<ListedPicture>().ToLookup(_ => 0);

    /// <summary>The strength that was set for the last of them; null where none was.</summary>
    public Span? Wanted { get; private set; }

    /// <summary>The map.</summary>
    public string Map { get; private set; } = "";

    /// <summary>How this barista reads figures.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (await db.Logged.AsNoTracking().FirstOrDefaultAsync(row => row.Id == id && row.State == BrewState.Finished && row.StartedAtMs != null, ct) is not { } asked)
        {
            return NotFound();
        }

        Brew = asked;
        Format = await bench.FormatAsync(ct);
        var brews = await lines.OfAsync(asked, upTo: false, ct);
        var rows = new List<SeriesRow>();
        // What each came to is kept with it; one of an earlier version gets that soon after the start.
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
        Pictures = await pictures.StandingOfAsync([.. rows.Select(row => row.Brew.Id)], ct);
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

    /// <summary>What differs in what was set, for brews that nobody advised.</summary>
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
