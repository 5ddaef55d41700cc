using System.Globalization;
using Cistern.Core.Brewing;
using Cistern.Core.Forecasts;
using Cistern.Core.Planning;
using Cistern.Core.Recipes;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Data.Stores;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Taste;

/// <summary>How a brew tasted: two taps on a pad, the rest optional.</summary>
public sealed class TasteModel(CisternDb db, JobLedger jobs, BenchContext bench, ForecastModel model) : PageModel
{
    /// <summary>The most letters of a note.</summary>
    public const int NoteLength = 2_000;

    /// <summary>Who is here, and what is brewing.</summary>
    public BenchContext Bench => bench;

    /// <summary>The brew that is tasted.</summary>
    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>What the forecast makes of it as it was really brewed: the drink as it is drunk, let down and chilled.</summary>
    public Totals AsItWas { get; private set; } = null!;

    /// <summary>What it was meant to come to.</summary>
    public Totals AsPlanned { get; private set; } = null!;

    /// <summary>Water that would bring it to the strength it was planned for, g; 0 where that is not worth it or cannot be.</summary>
    public double LetDownG { get; private set; }

    /// <summary>How this barista reads figures.</summary>
    public FigureFormat Format { get; private set; } = null!;

    /// <summary>Who tastes; each has a tasting of their own.</summary>
    public int? TasterId { get; private set; }

    /// <summary>The tasting of whoever is here, where there is one.</summary>
    public Tasting? Mine => Brew.Tastings.Find(tasting => tasting.BaristaId == TasterId);

    /// <summary>How its times lie against their windows: where it flowed badly, that speaks before any taste.</summary>
    public IEnumerable<FlowVerdict> Off { get; private set; } = [];

    /// <summary>Whether it was placed on the pad or by the sliders.</summary>
    public bool Placed { get; private set; }

    /// <summary>Sharp to harsh, as it was placed; null where it was not.</summary>
    public Field SharpHarsh { get; private set; } = null!;

    /// <summary>Thin to heavy, as it was placed; null where it was not.</summary>
    public Field ThinHeavy { get; private set; } = null!;

    /// <summary>The score as it was typed.</summary>
    public Field Score { get; private set; } = null!;

    /// <summary>The note as it was typed.</summary>
    public Field Note { get; private set; } = null!;

    /// <summary>What a refractometer read, where there is one.</summary>
    public Field Reading { get; private set; } = null!;

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var tasting = Mine;
        Placed = tasting is { SharpHarsh: not null } or { ThinHeavy: not null };
        Lay(tasting?.SharpHarsh is { } sharp ? Text(sharp) : "", tasting?.ThinHeavy is { } thin ? Text(thin) : "", tasting?.Score is { } score ? FigureFormat.Number(score, score % 1 == 0 ? 0 : 1) : "", tasting?.Note ?? "", (tasting is null ? await ReadingStore.TdsPercentAsync(db, id, ct) : tasting.ReadTdsPercent) is { } read ? FigureFormat.Number(read, 2) : "");
        return Page();
    }

    /// <summary>Keeps what was tasted: nothing that nobody said.</summary>
    public async Task<IActionResult> OnPostAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var form = Request.Form;
        Lay(form.Value("sharp-harsh") ?? "", form.Value("thin-heavy") ?? "", form.Value("score") ?? "", form.Value("note") ?? "", form.Value("reading") ?? "");
        // What nobody placed is not recorded: the middle of a slider that was not touched says nothing.
        Placed = form.Value("placed") is { Length: > 0 };
        var sharp = !Placed ? new TypedNumber("", null, null) : TypedNumber.Read(SharpHarsh.Text, -5, 5, "");
        var thin = !Placed ? new TypedNumber("", null, null) : TypedNumber.Read(ThinHeavy.Text, -5, 5, "");
        var score = Score.Text.Trim().Length == 0 ? new TypedNumber("", null, null) : TypedNumber.Read(Score.Text, 0, 10, "");
        var reading = Reading.Text.Trim().Length == 0 ? new TypedNumber("", null, null) : TypedNumber.Read(Reading.Text, 0.05, 25, "% TDS");
        Reading = Reading with { Problem = reading.Problem };
        SharpHarsh = SharpHarsh with { Problem = sharp.Problem };
        ThinHeavy = ThinHeavy with { Problem = thin.Problem };
        Score = Score with { Problem = score.Problem };
        Note = Note with { Problem = PlainText.Problem(Note.Text, NoteLength, lines: true) };
        if (new[] { SharpHarsh, ThinHeavy, Score, Reading, Note }.Any(field => field.Problem is not null))
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        do
        {
            // Two screens of one taster that keep the first tasting at once: the second finds the first's, and changes it.
            if (Mine is not { } tasting)
            {
                tasting = new Tasting { BaristaId = TasterId };
                Brew.Tastings.Add(tasting);
            }

            tasting.SharpHarsh = sharp.Value is { } sharpness ? (int)Math.Round(sharpness) : null;
            tasting.ThinHeavy = thin.Value is { } body ? (int)Math.Round(body) : null;
            tasting.Score = score.Value is { } points ? Math.Round(points * 2) / 2 : null;
            tasting.Note = Note.Text;
            tasting.ReadTdsPercent = reading.Value;
            tasting.AtMs = bench.NowMs;
        }
        while (!await jobs.SaveAsync(ct) && await LoadAsync(id, ct));

        return RedirectToPage("/Log/Entry", new { id });
    }

    private static string Text(int value) => value.ToString(CultureInfo.InvariantCulture);

    private void Lay(string sharp, string thin, string score, string note, string reading)
    {
        SharpHarsh = new Field("sharp-harsh", "Sharp to harsh", sharp);
        ThinHeavy = new Field("thin-heavy", "Thin to heavy", thin);
        Score = new Field("score", "Score", score) { Kind = "number", Hint = "0 to 10, in halves; may be left out", MaxLength = 10 };
        Reading = new Field("reading", "Refractometer", reading) { Kind = "number", Unit = "% TDS", Hint = "if there is one; of a filtered, cooled sample", MaxLength = 10 };
        Note = new Field("note", "Note", note) { Kind = "area", Hint = "what it was like, hot, warm and cool", MaxLength = NoteLength };
    }

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        var brew = await db.Brews.Include(row => row.Tastings).Include(row => row.Entries).Include(row => row.Weighings).Include(row => row.Observations).AsSplitQuery()
            .FirstOrDefaultAsync(row => row.Id == id && row.State == BrewState.Finished, ct);
        if (brew is null)
        {
            return false;
        }

        Brew = brew;
        Format = await bench.FormatAsync(ct);
        var plan = model.Figures(brew.Recipe());
        var run = brew.Run(plan, bench.NowMs);
        var real = brew.AsItWas(plan, run);
        var planned = model.Figures(brew.Planned());
        Off = FlowVerdicts.Of(planned, run).Where(verdict => verdict.Place != FlowPlace.Within);
        TasterId = (await bench.BaristaAsync(ct))?.Id;
        (AsPlanned, AsItWas) = (planned.Totals, real.Totals);
        // Once it is in the cup, water is the one thing that can still be done.
        LetDownG = Rescue.IsWanted(real, planned.Totals) ? Rescue.After(real, planned.Totals, real.Totals.FinishS + 1).LetDownG : 0;
        return true;
    }
}
