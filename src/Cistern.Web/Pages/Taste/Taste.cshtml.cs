using System.Globalization;
using Cistern.Core.Reckoning;
using Cistern.Data;
using Cistern.Data.Brews;
using Cistern.Web.Frame;
using Cistern.Web.Wording;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.EntityFrameworkCore;

namespace Cistern.Web.Pages.Taste;

/// <summary>How a brew tasted: two taps on a pad, the rest optional.</summary>
public sealed class TasteModel(CisternDb db, Here here) : PageModel
{
    public const int NoteLength = 2_000;

    public Here Here => here;

    public Data.Brews.Brew Brew { get; private set; } = null!;

    /// <summary>The step of the last press: one pressed by mistake can still be taken back before it is tasted.</summary>
    public int LastStep => Brewing.BrewDesk.LastStanding(Brew.CorePresses);

    public Field SharpHarsh { get; private set; } = null!;

    public Field ThinHeavy { get; private set; } = null!;

    public Field Score { get; private set; } = null!;

    public Field Note { get; private set; } = null!;

    /// <summary>What a refractometer read, where there is one.</summary>
    public Field Reading { get; private set; } = null!;

    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var tasting = Brew.Tasting;
        Lay(Text(tasting?.SharpHarsh ?? 0), Text(tasting?.ThinHeavy ?? 0), tasting?.Score is { } score ? Show.Number(score, score % 1 == 0 ? 0 : 1) : "", tasting?.Note ?? "", tasting?.ReadTdsPercent is { } read ? Show.Number(read, 2) : "");
        return Page();
    }

    public async Task<IActionResult> OnPostAsync(int id, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        var form = Request.Form;
        Lay(form.Value("sharp-harsh") ?? "", form.Value("thin-heavy") ?? "", form.Value("score") ?? "", form.Value("note") ?? "", form.Value("reading") ?? "");
        var sharp = TypedNumber.Read(SharpHarsh.Text, -5, 5, "");
        var thin = TypedNumber.Read(ThinHeavy.Text, -5, 5, "");
        var score = Score.Text.Trim().Length == 0 ? new TypedNumber("", null, null) : TypedNumber.Read(Score.Text, 0, 10, "");
        var reading = Reading.Text.Trim().Length == 0 ? new TypedNumber("", null, null) : TypedNumber.Read(Reading.Text, 0.05, 25, "% TDS");
        Reading = Reading with { Problem = reading.Problem };
        SharpHarsh = SharpHarsh with { Problem = sharp.Problem };
        ThinHeavy = ThinHeavy with { Problem = thin.Problem };
        Score = Score with { Problem = score.Problem };
        if (sharp.Problem is not null || thin.Problem is not null || score.Problem is not null || reading.Problem is not null)
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        Brew.Tasting ??= new Tasting();
        Brew.Tasting.SharpHarsh = (int)Math.Round(sharp.Value!.Value);
        Brew.Tasting.ThinHeavy = (int)Math.Round(thin.Value!.Value);
        Brew.Tasting.Score = score.Value is { } points ? Math.Round(points * 2) / 2 : null;
        Brew.Tasting.Note = Note.Text.Length > NoteLength ? Note.Text[..NoteLength] : Note.Text;
        Brew.Tasting.ReadTdsPercent = reading.Value;
        Brew.Tasting.AtMs = here.NowMs;
        await db.SaveChangesAsync(ct);
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
        var brew = await db.Brews.Include(row => row.Tasting).Include(row => row.Presses).FirstOrDefaultAsync(row => row.Id == id && row.State == BrewState.Finished, ct);
        Brew = brew!;
        return brew is not null;
    }
}
