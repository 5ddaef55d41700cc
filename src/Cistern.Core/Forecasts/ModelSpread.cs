namespace Cistern.Core.Forecasts;

/// <summary>Where this brew differs from the unfitted model: 1 and 0 throughout for the model as published.</summary>
/// <param name="Diffusivity">Factor on D of all groups.</param>
/// <param name="CakeResistance">Factor on α.</param>
/// <param name="EquilibriumShift">Added to K of all groups.</param>
/// <param name="HoldShiftGPerG">Added to what the bed keeps, g/g.</param>
/// <param name="Gas">Factor on the gas at the start.</param>
public readonly record struct ModelSpread(double Diffusivity, double CakeResistance, double EquilibriumShift, double HoldShiftGPerG, double Gas)
{
    /// <summary>The model as it stands.</summary>
    public static ModelSpread None { get; } = new(1, 1, 0, 0, 1);
}
