namespace Cistern.Core.Forecasts;

/// <summary>
/// How a model differs from the published one. Factors of 1 and shifts of 0 give the published model. Bands vary them by their spread;
/// fitting sets them from a barista's brews.
/// </summary>
/// <param name="Diffusivity">Factor on D of all groups.</param>
/// <param name="CakeResistance">Factor on α.</param>
/// <param name="EquilibriumShift">Added to K of all groups.</param>
/// <param name="HoldShiftGPerG">Added to what the bed keeps, g/g.</param>
/// <param name="Gas">Factor on the gas at the start.</param>
/// <param name="HeatLoss">Factor on UA, of vessel and lid.</param>
/// <param name="GrindOffsetUm">Added to the grind's median, µm: how much coarser a grinder is than its scale says.</param>
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

    /// <summary>Limit on the shift of K: beyond it a group would dissolve completely or hardly at all.</summary>
    private const double MaxShift = 0.15;

    /// <summary>The model as published.</summary>
    public static ModelParameters Published { get; } = new(1, 1, 0, 0, 1, 1, 0);

    /// <summary>A copy with each parameter moved: factors by the exponential of their move, shifts by the move itself.</summary>
    /// <param name="by">A move for each parameter, in the order of declaration.</param>
    /// <param name="times">Multiple of the moves; −1 for the opposite direction.</param>
    public ModelParameters Moved(ReadOnlySpan<double> by, double times = 1) => new(
        Diffusivity * Math.Exp(times * by[0]),
        CakeResistance * Math.Exp(times * by[1]),
        Math.Clamp(EquilibriumShift + (times * by[2]), -MaxShift, MaxShift),
        HoldShiftGPerG + (times * by[3]),
        Gas * Math.Exp(times * by[4]),
        HeatLoss * Math.Exp(times * by[5]),
        GrindOffsetUm + (times * by[6]));
}
