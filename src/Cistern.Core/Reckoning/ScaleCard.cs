namespace Cistern.Core.Reckoning;

/// <summary>
/// The card a photograph of grains is measured by, in mm of the card: x to the right and y down from the upper left corner of
/// the field the grains lie on.
/// </summary>
public static class ScaleCard
{
    /// <summary>Width of the field for the grains, mm.</summary>
    public const double FieldWidthMm = 90;

    /// <summary>How high it is, mm.</summary>
    public const double FieldHeightMm = 60;

    /// <summary>Distance of the markers' centres from the edge of the field, mm.</summary>
    public const double MarkerOutMm = 10;

    /// <summary>Side of a marker, its black border included, mm.</summary>
    public const double MarkerSideMm = 12;

    /// <summary>Modules along a marker's side, its border included.</summary>
    public const int MarkerModules = 6;

    /// <summary>Length of the line that shows whether the card was printed to scale, mm.</summary>
    public const double RulerMm = 100;

    /// <summary>The printed lengths of the line that are accepted, mm.</summary>
    public const double MinRulerMm = 60, LongestRulerMm = 160;

    /// <summary>
    /// The four markers, 0 to 3 clockwise from the upper left: the first four of the ArUco 4×4 dictionary of fifty. One text per row;
    /// x is a white module inside the border.
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
