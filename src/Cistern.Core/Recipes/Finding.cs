namespace Cistern.Core.Recipes;

/// <summary>How much a finding stops.</summary>
public enum Severity
{
    /// <summary>Worth knowing; nothing to do.</summary>
    Note,

    /// <summary>The brew can start, but will not be what was meant.</summary>
    Warning,

    /// <summary>Refused until it is put right.</summary>
    Error,
}

/// <summary>One thing found wrong, told so that it can be put right.</summary>
/// <param name="Severity">How much it stops.</param>
/// <param name="Place">Where: a member's path in the file, such as <c>steps[3].toG</c>.</param>
/// <param name="Rule">The rule, in a sentence a barista reads.</param>
/// <param name="Found">What stood there instead, as it stood.</param>
/// <param name="Remedy">What would do.</param>
public sealed record Finding(Severity Severity, string Place, string Rule, string Found, string Remedy)
{
    /// <summary>A finding that refuses.</summary>
    public static Finding Error(string place, string rule, string found, string remedy) =>
        new(Severity.Error, place, rule, found, remedy);

    /// <summary>A finding that warns.</summary>
    public static Finding Warning(string place, string rule, string found, string remedy) =>
        new(Severity.Warning, place, rule, found, remedy);

    /// <summary>One line for a terminal: place, rule, what was found, what would do.</summary>
    public override string ToString() =>
        $"{(Severity == Severity.Error ? "error" : Severity == Severity.Warning ? "warning" : "note")}: {(Place.Length == 0 ? "file" : Place)}: {Rule} Found {Found}. {Remedy}";
}
