namespace Cistern.Core.Planning;

/// <summary>The usual capacities of brewers, ml.</summary>
public static class CommonSizes
{
    /// <summary>Those of a family, smallest first.</summary>
    public static IReadOnlyList<double> Of(BrewerFamily family) => family switch
    {
        BrewerFamily.FrenchPress => [350, 500, 1_000],
        BrewerFamily.TubePress => [200, 280, 500],
        BrewerFamily.ValveDripper => [300, 500],
        BrewerFamily.LeverDripper => [240, 360, 600],
        BrewerFamily.Siphon => [240, 360, 600],
        BrewerFamily.Jar => [350, 475, 950],
    };
}
