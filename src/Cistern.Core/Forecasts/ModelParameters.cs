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
/// <param name="GrindOffsetUm">Added to the grind's median: by how much a mill is coarser than its table, µm.</param>
public readonly record struct ModelParameters(
    double Diffusivity,
    double CakeResistance,
    double EquilibriumShift,
    double HoldShiftGPerG,
    double Gas,
    double HeatLoss,
    double GrindOffsetUm)
{
    /// <summary>The model as published.</summary>
    public static ModelParameters Published { get; } = new(1, 1, 0, 0, 1, 1, 0);
}
