using System.Collections.Immutable;
using System.Text;

namespace Cistern.Data.Log;

/// <summary>A query of the log: words, days and values of facets, as in the address.</summary>
public sealed record LogQuery
{
    /// <summary>The longest search accepted.</summary>
    public const int MaxLength = 200;

    private const string WordsName = "q";
    private const string FromName = "from";
    private const string ToName = "to";
    private const string DayFormat = "yyyy-MM-dd";

    private static readonly ImmutableHashSet<string> Nothing = ImmutableHashSet.Create<string>(StringComparer.Ordinal);

    private readonly ImmutableDictionary<string, ImmutableHashSet<string>> asked = ImmutableDictionary<string, ImmutableHashSet<string>>.Empty;

    /// <summary>Words that must all occur, each as a prefix.</summary>
    public string Words { get; init; } = "";

    /// <summary>First day, in the server's time zone.</summary>
    public DateOnly? From { get; init; }

    /// <summary>To this day, it included.</summary>
    public DateOnly? To { get; init; }

    /// <summary>Earliest time, UTC milliseconds.</summary>
    /// <param name="zone">The time zone of its days.</param>
    public long FromMs(TimeZoneInfo zone) => From is { } day ? LocalTime.UtcMs(day, zone) : long.MinValue;

    /// <summary>End of the last day, UTC milliseconds.</summary>
    /// <param name="zone">The time zone of its days.</param>
    public long ToMs(TimeZoneInfo zone) => To is { } day && day < DateOnly.MaxValue ? LocalTime.UtcMs(day.AddDays(1), zone) : long.MaxValue;

    /// <summary>Whether nothing is asked for, so that the whole log matches.</summary>
    public bool IsEmpty => Words.Length == 0 && From is null && To is null && asked.IsEmpty;

    /// <summary>The values asked for of a facet; any of them matches, and without any, all do.</summary>
    public ImmutableHashSet<string> Of(LogFacet facet) => asked.GetValueOrDefault(facet.Word, Nothing);

    /// <summary>Reads a query from an address; unknown parts are ignored.</summary>
    /// <param name="members">Names and values, in any order.</param>
    public static LogQuery Read(IEnumerable<KeyValuePair<string, string?>> members)
    {
        var query = new LogQuery();
        foreach (var (name, value) in members)
        {
            query = (name, value) switch
            {
                (_, null or "") => query,
                (WordsName, _) => query with { Words = value.Length > MaxLength ? value[..MaxLength].Trim() : value.Trim() },
                (FromName, _) => query with { From = Day(value) },
                (ToName, _) => query with { To = Day(value) },
                _ when LogFacet.Find(name) is { } facet && value.Length <= MaxLength => query.With(facet, Now(value)),
                _ => query,
            };
        }

        return query;
    }

    /// <summary>With one more value asked for.</summary>
    public LogQuery With(LogFacet facet, string value) => new(this) { Asked = asked.SetItem(facet.Word, Of(facet).Add(value)) };

    /// <summary>With one value less.</summary>
    public LogQuery Without(LogFacet facet, string value) => new(this) { Asked = Of(facet).Remove(value) is { IsEmpty: false } left ? asked.SetItem(facet.Word, left) : asked.Remove(facet.Word) };

    /// <summary>As names and values, always in the same order.</summary>
    public IEnumerable<KeyValuePair<string, string>> Members()
    {
        if (Words.Length > 0)
        {
            yield return KeyValuePair.Create(WordsName, Words);
        }

        foreach (var (name, day) in new[] { (FromName, From), (ToName, To) })
        {
            if (day is { } some)
            {
                yield return KeyValuePair.Create(name, some.ToString(DayFormat, CultureInfo.InvariantCulture));
            }
        }

        foreach (var facet in LogFacet.All)
        {
            foreach (var value in Of(facet).Order(StringComparer.Ordinal))
            {
                yield return KeyValuePair.Create(facet.Word, value);
            }
        }
    }

    /// <summary>As in an address after the question mark; empty where nothing is asked for.</summary>
    public override string ToString() => string.Join('&', Members().Select(pair => $"{pair.Key}={Uri.EscapeDataString(pair.Value)}"));

    /// <summary>Its words as a full-text query: each a prefix, none an operator; null where there is none.</summary>
    public string? Match
    {
        get
        {
            var words = new List<string>();
            var word = new StringBuilder();
            foreach (var rune in (Words + " ").EnumerateRunes())
            {
                if (Rune.IsLetterOrDigit(rune) || Rune.GetUnicodeCategory(rune) is UnicodeCategory.NonSpacingMark or UnicodeCategory.SpacingCombiningMark)
                {
                    word.Append(rune.ToString());
                }
                else if (word.Length > 0)
                {
                    words.Add($"\"{word}\"*");
                    word.Clear();
                }
            }

            return words.Count > 0 ? string.Join(' ', words) : null;
        }
    }

    private ImmutableDictionary<string, ImmutableHashSet<string>> Asked
    {
        init => asked = value;
    }

    /// <inheritdoc/>
    public bool Equals(LogQuery? other) => other is not null && ToString() == other.ToString();

    /// <inheritdoc/>
    public override int GetHashCode() => ToString().GetHashCode(StringComparison.Ordinal);

    /// <summary>The current name of a value: saved addresses contain words of earlier versions.</summary>
    private static string Now(string value) => value switch
    {
        "sharp" => "sour",
        "harsh" => "bitter",
        _ => value,
    };

    private static DateOnly? Day(string text) => DateOnly.TryParseExact(text, DayFormat, CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) ? day : null;
}
