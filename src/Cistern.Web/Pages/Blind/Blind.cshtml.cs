using System.Security.Cryptography;

namespace Cistern.Web.Pages.Blind;

/// <summary>Starts a blind tasting, lists earlier ones, and evaluates answers counted on paper.</summary>
public sealed class BlindModel(CisternDb db, BlindStore store, BaristaContext baristaContext) : PageModel
{
    private const int MostOffered = 30;
    private const string Nothing = "";

    /// <summary>The kinds with their words in the address.</summary>
    public static IReadOnlyList<(string Word, BlindKind Kind)> Kinds { get; } = [.. Enum.GetValues<BlindKind>().Select(kind => (Words<BlindKind>.Of(kind), kind))];

    /// <summary>The current barista.</summary>
    public BaristaContext BaristaContext => baristaContext;

    /// <summary>How it is tasted.</summary>
    public BlindKind Kind { get; private set; }

    /// <summary>How it is tasted, as a field.</summary>
    public Field KindField => new("kind", "Kind", Words<BlindKind>.Of(Kind)) { Kind = "choice", Options = [.. Kinds.Select(one => (one.Word, BlindWording.Of(one.Kind)))] };

    /// <summary>How many taste, as it was typed.</summary>
    public Field Tasters { get; private set; } = new("tasters", "Tasters", "6") { Kind = "number", MaxLength = 3 };

    /// <summary>The brew in the cups A.</summary>
    public Field First { get; private set; } = new("a", "In the cups A", Nothing) { Kind = "choice" };

    /// <summary>The brew in the cups B.</summary>
    public Field Second { get; private set; } = new("b", "In the cups B", Nothing) { Kind = "choice" };

    /// <summary>What it is about, in a word.</summary>
    public Field What { get; private set; } = new("what", "What it is about", "") { MaxLength = 120, Hint = "what was changed; the tasters do not see it" };

    /// <summary>The number of tasters, of a tasting counted on paper.</summary>
    public Field Counted { get; private set; } = new("of", "Tasters", "") { Kind = "number", MaxLength = 3 };

    /// <summary>How many were right or preferred the first, as typed.</summary>
    public Field Right { get; private set; } = new("right", "", "") { Kind = "number", MaxLength = 3 };

    /// <summary>The result of a tasting counted on paper, or null.</summary>
    public BlindResult? Result { get; private set; }

    /// <summary>Earlier tastings.</summary>
    public IReadOnlyList<BlindSession> Before { get; private set; } = [];

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(string? kind, string? a, string? b, string? of, string? right, CancellationToken ct)
    {
        Kind = Words<BlindKind>.Find(kind) ?? BlindKind.Triangle;
        await OfferAsync(a, b, ct);
        Count(Short(of ?? ""), Short(right ?? ""));
    }

    /// <summary>Deals the cups.</summary>
    public async Task<IActionResult> OnPostAsync(string? kind, string? tasters, string? a, string? b, string? what, CancellationToken ct)
    {
        Kind = Words<BlindKind>.Find(kind) ?? BlindKind.Triangle;
        await OfferAsync(a, b, ct);
        Count("", "");
        Tasters = Tasters with { Text = Short(tasters ?? "") };
        What = What with { Text = (what ?? "").Trim() };
        var count = Whole(Tasters.Text, 1, BlindTasting.MaxTasters);
        Tasters = Tasters with { Problem = count is null ? string.Create(CultureInfo.InvariantCulture, $"A whole number from 1 to {BlindTasting.MaxTasters}.") : null };
        What = What with { Problem = PlainText.Problem(What.Text, What.MaxLength, lines: false) };
        Second = Second with { Problem = First.Text.Length > 0 && First.Text == Second.Text ? "A and B are the same brew. Choose another one, or leave it out." : null };
        if (count is null || What.Problem is not null || Second.Problem is not null)
        {
            return this.Unprocessable();
        }

        return Redirect(await store.OpenAsync(new BlindSession
        {
            Kind = Kind,
            Tasters = count.Value,
            Seed = RandomNumberGenerator.GetInt32(int.MaxValue),
            FirstBrewId = Number(First.Text),
            SecondBrewId = Number(Second.Text),
            What = What.Text,
            By = (await baristaContext.BaristaAsync(ct))?.Name ?? "",
        }, IdempotencyKey.Of(Request.Form), ct));
    }

    private async Task OfferAsync(string? a, string? b, CancellationToken ct)
    {
        var asked = new[] { Number(a), Number(b) };
        var finished = db.Logged.AsNoTracking().Where(brew => brew.State == BrewState.Finished && brew.StartedAtMs != null);
        var last = await finished.OrderByDescending(brew => brew.OpenedAtMs).Take(MostOffered).ToListAsync(ct);
        last.AddRange((await finished.Where(brew => asked.Contains(brew.Id)).ToListAsync(ct)).Where(brew => !last.Exists(other => other.Id == brew.Id)));
        IReadOnlyList<(string, string)> options = [(Nothing, "not in the log"), .. last.Select(brew => (Text(brew.Id), $"{brew.Name}, {baristaContext.Moment(brew.OpenedAtMs)}{(brew.CoffeeName.Length > 0 ? ", " + brew.CoffeeName : "")}"))];
        First = First with { Options = options, Text = Offered(asked[0]) };
        Second = Second with { Options = options, Text = Offered(asked[1]) };
        Before = await store.LastAsync(ct);

        string Offered(int? id) => id is { } number && last.Exists(brew => brew.Id == number) ? Text(number) : Nothing;
    }

    private void Count(string of, string right)
    {
        Counted = Counted with { Text = of };
        Right = Right with { Label = BlindWording.Counts(Kind), Text = right };
        if (of.Length == 0 && right.Length == 0)
        {
            return;
        }

        if (Whole(of, 1, BlindTasting.MaxTasters) is not { } count)
        {
            Counted = Counted with { Problem = string.Create(CultureInfo.InvariantCulture, $"A whole number from 1 to {BlindTasting.MaxTasters}.") };
        }
        else if (Whole(right, 0, count) is not { } found)
        {
            Right = Right with { Problem = string.Create(CultureInfo.InvariantCulture, $"A whole number from 0 to {count}: so many taste.") };
        }
        else
        {
            Result = BlindTasting.Of(Kind, count, found);
        }
    }

    private static int? Number(string? text) => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;

    private static string Text(int number) => number.ToString(CultureInfo.InvariantCulture);

    private static int? Whole(string text, int least, int most) => Number(text) is { } number && number >= least && number <= most ? number : null;

    private static string Short(string text) => PlainText.Seen(text.Trim()) is { Length: > 20 } longer ? longer[..20] : PlainText.Seen(text.Trim());
}
