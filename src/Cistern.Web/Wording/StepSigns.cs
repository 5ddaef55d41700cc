using Cistern.Core.Recipes;

namespace Cistern.Web.Wording;

/// <summary>What is seen, heard, smelt or felt at a step.</summary>
/// <param name="Sign">The sign.</param>
/// <param name="Means">What it means, and what to do.</param>
public sealed record StepSign(string Sign, string Means);

/// <summary>The signs of each step: the first is how it goes well, the others say what else it can be.</summary>
public static class StepSigns
{
    internal static readonly StepSign[] Bloom = [new("It swells and bubbles", "fresh coffee lets its gas out; an older one hardly stirs"), new("Dry clumps float", "sink them now, or they stay dry")];
    internal static readonly StepSign[] Crust = [new("A crust has risen, and smells sweet", "push it back with the spoon and it sinks"), new("The crust is gone already", "the coffee is old or the water was stirred; turn it once and go on"), new("Foam and floaters stay up", "skim them, or they make the cup dry")];
    internal static readonly StepSign[] Drain = [new("A steady stream, the level falls evenly", "leave it alone"), new("Quick, in half the time", "a coarse grind, or the filter has folded"), new("Slow", "a fine grind, much stirring, or very fresh coffee"), new("Only dripping", "it has clogged. A gentle swirl may free it; do not press it")];
    internal static readonly StepSign[] Siphon = [new("The cup below fills, and bubbles at the end", "the bed is dry when air comes through"), new("Slow", "too fine, or the cloth is old: care for it"), new("It stops half way", "the seal leaks air. Press the chamber down evenly, with a cloth")];
    internal static readonly StepSign[] Press = [new("An even, soft resistance, then a hiss", "stop there"), new("Hard", "stop and ease back, then go slower"), new("Hardly any", "a coarse grind, or the paper is not seated")];
    internal static readonly StepSign[] Plunge = [new("It goes down under the weight of a hand", "slowly, to the end"), new("It stops or springs back", "lift it a little and try again, never lean on it"), new("It drops through", "a coarse grind: go on slowly")];
    internal static readonly StepSign[] Bubbles = [new("Fine bubbles, all over", "the flame is right"), new("Big bubbles everywhere", "the flame is too strong: turn it down"), new("Bubbles at one place", "the cloth is off its centre: push it back with the paddle"), new("The water falls back", "the flame is too weak: turn it up and wait")];
    internal static readonly StepSign[] Risen = [new("The water has gone up, a little stays below", "that little keeps the bulb from running dry"), new("It rises slowly or stops", "the chamber is not sealed, or the flame is too weak")];
    internal static readonly StepSign[] Chamber = [new("The water climbs at once", "the seal holds"), new("It hisses at the rim", "it is not seated: take it out and seat it again, with a cloth")];
    internal static readonly StepSign[] Flame = [new("A steady flame under the middle of the bulb", "the bulb dry outside, the chain hanging into it"), new("The chain does not move in small bubbles", "it does not hang into the bulb: hook it before it boils")];
    internal static readonly StepSign[] Boil = [new("Rolling, and steam all along", "it boils"), new("Single bubbles and a rustle", "not yet: some 85 to 95 °C")];
    internal static readonly StepSign[] Decanted = [new("Clear to the end", "stop when the first cloud comes"), new("Cloudy from the start", "it was not left to settle, or moved")];
    internal static readonly StepSign[] Flipped = [new("Nothing drips before it stands", "the cap is locked and the paper wet"), new("It drips at the rim", "set it down at once; the cap is not locked")];

    /// <summary>The signs of what is waited for.</summary>
    internal static IReadOnlyList<StepSign> Of(WaitEvent awaited) => awaited switch
    {
        WaitEvent.Boil => Boil,
        WaitEvent.WaterRisen => Risen,
        WaitEvent.FineBubbles => Bubbles,
        WaitEvent.Hiss => Press,
        WaitEvent.DryBed => Drain,
        _ => throw new ArgumentOutOfRangeException(nameof(awaited), awaited, "Something awaited without signs."),
    };
}
