using Cistern.Seeing;
using Microsoft.AspNetCore.RateLimiting;

namespace Cistern.Web.Pages.Shelf;

/// <summary>Measures ground coffee in photographs on the scale card, and saves the result with a grinder, a bag or a brew.</summary>
[RequestSizeLimit(MaxUploadBytes)]
[RequestFormLimits(MultipartBodyLengthLimit = MaxUploadBytes)]
[EnableRateLimiting(Limits.Imports)]
public sealed class GrindModel(CisternDb db, IdempotencyStore requests, PictureProcess looker, BrewStore brews) : PageModel
{
    /// <summary>The most pictures of one grind.</summary>
    public const int MaxPictures = 4;

    /// <summary>The largest upload, bytes.</summary>
    public const int MaxUploadBytes = (MaxPictures * PictureHeader.MaxBytes) + (1024 * 1024);

    /// <summary>The cookie with the printed length of the card's line.</summary>
    private const string RulerCookie = "card-line-mm";

    private const int MaxNameLength = 60;

    private double rulerMm = ScaleCard.RulerMm;

    /// <summary>The result of one picture.</summary>
    /// <param name="Name">The file's name.</param>
    /// <param name="Answer">What was seen in it.</param>
    public sealed record MeasuredPicture(string Name, GrindAnswer Answer);

    /// <summary>The grinders on the shelf.</summary>
    public IReadOnlyList<Grinder> Grinders { get; private set; } = [];

    /// <summary>The bags that were bought ground.</summary>
    public IReadOnlyList<Bag> Bags { get; private set; } = [];

    /// <summary>The brew it was ground for; null where there is none.</summary>
    public Brew? Brew { get; private set; }

    /// <summary>The earlier measurement for that brew, µm; null where there is none.</summary>
    public double? MeasuredUm { get; private set; }

    /// <summary>What the grind belongs to: "mill-3", "bag-2", or empty.</summary>
    public string Of { get; private set; } = "";

    /// <summary>The setting it was ground at.</summary>
    public Field Setting { get; private set; } = null!;

    /// <summary>The length of the card's line.</summary>
    public Field Ruler { get; private set; } = null!;

    /// <summary>The result of all pictures.</summary>
    public IReadOnlyList<MeasuredPicture> Pictures { get; private set; } = [];

    /// <summary>The grind from all pictures that could be measured; null where none could.</summary>
    public GrainSizes? Sizes { get; private set; }

    /// <summary>What is wrong with what was sent.</summary>
    public string? Problem { get; private set; }

    /// <summary>Shows the page.</summary>
    public async Task<IActionResult> OnGetAsync(string? of, string? setting, int? brew, CancellationToken ct)
    {
        await LoadAsync(of, setting, null, brew, ct);
        return brew is not null && Brew is null ? NotFound() : Page();
    }

    /// <summary>Looks at pictures of one grind.</summary>
    public async Task<IActionResult> OnPostAsync(List<IFormFile> pictures, string? of, string? setting, string? ruler, int? brew, CancellationToken ct)
    {
        await LoadAsync(of, setting, ruler, brew, ct);
        if (brew is not null && Brew is null)
        {
            return NotFound();
        }

        Problem = pictures.Count == 0 ? "Choose a picture, or take one."
            : pictures.Count > MaxPictures ? $"At most {MaxPictures} pictures of one grind."
            : pictures.FirstOrDefault(one => one.Length > PictureHeader.MaxBytes) is { } large ? $"“{large.FileName}” is larger than {PictureHeader.MaxBytes / (1024 * 1024)} MB."
            : null;
        if (Problem is not null || Ruler.Problem is not null)
        {
            return Refused();
        }

        HttpContext.Remember(RulerCookie, Ruler.Text);
        var looked = new List<MeasuredPicture>();
        foreach (var picture in pictures)
        {
            using var bytes = new MemoryStream();
            await picture.CopyToAsync(bytes, ct);
            looked.Add(new(picture.FileName.Length > MaxNameLength ? picture.FileName[..MaxNameLength] : picture.FileName, await looker.GrainsAsync(bytes.ToArray(), rulerMm, ct)));
        }

        Pictures = looked;
        // Several pictures of the same grind are one sample.
        double[] diameters = [.. looked.SelectMany(one => one.Answer.DiametersUm ?? [])];
        Sizes = diameters.Length > 0 ? GrainSizes.Of(diameters, looked.Average(one => one.Answer.PixelUm) ?? 0) : null;
        return Page();
    }

