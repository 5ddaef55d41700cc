namespace Cistern.Web.Pages.Plan;

/// <summary>The submitted form of a plan. A field that was not touched counts as absent.</summary>
/// <param name="values">The form's values.</param>
public sealed class SentForm(FormValues values)
{
    /// <summary>The button that was pressed, or null.</summary>
    public string? Pressed => Value("do");

    /// <summary>All that was sent.</summary>
    public FormValues Values => values;

    /// <summary>Steps per press: ten with Shift.</summary>
    private int Times => Value("times") == "10" ? 10 : 1;

    /// <summary>A field as it was sent, or null.</summary>
    public string? Value(string name) => values.Value(name);

    /// <summary>What was typed; null where the field was not touched.</summary>
    public string? Changed(string name, string stands) => Value(name) is { } sent && sent != stands && sent != Value("was." + name) ? sent : null;

    /// <summary>How far a field's + or − was pressed, in its unit; 0 where neither was.</summary>
    public double Pressing(string name, double step) => Pressed == name + "+" ? Times * step : Pressed == name + "-" ? -Times * step : 0;

    /// <summary>A number that was typed, or changed by its + and −.</summary>
    /// <param name="name">The field.</param>
    /// <param name="stands">The text it was shown with.</param>
    /// <param name="range">The values allowed.</param>
    /// <param name="step">The size of one press.</param>
    /// <param name="unit">Its unit.</param>
    /// <param name="meant">The meaning of words.</param>
    public TypedNumber Stepped(string name, string stands, Span range, double step, string unit, Func<string, string>? meant = null)
    {
        var text = Changed(name, stands) ?? stands;
        var number = TypedNumber.Read(meant is null ? text : meant(text), range.Low, range.High, unit);
        number = number.Problem is null ? number : number with { Text = text };
        return number.Value is { } value && Pressing(name, step) is not 0 and var by
            ? TypedNumber.Read(FigureFormat.Setting(Math.Clamp(value + by, range.Low, range.High)), range.Low, range.High, unit)
            : number;
    }
}
