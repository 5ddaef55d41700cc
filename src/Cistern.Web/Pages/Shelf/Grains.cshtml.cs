namespace Cistern.Web.Pages.Shelf;

/// <summary>Grain sizes: the words people use, what each brewer family takes, and their true size on this screen.</summary>
public sealed class GrainsModel(CisternDb db) : PageModel
{
    /// <summary>The cookie with this screen's CSS pixels per millimetre.</summary>
    private const string ScaleCookie = "px-per-mm";

    /// <summary>Width of a bank card, mm: ISO/IEC 7810, ID-1.</summary>
    public const double CardMm = 85.60;

    /// <summary>Height of a bank card, mm: ISO/IEC 7810, ID-1.</summary>
    public const double CardHighMm = 53.98;

    /// <summary>CSS pixels per millimetre where nobody has measured: CSS assumes 96 per inch.</summary>
    private const double DefaultPxPerMm = 96 / 25.4;

    /// <summary>CSS pixels per millimetre of this screen.</summary>
    public double PxPerMm { get; private set; } = DefaultPxPerMm;

    /// <summary>Whether it was measured with a card.</summary>
    public bool Calibrated { get; private set; }

    /// <summary>The word or size to look up, as typed.</summary>
    public Field Asked { get; private set; } = new("ask", "Look up", "") { Hint = "a word, such as table salt, or a size in µm" };

    /// <summary>What was found.</summary>
    public IReadOnlyList<GrainWord> Found { get; private set; } = GrainWords.All;

    /// <summary>The grinders, for their settings.</summary>
    public IReadOnlyList<Grinder> Grinders { get; private set; } = [];

    /// <summary>The range of grinds in each family's recipes, µm.</summary>
    public static IReadOnlyList<(BrewerFamily Family, double LowUm, double HighUm)> Families { get; } =
        [.. RecipeLibrary.All.GroupBy(recipe => recipe.Brewer.Family).Select(group => (group.Key, group.Min(recipe => recipe.Grind.MedianUm), group.Max(recipe => recipe.Grind.MedianUm)))];

    /// <summary>Grains of a median, at true size on this screen.</summary>
    public string Pinch(double medianUm) => GrainPicture.Draw(medianUm, PxPerMm, 26, 12);

    /// <summary>The settings for a range of medians on each grinder.</summary>
    public string On(double lowUm, double highUm) => string.Join("; ", Grinders.Where(grinder => grinder.MedianUm(grinder.Most) > lowUm && grinder.MedianUm(grinder.Least) < highUm)
        .Select(grinder => $"{grinder.Name} {Range(grinder.SettingFor(lowUm), grinder.SettingFor(highUm))} {grinder.SettingName}"));

    private static string Range(double from, double to) =>
        from == to ? from.ToString("0.##", CultureInfo.InvariantCulture) : string.Create(CultureInfo.InvariantCulture, $"{from:0.##} to {to:0.##}");

    /// <summary>Shows the page.</summary>
    public async Task OnGetAsync(string? ask, CancellationToken ct)
    {
        Grinders = await db.Grinders.AsNoTracking().Where(grinder => grinder.RemovedAtMs == null).OrderBy(grinder => grinder.Name).ToListAsync(ct);
        if (double.TryParse(Request.Cookies[ScaleCookie], NumberStyles.Float, CultureInfo.InvariantCulture, out var px) && px is >= 1 and <= 20)
        {
            (PxPerMm, Calibrated) = (px, true);
        }

        var text = (ask ?? "").Trim();
        if (text.Length == 0)
        {
            return;
        }

        var size = TypedNumber.Read(text.Replace("µm", "", StringComparison.Ordinal).Replace("um", "", StringComparison.Ordinal), 20, 3_000, "µm");
        Found = size.Value is { } um ? [.. GrainWords.For(um)] : [.. GrainWords.All.Where(word => word.Word.Contains(text, StringComparison.OrdinalIgnoreCase))];
        Asked = Asked with { Text = text.Length > 60 ? text[..60] : text, Problem = Found.Count == 0 ? "That word is unknown. Try a word from the table, or a size from 50 to 1700 µm." : null };
        Found = Found.Count == 0 ? GrainWords.All : Found;
    }

    /// <summary>Saves the width at which the card on the screen has the size of a real one.</summary>
    public IActionResult OnPost(string? card)
    {
        var width = TypedNumber.Read(card, 100, 1_500, "px");
        if (width.Value is { } px)
        {
            HttpContext.Remember(ScaleCookie, (px / CardMm).ToString("0.####", CultureInfo.InvariantCulture));
        }

        return Redirect("/shelf/grains");
    }
}
