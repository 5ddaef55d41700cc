namespace Cistern.Web.Wording;

/// <summary>The log in words: its filters, and each brew in a line.</summary>
public static class LogWording
{
    /// <summary>The least difference of the end of the steep that is mentioned, s.</summary>
    private const double MinSteepEndS = 5;

    /// <summary>The least difference of water that is mentioned, g.</summary>
    private const double MinWaterG = 2;

    /// <summary>The least difference of coffee that is mentioned, g.</summary>
    private const double MinDoseG = 0.15;

    /// <summary>The least difference of temperature that is mentioned, °C.</summary>
    private const double MinTemperatureC = 1;

    /// <summary>What a facet is called.</summary>
    public static string Of(LogFacet facet) => facet.Word switch
    {
        "coffee" => "Coffee",
        "recipe" => "Recipe",
        "family" => "Kind of brewer",
        "vessel" => "Brewer",
        "mill" => "Grinder",
        "barista" => "Who brewed",
        "place" => "Place",
        "state" => "Tasted or not",
        "score" => "Score",
        "tasted" => "Tasted as",
        "strength" => "Strength",
        "drawn" => "Extracted",
        "leans" => "Balance, computed",
        "flow" => "Flow",
        "month" => "Month",
        _ => throw new ArgumentOutOfRangeException(nameof(facet), facet.Word, "A facet without words."),
    };

    /// <summary>What a value of a facet is called.</summary>
    public static string Of(LogFacet facet, string value) => (facet.Word, value) switch
    {
        ("recipe", _) => RecipeLibrary.Find(value)?.Name ?? value,
        ("family", _) when Words<BrewerFamily>.Find(value) is { } family => StepWording.Family(family),
        ("state", "under-way") => "under way",
        ("state", "given-up") => "abandoned",
        ("state", "untasted") => "not tasted",
        ("score", _) => Part(value, "of 10"),
        ("strength", _) => Part(value, "% TDS"),
        ("drawn", "under") => "under-extracted",
        ("drawn", "well") => "well extracted",
        ("drawn", "to-the-end") => "over-extracted",
        ("flow", _) when Words<FlowWord>.Find(value) is { } flow => Flow(flow),
        ("month", _) when DateOnly.TryParseExact(value + "-01", "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var month) => month.ToString("MMM yyyy", CultureInfo.InvariantCulture),
        _ => value,
    };

    /// <summary>The order of a facet's values: ranges and months in sequence, words by count.</summary>
    public static IEnumerable<FacetCount> Sorted(LogFacet facet, IEnumerable<FacetCount> values) => facet.Word switch
    {
        "score" or "strength" => values.OrderBy(one => one.Value[0] == '-' ? -1 : double.Parse(one.Value[..one.Value.IndexOf('-', StringComparison.Ordinal)], CultureInfo.InvariantCulture)),
        "month" => values.OrderByDescending(one => one.Value, StringComparer.Ordinal),
        _ => values.OrderByDescending(one => one.Count).ThenBy(one => Of(facet, one.Value), StringComparer.OrdinalIgnoreCase),
    };

    /// <summary>How it flowed, in a few words.</summary>
    public static string Flow(FlowWord flow) => flow switch
    {
        FlowWord.Slow => "flowed too slowly",
        FlowWord.Quick => "flowed too quickly",
        FlowWord.Late => "steep ended or done late",
        FlowWord.Early => "steep ended or done early",
        FlowWord.Within => "in its windows",
    };

    /// <summary>What differed from the plan, as far as it matters; empty where nothing did.</summary>
    public static string Differed(LogRow row, FigureFormat format)
    {
        var parts = new List<string>();
        if (row.SteepEndOffS is { } offS && Math.Abs(offS) >= MinSteepEndS)
        {
            parts.Add($"the steep ended {(Math.Abs(offS) < 100 ? FigureFormat.Seconds(Math.Abs(offS)) : FigureFormat.Clock(Math.Abs(offS)))} {(offS > 0 ? "late" : "early")}");
        }

        if (row.DoseOffG is { } doseG && Math.Abs(doseG) >= MinDoseG)
        {
            parts.Add($"{format.Dose(Math.Abs(doseG))} {(doseG > 0 ? "more" : "less")} coffee");
        }

        if (row.WaterOffG is { } waterG && Math.Abs(waterG) >= MinWaterG)
        {
            parts.Add($"{format.Water(Math.Abs(waterG))} {(waterG > 0 ? "more" : "less")} water");
        }

        if (row.TemperatureOffC is { } offC && Math.Abs(offC) >= MinTemperatureC)
        {
            parts.Add($"water {format.Kelvin(Math.Abs(offC))} {(offC > 0 ? "hotter" : "cooler")}");
        }

        return string.Join(", ", parts);
    }

    /// <summary>The result in a line: strength, taste as tasted or else as expected, and flow times outside their windows.</summary>
    /// <param name="row">The brew.</param>
    /// <param name="byTaste">Whether only words are shown.</param>
    public static string Verdict(LogRow row, bool byTaste = false) => row is { TdsPercent: { } tds, ExtractionLevel: { } level, FlavourBalance: { } balance }
        ? string.Join(" · ", new[]
        {
            byTaste ? "" : $"{FigureFormat.Percent(tds, 2)} TDS{(row.ReadTdsPercent is null ? "" : " read")}",
            row.SourBitter is { } points ? "tasted " + CupJudgement.WordsOf(points) : "expected " + string.Join(", ", CupJudgement.Of(level, balance, tds).Words),
            row.Flow is { } word && Words<FlowWord>.Find(word) is { } flow and not FlowWord.Within ? Flow(flow) : "",
        }.Where(text => text.Length > 0))
        : "";

    /// <summary>A range of values: "under 1.05 % TDS", "1.2 to 1.35 % TDS", "2 % TDS and over".</summary>
    private static string Part(string value, string unit)
    {
        var at = value.IndexOf('-', StringComparison.Ordinal);
        var (low, high) = at < 0 ? (value, "") : (value[..at], value[(at + 1)..]);
        return (low, high) switch
        {
            ("", _) => $"under {high} {unit}",
            (_, "") => $"{low} {unit} and over",
            _ => $"{low} to {high} {unit}",
        };
    }
}
