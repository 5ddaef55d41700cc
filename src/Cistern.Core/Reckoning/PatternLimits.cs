namespace Cistern.Core.Reckoning;

/// <summary>Limits for the regular expressions that read typed text.</summary>
internal static class PatternLimits
{
    /// <summary>
    /// Timeout of a match, ms. No match needs nearly as long, but on a busy machine a thread may stop for half a second, and that must
    /// not refuse what was typed.
    /// </summary>
    public const int Ms = 10_000;

    /// <summary>The longest text that is matched. No number, time or size is longer.</summary>
    public const int MaxLength = 100;
}
