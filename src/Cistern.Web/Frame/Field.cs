namespace Cistern.Web.Frame;

/// <summary>A field of a form: its label, its text, and what is wrong with it.</summary>
/// <param name="Name">Its name in the form, and its id.</param>
/// <param name="Label">Its name.</param>
/// <param name="Text">What was typed, or its initial text.</param>
public sealed record Field(string Name, string Label, string Text)
{
    /// <summary>The ids of the elements that describe a field, for aria-describedby; null where there are none.</summary>
    /// <param name="ids">The ids; null for one that is absent.</param>
    public static string? DescribedBy(params string?[] ids) => string.Join(' ', ids.OfType<string>()) is { Length: > 0 } described ? described : null;

    /// <summary>What will not do, or null.</summary>
    public string? Problem { get; init; }

    /// <summary>What is said beside it, or null.</summary>
    public string? Hint { get; init; }

    /// <summary>The unit, or null.</summary>
    public string? Unit { get; init; }

    /// <summary>text, number (a decimal field), date, area or choice.</summary>
    public string Kind { get; init; } = "text";

    /// <summary>For a choice: the values and their labels.</summary>
    public IReadOnlyList<(string Value, string Word)> Options { get; init; } = [];

    /// <summary>The most letters that can be typed.</summary>
    public int MaxLength { get; init; } = 200;

    /// <summary>The text when the form was shown, sent back with it, so that an unchanged field changes nothing.</summary>
    public string? Was { get; init; }
}
