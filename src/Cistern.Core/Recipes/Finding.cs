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

/// <summary>A problem found in a recipe, with what is needed to correct it.</summary>
/// <param name="Severity">How serious it is.</param>
/// <param name="Place">Where: the path of a member in the file, such as <c>steps[3].toG</c>.</param>
/// <param name="Rule">The rule that is broken, as a sentence for a barista.</param>
/// <param name="Found">The value that was found, as written.</param>
/// <param name="Remedy">What would be accepted.</param>
public sealed record Finding(Severity Severity, string Place, string Rule, string Found, string Remedy)
{
    /// <summary>A finding that refuses the recipe.</summary>
    public static Finding Error(string place, string rule, string found, string remedy) =>
        new(Severity.Error, place, rule, found, remedy);

    /// <summary>A finding that only warns.</summary>
    public static Finding Warning(string place, string rule, string found, string remedy) =>
        new(Severity.Warning, place, rule, found, remedy);

    /// <summary>One line for a terminal: place, rule, value found, remedy.</summary>
    public override string ToString() =>
        $"{(Severity == Severity.Error ? "error" : Severity == Severity.Warning ? "warning" : "note")}: {(Place.Length == 0 ? "file" : Place)}: {Rule} Found {Found}. {Remedy}";
}
