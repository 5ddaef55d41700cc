namespace Cistern.Core.Reckoning;

/// <summary>What is typed is read by patterns, and none may take a page down with it.</summary>
internal static class Patience
{
    /// <summary>
    /// How long a pattern may take, ms. Far longer than any does: a machine that is busy, or compiles the pattern just then,
    /// stops a thread for half a second, and what was typed must not be refused for that.
    /// </summary>
    public const int Ms = 10_000;

    /// <summary>No number, time or size that somebody says is longer; so no pattern has much to look through.</summary>
    public const int MostLetters = 100;
}
