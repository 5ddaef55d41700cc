using System.Collections.Frozen;
using System.Text.Json.Serialization;

namespace Cistern.Web.Wording;

/// <summary>Something to be seen, heard, smelt or felt at a step.</summary>
/// <param name="Code">Its code for storage.</param>
/// <param name="Sign">The sign.</param>
/// <param name="Means">What it means, and what to do.</param>
public sealed record StepSign(string Code, string Sign, string Means)
{
    /// <summary>What it says about how a press or a plunge felt, for learning; null where nothing. Not needed by the page.</summary>
    [JsonIgnore]
    public PressFelt? Felt { get; init; }
}

/// <summary>The signs of each step: the first one shows that it goes well, the others what else may happen.</summary>
public static class StepSigns
{
    internal static readonly StepSign[] Bloom = [new("bloom-swells", "It swells and bubbles", "fresh coffee lets its gas out"), new("bloom-still", "It hardly stirs", "an older coffee: a short bloom is enough"), new("bloom-clumps", "Dry clumps float", "sink them now, or they stay dry")];
    internal static readonly StepSign[] Crust = [new("crust-sweet", "A crust has risen, and smells sweet", "push it back with the spoon and it sinks"), new("crust-gone", "The crust is gone already", "the coffee is old or the water was stirred; turn it once and go on"), new("crust-floats", "Foam and floaters stay up", "skim them, or they make the cup dry")];
    internal static readonly StepSign[] Drain = [new("drain-steady", "A steady stream, the level falls evenly", "leave it alone"), new("drain-quick", "Quick, in half the time", "a coarse grind, or the filter has folded"), new("drain-slow", "Slow", "a fine grind, much stirring, or very fresh coffee"), new("drain-drips", "Only dripping", "it has clogged. A gentle swirl may free it; do not press it")];
    internal static readonly StepSign[] Siphon = [new("siphon-even", "The cup below fills, and bubbles at the end", "the bed is dry when air comes through"), new("siphon-slow", "Slow", "too fine, or the cloth is old: care for it"), new("siphon-stops", "It stops half way", "the seal leaks air. Press the chamber down evenly, with a cloth")];
    internal static readonly StepSign[] Press = [new("press-even", "An even, soft resistance, then a hiss", "stop there") { Felt = PressFelt.Easy }, new("press-hard", "Hard", "stop and ease back, then go slower") { Felt = PressFelt.Hard }, new("press-easy", "Hardly any", "a coarse grind, or the paper is not seated") { Felt = PressFelt.Easy }];
    internal static readonly StepSign[] Plunge = [new("plunge-even", "It goes down under the weight of a hand", "slowly, to the end") { Felt = PressFelt.Easy }, new("plunge-hard", "It stops or springs back", "lift it a little and try again, never lean on it") { Felt = PressFelt.Hard }, new("plunge-easy", "It drops through", "a coarse grind: go on slowly") { Felt = PressFelt.Easy }];
    internal static readonly StepSign[] Bubbles = [new("bubbles-fine", "Fine bubbles, all over", "the flame is right"), new("bubbles-big", "Big bubbles everywhere", "the flame is too strong: turn it down"), new("bubbles-one-place", "Bubbles at one place", "the cloth is off its centre: push it back with the paddle"), new("bubbles-fall-back", "The water falls back", "the flame is too weak: turn it up and wait")];
    internal static readonly StepSign[] Risen = [new("risen-well", "The water has risen, a little stays below", "that little keeps the bulb from running dry"), new("risen-slowly", "It rises slowly or stops", "the chamber is not sealed, or the flame is too weak")];
    internal static readonly StepSign[] Chamber = [new("chamber-seals", "The water climbs at once", "the seal holds"), new("chamber-hisses", "It hisses at the rim", "it is not seated: take it out and seat it again, with a cloth")];
    internal static readonly StepSign[] Flame = [new("flame-steady", "A steady flame under the middle of the bulb", "the bulb dry outside, the chain hanging into it"), new("chain-still", "The chain does not move in small bubbles", "it does not hang into the bulb: hook it before it boils")];
    internal static readonly StepSign[] Boil = [new("boil-rolls", "Boiling hard, with steam", "it boils"), new("boil-rustles", "Single bubbles and a rustle", "not yet: some 85 to 95 °C")];
    internal static readonly StepSign[] Decanted = [new("decant-clear", "Clear to the end", "stop when the first cloud comes"), new("decant-cloudy", "Cloudy from the start", "it was not left to settle, or was moved")];
    internal static readonly StepSign[] Flipped = [new("flip-dry", "Nothing drips before it is down", "the cap is locked and the paper wet"), new("flip-drips", "It drips at the rim", "set it down at once; the cap is not locked")];

    internal static readonly StepSign[] Rinsed = [new("paper-flat", "The paper lies flat all round", "nothing runs past it"), new("paper-bubble", "A bubble under the paper", "lay it flat again, or water runs past the bed")];
    /// <summary>Signs of the spent bed, as in a tasting.</summary>
    internal static readonly StepSign[] Bed = [new("bed-domed", "The bed is domed", "it drained evenly"), new("bed-flat", "Flat", "even, without a stir at the end"), new("bed-pasty-walls", "Paste on the walls", "the water stood high and drained fast"), new("bed-mud", "Mud on top", "fines: coarser, or less stirring"), new("bed-high-and-dry", "Grounds left dry up the side", "they were hardly brewed: pour over them, or swirl")];

    private static readonly FrozenDictionary<string, string> SignByCode = new[] { Bloom, Crust, Drain, Siphon, Press, Plunge, Bubbles, Risen, Chamber, Flame, Boil, Decanted, Flipped, Rinsed, Bed }
        .SelectMany(signs => signs).ToFrozenDictionary(sign => sign.Code, sign => sign.Sign, StringComparer.Ordinal);

    /// <summary>The signs that were seen in a brew, in words; those that this version does not know are omitted.</summary>
    public static IReadOnlyList<string> Answered(Data.Brews.Brew brew) => [.. brew.SignsSeen().OrderBy(one => one.Step).Select(one => SignByCode.GetValueOrDefault(one.Code)).OfType<string>()];

    /// <summary>The signs of what is waited for.</summary>
    internal static IReadOnlyList<StepSign> Of(WaitEvent awaited) => awaited switch
    {
        WaitEvent.Boil => Boil,
        WaitEvent.WaterRisen => Risen,
        WaitEvent.FineBubbles => Bubbles,
        WaitEvent.Hiss => Press,
        WaitEvent.DryBed => Drain,
    };
}
