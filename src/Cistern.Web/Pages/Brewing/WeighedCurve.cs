namespace Cistern.Web.Pages.Brewing;

/// <summary>A scale's readings of a brew, for its chart.</summary>
public static class WeighedCurve
{
    /// <summary>The flow into vessel and cup, s on the brew clock; empty before it starts, or without a scale.</summary>
    /// <param name="brew">The brew.</param>
    /// <param name="recipe">Its plan.</param>
    /// <param name="curves">The readings of its instruments.</param>
    public static IReadOnlyList<WeighedPoint> Of(Brew brew, Recipe recipe, IReadOnlyDictionary<ReadingOf, Curve> curves) =>
        brew.StartedAtMs is { } zeroMs && curves.TryGetValue(ReadingOf.ScaleG, out var weight)
            ? WeightAnalyzer.Weighed(recipe, [.. weight.Points.Select(point => new WeightPoint((point.AtMs - zeroMs) / 1000.0, point.Value))])
            : [];
}