    /// <summary>Saves a measured grind with what it belongs to.</summary>
    public async Task<IActionResult> OnPostKeepAsync(string? of, string? setting, int? brew, string? median, string? half, string? grains, string? spread, CancellationToken ct)
    {
        await LoadAsync(of, setting, null, brew, ct);
        if (TypedNumber.Read(median, 50, 3_000, "µm").Value is not { } medianUm || TypedNumber.Read(half, 0, 1_000, "µm").Value is not { } halfUm
            || TypedNumber.Read(grains, 1, 1_000_000, "").Value is not { } count || TypedNumber.Read(spread, 0, 3, "").Value is not { } sigma || (brew is not null && Brew is null))
        {
            return BadRequest();
        }

        if (await requests.ResultOfAsync(IdempotencyKey.Of(Request.Form), ct) is { } done)
        {
            return Redirect(done);
        }

        Sizes = new(medianUm, medianUm - halfUm, medianUm + halfUm, double.NaN, double.NaN, sigma, (int)count);
        string kept;
        if (Brew is { } ground)
        {
            await brews.SaveGrindAsync(ground.Id, medianUm);
            kept = $"/brew/{ground.Id.ToString(CultureInfo.InvariantCulture)}/after";
        }
        else if (Chosen<Bag>("bag", Bags, one => one.Id) is { } bag)
        {
            bag.GroundUm = Math.Round(medianUm);
            kept = $"/shelf#coffee-{bag.Id.ToString(CultureInfo.InvariantCulture)}";
        }
        else if (Chosen<Grinder>("mill", Grinders, one => one.Id) is { } grinder)
        {
            if (TypedNumber.Read(setting, grinder.Least, grinder.Most, "").Value is not { } at)
            {
                Setting = Setting with { Problem = $"The setting it was ground at, {FigureFormat.Setting(grinder.Least)} to {FigureFormat.Setting(grinder.Most)}." };
                return Refused();
            }

            var line = new MeasuredGrind(at, medianUm, halfUm, (int)count, Math.Clamp(sigma, 0.05, 1.5)).Write();
            grinder.Measured = grinder.Measured.Length == 0 ? line : $"{grinder.Measured}\n{line}";
            kept = $"/shelf#mill-{grinder.Id.ToString(CultureInfo.InvariantCulture)}";
        }
        else
        {
            Problem = "Say what it was ground with, to save it there.";
            return Refused();
        }

        requests.Remember(IdempotencyKey.Of(Request.Form), kept);
        await requests.SaveAsync(ct);
        return Redirect(kept);
    }

    private PageResult Refused()
    {
        return this.Unprocessable();
    }

    /// <summary>Deletes the measurement for a brew, which is then computed as planned again.</summary>
    public async Task<IActionResult> OnPostForgetAsync(int brew, CancellationToken ct)
    {
        if (!await db.Logged.AnyAsync(one => one.Id == brew, ct))
        {
            return NotFound();
        }

        await brews.SaveGrindAsync(brew, null);
        return Redirect($"/shelf/grind?brew={brew.ToString(CultureInfo.InvariantCulture)}");
    }

    private T? Chosen<T>(string kind, IReadOnlyList<T> among, Func<T, int> id)
        where T : class =>
        Of.StartsWith(kind + "-", StringComparison.Ordinal) && int.TryParse(Of[(kind.Length + 1)..], NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? among.FirstOrDefault(one => id(one) == number) : null;

    private async Task LoadAsync(string? of, string? setting, string? ruler, int? brew, CancellationToken ct)
    {
        Grinders = await db.Grinders.Where(grinder => grinder.RemovedAtMs == null).OrderBy(grinder => grinder.Name).ToListAsync(ct);
        Bags = await db.Bags.Where(bag => bag.RemovedAtMs == null && bag.BoughtGround && bag.LeftG > 0).OrderBy(bag => bag.Name).ToListAsync(ct);
        Brew = brew is { } number ? await db.Logged.AsNoTracking().FirstOrDefaultAsync(one => one.Id == number, ct) : null;
        MeasuredUm = Brew is { } own ? await db.Observations.Where(one => one.BrewId == own.Id && one.Name == ObservationNames.Grind).Select(one => (double?)one.Value).FirstOrDefaultAsync(ct) : null;
        Of = of ?? (Grinders.Count == 1 ? $"mill-{Grinders[0].Id.ToString(CultureInfo.InvariantCulture)}" : "");
        Setting = new Field("setting", "Set to", setting is { Length: <= 20 } ? setting : "") { Kind = "number", MaxLength = 20, Hint = "the setting of the grinder it was ground at" };
        var kept = Request.Cookies[RulerCookie];
        var typed = TypedNumber.Read(ruler ?? kept, ScaleCard.MinRulerMm, ScaleCard.LongestRulerMm, "mm");
        rulerMm = typed.Value ?? ScaleCard.RulerMm;
        Ruler = new Field("ruler", "The card's line is", ruler is not null && typed.Problem is not null ? typed.Text : rulerMm.ToString("0.##", CultureInfo.InvariantCulture))
        {
            Kind = "number",
            Unit = "mm",
            MaxLength = 10,
            Hint = "by your own ruler: a printer may make it shorter",
            Problem = ruler is null ? null : typed.Problem,
        };
    }
}
