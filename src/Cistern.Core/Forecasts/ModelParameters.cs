namespace Cistern.Core.Forecasts;

/// <summary>
/// Where a model differs from the published one: 1 for factors and 0 for shifts throughout is the model as published.
/// Bands shift them by their spread; fitting to a barista's own brews sets them.
/// </summary>
/// <param name="Diffusivity">Factor on D of all groups.</param>
/// <param name="CakeResistance">Factor on α.</param>
/// <param name="EquilibriumShift">Added to K of all groups.</param>
/// <param name="HoldShiftGPerG">Added to what the bed keeps, g/g.</param>
/// <param name="Gas">Factor on the gas at the start.</param>
/// <param name="HeatLoss">Factor on UA, of vessel and lid.</param>
/// <param name="GrindOffsetUm">Added to the grind's median: by how much a grinder is coarser than its table, µm.</param>
public readonly record struct ModelParameters(
    double Diffusivity,
    double CakeResistance,
    double EquilibriumShift,
    double HoldShiftGPerG,
    double Gas,
    double HeatLoss,
    double GrindOffsetUm)
{
    /// <summary>How many there are.</summary>
    public const int Count = 7;

    /// <summary>The furthest that a K may be shifted: beyond it a group would dissolve wholly, or hardly.</summary>
    private const double MostShift = 0.15;

    /// <summary>The model as published.</summary>
    public static ModelParameters Published { get; } = new(1, 1, 0, 0, 1, 1, 0);

    /// <summary>These, moved: factors by the exponential of what they are moved by, the rest by as much.</summary>
    /// <param name="by">A move for each, in the order they are declared.</param>
    /// <param name="times">How often it is made; −1 goes the other way.</param>
    public ModelParameters Moved(ReadOnlySpan<double> by, double times = 1) => new(
        Diffusivity * Math.Exp(times * by[0]),
        CakeResistance * Math.Exp(times * by[1]),
        Math.Clamp(EquilibriumShift + (times * by[2]), -MostShift, MostShift),
        HoldShiftGPerG + (times * by[3]),
        Gas * Math.Exp(times * by[4]),
        HeatLoss * Math.Exp(times * by[5]),
        GrindOffsetUm + (times * by[6]));
}
