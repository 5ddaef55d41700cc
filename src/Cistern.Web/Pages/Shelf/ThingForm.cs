namespace Cistern.Web.Pages.Shelf;

/// <summary>
/// The form of a thing on the shelf: collects fields, reads them, and says whether all are valid. A field that was not touched keeps
/// the current value, so that an outdated form does not undo later changes.
/// </summary>
/// <param name="sent">The submitted form; null when it is first shown.</param>
/// <param name="format">The barista's units.</param>
public sealed class ThingForm(FormValues? sent, FigureFormat format)
{
    private readonly List<Field> fields = [];
    private int? restFrom;

    /// <summary>Its fields, in their order.</summary>
    public IReadOnlyList<Field> Fields => fields;

    /// <summary>Those that are asked first.</summary>
    public IReadOnlyList<Field> First => fields[..(restFrom ?? fields.Count)];

    /// <summary>Fields that rarely need to be changed.</summary>
    public IReadOnlyList<Field> Rest => fields[(restFrom ?? fields.Count)..];

    /// <summary>The fields from here on rarely need to be changed.</summary>
    public void RestFollows() => restFrom = fields.Count;

    /// <summary>What is wrong with the thing as a whole.</summary>
    public List<string> Problems { get; } = [];

    /// <summary>Whether neither the fields nor the whole have problems.</summary>
    public bool Good => fields.TrueForAll(one => one.Problem is null) && Problems.Count == 0;

    /// <summary>Whether a field comes from a file, which contains only what it knows, rather than from a form that was shown.</summary>
    public bool IsGiven(string name) => sent?.Value(name) is not null && sent.Value("was." + name) is null;

    /// <summary>A text, which may be empty unless it is required.</summary>
    public string Text(string name, string label, string stands, int longest, bool required = false, string? hint = null, bool area = false)
    {
        var text = Sent(name, stands).Trim();
        var problem = sent is null ? null : required && text.Length == 0 ? "This must not be empty." : PlainText.Problem(text, longest, area);
        Add(new Field(name, label, text) { Problem = problem, MaxLength = longest, Hint = hint, Kind = area ? "area" : "text" }, stands);
        return text;
    }

    /// <summary>A number in a range.</summary>
    public double Number(string name, string label, double stands, double min, double max, string unit, string? hint = null, Func<string, string>? meant = null)
    {
        var shown = stands.ToString("0.###", CultureInfo.InvariantCulture);
        var text = Sent(name, shown);
        var number = TypedNumber.Read(meant is null ? text : meant(text), min, max, unit) with { Text = text };
        Add(new Field(name, label, number.Text) { Kind = meant is null ? "number" : "text", Unit = unit.Length > 0 ? unit : null, Hint = hint, Problem = sent is null ? null : number.Problem, MaxLength = 40 }, shown);
        return text == shown ? stands : number.Value ?? stands;
    }

    /// <summary>Coffee in the barista's unit for it; parameters and result in g.</summary>
    public double Coffee(string name, string label, double standsG, double minG, double maxG, string? hint = null)
    {
        var units = format.Coffee.Units;
        var read = Number(name, label, Math.Round(units.MassFromG(standsG), units.Mass == MassUnit.Gram ? 1 : 3), units.MassFromG(minG), units.MassFromG(maxG), format.Coffee.MassUnit, hint);
        // A figure that was not touched, or typed as shown, keeps its exact value.
        return Math.Abs(read - units.MassFromG(standsG)) < 0.06 * (units.Mass == MassUnit.Gram ? 1 : 0.01) ? standsG : units.MassToG(read);
    }

    /// <summary>A temperature in the barista's unit; parameters and result in °C.</summary>
    public double Temperature(string name, string label, double standsC, double minC, double maxC) =>
        format.Units.TemperatureToC(Number(name, label, Math.Round(format.Units.TemperatureFromC(standsC), 1), format.Units.TemperatureFromC(minC), format.Units.TemperatureFromC(maxC), format.TemperatureUnit));

    /// <summary>A number that may be left out.</summary>
    public double? Maybe(string name, string label, double? stands, double min, double max, string unit, string? hint = null, Func<string, string>? meant = null)
    {
        var shown = stands?.ToString("0.###", CultureInfo.InvariantCulture) ?? "";
        var text = Sent(name, shown).Trim();
        var number = text.Length == 0 ? new TypedNumber("", null, null) : TypedNumber.Read(text, min, max, unit);
        Add(new Field(name, label, number.Text) { Kind = "number", Unit = unit.Length > 0 ? unit : null, Hint = hint, Problem = sent is null ? null : number.Problem, MaxLength = 40 }, shown);
        return text == shown ? stands : number.Value;
    }

    /// <summary>Yes or no.</summary>
    public bool Flag(string name, string label, bool stands, string yes = "yes", string no = "no", string? hint = null)
    {
        var shown = stands ? "yes" : "no";
        var value = Sent(name, shown) == "yes";
        Add(new Field(name, label, value ? "yes" : "no") { Kind = "choice", Options = [("no", no), ("yes", yes)], Hint = hint }, shown);
        return value;
    }

    /// <summary>One word of a closed set, or the default.</summary>
    /// <param name="name">Its name in the form.</param>
    /// <param name="label">Its label.</param>
    /// <param name="stands">The current one; null for the default.</param>
    /// <param name="usual">The default's label; null where one must be chosen.</param>
    public T? Word<T>(string name, string label, T? stands, string? usual)
        where T : struct, Enum
    {
        var shown = stands is { } standing ? Words<T>.Of(standing) : "";
        var value = Words<T>.Find(Sent(name, shown)) ?? (usual is null ? stands : null);
        Add(
            new Field(name, label, value is { } word ? Words<T>.Of(word) : "")
            {
                Kind = "choice",
                Options = [.. usual is null ? Array.Empty<(string, string)>() : [("", usual)], .. Words<T>.All.Select(one => (one, one == "jar" ? "open jar" : one.Replace('-', ' ')))],
            },
            shown);
        return value;
    }

    /// <summary>A day, not after <paramref name="latest"/>.</summary>
    public DateOnly Day(string name, string label, DateOnly stands, DateOnly latest)
    {
        var shown = stands.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        var text = Sent(name, shown);
        var good = DateOnly.TryParseExact(text, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day) && day <= latest && day.Year > 1990;
        Add(new Field(name, label, text) { Kind = "date", Problem = sent is null || good ? null : "Give a date in the past, as year-month-day." }, shown);
        return good ? day : stands;
    }

    /// <summary>What was typed; the current value where the field was not touched.</summary>
    private string Sent(string name, string stands) => sent?.Value(name) is { } text && text != sent.Value("was." + name) ? text : stands;

    private void Add(Field field, string stands) => fields.Add(field with { Was = sent?.Value("was." + field.Name) ?? stands });

    /// <summary>Adds a finding to a field, or to the whole where there is no such field.</summary>
    public void Refuse(string name, string problem)
    {
        var at = fields.FindIndex(one => one.Name == name);
        if (at >= 0 && sent is not null)
        {
            fields[at] = fields[at] with { Problem = problem };
        }
        else if (sent is not null)
        {
            Problems.Add(problem);
        }
    }
}
