namespace Cistern.Core.Records;

/// <summary>
/// What can be wrong with a cup, a bed or a flow. Those up to <see cref="PastyWalls"/> can be chosen from the list and are in the brew
/// file; others are derived from words or figures.
/// </summary>
public enum Complaint
{
    /// <summary>Sour.</summary>
    Sour,

    /// <summary>Bitter.</summary>
    Bitter,

    /// <summary>Dry in the mouth.</summary>
    Astringent,

    /// <summary>Thin.</summary>
    Thin,

    /// <summary>Heavy.</summary>
    Heavy,

    /// <summary>Too weak.</summary>
    Weak,

    /// <summary>Too strong.</summary>
    Strong,

    /// <summary>Hollow: too little of everything, sour or bitter.</summary>
    Hollow,

    /// <summary>Mud in the cup.</summary>
    Muddy,

    /// <summary>Too cool in the cup.</summary>
    TooCool,

    /// <summary>Too little in the cup.</summary>
    TooLittle,

    /// <summary>Done too late.</summary>
    TooLate,

    /// <summary>Hard to press.</summary>
    PressHard,

    /// <summary>Too easy to press.</summary>
    PressEasy,

    /// <summary>The drawdown was slow.</summary>
    DrawdownSlow,

    /// <summary>The drawdown was fast.</summary>
    DrawdownFast,

    /// <summary>The drawdown stalled.</summary>
    Stalled,

    /// <summary>Grounds were left high and dry.</summary>
    HighAndDry,

    /// <summary>Grounds stick to the walls as a paste.</summary>
    PastyWalls,

    /// <summary>Tastes of paper.</summary>
    Papery,

    /// <summary>Flat, without life.</summary>
    Flat,

    /// <summary>Done too early for what was set.</summary>
    TooEarly,

    /// <summary>A siphon's water fell back.</summary>
    FellBack,

    /// <summary>The first of it was weak.</summary>
    WeakRunoff,
}

/// <summary>The complaints in a barista's words.</summary>
public static class ComplaintList
{
    /// <summary>Those that can be chosen, as in the brew file.</summary>
    public static ImmutableArray<Complaint> Said { get; } = [.. Enum.GetValues<Complaint>().Where(one => one <= Complaint.PastyWalls)];

    /// <summary>The complaint for a word of the brew file, or null.</summary>
    public static Complaint? Find(string word) => Words<Complaint>.Find(word) is { } one && one <= Complaint.PastyWalls ? one : null;

    /// <summary>The complaints for a stored list of words, separated by blanks; words that this version does not know are ignored.</summary>
    public static ImmutableArray<Complaint> Read(string words) => [.. words.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(Find).OfType<Complaint>().Distinct()];
}

/// <summary>What a taster knows went differently, where the brew did not record it.</summary>
public enum WentWrong
{
    /// <summary>Ended late.</summary>
    ReleasedLate,

    /// <summary>Ended early.</summary>
    ReleasedEarly,

    /// <summary>Left standing on the grounds.</summary>
    LeftOnGrounds,

    /// <summary>The lid was forgotten.</summary>
    LidForgotten,

    /// <summary>A stir was forgotten.</summary>
    StirForgotten,

    /// <summary>The clock was started late.</summary>
    ClockLate,

    /// <summary>The plunger stuck.</summary>
    PlungerStuck,

    /// <summary>Too much water.</summary>
    PouredOver,

    /// <summary>Too little water.</summary>
    PouredUnder,

    /// <summary>Too much coffee.</summary>
    DoseOver,

    /// <summary>Too little coffee.</summary>
    DoseUnder,

    /// <summary>The water was too cool.</summary>
    WaterCool,

    /// <summary>The water was too hot.</summary>
    WaterHot,
}
