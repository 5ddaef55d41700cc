namespace Cistern.Application;

/// <summary>Who asks, and on which day.</summary>
/// <param name="Barista">Their name; empty where unknown.</param>
/// <param name="HasGrinder">Whether they have a grinder of their own.</param>
/// <param name="UsesLearned">Whether forecasts use what was learned from brews.</param>
/// <param name="Today">The day, in the server's time zone.</param>
public sealed record CurrentBarista(string Barista, bool HasGrinder, bool UsesLearned, DateOnly Today);
