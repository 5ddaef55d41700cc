using System.Text.Json;
using System.Text.Json.Serialization;

namespace Cistern.Seeing;

/// <summary>The result for a picture as a line of JSON. Sizes are whole µm; absent where the picture is refused.</summary>
public sealed record GrindAnswer
{
    /// <summary>The picture's file.</summary>
    public required string Picture { get; init; }

    /// <summary>The median by volume (d50), µm.</summary>
    public double? MedianUm { get; init; }

    /// <summary>Lower end of the 90 % interval, µm.</summary>
    public double? MedianUmLow { get; init; }

    /// <summary>The upper end, µm.</summary>
    public double? MedianUmHigh { get; init; }

    /// <summary>ln(d84 / d16) / 2 by volume, of the visible grains.</summary>
    public double? Spread { get; init; }

    /// <summary>A tenth of the volume is finer, µm.</summary>
    public double? D10Um { get; init; }

    /// <summary>Nine tenths are finer, µm.</summary>
    public double? D90Um { get; init; }

    /// <summary>How many grains it is of.</summary>
    public int? Grains { get; init; }

    /// <summary>Share of the grains' area in grains that touch.</summary>
    public double? Touching { get; init; }

    /// <summary>Finer grains cannot be seen in the picture, µm.</summary>
    public double? UnseenUm { get; init; }

    /// <summary>The size of a pixel, µm: half of that.</summary>
    [JsonIgnore]
    public double? PixelUm => UnseenUm / 2;

    /// <summary>The word of the refusal.</summary>
    public string? Refused { get; init; }

    /// <summary>What to do about it.</summary>
    public string? Why { get; init; }

    /// <summary>Every grain's diameter, µm, where requested.</summary>
    public IReadOnlyList<double>? DiametersUm { get; init; }

    /// <summary>Every grain's outline, mm of the field, x and y in turn, where requested.</summary>
    public IReadOnlyList<IReadOnlyList<float>>? Outlines { get; init; }

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        // It is read by people at a terminal, not put into a page.
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>The answer to a picture.</summary>
    /// <param name="picture">Its name.</param>
    /// <param name="reading">The result.</param>
    /// <param name="withGrains">Whether every grain is included.</param>
    public static GrindAnswer Of(string picture, GrindReading reading, bool withGrains) => reading switch
    {
        GrindReading.Measured m => new()
        {
            Picture = picture,
            MedianUm = Math.Round(m.Sizes.MedianUm),
            MedianUmLow = Math.Round(m.Sizes.MedianLowUm),
            MedianUmHigh = Math.Round(m.Sizes.MedianHighUm),
            Spread = Math.Round(m.Sizes.Spread, 3),
            D10Um = Math.Round(m.Sizes.D10Um),
            D90Um = Math.Round(m.Sizes.D90Um),
            Grains = m.Sizes.Count,
            Touching = Math.Round(m.Touching, 2),
            UnseenUm = Math.Round(2 * m.PixelUm),
            DiametersUm = withGrains ? [.. m.Grains.Select(grain => Math.Round(grain.DiameterUm, 1))] : null,
            Outlines = withGrains ? [.. m.Grains.Select(grain => grain.Outline.Select(mm => MathF.Round(mm, 2)).ToArray())] : null,
        },
        GrindReading.Refused refused => new() { Picture = picture, Refused = Word(refused.Reason), Why = Advice(refused) },
        _ => throw new ArgumentOutOfRangeException(nameof(reading)),
    };

    /// <summary>As a line of JSON.</summary>
    public string Write() => JsonSerializer.Serialize(this, Json);

    /// <summary>Reads such a line; null where it is invalid.</summary>
    /// <param name="line">The line.</param>
    public static GrindAnswer? Read(string line)
    {
        try
        {
            return JsonSerializer.Deserialize<GrindAnswer>(line, Json);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <summary>A refusal's word in the file.</summary>
    /// <param name="reason">The refusal.</param>
    public static string Word(GrindRefusal reason) => JsonNamingPolicy.KebabCaseLower.ConvertName(reason.ToString());

    private static string Advice(GrindReading.Refused refused) => refused.Reason switch
    {
        GrindRefusal.NoCard => "The scale card is not in the picture. Lay the coffee on the card's white field and take the whole card.",
        GrindRefusal.Covered => "Part of the card is hidden or outside the picture. Keep all four black squares and the field in sight.",
        GrindRefusal.Blurred => "It is too blurred for grains of this size. Hold the phone still, and touch the grains on its screen to focus.",
        GrindRefusal.Dark => "There is too little light. Go to a window, or switch a lamp on beside the card.",
        GrindRefusal.Burnt => "There is too much light, and the paper is overexposed. Take the card out of the glare, or make the picture darker.",
        GrindRefusal.Aslant => "It was taken from too far aside. Hold the phone flat above the card.",
        GrindRefusal.Grey => "The paper is not white. Print the card on plain white paper.",
        GrindRefusal.Heaped => $"Too many grains lie against one another: {refused.Share ?? 1:P0} of what is seen. Take less coffee, and tap the sheet until it lies in single grains.",
        GrindRefusal.Few => $"Only {refused.Count ?? 0} grains were found, and {GrindMeasurer.MinGrains} are needed. Strew a little more: a third of a teaspoon.",
        _ when refused.NoLibrary => "What looks at pictures is missing on this machine: it comes for 64-bit Linux on x86 only. All else works.",
        _ => $"It could not be read as a JPEG, PNG or WebP of at most {PictureHeader.MaxBytes / (1024 * 1024)} MB and {PictureHeader.MaxPixels / 1_000_000} megapixels.",
    };
}
