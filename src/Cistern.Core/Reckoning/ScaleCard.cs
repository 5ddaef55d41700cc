namespace Cistern.Core.Reckoning;

/// <summary>
/// The card a photograph of grains is measured by, in mm of the card: x to the right and y down from the upper left corner of
/// the field the grains lie on.
/// </summary>
public static class ScaleCard
{
    /// <summary>How wide the field for the grains is, mm.</summary>
    public const double FieldWidthMm = 90;

    /// <summary>How high it is, mm.</summary>
    public const double FieldHeightMm = 60;

    /// <summary>How far out of the field the centres of the markers are, to each side, mm.</summary>
    public const double MarkerOutMm = 10;

    /// <summary>A marker's side, its black border included, mm.</summary>
    public const double MarkerSideMm = 12;

    /// <summary>How many modules a side has, its border included.</summary>
    public const int MarkerModules = 6;

    /// <summary>The length of the line to check the printing by, mm.</summary>
    public const double RulerMm = 100;

    /// <summary>How short and how long the ruler's line may have been printed, mm: beyond, it was not this card.</summary>
    public const double ShortestRulerMm = 60, LongestRulerMm = 160;

    /// <summary>
    /// The four markers, 0 to 3 clockwise from the upper left: the first four of the ArUco dictionary of 4×4 with fifty, a row a
    /// text, x where a module inside the border is white.
    /// </summary>
    public static IReadOnlyList<IReadOnlyList<string>> Markers { get; } =
    [
        ["x.xx", ".x.x", "..xx", "..x."],
        ["....", "xxxx", "x..x", "x.x."],
        ["..xx", "..xx", "..x.", "xx.x"],
        ["x..x", "x..x", ".x..", ".xx."],
    ];

    /// <summary>The centre of each marker, mm.</summary>
    public static IReadOnlyList<(double X, double Y)> Centres { get; } =
    [
        (-MarkerOutMm, -MarkerOutMm),
        (FieldWidthMm + MarkerOutMm, -MarkerOutMm),
        (FieldWidthMm + MarkerOutMm, FieldHeightMm + MarkerOutMm),
        (-MarkerOutMm, FieldHeightMm + MarkerOutMm),
    ];
}
