namespace Cistern.Core.Recipes;

/// <summary>Something that was kept cannot be read: another hand has changed it, or an earlier version kept what this one refuses.</summary>
/// <param name="why">What is wrong with it, in a sentence.</param>
/// <param name="inner">What lies behind it, or null.</param>
public sealed class UnreadableException(string why, Exception? inner = null) : Exception(why, inner);
