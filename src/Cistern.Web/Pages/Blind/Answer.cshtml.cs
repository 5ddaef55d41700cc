using System.Collections.Immutable;

namespace Cistern.Web.Pages.Blind;

/// <summary>A blind tasting as a taster sees it: the codes of their cups, and nothing about the content.</summary>
public sealed class AnswerModel(BlindStore store, BaristaContext baristaContext) : PageModel
{
    /// <summary>The tasting.</summary>
    public BlindSession Session { get; private set; } = null!;

    /// <summary>The taster's number, from 1; null until chosen.</summary>
    public int? Taster { get; private set; }

    /// <summary>This taster's cups, from left to right.</summary>
    public ImmutableArray<BlindCup> Cups { get; private set; } = [];

    /// <summary>The codes that are ticked.</summary>
    public IReadOnlyList<int> Picked { get; private set; } = [];

    /// <summary>What is wrong with them.</summary>
    public string? Problem { get; private set; }

    /// <summary>What was tasted.</summary>
    public Field Note { get; private set; } = new("note", "What you tasted", "") { Kind = "area", MaxLength = 1_000 };

    /// <summary>The taster's name.</summary>
    public Field Called { get; private set; } = new("called", "Your name", "") { MaxLength = 60, Hint = "if you like" };

    /// <summary>What is shown about an existing answer.</summary>
    public string? Said { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, string? taster, CancellationToken ct)
    {
        if (!await LoadAsync(id, taster, ct))
        {
            return NotFound();
        }

        // The answer itself is not shown again, since somebody else may be looking.
        if (Session.Answers.Find(answer => answer.Taster == Taster) is { } before)
        {
            Said = TempData[nameof(Said)] as string ?? $"Taster {Taster} answered {baristaContext.Moment(before.AtMs)}. A new answer replaces it.";
            Called = Called with { Text = before.Name };
        }

        return Page();
    }

    /// <summary>Keeps an answer.</summary>
    public async Task<IActionResult> OnPostAsync(int id, string? taster, string[] picked, string? note, string? called, CancellationToken ct)
    {
        if (!await LoadAsync(id, taster, ct) || Taster is null)
        {
            return NotFound();
        }

        Picked = [.. picked.SelectMany(code => SessionModel.Codes(code ?? "")).Where(code => Cups.Any(cup => cup.Code == code)).Distinct().Order()];
        (Note, Called) = (Note with { Text = (note ?? "").Trim() }, Called with { Text = (called ?? "").Trim() });
        Problem = Picked.Count == BlindTasting.Named(Session.Kind) ? null : BlindTasting.Named(Session.Kind) == 1 ? "Touch one of your cups: a guess is an answer, too." : "Touch two of your cups: a guess is an answer, too.";
        Note = Note with { Problem = PlainText.Problem(Note.Text, Note.MaxLength, lines: true) };
        Called = Called with { Problem = PlainText.Problem(Called.Text, Called.MaxLength, lines: false) };
        if (Problem is not null || Note.Problem is not null || Called.Problem is not null)
        {
            return this.Unprocessable();
        }

        var codes = string.Join(' ', Picked.Select(code => code.ToString(CultureInfo.InvariantCulture)));
        var outcome = await store.AnswerAsync(new BlindAnswer { SessionId = id, Taster = Taster.Value, Picked = codes, Note = Note.Text, Name = Called.Text, DeviceId = HttpContext.Role() == Data.Devices.DeviceRole.Guest ? HttpContext.Device()?.Id : null }, ct);
        if (outcome == BlindOutcome.OfSomebodyElse)
        {
            Problem = $"Taster {Taster} has answered from another device, or you answered for another taster on this one. The host can answer for you.";
            return this.Unprocessable();
        }

        if (outcome == BlindOutcome.Saved)
        {
            TempData[nameof(Said)] = $"Kept: {codes.Replace(" ", " and ", StringComparison.Ordinal)}. You can change your answer until it is revealed.";
        }

        return RedirectToPage(new { id, taster = Taster });
    }

    private async Task<bool> LoadAsync(int id, string? taster, CancellationToken ct)
    {
        if (await store.FindAsync(id, ct) is not { } session)
        {
            return false;
        }

        Session = session;
        if (int.TryParse(taster, NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number >= 1 && number <= session.Tasters)
        {
            Taster = number;
            Cups = BlindTasting.Serve(session.Kind, session.Tasters, session.Seed)[number - 1];
        }

        return true;
    }
}
