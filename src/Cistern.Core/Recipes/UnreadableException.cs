namespace Cistern.Core.Recipes;

/// <summary>Stored data cannot be read: it was edited outside Cistern, or stored by a version with other rules.</summary>
/// <param name="why">What is wrong, as a sentence.</param>
/// <param name="inner">The cause, or null.</param>
public sealed class UnreadableException(string why, Exception? inner = null) : Exception(why, inner);
