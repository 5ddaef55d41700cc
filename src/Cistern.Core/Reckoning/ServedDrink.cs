namespace Cistern.Core.Reckoning;

/// <summary>The drink after brewing: diluted and put on ice, in the order in which that is done. Masses and heat add.</summary>
/// <remarks>
/// A tenth of the heat it brings to the ice is lost to the vessel and the air, once. Ice that is left in goes on melting when warm
/// water is added. Several portions of ice act as one, at their mean temperature.
/// </remarks>
/// <param name="massG">The drink, g.</param>
/// <param name="temperatureC">Its temperature, °C.</param>
public sealed class ServedDrink(double massG, double temperatureC)
{
    /// <summary>Share of the drink's heat above 0 °C that the ice absorbs; the vessel and the air take the rest.</summary>
    private const double HeatToIce = 0.9;

    private double leftG;
    private double coldJPerG;
    private double metG;

    /// <summary>Heat that has not yet met ice, J above 0 °C.</summary>
    private double freshJ = massG * Math.Max(0, temperatureC) * WaterPhysics.SpecificHeat;

    /// <summary>Heat that has met ice, its loss already deducted, J above 0 °C.</summary>
    private double metJ;

    /// <summary>Drink, dilution and melt, g.</summary>
    public double MassG { get; private set; } = massG;

    /// <summary>Its temperature, °C.</summary>
    public double TemperatureC { get; private set; } = temperatureC;

    /// <summary>Ice put there, g.</summary>
    public double IceG { get; private set; }

    /// <summary>Ice that has melted, g.</summary>
    public double MeltG { get; private set; }

    /// <summary>
    /// The least ice that would have cooled the drink to the wanted temperature, or else to the temperature it ends at, g.
    /// </summary>
    public double LeastIceG { get; private set; }

    /// <summary>Ice that melts only while the drink is drunk, g: of a large block, or in the glass.</summary>
    public double LaterG { get; private set; }

    /// <summary>Where there was too little ice, the temperature reached and the one wanted, °C; otherwise null.</summary>
    public (double ReachedC, double WantedC)? Short { get; private set; }

    /// <summary>Dilutes it.</summary>
    /// <param name="waterG">Water, g.</param>
    /// <param name="waterC">Its temperature, °C.</param>
    public void Dilution(double waterG, double waterC)
    {
        freshJ += waterG * waterC * WaterPhysics.SpecificHeat;
        MassG += waterG;
        TemperatureC = MassG > 0 ? (freshJ + metJ) / (MassG * WaterPhysics.SpecificHeat) : TemperatureC;
        if (leftG > 0)
        {
            Melt(wantedC: null);
        }
    }

    /// <summary>Puts it on ice.</summary>
    /// <param name="iceG">Ice, g.</param>
    /// <param name="iceC">Its temperature, °C, not above 0.</param>
    /// <param name="wantedC">The temperature at which the drink is taken off the ice, °C; null leaves it on.</param>
    /// <param name="met">Share of the ice that can melt before the drink is drunk, 0 to 1.</param>
    public void Chill(double iceG, double iceC, double? wantedC, double met = 1)
    {
        // What is strained off melts in nothing.
        LaterG += wantedC is null ? (1 - met) * iceG : 0;
        IceG += (1 - met) * iceG;
        iceG *= met;
        var coldJ = (WaterPhysics.IceSpecificHeat * Math.Abs(iceC)) + WaterPhysics.Fusion;
        coldJPerG = leftG + iceG > 0 ? ((coldJPerG * leftG) + (coldJ * iceG)) / (leftG + iceG) : coldJ;
        leftG += iceG;
        IceG += iceG;
        metG += iceG;
        Melt(wantedC);
        if (wantedC is not null)
        {
            // Strained off: nothing of it goes on melting.
            leftG = 0;
        }
    }

    private void Melt(double? wantedC)
    {
        metJ += HeatToIce * freshJ;
        freshJ = 0;
        var endC = Math.Min(wantedC ?? 0, Math.Max(0, TemperatureC));
        var neededG = NeededG(endC);
        var before = MeltG;
        var meltG = Math.Min(neededG, leftG);
        metJ -= meltG * coldJPerG;
        leftG -= meltG;
        MassG += meltG;
        MeltG += meltG;
        TemperatureC = neededG <= leftG + meltG ? endC : metJ / (WaterPhysics.SpecificHeat * MassG);
        metJ = TemperatureC * MassG * WaterPhysics.SpecificHeat;
        Short = wantedC is { } wanted && TemperatureC > wanted + 0.05 ? (TemperatureC, wanted) : wantedC is null ? Short : null;
        // Left in, it is wanted as cold as it ends.
        var leastG = before + (wantedC is null ? meltG : neededG);
        LeastIceG = metG > 0 ? leastG * IceG / metG : leastG;
    }

    /// <summary>Ice that must melt to cool the drink to a temperature, g.</summary>
    private double NeededG(double endC) => Math.Max(0, (metJ - (MassG * WaterPhysics.SpecificHeat * endC)) / (coldJPerG + (WaterPhysics.SpecificHeat * endC)));
}
