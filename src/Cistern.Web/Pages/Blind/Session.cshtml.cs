using System.Collections.Immutable;

namespace Cistern.Web.Pages.Blind;

/// <summary>A blind tasting as its host sees it: each taster's cups, who has answered, the key, and the result.</summary>
public sealed class SessionModel(CisternDb db, BlindStore store, BaristaContext baristaContext, ForecastModel model) : PageModel
{
    /// <summary>The current barista.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>The tasting.</summary>
    public BlindSession Session { get; private set; } = null!;

    /// <summary>The cups of each taster, from left to right.</summary>
    public ImmutableArray<ImmutableArray<BlindCup>> Cups { get; private set; } = [];

    /// <summary>The brews A and B, with their names and, where they are in the log, their ids.</summary>
    public IReadOnlyList<(string Letter, string Name, int? Id)> Brews { get; private set; } = [];

    /// <summary>The result after revealing; null where nobody answered.</summary>
    public BlindResult? Result { get; private set; }

    /// <summary>When the cups can be tasted, in words.</summary>
    public string Warmth { get; private set; } = "";

    /// <summary>The address at which tasters answer.</summary>
    public string AnswerAt => $"{Request.Host}/blind/{Session.Id.ToString(CultureInfo.InvariantCulture)}/answer";

    /// <summary>The address for tasters as a QR code; null where no other device can reach it.</summary>
    public string? AnswerCode => Request.Host.Host is "127.0.0.1" or "localhost" or "[::1]" ? null : QrPicture.Draw($"{Request.Scheme}://{AnswerAt}", "The address at which tasters answer, as a code");

    /// <summary>What a taster answered, or null.</summary>
    public BlindAnswer? AnswerOf(int taster) => Session.Answers.Find(answer => answer.Taster == taster + 1);

    /// <summary>Whether a taster's answer is right.</summary>
    public bool IsRight(int taster) => BlindTasting.IsRight(Session.Kind, Cups[taster], Codes(AnswerOf(taster)!.Picked));

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(int id, CancellationToken ct) => !await LoadAsync(id, ct) ? NotFound() : IsClosed ? Redirect(FormattableString.Invariant($"/blind/{id}/answer")) : Page();

    /// <summary>Whether the viewer is a taster, who must not see the key before it is revealed.</summary>
    private bool IsClosed => Session.RevealedAtMs is null && HttpContext.Role() == Data.Devices.DeviceRole.Guest;

    /// <summary>Who has answered; after revealing, the whole page is loaded instead.</summary>
    public async Task<IActionResult> OnGetAnswersAsync(int id, CancellationToken ct)
    {
        if (!await FindAsync(id, ct))
        {
            return NotFound();
        }

        if (Session.RevealedAtMs is not null)
        {
            Response.Headers["HX-Refresh"] = "true";
            return new StatusCodeResult(StatusCodes.Status204NoContent);
        }

        return IsClosed ? StatusCode(StatusCodes.Status403Forbidden) : Partial("_Answers", this);
    }

    /// <summary>How many had not answered when revealing was requested; 0 otherwise.</summary>
    public int Missing { get; private set; }

    /// <summary>Reveals the key; while answers are missing, only on a second request.</summary>
    public async Task<IActionResult> OnPostRevealAsync(int id, string? anyway, CancellationToken ct)
    {
        if (!await LoadAsync(id, ct))
        {
            return NotFound();
        }

        Missing = Session.RevealedAtMs is null && anyway is null ? Session.Tasters - Session.Answers.Count : 0;
        if (Missing > 0)
        {
            return Page();
        }

        await store.RevealAsync(id, ct);
        return RedirectToPage(new { id });
    }

    /// <summary>The codes of an answer.</summary>
    internal static IEnumerable<int> Codes(string picked) =>
        picked.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(code => int.TryParse(code, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : 0);

    /// <summary>Loads only the tasting with its answers, since this is polled until it is revealed.</summary>
    private async Task<bool> FindAsync(int id, CancellationToken ct)
    {
        if (await store.FindAsync(id, ct) is not { } session)
        {
            return false;
        }

        Session = session;
        Cups = BlindTasting.Serve(session.Kind, session.Tasters, session.Seed);
        return true;
    }

    private async Task<bool> LoadAsync(int id, CancellationToken ct)
    {
        if (!await FindAsync(id, ct))
        {
            return false;
        }

        var session = Session;
        var brews = await db.Brews.AsNoTracking().Where(brew => brew.Id == session.FirstBrewId || brew.Id == session.SecondBrewId)
            .Include(brew => brew.Entries).Include(brew => brew.Weighings).Include(brew => brew.Observations).Include(brew => brew.DeviationAnswers).AsSplitQuery().ToListAsync(ct);
        Brews = [NameOf("A", brews.Find(brew => brew.Id == session.FirstBrewId)), NameOf("B", brews.Find(brew => brew.Id == session.SecondBrewId))];
        Warmth = BlindWording.Warmth(brews.Count == 2 ? [.. brews.Select(CupOf)] : [], baristaContext.NowMs, baristaContext.Clock, await baristaContext.FormatAsync(ct));
        if (session.RevealedAtMs is not null && session.Answers.Count > 0)
        {
            Result = BlindTasting.Of(session.Kind, session.Answers.Count, session.Answers.Count(answer => IsRight(answer.Taster - 1)));
        }

        return true;
    }

    private (string Letter, string Name, int? Id) NameOf(string letter, Data.Brews.Brew? brew) =>
        brew is null ? (letter, "not in the log", null) : (letter, $"{brew.Name}, {baristaContext.Moment(brew.OpenedAtMs)}", brew.Id);

    /// <summary>A brew's temperature in the cup since it was done.</summary>
    private CoolingCup CupOf(Data.Brews.Brew brew)
    {
        var plan = brew.ModelOf(model).Figures(brew.Recipe());
        var doneAtMs = brew.EndedAtMs ?? brew.OpenedAtMs;
        var totals = (brew.ForecastIfFinished(plan, brew.Run(plan, doneAtMs)) ?? plan).Totals;
        return new CoolingCup(doneAtMs, totals.FinalG, totals.FinalC, brew.Recipe().Place.AmbientC, totals.DrinkableAfterS);
    }
}
