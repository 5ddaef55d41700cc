namespace Cistern.Web.Frame;

/// <summary>One field of a form: what it is called, what was typed, and what is wrong with it.</summary>
/// <param name="Name">The name it is sent under, and its id.</param>
/// <param name="Label">What it is called.</param>
/// <param name="Text">What was typed, or what stands there to begin with.</param>
public sealed record Field(string Name, string Label, string Text)
{
    /// <summary>The names of what describes a field, for its aria-describedby; null where nothing does.</summary>
    /// <param name="ids">The names; null for one that is not there.</param>
    public static string? DescribedBy(params string?[] ids) => string.Join(' ', ids.OfType<string>()) is { Length: > 0 } described ? described : null;

    /// <summary>What will not do, or null.</summary>
    public string? Problem { get; init; }

    /// <summary>What is said beside it, or null.</summary>
    public string? Hint { get; init; }

    /// <summary>The unit, or null.</summary>
    public string? Unit { get; init; }

    /// <summary>text, number (a decimal field), date, area or choice.</summary>
    public string Kind { get; init; } = "text";

    /// <summary>For a choice: the values that are sent, and their words.</summary>
    public IReadOnlyList<(string Value, string Word)> Options { get; init; } = [];

    /// <summary>The most letters that can be typed.</summary>
    public int MaxLength { get; init; } = 200;

    /// <summary>What stood there when the form was shown, sent back with it: what was left as it stood changes nothing.</summary>
    public string? Was { get; init; }
}
