namespace Cistern.Core.Readings;

/// <summary>A simulated barista that can be chosen.</summary>
/// <param name="Word">The word by which it is sent and stored.</param>
/// <param name="Label">Its label.</param>
/// <param name="Hands">How they follow a plan.</param>
public sealed record SimulatedHands(string Word, string Label, Hands Hands)
{
    /// <summary>All of them, the steady one first.</summary>
    public static ImmutableArray<SimulatedHands> All { get; } =
    [
        new("steady", "steady", Hands.Steady),
        new("late", "ends the steep 40 s late", Hands.Steady with { SteepEndLateS = 40 }),
        new("early", "ends the steep 25 s early", Hands.Steady with { SteepEndLateS = -25 }),
        new("over", "30 g of water too much", Hands.Steady with { PouredOverG = 30 }),
        new("under", "30 g of water too little", Hands.Steady with { PouredOverG = -30 }),
        new("dose", "3 g of coffee too much", Hands.Steady with { DoseOverG = 3 }),
        new("no-stir", "no stirring", Hands.Steady with { ForgetsStir = true }),
        new("cool", "water 8 K too cool", Hands.Steady with { WaterCoolerK = 8 }),
        new("hard", "pressed in half the time", Hands.Steady with { PressTimeShare = 0.5 }),
        new("weak-flame", "too weak a flame", Hands.Steady with { FlameShare = 0.6 }),
        new("lifted", "the server lifted in the drawdown", Hands.Steady with { CupLifted = true }),
        new("no-server", "no server under it", Hands.Steady with { ServerLeftOff = true }),
        new("unsteady", "unsteady in everything", Hands.Steady with { Unsteady = 3 }),
    ];

    /// <summary>The pair of a word, or null.</summary>
    public static SimulatedHands? Find(string? word) => All.FirstOrDefault(choice => choice.Word == word);
}
