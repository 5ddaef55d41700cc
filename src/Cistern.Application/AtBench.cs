namespace Cistern.Application;

/// <summary>Who asks, and on which day: what a use case has to know of them.</summary>
/// <param name="Barista">Their name; empty where nobody said.</param>
/// <param name="HasGrinder">Whether they set a grinder of their own.</param>
/// <param name="UsesLearned">Whether forecasts are to use what was learned from brews.</param>
/// <param name="Today">The day, where the server stands.</param>
public sealed record AtBench(string Barista, bool HasGrinder, bool UsesLearned, DateOnly Today);
