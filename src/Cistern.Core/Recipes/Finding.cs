using System.Text.Json.Serialization;

namespace Cistern.Core.Recipes;

/// <summary>How serious a finding is.</summary>
public enum Severity
{
    /// <summary>For information; nothing has to be done.</summary>
    Note,

    /// <summary>The brew can start, but will not turn out as intended.</summary>
    Warning,

    /// <summary>Refused until it is corrected.</summary>
    Error,
}

/// <summary>A kind of finding. Its sentences have <c>{0}</c>, <c>{1}</c> and so on for the arguments of a finding.</summary>
/// <param name="Code">Its name for programs, as <c>steps-out-of-order</c>.</param>
/// <param name="Severity">How serious it is.</param>
/// <param name="Rule">The rule that is broken, as a sentence for a barista.</param>
/// <param name="Found">The value that was found.</param>
/// <param name="Remedy">What would be accepted.</param>
public sealed record FindingKind(string Code, Severity Severity, string Rule, string Found, string Remedy)
{
    /// <summary>A finding of this kind.</summary>
    /// <param name="place">Where: the path of a member in the file, such as <c>steps[3].toG</c>; empty for the whole file.</param>
    /// <param name="arguments">The arguments of its sentences.</param>
    public Finding At(string place, params object[] arguments) => new(this, place, arguments);
}

/// <summary>A problem that was found, with what is needed to correct it: its kind, its place and its arguments.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Place">Where: the path of a member in the file, such as <c>steps[3].toG</c>.</param>
/// <param name="Arguments">The arguments of its sentences.</param>
public sealed record Finding([property: JsonIgnore] FindingKind Kind, string Place, [property: JsonIgnore] IReadOnlyList<object> Arguments)
{
    /// <summary>The path of a member of what is at a place.</summary>
    public static string Path(string place, string member) => place.Length == 0 ? member : $"{place}.{member}";

    /// <summary>The name of its kind.</summary>
    public string Code => Kind.Code;

    /// <summary>How serious it is.</summary>
    public Severity Severity => Kind.Severity;

    /// <summary>The rule that is broken, as a sentence for a barista.</summary>
    public string Rule => Text(Kind.Rule);

    /// <summary>The value that was found, as written.</summary>
    public string Found => Text(Kind.Found);

    /// <summary>What would be accepted.</summary>
    public string Remedy => Text(Kind.Remedy);

    /// <summary>One line for a terminal: place, rule, value found, remedy.</summary>
    public override string ToString() => $"{Words<Severity>.Of(Severity)}: {(Place.Length == 0 ? "file" : Place)}: {Rule} Found {Found}. {Remedy}";

    private string Text(string sentence) => string.Format(CultureInfo.InvariantCulture, sentence, [.. Arguments]);
}
