using System.Globalization;
using Cistern.Core.Forecasts;
using Cistern.Core.Recipes;
using Cistern.Data.Brews;
using Cistern.Data.Log;

namespace Cistern.Web.Wording;

/// <summary>The log in words: what it is narrowed by, and each of its brews in a line.</summary>
public static class LogWording
{
    /// <summary>So much later or sooner a release is told, s.</summary>
    private const double TellsSteepEndS = 5;

    /// <summary>So much water more or less is told, g.</summary>
    private const double TellsWaterG = 2;

    /// <summary>So much coffee more or less is told, g.</summary>
    private const double TellsDoseG = 0.15;

    /// <summary>So much warmer or cooler is told, °C.</summary>
    private const double TellsTemperatureC = 1;

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
        ("state", "given-up") => "given up",
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

    /// <summary>The order a facet's values are offered in: parts and months as they follow, words as they are found most.</summary>
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
        _ => "in its windows",
    };

    /// <summary>What differed from the plan, as far as it matters; empty where nothing did.</summary>
    public static string Differed(LogRow row, FigureFormat format)
    {
        var parts = new List<string>();
        if (row.SteepEndOffS is { } offS && Math.Abs(offS) >= TellsSteepEndS)
        {
            parts.Add($"the steep ended {(Math.Abs(offS) < 100 ? FigureFormat.Seconds(Math.Abs(offS)) : FigureFormat.Clock(Math.Abs(offS)))} {(offS > 0 ? "late" : "early")}");
        }

        if (row.DoseOffG is { } doseG && Math.Abs(doseG) >= TellsDoseG)
        {
            parts.Add($"{format.Dose(Math.Abs(doseG))} {(doseG > 0 ? "more" : "less")} coffee");
        }

        if (row.WaterOffG is { } waterG && Math.Abs(waterG) >= TellsWaterG)
        {
            parts.Add($"{format.Water(Math.Abs(waterG))} {(waterG > 0 ? "more" : "less")} water");
        }

        if (row.TemperatureOffC is { } offC && Math.Abs(offC) >= TellsTemperatureC)
        {
            parts.Add($"water {format.Kelvin(Math.Abs(offC))} {(offC > 0 ? "hotter" : "cooler")}");
        }

        return string.Join(", ", parts);
    }

    /// <summary>What came of it in a line: how strong, how it was called by whoever tasted it or else is expected to be, and how it flowed where that was out of its window.</summary>
    /// <param name="row">The brew.</param>
    /// <param name="byTaste">Whether words alone are told.</param>
    public static string Verdict(LogRow row, bool byTaste = false) => row is { TdsPercent: { } tds, ExtractionLevel: { } level, FlavourBalance: { } balance }
        ? string.Join(" · ", new[]
        {
            byTaste ? "" : $"{FigureFormat.Percent(tds, 2)} TDS{(row.ReadTdsPercent is null ? "" : " read")}",
            row.SourBitter is { } points ? "tasted " + CupJudgement.SaidOf(points) : "expected " + string.Join(", ", CupJudgement.Of(level, balance, tds).Words),
            row.Flow is { } word && Words<FlowWord>.Find(word) is { } flow and not FlowWord.Within ? Flow(flow) : "",
        }.Where(text => text.Length > 0))
        : "";

    /// <summary>A part of a scale: "under 1.05 % TDS", "1.2 to 1.35 % TDS", "2 % TDS and over".</summary>
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
