namespace Cistern.Core.Physics;

/// <summary>What the model knows of a filter.</summary>
/// <param name="Resistance">Of the medium alone, 1/m.</param>
/// <param name="FinesPassed">Mass fraction of the fines that gets through.</param>
public readonly record struct FilterTraits(double Resistance, double FinesPassed)
{
    /// <summary>The traits of a filter. Fitted.</summary>
    public static FilterTraits Of(Filter filter) => filter switch
    {
        Filter.Paper => new(1.0e9, 0.002),
        Filter.DensePaper => new(4.0e9, 0.001),
        Filter.MetalMesh => new(2e7, 0.35),
        Filter.MetalDisc => new(1.5e8, 0.10),
        Filter.Cloth => new(6e8, 0.02),
        Filter.None => new(0, 0.50),
    };
}

/// <summary>What the model knows of one vessel of a given size and material. Fitted per family, scaled by size.</summary>
/// <param name="HeatJPerK">Heat capacity, J/K.</param>
/// <param name="OpenWPerK">Heat lost uncovered, W/K.</param>
/// <param name="LidWPerK">Heat lost covered, W/K.</param>
/// <param name="LevelAreaM2">Area of the liquid's surface, m².</param>
/// <param name="FilterAreaM2">Area of the filter, m²; 0 where there is none.</param>
/// <param name="HoldGPerG">Water the bed keeps, g per g of coffee.</param>
/// <param name="ResidueG">Left behind when it is poured off, g.</param>
/// <param name="AnnulusMl">Water that can stand outside the paper, ml.</param>
/// <param name="SuctionPa">Pull of a cooling bulb, Pa.</param>
/// <param name="Filter">The filter it has.</param>
/// <param name="OutletM2">Area of the hole below the cone, m²; infinite where it slows nothing.</param>
public sealed record Vessel(
    double HeatJPerK,
    double OpenWPerK,
    double LidWPerK,
    double LevelAreaM2,
    double FilterAreaM2,
    double HoldGPerG,
    double ResidueG,
    double AnnulusMl,
    double SuctionPa,
    Filter Filter,
    double OutletM2 = double.PositiveInfinity)
{
    /// <summary>The vessel of a recipe.</summary>
    public static Vessel Of(Brewer brewer)
    {
        var (row, sizeMl, usual) = Row(brewer.Family);
        var scale = Math.Pow(brewer.CapacityMl / sizeMl, 2.0 / 3.0);
        var (heat, loss) = Factors(brewer.Material ?? usual);
        var (usualHeat, usualLoss) = Factors(usual);
        var lossFactor = loss / usualLoss * (brewer.Wrapped ? 0.65 : 1) * scale;
        var smooth = row.AnnulusMl > 0 && brewer.Cone == Cone.Smooth;
        return row with
        {
            HeatJPerK = row.HeatJPerK * scale * heat / usualHeat,
            OpenWPerK = row.OpenWPerK * lossFactor,
            LidWPerK = row.LidWPerK * lossFactor,
            LevelAreaM2 = row.LevelAreaM2 * scale,
            FilterAreaM2 = row.FilterAreaM2 * scale * (smooth ? 0.75 : 1),
            AnnulusMl = smooth ? 5 : row.AnnulusMl,
            Filter = FilterOf(brewer),
            OutletM2 = row.AnnulusMl > 0 && brewer.OutletMm is { } mm ? Math.PI * mm * mm * 1e-6 / 4 : double.PositiveInfinity,
        };
    }

    /// <summary>The usual material of a family: the one its row stands for.</summary>
    public static Material UsualMaterial(BrewerFamily family) => Row(family).Usual;

    /// <summary>How full a vessel or a server may be: foam needs room above.</summary>
    public const double Fullest = 0.95;

    /// <summary>The filter of a brewer: its own, or its family's usual one.</summary>
    public static Filter FilterOf(Brewer brewer) => brewer.Filter ?? UsualFilter(brewer.Family);

    /// <summary>The usual filter of a family.</summary>
    public static Filter UsualFilter(BrewerFamily family) => Row(family).Vessel.Filter;

    private static (Vessel Vessel, double SizeMl, Material Usual) Row(BrewerFamily family) => family switch
    {
        BrewerFamily.FrenchPress => (new(260, 1.15, 0.75, 0.0070, 0.0070, 2.00, 8, 0, 0, Filter.MetalMesh), 1000, Material.Glass),
        BrewerFamily.TubePress => (new(90, 0.55, 0.40, 0.0028, 0.0028, 1.60, 0, 0, 0, Filter.Paper), 280, Material.Plastic),
        BrewerFamily.ValveDripper => (new(130, 0.95, 0.60, 0.0065, 0.0150, 2.05, 0, 15, 0, Filter.Paper), 500, Material.Plastic),
        BrewerFamily.LeverDripper => (new(220, 1.00, 0.70, 0.0060, 0.0190, 2.05, 0, 22, 0, Filter.Paper), 360, Material.Glass),
        BrewerFamily.Siphon => (new(150, 0.80, 0.80, 0.0045, 0.0028, 1.75, 0, 0, 28_000, Filter.Cloth), 360, Material.Glass),
        BrewerFamily.Jar => (new(250, 1.10, 0.80, 0.0050, 0, 2.00, 25, 0, 0, Filter.None), 475, Material.Glass),
    };

    private static (double Heat, double Loss) Factors(Material material) => material switch
    {
        Material.Glass => (1, 1),
        Material.Plastic => (0.6, 0.75),
        Material.Ceramic => (1.6, 0.95),
        Material.Steel => (0.7, 1.05),
        Material.DoubleWall => (0.9, 0.45),
    };
}
