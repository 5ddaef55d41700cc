namespace Cistern.Core.Reckoning;

/// <summary>Coffee and water for a brew.</summary>
/// <param name="DoseG">Dry grounds, g.</param>
/// <param name="WaterG">Water poured, g.</param>
public readonly record struct Batch(double DoseG, double WaterG)
{
    /// <summary>Water per coffee, g/g: the n of 1:n.</summary>
    public double Ratio => WaterG / DoseG;

    /// <summary>Coffee per litre of water, g/L.</summary>
    public double GPerL => 1000 / Ratio;

    /// <summary>The dose and water for a wanted drink, given that the bed keeps some of the water. The solver starts from this.</summary>
    /// <param name="beverageG">Drink wanted in the cup, g.</param>
    /// <param name="ratio">Water per coffee, g/g; must exceed what the bed keeps.</param>
    /// <param name="vessel">The vessel, for what its bed keeps and what is left behind when it is poured off.</param>
    /// <exception cref="ArgumentOutOfRangeException">The bed would keep all the water.</exception>
    /// <remarks>Mass balance: water = beverage + hold × dose + residue.</remarks>
    public static Batch ForBeverage(double beverageG, double ratio, Vessel vessel)
    {
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(ratio, vessel.HoldGPerG);
        var doseG = (beverageG + vessel.ResidueG) / (ratio - vessel.HoldGPerG);
        return new Batch(doseG, doseG * ratio);
    }
}
