using System.Text.Json;

namespace Cistern.Core.Readings;

/// <summary>Readings as a gateway sends them: JSON lines, or CSV with a header.</summary>
public static class ReadingLines
{
    /// <summary>The most readings in one piece.</summary>
    public const int Most = 2_000;

    private const string Head = "of,atMs,value";

    /// <summary>Reads lines; accepts all of them or none.</summary>
    /// <param name="text">One reading per line: <c>{"of":"scaleG","atMs":1764142800000,"value":231.4}</c>, or the same three as CSV under the header <c>of,atMs,value</c>. Without <c>atMs</c> the time is now.</param>
    /// <param name="nowMs">Now, on the brew's clock, UTC milliseconds.</param>
    /// <param name="earliestMs">The earliest time accepted, UTC milliseconds.</param>
    /// <returns>The readings, and a finding for each that is invalid.</returns>
    public static (ImmutableArray<Reading> Readings, ImmutableArray<Finding> Findings) Read(string text, double nowMs, double earliestMs)
    {
        var readings = ImmutableArray.CreateBuilder<Reading>();
        var findings = ImmutableArray.CreateBuilder<Finding>();
        var isCsv = text.TrimStart().StartsWith(Head, StringComparison.Ordinal);
        var number = 0;
        foreach (var raw in text.EnumerateLines())
        {
            number++;
            var line = raw.Trim().ToString();
            if (line.Length == 0 || (isCsv && line == Head))
            {
                continue;
            }

            if (readings.Count >= Most)
            {
                findings.Add(FindingKinds.TooManyReadings.At(Place(number), Most));
                break;
            }

            var (word, at, value, problem) = isCsv ? ReadCsv(line) : ReadJson(line);
            if ((problem ?? Problem(word, at, value, nowMs, earliestMs)) is { } told)
            {
                findings.Add(told with { Place = Place(number) });
                if (findings.Count >= 20)
                {
                    break;
                }

                continue;
            }

            readings.Add(new Reading(ReadingRange.Find(word)!.Of, at ?? nowMs, value!.Value));
        }

        if (readings.Count == 0 && findings.Count == 0)
        {
            findings.Add(FindingKinds.NoReadings.At(""));
        }

        return (findings.Count > 0 ? [] : readings.ToImmutable(), findings.ToImmutable());

        static string Place(int line) => string.Create(CultureInfo.InvariantCulture, $"line {line}");
    }

    private static Finding? Problem(string? word, double? atMs, double? value, double nowMs, double earliestMs)
    {
        const double AheadMs = 5_000;
        if (ReadingRange.Find(word) is not { } range)
        {
            return FindingKinds.UnknownReading.At("", word ?? "nothing", string.Join(", ", ReadingRange.All.Select(one => one.Word)));
        }

        if (value is not { } number || !range.Holds(number))
        {
            return FindingKinds.ReadingOutOfRange.At("", value is { } shown ? shown : "no number", range.Word, range.Low, range.High, range.Unit);
        }

        return atMs is { } ms && !(ms >= earliestMs && ms <= nowMs + AheadMs)
            ? FindingKinds.ReadingOutsideBrew.At("", ms, earliestMs, nowMs + AheadMs)
            : null;
    }

    private static (string? Word, double? AtMs, double? Value, Finding? Problem) ReadCsv(string line)
    {
        var parts = line.Split(',');
        double? atMs = null;
        if (parts.Length != 3 || (parts[1].Length > 0 && !TryNumber(parts[1], out atMs)) || !TryNumber(parts[2], out var value))
        {
            return (null, null, null, FindingKinds.CsvLineUnreadable.At("", line.Length > 60 ? line[..60] : line, Head));
        }

        return (parts[0], atMs, value, null);
    }

    private static bool TryNumber(string text, out double? value)
    {
        value = double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number) && double.IsFinite(number) ? number : null;
        return value is not null;
    }

    private static (string? Word, double? AtMs, double? Value, Finding? Problem) ReadJson(string line)
    {
        try
        {
            using var document = JsonDocument.Parse(line);
            var root = document.RootElement;
            if (root.ValueKind == JsonValueKind.Object)
            {
                return (
                    root.TryGetProperty("of", out var of) && of.ValueKind == JsonValueKind.String ? of.GetString() : null,
                    root.TryGetProperty("atMs", out var at) && at.ValueKind == JsonValueKind.Number && at.TryGetDouble(out var atMs) ? atMs : null,
                    root.TryGetProperty("value", out var value) && value.ValueKind == JsonValueKind.Number && value.TryGetDouble(out var number) ? number : null,
                    null);
            }
        }
        catch (JsonException)
        {
            // Reported below, like any invalid line.
        }

        return (null, null, null, FindingKinds.JsonLineUnreadable.At("", line.Length > 60 ? line[..60] : line));
    }
}
