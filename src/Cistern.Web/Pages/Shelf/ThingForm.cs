using System.Globalization;
using Cistern.Core.Reckoning;
using Cistern.Web.Frame;
using Microsoft.Extensions.Primitives;

namespace Cistern.Web.Pages.Shelf;

/// <summary>A short form for one thing on the shelf: it collects fields, reads them, and says whether all will do.</summary>
public sealed class ThingForm(IEnumerable<KeyValuePair<string, StringValues>>? sent)
{
    private readonly List<Field> fields = [];

    public IReadOnlyList<Field> Fields => fields;

    /// <summary>Whether nothing is wrong with any field.</summary>
    public bool Good => fields.TrueForAll(one => one.Problem is null);

    /// <summary>A text that may be empty unless it is required.</summary>
    public string Text(string name, string label, string stands, int longest, bool required = false)
    {
        var text = (sent?.Value(name) ?? stands).Trim();
        var problem = sent is null ? null
            : text.Length > longest ? string.Create(CultureInfo.InvariantCulture, $"At most {longest} letters.")
            : required && text.Length == 0 ? "This must not be empty." : null;
        fields.Add(new Field(name, label, text) { Problem = problem, MaxLength = longest });
        return text;
    }

    /// <summary>A number in a range.</summary>
    public double Number(string name, string label, double stands, double min, double max, string unit, string? hint = null)
    {
        var number = TypedNumber.Read(sent?.Value(name) ?? stands.ToString("0.###", CultureInfo.InvariantCulture), min, max, unit);
        fields.Add(new Field(name, label, number.Text) { Kind = "number", Unit = unit.Length > 0 ? unit : null, Hint = hint, Problem = sent is null ? null : number.Problem, MaxLength = 40 });
        return number.Value ?? stands;
    }

    /// <summary>A day, not after <paramref name="latest"/>.</summary>
    public DateOnly Day(string name, string label, DateOnly stands, DateOnly latest)
    {
        var text = sent?.Value(name) ?? stands.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        var good = DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) && day <= latest && day.Year > 1990;
        fields.Add(new Field(name, label, text) { Kind = "date", Problem = sent is null || good ? null : "Give a day that has been, as year-month-day." });
        return good ? day : stands;
    }
}
