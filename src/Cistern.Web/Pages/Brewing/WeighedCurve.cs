using Cistern.Core.Readings;
using Cistern.Core.Recipes;
using Cistern.Data.Brews;

namespace Cistern.Web.Pages.Brewing;

/// <summary>What the scale told of a brew, for its picture.</summary>
public static class WeighedCurve
{
    /// <summary>What ran into the vessel and into the cup, s on the brew clock; nothing before that runs, or without a scale.</summary>
    /// <param name="brew">The brew.</param>
    /// <param name="recipe">Its plan.</param>
    /// <param name="curves">What its instruments showed.</param>
    public static IReadOnlyList<WeighedPoint> Of(Brew brew, Recipe recipe, IReadOnlyDictionary<ReadingOf, Curve> curves) =>
        brew.StartedAtMs is { } zeroMs && curves.TryGetValue(ReadingOf.ScaleG, out var weight)
            ? WeightAnalyzer.Weighed(recipe, [.. weight.Points.Select(point => new WeightPoint((point.AtMs - zeroMs) / 1000.0, point.Value))])
            : [];
}
